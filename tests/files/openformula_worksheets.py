#!/usr/bin/python3
"""Writes worksheets as people leave them, in both formats, by libraries that share no code with Ledgefall: XlsxWriter and
odfpy. Each is made once as cells (value, formula, number format), so that both files say the same. Values are worked out
here in Python.

    openformula_worksheets.py FOLDER
"""

import datetime
import itertools
import math
import re
import statistics
import sys

import xlsxwriter
from odf.namespaces import TABLENS
from odf.number import Number, NumberStyle, PercentageStyle
from odf.opendocument import OpenDocumentSpreadsheet
from odf.style import Style
from odf.table import NamedExpressions, NamedRange, Table, TableCell, TableRow
from odf.text import P


def letters(column):
    out = ""
    column += 1
    while column:
        column, rest = divmod(column - 1, 26)
        out = chr(65 + rest) + out
    return out


class Sheet:
    def __init__(self, name="Sheet1"):
        self.name = name
        self.cells = {}  # (row, column) -> (value, formula, format)
        self.blocks = {}  # (row, column) -> (rows, formula)

    def put(self, place, value, formula=None, number_format=None):
        match = re.fullmatch(r"([A-Z]+)(\d+)", place)
        column = 0
        for letter in match[1]:
            column = column * 26 + ord(letter) - 64
        self.cells[int(match[2]) - 1, column - 1] = (value, formula, number_format)

    def row(self, at, *values):
        for column, value in enumerate(values):
            if value is not None:
                self.put(letters(column) + str(at), value)

    def block(self, place, values, formula):
        """One formula for a block of cells under each other."""
        match = re.fullmatch(r"([A-Z]+)(\d+)", place)
        for at, value in enumerate(values):
            self.put(f"{match[1]}{int(match[2]) + at}", value)
        self.blocks[int(match[2]) - 1, ord(match[1]) - 65] = (len(values), formula)

    def value(self, place):
        match = re.fullmatch(r"([A-Z]+)(\d+)", place)
        return self.cells[int(match[2]) - 1, ord(match[1]) - 65][0]


def open_formula(formula):
    """A formula as OpenFormula has it: places in brackets, semicolons between arguments."""
    parts = re.split(r'("[^"]*")', formula)
    reference = re.compile(r"(?:(\w+)!)?(\$?[A-Z]{1,3}\$?\d+)(?::(\$?[A-Z]{1,3}\$?\d+))?(?![\w(])")

    def bracketed(match):
        sheet = "$" + match[1] if match[1] else ""
        end = ":." + match[3] if match[3] else ""
        return f"[{sheet}.{match[2]}{end}]"

    return "of:=" + "".join(
        part if part.startswith('"') else reference.sub(bracketed, part).replace(",", ";") for part in parts
    )


def write_xlsx(path, sheets, names):
    book = xlsxwriter.Workbook(path)
    formats = {}
    for sheet in sheets:
        out = book.add_worksheet(sheet.name)
        for (row, column), (value, formula, code) in sheet.cells.items():
            if isinstance(value, datetime.date) and code is None:
                code = "yyyy-mm-dd"
            style = formats.setdefault(code, book.add_format({"num_format": code})) if code else None
            if (row, column) in sheet.blocks:
                rows, formula = sheet.blocks[row, column]
                out.write_array_formula(row, column, row + rows - 1, column, "{=" + formula + "}", style, value)
            elif formula:
                shown = value.toordinal() - 693594 if isinstance(value, datetime.date) else value
                out.write_formula(row, column, "=" + formula, style, "" if shown is None else shown)
            elif isinstance(value, datetime.date):
                out.write_datetime(row, column, datetime.datetime(value.year, value.month, value.day), style)
            else:
                out.write(row, column, value, style)
    for name, place in names.items():
        book.define_name(name, "=" + place)
    book.close()


