package amberlens.core.base.geometry;

/**
 * A rectangle of a picture, in whole source pixels.
 *
 * @param left from 0
 * @param top from 0
 * @param size at least 1 × 1
 */
public record PictureArea(int left, int top, Size size) {
    public PictureArea {
        if (left < 0 || top < 0) {
            throw new IllegalArgumentException("an area of a picture begins from 0, 0, not at " + left + ", " + top);
        }
    }

    /** All of a picture. */
    public static PictureArea whole(Size picture) {
        return new PictureArea(0, 0, picture);
    }

    /** Whether it lies within a picture. */
    public boolean isWithin(Size picture) {
        return left + size.width() <= picture.width() && top + size.height() <= picture.height();
    }
}
