package amberlens.desktop.desk.state;

/** Listening that can be ended. */
@FunctionalInterface
public interface Subscription extends AutoCloseable {
    @Override
    void close();
}
