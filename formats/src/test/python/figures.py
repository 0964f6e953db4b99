#!/usr/bin/env python3
"""Figures of packs, worked anew from the text of docs/pack-file.md: a check of the Java code that shares
nothing with it, neither code nor way of solving (bisection on travel and force, a pulse integrated in small steps).

Takes a file {"pack": ...} and prints it with its "evaluation". Full cushions and light boxes of style 0201 only;
no vibration, no test data, no surfaces. Standard library only.

    python3 formats/src/test/python/figures.py formats/src/test/resources/golden/NAME.json
"""
import itertools
import json
import math
import sys

G = 9.80665
LB = 0.45359237
AXES = "length width height".split()
# Face number: (name, axis, sign); rule 1.
FACES = {1: ("top", 2, 1), 2: ("right", 0, 1), 3: ("bottom", 2, -1), 4: ("left", 0, -1), 5: ("front", 1, -1), 6: ("back", 1, 1)}
# density, a, b, creep limit, repeat, k, squeeze, share that settles, first ramp r and w: rules 16, 39, 41, the law.
FOAMS = {
    "pe-28": (28, 79, 0.0186, 4.8, 1.15, -0.004, 45, 0.01, 0.08, 1),
    "pu-32": (32, 48.6, 0.0298, 3.4, 1.10, -0.012, 4.5, 0.01, 0.20, 1),
    "bubble-12": (8, 30, 0.0672, 1.4, 1.30, -0.004, 5, 0.05, 0.9, 2),
}
# caliper, edge crush lb/in, grammage, most lb, most in.
BOARDS = {"c-32": (4.0, 32, 540, 65, 75), "c-44": (4.0, 44, 730, 95, 95), "bc-48": (7.0, 48, 900, 100, 95)}
FILLS = {"paper": 0.10, "chips": 0.08, "air-cells": 0.03, "bubble": 0.05, "foam": 0.01, "none": 0}


def six(values, face):
    return values.get(FACES[face][0], values.get("all", 0))


def table(points, x):
    for (x0, y0), (x1, y1) in zip(points, points[1:]):
        if x <= x1:
            return y0 + (y1 - y0) * (x - x0) / (x1 - x0)
    return y1


def bisect(f, low, high):
    for _ in range(300):
        middle = (low + high) / 2
        low, high = (middle, high) if f(middle) < 0 else (low, middle)
    return (low + high) / 2


class Cushion:
    """A full cushion with the mass that it carries and the body it bears on."""

    def __init__(self, layer, index, body, mass):
        self.index, self.body, self.mass = index, body, mass
        self.density, self.a, self.b, self.limit, self.repeat, self.k, self.squeeze, self.settles, self.r, self.w = (
            FOAMS[layer["material"]])
        self.rise = 1.0  # k = exp(k r/(w + 1)), by iteration
        for _ in range(2000):
            self.rise = math.exp(self.rise * self.r / (self.w + 1))
        self.t = {f: six(layer["thicknessMm"], f) for f in FACES}

    def area(self, face):  # m2
        axis = FACES[face][1]
        return math.prod(self.body[i] for i in range(3) if i != axis) / 1e6

    def energy_at(self, force_n, faces, law, thickness):
        """Energy (J) at the travel where the force along n is this; rule 13."""
        a, b = law
        end, solid = self.r / (a * b), (self.r + 1 / self.rise) / (a * b)
        springs = [(self.area(f) * 1000, thickness[f] / 1000, n) for f, n in faces.items()]  # N per kPa, m

        def stress(e):
            return self.rise * a * (e / end) ** self.w if e <= end else 1 / (b * (solid - e))

        def energy_density(e):
            part = self.rise * a * end / (self.w + 1) * (min(e, end) / end) ** (self.w + 1)
            return part if e <= end else part + math.log(stress(e) / (self.rise * a)) / b

        travel_most = min(solid * t / n for _, t, n in springs) * (1 - 1e-15)
        travel = bisect(lambda d: sum(area * n * stress(d * n / t) for area, t, n in springs) - force_n, 0, travel_most)
        return (sum(area * t * energy_density(travel * n / t) for area, t, n in springs),
                max(travel * n / t / solid for _, t, n in springs))


