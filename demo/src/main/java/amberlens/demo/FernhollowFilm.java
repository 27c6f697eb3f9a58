package amberlens.demo;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.FlightEdits;
import amberlens.core.edit.edits.Follow;
import amberlens.core.edit.edits.Following;
import amberlens.core.edit.edits.Rider;
import amberlens.core.edit.edits.Rides;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.edit.ready.ReadyMoves;
import amberlens.core.edit.ready.Rhythm;
import amberlens.core.edit.ready.Stage;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Shots of the archive with real moves, footage of the mill pond into which the border dissolves, seen from a hand, an inset that tumbles in over it, and a
 * title. The first one's edge opens in the middle of its turn; the others are sealed.
 */
final class FernhollowFilm {
    private static final Size FRAME = FrameFormat.USUAL.size();

    /** How much of the hand that walked is under the pond, in per cent. */
    private static final double CALM = 25;

    private FernhollowFilm() {}

    /** @param walk the shake that was found in the clip of the border */
    static Project of(List<Media> media, Shake walk) {
        Media plan = media.get(0);
        Media cabinet = media.get(1);
        Media specimen = FernhollowMarks.onSpecimen(media.get(2));
        Media glasshouse = FernhollowMarks.onGlasshouse(GlasshousePlanes.cut(media.get(3)));
        Media border = media.get(4);
        Media pond = media.get(5);
        Media seeds = media.get(6);
        return FernhollowTitles.over(shaken(
                walk,
                moving(new Project(
                        "Fernhollow film",
                        FrameFormat.USUAL,
                        media.stream()
                                .filter(Media::hasFile)
                                .map(item -> item.id().equals(glasshouse.id())
                                        ? glasshouse
                                        : item.id().equals(specimen.id()) ? specimen : item)
                                .toList(),
                        List.of(
                                shot("s1", "Garden plan", plan, 0, 125, planMove(plan))
                                        .withMarkers(List.of(Marker.at(112, "first bed"))),
                                shot("s2", "Seed cabinet", cabinet, 125, 125, drawers(cabinet)),
                                FernhollowLooks.clearing(
                                        shot("s3", "Specimen sheet", specimen, 250, 150, pushIn()), specimen, FRAME),
                                GlasshousePlanes.calm(shot("s4", "Glasshouse", glasshouse, 400, 125, turn())),
                                shot("s5", "South border", border, 525, 375, sweep()),
                                FernhollowLooks.spotlight(
                                        shot(
                                                        "s6",
                                                        "Mill pond, spring to autumn",
                                                        pond,
                                                        875,
                                                        MillPond.FRAMES,
                                                        pondPush(pond))
                                                .withLayering(Layering.PLAIN.withEnter(
                                                        Optional.of(
                                                                Fade.over(25).withLeg(Ease.GENTLE_BOTH.leg())))),
                                        pond,
                                        FRAME),
                                FernhollowLooks.card(inset(seeds), seeds, FRAME)),
                        List.of(Marker.at(942, "seeds")),
                        Extras.NONE))));
    }

    /** The cabinet is flown over; the ferry on the pond is followed while the camera goes closer, and the light goes with it. */
    private static Project moving(Project film) {
        Project flown = FlightEdits.fly("s2", Set.of(0), FlightPath.USUAL_RHO).apply(film);
        Shot pond = flown.shot("s6").orElseThrow();
        Track ferry = flown.mediaOf(pond).tracks().getFirst();
        var wish = new amberlens.core.edit.edits.FollowWish(new FramePoint(960, 660), 0.45, 0.06, false);
        Following following = Follow.of(flown, pond, ferry, wish);
        Project followed = flown.mapShot("s6", shot -> shot.withCamera(following.camera()));
        Shot shot = followed.shot("s6").orElseThrow();
        return new Rides(followed, shot, ferry, 0, false)
                .edit(Rider.of(followed, shot).getLast())
                .apply(followed);
    }

    /** The pond is seen from the hand that walked along the border, much calmer. */
    private static Project shaken(Shake walk, Project film) {
        Project shaken = film.mapShot(
                "s6", shot -> shot.withSettings(shot.settings().withShake(Optional.of(new ShakeLayer(walk, CALM, 0)))));
        Shot pond = shaken.shot("s6").orElseThrow();
        return switch (SealEdits.seal(shaken, pond, SealWay.LIFT, SealTerms.limit(Enlargement.UNNOTICED))) {
            case SealResult.Sealed sealed -> shaken.mapShot("s6", shot -> shot.withCamera(sealed.camera()));
            case SealResult.AlreadySealed _ -> shaken;
            case SealResult.Refused refused -> throw new IllegalStateException(refused.reason());
        };
    }

    static Media media(String id, Path file, Size size) {
        return Media.photo(id, file.toString(), size);
    }

    private static Shot shot(String id, String name, Media media, int start, int length, CameraTrack camera) {
        return new Shot(id, name, media.id(), 1, start, length, true, camera, Extras.NONE);
    }

