package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.keys.Carrying;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.KeyShift;
import amberlens.core.motion.keys.MoveLength;
import amberlens.core.motion.pose.Pose;
import java.util.Optional;

/**
 * A move that somebody has made and kept, to be used like a ready move.
 *
 * @param name not blank
 * @param camera for the picture and the length it was made for
 * @param picture source pixels
 * @param frame frame pixels
 * @param length frames
 * @param inset whether it is the move of an inset, which need not fill the frame
 */
public record OwnMove(String name, CameraTrack camera, Size picture, Size frame, int length, boolean inset) {
    /** A picture that goes less far, in parts of the frame's width, goes nowhere. */
    private static final double STILL = 0.005;

    public OwnMove {
        if (name.isBlank() || length < 1) {
            throw new IllegalArgumentException("a kept move has a name and at least one frame");
        }
    }

    /**
     * The move with the same look on another picture, between the rests of a wish. One that is meant to fill the frame is sealed.
     *
     * @param direction where the camera goes, or the inset, instead of where it went
     */
    public ReadyMoves.Made make(Stage stage, MoveWish wish, Optional<Direction> direction) {
        CameraTrack fitted = Carrying.fitted(camera, picture, stage.picture(), stage.frame());
        int first = stage.first(wish);
        CameraTrack stretched = MoveLength.stretched(fitted, length, stage.last(wish) - first + 1);
        int begins = KeySet.all(stretched).first();
        CameraTrack placed = KeyShift.of(stretched, first + (begins < 0 ? -begins : 0));
        CameraTrack wished = turned(strengthened(placed, wish, stage), direction, stage);
        return inset ? new ReadyMoves.Made(Optional.of(wished), Optional.empty()) : ReadyMoves.sealed(wished, stage);
    }

    /** All framings further from, or nearer to, the one that the move is about: where an inset comes to rest, else the widest of both ends. */
    private CameraTrack strengthened(CameraTrack move, MoveWish wish, Stage stage) {
        double part = wish.part();
        if (part == 1) {
            return move;
        }
        Pose start = move.at(stage.first(wish));
        Pose end = move.at(stage.last(wish));
        Pose about = inset || end.scale().x() < start.scale().x() ? end : start;
        return move.withScale(move.scale()
                        .mapValues(scale -> new Scale(
                                about.scale().x()
                                        * Math.pow(scale.x() / about.scale().x(), part),
                                about.scale().y()
                                        * Math.pow(scale.y() / about.scale().y(), part))))
                .withPosition(move.position()
                        .mapValues(at ->
                                about.position().plus(at.minus(about.position()).times(part)))
                        .mapBends(bend -> bend.times(part)))
                .withRotation(
                        move.rotation().mapValues(degrees -> about.degrees() + part * (degrees - about.degrees())));
    }

    /** The way of the position turned by quarters about where the move ends: a camera goes the other way than its picture. */
    private CameraTrack turned(CameraTrack move, Optional<Direction> direction, Stage stage) {
        FramePoint end = move.position().at(stage.length() - 1.0);
        FramePoint way = end.minus(move.position().at(0)).times(inset ? 1 : -1);
        if (direction.isEmpty() || way.length() < STILL * stage.frame().width()) {
            return move;
        }
        boolean across = Math.abs(way.x()) >= Math.abs(way.y());
        Direction goes = across
                ? (way.x() >= 0 ? Direction.RIGHT : Direction.LEFT)
                : (way.y() >= 0 ? Direction.DOWN : Direction.UP);
        int cos = goes.x() * direction.get().x() + goes.y() * direction.get().y();
        int sin = goes.x() * direction.get().y() - goes.y() * direction.get().x();
        return move.withPosition(move.position()
                .mapValues(at -> end.plus(quarter(at.minus(end), cos, sin)))
                .mapBends(bend -> new PathHandles(quarter(bend.in(), cos, sin), quarter(bend.out(), cos, sin))));
    }

    private static FramePoint quarter(FramePoint vector, int cos, int sin) {
        return new FramePoint(vector.x() * cos - vector.y() * sin, vector.x() * sin + vector.y() * cos);
    }
}
