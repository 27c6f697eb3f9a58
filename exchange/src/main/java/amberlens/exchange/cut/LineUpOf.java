package amberlens.exchange.cut;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeyShift;
import amberlens.core.motion.property.Properties;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Builds the line-up of an edit: a shot for each event, with its media found near the edit's file. */
public final class LineUpOf {
    private final CutList cut;
    private final Path file;
    private final Probe probe;
    private final NearbyFiles nearby;
    private final Size frame;
    private final Map<String, Media> byClues = new LinkedHashMap<>();
    private final List<String> remarks;

    private LineUpOf(CutList cut, Path file, Probe probe, Size frame) {
        this.cut = cut;
        this.file = file;
        this.probe = probe;
        this.frame = frame;
        nearby = new NearbyFiles(file);
        remarks = new ArrayList<>(cut.remarks());
    }

    /**
     * The line-up.
     *
     * @param file of the edit; media are looked for from its folder down
     * @param wanted the frame's size; empty for what the edit says, else the usual one
     * @throws FileProblem when no event is left
     */
    public static Taken of(CutList cut, Path file, Probe probe, Optional<Size> wanted) throws FileProblem {
        Size frame = wanted.or(cut::frame).orElse(FrameFormat.USUAL.size());
        Taken taken = new LineUpOf(cut, file, probe, frame).build();
        if (taken.project().shots().isEmpty()) {
            throw new FileProblem(file + " has no event that can be used"
                    + (taken.remarks().isEmpty() ? "." : ": " + taken.remarks().getFirst()));
        }
        return taken;
    }

    private Taken build() {
        var format = new FrameFormat(frame, cut.rate(), cut.background().orElse(Colour.BLACK));
        List<CutEvent> events = new ArrayList<>(cut.events());
        events.sort(Comparator.comparingInt(CutEvent::start));
        List<Shot> shots = new ArrayList<>();
        Map<Integer, Integer> ends = new HashMap<>();
        for (CutEvent event : events) {
            if (isPossible(event)) {
                shots.add(shot(free(event, ends), "s" + (shots.size() + 1)));
            } else {
                remarks.add(event.name() + " is too long or too far from the start; it is left out.");
            }
        }
        List<Media> media = List.copyOf(byClues.values());
        Project project = Project.empty(cut.name()).withFrame(format).with(distinct(media), shots);
        return new Taken(project, remarks);
    }

    private static boolean isPossible(CutEvent event) {
        return event.length() >= 1
                && event.length() <= Shot.LONGEST
                && event.start() >= 0
                && event.start() <= 100L * Shot.LONGEST;
    }

    private static List<Media> distinct(List<Media> media) {
        return media.stream().distinct().toList();
    }

    /** The event on a track on which nothing lies where it begins, but for what it dissolves from. */
    private CutEvent free(CutEvent event, Map<Integer, Integer> ends) {
        int track = event.track();
        while (ends.getOrDefault(track, 0) > event.start() + event.enter() && track < Shot.MOST_TRACKS) {
            track++;
        }
        if (track != event.track()) {
            remarks.add(event.name() + " overlaps the event before it; it is on track " + track + ".");
        }
        ends.merge(track, event.end(), Math::max);
        return event.withTrack(track);
    }

    private Shot shot(CutEvent event, String id) {
        Media media = byClues.computeIfAbsent(
                event.rig() ? "a rig" : String.join("\n", event.clues()), _ -> event.rig() ? rig() : media(event));
        CameraTrack camera = camera(event, media);
        Shot shot = new Shot(
                id,
                event.name(),
                media.id(),
                event.track(),
                event.start(),
                event.length(),
                !event.rig() && !event.move().map(kept -> kept.clip().inset()).orElse(false),
                camera,
                Extras.NONE);
        shot = shot.withLayering(new Layering(Layering.PLAIN.blend(), fade(event.enter()), fade(event.leave())))
                .withSettings(shot.settings()
                        .withHeard(media.sounds())
                        .withMirror(event.move()
                                .map(KeptMove::mirror)
                                .orElse(shot.settings().mirror())));
        return media.footage()
                .map(footage -> in(footage, event))
                .map(shot.source()::withIn)
                .map(shot::withSource)
                .orElse(shot);
    }

