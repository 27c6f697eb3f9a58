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
 * @param made whether the project itself has changed; it has not where it only looks so, as during a gesture, of whose end is told again
 */
public record Changes(Set<Change> what, Optional<Set<String>> shots, boolean made) {
    /** For somebody who has not looked yet. */
    public static final Changes EVERYTHING = new Changes(EnumSet.allOf(Change.class), Optional.empty(), true);

    public Changes {
        what = Collections.unmodifiableSet(EnumSet.copyOf(what));
        shots = shots.map(Set::copyOf);
    }

    /** Without a project among them. */
    static Changes of(Set<Change> what) {
        return new Changes(what, Optional.of(Set.of()), false);
    }

    public boolean contains(Change change) {
        return what.contains(change);
    }

    /** Whether nothing else has changed than these. */
    public boolean only(Set<Change> these) {
        return these.containsAll(what);
    }

    /** Whether more has changed than how the project looks during a gesture, which is told at every movement of the mouse. */
    public boolean beyondGesture() {
        return made || !only(EnumSet.of(Change.PROJECT));
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
        return new Changes(both, touched, made || more.made);
    }
}
