package amberlens.desktop.kit.style;

import amberlens.core.base.geometry.Size;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.SequencedMap;

/** The frames that films are usually made in, by words. */
public final class UsualFrames {
    public static final SequencedMap<String, Size> SIZES = sizes();

    private UsualFrames() {}

    private static SequencedMap<String, Size> sizes() {
        SequencedMap<String, Size> sizes = new LinkedHashMap<>();
        sizes.put("16:9 full HD", new Size(1920, 1080));
        sizes.put("16:9 UHD", new Size(3840, 2160));
        sizes.put("16:9 HD", new Size(1280, 720));
        sizes.put("2.39:1 wide", new Size(1920, 804));
        sizes.put("9:16 upright", new Size(1080, 1920));
        sizes.put("1:1 square", new Size(1080, 1080));
        sizes.put("4:5 upright", new Size(1080, 1350));
        return Collections.unmodifiableSequencedMap(sizes);
    }
}
