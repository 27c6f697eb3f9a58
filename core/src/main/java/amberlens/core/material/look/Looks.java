package amberlens.core.material.look;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Cropping;
import amberlens.core.motion.property.Owner;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Rules about the list of a shot's looks. */
public final class Looks {
    /** The greatest number of looks of a shot. */
    public static final int MOST = 200;

    private Looks() {}

    /** A number that no look of a kind has. */
    public static int freshNumber(List<Look> looks, LookKind kind) {
        return IntStream.rangeClosed(1, looks.size() + 1)
                .filter(number -> looks.stream().noneMatch(look -> look.kind().equals(kind) && look.number() == number))
                .findFirst()
                .orElseThrow();
    }

    /** The look that has an owner's amounts. */
    public static Optional<Look> find(List<Look> looks, Owner owner) {
        return looks.stream().filter(look -> look.owner().equals(owner)).findFirst();
    }

    /** A camera without the amounts of looks that are not in a list. */
    public static CameraTrack owned(CameraTrack camera, List<Look> looks) {
        boolean strange =
                camera.channels().properties().stream().anyMatch(property -> isStrange(property.owner(), looks));
        return strange ? camera.without(owner -> isStrange(owner, looks)) : camera;
    }

    private static boolean isStrange(Owner owner, List<Look> looks) {
        return !owner.equals(Owner.CAMERA)
                && looks.stream().noneMatch(look -> look.owner().equals(owner));
    }

    /** Whether something of the picture is cut away where its own edges would be judged. */
    public static boolean crop(List<Look> looks) {
        return looks.stream()
                .anyMatch(look -> look.on()
                        && (look.kind().equals(LookKinds.CROP) || look.kind().equals(LookKinds.CARD)));
    }

    /** Whether a mask cuts a shape out of the picture, so that its edges are meant to be seen. */
    public static boolean cutOut(List<Look> looks) {
        return looks.stream()
                .anyMatch(look ->
                        look.on() && look.kind().equals(LookKinds.MASK) && look.get(LookKinds.MODE) == Mask.Mode.CUT);
    }

    /**
     * Which part of an area of a picture edges are judged by.
     *
     * @param area of the picture as it is shown
     */
    public static Cropping cropping(List<Look> looks, PictureArea area, Size picture, Mirror mirror) {
        return crop(looks) ? new Left(looks, area, picture, mirror) : Cropping.NONE;
    }

    /** What looks leave, told apart by its values, as what is kept of a shot depends on it. */
    private record Left(List<Look> looks, PictureArea area, Size picture, Mirror mirror) implements Cropping {
        @Override
        public Portion left(CameraTrack camera, double at) {
            return AppliedLooks.of(looks, camera, at)
                    .judged(picture)
                    .mirrored(mirror)
                    .in(area, picture);
        }
    }
}
