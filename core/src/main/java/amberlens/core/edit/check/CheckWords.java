package amberlens.core.edit.check;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.look.Looks;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a check found, in words for the command line and the proof. */
public final class CheckWords {
    private CheckWords() {}

    /** One line of all shots together. */
    public static String verdict(List<ShotCheck> checks) {
        long open = checks.stream()
                .filter(check -> check.judged() && !check.edges().isSealed())
                .count();
        long behind = checks.stream()
                .filter(check -> check.judged() && !check.planes().isSealed())
                .count();
        long cut = checks.stream().filter(check -> !check.cut().isEmpty()).count();
        String marks = cut == 0
                ? ""
                : cut + " of " + Counted.of(checks.size(), "shot") + (cut == 1 ? " cuts" : " cut") + " a mark.";
        if (open == 0 && behind == 0) {
            return ("Every shot is sealed. " + marks).strip();
        }
        String shots = " of " + Counted.of(checks.size(), "shot");
        String edges = open == 0 ? "" : open + shots + (open == 1 ? " has" : " have") + " an open edge.";
        String planes = behind == 0
                ? ""
                : behind + shots + (behind == 1 ? " shows" : " show") + " what is not there behind a plane.";
        return Stream.of(edges, planes, marks).filter(words -> !words.isEmpty()).collect(Collectors.joining(" "));
    }

    /** A line for what is seen behind the planes of a picture, or one for each span in which that is not there; none without planes. */
    public static List<String> planes(Project project, ShotCheck check) {
        if (!check.judged() || !project.isInPlanes(check.shot())) {
            return List.of();
        }
        PlaneReport report = check.planes();
        String enlarged = report.enlarged()
                .map(most -> String.format(
                        Locale.ROOT,
                        "; \"%s\" is enlarged to %.1f %% at frame %d, %s",
                        most.plane().name(),
                        most.percent(),
                        most.frame(),
                        Enlargement.verdict(most.percent())))
                .orElse("");
        if (report.isSealed()) {
            String depth = report.depths().entrySet().stream()
                    .max(Comparator.comparingDouble(seen -> seen.getValue().px()))
                    .map(seen -> String.format(
                            Locale.ROOT,
                            "sealed, deepest %.0f px behind \"%s\" at frame %d",
                            seen.getValue().px(),
                            name(project.mediaOf(check.shot()), seen.getKey()),
                            seen.getValue().frame()))
                    .orElse("sealed, nothing is seen behind them");
            return List.of(depth + enlarged);
        }
        FrameRate rate = project.frame().rate();
        return report.open().stream()
                .map(span -> String.format(
                        Locale.ROOT,
                        "OPEN %s to %s (frames %d to %d): %s, at worst in frame %d",
                        Timecode.brief(span.from(), rate),
                        Timecode.brief(span.to(), rate),
                        span.from(),
                        span.to(),
                        report.worst(span).words(),
                        report.worst(span).frame()))
                .toList();
    }

    /** Where a mark is cut, in a sentence for whoever looks at the shot. */
    public static String cut(Project project, ShotMarks.Cut cut) {
        FrameRate rate = project.frame().rate();
        MarkReport.Cut where = cut.where();
        String kind = cut.mark().kind().word();
        String when = where.span().from() == where.span().to()
                ? "at " + Timecode.brief(where.span().from(), rate)
                : Timecode.brief(where.span().from(), rate) + " – "
                        + Timecode.brief(where.span().to(), rate);
        return Character.toUpperCase(kind.charAt(0))
                + kind.substring(1)
                + (where.worst().outside()
                        ? " out of the frame " + when
                        : String.format(
                                Locale.ROOT,
                                " cut %s, by %.0f px, %s",
                                when,
                                Math.max(1, where.px()),
                                where.worst().side().word()));
    }

