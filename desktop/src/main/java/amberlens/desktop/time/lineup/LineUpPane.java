package amberlens.desktop.time.lineup;

import amberlens.core.base.time.Seconds;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.commands.ShotLength;
import amberlens.desktop.desk.menu.Menus;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DropSign;
import amberlens.desktop.shelf.intake.DropPlace;
import amberlens.desktop.shelf.intake.Drops;
import amberlens.desktop.shelf.intake.PictureLaying;
import amberlens.desktop.time.hearing.MeterView;
import amberlens.desktop.work.services.Services;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.input.DragEvent;
import javafx.scene.layout.StackPane;

/** The Line-up band. */
public final class LineUpPane extends StackPane implements Subscription {
    private static final Set<Change> NOTHING_HERE = EnumSet.of(Change.FILE, Change.MESSAGE, Change.EXPORTS);

    private final Desk desk;
    private final LineUpSurface surface;
    private final HeightGrip grip;
    private final MeterView meter;
    private final PictureLaying laying;
    private final DropSign sign = new DropSign();
    private final BiConsumer<Set<String>, String> replacing;
    private final Subscription subscription;
    private final Subscription ready;
    private boolean gathering;

    /**
     * @param drops brings what is dropped
     * @param laying makes shots of it
     * @param lengths changes the length of a shot
     * @param meter shows how loud it is
     * @param replacing shows other media, by their id, in some shots
     */
    public LineUpPane(
            Desk desk,
            Services services,
            Menus menus,
            Drops drops,
            PictureLaying laying,
            ShotLength lengths,
            MeterView meter,
            BiConsumer<Set<String>, String> replacing) {
        this.replacing = replacing;
        this.desk = desk;
        this.laying = laying;
        surface = new LineUpSurface(desk, services);
        surface.setId("lineup-surface");
        var hands = new LineUpHands(desk, surface, lengths);
        surface.setOnContextMenuRequested(event -> {
            hands.pointAt(event.getX(), event.getY()).ifPresent(spot -> menus.show(spot, surface, event));
        });
        grip = new HeightGrip(desk.preferences(), this::fitHeight);
        this.meter = meter;
        StackPane.setAlignment(meter, Pos.BOTTOM_RIGHT);
        getChildren().addAll(surface, meter, grip, sign);
        getStyleClass().add("lineup-pane");
        sign.getStyleClass().add("clear");
        drops.serve(this, new Place());
        subscription = desk.subscribe(this::changed);
        ready = services.made().whenChanged(surface::redraw);
        surface.scaleProperty().subscribe(this::fitHeight);
        fitHeight();
    }

    private void changed(Changes changes) {
        if (!changes.only(NOTHING_HERE)) {
            fitHeight();
            surface.redraw();
        }
    }

    /** The band grows with its tracks, the text size and what its border was dragged to. */
    private void fitHeight() {
        double height = LineUpLayout.bandHeight(
                        desk.document().project(), surface.view().open())
                * surface.scaleProperty().get()
                * grip.times()
                * (gathering ? 2 : 1);
        setMinHeight(height);
        setMaxHeight(height);
        boolean heard = !Hearing.wanted(desk.document().project()).isEmpty();
        meter.setVisible(heard);
        double wide = MeterView.WIDTH * surface.scaleProperty().get();
        meter.setMinWidth(wide);
        meter.setMaxWidth(wide);
        double rows = LineUpLayout.soundsPart(
                desk.document().project(), surface.view().open());
        meter.setMaxHeight(rows > 0 ? height * rows - 2 : height - 4);
    }

    /** Twice as high, while pictures are gathered. */
    public void setGathering(boolean now) {
        gathering = now;
        fitHeight();
    }

    /** Shows the whole line-up. */
    public void showAll() {
        surface.view().showAll();
        surface.redraw();
    }

    /**
     * A picture dropped on the middle of a shot takes the place of its picture; between shots pictures become new ones, and above the first
     * track, where a row opens for them, insets.
     */
    private final class Place implements DropPlace {
        /** Where the drag was last: it goes before what it brings is taken, and its row with it. */
        private Optional<LineUpSurface.Landing> last = Optional.empty();

        @Override
        public void over(DragEvent event) {
            open(Drops.hasPictures(event, desk.document().project()));
            Optional<LineUpSurface.Landing> inset = inset(event.getX(), event.getY());
            last = inset;
            surface.showInset(inset);
            if (inset.isPresent() && !Drops.isProject(event)) {
                sign.show("An inset over the line-up at "
                        + Timecode.brief(
                                inset.get().start(),
                                desk.document().project().frame().rate()));
                surface.showDrop(OptionalDouble.empty());
                surface.showReplaced(Optional.empty());
                return;
            }
            boolean single = Drops.isSingle(event, desk.document().project());
            Optional<Shot> onto = replaced(single, event.getX(), event.getY());
            sign.show(Drops.words(event, desk.document().project(), onto, replaced(true, event.getX(), event.getY())));
            surface.showDrop(onto.isPresent() ? OptionalDouble.empty() : OptionalDouble.of(surface.own(event.getX())));
            surface.showReplaced(onto.map(Shot::id));
        }

        @Override
        public Optional<Shot> moved(double x, double y) {
            return replaced(true, x, y);
        }

        @Override
        public void gone() {
            sign.hide();
            open(false);
            surface.showInset(Optional.empty());
            surface.showDrop(OptionalDouble.empty());
            surface.showReplaced(Optional.empty());
        }

        @Override
        public void take(List<Media> media, double x, double y) {
            Optional<LineUpSurface.Landing> inset = last;
            last = Optional.empty();
            if (inset.isPresent() && media.stream().anyMatch(Media::isSeen)) {
                laying.insets(media, inset.get().start(), inset.get().track(), InsetEdits.Order.SIDE_BY_SIDE);
                return;
            }
            Optional<Shot> onto = replaced(media.size() == 1 && media.getFirst().isSeen(), x, y);
            if (onto.isPresent()) {
                Set<String> shots =
                        desk.cursor().selection().includes(onto.get().id())
                                ? desk.cursor().selection().shots()
                                : Set.of(onto.get().id());
                replacing.accept(shots, media.getFirst().id());
            } else {
                LineUpLayout plan = surface.plan();
                Seconds time = Seconds.ofFrames(
                        Math.max(0, plan.frame(surface.own(x))),
                        desk.document().project().frame().rate());
                laying.at(media, plan.place(surface.own(x), 1, Optional.empty()), time);
            }
        }

        private void open(boolean opened) {
            if (opened != surface.view().open()) {
                surface.view().setOpen(opened);
                fitHeight();
                surface.redraw();
            }
        }

        /** Where an inset would lie: above the first track, but not on the middle of a shot. */
        private Optional<LineUpSurface.Landing> inset(double x, double y) {
            LineUpLayout plan = surface.plan();
            Project project = desk.document().project();
            int track = plan.track(surface.own(y));
            boolean above = surface.own(y) < plan.top(1) && !project.shots().isEmpty();
            boolean onto = plan.replacedBy(surface.own(x), surface.own(y)).isPresent();
            int length = ShotEdits.NEW_SHOT_SECONDS * project.frame().rate().nominal();
            return above && !onto
                    ? Optional.of(new LineUpSurface.Landing(track, Math.max(0, plan.frame(surface.own(x))), length))
                    : Optional.empty();
        }

        private Optional<Shot> replaced(boolean single, double x, double y) {
            return single ? surface.plan().replacedBy(surface.own(x), surface.own(y)) : Optional.empty();
        }
    }

    @Override
    public void close() {
        subscription.close();
        ready.close();
    }
}
