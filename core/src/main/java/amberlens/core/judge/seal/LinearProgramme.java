package amberlens.core.judge.seal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * The least weighted sum of absolute amounts under linear conditions, solved by a library. An amount is the difference of two
 * numbers from 0 up, whose sum is its absolute value wherever that is the least. Amounts that no condition ties to each other are found
 * apart, since the work grows much faster than their number.
 */
final class LinearProgramme {
    /** What a condition without an amount may miss, as rounding. */
    private static final double NOTHING = 1e-9;

    /**
     * One condition: Σ factors·amounts ≥ atLeast.
     *
     * @param factors by the amount's index; the others' are 0
     */
    record Row(Map<Integer, Double> factors, double atLeast) {
        List<Integer> amounts() {
            return List.copyOf(factors.keySet());
        }
    }

    private final double[] weights;
    private final double[] least;
    private final List<Row> hard = new ArrayList<>();
    private final List<Row> equal = new ArrayList<>();

    /**
     * @param weights what a change by 1 costs, above 0, one for each amount
     * @param least the least value of each amount, below 0
     */
    LinearProgramme(double[] weights, double[] least) {
        this.weights = weights;
        this.least = least;
    }

    LinearProgramme require(List<Row> rows) {
        hard.addAll(rows);
        return this;
    }

    /** Conditions whose sum is exactly the wanted one. */
    LinearProgramme fix(List<Row> rows) {
        equal.addAll(rows);
        return this;
    }

    /** The cheapest amounts; empty when there are none. */
    Optional<double[]> cheapest() {
        return solve(List.of(), true);
    }

    /** Amounts with which the greatest violation of the soft conditions is least. */
    Optional<double[]> leastViolating(List<Row> soft) {
        return solve(soft, false);
    }

    private Optional<double[]> solve(List<Row> soft, boolean priced) {
        if (Stream.concat(hard.stream(), equal.stream())
                .anyMatch(row -> row.factors().isEmpty() && row.atLeast() > NOTHING)) {
            return Optional.empty();
        }
        double[] amounts = new double[weights.length];
        for (Part part : parts(soft)) {
            if (!part.solve(priced, amounts)) {
                return Optional.empty();
            }
        }
        return Optional.of(amounts);
    }

    /** The conditions in sets that have no amount in common. Amounts without a condition stay 0, which costs least. */
    private Collection<Part> parts(List<Row> soft) {
        int[] tied = IntStream.range(0, weights.length).toArray();
        Stream.of(hard, equal, soft).flatMap(List::stream).map(Row::amounts).forEach(amounts -> {
            for (int amount : amounts) {
                tied[root(tied, amount)] = root(tied, amounts.getFirst());
            }
        });
        Map<Integer, Part> parts = new TreeMap<>();
        hard.forEach(row -> partOf(row, tied, parts).ifPresent(part -> part.hard.add(row)));
        equal.forEach(row -> partOf(row, tied, parts).ifPresent(part -> part.equal.add(row)));
        soft.forEach(row -> partOf(row, tied, parts).ifPresent(part -> part.soft.add(row)));
        return parts.values();
    }

    private Optional<Part> partOf(Row row, int[] tied, Map<Integer, Part> parts) {
        return row.amounts().stream()
                .findFirst()
                .map(amount -> parts.computeIfAbsent(root(tied, amount), _ -> new Part()));
    }

    private static int root(int[] tied, int amount) {
        int root = amount;
        while (tied[root] != root) {
            tied[root] = tied[tied[root]];
            root = tied[root];
        }
        return root;
    }

    /** Conditions on some of the amounts, which are looked for together. */
    private final class Part {
        final List<Row> hard = new ArrayList<>();
        final List<Row> equal = new ArrayList<>();
        final List<Row> soft = new ArrayList<>();
        private final ExpressionsBasedModel model = new ExpressionsBasedModel();
        private final Map<Integer, Variable> up = new TreeMap<>();
        private final Map<Integer, Variable> down = new TreeMap<>();

        /** Whether they can be met; then their amounts are entered. */
        boolean solve(boolean priced, double[] amounts) {
            Stream.of(hard, equal, soft)
                    .flatMap(List::stream)
                    .flatMap(row -> row.amounts().stream())
                    .distinct()
                    .forEach(amount -> add(amount, priced));
            hard.forEach(row -> expression(row).lower(row.atLeast()));
            equal.forEach(row -> expression(row).level(row.atLeast()));
            if (!soft.isEmpty()) {
                Variable violation = model.newVariable("violation").lower(0).weight(1);
                soft.forEach(row -> expression(row).lower(row.atLeast()).set(violation, 1));
            }
            Optimisation.Result result = model.minimise();
            if (!result.getState().isFeasible()) {
                return false;
            }
            up.forEach(
                    (amount, variable) -> amounts[amount] = value(result, variable) - value(result, down.get(amount)));
            return true;
        }

        private void add(int amount, boolean priced) {
            double weight = priced ? weights[amount] : 0;
            up.put(amount, model.newVariable("up" + amount).lower(0).weight(weight));
            down.put(amount, model.newVariable("down" + amount).lower(0).weight(weight));
            if (Double.isFinite(least[amount])) {
                down.get(amount).upper(-least[amount]);
            }
        }

        private double value(Optimisation.Result result, Variable variable) {
            return result.doubleValue(model.indexOf(variable));
        }

        private Expression expression(Row row) {
            Expression expression = model.newExpression("row" + model.countExpressions());
            row.factors().forEach((amount, factor) -> {
                expression.set(up.get(amount), factor);
                expression.set(down.get(amount), -factor);
            });
            return expression;
        }
    }
}
