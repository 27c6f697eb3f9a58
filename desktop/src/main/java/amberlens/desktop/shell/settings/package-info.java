/**
 * The settings: how a person likes to work.
 */
@NullMarked
package amberlens.desktop.shell.settings;

import org.jspecify.annotations.NullMarked;
