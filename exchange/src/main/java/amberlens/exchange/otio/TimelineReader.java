package amberlens.exchange.otio;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.exchange.cut.CutEvent;
import amberlens.exchange.cut.CutList;
import amberlens.exchange.cut.KeptMove;
import amberlens.exchange.move.NumberedName;
import amberlens.project.ClipText;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Reads the tracks of an OpenTimelineIO timeline: clips, gaps, dissolves and time warps. What lies within others, other effects and sound
 * are named and left out.
 */
public final class TimelineReader {
    private static final int MOST_DIGITS = 9;
    private static final double USUAL_RATE = 25;

    /** Frames beyond which no line-up reaches. */
    private static final int FURTHEST = 1_000_000_000;

    private final FrameRate rate;
    private final List<CutEvent> events = new ArrayList<>();
    private final List<String> remarks = new ArrayList<>();

    private TimelineReader(FrameRate rate) {
        this.rate = rate;
    }

    /** Whether this is a timeline, or something that can stand in one. */
    public static boolean isOne(JsonNode root) {
        return root.has(Otio.SCHEMA);
    }

    /**
     * Reads a timeline.
     *
     * @param name for one that has none
     * @param wanted its rate; empty for the one that its first clip has
     * @throws FileProblem when it holds no tracks
     */
    public static CutList read(JsonNode root, String name, Optional<FrameRate> wanted) throws FileProblem {
        JsonNode timeline = Otio.kind(root).equals("SerializableCollection") ? first(root.path("children")) : root;
        JsonNode tracks = Otio.kind(timeline).equals("Timeline")
                ? timeline.path("tracks").path("children")
                : timeline.path("children");
        if (!Otio.kind(timeline).equals("Timeline") && !Otio.kind(timeline).equals("Stack")) {
            throw new FileProblem(
                    "a timeline was expected, not " + root.path(Otio.SCHEMA).asText());
        }
        JsonNode ours = timeline.path("metadata").path(Otio.OURS).path("frame");
        FrameRate rate = wanted.or(() -> written(ours)).orElseGet(() -> Otio.rate(rateIn(tracks)));
        var reader = new TimelineReader(rate);
        int track = 0;
        for (JsonNode child : tracks) {
            if (child.path("kind").asText("Video").equals("Video")) {
                track++;
                reader.track(child, track);
            } else {
                reader.remarks.add("Track \"" + child.path("name").asText() + "\" holds sound; it is left out.");
            }
        }
        String title = timeline.path("name").asText("");
        return new CutList(
                title.isBlank() ? name : title, rate, size(ours), colour(ours), reader.events, reader.remarks);
    }

    private static JsonNode first(JsonNode children) {
        return children.path(0);
    }

