package amberlens.core.render;

import amberlens.core.edges.Conform;
import amberlens.core.edges.Margin;
import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;
import amberlens.core.model.Backdrop;
import amberlens.core.model.LineUp;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Which layers make one frame of the line-up. */
public final class LineUpFrame {
    private LineUpFrame() {}

    /** Where the pixels of media come from. */
    public interface Pictures {
        /** The picture, or null while there is none; then the layer is left out. */
        @Nullable
        Pyramid of(Media media);
    }

    /**
     * The layers of a line-up frame, the lowest first.
     *
     * @param output the size to render at; poses are in frame pixels and follow
     */
    public static List<Layer> layers(Project project, int frame, Size output, Pictures pictures) {
        var layers = new ArrayList<Layer>();
        for (Shot shot : LineUp.at(project, frame)) {
            Pyramid picture = pictures.of(project.mediaOf(shot));
            if (picture != null) {
                Layer layer = layer(picture, shot.camera().at(frame - shot.start()), project.frameSize(), output);
                if (!layer.covers() || !picture.opaque()) {
                    backdrop(project, shot, picture, layers.isEmpty())
                            .ifPresent(behind -> layers.add(filling(behind, project.frameSize(), output)));
                }
                layers.add(layer);
            }
        }
        return layers;
    }

    /**
     * Likewise, but only a part of the output.
     *
     * @param left where the part begins in the output
     * @param top likewise
     */
    public static List<Layer> layers(
            Project project, int frame, Size output, double left, double top, Pictures pictures) {
        return layers(project, frame, output, pictures).stream()
                .map(layer -> new Layer(layer.picture(), layer.toOutput().thenShifted(-left, -top), layer.covers()))
                .toList();
    }

    /** What stands right behind a shot's picture; empty for what lies below. */
    private static Optional<Pyramid> backdrop(Project project, Shot shot, Pyramid picture, boolean lowest) {
        return switch (shot.settings().backdrop()) {
            case Backdrop.Blurred _ -> Optional.of(picture.softened());
            case Backdrop.Plain plain -> Optional.of(Pyramid.plain(plain.colour()));
            case Backdrop.Below _ ->
                lowest && project.frame().blurred() ? Optional.of(picture.softened()) : Optional.empty();
        };
    }

    /** A picture laid in so that it just fills the frame. */
    private static Layer filling(Pyramid picture, Size frame, Size output) {
        return layer(picture, Conform.FILL.pose(picture.size(), frame), frame, output);
    }

    /** One picture in one pose. */
    public static Layer layer(Pyramid picture, Pose pose, Size frame, Size output) {
        AffineMap map = pose.pictureToFrame()
                .thenScaled((double) output.width() / frame.width(), (double) output.height() / frame.height());
        boolean covers = Margin.of(pose, picture.size(), frame).isSealed();
        return new Layer(picture, map, covers);
    }
}