def evaluate(pack):
    item, journey, layers = pack["item"], pack["journey"], pack["layers"]
    size = [item["sizeMm"][a] for a in AXES]
    fragility = item["fragility"]
    body, envelope, mass = list(size), list(size), item["massKg"]
    reach = {f: size[FACES[f][1]] / 2 for f in FACES}  # from the middle of the item, all through
    centre = [item.get("centreOfMassMm", {}).get(a, 0) for a in "xyz"]
    cushions, boxes, since = [], [], []
    for index, layer in enumerate(layers):
        if layer["kind"] == "wrap":
            envelope = [e + 2 * layer["thicknessMm"] for e in envelope]
            reach = {f: r + layer["thicknessMm"] for f, r in reach.items()}
        elif layer["kind"] == "cushion":
            assert layer["form"] == "full"
            cushion = Cushion(layer, index, list(body), mass)
            before = math.prod(envelope)
            for f, (_, axis, _) in FACES.items():
                envelope[axis] += cushion.t[f]
                reach[f] += cushion.t[f]
            mass += cushion.density * (math.prod(envelope) - before) / 1e9
            cushions.append(cushion)
            since.append(cushion)
        else:
            caliper, ect, grammage, most_lb, most_in = BOARDS[layer["board"]]
            slack = layer["slackMm"]
            inside = [e + slack for e in envelope]
            outside = [inside[0] + 2 * caliper, inside[1] + 2 * caliper, inside[2] + 4 * caliper]
            long, short = max(inside[:2]), min(inside[:2])
            blank = (2 * (long + caliper) + 2 * (short + caliper) + 35) * (inside[2] + 2 * caliper + short + caliper)
            own = blank * grammage / 1e9
            boxes.append(dict(layer=layer, index=index, inside=inside, outside=outside, mass=own, cushions=since, slack=slack))
            since, mass = [], mass + own
            reach = {f: r + slack / 2 + caliper * (2 if FACES[f][1] == 2 else 1) for f, r in reach.items()}
            body, envelope = list(outside), list(outside)
    outer, checks = boxes[-1], []
    height = journey["drop"]["heightMm"] / 1000
    velocity = 1.5 * math.sqrt(2 * G * height)

    def check(id, demand, limit, unit, fixed=None, margin=None):
        if margin is None and limit is not None:
            margin = 1 - demand / limit
        status = fixed or ("unknown" if margin is None else "breaks" if margin < 0 else "thin" if margin < 0.10 else "holds")
        checks.append(dict(id=id, demand=demand, limit=limit, unit=unit, margin=margin, status=status))

    # Rule 21: what the bottom of each cushion keeps for drops on face 3.
    hours = max(1, journey.get("storageHours", journey.get("hours", 72)))
    creep = {}
    for c in cushions:
        lost = (0.02 + 0.08 / 3 * math.log10(hours)) * c.mass * G / c.area(3) / 1000 / c.limit
        creep[c] = min(0.9, max(0, lost))
    bottoms = {c: c.t[3] * (1 - lost) for c, lost in creep.items()}
    heavy = cushions[-1].mass - cushions[0].mass >= 0.05 * item["massKg"]  # rule 34

    # Rules 12 to 19, 30.
    start = {f: reach[f] - FACES[f][2] * centre[FACES[f][1]] for f in FACES}
    drops, locked_most = [], 0
    ids = [s for n in (1, 2, 3) for s in itertools.combinations(FACES, n) if len({FACES[f][1] for f in s}) == n]
    for struck in ids:
        length = math.sqrt(sum(start[f] ** 2 for f in struck))
        n = {f: start[f] / length for f in struck}
        loads = [1]
        if len(struck) == 1:
            shares = [min(0.8, max(-0.8, 3 * centre[i] / size[i])) for i in range(3) if i != FACES[struck[0]][1]]
            loads.append(math.prod(1 + abs(p) for p in shares))
        highest, locked = 0, 0
        for load, degrees, repeated in itertools.product(
            loads, {journey.get("temperatureC", {}).get(k, 23) for k in ("min", "max")}, [False, True]
        ):
            if repeated and journey["drop"].get("impacts", "first") == "first":
                continue
            cases = []
            for c in cushions:
                f = min(2, max(0.5, 1 + c.k * (degrees - 23)))
                law = (f * c.a, c.b / f * (c.repeat if repeated else 1))
                thickness = {**c.t, 3: bottoms[c]} if 3 in struck else c.t
                cases.append((c, law, thickness))
            energy = max(c.mass for c in cushions) * load * G * height

            def absorbed(g):
                return [c.energy_at(g * c.mass * load * G, n, law, t) for c, law, t in cases]

            g = bisect(lambda g: sum(e for e, _ in absorbed(g)) - energy, 0, 9999)
            locked = max(locked, max(l for _, l in absorbed(g)))
            highest = max(highest, g)
        kind = ["face", "edge", "corner"][len(struck) - 1]
        drops.append(dict(id=f"drop.{kind}." + "-".join(map(str, struck)), g=highest))
        locked_most = max(locked_most, locked)
        limits = [fragility["criticalAccelerationG"]]
        limits += [v for k, v in fragility.get("criticalAccelerationByFaceG", {}).items() if k in [FACES[f][0] for f in struck]]
        limit = min(limits)
        critical = fragility.get("criticalVelocityChangeMps")
        tips = len(struck) == 1 and any(
            abs(centre[i]) / size[i] > 1 / 6 for i in range(3) if i != FACES[struck[0]][1])
        assert not tips
        if critical and 1 - velocity / critical > 1 - highest / limit:
            check(drops[-1]["id"], velocity, critical, "m/s")
        else:
            check(drops[-1]["id"], highest, limit, "G")
        if heavy and checks[-1]["status"] == "holds":
            checks[-1]["status"] = "thin"
    check("cushion.strain", locked_most, 0.9, "")
    check("cushion.creep", max(creep.values()), 0.10, "")

    # Rules 24, 25 and 42.
    stack = journey["stack"]
    above = max(0, math.floor(round(stack["heightMm"] / outer["outside"][2], 9)) - 1)
    caliper, ect, _, most_lb, most_in = BOARDS[outer["layer"]["board"]]
    strength = 5.87 * ect * LB * G / 25.4 * math.sqrt(caliper * 2 * (outer["inside"][0] + outer["inside"][1]))
    days = [(1, 0.63), (math.log10(30), 0.60), (math.log10(90), 0.55), (math.log10(180), 0.50)]
    strength *= table(days, max(1, math.log10(stack["days"])))
    strength *= table([(0.5, 1), (0.6, 0.9), (0.7, 0.8), (0.8, 0.68), (0.9, 0.48), (1, 0.15)], stack["relativeHumidity"])
    strength *= {"aligned": 1, "misaligned": 0.85, "interlocked": 0.5}[stack["pattern"]]

    def foam(box, axis):
        return sum(c.t[f] for c in box["cushions"] for f in FACES if FACES[f][1] == axis)

    over = max(max(0, -outer["slack"] - 0.2 * foam(outer, axis)) for axis in range(3))
    bulge = outer["layer"].get("bulgeMm", over)
    strength *= 1 if bulge <= 5 else 0.85 if bulge <= 15 else 0.70
    strength *= {"new": 1, "used": 0.85, "dented": 0.70}[outer["layer"].get("condition", "new")]
    check("stack", above * mass * G, strength, "N")

    # Rules 26 and 27.
    inches = sum(outer["outside"]) / 25.4
    if mass / LB / most_lb >= inches / most_in:
        check("board.limits", mass / LB, most_lb, "lb")
    else:
        check("board.limits", inches, most_in, "in")
    check("lift", mass, 23, "kg") if mass <= 23 else check("lift", mass, 46, "kg", "thin", 0)
    check("movement", max(0, max(b["slack"] for b in boxes)), 10, "mm")
    assert mass <= 46

    # Rules 39 to 41.
    filled = []
    for box in boxes:
        if box["layer"].get("fill"):
            fill, slack = box["layer"]["fill"], box["slack"]
            settles = sum(c.settles * (c.t[1] + c.t[3]) for c in box["cushions"])
            settles += sum(c.t[3] * creep[c] for c in box["cushions"]) + FILLS[fill] * max(0, slack)
            filled.append(max(0, (max(0, slack) if fill == "none" else 0) + min(0, slack) + settles))
    if filled:
        check("settling", max(filled), 10, "mm")
    pressed = [b for b in boxes if b["slack"] < 0]
    if pressed:
        check("squeeze", max(-b["slack"] / foam(b, axis) if foam(b, axis) else 1 for b in pressed for axis in range(3)), 0.20, "")
        held = []
        for box in pressed:
            share = -box["slack"] / foam(box, 2)
            held += [(c.squeeze * min(1, share / 0.10), c) for c in box["cushions"]]
        p, c = min(held, key=lambda h: h[0] * h[1].area(1) * 1000 / (h[1].mass * G))
        on_item = [q for q, d in held if d is cushions[0]]
        check("hold-down", c.mass * G, p * c.area(1) * 1000, "N", margin=None)
        if item.get("bearsKpa") and on_item:
            check("pressure", on_item[0], item["bearsKpa"], "kPa")

    # Rules 43 to 45.
    worst = max(d["g"] for d in drops)
    if fragility.get("componentCriticalG"):
        check("component", max(component(d["g"], velocity, fragility["componentFrequencyHz"]) for d in drops),
              fragility["componentCriticalG"], "G")
    joints = [f for f in item.get("features", []) if "massKg" in f and "armMm" in f]
    for number, f in enumerate(joints, 1):
        check(f"joint.{number}", f["massKg"] * worst * G * f["armMm"] / 1000, f.get("jointBearsNm"), "Nm")

    order = ["breaks", "unknown", "thin", "holds"]
    verdict = min((c["status"] for c in checks), key=order.index)
    weakest = min((c for c in checks if c["status"] == verdict), key=lambda c: round(c["margin"], 9))
    return dict(verdict=verdict, weakest=weakest["id"], velocityChangeMps=velocity, grossMassKg=mass,
                boxes=[dict(layer=b["index"], insideMm=dict(zip(AXES, b["inside"])), outsideMm=dict(zip(AXES, b["outside"])),
                            massKg=b["mass"]) for b in boxes],
                checks=checks, drops=drops)


