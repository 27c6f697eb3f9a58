package amberlens.cli;

import amberlens.core.check.ShotCheck;
import amberlens.core.edges.EdgeReport;
import amberlens.core.edges.Margin;
import amberlens.core.model.Project;
import amberlens.core.sharpness.Enlargement;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Timecode;
import amberlens.core.words.Counted;
import amberlens.core.words.Figures;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;

/** The check for people. */
final class CheckText {
    private CheckText() {}

    static void print(Project project, List<ShotCheck> checks, boolean frames, PrintWriter out) {
        if (checks.isEmpty()) {
            out.println("The line-up has no shot.");
        }
        FrameRate rate = project.frame().rate();
        for (ShotCheck check : checks) {
            print(project, check, rate, out);
            for (int frame = 0; frames && frame < check.shot().length(); frame++) {
                out.printf(
                        Locale.ROOT,
                        "    %5d  margin %9s%n",
                        frame,
                        margin(check.edges().margins().get(frame)));
            }
        }
        long open = checks.stream().filter(check -> !check.sealed()).count();
        out.println(
                open == 0
                        ? "Every shot is sealed."
                        : open + " of " + Counted.of(checks.size(), "shot") + (open == 1 ? " has" : " have")
                                + " an open edge.");
    }

    private static void print(Project project, ShotCheck check, FrameRate rate, PrintWriter out) {
        out.printf(
                Locale.ROOT,
                "%s  %s, %d frames%n",
                check.shot().id(),
                check.shot().name(),
                check.shot().length());
        if (!check.judged()) {
            out.println(
                    project.isRig(check.shot())
                            ? "  edges        judged with each shot that the rig moves"
                            : project.isTitle(check.shot())
                                    ? "  edges        not judged: a title"
                                    : "  edges        not judged: the shot is not meant to fill the frame");
        } else if (check.edges().isSealed()) {
            out.printf(
                    Locale.ROOT,
                    "  edges        sealed, closest %s px at frame %d%n",
                    Figures.fixed(check.edges().worst().framePx(), 1),
                    check.edges().worstFrame());
        } else {
            check.edges().open().forEach(span -> print(span, rate, out));
        }
        out.printf(
                Locale.ROOT,
                "  enlargement  at most %.1f %% at frame %d, %s%n",
                check.enlargement().percent(),
                check.enlargement().frame(),
                Enlargement.verdict(check.enlargement().percent()));
        double percent = check.fastest().percentOfWidthPerSecond(project.frameSize(), rate);
        out.printf(
                Locale.ROOT,
                "  pace         at most %.1f %% of the frame width per second%s%n",
                percent,
                percent < 0.05
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                ", crosses the frame in %.1f s",
                                check.fastest().crossingSeconds(project.frameSize(), rate)));
    }

    private static String margin(Margin margin) {
        return margin.unseen().isPresent() ? margin.reason() : Figures.fixed(margin.framePx(), 3) + " px";
    }

    private static void print(EdgeReport.OpenSpan span, FrameRate rate, PrintWriter out) {
        out.printf(
                Locale.ROOT,
                "  edges        OPEN %s to %s (frames %d to %d), %s at worst in frame %d%n",
                Timecode.brief(span.span().from(), rate),
                Timecode.brief(span.span().to(), rate),
                span.span().from(),
                span.span().to(),
                span.worst().openWords(1),
                span.worstFrame());
    }
}
