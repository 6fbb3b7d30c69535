"""The rest of a saddle by a general root finder, to hold the engine's own search against.

Reads a JSON file of problems in plain numbers (see packages/core/src/sit/contact/contact-problem.ts), finds with SciPy where all
balances hold, and prints as JSON, per case: whether it found one, the ways (mm; turns in radians about `about`), the hardest cell in
kPa, what is carried in N, and the time in ms. Written from the law, not from the engine. Needs python3-numpy and python3-scipy.

A cell squeezed by d presses p = k d (1 + d / dh). Along the skin it holds t = t0 - kt c P s, cut to mu p in length: P into the skin,
s its way since the last rest, c = d / (d - d0) where it did not touch then (d0 < 0), else 1.
"""

import json
import sys
import time

import numpy as np
from scipy.optimize import least_squares, root

N_PER_KPA_MM2 = 1e-3
LEVER = 100.0


def array(raw, name, count):
    return np.array(raw[name], dtype=float) if raw.get(name) is not None else np.zeros(count)


class Case:
    def __init__(self, raw):
        cells, self.law, self.tree = raw["cells"], raw["law"], raw.get("tree")
        count = len(cells["x"])
        self.at = np.stack([array(cells, k, count) for k in "xyz"], axis=1)
        self.n = np.stack([array(cells, f"normal{k}", count) for k in "XYZ"], axis=1)
        self.squeeze = array(cells, "squeezeMm", count)
        self.area = array(cells, "areaMm2", count) * N_PER_KPA_MM2
        self.k = array(cells, "stiffnessKPaPerMm", count)
        before = cells.get("squeezeBeforeMm")
        self.before = self.squeeze if before is None else np.array(before, dtype=float)
        self.moved = np.stack([array(cells, f"moved{k}", count) for k in "XYZ"], axis=1)
        shear = np.stack([array(cells, f"shear{k}", count) for k in "XYZ"], axis=1)
        self.shear = shear - self.n * np.sum(shear * self.n, axis=1, keepdims=True)
        self.points = np.array([[l["x"], l["y"], l["z"]] for l in raw["loads"]], dtype=float)
        self.forces = np.array([[l["forceX"], l["forceY"], l["forceZ"]] for l in raw["loads"]], dtype=float)
        heft = np.abs(self.forces[:, 2])
        self.about = (self.points * heft[:, None]).sum(axis=0) / heft.sum()
        self.weight = -self.forces[:, 2].sum()
        self.r = self.at - self.about
        if self.tree is not None:
            zero = np.zeros(count)
            self.bend = np.stack([zero, zero, array(self.tree, "bendZ", count)], axis=1)
            self.open = np.stack([zero, array(self.tree, "openY", count), array(self.tree, "openZ", count)], axis=1)
            self.load_bend = np.array(self.tree["loadBendZ"], dtype=float)

    def cell(self, q):
        """Pressure and shear of every cell; q in mm, turns as ways over the lever."""
        s = q[:3] + np.cross(np.broadcast_to(q[3:6] / LEVER, self.r.shape), self.r)
        if self.tree is not None:
            s = s + q[6] / LEVER * self.bend + q[7] / LEVER * self.open
        d = self.squeeze - np.sum(self.n * s, axis=1)
        touching = d > 0
        d = np.where(touching, d, 0.0)
        p = self.k * d * (1 + d / self.law["hardeningMm"])
        way = self.moved + s
        way = way - self.n * np.sum(way * self.n, axis=1, keepdims=True)
        gap = self.before < 0
        c = np.where(gap, d / np.where(gap & touching, d - self.before, 1.0), 1.0)
        t = self.shear - (self.law["shearShare"] * self.k * c)[:, None] * way
        length = np.linalg.norm(t, axis=1)
        most = self.law["friction"] * p
        t = t * np.where(length > most, most / np.where(length > 0, length, 1.0), 1.0)[:, None]
        return p, np.where(touching[:, None], t, 0.0)

    def balance(self, q):
        p, t = self.cell(q)
        f = self.area[:, None] * (p[:, None] * self.n + t)
        force = f.sum(axis=0) + self.forces.sum(axis=0)
        moment = np.cross(self.r, f).sum(axis=0) + np.cross(self.points - self.about, self.forces).sum(axis=0)
        left = np.concatenate([force, moment / LEVER])
        if self.tree is not None:
            per_mm = 1000 * 180 / np.pi / LEVER**2
            bend = (f * self.bend).sum() / LEVER + (self.forces[:, 2] * self.load_bend).sum() / LEVER
            bend -= self.tree["bendNmPerDeg"] * per_mm * (self.tree["bent"] * LEVER + q[6])
            opened = (f * self.open).sum() / LEVER
            opened -= self.tree["openNmPerDeg"] * per_mm * (self.tree["opened"] * LEVER + q[7])
            left = np.concatenate([left, [bend, opened]])
        return left / self.weight


def lowered(case, size):
    low, high = -60.0, 60.0
    for _ in range(60):
        middle = (low + high) / 2
        q = np.zeros(size)
        q[2] = middle
        p, _ = case.cell(q)
        if (case.area * p * case.n[:, 2]).sum() > case.weight:
            low = middle
        else:
            high = middle
    q = np.zeros(size)
    q[2] = low
    return q


def solved(raw):
    case = Case(raw)
    size = 6 if case.tree is None else 8
    began = time.perf_counter()
    friction = case.law["friction"]
    q = lowered(case, size)
    # first held fast, then let down to its own friction: each answer begins the next
    for times in (6.0, 3.0, 2.0, 1.5, 1.2, 1.0):
        case.law["friction"] = friction * times
        found = root(case.balance, q, method="hybr", options={"xtol": 1e-13, "maxfev": 4000})
        if np.abs(case.balance(found.x)).max() > 1e-9:
            found = least_squares(case.balance, found.x, method="lm", xtol=1e-15, ftol=1e-15, gtol=1e-15, max_nfev=20000)
        q = found.x
    left = float(np.abs(case.balance(q)).max())
    p, t = case.cell(q)
    ways = [*(q[:3]), *(q[3:6] / LEVER), *((q[6:] / LEVER) if size == 8 else (0.0, 0.0))]
    return {
        "name": raw["name"],
        "found": left < 1e-8,
        "ways": [float(w) for w in ways],
        "hardestKPa": float(p.max()),
        "carriedN": float((case.area * (p * case.n[:, 2] + t[:, 2])).sum()),
        "ms": (time.perf_counter() - began) * 1e3,
    }


if __name__ == "__main__":
    with open(sys.argv[1], encoding="utf-8") as file:
        print(json.dumps([solved(raw) for raw in json.load(file)]))
