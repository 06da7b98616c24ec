<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1">
<context>
    <name>Ask</name>
    <message>
        <source>Remove %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Studies and worksheets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 already exists. Replace it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is used by %2. Removing it will cause errors there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove anyway</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything that can be read (%1)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Date</name>
    <message>
        <source>d MMM yyyy</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Destinations</name>
    <message>
        <source>the study&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>column %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held value, %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Fault</name>
    <message>
        <source>wrong kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrong arguments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no first value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>later row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>÷ 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too large</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no such row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>several rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unreadable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unknown name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cycle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not a number</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>FormatChoices</name>
    <message>
        <source>Number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only the display changes. To round the value itself, use round(x, 2).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Kind</name>
    <message>
        <source>a number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a column of this table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a group of columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a condition, such as x &gt; 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a condition, such as sum(share) ≈ 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a date such as 2026-05-20</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an object in braces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from, a larger to, and a step above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number, text, yes_no or date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>numbers or formulas, in quotes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the ids or names of columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>true or false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number above the one before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of increasing numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number of rows (at most 20 million), or a list of pairs of first id and count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a yes/no value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number, text, true, false or null</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a name made of letters, digits and _</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the names of a function&apos;s arguments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number from 1 to 11</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number from 0 on</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LedgeList</name>
    <message>
        <source>Ledge as a list</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Open the Marrow Beck field course.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Studies, worksheets or delimited text to open.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Computation tables that show what stays put and what follows the row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Report what happens in the background: recovery, versions, other starts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The paper of the report: a4 or letter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The report&apos;s pages lie on their side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only so many rows from either end of a table; 0: none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The report&apos;s formulas: mathematics, typed or none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers in full, not as they are shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the working of a cell or value, as Pebbles.dev[3].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who has written the report.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the report of a study (.pdf, .html, .odt, .tex) and end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blank columns for what the study&apos;s handout asks.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Places</name>
    <message>
        <source>row %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>row %1, column %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ReportPages</name>
    <message>
        <source>Held values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 continues</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>… %1 rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sources of the methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is asked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Requirements</name>
    <message>
        <source>needs a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs a chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs a column of numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no runs yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select typed values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select a column with a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select two columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>select two or more columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no hidden columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no group heading over this column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows are typed, not counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not for a two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not a two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows are not classes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Runs</name>
    <message>
        <source>The table %1 that it was kept of has gone: what came out can be read here, but not drawn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The study&apos;s formulas have changed since this run was kept.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>%1 cannot be unfolded.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be used on %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be opened (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be read (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not belong here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no numbers to draw.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no value here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a folder, not a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, row %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1[%2] is %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A name is needed here, such as x or mean_length.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number rounded to k significant figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quantile estimated from classes and their counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A value as text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brillouin&apos;s index of a fully counted community.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes and units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma-separated text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Completed days from a to b.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Completed weeks from a to b.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Completed years from a to b.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ledgefall studies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shannon&apos;s index, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s diversity 1 − Σp², of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s dominance, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Student&apos;s t with v degrees of freedom.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tab-separated text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The arithmetic mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The coefficient of variation.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The correlation of two columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cosine of an angle in radians.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The covariance of two columns: divides by n − 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The date of a year, a month and a day.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The day of the month.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The day of the week: 1 is Monday, 7 is Sunday.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The effective number of species of order q.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The error function.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The gamma function.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The geometric mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The harmonic mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The larger of two numbers, row by row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The largest value minus the smallest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The largest value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logarithm to base ten.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logarithm to base two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lower limit of a class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lower quartile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The mean of a distribution.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The month of a date, from 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The natural logarithm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ranges in one measure must be the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ratio of two variances with v1 and v2 degrees of freedom.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sine of an angle in radians; sin(30°) takes degrees.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The slope of the regression line of y on x.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The smaller of two numbers, row by row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The smallest value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The square root.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of a distribution.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of a sample: divides by n − 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of a whole population: divides by n.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard error of the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tangent of an angle in radians.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The upper limit of a class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The upper quartile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of a distribution.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of a sample: divides by n − 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of a whole population: divides by n.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole part, towards zero.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The year of a date.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no column or held value called %1. Did you mean %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no function called %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no function called %1. Did you mean %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no table called %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no table called %1. Did you mean %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This formula calls held functions more than %1 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two held values of the study are called %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two tables are called %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a name first, then = and the formula, as in dev = x - mean(x).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a first value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row in brackets must be a whole number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an open class has no such limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>centimetre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chi-squared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correlation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>degree Celsius</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>degree Fahrenheit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e to the power of a number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first … then …: each row from the row before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given: it was typed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given: it was typed or imported</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gram</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>if … then … else …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kelvin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kilogram</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kilometre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>litre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>milligram</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>millilitre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>millimetre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>minute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>p times the natural logarithm of p, and 0 at 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>regression line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the cell is not %1: correct it, or set the column&apos;s kind to text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the formulas of this column give %1 in some rows and %2 in others</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the months of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the remainder of a division</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the study&apos;s held values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the table of units cannot be read: install libudunits2-data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the value nearest to n·p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the values of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the weekdays of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the years of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these rows are not made from a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this row is not computed yet when it is needed: use earlier rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this row&apos;s number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed over the formula %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Margalef&apos;s richness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Menhinick&apos;s richness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>coefficient of variation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>different values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kurtosis (excess)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>largest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower quartile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>median</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skewness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smallest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation of a sample (n − 1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation of a whole population (n)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard error of the mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper quartile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variance of a sample (n − 1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variance of a whole population (n)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fisher&apos;s α.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (type %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by weekday</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 under %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, foot line %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, summary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, where it stops</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(k − mean)² · P(k)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(x − mean)²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>(y − mean)²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observed − expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P(k)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Product</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proportion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shannon&apos;s index</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s diversity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Squared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tally</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The check %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all individuals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all pooled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>degrees of freedom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every pair is counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every value of %1 is counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every value of %1 is in a class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how often it occurs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>k · P(k)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>n(n − 1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the chart %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the check %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the correlation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the mean from the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the mean from the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the slope</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the standard deviation from the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the value at or above it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the variance from the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x − mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y − mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both are the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables added: %1, removed: %2. Cells changed: %3. Formulas changed: %4. Other changes: %5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The results are still being computed, so nothing was exported. Export again when they are ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These values are still being computed and were not copied. Copy again when they are ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the column to the left, all of its rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the numbers to the left, in this row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its rows are counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of pairs of row ids</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Trials of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>largest %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ratio of changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2 and %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, row %2, column %3: %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A layer&apos;s formula covers all cells of its two-way table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Down: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some pairs are in no cell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number or a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2 by %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2 by %3 there are more than %4 numbers, too many for an axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2 by %3 there are no numbers: the step must lead from the first to the last</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part of χ²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share of all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share of the column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share of the row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these rows are not made from formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The axis %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose two different held values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cells are still being computed, so nothing was entered. Type again when they are ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 keeps its value: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 keeps its values: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 keeps its values: in %2, %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 keeps its values: its rows have different formulas.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 under %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HTML tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has more than %1 different fields.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is JSON, but neither a list of records nor an object of lists.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>JSON records</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as values:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LaTeX tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Markdown tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Office Open XML workbooks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>OpenDocument spreadsheets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The grid %1 is left out: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a bracket is not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list in it is not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a text in it is not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it cannot be written in one formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has a function with more than 255 arguments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has a list of more than 10000 values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has a list of values in braces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has a number that cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has more than %1 signs in a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is longer than %1 characters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it joins more than 500 operands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it picks a row by more than one equality</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to %1, which is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to a column without values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to another file or to several sheets (%1), which are not opened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a cell of a two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a class as a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a group of columns as one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a held function</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a part of a two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a range over several tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a range that is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a whole column as one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a whole row of the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses an axis of a two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses several cells as one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses several columns as one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses several rows as one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses the name %1, which is not defined</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses the range %1 as one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it would be longer than %1 characters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition compares two columns, or none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition is joined from texts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its formula cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the brackets of %1 are not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worksheets have no %1 with a condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worksheets have no function for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formulas:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cells that can be unpacked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it calls a held function whose names mean something else in the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition spans %1 columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More such cells: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More such rows in %1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition leaves out one value, and some rows have none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot follow here: an operator, a closing bracket or the end can.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has more digits than a number can hold. The nearest is %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs %2. %3 is not one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After where comes a condition, such as x &gt; 0, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In a formula a date is written %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something is missing between %1 and %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The condition after where holds for all that %1 is taken of. Write it once, at the end, and join several with and.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number that a text writes, read as in a cell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The values of one measure run over the same rows. Write the range of rows after each column, or after none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This formula is nested more than %1 deep. Divide it between columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Times of %1 that are on another day in Greenwich time, by which they are read: %2 (%3).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number above 0 and at most 0.1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a range of rows has whole numbers as its ends, and one here is not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an end of this axis has no value yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for runs over whole numbers, and an end of this range is not one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in row %1 of those that the measure runs over, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rank(x) gives the position of this row&apos;s x among all: it is for the formula of a column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the search between %1 and %2 took too many steps: choose a narrower range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this jumps from %1 to %2 at %3 and is 0 nowhere: choose another range, or another expression</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this tries too many values within values that are tried: try fewer of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no column called %2. Put a text in quotation marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a held value, and a list takes values: write its number, or put a text in quotation marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An axis of dates goes from an earlier to a later one, by a whole number of days, up to %1 of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no column called %1 here. Put a single text in quotation marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no table called %1. Put a text in quotation marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line %1 has %2 fields, and the others have %3 on average. Correct that line, or choose another separator.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not written, since it was stopped. What was there is unchanged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table has been removed, and nothing was written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped. Nothing has changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is not enough memory for this, and nothing has changed: use fewer rows, or close other programs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This failed, and nothing has changed: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This was given up, since another study has been opened: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This was given up, since the computation was stopped: %1. Compute again first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a formula, and a list takes values: write its number, or put a text in quotation marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table has changed in the meantime, so nothing was pasted. Paste again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another task is still running: %1 Wait for it, or stop it, and try again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Run %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decimals: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Per cent, 1 decimal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>3 significant figures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Powers of ten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates: 20 May 2026</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates: Wed 20 May 2026</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates: May 2026</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>d MMM yyyy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ddd d MMM yyyy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MMMM yyyy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not an image format that can be saved. Use a name ending in .png, .svg or .pdf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart is still being computed. Save it again when it is ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart is still being computed. Copy it again when it is ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select the columns first. In the formula, each stands for one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This table has no column of numbers to summarise yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select the values to continue, in a given column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This table has no classes of another column to change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no held number to try values of. Put one on the ledge first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The name of a worksheet must end in .ods or .xlsx.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table cannot be exported as %1. Save the study instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: files of this kind can be exported but not read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the first lines of %1, most cells hold %2, but overall most hold %3. The column was read that way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is not enough memory, so nothing was done. Use fewer rows, or close other programs. Unsaved work has been kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metre per second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kilometre per hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only the rows where a condition holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a sum over a range of numbers: for k in 0..10</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is defined twice here. Keep one of the two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has more than %2 different values, too many to draw a box for each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This chart has nothing to draw yet. Add a series.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A series has no column for its values. Choose one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2 are in different tables. A series uses columns of one table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be drawn on the y axis: it holds %2, not numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a layer of a two-way table. Draw it as lines, points, bars, a heat map or contour lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars and sums start at zero, which a logarithmic axis does not have. The axis is drawn linear.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars and classes have widths, which a logarithmic axis would distort. The x axis is drawn linear.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot give error bars. Choose a column of numbers in the same table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a mean, so it has no standard error. Choose a column for the error bars.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has too many rows for standard errors. Give them in a column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no fitted line. It needs two points with different x values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not give a number for the chart: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A logarithmic axis must start above 0. It starts at the smallest value instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An axis cannot run from %1 to %2. The second number must be larger.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs classes on the x axis. Make a frequency table of a column and draw its counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2 lines, but only %3 can be told apart. Draw it as a heat map, or choose the other axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a layer of a two-way table, which a heat map and contour lines need.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not drawn: the values of both its axes must increase.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not drawn: on the x axis, some series use numbers and some use names.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 occurs more than once in %2, but a bar stands for one row. Count the values first, or draw boxes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no layer yet. Write a formula for its cells first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select the columns to draw, at least one of numbers: x axis first, then y axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no table to draw from. Make a table first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no rows yet. Type or import some values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not drawn because its cells have errors: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dates run from the year 1 to the year 9999</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>√ needs a number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>! needs a whole number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a negative number cannot have this power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be used between %2 and %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No comparison can follow in (…). Put the comparison before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After if, a condition such as x &gt; 0 is needed, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This gives %1 in one case and %2 in another. Make them the same kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first and then need rows. Use them only in the formula of a column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several values in brackets can be used only in a measure or after in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range can be used only in square brackets or in a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where, for and a bar can be used only in the brackets of a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first can only start a formula.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each stands for a selected column. Use it in a foot line, or in a formula for several columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs the rows of a table, but the ledge has none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs a row, but there is none here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a group of columns. Use a measure of it, as in mean(%1[i]).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a function. Add its arguments, as in %1(%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The foot line %1 does not cover this column. Add the column in the menu of that line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no column or held value called %1. Add it, or correct the name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a whole column. Use one row of it, as in %1[1], or a measure, as in mean(%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1 as %2. The number of arguments here is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>|…| needs a number, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs %2 here, but this is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 calls itself, which a held function cannot do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula of %1 has an error: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1 as %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs a cell, but there is none here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 depends on a cell of the two-way table, but there is none here. Use a measure, or a position such as [1, 2].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a whole axis. Use one of its values, as in %1[1], or a measure, as in max(%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a whole layer. Use one cell of it, as in %1[1, 2], or a measure, as in sum(%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has two axes. Write the row and the column, as in %1[i-1, j], or %1[i, ..] for all of this row in a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part of a two-way table can be used only in a measure, as in sum(%1[i, ..]).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row or column is a number, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is an axis and has one position in brackets, a row or a column. Write %1[1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here %1 runs over all rows, but [i] is the row of this formula. For the step from row to row, first make a column of it, such as step = %1 - %1[i-1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A measure runs over the rows of one table, but this one names two others, %1 and %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has two axes. Write both positions, as in [i, ..] for all of this row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has one axis. Write one position, as in [1..i].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs values. Write it as %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measures are nested more than %1 deep.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1((a, b)) for several values, or %1((a, b), %2) if %2 follows. A single value is not enough.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row is a number, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 works on whole columns here, but this is a single value. Remove it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 works on whole columns, but one of these is a single value. Row by row, write %2(a, b).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs %2, but this is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 works on whole columns. Write it as %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 searches a range of numbers. Write it as %1(t^2 - 2 for t in 0..2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs values of several columns, but for gives one list. Write them as columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This range needs both ends, as in 0..10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs a single expression, without where.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This form can only be the single argument of a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One of these columns, %1, holds %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Use two dots between columns of one table, as in a .. c, or a[i] .. c[i] for this row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 comes after %2 in the table. Write them in table order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>[j] is the column of a cell in a two-way table, but this formula is not in one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>[i] is the row of a column&apos;s formula, but there is no row here. Use a measure, or a row such as [1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a single value here and has no rows. Remove the brackets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only a column can be followed by a row in square brackets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a held value and has no rows. Remove the brackets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two positions in brackets are for a two-way table, but %1 has one axis. Write one position, as in %2[1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range of rows can be used only in a measure, as in sum(%1[1..i]).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A distribution such as binomial(12, 0.5) is needed here, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Random draws are nested in too many measures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the given condition has probability 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P( ) needs a condition on a distribution, such as binomial(12, 0.5) &lt;= 3. For the share of rows where a condition holds, write share(…).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In P( ), compare a distribution with a number by = ≠ &lt; ≤ &gt; or ≥.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P( ) is about one distribution, but this one names two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A distribution is compared with numbers, but this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>P( ) can have at most %1 comparisons. Add several P( ) together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with can replace at most %1 held values at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with tries another value for a held value, but %1 is not one. Put it on the ledge first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has two values here. Remove one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 holds %2, but this is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The expression before with cannot use the number of an outer for. Use it in the value to try.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with cannot be used in a measure over rows. Put it in a separate column, and take the measure of that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before with, use a number, a date or a yes/no value. This is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Missing values and text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The class of numbers from a up to, but not including, b.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interval needs an a below its b</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The midpoint of a class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number converted from one unit to another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one of these units is unknown, or they measure different quantities</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no such date: years run from 1 to 9999, months to 12, days to the end of the month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The current date, or the date set in the study.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Completed months from a to b; a month is complete when its day of the month is reached again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts must be 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of species present.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shannon&apos;s entropy, with natural logarithms or another base.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts must be 0 or more, and the base above 0 and not 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pielou&apos;s evenness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts and q must be 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The share of the most common species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of species estimated from those seen once or twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of species expected in a sample of m individuals.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sum of the values (0 if none).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The product of the values (1 if none).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of values, or of rows where a condition holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The share of rows where a condition holds, of those where it is known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The middle value in order, or the mean of the two middle values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The value below which a proportion p of the values lies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The interquartile range.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The median of absolute deviations from the median.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>geomean needs numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>harmean needs numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skewness, from moments.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skewness has no value when all values are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The excess kurtosis, from moments.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kurtosis has no value when all values are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The value in the one row where a condition holds; missing if there is none, an error if several.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>several rows match, but pick needs exactly one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number t in a range at which an expression is 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bracketing by Alefeld, Potra and Shi (1995), after scanning the range in 64 steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number t in a range at which an expression is smallest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brent (1973), after scanning the range in 64 steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number t in a range at which an expression is largest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rank of this row&apos;s value, smallest first; ties share a rank.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distance of the mean from a value m, in standard errors.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>t has no value when all values are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of different values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The absolute value of a number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sqrt needs a number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cube root, also of negative numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ln needs a number above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>xlnx needs a number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>log10 needs a number above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>log2 needs a number above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logarithm to a given base.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>log needs a number above 0, and a base above 0 that is not 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians with this sine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asin needs a number from -1 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians with this cosine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>acos needs a number from -1 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians with this tangent.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians of the point (x, y) from the x axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distance of the point (x, y) from the origin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number rounded down to a whole number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number rounded up to a whole number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sign of a number: 1, 0 or −1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number rounded to d decimals, based on its decimal form, halves away from zero.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>round needs a whole number of decimals from -300 to 300</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sigfig needs a whole number of figures from 1 to 17</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The product of the whole numbers up to n; also written n!.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>factorial needs a whole number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of ways to choose k of n things.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose needs whole numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of ways to arrange k of n things in a row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arrange needs whole numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamma has no value at 0 or at negative whole numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The natural logarithm of the gamma function&apos;s absolute value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lgamma has no value at 0 or at negative whole numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no correlation when all values of a column are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rank correlation of two columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The y intercept of the regression line of y on x.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chi-squared of observed and expected counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distance between the means of two samples, in standard errors, allowing unequal variances.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The y at a given x between rows, by linear interpolation.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolate needs a value between the smallest and the largest x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of values weighted by frequencies: divides by n − 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of values weighted by frequencies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of successes in n independent trials, each with probability p.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>binomial needs a whole number n of 0 or more and a p from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of events when m are expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>poisson needs a mean of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of failures before the first success.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>geometric needs a p above 0 and at most 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of failures before the r-th success.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>negative_binomial needs an r above 0, and a p above 0 and at most 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The marked items among n drawn without replacement from N, of which K are marked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hypergeometric needs whole numbers N, K and n of 0 or more, with K and n at most N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers from a to b, all equally likely.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>uniform needs an a below its b</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The normal distribution with mean m and standard deviation s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>normal needs a standard deviation above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The time until the next event, for events at a given rate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exponential needs a rate above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>student_t needs degrees of freedom above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sum of v squared standard normal variables.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chi_squared needs degrees of freedom above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>f_dist needs degrees of freedom above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A distribution whose logarithm is normal(m, s).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lognormal needs an s above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the distribution&apos;s parameters are outside their domain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this distribution has none, or its parameters are outside their domain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The probability of a condition on a distribution, given any condition after a bar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no finite density here, or the distribution&apos;s parameters are outside their domain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The value below which a proportion p of a distribution lies; for a discrete one, the smallest k with P(D ≤ k) ≥ p.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quantile needs a p from 0 to 1 for which the distribution has a finite value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A random number from a distribution. It stays the same for a study, column and row until new random numbers are drawn.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yes if a value is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x, or a given value where x is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this text is not a number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A count as tally marks in fives; above 200, the number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tally needs a whole number of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Texts and numbers joined into one text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text in capitals.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text in lower case.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text without spaces at its ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of characters in a text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a text starts with another text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a text ends with another text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a text contains another text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>division by zero</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the result is too large</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this takes more steps than one formula can have: split it, or shorten its ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the chart needs a number here, but this is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until needs a condition, such as r &lt; 1, but this is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an axis runs between numbers, but this is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 decides where the table stops, so it cannot use later rows, whole columns, rows or last</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these formulas depend on each other in a cycle, %1: change one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 uses its own earlier row but has no first value: write %1 = first … then …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these columns depend on each other in a cycle with no start, %1: write one of them as first … then …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these depend on each other in the same row, %1: use an earlier row, such as [i-1], in one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these columns depend on each other in the same row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the expression before with needs this same value: use another expression</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing before with uses %1, so another value of it changes nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the column that gave the rows has been removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its axes make %1 cells, but a two-way table can have at most %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number of rows must be a whole number from 0 to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computing this would take more memory than is free: use fewer rows, or fewer formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is %1 at %2 and %3 at %4, and no zero was found between them: choose another range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is 0 at %1 values from %2 to %3, the first two near %4 and %5: choose a range with one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the range from %1 to %2 is empty: write the smaller number first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the search from %1 to %2 failed: choose a narrower range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has rows 1 to %2. There is no row %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no formula covers this row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computed from earlier rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of this name has a working to show.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a function. See the working of a cell that calls it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a cell as Table.column[row], or as Table.layer[row, column] in a two-way table, and a held value by its name. %1 is neither.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a formula here, such as x - mean(x).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not closed. Add %1 at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not closed. Add %1 before the %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After first and its value, write then and the formula for later rows, as in first 1 then 2 * x[i-1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After with, write a held value, = and the value to try, as in max(r) with k = 8, or several in brackets, as in with (k = 8, m = 2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number %1 is too large.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1%2 is not read as a product. Write %1*%2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This text is not closed. Add a quotation mark at its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The character %1 has no meaning in a formula. Remove it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula is incomplete: something is missing at the end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is an extra %1 here. Remove it, or add the opening bracket before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An operator such as * or + is missing before %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not allowed here. A number, a name or a bracket is expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 means per cent. For the remainder of a division, write mod.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After ledge, write a dot and the name of a held value, as in ledge.n.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write if … then … else …: %1 is missing here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After for, write a name, in and a range, as in 1/k! for k in 0..10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a range with two dots between its ends, as in 0..10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This formula has %1 characters; the limit is %2. Split it over several columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already the name of a run. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything is already as it was in this run.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to keep: nothing here is computed by a formula yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is already kept as %1. Change a held value first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A study can keep %1 runs with %2 numbers in total. Remove a run, or select fewer columns before keeping one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no runs yet. Keep one, change a held value, and keep another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This column has no numbers to put in classes. Enter some, or choose another column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes need a width above 0 and a start for the first class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This width gives more than %1 classes. Make them wider, or start higher.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an observed value: the first that reaches p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>like type 1, but averaging two values where p is reached exactly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated linearly, at n·p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated linearly, at n·p + 0.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated linearly, at (n + 1)·p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated linearly, at (n − 1)·p + 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>approximately median-unbiased for any distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>approximately unbiased for normal values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no values yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>value of %1 to count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its share of all values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counting pairs needs two columns of one table. Select both.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of pairs counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chi-squared of observed against expected counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability of a chi-squared this large or larger if the two are independent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>strength of association, from 0 to 1 (Cramér&apos;s V)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Midpoint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of values in the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the class midpoints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated within its class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some values of %1 are in no class. Check them for mistakes, or widen the classes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Months, years and weekdays need a column of dates, but %1 holds %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of values counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some values of %1 are in no row. Look for cells of another kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has no tables to add.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of rows used by the measures, from the first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interquartile range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A summary needs a column of numbers and a measure. Select at least one of each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The columns of a summary must be in one table. Select them there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A summary of the first rows needs at least 1 row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter 1 to %1 values to try.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the outcome to compute for each value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in this study depends on both %1 and %2. Choose two that affect one result.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by hand equals the measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The steps do not match the measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select one column to unfold its %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table can have at most %1 rows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line, circle or range in the chart needs all its numbers. Fill them in, or remove it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is used by %2. Change that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a valid table name. Use letters, digits and _, and do not start with a digit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is already a table called %1. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a two-way table. Swap its axes instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A new column cannot be called %1 here. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two numbers before .. give the step and must differ, as in 3, 3.5 .. 6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before .. write the first number, or the first two, as in 3, 3.5 .. 6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a number of the axis: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A value is missing between two commas of the axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A list for an axis can have at most %1 values. Write it as a range, such as 1..20000.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 occurs twice on this axis. Each value can occur only once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write an axis as name = values, as in rate = 0.03, 0.035 .. 0.06.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This axis has no values yet. Write some, as in 1..12 or riffle, pool, weir.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both axes are called %1. Give one of them another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This block has %1 rows and %2 columns, more than fit in %3 from here. Add values to its axes first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A group heading covers two or more neighbouring columns. Select such columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already in the group %2. Remove that heading first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This group is used by %1. Change that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 uses the columns %2, which this would change. List the columns one by one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In this order, the rows of %1&apos;s formula would be split into more than %2 parts. Let it cover all rows first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no formula. Write one before choosing the rows it covers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A formula covers the rows from one row of the table to the same or a later one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be an argument of %2. Use different names, as in force(r) = G / r^2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This table already has a foot line called %1. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is computed by its formula. To change it, replace the formula with a value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A slider needs a lower and a higher end, and a step above 0 that fits between them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The foot line %1 uses this one. Change that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only counted rows can stop early. Give %1 a number of rows first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes need 2 to %1 boundaries, each above the one before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of this table are not classes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table cannot use categories of its own column as rows. Choose a column of another table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tolerance of ≈ must be above 0 and at most 0.1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The date for today() must be in the years 1 to 9999.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The seed of random numbers must be a whole number up to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a setting as quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, decimal_sign = comma, grouping = space or angles = degrees.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a reserved word in formulas. Choose another name, such as %1_1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a valid name. Use letters, digits and _, and do not start with a digit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already the name of %2. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already the name of a foot line that another one uses. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells of %1 that are not %2: %3 (row %4). They are kept as written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a row below the values to continue them to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The selected cells of %1 cannot be continued in this way. Choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 continues from row to row (first … then …) and needs cells to its right, so the axes of %2 cannot be swapped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fractions: 3 1/4…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Angles in degrees: 57.3°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Angles in degrees: 57°17′45″</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Largest denominator:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is kept as typed, but it is not %2. Correct it, or change the column&apos;s kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This has been removed from the study.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Joined points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stems</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Histogram over classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Polygon over classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Box plots</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stacked bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stacked bars (100 %)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heat map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contour lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a two-way table. Change the values of its axes instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a two-way table and has no rows of values. Type in the cells of a layer, or make another table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Months, years and weekdays need a column of dates, but this one holds %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This column has more than %1 different values, too many for one row each. Put its numbers in classes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of %1 are classes. Change the classes instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of %1 are counted. Change their number instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a value that is not listed before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of pairs of first id and count, for all values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of %1 are made automatically. They cannot be added, removed or moved by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the rows of this table come from a later version; they are kept but not shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>binomial mean and standard deviation, for k from 0 to n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of trials</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability of success in each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its square root</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Squared / expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Inverse Simpson&apos;s index, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s unbiased diversity, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>f · midpoint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>f · (midpoint − mean)²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>divided by n − 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>their sum divided by n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>divided by n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of x where y is known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of y where x is known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the y intercept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fitted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sorted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the value at or below that position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated between them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first quartile, by position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>median, by position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>third quartile, by position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rpm depends on whether a turn is an angle or a count: write turn/min, or 1/min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ppt can mean per thousand or per trillion: write ‰, or 1e-12</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ton is ambiguous: write t (1000 kg), short_ton or long_ton</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ct is not a unit here: for gems, write carat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dpi counts dots, which are not a unit here: write 1/in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pH is a logarithm, not a unit: compute it with a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dB is a logarithm, not a unit: compute it with a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a known unit: write it like mm, m/s or °C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be converted to %2: they measure different quantities</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be saved (%2). The existing file is unchanged. Save under another name or free some space.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be saved (%2). No file was written. Save under another name or free some space.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a folder or device, not a file. Nothing was saved. Choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is read-only and was not changed. Save under another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be saved completely (%2). The data to be saved is in %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a device or a pipe, which may never end. Save its output to a file first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of the table %1 are made from a column %2 that does not exist.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 uses a table %2 that does not exist.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 uses a column %2 that does not exist.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1, the file should have %2. Correct it, or use an earlier copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of the table at %1 are a list, which only the axes of a two-way table can have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The table at %1 needs one axis, or two that each have their own values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at %2 is a layer of a two-way table. Its formula covers all cells, and typed values belong in its overrides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a Ledgefall study: it does not start with &quot;format&quot;: &quot;%1&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study does not give its format version. The field version should be a whole number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study was saved by a later Ledgefall (format %1; this one reads up to %2). Open it with that version.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no version %1 of the study format. The field version should be %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is not a study: its brackets are nested more than %1 deep.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is cut off at line %1, before the study is complete. Use an earlier copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file cannot be read as a study: at line %1, character %2, it is not valid JSON.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has a number that is too large.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The id %1 occurs twice in the file, the second time at %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two things in the table %1 are called %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The check %1 uses a table %2 that does not exist.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of the table %2 uses a column %3 that does not exist.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole numbers of %1 with more digits than a number can hold: %2. Their last digits were lost. Read as text, the column keeps them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole numbers with more digits than a number can hold: %1. Their columns were read as text, to keep every digit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not text: it has a zero byte at position %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quotation mark opened in line %1 is never closed. Close it, and read the text again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows with more or fewer fields than the first: %1 (line %2). All their fields were kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines that start with %1 were left out: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The text was not UTF-8 and was read as Windows-1252.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is not valid JSON. Look for a missing comma or bracket, or use a JSON checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its record %1 is not an object. Write records as [{&quot;x&quot;: 1}, {&quot;x&quot;: 2}].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its field %1 is not a list. Write columns as {&quot;x&quot;: [1, 2], &quot;y&quot;: [3, 4]}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is cut off or damaged: it does not end as an archive should. Get a new copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is not a worksheet, or it is damaged: its part %1 is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is encrypted. Save it without a password first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its part %1 unpacks to more than %2 bytes, which is too large to read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its part %1 is damaged and cannot be unpacked. Get a new copy of the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its part %1 is not well-formed XML. Get a new copy of the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has more than %1 cells that are not empty, which is too many to read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is an OpenDocument file, but not a spreadsheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Times of day without a date are read as fractions of a day: noon is 0.5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is encrypted, or a workbook in the older binary format. Save it without a password, as an Office Open XML workbook or an OpenDocument spreadsheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it cannot be read from %1 onwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its brackets are nested more than %1 deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>something is missing at the end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a part of %1, which does not exist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: hidden rows are read like the others (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: merged cells are read as their first cell, followed by empty cells (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The numbers of %1 are stored as text, which sums leave out, and are kept. To correct this, set the column&apos;s kind of values to numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dates of %1 are stored as text and are kept. To correct this, set the column&apos;s kind of values to dates.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3, but the rows around it have %4. It has no value to keep, so it gets the formula of the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3, but the rows around it have %4. Its value is kept over the formula. To correct it, restore the formula.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of %2 is %3, typed over the formula %4, and is kept. To correct it, restore the formula.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number %1 is written in the formula, and is also in %2, as %3. It is kept. If %3 is meant, write %4 in its place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference %1 is not fixed and has moved to %2 after %3 rows. Here it means %1 in every row; in the worksheet, fix it with dollar signs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The range %1 leaves out the last rows of the column (%2) and is kept. To use all rows, write only the column&apos;s name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, as used here, has no equivalent in the formula language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to itself through other cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to cells that were removed (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 draws a new number each time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition or its values span several columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition has a wildcard character</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the value it looks for is computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it looks for the nearest value in descending order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to the sheet %1, which does not exist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to cells outside the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to %1, which is not in a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to %1, under a table, which is not a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a whole column of the sheet, including the cells under the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a range that includes cells under a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a range that is not in a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses %1, which is not in a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The worksheet has %1, but the formula gives %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 counts %2 %3, but the rows around it go up by %4 to %5. It is kept as it is in the column %2. To correct it, type %5 there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To check in the worksheet:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values that differ from their formulas:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notes:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 under %2 is not a formula and is left out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cell under %1 is left out: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This cell has %1, but the cells around it have the formula %2. It is kept. To correct it, restore the formula.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has formulas without their values, so their results cannot be compared.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it calls a held function that cannot be expanded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worksheet functions cannot express it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it tests whether a computed value is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses the sum of a single value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a different quantile method from worksheets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it counts text that a formula leaves out in some rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a measure in it uses values computed in each row: put these in a separate column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition is not a comparison</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition tests for a list, or for open classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition has text with a special meaning in worksheets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a column that is not exported</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a column without rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row or column that does not exist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row whose number is computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses an unknown name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a foot line that is not under that column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a layer without cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row of a computed expression</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row of a held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it has two positions in brackets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row or column whose number is computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The worksheet could not be packed: there is not enough memory.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a function or a distribution, and is not exported.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses the operator in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it compares text that is made within it: put that text in a separate column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it compares text, which worksheets compare differently: capitals, *, ? and ~, and text that looks like numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses cells that are missing in some rows, but is not missing there itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its formula has an error: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is exported as values: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 is not exported.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The text “%1” is not in any table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exported as values: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The text has more than %1 lines, the most that a table has rows. Divide the text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The text has four gigabytes or more. Divide it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the folder %1 cannot be written, in which they would be kept. Save the study, or make the folder writable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This name has %1 characters. Choose one of at most %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As a table the text would have %1 cells, most of them empty. Choose another separator, or divide the text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line %1 has more than %2 fields, the most that a table has columns. Choose another separator, or divide the text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cells of the sheet %1 stand apart from each other in %2 places, and were left out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cells of the sheet %2, scattered over %3 rows and %4 columns, are not a table and were left out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in classes, cumulative</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 in classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An operator or %1 can follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The text ends with a quotation mark.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number, a name, a function or an opening bracket can follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then = and the formula can follow.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula has %1, but %2 stands in %3 beside it. Its value is kept over the formula. To correct it, restore the formula.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values are recorded to the nearest 1, 0.5 or another number above 0, or 0 for any number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be a limit here. Limits are numbers, each above the one before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Custom limits need at least two numbers: where the first class starts, and where the next one would.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>density: %1 per unit of width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>density: %1 per %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts must be whole numbers of 0 or more; percentages and cover do not say how many individuals there were</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s index as Σp²: the probability that two draws with replacement are of one species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s index as 1 − Σp²: the probability that two draws with replacement are of different species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s index as 1/Σp²: the number of equally common species with this dominance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s index without replacement: the probability that two individuals are of different species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no finite α with as many species as individuals, and counts must be whole numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>m must be a whole number from 0 to the number of individuals, and counts whole numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequencies must be 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequencies must be whole numbers of 0 or more; for probabilities use wvar_pop or wsd_pop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>expected counts must be above 0 and add up to as many as the observed ones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The mean of values weighted by frequencies or probabilities.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of a population weighted by frequencies or probabilities.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of a population weighted by frequencies or probabilities.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quantile of values weighted by frequencies or probabilities.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequencies must be whole numbers, or probabilities that add up to 1, and p from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>classes need boundaries that join, such as 29.5, 34.5 and 39.5, frequencies of 0 or more, and a p from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The probability density of a distribution at x; for a discrete one, the probability of x.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smallest expected count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of expected counts below 5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>expected counts are large enough for chi-squared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some expected counts are small. Count rarer values together, or collect more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower boundary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Upper boundary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Relative frequency density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows are pooled until so many are expected; 0: none are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Expected in the pool so far</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of pools; a last one that stays short joins the one before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In pool</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This needs two columns of one table: select the observed counts and the expected ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part of χ²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of parameters estimated from the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability of a chi-squared this large or larger, if the expectation holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as many are expected as were observed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The totals differ. Expected counts are the probabilities times the number observed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some expected counts are small. Raise the least that rows are pooled to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability of a chi-squared this large or larger</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some expected counts are small. Pool neighbouring rows by Compare observed with expected counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its position in order, from 1, by the study&apos;s method of quantiles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gal can mean us_gallon, imperial_gallon or a unit of acceleration: write one of them, or cm/s2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gallon can mean us_gallon or imperial_gallon: write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quart can mean us_quart or imperial_quart: write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>qt can mean us_quart or imperial_quart: write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pint can mean us_pint or imperial_pint: write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pt can mean us_pint or imperial_pint: write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cup depends on the country: write us_cup, or mL</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>floz can mean us_fluid_ounce or imperial_fluid_ounce: write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tbsp depends on the country: write us_tablespoon, or mL</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tsp depends on the country: write us_teaspoon, or mL</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cal can mean cal_th (4.184 J) or cal_it (4.1868 J): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calorie can mean cal_th (4.184 J) or cal_it (4.1868 J): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kcal can mean kcal_th (4184 J) or kcal_it (4186.8 J): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cal can mean kcal_th (4184 J) or kcal_it (4186.8 J): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>year can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>years can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yr can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yrs can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be converted to %2: one counts cycles, the other measures an angle; an angular frequency is 2 * pi * f</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The mean of absolute deviations from the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sum of squared deviations from the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The value at place k of the values in order, the smallest at place 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kth needs a whole k from 1 to the number of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The proportion of values below x, estimated from classes and their counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>classes need boundaries that join, such as 29.5, 34.5 and 39.5, and frequencies of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frequency density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>row of the modal class, the first where there are several</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interpolated within the modal class by its neighbours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values recorded to the nearest %1 need classes whose width is a multiple of it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fences need a column of numbers. Select one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No value of this column lies beyond the fences, which are held now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no other table that could be the model. Make one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose an index, a matrix of pairs or a chart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of the number of species in a sample of m individuals.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of Shannon&apos;s entropy as a sample estimates it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s evenness.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good&apos;s coverage: the proportion of a community that belongs to the species in the sample.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dissimilarity of two samples after Bray and Curtis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Similarity of two samples after Jaccard: the share of species that they have in common.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Similarity of two samples after Sørensen: as jaccard, with shared species counted twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the marked, the caught and the recaptured animals must be whole numbers of 0 or more, and those recaptured no more than either</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The size of a population from marking and recapture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard error of the size that chapman estimates.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The most frequent value; if several, the first to occur; missing where every value occurs once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All most frequent values, as text; missing where every value occurs once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The leaves of one stem, in order, as text: the digits at the place of a unit (1 if left out).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leaves needs values of 0 or more and a unit above 0, such as 1 or 0.1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quantile needs a p from 0 to 1 and a type from 1 to 11</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the study&apos;s type; 1 to 9 of Hyndman and Fan (1996), 10 and 11 by the medians of the halves, exclusive and inclusive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sum of the squares of the values (0 if none).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The values in order, from row to row: in row k the k-th smallest, missing below the last.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distribution with the values x and their probabilities p.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probabilities must be 0 or more and add up to 1, of at most 10,000 values: correct them, or divide each by their sum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole numbers from a to b, all equally likely, as of a die.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>discrete_uniform needs whole numbers a and b, with a at most b</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The end of the critical region of small values: the largest x with P(D ≤ x) ≤ a.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>critical_low needs an a between 0 and 1, and here even the smallest value may be more likely than a</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The beginning of the critical region of large values: the smallest x with P(D ≥ x) ≤ a.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>critical_high needs an a between 0 and 1, and here even the largest value may be more likely than a</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distributions of one family that add up are needed, or discrete ones with at most 10,000 values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distribution of the sum of two independent numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distribution of the sum of n independent numbers of one distribution, as of n dice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A value with its uncertainty as text, both to the place of the uncertainty&apos;s second figure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plus_minus needs an uncertainty of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>medians of the two halves, without the middle value (exclusive)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>medians of the two halves, both with the middle value (inclusive)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first value in the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last value in the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A significance level must be between 0 and 1, such as 0.05.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>significance level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values up to this one are in the critical region</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values from this one on are in the critical region</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability of the critical region, at most the level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Probabilities of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Normal approximation of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exact P(D ≤ k)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Normal, to k + ½</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>largest error of the approximation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fitting needs two columns of one table: select the values and their observed counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean, estimated from the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of trials; type it where the largest value is not it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability, estimated from the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This needs the names of the sites or species, and their counts. Choose a column for each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Indices of sites need a two-way table of counts, with the species down and the sites across.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Species</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Site</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, species by site</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts are whole numbers of 0 or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some values are no counts. Indices that need individuals refuse percentages and cover.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>individuals N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>species S</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pielou J′ = H′ / ln S</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson 1 − Σp²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inverse Simpson 1/Σp²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dominance Σp²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson 1 − Σn(n−1)/N(N−1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s evenness (1/Σp²)/S</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hill number of order 1, exp(H′)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Berger–Parker, largest share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Margalef (S − 1)/ln N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Menhinick S/√N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fisher&apos;s α</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brillouin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chao1, estimated species</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good&apos;s coverage 1 − f₁/N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>species found once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>species absent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, diversity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shannon H′ (base e)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shannon H′ (base %1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewest individuals at a site: samples are compared at this size</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>species expected in the smallest N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its standard deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every site has individuals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A site without individuals has no index. Its row stays empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dissimilarity, Bray–Curtis Σ|a − b| / Σ(a + b)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dissimilarity, 1 − Jaccard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dissimilarity, 1 − Sørensen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dissimilarity, Euclidean √Σ(a − b)²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>similarity, Jaccard: shared / all species</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>similarity, Sørensen: 2 shared / (S₁ + S₂)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>similarity, Morisita–Horn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, rarefaction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Individuals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, Hill numbers by order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order q</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, rank and abundance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rank</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean of %1, from the class midpoints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation of %1, from the class midpoints</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>recorded to the nearest %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower limits are in the class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper limits are in the class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> outside the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the reader of the table needs to know</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>σ² from the class midpoints, divided by n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>σ, of a whole population</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>s² from the class midpoints, divided by n − 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>s, of a sample; for a population wsd_pop(mid, f)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stems and leaves need a column of numbers of 0 or more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, stems and leaves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place of the leaf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stem of the smallest value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stem</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leaves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key: how a stem and a leaf are read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every value of %1 has a leaf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some values have no leaf. Values below 0 have none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading a curve needs the classes and the counts that it is drawn of. Draw the cumulative column of a frequency table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share of %1 up to %2, read off the cumulative curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values below are outliers (Tukey 1977)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values above are outliers (Tukey 1977)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SD</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>95 % CI</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean of %1 with its ±</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2, means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean with ±</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>acceleration, of position, velocity and time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slope %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Conserved quantity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Relative drift</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drift of the conserved quantity above which the check fails</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the conserved quantity stays as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The conserved quantity drifts. Take a smaller step or a method of higher order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Event where 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Event in the step before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first row after the event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part of the step before it at which the event is, by linear interpolation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time of the event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at the event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the event is reached</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The event is not reached. Take a later end, or look at the formula of the event.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step times rate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step times rate at which %1 becomes unstable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the step is well below the limit of stability</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The step is near the limit of stability, so that the motion may be one of the method. Take a smaller step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the step is small enough for explicit Euler</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Explicit Euler lets an oscillation grow, here by more than a tenth. Take a smaller step or another method.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>explicit Euler</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>semi-implicit Euler (Euler–Cromer)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>velocity Verlet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runge–Kutta 4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A motion needs a time step above 0 and an end after the first step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This motion has more than a million steps. Take a larger step or an earlier end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Motion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time of the last row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Halving needs a given step on the ledge. Select the card of the time step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Halved steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of the method: halving the step divides the error by 2 to this power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Extrapolated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Estimated error</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the changes shrink as the order says</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Halving the step does not yet change the value as a method of this order does. The extrapolated value cannot be relied on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This needs two columns of numbers of one table: select the quantity and what it changes with.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rate of change of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Running integral of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comparing needs two measured columns, and two columns of another table that is the model.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Residual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>root mean square of the residuals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation s of a sample (n − 1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation σ of a whole population (n)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>most frequent (all modes)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The type of quantile must be a whole number from 1 to 11.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number from 1 to 9, exclusive or inclusive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dot plot of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>does not hold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Times noted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no species is noted twice at a site</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A species is noted more than once at a site. Its numbers are added up: look whether that is meant.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, pooled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every group has two values or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A group with one value has no spread, so its mean stands without ±. Collect more, or leave the group out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs these columns, selected from left to right: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>midpoint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequency</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower boundary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper boundary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many values lie below it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>row of the class in which it lies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values below that class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>modal class and interpolated mode, from classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>above the class before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>above the class after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the mode is in the modal class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The modal class has a neighbour of the same density.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean and standard deviation from classes, of a sample</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean and standard deviation from classes, of a population</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first quartile, from classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>median, from classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>third quartile, from classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Σx² − (Σx)²/n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sums by hand give the measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two sums nearly cancel, so that rounding shows. Use the deviations from the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation of a sample, by Σx² − (Σx)²/n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation of a population, by Σx² − (Σx)²/n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sums nearly cancel, so that rounding shows. Use the deviations from the means.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x of a pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y of a pair</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of pairs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Σy² − (Σy)²/n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Σxy − Σx Σy/n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sums by hand give the correlation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sums by hand give the slope</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sums by hand give the intercept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correlation and regression line, by Sxx, Sxy and Syy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The study is still being computed. Make the report when it is ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no report yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The report could not be painted. Choose another paper.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 rows are left out here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Working of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sources of the methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>continues</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how fast the motion changes: the root of the acceleration by position, or that by velocity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A report is written as .pdf, .html, .odt or .tex, but this name ends in none of them: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a number. Type the value up to which the curve is read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>--report needs one study: ledgefall STUDY --report FILE.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>--rows needs a whole number, --paper a4 or letter, and --formulas mathematics, typed or none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is there already and would be replaced. Give the report another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>density, per unit of width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has formulas for parts of its rows: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In %1, values are typed over the formula: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two of the columns are called %1. Give each a name of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every site is in the matrix once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two sites have the same name, or a site has none. Name each differently.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every value belongs to a group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some values belong to none of the groups that are counted here. Look for empty or new names.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how the classes were chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The start, the time step and the end of a motion must be numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limits changed afterwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study is a handout itself. Open the study from which it was made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder %1 cannot be made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a row of the table Answers in a study of marks; its submission is opened beside the key.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outcome</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feedback</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>File</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points by student and item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Student</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Totals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sd</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distribution of per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slips by item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right: the formula is right, and goes on from your own earlier result.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The numbers are right here, but they do not follow the data: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The numbers are right here, but they do not follow the data.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The result differs from what was asked, first in row %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The result differs from what was asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is filled in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It cannot be computed. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Answers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Submissions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The division is the wrong way round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It divides by n where n − 1 belongs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It divides by n − 1 where n belongs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It takes the sum in place of the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A square is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The square root is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It gives per cent where a share is asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It gives a share where per cent is asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A sign is the wrong way round.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An angle is in degrees where radians belong, or the reverse.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The logarithm has another base.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wrong end of the class is closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first value of the recurrence is missing or another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It takes the new value of a step for the old one, or the reverse.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A value that should stay put follows the row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A value that should follow the row is held.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The range is one row too short.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The range is one row too long.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It uses a neighbouring column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (points: %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is asked. Tick what the student is to fill in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no class limits that could be asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula of %1 contains that of %2, %3. Ask for %1 too, or use the name of %2 in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no %1 in this study. Write TABLE.COLUMN, TABLE.LABEL of a foot line, or ledge.NAME.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the class limits of %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the formula of the foot line %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the formula of %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give the value of %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fill in the values of %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no given values that could be varied.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is on the list twice. Add something that tells the two apart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no name on the list.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The settings are locked in this handout. Only what is asked can be changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is locked in this handout. Change what is asked, or add columns and held values of your own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feedback for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The working of what was asked, in row %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your working there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no handout of this study in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has %1 MB. A submission may have %2 MB.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study is not a handout.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is a handout of another study.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The handout is from another state of the key. It was marked all the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It could not be marked within %1 seconds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is not enough memory to mark it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another submission has the name %1 too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The folder %1 cannot be read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are more than %1 files in %2. Mark a smaller folder at a time.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no files in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be the name of a file. Leave out slashes, and do not begin with a point.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Value</name>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::BarsPlot</name>
    <message>
        <source>%1 to %2: %3 %4</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::BoxesPlot</name>
    <message>
        <source>%1, row %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: n %2, smallest %3, lower quartile %4, median %5, upper quartile %6, largest %7</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CategoryDialog</name>
    <message>
        <source>Frequency table of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One &amp;row for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>separated by commas; the others follow in that order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These values &amp;first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows: %1. %2%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each different value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each day of the week</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In order of occurrence</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ascending or alphabetical</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Most frequent first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tally</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw a &amp;bar chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Include</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make table</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CellDelegate</name>
    <message>
        <source>type to add a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartCommands</name>
    <message>
        <source>Show &amp;all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>graph plot draw diagram histogram scatter line bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, rows %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Chart selected columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chan&amp;ge chart…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom &amp;in on chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom &amp;out of chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move chart &amp;below or beside table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Co&amp;py image</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Save image as…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hide chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove chart from study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chart changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold a &amp;reading of the cumulative curve…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read off ogive share proportion up to percentile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read a cumulative curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of the values up to</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartDialog</name>
    <message>
        <source>at y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>centre x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>centre y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>radius</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>label in the legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Horizontal line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Vertical line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Circle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Range of y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Range of x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Series</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add &amp;series</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Equal scales on both axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Read quartiles and median from a cumulative curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name classes by their midpoints, not their boundaries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Above the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Upper left corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Upper right corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower left corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower right corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw &amp;all rows, not only the selected ones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reference lines, circles and ranges; their numbers can be formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add &amp;line, circle or range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>title (default: column name)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Logarithmic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Form of the series</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fitted line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No error bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standard error of the mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Error bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the right axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove series</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Form of the reference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Per class width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every other series over classes &amp;downwards, back to back</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPage</name>
    <message>
        <source>Hide the chart; it stays in the contents</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show all (Home)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy image</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save image as PNG, SVG or PDF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave a trail: while a held value slides, keep the last few lines faintly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the chart below or beside the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>legend position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows that cannot be drawn: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save image</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Images (*.png *.svg *.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Equal scales: a unit is as long across as it is up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equal scales</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading of a curve</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPlot</name>
    <message>
        <source>Chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up to %1: %2 of all; click to hold this</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CheckDialog</name>
    <message>
        <source>%1 adds up to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not add up to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every %1 is above %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not every %1 is above %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 counts every row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The counts in %1 do not add up to n. Some values are in no class, or in two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A column adds up to a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts add up to the number of rows of another table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A condition holds in every row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What to check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Co&amp;lumn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nam&amp;e</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Message when it fails</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChecksButton</name>
    <message>
        <source>State of the checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checks not known yet: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failing checks: %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checks that hold: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every check of the study holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>They are being computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to the first failing check</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ClassCommands</name>
    <message>
        <source>Make a &amp;handout…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exercise worksheet assignment class student blank fill in teacher</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Mark a folder…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>grade correct submissions class feedback points teacher</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open this su&amp;bmission beside the key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer mark student compare</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> handout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the handout asks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Handouts written: %1, to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marking %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Submissions marked: %1. The marks are in a window of their own.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ClassPreview</name>
    <message>
        <source>Counts of the classes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ColumnCommands</name>
    <message>
        <source>C&amp;olumns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Label, unit and note…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heading title comment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rename in formulas…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Insert a column before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>duplicating a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Show hidden columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>delete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>group merge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;More decimals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fewer decimals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inserting a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moving a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hiding columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>showing columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Column menu…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Duplicate column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move column le&amp;ft</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move column u&amp;p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move column ri&amp;ght</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move column d&amp;own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hide selected columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a group h&amp;eading…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove group heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Widen column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Narrow column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fi&amp;t column width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;umber format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Group heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heading for these columns:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new group heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a group heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename group heading in formulas…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the group of columns in formulas (formulas that use it are updated):</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>renaming</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ColumnMenu</name>
    <message>
        <source>Label, unit and note…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename in formulas…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kind of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates (2026-05-31)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kind of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>renaming</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a formula with each for the column above. Give it a name, as in total = sum(each), to use it in other foot lines: total * rate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write formula…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yes/no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore formula in this cell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore formula in all overridden cells (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the column in formulas (formulas that use it are updated):</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CommandFinder</name>
    <message>
        <source>Find a command, name or table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was found.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CompletionList</name>
    <message>
        <source>Completions</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ContentsPanel</name>
    <message>
        <source>Contents of the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Charts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, fails</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, not known yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>run %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawing a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>being computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a check…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change check…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change chart…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove chart from study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ticked runs are drawn paler in the charts of their columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>renaming a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a table of runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove run</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ContinueDialog</name>
    <message>
        <source>From one row to the next:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fill </source>
        <comment>before a number of rows</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> more rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next working day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Continue selected values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Amount</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count up by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repeat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is not a number. Enter an amount, such as %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ContinueHandle</name>
    <message>
        <source>continue to row %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>continuing</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::DetailsPanel</name>
    <message>
        <source>Selected cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Details</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smallest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>largest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>errors, left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Asked: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open this submission beside the key</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::DistributionDialog</name>
    <message>
        <source>From a distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Critical region: its ends and its actual size</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Table of its probabilities</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Normal approximation beside the exact probabilities</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Small values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Large values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both ends, half the level each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Make</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Significance level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Critical &amp;values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A name on the ledge, or a formula such as binomial(12, 0.35) or discrete(Data.x, Data.p).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::DiversityDialog</name>
    <message>
        <source>&amp;Rarefied to the smallest N, with its standard deviation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Diversity of sites</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>e: natural logarithm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>10</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rare&amp;faction curves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Columns of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Indices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;table has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;ites</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;pecies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Columns of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In&amp;dices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Base of Shannon&apos;s H′</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Matrix of all pairs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Charts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Species down and sites across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row for each find: site, species, number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row for each species, a column for each site</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row for each site, a column for each species</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>site</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sites: %1. %2%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hill profile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ran&amp;k–abundance</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::Document</name>
    <message>
        <source>New study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opening %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saving %1…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::EditCommands</name>
    <message>
        <source>&amp;Undo %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Redo %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select &amp;all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Find and replace…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find &amp;next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>C&amp;lear cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find pre&amp;vious</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select whole col&amp;umns</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ExportDialog</name>
    <message>
        <source>Export this table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Headings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma ,</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Semicolon ;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tab</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bar |</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Point 1.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma 1,5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Names used in formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Labels with units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Names with formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rounded as shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A grid, as shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line for each cell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Table as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fields separated by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FigurePlot</name>
    <message>
        <source>row %1: </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (now)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FindBar</name>
    <message>
        <source>Find and replace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Previous</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, row %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>replacing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells changed: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Whole cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only in &amp;selected columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>replace with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replacement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Searching…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not in any typed cell.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FindValueDialog</name>
    <message>
        <source>Find the value of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold this value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 = %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For which &amp;outcome</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Equals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search &amp;from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the search, to keep it up to date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write an outcome, such as max(Path.r).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter numbers, with the smaller end of the range first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Searching the range…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The outcome is missing somewhere in this range.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FirstSteps</name>
    <message>
        <source>Next step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A first table in five steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 of %2. %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FirstTable</name>
    <message>
        <source>new table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pebbles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a length: click it, type another number, Enter. Everything that depends on it follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a heading with numbers under it: length, Enter, 42, Enter, 57, Enter, 38, Enter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold a value that no row changes: click “hold a value”, type m = mean(length), Enter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write one formula for all rows: click “next column”, type dev = length - m, Enter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a measure under the columns: click “foot line” and choose sum.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is a computation table. Press F1 for help on the current item, and have a look at the starters in the Study menu.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FoldingSplitter</name>
    <message>
        <source>Show: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hide: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FootMenu</name>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Under columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>columns of a foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change formula…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove foot line</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FootModel</name>
    <message>
        <source>As they are shown they add to %1, not to %2: because of rounding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, asked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FootView</name>
    <message>
        <source>Foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 foot lines, %2 of them in view: scroll to see the others</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaCommands</name>
    <message>
        <source>Write a &amp;formula…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calculate equation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>add a column calculate formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;More formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>row wise across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per cent of total share percentage relative frequency proportion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reach range part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reach range whole</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write ne&amp;xt column…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure &amp;across selected columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write one formula for &amp;each column…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let formula cover only &amp;selected rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let formula cover a&amp;ll rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows covered by %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaDraft</name>
    <message>
        <source>This goes through %L1 rows once for each of the %L2 rows, which takes a while. It can be stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Entering this replaces the typed values of %1 (rows: %2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 looks like the address of a cell. Columns have names here: click the heading of the one that is meant.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaEditor</name>
    <message>
        <source>Formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dev = x − mean(x)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a name, then = and the formula, as in dev = x − mean(x).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>formula of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold %1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stays put</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 follows the row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 runs over the rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 follows the column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 follows the row and the column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read %1 as numbers (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read %1 as dates, month first (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read %1 as dates, day first (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter fills the column · Shift+Enter adds another definition · Escape cancels · Click a heading, cell, foot line or held value to insert it, or press Alt and an arrow key</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter writes a formula for each of the %1 selected columns; each stands for that column · Escape cancels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press Enter again to continue. Undo brings them back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter accepts the formula as it is. It waits for %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading text again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 runs along with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a single value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change to %1 (Ctrl+L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold on the ledge… (Ctrl+Shift+L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold on the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the held value:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaPage</name>
    <message>
        <source>Ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fails</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overridden: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foot, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All formulas of the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Save…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML (*.html)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>end of the x axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>end of the y axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of a reference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dismiss</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FrequencyDialog</name>
    <message>
        <source>Frequency table of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number of classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open ends</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In no class: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About eight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sturges: 1 + log₂ n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Square root of n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Freedman and Diaconis: from the quartiles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the left: 10 ≤ x &lt; 20</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the right: 10 &lt; x ≤ 20</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open class below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open class above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Midpoint</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cumulative from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tally</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw a &amp;histogram</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>any widths, such as 0, 10, 20, 40, 80</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Include</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Empty or not a number: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One for each recorded value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Relative frequency density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1 for whole numbers, 0.5 for halves, and 0 where every number is possible. The boundaries of the classes lie half of it beyond their limits.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Recorded to the nearest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cust&amp;om limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean, spread and quartiles from the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Modal class and mode</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All values together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts &amp;for, and values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each value of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own limits</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::GridPlot</name>
    <message>
        <source>%1, from %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %2, %3 %4: %5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not a number</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HandoutBar</name>
    <message>
        <source>The rest is locked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The question before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next question</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to what is asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only what is asked can be changed. You can add columns and held values of your own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2: %3 (points: %4)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filled in: %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HandoutDialog</name>
    <message>
        <source>&amp;Lock everything else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a handout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tick what the student is to fill in. It is empty in the handout.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Question</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Given data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts of the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Questions in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a &amp;question in words…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Question in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is asked?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One name a line. With names, a handout for each is written into a folder.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Browse…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Names</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Make</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, its limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shuffled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawn for each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Given data of %1 for each student</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>answer in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points are a number from 0 on: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A folder for the handouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the handout</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ledgefall studies (*.ledgefall)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a folder. Write the name of a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write where the handout is to go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is the file of the study itself. Write the handout to another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 already exists. Replace it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which answer is right? Leave it empty to mark by hand.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HeadingDialog</name>
    <message>
        <source>Heading of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Label</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HeldCard</name>
    <message>
        <source>Held value %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>function</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held value %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sliding %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choosing %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Definition of held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no values to choose from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HeldDialog</name>
    <message>
        <source>&amp;Unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>riffle; pool; weir</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show a &amp;slider</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Properties of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in steps of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any typed value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The values listed here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The values of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Choices</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HelpReader</name>
    <message>
        <source>Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All pages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close help (Escape)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no such page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Insert it into the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keyboard shortcuts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keys hotkeys</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ImportDialog</name>
    <message>
        <source>Import delimited text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first line is a &amp;heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Comment lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does not fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 is %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yes/no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The second line has &amp;units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma ,</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Semicolon ;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tab</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bar |</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spaces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Point 1.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma 1,5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fields separated by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Columns, and how each is read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: “%2” can mean %3 or %4. It is read as %5. To use the other, choose it in the line of this column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First %1 rows. The others are read on import.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::LayerStrip</name>
    <message>
        <source>swap axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write another formula for all cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the layer %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No layer yet: click here and write a formula for all cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show all layers under each other in each cell, or one at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Axis down: click to change its name or values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Axis across: click to change its name or values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows become columns; formulas are rewritten to keep their meaning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1%2, typed: type in the cells</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::LedgeModel</name>
    <message>
        <source>type n = 12 or q = 1 − p to hold one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holding a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held value %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::LedgeView</name>
    <message>
        <source>Ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hold a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put a value on the ledge, where no row changes it (Ctrl+H)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>n = 12, or q = 1 − p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ledge: what stands here stays put, and formulas fall past it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order of the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holding %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unit, note, group, slider and choices…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a value…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only for this table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For the whole study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find the value for which…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the held values that do not fit on this shelf; scroll to slide them along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held value properties</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try values…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moving to another ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove from ledge</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::MadeTableCommands</name>
    <message>
        <source>histogram classes bins intervals count tally distribution categories</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two-way cross chi squared pairs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean median quartiles standard deviation variance box plot statistics descriptive minimum maximum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>summary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per cent proportion count of a category</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unfolding %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by hand step by step computation table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Tables from columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a fre&amp;quency table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a contingency table of two columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a s&amp;ummary table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the share of one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unfold a measure of selected columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new frequency table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new contingency table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new summary table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share of one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Compare observed with expected counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chi squared goodness of fit pool classes test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new table of observed and expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, shares by group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, back to back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Share of the group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::MainWindow</name>
    <message>
        <source>&amp;Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computing…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computing… %L1 cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1[*] — Ledgefall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1[*] (%2) — Ledgefall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contents</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Details</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Co&amp;mpute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was opened as a new study. What was found in it is in the study&apos;s note, under Study ▸ Study settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tables of %1 were added. What was found in it is in the study&apos;s note.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tables of %1 were added. Renamed: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This was being typed when the window closed: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Computing has ended.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::MarkDialog</name>
    <message>
        <source>Mark a folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The handouts in a folder are compared with this study. The marks are a study of their own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Browse for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Folder of handouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder of handouts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Earlier marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ledgefall studies (*.ledgefall)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none; points that were changed in them stay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feedback &amp;pages into</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feedback</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Tolerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a folder. Choose the one with the handouts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tolerance is a number from 0 to 1, such as 1e-9.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::MeanDialog</name>
    <message>
        <source>Mean with ± as text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All rows, as a card on the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row for each value of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standard deviation (SD)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standard error of the mean (SE)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>95 % confidence interval of the mean (Student&apos;s t)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Behind the ±</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;values are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::MotionDialog</name>
    <message>
        <source>&amp;Stop there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw a &amp;chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Motion in steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One: x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two: x and y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stable for step × rate below %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lets every oscillation grow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: order %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Acceleration along x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Acceleration along y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Velocity along x at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Velocity along y at the start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time of the last row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Conserved quantity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>optional, such as vx^2 / 2 + 9.81 * x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>optional: what becomes 0, such as y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Begin with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Directions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Acceleration along x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A&amp;cceleration along y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start: &amp;x and its velocity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start: &amp;y and its velocity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Time step and end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Method</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Conserved &amp;quantity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Event where this is 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formulas may use x, vx, y, vy and t.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formulas may use x, vx and t.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fall with drag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Throw with drag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swing on a spring</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pendulum at a large angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Orbit round a centre</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::NewFootMenu</name>
    <message>
        <source>Add a foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Diversity, of counts per species</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foot line %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Quartiles, range, most frequent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Spread, shape and other means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Custom formula…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::Notices</name>
    <message>
        <source>Dismiss</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::OutcomeCurve</name>
    <message>
        <source>from %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outcome of each value</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::RecoveryDialog</name>
    <message>
        <source>Unsaved work was recovered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its file is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It had no file yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1”, last changed %2, was not saved when its window closed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compared with the file: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its file, %1, no longer exists.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables: %1. Typed cells: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the recovered study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep both: open it as a new study, and leave the file unchanged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the file, and discard the recovered study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Discard the recovered study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has been changed since then by another program or window, last %1. Keep both, unless you know that one of them is not needed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This was being typed: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ReferencePlot</name>
    <message>
        <source>lower quartile</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>median</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper quartile</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ReportDialog</name>
    <message>
        <source>Report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Author</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first and the last</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many rows from either end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;umbers in full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As mathematics</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As typed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>such as Pebbles.dev[3], ledge.q</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Working of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Letter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Portrait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Landscape</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Orientation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sa&amp;ve as…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pr&amp;int…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pages: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save report</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The printer could not be reached. Choose another one, or save the report as PDF.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf);;Web page (*.html);;OpenDocument text (*.odt);;LaTeX (*.tex)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Blank columns for what the handout asks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pa&amp;rts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note of the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Table: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checks and their state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sources of the methods</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pages are being laid out…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::RowCommands</name>
    <message>
        <source>Ro&amp;ws</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Insert rows above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Insert rows to the left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Sort by this column, ascending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>series fill down sequence repeat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moving rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sorting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>continuing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move rows &amp;up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move rows &amp;left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move rows &amp;down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move rows ri&amp;ght</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sort by this column, d&amp;escending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Continue selected values…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::RowCountField</name>
    <message>
        <source>rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of rows: a number, or a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One row fewer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One row more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::RowsEdge</name>
    <message>
        <source>Lower end of the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right end of the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drag to add or remove rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::RunCommands</name>
    <message>
        <source>&amp;Keep this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>save result compare scenario snapshot remember present values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Restore a run…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back to kept values scenario</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>compare results scenarios</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Draw all runs in charts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overlay compare curves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hide overlay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keeping a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawing runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a t&amp;able of runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hide ru&amp;ns in charts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as %1. It is listed in the contents and drawn paler in the charts of its columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells with errors are kept empty: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The held values of the run %1 are restored.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The held values of the run %1 are restored, except those that are now computed or have been removed: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held values, overrides and the seed go back to what they were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new table of runs</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::SettingsDialog</name>
    <message>
        <source>%1 — type %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Quantiles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tolerance of &amp;≈</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Toda&amp;y is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Seed of random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T&amp;housands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fixed date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Study settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As on this computer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Point: 1234.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comma: 1234,5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No grouping: 1234567</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space: 1 234 567</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opposite of the decimal sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Radians, unchanged: 0.785</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Degrees: 45.0°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Degrees, minutes, seconds: 45°0′0″</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An&amp;gles with unit rad</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used to show and read numbers in the window; formulas always use a point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only the display changes: the values stay in radians</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How quartiles, the median and other quantiles are placed between two values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>≈ holds where two sides differ by no more than this fraction of the size of their terms</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Otherwise, today() is the current date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same seed gives the same random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As-of day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;values are</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::StartPage</name>
    <message>
        <source>Start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the demo study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A first table in five steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove from my starters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A computation table starts with a few columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type or paste your observations, hold on the ledge what must not move, and write one formula for all rows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import a table or worksheet…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or start from a finished example:</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::StarterCard</name>
    <message>
        <source>Starter: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::StudyCommands</name>
    <message>
        <source>&amp;New</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New &amp;window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the &amp;demo study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier &amp;versions…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Export this table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spreadsheet ods xlsx send hand on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep as a starter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>New &amp;from a starter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Import a table or worksheet…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export study as a wor&amp;ksheet…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Clear values for new data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>empty values template blank reset</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Study se&amp;ttings…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clear values for new data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clearing values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title of the starter:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep this study as a starter…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Report…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>print pdf html latex document hand in page paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the report has</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::StudyFiles</name>
    <message>
        <source>Save without it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the changes to %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Discard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Overwrite the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reload the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file was changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 — %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open in another window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the earlier versions…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is %2 here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>adding %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading what was recovered of %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the earlier version…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unsaved changes cannot be backed up: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is open in another window. Changes made here will be saved under another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Unfinished formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula being written cannot be entered yet. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a study or worksheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Continue without it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has been removed or renamed since it was opened here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has been changed by another program since it was opened here. Differences in the file: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recovered study “%1” cannot be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study has not been saved yet, so it has no earlier versions. Save it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There are no earlier versions yet. One is kept each time the study is saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How each differs from the study as it is now. Restoring a version can be undone; the file changes only when you save.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore this version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring an earlier version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read-only</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::SubjectCommands</name>
    <message>
        <source>&amp;Mean with ± as text…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard error deviation confidence interval by group report uncertainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stem-and-&amp;leaf table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stem leaf stemplot digits distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Select values beyond the &amp;fences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>outliers box plot Tukey quartiles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a &amp;distribution…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>probability critical region significance test normal approximation binomial poisson table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts expected by a fitted distribution…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>estimate p lambda mean binomial poisson goodness of fit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Di&amp;versity of sites…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>species indices Shannon Simpson richness evenness Bray Curtis Jaccard Sørensen rarefaction dissimilarity matrix abundance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Motion and &amp;rates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Motion in steps…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>acceleration velocity Euler Verlet Runge Kutta projectile pendulum orbit iteration simulate physics</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Halve the step of a result…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Richardson extrapolation convergence order error step size</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rate of change of one column by another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>derivative velocity acceleration slope</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Running &amp;integral of one column over another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>area trapezium distance sum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Compare measured columns with a model…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>residuals fit theory experiment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>critical region</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new table of a distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Expected counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Poisson, mean estimated from the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Binomial, probability estimated from the counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>expected counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>diversity of sites</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean as text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new table of means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new stem-and-leaf table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new motion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rate of change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>running integral</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 by %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare with a model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compare</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comparison with a model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Halve a step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which step is halved?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Result to follow while the step is halved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of the method</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1: Euler</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>2: velocity Verlet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>4: Runge–Kutta 4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>halved steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The left column has the values, the right one their counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The left column is what the values were measured at, as the time.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::SuggestionBar</name>
    <message>
        <source>Suggestion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dismiss this suggestion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make %1 a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold %1 on the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correcting a name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula waits for %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This looks like a share of a total. Add a check that %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correcting a share</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::SummaryDialog</name>
    <message>
        <source>Only the &amp;first rows:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Summary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Groups</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Columns &amp;together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw &amp;box plots of the first column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row for each column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row for each value of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each separately</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each separately, and all pooled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pooled step by step: the first, the first two, …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Quantile type (Hyndman and Fan)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableClipboard</name>
    <message>
        <source> by </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>paste</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is %2 here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableCommands</name>
    <message>
        <source>Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>renaming</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop rows early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moving a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bins intervals limits width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;New table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>columns values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transpose turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a layer of t&amp;yped values…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>enter data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swapping the axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transpose turn rows to the right months horizontal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two-way &amp;table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T&amp;itle and note…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rename table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number o&amp;f rows…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop rows early…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change c&amp;lasses…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change axis &amp;down…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change axis &amp;across…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Swap a&amp;xes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show rows a&amp;cross</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>showing rows across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move table up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move table down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title of the table:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note beside the title:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the table in formulas (formulas that use it are updated):</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number of rows, or a formula of held values:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop at the first row for which this holds, such as r &lt; 1 (leave it empty to run to the end):</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stopping rows early</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>class changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Axis across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Axis down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name and values, such as 1..12, or 3, 3.5 .. 6, or riffle, pool, weir. Typed cells are kept for values that remain:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>axis changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Layer of typed values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the layer:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new layer</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableExport</name>
    <message>
        <source>Export this table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the export to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drawing the charts…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells with errors were exported empty: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export study as a worksheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All formulas were saved to %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableHeading</name>
    <message>
        <source>Column headings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overridden: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>= a formula, or values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heading [unit]</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>errors: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableImport</name>
    <message>
        <source>import</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import a table or worksheet</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableModel</name>
    <message>
        <source>Type here to add a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>decimal sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits for %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>error: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, row %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, overridden</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TablePage</name>
    <message>
        <source>foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put a measure under the columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inserting rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computing was stopped: old values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No, it is a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No, they are values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>headings as values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is read as %2, here and in the rest of the column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title of the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swapping the axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pasted with their formulas: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Double-click to change the title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A heading occurs here more than once, so in formulas these columns are called %1. Double-click a heading to change it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Renamed: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Added as columns: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put on the ledge, the same in every row: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read as %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swapping day and month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is used as the heading of its column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 are used as the headings of their columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values from before the last change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows: %1, columns: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>errors: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checks that hold: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failing checks: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells that hold %1 in place of a value: %L2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Read them as missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put a measure under the columns: needs a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a foot line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Commands of the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Table %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foot of %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TableView</name>
    <message>
        <source>Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>width of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>column width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>moving a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heading of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>column %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clearing cells</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TryValuesDialog</name>
    <message>
        <source>Try values of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1:  %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another formula, such as max(Path.r)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Outcomes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2 step %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These values cannot be read yet: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose an outcome, or write one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Draw a chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From, to and step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A list of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repeatedly halved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or &amp;another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three numbers: first value, last value and step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers separated by semicolons or spaces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two numbers: first value, and how often it is halved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values of %2 (%1): %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values to try</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Outcomes</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::TwoWayDialog</name>
    <message>
        <source>Two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a = 1..12</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>b = 2, 4, 8</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>product = a * b</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2 and %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An axis is a name and its values: a range (1..12), a series continued from two numbers (3, 3.5 .. 6), a list (riffle, pool, weir), or a column of another table (Readings.site).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula waits for %1. You can hold it on the ledge when the table is made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows: %1. Columns: %2.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ValuesBox</name>
    <message>
        <source>A sample: s, divided by n − 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A whole population: σ, divided by n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The values are</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WaitDialog</name>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Please wait</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WhatIfCommands</name>
    <message>
        <source>Try &amp;values of a held value…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what if trial vary change parameter sensitivity halve the step order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try values of &amp;two held values…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what if trial vary two parameters grid two-way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Find the value for which…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>solve equation root zero reach wanted result backwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trials</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What-&amp;if and runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Other values of it are tried; the study does not change.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>found value</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WindowCommands</name>
    <message>
        <source>&amp;Hold a value…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lock fix constant parameter absolute</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop computing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom i&amp;n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Contents</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A first table in five &amp;steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Ledgefall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a &amp;check…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>watch test verify validate condition sum to 100</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw new &amp;random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compute &amp;again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>List all f&amp;ormulas…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Reset zoom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Dark theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show a table &amp;beside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;how only one table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Ledge as a list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>De&amp;tails</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help on the current item</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;All help pages</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Find a command, name or table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A&amp;bout Ledgefall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no other table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Ledgefall&lt;/b&gt; %1&lt;p&gt;Computation tables that show what stays put and what follows the row.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later. The typeface is Lato, under the SIL Open Font License; charts are drawn by QCustomPlot.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ne&amp;xt table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Previous table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next p&amp;ane</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Previous pan&amp;e</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WorkingPanel</name>
    <message>
        <source>%1 under %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown as %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to where it began</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Uses %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Used by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Overridden: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stored as %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make %1 a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold %1 on the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a function: computed where it is called</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It waits for %1, which does not exist yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This text looks like numbers: read it as numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This text looks like dates: read it as dates, month first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This text looks like dates: read it as dates, day first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given: it stays put until you change it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restore formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore formula in all of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading text again</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WorkingView</name>
    <message>
        <source>Working</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy working</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy as LaTeX</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WorksheetDialog</name>
    <message>
        <source>Tables: %1. Held values: %2. Formulas recovered: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contents of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No likely mistakes were found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Likely mistakes: %1. They are listed first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values that differ from their formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open as a study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add tables to this study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts left out: %1. Likely mistakes: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
