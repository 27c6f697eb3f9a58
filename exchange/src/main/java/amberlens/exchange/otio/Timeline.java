package amberlens.exchange.otio;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.property.Properties;
import amberlens.exchange.move.NumberedName;
import amberlens.exchange.web.PageLinks;
import amberlens.project.ClipText;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * A line-up as an OpenTimelineIO timeline (file format of the Academy Software Foundation): tracks from the lowest up, clips, gaps between
 * them, a dissolve where neighbours overlap; each clip has the shot's move among its metadata, as copied keys have it (docs/CLIPBOARD.md).
 * A rig is a gap with its move.
 */
public final class Timeline {
    /** The only kind of transition that the format itself names. */
    static final String DISSOLVE = "SMPTE_Dissolve";

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final Project project;
    private final Path file;
    private final double rate;

    private Timeline(Project project, Path file) {
        this.project = project;
        this.file = file;
        rate = project.frame().rate().perSecond();
    }

    /**
     * All shots of a project that show something a file holds.
     *
     * @param file where it will be written; media are named by their paths from there
     */
    public static ObjectNode of(Project project, Path file) {
        return new Timeline(project, file).whole();
    }

    private ObjectNode whole() {
        ObjectNode timeline = Otio.object("Timeline.1", project.name());
        ObjectNode ours = ((ObjectNode) timeline.get("metadata")).putObject(Otio.OURS);
        Size frame = project.frameSize();
        ours.putObject("frame")
                .put("width", frame.width())
                .put("height", frame.height())
                .put("rate", project.frame().rate().written())
                .put("background", project.frame().background().toString());
        timeline.putNull("global_start_time");
        ObjectNode stack = Otio.item("Stack.1", "tracks");
        ArrayNode tracks = stack.putArray("children");
        var numbers = new TreeSet<Integer>();
        project.shots().stream().filter(this::isSaid).forEach(shot -> numbers.add(shot.track()));
        numbers.forEach(number -> tracks.add(track(number)));
        timeline.set("tracks", stack);
        return timeline;
    }

    private boolean isSaid(Shot shot) {
        return project.mediaOf(shot).hasPixels() || project.isRig(shot);
    }

    /** How many titles of a project a timeline cannot name, because no file holds what they show. */
    public static long unsaid(Project project) {
        return project.shots().stream().filter(project::isTitle).count();
    }

    private ObjectNode track(int number) {
        ObjectNode track = Otio.item("Track.1", "Track " + number);
        track.put("kind", "Video");
        ArrayNode children = track.putArray("children");
        List<Shot> shots = project.shots().stream()
                .filter(shot -> shot.track() == number && isSaid(shot))
                .sorted(Comparator.comparingInt(Shot::start))
                .toList();
        int at = 0;
        int early = 0;
        for (int i = 0; i < shots.size(); i++) {
            Shot shot = shots.get(i);
            if (shot.start() > at) {
                children.add(gap(shot.start() - at));
                at = shot.start();
            }
            int end = shot.start() + shot.length();
            Shot next = i + 1 < shots.size() ? shots.get(i + 1) : null;
            if (next != null && (!dissolves(next) || project.isRig(shot))) {
                end = Math.min(end, next.start()); // it lies over this one from its first frame on
            }
            int overlap = next == null ? 0 : Math.max(0, end - next.start());
            int late = overlap - overlap / 2; // what the next one's half leaves
            int cut = end - (overlap == 0 ? 0 : late);
            children.add(project.isRig(shot) ? rig(shot, cut - at) : clip(shot, early, cut - at));
            at = cut;
            early = overlap == 0 ? 0 : overlap / 2;
            if (overlap > 0) {
                children.add(dissolve(overlap / 2, late));
            }
        }
        return track;
    }

    private boolean dissolves(Shot shot) {
        return !project.isRig(shot)
                && shot.layering()
                        .enter()
                        .filter(fade -> fade.through().isEmpty())
                        .isPresent();
    }

    private ObjectNode gap(int frames) {
        ObjectNode gap = Otio.item("Gap.1", "");
        gap.set("source_range", Otio.range(0, frames, rate));
        return gap;
    }

    /** It shows nothing of its own, so other programs see a gap; what it does to the shots below stands beside. */
    private ObjectNode rig(Shot shot, int frames) {
        ObjectNode gap = gap(frames);
        gap.put("name", shot.name());
        ((ObjectNode) gap.get("metadata")).set(Otio.OURS, ours(shot).put("rig", true));
        return gap;
    }

