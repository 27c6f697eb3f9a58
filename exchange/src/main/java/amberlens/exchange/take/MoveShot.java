package amberlens.exchange.take;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.property.Properties;
import amberlens.exchange.cut.Probe;
import amberlens.exchange.cut.Taken;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * A project of one shot around a move.
 *
 * @param frame pixels
 * @param length frames
 * @param inset whether it need not fill the frame
 */
record MoveShot(String name, Size frame, FrameRate rate, int length, Mirror mirror, boolean inset) {
    /** The move on a picture. */
    @FunctionalInterface
    interface On {
        CameraTrack camera(Media media) throws FileProblem;
    }

    /**
     * The project.
     *
     * @param picture where its file is
     * @param known the picture's size, to go on when the file is not there
     * @throws FileProblem when no picture is known, or it cannot be read
     */
    Taken of(Optional<Path> picture, Optional<Size> known, Probe probe, On on) throws FileProblem {
        Path path = picture.orElseThrow(() -> new FileProblem("it names no picture; add --media PICTURE"));
        boolean there = Files.isRegularFile(path);
        if (!there && known.isEmpty()) {
            throw new FileProblem(path + " is not there; it may have been moved or renamed.");
        }
        Media media = there
                ? probe.media(path.toAbsolutePath()).withId("m1")
                : Media.photo("m1", path.toString(), known.orElseThrow());
        Shot shot = new Shot(
                "s1", media.name(), "m1", 1, 0, Math.min(length, Shot.LONGEST), !inset, on.camera(media), Extras.NONE);
        shot = shot.withSettings(shot.settings().withMirror(mirror));
        Project project = Project.empty(name)
                .withFrame(new FrameFormat(frame, rate, Colour.BLACK))
                .with(List.of(media), List.of(shot));
        return new Taken(
                project, there ? List.of() : List.of(path + " is not there; the shot is kept until you find it."));
    }

    /** A move made for one picture and frame, with the same look on others. */
    static CameraTrack fitted(CameraTrack camera, Size from, Size fromFrame, Size to, Size toFrame) {
        return new KeyClip(KeyClip.What.MOVE, camera, Properties.OF_MOVE, 0, from, fromFrame)
                .fitted(to, toFrame)
                .camera();
    }
}