def write_ods(path, sheets, names):
    document = OpenDocumentSpreadsheet()
    styles = {}

    def style_of(code):
        if code not in styles:
            percent = code.endswith("%")
            decimals = len(code.rstrip("%").partition(".")[2])
            number = (PercentageStyle if percent else NumberStyle)(name=f"n{len(styles)}")
            number.addElement(Number(decimalplaces=decimals, minintegerdigits=1))
            document.automaticstyles.addElement(number)
            styles[code] = Style(name=f"c{len(styles)}", family="table-cell", datastylename=number)
            document.automaticstyles.addElement(styles[code])
        return styles[code]

    for sheet in sheets:
        table = Table(name=sheet.name)
        last = 0
        for at in sorted({row for row, _ in sheet.cells}):
            if at > last:
                empty = TableRow(numberrowsrepeated=at - last)
                empty.addElement(TableCell(numbercolumnsrepeated=8))
                table.addElement(empty)
            last = at + 1
            row = TableRow()
            column_before = 0
            for column in sorted(c for r, c in sheet.cells if r == at):
                if column > column_before:
                    row.addElement(TableCell(numbercolumnsrepeated=column - column_before))
                column_before = column + 1
                value, formula, code = sheet.cells[at, column]
                more = {"formula": open_formula(formula)} if formula else {}
                if (at, column) in sheet.blocks:
                    rows, formula = sheet.blocks[at, column]
                    more = {
                        "formula": open_formula(formula),
                        "numbermatrixrowsspanned": rows,
                        "numbermatrixcolumnsspanned": 1,
                    }
                if code and code != "yyyy-mm-dd":
                    more["stylename"] = style_of(code)
                if value is None:
                    cell = TableCell(valuetype="string", **more)
                elif isinstance(value, bool):
                    cell = TableCell(valuetype="boolean", booleanvalue=str(value).lower(), **more)
                elif isinstance(value, (int, float)):
                    cell = TableCell(valuetype="float", value=repr(value), **more)
                elif isinstance(value, datetime.date):
                    cell = TableCell(valuetype="date", datevalue=value.isoformat(), **more)
                else:
                    cell = TableCell(valuetype="string", **more)
                    cell.addElement(P(text=value))
                row.addElement(cell)
            table.addElement(row)
        document.spreadsheet.addElement(table)
    if names:
        expressions = NamedExpressions()
        for name, place in names.items():
            sheet, cell = place.split("!")
            address = "$" + sheet + "." + cell.replace(":", ":.")
            expressions.addElement(NamedRange(name=name, cellrangeaddress=address))
        document.spreadsheet.addElement(expressions)
    document.save(path)


# --- the worksheets ------------------------------------------------------------------------------------------------

GROUPS = ["mayfly", "stonefly", "caddisfly", "midge", "worm", "snail"]
COUNTS = [42, 17, 23, 88, 9, 4]
LENGTHS = [31, 42, 27, 55, 48, 36, 61, 39, 44, 52, 33, 47, 58, 29, 41, 50, 38, 45, 63, 35]


def shares(locked):
    sheet = Sheet("Traps")
    sheet.row(1, "Group", "Count", "Share")
    total = sum(COUNTS)
    for at, (group, count) in enumerate(zip(GROUPS, COUNTS)):
        sheet.row(at + 2, group, count)
        below = "$B$8" if locked else f"B{at + 8}"
        good = locked or at == 0
        sheet.put(f"C{at + 2}", count / total if good else "#DIV/0!", f"B{at + 2}/{below}", "0.0%")
    sheet.put("A8", "Total")
    sheet.put("B8", total, "SUM(B2:B7)")
    return [sheet], {}


def conditions():
    """Counts by class, the condition edited in each row, and one of them mistyped (54 for 55)."""
    sheet = Sheet("Pebbles")
    sheet.row(1, "Length")
    for at, length in enumerate(LENGTHS):
        sheet.put(f"A{at + 2}", length)
    sheet.put("C1", "Class")
    sheet.put("D1", "Count below")
    for at, limit in enumerate([30, 35, 40, 45, 50, 54, 60, 65]):
        sheet.put(f"C{at + 2}", f"class {at + 1}")
        below = sum(1 for length in LENGTHS if length < limit)
        sheet.put(f"D{at + 2}", below, f'COUNTIF($A$2:$A$21,"<{limit}")')
    return [sheet], {}


def deviations():
    sheet = Sheet("Deviations")
    sheet.row(1, "Length (mm)", "Deviation", "Squared")
    mean = statistics.fmean(LENGTHS)
    for at, length in enumerate(LENGTHS):
        row = at + 2
        sheet.put(f"A{row}", length)
        sheet.put(f"B{row}", length - mean, f"A{row}-A$22")
        sheet.put(f"C{row}", (length - mean) ** 2, f"B{row}^2")
    squares = sum((length - mean) ** 2 for length in LENGTHS)
    sheet.put("A22", mean, "AVERAGE(A2:A21)")
    sheet.put("B22", 0.0, "SUM(B2:B21)")
    sheet.put("C22", squares, "SUM(C2:C21)")
    sheet.put("E2", "variance")
    sheet.put("F2", squares / 19, "C22/(COUNT(A2:A21)-1)")
    sheet.put("E3", "standard deviation")
    sheet.put("F3", math.sqrt(squares / 19), "SQRT(F2)")
    return [sheet], {}


def running():
    sheet = Sheet("Catch")
    sheet.row(1, "Day", "Caught", "So far", "Difference")
    total = 0
    for at, count in enumerate(COUNTS):
        row = at + 2
        total += count
        sheet.row(row, at + 1, count)
        sheet.put(f"C{row}", total, f"SUM(B$2:B{row})")
        if at > 0:
            sheet.put(f"D{row}", count - COUNTS[at - 1], f"B{row}-B{row - 1}")
    return [sheet], {}


