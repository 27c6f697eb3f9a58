package amberlens.core.material.shake;

import java.util.function.UnaryOperator;

/** The shakes that come with the application, computed from a model of a {@link Hand}; none is from a film. */
public enum StockShake {
    STEADY_HANDS("Steady hands", "a calm person, camera at the eye", 11, hand -> hand.with(
                    0.08, 0.9, 1, 0.0035, 0.0028, 0.12)
            .with(8, 12, 0, 0.00022, 0.00028, 0.012)
            .breathing(14, 0.0016, 0.0006)),
    AT_ARMS_LENGTH(
            "At arm's length", "held out in front, a little tired", 23, hand -> hand.with(0.1, 1, 1, 0.006, 0.005, 0.3)
                    .with(1.2, 3.5, 1, 0.0012, 0.0014, 0.08)
                    .with(8, 12, 0, 0.0007, 0.0009, 0.035)),
    LONG_LENS("Long lens", "from far away, so that every tremor shows", 37, hand -> hand.with(
                    0.15, 1, 1, 0.008, 0.007, 0.06)
            .with(8, 12, 0, 0.0019, 0.0023, 0.015)
            .breathing(15, 0.004, 0.0002)),
    WALKING("Walking", "at two steps a second", 41, hand -> hand.with(0.1, 0.8, 1, 0.006, 0.003, 0.3)
            .walking(1.95, 0.0055, 0.0065, 0.35)
            .with(8, 12, 0, 0.0004, 0.0006, 0.02)),
    FROM_A_CAR("From a car", "the road under a passenger's camera", 53, hand -> hand.with(1, 1.5, 0, 0.002, 0.006, 0.2)
            .with(0.1, 0.9, 1, 0.004, 0.003, 0.15)
            .with(10, 12, 0, 0.0006, 0.0014, 0.03));

    private final String words;
    private final String use;
    private final Shake shake;

    StockShake(String words, String use, long seed, UnaryOperator<Hand> model) {
        this.words = words;
        this.use = use;
        shake = model.apply(new Hand(seed)).shake(words);
    }

    public String words() {
        return words;
    }

    /** What it is like, in a few words. */
    public String use() {
        return use;
    }

    public Shake shake() {
        return shake;
    }
}
