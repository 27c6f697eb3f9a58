package amberlens.core.motion;

/** A change of a channel that does not look at its values. */
public interface ChannelChange {
    <V> Channel<V> apply(Channel<V> channel);
}
