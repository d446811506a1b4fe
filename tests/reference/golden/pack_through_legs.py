#!/usr/bin/env python3
"""Golden values for tests/reference/tst_pack_at_powers.cpp: packs discharged leg by leg at different powers, then at the
power of the way home until the landing voltage, by SciPy.

The equations of docs/model-notes.md ("The pack") as in pack_constant_power.py, once more on their own: integrated by LSODA
of another library. Needs python3-scipy (made with 1.10.1); prints C++ rows.
"""
import numpy as np
from scipy.integrate import solve_ivp
from scipy.interpolate import PchipInterpolator

CURVES = {
    "li_ion": ([0, .02, .05, .1, .15, .2, .3, .4, .5, .6, .7, .8, .9, 1],
               [2.5, 2.78, 3.0, 3.19, 3.29, 3.37, 3.49, 3.58, 3.67, 3.76, 3.86, 3.96, 4.06, 4.19]),
    "lipo": ([0, .025, .05, .1, .15, .2, .3, .4, .5, .6, .7, .8, .9, .95, 1],
             [3.0, 3.42, 3.58, 3.68, 3.71, 3.73, 3.77, 3.8, 3.84, 3.88, 3.95, 4.02, 4.11, 4.15, 4.2]),
}
KINDS = {"li_ion": (0.060, 0.5, 0.08), "lipo": (0.005, 0.6, 0.05)}
C_REACH, E_R, E_F, T_REF = 0.5, 1800.0, 2300.0, 296.15


class Pack:
    def __init__(self, chem, series, parallel, cap, r_cell, mass, air):
        self.ocv = PchipInterpolator(*CURVES[chem])
        self.gap_per_c, self.rise, self.share = KINDS[chem]
        self.series, self.parallel, self.cap, self.r, self.mass, self.air = series, parallel, cap, r_cell, mass, air
        edge = (mass / 2000.0 / 6.0) ** (1.0 / 3.0)
        self.cooling = 15.0 * 22.0 * edge * edge

    def U(self, s):
        return float(self.ocv(min(max(s, 0.0), 1.0))) + (30.0 * s if s < 0 else 0.0)

    def circuit(self, x, power):
        q, gap, temp = x[:3]
        s = 1.0 - q / self.cap
        arr = 1.0 / (temp + 273.15) - 1.0 / T_REF
        r = self.r * (1 + self.rise * np.exp(-max(s - gap, 0) / self.share)) * np.exp(E_R * arr)
        R = r * self.series / self.parallel
        V0 = self.series * self.U(s - gap)
        I = (V0 - np.sqrt(max(V0 * V0 - 4 * power * R, 0))) / (2 * R)
        return s, arr, R, V0, I

    def slope(self, x, power):
        _, gap, temp = x[:3]
        s, arr, R, V0, I = self.circuit(x, power)
        cell = I / self.parallel
        F = gap * self.cap / self.gap_per_c / np.exp(E_F * arr)
        behind = s + C_REACH / (1 - C_REACH) * gap
        mixing = self.series * self.parallel * (1 - C_REACH) * F * (self.U(behind) - self.U(s - gap))
        heat = I * I * R + mixing - self.cooling * (temp - self.air)
        return [cell / 3600, (1 - C_REACH) / (C_REACH * self.cap * 3600) * (cell - F), heat / (950 * self.mass)]

    def left(self, legs, judged, land):
        x = [0.0, 0.0, self.air]
        for power, seconds in legs:
            out = solve_ivp(lambda _, y: self.slope(y, power), (0, seconds), x, method="LSODA", rtol=1e-9, atol=1e-11)
            x = out.y[:, -1]
        used = x[0] * self.parallel
        s, arr, R, V0, I = self.circuit(x, judged)

        def filtered(_, y):
            V = self.circuit(y, judged)
            return self.slope(y, judged) + [(V[3] - V[4] * V[2] - y[3]) / 10.0]

        land_at = lambda _, y: y[3] - land * self.series
        land_at.terminal, land_at.direction = True, -1
        out = solve_ivp(filtered, (0, 4e4), list(x) + [V0 - I * R], method="LSODA", rtol=1e-9, atol=1e-11,
                        events=land_at, max_step=10)
        return used, judged * out.t_events[0][0] / 3600


# chemistry, series, parallel, Ah, ohm, kg, degrees; legs out and home as (W, s); judged at W, landing V a cell
CASES = [
    (("li_ion", 4, 2, 4.5, 0.022, 0.58, 18.0), [(175, 60), (75, 1800), (95, 1400), (48, 70)], 95, 2.8),
    (("li_ion", 4, 2, 4.5, 0.022, 0.58, 2.0), [(175, 90), (75, 1500), (75, 1500), (40, 200)], 75, 2.9),
    (("li_ion", 6, 1, 4.2, 0.030, 0.46, 25.0), [(260, 40), (110, 900), (150, 700), (90, 60)], 150, 3.0),
    (("li_ion", 6, 2, 3.0, 0.035, 0.60, 10.0), [(240, 120), (100, 1200), (220, 100), (130, 800), (60, 150)], 130, 2.9),
    (("lipo", 6, 1, 1.3, 0.0069, 0.21, 20.0), [(420, 15), (180, 180), (230, 120), (150, 30)], 230, 3.5),
    (("lipo", 4, 1, 5.0, 0.0040, 0.45, 8.0), [(300, 60), (120, 900), (120, 700), (25, 240)], 120, 3.5),
    # Home at twice the power out and more, cold; a hard way out and a gentle one home; a long glide at the end.
    (("li_ion", 4, 2, 3.0, 0.025, 0.40, 3.0), [(150, 60), (70, 1200), (165, 500), (30, 120)], 165, 2.8),
    (("li_ion", 6, 1, 4.0, 0.020, 0.45, 10.0), [(200, 45), (60, 1500), (200, 450), (100, 60)], 200, 2.9),
    (("li_ion", 5, 2, 3.5, 0.028, 0.60, 6.0), [(300, 60), (240, 800), (80, 1300), (20, 240)], 80, 2.8),
    (("lipo", 6, 1, 2.2, 0.0080, 0.33, 5.0), [(160, 30), (60, 700), (170, 250), (40, 90)], 170, 3.4),
]
for pack, legs, judged, land in CASES:
    used, left = Pack(*pack).left(legs, judged, land)
    rows = ", ".join("{%g, %g}" % leg for leg in legs)
    print("    {Chemistry::%s, %d, %d, %g, %g, %g, %g, {%s}, %g, %g, %.5f, %.4f}," % (*pack, rows, judged, land, used, left))
