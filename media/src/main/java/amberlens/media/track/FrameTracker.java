package amberlens.media.track;

import amberlens.media.track.Flow.Levels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Keeps an eye on one subject from frame to frame. Where it went since the frame before is found by its points; then it is compared with
 * how it looked when it was pointed at, so that no error adds up. Parts that are hidden are outvoted. What is lost is looked for in
 * the whole picture until it is found again. Used by one thread.
 */
final class FrameTracker {
    /** Below this share nothing is known of a subject any more. */
    private static final double LOST = 0.3;

    /** How much it may have grown and turned, in radians, until it is found again. */
    private static final double MOST_GROWN = 1.5;

    private static final double MOST_TURNED = 0.7;

    /** Between these shares its look has changed enough to be learnt, and little enough to be trusted. */
    private static final double LEARN_ABOVE = 0.5;

    private static final double LEARN_BELOW = 0.8;

    /** So many frames lie between two looks that are learnt. */
    private static final int LEARN_EVERY = 8;

    /** How far from where it was lost it may be found: so many radii, and further with time, at least by so many pixels a frame. */
    private static final double NEAR = 4;

    private static final double LEAST_PACE = 4;
    private static final double FORGET_PACE = 0.9;

    /** Where it is suddenly seen less than this part of what is usual, something else may be taken for it. */
    private static final double SUDDEN = 0.6;

    /** It is found again where nearly as much of it is seen as was usual. */
    private static final double AS_USUAL = 0.75;

    /** By how much it has to be more alike than anything else. */
    private static final double STANDS_OUT = 0.1;

    private static final double USUAL_PART = 0.2;

    /** So long it is looked for in every frame, and after that in some. */
    private static final int LOOKED_FOR_AT_ONCE = 12;

    private static final int LOOKED_FOR_LATER = 3;

    /** In pixels: what moves less has come to rest. */
    private static final double SETTLED = 0.3;

    /** So many points have to agree, and this part of all. */
    private static final int FEWEST = 10;

    private static final double LEAST_PART = 0.3;

    /** What is not the first look is a little less sure. */
    private static final double LATER_LOOK = 0.85;

    /** How much larger than the first a later look is at most. */
    private static final double LARGEST_LATER = 1.5;

    private final Flow flow;
    private final Agreement coarse = new Agreement(2.5);
    private final Agreement fine = new Agreement(2);
    private final Search search = new Search();
    private final Likeness first;
    private Optional<Learnt> learnt = Optional.empty();
    private Grey before;
    private Placing placing;
    private double velocityX;
    private double velocityY;
    private boolean lost;
    private int lostFor;
    private double usual = 1;
    private double fastest;
    private int sinceLearnt = LEARN_EVERY;

    /** A later look: the subject stands in its middle as given. */
    private record Learnt(Likeness look, Placing ofSubject) {}

    /** Where the subject is, and how much of it is seen. */
    record Seen(Placing placing, double confidence) {}

    /** A piece of the frame around where something is to be found. */
    private record Around(Levels levels, int left, int top, int size) {
        Placing inside(Placing placing) {
            return placing.movedTo(placing.x() - left, placing.y() - top);
        }

        Placing outside(Placing placing) {
            return placing.movedTo(placing.x() + left, placing.y() + top);
        }
    }

    /**
     * From the frame in which the subject was pointed at.
     *
     * @param x of the subject, in pixels of the frame
     * @param radius half the side of the square that counts
     */
    FrameTracker(Grey frame, double x, double y, double radius, Flow flow) {
        this.flow = flow;
        first = new Likeness(frame, x, y, radius, flow);
        before = frame;
        placing = Placing.at(x, y);
    }

    /** Whether there is anything at the place that could be followed. */
    boolean tells() {
        return first.tells();
    }

    /** The next frame, in either direction. */
    Seen next(Grey frame) {
        Optional<Seen> seen = lost ? search(frame) : step(frame);
        lostFor = seen.isPresent() ? 0 : lostFor + 1;
        before = frame;
        if (seen.isEmpty()) {
            lost = true;
            return new Seen(placing, 0);
        }
        Placing now = seen.get().placing();
        usual += USUAL_PART * (seen.get().confidence() - usual);
        double pace = Math.hypot(now.x() - placing.x(), now.y() - placing.y());
        fastest = lost ? fastest : Math.max(fastest * FORGET_PACE, pace);
        velocityX = lost ? 0 : now.x() - placing.x();
        velocityY = lost ? 0 : now.y() - placing.y();
        placing = now;
        lost = false;
        return seen.get();
    }

    private Around around(Grey frame, Placing where, double reach) {
        int half = (int) Math.ceil(reach);
        int left = (int) Math.round(where.x()) - half;
        int top = (int) Math.round(where.y()) - half;
        Shades piece = frame.image().cut(left, top, 2 * half, 2 * half);
        return new Around(flow.levels(piece), left, top, 2 * half);
    }

    private Optional<Seen> step(Grey frame) {
        double reach = first.radius() * placing.scale() * 1.4 + 40;
        Placing guess = placing.movedTo(placing.x() + velocityX, placing.y() + velocityY);
        Around now = around(frame, guess, reach);
        Shades old = before.image().cut(now.left, now.top, now.size, now.size);
        Placing came = moved(flow.levels(old), now, guess).orElse(guess);
        Optional<Seen> exact = judged(frame, now, came);
        return exact.isPresent() || came.equals(guess) ? exact : judged(frame, now, guess);
    }

