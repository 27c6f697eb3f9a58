package amberlens.media.export;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.FrameSight;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.core.render.frame.Seen;
import amberlens.media.pixels.PixelCache;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
        Set<Media> checked = new HashSet<>();
        for (Shot shot : LineUp.inTime(project)) {
            int first = Math.max(span.from(), shot.onLineUp().from());
            boolean seen = first <= Math.min(span.to(), shot.onLineUp().to());
            if (seen
                    && !check(shot, LineUpFrame.reads(project, first).getOrDefault(shot, List.of()), checked, goesOn)) {
                return false;
            }
        }
        return true;
    }

    /** What a picture is cut into is made of one reading, and a picture may be seen in many shots. */
    private boolean check(Shot shot, List<PictureRef> refs, Set<Media> checked, BooleanSupplier goesOn)
            throws FileProblem {
        try {
            for (PictureRef ref : refs) {
                if (checked.add(ref.media()) && !pictures.check(ref, goesOn)) {
                    return false;
                }
            }
            return true;
        } catch (FileProblem e) {
            throw named(shot, e);
        }
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

    /** Likewise a part of a frame at a size. */
    public FrameRaster frame(int frame, FrameSight.Port port) throws FileProblem {
        List<Seen> layers = layers(frame, port.whole()).stream()
                .map(seen -> seen.moved(Zoom.shift(-port.left(), -port.top())))
                .toList();
        return Compositor.compose(layers, project.frame().background(), port.part(), rows);
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
        var reads = LineUpFrame.reads(project, frame);
        pictures.pin(this, reads.values().stream().flatMap(List::stream).toList());
        for (var shot : reads.entrySet()) {
            await(shot.getKey(), shot.getValue());
        }
        return LineUpFrame.layers(project, frame, output, this::awaited);
    }

    private void await(Shot shot, List<PictureRef> refs) throws FileProblem {
        try {
            for (PictureRef ref : refs) {
                pictures.await(ref, () -> true);
            }
        } catch (FileProblem e) {
            throw named(shot, e);
        }
    }

    private static FileProblem named(Shot shot, FileProblem e) {
        return new FileProblem("Shot \"" + shot.name() + "\" (" + shot.id() + "): " + e.getMessage(), e);
    }

    private Picture awaited(PictureRef ref) {
        return Picture.without(ref.media())
                .orElseGet(() -> new Picture.Pixels(pictures.request(ref).join()));
    }
}
