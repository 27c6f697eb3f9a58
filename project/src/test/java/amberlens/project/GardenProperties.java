package amberlens.project;

import static amberlens.core.motion.property.PropertyBuilder.property;

import amberlens.core.base.colour.Colour;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.PropertySource;
import java.util.List;

/** Two properties that only the tests have: nothing but these descriptors makes them go wherever the others go. */
public final class GardenProperties implements PropertySource {
    static final Property<Double> DEW = property("dew", "Dew", Group.LAYER, 50, ValueKinds.NUMBER, 0.0)
            .unit("%", "% of the leaves", " %")
            .range(0, 200, true)
            .build();

    static final Property<Colour> LEAF = property(
                    "leafColour", "Leaf colour", Group.LAYER, 51, ValueKinds.COLOUR, new Colour(0x2E5A30))
            .unit("", "a colour", "")
            .build();

    @Override
    public List<Property<?>> properties() {
        return List.of(DEW, LEAF);
    }
}
