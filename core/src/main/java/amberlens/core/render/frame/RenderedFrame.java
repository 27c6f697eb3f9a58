package amberlens.core.render.frame;

import amberlens.core.base.geometry.Size;

/** A finished frame. */
public sealed interface RenderedFrame permits FrameRaster, DeepRaster {
    Size size();
}
