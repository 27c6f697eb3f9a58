package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Rows;

/** A picture placed in the output, with what follows from that. */
public final class Placement {
    /** A picture thinner than this, in output pixels, does not change a code, and would take long to read. */
    private static final double THINNEST_PX = 0.002;

    private final Pyramid picture;
    private final ProjectiveMap toOutput;
    private final ProjectiveMap toPicture;
    private final boolean covers;
    private final Edges edges;

    /** A whole picture. */
    public Placement(Pyramid picture, ProjectiveMap toOutput, boolean covers) {
        this(picture, Portion.WHOLE, toOutput, covers);
    }

    /**
     * @param left which part of the picture is seen
     * @param toOutput from source pixels to output pixels; the picture {@link #isVisible must be visible}
     * @param covers whether it is known to fill the whole output, so that its own edges must not soften the border
     */
    public Placement(Pyramid picture, Portion left, ProjectiveMap toOutput, boolean covers) {
        this.picture = picture;
        this.toOutput = toOutput;
        this.covers = covers;
        toPicture = toOutput.inverse();
        edges = new Edges(picture.size(), left, toOutput);
    }

    /** Whether a part of a picture is large enough to be seen, and all of it lies before the viewer. */
    public static boolean isVisible(Size picture, Portion left, ProjectiveMap toOutput) {
        return new Edges(picture, left, toOutput).thickness() >= THINNEST_PX;
    }

    public Pyramid picture() {
        return picture;
    }

    public ProjectiveMap toOutput() {
        return toOutput;
    }

    ProjectiveMap toPicture() {
        return toPicture;
    }

    public boolean covers() {
        return covers;
    }

    Edges edges() {
        return edges;
    }

    /** Makes the levels of the picture that an output of a size needs, so that no window has to wait for one. */
    public void prepare(Size output, Rows rows) {
        var window = Window.whole(output);
        ConvexArea area = ConvexArea.centres(window);
        if (!covers) {
            area = edges.clip(area);
        }
        if (!area.isEmpty()) {
            picture.prepare(Math.min(picture.levels() - 1, (int) coarsest(area)), rows);
        }
    }

    private double coarsest(ConvexArea area) {
        return area.most((x, y) -> Footprint.at(toPicture, x, y).level());
    }
}