def growth():
    sheet = Sheet("Seedlings")
    sheet.row(1, "rate", 0.06)
    sheet.row(3, "Year", "Seedlings")
    value = 100.0
    for at in range(10):
        row = at + 4
        sheet.put(f"A{row}", 2020 + at)
        if at == 0:
            sheet.put(f"B{row}", 100)
        else:
            value = value * (1 + 0.06)
            sheet.put(f"B{row}", value, f"B{row - 1}*(1+$B$1)")
    return [sheet], {}


def motion():
    sheet = Sheet("Puck")
    sheet.row(1, "k", 8)
    sheet.row(2, "dt", 0.05)
    sheet.row(3, "start speed", 2)
    sheet.row(5, "t", "x", "v")
    x, v = 0.0, 2.0
    for at in range(30):
        row = at + 6
        if at == 0:
            sheet.put(f"A{row}", 0)
            sheet.put(f"B{row}", 0)
            sheet.put(f"C{row}", 2, "$B$3")
        else:
            v_before = v
            v = v - 8 * x * 0.05
            x = x + v_before * 0.05
            sheet.put(f"A{row}", sheet.value(f"A{row - 1}") + 0.05, f"A{row - 1}+$B$2")
            sheet.put(f"B{row}", x, f"B{row - 1}+C{row - 1}*$B$2")
            sheet.put(f"C{row}", v, f"C{row - 1}-$B$1*B{row - 1}*$B$2")
    return [sheet], {}


def quartiles():
    """The lock in front of the row in one bound, of the column in the other: all the same down one column."""
    sheet = Sheet("Quartiles")
    sheet.row(1, "Riffle", "Pool", "Weir")
    columns = [LENGTHS, [length + 4 for length in LENGTHS], [2 * length for length in LENGTHS]]
    for at in range(len(LENGTHS)):
        sheet.row(at + 2, *(column[at] for column in columns))
    for quarter in (1, 2, 3):
        row = 23 + quarter
        for column, values in enumerate(columns):
            place = letters(column)
            cut = statistics.quantiles(values, n=4, method="inclusive")[quarter - 1]
            sheet.put(f"{place}{row}", cut, f"QUARTILE({place}$2:{place}$21,{quarter})")
    return [sheet], {}


def grid():
    sheet = Sheet("Growth")
    sheet.put("A1", "start")
    sheet.put("B1", 50)
    years = [1, 2, 5, 10]
    rates = [0.03, 0.04, 0.05]
    for column, year in enumerate(years):
        sheet.put(letters(column + 1) + "3", year)
    for at, rate in enumerate(rates):
        row = at + 4
        sheet.put(f"A{row}", rate, None, "0%")
        for column, year in enumerate(years):
            place = letters(column + 1)
            sheet.put(f"{place}{row}", 50 * (1 + rate) ** year, f"$B$1*(1+$A{row})^{place}$3")
    return [sheet], {}


def dates():
    sheet = Sheet("Samples")
    sheet.row(1, "Collected", "Analysed", "Years", "Months", "Days", "Between")
    pairs = [
        (datetime.date(2021, 5, 12), datetime.date(2024, 5, 11), 2, 35),
        (datetime.date(2020, 2, 29), datetime.date(2023, 3, 1), 3, 36),
        (datetime.date(2022, 1, 31), datetime.date(2022, 12, 31), 0, 11),
        (datetime.date(2023, 7, 4), datetime.date(2025, 7, 4), 2, 24),
    ]
    for at, (collected, analysed, years, months) in enumerate(pairs):
        row = at + 2
        sheet.put(f"A{row}", collected)
        sheet.put(f"B{row}", analysed)
        days = (analysed - collected).days
        sheet.put(f"C{row}", years, f'DATEDIF(A{row},B{row},"y")')
        sheet.put(f"D{row}", months, f'DATEDIF(A{row},B{row},"m")')
        sheet.put(f"E{row}", days, f'DATEDIF(A{row},B{row},"d")')
        sheet.put(f"F{row}", days, f"B{row}-A{row}")
    return [sheet], {}


def totals():
    """Counts by group and site with totals both ways, and each group's share of all."""
    sheet = Sheet("Invertebrates")
    sheet.put("A1", "Invertebrates by site")
    sheet.row(2, "Group", "Riffle", "Pool", "Weir", "All", "Share")
    rows = [[12, 5, 8], [7, 0, 3], [15, 4, 9], [22, 31, 18]]
    grand = sum(map(sum, rows))
    for at, counts in enumerate(rows):
        row = at + 3
        sheet.row(row, GROUPS[at], *counts)
        sheet.put(f"E{row}", sum(counts), f"SUM(B{row}:D{row})")
        sheet.put(f"F{row}", sum(counts) / grand, f"E{row}/$E$7", "0.0%")
    sheet.put("A7", "Total")
    for column in range(4):
        place = letters(column + 1)
        value = grand if column == 3 else sum(row[column] for row in rows)
        sheet.put(f"{place}7", value, f"SUM({place}3:{place}6)")
    return [sheet], {}


