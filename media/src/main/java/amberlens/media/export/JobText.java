package amberlens.media.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.media.film.Quality;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;

/** What is to be exported, as a few lines of text beside the project it is made from. */
public final class JobText {
    private JobText() {}

    /** The settings of a job. */
    public static String of(ExportJob job) {
        ExportSettings settings = job.settings();
        var text = new Properties();
        text.setProperty("name", job.name());
        text.setProperty("from", String.valueOf(settings.frames().from()));
        text.setProperty("to", String.valueOf(settings.frames().to()));
        text.setProperty("width", String.valueOf(settings.size().width()));
        text.setProperty("height", String.valueOf(settings.size().height()));
        settings.rate().ifPresent(rate -> text.setProperty("rate", rate.written()));
        text.setProperty("format", settings.format().name());
        text.setProperty("quality", settings.quality().name());
        text.setProperty("transparent", String.valueOf(settings.transparent()));
        text.setProperty("destination", settings.destination().toString());
        text.setProperty("overwrite", String.valueOf(settings.overwrite()));
        text.setProperty("fast", String.valueOf(settings.fast()));
        settings.loudness().ifPresent(target -> text.setProperty("loudness", String.valueOf(target)));
        var writer = new StringWriter();
        try {
            text.store(writer, null);
        } catch (IOException e) {
            throw new UncheckedIOException("memory can be written to", e);
        }
        return writer.toString();
    }

    /**
     * The job again.
     *
     * @throws FileProblem when the text is not one of a job
     */
    public static ExportJob read(String text, Project project) throws FileProblem {
        try {
            var read = new Properties();
            read.load(new StringReader(text));
            var settings = new ExportSettings(
                            new FrameSpan(number(read, "from"), number(read, "to")),
                            new Size(number(read, "width"), number(read, "height")),
                            Optional.ofNullable(read.getProperty("rate")).map(FrameRate::parse),
                            ExportFormat.valueOf(read.getProperty("format", "")),
                            Quality.valueOf(read.getProperty("quality", "")),
                            Boolean.parseBoolean(read.getProperty("transparent")),
                            Path.of(read.getProperty("destination", "")),
                            Boolean.parseBoolean(read.getProperty("overwrite")))
                    .withLoudness(
                            Optional.ofNullable(read.getProperty("loudness")).map(Double::valueOf))
                    .withFast(Boolean.parseBoolean(read.getProperty("fast")));
            return new ExportJob(read.getProperty("name", "Export"), project, settings);
        } catch (IOException | IllegalArgumentException e) {
            throw new FileProblem("An export that was cut off cannot be read: " + e.getMessage() + ".", e);
        }
    }

    private static int number(Properties read, String name) {
        return Integer.parseInt(read.getProperty(name, "").strip());
    }
}
