package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import java.util.List;

/**
 * Another frame shape and size that the same film is made in. Everything else of the frame is as in the project.
 *
 * @param id unique among the project's deliveries
 * @param name which files are named by; unique too, whatever the case of its letters
 * @param size frame pixels
 */
public record Delivery(String id, String name, Size size, Extras extras) {
    /** The longest name. */
    public static final int LONGEST_NAME = 60;

    public Delivery {
        if (id.isBlank()) {
            throw new IllegalArgumentException("a delivery needs an id");
        }
        if (name.isBlank() || name.length() > LONGEST_NAME || !name.equals(name.strip())) {
            throw new IllegalArgumentException(
                    "a delivery has a name of at most " + LONGEST_NAME + " letters, without spaces around it");
        }
        if (name.chars().anyMatch(letter -> letter < ' ' || "/\\:*?\"<>|".indexOf(letter) >= 0)) {
            throw new IllegalArgumentException(
                    "files are named by a delivery's name, which cannot hold / \\ : * ? \" < > |");
        }
        if (size.width() > FrameFormat.LARGEST || size.height() > FrameFormat.LARGEST) {
            throw new IllegalArgumentException("a frame is at most 16384 pixels wide and high, not " + size);
        }
    }

    /** Named by its shape, for example "9x16". */
    public static Delivery of(String id, Size size) {
        return new Delivery(id, shape(size), size, Extras.NONE);
    }

    /** The shape of a frame in a few letters: 16x9 for 1920 × 1080, its sizes where no small numbers say it. */
    public static String shape(Size size) {
        int common = commonDivisor(size.width(), size.height());
        int across = size.width() / common;
        int down = size.height() / common;
        return Math.max(across, down) <= 50 ? across + "x" + down : size.width() + "x" + size.height();
    }

    private static int commonDivisor(int a, int b) {
        return b == 0 ? a : commonDivisor(b, a % b);
    }

    /** Whether another one has the same id, or a name that differs in the case of letters at most. */
    public boolean clashes(Delivery other) {
        return id.equals(other.id) || name.equalsIgnoreCase(other.name);
    }

    static void requireDistinct(List<Delivery> deliveries) {
        for (int i = 1; i < deliveries.size(); i++) {
            Delivery delivery = deliveries.get(i);
            if (deliveries.subList(0, i).stream().anyMatch(delivery::clashes)) {
                throw new IllegalArgumentException("there is a delivery with the id \"" + delivery.id()
                        + "\" or the name \"" + delivery.name() + "\" already");
            }
        }
    }
}
