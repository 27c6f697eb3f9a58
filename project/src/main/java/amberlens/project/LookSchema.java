package amberlens.project;

import amberlens.core.material.look.Choice;
import amberlens.core.material.look.LookChoices;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.Looks;
import amberlens.core.material.look.Mask;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** The part of the schema that follows from the kinds of looks. A kind that is not known may hold anything. */
final class LookSchema {
    private LookSchema() {}

    static void put(JsonNode definitions) {
        ObjectNode looks = ((ObjectNode) definitions.at("/shot/properties")).putObject("looks");
        looks.put("description", "How the picture appears, in order.");
        looks.put("type", "array").put("maxItems", Looks.MOST);
        looks.putObject("items").put("$ref", "#/$defs/look");
        ObjectNode look = ((ObjectNode) definitions).putObject("look");
        look.put("type", "object").putArray("required").add("kind");
        ObjectNode members = look.putObject("properties");
        members.putObject("kind").put("type", "string").put("minLength", 1);
        members.putObject("on").put("type", "boolean");
        ArrayNode kinds = look.putArray("allOf");
        for (LookKind kind : LookKinds.ALL) {
            ObjectNode one = kinds.addObject();
            one.putObject("if").putObject("properties").putObject("kind").put("const", kind.id());
            put(kind, one.putObject("then").putObject("properties"));
        }
    }

    private static void put(LookKind kind, ObjectNode members) {
        kind.choices().forEach(choice -> put(choice, members.putObject(choice.id())));
        for (Property<?> amount : kind.amounts(LookChoices.USUAL)) {
            members.putObject(amount.id())
                    .put("description", amount.units().getFirst().words())
                    .put("$ref", "#/$defs/" + Values.definition(amount.kind()));
        }
    }

    private static void put(Choice<?> choice, ObjectNode member) {
        switch (choice) {
            case Choice.OfColour _ -> member.put("$ref", "#/$defs/colour");
            case Choice.OfSwitch _ -> member.put("type", "boolean");
            case Choice.OfWords<?> words -> putWords(words, member.putArray("enum"));
            case Choice.OfPoints _ -> {
                member.put("description", "Corners in per cent of the size from the centre.");
                member.put("type", "array").put("maxItems", Mask.MOST_POINTS);
                ObjectNode point = member.putObject("items");
                point.put("type", "array").put("minItems", 2).put("maxItems", 2);
                point.putObject("items").put("type", "number");
            }
        }
    }

    private static <E extends Enum<E>> void putWords(Choice.OfWords<E> words, ArrayNode answers) {
        words.all().forEach(answer -> answers.add(words.written(answer)));
    }
}
