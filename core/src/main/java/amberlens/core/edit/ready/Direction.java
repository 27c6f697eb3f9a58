package amberlens.core.edit.ready;

/** Where the camera goes. */
public enum Direction {
    LEFT("left", -1, 0),
    RIGHT("right", 1, 0),
    UP("up", 0, -1),
    DOWN("down", 0, 1);

    private final String word;
    private final int x;
    private final int y;

    Direction(String word, int x, int y) {
        this.word = word;
        this.x = x;
        this.y = y;
    }

    public String word() {
        return word;
    }

    /** −1 to the left, 1 to the right. */
    int x() {
        return x;
    }

    /** −1 up, 1 down. */
    int y() {
        return y;
    }

    public Direction opposite() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case UP -> DOWN;
            case DOWN -> UP;
        };
    }
}
