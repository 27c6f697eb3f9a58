package amberlens.core.material.mark;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a camera is aimed at: the mark that matters most. Several faces that one framing shows count as one.
 *
 * @param kind of the mark
 * @param parts the boxes that it is made of, the most important first, at least one
 */
public record Aim(Mark.Kind kind, List<PictureBox> parts) {
    /** How much of a framing several faces may take together. */
    private static final double TOGETHER = 0.9;

    /** Where the eyes are in the box of a face, of its height from above; from memory, common practice of drawing. */
    private static final double EYES = 0.38;

    public Aim {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("a camera is aimed at something");
        }
    }

    /**
     * The aim of a picture: areas drawn by hand before faces, persons and subjects, then the larger and the surer one; what somebody has
     * put off does not count.
     *
     * @param marks as they are seen
     * @param width of the widest framing, source pixels
     * @param height of it
     */
    public static Optional<Aim> of(List<Mark> marks, double width, double height) {
        List<Mark> wanted = marks.stream()
                .filter(mark -> !mark.isRefused())
                .sorted(Comparator.comparing(Mark::kind)
                        .thenComparing(Comparator.comparingDouble(Aim::weight).reversed()))
                .toList();
        if (wanted.isEmpty()) {
            return Optional.empty();
        }
        Mark first = wanted.getFirst();
        List<PictureBox> parts = new ArrayList<>(List.of(first.box()));
        PictureBox all = first.box();
        for (Mark mark : wanted.subList(1, wanted.size())) {
            PictureBox together = all.with(mark.box());
            if (first.kind() == Mark.Kind.FACE
                    && mark.kind() == Mark.Kind.FACE
                    && together.width() <= TOGETHER * width
                    && together.height() <= TOGETHER * height) {
                parts.add(mark.box());
                all = together;
            }
        }
        return Optional.of(new Aim(first.kind(), parts));
    }

    private static double weight(Mark mark) {
        return mark.box().area() * mark.sure();
    }

    /** All of it. */
    public PictureBox box() {
        return parts.stream().reduce(PictureBox::with).orElseThrow();
    }

    /** One part of it alone. */
    public Aim part(int index) {
        return new Aim(kind, List.of(parts.get(index)));
    }

    /** Whether it is one face. */
    public boolean isFace() {
        return kind == Mark.Kind.FACE && parts.size() == 1;
    }

    /** The point between the eyes of a face. */
    public PicturePoint eyes() {
        PictureBox face = parts.getFirst();
        return new PicturePoint(face.middle().x(), face.top() + EYES * face.height());
    }

    /** What it is, in words. */
    public String words() {
        return switch (kind) {
            case AREA -> "the area";
            case FACE -> parts.size() == 1 ? "the face" : "the " + parts.size() + " faces";
            case PERSON -> "the person";
            case SUBJECT -> "the subject";
        };
    }
}
