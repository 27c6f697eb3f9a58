package amberlens.desktop.shelf.intake;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Distrusted;
import amberlens.desktop.work.services.Services;
import amberlens.files.FileWords;
import amberlens.media.footage.NumberedPictures;
import amberlens.media.intake.Conformed;
import amberlens.media.intake.MediaProbe;
import amberlens.media.intake.MissingMedia;
import amberlens.media.pixels.PixelKey;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Brings pictures, footage and sounds onto the shelf: headers are read in the background, all good files go in as one step. */
public final class MediaImport {
    private static final int TOLD = 12;

    private final Desk desk;
    private final Services services;
    private final Overlay overlay;
    private final Runnable added;

    /**
     * @param added runs when media have come onto the shelf
     */
    public MediaImport(Desk desk, Services services, Overlay overlay, Runnable added) {
        this.added = added;
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
    }

    /** Takes files and what lies in folders; where several are numbered alike it asks whether they are a sequence. */
    public void add(List<Path> files) {
        add(files, _ -> {});
    }

    /**
     * Likewise.
     *
     * @param then takes the media of the files that could be read, in their order, also of those that were there before
     */
    public void add(List<Path> files, Consumer<List<Media>> then) {
        if (files.stream().anyMatch(Files::isDirectory)) {
            start(() -> opened(files), inside -> addFiles(inside, then));
        } else {
            addFiles(files, then);
        }
    }

    /** Files as they are, and in place of a folder the files in it, by name. */
    private static List<Path> opened(List<Path> files) {
        List<Path> all = new ArrayList<>();
        for (Path file : files) {
            try (Stream<Path> inside = Files.isDirectory(file) ? Files.list(file) : Stream.of(file)) {
                inside.filter(Files::isRegularFile).sorted().forEach(all::add);
            } catch (IOException | UncheckedIOException _) {
                all.add(file); // reading it will say why it cannot be read
            }
        }
        return all;
    }

