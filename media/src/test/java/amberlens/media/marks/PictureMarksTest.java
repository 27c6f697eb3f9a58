package amberlens.media.marks;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PictureMarksTest {
    private static final PictureMarks MARKS = new PictureMarks();

    @TempDir
    private Path folder;

    private List<FoundMark> find(BufferedImage image) throws Exception {
        return MARKS.find(TestPictures.pyramid(image, folder));
    }

    private static List<PictureBox> of(List<FoundMark> found, Mark.Kind kind) {
        return found.stream()
                .filter(mark -> mark.kind() == kind)
                .map(FoundMark::box)
                .toList();
    }

    private static boolean holds(PictureBox box, double x, double y) {
        return box.left() <= x && x <= box.right() && box.top() <= y && y <= box.bottom();
    }

    private static double shared(PictureBox one, PictureBox other) {
        double across = Math.min(one.right(), other.right()) - Math.max(one.left(), other.left());
        double down = Math.min(one.bottom(), other.bottom()) - Math.max(one.top(), other.top());
        double both = Math.max(0, across) * Math.max(0, down);
        return both / (one.area() + other.area() - both);
    }

    @Test
    void a_portrait_has_one_face_and_one_person_around_it() throws Exception {
        List<FoundMark> found = find(TestPictures.image(TestPictures.PORTRAIT));
        assertThat(of(found, Mark.Kind.FACE)).singleElement().satisfies(face -> {
            assertThat(holds(face, 199, 98)).as("the nose").isTrue();
            assertThat(face.width()).isBetween(70.0, 125.0);
        });
        assertThat(of(found, Mark.Kind.PERSON)).singleElement().satisfies(person -> {
            assertThat(holds(person, 199, 98)).isTrue();
            assertThat(person.bottom()).as("down to the lower side").isGreaterThan(205);
        });
        assertThat(found.getFirst().kind()).as("the most important first").isEqualTo(Mark.Kind.FACE);
        assertThat(of(found, Mark.Kind.SUBJECT)).as("the person is it").isEmpty();
    }

    @Test
    void faces_of_three_in_a_hundred_of_the_width_are_found_wherever_they_are() throws Exception {
        BufferedImage ground = TestPictures.scaled(TestPictures.image("data/red-rose.jpeg"), 2400, 1600);
        BufferedImage portrait = TestPictures.image(TestPictures.PORTRAIT);
        double times = 0.03 * 2400 / 93; // the face of the portrait is 93 pixels wide
        int[][] places = {{60, 40}, {1100, 700}, {2050, 1350}, {300, 1200}, {1900, 150}};
        BufferedImage all = ground;
        for (int[] place : places) {
            all = TestPictures.laid(all, portrait, place[0], place[1], times);
        }
        List<PictureBox> faces = of(find(all), Mark.Kind.FACE);
        for (int[] place : places) {
            assertThat(faces)
                    .as("at %d, %d", place[0], place[1])
                    .anyMatch(face -> holds(face, place[0] + 199 * times, place[1] + 98 * times));
        }
        assertThat(faces).hasSize(places.length);
    }

    @Test
    void a_mirrored_picture_has_its_marks_mirrored() throws Exception {
        BufferedImage portrait = TestPictures.image(TestPictures.PORTRAIT);
        PictureBox face = of(find(portrait), Mark.Kind.FACE).getFirst();
        PictureBox other =
                of(find(TestPictures.mirrored(portrait)), Mark.Kind.FACE).getFirst();
        var back = new PictureBox(portrait.getWidth() - other.right(), other.top(), other.width(), other.height());
        assertThat(shared(face, back)).isGreaterThan(0.8);
    }

    @Test
    void there_is_no_face_where_there_is_none() throws Exception {
        List<String> seen = new ArrayList<>();
        for (String name : TestPictures.NO_FACE) {
            if (!of(find(TestPictures.image(name)), Mark.Kind.FACE).isEmpty()) {
                seen.add(name);
            }
        }
        assertThat(seen).isEmpty();
    }

    @Test
    void nor_is_there_any_in_a_drawn_garden() throws Exception {
        List<Path> seen = new ArrayList<>();
        try (Stream<Path> files = Files.list(Path.of("../demo/fernhollow/pictures"))) {
            for (Path file : files.filter(one -> one.toString().endsWith(".png"))
                    .sorted()
                    .limit(5)
                    .toList()) {
                if (!of(MARKS.find(TestPictures.pyramid(file)), Mark.Kind.FACE).isEmpty()) {
                    seen.add(file);
                }
            }
        }
        assertThat(seen).isEmpty();
    }

    /** Where the middle of the thing is that a person would name: read off the pictures. */
    @Test
    void the_subject_holds_the_middle_of_what_a_person_would_name() throws Exception {
        Map<String, int[]> things = Map.of(
                "data/bird.png", new int[] {230, 190},
                "data/cat.jpg", new int[] {165, 130},
                "data/alphaimage.png", new int[] {400, 385},
                "data/green-rose.jpeg", new int[] {140, 95},
                "data/red-rose.jpeg", new int[] {220, 110},
                "data/photo.JPG", new int[] {1080, 690},
                "contour/aestheticode/aestheticode.jpg", new int[] {790, 1500});
        List<String> missed = new ArrayList<>();
        for (var thing : things.entrySet()) {
            List<PictureBox> subject = of(find(TestPictures.image(thing.getKey())), Mark.Kind.SUBJECT);
            int[] middle = thing.getValue();
            if (subject.stream().noneMatch(box -> holds(box, middle[0], middle[1]))) {
                missed.add(thing.getKey());
            }
        }
        assertThat(missed).hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void a_texture_has_no_subject_and_one_shade_neither() throws Exception {
        var chance = new Random(5);
        var noise = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
        var stripes = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
        var plain = new BufferedImage(900, 600, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 900; x++) {
            for (int y = 0; y < 600; y++) {
                int grey = 90 + chance.nextInt(60);
                noise.setRGB(x, y, new Color(grey, grey, grey).getRGB());
                int stripe = (x + y) / 9 % 2 == 0 ? 100 : 150;
                stripes.setRGB(x, y, new Color(stripe, stripe + 20, stripe).getRGB());
                plain.setRGB(x, y, Color.LIGHT_GRAY.getRGB());
            }
        }
        for (BufferedImage texture : List.of(noise, stripes, plain)) {
            assertThat(find(texture)).isEmpty();
        }
    }

    @Test
    void the_same_picture_has_the_same_marks() throws Exception {
        BufferedImage portrait = TestPictures.image(TestPictures.SMALL_PORTRAIT);
        List<FoundMark> once = find(portrait);
        assertThat(of(once, Mark.Kind.FACE)).singleElement().satisfies(face -> assertThat(holds(face, 50, 48))
                .isTrue());
        assertThat(new PictureMarks().find(TestPictures.pyramid(portrait, folder)))
                .isEqualTo(once);
    }
}
