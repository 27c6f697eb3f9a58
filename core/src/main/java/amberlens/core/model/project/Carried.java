package amberlens.core.model.project;

import amberlens.core.motion.property.Property;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/**
 * A move that follows the one of another shot.
 *
 * @param from the id of that shot
 * @param properties those that follow; the others are the shot's own
 * @param looks whether its looks follow, all together
 */
public record Carried(String from, Set<Property<?>> properties, boolean looks) {
    /** The move alone. */
    public Carried(String from, Set<Property<?>> properties) {
        this(from, properties, false);
    }

    public Carried {
        if (from.isBlank() || (properties.isEmpty() && !looks)) {
            throw new IllegalArgumentException("a move follows another shot in at least one property");
        }
        properties = Collections.unmodifiableSet(new TreeSet<>(properties));
    }
}
