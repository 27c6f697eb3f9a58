package amberlens.media.track;

import boofcv.alg.filter.misc.AverageDownSampleOps;
import boofcv.alg.template.TemplateMatching;
import boofcv.factory.template.FactoryTemplateMatching;
import boofcv.factory.template.TemplateScoreType;
import boofcv.struct.feature.Match;
import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Looks for something in a whole picture, by the correlation of a general library on a small copy; what it finds is then looked at closely. */
final class Search {
    private static final int SHRUNK = 4;
    private static final int MOST = 5;
    private static final double[] SIZES = {1, 0.84, 1.19};

    private final TemplateMatching<GrayF32> matching =
            FactoryTemplateMatching.createMatcher(TemplateScoreType.NCC, GrayF32.class);

    private record Guess(Placing placing, double score) {}

    /** Places where something may be, the likeliest first. */
    List<Placing> places(Grey frame, Likeness look, Placing last) {
        GrayF32 small = shrunk(frame.image());
        matching.setImage(small);
        List<Guess> guesses = new ArrayList<>();
        for (double size : SIZES) {
            Placing sized = last.scaled(size);
            int side = (int) Math.ceil(2 * look.radius() * sized.scale() / SHRUNK);
            if (side < 5 || side >= Math.min(small.width, small.height)) {
                continue;
            }
            GrayF32 template = shrunk(
                    look.set(sized.movedTo(side * SHRUNK / 2.0, side * SHRUNK / 2.0), side * SHRUNK, side * SHRUNK));
            matching.setTemplate(template, null, MOST);
            matching.setMinimumSeparation(Math.max(2, side / 2));
            matching.process();
            for (Match match : matching.getResults().toList()) {
                guesses.add(new Guess(
                        sized.movedTo((match.x + side / 2.0) * SHRUNK, (match.y + side / 2.0) * SHRUNK), match.score));
            }
        }
        guesses.sort(Comparator.comparingDouble(guess -> -guess.score));
        return guesses.stream().limit(MOST).map(Guess::placing).toList();
    }

    private static GrayF32 shrunk(GrayF32 image) {
        var small = new GrayF32(1, 1);
        AverageDownSampleOps.reshapeDown(small, image.width, image.height, SHRUNK);
        AverageDownSampleOps.down(image, SHRUNK, small);
        return small;
    }
}
