package amberlens.cli;

import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryFilm;
import java.util.List;

/**
 * What was found of a film in one of its shapes.
 *
 * @param shots in time
 */
record FilmCheck(DeliveryFilm.Named film, List<ShotCheck> shots) {
    FilmCheck {
        shots = List.copyOf(shots);
    }

    /** Whether no mark that is always to be whole is cut. */
    boolean keeps() {
        return shots.stream().allMatch(ShotCheck::keeps);
    }

    boolean sealed() {
        return shots.stream().allMatch(ShotCheck::sealed);
    }
}
