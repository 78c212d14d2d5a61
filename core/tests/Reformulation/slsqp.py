"""Minimises an objective that the caller evaluates: reads one JSON problem a line, asks for values by printing points, and answers with the best found.

Line in: {"start": [[...], ...], "lower": [...], "upper": [...]}; out: {"x": [[...], ...]} to ask, {"best": f, "at": [...]} when done; in again: a number
for each point. A gradient is by forward differences, its points asked for all at once.
"""
import json
import sys

import numpy as np
from scipy.optimize import minimize


STEP = 1e-5


class Objective:
    """What the caller evaluates, over the unit box; a step that would leave the box is taken back into it."""

    def __init__(self, low, width):
        self.low, self.width = low, width
        self.at, self.was = None, None

    def ask(self, points):
        print(json.dumps({"x": (self.low + np.clip(points, 0.0, 1.0) * self.width).tolist()}), flush=True)
        return np.array(json.loads(sys.stdin.readline()))

    def value(self, u):
        self.at, self.was = u.copy(), float(self.ask(u[None, :])[0])
        return self.was

    def gradient(self, u):
        here = self.was if np.array_equal(u, self.at) else self.value(u)
        steps = np.where(u + STEP > 1.0, -STEP, STEP)
        return (self.ask(u + np.diag(steps)) - here) / steps


for line in sys.stdin:
    problem = json.loads(line)
    low, high = np.array(problem["lower"]), np.array(problem["upper"])
    width = high - low
    best, at = None, None
    for start in problem["start"]:
        u0 = np.clip((np.array(start) - low) / width, 0.0, 1.0)
        asked = Objective(low, width)
        found = minimize(asked.value, u0, jac=asked.gradient, method="SLSQP", bounds=[(0.0, 1.0)] * len(u0), options={"maxiter": 120, "ftol": 1e-7})
        if best is None or found.fun < best:
            best, at = float(found.fun), [float(v) for v in low + np.clip(found.x, 0, 1) * width]
    print(json.dumps({"best": best, "at": at}), flush=True)
