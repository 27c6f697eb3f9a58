package amberlens.desktop.desk.state;

import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Lane;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

/**
 * What is selected.
 *
 * @param shotId the shot that Table, Camera and Score show
 * @param others further shots, for changes of several at once
 * @param part the part of the shot that delete and ease act on
 */
public record Selection(Optional<String> shotId, Set<String> others, Part part) {
    public static final Selection NONE = new Selection(Optional.empty(), Set.of(), new Nothing());

    public Selection {
        others = Set.copyOf(others);
    }

    /** A part of a shot. Frames count from the shot's first. */
    public sealed interface Part {}

    public record Nothing() implements Part {}

    /** All keys at a frame. */
    public record Framing(int frame) implements Part {}

    /** The way from one framing to the next, or in one lane from one key to the next. */
    public record LegFrom(int frame, Optional<Lane> lane) implements Part {
        public LegFrom(int frame) {
            this(frame, Optional.empty());
        }
    }

    /** Some keys. */
    public record Keys(KeySet keys) implements Part {}

    /** A marker of the shot, or of the line-up, whose frames then count from the line-up's first. */
    public record MarkerAt(int frame, boolean onLineUp) implements Part {}

    /** Clips of sound, by their ids. */
    public record Sounds(Set<String> clips) implements Part {
        public Sounds {
            clips = Set.copyOf(clips);
        }
    }

    /** Keys of the level of a clip of sound; their frames count from the clip's start. */
    public record LevelKeys(String clip, Set<Integer> frames) implements Part {
        public LevelKeys {
            frames = Set.copyOf(frames);
        }
    }

    public static Selection shot(String id) {
        return new Selection(Optional.of(id), Set.of(), new Nothing());
    }

    /** The same with other shots selected beside the one that is shown. */
    public Selection withOthers(Set<String> ids) {
        return new Selection(shotId, ids, part);
    }

    public Selection with(Part newPart) {
        return new Selection(shotId, others, newPart);
    }

    /** Whether the shot is among the selected ones. */
    public boolean includes(String id) {
        return shotId.filter(id::equals).isPresent() || others.contains(id);
    }

    /** All selected shots, the shown one first. */
    public Set<String> shots() {
        var all = new LinkedHashSet<String>();
        shotId.ifPresent(all::add);
        all.addAll(others);
        return all;
    }

    /** The clips of sound that are selected, or whose keys are. */
    public Set<String> sounds() {
        return switch (part) {
            case Sounds sounds -> sounds.clips();
            case LevelKeys keys -> Set.of(keys.clip());
            default -> Set.of();
        };
    }

    /** Adds a shot to the selected ones, or takes it away; the shown one stays. */
    public Selection toggled(String id) {
        if (shotId.isEmpty() || shotId.get().equals(id)) {
            return shotId.isEmpty() ? shot(id) : this;
        }
        var changed = new LinkedHashSet<>(others);
        if (!changed.remove(id)) {
            changed.add(id);
        }
        return new Selection(shotId, changed, part);
    }
}
