package amberlens.media.export;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.model.LineUp;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.render.Compositor;
import amberlens.core.render.FrameRaster;
import amberlens.core.render.LineUpFrame;
import amberlens.core.render.Pyramid;
import amberlens.core.render.Rows;
import amberlens.core.time.FrameSpan;
import amberlens.media.picture.PictureCache;
import java.nio.file.Path;

/** Finished frames of a project's line-up, for output: every picture must be there. */
public final class FrameSource {
    private final Project project;
    private final PictureCache pictures;
    private final Rows rows;

    public FrameSource(Project project, PictureCache pictures, Rows rows) {
        this.project = project;
        this.pictures = pictures;
        this.rows = rows;
    }

    /**
     * Makes sure that every picture seen in the span can be read.
     *
     * @throws FileProblem naming the shot whose picture cannot
     */
    public void check(FrameSpan span) throws FileProblem {
        for (Shot shot : LineUp.inTime(project)) {
            if (shot.onLineUp().from() <= span.to() && shot.onLineUp().to() >= span.from()) {
                pictureOf(shot);
            }
        }
    }

    /**
     * One frame of the line-up.
     *
     * @throws FileProblem naming the shot whose picture cannot be read
     */
    public FrameRaster frame(int frame, Size output) throws FileProblem {
        for (Shot shot : LineUp.at(project, frame)) {
            pictureOf(shot);
        }
        var layers = LineUpFrame.layers(project, frame, output, this::awaited);
        return Compositor.compose(layers, project.frame().background(), output, rows);
    }

    private Pyramid pictureOf(Shot shot) throws FileProblem {
        try {
            return pictures.await(Path.of(project.mediaOf(shot).path()));
        } catch (FileProblem e) {
            throw new FileProblem("Shot \"" + shot.name() + "\" (" + shot.id() + "): " + e.getMessage(), e);
        }
    }

    private Pyramid awaited(Media media) {
        return pictures.request(Path.of(media.path())).join();
    }
}
