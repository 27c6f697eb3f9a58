package amberlens.media.export;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.footage.SourceFrames;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.Seen;
import amberlens.media.pixels.PixelCache;
import amberlens.media.pixels.PixelKey;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** Finished frames of a project's line-up, for output: every picture must be there. */
public final class FrameSource {
    private final Project project;
    private final PixelCache pictures;
    private final Rows rows;

    public FrameSource(Project project, PixelCache pictures, Rows rows) {
        this.project = project;
        this.pictures = pictures;
        this.rows = rows;
    }

    /**
     * Makes sure that every picture seen in the span can be read.
     *
     * @param goesOn asked again and again whether to go on
     * @return whether it went through to the end
     * @throws FileProblem naming the shot whose picture cannot
     */
    public boolean check(FrameSpan span, BooleanSupplier goesOn) throws FileProblem {
        for (Shot shot : LineUp.inTime(project)) {
            boolean seen =
                    shot.onLineUp().from() <= span.to() && shot.onLineUp().to() >= span.from();
            if (seen && !pictureOf(shot, Math.max(0, span.from() - shot.start()), goesOn)) {
                return false;
            }
        }
        return true;
    }

    /**
     * One frame of the line-up.
     *
     * @param frame also a place between two frames
     * @throws FileProblem naming the shot whose picture cannot be read
     */
    public FrameRaster frame(double frame, Size output) throws FileProblem {
        return Compositor.compose(layers(frame, output), project.frame().background(), output, rows);
    }

    /**
     * Likewise at 16 bits.
     *
     * @param transparent whether nothing stands behind the pictures
     */
    public DeepRaster deepFrame(double frame, Size output, boolean transparent) throws FileProblem {
        Optional<Colour> ground =
                transparent ? Optional.empty() : Optional.of(project.frame().background());
        return Compositor.composeDeep(layers(frame, output), ground, output, rows);
    }

    private List<Seen> layers(double frame, Size output) throws FileProblem {
        for (Shot shot : LineUp.at(project, (int) Math.floor(frame))) {
            pictureOf(shot, frame - shot.start(), () -> true);
        }
        return LineUpFrame.layers(project, frame, output, this::awaited);
    }

    private boolean pictureOf(Shot shot, double shotFrame, BooleanSupplier goesOn) throws FileProblem {
        try {
            Media media = project.mediaOf(shot);
            if (!media.hasPixels()) {
                return true;
            }
            SourceFrames source = project.sourceFrames(shot, shotFrame);
            return pictures.await(PixelKey.of(media, source.first()), goesOn)
                    && pictures.await(PixelKey.of(media, source.second()), goesOn)
                    && (project.parallax(shot, shotFrame) == 0 || cutouts(media, goesOn));
        } catch (FileProblem e) {
            throw new FileProblem("Shot \"" + shot.name() + "\" (" + shot.id() + "): " + e.getMessage(), e);
        }
    }

    private boolean cutouts(Media media, BooleanSupplier goesOn) throws FileProblem {
        boolean there = true;
        for (int number = Cutouts.GROUND; there && number <= Cutouts.last(media.planes()); number++) {
            there = pictures.await(PixelKey.of(media, number), goesOn);
        }
        return there;
    }

    private Picture awaited(Media media, int frame) {
        return Picture.without(media)
                .orElseGet(() -> new Picture.Pixels(
                        pictures.request(PixelKey.of(media, frame)).join()));
    }
}