    /** Half speed, over the pond at the right, coming in turning and fading out. */
    private static Shot inset(Media seeds) {
        int length = 120;
        Pose place = Pose.neutral(seeds.size(), FRAME)
                .withScale(Scale.uniform(52))
                .withPosition(new FramePoint(1510, 360))
                .withDegrees(-3);
        Pose outside =
                place.withPosition(new FramePoint(2450, 250)).withDegrees(48).withScale(Scale.uniform(30));
        Leg leg = Ease.GENTLE_ARRIVE.leg();
        CameraTrack camera = new CameraTrack(
                        Channel.keyed(
                                ValueKinds.SCALE,
                                List.of(Key.of(0, outside.scale(), leg), Key.of(36, place.scale(), Leg.LINEAR))),
                        Channel.keyed(
                                ValueKinds.POSITION,
                                List.of(Key.of(0, outside.position(), leg), Key.of(36, place.position(), Leg.LINEAR))),
                        Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(Key.of(0, outside.degrees(), leg), Key.of(36, place.degrees(), Leg.LINEAR))),
                        Channel.constant(ValueKinds.ANCHOR, place.anchor()))
                .with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, 25.0));
        return new Shot("s7", "Seed opening", seeds.id(), 2, 942, length, false, camera, Extras.NONE)
                .withLayering(Layering.PLAIN.withLeave(Optional.of(Fade.over(20))))
                .withSource(new Source(0, Source.Conversion.BLEND, false));
    }

    /** Slowly towards the wheel. */
    private static CameraTrack pondPush(Media pond) {
        return ReadyMoves.make(
                        ReadyMove.PUSH_IN,
                        new Stage(
                                pond.size(),
                                FRAME,
                                MillPond.FRAMES,
                                FrameRate.of(25),
                                120,
                                Optional.of(new PicturePoint(1400, 560)),
                                Rhythm.NONE),
                        MoveWish.USUAL.withAmount(40))
                .camera()
                .orElseThrow();
    }

    /** A rest on the whole sheet, then a turning move to the first bed: gentle in scale, faster in the turn. */
    private static CameraTrack planMove(Media plan) {
        Pose whole = gate(new PicturePoint(3000, 1800), 33, 0, plan.size());
        Pose close = gate(new PicturePoint(1500, 1620), 78, 18, plan.size());
        Leg scaleLeg = Ease.GENTLE_LEAVE.leg();
        Leg turnLeg = Ease.GENTLE_ARRIVE.leg();
        return new CameraTrack(
                Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, whole.scale(), Leg.HOLD),
                                Key.of(30, whole.scale(), scaleLeg),
                                Key.of(112, close.scale(), Leg.LINEAR))),
                Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, whole.position(), Leg.HOLD),
                                Key.of(30, whole.position(), scaleLeg),
                                Key.of(112, close.position(), Leg.LINEAR))),
                Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(30, 0.0, turnLeg), Key.of(112, 18.0, Leg.LINEAR))),
                Channel.constant(ValueKinds.ANCHOR, whole.anchor()));
    }

    /** From one row of drawers to another. */
    private static CameraTrack drawers(Media cabinet) {
        return moved(
                125,
                gate(new PicturePoint(1850, 3450), 74, 0, cabinet.size()),
                gate(new PicturePoint(2350, 2450), 68, 0, cabinet.size()),
                Ease.GENTLE_BOTH.leg());
    }

    /** Twice as large at the end: an even zoom. */
    private static CameraTrack pushIn() {
        Size size = new Size(4000, 5000);
        CameraTrack camera = moved(
                150,
                gate(new PicturePoint(2000, 3450), 49, 0, size),
                gate(new PicturePoint(3010, 4325), 98, 0, size),
                Ease.GENTLE_ARRIVE.leg());
        return camera.withScale(camera.scale().mapKeys(key -> key.at() == 0 ? key.withEven(true) : key));
    }

    private static CameraTrack turn() {
        Size size = new Size(6000, 3600);
        return moved(
                125,
                gate(new PicturePoint(3000, 1900), 44, -4, size),
                gate(new PicturePoint(3000, 1350), 70, 3, size),
                Ease.GENTLE_BOTH.leg());
    }

    /** Along the border, rising over the tall plants in the middle. */
    private static CameraTrack sweep() {
        Size size = new Size(14_800, 2600);
        CameraTrack camera = moved(
                375,
                gate(new PicturePoint(1500, 1740), 66, 0, size),
                gate(new PicturePoint(4900, 1740), 66, 0, size),
                Ease.GENTLE_BOTH.leg());
        var out = new PathHandles(FramePoint.ZERO, new FramePoint(-750, 300));
        var in = new PathHandles(new FramePoint(750, 300), FramePoint.ZERO);
        return camera.withPosition(camera.position().mapKeys(key -> key.withHandles(key.at() == 0 ? out : in)));
    }

    private static CameraTrack moved(int length, Pose from, Pose to, Leg leg) {
        boolean turns = from.degrees() != to.degrees();
        return new CameraTrack(
                Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, from.scale(), leg), Key.of(length - 1, to.scale(), Leg.LINEAR))),
                Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(0, from.position(), leg), Key.of(length - 1, to.position(), Leg.LINEAR))),
                turns
                        ? Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(Key.of(0, from.degrees(), leg), Key.of(length - 1, to.degrees(), Leg.LINEAR)))
                        : Channel.constant(ValueKinds.NUMBER, from.degrees()),
                Channel.constant(ValueKinds.ANCHOR, from.anchor()));
    }

    /** The pose, with the anchor in the picture's middle, that brings a picture point into the frame's centre. */
    private static Pose gate(PicturePoint centre, double percent, double degrees, Size picture) {
        Pose pose =
                Pose.neutral(picture, FRAME).withScale(Scale.uniform(percent)).withDegrees(degrees);
        FramePoint off = FRAME.centre().minus(pose.toFrame(centre));
        return pose.withPosition(pose.position().plus(off));
    }
}