    private ObjectNode dissolve(int before, int after) {
        ObjectNode transition = Otio.object("Transition.1", "");
        transition.put("transition_type", DISSOLVE);
        transition.set("in_offset", Otio.time(before, rate));
        transition.set("out_offset", Otio.time(after, rate));
        return transition;
    }

    /**
     * A clip.
     *
     * @param early the frames of the shot that a dissolve shows before the clip begins
     */
    private ObjectNode clip(Shot shot, int early, int frames) {
        ObjectNode clip = Otio.item("Clip.2", shot.name());
        double start = early * steadySpeed(shot) + sourceSeconds(shot) * rate;
        clip.set("source_range", Otio.range(start, frames, rate));
        retimed(clip, shot);
        ObjectNode references = clip.putObject("media_references");
        references.set("DEFAULT_MEDIA", reference(project.mediaOf(shot)));
        clip.put("active_media_reference_key", "DEFAULT_MEDIA");
        ((ObjectNode) clip.get("metadata")).set(Otio.OURS, ours(shot));
        return clip;
    }

    private double sourceSeconds(Shot shot) {
        return project.sourceTime(shot)
                .map(time -> time.footage().rate().seconds(time.source().in()))
                .orElse(0.0);
    }

    /** How many frames of its source pass in a frame, where that is said. */
    private double steadySpeed(Shot shot) {
        Channel<Double> speed = shot.camera().get(Properties.SPEED);
        boolean said = project.sourceTime(shot).isPresent() && (!speed.animated() || speed.muted());
        return said ? speed.constant() / 100 : 1;
    }

    /** A constant speed as a time warp; others stand in our own metadata only. */
    private void retimed(ObjectNode clip, Shot shot) {
        double speed = steadySpeed(shot);
        if (speed != 1) {
            ObjectNode warp = Otio.object("LinearTimeWarp.1", "");
            warp.put("effect_name", "").put("enabled", true).put("time_scalar", speed);
            ((ArrayNode) clip.get("effects")).add(warp);
        }
    }

    private ObjectNode reference(Media media) {
        Optional<NumberedName> name =
                media.kind() == Media.Kind.SEQUENCE ? NumberedName.of(media.fileName()) : Optional.empty();
        if (name.isPresent()) {
            return numbered(media, name.get());
        }
        ObjectNode reference = Otio.object("ExternalReference.1", media.fileName());
        reference.put("target_url", PageLinks.from(file, media.path()));
        reference.set(
                "available_range",
                media.footage()
                        .map(footage -> (JsonNode)
                                Otio.range(0, footage.frames(), footage.rate().perSecond()))
                        .orElse(NODES.nullNode()));
        reference.putNull("available_image_bounds");
        return reference;
    }

    /** Numbered pictures, as their names say it. */
    private ObjectNode numbered(Media media, NumberedName name) {
        String link = PageLinks.from(file, media.path());
        int slash = link.lastIndexOf('/');
        ObjectNode reference = Otio.object("ImageSequenceReference.1", media.fileName());
        Footage footage = media.footage().orElseThrow();
        double rate = footage.rate().perSecond();
        reference.put("target_url_base", slash < 0 ? "" : link.substring(0, slash + 1));
        reference.put("name_prefix", name.before()).put("name_suffix", name.after());
        reference.put("start_frame", name.number()).put("frame_step", 1).put("rate", rate);
        reference.put("frame_zero_padding", name.digits()).put("missing_frame_policy", "hold");
        reference.set("available_range", Otio.range(0, footage.frames(), rate));
        reference.putNull("available_image_bounds");
        return reference;
    }

    /** The move, the speed too, and what else of the shot is needed to show it. */
    private ObjectNode ours(Shot shot) {
        ObjectNode ours = NODES.objectNode();
        var properties = new TreeSet<>(Properties.OF_MOVE);
        properties.add(Properties.SPEED);
        var clip = new KeyClip(
                        KeyClip.What.MOVE,
                        shot.camera(),
                        properties,
                        0,
                        project.mediaOf(shot).size(),
                        project.frameSize())
                .withInset(!shot.fillsFrame());
        ours.set("move", ClipText.tree(clip));
        ours.put("mirror", shot.settings().mirror().word());
        ours.put("from", sourceSeconds(shot));
        return ours;
    }
}
