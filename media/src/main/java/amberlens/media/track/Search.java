package amberlens.media.track;

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
    private static final int MOST = 3;
    private static final double[] SIZES = {1, 0.84, 1.19};

    private final TemplateMatching<GrayF32> matching =
            FactoryTemplateMatching.createMatcher(TemplateScoreType.NCC, GrayF32.class);

    /** Places where something may be, the likeliest first. */
    List<Placing> places(Grey frame, Likeness look, Placing last) {
        GrayF32 small = shrunk(frame.image());
        matching.setImage(small);
        List<Placing> places = new ArrayList<>();
        List<Match> matches = new ArrayList<>();
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
                matches.add(new Match(match.x, match.y, match.score));
                places.add(sized.movedTo((match.x + side / 2.0) * SHRUNK, (match.y + side / 2.0) * SHRUNK));
            }
        }
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble(i -> -matches.get(i).score));
        return order.stream().limit(MOST).map(places::get).toList();
    }

    private static GrayF32 shrunk(GrayF32 image) {
        var small = new GrayF32(Math.max(1, image.width / SHRUNK), Math.max(1, image.height / SHRUNK));
        for (int y = 0; y < small.height; y++) {
            for (int x = 0; x < small.width; x++) {
                float sum = 0;
                for (int dy = 0; dy < SHRUNK; dy++) {
                    int row = image.startIndex + Math.min(image.height - 1, y * SHRUNK + dy) * image.stride;
                    for (int dx = 0; dx < SHRUNK; dx++) {
                        sum += image.data[row + Math.min(image.width - 1, x * SHRUNK + dx)];
                    }
                }
                small.data[y * small.width + x] = sum / (SHRUNK * SHRUNK);
            }
        }
        return small;
    }
}
