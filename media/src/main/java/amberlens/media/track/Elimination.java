package amberlens.media.track;

/** Small systems of equations. */
final class Elimination {
    private static final double NOTHING = 1e-9;

    private Elimination() {}

    /**
     * Gaussian elimination of a positive definite system.
     *
     * @param system rows with the right side last; used up
     * @return the solution; empty where there is not just one
     */
    static double[] solve(double[][] system) {
        int size = system.length;
        for (int column = 0; column < size; column++) {
            double pivot = system[column][column];
            if (!(pivot > NOTHING)) {
                return new double[0];
            }
            for (int row = column + 1; row < size; row++) {
                double by = system[row][column] / pivot;
                for (int i = column; i <= size; i++) {
                    system[row][i] -= by * system[column][i];
                }
            }
        }
        var solution = new double[size];
        for (int row = size - 1; row >= 0; row--) {
            double sum = system[row][size];
            for (int i = row + 1; i < size; i++) {
                sum -= system[row][i] * solution[i];
            }
            solution[row] = sum / system[row][row];
        }
        return solution;
    }
}
