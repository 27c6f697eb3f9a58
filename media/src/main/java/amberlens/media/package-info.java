/** Placeholder. */
package amberlens.media;