def names():
    sheet = Sheet("Flask")
    sheet.row(1, "air temperature", 18.5)
    sheet.row(2, "cooling constant", 0.04)
    sheet.row(4, "Minute", "Temperature")
    for at in range(6):
        row = at + 5
        sheet.put(f"A{row}", 5 * at)
        sheet.put(f"B{row}", 18.5 + 61.5 * math.exp(-0.04 * 5 * at), f"T_air+61.5*EXP(-k*A{row})")
    return [sheet], {"T_air": "Flask!$B$1", "k": "Flask!$B$2"}


def two_tables():
    sheet = Sheet("Both")
    sheet.put("A1", "Riffle")
    sheet.row(2, "Trial", "Drift time", "Speed")
    sheet.put("A9", "Pool")
    sheet.row(10, "Trial", "Drift time", "Speed")
    for begin, times in ((3, [12.5, 11.75, 13.25, 12.0]), (11, [31.5, 29.25, 30.0])):
        for at, time in enumerate(times):
            row = begin + at
            sheet.row(row, at + 1, time)
            sheet.put(f"C{row}", 10 / time, f"10/B{row}")
    return [sheet], {}


def slips():
    """One row with another formula, one with a number typed over it, a range that leaves out the last rows."""
    sheet = Sheet("Slips")
    sheet.row(1, "Width", "Depth", "Area")
    pairs = [(2.0, 0.5), (3.5, 0.4), (2.25, 0.8), (4.0, 0.75), (3.0, 0.6), (2.5, 0.9), (1.5, 0.35), (2.0, 0.7)]
    for at, (width, depth) in enumerate(pairs):
        row = at + 2
        sheet.row(row, width, depth)
        if at == 3:
            sheet.put(f"C{row}", width + depth, f"A{row}+B{row}")
        elif at == 5:
            sheet.put(f"C{row}", 2.2)
        else:
            sheet.put(f"C{row}", width * depth, f"A{row}*B{row}")
    sheet.put("A11", "mean width")
    sheet.put("B11", statistics.fmean([width for width, _ in pairs[:6]]), "AVERAGE(A2:A7)")
    return [sheet], {}


def laid_across():
    sheet = Sheet("Months")
    sheet.row(1, "Month", 1, 2, 3, 4, 5, 6)
    sheet.row(2, "Rain", 82, 64, 71, 55, 48, 60)
    sheet.put("A3", "So far")
    sheet.put("A4", "In inches")
    so_far = 0
    for column, rain in enumerate([82, 64, 71, 55, 48, 60]):
        place = letters(column + 1)
        so_far += rain
        sheet.put(f"{place}3", so_far, f"SUM($B2:{place}2)")
        sheet.put(f"{place}4", rain / 25.4, f"{place}2/25.4")
    return [sheet], {}


