package amberlens.desktop.desk;

/** Listening that can be ended. */
@FunctionalInterface
public interface Subscription extends AutoCloseable {
    @Override
    void close();
}
