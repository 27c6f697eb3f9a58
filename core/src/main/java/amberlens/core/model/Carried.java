package amberlens.core.model;

import amberlens.core.motion.Property;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * A move that follows the one of another shot.
 *
 * @param from the id of that shot
 * @param properties those that follow; the others are the shot's own
 */
public record Carried(String from, Set<Property<?>> properties) {
    public Carried {
        if (from.isBlank() || properties.isEmpty()) {
            throw new IllegalArgumentException("a move follows another shot in at least one property");
        }
        properties = Collections.unmodifiableSet(new TreeSet<>(properties));
    }
}
