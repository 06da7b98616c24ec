#!/usr/bin/python3
"""Evaluates every formula of a worksheet that Ledgefall has written, by a small evaluator that shares no code with it, and
compares each with the value beside it. Office Open XML is read by openpyxl, OpenDocument by odfpy.

    openformula_evaluate.py FILE...

Prints `compared N` for each file; what differs, or cannot be evaluated, goes to standard error and ends it with 1.
"""

import datetime
import math
import re
import statistics
import sys

import openpyxl
from odf.opendocument import load
from odf.table import Table, TableCell, TableRow
from odf.text import P


def number_of(letters):
    out = 0
    for letter in letters:
        out = out * 26 + ord(letter) - 64
    return out - 1


def read_xlsx(path):
    """{sheet: {(row, column): (value, formula)}}"""
    formulas = openpyxl.load_workbook(path)
    values = openpyxl.load_workbook(path, data_only=True)
    out = {}
    for sheet in formulas:
        cells = out[sheet.title] = {}
        for row in sheet.iter_rows():
            for cell in row:
                if cell.value is not None:
                    shown = values[sheet.title][cell.coordinate].value
                    formula = cell.value[1:] if cell.data_type == "f" else None
                    cells[cell.row - 1, cell.column - 1] = (shown, formula)
    return out


def plain(formula):
    """An OpenFormula formula in the notation without brackets."""
    parts = re.split(r'("(?:[^"]|"")*")', formula.removeprefix("of:="))
    return "".join(
        part
        if part.startswith('"')
        else re.sub(
            r"\[(?:\$?('[^']*'|\w+))?\.([^:\]]+)(?::\.([^\]]+))?\]",
            lambda m: (m[1] + "!" if m[1] else "") + m[2] + (":" + m[3] if m[3] else ""),
            part,
        ).replace(";", ",")
        for part in parts
    )


def read_ods(path):
    out = {}
    for table in load(path).spreadsheet.getElementsByType(Table):
        cells = out[table.getAttribute("name")] = {}
        row_at = 0
        for row in table.getElementsByType(TableRow):
            column = 0
            for cell in row.getElementsByType(TableCell):
                kind = cell.getAttribute("valuetype")
                formula = cell.getAttribute("formula")
                if kind:
                    value = {
                        "float": lambda: float(cell.getAttribute("value")),
                        "boolean": lambda: cell.getAttribute("booleanvalue") == "true",
                        "date": lambda: datetime.datetime.fromisoformat(cell.getAttribute("datevalue")),
                        "string": lambda: "".join(str(p) for p in cell.getElementsByType(P)) or None,
                    }[kind]()
                    cells[row_at, column] = (value, plain(formula) if formula else None)
                column += int(cell.getAttribute("numbercolumnsrepeated") or 1)
            row_at += int(row.getAttribute("numberrowsrepeated") or 1)
    return out


TOKEN = re.compile(
    r"""\s*(?:(?P<number>\d+(?:\.\d*)?(?:[eE][-+]?\d+)?)(?![A-Za-z:])
    |(?P<text>"(?:[^"]|"")*")
    |(?P<place>(?:(?:'[^']*'|\w+)!)?\$?[A-Z]{1,3}\$?\d+(?::\$?[A-Z]{1,3}\$?\d+)?)(?![\w(])
    |(?:_xlfn\.)?(?P<word>[A-Z][A-Z0-9.]*)
    |(?P<sign><>|<=|>=|[-+*/^&=<>%(),]))""",
    re.X,
)


class Range(list):
    """The values of a range, in order; empty cells are None."""


def day_number(value):
    return (value - datetime.datetime(1899, 12, 30)).total_seconds() / 86400


def as_number(value):
    if value is None or value == "":
        return 0.0
    if isinstance(value, datetime.datetime):
        return day_number(value)
    if isinstance(value, str):
        raise ValueError(f"{value!r} is no number")
    return float(value)


def numbers(arguments):
    for argument in arguments:
        for value in argument if isinstance(argument, Range) else [argument]:
            if isinstance(value, datetime.datetime):
                yield day_number(value)
            elif isinstance(value, (int, float)) and not isinstance(value, bool):
                yield float(value)


def meets(value, criterion):
    if isinstance(criterion, str):
        match = re.match(r"(<>|<=|>=|<|>|=)?(.*)", criterion, re.S)
        sign, wanted = match[1] or "=", match[2]
        try:
            wanted = float(wanted)
        except ValueError:
            pass
    else:
        sign, wanted = "=", criterion
    if wanted == "":  # the sign alone: empty cells, or those that are not
        if sign not in ("=", "<>"):
            raise TypeError("a condition compares with nothing")
        return (value is None) == (sign == "=")
    if isinstance(value, str) != isinstance(wanted, str) or value is None:
        return sign == "<>"
    if isinstance(value, str):
        value, wanted = value.lower(), wanted.lower()
    return {
        "=": value == wanted,
        "<>": value != wanted,
        "<": value < wanted,
        "<=": value <= wanted,
        ">": value > wanted,
        ">=": value >= wanted,
    }[sign]


