package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import amberlens.core.judge.edges.Judged;
import amberlens.core.material.footage.SourceFrames;
import amberlens.core.material.footage.SourceTime;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.Looks;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.sound.Level;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.material.title.Typesetter;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.pose.Exposure;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything a person works on: the frame, the shelf and the line-up.
 *
 * @param media in the order of the shelf, with unique ids
 * @param shots with unique ids, each with media of the project
 * @param sounds with unique ids, each of media of the project that can be heard
 * @param soundLevel of everything that is heard, in dB
 * @param markers of the line-up, in time
 * @param deliveries the other shapes that the film is made in, with unique ids
 */
public record Project(
        String name,
        FrameFormat frame,
        List<Media> media,
        List<Shot> shots,
        List<SoundClip> sounds,
        double soundLevel,
        List<Marker> markers,
        List<Delivery> deliveries,
        Extras extras) {
    /** Without any sound, in one shape. */
    public Project(
            String name, FrameFormat frame, List<Media> media, List<Shot> shots, List<Marker> markers, Extras extras) {
        this(name, frame, media, shots, List.of(), 0, markers, List.of(), extras);
    }

    public Project {
        media = List.copyOf(media);
        shots = List.copyOf(shots);
        sounds = List.copyOf(sounds);
        markers = Marker.inTime(markers);
        deliveries = List.copyOf(deliveries);
        Delivery.requireDistinct(deliveries);
        var mediaIds = new HashSet<String>();
        var heard = new HashSet<String>();
        for (Media item : media) {
            if (!mediaIds.add(item.id())) {
                throw new IllegalArgumentException("two media have the id \"" + item.id() + "\"");
            }
            if (!item.isSeen()) {
                heard.add(item.id());
            }
        }
        requireHeard(media, sounds);
        if (!(soundLevel >= Level.LEAST && soundLevel <= Level.MOST)) {
            throw new IllegalArgumentException("a level is between -1000 and 12 dB, not " + soundLevel);
        }
        var shotIds = new HashSet<String>();
        for (Shot shot : shots) {
            if (!shotIds.add(shot.id())) {
                throw new IllegalArgumentException("two shots have the id \"" + shot.id() + "\"");
            }
            if (!mediaIds.contains(shot.media())) {
                throw new IllegalArgumentException(
                        "shot \"" + shot.id() + "\" shows \"" + shot.media() + "\", which is not among the media");
            }
            if (heard.contains(shot.media())) {
                throw new IllegalArgumentException(
                        "shot \"" + shot.id() + "\" shows \"" + shot.media() + "\", which is a sound");
            }
        }
    }

    private static void requireHeard(List<Media> media, List<SoundClip> sounds) {
        if (sounds.isEmpty()) {
            return;
        }
        var able = media.stream().filter(Media::sounds).map(Media::id).collect(Collectors.toSet());
        var ids = new HashSet<String>();
        for (SoundClip clip : sounds) {
            if (!ids.add(clip.id())) {
                throw new IllegalArgumentException("two sounds have the id \"" + clip.id() + "\"");
            }
            if (!able.contains(clip.media())) {
                throw new IllegalArgumentException("sound \"" + clip.id() + "\" plays \"" + clip.media()
                        + "\", which is not among the media that have sound");
            }
        }
    }

    /** An empty project in the usual frame. */
    public static Project empty(String name) {
        return new Project(name, FrameFormat.USUAL, List.of(), List.of(), List.of(), Extras.NONE);
    }

    public Optional<Shot> shot(String id) {
        return ShotIndex.of(shots).find(id);
    }

    public Optional<Media> media(String id) {
        return MediaIndex.of(media).find(id);
    }

    /** The media of a shot of this project. */
    public Media mediaOf(Shot shot) {
        return media(shot.media()).orElseThrow();
    }

    /** What the edges of a shot of this project are judged by. */
    public Judged judged(Shot shot) {
        Media shown = mediaOf(shot);
        PictureArea area = shown.opaque()
                .filter(_ -> shot.settings().opaqueOnly())
                .orElseGet(() -> PictureArea.whole(shown.size()));
        PictureArea seen = shot.settings().mirror().of(area, shown.size());
        return new Judged(seen, shown.size(), frame.size(), frame.size());
    }

    /** Likewise for the pose at one of its frames: its looks may leave only a part of the picture. */
    public Judged judged(Shot shot, double at) {
        Judged judged = judged(shot);
        return Looks.crop(shot.looks())
                ? judged.cropped(AppliedLooks.of(shot.looks(), shot.camera(), at)
                        .judged(judged.sheet())
                        .mirrored(shot.settings().mirror()))
                : judged;
    }

    /** What the edges of a shot of this project depend on, as it is judged. */
    public Take take(Shot shot) {
        return take(shot, judged(shot));
    }

    /** How long the frames of a shot of this project are exposed. */
    public Shutter shutter(Shot shot) {
        return shot.settings().shutter().orElse(frame.shutter());
    }

    /** The pose of a shot of this project at one of its frames, as its own camera has it, in its picture and frame. */
    public Pose pose(Shot shot, double at) {
        return shot.camera().at(at).in(mediaOf(shot).size(), frame.size());
    }

    /** Likewise, judged by something else. */
    public Take take(Shot shot, Judged by) {
        return by.take(shot.camera(), shot.length(), ride(shot))
                .withExposure(Exposure.of(shutter(shot), 1))
                .withCropping(Looks.cropping(
                        shot.looks(), by.area(), by.sheet(), shot.settings().mirror()))
                .withDissolving(LineUp.dissolvingOverNothing(this, shot));
    }

    /**
     * What takes a shot of this project along beside its own move: the shake under it, and what rigs on higher tracks do, the lowest first;
     * a rig has nothing riding on it.
     */
    public Ride ride(Shot shot) {
        boolean rigged = MediaIndex.of(media).rigs();
        if (shot.settings().shake().isEmpty() && !rigged || isRig(shot)) {
            return Ride.NONE;
        }
        Stream<Ride.Rig> shake = shot.settings().shake().stream()
                .map(layer -> Ride.Rig.shaking(
                        layer.in(frame.size(), frame.film().width() * frame.zoom(!judges(shot)), frame.rate()),
                        shot.length()));
        Stream<Ride.Rig> rigs = shots.stream()
                .filter(rig -> rigged && isOver(rig, shot))
                .sorted(Comparator.comparingInt(Shot::track))
                .map(rig -> new Ride.Rig(rig.camera(), shot.start() - rig.start(), rig.length(), cut(rig)));
        List<Ride.Rig> riding = Stream.concat(shake, rigs).toList();
        return riding.isEmpty() ? Ride.NONE : new Ride(riding, FramePoint.ZERO);
    }

    private Optional<Ride.Cut> cut(Shot rig) {
        Size whole = mediaOf(rig).size();
        return Looks.crop(rig.looks())
                ? Optional.of(new Ride.Cut(
                        rig.camera(), whole, Looks.cropping(rig.looks(), PictureArea.whole(whole), whole, Mirror.NONE)))
                : Optional.empty();
    }

    /** The rig over a shot of this project out of which a mask cuts a shape, so that what is below is meant to be seen. */
    public Optional<Shot> cutOutBy(Shot shot) {
        return !MediaIndex.of(media).rigs() || isRig(shot)
                ? Optional.empty()
                : shots.stream()
                        .filter(rig -> isOver(rig, shot) && Looks.cutOut(rig.looks()))
                        .findFirst();
    }

    /** The shots that a rig of this project moves for at least a frame, in order of time. */
    public List<Shot> under(Shot rig) {
        return shots.stream()
                .filter(shot -> isOver(rig, shot) && !isRig(shot))
                .sorted(Comparator.comparingInt(Shot::start))
                .toList();
    }

    /** Whether a shot is a rig on a higher track than another, for at least a frame of it. */
    private boolean isOver(Shot rig, Shot shot) {
        return rig.track() > shot.track()
                && rig.onLineUp().from() <= shot.onLineUp().to()
                && rig.onLineUp().to() >= shot.onLineUp().from()
                && isRig(rig);
    }

    /**
     * Whether the edges of a shot of this project are judged: a rig's own are not, but those of what it moves; and not those of a
     * title, nor of a picture out of which a mask cuts a shape, be it one of a rig.
     */
    public boolean judges(Shot shot) {
        return shot.fillsFrame()
                && !isRig(shot)
                && !isTitle(shot)
                && !Looks.cutOut(shot.looks())
                && cutOutBy(shot).isEmpty();
    }

    /** The kinds of looks in this project that are not known here, by their names in files. */
    public SortedSet<String> unknownLooks() {
        return shots.stream()
                .flatMap(shot -> shot.looks().stream())
                .map(Look::kind)
                .filter(kind -> !kind.isKnown())
                .map(LookKind::id)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** What of its titles is not shown as it was asked for, for people. */
    public List<String> titleNotes() {
        return media.stream()
                .flatMap(item -> item.title().stream())
                .flatMap(title -> Typesetter.get().set(title).notes().stream()
                        .map(note -> "Title \"" + title.name() + "\": " + note))
                .toList();
    }

    /** This project with one of its shots alone, and what rides on it. */
    public Project only(Shot shot) {
        return withShots(shots.stream()
                .filter(other -> other.id().equals(shot.id()) || (isRig(other) && other.track() > shot.track()))
                .toList());
    }

    /** Whether a shot of this project is a rig, which moves what lies below and shows nothing itself. */
    public boolean isRig(Shot shot) {
        return mediaOf(shot).kind() == Media.Kind.RIG;
    }

    /** Whether a shot of this project shows a title: it is drawn as large as it is seen, and its edges are not judged. */
    public boolean isTitle(Shot shot) {
        return mediaOf(shot).title().isPresent();
    }

    /** Whether a shot of this project shows a picture in planes that move against each other at some time. */
    public boolean isInPlanes(Shot shot) {
        Channel<Double> parallax = shot.camera().get(Properties.PARALLAX);
        return !mediaOf(shot).planes().isEmpty() && (parallax.animated() || parallax.constant() > 0);
    }

    /** What the parallax of the planes of a shot of this project is multiplied with at one of its frames; 0 where there are none. */
    public double parallax(Shot shot, double at) {
        return isInPlanes(shot)
                ? Math.max(0, shot.camera().get(Properties.PARALLAX).at(at) / 100)
                : 0;
    }

    /** Whether what a shot of this project shows is drawn as large as it is seen: words, or a whole drawing that lies flat. */
    public boolean isDrawn(Shot shot) {
        Media shown = mediaOf(shot);
        boolean whole = shown.isDrawing()
                && judged(shot).picture().equals(shown.size())
                && shot.looks().stream().noneMatch(look -> look.kind().equals(LookKinds.CROP));
        return isTitle(shot) || (whole && !shot.camera().hasDepth() && !isInPlanes(shot));
    }

    /** How the frames of a shot of this project run through its footage; empty for a still picture. */
    public Optional<SourceTime> sourceTime(Shot shot) {
        return mediaOf(shot)
                .footage()
                .map(footage ->
                        new SourceTime(footage, shot.source(), shot.camera().get(Properties.SPEED), frame.rate()));
    }

    /** What a shot of this project shows of its footage at one of its frames; frame 0 of a still picture. */
    public SourceFrames sourceFrames(Shot shot, double shotFrame) {
        return sourceTime(shot).map(time -> time.at(shotFrame)).orElse(SourceFrames.only(0));
    }

    public Size frameSize() {
        return frame.size();
    }

    /** The marks of what a shot shows, where they are seen: after its mirror. */
    public List<Mark> marks(Shot shot) {
        Media media = mediaOf(shot);
        Mirror mirror = shot.settings().mirror();
        return media.marks().stream()
                .map(mark -> mark.seenAt(mark.box().mirrored(mirror, media.size())))
                .toList();
    }

    public Project withName(String newName) {
        return new Project(newName, frame, media, shots, sounds, soundLevel, markers, deliveries, extras);
    }

    public Project withFrame(FrameFormat newFrame) {
        return new Project(name, newFrame, media, shots, sounds, soundLevel, markers, deliveries, extras);
    }

    public Project withMedia(List<Media> newMedia) {
        return new Project(name, frame, newMedia, shots, sounds, soundLevel, markers, deliveries, extras);
    }

    public Project withShots(List<Shot> newShots) {
        return new Project(name, frame, media, newShots, sounds, soundLevel, markers, deliveries, extras);
    }

    /** Media and shots together, since a shot's media must be there. */
    public Project with(List<Media> newMedia, List<Shot> newShots) {
        return new Project(name, frame, newMedia, newShots, sounds, soundLevel, markers, deliveries, extras);
    }

    public Project withMarkers(List<Marker> newMarkers) {
        return new Project(name, frame, media, shots, sounds, soundLevel, newMarkers, deliveries, extras);
    }

    public Project withSounds(List<SoundClip> newSounds) {
        return new Project(name, frame, media, shots, newSounds, soundLevel, markers, deliveries, extras);
    }

    /** @param level dB, of everything that is heard */
    public Project withSoundLevel(double level) {
        return new Project(name, frame, media, shots, sounds, level, markers, deliveries, extras);
    }

    public Project withDeliveries(List<Delivery> newDeliveries) {
        return new Project(name, frame, media, shots, sounds, soundLevel, markers, newDeliveries, extras);
    }

    public Optional<Delivery> delivery(String id) {
        return deliveries.stream().filter(delivery -> delivery.id().equals(id)).findFirst();
    }

    /** This project with one shot changed; the same project when the shot is gone or stays equal. */
    public Project mapShot(String id, UnaryOperator<Shot> change) {
        var changed = shots.stream()
                .map(shot -> shot.id().equals(id) ? change.apply(shot) : shot)
                .toList();
        return changed.equals(shots) ? this : withShots(changed);
    }
}
