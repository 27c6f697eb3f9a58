# Makes monotone-table.csv: frame,value of the monotone piecewise cubic (PchipInterpolator of SciPy 1.17.1) through the data
# "RPN 14" of F. N. Fritsch and R. E. Carlson, Monotone Piecewise Cubic Interpolation, SIAM J. Numer. Anal. 17 (1980), times
# 100 in x so that the knots are whole frames (the numbers of the data are from memory). SciPy uses another slope at the two
# ends, so the end pieces are left out. Run: pip install scipy==1.17.1 && python monotone-table.py
from scipy.interpolate import PchipInterpolator

x = [799, 809, 819, 870, 920, 1000, 1200, 1500, 2000]
y = [0, 2.76429e-5, 4.37498e-2, 0.169183, 0.469428, 0.943740, 0.998636, 0.999919, 0.999994]
spline = PchipInterpolator(x, y)
with open("monotone-table.csv", "w") as table:
    for k in range(1, len(x) - 2):
        for i in range(8):
            at = x[k] + (x[k + 1] - x[k]) * i / 8
            table.write(f"{at},{float(spline(at))!r}\n")
