/** Placeholder. */
package amberlens.bench;
