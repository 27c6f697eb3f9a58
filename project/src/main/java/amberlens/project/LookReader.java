package amberlens.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.Choice;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookChoices;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Looks;
import amberlens.core.material.look.Mask;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/** From the members of looks, which the schema has accepted, to looks and what is keyed of them. */
final class LookReader {
    private final CameraReader amounts;
    private final Size picture;
    private final Size frame;

    /**
     * @param source what messages name
     * @param picture source pixels, for what is not written of places in it
     */
    LookReader(Object source, Size picture, Size frame) {
        amounts = new CameraReader(source, frame);
        this.picture = picture;
        this.frame = frame;
    }

    /** Looks, and a camera with their amounts beside it. */
    record Read(List<Look> looks, CameraTrack camera) {}

    Read looks(JsonNode written, String at, CameraTrack camera) throws FileProblem {
        List<Look> looks = new ArrayList<>();
        CameraTrack track = camera;
        for (int i = 0; i < written.size(); i++) {
            JsonNode node = written.get(i);
            Look look = look(node, looks, at + "/" + i);
            looks.add(look);
            track = keyed(track, look, node, at + "/" + i);
        }
        return new Read(looks, track);
    }

    private Look look(JsonNode node, List<Look> before, String at) throws FileProblem {
        String id = node.get("kind").asText();
        LookKind kind = LookKinds.named(id).orElseGet(() -> LookKind.unknown(id));
        int number = Looks.freshNumber(before, kind);
        boolean on = node.path("on").asBoolean(true);
        LookChoices choices = LookChoices.USUAL;
        for (Choice<?> choice : kind.choices()) {
            JsonNode answer = node.path(choice.id());
            if (!answer.isMissingNode()) {
                choices = amounts.checked(at + "/" + choice.id(), chosen(choices, choice, answer));
            }
        }
        return new Look(kind, number, on, choices, KnownMembers.look(kind).extras(node));
    }

    private static Supplier<LookChoices> chosen(LookChoices choices, Choice<?> choice, JsonNode answer) {
        return () -> switch (choice) {
            case Choice.OfColour colour -> choices.with(colour, Colour.parse(answer.asText()));
            case Choice.OfSwitch one -> choices.with(one, answer.asBoolean());
            case Choice.OfWords<?> words -> word(choices, words, answer.asText());
            case Choice.OfPoints points -> choices.with(points, points(answer));
        };
    }

    private static <E extends Enum<E>> LookChoices word(LookChoices choices, Choice.OfWords<E> choice, String word) {
        return choice.all().stream()
                .filter(answer -> choice.written(answer).equals(word))
                .findFirst()
                .map(answer -> choices.with(choice, answer))
                .orElseThrow(() -> new IllegalArgumentException(
                        choice.word().toLowerCase(Locale.ROOT) + " is not \"" + word + "\""));
    }

    private static List<Mask.Point> points(JsonNode written) {
        List<Mask.Point> points = new ArrayList<>();
        written.forEach(point ->
                points.add(new Mask.Point(point.get(0).asDouble(), point.get(1).asDouble())));
        return points;
    }

    private CameraTrack keyed(CameraTrack camera, Look look, JsonNode node, String at) throws FileProblem {
        CameraTrack track = camera;
        for (Property<?> amount : look.amounts()) {
            JsonNode channel = node.path(amount.id());
            if (!channel.isMissingNode()) {
                track = amounts.read(track, amount, channel, at + "/" + amount.id());
            } else if (amount.isPlaced()) {
                track = neutral(track, amount, look);
            }
        }
        return track;
    }

    private <V> CameraTrack neutral(CameraTrack camera, Property<V> amount, Look look) {
        Size space = look.get(LookKinds.MASK_SPACE) == LookSpace.FRAME ? frame : picture;
        return camera.with(amount, Channel.constant(amount.kind(), amount.neutral(space, frame)));
    }
}
