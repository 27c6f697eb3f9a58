package amberlens.core.judge.seal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * The least weighted sum of absolute amounts under linear conditions, solved by a library. An amount is the difference of two
 * numbers from 0 up, whose sum is its absolute value wherever that is the least.
 */
final class LinearProgramme {
    /**
     * One condition: Σ factors·amounts ≥ atLeast.
     *
     * @param factors one for each amount
     */
    record Row(double[] factors, double atLeast) {}

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

    /** The amounts with which the greatest violation of the soft conditions is least. */
    Optional<double[]> leastViolating(List<Row> soft) {
        return solve(soft, false);
    }

    private Optional<double[]> solve(List<Row> soft, boolean priced) {
        var model = new ExpressionsBasedModel();
        int count = weights.length;
        Variable[] up = new Variable[count];
        Variable[] down = new Variable[count];
        for (int i = 0; i < count; i++) {
            up[i] = model.newVariable("up" + i).lower(0).weight(priced ? weights[i] : 0);
            down[i] = model.newVariable("down" + i).lower(0).weight(priced ? weights[i] : 0);
            if (Double.isFinite(least[i])) {
                down[i].upper(-least[i]);
            }
        }
        for (Row row : hard) {
            expression(model, row, up, down).lower(row.atLeast());
        }
        for (Row row : equal) {
            expression(model, row, up, down).level(row.atLeast());
        }
        if (!soft.isEmpty()) {
            Variable violation = model.newVariable("violation").lower(0).weight(1);
            for (Row row : soft) {
                expression(model, row, up, down).lower(row.atLeast()).set(violation, 1);
            }
        }
        Optimisation.Result result = model.minimise();
        if (!result.getState().isFeasible()) {
            return Optional.empty();
        }
        double[] amounts = new double[count];
        for (int i = 0; i < count; i++) {
            amounts[i] = result.doubleValue(2L * i) - result.doubleValue(2L * i + 1);
        }
        return Optional.of(amounts);
    }

    private static Expression expression(ExpressionsBasedModel model, Row row, Variable[] up, Variable[] down) {
        Expression expression = model.newExpression("row" + model.countExpressions());
        for (int i = 0; i < up.length; i++) {
            if (row.factors()[i] != 0) {
                expression.set(up[i], row.factors()[i]);
                expression.set(down[i], -row.factors()[i]);
            }
        }
        return expression;
    }
}
