package amberlens.core.motion.smooth;

import java.util.Arrays;

/** A symmetric positive definite system of equations with five diagonals, solved by L·D·Lᵀ (G. Golub and C. Van Loan, <em>Matrix Computations</em>, 4.3). */
final class FiveDiagonals {
    private final double[] diagonal;
    private final double[] first;
    private final double[] second;

    FiveDiagonals(int size) {
        diagonal = new double[size];
        first = new double[size];
        second = new double[size];
    }

    void clear() {
        Arrays.fill(diagonal, 0);
        Arrays.fill(first, 0);
        Arrays.fill(second, 0);
    }

    void addDiagonal(int i, double value) {
        diagonal[i] += value;
    }

    /** Adds f·ddᵀ, where d is the second difference around a place. */
    void addSecondDifference(int i, double f) {
        diagonal[i - 1] += f;
        diagonal[i] += 4 * f;
        diagonal[i + 1] += f;
        first[i - 1] -= 2 * f;
        first[i] -= 2 * f;
        second[i - 1] += f;
    }

    /** Solves it and puts the solution where the right side was; the system is used up. */
    void solve(double[] right) {
        int size = diagonal.length;
        for (int i = 0; i < size; i++) {
            if (i + 1 < size) {
                double by = first[i] / diagonal[i];
                diagonal[i + 1] -= by * first[i];
                if (i + 2 < size) {
                    first[i + 1] -= by * second[i];
                }
                first[i] = by;
                right[i + 1] -= by * right[i];
            }
            if (i + 2 < size) {
                double by = second[i] / diagonal[i];
                diagonal[i + 2] -= by * second[i];
                second[i] = by;
                right[i + 2] -= by * right[i];
            }
        }
        for (int i = size - 1; i >= 0; i--) {
            right[i] /= diagonal[i];
            if (i + 1 < size) {
                right[i] -= first[i] * right[i + 1];
            }
            if (i + 2 < size) {
                right[i] -= second[i] * right[i + 2];
            }
        }
    }
}
