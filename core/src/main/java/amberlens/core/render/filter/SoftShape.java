package amberlens.core.render.filter;

/** A shape about the origin of a plane, and how much of a blurred place lies inside it. */
interface SoftShape {
    /**
     * How much of a place lies inside, 0 … 1.
     *
     * @param perSigma one over the σ of the blur, in units of the plane
     */
    float inside(float x, float y, float perSigma);

    /**
     * Whether a box about a place lies wholly inside: 1, wholly outside: 0, or neither or not known: NaN.
     *
     * @param reach how far the box reaches in any direction, with whatever the blur spreads
     */
    default float certainly(float x, float y, float reach) {
        return Float.NaN;
    }

    /** A rectangle: the product of its two directions, which is what a Gaussian makes of it. */
    record Rectangle(float halfWidth, float halfHeight) implements SoftShape {
        @Override
        public float inside(float x, float y, float perSigma) {
            return stretch(x, halfWidth, perSigma) * stretch(y, halfHeight, perSigma);
        }

        @Override
        public float certainly(float x, float y, float reach) {
            return SoftShape.ofBox(Math.abs(x) - halfWidth, Math.abs(y) - halfHeight, reach);
        }

        private static float stretch(float at, float half, float perSigma) {
            return NormalTable.below((at + half) * perSigma) - NormalTable.below((at - half) * perSigma);
        }
    }

    /** A rectangle whose corners are quarter circles. */
    record Rounded(float halfWidth, float halfHeight, float radius) implements SoftShape {
        @Override
        public float inside(float x, float y, float perSigma) {
            float outX = Math.abs(x) - (halfWidth - radius);
            float outY = Math.abs(y) - (halfHeight - radius);
            float pastX = Math.max(outX, 0);
            float pastY = Math.max(outY, 0);
            float corner = (float) Math.sqrt(pastX * pastX + pastY * pastY);
            return NormalTable.below((radius - corner - Math.min(Math.max(outX, outY), 0)) * perSigma);
        }

        @Override
        public float certainly(float x, float y, float reach) {
            float outX = Math.abs(x) - halfWidth;
            float outY = Math.abs(y) - halfHeight;
            float box = SoftShape.ofBox(outX, outY, reach);
            boolean nearCorner = outX + radius > -reach && outY + radius > -reach;
            return box == 1 && nearCorner ? Float.NaN : box;
        }
    }

    /** How a box lies to another one, by how far its middle lies out of it. */
    private static float ofBox(float outX, float outY, float reach) {
        if (outX > reach || outY > reach) {
            return 0;
        }
        return outX < -reach && outY < -reach ? 1 : Float.NaN;
    }

    /** An ellipse, its distance to the first order. */
    record Ellipse(float halfWidth, float halfHeight) implements SoftShape {
        @Override
        public float inside(float x, float y, float perSigma) {
            float across = x / halfWidth;
            float down = y / halfHeight;
            float radius = (float) Math.sqrt(across * across + down * down);
            if (radius < 1e-6f) {
                return NormalTable.below(Math.min(halfWidth, halfHeight) * perSigma);
            }
            float slopeX = across / halfWidth;
            float slopeY = down / halfHeight;
            float slope = (float) Math.sqrt(slopeX * slopeX + slopeY * slopeY) / radius;
            return NormalTable.below((1 - radius) / slope * perSigma);
        }

        @Override
        public float certainly(float x, float y, float reach) {
            float out = (float) Math.sqrt(x * x / halfWidth / halfWidth + y * y / halfHeight / halfHeight);
            float spread = reach / Math.min(halfWidth, halfHeight);
            if (Math.abs(x) > halfWidth + reach || Math.abs(y) > halfHeight + reach) {
                return 0;
            }
            return out + spread < 1 ? 1 : Float.NaN;
        }
    }

    /** A polygon, inside by the even-odd rule. */
    record Polygon(float[] x, float[] y) implements SoftShape {
        @Override
        public float inside(float px, float py, float perSigma) {
            boolean in = false;
            float nearest = Float.POSITIVE_INFINITY;
            for (int i = 0, before = x.length - 1; i < x.length; before = i++) {
                if (y[i] > py != y[before] > py && px < (x[before] - x[i]) * (py - y[i]) / (y[before] - y[i]) + x[i]) {
                    in = !in;
                }
                nearest = Math.min(nearest, squaredDistance(i, before, px, py));
            }
            float distance = (float) Math.sqrt(nearest);
            return NormalTable.below((in ? distance : -distance) * perSigma);
        }

        private float squaredDistance(int from, int to, float px, float py) {
            float alongX = x[to] - x[from];
            float alongY = y[to] - y[from];
            float length = alongX * alongX + alongY * alongY;
            float part =
                    length == 0 ? 0 : Math.clamp(((px - x[from]) * alongX + (py - y[from]) * alongY) / length, 0f, 1f);
            float offX = px - x[from] - part * alongX;
            float offY = py - y[from] - part * alongY;
            return offX * offX + offY * offY;
        }
    }

    /** Nothing at all lies inside. */
    record Nothing() implements SoftShape {
        @Override
        public float inside(float x, float y, float perSigma) {
            return 0;
        }
    }
}
