package amberlens.core.edit.edits;

import amberlens.core.material.look.Choice;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.Looks;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.Carrying;
import amberlens.core.motion.keys.MoveLength;
import amberlens.core.motion.property.Owner;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

/** Changes of the looks of shots. */
public final class LookEdits {
    private LookEdits() {}

    /** Gives looks to shots, behind those that are there, fitted to each picture and length. */
    public static Edit add(Set<String> shotIds, LookSet set) {
        return give("look \"" + set.name() + "\"", shotIds, set, false);
    }

    /** Gives looks to shots in place of those that are there. */
    public static Edit replace(String name, Set<String> shotIds, LookSet set) {
        return give(name, shotIds, set, true);
    }

    private static Edit give(String name, Set<String> shotIds, LookSet set, boolean instead) {
        return eachOf(name, shotIds, (project, shot) -> {
            List<Look> before = instead ? List.of() : shot.looks();
            if (before.size() + set.looks().size() > Looks.MOST) {
                throw new IllegalArgumentException("a shot has at most " + Looks.MOST + " looks");
            }
            LookSet.Worn worn = fitted(project, shot, set)
                    .behind(before, instead ? Looks.owned(shot.camera(), List.of()) : shot.camera());
            return shot.withLooks(worn.looks(), worn.camera());
        });
    }

    /** Looks as they look the same on a shot's picture, stretched to its length. */
    public static LookSet fitted(Project project, Shot shot, LookSet set) {
        CameraTrack sized = Carrying.fitted(
                set.camera(), set.picture(), project.mediaOf(shot).size(), project.frameSize());
        return set.withCamera(MoveLength.stretched(sized, set.length(), shot.length()));
    }

    /** The looks of a shot, to be given to others or kept. */
    public static LookSet of(Project project, Shot shot) {
        return new LookSet(
                shot.name(),
                shot.looks(),
                shot.camera(),
                project.mediaOf(shot).size(),
                project.frameSize(),
                shot.length());
    }

    /** The same looks for other shots, instead of theirs. */
    public static Edit copy(Project project, Shot from, Set<String> toIds) {
        return replace("copy looks", without(toIds, from.id()), of(project, from));
    }

    private static Set<String> without(Set<String> ids, String one) {
        var others = new TreeSet<>(ids);
        others.remove(one);
        return others;
    }

    /** Takes a look away. */
    public static Edit remove(String shotId, Look look) {
        return change("remove " + lower(look), shotId, look.owner(), _ -> Optional.empty());
    }

    /** Takes all looks of shots away. */
    public static Edit removeAll(Set<String> shotIds) {
        return eachOf("remove all looks", shotIds, (_, shot) -> shot.withLooks(List.of()));
    }

    /** Puts a look aside, or lets it work again. */
    public static Edit switchOn(String shotId, Look look, boolean on) {
        String name = (on ? "enable " : "disable ") + lower(look);
        return change(name, shotId, look.owner(), found -> Optional.of(found.withOn(on)));
    }

    /** Puts all looks of shots aside, or lets them work again. */
    public static Edit switchAll(Set<String> shotIds, boolean on) {
        String name = on ? "enable all looks" : "disable all looks";
        return eachOf(
                name,
                shotIds,
                (_, shot) -> shot.withLooks(
                        shot.looks().stream().map(look -> look.withOn(on)).toList()));
    }

    /** Moves a look up or down in the list; at its ends it stays. */
    public static Edit move(String shotId, Look look, int by) {
        return Edit.ofShot("reorder looks", shotId, shot -> {
            List<Look> looks = new ArrayList<>(shot.looks());
            int at = indexOf(looks, look.owner());
            if (at >= 0) {
                Look moved = looks.remove(at);
                looks.add(Math.clamp((long) at + by, 0, looks.size()), moved);
            }
            return shot.withLooks(looks);
        });
    }

    /** Answers a choice of a look. A mask that is to move with something else stays where it is seen at a frame. */
    public static <V> Edit choose(String shotId, Look look, Choice<V> choice, V answer, int frame) {
        String name = choice.word().toLowerCase(Locale.ROOT) + " of " + lower(look);
        return Edit.of(
                name,
                project -> project.mapShot(shotId, shot -> {
                    int at = indexOf(shot.looks(), look.owner());
                    if (at < 0) {
                        return shot;
                    }
                    Look before = shot.looks().get(at);
                    Look after = before.with(choice, answer);
                    List<Look> looks = new ArrayList<>(shot.looks());
                    looks.set(at, after);
                    boolean other = choice.equals(LookKinds.MASK_SPACE)
                            && before.get(LookKinds.MASK_SPACE) != after.get(LookKinds.MASK_SPACE);
                    CameraTrack camera =
                            other ? MaskSpaces.changed(project, shot, before, after, frame) : shot.camera();
                    return shot.withLooks(looks, camera);
                }));
    }

    private static String lower(Look look) {
        return look.words().toLowerCase(Locale.ROOT);
    }

    private static int indexOf(List<Look> looks, Owner owner) {
        for (int i = 0; i < looks.size(); i++) {
            if (looks.get(i).owner().equals(owner)) {
                return i;
            }
        }
        return -1;
    }

    private static Edit change(String name, String shotId, Owner owner, Function<Look, Optional<Look>> change) {
        return Edit.ofShot(
                name,
                shotId,
                shot -> shot.withLooks(shot.looks().stream()
                        .flatMap(look -> look.owner().equals(owner) ? change.apply(look).stream() : Stream.of(look))
                        .toList()));
    }

    private static Edit eachOf(String name, Set<String> shotIds, BiFunction<Project, Shot, Shot> change) {
        return Edit.of(
                name,
                project -> project.withShots(project.shots().stream()
                        .map(shot -> shotIds.contains(shot.id()) ? change.apply(project, shot) : shot)
                        .toList()));
    }
}
