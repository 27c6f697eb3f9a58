package amberlens.cli;

import amberlens.core.base.words.Figures;
import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.judge.edges.Margin;
import amberlens.core.model.project.Project;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;

/** The check for people. */
final class CheckText {
    private CheckText() {}

    static void print(List<FilmCheck> films, boolean frames, PrintWriter out) {
        for (FilmCheck film : films) {
            if (films.size() > 1) {
                out.println(heading(film.film()));
            }
            print(film.film().film(), film.shots(), frames, out);
        }
    }

    private static String heading(DeliveryFilm.Named film) {
        return film.delivery().map(delivery -> "\nDelivery " + delivery.name()).orElse("The project's own frame") + ", "
                + film.film().frameSize().width() + " × "
                + film.film().frameSize().height();
    }

    private static void print(Project project, List<ShotCheck> checks, boolean frames, PrintWriter out) {
        if (checks.isEmpty()) {
            out.println("The line-up has no shot.");
        }
        for (ShotCheck check : checks) {
            out.printf(
                    Locale.ROOT,
                    "%s  %s, %d frames%n",
                    check.shot().id(),
                    check.shot().name(),
                    check.shot().length());
            CheckWords.edges(project, check).forEach(line -> out.println("  edges        " + line));
            CheckWords.planes(project, check).forEach(line -> out.println("  planes       " + line));
            CheckWords.marks(project, check).forEach(line -> out.println("  marks        " + line));
            out.println("  enlargement  " + CheckWords.enlargement(check));
            out.println("  pace         " + CheckWords.pace(project, check));
            for (int frame = 0; frames && frame < check.shot().length(); frame++) {
                out.printf(
                        Locale.ROOT,
                        "    %5d  margin %9s%n",
                        frame,
                        margin(check.edges().margins().get(frame)));
            }
        }
        out.println(CheckWords.verdict(checks));
    }

    private static String margin(Margin margin) {
        return margin.unseen().isPresent() ? margin.reason() : Figures.fixed(margin.framePx(), 3) + " px";
    }
}
