package amberlens.media.export;

import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.files.WholeFile;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What the files of a folder were made of, so that a later export makes only what has changed. A file {@code .amber-exports} beside
 * the exported ones holds a hash for each: of the shots in its frames, of their media as they are on disk, and of the settings.
 */
public final class ExportRecord {
    private static final Logger LOG = LoggerFactory.getLogger(ExportRecord.class);
    private static final String NAME = ".amber-exports";

    private ExportRecord() {}

    /** Whether a job would only make the file again that is there. */
    public static boolean isUnchanged(ExportJob job) {
        Path file = job.settings().destination().toAbsolutePath();
        Path there = job.settings().format().isOneFile()
                ? file
                : amberlens.media.film.StillSequence.file(
                        file, job.settings().frames().from());
        return Files.exists(there)
                && hash(job)
                        .equals(read(file.getParent())
                                .getProperty(file.getFileName().toString()));
    }

    /** Remembers what a finished job has made. */
    public static void remember(ExportJob job) {
        Path file = job.settings().destination().toAbsolutePath();
        Properties known = read(file.getParent());
        known.setProperty(file.getFileName().toString(), hash(job));
        try {
            var text = new StringWriter();
            known.store(text, "What the exported files were made of");
            WholeFile.write(file.resolveSibling(NAME), text.toString());
        } catch (IOException e) {
            LOG.debug("writing {}", file.resolveSibling(NAME), e);
        }
    }

    private static Properties read(Path folder) {
        Properties known = new Properties();
        Path file = folder.resolve(NAME);
        if (Files.exists(file)) {
            try (var reader = Files.newBufferedReader(file)) {
                known.load(reader);
            } catch (IOException | IllegalArgumentException e) {
                LOG.debug("reading {}", file, e);
            }
        }
        return known;
    }

    private static String hash(ExportJob job) {
        try {
            var digest = MessageDigest.getInstance("SHA-256");
            Project project = job.project();
            ExportSettings settings = job.settings();
            add(digest, project.frame());
            add(
                    digest,
                    settings.size() + " " + settings.rate() + settings.format() + settings.quality()
                            + settings.transparent());
            for (Shot shot : LineUp.inTime(project)) {
                boolean seen = shot.onLineUp().from() <= settings.frames().to()
                        && shot.onLineUp().to() >= settings.frames().from();
                if (seen) {
                    Media media = project.mediaOf(shot);
                    add(digest, shot.withStart(shot.start() - settings.frames().from() + Shot.LONGEST));
                    add(digest, media);
                    if (media.hasFile()) {
                        add(digest, Path.of(media.path()).toFile().lastModified());
                    }
                }
            }
            if (settings.format().holdsSound()) {
                addSounds(digest, project, settings);
            }
            add(digest, settings.frames().length());
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }

    /** What is heard in the frames that are exported, by its place from their first. */
    private static void addSounds(MessageDigest digest, Project project, ExportSettings settings) {
        Seconds from =
                Seconds.ofFrames(settings.frames().from(), project.frame().rate());
        Seconds to =
                Seconds.ofFrames(settings.frames().to() + 1L, project.frame().rate());
        for (SoundClip clip : project.sounds()) {
            if (clip.start().compareTo(to) < 0 && clip.end().compareTo(from) > 0) {
                Media media = project.media(clip.media()).orElseThrow();
                add(digest, clip.start().minus(from));
                add(digest, clip.withStart(Seconds.ZERO));
                add(digest, media.path());
                add(digest, Path.of(media.path()).toFile().lastModified());
            }
        }
        add(digest, project.soundLevel() + " " + settings.loudness());
    }

    /** Records print all they hold. */
    private static void add(MessageDigest digest, Object value) {
        digest.update(value.toString().getBytes(StandardCharsets.UTF_8));
    }
}
