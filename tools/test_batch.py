"""A batch on a kitchen whose clock is moved, in steps: begin, hold, dark, end; and whether it is all kept. For test-package.

    test_batch.py ADDRESS CLOCK STEP
"""

import json
import pathlib
import sys
import urllib.request

address, clock, step = sys.argv[1], pathlib.Path(sys.argv[2]), sys.argv[3]
ids = clock.with_suffix(".ids")


def ask(method, path, body=None):
    request = urllib.request.Request(address + path, method=method)
    data = None
    if body is not None:
        data = json.dumps(body).encode()
        request.add_header("Content-Type", "application/json")
    with urllib.request.urlopen(request, data, timeout=60) as answer:
        return json.load(answer)


def pass_minutes(minutes):
    clock.write_text(str(int(clock.read_text()) + minutes * 60_000))


def tell(run, kind, **more):
    return ask("POST", f"/api/runs/{run}/events", {"type": kind, **more})


def begin():
    clock.write_text("0")
    kitchen = ask("GET", "/api/kitchen")
    ask("PATCH", "/api/kitchen", {"basedOn": kitchen["version"], "altitudeFt": 800})
    canner = {"name": "Tested canner", "gauge": "dial", "gaugeErrorPsi": 0, "quarts": 7, "pints": 8, "shortLayers": 1}
    canners = ask("POST", "/api/kitchen/canners", canner)["canners"]
    recipe = {"title": "Carrots that are canned", "lines": ["8 cups carrots, sliced"], "pack": "hot"}
    batch = ask(
        "POST",
        "/api/batches",
        {
            "recipeId": ask("POST", "/api/recipes", recipe)["id"],
            "cannerId": canners[-1]["id"],
            "jars": [{"size": "quart", "count": 2}],
        },
    )
    run = batch["runs"][0]
    ids.write_text(str(run))
    for kind in ("checks-done", "lid-locked"):
        tell(run, kind)
    assert tell(run, "steam-steady")["stage"] == "venting"


def hold():
    run = int(ids.read_text())
    pass_minutes(10)
    tell(run, "weight-on")
    pass_minutes(5)
    held = tell(run, "reading", psi=11.5)
    assert held["stage"] == "holding" and held["minutes"] == 30, held["stage"]


def dark():
    """Minutes that pass while nothing runs."""
    pass_minutes(10)


def end():
    run = int(ids.read_text())
    found = ask("GET", f"/api/runs/{run}")
    assert found["stage"] == "holding", found["stage"]
    assert found["doubtSince"], "nobody asks about the minutes without anybody"
    tell(run, "held")
    tell(run, "reading", psi=11.5)
    pass_minutes(21)
    assert tell(run, "heat-off")["stage"] == "cooling"
    pass_minutes(40)
    for kind in ("pressure-zero", "weight-off"):
        tell(run, kind)
    pass_minutes(10)
    for kind in ("lid-off", "jars-out"):
        tell(run, kind)
    pass_minutes(12 * 60)
    for jar in (1, 2):
        done = tell(run, "jar-checked", jar=jar, sealed=True, loss="none")
    assert done["stage"] == "done", done["stage"]
    kept()


def kept():
    run = ask("GET", "/api/runs/" + ids.read_text())
    assert run["stage"] == "done" and run["minutes"] == 30, run["stage"]
    lots = ask("GET", f"/api/batches/{run['batchId']}")["lots"]
    assert [(lot["size"], lot["jars"]) for lot in lots] == [("quart", 2)], lots


{"begin": begin, "hold": hold, "dark": dark, "end": end, "kept": kept}[step]()