def chosen(values, pairs):
    for at, value in enumerate(values):
        if all(meets(pairs[p][at], pairs[p + 1]) for p in range(0, len(pairs), 2)):
            yield value


def quantile(values, p):
    found = sorted(numbers([values]))
    if not found:
        raise ValueError("no numbers")
    at = (len(found) - 1) * p
    low = math.floor(at)
    return found[low] + (found[min(low + 1, len(found) - 1)] - found[low]) * (at - low)


def completed(begin, end, unit):
    if unit == "d":
        return (end - begin).days
    months = (end.year - begin.year) * 12 + end.month - begin.month - (end.day < begin.day)
    return months // 12 if unit == "y" else months


def binomial(k, n, p, cumulative):
    def one(j):
        return math.comb(int(n), j) * p**j * (1 - p) ** (int(n) - j)

    return sum(one(j) for j in range(int(k) + 1)) if cumulative else one(int(k))


def reached(falling, p):
    """Where a function that falls from 1 to 0 comes to p, by halving."""
    low, high = 0.0, 1.0
    while falling(high) > p:
        high *= 2
    while low < (low + high) / 2 < high:
        middle = (low + high) / 2
        low, high = (middle, high) if falling(middle) > p else (low, middle)
    return high


def chi_squared_above(x, v):
    """By the recurrence over degrees of freedom (Abramowitz and Stegun, 26.4.4 and 26.4.5)."""
    if v % 2:
        out = math.erfc(math.sqrt(x / 2))
        term = math.sqrt(2 * x / math.pi) * math.exp(-x / 2)
        for k in range(3, v + 1, 2):
            out += term
            term *= x / k
        return out
    term = out = math.exp(-x / 2)
    for k in range(2, v, 2):
        term *= x / k
        out += term
    return out


def pairs(a, b):
    both = [(x, y) for x, y in zip(a, b) if isinstance(x, (int, float)) and isinstance(y, (int, float))]
    if len(both) < 2:
        raise ValueError("too few pairs")
    return zip(*both)


