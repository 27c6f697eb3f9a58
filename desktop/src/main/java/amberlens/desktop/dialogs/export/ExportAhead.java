package amberlens.desktop.dialogs.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.words.Counted;
import amberlens.core.edit.check.OutputEdge;
import amberlens.core.edit.check.ShotMarks;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.queue.ExportHistory;
import amberlens.desktop.work.services.Services;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import amberlens.media.export.FrameSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** What is going to be exported: its first frame, how long and how large it will be, and what is to be known of it before. */
final class ExportAhead extends HBox {
    private static final Size PICTURE = new Size(160, 110);

    private final Desk desk;
    private final Services services;
    private final ExportForm form;
    private final Consumer<Boolean> open;
    private final ImageView picture = new ImageView();
    private final Label film = new Label();
    private final Label cost = new Label();
    private final Label findings = new Label();
    private @Nullable Work<?> looking;
    private @Nullable Work<?> showing;

    /** @param open is told whether edges are open */
    ExportAhead(Desk desk, Services services, ExportForm form, Consumer<Boolean> open) {
        super(14);
        this.open = open;
        this.desk = desk;
        this.services = services;
        this.form = form;
        picture.setId("export-picture");
        film.setId("export-film");
        cost.setId("export-cost");
        findings.setId("export-findings");
        cost.getStyleClass().add("quiet");
        Stream.of(film, cost, findings).forEach(label -> {
            label.setWrapText(true);
            TextSizes.maxWidth(label, 350);
        });
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(picture, new VBox(4, film, cost, findings));
        form.whenChanged(this::refresh);
        refresh();
    }

    private void refresh() {
        Optional<List<ExportJob>> jobs = jobs();
        picture.setVisible(jobs.isPresent());
        film.setText(jobs.map(ExportAhead::film).orElse(""));
        cost.setText(jobs.map(this::cost).orElse(""));
        jobs.ifPresent(this::show);
        look(jobs.orElse(List.of()));
    }

    /** What the answers ask for so far; nothing while they make no sense. */
    private Optional<List<ExportJob>> jobs() {
        try {
            return Optional.of(form.jobs(true)).filter(jobs -> !jobs.isEmpty()).filter(jobs -> jobs.stream()
                    .noneMatch(job -> job.settings().format().soundAlone().isPresent()));
        } catch (FileProblem e) {
            return Optional.empty(); // it is told when somebody wants to export
        }
    }

    private static int frames(ExportJob job) {
        return job.settings().times(job.project().frame()).count();
    }

    private static double megapixels(ExportJob job) {
        return frames(job) * job.settings().size().area() / 1e6;
    }

    private static String film(List<ExportJob> jobs) {
        int frames = jobs.stream().mapToInt(ExportAhead::frames).sum();
        double seconds = jobs.stream()
                .mapToDouble(job -> frames(job)
                        / job.settings()
                                .rate()
                                .orElse(job.project().frame().rate())
                                .perSecond())
                .sum();
        return (jobs.size() > 1 ? jobs.size() + " films, " : "")
                + String.format(Locale.ROOT, "%d frames, %.1f s", frames, seconds);
    }

    private String cost(List<ExportJob> jobs) {
        ExportSettings settings = jobs.getFirst().settings();
        double megapixels = jobs.stream().mapToDouble(ExportAhead::megapixels).sum();
        var history = new ExportHistory(desk.preferences());
        String quickest = history.quickest(settings.quality())
                .filter(format -> format != settings.format())
                .map(format -> " Quickest here so far: " + format.words() + ".")
                .orElse("");
        return history.of(settings)
                        .map(pace -> pace.words(megapixels))
                        .orElse("No estimate: nothing was exported like this yet.")
                + quickest;
    }

    private void show(List<ExportJob> jobs) {
        ExportJob job = jobs.getFirst();
        Project project = job.project();
        Size size = Pictures.onDevice(
                project.frameSize().fittedInto(PICTURE.width(), PICTURE.height()), Pictures.deviceScale(this));
        picture.setFitWidth(size.width() / Pictures.deviceScale(this));
        picture.setPreserveRatio(true);
        if (showing != null) {
            showing.cancel();
        }
        showing = services.background()
                .start(Work.of(
                                () -> new FrameSource(project, services.cache(), services.rows())
                                        .frame(job.settings().frames().from(), size),
                                raster -> picture.setImage(Pictures.image(raster)),
                                _ -> picture.setImage(null)) // what cannot be read is told when it is exported
                        .takesLong());
    }

    /** Looks for open edges, cut marks and soft shots in the background. */
    private void look(List<ExportJob> jobs) {
        if (looking != null) {
            looking.cancel();
        }
        findings.setText("");
        open.accept(false);
        if (jobs.isEmpty()) {
            return;
        }
        List<Project> marked =
                jobs.stream().map(job -> services.marks().in(job.project())).toList();
        looking = services.background().start(Work.of(() -> findings(jobs, marked), this::found, findings::setText));
    }

    private void found(Findings now) {
        findings.setText(now.words());
        findings.getStyleClass().remove("problem");
        if (now.open() + now.cut() + now.soft() > 0) {
            findings.getStyleClass().add("problem");
        }
        open.accept(now.open() > 0);
    }

    /** How many edges are open, marks cut, and shots soft in what is asked for. */
    private record Findings(long open, long cut, long soft) {
        String words() {
            List<String> words = new ArrayList<>();
            add(words, open, "open edge");
            add(words, cut, "cut mark");
            add(words, soft, "soft shot");
            return words.isEmpty() ? "No edge is open, no mark is cut, nothing is soft." : String.join(" · ", words);
        }

        private static void add(List<String> words, long count, String word) {
            if (count > 0) {
                words.add(Counted.of(count, word));
            }
        }
    }

    private static Findings findings(List<ExportJob> jobs, List<Project> marked) {
        long open = 0;
        long cut = 0;
        long soft = 0;
        for (int i = 0; i < jobs.size(); i++) {
            ExportJob job = jobs.get(i);
            Project project = marked.get(i);
            open += OutputEdge.of(
                            job.project(), job.settings().times(job.project().frame()))
                    .size();
            for (Shot shot : seen(job)) {
                cut += ShotMarks.of(project, shot).size();
                soft += isSoft(job.project(), shot) ? 1 : 0;
            }
        }
        return new Findings(open, cut, soft);
    }

    private static boolean isSoft(Project project, Shot shot) {
        return !project.isDrawn(shot)
                && !Enlargement.isWithin(
                        Enlargement.greatest(project.take(shot)).percent(), Enlargement.UNNOTICED);
    }

    private static List<Shot> seen(ExportJob job) {
        FrameSpan span = job.settings().frames();
        return job.project().shots().stream()
                .filter(shot ->
                        shot.onLineUp().from() <= span.to() && shot.onLineUp().to() >= span.from())
                .filter(shot -> !job.project().isRig(shot) && !job.project().isTitle(shot))
                .toList();
    }
}
