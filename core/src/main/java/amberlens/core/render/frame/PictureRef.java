package amberlens.core.render.frame;

import amberlens.core.material.planes.Cutouts;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.drawing.DrawnWindow;
import java.util.ArrayList;
import java.util.List;

/** What a frame of the line-up reads of media. */
public sealed interface PictureRef {
    Media media();

    /** A still picture as it is. */
    record Whole(Media media) implements PictureRef {}

    /** One frame of footage, counted from 0. */
    record FootageFrame(Media media, int frame) implements PictureRef {}

    /**
     * One of the pictures that a picture in planes is cut into.
     *
     * @param number {@link Cutouts#GROUND} or that of a plane, see {@link Cutouts}
     */
    record CutOut(Media media, int number) implements PictureRef {
        public CutOut {
            if (number < Cutouts.GROUND || number > Cutouts.last(media.planes())) {
                throw new IllegalArgumentException(
                        "a picture in " + media.planes().size() + " planes has no part number " + number);
            }
        }
    }

    /** A part of a drawing that is drawn larger. */
    record DrawnPart(Media media, DrawnWindow window) implements PictureRef {}

    /** A frame of footage, or a still picture, which is the same in every frame. */
    static PictureRef of(Media media, int frame) {
        return media.moves() ? new FootageFrame(media, frame) : new Whole(media);
    }

    /** All that a picture is cut into, its ground first; empty where it lies in no planes. */
    static List<PictureRef> cutOuts(Media media) {
        List<PictureRef> all = new ArrayList<>();
        for (int number = Cutouts.GROUND; number <= Cutouts.last(media.planes()); number++) {
            all.add(new CutOut(media, number));
        }
        return all;
    }
}
