package amberlens.demo;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import java.util.List;

/** What matters in the drawings of the garden: the name of the specimen, and the dome of the glasshouse. */
final class FernhollowMarks {
    private FernhollowMarks() {}

    static Media onSpecimen(Media specimen) {
        return specimen.withMarks(List.of(Mark.drawn("k1", new PictureBox(2650, 4060, 850, 300))));
    }

    static Media onGlasshouse(Media glasshouse) {
        return glasshouse.withMarks(List.of(new Mark(
                "k1",
                Mark.Kind.SUBJECT,
                new PictureBox(2300, 800, 1400, 900),
                1,
                Mark.Keep.RESTS,
                Mark.By.HAND,
                Extras.NONE)));
    }
}
