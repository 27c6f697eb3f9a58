import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * Packs the jars of a folder anew: of native code only what the program loads, and nothing compressed, since the package as a whole is, and
 * better. What is missing then is found by check.sh, which renders a picture in planes and a film with sound. Run by package.sh, from its source.
 */
final class Slim {
    /** What stays of a library's native code, by the beginning of its jar's name; names of files differ from system to system. */
    private static final Map<String, Pattern> KEPT = Map.of(
            // Its Java interface is linked to nearly all modules; what goes are those of C++ callers, of Python, and trained cascades.
            "opencv-",
            Pattern.compile("(lib)?(opencv_[a-z0-9_]+?[0-9.]*|jniopencv_core)\\.(so|dll|dylib)[.0-9]*"),
            "openblas-",
            Pattern.compile("(lib)?(openblas|jniopenblas|gfortran|quadmath|gcc_s|winpthread)[-_.0-9a-z]*\\.(so|dll|dylib)[.0-9]*"),
            "ffmpeg-",
            Pattern.compile("(lib)?(jni)?(av(codec|format|util|filter)|sw(scale|resample)|va|va-drm|drm)[-.0-9]*\\.(so|dll|dylib)[.0-9]*"));

    private static final Pattern GONE = Pattern.compile("(lib)?opencv_(highgui|stitching|videostab|superres|mcc|optflow|rapid|quality|cv)[.0-9]*\\..*");
    private static final Pattern NATIVE = Pattern.compile(".*-(linux|macosx|windows)-[a-z0-9_]+\\.jar");
    private static final Pattern SIGNATURE = Pattern.compile("META-INF/[^/]+\\.(SF|RSA|DSA|EC)");

    private Slim() {}

    public static void main(String[] folders) throws IOException {
        for (String folder : folders) {
            List<Path> jars;
            try (Stream<Path> files = Files.list(Path.of(folder))) {
                jars = files.filter(file -> file.toString().endsWith(".jar")).sorted().toList();
            }
            for (Path jar : jars) {
                pack(jar);
            }
        }
    }

    private static void pack(Path jar) throws IOException {
        Path packed = jar.resolveSibling(jar.getFileName() + ".new");
        try (var from = new ZipFile(jar.toFile());
                var to = new ZipOutputStream(Files.newOutputStream(packed))) {
            to.setMethod(ZipOutputStream.STORED);
            from.stream().filter(entry -> !entry.isDirectory() && stays(jar.getFileName().toString(), entry)).forEach(entry -> {
                try {
                    copy(from, entry, to);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        }
        Files.move(packed, jar, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }

    private static boolean stays(String jar, ZipEntry entry) {
        String name = entry.getName().substring(entry.getName().lastIndexOf('/') + 1);
        if (SIGNATURE.matcher(entry.getName()).matches()) {
            return false;
        }
        if (!NATIVE.matcher(jar).matches() || !entry.getName().startsWith("org/bytedeco/")) {
            return true;
        }
        return KEPT.entrySet().stream()
                .filter(kept -> jar.startsWith(kept.getKey()))
                .allMatch(kept -> kept.getValue().matcher(name).matches() && !GONE.matcher(name).matches());
    }

    private static void copy(ZipFile from, ZipEntry entry, ZipOutputStream to) throws IOException {
        var bytes = new ByteArrayOutputStream();
        try (var stream = from.getInputStream(entry)) {
            stream.transferTo(bytes);
        }
        var crc = new CRC32();
        crc.update(bytes.toByteArray());
        var copy = new ZipEntry(entry.getName());
        copy.setTime(entry.getTime());
        copy.setSize(bytes.size());
        copy.setCrc(crc.getValue());
        to.putNextEntry(copy);
        bytes.writeTo(to);
        to.closeEntry();
    }
}
