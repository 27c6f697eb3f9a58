package amberlens.media.proof;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Release;
import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.files.FileWords;
import amberlens.files.PartFiles;
import amberlens.files.WholeFile;
import amberlens.media.export.ExportProgress;
import amberlens.media.export.FrameSource;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.xml.stream.XMLStreamException;

/**
 * What is proved of a project, as one HTML page that holds its pictures itself and can be printed.
 *
 * @param project what is proved
 * @param origin where it comes from
 * @param shapes what was found of the same film in other shapes, a line for each
 */
public record Proof(Project project, Origin origin, List<Shape> shapes) {
    /**
     * The film in one of its deliveries.
     *
     * @param words what was found there
     */
    public record Shape(String name, boolean sealed, String words) {
        public static Shape of(String name, List<ShotCheck> checks) {
            return new Shape(name, checks.stream().allMatch(ShotCheck::sealed), CheckWords.verdict(checks));
        }
    }

    /** Of one shape alone. */
    public Proof(Project project, Origin origin) {
        this(project, origin, List.of());
    }

    /** How large its pictures are at most, in pixels of the page. */
    private static final int PICTURE_WIDTH = 400;

    private static final int PICTURE_HEIGHT = 300;

    /**
     * Where a project comes from.
     *
     * @param file its name, where it has one
     * @param hash SHA-256 of the file, where the project is as it stands in the file
     * @param at when it is proved
     */
    public record Origin(Optional<String> file, Optional<String> hash, ZonedDateTime at) {}

    /**
     * Writes the page; an existing file is replaced. A picture that cannot be rendered is named in its place.
     *
     * @return what was found of each shot, or nothing where it was cancelled, and then nothing is left behind
     * @throws FileProblem when the page cannot be written
     */
    public Optional<List<ShotCheck>> write(Path destination, FrameSource frames, ExportProgress progress)
            throws FileProblem {
        List<ShotCheck> checks = LineUp.inTime(project).parallelStream()
                .map(shot -> ShotCheck.of(project, shot))
                .toList();
        try {
            WholeFile.makeFolder(destination);
            PartFiles.removeBeside(destination);
            try (WholeFile whole = WholeFile.beside(destination)) {
                try (var stream = new BufferedOutputStream(Files.newOutputStream(whole.path()))) {
                    if (!page(checks, new Html(stream), frames, progress)) {
                        return Optional.empty();
                    }
                }
                whole.forceToDisk();
                whole.intoPlace();
            }
            return Optional.of(checks);
        } catch (IOException e) {
            throw FileWords.cannotWrite(destination, e);
        } catch (XMLStreamException e) {
            throw FileWords.cannotWrite(destination, e.getNestedException() instanceof IOException io ? io : e);
        }
    }

    private boolean page(List<ShotCheck> checks, Html page, FrameSource frames, ExportProgress progress)
            throws XMLStreamException, IOException {
        page.open("html", "lang", "en");
        head(page);
        page.open("body");
        summary(checks, page);
        boolean goesOn = true;
        for (int i = 0; goesOn && i < checks.size(); i++) {
            shot(checks.get(i), page, frames);
            goesOn = progress.done(i + 1, checks.size());
        }
        page.text("footer", "Proved by " + Release.WORDS + ".");
        page.end();
        return goesOn;
    }

    private void head(Html page) throws XMLStreamException, IOException {
        page.open("head");
        page.empty("meta", "charset", "utf-8");
        page.empty("meta", "name", "viewport", "content", "width=device-width, initial-scale=1");
        page.text("title", "Proof of " + project.name());
        try (var style = Proof.class.getResourceAsStream("proof.css")) {
            if (style == null) {
                throw new IOException("the style of the proof is not there");
            }
            page.text("style", new String(style.readAllBytes(), StandardCharsets.UTF_8));
        }
        page.close();
    }

