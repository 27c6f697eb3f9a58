package amberlens.cli;

import amberlens.files.WholeFile;

/** While something is being written: a program that is ended from outside removes what it has not finished. */
final class NothingLeft implements AutoCloseable {
    private final Thread ending = Thread.ofPlatform().unstarted(WholeFile::abandonAll);

    NothingLeft() {
        Runtime.getRuntime().addShutdownHook(ending);
    }

    @Override
    public void close() {
        try {
            Runtime.getRuntime().removeShutdownHook(ending);
        } catch (IllegalStateException _) {
            // it is ending, and the hook does its work
        }
    }
}
