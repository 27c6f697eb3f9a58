package amberlens.core.motion.property;

import java.util.List;

/** Brings properties beside those that ship; found as a service. */
public interface PropertySource {
    /** Each with an id and a place of its own. */
    List<Property<?>> properties();
}
