package amberlens.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Plate;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.TitleOutline;
import amberlens.core.material.title.Weight;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Optional;

/** The members of a title: from them, which the schema has accepted, and to them. What is not written is as usual. */
final class TitleMembers {
    private TitleMembers() {}

    /** @throws IllegalArgumentException saying what cannot be so */
    static Title title(JsonNode node) {
        Title usual = Title.of(node.get("text").asText());
        return new Title(
                usual.text(),
                node.path("font").asText(usual.font()),
                node.path("size").asDouble(usual.size()),
                colour(node, usual.colour()),
                Align.valueOf(node.path("align").asText("centre").toUpperCase(Locale.ROOT)),
                Weight.valueOf(node.path("weight").asText("regular").toUpperCase(Locale.ROOT)),
                node.path("italic").asBoolean(false),
                node.path("lineSpacing").asDouble(usual.lineSpacing()),
                node.path("letterSpacing").asDouble(usual.letterSpacing()),
                outline(node.path("outline")),
                box(node.path("box")),
                KnownMembers.TITLE.extras(node));
    }

    private static Optional<TitleOutline> outline(JsonNode node) {
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(new TitleOutline(
                        node.path("width").asDouble(TitleOutline.USUAL.width()),
                        colour(node, TitleOutline.USUAL.colour())));
    }

    private static Optional<Plate> box(JsonNode node) {
        Plate usual = Plate.USUAL;
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Plate(
                        colour(node, usual.colour()),
                        node.path("opacity").asDouble(usual.opacity()),
                        node.path("padding").asDouble(usual.padding()),
                        node.path("radius").asDouble(usual.radius())));
    }

    private static Colour colour(JsonNode node, Colour usual) {
        return node.has("colour") ? Colour.parse(node.get("colour").asText()) : usual;
    }

    static void put(ObjectNode media, Title title) {
        ObjectNode node = media.putObject("title");
        node.put("text", title.text());
        node.put("font", title.font());
        node.set("size", CameraWriter.number(title.size()));
        node.put("colour", title.colour().toString());
        node.put("align", title.align().name().toLowerCase(Locale.ROOT));
        node.put("weight", title.weight().name().toLowerCase(Locale.ROOT));
        node.put("italic", title.italic());
        node.set("lineSpacing", CameraWriter.number(title.lineSpacing()));
        node.set("letterSpacing", CameraWriter.number(title.letterSpacing()));
        title.outline().ifPresent(outline -> {
            ObjectNode written = node.putObject("outline");
            written.set("width", CameraWriter.number(outline.width()));
            written.put("colour", outline.colour().toString());
        });
        title.box().ifPresent(box -> {
            ObjectNode written = node.putObject("box");
            written.put("colour", box.colour().toString());
            written.set("opacity", CameraWriter.number(box.opacity()));
            written.set("padding", CameraWriter.number(box.padding()));
            written.set("radius", CameraWriter.number(box.radius()));
        });
        KnownMembers.TITLE.merge(node, title.extras());
    }
}