    private void summary(List<ShotCheck> checks, Html page) throws XMLStreamException {
        boolean open = checks.stream().anyMatch(check -> !check.sealed())
                || shapes.stream().anyMatch(shape -> !shape.sealed());
        FrameRate rate = project.frame().rate();
        page.open("header");
        page.text("h1", project.name());
        page.text(
                "p",
                checks.isEmpty() ? "The line-up has no shot." : CheckWords.verdict(checks),
                "class",
                open ? "verdict is-open" : "verdict");
        for (Shape shape : shapes) {
            page.text(
                    "p",
                    "In " + shape.name() + ": " + shape.words(),
                    "class",
                    shape.sealed() ? "verdict" : "verdict is-open");
        }
        page.open("dl");
        row(page, "Frame", project.frameSize() + ", " + rate + " frames a second");
        row(page, "Length", Timecode.of(LineUp.length(project), rate) + ", " + Counted.of(checks.size(), "shot"));
        if (origin.file().isPresent()) {
            row(page, "File", origin.file().get());
        }
        row(page, "SHA-256", origin.hash().orElse("none: the project has changes that are not saved"));
        row(page, "Judged", origin.at().format(DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm z", Locale.ENGLISH)));
        row(page, "By", Release.WORDS);
        page.close();
        page.open("svg", "class", "patterns", "width", "0", "height", "0", "aria-hidden", "true");
        page.open("pattern", "id", "hatched", "width", "6", "height", "6", "patternUnits", "userSpaceOnUse");
        page.empty("path", "d", "M-1 7L7 -1M-1 1L1 -1M5 7L7 5");
        page.close();
        page.close();
        page.close();
    }

    private void shot(ShotCheck check, Html page, FrameSource frames) throws XMLStreamException, IOException {
        Shot shot = check.shot();
        FrameRate rate = project.frame().rate();
        page.open("article", "class", check.sealed() ? "shot" : "shot is-open");
        page.open("h2");
        page.text("span", shot.name());
        page.text("small", shot.id() + " · " + words(project.mediaOf(shot)));
        page.close();
        page.open("div", "class", "pictures");
        for (int frame : shown(check)) {
            boolean worst = !check.sealed() && frame == check.worstFrame();
            page.open("figure");
            picture(shot, frame, page, frames);
            page.text(
                    "figcaption",
                    Timecode.of(shot.start() + frame, rate) + ", frame " + frame + (worst ? ", furthest open" : ""));
            page.close();
        }
        page.close();
        if (check.judged()) {
            MarginCurve.write(check, page);
        }
        page.open("dl");
        for (String line : CheckWords.edges(project, check)) {
            row(page, "Edges", line);
        }
        for (String line : CheckWords.planes(project, check)) {
            row(page, "Planes", line);
        }
        for (String line : CheckWords.marks(project, check)) {
            row(page, "Marks", line);
        }
        row(page, "Enlargement", CheckWords.enlargement(check));
        row(page, "Pace", CheckWords.pace(project, check));
        row(
                page,
                "In the line-up",
                Timecode.of(shot.start(), rate) + ", " + Counted.of(shot.length(), "frame") + ", track "
                        + shot.track());
        if (check.judged()) {
            row(page, "Judged", CheckWords.judgedBy(project, check));
        }
        page.close();
        page.close();
    }

    /** The file of media, or what they are without one. */
    private static String words(Media media) {
        return media.hasFile() ? media.fileName() : media.kind().name().toLowerCase(Locale.ROOT);
    }

    /** The first, the middle and the last frame, and the one that is furthest open; fewer of a short shot. */
    private static int[] shown(ShotCheck check) {
        int last = check.shot().length() - 1;
        return IntStream.of(0, last / 2, last, check.sealed() ? 0 : check.worstFrame())
                .sorted()
                .distinct()
                .toArray();
    }

    private void picture(Shot shot, int frame, Html page, FrameSource frames) throws XMLStreamException, IOException {
        Size size = project.frameSize().fittedInto(PICTURE_WIDTH, PICTURE_HEIGHT);
        List<String> attributes = new ArrayList<>(List.of(
                "width",
                String.valueOf(size.width()),
                "height",
                String.valueOf(size.height()),
                "alt",
                shot.name() + ", frame " + frame));
        try {
            attributes.add("src");
            attributes.add(SmallPicture.address(frames.frame(shot.start() + frame, size)));
            page.empty("img", attributes.toArray(String[]::new));
        } catch (FileProblem e) {
            page.text("p", String.valueOf(e.getMessage()), "class", "missing");
        }
    }

    private static void row(Html page, String name, String value) throws XMLStreamException {
        page.text("dt", name);
        page.text("dd", value);
    }
}
