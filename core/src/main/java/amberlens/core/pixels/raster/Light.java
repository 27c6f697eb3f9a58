package amberlens.core.pixels.raster;

/** One pixel in linear light, premultiplied, each component 0 … 1. */
public record Light(double red, double green, double blue, double alpha) {}
