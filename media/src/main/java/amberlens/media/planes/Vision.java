package amberlens.media.planes;

import org.bytedeco.javacpp.Loader;
import org.bytedeco.opencv.opencv_java;

/** The library that looks at pictures, loaded when it is first needed. */
final class Vision {
    private static final class Loaded {
        static final String WHERE = Loader.load(opencv_java.class);
    }

    private Vision() {}

    /** Makes the library ready, in some seconds the first time. */
    static String require() {
        return Loaded.WHERE;
    }
}
