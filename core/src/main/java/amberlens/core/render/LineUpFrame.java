package amberlens.core.render;

import amberlens.core.edges.Margin;
import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;
import amberlens.core.model.LineUp;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import java.util.ArrayList;
import java.util.List;
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
                layers.add(layer(picture, shot.camera().at(frame - shot.start()), project.frameSize(), output));
            }
        }
        return layers;
    }

    /** One picture in one pose. */
    public static Layer layer(Pyramid picture, Pose pose, Size frame, Size output) {
        AffineMap map = pose.pictureToFrame()
                .thenScaled((double) output.width() / frame.width(), (double) output.height() / frame.height());
        boolean covers = Margin.of(pose, picture.size(), frame).isSealed();
        return new Layer(picture, map, covers);
    }
}
