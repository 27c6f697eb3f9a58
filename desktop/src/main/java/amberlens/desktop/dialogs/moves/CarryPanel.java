package amberlens.desktop.dialogs.moves;

import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.model.project.Carried;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.TilePane;

/** Which properties of the shown shot's move are carried to the other selected shots, and whether they follow from then on. */
final class CarryPanel extends FormPanel {
    private static final int COLUMNS = 4;

    private final Desk desk;
    private final Overlay overlay;
    private final Map<Property<?>, CheckBox> boxes = new LinkedHashMap<>();
    private final CheckBox looks = new CheckBox("Replace their looks with all of its looks");
    private final CheckBox linked = new CheckBox("Link: later changes to this move change theirs too");

    CarryPanel(Desk desk, Overlay overlay) {
        super(
                "Carry the move of \""
                        + desk.cursor().selectedShot().orElseThrow().name() + "\"",
                "Carry",
                overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        for (Group group : List.of(Group.POSE, Group.DEPTH, Group.LAYER, Group.LOOK)) {
            row(words(group), group == Group.LOOK ? looks : boxes(group));
        }
        looks.setId("carry-looks");
        linked.setId("carry-linked");
        row("", linked);
        int others = desk.cursor().selection().shots().size() - 1;
        explain(
                "To " + others + (others == 1 ? " other shot" : " other shots")
                        + ", fitted to each picture and length. A property you change on one of them later is no longer linked.");
    }

    private static String words(Group group) {
        return switch (group) {
            case POSE -> "Move";
            case DEPTH -> "Depth";
            case LAYER -> "Layer";
            case LOOK -> "Look";
            case SOUND -> "Sound";
        };
    }

    private TilePane boxes(Group group) {
        var properties = new TilePane(12, 4);
        properties.setPrefColumns(COLUMNS);
        properties.setTileAlignment(Pos.CENTER_LEFT);
        for (Property<?> property : Properties.ALL) {
            if (property.group() == group) {
                CheckBox box = new CheckBox(property.word());
                box.setSelected(Properties.OF_MOVE.contains(property));
                box.setId("carry-" + property.id());
                boxes.put(property, box);
                properties.getChildren().add(box);
            }
        }
        return properties;
    }

    @Override
    protected void take() {
        Set<Property<?>> chosen = new TreeSet<>();
        boxes.forEach((property, box) -> {
            if (box.isSelected()) {
                chosen.add(property);
            }
        });
        if (chosen.isEmpty() && !looks.isSelected()) {
            throw new IllegalArgumentException("Choose at least one property to carry, or the looks.");
        }
        desk.document()
                .apply(CarryEdits.carry(
                        new Carried(desk.cursor().selection().shotId().orElseThrow(), chosen, looks.isSelected()),
                        desk.cursor().selection().shots(),
                        linked.isSelected()));
        overlay.close();
    }
}
