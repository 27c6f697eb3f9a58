package amberlens.project;

import amberlens.core.model.project.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import java.math.BigDecimal;
import java.util.Map;

/**
 * JSON can hold numbers that no double can, and some so long that merely writing them out would not end. They are refused before
 * anything looks at them.
 */
final class Numbers {
    /** Decimal places to either side that a double can tell apart from nothing (IEEE 754 binary64: 2⁻¹⁰⁷⁴ … 2¹⁰²⁴). */
    private static final int MOST_PLACES = 400;

    private Numbers() {}

    /**
     * Goes through all numbers of a tree.
     *
     * @throws FileProblem naming the first that is out of range
     */
    static void check(JsonNode node, String at, Object source) throws FileProblem {
        if (node.isNumber()) {
            if (!isFinite(node)) {
                throw CameraReader.problem(source, at, "a finite number was expected (up to about 1e308)");
            }
        } else if (node.isObject()) {
            for (Map.Entry<String, JsonNode> member : node.properties()) {
                check(member.getValue(), at + "/" + member.getKey(), source);
            }
        } else {
            for (int i = 0; i < node.size(); i++) {
                check(node.get(i), at + "/" + i, source);
            }
        }
    }

    private static boolean isFinite(JsonNode node) {
        if (!node.isBigDecimal()) {
            return Double.isFinite(node.doubleValue());
        }
        BigDecimal number = node.decimalValue();
        boolean huge = Math.abs((long) number.scale()) > MOST_PLACES || number.precision() > MOST_PLACES;
        return !huge && Double.isFinite(number.doubleValue());
    }
}