    private static Optional<FrameRate> written(JsonNode ours) {
        try {
            return ours.path("rate").isTextual()
                    ? Optional.of(FrameRate.parse(ours.path("rate").asText()))
                    : Optional.empty();
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    private static Optional<Size> size(JsonNode ours) {
        int width = ours.path("width").asInt(0);
        int height = ours.path("height").asInt(0);
        boolean good = width > 0 && height > 0 && Math.max(width, height) <= FrameFormat.LARGEST;
        return good ? Optional.of(new Size(width, height)) : Optional.empty();
    }

    private static Optional<Colour> colour(JsonNode ours) {
        try {
            return ours.path("background").isTextual()
                    ? Optional.of(Colour.parse(ours.path("background").asText()))
                    : Optional.empty();
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    /** The rate of the first clip's duration; what the timeline was cut at. */
    private static double rateIn(JsonNode tracks) {
        for (JsonNode duration : tracks.findValues("duration")) {
            double found = duration.path("rate").asDouble(0);
            if (found >= 1 && found <= 1000) {
                return found;
            }
        }
        return USUAL_RATE;
    }

    private void track(JsonNode track, int number) {
        var row = new Row(number);
        for (JsonNode child : track.path("children")) {
            switch (Otio.kind(child)) {
                case "Transition" -> row.transition(child);
                case "Clip" -> row.clip(child);
                default -> row.gap(child);
            }
        }
    }

    /** How far a track has been read. Places are summed in seconds and rounded once, so that clips at other rates do not drift. */
    private final class Row {
        private final int track;
        private double seconds;
        private int latest = -1; // the event just before, unless a gap is there
        private int before; // frames by which a dissolve makes the next clip come earlier
        private int over; // frames of that dissolve

        Row(int track) {
            this.track = track;
        }

        void transition(JsonNode transition) {
            String kind = transition.path("transition_type").asText(Timeline.DISSOLVE);
            if (!kind.equals(Timeline.DISSOLVE)) {
                remarks.add("A transition of the kind \"" + kind
                        + "\" is not known here; a dissolve of the same length replaces it.");
            }
            before = frames(Otio.seconds(transition.path("in_offset")));
            int after = frames(Otio.seconds(transition.path("out_offset")));
            over = before + after;
            if (latest >= 0) {
                events.set(latest, events.get(latest).longer(after).leaving(before));
            }
        }

        void clip(JsonNode clip) {
            int start = frames(seconds);
            seconds += Otio.seconds(range(clip).path("duration"));
            int frames = frames(seconds) - start;
            if (frames < 1) {
                remarks.add("\"" + clip.path("name").asText() + "\" has no length; it is left out.");
                return;
            }
            CutEvent event = event(clip, track, start, frames);
            if (over > 0 && latest >= 0) {
                events.set(latest, events.get(latest).leaving(0));
                event = event.earlier(before, rate.perSecond(), over);
            } else if (over > 0) {
                event = event.entering(over - before);
            }
            events.add(event);
            end(events.size() - 1);
        }

        void gap(JsonNode gap) {
            if (!Otio.kind(gap).equals("Gap")) {
                remarks.add("A " + Otio.kind(gap).toLowerCase(Locale.ROOT)
                        + " within a track is not known here; its time stays empty.");
            }
            int start = frames(seconds);
            seconds += Otio.seconds(gap.path("source_range").path("duration"));
            rig(gap, start, frames(seconds) - start);
            end(-1);
        }

        /** A gap of ours may hold a rig. */
        private void rig(JsonNode gap, int start, int frames) {
            if (!gap.path("metadata").path(Otio.OURS).path("rig").asBoolean(false)) {
                return;
            }
            String name = gap.path("name").asText("");
            name = name.isBlank() ? "Rig" : name;
            Optional<KeptMove> move = move(gap, name);
            if (move.isPresent() && frames > 0) {
                events.add(CutEvent.plain(name, List.of(), start, frames, 0)
                        .withTrack(track)
                        .withMove(move)
                        .asRig());
            }
        }

        private void end(int event) {
            latest = event;
            before = 0;
            over = 0;
        }
    }

    private int frames(double seconds) {
        return Math.clamp(Math.round(seconds * rate.perSecond()), -FURTHEST, FURTHEST);
    }

    /** What of its media a clip shows: all that there is where it does not say. */
    private static JsonNode range(JsonNode clip) {
        JsonNode own = clip.path("source_range");
        return own.isObject() ? own : reference(clip).path("available_range");
    }

    private static JsonNode reference(JsonNode clip) {
        JsonNode one = clip.path("media_reference"); // Clip.1
        String key = clip.path("active_media_reference_key").asText("DEFAULT_MEDIA");
        return one.isObject() ? one : clip.path("media_references").path(key);
    }

    private CutEvent event(JsonNode clip, int track, int start, int frames) {
        JsonNode reference = reference(clip);
        List<String> clues = new ArrayList<>();
        Optional<FrameRate> numbered = Optional.empty();
        if (Otio.kind(reference).equals("ImageSequenceReference")) {
            clues.add(firstPicture(reference));
            numbered = Optional.of(rateOf(reference));
        }
        for (String from : List.of("target_url", "name")) {
            if (!reference.path(from).asText("").isBlank()) {
                clues.add(reference.path(from).asText());
            }
        }
        String name = clip.path("name").asText("");
        if (!name.isBlank()) {
            clues.add(name);
        }
        if (!name.isBlank() || !clues.isEmpty()) {
            name = name.isBlank() ? clues.getFirst() : name;
        } else {
            name = "Shot";
        }
        // a source range counts from the time at which the media say they begin
        double from = Otio.seconds(range(clip).path("start_time"))
                - Otio.seconds(reference.path("available_range").path("start_time"));
        return CutEvent.plain(name, clues, start, frames, from)
                .withTrack(track)
                .withSpeed(speed(clip, name))
                .withMove(move(clip, name))
                .withNumbered(numbered);
    }

    private static String firstPicture(JsonNode reference) {
        String base = reference.path("target_url_base").asText("");
        String name = new NumberedName(
                        reference.path("name_prefix").asText(""),
                        Math.max(0, reference.path("start_frame").asInt(0)),
                        Math.clamp(reference.path("frame_zero_padding").asInt(0), 0, MOST_DIGITS),
                        reference.path("name_suffix").asText(""))
                .written();
        return base.isEmpty() || base.endsWith("/") ? base + name : base + "/" + name;
    }

    private FrameRate rateOf(JsonNode reference) {
        double found = reference.path("rate").asDouble(0);
        return found >= 1 && found <= 1000 ? Otio.rate(found) : rate;
    }

    private double speed(JsonNode clip, String name) {
        double speed = 100;
        for (JsonNode effect : clip.path("effects")) {
            switch (Otio.kind(effect)) {
                case "LinearTimeWarp" ->
                    speed = 100 * effect.path("time_scalar").asDouble(1);
                case "FreezeFrame" -> speed = 0;
                default -> {
                    String kind = effect.path("effect_name").asText("");
                    remarks.add(name + ": the effect \"" + (kind.isBlank() ? Otio.kind(effect) : kind)
                            + "\" is not known here; it is left out.");
                }
            }
        }
        return Double.isFinite(speed) && Math.abs(speed) <= 10_000 ? speed : 100;
    }

    private Optional<KeptMove> move(JsonNode clip, String name) {
        JsonNode ours = clip.path("metadata").path(Otio.OURS);
        if (!ours.path("move").isObject()) {
            return Optional.empty();
        }
        try {
            Mirror mirror = Arrays.stream(Mirror.values())
                    .filter(one -> one.word().equals(ours.path("mirror").asText()))
                    .findFirst()
                    .orElse(Mirror.NONE);
            double from = ours.path("from").asDouble(0);
            return Optional.of(new KeptMove(ClipText.read(ours.path("move").toString()), mirror, from));
        } catch (FileProblem e) {
            remarks.add(name + ": its move cannot be read; it has no move. " + e.getMessage());
            return Optional.empty();
        }
    }
}