    private static Optional<Fade> fade(int frames) {
        return frames > 0 ? Optional.of(Fade.over(frames)) : Optional.empty();
    }

    /**
     * Where in its footage an event begins. Edits count from the timecode of a reel, which often begins at a whole hour: what lies beyond
     * the footage is taken as that. What lies before its first frame is kept only where our own words say that it begins there.
     */
    private static double in(Footage footage, CutEvent event) {
        double place = event.sourceSeconds() * footage.rate().perSecond();
        double hour = 3600 * footage.rate().perSecond();
        double in = place > footage.last() ? place % hour : place;
        boolean early =
                in < 0 && event.move().filter(kept -> kept.fromSeconds() < 0).isEmpty();
        return early || in > footage.last() ? 0 : Math.round(in * 1000) / 1000.0;
    }

    private CameraTrack camera(CutEvent event, Media media) {
        CameraTrack camera = event.move()
                .map(kept -> moved(event, kept, media))
                .orElseGet(() -> CameraTrack.still(Refit.FILL.pose(media.size(), frame)));
        boolean retimed = media.moves() && event.speed() != 100;
        return retimed ? camera.with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, event.speed())) : camera;
    }

    /** The move fitted to the picture and the frame there are, its keys moved along when the other program cut its start. */
    private CameraTrack moved(CutEvent event, KeptMove kept, Media media) {
        CameraTrack camera = kept.clip().fitted(media.size(), frame).camera();
        double cutSeconds = event.sourceSeconds() - kept.fromSeconds();
        double speed = media.moves() && event.speed() > 0 ? event.speed() / 100 : 1;
        int frames = (int) Math.round(cutSeconds / speed * cut.rate().perSecond());
        return frames == 0 ? camera : KeyShift.of(camera, -frames);
    }

    private Media rig() {
        return Media.rig("m" + (byClues.size() + 1), frame);
    }

    private Media media(CutEvent event) {
        String id = "m" + (byClues.size() + 1);
        Optional<Path> found = nearby.find(event.clues());
        if (found.isPresent()) {
            Path path = found.get();
            Optional<Media> same = byClues.values().stream()
                    .filter(known -> known.path().equals(path.toString()))
                    .findFirst();
            if (same.isPresent()) {
                return same.get();
            }
            try {
                Media media = event.numbered().isPresent()
                        ? probe.numbered().of(path, event.numbered().get())
                        : probe.media(path);
                return media.withId(id);
            } catch (FileProblem e) {
                remarks.add(e.getMessage());
                return missing(id, path.toString(), event);
            }
        }
        String name = event.clues().isEmpty()
                ? event.name()
                : NearbyFiles.fileName(event.clues().getFirst());
        remarks.add(event.name() + ": no file called \"" + name + "\" was found near " + file
                + "; the shot is kept until you find it.");
        Path parent = file.toAbsolutePath().getParent();
        return missing(id, parent == null ? name : parent.resolve(safe(name)).toString(), event);
    }

    /** A name that can be that of a file anywhere. */
    private static String safe(String name) {
        String plain = name.replaceAll("[\\x00-\\x1F<>:\"/\\\\|?*]", "_").strip();
        return plain.isEmpty() ? "missing" : plain;
    }

    private Media missing(String id, String path, CutEvent event) {
        if (!probe.isFilm(path) && event.numbered().isEmpty()) {
            return Media.photo(id, path, frame);
        }
        int frames = (int) Math.ceil(event.sourceSeconds() * cut.rate().perSecond()) + event.length();
        var footage = new Footage(cut.rate(), Math.clamp(frames, 1, Footage.MOST_FRAMES));
        Media.Kind kind = event.numbered().isPresent() ? Media.Kind.SEQUENCE : Media.Kind.FILM;
        return Media.footage(id, kind, path, frame, footage);
    }
}
