package amberlens.core.motion.property;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.curve.Channel;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * What some properties do over time. One that is left out is neutral, and a neutral constant is left out by itself, save for those of
 * the pose and others whose neutral values depend on picture and frame.
 */
public final class Channels {
    public static final Channels NONE = new Channels(List.of(), List.of());

    private static final Size ANY = new Size(1, 1);

    /** In their order. */
    private final List<Property<?>> properties;

    private final List<Channel<?>> channels;

    private Channels(List<Property<?>> properties, List<Channel<?>> channels) {
        this.properties = properties;
        this.channels = channels;
    }

    /** Changes a channel, knowing whose it is. */
    public interface Change {
        <V> Channel<V> apply(Property<V> property, Channel<V> channel);
    }

    /** Those that are not left out, in their order; unmodifiable. */
    public List<Property<?>> properties() {
        return properties;
    }

    /** Their channels in the same order; unmodifiable. */
    public List<Channel<?>> all() {
        return channels;
    }

    public boolean has(Property<?> property) {
        return properties.contains(property);
    }

    /** The channel of a property; neutral when it is left out. */
    @SuppressWarnings("unchecked") // with() puts only channels of a property's own type beside it
    public <V> Channel<V> get(Property<V> property) {
        for (int i = 0; i < properties.size(); i++) {
            if (properties.get(i).equals(property)) {
                return (Channel<V>) channels.get(i);
            }
        }
        return neutral(property);
    }

    private static <V> Channel<V> neutral(Property<V> property) {
        return Channel.constant(property.kind(), property.neutral(ANY, ANY));
    }

    /** These with the channel of a property. */
    public <V> Channels with(Property<V> property, Channel<V> channel) {
        boolean leftOut = property.group() != Group.POSE && !property.isPlaced() && channel.equals(neutral(property));
        List<Property<?>> newProperties = new ArrayList<>(properties);
        List<Channel<?>> newChannels = new ArrayList<>(channels);
        int at = 0;
        while (at < properties.size() && properties.get(at).compareTo(property) < 0) {
            at++;
        }
        if (at < properties.size() && properties.get(at).equals(property)) {
            newProperties.remove(at);
            newChannels.remove(at);
        }
        if (!leftOut) {
            newProperties.add(at, property);
            newChannels.add(at, channel);
        }
        return new Channels(List.copyOf(newProperties), List.copyOf(newChannels));
    }

    /** These, changed; neutral ones that are left out are not asked. */
    public Channels map(Change change) {
        Channels changed = this;
        for (Property<?> property : properties) {
            changed = changed.changed(property, change);
        }
        return changed;
    }

    private <V> Channels changed(Property<V> property, Change change) {
        return with(property, change.apply(property, get(property)));
    }

    /** These, of which those that fit are as in others. */
    public Channels taking(Channels others, Predicate<Property<?>> fits) {
        Channels changed = NONE;
        for (Property<?> property : properties) {
            changed = fits.test(property) ? changed : changed.takingOne(this, property);
        }
        for (Property<?> property : others.properties) {
            changed = fits.test(property) ? changed.takingOne(others, property) : changed;
        }
        return changed;
    }

    private <V> Channels takingOne(Channels from, Property<V> property) {
        return with(property, from.get(property));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Channels all && all.properties.equals(properties) && all.channels.equals(channels);
    }

    @Override
    public int hashCode() {
        return channels.hashCode();
    }

    @Override
    public String toString() {
        return properties + " " + channels;
    }
}
