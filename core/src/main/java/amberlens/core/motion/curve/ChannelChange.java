package amberlens.core.motion.curve;

/** A change of a channel that does not look at its values. */
public interface ChannelChange {
    <V> Channel<V> apply(Channel<V> channel);
}
