package amberlens.core.edit.edits;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.mark.Aim;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import java.util.Optional;

/** What an inset shows of a picture so that a face stands in its middle, as common practice of portraits in a corner has it. */
final class InsetCrop {
    /** So much of the width and of the height stays, at least. */
    private static final double LEAST = 0.5;

    /** A face that is no further from the middle, in parts of the picture, is in it. */
    private static final double NEAR = 0.05;

    private InsetCrop() {}

    /** The part of a picture with its faces in the middle; empty where there are none, where they are there already, or where another mark would be cut. */
    static Optional<PictureBox> of(Media media) {
        Size size = media.size();
        return Aim.of(media.marks(), size.width(), size.height())
                .filter(aim -> aim.kind() == Mark.Kind.FACE)
                .map(aim -> about(aim.box(), size))
                .filter(part -> part.width() < (1 - NEAR) * size.width() || part.height() < (1 - NEAR) * size.height())
                .filter(part -> media.marks().stream().filter(Mark::isKept).allMatch(mark -> part.with(mark.box())
                        .equals(part)));
    }

    private static PictureBox about(PictureBox faces, Size size) {
        double[] across = about(faces.middle().x(), size.width());
        double[] down = about(faces.middle().y(), size.height());
        return new PictureBox(across[0], down[0], across[1], down[1]);
    }

    /** Start and length of the longest stretch with a place in its middle, or of the shortest that may be with the place as near as can be. */
    private static double[] about(double middle, double whole) {
        double half = Math.min(middle, whole - middle);
        if (half >= LEAST * whole / 2) {
            return half > (1 - NEAR) * whole / 2 ? new double[] {0, whole} : new double[] {middle - half, 2 * half};
        }
        return new double[] {middle < whole / 2 ? 0 : whole * (1 - LEAST), whole * LEAST};
    }

    /** As a look. */
    static LookSet look(PictureBox part, Size picture, Size frame, int length) {
        return new LookDraft(picture, frame, length)
                .add(LookKinds.CROP)
                .set(LookKinds.CROP_LEFT, 100 * part.left() / picture.width())
                .set(LookKinds.CROP_RIGHT, 100 * (1 - part.right() / picture.width()))
                .set(LookKinds.CROP_TOP, 100 * part.top() / picture.height())
                .set(LookKinds.CROP_BOTTOM, 100 * (1 - part.bottom() / picture.height()))
                .named("About the face");
    }
}
