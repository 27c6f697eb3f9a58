package amberlens.core.edit.traced;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.PlaneSeal;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.ready.ReadyMoves;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.trace.MoveAndShake;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * What a shot becomes when it takes the move of a film. Nothing is changed yet.
 *
 * @param shot as it would be
 * @param edit that makes it so, as one step; empty where there is no room for any of it
 * @param remarks what is to be known, in sentences
 */
public record TracedMove(Shot shot, Optional<Edit> edit, List<String> remarks) {
    /** A move that has to be made smaller than this part of it is none. */
    private static final double LEAST_PART = 0.02;

    private static final int HALVINGS = 9;

    public TracedMove {
        remarks = List.copyOf(remarks);
    }

    /**
     * The move of a film on a shot.
     *
     * @param film what it is called
     * @param limitPercent how far a seal may enlarge the picture
     * @throws IllegalArgumentException in words, where a shot or a film has nothing that can be taken
     */
    public static TracedMove of(
            Project project, Shot shot, String film, MoveAndShake parts, TracedWish wish, double limitPercent) {
        MoveAndShake turned = turned(parts, wish);
        String name =
                switch (wish.part()) {
                    case MOVE, BOTH -> "take move of film";
                    case SHAKE -> "take shake of film";
                    case PACE -> "take pace of film";
                };
        boolean paced = wish.part() == TracedWish.Part.PACE;
        TracedWish.NoRoom noRoom = paced && wish.noRoom() == TracedWish.NoRoom.SMALLER
                ? TracedWish.NoRoom.SEALED // a pace has no size
                : wish.noRoom();
        return new Making(
                        project,
                        shot,
                        part -> taken(project, shot, film, turned, wish, part),
                        wish.withNoRoom(noRoom),
                        name,
                        limitPercent)
                .made();
    }

    /**
     * A shake under the move of a shot.
     *
     * @param layer empty for none: then the move stays as it is
     */
    public static TracedMove shaken(
            Project project, Shot shot, Optional<ShakeLayer> layer, TracedWish.NoRoom noRoom, double limitPercent) {
        return new Making(
                        project,
                        shot,
                        part -> shot.withSettings(
                                shot.settings().withShake(layer.map(whole -> whole.withAmount(part * whole.amount())))),
                        TracedWish.USUAL
                                .withPart(TracedWish.Part.SHAKE)
                                .withNoRoom(layer.isPresent() ? noRoom : TracedWish.NoRoom.KEPT),
                        layer.isPresent() ? "shake" : "remove shake",
                        limitPercent)
                .made();
    }

    private static MoveAndShake turned(MoveAndShake parts, TracedWish wish) {
        Trace move = wish.mirrored() ? parts.move().mirrored() : parts.move();
        Trace shake = wish.mirrored() ? parts.shake().mirrored() : parts.shake();
        return wish.reversed() ? new MoveAndShake(move.reversed(), shake.reversed()) : new MoveAndShake(move, shake);
    }

    /** The shot with a part of what is wished. */
    private static Shot taken(
            Project project, Shot shot, String film, MoveAndShake parts, TracedWish wish, double part) {
        double strength = part * wish.strength() / 100;
        Size frame = project.frameSize();
        CameraTrack camera = shot.camera();
        if (wish.part() == TracedWish.Part.PACE) {
            camera = new FilmPace(frame, project.frame().rate()).on(camera, shot.length(), parts.move());
        } else if (wish.part().moves()) {
            Trace move = parts.move().strengthened(strength);
            camera = new FilmMove(move, frame, project.frame().rate(), shot.length())
                    .on(camera, Math.min(wish.begins(), shot.lastFrame()), wish.stretched());
        }
        Shot moved = shot.withCamera(camera);
        return wish.part().shakes()
                ? moved.withSettings(moved.settings()
                        .withShake(Optional.of(new ShakeLayer(Shake.of(film, parts.shake()), 100 * strength, 0))))
                : moved;
    }

