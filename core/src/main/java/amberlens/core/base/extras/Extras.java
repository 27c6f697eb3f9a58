package amberlens.core.base.extras;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Unknown members of one object of a project file, in the order of the file. Values are plain JSON values: maps, lists,
 * strings, numbers, booleans and nulls. A nested map belongs to the known member of the same name.
 */
public record Extras(Map<String, Object> members) {
    /** Nothing beyond the known members. */
    public static final Extras NONE = new Extras(Map.of());

    public Extras {
        members = Collections.unmodifiableMap(new LinkedHashMap<>(members));
    }
}
