package amberlens.media.raster;

import java.awt.color.CMMException;
import java.awt.color.ICC_Profile;
import java.awt.color.ProfileDataException;
import java.util.Optional;

/** Colour profiles, as far as they can be used. */
public final class IccProfiles {
    private IccProfiles() {}

    /**
     * The profile, if it is whole and colours can be converted from it.
     *
     * @param colours how many components the picture has; 0 where any will do
     */
    public static Optional<ICC_Profile> usable(byte[] data, int colours) {
        try {
            return usable(ICC_Profile.getInstance(data), colours);
        } catch (IllegalArgumentException | CMMException | ProfileDataException _) {
            return Optional.empty();
        }
    }

    /** Likewise of a profile that somebody else has read. The platform looks into it only when it is used, so it is used. */
    public static Optional<ICC_Profile> usable(ICC_Profile profile, int colours) {
        try {
            int components = profile.getNumComponents();
            if (colours != 0 && components != colours) {
                return Optional.empty();
            }
            new RowColours(profile, 1).convert(new int[] {1000, 30000, 60000, 65535}, Math.min(components, 3));
            return Optional.of(profile);
        } catch (IllegalArgumentException | CMMException | ProfileDataException | IndexOutOfBoundsException _) {
            return Optional.empty();
        }
    }
}
