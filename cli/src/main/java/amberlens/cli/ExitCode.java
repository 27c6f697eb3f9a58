package amberlens.cli;

/** What the commands return to the shell. */
final class ExitCode {
    static final int DONE = 0;
    static final int FAILED = 1;
    static final int WRONG_USE = 2;
    /** Some edge is open, or a shot cannot be sealed. */
    static final int OPEN_EDGE = 3;

    private ExitCode() {}
}
