package amberlens.media.track;

/**
 * A small picture in shades of grey.
 *
 * @param shades row by row, 0 … 255
 */
record Shades(int width, int height, float[] shades) {
    Shades(int width, int height) {
        this(width, height, new float[width * height]);
    }

    /** A piece of this; beyond the sides the outermost pixels go on. */
    Shades cut(int left, int top, int pieceWidth, int pieceHeight) {
        var piece = new Shades(pieceWidth, pieceHeight);
        for (int y = 0; y < pieceHeight; y++) {
            int row = Math.clamp((long) top + y, 0, height - 1) * width;
            for (int x = 0; x < pieceWidth; x++) {
                piece.shades[y * pieceWidth + x] = shades[row + Math.clamp((long) left + x, 0, width - 1)];
            }
        }
        return piece;
    }

    /**
     * This as it stands in a picture of a size.
     *
     * @param middleX of this, in its own pixels
     */
    Shades set(double middleX, double middleY, Placing placing, int pictureWidth, int pictureHeight) {
        var picture = new Shades(pictureWidth, pictureHeight);
        Placing back = placing.inverse();
        for (int y = 0; y < pictureHeight; y++) {
            for (int x = 0; x < pictureWidth; x++) {
                picture.shades[y * pictureWidth + x] = at(middleX + back.toX(x, y), middleY + back.toY(x, y));
            }
        }
        return picture;
    }

    /** The shade at a place between pixels; beyond the sides the outermost pixels go on. */
    float at(double x, double y) {
        double inX = Math.clamp(x, 0, width - 1.0);
        double inY = Math.clamp(y, 0, height - 1.0);
        int left = Math.min((int) inX, Math.max(0, width - 2));
        int top = Math.min((int) inY, Math.max(0, height - 2));
        int right = Math.min(left + 1, width - 1);
        int bottom = Math.min(top + 1, height - 1);
        float fx = (float) (inX - left);
        float fy = (float) (inY - top);
        float above = shades[top * width + left] * (1 - fx) + shades[top * width + right] * fx;
        float below = shades[bottom * width + left] * (1 - fx) + shades[bottom * width + right] * fx;
        return above * (1 - fy) + below * fy;
    }
}
