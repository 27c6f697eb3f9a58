package amberlens.desktop.desk.state;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What a listener of the desk is told.
 *
 * @param what has changed
 * @param shots those whose part of the project has changed; empty for all of them
 */
public record Changes(Set<Change> what, Optional<Set<String>> shots) {
    /** For somebody who has not looked yet. */
    public static final Changes EVERYTHING = new Changes(EnumSet.allOf(Change.class), Optional.empty());

    public Changes {
        what = Collections.unmodifiableSet(EnumSet.copyOf(what));
        shots = shots.map(Set::copyOf);
    }

    /** Without a project among them. */
    static Changes of(Set<Change> what) {
        return new Changes(what, Optional.of(Set.of()));
    }

    public boolean contains(Change change) {
        return what.contains(change);
    }

    /** Whether nothing else has changed than these. */
    public boolean only(Set<Change> these) {
        return these.containsAll(what);
    }

    /** Whether somebody who shows one shot has to look again: at its part of the project, or at anything else. */
    public boolean concern(Optional<String> shot) {
        return !only(EnumSet.of(Change.PROJECT))
                || shots.isEmpty()
                || shot.isEmpty()
                || shots.get().contains(shot.get());
    }

    Changes and(Changes more) {
        var both = EnumSet.copyOf(what);
        both.addAll(more.what);
        var touched = shots.flatMap(some -> more.shots.map(others -> {
            var all = new java.util.HashSet<>(some);
            all.addAll(others);
            return (Set<String>) all;
        }));
        return new Changes(both, touched);
    }
}
