package amberlens.core.edit.check;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.delivery.Reframe;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.ready.Direction;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Laws over random pictures, marks, moves and deliveries: what is said to be kept is kept. */
class MarksKeptTest {
    private static final List<ReadyMove> MOVES = List.of(
            ReadyMove.PUSH_IN,
            ReadyMove.PULL_OUT,
            ReadyMove.SLIDE,
            ReadyMove.TILT,
            ReadyMove.DRIFT,
            ReadyMove.ROLL,
            ReadyMove.REVEAL,
            ReadyMove.SWEEP,
            ReadyMove.PAN_AND_ZOOM,
            ReadyMove.STILL);

    private static final List<Size> SHAPES = List.of(
            new Size(1920, 1080), new Size(1080, 1920), new Size(1080, 1080), new Size(1280, 720), new Size(720, 900));

    private int moved;
    private int least;
    private int reframed;

    private static Project project(Random chance, int unit, Mark.Keep keep) {
        Size picture = new Size((160 + chance.nextInt(440)) * unit / 10, (120 + chance.nextInt(330)) * unit / 10);
        Size shape = SHAPES.get(chance.nextInt(SHAPES.size()));
        Size frame = new Size(shape.width() * unit / 100, shape.height() * unit / 100);
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i <= chance.nextInt(3); i++) {
            double width = picture.width() * (0.04 + 0.12 * chance.nextDouble());
            double height = width * (0.8 + 0.4 * chance.nextDouble());
            var box = new PictureBox(
                    Math.rint(chance.nextDouble() * (picture.width() - width)),
                    Math.rint(chance.nextDouble() * Math.max(1, picture.height() - height)),
                    Math.rint(width),
                    Math.rint(height));
            marks.add(new Mark("k" + i, Mark.Kind.FACE, box, 0.9, keep, Mark.By.FOUND, Extras.NONE));
        }
        Media media = Media.photo("m1", "/archive/faces.jpg", picture).withMarks(marks);
        var shot = new Shot(
                "s1", "Faces", "m1", 1, 0, 40, true, CameraTrack.still(Pose.neutral(picture, frame)), Extras.NONE);
        Mirror mirror = chance.nextInt(4) == 0 ? Mirror.HORIZONTAL : Mirror.NONE;
        return Project.empty("Faces")
                .withFrame(new FrameFormat(frame, FrameRate.of(25), Colour.BLACK))
                .withMedia(List.of(media))
                .withShots(List.of(shot.withSettings(shot.settings().withMirror(mirror))));
    }

    /** A move that knows nothing of the marks, so that it cuts them. */
    private static Project given(Project project, Random chance) {
        ReadyMove move = MOVES.get(chance.nextInt(MOVES.size()));
        MoveWish wish = MoveWish.USUAL
                .withAmount(50 + chance.nextInt(200))
                .withDirection(Direction.values()[chance.nextInt(Direction.values().length)]);
        Project blind = project.withMedia(List.of(project.media().getFirst().withMarks(List.of())));
        Project after =
                ReadyEdits.plan(blind, Set.of("s1"), move, wish, 1000).edit().apply(blind);
        return after.withMedia(project.media());
    }

    private static Project with(Project project, CameraTrack camera) {
        return project.mapShot("s1", shot -> shot.withCamera(shot.camera().withMoveOf(camera)));
    }

    private static void assertKept(Project project, long seed) {
        Shot shot = project.shots().getFirst();
        assertThat(EdgeReport.of(project.take(shot)).isSealed())
                .as("edges of %d", seed)
                .isTrue();
        for (Mark mark : project.marks(shot)) {
            assertThat(MarkReport.atRests(ShotMarks.take(project, shot), mark.box())
                            .isKept())
                    .as("%s of %d", mark.id(), seed)
                    .isTrue();
        }
    }

    private void aside(Project project, long seed) {
        if (SealEdits.moveAside(project, project.shots().getFirst()) instanceof SealResult.Sealed found) {
            assertKept(with(project, found.camera()), seed);
            moved++;
        }
    }

    private void law(long seed) {
        var chance = new Random(seed);
        Project project = given(project(chance, 100, Mark.Keep.RESTS), chance);
        aside(project, seed);
        if (seed % 4 == 0) {
            Project framed = DeliveryEdits.add("", SHAPES.get(chance.nextInt(SHAPES.size())))
                    .apply(project);
            Delivery shape = framed.deliveries().getFirst();
            if (new Reframe(framed, shape, SealTerms.free()).of(framed.shots().getFirst())
                    instanceof Reframe.Framed found) {
                Project film = DeliveryFilm.of(
                        DeliveryEdits.reframe(shape.id(), List.of(found)).apply(framed), shape);
                assertThat(EdgeReport.of(film.take(film.shots().getFirst())).isSealed())
                        .isTrue();
                aside(film, seed);
                reframed++;
            }
        }
        if (seed % 3 == 0) {
            var again = new Random(seed);
            Project always = given(project(again, 100, Mark.Keep.ALWAYS), again);
            Shot shot = always.shots().getFirst();
            if (SealEdits.seal(always, shot, SealWay.LEAST, SealTerms.free()) instanceof SealResult.Sealed found) {
                Project sealed = with(always, found.camera());
                assertThat(ShotMarks.of(sealed, sealed.shots().getFirst()))
                        .as("always of %d", seed)
                        .isEmpty();
                assertKept(sealed, seed);
                least++;
            }
        }
    }

    @Test
    void what_was_moved_aside_or_sealed_is_kept() {
        for (long seed = 0; seed < 240; seed++) {
            law(seed);
        }
        assertThat(moved).as("moved aside").isGreaterThan(20);
        assertThat(least).as("sealed by least change").isGreaterThan(3);
        assertThat(reframed).as("reframed").isGreaterThan(20);
    }

    @Test
    @Tag("long")
    void likewise_of_two_thousand() {
        for (long seed = 0; seed < 2000; seed++) {
            law(seed);
        }
        assertThat(moved).isGreaterThan(200);
    }

    /** Looked at as it is rendered: at the first and the last frame a bright box is whole, or nothing of it is seen. */
    @Test
    void nothing_of_a_kept_box_is_cut_in_what_is_rendered() {
        int looked = 0;
        for (long seed = 0; looked < 100 && seed < 1500; seed++) {
            var chance = new Random(seed);
            Project project = given(project(chance, 12, Mark.Keep.RESTS), chance);
            Shot shot = project.shots().getFirst();
            boolean turned = shot.camera().rotation().animated();
            Project one = project.withMedia(List.of(project.media()
                    .getFirst()
                    .withMarks(project.media().getFirst().marks().subList(0, 1))));
            if (!turned && SealEdits.moveAside(one, shot) instanceof SealResult.Sealed found) {
                look(with(one, found.camera()), seed);
                looked++;
            }
        }
        assertThat(looked).isEqualTo(100);
    }

    private static void look(Project project, long seed) {
        Shot shot = project.shots().getFirst();
        PictureBox box = project.media().getFirst().marks().getFirst().box();
        Size size = project.media().getFirst().size();
        long[] pixels = new long[Math.toIntExact(size.area())];
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                boolean bright = x >= box.left() && x < box.right() && y >= box.top() && y < box.bottom();
                int light = bright ? 65535 : 0;
                pixels[y * size.width() + x] = LinearRaster.pixel(light, light, light, 65535);
            }
        }
        var picture = new Picture.Pixels(Pyramid.of(new LinearRaster(size, pixels, true), Rows.ALONE));
        Size frame = project.frameSize();
        for (int at : new int[] {0, shot.lastFrame()}) {
            FrameRaster seen = Compositor.compose(
                    LineUpFrame.layers(project, at, frame, _ -> picture), Colour.BLACK, frame, Rows.ALONE);
            double scale = project.pose(shot, at).scale().factorX();
            double light = 0;
            for (int y = 0; y < frame.height(); y++) {
                for (int x = 0; x < frame.width(); x++) {
                    light += srgb(seen.rgb(x, y) & 0xFF);
                }
            }
            double whole = box.area() * scale * scale;
            assertThat(light < 0.03 * whole || light > 0.97 * whole)
                    .as("seed %d, frame %d: %.1f of %.1f pixels are seen", seed, at, light, whole)
                    .isTrue();
        }
    }

    /** IEC 61966-2-1. */
    private static double srgb(int code) {
        double value = code / 255.0;
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }
}
