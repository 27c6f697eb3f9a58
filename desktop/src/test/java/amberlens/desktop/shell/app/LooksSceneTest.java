package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Property;
import amberlens.desktop.picture.lens.LensProbe;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.shelf.panes.ShelfTab;
import java.util.Locale;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Looks, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class LooksSceneTest extends ThreeShotsInteraction {
    private Look look(int index) {
        return shot("s1").looks().get(index);
    }

    private <V> V now(int index, Property<V> amount) {
        return look(index).at(shot("s1").camera(), amount, bench.desk().cursor().shotFrame());
    }

    private void begin() {
        select("s1");
        seek(0);
        clickOn("#group-look");
    }

    private void add(String kind) {
        clickOn("#look-add").clickOn("#look-add-" + kind);
        waitUntil("a look", () -> bench.scene().lookup("#look-" + kind + "-1") != null);
    }

    private void type(String field, String number) {
        doubleClickOn(field);
        keys(KeyCode.A, KeyCode.CONTROL);
        write(number + "\n");
    }

    @Test
    void a_tone_is_added_keyed_put_aside_and_taken_away_and_undone_step_by_step() {
        begin();
        add("tone");
        type("#camera-tone-1-exposure", "0.5");
        assertThat(now(0, LookKinds.EXPOSURE)).isEqualTo(0.5);
        toggleKey("tone-1-exposure");
        seek(40);
        type("#camera-tone-1-exposure", "-1");
        Lane lane = Lane.of(look(0).own(LookKinds.EXPOSURE));
        assertThat(shot("s1").camera().channel(lane).keys()).hasSize(2);
        assertThat(shot("s1").camera().lanes()).contains(lane);
        clickOn("#switch-tone-1");
        assertThat(look(0).on()).isFalse();
        clickOn("#more-tone-1").clickOn("#away-tone-1");
        assertThat(shot("s1").looks()).isEmpty();
        undo();
        undo();
        assertThat(look(0).on()).isTrue();
        assertThat(now(0, LookKinds.EXPOSURE)).isEqualTo(-1.0);
        for (int i = 0; i < 4; i++) {
            undo();
        }
        assertThat(shot("s1").looks()).isEmpty();
    }

    @Test
    void a_number_out_of_range_is_refused() {
        begin();
        add("vignette");
        type("#camera-vignette-1-strength", "140");
        assertThat(now(0, LookKinds.STRENGTH)).isEqualTo(40.0);
    }

    @Test
    void a_spotlight_from_the_shelf_is_shaped_by_its_handles_in_the_lens_and_on_the_table() {
        begin();
        onFx(() -> bench.show(ShelfTab.LOOKS));
        onFx(() -> {
            ScrollPane scroll = lookup("#looks-scroll").query();
            Node card = lookup("#look-card-dim-surround").query();
            double over = scroll.getContent().getBoundsInLocal().getHeight()
                    - scroll.getViewportBounds().getHeight();
            scroll.setVvalue(
                    over <= 0 ? 0 : Math.min(1, card.getBoundsInParent().getMinY() / over));
        });
        clickOn("#look-card-dim-surround");
        waitUntil("the spotlight", () -> !shot("s1").looks().isEmpty());
        assertThat(look(0).get(LookKinds.MODE)).isEqualTo(Mask.Mode.SPOTLIGHT);
        onFx(() -> bench.actions().run("arrange.lens"));
        FramePoint before = now(0, LookKinds.MASK_SIZE);
        double zoom = at(() -> LensProbe.zoom(bench.scene()));
        double scale = shot("s1").camera().at(0).scale().factorX();
        Point2D wide = at(() -> LensProbe.lookGrip(bench.scene(), bench.desk(), "size of spotlight"));
        dragTo(wide, wide.add(-30, 0));
        assertThat(now(0, LookKinds.MASK_SIZE).x()).isCloseTo(before.x() - 60 / zoom / scale, within(4 / zoom / scale));
        assertThat(now(0, LookKinds.MASK_SIZE).y()).isEqualTo(before.y());
        FramePoint centre = now(0, LookKinds.MASK_CENTRE);
        onFx(() -> bench.actions().run("arrange.table"));
        Point2D middle = at(() -> TableProbe.lookGrip(bench.scene(), bench.desk(), "centre of spotlight"));
        dragTo(middle, middle.add(25, 15));
        assertThat(now(0, LookKinds.MASK_CENTRE).x()).isGreaterThan(centre.x());
        assertThat(now(0, LookKinds.MASK_CENTRE).y()).isGreaterThan(centre.y());
    }

    @Test
    void a_mask_that_is_to_stay_in_the_frame_stays_where_it_is_seen() {
        begin();
        add("mask");
        FramePoint seen = shot("s1")
                .camera()
                .at(0)
                .toFrame(new PicturePoint(
                        now(0, LookKinds.MASK_CENTRE).x(),
                        now(0, LookKinds.MASK_CENTRE).y()));
        ComboBox<LookSpace> space = lookup("#mask-1-space").query();
        onFx(() -> space.setValue(LookSpace.FRAME));
        assertThat(look(0).get(LookKinds.MASK_SPACE)).isEqualTo(LookSpace.FRAME);
        FramePoint after = now(0, LookKinds.MASK_CENTRE);
        assertThat(after.distance(seen)).isLessThan(1e-6);
    }

    @Test
    void looks_are_copied_to_other_shots_and_all_put_aside_at_once() {
        begin();
        add("softness");
        add("crop");
        onFx(() -> bench.actions().run("lineup.select-all"));
        onFx(() -> bench.actions().run("look.copy"));
        assertThat(shot("s2").looks()).isEqualTo(shot("s1").looks());
        onFx(() -> bench.actions().run("look.aside"));
        assertThat(shot("s2").looks()).noneMatch(Look::on);
        onFx(() -> bench.actions().run("look.aside"));
        assertThat(shot("s1").looks()).allMatch(Look::on);
        onFx(() -> bench.actions().run("look.away"));
        assertThat(shot("s1").looks()).isEmpty();
    }

    @Test
    void crops_shadows_and_turns_of_masks_have_handles_in_the_lens() {
        begin();
        add("crop");
        Point2D side = at(() -> LensProbe.lookGrip(bench.scene(), bench.desk(), "top of crop"));
        dragTo(side, side.add(0, 30));
        assertThat(now(0, LookKinds.CROP_TOP)).isBetween(2.0, 40.0);
        onFx(() -> bench.actions().run("look.add-shadow"));
        FramePoint before = now(1, LookKinds.SHADOW_OFFSET);
        Point2D shadow = at(() -> LensProbe.lookGrip(bench.scene(), bench.desk(), "offset of shadow"));
        dragTo(shadow, shadow.add(20, 10));
        assertThat(now(1, LookKinds.SHADOW_OFFSET).x()).isGreaterThan(before.x() + 10);
        onFx(() -> bench.actions().run("look.add-mask"));
        Point2D upper = at(() -> LensProbe.lookGrip(bench.scene(), bench.desk(), "turn of mask"));
        dragTo(upper, upper.add(40, 0));
        assertThat(now(2, LookKinds.MASK_TURN)).isBetween(5.0, 60.0);
    }

    @Test
    void kept_looks_stand_on_the_shelf_and_are_given_to_another_shot() {
        begin();
        add("calm");
        onFx(() -> bench.show(ShelfTab.LOOKS));
        clickOn("#looks-keep");
        waitUntil("the card", () -> bench.scene().lookup("#look-card-own-sheet-look") != null);
        select("s2");
        onFx(() -> {
            ScrollPane scroll = lookup("#looks-scroll").query();
            scroll.setVvalue(1);
        });
        clickOn("#look-card-own-sheet-look");
        assertThat(shot("s2").looks().stream().map(Look::kind)).containsExactly(LookKinds.CALM);
    }

    @Test
    void a_flash_lifts_the_exposure_at_the_markers() {
        begin();
        seek(20);
        onFx(() -> bench.actions().run("marker.shot"));
        onFx(() -> bench.actions().run("look.flash"));
        assertThat(look(0).kind()).isEqualTo(LookKinds.TONE);
        assertThat(now(0, LookKinds.EXPOSURE)).isGreaterThan(1.0);
        seek(40);
        assertThat(now(0, LookKinds.EXPOSURE)).isZero();
        assertThat(look(0).words().toLowerCase(Locale.ROOT)).isEqualTo("tone");
    }
}
