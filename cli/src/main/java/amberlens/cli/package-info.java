/**
 * The command line: thin commands over the core, with plain messages and the exit codes of {@link
 * amberlens.cli.ExitCode}.
 */
@NullMarked
package amberlens.cli;

import org.jspecify.annotations.NullMarked;
