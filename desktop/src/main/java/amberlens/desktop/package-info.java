/** Placeholder. */
package amberlens.desktop;
