package amberlens.media.marks;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.mark.MarkFinder;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.vision.Images;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.opencv.core.Mat;
import org.opencv.core.Rect;
import org.opencv.core.Rect2d;

/**
 * Finds faces, persons and the subject of pictures, without anything but what ships. The same picture has the same marks everywhere. One
 * thread at a time is let in.
 */
public final class PictureMarks implements MarkFinder {
    /** The width of what is looked at; the height may be more. */
    private static final double WIDTH = 1600;

    private static final int TALLEST = 6400;

    private final FaceFinder faces = new FaceFinder();
    private final Segmenter segmenter = new Segmenter();
    private final PersonFinder persons = new PersonFinder(segmenter);
    private final SubjectFinder subjects = new SubjectFinder();

    @Override
    public synchronized List<FoundMark> find(Pyramid picture) {
        Size size = picture.size();
        double factor = Math.min(1, Math.min(WIDTH / size.width(), (double) TALLEST / size.height()));
        int level = 0;
        while (level + 1 < picture.levels() && Math.scalb(1.0, -level - 1) >= factor) {
            level++;
        }
        Mat reduced = Images.rgb(picture.level(level));
        Mat looked = Parts.atMost(reduced, factor * size.width() / reduced.cols());
        reduced.release();
        List<FoundMark> found = marks(looked, size);
        looked.release();
        return found;
    }

    private List<FoundMark> marks(Mat picture, Size size) {
        var places = new Places((double) size.width() / picture.cols(), (double) size.height() / picture.rows(), size);
        List<FoundMark> marks = new ArrayList<>();
        List<Face> seen = faces.find(picture);
        seen.forEach(face -> marks.add(places.mark(Mark.Kind.FACE, face.box(), face.sure())));
        List<PersonFinder.Person> figures = persons.find(picture, seen);
        figures.forEach(person -> marks.add(places.mark(Mark.Kind.PERSON, exact(person.box()), person.sure())));
        Mat front = segmenter.look(picture);
        subjects.find(picture, front)
                .filter(subject -> figures.stream().noneMatch(person -> person.isBehind(subject.box())))
                .ifPresent(subject -> marks.add(places.mark(Mark.Kind.SUBJECT, exact(subject.box()), subject.sure())));
        front.release();
        marks.sort(Comparator.comparing(FoundMark::kind)
                .thenComparing(Comparator.comparingDouble(FoundMark::weight).reversed()));
        return List.copyOf(marks);
    }

    private static Rect2d exact(Rect box) {
        return new Rect2d(box.x, box.y, box.width, box.height);
    }

    /**
     * From the picture that is looked at to the source.
     *
     * @param across source pixels for a pixel, and down
     */
    private record Places(double across, double down, Size size) {
        /** What lies beyond the picture is not seen; places are whole pixels, which hardly differ from machine to machine. */
        FoundMark mark(Mark.Kind kind, Rect2d box, double sure) {
            double left = Math.clamp(Math.round(box.x * across), 0, size.width() - 1);
            double top = Math.clamp(Math.round(box.y * down), 0, size.height() - 1);
            double right = Math.clamp(Math.round((box.x + box.width) * across), left + 1, size.width());
            double bottom = Math.clamp(Math.round((box.y + box.height) * down), top + 1, size.height());
            return new FoundMark(
                    kind, new PictureBox(left, top, right - left, bottom - top), Math.round(sure * 100) / 100.0);
        }
    }
}
