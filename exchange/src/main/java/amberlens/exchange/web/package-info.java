/**
 * Moves as web pages: CSS and SVG.
 */
@NullMarked
package amberlens.exchange.web;

import org.jspecify.annotations.NullMarked;
