package amberlens.core.pixels.raster;

/** The weights of four neighbours by the cubic convolution kernel of R. G. Keys (1981) with a = −1/2, for many places at once. */
final class Cubics {
    private Cubics() {}

    /**
     * @param place how far each place lies beyond its second neighbour, 0 … 1
     * @param first takes the weights of the first neighbours, and so on
     */
    static void weigh(float[] place, float[] first, float[] second, float[] third, float[] fourth, int count) {
        for (int k = 0; k < count; k++) {
            float f = place[k];
            first[k] = f * (-0.5f + f * (1 - 0.5f * f));
            second[k] = 1 + f * f * (1.5f * f - 2.5f);
            third[k] = f * (0.5f + f * (2 - 1.5f * f));
            fourth[k] = f * f * (0.5f * f - 0.5f);
        }
    }
}
