package amberlens.media.marks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Mat;
import org.opencv.core.MatOfDouble;
import org.opencv.core.MatOfRect;
import org.opencv.core.Rect;
import org.opencv.core.Size;
import org.opencv.objdetect.HOGDescriptor;

/**
 * Finds persons in a picture: what is in front around a face, and upright figures that the general library's detector knows (N. Dalal and
 * B. Triggs, <em>Histograms of Oriented Gradients for Human Detection</em>, 2005) if there is something in front there, too.
 */
final class PersonFinder {
    /** How far around a face a person is looked for, in heights of the face: a body has seven or eight heads. */
    private static final double BESIDE = 3.5;

    private static final double ABOVE = 1;
    private static final double BELOW = 9;

    private static final int MOST = 12;

    /** The longer side of the picture in which figures are looked for, and the least shorter one that the detector takes. */
    private static final double FIGURES = 480;

    private static final int LEAST = 160;

    /** From which strength on a figure counts, and how far around it is looked at. */
    private static final double FIGURE = 1;

    private static final double AROUND = 0.25;

    /** How likely a place is in front, and how likely all of it is, for a person. */
    private static final double IN_FRONT = 0.5;

    private static final double SURE = 0.8;

    private final Segmenter segmenter;
    private final HOGDescriptor figures = new HOGDescriptor();

    PersonFinder(Segmenter segmenter) {
        this.segmenter = segmenter;
        figures.setSVMDetector(HOGDescriptor.getDefaultPeopleDetector());
    }

    /**
     * A person.
     *
     * @param box pixels of the picture that was looked at
     * @param sure 0 … 1
     */
    record Person(Rect box, double sure) {
        boolean contains(double x, double y) {
            return box.x <= x && x < box.x + box.width && box.y <= y && y < box.y + box.height;
        }

        /** Whether the middle of a box is on this person. */
        boolean isBehind(Rect other) {
            return contains(other.x + other.width / 2.0, other.y + other.height / 2.0);
        }
    }

    /** The persons in a picture, those with the largest faces first. */
    List<Person> find(Mat picture, List<Face> faces) {
        List<Person> persons = new ArrayList<>();
        faces.stream()
                .sorted(Comparator.comparingDouble(Face::height).reversed())
                .limit(MOST)
                .map(face -> around(picture, face, faces))
                .flatMap(Optional::stream)
                .forEach(persons::add);
        for (Rect figure : figures(picture)) {
            double x = figure.x + figure.width / 2.0;
            double y = figure.y + figure.height / 2.0;
            if (persons.stream().noneMatch(person -> person.contains(x, y))) {
                figure(picture, figure).ifPresent(persons::add);
            }
        }
        return persons;
    }

    /** What is in front around a face, no further to the sides than half the way to the next face beside it. */
    private Optional<Person> around(Mat picture, Face face, List<Face> faces) {
        double left = face.middleX() - BESIDE * face.width();
        double right = face.middleX() + BESIDE * face.width();
        for (Face other : faces) {
            boolean beside = Math.abs(other.middleY() - face.middleY()) < 2 * face.height()
                    && Math.abs(other.middleX() - face.middleX()) > face.width() / 2;
            if (beside && other.middleX() < face.middleX()) {
                left = Math.max(left, (other.middleX() + face.middleX()) / 2);
            } else if (beside) {
                right = Math.min(right, (other.middleX() + face.middleX()) / 2);
            }
        }
        Rect part =
                within(picture, left, face.top() - ABOVE * face.height(), right, face.top() + BELOW * face.height());
        return inFront(picture, part, face.middleX(), face.middleY());
    }

    private Optional<Person> figure(Mat picture, Rect figure) {
        Rect part = within(
                picture,
                figure.x - AROUND * figure.width,
                figure.y - AROUND * figure.height,
                figure.x + (1 + AROUND) * figure.width,
                figure.y + (1 + AROUND) * figure.height);
        return inFront(picture, part, figure.x + figure.width / 2.0, figure.y + figure.height / 2.0);
    }

    /** The part of what is in front that contains a place. */
    private Optional<Person> inFront(Mat picture, Rect part, double x, double y) {
        Mat cells = segmenter.look(picture, part);
        double unitX = (double) part.width / Segmenter.SIDE;
        double unitY = (double) part.height / Segmenter.SIDE;
        double cellX = (x - part.x) / unitX;
        double cellY = (y - part.y) / unitY;
        Optional<Person> person = Regions.of(cells, IN_FRONT).stream()
                .filter(region -> region.box().x <= cellX
                        && cellX < region.box().x + region.box().width
                        && region.box().y <= cellY
                        && cellY < region.box().y + region.box().height)
                .max(Comparator.comparingDouble(Regions.Region::mass))
                .filter(region -> region.mean() >= SURE)
                .map(region -> new Person(
                        new Rect(
                                part.x + (int) Math.floor(region.box().x * unitX),
                                part.y + (int) Math.floor(region.box().y * unitY),
                                (int) Math.ceil(region.box().width * unitX),
                                (int) Math.ceil(region.box().height * unitY)),
                        region.mean()));
        cells.release();
        return person;
    }

    private List<Rect> figures(Mat picture) {
        double factor = Math.min(1, FIGURES / Math.max(picture.cols(), picture.rows()));
        Mat smaller = Parts.atMost(picture, factor);
        List<Rect> found = new ArrayList<>();
        if (Math.min(smaller.cols(), smaller.rows()) >= LEAST) {
            var boxes = new MatOfRect();
            var strengths = new MatOfDouble();
            figures.detectMultiScale(smaller, boxes, strengths, 0, new Size(8, 8), new Size(16, 16), 1.05, 2, false);
            Rect[] all = boxes.toArray();
            for (int i = 0; i < all.length; i++) {
                if (strengths.get(i, 0)[0] >= FIGURE) {
                    found.add(new Rect(
                            (int) (all[i].x / factor), (int) (all[i].y / factor), (int) (all[i].width / factor), (int)
                                    (all[i].height / factor)));
                }
            }
            boxes.release();
            strengths.release();
        }
        smaller.release();
        return found;
    }

    private static Rect within(Mat picture, double left, double top, double right, double bottom) {
        int x = (int) Math.clamp(Math.floor(left), 0, picture.cols() - 1);
        int y = (int) Math.clamp(Math.floor(top), 0, picture.rows() - 1);
        return new Rect(x, y, (int) Math.clamp(Math.ceil(right) - x, 1, picture.cols() - x), (int)
                Math.clamp(Math.ceil(bottom) - y, 1, picture.rows() - y));
    }
}
