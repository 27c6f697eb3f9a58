/**
 * What is done to light after it was sampled, window by window: a {@link amberlens.core.render.filter.LightWork} changes each pixel by what lies
 * under it, a {@link amberlens.core.render.filter.Softener} needs what lies around it. Light is linear, premultiplied, four numbers a pixel.
 */
@NullMarked
package amberlens.core.render.filter;

import org.jspecify.annotations.NullMarked;
