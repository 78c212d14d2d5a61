"""Minimises an objective that the caller evaluates: reads one JSON problem a line, asks for values by printing points, and answers with the best found.

Line in: {"start": [[...], ...], "lower": [...], "upper": [...]}; out: {"x": [...]} to ask, {"best": f, "at": [...]} when done; in again: a number.
"""
import json
import sys

import numpy as np
from scipy.optimize import minimize


def value(x):
    print(json.dumps({"x": [float(v) for v in x]}), flush=True)
    return float(sys.stdin.readline())


for line in sys.stdin:
    problem = json.loads(line)
    low, high = np.array(problem["lower"]), np.array(problem["upper"])
    width = high - low
    best, at = None, None
    for start in problem["start"]:
        u0 = np.clip((np.array(start) - low) / width, 0.0, 1.0)
        found = minimize(lambda u: value(low + np.clip(u, 0, 1) * width), u0, method="SLSQP", bounds=[(0.0, 1.0)] * len(u0), options={"maxiter": 120, "ftol": 1e-9, "eps": 1e-5})
        if best is None or found.fun < best:
            best, at = float(found.fun), [float(v) for v in low + np.clip(found.x, 0, 1) * width]
    print(json.dumps({"best": best, "at": at}), flush=True)
