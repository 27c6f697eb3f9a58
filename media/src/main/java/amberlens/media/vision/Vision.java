package amberlens.media.vision;

import java.util.List;
import org.bytedeco.javacpp.ClassProperties;
import org.bytedeco.javacpp.Loader;
import org.bytedeco.opencv.global.opencv_core;
import org.opencv.core.Core;

/**
 * The library that looks at pictures, loaded when it is first needed: what its Java interface is linked to, and nothing else. The binding's
 * own list has its windows beside these, which want a toolkit that a server does not have.
 */
public final class Vision {
    private static final String VERSION = "413";

    /** What the Java interface is linked to, each after those that it needs itself. */
    private static final List<String> MODULES = List.of(
            "flann",
            "imgproc",
            "features2d",
            "calib3d",
            "dnn",
            "objdetect",
            "imgcodecs",
            "videoio",
            "video",
            "ml",
            "photo",
            "plot",
            "phase_unwrapping",
            "shape",
            "tracking",
            "face",
            "bioinspired",
            "bgsegm",
            "aruco",
            "ximgproc",
            "xfeatures2d",
            "wechat_qrcode",
            "structured_light",
            "text",
            "saliency",
            "img_hash",
            "dnn_superres",
            "xphoto");

    private static final class Loaded {
        static final String WHERE = load();
    }

    private Vision() {}

    /** Makes the library ready, in some seconds the first time. */
    public static String require() {
        return Loaded.WHERE;
    }

    private static String load() {
        Loader.load(opencv_core.class);
        ClassProperties where = Loader.loadProperties(opencv_core.class, Loader.loadProperties(), true);
        boolean windows = Loader.getPlatform().startsWith("windows");
        for (String module : MODULES) {
            load("opencv_" + module + (windows ? VERSION + "0" : "@." + VERSION), where);
        }
        String loaded = load("opencv_java", where);
        Core.setNumThreads(1); // what is looked at goes on beside what is shown
        return loaded;
    }

    private static String load(String library, ClassProperties where) {
        return Loader.loadLibrary(opencv_core.class, Loader.findLibrary(opencv_core.class, where, library), library);
    }
}
