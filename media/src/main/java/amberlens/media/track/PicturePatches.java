package amberlens.media.track;

import boofcv.struct.image.GrayF32;

/** Pieces of pictures: cut out, set down elsewhere, looked at between pixels. */
final class PicturePatches {
    private PicturePatches() {}

    /** A piece of a picture; beyond its sides the outermost pixels go on. */
    static GrayF32 cut(GrayF32 from, int left, int top, int width, int height) {
        var piece = new GrayF32(width, height);
        for (int y = 0; y < height; y++) {
            int row = from.startIndex + Math.clamp((long) top + y, 0, from.height - 1) * from.stride;
            for (int x = 0; x < width; x++) {
                piece.data[y * width + x] = from.data[row + Math.clamp((long) left + x, 0, from.width - 1)];
            }
        }
        return piece;
    }

    /**
     * A piece as it stands in a picture of a size.
     *
     * @param middleX of the piece, in its own pixels
     */
    static GrayF32 set(GrayF32 piece, double middleX, double middleY, Placing placing, int width, int height) {
        var picture = new GrayF32(width, height);
        Placing back = placing.inverse();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                picture.data[y * width + x] = at(piece, middleX + back.toX(x, y), middleY + back.toY(x, y));
            }
        }
        return picture;
    }

    /** The shade at a place between pixels; beyond the sides the outermost pixels go on. */
    static float at(GrayF32 image, double x, double y) {
        double inX = Math.clamp(x, 0, image.width - 1.0);
        double inY = Math.clamp(y, 0, image.height - 1.0);
        int left = Math.min((int) inX, Math.max(0, image.width - 2));
        int top = Math.min((int) inY, Math.max(0, image.height - 2));
        int right = Math.min(left + 1, image.width - 1);
        int bottom = Math.min(top + 1, image.height - 1);
        float fx = (float) (inX - left);
        float fy = (float) (inY - top);
        int first = image.startIndex + top * image.stride;
        int second = image.startIndex + bottom * image.stride;
        float above = image.data[first + left] * (1 - fx) + image.data[first + right] * fx;
        float below = image.data[second + left] * (1 - fx) + image.data[second + right] * fx;
        return above * (1 - fy) + below * fy;
    }
}
