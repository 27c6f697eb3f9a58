package amberlens.desktop.shelf.looks;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.StockLook;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Group;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.work.services.KeptFiles;
import amberlens.desktop.work.services.KeptHere;
import amberlens.desktop.work.services.Services;
import amberlens.project.LookFile;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The looks that ship and those that somebody has kept, each as the selected shot would look with it. */
public final class LooksPane extends BorderPane {
    private static final KeptFiles.Format<LookSet> FILES =
            new KeptFiles.Format<>(LookFile.ENDING, LookSet::name, LookFile::open, LookFile::save);

    private final Desk desk;
    private final Services services;
    private final KeptHere<LookSet> own;
    private final LookPreviews previews;
    private final TilePane cards = new TilePane(1, 6);
    private final Map<LookCard, Offer> offers = new LinkedHashMap<>();
    private boolean sheet;
    private @Nullable Shot previewed;
    private @Nullable Picture previewedOn;

    /** Looks made for a shot. */
    private interface Offer {
        LookSet make(Project project, Shot shot);

        /** The part of the shot at which they are most themselves. */
        double telling();
    }

    private record Stock(StockLook look) implements Offer {
        @Override
        public LookSet make(Project project, Shot shot) {
            Size picture = project.mediaOf(shot).size();
            return look.make(picture, project.frameSize(), shot.length());
        }

        @Override
        public double telling() {
            return look.telling();
        }
    }

    private record Kept(LookSet set) implements Offer {
        @Override
        public LookSet make(Project project, Shot shot) {
            return set;
        }

        @Override
        public double telling() {
            return 0;
        }
    }

    /** @param settings the folder where kept looks are */
    public LooksPane(Desk desk, Services services, Path settings) {
        this.desk = desk;
        this.services = services;
        own = new KeptHere<>(
                new KeptFiles<>(settings.resolve("looks"), FILES), services.background(), desk::say, this::fill);
        previews = new LookPreviews(services);
        cards.setTileAlignment(Pos.TOP_LEFT);
        cards.getStyleClass().add("look-cards");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("quiet-scroll");
        scroll.setId("looks-scroll");
        Button keep = new Button("Keep these looks");
        keep.getStyleClass().add("quiet-button");
        keep.setId("looks-keep");
        keep.setMaxWidth(Double.MAX_VALUE);
        Hint.of(keep, "Keeps the looks of the selected shot among those here");
        keep.setOnAction(_ -> keep());
        VBox foot = new VBox(8, keep);
        foot.getStyleClass().add("shelf-foot");
        setCenter(scroll);
        setBottom(foot);
        visibleProperty().addListener((_, _, _) -> refresh());
        fill();
    }

    private void fill() {
        offers.clear();
        for (StockLook look : StockLook.values()) {
            String id = look.name().toLowerCase(Locale.ROOT).replace('_', '-');
            offer(id, look.words(), look.purpose(), new Stock(look));
        }
        for (KeptFiles.Kept<LookSet> kept : own.all()) {
            String id = "own-" + kept.what().name().toLowerCase(Locale.ROOT).replace(' ', '-');
            LookCard card = offer(id, kept.what().name(), "looks you have kept", new Kept(kept.what()));
            MenuItem away = new MenuItem("Remove these kept looks");
            away.setOnAction(_ -> own.remove(kept));
            MenuItem where = new MenuItem("Show where the file is, to share it");
            where.setOnAction(_ -> desk.say("The looks are kept in " + kept.file() + "."));
            ContextMenu menu = new ContextMenu(where, away);
            card.setOnContextMenuRequested(event -> menu.show(card, event.getScreenX(), event.getScreenY()));
        }
        cards.getChildren().setAll(offers.keySet());
        previewed = null;
        refresh();
    }

    private LookCard offer(String id, String name, String purpose, Offer offer) {
        LookCard card = new LookCard(id, name, purpose, () -> give(offer));
        offers.put(card, offer);
        return card;
    }

    /** As a sheet of large previews, or as a column. */
    public void setSheet(boolean now) {
        sheet = now;
        offers.keySet().forEach(card -> card.setSheet(now));
        cards.setHgap(now ? 10 : 1);
        previewed = null;
        refresh();
    }

    private void give(Offer offer) {
        Set<String> shots = desk.cursor().selection().shots();
        Optional<Shot> shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            desk.say("Make a shot first; looks apply to the selected shots.");
            return;
        }
        desk.document().apply(LookEdits.add(shots, offer.make(desk.document().project(), shot.get())));
        desk.tools().show(Group.LOOK);
    }

    private void keep() {
        Optional<Shot> shot =
                desk.cursor().selectedShot().filter(found -> !found.looks().isEmpty());
        if (shot.isEmpty()) {
            desk.say("The selected shot has no look that could be kept.");
            return;
        }
        LookSet set = LookEdits.of(desk.document().project(), shot.get())
                .withName(shot.get().name() + " look");
        own.keep(set, "The looks are kept as \"" + set.name() + "\".");
    }

    /** Brings looks from a file among the kept ones. */
    public void take(LookSet set) {
        own.keep(set, "");
    }

    /** Makes the previews anew when the shot or its picture have changed. */
    public void refresh() {
        if (!isVisible() || desk.document().showing()) {
            return;
        }
        Project project = desk.document().project();
        Shot shot = desk.cursor().selectedShot().orElse(null);
        Picture picture = shot == null ? null : services.ready().of(PictureRef.of(project.mediaOf(shot), 0));
        if (shot == previewed && Objects.equals(picture, previewedOn)) {
            return;
        }
        previewed = shot;
        previewedOn = picture;
        previews.begin();
        if (shot == null || picture == null) {
            offers.keySet().forEach(LookCard::showNothing);
        } else {
            offers.forEach((card, offer) -> previews.ask(
                    project,
                    shot,
                    picture,
                    offer.make(project, shot),
                    offer.telling(),
                    LookPreviews.size(sheet),
                    card::show));
        }
    }
}