    /** A line for each run of frames in which a mark is cut. */
    public static List<String> marks(Project project, ShotCheck check) {
        FrameRate rate = project.frame().rate();
        return check.cut().stream()
                .map(cut -> {
                    MarkReport.Cut where = cut.where();
                    String kind = cut.mark().kind().word();
                    String how = where.worst().outside()
                            ? "out of the frame"
                            : String.format(
                                    Locale.ROOT,
                                    "cut by %.1f px, %s",
                                    where.px(),
                                    where.worst().side().word());
                    return String.format(
                            Locale.ROOT,
                            "CUT %s to %s (frames %d to %d): %s %s is %s at worst in frame %d; keep: %s",
                            Timecode.brief(where.span().from(), rate),
                            Timecode.brief(where.span().to(), rate),
                            where.span().from(),
                            where.span().to(),
                            kind,
                            cut.mark().id(),
                            how,
                            where.frame(),
                            cut.mark().keep().words());
                })
                .toList();
    }

    private static String name(Media media, String plane) {
        return media.planes().stream()
                .filter(found -> found.id().equals(plane))
                .map(Plane::name)
                .findFirst()
                .orElse(plane);
    }

    /** A line for the edges of a shot, or one for each span in which they are open. */
    public static List<String> edges(Project project, ShotCheck check) {
        if (!check.judged()) {
            return List.of(
                    project.isRig(check.shot())
                            ? "checked with each shot that the rig moves"
                            : project.isTitle(check.shot())
                                    ? "not checked: a title"
                                    : project.cutOutBy(check.shot())
                                            .map(rig -> "not checked: a mask of the rig \"" + rig.name()
                                                    + "\" cuts a shape out of it")
                                            .orElse("not checked: the shot need not fill the frame"));
        }
        if (check.edges().isSealed()) {
            return List.of(String.format(
                    Locale.ROOT,
                    "sealed, closest %s px at frame %d",
                    Figures.fixed(check.edges().worst().framePx(), 1),
                    check.edges().worstFrame()));
        }
        FrameRate rate = project.frame().rate();
        return check.edges().open().stream().map(span -> open(span, rate)).toList();
    }

    private static String open(EdgeReport.OpenSpan span, FrameRate rate) {
        return String.format(
                Locale.ROOT,
                "OPEN %s to %s (frames %d to %d), %s at worst in frame %d",
                Timecode.brief(span.span().from(), rate),
                Timecode.brief(span.span().to(), rate),
                span.span().from(),
                span.span().to(),
                span.worst().openWords(1),
                span.worstFrame());
    }

    /** What edges are judged by: when, of which part of the picture, against what. */
    public static String judgedBy(Project project, ShotCheck check) {
        Judged judged = project.judged(check.shot());
        int moments = check.take().moments().length;
        int frames = check.shot().length();
        String when = moments == frames
                ? Counted.of(frames, "frame")
                : Counted.of(moments, "moment") + " of " + Counted.of(frames, "frame");
        String what = Looks.crop(check.shot().looks())
                ? "what its crop and card leave of the picture of " + judged.sheet() + " px"
                : judged.area().equals(PictureArea.whole(judged.sheet()))
                        ? "the whole picture, " + judged.sheet() + " px"
                        : judged.picture() + " px at " + judged.area().left() + ", "
                                + judged.area().top() + " of a picture of " + judged.sheet() + " px";
        return when + ", each corner of the frame of " + judged.frame() + " px against each side of " + what
                + "; sealed from " + Figures.fixed(Margin.SEALED, 3) + " px";
    }

    /** A line for the greatest enlargement of a shot. */
    public static String enlargement(ShotCheck check) {
        return String.format(
                Locale.ROOT,
                "at most %.1f %% at frame %d, %s",
                check.enlargement().percent(),
                check.enlargement().frame(),
                Enlargement.verdict(check.enlargement().percent()));
    }

    /** A line for the greatest pace of a shot. */
    public static String pace(Project project, ShotCheck check) {
        FrameRate rate = project.frame().rate();
        double percent = check.fastest().percentOfWidthPerSecond(project.frameSize(), rate);
        return String.format(
                Locale.ROOT,
                "at most %.1f %% of the frame width per second%s",
                percent,
                percent < 0.05
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                ", crosses the frame in %.1f s",
                                check.fastest().crossingSeconds(project.frameSize(), rate)));
    }
}