def functions():
    """Every kind of argument that is said in a way of its own."""
    data = Sheet("Data")
    data.row(1, "Site", "Size", "Weight")
    sites = ["riffle", "pool", "riffle", "weir", "pool", "riffle", "weir", "pool"]
    sizes = [3.5, 4.25, 2.0, 6.5, 5.75, 3.0, 7.25, 4.0]
    weights = [1.25, 1.5, 0.75, 2.5, 2.25, 1.0, 3.0, 1.75]
    for at in range(8):
        data.row(at + 2, sites[at], sizes[at], weights[at])
    sheet = Sheet("Results")
    sheet.row(1, "Site", "Count", "Size", "Mean size", "Large", "Kind", "Squared", "Per other")
    for at, site in enumerate(["riffle", "pool", "weir"]):
        row = at + 2
        own = [size for one, size in zip(sites, sizes) if one == site]
        sheet.put(f"A{row}", site)
        sheet.put(f"B{row}", len(own), f"COUNTIF(Data!$A$2:$A$9,A{row})")
        sheet.put(f"C{row}", sum(own), f"SUMIF(Data!$A$2:$A$9,A{row},Data!$B$2:$B$9)")
        sheet.put(f"D{row}", statistics.fmean(own), f"AVERAGEIF(Data!$A$2:$A$9,A{row},Data!$B$2:$B$9)")
        large = sum(1 for size in own if size >= 4)
        sheet.put(f"E{row}", large, f'COUNTIFS(Data!$A$2:$A$9,A{row},Data!$B$2:$B$9,">=4")')
        sheet.put(f"F{row}", "many" if len(own) > 2 else "few", f'IF(B{row}>2,"many","few")')
        sheet.put(f"G{row}", len(own) ** 2, f"-B{row}^2")
        far = sum(own) / (len(own) - 2) if len(own) != 2 else None
        sheet.put(f"H{row}", far, f'IFERROR(C{row}/(B{row}-2),"")')
    single = Sheet("Single")
    n = len(sizes)
    mean = statistics.fmean(sizes)
    m2 = sum((x - mean) ** 2 for x in sizes) / n
    m3 = sum((x - mean) ** 3 for x in sizes) / n
    m4 = sum((x - mean) ** 4 for x in sizes) / n
    mean_w = statistics.fmean(weights)
    slope = sum((x - mean) * (w - mean_w) for x, w in zip(sizes, weights)) / (n * m2)
    g2 = m4 / m2**2 - 3
    for at, (label, formula, value) in enumerate(
        [
            ("skew", "SKEW(Data!B2:B9)", m3 / m2**1.5 * math.sqrt(n * (n - 1)) / (n - 2)),
            ("kurt", "KURT(Data!B2:B9)", (n - 1) / ((n - 2) * (n - 3)) * ((n + 1) * g2 + 6)),
            ("slope", "SLOPE(Data!C2:C9,Data!B2:B9)", slope),
            ("tenth", "PERCENTILE(Data!B2:B9,0.1)", sorted(sizes)[0] + 0.7 * (sorted(sizes)[1] - sorted(sizes)[0])),
            ("product of both", "SUMPRODUCT(Data!B2:B9,Data!C2:C9)", sum(x * w for x, w in zip(sizes, weights))),
            ("squares", "SUMSQ(Data!B2:B9)", sum(x * x for x in sizes)),
            ("mean deviation", "AVEDEV(Data!B2:B9)", statistics.fmean([abs(x - mean) for x in sizes])),
            ("six of ten", "BINOMDIST(6,10,0.4,FALSE)", math.comb(10, 6) * 0.4**6 * 0.6**4),
            ("payment", "PMT(0.01,24,1000)", -1000 * 0.01 / (1 - 1.01**-24)),
            ("angle", "DEGREES(ATAN2(3,4))", math.degrees(math.atan2(4, 3))),
            ("log", "LOG(1000)", 3.0),
            ("signs", "-2^2+7%", 4.07),
            ("towers", "2^3^2", 64),
            ("joined", '"site "&Data!A2', "site riffle"),
            ("cut off", "ROUNDDOWN(Data!B3,1)", 4.2),
            ("to wholes", "ROUNDUP(-Data!B2,0)", -4),
            ("whole times", "QUOTIENT(Data!B5,2)", 3),
            ("from the line", "FORECAST(10,Data!C2:C9,Data!B2:B9)", mean_w + slope * (10 - mean)),
            ("graded", 'IFS(Data!B2<3,"small",Data!B2<6,"middle",TRUE,"large")', "middle"),
        ]
    ):
        single.put(f"A{at + 1}", label)
        single.put(f"B{at + 1}", value, formula)
    return [data, sheet, single], {}


def beside():
    """Two blocks of one table, an empty column between them, and blanks for a net without tries."""
    sheet = Sheet("Nets")
    sheet.row(1, "Net", "Catch", "Tries")
    sheet.put("E1", "Rate")
    sheet.put("F1", "Rounded")
    for at, (catch, tries) in enumerate([(12, 4), (9, None), (7, 2), (15, 5)]):
        row = at + 2
        sheet.row(row, f"net {at + 1}", catch, tries)
        sheet.put(f"E{row}", catch / tries if tries else None, f'IF(C{row}="","",B{row}/C{row})')
        sheet.put(f"F{row}", round(catch / tries, 2) if tries else None, f'IF(E{row}="","",ROUND(E{row},2))')
    sheet.put("A7", "Sum")
    sheet.put("B7", 43, "SUM(B2:B5)")
    sheet.put("A8", "Mean")
    sheet.put("E8", statistics.fmean([12 / 4, 7 / 2, 15 / 5]), "AVERAGE(E2:E5)")
    return [sheet], {}


def marks():
    """The most possible stands in a cell, and is written into the formula all the same."""
    sheet = Sheet("Marks")
    sheet.put("A1", "Marks of the course")
    sheet.row(3, "most possible", 40)
    sheet.row(5, "Student", "Marks", "Percent", "Passed")
    for at, mark in enumerate([31, 22, 39, 18, 27]):
        row = at + 6
        sheet.row(row, f"S{at + 1}", mark)
        sheet.put(f"C{row}", mark / 40 * 100, f"B{row}/40*100")
        sheet.put(f"D{row}", mark >= 20, f"B{row}>=$B$3/2")
    sheet.put("A11", "Average")
    sheet.put("B11", 27.4, "AVERAGE(B6:B10)")
    sheet.put("C11", 68.5, "AVERAGE(C6:C10)")
    return [sheet], {}


