package amberlens.desktop.dialogs.export;

import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Document;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;

/** In which of its frames the film is exported; at first in that which is looked at. */
final class ShapeChoice extends FlowPane {
    private final Document document;
    private final List<CheckBox> boxes = new ArrayList<>();

    ShapeChoice(Document document) {
        super(14, 4);
        this.document = document;
        Project whole = document.whole();
        add("Film", whole.frameSize().toString(), Optional.empty());
        whole.deliveries()
                .forEach(delivery -> add(delivery.name(), delivery.size().toString(), Optional.of(delivery.id())));
    }

    private void add(String name, String size, Optional<String> id) {
        CheckBox box = new CheckBox(name + "  " + size);
        box.setMnemonicParsing(false);
        box.setId("export-shape-" + id.orElse("film"));
        box.setSelected(document.delivery().map(Delivery::id).equals(id));
        boxes.add(box);
        getChildren().add(box);
    }

    /** Chooses among them for a use; where there is none upright, all stays as it is. */
    void choose(ExportPreset.Shape shape) {
        List<DeliveryFilm.Named> films = DeliveryFilm.all(document.whole());
        if (shape == ExportPreset.Shape.UPRIGHT && hasUpright()) {
            for (int i = 0; i < boxes.size(); i++) {
                boxes.get(i).setSelected(isUpright(films.get(i)));
            }
        }
    }

    boolean hasUpright() {
        return DeliveryFilm.all(document.whole()).stream().anyMatch(ShapeChoice::isUpright);
    }

    boolean isUprightAlone() {
        List<DeliveryFilm.Named> films = chosen();
        return boxes.size() > 1 && !films.isEmpty() && films.stream().allMatch(ShapeChoice::isUpright);
    }

    private static boolean isUpright(DeliveryFilm.Named film) {
        return film.film().frameSize().height() > film.film().frameSize().width();
    }

    boolean isNeeded() {
        return boxes.size() > 1;
    }

    /** As they are now: a seal may have changed them since the dialog opened. */
    List<DeliveryFilm.Named> chosen() {
        List<DeliveryFilm.Named> films = DeliveryFilm.all(document.whole());
        List<DeliveryFilm.Named> chosen = new ArrayList<>();
        for (int i = 0; i < films.size(); i++) {
            if (i < boxes.size() && boxes.get(i).isSelected()) {
                chosen.add(films.get(i));
            }
        }
        return chosen;
    }
}
