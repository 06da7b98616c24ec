#!/usr/bin/env python3
"""Makes the class of this folder anew: a key, a handout for each of 24 names, what each of them hands in, and the list
of what is wrong in it. Everything is made up, from a fixed seed. Needs the built ledgefall-calc as its argument."""

import csv
import json
import pathlib
import random
import shutil
import subprocess
import sys

here = pathlib.Path(__file__).parent
calc = sys.argv[1]
random.seed(20)

names = ("Alder Ash Beech Birch Bream Clover Dace Elder Fern Gudgeon Hazel Heather Ivy Juniper Larch Linden Loach "
         "Maple Minnow Rowan Rush Sedge Tansy Willow").split()

pebbles = [42, 57, 38, 61, 49, 53, 44, 66, 50, 47, 58, 41, 55, 63, 46, 52, 39, 48, 60, 54, 45, 51, 57, 43]
catch = [("mayfly", 41, 18, 25), ("stonefly", 22, 6, 11), ("caddisfly", 35, 21, 30), ("midge", 12, 44, 20),
         ("shrimp", 28, 15, 33), ("snail", 9, 19, 14), ("leech", 3, 8, 5), ("beetle", 6, 4, 9)]


def given(name, label, values, kind="number", unit=""):
    column = {"name": name, "label": label, "kind": kind, "values": values}
    return {**column, "unit": unit} if unit else column


def computed(name, label, formula, unit=""):
    column = {"name": name, "label": label, "pieces": [{"formula": formula}]}
    return {**column, "unit": unit} if unit else column


key = {
    "format": "ledgefall-study", "version": 1, "language": 1, "title": "Marrow Beck, practice sheet",
    "note": "Fill in what is asked. The data is yours alone.",
    "ledge": [],
    "tables": [
        {"name": "Pebbles", "label": "Pebbles",
         "ledge": [{"name": "n", "formula": "count(x)"}, {"name": "m", "formula": "mean(x)", "unit": "mm"},
                   {"name": "variance", "formula": "sum(sq) / (n - 1)"},
                   {"name": "s", "formula": "sqrt(variance)", "unit": "mm"}],
         "columns": [given("x", "Length", pebbles, unit="mm"), computed("dev", "Deviation", "x - m", "mm"),
                     computed("sq", "Square", "dev^2")]},
        {"name": "Catch", "label": "Invertebrates",
         "ledge": [{"name": "H", "formula": "-sum(xlnx(share))"}],
         "columns": [given("group", "Group", [row[0] for row in catch], "text"),
                     given("riffle", "Riffle", [row[1] for row in catch]),
                     given("pool", "Pool", [row[2] for row in catch]),
                     given("weir", "Weir", [row[3] for row in catch]),
                     computed("share", "Share", "riffle / sum(riffle)"),
                     computed("up_to", "Up to here", "sum(riffle[1..i])")]},
        {"name": "Classes", "label": "Classes of length",
         "axes": [{"source": "classes", "name": "class", "edges": [35, 40, 45, 50, 55, 60, 65, 70],
                   "closed": "left"}],
         "columns": [computed("lower_limit", "From", "lower(class)"), computed("upper_limit", "To", "upper(class)"),
                     computed("f", "Count", "count(lower_limit <= Pebbles.x < upper_limit)")]},
        {"name": "Cooling", "label": "A flask of stream water",
         "axes": [{"source": "counted", "count": "26"}],
         "ledge": [{"name": "start", "value": 62, "unit": "°C"}, {"name": "air", "value": 14, "unit": "°C"},
                   {"name": "k", "value": 0.045}, {"name": "dt", "value": 4, "unit": "min"}],
         "columns": [computed("t", "Time", "(row - 1) * dt", "min"),
                     computed("temp", "Temperature", "first start then temp[i-1] - k * (temp[i-1] - air) * dt", "°C")]},
    ],
}

asked = [
    ("Pebbles.m", 1, "Take the mean of the lengths."),
    ("Pebbles.dev", 1, "How far is each length from the mean?"),
    ("Pebbles.sq", 1, "Square the deviations."),
    ("Pebbles.variance", 2, "Give the variance of the sample."),
    ("Pebbles.s", 1, "Give the standard deviation."),
    ("Catch.share", 1, "What share of the riffle's catch is each group?"),
    ("Catch.up_to", 1, "How many were caught up to this row?"),
    ("Catch.H", 2, "Give Shannon's index in natural logarithms."),
    ("Classes.f", 2, "Count the pebbles of each class. Its lower limit belongs to it."),
    ("Cooling.temp", 2, "Step the temperature: each minute it falls by k of what it is above the air."),
]

right = {
    "Pebbles.m": ["mean(x)", "sum(x) / n", "sum(x) / count(x)"],
    "Pebbles.dev": ["x - m", "-(m - x)", "x - sum(x) / n"],
    "Pebbles.sq": ["dev^2", "dev * dev", "(x - m)^2"],
    "Pebbles.variance": ["sum(sq) / (n - 1)", "var(x)", "sum((x - m)^2) / (count(x) - 1)"],
    "Pebbles.s": ["sqrt(variance)", "variance^0.5", "sqrt(sum(sq) / (n - 1))"],
    "Catch.share": ["riffle / sum(riffle)", "1 / sum(riffle) * riffle"],
    "Catch.up_to": ["sum(riffle[1..i])", "first riffle[1] then up_to[i-1] + riffle"],
    "Catch.H": ["-sum(xlnx(share))", "-sum(share * ln(share))", "shannon(riffle)"],
    "Classes.f": ["count(lower_limit <= Pebbles.x < upper_limit)", "count(Pebbles.x in class)"],
    "Cooling.temp": ["first start then temp[i-1] - k * (temp[i-1] - air) * dt",
                     "first start then temp[i-1] + dt * k * (air - temp[i-1])"],
}

