package amberlens.trials;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.material.sound.Loudness;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.exchange.cut.Probe;
import amberlens.exchange.take.TakeIn;
import amberlens.media.footage.Film;
import amberlens.media.intake.MediaProbe;
import amberlens.media.picture.PictureReader;
import amberlens.media.sound.DecodedSound;
import amberlens.project.ProjectFile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;

/** The kinds of files that are tried, and what the program does with each. */
enum Kind {
    /** Opened, every shot checked, a small frame of each rendered, written and opened again. */
    PROJECT {
        @Override
        void examine(Path file) throws FileProblem, IOException {
            Project project = ProjectFile.open(file);
            int shots = 0;
            for (Shot shot : LineUp.inTime(project)) {
                if (shot.length() <= LONGEST_CHECKED && shots++ < MOST_SHOTS) {
                    ShotCheck.of(project, shot);
                    frame(project, shot);
                }
            }
            Path again = file.resolveSibling("once-more.amber");
            ProjectFile.save(project, again);
            boolean same = ProjectFile.open(again).equals(project);
            Files.delete(again);
            if (!same) {
                throw new IllegalStateException("what was saved is not what was opened");
            }
        }
    },
    /** Looked at as on import, and all its pixels read. */
    PICTURE {
        @Override
        void examine(Path file) throws FileProblem {
            MediaProbe.file(file);
            PictureReader.info(file);
            Pyramid.of(PictureReader.read(file, Rows.ALONE), Rows.ALONE);
        }
    },
    /** Looked at as on import; its first, middle and last frames are shown, and once more the first. */
    FILM {
        @Override
        void examine(Path file) throws FileProblem {
            MediaProbe.file(file);
            try (Film film = Film.open(file, Rows.ALONE)) {
                int last = film.footage().last();
                for (int frame : new int[] {0, 1, last / 2, last, 0}) {
                    film.frame(frame);
                }
            }
        }
    },
    /** Looked at as on import, decoded, and heard at its beginning and at its end. */
    SOUND {
        @Override
        void examine(Path file) throws FileProblem {
            MediaProbe.file(file);
            try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
                var pairs = new float[2 * HEARD];
                sound.read(0, HEARD, pairs, 0);
                sound.read(Math.max(0, sound.length() - HEARD), HEARD, pairs, 0);
                Loudness.of(sound);
            }
        }
    },
    /** Edits and moves of other programs, taken in; what becomes of them is written and opened again. */
    TAKEN {
        @Override
        void examine(Path file) throws FileProblem, IOException {
            Path picture = file.resolveSibling("taken.png");
            if (!Files.exists(picture)) {
                ImageIO.write(new BufferedImage(96, 64, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
            }
            var wishes = new TakeIn.Wishes(Optional.of(picture), Optional.empty(), Optional.empty());
            var probe = new Probe(
                    path -> MediaProbe.file(path).media(),
                    (first, rate) -> MediaProbe.sequence(List.of(first), rate).media(),
                    MediaProbe::isFilm);
            Path again = file.resolveSibling("again.amber");
            ProjectFile.save(TakeIn.from(file, wishes, probe).project(), again);
            PROJECT.examine(again);
            Files.delete(again);
        }
    };

    private static final int LONGEST_CHECKED = 5000;
    private static final int HEARD = 4800;
    private static final int MOST_SHOTS = 12;
    private static final Size SMALL = new Size(64, 36);
    private static final Picture GREY = new Picture.Pixels(Pyramid.of(grey(), Rows.ALONE));

    /**
     * Does with a file what the program would.
     *
     * @throws FileProblem when the file is refused in words; anything else that is thrown is a fault
     */
    abstract void examine(Path file) throws FileProblem, IOException;

    private static void frame(Project project, Shot shot) {
        int at = shot.start() + shot.length() / 2;
        var layers = LineUpFrame.layers(project, at, SMALL, _ -> GREY);
        Compositor.compose(layers, project.frame().background(), SMALL, Rows.ALONE);
    }

    private static LinearRaster grey() {
        Size size = new Size(96, 64);
        long[] pixels = new long[Math.toIntExact(size.area())];
        java.util.Arrays.fill(pixels, LinearRaster.pixel(9000, 12000, 9000, 65535));
        return new LinearRaster(size, pixels, true);
    }
}
