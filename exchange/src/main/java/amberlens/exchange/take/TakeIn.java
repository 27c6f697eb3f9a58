package amberlens.exchange.take;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.KeyClip;
import amberlens.exchange.csv.KeyTable;
import amberlens.exchange.cut.CutList;
import amberlens.exchange.cut.LineUpOf;
import amberlens.exchange.cut.NearbyFiles;
import amberlens.exchange.cut.Probe;
import amberlens.exchange.cut.Taken;
import amberlens.exchange.edl.EditList;
import amberlens.exchange.otio.TimelineReader;
import amberlens.files.FileWords;
import amberlens.files.RegularFile;
import amberlens.project.ClipText;
import amberlens.project.MediaPaths;
import amberlens.project.ProjectFile;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Takes edits and moves of other programs in: what a file is, is told by what it holds. */
public final class TakeIn {
    private static final long LARGEST_BYTES = 64L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    /**
     * What a person says beside the file; each may be empty.
     *
     * @param media whose move it is, where the file names no picture, or another one than it names
     * @param frame of the project, in frame pixels
     * @param rate of the project
     */
    public record Wishes(Optional<Path> media, Optional<Size> frame, Optional<FrameRate> rate) {
        public static final Wishes NONE = new Wishes(Optional.empty(), Optional.empty(), Optional.empty());
    }

    private final Path file;
    private final Wishes wishes;
    private final Probe probe;

    private TakeIn(Path file, Wishes wishes, Probe probe) {
        this.file = file;
        this.wishes = wishes;
        this.probe = probe;
    }

    /**
     * A project of what a file holds: the line-up of an OpenTimelineIO timeline or an edit list, or one shot with the move of a table of keys or
     * of copied keys.
     *
     * @throws FileProblem naming the file and what was expected
     */
    public static Taken from(Path file, Wishes wishes, Probe probe) throws FileProblem {
        String text = text(file);
        try {
            return new TakeIn(file, wishes, probe).taken(text);
        } catch (FileProblem e) {
            throw e.getMessage().contains(file.toString())
                    ? e
                    : new FileProblem(file + " cannot be imported: " + ended(e.getMessage()), e);
        } catch (IllegalArgumentException e) { // a value that no part of a project can have, which says so itself
            throw new FileProblem(file + " cannot be imported: " + ended(String.valueOf(e.getMessage())), e);
        }
    }

    private static String ended(String message) {
        return message.endsWith(".") ? message : message + ".";
    }

    private static String text(Path file) throws FileProblem {
        try {
            byte[] bytes = RegularFile.read(file, LARGEST_BYTES, "an edit or a move");
            String text =
                    new String(bytes, StandardCharsets.UTF_8); // what is no UTF-8 becomes question marks in names only
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (NoSuchFileException e) {
            throw new FileProblem(file + " is not there; check its name and folder.", e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + FileWords.reason(e) + ".", e);
        }
    }

    private Taken taken(String text) throws FileProblem {
        if (text.stripLeading().startsWith("{")) {
            return ofJson(text);
        }
        if (EditList.isOne(text)) {
            return lineUp(EditList.read(text, name(), wishes.rate()));
        }
        if (KeyTable.isOne(text)) {
            return ofTable(KeyTable.read(text));
        }
        throw new FileProblem(
                "an OpenTimelineIO timeline, a CMX 3600 edit list, a table of keys with a column \"frame\","
                        + " or keys copied in Amber Lens were expected");
    }

    private Taken ofJson(String text) throws FileProblem {
        JsonNode root;
        try {
            root = JSON.readTree(text);
        } catch (JsonProcessingException e) {
            throw new FileProblem("it is damaged JSON: " + e.getOriginalMessage(), e);
        }
        if (TimelineReader.isOne(root)) {
            return lineUp(TimelineReader.read(root, name(), wishes.rate()));
        }
        if (ProjectFile.isOne(root)) {
            throw new FileProblem("it is an Amber Lens project already, and is opened as it is.");
        }
        return ofClip(ClipText.read(text), root.path("length").asInt(0));
    }

    private Taken lineUp(CutList cut) throws FileProblem {
        return LineUpOf.of(cut, file, probe, wishes.frame());
    }

    private String name() {
        String name = NearbyFiles.fileName(file.toString());
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private Taken ofTable(KeyTable table) throws FileProblem {
        Optional<Path> named = table.picture().map(path -> Path.of(new MediaPaths(file).absolute(path)));
        Size frame = wishes.frame().or(table::frameSize).orElse(FrameFormat.USUAL.size());
        FrameRate rate = wishes.rate().or(table::rate).orElse(FrameFormat.USUAL.rate());
        var shot = new MoveShot(name(), frame, rate, table.length(), table.mirror(), false);
        return shot.of(wishes.media().or(() -> named), table.pictureSize(), probe, media -> {
            Size own = table.pictureSize().orElse(media.size());
            Size made = table.frameSize().orElse(frame);
            CameraTrack camera = table.camera(own, made);
            return MoveShot.fitted(camera, own, made, media.size(), frame);
        });
    }

    private Taken ofClip(KeyClip clip, int length) throws FileProblem {
        Size frame = wishes.frame().orElse(clip.frame());
        int last = clip.camera().keyFrames().isEmpty()
                ? 5 * FrameFormat.USUAL.rate().nominal() - 1
                : Math.max(0, clip.camera().keyFrames().last());
        var shot = new MoveShot(
                name(),
                frame,
                wishes.rate().orElse(FrameFormat.USUAL.rate()),
                length > 0 ? length : last + 1,
                Mirror.NONE,
                clip.inset());
        return shot.of(wishes.media(), Optional.empty(), probe, media -> clip.fitted(media.size(), frame)
                .camera());
    }

    /** The endings of the files that can be taken in, with their points. */
    public static List<String> endings() {
        return List.of(".otio", ".edl", ".csv", ".amber-move", ".json");
    }
}
