package amberlens.desktop.shell.app;

import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.WindowLayout;

/**
 * Opens the contact sheet of the Shelf for a project that has pictures but no shots yet, and puts it away with the first shot that is laid
 * in. Whoever chooses another arrangement meanwhile keeps it.
 */
final class Gathering implements Subscription {
    private final Desk desk;
    private final Subscription subscription;
    private WindowLayout before;
    private Object project = "";
    private boolean hadPictures;
    private boolean hadShots;

    Gathering(Desk desk) {
        this.desk = desk;
        before = desk.preferences().arrangement() == WindowLayout.GATHER
                ? WindowLayout.BOTH
                : desk.preferences().arrangement();
        subscription = desk.subscribe(this::changed);
    }

    private void changed(Changes changes) {
        WindowLayout now = desk.preferences().arrangement();
        if (changes.contains(Change.PREFERENCES) && now != WindowLayout.GATHER) {
            before = now;
        }
        if (!changes.contains(Change.PROJECT) || desk.document().showing()) {
            return;
        }
        Project open = desk.document().project();
        boolean another = project != desk.document().identity();
        boolean pictures = open.media().stream().anyMatch(media -> media.isSeen() && media.hasFile());
        boolean shots = !open.shots().isEmpty();
        boolean begins = pictures && !shots && (another || !hadPictures);
        boolean ends = shots && (another || !hadShots);
        project = desk.document().identity();
        hadPictures = pictures;
        hadShots = shots;
        if (begins && now != WindowLayout.GATHER) {
            desk.prefer(to -> to.setArrangement(WindowLayout.GATHER));
        } else if (ends && now == WindowLayout.GATHER) {
            desk.prefer(to -> to.setArrangement(before));
        }
    }

    @Override
    public void close() {
        subscription.close();
    }
}
