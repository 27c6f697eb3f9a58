/** Placeholder. */
package amberlens.project;