    /** @param with the shot with a part of it, 0 … 1 */
    private record Making(
            Project project, Shot shot, DoubleFunction<Shot> with, TracedWish wish, String name, double limitPercent) {
        private TracedMove made() {
            Shot whole = with.apply(1);
            List<String> remarks = new ArrayList<>();
            if (!project.judges(shot) || isSealed(whole)) {
                return taken(whole, remarks);
            }
            return switch (wish.noRoom()) {
                case KEPT -> taken(whole, remarks);
                case SEALED -> sealed(whole, remarks);
                case SMALLER -> smaller(remarks);
            };
        }

        private boolean isSealed(Shot tried) {
            return EdgeReport.of(project.take(tried)).isSealed();
        }

        private TracedMove smaller(List<String> remarks) {
            double low = 0;
            double high = 1;
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                boolean fits = isSealed(with.apply(middle));
                low = fits ? middle : low;
                high = fits ? high : middle;
            }
            if (low < LEAST_PART) {
                return new TracedMove(
                        shot,
                        Optional.empty(),
                        List.of("There is no room for it around this framing. Zoom in first, or seal it."));
            }
            remarks.add("Made smaller: " + Figures.fixed(100 * low, 0)
                    + " % of what was asked for, so that no edge opens.");
            return taken(with.apply(low), remarks);
        }

        private TracedMove sealed(Shot whole, List<String> remarks) {
            Project changed = project.mapShot(shot.id(), _ -> whole);
            SealResult result = SealEdits.leastOrLift(changed, whole, SealTerms.limit(limitPercent));
            if (result instanceof SealResult.Sealed sealed) {
                return taken(sealed(whole, sealed.camera(), remarks), remarks);
            }
            ReadyMoves.Made lifted = ReadyMoves.sealed(changed.take(whole), limitPercent);
            lifted.reason().ifPresent(reason -> remarks.add("Not within the limit: " + reason + "."));
            return taken(sealed(whole, lifted.camera().orElse(whole.camera()), remarks), remarks);
        }

        /** Says by how much the framing that was there is closer now. */
        private Shot sealed(Shot whole, CameraTrack camera, List<String> remarks) {
            int at = Math.min(wish.begins(), shot.lastFrame());
            double closer =
                    camera.at(at).scale().x() / whole.camera().at(at).scale().x() - 1;
            Shot made = whole.withCamera(camera);
            if (isSealed(made)) {
                remarks.add(
                        closer >= 0.001
                                ? "Sealed, " + Figures.fixed(100 * closer, 1) + " % closer: no frame shows an edge."
                                : "Sealed: no frame shows an edge.");
            }
            return made;
        }

        private TracedMove taken(Shot made, List<String> remarks) {
            List<Edit> steps = new ArrayList<>();
            steps.add(Edit.ofShot(name, shot.id(), found -> found.withCamera(made.camera())
                    .withSettings(found.settings().withShake(made.settings().shake()))));
            Project changed = project.mapShot(shot.id(), _ -> made);
            if (project.isInPlanes(made)) {
                PlaneSeal.of(changed, made).ifPresent(planes -> steps.add(planes.edit()));
            }
            tell(changed, made, remarks);
            return new TracedMove(made, Optional.of(Edit.all(name, steps)), remarks);
        }

        private void tell(Project changed, Shot made, List<String> remarks) {
            if (wish.part() != TracedWish.Part.SHAKE) {
                int framings = Framings.of(made.camera()).size();
                remarks.addFirst(
                        framings == 0 ? "The camera of the film stands still." : Counted.of(framings, "framing") + ".");
            }
            if (!project.judges(made)) {
                return;
            }
            EdgeReport edges = EdgeReport.of(changed.take(made));
            edges.worstSpan()
                    .ifPresent(span ->
                            remarks.add("An edge opens in " + Counted.of(openFrames(edges), "frame") + ", by up to "
                                    + Figures.fixed(Math.max(0, -span.worst().framePx()), 0) + " px."));
            double percent = Enlargement.greatest(changed.take(made)).percent();
            if (!Enlargement.isWithin(percent, limitPercent)
                    && remarks.stream().noneMatch(said -> said.contains("enlarge"))) {
                remarks.add("The picture is enlarged to " + Figures.fixed(percent, 0) + " %.");
            }
        }

        private static int openFrames(EdgeReport edges) {
            return edges.open().stream().mapToInt(span -> span.span().length()).sum();
        }
    }
}
