package amberlens.core.edit.edits;

import amberlens.core.model.project.Carried;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Which moves follow which. */
public final class LinkedMoves {
    private LinkedMoves() {}

    /** All shots that follow another one, each behind the one it follows; those in a circle are left out. */
    static List<Shot> inOrder(Project project) {
        Set<Shot> ordered = new LinkedHashSet<>();
        for (Shot shot : project.shots()) {
            List<Shot> chain = chain(project, shot);
            for (Shot link : chain.reversed()) {
                if (link.settings().carried().isPresent()) {
                    ordered.add(link);
                }
            }
        }
        return List.copyOf(ordered);
    }

    /** A shot, the one it follows, the one that follows, and so on; nothing where that comes back to a shot. */
    private static List<Shot> chain(Project project, Shot shot) {
        List<Shot> chain = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        Optional<Shot> at = Optional.of(shot);
        while (at.isPresent()) {
            if (!seen.add(at.get().id())) {
                return List.of();
            }
            chain.add(at.get());
            at = at.get().settings().carried().map(Carried::from).flatMap(project::shot);
        }
        return chain;
    }

    /** How many moves a shot's move follows, one through the other; 0 for one of its own. */
    public static int depth(Project project, Shot shot) {
        return Math.max(0, chain(project, shot).size() - 1);
    }

    /** The shots that follow a shot, directly or through others, the nearest first. */
    public static List<Shot> following(Project project, String id) {
        List<Shot> found = new ArrayList<>();
        for (Shot shot : inOrder(project)) {
            String from = shot.settings().carried().orElseThrow().from();
            boolean follows = from.equals(id)
                    || found.stream().anyMatch(other -> other.id().equals(from));
            if (follows && !shot.id().equals(id)) {
                found.add(shot);
            }
        }
        return found;
    }

    /**
     * Refuses a circle.
     *
     * @throws IllegalArgumentException naming the shot that would follow itself
     */
    static void requireNoCircle(Project project, String fromId, Collection<String> toIds) {
        Shot from = project.shot(fromId).orElseThrow();
        for (Shot leader : chain(project, from)) {
            if (!leader.id().equals(fromId) && toIds.contains(leader.id())) {
                throw new IllegalArgumentException("\"" + from.name() + "\" follows \"" + leader.name()
                        + "\", which cannot follow it in turn; free it first");
            }
        }
    }

    /** The first shot that follows itself through others; empty when there is none. */
    public static Optional<Shot> circle(List<Shot> shots) {
        Map<String, String> leaders = new HashMap<>();
        shots.forEach(shot -> shot.settings().carried().ifPresent(link -> leaders.put(shot.id(), link.from())));
        return shots.stream().filter(shot -> comesBack(shot.id(), leaders)).findFirst();
    }

    private static boolean comesBack(String id, Map<String, String> leaders) {
        Set<String> seen = new HashSet<>();
        String at = leaders.get(id);
        while (at != null && seen.add(at)) {
            at = leaders.get(at);
        }
        return seen.contains(id);
    }
}
