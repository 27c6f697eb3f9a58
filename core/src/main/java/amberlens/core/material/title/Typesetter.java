package amberlens.core.material.title;

import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Raster;
import java.util.List;
import java.util.ServiceLoader;

/** Sets titles: finds fonts, measures and draws letters. Found as a service. Safe for use from several threads. */
public interface Typesetter {
    /** How a title comes out; quick when it was asked before. */
    Setting set(Title title);

    /**
     * Draws a part of a title in premultiplied light.
     *
     * @param exponent 2 to it are the pixels drawn per frame pixel
     * @param left where the part begins, in pixels drawn from the left of the title's own box
     * @param top likewise from its top
     * @param size of the part, in pixels drawn
     */
    Raster draw(Title title, int exponent, int left, int top, Size size);

    /** The families that can be named: those that ship first, then those of this machine in the order of the alphabet. */
    List<String> families();

    /**
     * The typesetter of this program.
     *
     * @throws IllegalStateException when it has none
     */
    static Typesetter get() {
        return Found.ONE;
    }

    /** Looked for once. */
    final class Found {
        private static final Typesetter ONE = ServiceLoader.load(Typesetter.class)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("this program cannot set titles"));

        private Found() {}
    }
}
