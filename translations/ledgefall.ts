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
        <source>%1 is used by %2. Without it they will be at fault.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove all the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is there already. Replace it?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Replace it</source>
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
        <source>Only what is shown changes. To round the value itself, write round(x, 2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Number format</source>
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
        <source>a text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a yes or no</source>
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
        <source>a list of words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a name of letters, digits and _</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number, a text, true, false or null</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a whole number from 1 to 9</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an object in braces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an object with a column, or with values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an object with title, from and to</source>
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
        <source>the names that a function is taken of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number of a row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>true or false</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of rising numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number above the one before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number of rows, up to 20 million, or a list of pairs of a first id and a count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its beginning</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LedgeList</name>
    <message>
        <source>The ledge as a list</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Computation tables in which one sees what stays put and what follows the row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the Marrow Beck field course.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Studies, worksheets or delimited text to open.</source>
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
    <name>Requirements</name>
    <message>
        <source>needs a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no run is kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs a chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs a column of numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose typed values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose a column with a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose two columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose two columns or more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none is hidden</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is none over this column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its rows are typed, not counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a two-way table has layers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it is no two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its rows are no classes</source>
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
        <source>The study&apos;s formulas have changed since it was kept.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>! takes whole numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 and %2 are columns of different tables: a series is drawn from one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 calls itself: a held function must not.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be a name: a name has letters, digits and _, and does not begin with a digit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be a table&apos;s name: a name has letters, digits and _, and does not begin with a digit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be converted to %2: they do not measure the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be drawn upwards: it holds %2, and a chart takes numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be the name of a new column here: choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be unfolded.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be used on %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be what %2 is taken of: write different names there, as in force(r) = G / r^2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot stand between %2 and %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot stand here: a number, a name or a bracket is expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 comes after %2 in the table: write them in the table&apos;s order.</source>
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
        <source>%1 could not be written (%2): the file that was there is unchanged. Save under another name or make room.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 decides where the table stops, so it must not use later rows, whole columns, rows or last</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 does not belong here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 gives no number for the chart: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has more than %2 different values, too many for a box each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no fitted line: that takes two points at different places across.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no formula whose reach could be narrowed: write one first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no numbers to draw.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no rows yet: type or import some values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no value here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no value yet that could be asked for.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has the rows 1 to %2: there is no row %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a folder, not a file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a function: its working is that of the cells which call it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a function: write what it is taken of, as in %1(%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a group of columns: take a measure of it, as in mean(%1[i]).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a held value and has no rows: leave out the brackets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a whole column: take one row of it, as in %1[1], or a measure, as in mean(%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a word of the formula language: choose another name, such as %1_1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already in the group %2: dissolve that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already the name of %2: choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no unit that is known here: write it as mm, m/s or °C are written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not drawn, for its cells are at fault: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not drawn: some series stand at numbers and some at names.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is taken of whole columns here, and this is a single value: leave it out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is taken of whole columns, and one of these is a single value. Row by row, write %2(a, b).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is taken of whole columns: it is written %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is unfolded from two columns: choose that of the %2 and that of the %3, side by side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is used by %2: change that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is worked out by its formula: write a value in its place to change it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is written %2, and the number of arguments here is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is written %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is written %2: it needs values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 means per cent: for the remainder of a division write mod.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs a row, and there is none here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs a table&apos;s rows, and the ledge has none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs classes across: make a frequency table of a column, and draw its counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs its own earlier row and has no beginning: write %1 = first … then …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of the table %2 names a column %3 that is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stands for one value here and has no rows: leave out the brackets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stands more than once in %2, and a bar is for one row: count its values first, or draw boxes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 takes %2 here, and this is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 takes %2, and this is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 takes the columns %2, and would then take others: write out first which ones it takes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1%2 is not read as a product: write %1*%2.</source>
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
        <source>1, 0 or −1, by the sign of a number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A count in strokes, five by five; beyond 200 the number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A distribution is compared with numbers, and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A formula&apos;s reach goes from one row of the table to the same or a later one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A group is a heading over two or more columns that stand side by side: choose such columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line, circle or range beside the series needs all its numbers: fill them in, or take it away.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A measure runs over the rows of one table, and this one names two others, %1 and %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A name is needed here, such as x or mean_length.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number drawn at random from a distribution; the same for the same study, column and row until the study is drawn again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number in one unit as a number in another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number rounded to d decimals, as written in decimals, halves away from zero.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number rounded to k significant figures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number whose logarithm is normal with m and s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quantile estimated from classes and their counts.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quantile of values with their frequencies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A quotation mark is opened in line %1 and never closed: close it, and read the text again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range can stand only in square brackets or in a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range is written with two points between its ends, as in 0..10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A range of rows can stand only in a measure, as in sum(%1[1..i]).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row is a number, and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A series has no column for its values: choose one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A slider goes from a number up to a larger one, by steps that are above 0 and fit in between.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A summary needs a column of numbers and a measure: choose at least one of each.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A summary of the first rows needs a number of rows from 1 on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table cannot have the categories of its own column as rows: take a column of another table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table takes %1 rows at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A text in capitals.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A text in small letters.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A text without blanks at its ends.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A value as text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After first and its value comes then and the formula of the later rows, as in first 1 then 2 * x[i-1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After if comes a condition, such as x &gt; 0, and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Among these columns is %1, which holds %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An axis cannot reach from %1 to %2: the second number must be larger.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Any number from a to b, all alike.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As many equally common species would have this dominance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At %1 the file should have %2: correct it, or take an earlier copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars take a number, and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brillouin&apos;s index of a fully counted community.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a row below the started values, down to which they are to be continued.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the columns to be drawn, at least one of numbers: across first, then upwards.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the one column of which %1 is to be unfolded.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes and units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes need a width above 0, and a number at which the first one begins.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes need from 2 to %1 boundaries, each above the one before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Classes of this width would be more than %1: make them wider, or begin further up.</source>
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
        <source>Completed months from a to b: complete once the day of the month has come again.</source>
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
        <source>Counts of pairs are taken of two columns of one table: choose both.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For which part of the rows a condition holds, of those where it is known.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gaps and texts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here %1 runs over all rows, and [i] is the one row of this formula. For the step from row to row, make a column of it first, such as step = %1 - %1[i-1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here stands a distribution, such as binomial(12, 0.5), and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far observed counts are from expected ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many characters a text has.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many different values there are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many events happen where m are expected.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many of n drawn without putting back are marked, where K of N are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many of n independent trials succeed, each with the chance p.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many species occur.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many standard errors the mean lies from a value m.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many standard errors the means of two samples lie apart, whatever their variances.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many trials fail before the first success.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many trials fail before the r-th success.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many values there are, or for how many rows a condition holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In P( ) a distribution is compared with a number by = ≠ &lt; ≤ &gt; or ≥.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In P( ) stands a condition on a distribution, such as binomial(12, 0.5) &lt;= 3. For the part of the rows for which a condition holds, write share(…).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In how many ways k of n things can be chosen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In how many ways k of n things can be put in a row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the table %1 two things are called %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ledgefall studies</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Months, years and weekdays are taken of a column of dates, and %1 holds %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Months, years and weekdays are taken of a column of dates, and this one holds %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More than %1 measures stand one within the other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing can be compared after in (…): put the comparison before it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One P( ) can have up to %1 comparisons: add up several.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One P( ) is about one distribution, and this one names two.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only a column can have a row in square brackets after it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only counted rows can stop early: give %1 a number of rows first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Several values in brackets can stand only in a measure or after in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shannon&apos;s entropy, in natural logarithms or to a base.</source>
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
        <source>Simpson&apos;s diversity without bias, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s dominance, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s dominance: the chance that two draws with putting back are of one species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Simpson&apos;s inverse, of counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something is missing before %1: put *, + or another operator there.</source>
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
        <source>Texts and numbers joined to one text.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians of the point x, y, from the x axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians that has this cosine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians that has this sine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The angle in radians that has this tangent.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The arithmetic mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chance that two draws with putting back are of different species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chance that two draws without putting back are of different species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 draws a column %2 that is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 names a table %2 that is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The check %1 names a table %2 that is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen cells of %1 cannot go on in this way: choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The class of the numbers from a up to, not including, b.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The coefficient of variation.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The columns of a summary must be of one table: choose them there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The correlation of the ranks of two columns.</source>
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
        <source>The cube root, of negative numbers too.</source>
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
        <source>The day on which it is worked out, or the day that the study is set to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The density of a distribution at x; of a discrete one the probability of x.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distance of the point x, y from the origin.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The distance of the quartiles.</source>
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
        <source>The evenness of Pielou.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The excess kurtosis of the moments.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file holds a number that is too large to be held.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is cut off: it ends at line %1, before the study is complete. Take an earlier copy.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is not a study as it is: at line %1, character %2, it is not valid JSON.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is not a study: it nests brackets more than %1 deep.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula of %1 has a mistake: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula stops too early: something is missing at its end.</source>
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
        <source>The id %1 stands in the file twice, the second time at %2.</source>
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
        <source>The logarithm to a base of your own.</source>
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
        <source>The mean of values with their frequencies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The median of the distances from the median.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The middle of a class.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The middle value in order, or the mean of the two middle ones.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The month of a date, from 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The most frequent value; of several the first to occur.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The natural logarithm of the gamma function&apos;s size.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The natural logarithm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The nearest whole number above.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The nearest whole number below.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The normal distribution with the mean m and the standard deviation s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number %1 is too large to be held.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of species estimated from those seen once and twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number of species expected in a sample of m.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one value of those rows for which a condition holds: missing of none, a fault of several.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The part of the species of two samples that both have.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The place of this row&apos;s value among all, smallest first; ties share theirs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The probability of a condition on a distribution; what stands behind a bar is known to hold.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The product of the values; 1 of none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The product of the whole numbers up to n; n! is short for it.</source>
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
        <source>The rows of %1 are classes: change the classes instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of %1 are counted: change their number instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of %1 come by themselves: they cannot be added, removed or moved by hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows of the table %1 are made from a column %2 that is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same, counting shared species twice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The share of the commonest species.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sign %1 means nothing in a formula: remove it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sine of an angle in radians; sin(30°) takes degrees.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The size of a number, without its sign.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skewness of the moments.</source>
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
        <source>The standard deviation of such a population.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard deviation of values with their frequencies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The standard error of the mean.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The steps do not lead to the measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sum of the values; 0 of none.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The sum of v squared standard normal numbers.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tangent of an angle in radians.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The time until the next event, where events come at a rate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The unlikeness of two samples.</source>
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
        <source>The value below which a part p of a distribution lies; of a discrete one the smallest k with P(D ≤ k) ≥ p.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The value below which a part p of the values lies.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of a distribution.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The variance of a population given by values and frequencies.</source>
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
        <source>The variance of values with their frequencies: divides by n − 1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole part, towards zero.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The y at a place between the rows of a table, on the straight line from x to x.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The year of a date.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is a %1 too many here: remove it, or open its partner before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is already a table called %1: choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no column or held value called %1. Did you mean %2?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no column or held value called %1: add it, or correct the name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no formula here yet: write one, such as x - mean(x).</source>
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
        <source>There is no number in this column to be put in classes: enter some, or choose another column.</source>
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
        <source>There is no table to draw from: begin with a table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no version %1 of the study format: its field version should be %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing of this name to show the working of.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This chart has nothing to draw yet: give it a series.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This column has more than %1 different values, too many for a row each: put its numbers in classes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This form can only be the one argument of a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This formula calls held functions more than %1 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This formula has %1 characters, more than the %2 that one formula may have: divide it between columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This gives %1 in one case and %2 in another: make them the same kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This group is used by %1: change that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is drawn within too many measures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is no longer in the study: it has been removed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a Ledgefall study: it does not say &quot;format&quot;: &quot;%1&quot; at its beginning.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not a text: it has a zero byte at position %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not closed: put %1 at its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This range needs both its ends, as in 0..10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study does not say which version of the format it has: its field version should be a whole number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study was written by a later Ledgefall (format %1, and this one reads up to %2): open it with that one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This table&apos;s rows are no classes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This text is not closed: put a quotation mark at its end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two held values of the study are called %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two points stand between two columns of one table, as in a .. c, or a[i] .. c[i] for this row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two tables are called %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the regression line of y on x meets the y axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a text begins with another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a text ends with another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether a text has another in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a name first, then = and the formula, as in dev = x - mean(x).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yes where a cell is empty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>[i] is the row of a column&apos;s formula, and there is no row here: use a measure or a row such as [1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a chart takes a number here, and this is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a first value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a negative number has no such power</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row in brackets must be a whole number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a sum over a bound number: for k in 0..10</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a table takes a whole number of rows from 0 to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a value that occurs: the first that reaches p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>acos takes numbers from -1 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after until comes a condition, such as r &lt; 1, and this is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an open class has no such limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arrange takes whole numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asin takes numbers from -1 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>binomial mean and standard deviation, of k from 0 to n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>binomial takes a whole n from 0 up and a p from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>boxes</source>
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
        <source>chi_squared takes degrees of freedom above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose takes whole numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correlation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts and q are numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts are numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts are numbers from 0 up, and a base is above 0 and not 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cumulative curve</source>
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
        <source>each stands for a chosen column: it can be used in a foot line, or in a formula for several columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>expected counts are numbers above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>exponential takes a rate above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>f_dist takes degrees of freedom above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>factorial takes whole numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first and then need rows: only a column&apos;s formula can have them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first can only begin a formula.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first quartile, by its place</source>
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
        <source>for is followed by a name, in and a range, as in 1/k! for k in 0..10.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequencies are numbers from 0 up, and p is from 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gamma has no value at 0 and at negative whole numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>geomean takes numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>geometric takes a p above 0 and up to 1</source>
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
        <source>harmean takes numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>histogram over classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hypergeometric takes whole numbers N, K and n from 0 up, with K and n not above N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>if is written if … then … else …: %1 is missing here.</source>
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
        <source>interpolate takes a place between the smallest and the largest x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interval takes an a below its b</source>
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
        <source>kilometre an hour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kurtosis has no value where all values are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ledge is followed by a point and the name of a held value, as in ledge.n.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lgamma has no value at 0 and at negative whole numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>like 1, with the mean of two where p is reached exactly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>litre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ln takes numbers above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>log takes a number above 0, and a base above 0 that is not 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>log10 takes numbers above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>log2 takes numbers above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lognormal takes an s above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>m is a whole number from 0 to the number of individuals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean and standard deviation from classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>median, by its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metre</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>metre a second</source>
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
        <source>near the median of its own spread, whatever the distribution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>negative_binomial takes an r above 0 and a p above 0 and up to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no formula reaches this row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>normal takes a standard deviation above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the line between values, at (n + 1)·p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the line between values, at (n − 1)·p + 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the line between values, at n·p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the line between values, at n·p + 0.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only a whole number from 0 on can be counted off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only the rows for which a condition holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>p times the natural logarithm of p, and 0 at 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>points, joined</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>poisson takes a mean from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>polygon over classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quantile takes a p from 0 to 1 and a type from 1 to 9</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quantile takes a p from 0 to 1 for which the distribution has a finite value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>regression line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>round takes a whole number of decimals from -300 to 300</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>several rows fit here: pick takes exactly one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sigfig takes a whole number of figures from 1 to 17</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skewness has no value where all values are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sqrt takes numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation, of a sample (n − 1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>standard deviation, of a whole population (n)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stems</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>student_t takes degrees of freedom above 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>t has no value where all values are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the cell is not %1: correct it, or set the column&apos;s kind to text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the column whose values were to be the rows has been removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the distribution&apos;s numbers are out of their domain</source>
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
        <source>the result is too large to be held</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the rows of this table come from a later version and are kept, not shown</source>
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
        <source>there is no correlation where all values of one column are equal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no finite density here, or the distribution&apos;s numbers are out of their domain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these columns need each other in a circle without a beginning, %1: give one of them first … then …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these columns need each other in the same row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these formulas need each other in a circle, %1: change one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these need each other in the same row, %1: use an earlier row, such as [i-1], in one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these rows are not made from a column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>these two units are not both known, or do not measure the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>third quartile, by its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this distribution has none, or its numbers are out of their domain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this divides by zero</source>
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
        <source>this takes more steps than one formula may: divide it, or shorten its ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this text writes no number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>typed over the formula %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unbiased where the values are normal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>uniform takes an a below its b</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variance, of a sample (n − 1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variance, of a whole population (n)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is known here has the probability 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where, for and a bar can stand only in the brackets of a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with as many species as individuals there is no finite α, and counts are from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked out from earlier rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x, or a value of your own where x is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>xlnx takes numbers from 0 up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is kept as typed, but it is not %2: correct it, or set the column&apos;s kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>√ takes numbers from 0 up</source>
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
        <source>distance of the quartiles</source>
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
        <source>most frequent</source>
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
        <source>In this order the rows that the formula of %1 covers would stand in more than %2 places: let it cover all rows first.</source>
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
        <source>%1 by hand as by measure</source>
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
        <source>Density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observed − expected</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the line</source>
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
        <source>Some values of %1 are in no row: look for cells that are of another kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Some values of %1 fall in no class: look for a mistyped one, or widen the classes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Squared</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Squared, over expected</source>
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
        <source>chi-squared of all counts against the expected ones</source>
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
        <source>f · (middle − mean)²</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>f · middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the middles of the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from the middles of the classes, over n − 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how likely so much or more is where the two have nothing to do with each other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many pairs are counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many rows the measures take, from the first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many trials</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many values are counted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many values fall in the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how often it occurs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its root</source>
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
        <source>of the x that have a y</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of the y that have an x</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the line between them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the line within its class</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over one less than their number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over their number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the chance of success in each</source>
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
        <source>the value at or below that place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the variance from the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>their sum over their number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where it lies among them, from 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where the line meets the axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which %1 is asked for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which part of all values that is</source>
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
        <source>dates go from the year 1 to the year 9999</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no such day: years go from 1 to 9999, months to 12, days to the end of the month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1((a, b)) for several values, and %1((a, b), %2) where %2 follows them: of one value it tells nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ct is no unit here: for gems write carat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dpi counts dots, which are no unit here: write 1/in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gal is a gallon to some and a unit of acceleration to others: write gallon, or cm/s2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ppt is a thousandth to some and a millionth of a millionth to others: write ‰, or 1e-12</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rpm counts turns, whose size depends on what is asked: write turn/min, or 1/min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there are several tons: write t (1000 kg), short_ton or long_ton</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dB is a logarithm, not a unit: work it out by a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pH is a logarithm, not a unit: work it out by a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be written (%2): there is no such file. Save under another name or make room.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be written to its end (%2): what was to be saved is in %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a device or a pipe, which may have no end: save what it gives to a file first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not a file but a folder or device, and nothing was written: choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is read only, and was left as it is: save under another name.</source>
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
        <source>%1 cannot be a limit here: limits are numbers, each above the one before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no kind of picture that can be written: let the name end with .png, .svg or .pdf.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table cannot be exported as %1: save the study instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the columns first; in the formula each stands for one of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose the values that have been started, in a column that is given.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own limits are at least two numbers: where the first class begins, and where it ends.</source>
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
        <source>This table has no classes of another column that could be changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This table has no column of numbers yet that could be summed up.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the chart draws is being worked out: copy it again when it is there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the chart draws is being worked out: write it again when it is there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is not enough memory for this, and it was not done: use fewer rows, or close other programs. What is not saved has been kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>working this out would take more memory than is free: use fewer rows, or fewer formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The text was no UTF-8 and has been read as Windows-1252.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole numbers with more digits than a number can hold: %1; their columns have been read as texts, so that no digit is lost.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is defined twice here: keep one of the two.</source>
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
        <source>The day that counts as today lies in the years 1 to 9999.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The seed of random numbers is a whole number up to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tolerance of ≈ is a number above 0 and up to 0.1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The type of quantile is a whole number from 1 to 9.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already the name of a foot line that another one uses: choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The foot line %1 is not taken of this column: choose the column in that line&apos;s menu.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The foot line %1 uses this one: change that first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This table has a foot line called %1 already: choose another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 gives no error bars: choose a column of numbers of the same table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has too many rows for standard errors: give them in a column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no mean, so it has no standard error: choose a column for the error bars.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A logarithmic axis begins above 0: it is begun at its smallest value instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars and classes have widths, which a logarithmic axis would bend: across is drawn with even steps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bars and sums stand on zero, which a logarithmic axis does not have: it is drawn with even steps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of pairs of row ids</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A setting is quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, decimal_sign = comma, grouping = space or angles = degrees.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 holds %2, and this is %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is given two values here: leave one of them out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 looks through a range of numbers: it is written %1(t^2 - 2 for t in 0..2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 takes one expression, without where.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number t in a range at which an expression is 0.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brent (1973), after looking through the range in 64 steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose what is to come out of each value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give from 1 to %1 values to try.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number t in a range for which an expression is greatest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The number t in a range for which an expression is least.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no held number to try values of: put one on the ledge first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Trials of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is asked for before with cannot use a number of the for around it: use it in the value to try.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bracketing by Alefeld, Potra and Shi (1995), after looking through the range in 64 steps</source>
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
        <source>nothing that is asked for before with uses %1: another value of it changes nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ratio of changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the range from %1 to %2 has nothing in it: write the smaller number first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this could not be searched from %1 to %2: choose a narrower range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is %1 at %2 and %3 at %4, and was found to be 0 nowhere between: choose another range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is 0 in %1 places from %2 to %3, the first two near %4 and %5: choose a range with one of them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is asked for before with needs this very value: ask for something else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with asks for a number, a date or yes or no, and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with cannot stand in a measure over rows: give it a column of its own, and take the measure of that.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with is followed by a held value, = and the value to try, as in max(r) with k = 8, or by several in brackets, as in with (k = 8, m = 2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with takes up to %1 held values at once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with tries another value for a held value, and %1 is none: put on the ledge what is to be tried.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at %2 is a layer of a two-way table: its formula covers all cells, and what is typed stands among its overrides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 by %2 and %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has %2 lines, and %3 are the most that can be told apart: draw it as a heat map, or choose the other axis.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no layer yet: write a formula for its cells first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has one axis: write one place, as in [1..i].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has two axes: write both places, as in [i, ..] for all of this row.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has two axes: write the row and the column, as in %1[i-1, j], or %1[i, ..] for all of this row in a measure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a layer of a two-way table: draw it as lines, points, bars, a heat map or contour lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a two-way table and has no rows of values: type into the cells of a layer, or make another table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a two-way table: change the values of its axes instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a whole axis: take one of its values, as in %1[1], or a measure, as in max(%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a whole layer: take one cell of it, as in %1[1, 2], or a measure, as in sum(%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is an axis and has one place in brackets, a row or a column: write %1[1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no layer of a two-way table: a heat map and contour lines are drawn of one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no number of the axis: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not drawn: the values of both its axes must rise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is told by a cell of the two-way table, and here there is none: use a measure, or a place such as [1, 2].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 needs a cell, and there is none here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 stands twice on this axis: each value of an axis stands there once.</source>
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
        <source>A list of an axis takes %1 values at most: write it as a series, such as 1..20000.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part of a two-way table can stand only in a measure, as in sum(%1[i, ..]).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A row or column is a number, and this is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An axis is written name = values, as in rate = 0.03, 0.035 .. 0.06.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before .. stands the first number, or the first two, as in 3, 3.5 .. 6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between two commas of the axis a value is missing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both axes are called %1: give one of them another name.</source>
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
        <source>The table at %1 needs one axis, or two that each have values of their own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This axis has no values yet: write some, as in 1..12 or riffle, pool, weir.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This block has %1 rows and %2 columns, more than %3 has from here on: add values to its axes first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two different numbers before .. show the step, as in 3, 3.5 .. 6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two places in brackets belong to a two-way table, and %1 has one axis: write one place, as in %2[1].</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a cell as Table.column[row], of a two-way table as Table.layer[row, column], and a held value by its name: %1 is neither.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>[j] is the column of a two-way table&apos;s cell, and this is no formula of one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of pairs of a first id and a count, for all values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number or a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a value that does not stand there before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an axis goes from number to number, and this is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars, stacked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bars, stacked to 100 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>contour lines</source>
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
        <source>heat map</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how strongly the two go together, from 0 to 1 (Cramér&apos;s V)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its axes make %1 cells, and a two-way table takes %2 at most</source>
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
        <source>The rows of the table at %1 are listed, which is for the axes of a two-way table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose two different held values.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in this study follows from both %1 and %2: choose two that go into one result.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cells are still being computed, so nothing was entered. Type again when they are ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is already the name of a run: choose another one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A study keeps up to %1 runs with %2 numbers together: remove a run, or choose fewer columns before keeping one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All that this run was kept with is so already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No run is kept yet: keep one, change a held value, and keep another.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to keep: nothing here is worked out by a formula yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is kept already, as %1: change a held value first.</source>
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
        <source>%1 draws another number each time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a function or a distribution, and is not written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is written as values: %2.</source>
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
        <source>%1 stands under %2 and is no formula: it is left out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 under %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, as it is used here, has no like in the formula language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: files of this kind are written and not read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A worksheet ends with .ods or .xlsx: choose one of these.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HTML tables</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has more than %1 cells that are not empty, and is not read.</source>
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
        <source>It is an OpenDocument file, but no spreadsheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is cut or damaged: it does not end as an archive does. Ask for it again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is encrypted, or a workbook in the older binary format: save it without a password, as an Office Open XML workbook or an OpenDocument spreadsheet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is encrypted: save it without a password first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is no JSON: look for a comma or a bracket that is missing, or send it through a checker.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is no worksheet, or a damaged one: its part %1 is not there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its field %1 is no list: columns are written as {&quot;x&quot;: [1, 2], &quot;y&quot;: [3, 4]}.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its part %1 is damaged and cannot be unpacked. Ask for the file again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its part %1 is no well-formed XML. Ask for the file again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its part %1 unpacks to more than %2 bytes, and is not read.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its record %1 is no object: records are written as [{&quot;x&quot;: 1}, {&quot;x&quot;: 2}].</source>
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
        <source>Row %1 counts %2 %3 where the rows around it go up by %4 to %5. It stays as it is in the column %2: type %5 there to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3 in its formula, where %4 has another value. Its value stands over the formula: give the formula back to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3, where the rows around it have %4. Its value stands over the formula: give the formula back to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Row %1 of %2 is %3, typed over the formula %4. It stays so: give the formula back to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The grid %1 is left out: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The range %1 leaves out the last rows of the column (%2). It stays so: write the column&apos;s name alone to take all of them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference %1 is not fixed, and has wandered to %2 %3 rows on. Here it means %1 in every row; in the worksheet, fix it with dollar signs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The worksheet could not be packed: the memory does not suffice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The worksheet has %1, and the formula gives %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This cell has %1, where the cells around it have the formula %2. It stays so: give the formula back to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Times of day without a date are taken as parts of a day: noon is 0.5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To look at in the worksheet:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values that are not what their formulas give:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What stands under %1 is left out: %2.</source>
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
        <source>a measure in it takes what is worked out for each row: give that a column of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a text in it is not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it cannot be read from %1 on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it cannot be written in one formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it counts texts that a formula leaves out in some rows</source>
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
        <source>it has two places in brackets</source>
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
        <source>it refers to %1, under a table, which is no formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to %1, which is empty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to %1, which is in no table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to a column without values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to a place outside the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to a place that was removed (%1)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to another file or to several sheets (%1), which are not opened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to itself by way of other cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it refers to the sheet %1, which is not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a column without rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a range with what stands under a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a row of a held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a row of what is worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a whole column of the sheet, with what stands under the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses %1, which is in no table</source>
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
        <source>it uses a column that is not written</source>
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
        <source>it uses a name that is not there</source>
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
        <source>it uses a range that is in no table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row or column whose number is worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row whose number is worked out</source>
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
        <source>it uses another quantile method than worksheets do</source>
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
        <source>its brackets stand more than %1 deep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition asks what is in a list, or in classes without end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition compares two columns, or none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition has a sign that stands for any text</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition is joined from texts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition is no comparison</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its formula cannot be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>something is missing at its end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the brackets of %1 are not closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the worksheet functions cannot say it</source>
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
        <source>Also:</source>
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
        <source>The number %1 is written in the formula, and stands in %2 too, as %3. It stays so: write %4 in its place if that is meant.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file has formulas without their values: what they give cannot be compared with anything.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it asks whether what is worked out is missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses cells that are missing in some rows, without being missing there itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 takes values of several columns, and for gives one list: write them as columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells of %1 that are not %2: %3 (row %4); they stay as they were written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines that begin with %1 were left out: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows with more or fewer fields than the first: %1 (line %2); all their fields were kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This is not closed: put %1 before the %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole numbers of %1 with more digits than a number can hold: %2; their last digits were lost. Read as text the column keeps them.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cells that can be unpacked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the first lines of %1 most cells are each %2, but in all most are each %3: it was read so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is a two-way table: swap its axes instead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 goes on from row to row (first … then …) and needs what stands right of it there, so the axes of %2 cannot change places.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has no tables that could be added.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chart %1 is not written.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it calls a held function that cannot be put in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it calls a held function whose names mean something else in the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it compares by in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it looks for the nearest value in falling order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a layer without cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a foot line that does not stand there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition or what it takes spans several columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition spans %1 columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what it looks for is worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where it is looked at %1, %2</source>
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
        <source>Row %1 of %2 has %3, where the rows around it have %4. It has no value to keep, and takes the formula of the others here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dates of %1 are written as texts. They stay so: set the column&apos;s kind of values to dates to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The numbers of %1 are written as texts, which no sum takes. They stay so: set the column&apos;s kind of values to numbers to mend it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes the sum of a single value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition leaves out one value, and some rows have none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its formula is at fault: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it uses a row or column that is not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it takes a part of %1, which is not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: hidden rows are taken like the others (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: merged cells are taken as their first cell, and empty cells beside it (%2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it compares a text that is made within it: give that a column of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it compares texts, and worksheets tell some of them apart otherwise: by capitals, by *, ? and ~, and where they are numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its condition has a text that means more than itself in worksheets</source>
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
        <source>each class needs a lower limit below its upper one, frequencies of 0 or more, and a p from 0 to 1</source>
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
        <source>As needed</source>
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
        <source>Fractions, such as 3 1/4…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Angles from radians: 57.3°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Angles from radians: 57°17′45″</source>
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
        <source>The largest denominator:</source>
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
        <source>The text “%1” stands in no table.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written as values: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2.</source>
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
    <name>ledgefall</name>
    <message>
        <source>A check on watch</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a column adds up to a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counts add up to the number of rows of another table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a condition holds in every row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an own condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;What is watched</source>
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
        <source>each different value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each year</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each day of the week</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as they first occur</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ascending, or alphabetical</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the most frequent first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cumulative</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tally</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and draw its &amp;bars</source>
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
        <source>With</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the table</source>
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
        <source>&amp;Chart of the chosen columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Change the chart…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show &amp;all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom &amp;into the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom out &amp;of the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Below the table, or beside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Co&amp;py the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Write the picture to a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hide the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Remove the chart from the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the chart</source>
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
</context>
<context>
    <name>ledgefall::ChartDialog</name>
    <message>
        <source>level line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upright line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>circle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range up and down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range across</source>
        <translation type="unfinished"></translation>
    </message>
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
        <source>The chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw the chart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is drawn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another &amp;series</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Equal scales: a unit is as long across as upwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Read quartiles and median off a cumulative curve</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Name classes at their middles, rather than the limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lines, circles and ranges beside it; their numbers may be formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A &amp;line, circle or range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>title, from the column where empty</source>
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
        <source>row number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>form of the series</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>label in the legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with fitted line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count over width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove this series</source>
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
        <source>form of the reference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the upper left corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the upper right corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the lower left corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the lower right corner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place of the legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The legend stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw &amp;all rows, not only those that were chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>logarithmic</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no error bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the standard error of the mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>error bars</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the axis at the right</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPage</name>
    <message>
        <source>Change what the chart draws, and how</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show all again (Home)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the picture to a file: PNG, SVG or PDF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the chart below the table, or beside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hide the chart; it stays in the contents</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rows without a value that can be drawn: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg *.pdf)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place of the legend</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave a trail: while a held value slides, the last few lines stay faintly</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPlot</name>
    <message>
        <source>up to %1: %2 of all</source>
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
        <source>%1 counts every one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The counts in %1 do not add up to n: some values fall in no class, or in two.</source>
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
        <source>They are being worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every check of the study holds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to the first that fails</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ClassPreview</name>
    <message>
        <source>The counts of the classes</source>
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
        <source>&amp;Column…</source>
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
        <source>&amp;Duplicate the column</source>
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
        <source>Move it to the le&amp;ft</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move it u&amp;p</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move it to the ri&amp;ght</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move it d&amp;own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Hide the chosen columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Show hidden columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>delete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A h&amp;eading over the chosen columns…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>group merge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove that heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Wider</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Narrower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fi&amp;t the width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>N&amp;umbers as shown</source>
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
        <source>A heading over columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A label for these columns together:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a heading over columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ColumnMenu</name>
    <message>
        <source>Write its formula…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Label, unit and note…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename in formulas…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show numbers</source>
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
        <source>Texts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates (2026-05-31)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Yes or no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kind of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore the formula in this cell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring a formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore the formula in all overridden cells (%1)</source>
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
        <source>The column&apos;s name in formulas; all formulas that use it are rewritten:</source>
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
        <source>A formula, in which each stands for the column above. With a name before it, as in total = sum(each), other foot lines can use it: total * rate.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CommandFinder</name>
    <message>
        <source>Find a command, a name, a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find a command, a name or a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing of that name.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::CompanionPanel</name>
    <message>
        <source>Chosen cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Companion</source>
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
        <source>at fault, left out</source>
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
        <source>Watch with a check…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the check…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the chart…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the chart from the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, not known yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>being worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Runs that are ticked are drawn paler in the charts of their columns</source>
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
        <source>name of a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore this run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rename the run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Table of the runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a run</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::ContinueDialog</name>
    <message>
        <source>Continue the chosen values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From one row to the next:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how much, or how many</source>
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
        <source>count on by</source>
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
        <source>the same again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1” is no number: write how much, such as %2.</source>
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
        <source>E&amp;mpty the cells</source>
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
        <source>Find &amp;previous</source>
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
</context>
<context>
    <name>ledgefall::ExportDialog</name>
    <message>
        <source>Export this table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comma ,</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>semicolon ;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tab</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar |</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>point 1.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comma 1,5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>names, as formulas call them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>labels, with their units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>names with their formulas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in full</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rounded as they are shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fields are divided by</source>
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
        <source>The first lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a grid, as it is seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a line for each cell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;The table as</source>
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
        <source>&amp;whole cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only in the &amp;chosen columns</source>
        <translation type="unfinished"></translation>
    </message>
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
        <source>put in its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to put in its place</source>
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
        <source>searching…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not there.</source>
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
        <source>%1 is in no typed cell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells changed: %1</source>
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
        <source>for which &amp;outcome</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>looked for &amp;from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold this value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold the search, so that it follows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write what is to come out, such as max(Path.r).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write numbers, the smaller end of the range first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking through the range…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 = %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What comes out is missing somewhere in this range.</source>
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
        <source>Leave</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 of %2. %3</source>
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
        <source>Type a heading and numbers under it: length, Enter, 42, Enter, 57, Enter, 38, Enter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hold what no row changes: click “hold a value”, type m = mean(length), Enter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One formula for all rows: click “next column”, type dev = length - m, Enter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A measure under the columns: click “foot line” and choose sum.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change a length: click it, type another number, Enter. Everything that depends on it follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is a computation table. F1 tells about whatever has the focus, and the starters of the Study menu are worth a look.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FoldingSplitter</name>
    <message>
        <source>Open: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fold away: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FootMenu</name>
    <message>
        <source>Formula…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the line</source>
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
</context>
<context>
    <name>ledgefall::FootView</name>
    <message>
        <source>Foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 foot lines, %2 of them in view: the wheel brings the others</source>
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
        <source>Write the ne&amp;xt column…</source>
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
        <source>A measure &amp;across the chosen columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>row wise across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One formula for &amp;each chosen column…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per cent of total share percentage relative frequency proportion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let the formula cover only the &amp;chosen rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reach range part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let the formula cover a&amp;ll rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reach range whole</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the reach of %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaDraft</name>
    <message>
        <source>Entering this takes the place of the typed values of %1 (%2 rows).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This goes through %L1 rows once for each of the %L2 rows, which takes a while. It can be stopped.</source>
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
        <source>The reference at the cursor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The mistake in the formula</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first, a middle and the last row</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter writes a column for each of the %1 chosen ones; each stands for the one · Escape leaves it</source>
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
        <source>Remove it (%1)</source>
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
        <source>%1 runs together with it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is one value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn into %1 (Ctrl+L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Onto the ledge… (Ctrl+Shift+L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Onto the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The name under which it is to stay put:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter fills the column · Shift+Enter for another definition · Escape leaves it · click a heading, a cell, a foot line or a held value to put it in, or Alt and an arrow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press Enter again to do so; Undo brings them back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter takes the formula as it is: it waits for %1.</source>
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
        <source>reading texts anew</source>
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
        <source>an end of the axis across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an end of the axis upwards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a number beside it</source>
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
        <source>Save the page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML (*.html)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>I have read this</source>
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
        <source>about eight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by Sturges: 1 + log₂ n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the square root of n</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by Freedman and Diaconis: from the quartiles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one for each whole number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the left: 10 ≤ x &lt; 20</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the right: 10 &lt; x ≤ 20</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an open class below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an open class above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>middle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per cent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cumulative</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cumulative share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cumulative from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>density</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tally</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and draw its &amp;histogram</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean, variance and median from the classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number of classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;width</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of any widths, such as 0, 10, 20, 40, 80</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At &amp;own limits instead</source>
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
        <source>With</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the classes</source>
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
        <source>Empty or no number: %1.</source>
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
        <source>no number</source>
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
        <source>used by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held value %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>function</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>given</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Definition of the held value</source>
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
        <source>there is no value to choose from</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::HeldDialog</name>
    <message>
        <source>It can have a &amp;slider</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About %1</source>
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
    <message>
        <source>Stands &amp;together with</source>
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
        <source>by steps of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing: any value can be typed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the values listed here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the values of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>riffle; pool; weir</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It can have &amp;choices from</source>
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
        <source>Close the help (Escape)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is no page of that name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put it into the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shortcuts keyboard</source>
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
        <source>as found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comma ,</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>semicolon ;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tab</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>point 1.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comma 1,5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Fields are divided by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import as a table</source>
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
        <source>numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>texts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first line is a &amp;heading</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next one has the &amp;units</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bar |</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blanks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there are none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>begin with %1</source>
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
        <source>The columns, how each is read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: “%2” may be %3 or %4. It is read as %5; choose the other in its line if that is meant.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These are the first %1 rows; the others are read on importing.</source>
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
</context>
<context>
    <name>ledgefall::LayerStrip</name>
    <message>
        <source>The axis down: click to change its name or values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The axis across: click to change its name or values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swap axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The rows become columns; formulas are rewritten to mean the same</source>
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
        <source>%1%2, typed: write into the cells</source>
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
        <source>about a held value</source>
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
        <source>Show the number</source>
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
        <source>another ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For the whole study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove from the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removing a held value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shows the held values for which this shelf has no room; the wheel slides them along</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try values of it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find the value for which…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::MadeTableCommands</name>
    <message>
        <source>&amp;Tables made of columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A fre&amp;quency table of the column…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>histogram classes bins intervals count tally distribution categories</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>classes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Contingency table of two columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two-way cross chi squared pairs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>S&amp;ummary of columns or groups…</source>
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
        <source>Share of one value, chosen on the ledge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>per cent proportion count of a category</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Unfold a measure of the chosen columns</source>
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
        <source>a frequency table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a contingency table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a summary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the share of one value</source>
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
        <source>&amp;Work</source>
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
        <source>Companion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was taken as a new study. What was found in it stands in the study&apos;s note, under Study ▸ Settings of this study.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tables of %1 were added; what was found in it stands in the study&apos;s note.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The tables of %1 were added. Names were taken: %2.</source>
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
        <source>Own formula…</source>
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
</context>
<context>
    <name>ledgefall::Notices</name>
    <message>
        <source>Message</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Message to be read</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>I have read this</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::OfferStrip</name>
    <message>
        <source>Offer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This looks like a share of a total. Shall a check watch that %1?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watch it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a check</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>correcting a share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave this offer</source>
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
        <source>correcting a name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula waits for %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::OutcomeCurve</name>
    <message>
        <source>What comes out of each value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from %1 to %2</source>
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
        <source>“%1”, last changed %2, was not saved when its window ended.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its file is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Against the file: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It had no file yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its file, %1, is not there any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has tables: %1, typed cells: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open what was recovered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep both: open it as a new study, and leave the file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the file as it is, and remove what was recovered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove what was recovered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decide later</source>
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
        <source>Move them &amp;up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move them to the &amp;left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move them &amp;down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move them to the ri&amp;ght</source>
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
        <source>Sort by this column, &amp;descending</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Continue the chosen values…</source>
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
        <source>Drag for more rows, or fewer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lower end of the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right end of the table</source>
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
        <source>T&amp;able of the runs</source>
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
        <source>Draw &amp;no runs in charts</source>
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
        <source>Kept as %1. Charts of its columns draw it paler; it stands in the contents.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>restoring a run</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held values are as in the run %1 again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held values are as in the run %1 again, but for what is worked out by a formula now or has gone: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which run?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held values, typed cells over formulas and the seed become what they were.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Restore</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the table of runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawing runs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells at fault are kept empty: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::SettingsDialog</name>
    <message>
        <source>a day that stays</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settings of this study</source>
        <translation type="unfinished"></translation>
    </message>
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
        <source>Where quartiles, median and other quantiles lie between two values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>≈ holds where two sides differ by no more than this part of what they are made of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Else today() is the day on which the study is worked out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same seed draws the same random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as on this desktop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>point: 1234.5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>comma: 1234,5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not grouped: 1234567</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by a space: 1 234 567</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the sign that is not decimal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>radians, as they are: 0.785</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>degrees: 45.0°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>degrees, minutes, seconds: 45°0′0″</source>
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
        <source>An&amp;gles with the unit rad</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers are shown with it and read by it in the window; formulas have a point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only what is shown changes: the values stay in radians</source>
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
        <source>A computation table begins with a few columns.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type or paste the observations, hold on the ledge what must not move, and write one formula for all rows.</source>
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
        <source>Or begin with a table that is worked out already:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove from my starters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import a table or a worksheet…</source>
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
        <source>Ne&amp;w from a starter</source>
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
        <source>&amp;Import a table or a worksheet…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Export this table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Export the study as a &amp;worksheet…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>spreadsheet ods xlsx send hand on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>E&amp;mpty it for own data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clear values template blank reset</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settings of this s&amp;tudy…</source>
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
        <source>Empty it for own data</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>emptying</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep as a starter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The title under which new studies can begin with it:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Keep this study among them…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::StudyFiles</name>
    <message>
        <source>Unsaved changes cannot be kept for a crash: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is open in another window: changes made here are saved under another name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is being written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The formula that is being written cannot be taken yet. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save without it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave without it</source>
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
        <source>%1 has been removed or renamed since it was read here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has been changed by another program since it was read here. From this window to the file: %2</source>
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
        <source>Save mine as…</source>
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
        <source>What was recovered of “%1” cannot be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This study has no file yet, and so no earlier versions: save it first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 — %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No version of this study has been kept yet: one is kept each time it is saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How each differs from the study as it is now. The one that is taken is one step for undo; the file changes only when it is saved.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>taking an earlier version</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open in another window</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>read only</source>
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
        <source>Open a study or a worksheet</source>
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
</context>
<context>
    <name>ledgefall::SummaryDialog</name>
    <message>
        <source>Only the &amp;first rows:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>and draw &amp;boxes of the first column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Summary</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row for each column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a row for each value of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each by itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>each by itself, and all pooled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pooled one after the other: the first, the first two, …</source>
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
        <source>&amp;Quartiles after Hyndman and Fan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>type %1: %2</source>
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
        <source>Title and &amp;note…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Rename the table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Number of rows…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop its rows early…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change its c&amp;lasses…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the table up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the table down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the table</source>
        <translation type="unfinished"></translation>
    </message>
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
        <source>The table&apos;s name in formulas; formulas that use it are rewritten:</source>
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
        <source>The table&apos;s title:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A note beside the title:</source>
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
        <source>Rows from 1 to this number, or formula of held values:</source>
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
        <source>The rows end at the first for which this holds, such as r &lt; 1; leave it empty to run to the end:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stopping rows</source>
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
        <source>the classes</source>
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
        <source>T&amp;wo-way table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the axis &amp;down…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rows values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the axis &amp;across…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>columns values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Swap the axes</source>
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
        <source>a two-way table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The axis across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The axis down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its name and values, such as 1..12, or 3, 3.5 .. 6, or riffle, pool, weir; what is typed in the cells of values that stay is kept:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an axis</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>swapping the axes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A layer of typed values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it is called:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a layer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay it a&amp;cross</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>transpose turn rows to the right months horizontal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>laying across</source>
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
        <source>Export the study as a worksheet</source>
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
        <source>All formulas were written to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cells with errors were exported empty: %1.</source>
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
        <source>faults: %1</source>
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
</context>
<context>
    <name>ledgefall::TableImport</name>
    <message>
        <source>Import a table or a worksheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>import</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading %1…</source>
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
        <source>faults %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>checks that hold %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>failing checks %1</source>
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
        <source>values as before the last change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>computing was stopped: old values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is taken as the heading of its column.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 are taken as the headings of their columns.</source>
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
        <source>Read it as %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>day and month</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A double click changes the title</source>
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
        <source>Taken as columns: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held, the same in every row: %1.</source>
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
        <source>%1 rows, %2 columns</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pasted with their formulas: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Names were taken: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A heading stands here more than once: in formulas these columns are called %1. A double click on a heading changes it.</source>
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
        <source>continue to row %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>continuing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>emptying cells</source>
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
</context>
<context>
    <name>ledgefall::TryValuesDialog</name>
    <message>
        <source>&amp;Draw the outcomes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try values of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from, to and step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a list of values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>halved again and again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how the values are given</source>
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
        <source>or &amp;another</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2 step %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Three numbers: the first value, the last, and from one to the next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers with semicolons or blanks between them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 times</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two numbers: the first value, and how often it is halved</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These values cannot be read yet: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 values of %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose an outcome, or write one.</source>
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
        <source>An axis is a name and its values: from one number to another (1..12), continued from two (3, 3.5 .. 6), a list (riffle, pool, weir), or a column of another table (Readings.site).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first cells</source>
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
        <source>Make the table</source>
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
        <source>The formula waits for %1: it can be held on the ledge when the table is made.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 rows, %2 columns</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WaitDialog</name>
    <message>
        <source>One moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WhatIfCommands</name>
    <message>
        <source>What &amp;if, and runs</source>
        <translation type="unfinished"></translation>
    </message>
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
        <source>Which held value?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Other values of it are tried; the study stays as it is.</source>
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
        <source>a value that was looked for</source>
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
        <source>&amp;Watch with a check…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>test verify validate condition sum to 100</source>
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
        <source>New &amp;random numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Stop computing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compute &amp;again after stopping</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A page of all f&amp;ormulas…</source>
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
        <source>&amp;Reset the zoom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show &amp;beside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show only &amp;one table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Contents</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The &amp;ledge as a list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Com&amp;panion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Help on what has the focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;All pages of the help</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A first table in five &amp;steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;Find a command, a name or a table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&amp;About Ledgefall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>there is no other table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About Ledgefall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Ledgefall&lt;/b&gt; %1&lt;p&gt;Computation tables in which one sees what stays put and what follows the row.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later. The letters are Lato, under the SIL Open Font License; charts are drawn by QCustomPlot.&lt;/p&gt;</source>
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
        <source>a function: it is worked out where it is called</source>
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
        <source>given: it stays put until it is changed</source>
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
        <source>restore the formula</source>
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
        <source>Restore the formula in all of them</source>
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
        <source>It waits for %1, which is not there yet.</source>
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
        <source>These texts read as numbers: read them so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These texts read as dates, month first: read them so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These texts read as dates, day first: read them so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading texts anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
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
        <source>Copy the working</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy it as LaTeX</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>ledgefall::WorksheetDialog</name>
    <message>
        <source>What is in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables: %1. Held values: %2. Formulas recovered: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in it looks like a slip.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Places that look like a slip: %1. They are listed first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To look at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values that are not what their formulas give</source>
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
        <source>Also</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it as a study</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add its tables to this study</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>
