"""Lists the texts of the core that people read, as marks for Qt's lupdate.

The core has no Qt, and so no mark of its own on what is to be translated. A literal of the core counts as a text for
people where it is a sentence or a pattern of one, or stands where a label or an explanation stands; what builders and
unfoldings write into a study (labels, notes, checks) is among them.
"""
import glob
import re

LITERAL = r'"((?:[^"\\\n]|\\.)+)"'
FORMULA = re.compile(r" = |^\(|^[A-Za-z0-9_]+\(|[ΣΠȳ₁²]|√\(|^ln [^t]|^density |^max |^sd |^shannon |\^|^P\(|^\d|\(\d{4}\)$|^of ")
# What formats of files consist of: elements, names of parts and of attributes, number formats, the standards' functions.
MARKUP = re.compile(r'^</|<\\?[\w?/]+[ :>]|^<|\\hline|\w:[\w:-]+$|^[\w\[\]./-]+$|^[A-Z.]+$|\ba_|=\\"$|^yyyy|^[^a-z]*$|/>|^application/|^\}|^urn:')
KINDS = ["a number", "a text", "a date", "a yes or no", "a class", "a distribution", "numbers",
         "a column of this table", "a group of columns", "a held value", "a condition, such as x > 0",
         "a condition, such as sum(share) ≈ 1", "a date such as 2026-05-20", "a list of words",
         "a name of letters, digits and _", "a number, a text, true, false or null", "a whole number from 0 up",
         "a whole number from 1 to 9", "an object in braces", "an object with a column, or with values",
         "an object with title, from and to", "from, a larger to, and a step above 0", "number, text, yes_no or date",
         "numbers or formulas, in quotes", "the ids or names of columns", "the names that a function is taken of",
         "the number of a row", "true or false", "a list of rising numbers", "a number above the one before",
         "a number of rows, up to 20 million, or a list of pairs of a first id and a count", "the number of rows",
         "its beginning"]
NOT_FOR_PEOPLE = {"p ln p, by its limit at 0", "as quantile, of each value as often as it occurs",
                  "within its class evenly", "the quantile of a SplitMix64 number", "Fisher and Snedecor", "ISO 8601",
                  "Spearman's ρ, ties sharing their mean rank", "of the shortest decimal that reads back as x",
                  "3 in interval(2, 4)", "site 3", "p ln p", "2 shared / (S₁ + S₂)", "shared / (shared + only in one)"}


def literals(source):
    source = re.sub(r"//[^\n]*|#include[^\n]*", "", source)
    source = re.sub(r'"\s*\n\s*"', "", source)
    return source, re.findall(LITERAL, source)


def texts():
    found = set()
    for path in sorted(glob.glob("src/core/**/*.*", recursive=True) + glob.glob("src/files/**/*.*", recursive=True)):
        if not path.endswith((".cpp", ".h")):
            continue
        source, all_literals = literals(open(path, encoding="utf-8").read())
        builds = "/builders/" in path or "/unfoldings/" in path
        for text in all_literals:
            if "/files/" in path and MARKUP.search(text):
                continue
            words = len(re.findall(r"[A-Za-z%][A-Za-z0-9']*", text))
            pattern = "%1" in text
            sentence = text[-1] in ".?:" and (text[0].isupper() or words > 4)
            if text[0] in " ,)-∫%\\" and not text.startswith("%1") or text[-1] == " " or "$" in text or "n!" in text[:2]:
                continue
            if pattern and words > 1 or sentence and len(text.split()) > 1:
                found.add(text)
            elif not builds and words > 2 and not FORMULA.search(text):
                found.add(text)
        if "/unfoldings/" in path:
            found.update(label for label in re.findall(r'\{"\w+",\s*"([^"]+)",\s*\{"', source))
            found.update(re.findall(r'UnfoldingStep::Where::\w+,\s*(?:"[^"]*"|\w+),\s*"([^"]+)"\}', source))
            found.update(re.findall(r'spread\("[^"]*",\s*"([^"]+)"', source))
        if "/builders/" in path:
            written = re.findall(r'\{"([^"]+)"[,}]', source)
            found.update(text for text in written if text[0].isupper() or " " in text or text == "sum")
        if path.endswith("summary.cpp"):
            found.update(re.findall(r'\{"\w+",\s*"([^"]+)",\s*"[^"]*\$x', source))
        if path.endswith("workbook_of_study.cpp"):
            found.update(["Held values", "from", "below", "above", "up to"])
        if path.endswith("worksheet_report.cpp"):
            found.update(["Formulas:", "Also:"])
        if path.endswith("class_rows.cpp"):
            found.add("classes")
        found.update(re.findall(r"\.label = " + LITERAL, source))
        if path.endswith("completion.cpp"):
            found.update(re.findall(r'\{"[^"]*",\s*"([^"]+)"\}', source))
    for path in sorted(glob.glob("src/app/**/*.cpp", recursive=True)): # sentences that the window refuses with
        source, _ = literals(open(path, encoding="utf-8").read())
        found.update(re.findall(r"(?:refuse\(\s*\{|Sentence\{\s*)" + LITERAL, source))
    return sorted(found - NOT_FOR_PEOPLE - set(KINDS))


print("// Made by translations/update: the texts of the core, for Qt's lupdate. Nothing includes this file.")
for kind in KINDS:
    print('QT_TRANSLATE_NOOP("Kind", "%s");' % kind)
for text in texts():
    print('QT_TRANSLATE_NOOP("Sentence", "%s");' % text)
