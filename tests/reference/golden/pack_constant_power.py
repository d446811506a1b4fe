#!/usr/bin/env python3
"""Golden values for tests/reference/tst_battery_references.cpp: a pack at constant power, by SciPy.

The equations of docs/model-notes.md ("The pack") written down once more and integrated by another method (Radau, implicit)
of another library, with that library's own monotone interpolation. Needs python3-scipy (made with 1.10.1); prints C++ rows.
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
# chemistry: slow gap per C, rise of the resistance near empty and the share it falls off over
KINDS = {"li_ion": (0.060, 0.5, 0.08), "lipo": (0.005, 0.6, 0.05)}
C_REACH, E_R, E_F, T_REF = 0.5, 1800.0, 2300.0, 296.15


def run(chem, series, parallel, cap, r_cell, lead, mass, power, air, land):
    ocv = PchipInterpolator(*CURVES[chem])
    gap_per_c, rise, rise_share = KINDS[chem]
    edge = (mass / 2000.0 / 6.0) ** (1.0 / 3.0)
    cooling = 15.0 * 22.0 * edge * edge
    U = lambda s: float(ocv(min(max(s, 0.0), 1.0))) + (30.0 * s if s < 0 else 0.0)

    def circuit(x):
        q, gap, temp = x[:3]
        s = 1.0 - q / cap
        arr = 1.0 / (temp + 273.15) - 1.0 / T_REF
        r = r_cell * (1 + rise * np.exp(-max(s - gap, 0) / rise_share)) * np.exp(E_R * arr)
        R = r * series / parallel + lead
        V0 = series * U(s - gap)
        I = (V0 - np.sqrt(max(V0 * V0 - 4 * power * R, 0))) / (2 * R)
        return s, gap, temp, arr, R, V0, I

    def slope(_, x):
        s, gap, temp, arr, R, V0, I = circuit(x)
        cell = I / parallel
        F = gap * cap / gap_per_c / np.exp(E_F * arr)
        dgap = (1 - C_REACH) / (C_REACH * cap * 3600) * (cell - F)
        behind = s + C_REACH / (1 - C_REACH) * gap
        mixing = series * parallel * (1 - C_REACH) * F * (U(behind) - U(s - gap))
        heat = I * I * (R - lead) + mixing - cooling * (temp - air)
        V = V0 - I * R
        return [cell / 3600, dgap, heat / (950 * mass), (V - x[3]) / 10.0]

    # The 10 s average is a state here; it starts at the volts of the first moment.
    start = [0.0, 0.0, air]
    s, gap, temp, arr, R, V0, I = circuit(start)
    land_at = lambda _, x: x[3] - land * series
    land_at.terminal, land_at.direction = True, -1
    out = solve_ivp(slope, (0, 4e4), start + [V0 - I * R], method="Radau", rtol=1e-8, atol=1e-10, events=land_at, max_step=20)
    q, _, temp, _ = out.y_events[0][0]
    return out.t_events[0][0], q * parallel, temp


CASES = [
    ("li_ion", 4, 2, 4.5, 0.022, 0.0, 0.58, 75.0, 18.0, 2.8),
    ("li_ion", 6, 1, 4.2, 0.030, 0.008, 0.46, 180.0, 23.0, 3.0),
    ("li_ion", 4, 2, 4.5, 0.022, 0.0, 0.58, 75.0, -10.0, 2.8),
    ("lipo", 6, 1, 1.3, 0.0069, 0.004, 0.21, 230.0, 20.0, 3.5),
    ("lipo", 3, 1, 2.2, 0.0045, 0.0, 0.18, 60.0, 35.0, 3.3),
]
for case in CASES:
    time_s, charge_ah, temp_c = run(*case)
    print("    {Chemistry::%s, %d, %d, %g, %g, %g, %g, %g, %g, %g, %.2f, %.5f, %.3f}," % (*case, time_s, charge_ah, temp_c))
