package amberlens.core.judge.edges;

import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;

/** How a new picture is first laid into the frame. It only sets the scale: all of the picture's pixels stay. */
public enum Refit {
    FILL("Fill"),
    FIT("Fit"),
    ONE_TO_ONE("1:1");

    private final String word;

    Refit(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The centred, unturned pose of a picture conformed this way. */
    public Pose pose(Size picture, Size frame) {
        double across = 100.0 * frame.width() / picture.width();
        double down = 100.0 * frame.height() / picture.height();
        double percent =
                switch (this) {
                    case FILL -> Math.max(across, down);
                    case FIT -> Math.min(across, down);
                    case ONE_TO_ONE -> 100;
                };
        return Pose.neutral(picture, frame).withScale(Scale.uniform(percent));
    }
}