FUNCTIONS = {
    "SUM": lambda *a: math.fsum(numbers(a)),
    "AVERAGE": lambda *a: statistics.fmean(numbers(a)),
    "COUNTA": lambda *a: sum(v is not None for one in a for v in (one if isinstance(one, Range) else [one])),
    "COUNT": lambda *a: len(list(numbers(a))),
    "MIN": lambda *a: min(numbers(a)),
    "MAX": lambda *a: max(numbers(a)),
    "MEDIAN": lambda *a: statistics.median(numbers(a)),
    "PRODUCT": lambda *a: math.prod(numbers(a)),
    "STDEV": lambda *a: statistics.stdev(numbers(a)),
    "STDEVP": lambda *a: statistics.pstdev(numbers(a)),
    "VAR": lambda *a: statistics.variance(numbers(a)),
    "VARP": lambda *a: statistics.pvariance(numbers(a)),
    "QUARTILE": lambda a, q: quantile(a, q / 4),
    "PERCENTILE": lambda a, p: quantile(a, p),
    "CORREL": lambda a, b: statistics.correlation(*pairs(a, b)),
    "SLOPE": lambda y, x: statistics.linear_regression(*pairs(x, y))[0],
    "INTERCEPT": lambda y, x: statistics.linear_regression(*pairs(x, y))[1],
    "COUNTIFS": lambda *a: len(list(chosen(a[0], a))),
    "SUMIFS": lambda v, *a: math.fsum(numbers([Range(chosen(v, a))])),
    "AVERAGEIFS": lambda v, *a: statistics.fmean(numbers([Range(chosen(v, a))])),
    "INDEX": lambda v, at: v[int(at) - 1],
    "MATCH": lambda key, keys, _: 1 + [k.lower() if isinstance(k, str) else k for k in keys].index(
        key.lower() if isinstance(key, str) else key
    ),
    "ABS": lambda x: Range(abs(as_number(v)) for v in x) if isinstance(x, Range) else abs(as_number(x)),
    "SQRT": lambda x: math.sqrt(as_number(x)),
    "EXP": lambda x: math.exp(as_number(x)),
    "LN": lambda x: math.log(as_number(x)),
    "LOG10": lambda x: math.log10(as_number(x)),
    "LOG": lambda x, b=10.0: math.log(as_number(x)) / math.log(b),
    "SIN": lambda x: math.sin(as_number(x)),
    "COS": lambda x: math.cos(as_number(x)),
    "ASIN": lambda x: math.asin(as_number(x)),
    "ACOS": lambda x: math.acos(as_number(x)),
    "SIGN": lambda x: (as_number(x) > 0) - (as_number(x) < 0),
    "ATAN2": lambda x, y: math.atan2(as_number(y), as_number(x)),
    "PI": lambda: math.pi,
    "POWER": lambda x, y: as_number(x) ** as_number(y),
    "ROUND": lambda x, d: math.copysign(math.floor(abs(as_number(x)) * 10**d + 0.5) / 10**d, as_number(x)),
    "INT": lambda x: math.floor(as_number(x)),
    "TRUNC": lambda x: math.trunc(as_number(x)),
    "QUOTIENT": lambda x, y: math.trunc(as_number(x) / as_number(y)),
    "MOD": lambda x, y: as_number(x) % as_number(y),
    "FACT": lambda x: math.factorial(int(x)),
    "COMBIN": lambda n, k: math.comb(int(n), int(k)),
    "AND": lambda *a: all(a),
    "OR": lambda *a: any(a),
    "NOT": lambda a: not a,
    "ROW": None,  # of the formula's own cell
    "IF": None,  # evaluates one of two
    "DATEDIF": completed,
    "BINOMDIST": binomial,
    "POISSON": lambda k, m, _: math.exp(-m) * m**k / math.factorial(int(k)),
    "CHIDIST": lambda x, v: chi_squared_above(as_number(x), int(v)),
    "LEGACY.CHIDIST": lambda x, v: chi_squared_above(as_number(x), int(v)),
    "CHIINV": lambda p, v: reached(lambda x: chi_squared_above(x, int(v)), as_number(p)),
    "LEGACY.CHIINV": lambda p, v: reached(lambda x: chi_squared_above(x, int(v)), as_number(p)),
    "NORMDIST": lambda x, m, s, c: statistics.NormalDist(m, s).cdf(x) if c else statistics.NormalDist(m, s).pdf(x),
    "DAYS": lambda a, b: as_number(a) - as_number(b),
    "DATE": lambda y, m, d: datetime.datetime(int(y), int(m), int(d)),
    "YEAR": lambda d: d.year,
    "MONTH": lambda d: d.month,
    "DAY": lambda d: d.day,
    "CONCATENATE": lambda *a: "".join(map(str, a)),
    "LEN": len,
    "UPPER": str.upper,
    "LOWER": str.lower,
    "SUMSQ": lambda *a: math.fsum(x * x for x in numbers(a)),
    "SUMPRODUCT": lambda *a: math.fsum(math.prod(map(as_number, row)) for row in zip(*a)),
    "DEVSQ": lambda a: (lambda v: math.fsum((x - statistics.fmean(v)) ** 2 for x in v))(list(numbers([a]))),
    "AVEDEV": lambda a: (lambda v: statistics.fmean(abs(x - statistics.fmean(v)) for x in v))(list(numbers([a]))),
    "GEOMEAN": lambda *a: statistics.geometric_mean(numbers(a)),
}