def binomial():
    sheet = Sheet("Binomial")
    sheet.row(1, "n", 12)
    sheet.row(2, "p", 0.35)
    sheet.put("A3", "q")
    sheet.put("B3", 0.65, "1-B2")
    sheet.row(5, "k", "P(k)", "P(<=k)")
    total = 0
    for k in range(13):
        row = k + 6
        chance = math.comb(12, k) * 0.35**k * 0.65 ** (12 - k)
        total += chance
        sheet.put(f"A{row}", k)
        sheet.put(f"B{row}", chance, f"COMBIN($B$1,A{row})*$B$2^A{row}*$B$3^($B$1-A{row})")
        sheet.put(f"C{row}", total, f"SUM($B$6:B{row})")
    sheet.put("E5", "mean")
    sheet.put("F5", 4.2, "B1*B2")
    sheet.put("E6", "sd")
    sheet.put("F6", math.sqrt(12 * 0.35 * 0.65), "SQRT(B1*B2*B3)")
    return [sheet], {}


def diversity():
    sheet = Sheet("Diversity")
    sheet.row(1, "Species", "n", "p", "p ln p", "n(n-1)")
    total = sum(COUNTS)
    for at, (group, n) in enumerate(zip(GROUPS, COUNTS)):
        row = at + 2
        sheet.row(row, group, n)
        sheet.put(f"C{row}", n / total, f"B{row}/B$8")
        sheet.put(f"D{row}", n / total * math.log(n / total), f"C{row}*LN(C{row})")
        sheet.put(f"E{row}", n * (n - 1), f"B{row}*(B{row}-1)")
    shannon = -sum(n / total * math.log(n / total) for n in COUNTS)
    pairs = sum(n * (n - 1) for n in COUNTS)
    sheet.put("A8", "Sums")
    sheet.put("B8", total, "SUM(B2:B7)")
    sheet.put("D8", -shannon, "SUM(D2:D7)")
    sheet.put("E8", pairs, "SUM(E2:E7)")
    sheet.put("A10", "Shannon")
    sheet.put("B10", shannon, "-D8")
    sheet.put("A11", "Evenness")
    sheet.put("B11", shannon / math.log(6), "B10/LN(COUNT(B2:B7))")
    return [sheet], {}


def classes():
    """Classes whose limits follow from the one before, counted by two conditions."""
    sheet = Sheet("Classes")
    sheet.put("A1", "Length")
    for at, length in enumerate(LENGTHS):
        sheet.put(f"A{at + 2}", length)
    for place, heading in zip("CDEFG", ["from", "to", "mid", "f", "share"]):
        sheet.put(f"{place}1", heading)
    for at, low in enumerate(range(25, 65, 5)):
        row = at + 2
        count = sum(low <= length < low + 5 for length in LENGTHS)
        sheet.put(f"C{row}", low, f"D{row - 1}" if at > 0 else None)
        sheet.put(f"D{row}", low + 5, f"C{row}+5")
        sheet.put(f"E{row}", low + 2.5, f"(C{row}+D{row})/2")
        sheet.put(f"F{row}", count, f'COUNTIFS($A$2:$A$21,">="&C{row},$A$2:$A$21,"<"&D{row})')
        sheet.put(f"G{row}", count / 20, f"F{row}/F$10")
    sheet.put("F10", 20, "SUM(F2:F9)")
    return [sheet], {}


def limits(sign, running, as_text, by_cell, mistyped, placed_below):
    """Classes by one condition a row: what is below a limit, alone or less the sum of what is above it."""
    sheet = Sheet("Seeds")
    sheet.row(1, "Length", "Mass")
    for at, length in enumerate(LENGTHS):
        sheet.row(at + 2, length, length * 2)
    first, column, counts = (24, "A", "B") if placed_below else (2, "D", "E")
    if not placed_below:
        sheet.put("D1", "Limit")
        sheet.put("E1", "Count")
    above = 0
    for at, limit in enumerate(range(30, 66, 5)):
        row = first + at
        counted = limit + 1 if at == mistyped else limit
        sheet.put(f"{column}{row}", str(limit) if as_text else limit)
        condition = f'"{sign}"&{column}{row}' if by_cell and at != mistyped else f'"{sign}{counted}"'
        formula = f"COUNTIF(A$2:A$21,{condition})" if placed_below else f"COUNTIF($A$2:$A$21,{condition})"
        count = sum(length < counted if sign == "<" else length <= counted for length in LENGTHS)
        if not running and at > 0:
            formula += f"-SUM({counts}${first}:{counts}{row - 1})"
            count, above = count - above, count
        else:
            above = count
        sheet.put(f"{counts}{row}", count, formula)
    return [sheet], {}


