package amberlens.core.material.planes;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import java.util.Optional;

/**
 * Where the camera stands in one pose, and how planes lie against the ground then. The picture was taken from before its centre, at the
 * distance from which its ground just fills the frame: there nothing is shifted. The pose is that of the ground. With the ground at
 * distance 1, the camera at height {@code z} above its first place and before the ground's point {@code c}, whatever was pictured at
 * {@code q} at distance {@code d} lies before the ground's point
 *
 * <pre>c + (1 − z)/(d − z) · (h + (q − h)·d − c)</pre>
 *
 * with the picture's centre {@code h}: a pinhole camera, by similar triangles. A picture that leans takes its planes with it, as they lie.
 *
 * @param at the ground's point in the middle of the frame, c
 * @param forward how far it has gone towards the ground, z, below 1; negative when it has gone back
 * @param home the picture's centre, h
 * @param strength what is multiplied with the parallax; 0 for none
 */
public record Parallax(PicturePoint at, double forward, PicturePoint home, double strength) {
    /** Where a plane begins to fade before the lens passes it, as a part of its distance: it is four times as large then. */
    private static final double FADES = 0.25;

    /** Where it is gone: ten times as large. */
    private static final double GONE = 0.1;

    /**
     * @param toFrame from source pixels to the frame, in the pose and as in its mirror
     * @param strength 0 and more
     */
    public static Parallax of(ProjectiveMap toFrame, Size picture, Size frame, double strength) {
        PicturePoint home = new PicturePoint(picture.width() / 2.0, picture.height() / 2.0);
        double determinant = toFrame.determinant();
        if (strength == 0 || determinant == 0 || !Double.isFinite(determinant)) {
            return none(home);
        }
        ProjectiveMap back = toFrame.inverse();
        double x = frame.width() / 2.0;
        double y = frame.height() / 2.0;
        if (!(back.w(x, y) > 0)) {
            return none(home);
        }
        PicturePoint at = new PicturePoint(back.x(x, y), back.y(x, y));
        double fills = Math.max((double) frame.width() / picture.width(), (double) frame.height() / picture.height());
        return new Parallax(at, 1 - fills / toFrame.meanStretch(at.x(), at.y()), home, strength);
    }

    private static Parallax none(PicturePoint home) {
        return new Parallax(home, 0, home, 0);
    }

    /** Where a plane's pixels lie among those of the ground; empty when the camera has passed it. */
    public Optional<Zoom> of(Plane plane) {
        double distance = plane.distanceAt(strength);
        double ahead = distance - forward;
        if (strength == 0) {
            return Optional.of(Zoom.shift(0, 0));
        }
        if (ahead <= GONE * distance) {
            return Optional.empty();
        }
        double nearer = (1 - forward) / ahead;
        return Optional.of(new Zoom(
                nearer * distance,
                at.x() + nearer * (home.x() * (1 - distance) - at.x()),
                at.y() + nearer * (home.y() * (1 - distance) - at.y())));
    }

    /** How much of a plane is still there, 0 … 1: it fades before the lens passes it. */
    public double opacity(Plane plane) {
        double ahead = strength == 0 ? 1 : 1 - forward / plane.distanceAt(strength);
        return Math.clamp((ahead - GONE) / (FADES - GONE), 0, 1);
    }
}