    /** Where its points went since the frame before. */
    private Optional<Placing> moved(Levels old, Around now, Placing guess) {
        return coarse.of(flow.pairs(old, now.levels, first.points(), now.inside(placing), now.inside(guess)))
                .map(found -> now.outside(found.placing()));
    }

    /** How a look is laid over a frame, and how alike its cells are there. */
    private record Laid(Placing placing, double[] alike) {
        double share() {
            return Likeness.share(alike);
        }
    }

    /** A look laid over a frame near a place; empty where it is not seen, or suddenly so little of it that it may be something else. */
    private Optional<Laid> laid(Likeness look, Around now, Placing near) {
        return near(look, now, near)
                .filter(laid -> laid.share() >= LOST && (laid.share() >= SUDDEN * usual || Likeness.sure(laid.alike)));
    }

    /** By what most of its points agree upon, or where these are few, by all of its pixels. */
    private Optional<Laid> near(Likeness look, Around now, Placing near) {
        return byPoints(look, now, near)
                .or(() -> look.laid(now.levels, now.inside(near)).map(now::outside))
                .map(at -> new Laid(at, look.alike(now.levels, now.inside(at))));
    }

    /** Compared with its first look, and with a later one where that is not enough. */
    private Optional<Seen> judged(Grey frame, Around now, Placing came) {
        Optional<Laid> byFirst = laid(first, now, came);
        double share = byFirst.map(Laid::share).orElse(0.0);
        sinceLearnt++;
        if (share < LEARN_ABOVE) {
            Optional<Seen> byLater = byLater(now, came).filter(seen -> seen.confidence() > share);
            if (byLater.isPresent()) {
                return byLater;
            }
        } else if (share < LEARN_BELOW && sinceLearnt >= LEARN_EVERY) {
            byFirst.ifPresent(laid -> learn(frame, laid));
        }
        return byFirst.map(laid -> new Seen(laid.placing, laid.share()));
    }

    private Optional<Seen> byLater(Around now, Placing came) {
        return learnt.flatMap(later -> laid(later.look, now, came.after(later.ofSubject.inverse()))
                .map(laid -> new Seen(laid.placing.after(later.ofSubject), laid.share() * LATER_LOOK)));
    }

    /** Learns how it looks now, of the cells that are seen: the others may be something in front of it. */
    private void learn(Grey frame, Laid laid) {
        sinceLearnt = 0;
        Placing at = laid.placing;
        var look = new Likeness(frame, at.x(), at.y(), first.radius() * Math.min(LARGEST_LATER, at.scale()), flow);
        look.keepWhere(first, laid.alike, at.movedTo(0, 0).inverse());
        learnt = Optional.of(
                new Learnt(look, Placing.at(at.x(), at.y()).inverse().after(at)));
    }

    /** The exact place near a place: what most of its points agree upon. */
    private Optional<Placing> byPoints(Likeness look, Around now, Placing near) {
        Placing at = now.inside(near);
        for (int turn = 0; turn < 2; turn++) {
            Levels expected = flow.levels(look.set(at, now.size, now.size));
            Optional<Agreement.Found> found = fine.of(flow.pairs(expected, now.levels, look.points(), at, at))
                    .filter(one -> one.agreeing().size()
                            >= Math.max(FEWEST, look.points().size() * LEAST_PART));
            if (found.isEmpty()) {
                return Optional.empty();
            }
            Placing next = found.get().placing();
            double moved = Math.hypot(next.x() - at.x(), next.y() - at.y());
            at = next;
            if (moved < SETTLED) {
                break;
            }
        }
        return Optional.of(now.outside(at));
    }

    private Optional<Seen> search(Grey frame) {
        if (lostFor > LOOKED_FOR_AT_ONCE && lostFor % LOOKED_FOR_LATER != 0) {
            return Optional.empty();
        }
        List<Laid> found = new ArrayList<>();
        for (Placing place : search.places(frame, first, placing)) {
            Around now = around(frame, place, first.radius() * place.scale() * 1.4 + 40);
            near(first, now, place).ifPresent(found::add);
        }
        found.sort(Comparator.comparingDouble(laid -> -laid.share()));
        return found.stream()
                .findFirst()
                .filter(best -> plausible(best.placing) && isItAgain(best) && standsOut(best, found))
                .map(best -> new Seen(best.placing, best.share()));
    }

    /** Whether nothing elsewhere in the frame is nearly as alike: what is found there anyway is what chance makes of it. */
    private boolean standsOut(Laid best, List<Laid> found) {
        double apart = first.radius() * placing.scale();
        return found.stream()
                .filter(laid ->
                        Math.hypot(laid.placing.x() - best.placing.x(), laid.placing.y() - best.placing.y()) > apart)
                .allMatch(laid -> laid.share() <= best.share() - STANDS_OUT);
    }

    /** While nobody saw it, it did not become another thing. */
    private boolean plausible(Placing found) {
        double grown = found.scale() / placing.scale();
        double turned = Math.abs(Math.IEEEremainder(found.turn() - placing.turn(), 2 * Math.PI));
        double far = Math.hypot(found.x() - placing.x(), found.y() - placing.y());
        double reach = NEAR * first.radius() * placing.scale() + lostFor * Math.max(LEAST_PACE, 2 * fastest);
        return grown < MOST_GROWN && grown > 1 / MOST_GROWN && turned < MOST_TURNED && far < reach;
    }

    /** Nearly as much of it is seen as was usual, or half of it just as it was: the rest may still be hidden. */
    private boolean isItAgain(Laid laid) {
        return Likeness.halfAsItWas(laid.alike) || laid.share() >= AS_USUAL * usual && Likeness.sure(laid.alike);
    }
}