def blocks():
    """Formulas for blocks of cells, products with conditions, nearest and k-th values, signs for any text."""
    data = Sheet("Data")
    data.row(1, "Site", "Size", "Mass", "Ratio", "Share")
    sites = ["riffle", "pool", "riffle", "weir", "pool", "riffle", "weir", "pool"]
    sizes = [3.5, 4.25, 2.0, 6.5, 5.75, 3.0, 7.25, 4.0]
    masses = [1.25, 1.5, 0.75, 2.5, 2.25, 1.0, 3.0, 1.75]
    for at in range(8):
        data.row(at + 2, sites[at], sizes[at], masses[at])
    data.block("D2", [m / s for s, m in zip(sizes, masses)], "C2:C9/B2:B9")
    data.block("E2", [s / math.fsum(sizes) for s in sizes], "B2:B9/SUM(B2:B9)")
    classes = Sheet("Classes")
    classes.row(1, "Up to", "Count")
    limits = [2, 4, 6, 8]
    for at, limit in enumerate(limits):
        classes.row(at + 2, limit)
    counts = [sum(1 for s in sizes if (s <= limit) and (at == 0 or s > limits[at - 1])) for at, limit in enumerate(limits)]
    classes.block("B2", counts, "FREQUENCY(Data!$B$2:$B$9,A2:A5)")
    charges = Sheet("Charges")
    charges.row(1, "From", "Charge")
    for at, (least, charge) in enumerate([(0, 2.5), (3, 4.0), (5, 6.5), (7, 9.0)]):
        charges.row(at + 2, least, charge)
    out = Sheet("Looked up")
    answers = [
        ("nearest in a block", 4.0, "VLOOKUP(4.9,Charges!$A$2:$B$5,2)"),
        ("nearest in a column", 6.5, "LOOKUP(5,Charges!$A$2:$A$5,Charges!$B$2:$B$5)"),
        ("nearest by place", 9.0, "INDEX(Charges!$B$2:$B$5,MATCH(100,Charges!$A$2:$A$5,1))"),
        ("second largest", sorted(sizes)[-2], "LARGE(Data!$B$2:$B$9,2)"),
        ("third smallest", sorted(sizes)[2], "SMALL(Data!$B$2:$B$9,3)"),
        ("sum by a product", 4.25 + 5.75 + 4.0, 'SUMPRODUCT((Data!$A$2:$A$9="pool")*Data!$B$2:$B$9)'),
        ("count by a product", 2, 'SUMPRODUCT(--(Data!$A$2:$A$9="pool"),--(Data!$B$2:$B$9>4))'),
        ("begins so", 3, 'COUNTIF(Data!$A$2:$A$9,"po*")'),
        ("has it", 5, 'COUNTIF(Data!$A$2:$A$9,"*r*")'),
        ("does not end so", 3, 'COUNTIF(Data!$A$2:$A$9,"<>*e*")'),
        ("over two columns", 5, 'COUNTIF(Data!$B$2:$C$9,">=4")'),
        ("largest of some", 5.75, 'MAXIFS(Data!$B$2:$B$9,Data!$A$2:$A$9,"pool")'),
    ]
    for at, (label, value, formula) in enumerate(answers):
        out.put(f"A{at * 2 + 1}", label)
        out.put(f"B{at * 2 + 1}", value, formula)
    return [data, classes, charges, out], {}


def years():
    """Columns headed by numbers, between a label and a total."""
    sheet = Sheet("Years")
    sheet.row(1, "Depth", 2019, 2020, "Both")
    for at, (depth, first, second) in enumerate([(3, 4, 6), (7, 8, 9), (9, 2, 5)]):
        sheet.row(at + 2, depth, first, second)
        sheet.put(f"D{at + 2}", first + second, f"B{at + 2}+C{at + 2}")
    return [sheet], {}


