/**
 * How a shot's picture appears over time.
 *
 * <p>A <em>look</em> is one keyed change of it: tone, softness, vignette, shadow, card, crop, mask. What of it can be keyed are its
 * <em>amounts</em>, properties like those of the camera; what is chosen once are its <em>choices</em>. A shot has a list of looks; they
 * are applied kind by kind in the order of {@link amberlens.core.material.look.LookKinds#ALL}, and within a kind in the order of the list. All
 * work in linear light. A look that is <em>put aside</em> is kept and changes nothing.
 *
 * <p>The types named after looks (Tone, Vignette, Mask …) are a look's amounts at one moment, with the formulas that they stand for.
 */
@NullMarked
package amberlens.core.material.look;

import org.jspecify.annotations.NullMarked;
