/** Placeholder. */
package amberlens.cli;