def component(g, velocity, frequency):
    """Peak of an undamped part under a half sine of this peak and velocity change, stepped through time; rule 43."""
    duration = math.pi * velocity / (2 * g * G)
    w, steps = 2 * math.pi * frequency, 40000
    end = duration + 1 / frequency
    dt, z, v, most = end / steps, 0.0, 0.0, 0.0

    def pull(t, z):
        return (g * math.sin(math.pi * t / duration) if t < duration else 0) - w * w * z

    for i in range(steps):  # Runge and Kutta's fourth order; w^2 z is the part's own acceleration
        t = i * dt
        k1, l1 = v, pull(t, z)
        k2, l2 = v + dt / 2 * l1, pull(t + dt / 2, z + dt / 2 * k1)
        k3, l3 = v + dt / 2 * l2, pull(t + dt / 2, z + dt / 2 * k2)
        k4, l4 = v + dt * l3, pull(t + dt, z + dt * k3)
        z, v = z + dt / 6 * (k1 + 2 * k2 + 2 * k3 + k4), v + dt / 6 * (l1 + 2 * l2 + 2 * l3 + l4)
        most = max(most, abs(w * w * z))
    return most


if __name__ == "__main__":
    document = json.load(open(sys.argv[1], encoding="utf-8"))
    print(json.dumps({"pack": document["pack"], "evaluation": evaluate(document["pack"])}, indent=1))