def mixed():
    """Cells that are not of their column's kind, numbers as texts, a fault among formulas, rows of another kind under an
    empty one, a heading of one column alone, series of several kinds, headings of numbers, a foot in two blocks, and
    numbers with labels and a total."""
    dishes = Sheet("Dishes")
    dishes.row(1, "Depth", "Tries", "Size", "Share")
    for at, (depth, tries, size) in enumerate([(12, "3", 4), ("n/a", "4", 5), (15, "2", 8), (14, "6", 10)]):
        dishes.row(at + 2, depth, tries, size)
        dishes.put(f"D{at + 2}", size / 2, f"C{at + 2}/2")
    dishes.put("D4", None, "C4/C9")
    days = Sheet("Days")
    for at in range(3):
        days.row(at + 1, at + 0.5, at * at)
        days.row(at + 5, datetime.date(2024, 5, at + 1), at)
    heads = Sheet("Heads")
    heads.row(1, "Floats by reach")
    heads.row(2, "Reach")
    for at in range(3):
        heads.row(at + 3, at + 1, 10 * at)
    series = Sheet("Series")
    series.put("A1", "Day")
    series.put("A2", "Stage")
    series.put("A3", "Site")
    for at, (letter, site) in enumerate(zip("BCD", ["weir", "pool", "weir"])):
        series.put(f"{letter}1", datetime.date(2024, 5, at + 1))
        series.put(f"{letter}2", 0.5 + at)
        series.put(f"{letter}3", site)
    feet = Sheet("Feet")
    feet.row(1, 2019, 2020, 2021)
    for at, (first, second) in enumerate([(4, 6), (8, 9), (3, 3)]):
        feet.row(at + 2, first, second)
        feet.put(f"C{at + 2}", first + second, f"A{at + 2}+B{at + 2}")
    feet.put("A6", 5, "AVERAGE(A2:A4)")
    feet.put("C6", 11, "AVERAGE(C2:C4)")
    feet.put("C7", 17, "MAX(C2:C4)")
    catch = Sheet("Catch")
    for at, (group, count) in enumerate([("mayfly", 12), ("caddis", 8), ("leech", 5)]):
        catch.row(at + 1, group, count)
    catch.put("A4", "Total")
    catch.put("B4", 25, "SUM(B1:B3)")
    return [dishes, days, heads, series, feet, catch], {}


def write_areas(path):
    """A workbook with a named area that has headings and totals, and formulas that take its parts by name."""
    book = xlsxwriter.Workbook(path)
    sheet = book.add_worksheet("Dishes")
    rows = [("riffle", 3, 12.5), ("pool", 4, 8.0), ("weir", 2, 5.5), ("pool", 6, 9.0)]
    mass = "Mass '[g']"
    columns = [
        {"header": "Site", "total_string": "Total"},
        {"header": "Count", "total_function": "sum", "total_value": 15},
        {"header": "Mass [g]"},
        {"header": "Mean mass"},
    ]
    sheet.add_table("B2:E7", {"name": "Dishes", "total_row": True, "columns": columns, "data": rows})
    for at, (_, count, weight) in enumerate(rows):
        formula = f"=Dishes[[#This Row],[{mass}]]/Dishes[[#This Row],[Count]]"
        sheet.write_formula(2 + at, 4, formula, None, weight / count)
    out = book.add_worksheet("Taken")
    taken = [
        ("all", "SUM(Dishes[Count])", 15),
        ("pools", 'SUMIFS(dishes[count],Dishes[Site],"pool")', 10),
        ("both", f"SUM(Dishes[[Count]:[{mass}]])", 50),
        ("heading", "Dishes[[#Headers],[Site]]", "Site"),
        ("half", "Dishes[[#Totals],[Count]]/2", 7.5),
        ("largest", "MAX(Dishes[[#Data],[Mean mass]])", 12.5 / 3),
        ("nothing", "SUM(Dishes[Depth])", 1),
    ]
    for at, (label, formula, value) in enumerate(taken):
        out.write(2 * at, 0, label)
        out.write_formula(2 * at, 1, "=" + formula, None, value)
    book.close()


WORKSHEETS = {
    "mixed": mixed,
    "years": years,
    "blocks": blocks,
    "beside": beside,
    "marks": marks,
    "binomial": binomial,
    "diversity": diversity,
    "classes": classes,
    "shares": lambda: shares(True),
    "shares_unlocked": lambda: shares(False),
    "conditions": conditions,
    "deviations": deviations,
    "running": running,
    "growth": growth,
    "motion": motion,
    "quartiles": quartiles,
    "grid": grid,
    "dates": dates,
    "totals": totals,
    "names": names,
    "two_tables": two_tables,
    "slips": slips,
    "laid_across": laid_across,
    "functions": functions,
}


def write_limits(folder):
    """All ways of writing them: number by number in the order of the choices."""
    ways = itertools.product(("<", "<="), (False, True), (False, True), (False, True), (None, 3), (False, True))
    for number, way in enumerate(ways):
        sheets, defined = limits(*way)
        write_xlsx(f"{folder}/limits{number}.xlsx", sheets, defined)
        write_ods(f"{folder}/limits{number}.ods", sheets, defined)


def main():
    folder = sys.argv[1]
    write_limits(folder)
    for name, make in WORKSHEETS.items():
        sheets, defined = make()
        write_xlsx(f"{folder}/{name}.xlsx", sheets, defined)
        write_ods(f"{folder}/{name}.ods", sheets, defined)
    write_areas(f"{folder}/areas.xlsx")


main()
