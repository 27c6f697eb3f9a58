package amberlens.exchange;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.exchange.csv.MoveTable;
import amberlens.exchange.filter.FilterScript;
import amberlens.exchange.lottie.LottieFile;
import amberlens.exchange.move.ShotMove;
import amberlens.exchange.otio.Timeline;
import amberlens.exchange.web.CssPage;
import amberlens.exchange.web.PictureElement;
import amberlens.exchange.web.SvgPage;
import amberlens.files.FileWords;
import amberlens.files.WholeFile;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Writes moves in other formats. */
public final class MoveOut {
    private MoveOut() {}

    /**
     * Writes the move of one shot.
     *
     * @param project with the shot
     * @return what a person should know, a line each
     * @throws FileProblem when the format cannot say the move, or the file cannot be written
     */
    public static List<String> write(Project project, Shot shot, MoveFormat format, Path file) throws FileProblem {
        ShotMove move = ShotMove.of(project, shot);
        List<String> notes = new ArrayList<>();
        if (project.isInPlanes(shot)) {
            notes.add("The picture of \"" + shot.name()
                    + "\" is in planes here; this format shows it as one, with the move of its background.");
        }
        if (move.isSequence() && (format == MoveFormat.CSS || format == MoveFormat.SVG)) {
            throw new FileProblem(
                    "\"" + shot.name()
                            + "\" shows numbered pictures, which no page can play; export them as a film first, or use csv or ffmpeg.");
        }
        switch (format) {
            case CSS -> {
                text(file, CssPage.of(move, file));
                notes.addAll(PictureElement.notes(move));
            }
            case SVG -> {
                text(file, SvgPage.of(move, file));
                notes.addAll(PictureElement.notes(move));
            }
            case LOTTIE -> json(file, LottieFile.of(move, file));
            case CSV -> text(file, MoveTable.of(move, file));
            case FFMPEG -> {
                text(file, FilterScript.of(move));
                notes.addAll(FilterScript.notes(move, file));
            }
            case OTIO -> notes.addAll(lineUp(project.only(shot), file));
        }
        return notes;
    }

    /**
     * Writes all shots of a project as an OpenTimelineIO timeline.
     *
     * @return what a person should know, a line each
     */
    public static List<String> lineUp(Project project, Path file) throws FileProblem {
        long unsaid = Timeline.unsaid(project);
        json(file, Timeline.of(project, file));
        List<String> notes = new ArrayList<>();
        if (unsaid > 0) {
            notes.add("Titles are not in the timeline: no file holds what they show (" + unsaid + ").");
        }
        return notes;
    }

    private static void json(Path file, ObjectNode root) throws FileProblem {
        text(file, root.toPrettyString() + "\n");
    }

    private static void text(Path file, String text) throws FileProblem {
        try {
            WholeFile.write(file, text);
        } catch (IOException e) {
            throw FileWords.cannotWrite(file, e);
        }
    }
}
