package amberlens.core.material.look;

/** Three by three numbers, row by row. */
final class Matrices {
    private Matrices() {}

    static double[][] identity() {
        return diagonal(1, 1, 1);
    }

    static double[][] diagonal(double a, double b, double c) {
        return new double[][] {{a, 0, 0}, {0, b, 0}, {0, 0, c}};
    }

    /** First the second, then the first. */
    static double[][] times(double[][] first, double[][] second) {
        double[][] product = new double[3][3];
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                for (int i = 0; i < 3; i++) {
                    product[row][column] += first[row][i] * second[i][column];
                }
            }
        }
        return product;
    }

    static double[] times(double[][] matrix, double[] vector) {
        double[] product = new double[3];
        for (int row = 0; row < 3; row++) {
            for (int i = 0; i < 3; i++) {
                product[row] += matrix[row][i] * vector[i];
            }
        }
        return product;
    }

    /** By cofactors; the matrix has to have an inverse. */
    static double[][] inverse(double[][] m) {
        double[][] inverse = new double[3][3];
        double det = 0;
        for (int i = 0; i < 3; i++) {
            det += m[0][i] * cofactor(m, 0, i);
        }
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 3; column++) {
                inverse[row][column] = cofactor(m, column, row) / det;
            }
        }
        return inverse;
    }

    private static double cofactor(double[][] m, int row, int column) {
        int r1 = (row + 1) % 3;
        int r2 = (row + 2) % 3;
        int c1 = (column + 1) % 3;
        int c2 = (column + 2) % 3;
        return m[r1][c1] * m[r2][c2] - m[r1][c2] * m[r2][c1];
    }
}
