"""The resting place of a saddle by a general optimiser, to hold the engine's own solver against.

Reads a JSON file of cases (see cases.ts), minimises the same energy with SciPy, and prints as JSON, per case:
pose (heave mm, pitch and roll as slopes), mean and peak pressure in kPa over the cells that touch, and the time in ms.

Energy of a pose q = (heave, pitch, roll), N mm: the weights times the heights of where they hang, and for every squeezed cell
(A / nz) k (d^2 / 2 + d^3 / (3 dh)) with d = nz (overlap - heave + pitch x + roll y). Needs python3-numpy and python3-scipy.
"""

import json
import sys
import time

import numpy as np
from scipy.optimize import minimize

KPA_MM2_TO_N = 1e-3


def energy_and_slope(q, case):
    """Energy and its gradient at a pose; x and y are counted from the middle of the loads, slopes over 100 mm."""
    vertical = case["overlap"] - q[0] + (q[1] * case["x"] + q[2] * case["y"]) / 100.0
    d = np.maximum(case["nz"] * vertical, 0.0)
    k, dh, area = case["k"], case["dh"], case["area"] * KPA_MM2_TO_N
    energy = case["weight"] * q[0] + np.sum((area / case["nz"]) * k * (d**2 / 2 + d**3 / (3 * dh)))
    force = area * k * d * (1 + d / dh)
    slope = np.array([case["weight"] - force.sum(), (force * case["x"]).sum() / 100.0, (force * case["y"]).sum() / 100.0])
    return energy / case["weight"], slope / case["weight"]


def prepared(raw):
    weights = np.array([load["downN"] for load in raw["loads"]])
    x0 = float(np.dot(weights, [load["xMm"] for load in raw["loads"]]) / weights.sum())
    y0 = float(np.dot(weights, [load["yMm"] for load in raw["loads"]]) / weights.sum())
    return {
        "weight": float(weights.sum()),
        "x0": x0,
        "y0": y0,
        "x": np.array(raw["x"]) - x0,
        "y": np.array(raw["y"]) - y0,
        "overlap": np.array(raw["overlapMm"]),
        "nz": np.array(raw["normalZ"]),
        "k": raw["stiffnessKPaPerMm"],
        "dh": raw["hardeningMm"],
        "area": raw["areaMm2"],
    }


def solved(raw):
    case = prepared(raw)
    start = np.array([np.max(case["overlap"]) - 10.0, 0.0, 0.0])
    began = time.perf_counter()
    found = minimize(energy_and_slope, start, args=(case,), jac=True, method="BFGS", options={"gtol": 1e-11, "maxiter": 2000})
    ms = (time.perf_counter() - began) * 1e3
    q = found.x
    d = np.maximum(case["nz"] * (case["overlap"] - q[0] + (q[1] * case["x"] + q[2] * case["y"]) / 100.0), 0.0)
    pressure = case["k"] * d * (1 + d / case["dh"])
    touching = pressure[pressure > 0]
    pitch, roll = q[1] / 100.0, q[2] / 100.0
    return {
        "name": raw["name"],
        "heaveMm": q[0] + pitch * case["x0"] + roll * case["y0"],
        "pitchSlope": pitch,
        "rollSlope": roll,
        "peakKPa": float(touching.max()),
        "meanKPa": float(touching.mean()),
        "ms": ms,
        "left": float(np.abs(energy_and_slope(q, case)[1]).max()),
    }


if __name__ == "__main__":
    with open(sys.argv[1], encoding="utf-8") as file:
        print(json.dumps([solved(raw) for raw in json.load(file)]))