wrong = {
    "Pebbles.m": [("sum(x)", "slip", "sum_for_mean"), ("50.625", "values", ""), ("median(x)", "different", "")],
    "Pebbles.dev": [("m - x", "slip", "sign"), ("x[1] - m", "slip", "held_for_row"), ("x + m", "slip", "sign")],
    "Pebbles.sq": [("dev", "slip", "square_missing"), ("dev^3", "different", "")],
    "Pebbles.variance": [("sum(sq) / n", "slip", "n_for_n_minus_1"), ("(n - 1) / sum(sq)", "slip", "division_reversed"),
                         ("sum(x) / (n - 1)", "slip", "other_column"), ("sum(nothing) / n", "error", "")],
    "Pebbles.s": [("variance", "slip", "root_missing"), ("variance / 2", "different", "")],
    "Catch.share": [("sum(riffle) / riffle", "slip", "division_reversed"),
                    ("riffle / sum(riffle) * 100", "slip", "percent_for_share"),
                    ("riffle / sum(riffle[i..last])", "slip", "row_for_held"),
                    ("pool / sum(riffle)", "slip", "other_column"), ("riffle / sum(pool)", "slip", "other_column")],
    "Catch.up_to": [("sum(riffle)", "slip", "held_for_row"), ("sum(riffle[1..i-1])", "slip", "range_short"),
                    ("sum(riffle[1..i+1])", "slip", "range_long"), ("sum(pool[1..i])", "slip", "other_column")],
    "Catch.H": [("sum(xlnx(share))", "slip", "sign"), ("-sum(share * log10(share))", "slip", "log_base")],
    "Classes.f": [("count(lower_limit < Pebbles.x <= upper_limit)", "slip", "class_end"),
                  ("count(Pebbles.x < upper_limit)", "slip", "held_for_row")],
    "Cooling.temp": [("first start then temp[i-1] + k * (temp[i-1] - air) * dt", "slip", "sign"),
                     ("first 0 then temp[i-1] - k * (temp[i-1] - air) * dt", "slip", "first_value"),
                     ("first start then temp[i-1] - k * temp[i-1] * dt", "different", "")],
}
needs = {"Pebbles.dev": ["Pebbles.m"], "Pebbles.sq": ["Pebbles.dev"], "Pebbles.variance": ["Pebbles.sq"],
         "Pebbles.s": ["Pebbles.variance"], "Catch.H": ["Catch.share"]}
# What reads only the item before it, so that a slip there is carried on.
chained = {item: formulas[0] for item, formulas in right.items()}


def run(*arguments):
    subprocess.run([calc, *map(str, arguments)], check=True)


def behind(item):
    return [one for first in needs.get(item, []) for one in [first, *behind(first)]]


def filled(item, formula):
    table, name = item.split(".")
    is_held = name in {"m", "variance", "s", "H"}
    return ["--in", table, "--hold" if is_held else "--column", f"{name} = {formula}"]


(here / "key.json").write_text(json.dumps(key), encoding="utf-8")
(here / "key.json").rename(here / "key.ledgefall")
run(here / "key.ledgefall", "--save", here / "key.ledgefall")
(here / "names.txt").write_text("\n".join(names) + "\n", encoding="utf-8")
for folder in ("handouts", "submissions"):
    shutil.rmtree(here / folder, ignore_errors=True)
    (here / folder).mkdir()
ask = [part for name, points, question in asked
       for part in ("--ask", name, "--points", str(points), "--question", question)]
run(here / "key.ledgefall", *ask, "--vary", "Pebbles.x", "--vary", "Catch.riffle", "--names", here / "names.txt",
    "--out", here / "handouts")

expected = []
for place, name in enumerate(names):
    slips = {}
    for item in random.sample(list(wrong), random.choice([0, 1, 1, 2, 2, 3])):
        if not any(one in slips for one in behind(item)) and not any(item in behind(one) for one in slips):
            slips[item] = random.choice([one for one in wrong[item] if one[1] != "values"])
    left_out = {random.choice(list(right))} if place % 7 == 3 else set()
    left_out -= set(slips) | {one for item in right for one in needs.get(item, [])}
    fill = []
    for item in right:
        upstream = [one for one in behind(item) if one in slips]
        if item in slips:
            formula, outcome, slip = slips[item]
        elif item in left_out:
            expected.append((name, item, "missing", ""))
            continue
        elif upstream:
            broken = any(slips[one][1] == "error" for one in upstream)
            formula, outcome, slip = chained[item], "error" if broken else "carried", ""
        else:
            formula, outcome, slip = random.choice(right[item]), "right", ""
        fill += filled(item, formula)
        expected.append((name, item, outcome, slip))
    run(here / "handouts" / f"{name}.ledgefall", *fill, "--save", here / "submissions" / f"{name}.ledgefall")

with open(here / "expected.csv", "w", encoding="utf-8", newline="") as file:
    writer = csv.writer(file, lineterminator="\n")
    writer.writerow(["name", "item", "outcome", "slip"])
    writer.writerows(expected)