    private void addFiles(List<Path> files, Consumer<List<Media>> then) {
        if (files.isEmpty()) {
            return;
        }
        List<List<Path>> groups = NumberedPictures.grouped(
                files.stream().filter(file -> !isAlone(file)).toList());
        List<Path> alone = files.stream().filter(MediaImport::isAlone).toList();
        long sequences = groups.stream().filter(group -> group.size() > 1).count();
        if (sequences == 0) {
            read(files.stream().map(List::of).toList(), then);
            return;
        }
        List<List<Path>> asSequences = new ArrayList<>(groups);
        alone.forEach(file -> asSequences.add(List.of(file)));
        int pictures = groups.stream().mapToInt(List::size).sum();
        overlay.ask(
                "Are these numbered pictures a time-lapse?",
                "Of " + pictures + " pictures " + (sequences == 1 ? "one row is" : sequences + " rows are")
                        + " numbered one after the other.",
                List.of(
                        new Overlay.Answer(
                                sequences == 1 ? "One sequence" : sequences + " sequences",
                                true,
                                () -> read(asSequences, then)),
                        new Overlay.Answer(
                                "Single pictures",
                                false,
                                () -> read(files.stream().map(List::of).toList(), then)),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }

    /** Films and sounds are no numbered pictures, whatever they are called. */
    private static boolean isAlone(Path file) {
        return MediaProbe.isFilm(file) || MediaProbe.isSound(file);
    }

    /** What was found for a project is of no use to another one that was opened meanwhile. */
    private <T> void start(Work.Compute<T> compute, Consumer<T> whenDone) {
        start(Work.of(compute, whenDone));
    }

    private void start(Work<?> work) {
        Object asked = desk.document().identity();
        services.background().start(work.takesLong().atEnd(() -> {
            if (desk.document().identity() != asked) {
                desk.say("Another project was opened meanwhile, so the files were not added.");
            }
        }));
    }

    private void read(List<List<Path>> groups, Consumer<List<Media>> then) {
        FrameRate rate = desk.document().project().frame().rate();
        Set<PixelKey> known = desk.document().settled().media().stream()
                .filter(Media::hasFile)
                .map(media -> PixelKey.of(media, 0))
                .collect(Collectors.toSet());
        start(Work.<Looked>watched(
                work -> {
                    var looked = new Looked(known);
                    for (int i = 0; i < groups.size() && work.isWanted(); i++) {
                        int now = i + 1;
                        work.tell(() -> desk.say("Reading file " + now + " of " + groups.size() + " …"));
                        looked.at(groups.get(i), rate, services.distrusted());
                    }
                    return looked;
                },
                looked -> {
                    take(looked.good, looked.problems, looked.remarks);
                    then.accept(with(looked.paths));
                },
                desk::say));
    }

    /** What was found in files. */
    private static final class Looked {
        private final Set<PixelKey> known;
        private final List<Media> good = new ArrayList<>();
        private final List<String> paths = new ArrayList<>();
        private final List<String> problems = new ArrayList<>();
        private final List<String> remarks = new ArrayList<>();

        Looked(Set<PixelKey> known) {
            this.known = known;
        }

        void at(List<Path> group, FrameRate rate, Distrusted distrusted) {
            try {
                List<MediaProbe.Found> all = group.size() > 1
                        ? List.of(MediaProbe.sequence(group, rate))
                        : MediaProbe.all(group.getFirst(), distrusted);
                paths.add(all.getFirst().media().path());
                for (MediaProbe.Found found : all) {
                    if (known.add(PixelKey.of(found.media(), 0))) {
                        good.add(found.media());
                    }
                    found.remark().ifPresent(remarks::add);
                }
                if (all.size() > 1) {
                    remarks.add(all.getFirst().media().fileName() + " has " + all.size()
                            + " pages; each is a picture of its own.");
                }
            } catch (FileProblem e) {
                problems.add(e.getMessage());
            } catch (Throwable e) { // whatever one file does, the others are read
                problems.add(group.getFirst() + " could not be read: " + FileWords.reason(e) + ".");
            }
        }
    }

    private List<Media> with(List<String> paths) {
        return paths.stream()
                .distinct()
                .flatMap(path -> desk.document().project().media().stream()
                        .filter(media -> media.path().equals(path)))
                .toList();
    }

    /** Holds a project that was just opened against its files; what is not as it says is taken as it is, and told. */
    public void conform() {
        Project opened = desk.document().whole();
        services.background()
                .start(Work.of(() -> Conformed.of(opened, services.distrusted()), this::conform)
                        .takesLong());
    }

    private void conform(Conformed conformed) {
        if (!conformed.changed().isEmpty()) {
            desk.document().applyBeside(MediaEdits.conform(conformed.changed()));
            tell(conformed.remarks(), "Files differ from the project");
        }
    }

    private void tell(List<String> lines, String title) {
        int more = lines.size() - TOLD;
        String text = lines.stream().limit(TOLD).collect(Collectors.joining("\n"))
                + (more > 0 ? "\n… and " + more + " more" : "");
        overlay.tell(title, text);
    }

    private void take(List<Media> good, List<String> problems, List<String> remarks) {
        desk.say("");
        if (!good.isEmpty()) {
            desk.document().applyBeside(MediaEdits.addAll(good));
            added.run();
        }
        List<String> lines = new ArrayList<>(problems);
        lines.addAll(remarks);
        if (!lines.isEmpty()) {
            tell(
                    lines,
                    problems.isEmpty()
                            ? "Notes"
                            : problems.size() == 1 ? "A file was left out" : problems.size() + " files were left out");
        }
    }

    /** Takes another file for missing media, and looks beside it for whatever else is missing. */
    public void find(Media media, Path file) {
        Project project = desk.document().whole();
        start(Work.of(
                () -> {
                    Map<String, Path> files = new LinkedHashMap<>();
                    files.put(media.id(), file);
                    Path folder = file.toAbsolutePath().getParent();
                    List<Media> others = MissingMedia.among(project.media()).stream()
                            .filter(other -> !other.id().equals(media.id()))
                            .toList();
                    MissingMedia.find(others, folder).forEach(files::putIfAbsent);
                    return read(files, project);
                },
                this::found,
                why -> overlay.tell("That picture cannot be used", why)));
    }

    /** Looks for all missing media in a folder and those below it. */
    public void findAll(Path folder) {
        Project project = desk.document().whole();
        List<Media> all = project.media();
        desk.say("Looking for missing pictures …");
        start(Work.of(
                () -> {
                    List<Media> missing = MissingMedia.among(all);
                    return new Search(missing.size(), read(MissingMedia.find(missing, folder), project));
                },
                search -> {
                    found(search.found);
                    desk.say(search.words());
                },
                why -> overlay.tell("A picture that was found cannot be used", why)));
    }

    /** How many were missing, and what was found of them. */
    private record Search(int missing, Map<String, Media> found) {
        String words() {
            return missing == 0
                    ? "No picture is missing."
                    : found.size() + " of " + Counted.of(missing, "missing picture")
                            + (found.size() == 1 ? " was found." : " were found.");
        }
    }

    private Map<String, Media> read(Map<String, Path> files, Project project) throws FileProblem {
        Map<String, Media> found = new LinkedHashMap<>();
        for (var entry : files.entrySet()) {
            Optional<Media> wanted = project.media(entry.getKey());
            FrameRate rate = project.frame().rate();
            found.put(entry.getKey(), instead(wanted, entry.getValue(), rate).media());
        }
        return found;
    }

    private MediaProbe.Found instead(Optional<Media> wanted, Path file, FrameRate rate) throws FileProblem {
        if (wanted.filter(media -> media.kind() == Media.Kind.SEQUENCE).isPresent()) {
            return MediaProbe.sequence(List.of(file), rate);
        }
        int page = wanted.map(Media::page).orElse(1);
        return page > 1 ? MediaProbe.picture(file, page) : MediaProbe.file(file, services.distrusted());
    }

    private void found(Map<String, Media> found) {
        if (found.isEmpty()) {
            return;
        }
        for (Media media : desk.document().settled().media()) {
            if (found.containsKey(media.id())) {
                services.cache().forget(Path.of(media.path()));
                services.sounds().forget(Path.of(media.path()));
            }
        }
        services.made().forget();
        desk.document().applyBeside(MediaEdits.find(found));
    }
}
