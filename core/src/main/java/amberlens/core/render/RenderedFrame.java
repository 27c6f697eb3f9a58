package amberlens.core.render;

import amberlens.core.geometry.Size;

/** A finished frame. */
public sealed interface RenderedFrame permits FrameRaster, DeepRaster {
    Size size();
}