class Evaluator:
    """One formula: signs bind before powers, powers to the left."""

    def __init__(self, book, sheet, place, formula):
        self.book, self.sheet, self.place = book, sheet, place
        self.tokens = []
        at = 0
        while at < len(formula):
            match = TOKEN.match(formula, at)
            if not match:
                raise ValueError(f"{formula!r} cannot be read from {formula[at:at + 10]!r} on")
            self.tokens.append((match.lastgroup, match[match.lastgroup]))
            at = match.end()
        self.at = 0

    def run(self):
        out = self.compare()
        if self.at != len(self.tokens):
            raise ValueError("something is left over")
        return out

    def peek(self, *signs):
        if self.at < len(self.tokens) and self.tokens[self.at][0] == "sign" and self.tokens[self.at][1] in signs:
            self.at += 1
            return self.tokens[self.at - 1][1]
        return None

    def compare(self):
        left = self.join()
        while sign := self.peek("=", "<>", "<", "<=", ">", ">="):
            right = self.join()
            if left is None:
                left = "" if isinstance(right, str) else 0.0
            if right is None:
                right = "" if isinstance(left, str) else 0.0
            left = day_number(left) if isinstance(left, datetime.datetime) else left
            right = day_number(right) if isinstance(right, datetime.datetime) else right
            if isinstance(left, str) and isinstance(right, str):
                left, right = left.lower(), right.lower()
            elif isinstance(left, str) or isinstance(right, str):
                left, right = (1, 0) if isinstance(left, str) else (0, 1)  # a text is more than any number
            left = {
                "=": left == right,
                "<>": left != right,
                "<": left < right,
                "<=": left <= right,
                ">": left > right,
                ">=": left >= right,
            }[sign]
        return left

    def join(self):
        left = self.add()
        while self.peek("&"):
            left, right = self.shown(left), self.shown(self.add())
            left += right
        return left

    @staticmethod
    def shown(value):
        if value is None:
            return ""
        return repr(value).removesuffix(".0") if isinstance(value, float) else str(value)

    def add(self):
        left = self.multiply()
        while sign := self.peek("+", "-"):
            right = as_number(self.multiply())
            left = as_number(left) + right if sign == "+" else as_number(left) - right
        return left

    def multiply(self):
        left = self.power()
        while sign := self.peek("*", "/"):
            right = as_number(self.power())
            left = as_number(left) * right if sign == "*" else as_number(left) / right
        return left

    def power(self):
        left = self.signed()
        while self.peek("^"):
            left = as_number(left) ** as_number(self.signed())
        return left

    def signed(self):
        if self.peek("-"):
            return -as_number(self.signed())
        out = self.operand()
        while self.peek("%"):
            out = as_number(out) / 100
        return out

    def operand(self):
        kind, text = self.tokens[self.at]
        self.at += 1
        if kind == "number":
            return float(text)
        if kind == "text":
            return text[1:-1].replace('""', '"')
        if kind == "place":
            return self.look_at(text)
        if kind == "word":
            if text in ("TRUE", "FALSE"):
                return text == "TRUE"
            return self.call(text)
        if text == "(":
            out = self.compare()
            assert self.peek(")")
            return out
        raise ValueError(f"unexpected {text!r}")

    def look_at(self, text):
        sheet, _, cells = text.rpartition("!")
        table = self.book[sheet.strip("'") if sheet else self.sheet]
        corners = [re.fullmatch(r"\$?([A-Z]+)\$?(\d+)", one) for one in cells.split(":")]
        corners = [(int(one[2]) - 1, number_of(one[1])) for one in corners]
        if len(corners) == 1:
            return table.get(corners[0], (None, None))[0]
        (top, left), (bottom, right) = corners
        return Range(
            table.get((row, column), (None, None))[0]
            for row in range(top, bottom + 1)
            for column in range(left, right + 1)
        )

    def call(self, name):
        assert self.peek("(")
        if name == "IF":
            condition = self.compare()
            assert self.peek(",")
            then = self.branch(condition)
            assert self.peek(",")
            otherwise = self.branch(not condition)
            assert self.peek(")")
            return then if condition else otherwise
        arguments = []
        if not self.peek(")"):
            arguments.append(self.compare())
            while self.peek(","):
                arguments.append(self.compare())
            assert self.peek(")")
        if name == "ROW":
            return float(self.place[0] + 1)
        if name == "COLUMN":
            return float(self.place[1] + 1)
        return FUNCTIONS[name](*arguments)

    def branch(self, taken):
        """What is not taken is only passed over: it may be at fault."""
        if taken:
            return self.compare()
        depth = 0
        while depth > 0 or self.tokens[self.at] not in (("sign", ","), ("sign", ")")):
            depth += {("sign", "("): 1, ("sign", ")"): -1}.get(self.tokens[self.at], 0)
            self.at += 1
        return None


def same(ours, theirs):
    if ours in (None, "") or theirs in (None, ""):
        return ours in (None, "") and theirs in (None, "")
    if isinstance(ours, str) or isinstance(theirs, str):
        return ours == theirs
    a, b = as_number(ours), as_number(theirs)
    return abs(a - b) <= 1e-9 * max(abs(a), abs(b)) or abs(a - b) < 1e-11


def main():
    wrong = 0
    for path in sys.argv[1:]:
        book = read_xlsx(path) if path.endswith(".xlsx") else read_ods(path)
        compared = 0
        for sheet, cells in book.items():
            for place, (value, formula) in cells.items():
                if formula is None:
                    continue
                compared += 1
                try:
                    theirs = Evaluator(book, sheet, place, formula).run()
                except Exception as error:  # whatever it is, it is told with its place
                    theirs = error
                at_fault = (ValueError, ZeroDivisionError, OverflowError, statistics.StatisticsError)
                if value in (None, "") and isinstance(theirs, at_fault):
                    continue
                if isinstance(theirs, Exception) or not same(value, theirs):
                    wrong += 1
                    print(f"{path} {sheet} {place}: ={formula} is {theirs!r}, not {value!r}", file=sys.stderr)
        print("compared", compared)
    sys.exit(1 if wrong else 0)


main()
