/** Placeholder. */
package amberlens.demo;
