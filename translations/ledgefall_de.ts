<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>Ask</name>
    <message>
        <source>Remove %1?</source>
        <translation>%1 entfernen?</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Studies and worksheets</source>
        <translation>Studien und Rechenblätter</translation>
    </message>
    <message>
        <source>%1 already exists. Replace it?</source>
        <translation>%1 gibt es schon. Ersetzen?</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>%1 is used by %2. Removing it will cause errors there.</source>
        <translation>%1 wird verwendet von %2. Ohne %1 haben diese einen Fehler.</translation>
    </message>
    <message>
        <source>Remove anyway</source>
        <translation>Trotzdem entfernen</translation>
    </message>
    <message>
        <source>Everything that can be read (%1)</source>
        <translation>Alles, was gelesen werden kann (%1)</translation>
    </message>
</context>
<context>
    <name>Date</name>
    <message>
        <source>d MMM yyyy</source>
        <translation>d. MMM yyyy</translation>
    </message>
</context>
<context>
    <name>Destinations</name>
    <message>
        <source>the study&apos;s</source>
        <translation>der Studie</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>column %1 of %2</source>
        <translation>Spalte %1 von %2</translation>
    </message>
    <message>
        <source>chart</source>
        <translation>Diagramm</translation>
    </message>
    <message>
        <source>check</source>
        <translation>Prüfung</translation>
    </message>
    <message>
        <source>help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>held value, %1</source>
        <translation>festgehaltener Wert, %1</translation>
    </message>
</context>
<context>
    <name>Fault</name>
    <message>
        <source>wrong kind</source>
        <translation>falsche Art</translation>
    </message>
    <message>
        <source>wrong arguments</source>
        <translation>falsche Argumente</translation>
    </message>
    <message>
        <source>no first value</source>
        <translation>kein Anfangswert</translation>
    </message>
    <message>
        <source>later row</source>
        <translation>spätere Zeile</translation>
    </message>
    <message>
        <source>÷ 0</source>
        <translation>÷ 0</translation>
    </message>
    <message>
        <source>no result</source>
        <translation>kein Ergebnis</translation>
    </message>
    <message>
        <source>too large</source>
        <translation>zu groß</translation>
    </message>
    <message>
        <source>no such row</source>
        <translation>Zeile unbekannt</translation>
    </message>
    <message>
        <source>several rows</source>
        <translation>mehrere Zeilen</translation>
    </message>
    <message>
        <source>waits for %1</source>
        <translation>wartet auf %1</translation>
    </message>
    <message>
        <source>unreadable</source>
        <translation>unlesbar</translation>
    </message>
    <message>
        <source>unknown name</source>
        <translation>unbekannter Name</translation>
    </message>
    <message>
        <source>cycle</source>
        <translation>Zyklus</translation>
    </message>
    <message>
        <source>not a number</source>
        <translation>keine Zahl</translation>
    </message>
</context>
<context>
    <name>FormatChoices</name>
    <message>
        <source>Number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>Only the display changes. To round the value itself, use round(x, 2).</source>
        <translation>Nur die Anzeige ändert sich. Um den Wert selbst zu runden, round(x, 2) schreiben.</translation>
    </message>
</context>
<context>
    <name>Kind</name>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a date</source>
        <translation>ein Datum</translation>
    </message>
    <message>
        <source>a class</source>
        <translation>eine Klasse</translation>
    </message>
    <message>
        <source>a distribution</source>
        <translation>eine Verteilung</translation>
    </message>
    <message>
        <source>numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>a column of this table</source>
        <translation>eine Spalte dieser Tabelle</translation>
    </message>
    <message>
        <source>a group of columns</source>
        <translation>eine Gruppe von Spalten</translation>
    </message>
    <message>
        <source>a held value</source>
        <translation>einen festgehaltenen Wert</translation>
    </message>
    <message>
        <source>a condition, such as x &gt; 0</source>
        <translation>eine Bedingung, etwa x &gt; 0</translation>
    </message>
    <message>
        <source>a condition, such as sum(share) ≈ 1</source>
        <translation>eine Bedingung, etwa sum(share) ≈ 1</translation>
    </message>
    <message>
        <source>a date such as 2026-05-20</source>
        <translation>ein Datum wie 2026-05-20</translation>
    </message>
    <message>
        <source>an object in braces</source>
        <translation>ein Objekt in geschweiften Klammern</translation>
    </message>
    <message>
        <source>from, a larger to, and a step above 0</source>
        <translation>from, ein größeres to und ein step über 0</translation>
    </message>
    <message>
        <source>number, text, yes_no or date</source>
        <translation>number, text, yes_no oder date</translation>
    </message>
    <message>
        <source>numbers or formulas, in quotes</source>
        <translation>Zahlen oder Formeln, in Anführungszeichen</translation>
    </message>
    <message>
        <source>the ids or names of columns</source>
        <translation>die Kennungen oder Namen von Spalten</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>a number above the one before</source>
        <translation>eine Zahl über der vorigen</translation>
    </message>
    <message>
        <source>the number of rows</source>
        <translation>die Zeilenzahl</translation>
    </message>
    <message>
        <source>a list of increasing numbers</source>
        <translation>eine Liste steigender Zahlen</translation>
    </message>
    <message>
        <source>a number of rows (at most 20 million), or a list of pairs of first id and count</source>
        <translation>eine Zeilenzahl bis 20 Millionen oder eine Liste von Paaren aus einer ersten Kennung und einer Anzahl</translation>
    </message>
    <message>
        <source>text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a yes/no value</source>
        <translation>ein Ja oder Nein</translation>
    </message>
    <message>
        <source>its start</source>
        <translation>ihrem Anfang</translation>
    </message>
    <message>
        <source>a whole number of 0 or more</source>
        <translation>eine ganze Zahl ab 0</translation>
    </message>
    <message>
        <source>a number, text, true, false or null</source>
        <translation>eine Zahl, ein Text, true, false oder null</translation>
    </message>
    <message>
        <source>a name made of letters, digits and _</source>
        <translation>ein Name aus Buchstaben, Ziffern und _</translation>
    </message>
    <message>
        <source>the names of a function&apos;s arguments</source>
        <translation>die Namen, auf die eine Funktion angewandt wird</translation>
    </message>
    <message>
        <source>a row number</source>
        <translation>die Nummer einer Zeile</translation>
    </message>
    <message>
        <source>a number of 0 or more</source>
        <translation>eine Zahl ab 0</translation>
    </message>
    <message>
        <source>a whole number from 1 to 11</source>
        <translation>eine ganze Zahl von 1 bis 11</translation>
    </message>
    <message>
        <source>a number from 0 on</source>
        <translation>eine Zahl ab 0</translation>
    </message>
</context>
<context>
    <name>LedgeList</name>
    <message>
        <source>Ledge as a list</source>
        <translation>Die Leiste als Liste</translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Open the Marrow Beck field course.</source>
        <translation>Den Feldkurs am Marrow Beck öffnen.</translation>
    </message>
    <message>
        <source>Studies, worksheets or delimited text to open.</source>
        <translation>Studien, Arbeitsblätter oder Text mit Trennzeichen zum Öffnen.</translation>
    </message>
    <message>
        <source>Computation tables that show what stays put and what follows the row.</source>
        <translation>Rechentabellen, in denen man sieht, was fest bleibt und was der Zeile folgt.</translation>
    </message>
    <message>
        <source>Report what happens in the background: recovery, versions, other starts.</source>
        <translation>Berichten, was im Hintergrund geschieht: Wiederherstellung, Versionen, andere Starts.</translation>
    </message>
    <message>
        <source>The paper of the report: a4 or letter.</source>
        <translation>Das Papier des Berichts: a4 oder letter.</translation>
    </message>
    <message>
        <source>The report&apos;s pages lie on their side.</source>
        <translation>Die Seiten des Berichts liegen quer.</translation>
    </message>
    <message>
        <source>Only so many rows from either end of a table; 0: none.</source>
        <translation>Nur so viele Zeilen von jedem Ende einer Tabelle; 0: keine.</translation>
    </message>
    <message>
        <source>The report&apos;s formulas: mathematics, typed or none.</source>
        <translation>Die Formeln des Berichts: mathematics, typed oder none.</translation>
    </message>
    <message>
        <source>Numbers in full, not as they are shown.</source>
        <translation>Zahlen vollständig, nicht wie angezeigt.</translation>
    </message>
    <message>
        <source>Show the working of a cell or value, as Pebbles.dev[3].</source>
        <translation>Den Rechenweg einer Zelle oder eines Werts zeigen, etwa Pebbles.dev[3].</translation>
    </message>
    <message>
        <source>Who has written the report.</source>
        <translation>Wer den Bericht geschrieben hat.</translation>
    </message>
    <message>
        <source>Write the report of a study (.pdf, .html, .odt, .tex) and end.</source>
        <translation>Den Bericht einer Studie schreiben (.pdf, .html, .odt, .tex) und enden.</translation>
    </message>
    <message>
        <source>Blank columns for what the study&apos;s handout asks.</source>
        <translation>Leere Spalten für das, wonach das Arbeitsblatt der Studie fragt.</translation>
    </message>
</context>
<context>
    <name>Places</name>
    <message>
        <source>row %1</source>
        <translation>Zeile %1</translation>
    </message>
    <message>
        <source>row %1, column %2</source>
        <translation>Zeile %1, Spalte %2</translation>
    </message>
</context>
<context>
    <name>ReportPages</name>
    <message>
        <source>Held values</source>
        <translation>Festgehaltene Werte</translation>
    </message>
    <message>
        <source>%1 continues</source>
        <translation>%1, Fortsetzung</translation>
    </message>
    <message>
        <source>… %1 rows</source>
        <translation>… %1 Zeilen</translation>
    </message>
    <message>
        <source>Working of %1</source>
        <translation>Rechenweg von %1</translation>
    </message>
    <message>
        <source>Checks</source>
        <translation>Prüfungen</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>Sources of the methods</source>
        <translation>Quellen der Verfahren</translation>
    </message>
    <message>
        <source>Name: %1</source>
        <translation>Name: %1</translation>
    </message>
    <message>
        <source>What is asked</source>
        <translation>Was gefragt ist</translation>
    </message>
</context>
<context>
    <name>Requirements</name>
    <message>
        <source>needs a table</source>
        <translation>braucht eine Tabelle</translation>
    </message>
    <message>
        <source>needs a chart</source>
        <translation>braucht ein Diagramm</translation>
    </message>
    <message>
        <source>needs a column of numbers</source>
        <translation>braucht eine Zahlenspalte</translation>
    </message>
    <message>
        <source>no runs yet</source>
        <translation>kein Lauf behalten</translation>
    </message>
    <message>
        <source>select a column</source>
        <translation>Spalte wählen</translation>
    </message>
    <message>
        <source>select columns</source>
        <translation>Spalten wählen</translation>
    </message>
    <message>
        <source>select typed values</source>
        <translation>eingegebene Werte wählen</translation>
    </message>
    <message>
        <source>select a column with a formula</source>
        <translation>Spalte mit Formel wählen</translation>
    </message>
    <message>
        <source>select two columns</source>
        <translation>zwei Spalten wählen</translation>
    </message>
    <message>
        <source>select two or more columns</source>
        <translation>zwei oder mehr Spalten wählen</translation>
    </message>
    <message>
        <source>no hidden columns</source>
        <translation>keine ist verborgen</translation>
    </message>
    <message>
        <source>no group heading over this column</source>
        <translation>über dieser Spalte ist keine</translation>
    </message>
    <message>
        <source>rows are typed, not counted</source>
        <translation>ihre Zeilen sind eingegeben, nicht gezählt</translation>
    </message>
    <message>
        <source>not for a two-way table</source>
        <translation>eine zweiachsige Tabelle hat Schichten</translation>
    </message>
    <message>
        <source>not a two-way table</source>
        <translation>es ist keine zweiachsige Tabelle</translation>
    </message>
    <message>
        <source>rows are not classes</source>
        <translation>ihre Zeilen sind keine Klassen</translation>
    </message>
</context>
<context>
    <name>Runs</name>
    <message>
        <source>The table %1 that it was kept of has gone: what came out can be read here, but not drawn.</source>
        <translation>Die Tabelle %1, aus der er stammt, ist nicht mehr da: was herauskam, ist hier zu lesen, aber nicht zu zeichnen.</translation>
    </message>
    <message>
        <source>The study&apos;s formulas have changed since this run was kept.</source>
        <translation>Die Formeln der Studie haben sich seitdem geändert.</translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>%1 cannot be unfolded.</source>
        <translation>%1 lässt sich nicht auffalten.</translation>
    </message>
    <message>
        <source>%1 cannot be used on %2.</source>
        <translation>%1 lässt sich nicht auf %2 anwenden.</translation>
    </message>
    <message>
        <source>%1 could not be opened (%2).</source>
        <translation>%1 ließ sich nicht öffnen (%2).</translation>
    </message>
    <message>
        <source>%1 could not be read (%2).</source>
        <translation>%1 ließ sich nicht lesen (%2).</translation>
    </message>
    <message>
        <source>%1 does not belong here.</source>
        <translation>%1 gehört nicht hierher.</translation>
    </message>
    <message>
        <source>%1 has no numbers to draw.</source>
        <translation>%1 hat keine Zahlen, die sich zeichnen lassen.</translation>
    </message>
    <message>
        <source>%1 has no value here</source>
        <translation>%1 hat hier keinen Wert</translation>
    </message>
    <message>
        <source>%1 is a folder, not a file.</source>
        <translation>%1 ist ein Ordner, keine Datei.</translation>
    </message>
    <message>
        <source>%1, row %2: %3</source>
        <translation>%1, Zeile %2: %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1[%2] is %3</source>
        <translation>%1[%2] ist %3</translation>
    </message>
    <message>
        <source>A name is needed here, such as x or mean_length.</source>
        <translation>Hier wird ein Name gebraucht, etwa x oder mean_length.</translation>
    </message>
    <message>
        <source>A number rounded to k significant figures.</source>
        <translation>Eine Zahl auf k gültige Stellen gerundet.</translation>
    </message>
    <message>
        <source>A quantile estimated from classes and their counts.</source>
        <translation>Ein Quantil, geschätzt aus Klassen und ihren Anzahlen.</translation>
    </message>
    <message>
        <source>A value as text.</source>
        <translation>Ein Wert als Text.</translation>
    </message>
    <message>
        <source>Brillouin&apos;s index of a fully counted community.</source>
        <translation>Der Index von Brillouin für eine vollständig gezählte Gemeinschaft.</translation>
    </message>
    <message>
        <source>Classes and units</source>
        <translation>Klassen und Einheiten</translation>
    </message>
    <message>
        <source>Comma-separated text</source>
        <translation>Durch Komma getrennter Text</translation>
    </message>
    <message>
        <source>Completed days from a to b.</source>
        <translation>Volle Tage von a bis b.</translation>
    </message>
    <message>
        <source>Completed weeks from a to b.</source>
        <translation>Volle Wochen von a bis b.</translation>
    </message>
    <message>
        <source>Completed years from a to b.</source>
        <translation>Volle Jahre von a bis b.</translation>
    </message>
    <message>
        <source>Ledgefall studies</source>
        <translation>Ledgefall-Studien</translation>
    </message>
    <message>
        <source>Shannon&apos;s index, of counts</source>
        <translation>Shannon-Index, aus Anzahlen</translation>
    </message>
    <message>
        <source>Simpson&apos;s diversity 1 − Σp², of counts</source>
        <translation>Diversität nach Simpson 1 − Σp², aus Anzahlen</translation>
    </message>
    <message>
        <source>Simpson&apos;s dominance, of counts</source>
        <translation>Dominanz nach Simpson, aus Anzahlen</translation>
    </message>
    <message>
        <source>Student&apos;s t with v degrees of freedom.</source>
        <translation>Students t mit v Freiheitsgraden.</translation>
    </message>
    <message>
        <source>Tab-separated text</source>
        <translation>Durch Tabulator getrennter Text</translation>
    </message>
    <message>
        <source>The arithmetic mean.</source>
        <translation>Das arithmetische Mittel.</translation>
    </message>
    <message>
        <source>The coefficient of variation.</source>
        <translation>Der Variationskoeffizient.</translation>
    </message>
    <message>
        <source>The correlation of two columns.</source>
        <translation>Die Korrelation zweier Spalten.</translation>
    </message>
    <message>
        <source>The cosine of an angle in radians.</source>
        <translation>Der Kosinus eines Winkels im Bogenmaß.</translation>
    </message>
    <message>
        <source>The covariance of two columns: divides by n − 1.</source>
        <translation>Die Kovarianz zweier Spalten: geteilt durch n − 1.</translation>
    </message>
    <message>
        <source>The date of a year, a month and a day.</source>
        <translation>Das Datum aus Jahr, Monat und Tag.</translation>
    </message>
    <message>
        <source>The day of the month.</source>
        <translation>Der Tag im Monat.</translation>
    </message>
    <message>
        <source>The day of the week: 1 is Monday, 7 is Sunday.</source>
        <translation>Der Wochentag: 1 ist Montag, 7 ist Sonntag.</translation>
    </message>
    <message>
        <source>The effective number of species of order q.</source>
        <translation>Die wirksame Artenzahl der Ordnung q.</translation>
    </message>
    <message>
        <source>The error function.</source>
        <translation>Die Fehlerfunktion.</translation>
    </message>
    <message>
        <source>The gamma function.</source>
        <translation>Die Gammafunktion.</translation>
    </message>
    <message>
        <source>The geometric mean.</source>
        <translation>Das geometrische Mittel.</translation>
    </message>
    <message>
        <source>The harmonic mean.</source>
        <translation>Das harmonische Mittel.</translation>
    </message>
    <message>
        <source>The larger of two numbers, row by row.</source>
        <translation>Die größere von zwei Zahlen, Zeile für Zeile.</translation>
    </message>
    <message>
        <source>The largest value minus the smallest.</source>
        <translation>Der größte Wert minus der kleinste.</translation>
    </message>
    <message>
        <source>The largest value.</source>
        <translation>Der größte Wert.</translation>
    </message>
    <message>
        <source>The logarithm to base ten.</source>
        <translation>Der Logarithmus zur Basis zehn.</translation>
    </message>
    <message>
        <source>The logarithm to base two.</source>
        <translation>Der Logarithmus zur Basis zwei.</translation>
    </message>
    <message>
        <source>The lower limit of a class.</source>
        <translation>Die untere Grenze einer Klasse.</translation>
    </message>
    <message>
        <source>The lower quartile.</source>
        <translation>Das untere Quartil.</translation>
    </message>
    <message>
        <source>The mean of a distribution.</source>
        <translation>Der Mittelwert einer Verteilung.</translation>
    </message>
    <message>
        <source>The month of a date, from 1.</source>
        <translation>Der Monat eines Datums, ab 1.</translation>
    </message>
    <message>
        <source>The natural logarithm.</source>
        <translation>Der natürliche Logarithmus.</translation>
    </message>
    <message>
        <source>The ranges in one measure must be the same.</source>
        <translation>Die Bereiche in einem Maß müssen gleich sein.</translation>
    </message>
    <message>
        <source>The ratio of two variances with v1 and v2 degrees of freedom.</source>
        <translation>Das Verhältnis zweier Varianzen mit v1 und v2 Freiheitsgraden.</translation>
    </message>
    <message>
        <source>The sine of an angle in radians; sin(30°) takes degrees.</source>
        <translation>Der Sinus eines Winkels im Bogenmaß; sin(30°) nimmt Grad.</translation>
    </message>
    <message>
        <source>The slope of the regression line of y on x.</source>
        <translation>Die Steigung der Regressionsgeraden von y auf x.</translation>
    </message>
    <message>
        <source>The smaller of two numbers, row by row.</source>
        <translation>Die kleinere von zwei Zahlen, Zeile für Zeile.</translation>
    </message>
    <message>
        <source>The smallest value.</source>
        <translation>Der kleinste Wert.</translation>
    </message>
    <message>
        <source>The square root.</source>
        <translation>Die Quadratwurzel.</translation>
    </message>
    <message>
        <source>The standard deviation of a distribution.</source>
        <translation>Die Standardabweichung einer Verteilung.</translation>
    </message>
    <message>
        <source>The standard deviation of a sample: divides by n − 1.</source>
        <translation>Die Standardabweichung einer Stichprobe: geteilt durch n − 1.</translation>
    </message>
    <message>
        <source>The standard deviation of a whole population: divides by n.</source>
        <translation>Die Standardabweichung einer Grundgesamtheit: geteilt durch n.</translation>
    </message>
    <message>
        <source>The standard error of the mean.</source>
        <translation>Der Standardfehler des Mittelwerts.</translation>
    </message>
    <message>
        <source>The tangent of an angle in radians.</source>
        <translation>Der Tangens eines Winkels im Bogenmaß.</translation>
    </message>
    <message>
        <source>The upper limit of a class.</source>
        <translation>Die obere Grenze einer Klasse.</translation>
    </message>
    <message>
        <source>The upper quartile.</source>
        <translation>Das obere Quartil.</translation>
    </message>
    <message>
        <source>The variance of a distribution.</source>
        <translation>Die Varianz einer Verteilung.</translation>
    </message>
    <message>
        <source>The variance of a sample: divides by n − 1.</source>
        <translation>Die Varianz einer Stichprobe: geteilt durch n − 1.</translation>
    </message>
    <message>
        <source>The variance of a whole population: divides by n.</source>
        <translation>Die Varianz einer Grundgesamtheit: geteilt durch n.</translation>
    </message>
    <message>
        <source>The whole part, towards zero.</source>
        <translation>Der ganze Teil, zur Null hin.</translation>
    </message>
    <message>
        <source>The year of a date.</source>
        <translation>Das Jahr eines Datums.</translation>
    </message>
    <message>
        <source>There is no column or held value called %1. Did you mean %2?</source>
        <translation>Es gibt weder eine Spalte noch einen festgehaltenen Wert mit dem Namen %1. War %2 gemeint?</translation>
    </message>
    <message>
        <source>There is no function called %1.</source>
        <translation>Es gibt keine Funktion mit dem Namen %1.</translation>
    </message>
    <message>
        <source>There is no function called %1. Did you mean %2?</source>
        <translation>Es gibt keine Funktion mit dem Namen %1. War %2 gemeint?</translation>
    </message>
    <message>
        <source>There is no table called %1.</source>
        <translation>Es gibt keine Tabelle mit dem Namen %1.</translation>
    </message>
    <message>
        <source>There is no table called %1. Did you mean %2?</source>
        <translation>Es gibt keine Tabelle mit dem Namen %1. War %2 gemeint?</translation>
    </message>
    <message>
        <source>This formula calls held functions more than %1 times.</source>
        <translation>Diese Formel ruft festgehaltene Funktionen mehr als %1 Mal auf.</translation>
    </message>
    <message>
        <source>Two held values of the study are called %1.</source>
        <translation>Zwei festgehaltene Werte der Studie heißen %1.</translation>
    </message>
    <message>
        <source>Two tables are called %1.</source>
        <translation>Zwei Tabellen heißen %1.</translation>
    </message>
    <message>
        <source>Write a name first, then = and the formula, as in dev = x - mean(x).</source>
        <translation>Zuerst ein Name, dann = und die Formel, etwa dev = x - mean(x).</translation>
    </message>
    <message>
        <source>a first value</source>
        <translation>ein Anfangswert</translation>
    </message>
    <message>
        <source>a row in brackets must be a whole number</source>
        <translation>eine Zeile in Klammern muss eine ganze Zahl sein</translation>
    </message>
    <message>
        <source>an open class has no such limit</source>
        <translation>eine offene Klasse hat keine solche Grenze</translation>
    </message>
    <message>
        <source>centimetre</source>
        <translation>Zentimeter</translation>
    </message>
    <message>
        <source>chi-squared</source>
        <translation>Chi-Quadrat</translation>
    </message>
    <message>
        <source>correlation</source>
        <translation>Korrelation</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>degree Celsius</source>
        <translation>Grad Celsius</translation>
    </message>
    <message>
        <source>degree Fahrenheit</source>
        <translation>Grad Fahrenheit</translation>
    </message>
    <message>
        <source>e to the power of a number.</source>
        <translation>e hoch eine Zahl.</translation>
    </message>
    <message>
        <source>first … then …: each row from the row before</source>
        <translation>first … then …: jede Zeile aus der Zeile davor</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>given: it was typed</source>
        <translation>gegeben: eingetippt</translation>
    </message>
    <message>
        <source>given: it was typed or imported</source>
        <translation>gegeben: eingetippt oder eingelesen</translation>
    </message>
    <message>
        <source>gram</source>
        <translation>Gramm</translation>
    </message>
    <message>
        <source>hour</source>
        <translation>Stunde</translation>
    </message>
    <message>
        <source>if … then … else …</source>
        <translation>if … then … else …</translation>
    </message>
    <message>
        <source>inch</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>kelvin</source>
        <translation>Kelvin</translation>
    </message>
    <message>
        <source>kilogram</source>
        <translation>Kilogramm</translation>
    </message>
    <message>
        <source>kilometre</source>
        <translation>Kilometer</translation>
    </message>
    <message>
        <source>litre</source>
        <translation>Liter</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittelwert</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>mile</source>
        <translation>Meile</translation>
    </message>
    <message>
        <source>milligram</source>
        <translation>Milligramm</translation>
    </message>
    <message>
        <source>millilitre</source>
        <translation>Milliliter</translation>
    </message>
    <message>
        <source>millimetre</source>
        <translation>Millimeter</translation>
    </message>
    <message>
        <source>minute</source>
        <translation>Minute</translation>
    </message>
    <message>
        <source>no value</source>
        <translation>ein fehlender Wert</translation>
    </message>
    <message>
        <source>p times the natural logarithm of p, and 0 at 0.</source>
        <translation>p mal der natürliche Logarithmus von p, und 0 bei 0.</translation>
    </message>
    <message>
        <source>pound</source>
        <translation>Pfund</translation>
    </message>
    <message>
        <source>regression line</source>
        <translation>Regressionsgerade</translation>
    </message>
    <message>
        <source>second</source>
        <translation>Sekunde</translation>
    </message>
    <message>
        <source>the cell is not %1: correct it, or set the column&apos;s kind to text</source>
        <translation>in der Zelle steht nicht %1: berichtigen oder die Art der Spalte auf Text setzen</translation>
    </message>
    <message>
        <source>the formulas of this column give %1 in some rows and %2 in others</source>
        <translation>die Formeln dieser Spalte ergeben in manchen Zeilen %1 und in anderen %2</translation>
    </message>
    <message>
        <source>the months of %1</source>
        <translation>die Monate von %1</translation>
    </message>
    <message>
        <source>the remainder of a division</source>
        <translation>der Rest einer Division</translation>
    </message>
    <message>
        <source>the study&apos;s held values</source>
        <translation>die festgehaltenen Werte der Studie</translation>
    </message>
    <message>
        <source>the table of units cannot be read: install libudunits2-data</source>
        <translation>die Tabelle der Einheiten lässt sich nicht lesen: libudunits2-data installieren</translation>
    </message>
    <message>
        <source>the value nearest to n·p</source>
        <translation>der Wert, der n·p am nächsten liegt</translation>
    </message>
    <message>
        <source>the values of %1</source>
        <translation>die Werte von %1</translation>
    </message>
    <message>
        <source>the weekdays of %1</source>
        <translation>die Wochentage von %1</translation>
    </message>
    <message>
        <source>the years of %1</source>
        <translation>die Jahre von %1</translation>
    </message>
    <message>
        <source>these rows are not made from a column</source>
        <translation>diese Zeilen sind nicht aus einer Spalte gebildet</translation>
    </message>
    <message>
        <source>this row is not computed yet when it is needed: use earlier rows</source>
        <translation>diese Zeile ist dort, wo sie gebraucht wird, noch nicht berechnet: auf frühere Zeilen Bezug nehmen</translation>
    </message>
    <message>
        <source>this row&apos;s number</source>
        <translation>die Nummer dieser Zeile</translation>
    </message>
    <message>
        <source>typed over the formula %1</source>
        <translation>eingetippt anstelle der Formel %1</translation>
    </message>
    <message>
        <source>until %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>Margalef&apos;s richness.</source>
        <translation>Der Artenreichtum nach Margalef.</translation>
    </message>
    <message>
        <source>Menhinick&apos;s richness.</source>
        <translation>Der Artenreichtum nach Menhinick.</translation>
    </message>
    <message>
        <source>classes</source>
        <translation>Klassen</translation>
    </message>
    <message>
        <source>coefficient of variation</source>
        <translation>Variationskoeffizient</translation>
    </message>
    <message>
        <source>different values</source>
        <translation>verschiedene Werte</translation>
    </message>
    <message>
        <source>kurtosis (excess)</source>
        <translation>Exzess (Wölbung)</translation>
    </message>
    <message>
        <source>largest</source>
        <translation>größter Wert</translation>
    </message>
    <message>
        <source>lower quartile</source>
        <translation>unteres Quartil</translation>
    </message>
    <message>
        <source>median</source>
        <translation>Median</translation>
    </message>
    <message>
        <source>n</source>
        <translation>n</translation>
    </message>
    <message>
        <source>range</source>
        <translation>Spannweite</translation>
    </message>
    <message>
        <source>skewness</source>
        <translation>Schiefe</translation>
    </message>
    <message>
        <source>smallest</source>
        <translation>kleinster Wert</translation>
    </message>
    <message>
        <source>standard deviation of a sample (n − 1)</source>
        <translation>Standardabweichung einer Stichprobe (n − 1)</translation>
    </message>
    <message>
        <source>standard deviation of a whole population (n)</source>
        <translation>Standardabweichung einer Grundgesamtheit (n)</translation>
    </message>
    <message>
        <source>standard error of the mean</source>
        <translation>Standardfehler des Mittelwerts</translation>
    </message>
    <message>
        <source>sum</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>upper quartile</source>
        <translation>oberes Quartil</translation>
    </message>
    <message>
        <source>variance of a sample (n − 1)</source>
        <translation>Varianz einer Stichprobe (n − 1)</translation>
    </message>
    <message>
        <source>variance of a whole population (n)</source>
        <translation>Varianz einer Grundgesamtheit (n)</translation>
    </message>
    <message>
        <source>Fisher&apos;s α.</source>
        <translation>Fishers α.</translation>
    </message>
    <message>
        <source>%1 (type %2)</source>
        <translation>%1 (Typ %2)</translation>
    </message>
    <message>
        <source>%1 by %2</source>
        <translation>%1 nach %2</translation>
    </message>
    <message>
        <source>%1 by month</source>
        <translation>%1 nach Monat</translation>
    </message>
    <message>
        <source>%1 by weekday</source>
        <translation>%1 nach Wochentag</translation>
    </message>
    <message>
        <source>%1 by year</source>
        <translation>%1 nach Jahr</translation>
    </message>
    <message>
        <source>%1 under %2</source>
        <translation>%1 unter %2</translation>
    </message>
    <message>
        <source>%1, classes</source>
        <translation>%1, Klassen</translation>
    </message>
    <message>
        <source>%1, counted</source>
        <translation>%1, gezählt</translation>
    </message>
    <message>
        <source>%1, foot line %2</source>
        <translation>%1, Fußzeile %2</translation>
    </message>
    <message>
        <source>%1, number of rows</source>
        <translation>%1, Zahl der Zeilen</translation>
    </message>
    <message>
        <source>%1, summary</source>
        <translation>%1, Übersicht</translation>
    </message>
    <message>
        <source>%1, where it stops</source>
        <translation>%1, wo sie aufhört</translation>
    </message>
    <message>
        <source>(k − mean)² · P(k)</source>
        <translation>(k − Mittelwert)² · P(k)</translation>
    </message>
    <message>
        <source>(x − mean)²</source>
        <translation>(x − Mittelwert)²</translation>
    </message>
    <message>
        <source>(y − mean)²</source>
        <translation>(y − Mittelwert)²</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>Count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>Cumulative</source>
        <translation>Kumuliert</translation>
    </message>
    <message>
        <source>Cumulative from above</source>
        <translation>Kumuliert von oben</translation>
    </message>
    <message>
        <source>Cumulative share</source>
        <translation>Kumulierter Anteil</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Observed − expected</source>
        <translation>Beobachtet − erwartet</translation>
    </message>
    <message>
        <source>P(k)</source>
        <translation>P(k)</translation>
    </message>
    <message>
        <source>Per cent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>Product</source>
        <translation>Produkt</translation>
    </message>
    <message>
        <source>Proportion</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>Shannon&apos;s index</source>
        <translation>Shannon-Index</translation>
    </message>
    <message>
        <source>Share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>Simpson&apos;s diversity</source>
        <translation>Simpson-Diversität</translation>
    </message>
    <message>
        <source>Squared</source>
        <translation>Quadriert</translation>
    </message>
    <message>
        <source>Tally</source>
        <translation>Strichliste</translation>
    </message>
    <message>
        <source>The chart %1</source>
        <translation>Das Diagramm %1</translation>
    </message>
    <message>
        <source>The check %1</source>
        <translation>Die Prüfung %1</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Bis</translation>
    </message>
    <message>
        <source>all individuals</source>
        <translation>alle Individuen</translation>
    </message>
    <message>
        <source>all pooled</source>
        <translation>alle zusammen</translation>
    </message>
    <message>
        <source>degrees of freedom</source>
        <translation>Freiheitsgrade</translation>
    </message>
    <message>
        <source>every pair is counted</source>
        <translation>jedes Paar ist gezählt</translation>
    </message>
    <message>
        <source>every value of %1 is counted</source>
        <translation>jeder Wert von %1 ist gezählt</translation>
    </message>
    <message>
        <source>every value of %1 is in a class</source>
        <translation>jeder Wert von %1 liegt in einer Klasse</translation>
    </message>
    <message>
        <source>how often it occurs</source>
        <translation>wie oft er vorkommt</translation>
    </message>
    <message>
        <source>k · P(k)</source>
        <translation>k · P(k)</translation>
    </message>
    <message>
        <source>n(n − 1)</source>
        <translation>n(n − 1)</translation>
    </message>
    <message>
        <source>the chart %1</source>
        <translation>das Diagramm %1</translation>
    </message>
    <message>
        <source>the check %1</source>
        <translation>die Prüfung %1</translation>
    </message>
    <message>
        <source>the correlation</source>
        <translation>die Korrelation</translation>
    </message>
    <message>
        <source>the mean from the classes</source>
        <translation>der Mittelwert aus den Klassen</translation>
    </message>
    <message>
        <source>the mean from the table</source>
        <translation>der Mittelwert aus der Tabelle</translation>
    </message>
    <message>
        <source>the slope</source>
        <translation>die Steigung</translation>
    </message>
    <message>
        <source>the standard deviation from the classes</source>
        <translation>die Standardabweichung aus den Klassen</translation>
    </message>
    <message>
        <source>the value at or above it</source>
        <translation>der Wert dort oder darüber</translation>
    </message>
    <message>
        <source>the variance from the table</source>
        <translation>die Varianz aus der Tabelle</translation>
    </message>
    <message>
        <source>x − mean</source>
        <translation>x − Mittelwert</translation>
    </message>
    <message>
        <source>y − mean</source>
        <translation>y − Mittelwert</translation>
    </message>
    <message>
        <source>Both are the same.</source>
        <translation>Beide sind gleich.</translation>
    </message>
    <message>
        <source>Tables added: %1, removed: %2. Cells changed: %3. Formulas changed: %4. Other changes: %5.</source>
        <translation>Tabellen hinzugefügt: %1, entfernt: %2. Zellen geändert: %3. Formeln geändert: %4. Andere Änderungen: %5.</translation>
    </message>
    <message>
        <source>The results are still being computed, so nothing was exported. Export again when they are ready.</source>
        <translation>Die Ergebnisse werden berechnet, und nichts wurde geschrieben: noch einmal exportieren, wenn sie da sind.</translation>
    </message>
    <message>
        <source>These values are still being computed and were not copied. Copy again when they are ready.</source>
        <translation>Diese Werte werden berechnet und wurden nicht kopiert: noch einmal kopieren, wenn sie da sind.</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>the column to the left, all of its rows</source>
        <translation>die Spalte links, alle ihre Zeilen</translation>
    </message>
    <message>
        <source>the numbers to the left, in this row</source>
        <translation>die Zahlen links, in dieser Zeile</translation>
    </message>
    <message>
        <source>its rows are counted</source>
        <translation>ihre Zeilen sind gezählt</translation>
    </message>
    <message>
        <source>a list of pairs of row ids</source>
        <translation>eine Liste von Paaren von Zeilennummern</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2</source>
        <translation>%1 ist nicht lesbar: %2</translation>
    </message>
    <message>
        <source>Trials of %1</source>
        <translation>Versuche zu %1</translation>
    </message>
    <message>
        <source>largest %1</source>
        <translation>größtes %1</translation>
    </message>
    <message>
        <source>last %1</source>
        <translation>letztes %1</translation>
    </message>
    <message>
        <source>ratio of changes</source>
        <translation>Verhältnis der Änderungen</translation>
    </message>
    <message>
        <source>%1 by %2 and %3</source>
        <translation>%1 nach %2 und %3</translation>
    </message>
    <message>
        <source>%1, row %2, column %3: %4</source>
        <translation>%1, Zeile %2, Spalte %3: %4</translation>
    </message>
    <message>
        <source>A layer&apos;s formula covers all cells of its two-way table.</source>
        <translation>Die Formel einer Schicht gilt für alle Zellen ihrer zweiachsigen Tabelle.</translation>
    </message>
    <message>
        <source>Across: %1</source>
        <translation>Nach rechts: %1</translation>
    </message>
    <message>
        <source>Down: %1</source>
        <translation>Nach unten: %1</translation>
    </message>
    <message>
        <source>Some pairs are in no cell.</source>
        <translation>Manche Paare stehen in keiner Zelle.</translation>
    </message>
    <message>
        <source>a number or a formula</source>
        <translation>eine Zahl oder eine Formel</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>from %1 to %2 by %3</source>
        <translation>von %1 bis %2 in Schritten von %3</translation>
    </message>
    <message>
        <source>from %1 to %2 by %3 there are more than %4 numbers, too many for an axis</source>
        <translation>von %1 bis %2 in Schritten von %3 sind es mehr als %4 Zahlen, zu viele für eine Achse</translation>
    </message>
    <message>
        <source>from %1 to %2 by %3 there are no numbers: the step must lead from the first to the last</source>
        <translation>von %1 bis %2 in Schritten von %3 gibt es keine Zahlen: der Schritt muss von der ersten zur letzten führen</translation>
    </message>
    <message>
        <source>part of χ²</source>
        <translation>Anteil an χ²</translation>
    </message>
    <message>
        <source>share of all</source>
        <translation>Anteil an allen</translation>
    </message>
    <message>
        <source>share of the column</source>
        <translation>Anteil an der Spalte</translation>
    </message>
    <message>
        <source>share of the row</source>
        <translation>Anteil an der Zeile</translation>
    </message>
    <message>
        <source>these rows are not made from formulas</source>
        <translation>diese Zeilen entstehen nicht aus Formeln</translation>
    </message>
    <message>
        <source>The axis %1: %2</source>
        <translation>Die Achse %1: %2</translation>
    </message>
    <message>
        <source>Choose two different held values.</source>
        <translation>Zwei verschiedene festgehaltene Werte wählen.</translation>
    </message>
    <message>
        <source>The cells are still being computed, so nothing was entered. Type again when they are ready.</source>
        <translation>Die Zellen werden berechnet, und nichts wurde getippt: noch einmal tippen, wenn sie da sind.</translation>
    </message>
    <message>
        <source>rows of %1</source>
        <translation>Zeilen von %1</translation>
    </message>
    <message>
        <source>share of %1</source>
        <translation>Anteil an %1</translation>
    </message>
    <message>
        <source>%1 keeps its value: %2.</source>
        <translation>%1 behält seinen Wert: %2.</translation>
    </message>
    <message>
        <source>%1 keeps its values: %2</source>
        <translation>%1 behält ihre Werte: %2</translation>
    </message>
    <message>
        <source>%1 keeps its values: in %2, %3.</source>
        <translation>%1 behält ihre Werte: in %2, %3.</translation>
    </message>
    <message>
        <source>%1 keeps its values: its rows have different formulas.</source>
        <translation>%1 behält ihre Werte: ihre Zeilen haben verschiedene Formeln.</translation>
    </message>
    <message>
        <source>%1 under %2: %3</source>
        <translation>%1 unter %2: %3</translation>
    </message>
    <message>
        <source>HTML tables</source>
        <translation>HTML-Tabellen</translation>
    </message>
    <message>
        <source>It has more than %1 different fields.</source>
        <translation>Es hat mehr als %1 verschiedene Felder.</translation>
    </message>
    <message>
        <source>It is JSON, but neither a list of records nor an object of lists.</source>
        <translation>Es ist JSON, aber weder eine Liste von Datensätzen noch ein Objekt von Listen.</translation>
    </message>
    <message>
        <source>JSON records</source>
        <translation>JSON-Datensätze</translation>
    </message>
    <message>
        <source>Kept as values:</source>
        <translation>Als Werte behalten:</translation>
    </message>
    <message>
        <source>LaTeX tables</source>
        <translation>LaTeX-Tabellen</translation>
    </message>
    <message>
        <source>Markdown tables</source>
        <translation>Markdown-Tabellen</translation>
    </message>
    <message>
        <source>Office Open XML workbooks</source>
        <translation>Office-Open-XML-Mappen</translation>
    </message>
    <message>
        <source>OpenDocument spreadsheets</source>
        <translation>OpenDocument-Tabellen</translation>
    </message>
    <message>
        <source>The grid %1 is left out: %2.</source>
        <translation>Das Gitter %1 wird weggelassen: %2.</translation>
    </message>
    <message>
        <source>a bracket is not closed</source>
        <translation>eine Klammer ist nicht geschlossen</translation>
    </message>
    <message>
        <source>a list in it is not closed</source>
        <translation>eine Liste darin ist nicht geschlossen</translation>
    </message>
    <message>
        <source>a text in it is not closed</source>
        <translation>ein Text darin ist nicht geschlossen</translation>
    </message>
    <message>
        <source>it cannot be written in one formula</source>
        <translation>sie kann nicht in einer Formel geschrieben werden</translation>
    </message>
    <message>
        <source>it has a function with more than 255 arguments</source>
        <translation>sie hat eine Funktion mit mehr als 255 Argumenten</translation>
    </message>
    <message>
        <source>it has a list of more than 10000 values</source>
        <translation>sie hat eine Liste von mehr als 10000 Werten</translation>
    </message>
    <message>
        <source>it has a list of values in braces</source>
        <translation>sie hat eine Liste von Werten in geschweiften Klammern</translation>
    </message>
    <message>
        <source>it has a number that cannot be read</source>
        <translation>sie hat eine Zahl, die nicht gelesen werden kann</translation>
    </message>
    <message>
        <source>it has more than %1 signs in a row</source>
        <translation>sie hat mehr als %1 Vorzeichen hintereinander</translation>
    </message>
    <message>
        <source>it is longer than %1 characters</source>
        <translation>sie ist länger als %1 Zeichen</translation>
    </message>
    <message>
        <source>it joins more than 500 operands</source>
        <translation>sie verbindet mehr als 500 Operanden</translation>
    </message>
    <message>
        <source>it picks a row by more than one equality</source>
        <translation>sie wählt eine Zeile durch mehr als eine Gleichheit</translation>
    </message>
    <message>
        <source>it refers to %1, which is empty</source>
        <translation>sie bezieht sich auf %1, das leer ist</translation>
    </message>
    <message>
        <source>it refers to a column without values</source>
        <translation>sie bezieht sich auf eine Spalte ohne Werte</translation>
    </message>
    <message>
        <source>it refers to another file or to several sheets (%1), which are not opened</source>
        <translation>sie bezieht sich auf eine andere Datei oder auf mehrere Blätter (%1), die nicht geöffnet werden</translation>
    </message>
    <message>
        <source>it uses a cell of a two-way table</source>
        <translation>sie verwendet eine Zelle einer Tabelle mit zwei Achsen</translation>
    </message>
    <message>
        <source>it uses a class as a value</source>
        <translation>sie verwendet eine Klasse als Wert</translation>
    </message>
    <message>
        <source>it uses a group of columns as one value</source>
        <translation>sie verwendet eine Gruppe von Spalten als einen Wert</translation>
    </message>
    <message>
        <source>it uses a held function</source>
        <translation>sie verwendet eine festgehaltene Funktion</translation>
    </message>
    <message>
        <source>it uses a part of a two-way table</source>
        <translation>sie verwendet einen Teil einer Tabelle mit zwei Achsen</translation>
    </message>
    <message>
        <source>it uses a range over several tables</source>
        <translation>sie verwendet einen Bereich über mehrere Tabellen</translation>
    </message>
    <message>
        <source>it uses a range that is empty</source>
        <translation>sie verwendet einen Bereich, der leer ist</translation>
    </message>
    <message>
        <source>it uses a whole column as one value</source>
        <translation>sie verwendet eine ganze Spalte als einen Wert</translation>
    </message>
    <message>
        <source>it uses a whole row of the sheet</source>
        <translation>sie verwendet eine ganze Zeile des Blatts</translation>
    </message>
    <message>
        <source>it uses an axis of a two-way table</source>
        <translation>sie verwendet eine Achse einer Tabelle mit zwei Achsen</translation>
    </message>
    <message>
        <source>it uses several cells as one value</source>
        <translation>sie verwendet mehrere Zellen als einen Wert</translation>
    </message>
    <message>
        <source>it uses several columns as one value</source>
        <translation>sie verwendet mehrere Spalten als einen Wert</translation>
    </message>
    <message>
        <source>it uses several rows as one value</source>
        <translation>sie verwendet mehrere Zeilen als einen Wert</translation>
    </message>
    <message>
        <source>it uses the name %1, which is not defined</source>
        <translation>sie verwendet den Namen %1, der nicht festgelegt ist</translation>
    </message>
    <message>
        <source>it uses the range %1 as one value</source>
        <translation>sie verwendet den Bereich %1 als einen Wert</translation>
    </message>
    <message>
        <source>it would be longer than %1 characters</source>
        <translation>sie wäre länger als %1 Zeichen</translation>
    </message>
    <message>
        <source>its condition compares two columns, or none</source>
        <translation>ihre Bedingung vergleicht zwei Spalten, oder keine</translation>
    </message>
    <message>
        <source>its condition is joined from texts</source>
        <translation>ihre Bedingung ist aus Texten zusammengefügt</translation>
    </message>
    <message>
        <source>its formula cannot be read</source>
        <translation>ihre Formel kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>the brackets of %1 are not closed</source>
        <translation>die Klammern von %1 sind nicht geschlossen</translation>
    </message>
    <message>
        <source>worksheets have no %1 with a condition</source>
        <translation>Rechenblätter haben kein %1 mit einer Bedingung</translation>
    </message>
    <message>
        <source>worksheets have no function for %1</source>
        <translation>Rechenblätter haben keine Funktion für %1</translation>
    </message>
    <message>
        <source>Formulas:</source>
        <translation>Formeln:</translation>
    </message>
    <message>
        <source>Held values</source>
        <translation>Festgehaltene Werte</translation>
    </message>
    <message>
        <source>above</source>
        <translation>über</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>cells that can be unpacked</source>
        <translation>Zellen, die sich entpacken lassen</translation>
    </message>
    <message>
        <source>it calls a held function whose names mean something else in the table</source>
        <translation>sie ruft eine festgehaltene Funktion auf, deren Namen in der Tabelle etwas anderes bedeuten</translation>
    </message>
    <message>
        <source>its condition spans %1 columns</source>
        <translation>ihre Bedingung erstreckt sich über %1 Spalten</translation>
    </message>
    <message>
        <source>More such cells: %1.</source>
        <translation>Weitere solche Zellen: %1.</translation>
    </message>
    <message>
        <source>More such rows in %1: %2.</source>
        <translation>Weitere solche Zeilen in %1: %2.</translation>
    </message>
    <message>
        <source>its condition leaves out one value, and some rows have none</source>
        <translation>seine Bedingung lässt einen Wert aus, und manche Zeilen haben keinen</translation>
    </message>
    <message>
        <source>%1 cannot follow here: an operator, a closing bracket or the end can.</source>
        <translation>%1 kann hier nicht folgen: ein Operator, eine schließende Klammer oder das Ende kann es.</translation>
    </message>
    <message>
        <source>%1 has more digits than a number can hold. The nearest is %2.</source>
        <translation>%1 hat mehr Ziffern, als eine Zahl halten kann. Die nächste ist %2.</translation>
    </message>
    <message>
        <source>%1 needs %2. %3 is not one.</source>
        <translation>%1 braucht %2. %3 ist das nicht.</translation>
    </message>
    <message>
        <source>After where comes a condition, such as x &gt; 0, but this is %1.</source>
        <translation>Nach where kommt eine Bedingung wie x &gt; 0, aber dies ist %1.</translation>
    </message>
    <message>
        <source>In a formula a date is written %1.</source>
        <translation>In einer Formel wird ein Datum als %1 geschrieben.</translation>
    </message>
    <message>
        <source>Something is missing between %1 and %2.</source>
        <translation>Zwischen %1 und %2 fehlt etwas.</translation>
    </message>
    <message>
        <source>The condition after where holds for all that %1 is taken of. Write it once, at the end, and join several with and.</source>
        <translation>Die Bedingung nach where gilt für alles, wovon %1 genommen wird. Schreiben Sie sie einmal, ans Ende, und verbinden Sie mehrere mit and.</translation>
    </message>
    <message>
        <source>The number that a text writes, read as in a cell.</source>
        <translation>Die Zahl, die ein Text schreibt, gelesen wie in einer Zelle.</translation>
    </message>
    <message>
        <source>The values of one measure run over the same rows. Write the range of rows after each column, or after none.</source>
        <translation>Die Werte eines Maßes laufen über dieselben Zeilen. Schreiben Sie den Zeilenbereich hinter jede Spalte oder hinter keine.</translation>
    </message>
    <message>
        <source>This formula is nested more than %1 deep. Divide it between columns.</source>
        <translation>Diese Formel ist mehr als %1 Stufen tief verschachtelt. Teilen Sie sie auf Spalten auf.</translation>
    </message>
    <message>
        <source>Times of %1 that are on another day in Greenwich time, by which they are read: %2 (%3).</source>
        <translation>Zeiten von %1, die nach Greenwicher Zeit, in der sie gelesen werden, an einem anderen Tag liegen: %2 (%3).</translation>
    </message>
    <message>
        <source>a number above 0 and at most 0.1</source>
        <translation>eine Zahl über 0 und höchstens 0,1</translation>
    </message>
    <message>
        <source>a range of rows has whole numbers as its ends, and one here is not</source>
        <translation>ein Zeilenbereich hat ganze Zahlen als Enden, und eines hier ist keine</translation>
    </message>
    <message>
        <source>a whole number of 0 or more</source>
        <translation>eine ganze Zahl von 0 oder mehr</translation>
    </message>
    <message>
        <source>an end of this axis has no value yet</source>
        <translation>ein Ende dieser Achse hat noch keinen Wert</translation>
    </message>
    <message>
        <source>for runs over whole numbers, and an end of this range is not one</source>
        <translation>for läuft über ganze Zahlen, und ein Ende dieses Bereichs ist keine</translation>
    </message>
    <message>
        <source>in row %1 of those that the measure runs over, %2</source>
        <translation>in Zeile %1 von denen, über die das Maß läuft: %2</translation>
    </message>
    <message>
        <source>rank(x) gives the position of this row&apos;s x among all: it is for the formula of a column.</source>
        <translation>rank(x) gibt den Platz des x dieser Zeile unter allen an: Es ist für die Formel einer Spalte.</translation>
    </message>
    <message>
        <source>the search between %1 and %2 took too many steps: choose a narrower range</source>
        <translation>die Suche zwischen %1 und %2 brauchte zu viele Schritte: wählen Sie einen engeren Bereich</translation>
    </message>
    <message>
        <source>this jumps from %1 to %2 at %3 and is 0 nowhere: choose another range, or another expression</source>
        <translation>dies springt bei %3 von %1 auf %2 und ist nirgends 0: wählen Sie einen anderen Bereich oder einen anderen Ausdruck</translation>
    </message>
    <message>
        <source>this tries too many values within values that are tried: try fewer of them</source>
        <translation>dies probiert zu viele Werte innerhalb von Werten, die probiert werden: probieren Sie weniger</translation>
    </message>
    <message>
        <source>%1 has no column called %2. Put a text in quotation marks.</source>
        <translation>%1 hat keine Spalte namens %2. Setzen Sie einen Text in Anführungszeichen.</translation>
    </message>
    <message>
        <source>%1 is a held value, and a list takes values: write its number, or put a text in quotation marks.</source>
        <translation>%1 ist ein gehaltener Wert, und eine Liste nimmt Werte: Schreiben Sie seine Zahl, oder setzen Sie einen Text in Anführungszeichen.</translation>
    </message>
    <message>
        <source>An axis of dates goes from an earlier to a later one, by a whole number of days, up to %1 of them.</source>
        <translation>Eine Achse aus Daten geht von einem früheren zu einem späteren, um eine ganze Zahl von Tagen, bis zu %1 davon.</translation>
    </message>
    <message>
        <source>There is no column called %1 here. Put a single text in quotation marks.</source>
        <translation>Es gibt hier keine Spalte namens %1. Setzen Sie einen einzelnen Text in Anführungszeichen.</translation>
    </message>
    <message>
        <source>There is no table called %1. Put a text in quotation marks.</source>
        <translation>Es gibt keine Tabelle namens %1. Setzen Sie einen Text in Anführungszeichen.</translation>
    </message>
    <message>
        <source>Line %1 has %2 fields, and the others have %3 on average. Correct that line, or choose another separator.</source>
        <translation>Zeile %1 hat %2 Felder, die anderen haben im Mittel %3. Berichtigen Sie diese Zeile, oder wählen Sie ein anderes Trennzeichen.</translation>
    </message>
    <message>
        <source>%1 was not written, since it was stopped. What was there is unchanged.</source>
        <translation>%1 wurde nicht geschrieben, weil es angehalten wurde. Was dort war, ist unverändert.</translation>
    </message>
    <message>
        <source>The table has been removed, and nothing was written.</source>
        <translation>Die Tabelle wurde entfernt, und nichts wurde geschrieben.</translation>
    </message>
    <message>
        <source>Stopped. Nothing has changed.</source>
        <translation>Es wurde vor dem Ende angehalten, und nichts hat sich geändert.</translation>
    </message>
    <message>
        <source>There is not enough memory for this, and nothing has changed: use fewer rows, or close other programs.</source>
        <translation>Dafür reicht der Speicher nicht, und nichts hat sich geändert: weniger Zeilen nehmen oder andere Programme schließen.</translation>
    </message>
    <message>
        <source>This failed, and nothing has changed: %1</source>
        <translation>Das ist misslungen, und nichts hat sich geändert: %1</translation>
    </message>
    <message>
        <source>This was given up, since another study has been opened: %1.</source>
        <translation>Das wurde aufgegeben, weil eine andere Studie geöffnet wurde: %1.</translation>
    </message>
    <message>
        <source>This was given up, since the computation was stopped: %1. Compute again first.</source>
        <translation>Das wurde aufgegeben, weil die Berechnung angehalten wurde: %1. Zuerst neu berechnen.</translation>
    </message>
    <message>
        <source>%1 is a formula, and a list takes values: write its number, or put a text in quotation marks.</source>
        <translation>%1 ist eine Formel, und eine Liste nimmt Werte: die Zahl schreiben oder einen Text in Anführungszeichen setzen.</translation>
    </message>
    <message>
        <source>The table has changed in the meantime, so nothing was pasted. Paste again.</source>
        <translation>Die Tabelle ist inzwischen geändert worden, und nichts wurde eingefügt: noch einmal einfügen.</translation>
    </message>
    <message>
        <source>Another task is still running: %1 Wait for it, or stop it, and try again.</source>
        <translation>Das wurde nicht begonnen, weil noch etwas anderes läuft: %1 Warten, oder es anhalten.</translation>
    </message>
    <message>
        <source>the number of rows</source>
        <translation>die Zeilenzahl</translation>
    </message>
    <message>
        <source>Run %1</source>
        <translation>Lauf %1</translation>
    </message>
    <message>
        <source>Decimals: %1</source>
        <translation>Nachkommastellen: %1</translation>
    </message>
    <message>
        <source>Per cent, 1 decimal</source>
        <translation>Prozent, 1 Nachkommastelle</translation>
    </message>
    <message>
        <source>3 significant figures</source>
        <translation>3 gültige Stellen</translation>
    </message>
    <message>
        <source>Powers of ten</source>
        <translation>Zehnerpotenzen</translation>
    </message>
    <message>
        <source>Dates: 20 May 2026</source>
        <translation>Datum: 20. Mai 2026</translation>
    </message>
    <message>
        <source>Dates: Wed 20 May 2026</source>
        <translation>Datum: Mi 20. Mai 2026</translation>
    </message>
    <message>
        <source>Dates: May 2026</source>
        <translation>Datum: Mai 2026</translation>
    </message>
    <message>
        <source>d MMM yyyy</source>
        <translation>d. MMM yyyy</translation>
    </message>
    <message>
        <source>ddd d MMM yyyy</source>
        <translation>ddd d. MMM yyyy</translation>
    </message>
    <message>
        <source>MMMM yyyy</source>
        <translation>MMMM yyyy</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1 is not an image format that can be saved. Use a name ending in .png, .svg or .pdf.</source>
        <translation>%1 ist keine Art von Bild, die sich schreiben lässt: der Name soll auf .png, .svg oder .pdf enden.</translation>
    </message>
    <message>
        <source>The chart is still being computed. Save it again when it is ready.</source>
        <translation>Was das Diagramm zeichnet, wird berechnet: noch einmal schreiben, wenn es da ist.</translation>
    </message>
    <message>
        <source>The chart is still being computed. Copy it again when it is ready.</source>
        <translation>Was das Diagramm zeichnet, wird berechnet: noch einmal kopieren, wenn es da ist.</translation>
    </message>
    <message>
        <source>Select the columns first. In the formula, each stands for one of them.</source>
        <translation>Zuerst die Spalten auswählen; in der Formel steht each für eine davon.</translation>
    </message>
    <message>
        <source>This table has no column of numbers to summarise yet.</source>
        <translation>Diese Tabelle hat noch keine Spalte von Zahlen, die sich zusammenfassen ließe.</translation>
    </message>
    <message>
        <source>Select the values to continue, in a given column.</source>
        <translation>Die begonnenen Werte in einer gegebenen Spalte auswählen.</translation>
    </message>
    <message>
        <source>This table has no classes of another column to change.</source>
        <translation>Diese Tabelle hat keine Klassen einer anderen Spalte, die sich ändern ließen.</translation>
    </message>
    <message>
        <source>There is no held number to try values of. Put one on the ledge first.</source>
        <translation>Es gibt keine festgehaltene Zahl, für die Werte versucht werden könnten: setzen Sie erst eine auf die Leiste.</translation>
    </message>
    <message>
        <source>The name of a worksheet must end in .ods or .xlsx.</source>
        <translation>Ein Rechenblatt endet auf .ods oder .xlsx: wählen Sie eines davon.</translation>
    </message>
    <message>
        <source>A table cannot be exported as %1. Save the study instead.</source>
        <translation>Eine Tabelle lässt sich nicht als %1 exportieren: stattdessen die Studie speichern.</translation>
    </message>
    <message>
        <source>%1: files of this kind can be exported but not read.</source>
        <translation>%1: Dateien dieser Art werden geschrieben und nicht gelesen.</translation>
    </message>
    <message>
        <source>In the first lines of %1, most cells hold %2, but overall most hold %3. The column was read that way.</source>
        <translation>In den ersten Zeilen von %1 sind die meisten Zellen je %2, insgesamt aber je %3: So wurde gelesen.</translation>
    </message>
    <message>
        <source>There is not enough memory, so nothing was done. Use fewer rows, or close other programs. Unsaved work has been kept.</source>
        <translation>Dafür reicht der Speicher nicht, und es wurde nicht getan: weniger Zeilen verwenden oder andere Programme schließen. Was nicht gespeichert ist, wurde aufgehoben.</translation>
    </message>
    <message>
        <source>metre per second</source>
        <translation>Meter je Sekunde</translation>
    </message>
    <message>
        <source>kilometre per hour</source>
        <translation>Kilometer je Stunde</translation>
    </message>
    <message>
        <source>only the rows where a condition holds</source>
        <translation>nur die Zeilen, für die eine Bedingung gilt</translation>
    </message>
    <message>
        <source>a sum over a range of numbers: for k in 0..10</source>
        <translation>eine Summe über eine gebundene Zahl: for k in 0..10</translation>
    </message>
    <message>
        <source>%1 is defined twice here. Keep one of the two.</source>
        <translation>%1 ist hier zweimal festgelegt: Behalten Sie eine der beiden.</translation>
    </message>
    <message>
        <source>%1 has more than %2 different values, too many to draw a box for each.</source>
        <translation>%1 hat mehr als %2 verschiedene Werte, zu viele für je einen Kasten.</translation>
    </message>
    <message>
        <source>This chart has nothing to draw yet. Add a series.</source>
        <translation>Dieses Diagramm hat noch nichts zu zeichnen: ihm eine Reihe geben.</translation>
    </message>
    <message>
        <source>A series has no column for its values. Choose one.</source>
        <translation>Eine Reihe hat keine Spalte für ihre Werte: eine auswählen.</translation>
    </message>
    <message>
        <source>%1 and %2 are in different tables. A series uses columns of one table.</source>
        <translation>%1 und %2 sind Spalten verschiedener Tabellen: eine Reihe wird aus einer gezeichnet.</translation>
    </message>
    <message>
        <source>%1 cannot be drawn on the y axis: it holds %2, not numbers.</source>
        <translation>%1 lässt sich nicht nach oben abtragen: darin steht %2, und ein Diagramm braucht Zahlen.</translation>
    </message>
    <message>
        <source>%1 is a layer of a two-way table. Draw it as lines, points, bars, a heat map or contour lines.</source>
        <translation>%1 ist eine Schicht einer zweiachsigen Tabelle: als Linien, Punkte, Säulen, Farbkarte oder Höhenlinien zeichnen.</translation>
    </message>
    <message>
        <source>Bars and sums start at zero, which a logarithmic axis does not have. The axis is drawn linear.</source>
        <translation>Balken und Summen stehen auf null, die eine logarithmische Achse nicht hat: Sie wird mit gleichen Schritten gezeichnet.</translation>
    </message>
    <message>
        <source>Bars and classes have widths, which a logarithmic axis would distort. The x axis is drawn linear.</source>
        <translation>Balken und Klassen haben Breiten, die eine logarithmische Achse verzerren würde: Quer wird mit gleichen Schritten gezeichnet.</translation>
    </message>
    <message>
        <source>%1 cannot give error bars. Choose a column of numbers in the same table.</source>
        <translation>%1 gibt keine Fehlerbalken: Wählen Sie eine Zahlenspalte derselben Tabelle.</translation>
    </message>
    <message>
        <source>%1 is not a mean, so it has no standard error. Choose a column for the error bars.</source>
        <translation>%1 ist kein Mittelwert und hat darum keinen Standardfehler: Wählen Sie eine Spalte für die Fehlerbalken.</translation>
    </message>
    <message>
        <source>%1 has too many rows for standard errors. Give them in a column.</source>
        <translation>%1 hat zu viele Zeilen für Standardfehler: Geben Sie sie in einer Spalte an.</translation>
    </message>
    <message>
        <source>%1 has no fitted line. It needs two points with different x values.</source>
        <translation>%1 hat keine Ausgleichsgerade: dazu braucht es zwei Punkte an verschiedenen Stellen.</translation>
    </message>
    <message>
        <source>%1 does not give a number for the chart: %2</source>
        <translation>%1 ergibt keine Zahl für das Diagramm: %2</translation>
    </message>
    <message>
        <source>A logarithmic axis must start above 0. It starts at the smallest value instead.</source>
        <translation>Eine logarithmische Achse beginnt über 0: Sie beginnt stattdessen bei ihrem kleinsten Wert.</translation>
    </message>
    <message>
        <source>An axis cannot run from %1 to %2. The second number must be larger.</source>
        <translation>Eine Achse kann nicht von %1 bis %2 reichen: die zweite Zahl muss größer sein.</translation>
    </message>
    <message>
        <source>%1 needs classes on the x axis. Make a frequency table of a column and draw its counts.</source>
        <translation>%1 braucht waagerecht Klassen: eine Häufigkeitstabelle der Spalte anlegen und deren Anzahlen zeichnen.</translation>
    </message>
    <message>
        <source>%1 has %2 lines, but only %3 can be told apart. Draw it as a heat map, or choose the other axis.</source>
        <translation>%1 hat %2 Linien, und mehr als %3 sind nicht zu unterscheiden: als Farbkarte zeichnen oder die andere Achse wählen.</translation>
    </message>
    <message>
        <source>%1 is not a layer of a two-way table, which a heat map and contour lines need.</source>
        <translation>%1 ist keine Schicht einer zweiachsigen Tabelle: Farbkarte und Höhenlinien werden von einer gezeichnet.</translation>
    </message>
    <message>
        <source>%1 is not drawn: the values of both its axes must increase.</source>
        <translation>%1 wird nicht gezeichnet: die Werte beider Achsen müssen steigen.</translation>
    </message>
    <message>
        <source>%1 is not drawn: on the x axis, some series use numbers and some use names.</source>
        <translation>%1 wird nicht gezeichnet: einige Reihen stehen an Zahlen und einige an Namen.</translation>
    </message>
    <message>
        <source>%1 occurs more than once in %2, but a bar stands for one row. Count the values first, or draw boxes.</source>
        <translation>%1 kommt in %2 mehr als einmal vor, und ein Balken gehört zu einer Zeile: zuerst die Werte zählen oder Kästen zeichnen.</translation>
    </message>
    <message>
        <source>%1 has no layer yet. Write a formula for its cells first.</source>
        <translation>%1 hat noch keine Schicht: erst eine Formel für die Zellen schreiben.</translation>
    </message>
    <message>
        <source>Select the columns to draw, at least one of numbers: x axis first, then y axis.</source>
        <translation>Die Spalten auswählen, die gezeichnet werden sollen, mindestens eine mit Zahlen: zuerst waagerecht, dann nach oben.</translation>
    </message>
    <message>
        <source>There is no table to draw from. Make a table first.</source>
        <translation>Es gibt keine Tabelle, aus der gezeichnet werden kann: mit einer Tabelle beginnen.</translation>
    </message>
    <message>
        <source>%1 has no rows yet. Type or import some values.</source>
        <translation>%1 hat noch keine Zeilen: Werte eintippen oder einlesen.</translation>
    </message>
    <message>
        <source>%1 is not drawn because its cells have errors: %2</source>
        <translation>%1 wird nicht gezeichnet, weil die Zellen Fehler haben: %2</translation>
    </message>
    <message>
        <source>dates run from the year 1 to the year 9999</source>
        <translation>Daten gehen vom Jahr 1 bis zum Jahr 9999</translation>
    </message>
    <message>
        <source>√ needs a number of 0 or more</source>
        <translation>√ nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>! needs a whole number of 0 or more</source>
        <translation>! nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>a negative number cannot have this power</source>
        <translation>eine negative Zahl hat keine solche Potenz</translation>
    </message>
    <message>
        <source>%1 cannot be used between %2 and %3.</source>
        <translation>%1 kann nicht zwischen %2 und %3 stehen.</translation>
    </message>
    <message>
        <source>No comparison can follow in (…). Put the comparison before it.</source>
        <translation>Nach in (…) kann nichts mehr verglichen werden: den Vergleich davor stellen.</translation>
    </message>
    <message>
        <source>After if, a condition such as x &gt; 0 is needed, but this is %1.</source>
        <translation>Nach if kommt eine Bedingung, etwa x &gt; 0, und dies ist %1.</translation>
    </message>
    <message>
        <source>This gives %1 in one case and %2 in another. Make them the same kind.</source>
        <translation>Dies ergibt einmal %1 und einmal %2: beide müssen von einer Art sein.</translation>
    </message>
    <message>
        <source>first and then need rows. Use them only in the formula of a column.</source>
        <translation>first und then brauchen Zeilen: nur die Formel einer Spalte kann sie haben.</translation>
    </message>
    <message>
        <source>Several values in brackets can be used only in a measure or after in.</source>
        <translation>Mehrere Werte in Klammern können nur in einem Maß oder nach in stehen.</translation>
    </message>
    <message>
        <source>A range can be used only in square brackets or in a measure.</source>
        <translation>Ein Bereich kann nur in eckigen Klammern oder in einem Maß stehen.</translation>
    </message>
    <message>
        <source>where, for and a bar can be used only in the brackets of a measure.</source>
        <translation>where, for und ein senkrechter Strich können nur in den Klammern eines Maßes stehen.</translation>
    </message>
    <message>
        <source>first can only start a formula.</source>
        <translation>first kann nur am Anfang einer Formel stehen.</translation>
    </message>
    <message>
        <source>each stands for a selected column. Use it in a foot line, or in a formula for several columns.</source>
        <translation>each steht für eine ausgewählte Spalte: es gehört in eine Fußzeile oder in eine Formel für mehrere Spalten.</translation>
    </message>
    <message>
        <source>%1 needs the rows of a table, but the ledge has none.</source>
        <translation>%1 braucht die Zeilen einer Tabelle, und die Leiste hat keine.</translation>
    </message>
    <message>
        <source>%1 needs a row, but there is none here.</source>
        <translation>%1 braucht eine Zeile, und hier gibt es keine.</translation>
    </message>
    <message>
        <source>%1 is a group of columns. Use a measure of it, as in mean(%1[i]).</source>
        <translation>%1 ist eine Gruppe von Spalten: ein Maß davon nehmen, etwa mean(%1[i]).</translation>
    </message>
    <message>
        <source>%1 is a function. Add its arguments, as in %1(%2).</source>
        <translation>%1 ist eine Funktion: angeben, worauf sie angewandt wird, etwa %1(%2).</translation>
    </message>
    <message>
        <source>The foot line %1 does not cover this column. Add the column in the menu of that line.</source>
        <translation>Die Fußzeile %1 wird nicht von dieser Spalte genommen: Wählen Sie die Spalte im Menü der Zeile.</translation>
    </message>
    <message>
        <source>There is no column or held value called %1. Add it, or correct the name.</source>
        <translation>Es gibt weder eine Spalte noch einen festgehaltenen Wert mit dem Namen %1: anlegen oder den Namen berichtigen.</translation>
    </message>
    <message>
        <source>%1 is a whole column. Use one row of it, as in %1[1], or a measure, as in mean(%1).</source>
        <translation>%1 ist eine ganze Spalte: eine Zeile davon nehmen, etwa %1[1], oder ein Maß, etwa mean(%1).</translation>
    </message>
    <message>
        <source>Write %1 as %2. The number of arguments here is %3.</source>
        <translation>%1 schreibt sich %2, und hier stehen %3 Argumente.</translation>
    </message>
    <message>
        <source>|…| needs a number, but this is %1.</source>
        <translation>Senkrechte Striche nehmen eine Zahl, und dies ist %1.</translation>
    </message>
    <message>
        <source>%1 needs %2 here, but this is %3.</source>
        <translation>%1 nimmt hier %2, und dies ist %3.</translation>
    </message>
    <message>
        <source>%1 calls itself, which a held function cannot do.</source>
        <translation>%1 ruft sich selbst auf: eine festgehaltene Funktion darf das nicht.</translation>
    </message>
    <message>
        <source>The formula of %1 has an error: %2</source>
        <translation>Die Formel von %1 hat einen Fehler: %2</translation>
    </message>
    <message>
        <source>Write %1 as %2.</source>
        <translation>%1 schreibt sich %2.</translation>
    </message>
    <message>
        <source>%1 needs a cell, but there is none here.</source>
        <translation>%1 braucht eine Zelle, und hier ist keine.</translation>
    </message>
    <message>
        <source>%1 depends on a cell of the two-way table, but there is none here. Use a measure, or a position such as [1, 2].</source>
        <translation>%1 sagt eine Zelle der zweiachsigen Tabelle, und hier ist keine: ein Maß nehmen oder einen Platz wie [1, 2].</translation>
    </message>
    <message>
        <source>%1 is a whole axis. Use one of its values, as in %1[1], or a measure, as in max(%1).</source>
        <translation>%1 ist eine ganze Achse: einen ihrer Werte nehmen, wie in %1[1], oder ein Maß, wie in max(%1).</translation>
    </message>
    <message>
        <source>%1 is a whole layer. Use one cell of it, as in %1[1, 2], or a measure, as in sum(%1).</source>
        <translation>%1 ist eine ganze Schicht: eine Zelle davon nehmen, wie in %1[1, 2], oder ein Maß, wie in sum(%1).</translation>
    </message>
    <message>
        <source>%1 has two axes. Write the row and the column, as in %1[i-1, j], or %1[i, ..] for all of this row in a measure.</source>
        <translation>%1 hat zwei Achsen: Zeile und Spalte schreiben, wie in %1[i-1, j], oder %1[i, ..] für diese ganze Zeile in einem Maß.</translation>
    </message>
    <message>
        <source>A part of a two-way table can be used only in a measure, as in sum(%1[i, ..]).</source>
        <translation>Ein Teil einer zweiachsigen Tabelle kann nur in einem Maß stehen, wie in sum(%1[i, ..]).</translation>
    </message>
    <message>
        <source>A row or column is a number, but this is %1.</source>
        <translation>Eine Zeile oder Spalte ist eine Zahl, und dies ist %1.</translation>
    </message>
    <message>
        <source>%1 is an axis and has one position in brackets, a row or a column. Write %1[1].</source>
        <translation>%1 ist eine Achse und hat einen Platz in Klammern, eine Zeile oder eine Spalte: %1[1] schreiben.</translation>
    </message>
    <message>
        <source>Here %1 runs over all rows, but [i] is the row of this formula. For the step from row to row, first make a column of it, such as step = %1 - %1[i-1].</source>
        <translation>Hier läuft %1 über alle Zeilen, und [i] ist die eine Zeile dieser Formel. Für den Schritt von Zeile zu Zeile zuerst eine Spalte anlegen, etwa schritt = %1 - %1[i-1].</translation>
    </message>
    <message>
        <source>A measure runs over the rows of one table, but this one names two others, %1 and %2.</source>
        <translation>Ein Maß läuft über die Zeilen einer Tabelle, und dieses nennt zwei andere, %1 und %2.</translation>
    </message>
    <message>
        <source>%1 has two axes. Write both positions, as in [i, ..] for all of this row.</source>
        <translation>%1 hat zwei Achsen: beide Plätze schreiben, wie in [i, ..] für diese ganze Zeile.</translation>
    </message>
    <message>
        <source>%1 has one axis. Write one position, as in [1..i].</source>
        <translation>%1 hat eine Achse: einen Platz schreiben, wie in [1..i].</translation>
    </message>
    <message>
        <source>%1 needs values. Write it as %2.</source>
        <translation>%1 schreibt sich %2: es braucht Werte.</translation>
    </message>
    <message>
        <source>Measures are nested more than %1 deep.</source>
        <translation>Mehr als %1 Maße stehen ineinander.</translation>
    </message>
    <message>
        <source>Write %1((a, b)) for several values, or %1((a, b), %2) if %2 follows. A single value is not enough.</source>
        <translation>Für mehrere Werte %1((a, b)) schreiben, und %1((a, b), %2), wo %2 auf sie folgt: aus einem Wert allein ergibt sich nichts.</translation>
    </message>
    <message>
        <source>A row is a number, but this is %1.</source>
        <translation>Eine Zeile ist eine Zahl, und dies ist %1.</translation>
    </message>
    <message>
        <source>%1 works on whole columns here, but this is a single value. Remove it.</source>
        <translation>%1 wird hier von ganzen Spalten genommen, und dies ist ein einzelner Wert: weglassen.</translation>
    </message>
    <message>
        <source>%1 works on whole columns, but one of these is a single value. Row by row, write %2(a, b).</source>
        <translation>%1 wird von ganzen Spalten genommen, und eines davon ist ein einzelner Wert. Zeile für Zeile heißt es %2(a, b).</translation>
    </message>
    <message>
        <source>%1 needs %2, but this is %3.</source>
        <translation>%1 nimmt %2, und dies ist %3.</translation>
    </message>
    <message>
        <source>%1 works on whole columns. Write it as %2.</source>
        <translation>%1 wird von ganzen Spalten genommen: es schreibt sich %2.</translation>
    </message>
    <message>
        <source>%1 searches a range of numbers. Write it as %1(t^2 - 2 for t in 0..2).</source>
        <translation>%1 durchsucht einen Bereich von Zahlen: man schreibt %1(t^2 - 2 for t in 0..2).</translation>
    </message>
    <message>
        <source>%1 needs values of several columns, but for gives one list. Write them as columns.</source>
        <translation>%1 nimmt Werte mehrerer Spalten, und for gibt eine Liste: Schreiben Sie sie als Spalten.</translation>
    </message>
    <message>
        <source>This range needs both ends, as in 0..10.</source>
        <translation>Dieser Bereich braucht beide Enden, etwa 0..10.</translation>
    </message>
    <message>
        <source>%1 needs a single expression, without where.</source>
        <translation>%1 nimmt einen Ausdruck, ohne where.</translation>
    </message>
    <message>
        <source>This form can only be the single argument of a measure.</source>
        <translation>Diese Form kann nur das einzige Argument eines Maßes sein.</translation>
    </message>
    <message>
        <source>One of these columns, %1, holds %2.</source>
        <translation>Unter diesen Spalten ist %1, und darin steht %2.</translation>
    </message>
    <message>
        <source>Use two dots between columns of one table, as in a .. c, or a[i] .. c[i] for this row.</source>
        <translation>Zwei Punkte stehen zwischen zwei Spalten einer Tabelle, etwa a .. c, oder a[i] .. c[i] für diese Zeile.</translation>
    </message>
    <message>
        <source>%1 comes after %2 in the table. Write them in table order.</source>
        <translation>%1 kommt in der Tabelle nach %2: in der Reihenfolge der Tabelle schreiben.</translation>
    </message>
    <message>
        <source>[j] is the column of a cell in a two-way table, but this formula is not in one.</source>
        <translation>[j] ist die Spalte einer Zelle einer zweiachsigen Tabelle, und dies ist keine Formel einer solchen.</translation>
    </message>
    <message>
        <source>[i] is the row of a column&apos;s formula, but there is no row here. Use a measure, or a row such as [1].</source>
        <translation>[i] ist die Zeile der Formel einer Spalte, und hier gibt es keine Zeile: ein Maß oder eine Zeile wie [1] verwenden.</translation>
    </message>
    <message>
        <source>%1 is a single value here and has no rows. Remove the brackets.</source>
        <translation>%1 steht hier für einen Wert und hat keine Zeilen: die Klammern weglassen.</translation>
    </message>
    <message>
        <source>Only a column can be followed by a row in square brackets.</source>
        <translation>Nur nach einer Spalte kann eine Zeile in eckigen Klammern stehen.</translation>
    </message>
    <message>
        <source>%1 is a held value and has no rows. Remove the brackets.</source>
        <translation>%1 ist ein festgehaltener Wert und hat keine Zeilen: die Klammern weglassen.</translation>
    </message>
    <message>
        <source>Two positions in brackets are for a two-way table, but %1 has one axis. Write one position, as in %2[1].</source>
        <translation>Zwei Plätze in Klammern gehören zu einer zweiachsigen Tabelle, und %1 hat eine Achse: einen Platz schreiben, wie in %2[1].</translation>
    </message>
    <message>
        <source>A range of rows can be used only in a measure, as in sum(%1[1..i]).</source>
        <translation>Ein Bereich von Zeilen kann nur in einem Maß stehen, etwa sum(%1[1..i]).</translation>
    </message>
    <message>
        <source>A distribution such as binomial(12, 0.5) is needed here, but this is %1.</source>
        <translation>Hier steht eine Verteilung, etwa binomial(12, 0.5), und dies ist %1.</translation>
    </message>
    <message>
        <source>Random draws are nested in too many measures.</source>
        <translation>Dies wird in zu vielen Maßen gezogen.</translation>
    </message>
    <message>
        <source>the given condition has probability 0</source>
        <translation>was hier bekannt ist, hat die Wahrscheinlichkeit 0</translation>
    </message>
    <message>
        <source>P( ) needs a condition on a distribution, such as binomial(12, 0.5) &lt;= 3. For the share of rows where a condition holds, write share(…).</source>
        <translation>In P( ) steht eine Bedingung an eine Verteilung, etwa binomial(12, 0.5) &lt;= 3. Für den Anteil der Zeilen, für die eine Bedingung gilt, share(…) schreiben.</translation>
    </message>
    <message>
        <source>In P( ), compare a distribution with a number by = ≠ &lt; ≤ &gt; or ≥.</source>
        <translation>In P( ) wird eine Verteilung durch = ≠ &lt; ≤ &gt; oder ≥ mit einer Zahl verglichen.</translation>
    </message>
    <message>
        <source>P( ) is about one distribution, but this one names two.</source>
        <translation>Ein P( ) handelt von einer Verteilung, und dieses nennt zwei.</translation>
    </message>
    <message>
        <source>A distribution is compared with numbers, but this is %1.</source>
        <translation>Eine Verteilung wird mit Zahlen verglichen, und dies ist %1.</translation>
    </message>
    <message>
        <source>P( ) can have at most %1 comparisons. Add several P( ) together.</source>
        <translation>Ein P( ) kann bis zu %1 Vergleiche haben: mehrere addieren.</translation>
    </message>
    <message>
        <source>with can replace at most %1 held values at once.</source>
        <translation>with nimmt bis zu %1 festgehaltene Werte auf einmal.</translation>
    </message>
    <message>
        <source>with tries another value for a held value, but %1 is not one. Put it on the ledge first.</source>
        <translation>with versucht einen anderen Wert für einen festgehaltenen, und %1 ist keiner: setzen Sie auf die Leiste, was versucht werden soll.</translation>
    </message>
    <message>
        <source>%1 has two values here. Remove one of them.</source>
        <translation>%1 bekommt hier zwei Werte: lassen Sie einen davon weg.</translation>
    </message>
    <message>
        <source>%1 holds %2, but this is %3.</source>
        <translation>%1 hält %2, und dies ist %3.</translation>
    </message>
    <message>
        <source>The expression before with cannot use the number of an outer for. Use it in the value to try.</source>
        <translation>Was vor with gefragt ist, kann keine Zahl des for darum verwenden: verwenden Sie sie im Wert, der versucht wird.</translation>
    </message>
    <message>
        <source>with cannot be used in a measure over rows. Put it in a separate column, and take the measure of that.</source>
        <translation>with kann nicht in einem Maß über Zeilen stehen: geben Sie ihm eine eigene Spalte und nehmen Sie davon das Maß.</translation>
    </message>
    <message>
        <source>Before with, use a number, a date or a yes/no value. This is %1.</source>
        <translation>with fragt nach einer Zahl, einem Datum oder ja oder nein, und dies ist %1.</translation>
    </message>
    <message>
        <source>Missing values and text</source>
        <translation>Lücken und Texte</translation>
    </message>
    <message>
        <source>The class of numbers from a up to, but not including, b.</source>
        <translation>Die Klasse der Zahlen von a bis unter b.</translation>
    </message>
    <message>
        <source>interval needs an a below its b</source>
        <translation>interval nimmt ein a unter seinem b</translation>
    </message>
    <message>
        <source>The midpoint of a class.</source>
        <translation>Die Mitte einer Klasse.</translation>
    </message>
    <message>
        <source>A number converted from one unit to another.</source>
        <translation>Eine Zahl in einer Einheit als Zahl in einer anderen.</translation>
    </message>
    <message>
        <source>one of these units is unknown, or they measure different quantities</source>
        <translation>diese beiden Einheiten sind nicht beide bekannt oder messen nicht dasselbe</translation>
    </message>
    <message>
        <source>there is no such date: years run from 1 to 9999, months to 12, days to the end of the month</source>
        <translation>diesen Tag gibt es nicht: Jahre gehen von 1 bis 9999, Monate bis 12, Tage bis zum Monatsende</translation>
    </message>
    <message>
        <source>The current date, or the date set in the study.</source>
        <translation>Der Tag, an dem gerechnet wird, oder der Tag, auf den die Studie eingestellt ist.</translation>
    </message>
    <message>
        <source>Completed months from a to b; a month is complete when its day of the month is reached again.</source>
        <translation>Volle Monate von a bis b: voll, sobald der Tag des Monats wiedergekehrt ist.</translation>
    </message>
    <message>
        <source>counts must be 0 or more</source>
        <translation>Anzahlen sind Zahlen ab 0</translation>
    </message>
    <message>
        <source>The number of species present.</source>
        <translation>Wie viele Arten vorkommen.</translation>
    </message>
    <message>
        <source>Shannon&apos;s entropy, with natural logarithms or another base.</source>
        <translation>Die Entropie nach Shannon, mit natürlichem Logarithmus oder zu einer Basis.</translation>
    </message>
    <message>
        <source>counts must be 0 or more, and the base above 0 and not 1</source>
        <translation>Anzahlen sind Zahlen ab 0, und eine Basis liegt über 0 und ist nicht 1</translation>
    </message>
    <message>
        <source>Pielou&apos;s evenness.</source>
        <translation>Die Gleichverteilung nach Pielou.</translation>
    </message>
    <message>
        <source>counts and q must be 0 or more</source>
        <translation>Anzahlen und q sind Zahlen ab 0</translation>
    </message>
    <message>
        <source>The share of the most common species.</source>
        <translation>Der Anteil der häufigsten Art.</translation>
    </message>
    <message>
        <source>The number of species estimated from those seen once or twice.</source>
        <translation>Die Artenzahl, geschätzt aus den einmal und zweimal gesehenen.</translation>
    </message>
    <message>
        <source>The number of species expected in a sample of m individuals.</source>
        <translation>Die erwartete Artenzahl in einer Stichprobe von m.</translation>
    </message>
    <message>
        <source>The sum of the values (0 if none).</source>
        <translation>Die Summe der Werte; 0, wenn es keine gibt.</translation>
    </message>
    <message>
        <source>The product of the values (1 if none).</source>
        <translation>Das Produkt der Werte; 1, wenn es keine gibt.</translation>
    </message>
    <message>
        <source>The number of values, or of rows where a condition holds.</source>
        <translation>Wie viele Werte es gibt oder für wie viele Zeilen eine Bedingung gilt.</translation>
    </message>
    <message>
        <source>The share of rows where a condition holds, of those where it is known.</source>
        <translation>Für welchen Anteil der Zeilen eine Bedingung gilt, unter denen, für die sie bekannt ist.</translation>
    </message>
    <message>
        <source>The middle value in order, or the mean of the two middle values.</source>
        <translation>Der mittlere Wert der Reihe nach oder das Mittel der beiden mittleren.</translation>
    </message>
    <message>
        <source>The value below which a proportion p of the values lies.</source>
        <translation>Der Wert, unter dem ein Anteil p der Werte liegt.</translation>
    </message>
    <message>
        <source>The interquartile range.</source>
        <translation>Der Abstand der Quartile.</translation>
    </message>
    <message>
        <source>The median of absolute deviations from the median.</source>
        <translation>Der Median der Abstände vom Median.</translation>
    </message>
    <message>
        <source>geomean needs numbers of 0 or more</source>
        <translation>geomean nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>harmean needs numbers of 0 or more</source>
        <translation>harmean nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>The skewness, from moments.</source>
        <translation>Die Schiefe aus den Momenten.</translation>
    </message>
    <message>
        <source>skewness has no value when all values are equal</source>
        <translation>skewness hat keinen Wert, wo alle Werte gleich sind</translation>
    </message>
    <message>
        <source>The excess kurtosis, from moments.</source>
        <translation>Der Exzess (Wölbung) aus den Momenten.</translation>
    </message>
    <message>
        <source>kurtosis has no value when all values are equal</source>
        <translation>kurtosis hat keinen Wert, wo alle Werte gleich sind</translation>
    </message>
    <message>
        <source>The value in the one row where a condition holds; missing if there is none, an error if several.</source>
        <translation>Der eine Wert der Zeilen, für die eine Bedingung gilt: leer bei keiner, ein Fehler bei mehreren.</translation>
    </message>
    <message>
        <source>several rows match, but pick needs exactly one</source>
        <translation>mehrere Zeilen passen hier: pick nimmt genau eine</translation>
    </message>
    <message>
        <source>The number t in a range at which an expression is 0.</source>
        <translation>Eine Zahl t eines Bereichs, bei der ein Ausdruck 0 ist.</translation>
    </message>
    <message>
        <source>bracketing by Alefeld, Potra and Shi (1995), after scanning the range in 64 steps</source>
        <translation>Einschließung nach Alefeld, Potra und Shi (1995), nach einer Durchsicht des Bereichs in 64 Schritten</translation>
    </message>
    <message>
        <source>The number t in a range at which an expression is smallest.</source>
        <translation>Die Zahl t eines Bereichs, für die ein Ausdruck am kleinsten ist.</translation>
    </message>
    <message>
        <source>Brent (1973), after scanning the range in 64 steps</source>
        <translation>Brent (1973), nach einer Durchsicht des Bereichs in 64 Schritten</translation>
    </message>
    <message>
        <source>The number t in a range at which an expression is largest.</source>
        <translation>Die Zahl t eines Bereichs, für die ein Ausdruck am größten ist.</translation>
    </message>
    <message>
        <source>The rank of this row&apos;s value, smallest first; ties share a rank.</source>
        <translation>Der Platz des Werts dieser Zeile unter allen, der kleinste zuerst; gleiche teilen sich ihren.</translation>
    </message>
    <message>
        <source>The distance of the mean from a value m, in standard errors.</source>
        <translation>Wie viele Standardfehler der Mittelwert von einem Wert m entfernt liegt.</translation>
    </message>
    <message>
        <source>t has no value when all values are equal</source>
        <translation>t hat keinen Wert, wo alle Werte gleich sind</translation>
    </message>
    <message>
        <source>The number of different values.</source>
        <translation>Wie viele verschiedene Werte es gibt.</translation>
    </message>
    <message>
        <source>The absolute value of a number.</source>
        <translation>Der Betrag einer Zahl, ohne Vorzeichen.</translation>
    </message>
    <message>
        <source>sqrt needs a number of 0 or more</source>
        <translation>sqrt nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>The cube root, also of negative numbers.</source>
        <translation>Die Kubikwurzel, auch negativer Zahlen.</translation>
    </message>
    <message>
        <source>ln needs a number above 0</source>
        <translation>ln nimmt Zahlen über 0</translation>
    </message>
    <message>
        <source>xlnx needs a number of 0 or more</source>
        <translation>xlnx nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>log10 needs a number above 0</source>
        <translation>log10 nimmt Zahlen über 0</translation>
    </message>
    <message>
        <source>log2 needs a number above 0</source>
        <translation>log2 nimmt Zahlen über 0</translation>
    </message>
    <message>
        <source>The logarithm to a given base.</source>
        <translation>Der Logarithmus zu einer eigenen Basis.</translation>
    </message>
    <message>
        <source>log needs a number above 0, and a base above 0 that is not 1</source>
        <translation>log nimmt eine Zahl über 0 und eine Basis über 0, die nicht 1 ist</translation>
    </message>
    <message>
        <source>The angle in radians with this sine.</source>
        <translation>Der Winkel im Bogenmaß mit diesem Sinus.</translation>
    </message>
    <message>
        <source>asin needs a number from -1 to 1</source>
        <translation>asin nimmt Zahlen von -1 bis 1</translation>
    </message>
    <message>
        <source>The angle in radians with this cosine.</source>
        <translation>Der Winkel im Bogenmaß mit diesem Kosinus.</translation>
    </message>
    <message>
        <source>acos needs a number from -1 to 1</source>
        <translation>acos nimmt Zahlen von -1 bis 1</translation>
    </message>
    <message>
        <source>The angle in radians with this tangent.</source>
        <translation>Der Winkel im Bogenmaß mit diesem Tangens.</translation>
    </message>
    <message>
        <source>The angle in radians of the point (x, y) from the x axis.</source>
        <translation>Der Winkel im Bogenmaß des Punkts x, y, von der x-Achse aus.</translation>
    </message>
    <message>
        <source>The distance of the point (x, y) from the origin.</source>
        <translation>Der Abstand des Punkts x, y vom Ursprung.</translation>
    </message>
    <message>
        <source>A number rounded down to a whole number.</source>
        <translation>Die nächste ganze Zahl darunter.</translation>
    </message>
    <message>
        <source>A number rounded up to a whole number.</source>
        <translation>Die nächste ganze Zahl darüber.</translation>
    </message>
    <message>
        <source>The sign of a number: 1, 0 or −1.</source>
        <translation>1, 0 oder −1, nach dem Vorzeichen einer Zahl.</translation>
    </message>
    <message>
        <source>A number rounded to d decimals, based on its decimal form, halves away from zero.</source>
        <translation>Eine Zahl auf d Nachkommastellen gerundet, wie sie dezimal geschrieben ist, Hälften von der Null weg.</translation>
    </message>
    <message>
        <source>round needs a whole number of decimals from -300 to 300</source>
        <translation>round nimmt eine ganze Zahl von Nachkommastellen von -300 bis 300</translation>
    </message>
    <message>
        <source>sigfig needs a whole number of figures from 1 to 17</source>
        <translation>sigfig nimmt eine ganze Zahl von Stellen von 1 bis 17</translation>
    </message>
    <message>
        <source>The product of the whole numbers up to n; also written n!.</source>
        <translation>Das Produkt der ganzen Zahlen bis n; n! ist kurz dafür.</translation>
    </message>
    <message>
        <source>factorial needs a whole number of 0 or more</source>
        <translation>factorial nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>The number of ways to choose k of n things.</source>
        <translation>Auf wie viele Weisen k von n Dingen gewählt werden können.</translation>
    </message>
    <message>
        <source>choose needs whole numbers of 0 or more</source>
        <translation>choose nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>The number of ways to arrange k of n things in a row.</source>
        <translation>Auf wie viele Weisen k von n Dingen in eine Reihe gestellt werden können.</translation>
    </message>
    <message>
        <source>arrange needs whole numbers of 0 or more</source>
        <translation>arrange nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>gamma has no value at 0 or at negative whole numbers</source>
        <translation>gamma hat keinen Wert bei 0 und bei negativen ganzen Zahlen</translation>
    </message>
    <message>
        <source>The natural logarithm of the gamma function&apos;s absolute value.</source>
        <translation>Der natürliche Logarithmus des Betrags der Gammafunktion.</translation>
    </message>
    <message>
        <source>lgamma has no value at 0 or at negative whole numbers</source>
        <translation>lgamma hat keinen Wert bei 0 und bei negativen ganzen Zahlen</translation>
    </message>
    <message>
        <source>there is no correlation when all values of a column are equal</source>
        <translation>es gibt keine Korrelation, wo alle Werte einer Spalte gleich sind</translation>
    </message>
    <message>
        <source>The rank correlation of two columns.</source>
        <translation>Die Korrelation der Ränge zweier Spalten.</translation>
    </message>
    <message>
        <source>The y intercept of the regression line of y on x.</source>
        <translation>Wo die Regressionsgerade von y auf x die y-Achse trifft.</translation>
    </message>
    <message>
        <source>The chi-squared of observed and expected counts.</source>
        <translation>Wie weit beobachtete Anzahlen von erwarteten entfernt sind.</translation>
    </message>
    <message>
        <source>The distance between the means of two samples, in standard errors, allowing unequal variances.</source>
        <translation>Wie viele Standardfehler die Mittelwerte zweier Stichproben auseinander liegen, gleich welche Varianzen sie haben.</translation>
    </message>
    <message>
        <source>The y at a given x between rows, by linear interpolation.</source>
        <translation>Das y an einer Stelle zwischen den Zeilen einer Tabelle, auf der Geraden von x zu x.</translation>
    </message>
    <message>
        <source>interpolate needs a value between the smallest and the largest x</source>
        <translation>interpolate nimmt eine Stelle zwischen dem kleinsten und dem größten x</translation>
    </message>
    <message>
        <source>The variance of values weighted by frequencies: divides by n − 1.</source>
        <translation>Die Varianz von Werten mit ihren Häufigkeiten: geteilt durch n − 1.</translation>
    </message>
    <message>
        <source>The standard deviation of values weighted by frequencies.</source>
        <translation>Die Standardabweichung von Werten mit ihren Häufigkeiten.</translation>
    </message>
    <message>
        <source>The number of successes in n independent trials, each with probability p.</source>
        <translation>Wie viele von n unabhängigen Versuchen gelingen, jeder mit der Wahrscheinlichkeit p.</translation>
    </message>
    <message>
        <source>binomial needs a whole number n of 0 or more and a p from 0 to 1</source>
        <translation>binomial nimmt ein ganzes n ab 0 und ein p von 0 bis 1</translation>
    </message>
    <message>
        <source>The number of events when m are expected.</source>
        <translation>Wie viele Ereignisse eintreten, wo m zu erwarten sind.</translation>
    </message>
    <message>
        <source>poisson needs a mean of 0 or more</source>
        <translation>poisson nimmt einen Mittelwert ab 0</translation>
    </message>
    <message>
        <source>The number of failures before the first success.</source>
        <translation>Wie viele Versuche vor dem ersten Erfolg misslingen.</translation>
    </message>
    <message>
        <source>geometric needs a p above 0 and at most 1</source>
        <translation>geometric nimmt ein p über 0 und bis 1</translation>
    </message>
    <message>
        <source>The number of failures before the r-th success.</source>
        <translation>Wie viele Versuche vor dem r-ten Erfolg misslingen.</translation>
    </message>
    <message>
        <source>negative_binomial needs an r above 0, and a p above 0 and at most 1</source>
        <translation>negative_binomial nimmt ein r über 0 und ein p über 0 und bis 1</translation>
    </message>
    <message>
        <source>The marked items among n drawn without replacement from N, of which K are marked.</source>
        <translation>Wie viele von n ohne Zurücklegen gezogenen markiert sind, wo K von N es sind.</translation>
    </message>
    <message>
        <source>hypergeometric needs whole numbers N, K and n of 0 or more, with K and n at most N</source>
        <translation>hypergeometric nimmt ganze Zahlen N, K und n ab 0, mit K und n nicht über N</translation>
    </message>
    <message>
        <source>Numbers from a to b, all equally likely.</source>
        <translation>Jede Zahl von a bis b gleich wahrscheinlich.</translation>
    </message>
    <message>
        <source>uniform needs an a below its b</source>
        <translation>uniform nimmt ein a unter seinem b</translation>
    </message>
    <message>
        <source>The normal distribution with mean m and standard deviation s.</source>
        <translation>Die Normalverteilung mit dem Mittelwert m und der Standardabweichung s.</translation>
    </message>
    <message>
        <source>normal needs a standard deviation above 0</source>
        <translation>normal nimmt eine Standardabweichung über 0</translation>
    </message>
    <message>
        <source>The time until the next event, for events at a given rate.</source>
        <translation>Die Zeit bis zum nächsten Ereignis, wo Ereignisse mit einer Rate kommen.</translation>
    </message>
    <message>
        <source>exponential needs a rate above 0</source>
        <translation>exponential nimmt eine Rate über 0</translation>
    </message>
    <message>
        <source>student_t needs degrees of freedom above 0</source>
        <translation>student_t nimmt Freiheitsgrade über 0</translation>
    </message>
    <message>
        <source>The sum of v squared standard normal variables.</source>
        <translation>Die Summe von v quadrierten standardnormalen Zahlen.</translation>
    </message>
    <message>
        <source>chi_squared needs degrees of freedom above 0</source>
        <translation>chi_squared nimmt Freiheitsgrade über 0</translation>
    </message>
    <message>
        <source>f_dist needs degrees of freedom above 0</source>
        <translation>f_dist nimmt Freiheitsgrade über 0</translation>
    </message>
    <message>
        <source>A distribution whose logarithm is normal(m, s).</source>
        <translation>Eine Zahl, deren Logarithmus normalverteilt ist mit m und s.</translation>
    </message>
    <message>
        <source>lognormal needs an s above 0</source>
        <translation>lognormal nimmt ein s über 0</translation>
    </message>
    <message>
        <source>the distribution&apos;s parameters are outside their domain</source>
        <translation>die Zahlen der Verteilung liegen außerhalb ihres Bereichs</translation>
    </message>
    <message>
        <source>this distribution has none, or its parameters are outside their domain</source>
        <translation>diese Verteilung hat keinen, oder ihre Zahlen liegen außerhalb ihres Bereichs</translation>
    </message>
    <message>
        <source>The probability of a condition on a distribution, given any condition after a bar.</source>
        <translation>Die Wahrscheinlichkeit einer Bedingung an eine Verteilung; was hinter einem senkrechten Strich steht, gilt als bekannt.</translation>
    </message>
    <message>
        <source>there is no finite density here, or the distribution&apos;s parameters are outside their domain</source>
        <translation>hier gibt es keine endliche Dichte, oder die Zahlen der Verteilung liegen außerhalb ihres Bereichs</translation>
    </message>
    <message>
        <source>The value below which a proportion p of a distribution lies; for a discrete one, the smallest k with P(D ≤ k) ≥ p.</source>
        <translation>Der Wert, unter dem ein Anteil p einer Verteilung liegt; einer diskreten das kleinste k mit P(D ≤ k) ≥ p.</translation>
    </message>
    <message>
        <source>quantile needs a p from 0 to 1 for which the distribution has a finite value</source>
        <translation>quantile nimmt ein p von 0 bis 1, für das die Verteilung einen endlichen Wert hat</translation>
    </message>
    <message>
        <source>A random number from a distribution. It stays the same for a study, column and row until new random numbers are drawn.</source>
        <translation>Eine zufällig aus einer Verteilung gezogene Zahl; dieselbe für dieselbe Studie, Spalte und Zeile, bis neu gezogen wird.</translation>
    </message>
    <message>
        <source>Yes if a value is missing.</source>
        <translation>Ja, wo eine Zelle leer ist.</translation>
    </message>
    <message>
        <source>x, or a given value where x is missing.</source>
        <translation>x, oder ein eigener Wert, wo x fehlt.</translation>
    </message>
    <message>
        <source>this text is not a number</source>
        <translation>dieser Text schreibt keine Zahl</translation>
    </message>
    <message>
        <source>A count as tally marks in fives; above 200, the number.</source>
        <translation>Eine Anzahl in Strichen, immer fünf zusammen; über 200 die Zahl.</translation>
    </message>
    <message>
        <source>tally needs a whole number of 0 or more</source>
        <translation>nur eine ganze Zahl ab 0 lässt sich abstreichen</translation>
    </message>
    <message>
        <source>Texts and numbers joined into one text.</source>
        <translation>Texte und Zahlen zu einem Text verbunden.</translation>
    </message>
    <message>
        <source>Text in capitals.</source>
        <translation>Ein Text in Großbuchstaben.</translation>
    </message>
    <message>
        <source>Text in lower case.</source>
        <translation>Ein Text in Kleinbuchstaben.</translation>
    </message>
    <message>
        <source>Text without spaces at its ends.</source>
        <translation>Ein Text ohne Leerzeichen an den Enden.</translation>
    </message>
    <message>
        <source>The number of characters in a text.</source>
        <translation>Wie viele Zeichen ein Text hat.</translation>
    </message>
    <message>
        <source>Whether a text starts with another text.</source>
        <translation>Ob ein Text mit einem anderen beginnt.</translation>
    </message>
    <message>
        <source>Whether a text ends with another text.</source>
        <translation>Ob ein Text mit einem anderen endet.</translation>
    </message>
    <message>
        <source>Whether a text contains another text.</source>
        <translation>Ob in einem Text ein anderer vorkommt.</translation>
    </message>
    <message>
        <source>division by zero</source>
        <translation>hier wird durch null geteilt</translation>
    </message>
    <message>
        <source>the result is too large</source>
        <translation>das Ergebnis ist zu groß, um gespeichert zu werden</translation>
    </message>
    <message>
        <source>this takes more steps than one formula can have: split it, or shorten its ranges</source>
        <translation>dies braucht mehr Schritte, als eine Formel darf: aufteilen oder die Bereiche kürzen</translation>
    </message>
    <message>
        <source>the chart needs a number here, but this is %1</source>
        <translation>ein Diagramm braucht hier eine Zahl, und dies ist %1</translation>
    </message>
    <message>
        <source>until needs a condition, such as r &lt; 1, but this is %1</source>
        <translation>nach until kommt eine Bedingung, etwa r &lt; 1, und dies ist %1</translation>
    </message>
    <message>
        <source>an axis runs between numbers, but this is %1</source>
        <translation>eine Achse geht von Zahl zu Zahl, und dies ist %1</translation>
    </message>
    <message>
        <source>%1 decides where the table stops, so it cannot use later rows, whole columns, rows or last</source>
        <translation>%1 entscheidet, wo die Tabelle endet, und darf daher keine späteren Zeilen, ganzen Spalten, rows oder last verwenden</translation>
    </message>
    <message>
        <source>these formulas depend on each other in a cycle, %1: change one of them</source>
        <translation>diese Formeln brauchen einander in einem Zyklus, %1: eine davon ändern</translation>
    </message>
    <message>
        <source>%1 uses its own earlier row but has no first value: write %1 = first … then …</source>
        <translation>%1 braucht seine eigene frühere Zeile und hat keinen Anfang: %1 = first … then … schreiben</translation>
    </message>
    <message>
        <source>these columns depend on each other in a cycle with no start, %1: write one of them as first … then …</source>
        <translation>diese Spalten brauchen einander in einem Zyklus ohne Anfang, %1: einer davon first … then … geben</translation>
    </message>
    <message>
        <source>these depend on each other in the same row, %1: use an earlier row, such as [i-1], in one of them</source>
        <translation>diese brauchen einander in derselben Zeile, %1: in einer davon eine frühere Zeile verwenden, etwa [i-1]</translation>
    </message>
    <message>
        <source>these columns depend on each other in the same row</source>
        <translation>diese Spalten brauchen einander in derselben Zeile</translation>
    </message>
    <message>
        <source>the expression before with needs this same value: use another expression</source>
        <translation>was vor with gefragt ist, braucht eben diesen Wert: fragen Sie nach etwas anderem</translation>
    </message>
    <message>
        <source>nothing before with uses %1, so another value of it changes nothing</source>
        <translation>nichts, was vor with gefragt ist, verwendet %1: ein anderer Wert ändert nichts</translation>
    </message>
    <message>
        <source>the column that gave the rows has been removed</source>
        <translation>die Spalte, deren Werte die Zeilen sein sollten, ist entfernt worden</translation>
    </message>
    <message>
        <source>its axes make %1 cells, but a two-way table can have at most %2</source>
        <translation>ihre Achsen ergeben %1 Zellen, und eine zweiachsige Tabelle fasst höchstens %2</translation>
    </message>
    <message>
        <source>the number of rows must be a whole number from 0 to %1</source>
        <translation>eine Tabelle nimmt eine ganze Zahl von Zeilen von 0 bis %1</translation>
    </message>
    <message>
        <source>computing this would take more memory than is free: use fewer rows, or fewer formulas</source>
        <translation>dies zu berechnen bräuchte mehr Speicher, als frei ist: weniger Zeilen oder weniger Formeln verwenden</translation>
    </message>
    <message>
        <source>at %1: %2</source>
        <translation>wo %1 versucht wird: %2</translation>
    </message>
    <message>
        <source>this is %1 at %2 and %3 at %4, and no zero was found between them: choose another range</source>
        <translation>dies ist %1 bei %2 und %3 bei %4, und wurde dazwischen nirgends 0: wählen Sie einen anderen Bereich</translation>
    </message>
    <message>
        <source>this is 0 at %1 values from %2 to %3, the first two near %4 and %5: choose a range with one of them</source>
        <translation>dies ist an %1 Stellen von %2 bis %3 0, zuerst nahe %4 und %5: wählen Sie einen Bereich mit einer davon</translation>
    </message>
    <message>
        <source>the range from %1 to %2 is empty: write the smaller number first</source>
        <translation>der Bereich von %1 bis %2 ist leer: schreiben Sie die kleinere Zahl zuerst</translation>
    </message>
    <message>
        <source>the search from %1 to %2 failed: choose a narrower range</source>
        <translation>dies ließ sich von %1 bis %2 nicht durchsuchen: wählen Sie einen engeren Bereich</translation>
    </message>
    <message>
        <source>%1 has rows 1 to %2. There is no row %3.</source>
        <translation>%1 hat die Zeilen 1 bis %2: es gibt keine Zeile %3.</translation>
    </message>
    <message>
        <source>no formula covers this row</source>
        <translation>keine Formel reicht bis zu dieser Zeile</translation>
    </message>
    <message>
        <source>computed from earlier rows</source>
        <translation>aus früheren Zeilen berechnet</translation>
    </message>
    <message>
        <source>Nothing of this name has a working to show.</source>
        <translation>Es gibt nichts mit diesem Namen, dessen Rechenweg gezeigt werden könnte.</translation>
    </message>
    <message>
        <source>%1 is a function. See the working of a cell that calls it.</source>
        <translation>%1 ist eine Funktion: ihr Rechenweg ist der der Zellen, die sie aufrufen.</translation>
    </message>
    <message>
        <source>Write a cell as Table.column[row], or as Table.layer[row, column] in a two-way table, and a held value by its name. %1 is neither.</source>
        <translation>Eine Zelle als Tabelle.Spalte[Zeile] schreiben, einer zweiachsigen Tabelle als Tabelle.Schicht[Zeile, Spalte], und einen festgehaltenen Wert mit seinem Namen: %1 ist keines von beiden.</translation>
    </message>
    <message>
        <source>Write a formula here, such as x - mean(x).</source>
        <translation>Hier steht noch keine Formel: eine schreiben, etwa x - mean(x).</translation>
    </message>
    <message>
        <source>This is not closed. Add %1 at the end.</source>
        <translation>Dies ist nicht geschlossen: %1 ans Ende setzen.</translation>
    </message>
    <message>
        <source>This is not closed. Add %1 before the %2.</source>
        <translation>Das ist nicht geschlossen: Setzen Sie %1 vor %2.</translation>
    </message>
    <message>
        <source>After first and its value, write then and the formula for later rows, as in first 1 then 2 * x[i-1].</source>
        <translation>Nach first und seinem Wert kommt then und die Formel der späteren Zeilen, etwa first 1 then 2 * x[i-1].</translation>
    </message>
    <message>
        <source>After with, write a held value, = and the value to try, as in max(r) with k = 8, or several in brackets, as in with (k = 8, m = 2).</source>
        <translation>Auf with folgen ein festgehaltener Wert, = und der Wert, der versucht wird, wie in max(r) with k = 8, oder mehrere in Klammern, wie in with (k = 8, m = 2).</translation>
    </message>
    <message>
        <source>The number %1 is too large.</source>
        <translation>Die Zahl %1 ist zu groß, um gespeichert zu werden.</translation>
    </message>
    <message>
        <source>%1%2 is not read as a product. Write %1*%2.</source>
        <translation>%1%2 wird nicht als Produkt gelesen: %1*%2 schreiben.</translation>
    </message>
    <message>
        <source>This text is not closed. Add a quotation mark at its end.</source>
        <translation>Dieser Text ist nicht geschlossen: ein Anführungszeichen ans Ende setzen.</translation>
    </message>
    <message>
        <source>The character %1 has no meaning in a formula. Remove it.</source>
        <translation>Das Zeichen %1 bedeutet in einer Formel nichts: entfernen.</translation>
    </message>
    <message>
        <source>The formula is incomplete: something is missing at the end.</source>
        <translation>Die Formel hört zu früh auf: am Ende fehlt etwas.</translation>
    </message>
    <message>
        <source>There is an extra %1 here. Remove it, or add the opening bracket before it.</source>
        <translation>Hier ist ein %1 zu viel: entfernen oder das Gegenstück davor öffnen.</translation>
    </message>
    <message>
        <source>An operator such as * or + is missing before %1.</source>
        <translation>Vor %1 fehlt etwas: dort *, + oder ein anderes Rechenzeichen setzen.</translation>
    </message>
    <message>
        <source>%1 is not allowed here. A number, a name or a bracket is expected.</source>
        <translation>%1 kann hier nicht stehen: erwartet wird eine Zahl, ein Name oder eine Klammer.</translation>
    </message>
    <message>
        <source>%1 means per cent. For the remainder of a division, write mod.</source>
        <translation>%1 bedeutet Prozent: für den Rest einer Division mod schreiben.</translation>
    </message>
    <message>
        <source>After ledge, write a dot and the name of a held value, as in ledge.n.</source>
        <translation>Auf ledge folgen ein Punkt und der Name eines festgehaltenen Werts, etwa ledge.n.</translation>
    </message>
    <message>
        <source>Write if … then … else …: %1 is missing here.</source>
        <translation>if schreibt sich if … then … else …: hier fehlt %1.</translation>
    </message>
    <message>
        <source>After for, write a name, in and a range, as in 1/k! for k in 0..10.</source>
        <translation>Auf for folgen ein Name, in und ein Bereich, etwa 1/k! for k in 0..10.</translation>
    </message>
    <message>
        <source>Write a range with two dots between its ends, as in 0..10.</source>
        <translation>Ein Bereich schreibt sich mit zwei Punkten zwischen seinen Enden, etwa 0..10.</translation>
    </message>
    <message>
        <source>This formula has %1 characters; the limit is %2. Split it over several columns.</source>
        <translation>Diese Formel hat %1 Zeichen, mehr als die %2, die eine Formel haben darf: auf mehrere Spalten verteilen.</translation>
    </message>
    <message>
        <source>%1 is already the name of a run. Choose another name.</source>
        <translation>%1 heißt schon ein Lauf: einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>Everything is already as it was in this run.</source>
        <translation>Alles, womit dieser Lauf behalten wurde, ist schon so.</translation>
    </message>
    <message>
        <source>There is nothing to keep: nothing here is computed by a formula yet.</source>
        <translation>Es gibt nichts zu behalten: hier wird noch nichts durch eine Formel berechnet.</translation>
    </message>
    <message>
        <source>This is already kept as %1. Change a held value first.</source>
        <translation>Das ist schon behalten, als %1: erst einen festgehaltenen Wert ändern.</translation>
    </message>
    <message>
        <source>A study can keep %1 runs with %2 numbers in total. Remove a run, or select fewer columns before keeping one.</source>
        <translation>Eine Studie behält bis zu %1 Läufe mit zusammen %2 Zahlen: einen Lauf entfernen oder vor dem Behalten weniger Spalten wählen.</translation>
    </message>
    <message>
        <source>There are no runs yet. Keep one, change a held value, and keep another.</source>
        <translation>Noch ist kein Lauf behalten: einen behalten, einen festgehaltenen Wert ändern und noch einen behalten.</translation>
    </message>
    <message>
        <source>This column has no numbers to put in classes. Enter some, or choose another column.</source>
        <translation>In dieser Spalte steht keine Zahl, die sich in Klassen einteilen lässt: Zahlen eingeben oder eine andere Spalte wählen.</translation>
    </message>
    <message>
        <source>Classes need a width above 0 and a start for the first class.</source>
        <translation>Klassen brauchen eine Breite über 0 und eine Zahl, an der die erste beginnt.</translation>
    </message>
    <message>
        <source>This width gives more than %1 classes. Make them wider, or start higher.</source>
        <translation>Klassen dieser Breite wären mehr als %1: breiter machen oder weiter oben beginnen.</translation>
    </message>
    <message>
        <source>an observed value: the first that reaches p</source>
        <translation>ein vorkommender Wert: der erste, der p erreicht</translation>
    </message>
    <message>
        <source>like type 1, but averaging two values where p is reached exactly</source>
        <translation>wie 1, mit dem Mittel zweier Werte, wo p genau erreicht wird</translation>
    </message>
    <message>
        <source>interpolated linearly, at n·p</source>
        <translation>auf der Geraden zwischen Werten, bei n·p</translation>
    </message>
    <message>
        <source>interpolated linearly, at n·p + 0.5</source>
        <translation>auf der Geraden zwischen Werten, bei n·p + 0,5</translation>
    </message>
    <message>
        <source>interpolated linearly, at (n + 1)·p</source>
        <translation>auf der Geraden zwischen Werten, bei (n + 1)·p</translation>
    </message>
    <message>
        <source>interpolated linearly, at (n − 1)·p + 1</source>
        <translation>auf der Geraden zwischen Werten, bei (n − 1)·p + 1</translation>
    </message>
    <message>
        <source>approximately median-unbiased for any distribution</source>
        <translation>nahe am Median der eigenen Streuung, gleich welche Verteilung</translation>
    </message>
    <message>
        <source>approximately unbiased for normal values</source>
        <translation>unverzerrt, wo die Werte normalverteilt sind</translation>
    </message>
    <message>
        <source>%1 has no values yet.</source>
        <translation>%1 hat noch keinen Wert, nach dem gefragt werden könnte.</translation>
    </message>
    <message>
        <source>value of %1 to count</source>
        <translation>nach welchem Wert von %1 gefragt ist</translation>
    </message>
    <message>
        <source>its share of all values</source>
        <translation>welcher Teil aller Werte das ist</translation>
    </message>
    <message>
        <source>Counting pairs needs two columns of one table. Select both.</source>
        <translation>Eine Kontingenztabelle wird von zwei Spalten einer Tabelle angelegt: beide wählen.</translation>
    </message>
    <message>
        <source>number of pairs counted</source>
        <translation>wie viele Paare gezählt sind</translation>
    </message>
    <message>
        <source>chi-squared of observed against expected counts</source>
        <translation>Chi-Quadrat aller Anzahlen gegen die erwarteten</translation>
    </message>
    <message>
        <source>probability of a chi-squared this large or larger if the two are independent</source>
        <translation>wie wahrscheinlich so viel oder mehr ist, wenn beide nichts miteinander zu tun haben</translation>
    </message>
    <message>
        <source>strength of association, from 0 to 1 (Cramér&apos;s V)</source>
        <translation>wie stark die beiden zusammenhängen, von 0 bis 1 (Cramérs V)</translation>
    </message>
    <message>
        <source>Midpoint</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>number of values in the classes</source>
        <translation>wie viele Werte in die Klassen fallen</translation>
    </message>
    <message>
        <source>from the class midpoints</source>
        <translation>aus den Klassenmitten</translation>
    </message>
    <message>
        <source>interpolated within its class</source>
        <translation>auf der Geraden in ihrer Klasse</translation>
    </message>
    <message>
        <source>Some values of %1 are in no class. Check them for mistakes, or widen the classes.</source>
        <translation>Einige Werte von %1 fallen in keine Klasse: einen vertippten suchen oder die Klassen erweitern.</translation>
    </message>
    <message>
        <source>Months, years and weekdays need a column of dates, but %1 holds %2.</source>
        <translation>Monate, Jahre und Wochentage werden von einer Datumsspalte genommen, und in %1 steht %2.</translation>
    </message>
    <message>
        <source>number of values counted</source>
        <translation>wie viele Werte gezählt sind</translation>
    </message>
    <message>
        <source>Some values of %1 are in no row. Look for cells of another kind.</source>
        <translation>Einige Werte von %1 stehen in keiner Zeile: Zellen anderer Art suchen.</translation>
    </message>
    <message>
        <source>It has no tables to add.</source>
        <translation>Sie enthält keine Tabellen, die hinzugefügt werden könnten.</translation>
    </message>
    <message>
        <source>number of rows used by the measures, from the first</source>
        <translation>wie viele Zeilen die Maße nehmen, von der ersten an</translation>
    </message>
    <message>
        <source>interquartile range</source>
        <translation>Abstand der Quartile</translation>
    </message>
    <message>
        <source>A summary needs a column of numbers and a measure. Select at least one of each.</source>
        <translation>Eine Zusammenfassung braucht eine Spalte mit Zahlen und ein Maß: von beidem mindestens eines wählen.</translation>
    </message>
    <message>
        <source>The columns of a summary must be in one table. Select them there.</source>
        <translation>Die Spalten einer Zusammenfassung müssen aus einer Tabelle sein: dort auswählen.</translation>
    </message>
    <message>
        <source>A summary of the first rows needs at least 1 row.</source>
        <translation>Eine Zusammenfassung der ersten Zeilen braucht eine Zeilenzahl ab 1.</translation>
    </message>
    <message>
        <source>Enter 1 to %1 values to try.</source>
        <translation>Geben Sie 1 bis %1 Werte zum Versuchen an.</translation>
    </message>
    <message>
        <source>Choose the outcome to compute for each value.</source>
        <translation>Wählen Sie, was aus jedem Wert herauskommen soll.</translation>
    </message>
    <message>
        <source>Nothing in this study depends on both %1 and %2. Choose two that affect one result.</source>
        <translation>Nichts in dieser Studie folgt aus %1 und %2 zugleich: zwei wählen, die in ein Ergebnis eingehen.</translation>
    </message>
    <message>
        <source>%1 by hand equals the measure</source>
        <translation>%1 von Hand wie durch das Maß</translation>
    </message>
    <message>
        <source>The steps do not match the measure.</source>
        <translation>Die Schritte führen nicht zu dem Maß.</translation>
    </message>
    <message>
        <source>Select one column to unfold its %1.</source>
        <translation>Die eine Spalte wählen, von der %1 aufgefaltet werden soll.</translation>
    </message>
    <message>
        <source>A table can have at most %1 rows.</source>
        <translation>Eine Tabelle nimmt höchstens %1 Zeilen.</translation>
    </message>
    <message>
        <source>A line, circle or range in the chart needs all its numbers. Fill them in, or remove it.</source>
        <translation>Eine Linie, ein Kreis oder ein Bereich neben den Reihen braucht alle Zahlen: ausfüllen oder entfernen.</translation>
    </message>
    <message>
        <source>%1 is used by %2. Change that first.</source>
        <translation>%1 wird verwendet von %2: das zuerst ändern.</translation>
    </message>
    <message>
        <source>%1 is not a valid table name. Use letters, digits and _, and do not start with a digit.</source>
        <translation>%1 kann nicht der Name einer Tabelle sein: ein Name hat Buchstaben, Ziffern und _ und beginnt nicht mit einer Ziffer.</translation>
    </message>
    <message>
        <source>There is already a table called %1. Choose another name.</source>
        <translation>Es gibt schon eine Tabelle mit dem Namen %1: einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>%1 is a two-way table. Swap its axes instead.</source>
        <translation>%1 hat zwei Achsen: vertauschen Sie stattdessen die Achsen.</translation>
    </message>
    <message>
        <source>A new column cannot be called %1 here. Choose another name.</source>
        <translation>%1 kann hier nicht der Name einer neuen Spalte sein: einen anderen wählen.</translation>
    </message>
    <message>
        <source>Two numbers before .. give the step and must differ, as in 3, 3.5 .. 6.</source>
        <translation>Zwei verschiedene Zahlen vor .. zeigen den Schritt, wie in 3, 3.5 .. 6.</translation>
    </message>
    <message>
        <source>Before .. write the first number, or the first two, as in 3, 3.5 .. 6.</source>
        <translation>Vor .. steht die erste Zahl, oder die ersten zwei, wie in 3, 3.5 .. 6.</translation>
    </message>
    <message>
        <source>%1 is not a number of the axis: %2</source>
        <translation>%1 ist keine Zahl der Achse: %2</translation>
    </message>
    <message>
        <source>A value is missing between two commas of the axis.</source>
        <translation>Zwischen zwei Kommas der Achse fehlt ein Wert.</translation>
    </message>
    <message>
        <source>A list for an axis can have at most %1 values. Write it as a range, such as 1..20000.</source>
        <translation>Eine Liste einer Achse fasst höchstens %1 Werte: als Reihe schreiben, etwa 1..20000.</translation>
    </message>
    <message>
        <source>%1 occurs twice on this axis. Each value can occur only once.</source>
        <translation>%1 steht zweimal auf dieser Achse: jeder Wert einer Achse steht dort einmal.</translation>
    </message>
    <message>
        <source>Write an axis as name = values, as in rate = 0.03, 0.035 .. 0.06.</source>
        <translation>Eine Achse schreibt man Name = Werte, wie in rate = 0.03, 0.035 .. 0.06.</translation>
    </message>
    <message>
        <source>This axis has no values yet. Write some, as in 1..12 or riffle, pool, weir.</source>
        <translation>Diese Achse hat noch keine Werte: welche schreiben, wie 1..12 oder riffle, pool, weir.</translation>
    </message>
    <message>
        <source>Both axes are called %1. Give one of them another name.</source>
        <translation>Beide Achsen heißen %1: einer von ihnen einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>This block has %1 rows and %2 columns, more than fit in %3 from here. Add values to its axes first.</source>
        <translation>Dieser Block hat %1 Zeilen und %2 Spalten, mehr als %3 von hier an hat: erst den Achsen Werte hinzufügen.</translation>
    </message>
    <message>
        <source>A group heading covers two or more neighbouring columns. Select such columns.</source>
        <translation>Eine Gruppe ist eine Überschrift über zwei oder mehr Spalten, die nebeneinander stehen: solche Spalten wählen.</translation>
    </message>
    <message>
        <source>%1 is already in the group %2. Remove that heading first.</source>
        <translation>%1 ist schon in der Gruppe %2: diese zuerst auflösen.</translation>
    </message>
    <message>
        <source>This group is used by %1. Change that first.</source>
        <translation>Diese Gruppe wird verwendet von %1: das zuerst ändern.</translation>
    </message>
    <message>
        <source>%1 uses the columns %2, which this would change. List the columns one by one first.</source>
        <translation>%1 nimmt die Spalten %2 und würde dann andere nehmen: zuerst ausschreiben, welche gemeint sind.</translation>
    </message>
    <message>
        <source>In this order, the rows of %1&apos;s formula would be split into more than %2 parts. Let it cover all rows first.</source>
        <translation>In dieser Reihenfolge stünden die Zeilen, die die Formel von %1 umfasst, an mehr als %2 Stellen: sie zuerst alle Zeilen umfassen lassen.</translation>
    </message>
    <message>
        <source>%1 has no formula. Write one before choosing the rows it covers.</source>
        <translation>%1 hat keine Formel, deren Reichweite sich einschränken ließe: zuerst eine schreiben.</translation>
    </message>
    <message>
        <source>A formula covers the rows from one row of the table to the same or a later one.</source>
        <translation>Die Reichweite einer Formel geht von einer Zeile der Tabelle bis zu derselben oder einer späteren.</translation>
    </message>
    <message>
        <source>%1 cannot be an argument of %2. Use different names, as in force(r) = G / r^2.</source>
        <translation>%1 kann nicht das sein, worauf %2 angewandt wird: dort verschiedene Namen schreiben, etwa force(r) = G / r^2.</translation>
    </message>
    <message>
        <source>This table already has a foot line called %1. Choose another name.</source>
        <translation>Diese Tabelle hat schon eine Fußzeile namens %1: Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 is computed by its formula. To change it, replace the formula with a value.</source>
        <translation>%1 wird durch seine Formel berechnet: zum Ändern einen Wert an ihrer Stelle schreiben.</translation>
    </message>
    <message>
        <source>A slider needs a lower and a higher end, and a step above 0 that fits between them.</source>
        <translation>Ein Schieber geht von einer Zahl bis zu einer größeren, in Schritten über 0, die dazwischen passen.</translation>
    </message>
    <message>
        <source>The foot line %1 uses this one. Change that first.</source>
        <translation>Die Fußzeile %1 benutzt diese: Ändern Sie jene zuerst.</translation>
    </message>
    <message>
        <source>Only counted rows can stop early. Give %1 a number of rows first.</source>
        <translation>Nur gezählte Zeilen können früher enden: %1 zuerst eine Zeilenzahl geben.</translation>
    </message>
    <message>
        <source>Classes need 2 to %1 boundaries, each above the one before.</source>
        <translation>Klassen brauchen 2 bis %1 Grenzen, jede über der vorigen.</translation>
    </message>
    <message>
        <source>The rows of this table are not classes.</source>
        <translation>Die Zeilen dieser Tabelle sind keine Klassen.</translation>
    </message>
    <message>
        <source>A table cannot use categories of its own column as rows. Choose a column of another table.</source>
        <translation>Eine Tabelle kann nicht die Werte ihrer eigenen Spalte als Zeilen haben: eine Spalte einer anderen Tabelle nehmen.</translation>
    </message>
    <message>
        <source>The tolerance of ≈ must be above 0 and at most 0.1.</source>
        <translation>Die Toleranz von ≈ ist eine Zahl über 0 und bis 0,1.</translation>
    </message>
    <message>
        <source>The date for today() must be in the years 1 to 9999.</source>
        <translation>Der Tag, der als heute gilt, liegt in den Jahren 1 bis 9999.</translation>
    </message>
    <message>
        <source>The seed of random numbers must be a whole number up to %1.</source>
        <translation>Der Anfangswert der Zufallszahlen ist eine ganze Zahl bis %1.</translation>
    </message>
    <message>
        <source>Write a setting as quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, decimal_sign = comma, grouping = space or angles = degrees.</source>
        <translation>Eine Einstellung ist quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, decimal_sign = comma, grouping = space oder angles = degrees.</translation>
    </message>
    <message>
        <source>%1 is a reserved word in formulas. Choose another name, such as %1_1.</source>
        <translation>%1 ist ein Wort der Formelsprache: einen anderen Namen wählen, etwa %1_1.</translation>
    </message>
    <message>
        <source>%1 is not a valid name. Use letters, digits and _, and do not start with a digit.</source>
        <translation>%1 kann kein Name sein: ein Name hat Buchstaben, Ziffern und _ und beginnt nicht mit einer Ziffer.</translation>
    </message>
    <message>
        <source>%1 is already the name of %2. Choose another name.</source>
        <translation>%1 ist schon der Name für %2: einen anderen wählen.</translation>
    </message>
    <message>
        <source>%1 is already the name of a foot line that another one uses. Choose another name.</source>
        <translation>%1 heißt schon eine Fußzeile, die eine andere benutzt: Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>Cells of %1 that are not %2: %3 (row %4). They are kept as written.</source>
        <translation>Zellen von %1, die nicht %2 sind: %3 (Zeile %4); sie bleiben, wie sie geschrieben waren.</translation>
    </message>
    <message>
        <source>Choose a row below the values to continue them to.</source>
        <translation>Eine Zeile unter den begonnenen Werten wählen, bis zu der sie fortgesetzt werden sollen.</translation>
    </message>
    <message>
        <source>The selected cells of %1 cannot be continued in this way. Choose another one.</source>
        <translation>Die ausgewählten Zellen von %1 lassen sich so nicht fortsetzen: eine andere Regel wählen.</translation>
    </message>
    <message>
        <source>%1 continues from row to row (first … then …) and needs cells to its right, so the axes of %2 cannot be swapped.</source>
        <translation>%1 geht von Zeile zu Zeile weiter (first … then …) und braucht dort, was rechts davon steht; deshalb können die Achsen von %2 nicht vertauscht werden.</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Nach Bedarf</translation>
    </message>
    <message>
        <source>Fractions: 3 1/4…</source>
        <translation>Brüche, etwa 3 1/4 …</translation>
    </message>
    <message>
        <source>Angles in degrees: 57.3°</source>
        <translation>Winkel aus Bogenmaß: 57,3°</translation>
    </message>
    <message>
        <source>Angles in degrees: 57°17′45″</source>
        <translation>Winkel aus Bogenmaß: 57°17′45″</translation>
    </message>
    <message>
        <source>Largest denominator:</source>
        <translation>Der größte Nenner:</translation>
    </message>
    <message>
        <source>“%1” is kept as typed, but it is not %2. Correct it, or change the column&apos;s kind.</source>
        <translation>„%1“ bleibt wie getippt, ist aber nicht %2: berichtigen oder die Art der Spalte ändern.</translation>
    </message>
    <message>
        <source>This has been removed from the study.</source>
        <translation>Dies ist nicht mehr in der Studie: es ist entfernt worden.</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>eine Linie</translation>
    </message>
    <message>
        <source>Joined points</source>
        <translation>verbundene Punkte</translation>
    </message>
    <message>
        <source>Bars</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>Stems</source>
        <translation>Stäbe</translation>
    </message>
    <message>
        <source>Histogram over classes</source>
        <translation>Histogramm über Klassen</translation>
    </message>
    <message>
        <source>Polygon over classes</source>
        <translation>Polygon über Klassen</translation>
    </message>
    <message>
        <source>Cumulative curve</source>
        <translation>Summenkurve</translation>
    </message>
    <message>
        <source>Box plots</source>
        <translation>Kästen</translation>
    </message>
    <message>
        <source>Stacked bars</source>
        <translation>Säulen, gestapelt</translation>
    </message>
    <message>
        <source>Stacked bars (100 %)</source>
        <translation>Säulen, auf 100 % gestapelt</translation>
    </message>
    <message>
        <source>Heat map</source>
        <translation>Farbkarte</translation>
    </message>
    <message>
        <source>Contour lines</source>
        <translation>Höhenlinien</translation>
    </message>
    <message>
        <source>%1 is a two-way table. Change the values of its axes instead.</source>
        <translation>%1 ist eine zweiachsige Tabelle: stattdessen die Werte ihrer Achsen ändern.</translation>
    </message>
    <message>
        <source>%1 is a two-way table and has no rows of values. Type in the cells of a layer, or make another table.</source>
        <translation>%1 ist eine zweiachsige Tabelle und hat keine Zeilen mit Werten: in die Zellen einer Schicht tippen oder eine andere Tabelle anlegen.</translation>
    </message>
    <message>
        <source>Months, years and weekdays need a column of dates, but this one holds %1.</source>
        <translation>Monate, Jahre und Wochentage werden von einer Datumsspalte genommen, und in dieser steht %1.</translation>
    </message>
    <message>
        <source>This column has more than %1 different values, too many for one row each. Put its numbers in classes.</source>
        <translation>Diese Spalte hat mehr als %1 verschiedene Werte, zu viele für je eine Zeile: die Zahlen in Klassen einteilen.</translation>
    </message>
    <message>
        <source>The rows of %1 are classes. Change the classes instead.</source>
        <translation>Die Zeilen von %1 sind Klassen: stattdessen die Klassen ändern.</translation>
    </message>
    <message>
        <source>The rows of %1 are counted. Change their number instead.</source>
        <translation>Die Zeilen von %1 sind gezählt: stattdessen ihre Zahl ändern.</translation>
    </message>
    <message>
        <source>a value that is not listed before</source>
        <translation>ein Wert, der dort noch nicht steht</translation>
    </message>
    <message>
        <source>a list of pairs of first id and count, for all values</source>
        <translation>eine Liste von Paaren aus erster Kennung und Anzahl, für alle Werte</translation>
    </message>
    <message>
        <source>The rows of %1 are made automatically. They cannot be added, removed or moved by hand.</source>
        <translation>Die Zeilen von %1 kommen von selbst: sie lassen sich nicht von Hand einfügen, entfernen oder verschieben.</translation>
    </message>
    <message>
        <source>the rows of this table come from a later version; they are kept but not shown</source>
        <translation>die Zeilen dieser Tabelle stammen aus einer späteren Version und werden behalten, nicht gezeigt</translation>
    </message>
    <message>
        <source>binomial mean and standard deviation, for k from 0 to n</source>
        <translation>Mittelwert und Standardabweichung der Binomialverteilung, für k von 0 bis n</translation>
    </message>
    <message>
        <source>number of trials</source>
        <translation>wie viele Versuche</translation>
    </message>
    <message>
        <source>probability of success in each</source>
        <translation>die Erfolgswahrscheinlichkeit in jedem</translation>
    </message>
    <message>
        <source>its square root</source>
        <translation>ihre Wurzel</translation>
    </message>
    <message>
        <source>Squared / expected</source>
        <translation>Quadriert, durch erwartet</translation>
    </message>
    <message>
        <source>Inverse Simpson&apos;s index, of counts</source>
        <translation>Inverse nach Simpson, aus Anzahlen</translation>
    </message>
    <message>
        <source>Simpson&apos;s unbiased diversity, of counts</source>
        <translation>unverzerrte Diversität nach Simpson, aus Anzahlen</translation>
    </message>
    <message>
        <source>number of values</source>
        <translation>wie viele Werte</translation>
    </message>
    <message>
        <source>f · midpoint</source>
        <translation>f · Mitte</translation>
    </message>
    <message>
        <source>f · (midpoint − mean)²</source>
        <translation>f · (Mitte − Mittelwert)²</translation>
    </message>
    <message>
        <source>divided by n − 1</source>
        <translation>durch ihre Anzahl weniger eins</translation>
    </message>
    <message>
        <source>their sum divided by n</source>
        <translation>ihre Summe durch ihre Anzahl</translation>
    </message>
    <message>
        <source>divided by n</source>
        <translation>durch ihre Anzahl</translation>
    </message>
    <message>
        <source>of x where y is known</source>
        <translation>der x, die ein y haben</translation>
    </message>
    <message>
        <source>of y where x is known</source>
        <translation>der y, die ein x haben</translation>
    </message>
    <message>
        <source>the y intercept</source>
        <translation>wo die Gerade die Achse trifft</translation>
    </message>
    <message>
        <source>Fitted</source>
        <translation>Auf der Geraden</translation>
    </message>
    <message>
        <source>Sorted</source>
        <translation>Der Größe nach</translation>
    </message>
    <message>
        <source>the value at or below that position</source>
        <translation>der Wert dort oder darunter</translation>
    </message>
    <message>
        <source>interpolated between them</source>
        <translation>auf der Geraden dazwischen</translation>
    </message>
    <message>
        <source>first quartile, by position</source>
        <translation>erstes Quartil, nach seinem Platz</translation>
    </message>
    <message>
        <source>median, by position</source>
        <translation>Median, nach seinem Platz</translation>
    </message>
    <message>
        <source>third quartile, by position</source>
        <translation>drittes Quartil, nach seinem Platz</translation>
    </message>
    <message>
        <source>rpm depends on whether a turn is an angle or a count: write turn/min, or 1/min</source>
        <translation>rpm zählt Umdrehungen, deren Größe von der Frage abhängt: turn/min oder 1/min schreiben</translation>
    </message>
    <message>
        <source>ppt can mean per thousand or per trillion: write ‰, or 1e-12</source>
        <translation>ppt ist für manche ein Tausendstel, für andere ein Billionstel: ‰ oder 1e-12 schreiben</translation>
    </message>
    <message>
        <source>ton is ambiguous: write t (1000 kg), short_ton or long_ton</source>
        <translation>es gibt mehrere Tonnen: t (1000 kg), short_ton oder long_ton schreiben</translation>
    </message>
    <message>
        <source>ct is not a unit here: for gems, write carat</source>
        <translation>ct ist hier keine Einheit: für Edelsteine carat schreiben</translation>
    </message>
    <message>
        <source>dpi counts dots, which are not a unit here: write 1/in</source>
        <translation>dpi zählt Punkte, die hier keine Einheit sind: 1/in schreiben</translation>
    </message>
    <message>
        <source>pH is a logarithm, not a unit: compute it with a formula</source>
        <translation>pH ist ein Logarithmus, keine Einheit: mit einer Formel ausrechnen</translation>
    </message>
    <message>
        <source>dB is a logarithm, not a unit: compute it with a formula</source>
        <translation>dB ist ein Logarithmus, keine Einheit: mit einer Formel ausrechnen</translation>
    </message>
    <message>
        <source>%1 is not a known unit: write it like mm, m/s or °C</source>
        <translation>%1 ist keine hier bekannte Einheit: so schreiben, wie mm, m/s oder °C geschrieben werden</translation>
    </message>
    <message>
        <source>%1 cannot be converted to %2: they measure different quantities</source>
        <translation>%1 lässt sich nicht in %2 umrechnen: sie messen nicht dasselbe</translation>
    </message>
    <message>
        <source>%1 could not be saved (%2). The existing file is unchanged. Save under another name or free some space.</source>
        <translation>%1 ließ sich nicht schreiben (%2): die Datei, die dort stand, ist unverändert. Unter anderem Namen speichern oder Platz schaffen.</translation>
    </message>
    <message>
        <source>%1 could not be saved (%2). No file was written. Save under another name or free some space.</source>
        <translation>%1 ließ sich nicht schreiben (%2): es gibt keine solche Datei. Unter anderem Namen speichern oder Platz schaffen.</translation>
    </message>
    <message>
        <source>%1 is a folder or device, not a file. Nothing was saved. Choose another name.</source>
        <translation>%1 ist keine Datei, sondern ein Ordner oder Gerät, und nichts wurde geschrieben: einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>%1 is read-only and was not changed. Save under another name.</source>
        <translation>%1 ist schreibgeschützt und blieb, wie es ist: unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>%1 could not be saved completely (%2). The data to be saved is in %3.</source>
        <translation>%1 ließ sich nicht zu Ende schreiben (%2): was gespeichert werden sollte, steht in %3.</translation>
    </message>
    <message>
        <source>%1 is a device or a pipe, which may never end. Save its output to a file first.</source>
        <translation>%1 ist ein Gerät oder eine Pipe, die kein Ende haben muss: was sie liefert, zuerst in eine Datei speichern.</translation>
    </message>
    <message>
        <source>The rows of the table %1 are made from a column %2 that does not exist.</source>
        <translation>Die Zeilen der Tabelle %1 sind aus einer Spalte %2 gebildet, die es nicht gibt.</translation>
    </message>
    <message>
        <source>The chart %1 uses a table %2 that does not exist.</source>
        <translation>Das Diagramm %1 nennt eine Tabelle %2, die es nicht gibt.</translation>
    </message>
    <message>
        <source>The chart %1 uses a column %2 that does not exist.</source>
        <translation>Das Diagramm %1 zeichnet eine Spalte %2, die es nicht gibt.</translation>
    </message>
    <message>
        <source>At %1, the file should have %2. Correct it, or use an earlier copy.</source>
        <translation>Bei %1 sollte in der Datei %2 stehen: berichtigen oder eine frühere Kopie nehmen.</translation>
    </message>
    <message>
        <source>The rows of the table at %1 are a list, which only the axes of a two-way table can have.</source>
        <translation>Die Zeilen der Tabelle bei %1 sind aufgelistet, was für Achsen einer zweiachsigen Tabelle ist.</translation>
    </message>
    <message>
        <source>The table at %1 needs one axis, or two that each have their own values.</source>
        <translation>Die Tabelle bei %1 braucht eine Achse, oder zwei, die je eigene Werte haben.</translation>
    </message>
    <message>
        <source>%1 at %2 is a layer of a two-way table. Its formula covers all cells, and typed values belong in its overrides.</source>
        <translation>%1 bei %2 ist eine Schicht einer zweiachsigen Tabelle: ihre Formel gilt für alle Zellen, und Getipptes steht unter „overrides“.</translation>
    </message>
    <message>
        <source>This is not a Ledgefall study: it does not start with &quot;format&quot;: &quot;%1&quot;.</source>
        <translation>Dies ist keine Ledgefall-Studie: am Anfang steht nicht &quot;format&quot;: &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>This study does not give its format version. The field version should be a whole number.</source>
        <translation>Diese Studie sagt nicht, in welcher Version des Formats sie ist: ihr Feld version sollte eine ganze Zahl sein.</translation>
    </message>
    <message>
        <source>This study was saved by a later Ledgefall (format %1; this one reads up to %2). Open it with that version.</source>
        <translation>Diese Studie wurde von einem späteren Ledgefall geschrieben (Format %1, und dieses liest bis %2): mit jenem öffnen.</translation>
    </message>
    <message>
        <source>There is no version %1 of the study format. The field version should be %2.</source>
        <translation>Es gibt keine Version %1 des Studienformats: das Feld version sollte %2 sein.</translation>
    </message>
    <message>
        <source>The file is not a study: its brackets are nested more than %1 deep.</source>
        <translation>Die Datei ist keine Studie: Klammern sind mehr als %1-fach geschachtelt.</translation>
    </message>
    <message>
        <source>The file is cut off at line %1, before the study is complete. Use an earlier copy.</source>
        <translation>Die Datei ist abgeschnitten: sie endet in Zeile %1, bevor die Studie vollständig ist. Eine frühere Kopie nehmen.</translation>
    </message>
    <message>
        <source>The file cannot be read as a study: at line %1, character %2, it is not valid JSON.</source>
        <translation>Die Datei ist so keine Studie: in Zeile %1, Zeichen %2, ist sie kein gültiges JSON.</translation>
    </message>
    <message>
        <source>The file has a number that is too large.</source>
        <translation>In der Datei steht eine Zahl, die zu groß ist, um gespeichert zu werden.</translation>
    </message>
    <message>
        <source>The id %1 occurs twice in the file, the second time at %2.</source>
        <translation>Die Kennung %1 kommt in der Datei zweimal vor, das zweite Mal bei %2.</translation>
    </message>
    <message>
        <source>Two things in the table %1 are called %2.</source>
        <translation>In der Tabelle %1 heißen zwei Dinge %2.</translation>
    </message>
    <message>
        <source>The check %1 uses a table %2 that does not exist.</source>
        <translation>Die Prüfung %1 nennt eine Tabelle %2, die es nicht gibt.</translation>
    </message>
    <message>
        <source>%1 of the table %2 uses a column %3 that does not exist.</source>
        <translation>%1 der Tabelle %2 nennt eine Spalte %3, die es nicht gibt.</translation>
    </message>
    <message>
        <source>Whole numbers of %1 with more digits than a number can hold: %2. Their last digits were lost. Read as text, the column keeps them.</source>
        <translation>Ganze Zahlen von %1 mit mehr Stellen, als eine Zahl fassen kann: %2; ihre letzten Stellen gingen verloren. Als Text gelesen behält die Spalte sie.</translation>
    </message>
    <message>
        <source>Whole numbers with more digits than a number can hold: %1. Their columns were read as text, to keep every digit.</source>
        <translation>Ganze Zahlen mit mehr Ziffern, als eine Zahl fassen kann: %1; ihre Spalten sind als Texte gelesen, damit keine Ziffer verloren geht.</translation>
    </message>
    <message>
        <source>This is not text: it has a zero byte at position %1.</source>
        <translation>Dies ist kein Text: an Stelle %1 steht ein Nullbyte.</translation>
    </message>
    <message>
        <source>A quotation mark opened in line %1 is never closed. Close it, and read the text again.</source>
        <translation>In Zeile %1 wird ein Anführungszeichen geöffnet und nie geschlossen: schließen und den Text noch einmal einlesen.</translation>
    </message>
    <message>
        <source>Rows with more or fewer fields than the first: %1 (line %2). All their fields were kept.</source>
        <translation>Zeilen mit mehr oder weniger Feldern als die erste: %1 (Zeile %2 der Datei); alle ihre Felder wurden behalten.</translation>
    </message>
    <message>
        <source>Lines that start with %1 were left out: %2.</source>
        <translation>Zeilen, die mit %1 beginnen, wurden ausgelassen: %2.</translation>
    </message>
    <message>
        <source>The text was not UTF-8 and was read as Windows-1252.</source>
        <translation>Der Text war kein UTF-8 und ist als Windows-1252 gelesen.</translation>
    </message>
    <message>
        <source>It is not valid JSON. Look for a missing comma or bracket, or use a JSON checker.</source>
        <translation>Es ist kein JSON: suchen Sie ein fehlendes Komma oder eine fehlende Klammer, oder lassen Sie es prüfen.</translation>
    </message>
    <message>
        <source>Its record %1 is not an object. Write records as [{&quot;x&quot;: 1}, {&quot;x&quot;: 2}].</source>
        <translation>Sein Datensatz %1 ist kein Objekt: Datensätze werden als [{&quot;x&quot;: 1}, {&quot;x&quot;: 2}] geschrieben.</translation>
    </message>
    <message>
        <source>Its field %1 is not a list. Write columns as {&quot;x&quot;: [1, 2], &quot;y&quot;: [3, 4]}.</source>
        <translation>Sein Feld %1 ist keine Liste: Spalten werden als {&quot;x&quot;: [1, 2], &quot;y&quot;: [3, 4]} geschrieben.</translation>
    </message>
    <message>
        <source>It is cut off or damaged: it does not end as an archive should. Get a new copy.</source>
        <translation>Es ist abgeschnitten oder beschädigt: es endet nicht wie ein Archiv. Lassen Sie es sich noch einmal geben.</translation>
    </message>
    <message>
        <source>It is not a worksheet, or it is damaged: its part %1 is missing.</source>
        <translation>Es ist kein Rechenblatt, oder ein beschädigtes: sein Teil %1 ist nicht da.</translation>
    </message>
    <message>
        <source>It is encrypted. Save it without a password first.</source>
        <translation>Es ist verschlüsselt: speichern Sie es zuerst ohne Kennwort.</translation>
    </message>
    <message>
        <source>Its part %1 unpacks to more than %2 bytes, which is too large to read.</source>
        <translation>Sein Teil %1 ist ausgepackt größer als %2 Bytes und wird nicht gelesen.</translation>
    </message>
    <message>
        <source>Its part %1 is damaged and cannot be unpacked. Get a new copy of the file.</source>
        <translation>Sein Teil %1 ist beschädigt und kann nicht ausgepackt werden. Lassen Sie sich die Datei noch einmal geben.</translation>
    </message>
    <message>
        <source>Its part %1 is not well-formed XML. Get a new copy of the file.</source>
        <translation>Sein Teil %1 ist kein wohlgeformtes XML. Lassen Sie sich die Datei noch einmal geben.</translation>
    </message>
    <message>
        <source>It has more than %1 cells that are not empty, which is too many to read.</source>
        <translation>Es hat mehr als %1 Zellen, die nicht leer sind, und wird nicht gelesen.</translation>
    </message>
    <message>
        <source>It is an OpenDocument file, but not a spreadsheet.</source>
        <translation>Es ist eine OpenDocument-Datei, aber keine Tabelle.</translation>
    </message>
    <message>
        <source>Times of day without a date are read as fractions of a day: noon is 0.5.</source>
        <translation>Uhrzeiten ohne Datum werden als Teile eines Tages genommen: Mittag ist 0,5.</translation>
    </message>
    <message>
        <source>It is encrypted, or a workbook in the older binary format. Save it without a password, as an Office Open XML workbook or an OpenDocument spreadsheet.</source>
        <translation>Es ist verschlüsselt, oder eine Mappe im älteren Binärformat: speichern Sie es ohne Kennwort, als Office-Open-XML-Mappe oder OpenDocument-Tabelle.</translation>
    </message>
    <message>
        <source>it cannot be read from %1 onwards</source>
        <translation>sie kann von %1 an nicht gelesen werden</translation>
    </message>
    <message>
        <source>its brackets are nested more than %1 deep</source>
        <translation>ihre Klammern stehen mehr als %1 tief</translation>
    </message>
    <message>
        <source>something is missing at the end</source>
        <translation>an ihrem Ende fehlt etwas</translation>
    </message>
    <message>
        <source>it uses a part of %1, which does not exist</source>
        <translation>sie nimmt einen Teil von %1, den es nicht gibt</translation>
    </message>
    <message>
        <source>%1: hidden rows are read like the others (%2).</source>
        <translation>%1: Verborgene Zeilen werden wie die anderen genommen (%2).</translation>
    </message>
    <message>
        <source>%1: merged cells are read as their first cell, followed by empty cells (%2).</source>
        <translation>%1: Verbundene Zellen werden als ihre erste Zelle und leere Zellen daneben genommen (%2).</translation>
    </message>
    <message>
        <source>The numbers of %1 are stored as text, which sums leave out, and are kept. To correct this, set the column&apos;s kind of values to numbers.</source>
        <translation>Die Zahlen von %1 stehen als Texte da, die keine Summe nimmt. Sie bleiben so: Die Art der Werte der Spalte auf Zahlen stellen, um es zu beheben.</translation>
    </message>
    <message>
        <source>The dates of %1 are stored as text and are kept. To correct this, set the column&apos;s kind of values to dates.</source>
        <translation>Die Datumsangaben von %1 stehen als Texte da. Sie bleiben so: Die Art der Werte der Spalte auf Daten stellen, um es zu beheben.</translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3, but the rows around it have %4. It has no value to keep, so it gets the formula of the others.</source>
        <translation>Zeile %1 von %2 hat %3, wo die Zeilen ringsum %4 haben. Sie hat keinen Wert, der bleiben könnte, und nimmt hier die Formel der anderen.</translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3, but the rows around it have %4. Its value is kept over the formula. To correct it, restore the formula.</source>
        <translation>Zeile %1 von %2 hat %3, wo die Zeilen ringsum %4 haben. Ihr Wert steht über der Formel: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>Row %1 of %2 is %3, typed over the formula %4, and is kept. To correct it, restore the formula.</source>
        <translation>Zeile %1 von %2 ist %3, über die Formel %4 getippt. Es bleibt so: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>The number %1 is written in the formula, and is also in %2, as %3. It is kept. If %3 is meant, write %4 in its place.</source>
        <translation>Die Zahl %1 ist in die Formel geschrieben und steht auch in %2, als %3. Es bleibt so: schreiben Sie an ihrer Stelle %4, wenn das gemeint ist.</translation>
    </message>
    <message>
        <source>The reference %1 is not fixed and has moved to %2 after %3 rows. Here it means %1 in every row; in the worksheet, fix it with dollar signs.</source>
        <translation>Der Bezug %1 ist nicht fest und ist %3 Zeilen weiter nach %2 gewandert. Hier bedeutet er in jeder Zeile %1; im Rechenblatt machen ihn Dollarzeichen fest.</translation>
    </message>
    <message>
        <source>The range %1 leaves out the last rows of the column (%2) and is kept. To use all rows, write only the column&apos;s name.</source>
        <translation>Der Bereich %1 lässt die letzten Zeilen der Spalte weg (%2). Es bleibt so: schreiben Sie nur den Namen der Spalte, um alle zu nehmen.</translation>
    </message>
    <message>
        <source>%1, as used here, has no equivalent in the formula language</source>
        <translation>%1, so wie es hier steht, hat in der Formelsprache nichts Gleiches</translation>
    </message>
    <message>
        <source>it refers to itself through other cells</source>
        <translation>sie bezieht sich über andere Zellen auf sich selbst</translation>
    </message>
    <message>
        <source>it refers to cells that were removed (%1)</source>
        <translation>sie bezieht sich auf einen Platz, der entfernt wurde (%1)</translation>
    </message>
    <message>
        <source>%1 draws a new number each time</source>
        <translation>%1 zieht jedes Mal eine andere Zahl</translation>
    </message>
    <message>
        <source>its condition or its values span several columns</source>
        <translation>ihre Bedingung oder was sie nimmt, erstreckt sich über mehrere Spalten</translation>
    </message>
    <message>
        <source>its condition has a wildcard character</source>
        <translation>ihre Bedingung hat ein Zeichen, das für beliebigen Text steht</translation>
    </message>
    <message>
        <source>the value it looks for is computed</source>
        <translation>was sie sucht, wird erst berechnet</translation>
    </message>
    <message>
        <source>it looks for the nearest value in descending order</source>
        <translation>sie sucht den nächsten Wert in fallender Reihenfolge</translation>
    </message>
    <message>
        <source>it refers to the sheet %1, which does not exist</source>
        <translation>sie bezieht sich auf das Blatt %1, das nicht da ist</translation>
    </message>
    <message>
        <source>it refers to cells outside the sheet</source>
        <translation>sie bezieht sich auf einen Platz außerhalb des Blatts</translation>
    </message>
    <message>
        <source>it refers to %1, which is not in a table</source>
        <translation>sie bezieht sich auf %1, das in keiner Tabelle steht</translation>
    </message>
    <message>
        <source>it refers to %1, under a table, which is not a formula</source>
        <translation>sie bezieht sich auf %1 unter einer Tabelle, das keine Formel ist</translation>
    </message>
    <message>
        <source>it uses a whole column of the sheet, including the cells under the table</source>
        <translation>sie nimmt eine ganze Spalte des Blatts mit dem, was unter der Tabelle steht</translation>
    </message>
    <message>
        <source>it uses a range that includes cells under a table</source>
        <translation>sie nimmt einen Bereich mit dem, was unter einer Tabelle steht</translation>
    </message>
    <message>
        <source>it uses a range that is not in a table</source>
        <translation>sie verwendet einen Bereich, der in keiner Tabelle steht</translation>
    </message>
    <message>
        <source>it uses %1, which is not in a table</source>
        <translation>sie verwendet %1, das in keiner Tabelle steht</translation>
    </message>
    <message>
        <source>The worksheet has %1, but the formula gives %2.</source>
        <translation>Das Rechenblatt hat %1, und die Formel ergibt %2.</translation>
    </message>
    <message>
        <source>Row %1 counts %2 %3, but the rows around it go up by %4 to %5. It is kept as it is in the column %2. To correct it, type %5 there.</source>
        <translation>Zeile %1 zählt %2 %3, wo die Zeilen ringsum um %4 auf %5 steigen. Es bleibt so in der Spalte %2: tippen Sie dort %5, um es zu richten.</translation>
    </message>
    <message>
        <source>To check in the worksheet:</source>
        <translation>Im Rechenblatt anzusehen:</translation>
    </message>
    <message>
        <source>Values that differ from their formulas:</source>
        <translation>Werte, die nicht sind, was ihre Formeln ergeben:</translation>
    </message>
    <message>
        <source>Notes:</source>
        <translation>Außerdem:</translation>
    </message>
    <message>
        <source>%1 under %2 is not a formula and is left out.</source>
        <translation>%1 steht unter %2 und ist keine Formel: es wird weggelassen.</translation>
    </message>
    <message>
        <source>The cell under %1 is left out: %2.</source>
        <translation>Was unter %1 steht, wird weggelassen: %2.</translation>
    </message>
    <message>
        <source>This cell has %1, but the cells around it have the formula %2. It is kept. To correct it, restore the formula.</source>
        <translation>Diese Zelle hat %1, wo die Zellen ringsum die Formel %2 haben. Es bleibt so: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>The file has formulas without their values, so their results cannot be compared.</source>
        <translation>Die Datei hat Formeln ohne ihre Werte: was sie ergeben, kann mit nichts verglichen werden.</translation>
    </message>
    <message>
        <source>it calls a held function that cannot be expanded</source>
        <translation>sie ruft eine festgehaltene Funktion auf, die nicht eingesetzt werden kann</translation>
    </message>
    <message>
        <source>worksheet functions cannot express it</source>
        <translation>die Funktionen der Rechenblätter können es nicht sagen</translation>
    </message>
    <message>
        <source>it tests whether a computed value is missing</source>
        <translation>sie fragt, ob etwas Berechnetes fehlt</translation>
    </message>
    <message>
        <source>it uses the sum of a single value</source>
        <translation>es nimmt die Summe eines einzelnen Wertes</translation>
    </message>
    <message>
        <source>it uses a different quantile method from worksheets</source>
        <translation>sie verwendet eine andere Quantilmethode als Rechenblätter</translation>
    </message>
    <message>
        <source>it counts text that a formula leaves out in some rows</source>
        <translation>sie zählt Texte, die eine Formel in manchen Zeilen weglässt</translation>
    </message>
    <message>
        <source>a measure in it uses values computed in each row: put these in a separate column</source>
        <translation>ein Maß darin nimmt, was für jede Zeile berechnet wird: geben Sie dem eine eigene Spalte</translation>
    </message>
    <message>
        <source>its condition is not a comparison</source>
        <translation>ihre Bedingung ist kein Vergleich</translation>
    </message>
    <message>
        <source>its condition tests for a list, or for open classes</source>
        <translation>ihre Bedingung fragt, was in einer Liste oder in Klassen ohne Ende ist</translation>
    </message>
    <message>
        <source>its condition has text with a special meaning in worksheets</source>
        <translation>ihre Bedingung hat einen Text, der in Rechenblättern mehr bedeutet als sich selbst</translation>
    </message>
    <message>
        <source>it uses a column that is not exported</source>
        <translation>sie verwendet eine Spalte, die nicht geschrieben wird</translation>
    </message>
    <message>
        <source>it uses a column without rows</source>
        <translation>sie nimmt eine Spalte ohne Zeilen</translation>
    </message>
    <message>
        <source>it uses a row or column that does not exist</source>
        <translation>sie nutzt eine Zeile oder Spalte, die es nicht gibt</translation>
    </message>
    <message>
        <source>it uses a row whose number is computed</source>
        <translation>sie verwendet eine Zeile, deren Nummer berechnet wird</translation>
    </message>
    <message>
        <source>it uses an unknown name</source>
        <translation>sie verwendet einen Namen, der nicht da ist</translation>
    </message>
    <message>
        <source>it uses a foot line that is not under that column</source>
        <translation>sie verwendet eine Fußzeile, die dort nicht steht</translation>
    </message>
    <message>
        <source>it uses a layer without cells</source>
        <translation>sie nimmt eine Schicht ohne Zellen</translation>
    </message>
    <message>
        <source>it uses a row of a computed expression</source>
        <translation>sie nimmt eine Zeile von etwas Berechnetem</translation>
    </message>
    <message>
        <source>it uses a row of a held value</source>
        <translation>sie nimmt eine Zeile eines festgehaltenen Werts</translation>
    </message>
    <message>
        <source>it has two positions in brackets</source>
        <translation>sie hat zwei Plätze in Klammern</translation>
    </message>
    <message>
        <source>it uses a row or column whose number is computed</source>
        <translation>sie verwendet eine Zeile oder Spalte, deren Nummer berechnet wird</translation>
    </message>
    <message>
        <source>The worksheet could not be packed: there is not enough memory.</source>
        <translation>Das Rechenblatt konnte nicht gepackt werden: der Speicher reicht nicht.</translation>
    </message>
    <message>
        <source>%1 is a function or a distribution, and is not exported.</source>
        <translation>%1 ist eine Funktion oder eine Verteilung und wird nicht geschrieben.</translation>
    </message>
    <message>
        <source>it uses the operator in</source>
        <translation>sie vergleicht mit in</translation>
    </message>
    <message>
        <source>it compares text that is made within it: put that text in a separate column</source>
        <translation>sie vergleicht einen Text, der in ihr entsteht: dem eine eigene Spalte geben</translation>
    </message>
    <message>
        <source>it compares text, which worksheets compare differently: capitals, *, ? and ~, and text that looks like numbers</source>
        <translation>sie vergleicht Texte, und Rechenblätter unterscheiden manche davon anders: nach großen Buchstaben, nach *, ? und ~, und wo sie Zahlen sind</translation>
    </message>
    <message>
        <source>it uses cells that are missing in some rows, but is not missing there itself</source>
        <translation>sie verwendet Zellen, die in manchen Zeilen fehlen, ohne dort selbst zu fehlen</translation>
    </message>
    <message>
        <source>its formula has an error: %1</source>
        <translation>ihre Formel ist fehlerhaft: %1</translation>
    </message>
    <message>
        <source>%1 is exported as values: %2.</source>
        <translation>%1 wird als Werte geschrieben: %2.</translation>
    </message>
    <message>
        <source>The chart %1 is not exported.</source>
        <translation>Das Diagramm %1 wird nicht geschrieben.</translation>
    </message>
    <message>
        <source>The text “%1” is not in any table.</source>
        <translation>Der Text „%1“ steht in keiner Tabelle.</translation>
    </message>
    <message>
        <source>Exported as values: %1.</source>
        <translation>Als Werte exportiert: %1.</translation>
    </message>
    <message>
        <source>a list of words</source>
        <translation>eine Liste von Wörtern</translation>
    </message>
    <message>
        <source>The text has more than %1 lines, the most that a table has rows. Divide the text.</source>
        <translation>Der Text hat mehr als %1 Zeilen, so viele, wie eine Tabelle höchstens hat. Teilen Sie den Text.</translation>
    </message>
    <message>
        <source>The text has four gigabytes or more. Divide it.</source>
        <translation>Der Text hat vier Gigabyte oder mehr. Teilen Sie ihn.</translation>
    </message>
    <message>
        <source>the folder %1 cannot be written, in which they would be kept. Save the study, or make the folder writable</source>
        <translation>In den Ordner %1, in dem sie gesichert würden, kann nicht geschrieben werden. Speichern Sie die Studie, oder machen Sie den Ordner beschreibbar</translation>
    </message>
    <message>
        <source>This name has %1 characters. Choose one of at most %2.</source>
        <translation>Dieser Name hat %1 Zeichen. Wählen Sie einen mit höchstens %2.</translation>
    </message>
    <message>
        <source>As a table the text would have %1 cells, most of them empty. Choose another separator, or divide the text.</source>
        <translation>Als Tabelle hätte der Text %1 Zellen, die meisten davon leer. Wählen Sie ein anderes Trennzeichen oder teilen Sie den Text.</translation>
    </message>
    <message>
        <source>Line %1 has more than %2 fields, the most that a table has columns. Choose another separator, or divide the text.</source>
        <translation>Zeile %1 hat mehr als %2 Felder, so viele, wie eine Tabelle höchstens Spalten hat. Wählen Sie ein anderes Trennzeichen oder teilen Sie den Text.</translation>
    </message>
    <message>
        <source>The cells of the sheet %1 stand apart from each other in %2 places, and were left out.</source>
        <translation>Die Zellen des Blattes %1 stehen an %2 Stellen für sich und wurden ausgelassen.</translation>
    </message>
    <message>
        <source>%1 cells of the sheet %2, scattered over %3 rows and %4 columns, are not a table and were left out.</source>
        <translation>%1 Zellen des Blattes %2, über %3 Zeilen und %4 Spalten verstreut, sind keine Tabelle und wurden ausgelassen.</translation>
    </message>
    <message>
        <source>Left out:</source>
        <translation>Ausgelassen:</translation>
    </message>
    <message>
        <source>%1 by row</source>
        <translation>%1 nach Zeile</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 über %2</translation>
    </message>
    <message>
        <source>%1 in classes, cumulative</source>
        <translation>%1 in Klassen, kumuliert</translation>
    </message>
    <message>
        <source>%1 in classes</source>
        <translation>%1 in Klassen</translation>
    </message>
    <message>
        <source>An operator or %1 can follow.</source>
        <translation>Ein Rechenzeichen oder %1 kann folgen.</translation>
    </message>
    <message>
        <source>The text ends with a quotation mark.</source>
        <translation>Der Text endet mit einem Anführungszeichen.</translation>
    </message>
    <message>
        <source>A number, a name, a function or an opening bracket can follow.</source>
        <translation>Eine Zahl, ein Name, eine Funktion oder eine öffnende Klammer kann folgen.</translation>
    </message>
    <message>
        <source>Then = and the formula can follow.</source>
        <translation>Dann können = und die Formel folgen.</translation>
    </message>
    <message>
        <source>The formula has %1, but %2 stands in %3 beside it. Its value is kept over the formula. To correct it, restore the formula.</source>
        <translation>In der Formel steht %1, aber daneben in %3 steht %2. Ihr Wert bleibt anstelle der Formel erhalten. Zum Berichtigen die Formel wiederherstellen.</translation>
    </message>
    <message>
        <source>Values are recorded to the nearest 1, 0.5 or another number above 0, or 0 for any number.</source>
        <translation>Werte sind auf 1, 0,5 oder eine andere Zahl über 0 genau notiert, oder 0 für jede Zahl.</translation>
    </message>
    <message>
        <source>%1 cannot be a limit here. Limits are numbers, each above the one before.</source>
        <translation>%1 kann hier keine Grenze sein. Grenzen sind Zahlen, jede größer als die vorige.</translation>
    </message>
    <message>
        <source>Custom limits need at least two numbers: where the first class starts, and where the next one would.</source>
        <translation>Eigene Grenzen brauchen mindestens zwei Zahlen: wo die erste Klasse beginnt, und wo die nächste beginnen würde.</translation>
    </message>
    <message>
        <source>density: %1 per unit of width</source>
        <translation>Dichte: %1 je Einheit der Breite</translation>
    </message>
    <message>
        <source>density: %1 per %2</source>
        <translation>Dichte: %1 je %2</translation>
    </message>
    <message>
        <source>counts must be whole numbers of 0 or more; percentages and cover do not say how many individuals there were</source>
        <translation>Anzahlen müssen ganze Zahlen ab 0 sein; Prozente und Deckung sagen nicht, wie viele Individuen es waren</translation>
    </message>
    <message>
        <source>Simpson&apos;s index as Σp²: the probability that two draws with replacement are of one species.</source>
        <translation>Simpson-Index als Σp²: die Wahrscheinlichkeit, dass zwei Züge mit Zurücklegen von einer Art sind.</translation>
    </message>
    <message>
        <source>Simpson&apos;s index as 1 − Σp²: the probability that two draws with replacement are of different species.</source>
        <translation>Simpson-Index als 1 − Σp²: die Wahrscheinlichkeit, dass zwei Züge mit Zurücklegen von verschiedenen Arten sind.</translation>
    </message>
    <message>
        <source>Simpson&apos;s index as 1/Σp²: the number of equally common species with this dominance.</source>
        <translation>Simpson-Index als 1/Σp²: die Zahl gleich häufiger Arten mit dieser Dominanz.</translation>
    </message>
    <message>
        <source>Simpson&apos;s index without replacement: the probability that two individuals are of different species.</source>
        <translation>Simpson-Index ohne Zurücklegen: die Wahrscheinlichkeit, dass zwei Individuen von verschiedenen Arten sind.</translation>
    </message>
    <message>
        <source>there is no finite α with as many species as individuals, and counts must be whole numbers of 0 or more</source>
        <translation>bei so vielen Arten wie Individuen gibt es kein endliches α, und Anzahlen müssen ganze Zahlen ab 0 sein</translation>
    </message>
    <message>
        <source>m must be a whole number from 0 to the number of individuals, and counts whole numbers of 0 or more</source>
        <translation>m muss eine ganze Zahl von 0 bis zur Zahl der Individuen sein, und Anzahlen ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>frequencies must be 0 or more</source>
        <translation>Häufigkeiten müssen 0 oder größer sein</translation>
    </message>
    <message>
        <source>frequencies must be whole numbers of 0 or more; for probabilities use wvar_pop or wsd_pop</source>
        <translation>Häufigkeiten müssen ganze Zahlen ab 0 sein; für Wahrscheinlichkeiten dienen wvar_pop oder wsd_pop</translation>
    </message>
    <message>
        <source>expected counts must be above 0 and add up to as many as the observed ones</source>
        <translation>erwartete Anzahlen müssen über 0 liegen und zusammen so viele sein wie die beobachteten</translation>
    </message>
    <message>
        <source>The mean of values weighted by frequencies or probabilities.</source>
        <translation>Das Mittel von Werten, mit Häufigkeiten oder Wahrscheinlichkeiten gewichtet.</translation>
    </message>
    <message>
        <source>The variance of a population weighted by frequencies or probabilities.</source>
        <translation>Die Varianz einer Grundgesamtheit, mit Häufigkeiten oder Wahrscheinlichkeiten gewichtet.</translation>
    </message>
    <message>
        <source>The standard deviation of a population weighted by frequencies or probabilities.</source>
        <translation>Die Standardabweichung einer Grundgesamtheit, mit Häufigkeiten oder Wahrscheinlichkeiten gewichtet.</translation>
    </message>
    <message>
        <source>A quantile of values weighted by frequencies or probabilities.</source>
        <translation>Ein Quantil von Werten, mit Häufigkeiten oder Wahrscheinlichkeiten gewichtet.</translation>
    </message>
    <message>
        <source>frequencies must be whole numbers, or probabilities that add up to 1, and p from 0 to 1</source>
        <translation>Häufigkeiten müssen ganze Zahlen sein oder Wahrscheinlichkeiten mit der Summe 1, und p von 0 bis 1</translation>
    </message>
    <message>
        <source>classes need boundaries that join, such as 29.5, 34.5 and 39.5, frequencies of 0 or more, and a p from 0 to 1</source>
        <translation>Klassen brauchen Grenzen, die aneinander anschließen, etwa 29,5, 34,5 und 39,5, Häufigkeiten ab 0 und ein p von 0 bis 1</translation>
    </message>
    <message>
        <source>The probability density of a distribution at x; for a discrete one, the probability of x.</source>
        <translation>Die Wahrscheinlichkeitsdichte einer Verteilung an der Stelle x; bei einer diskreten die Wahrscheinlichkeit von x.</translation>
    </message>
    <message>
        <source>smallest expected count</source>
        <translation>kleinste erwartete Anzahl</translation>
    </message>
    <message>
        <source>number of expected counts below 5</source>
        <translation>Zahl der erwarteten Anzahlen unter 5</translation>
    </message>
    <message>
        <source>expected counts are large enough for chi-squared</source>
        <translation>die erwarteten Anzahlen sind groß genug für Chi-Quadrat</translation>
    </message>
    <message>
        <source>Some expected counts are small. Count rarer values together, or collect more.</source>
        <translation>Einige erwartete Anzahlen sind klein. Seltenere Werte zusammen zählen oder mehr erheben.</translation>
    </message>
    <message>
        <source>Lower boundary</source>
        <translation>Untere Klassengrenze</translation>
    </message>
    <message>
        <source>Upper boundary</source>
        <translation>Obere Klassengrenze</translation>
    </message>
    <message>
        <source>Relative frequency density</source>
        <translation>Relative Häufigkeitsdichte</translation>
    </message>
    <message>
        <source>rows are pooled until so many are expected; 0: none are</source>
        <translation>Zeilen werden zusammengelegt, bis so viele erwartet werden; 0: keine</translation>
    </message>
    <message>
        <source>Expected in the pool so far</source>
        <translation>Bisher in der Gruppe erwartet</translation>
    </message>
    <message>
        <source>Pool</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>number of pools; a last one that stays short joins the one before</source>
        <translation>Zahl der Gruppen; eine letzte, die zu klein bleibt, kommt zur vorigen</translation>
    </message>
    <message>
        <source>In pool</source>
        <translation>In Gruppe</translation>
    </message>
    <message>
        <source>This needs two columns of one table: select the observed counts and the expected ones.</source>
        <translation>Das braucht zwei Spalten einer Tabelle: die beobachteten und die erwarteten Anzahlen auswählen.</translation>
    </message>
    <message>
        <source>%1, from</source>
        <translation>%1, von</translation>
    </message>
    <message>
        <source>%1, to</source>
        <translation>%1, bis</translation>
    </message>
    <message>
        <source>Observed</source>
        <translation>Beobachtet</translation>
    </message>
    <message>
        <source>Expected</source>
        <translation>Erwartet</translation>
    </message>
    <message>
        <source>Part of χ²</source>
        <translation>Teil von χ²</translation>
    </message>
    <message>
        <source>number of parameters estimated from the counts</source>
        <translation>Zahl der Parameter, die aus den Anzahlen geschätzt sind</translation>
    </message>
    <message>
        <source>probability of a chi-squared this large or larger, if the expectation holds</source>
        <translation>Wahrscheinlichkeit eines so großen oder größeren Chi-Quadrats, wenn die Erwartung gilt</translation>
    </message>
    <message>
        <source>as many are expected as were observed</source>
        <translation>es sind so viele erwartet, wie beobachtet wurden</translation>
    </message>
    <message>
        <source>The totals differ. Expected counts are the probabilities times the number observed.</source>
        <translation>Die Summen weichen ab. Erwartete Anzahlen sind die Wahrscheinlichkeiten mal der Zahl der Beobachtungen.</translation>
    </message>
    <message>
        <source>Some expected counts are small. Raise the least that rows are pooled to.</source>
        <translation>Einige erwartete Anzahlen sind klein. Den Mindestwert erhöhen, bis zu dem Zeilen zusammengelegt werden.</translation>
    </message>
    <message>
        <source>probability of a chi-squared this large or larger</source>
        <translation>Wahrscheinlichkeit eines so großen oder größeren Chi-Quadrats</translation>
    </message>
    <message>
        <source>Some expected counts are small. Pool neighbouring rows by Compare observed with expected counts.</source>
        <translation>Einige erwartete Anzahlen sind klein. Benachbarte Zeilen zusammenlegen: Beobachtete mit erwarteten Anzahlen vergleichen.</translation>
    </message>
    <message>
        <source>its position in order, from 1, by the study&apos;s method of quantiles</source>
        <translation>ihre Stelle in der Reihenfolge, ab 1, nach der Quantilmethode der Studie</translation>
    </message>
    <message>
        <source>gal can mean us_gallon, imperial_gallon or a unit of acceleration: write one of them, or cm/s2</source>
        <translation>gal kann us_gallon, imperial_gallon oder eine Einheit der Beschleunigung sein: eines davon schreiben, oder cm/s2</translation>
    </message>
    <message>
        <source>gallon can mean us_gallon or imperial_gallon: write one of them</source>
        <translation>gallon kann us_gallon oder imperial_gallon sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>quart can mean us_quart or imperial_quart: write one of them</source>
        <translation>quart kann us_quart oder imperial_quart sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>qt can mean us_quart or imperial_quart: write one of them</source>
        <translation>qt kann us_quart oder imperial_quart sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>pint can mean us_pint or imperial_pint: write one of them</source>
        <translation>pint kann us_pint oder imperial_pint sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>pt can mean us_pint or imperial_pint: write one of them</source>
        <translation>pt kann us_pint oder imperial_pint sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>cup depends on the country: write us_cup, or mL</source>
        <translation>cup hängt vom Land ab: us_cup oder mL schreiben</translation>
    </message>
    <message>
        <source>floz can mean us_fluid_ounce or imperial_fluid_ounce: write one of them</source>
        <translation>floz kann us_fluid_ounce oder imperial_fluid_ounce sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>tbsp depends on the country: write us_tablespoon, or mL</source>
        <translation>tbsp hängt vom Land ab: us_tablespoon oder mL schreiben</translation>
    </message>
    <message>
        <source>tsp depends on the country: write us_teaspoon, or mL</source>
        <translation>tsp hängt vom Land ab: us_teaspoon oder mL schreiben</translation>
    </message>
    <message>
        <source>cal can mean cal_th (4.184 J) or cal_it (4.1868 J): write one of them</source>
        <translation>cal kann cal_th (4,184 J) oder cal_it (4,1868 J) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>calorie can mean cal_th (4.184 J) or cal_it (4.1868 J): write one of them</source>
        <translation>calorie kann cal_th (4,184 J) oder cal_it (4,1868 J) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>kcal can mean kcal_th (4184 J) or kcal_it (4186.8 J): write one of them</source>
        <translation>kcal kann kcal_th (4184 J) oder kcal_it (4186,8 J) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>Cal can mean kcal_th (4184 J) or kcal_it (4186.8 J): write one of them</source>
        <translation>Cal kann kcal_th (4184 J) oder kcal_it (4186,8 J) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>year can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation>year kann year_julian (365,25 d), year_tropical oder year_common (365 d) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>years can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation>years kann year_julian (365,25 d), year_tropical oder year_common (365 d) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>yr can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation>yr kann year_julian (365,25 d), year_tropical oder year_common (365 d) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>yrs can mean year_julian (365.25 d), year_tropical or year_common (365 d): write one of them</source>
        <translation>yrs kann year_julian (365,25 d), year_tropical oder year_common (365 d) sein: eines davon schreiben</translation>
    </message>
    <message>
        <source>%1 cannot be converted to %2: one counts cycles, the other measures an angle; an angular frequency is 2 * pi * f</source>
        <translation>%1 lässt sich nicht in %2 umrechnen: das eine zählt Schwingungen, das andere misst einen Winkel; eine Kreisfrequenz ist 2 * pi * f</translation>
    </message>
    <message>
        <source>The mean of absolute deviations from the mean.</source>
        <translation>Das Mittel der absoluten Abweichungen vom Mittel.</translation>
    </message>
    <message>
        <source>The sum of squared deviations from the mean.</source>
        <translation>Die Summe der quadrierten Abweichungen vom Mittel.</translation>
    </message>
    <message>
        <source>The value at place k of the values in order, the smallest at place 1.</source>
        <translation>Der Wert an der Stelle k der geordneten Werte, der kleinste an Stelle 1.</translation>
    </message>
    <message>
        <source>kth needs a whole k from 1 to the number of values</source>
        <translation>kth braucht ein ganzes k von 1 bis zur Zahl der Werte</translation>
    </message>
    <message>
        <source>The proportion of values below x, estimated from classes and their counts.</source>
        <translation>Der Anteil der Werte unter x, aus Klassen und ihren Anzahlen geschätzt.</translation>
    </message>
    <message>
        <source>classes need boundaries that join, such as 29.5, 34.5 and 39.5, and frequencies of 0 or more</source>
        <translation>Klassen brauchen Grenzen, die aneinander anschließen, etwa 29,5, 34,5 und 39,5, und Häufigkeiten ab 0</translation>
    </message>
    <message>
        <source>Frequency density</source>
        <translation>Häufigkeitsdichte</translation>
    </message>
    <message>
        <source>row of the modal class, the first where there are several</source>
        <translation>Zeile der Modalklasse, bei mehreren die erste</translation>
    </message>
    <message>
        <source>interpolated within the modal class by its neighbours</source>
        <translation>innerhalb der Modalklasse nach ihren Nachbarn interpoliert</translation>
    </message>
    <message>
        <source>Values recorded to the nearest %1 need classes whose width is a multiple of it.</source>
        <translation>Werte, die auf %1 genau notiert sind, brauchen Klassen, deren Breite ein Vielfaches davon ist.</translation>
    </message>
    <message>
        <source>Fences need a column of numbers. Select one.</source>
        <translation>Zäune brauchen eine Zahlenspalte. Wählen Sie eine aus.</translation>
    </message>
    <message>
        <source>No value of this column lies beyond the fences, which are held now.</source>
        <translation>Kein Wert dieser Spalte liegt außerhalb der Zäune, die jetzt festgehalten sind.</translation>
    </message>
    <message>
        <source>There is no other table that could be the model. Make one first.</source>
        <translation>Es gibt keine andere Tabelle, die das Modell sein könnte. Erstellen Sie zuerst eine.</translation>
    </message>
    <message>
        <source>Choose an index, a matrix of pairs or a chart.</source>
        <translation>Wählen Sie einen Index, eine Matrix der Paare oder ein Diagramm.</translation>
    </message>
    <message>
        <source>The standard deviation of the number of species in a sample of m individuals.</source>
        <translation>Die Standardabweichung der Artenzahl in einer Stichprobe von m Individuen.</translation>
    </message>
    <message>
        <source>The variance of Shannon&apos;s entropy as a sample estimates it.</source>
        <translation>Die Varianz der Shannon-Entropie, wie eine Stichprobe sie schätzt.</translation>
    </message>
    <message>
        <source>Simpson&apos;s evenness.</source>
        <translation>Evenness nach Simpson.</translation>
    </message>
    <message>
        <source>Good&apos;s coverage: the proportion of a community that belongs to the species in the sample.</source>
        <translation>Abdeckung nach Good: der Anteil einer Gemeinschaft, der zu den Arten der Stichprobe gehört.</translation>
    </message>
    <message>
        <source>Dissimilarity of two samples after Bray and Curtis.</source>
        <translation>Unähnlichkeit zweier Proben nach Bray und Curtis.</translation>
    </message>
    <message>
        <source>Similarity of two samples after Jaccard: the share of species that they have in common.</source>
        <translation>Ähnlichkeit zweier Proben nach Jaccard: der Anteil der gemeinsamen Arten.</translation>
    </message>
    <message>
        <source>Similarity of two samples after Sørensen: as jaccard, with shared species counted twice.</source>
        <translation>Ähnlichkeit zweier Proben nach Sørensen: wie jaccard, mit doppelt gezählten gemeinsamen Arten.</translation>
    </message>
    <message>
        <source>the marked, the caught and the recaptured animals must be whole numbers of 0 or more, and those recaptured no more than either</source>
        <translation>markierte, gefangene und wiedergefangene Tiere müssen ganze Zahlen ab 0 sein, und die wiedergefangenen nicht mehr als die anderen</translation>
    </message>
    <message>
        <source>The size of a population from marking and recapture.</source>
        <translation>Die Größe einer Population aus Markierung und Wiederfang.</translation>
    </message>
    <message>
        <source>The standard error of the size that chapman estimates.</source>
        <translation>Der Standardfehler der Größe, die chapman schätzt.</translation>
    </message>
    <message>
        <source>The most frequent value; if several, the first to occur; missing where every value occurs once.</source>
        <translation>Der häufigste Wert; bei mehreren der zuerst vorkommende; fehlend, wenn jeder Wert nur einmal vorkommt.</translation>
    </message>
    <message>
        <source>All most frequent values, as text; missing where every value occurs once.</source>
        <translation>Alle häufigsten Werte als Text; fehlend, wenn jeder Wert nur einmal vorkommt.</translation>
    </message>
    <message>
        <source>The leaves of one stem, in order, as text: the digits at the place of a unit (1 if left out).</source>
        <translation>Die Blätter eines Stamms der Reihe nach als Text: die Ziffern an der Stelle einer Einheit (1, wenn weggelassen).</translation>
    </message>
    <message>
        <source>leaves needs values of 0 or more and a unit above 0, such as 1 or 0.1</source>
        <translation>leaves braucht Werte ab 0 und eine Einheit über 0, etwa 1 oder 0.1</translation>
    </message>
    <message>
        <source>quantile needs a p from 0 to 1 and a type from 1 to 11</source>
        <translation>quantile braucht ein p von 0 bis 1 und einen Typ von 1 bis 11</translation>
    </message>
    <message>
        <source>the study&apos;s type; 1 to 9 of Hyndman and Fan (1996), 10 and 11 by the medians of the halves, exclusive and inclusive</source>
        <translation>der Typ der Studie; 1 bis 9 nach Hyndman und Fan (1996), 10 und 11 als Mediane der Hälften, ohne und mit der Mitte</translation>
    </message>
    <message>
        <source>The sum of the squares of the values (0 if none).</source>
        <translation>Die Summe der Quadrate der Werte (0, wenn es keine gibt).</translation>
    </message>
    <message>
        <source>The values in order, from row to row: in row k the k-th smallest, missing below the last.</source>
        <translation>Die Werte der Größe nach von Zeile zu Zeile: in Zeile k der k-kleinste, unter dem letzten fehlend.</translation>
    </message>
    <message>
        <source>The distribution with the values x and their probabilities p.</source>
        <translation>Die Verteilung mit den Werten x und ihren Wahrscheinlichkeiten p.</translation>
    </message>
    <message>
        <source>probabilities must be 0 or more and add up to 1, of at most 10,000 values: correct them, or divide each by their sum</source>
        <translation>Wahrscheinlichkeiten müssen ab 0 sein und zusammen 1 ergeben, bei höchstens 10 000 Werten: berichtigen Sie sie, oder teilen Sie jede durch ihre Summe</translation>
    </message>
    <message>
        <source>The whole numbers from a to b, all equally likely, as of a die.</source>
        <translation>Die ganzen Zahlen von a bis b, alle gleich wahrscheinlich wie bei einem Würfel.</translation>
    </message>
    <message>
        <source>discrete_uniform needs whole numbers a and b, with a at most b</source>
        <translation>discrete_uniform braucht ganze Zahlen a und b mit a höchstens b</translation>
    </message>
    <message>
        <source>The end of the critical region of small values: the largest x with P(D ≤ x) ≤ a.</source>
        <translation>Das Ende des kritischen Bereichs kleiner Werte: das größte x mit P(D ≤ x) ≤ a.</translation>
    </message>
    <message>
        <source>critical_low needs an a between 0 and 1, and here even the smallest value may be more likely than a</source>
        <translation>critical_low braucht ein a zwischen 0 und 1, und hier ist vielleicht schon der kleinste Wert wahrscheinlicher als a</translation>
    </message>
    <message>
        <source>The beginning of the critical region of large values: the smallest x with P(D ≥ x) ≤ a.</source>
        <translation>Der Anfang des kritischen Bereichs großer Werte: das kleinste x mit P(D ≥ x) ≤ a.</translation>
    </message>
    <message>
        <source>critical_high needs an a between 0 and 1, and here even the largest value may be more likely than a</source>
        <translation>critical_high braucht ein a zwischen 0 und 1, und hier ist vielleicht schon der größte Wert wahrscheinlicher als a</translation>
    </message>
    <message>
        <source>distributions of one family that add up are needed, or discrete ones with at most 10,000 values</source>
        <translation>nötig sind Verteilungen einer Familie, die sich addieren, oder diskrete mit höchstens 10 000 Werten</translation>
    </message>
    <message>
        <source>The distribution of the sum of two independent numbers.</source>
        <translation>Die Verteilung der Summe zweier unabhängiger Zahlen.</translation>
    </message>
    <message>
        <source>The distribution of the sum of n independent numbers of one distribution, as of n dice.</source>
        <translation>Die Verteilung der Summe von n unabhängigen Zahlen einer Verteilung, wie von n Würfeln.</translation>
    </message>
    <message>
        <source>A value with its uncertainty as text, both to the place of the uncertainty&apos;s second figure.</source>
        <translation>Ein Wert mit seiner Unsicherheit als Text, beide bis zur zweiten Ziffer der Unsicherheit.</translation>
    </message>
    <message>
        <source>plus_minus needs an uncertainty of 0 or more</source>
        <translation>plus_minus braucht eine Unsicherheit ab 0</translation>
    </message>
    <message>
        <source>medians of the two halves, without the middle value (exclusive)</source>
        <translation>Mediane der beiden Hälften ohne den mittleren Wert (exklusiv)</translation>
    </message>
    <message>
        <source>medians of the two halves, both with the middle value (inclusive)</source>
        <translation>Mediane der beiden Hälften, beide mit dem mittleren Wert (inklusiv)</translation>
    </message>
    <message>
        <source>the distribution</source>
        <translation>die Verteilung</translation>
    </message>
    <message>
        <source>first value in the table</source>
        <translation>erster Wert der Tabelle</translation>
    </message>
    <message>
        <source>last value in the table</source>
        <translation>letzter Wert der Tabelle</translation>
    </message>
    <message>
        <source>A significance level must be between 0 and 1, such as 0.05.</source>
        <translation>Ein Signifikanzniveau liegt zwischen 0 und 1, etwa 0,05.</translation>
    </message>
    <message>
        <source>significance level</source>
        <translation>Signifikanzniveau</translation>
    </message>
    <message>
        <source>values up to this one are in the critical region</source>
        <translation>Werte bis zu diesem liegen im kritischen Bereich</translation>
    </message>
    <message>
        <source>values from this one on are in the critical region</source>
        <translation>Werte ab diesem liegen im kritischen Bereich</translation>
    </message>
    <message>
        <source>probability of the critical region, at most the level</source>
        <translation>Wahrscheinlichkeit des kritischen Bereichs, höchstens das Niveau</translation>
    </message>
    <message>
        <source>Probabilities of %1</source>
        <translation>Wahrscheinlichkeiten von %1</translation>
    </message>
    <message>
        <source>Normal approximation of %1</source>
        <translation>Normalnäherung von %1</translation>
    </message>
    <message>
        <source>standard deviation</source>
        <translation>Standardabweichung</translation>
    </message>
    <message>
        <source>Exact P(D ≤ k)</source>
        <translation>Genau P(D ≤ k)</translation>
    </message>
    <message>
        <source>Normal, to k + ½</source>
        <translation>Normal, bis k + ½</translation>
    </message>
    <message>
        <source>Error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>largest error of the approximation</source>
        <translation>größter Fehler der Näherung</translation>
    </message>
    <message>
        <source>Fitting needs two columns of one table: select the values and their observed counts.</source>
        <translation>Anpassen braucht zwei Spalten einer Tabelle: wählen Sie die Werte und ihre beobachteten Anzahlen.</translation>
    </message>
    <message>
        <source>mean, estimated from the counts</source>
        <translation>Mittelwert, aus den Anzahlen geschätzt</translation>
    </message>
    <message>
        <source>number of trials; type it where the largest value is not it</source>
        <translation>Anzahl der Versuche; tippen Sie sie ein, wenn der größte Wert es nicht ist</translation>
    </message>
    <message>
        <source>probability, estimated from the counts</source>
        <translation>Wahrscheinlichkeit, aus den Anzahlen geschätzt</translation>
    </message>
    <message>
        <source>This needs the names of the sites or species, and their counts. Choose a column for each.</source>
        <translation>Dazu braucht es die Namen der Orte oder Arten und ihre Anzahlen. Wählen Sie für jedes eine Spalte.</translation>
    </message>
    <message>
        <source>Indices of sites need a two-way table of counts, with the species down and the sites across.</source>
        <translation>Indizes von Orten brauchen eine Kreuztabelle der Anzahlen, die Arten abwärts und die Orte quer.</translation>
    </message>
    <message>
        <source>Species</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Site</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>%1, species by site</source>
        <translation>%1, Arten nach Orten</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>counts are whole numbers of 0 or more</source>
        <translation>Anzahlen sind ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>Some values are no counts. Indices that need individuals refuse percentages and cover.</source>
        <translation>Einige Werte sind keine Anzahlen. Indizes, die Individuen brauchen, lehnen Prozente und Deckung ab.</translation>
    </message>
    <message>
        <source>individuals N</source>
        <translation>Individuen N</translation>
    </message>
    <message>
        <source>species S</source>
        <translation>Arten S</translation>
    </message>
    <message>
        <source>Pielou J′ = H′ / ln S</source>
        <translation>Pielou J′ = H′ / ln S</translation>
    </message>
    <message>
        <source>Simpson 1 − Σp²</source>
        <translation>Simpson 1 − Σp²</translation>
    </message>
    <message>
        <source>inverse Simpson 1/Σp²</source>
        <translation>inverser Simpson 1/Σp²</translation>
    </message>
    <message>
        <source>dominance Σp²</source>
        <translation>Dominanz Σp²</translation>
    </message>
    <message>
        <source>Simpson 1 − Σn(n−1)/N(N−1)</source>
        <translation>Simpson 1 − Σn(n−1)/N(N−1)</translation>
    </message>
    <message>
        <source>Simpson&apos;s evenness (1/Σp²)/S</source>
        <translation>Evenness nach Simpson (1/Σp²)/S</translation>
    </message>
    <message>
        <source>Hill number of order 1, exp(H′)</source>
        <translation>Hill-Zahl der Ordnung 1, exp(H′)</translation>
    </message>
    <message>
        <source>Berger–Parker, largest share</source>
        <translation>Berger–Parker, größter Anteil</translation>
    </message>
    <message>
        <source>Margalef (S − 1)/ln N</source>
        <translation>Margalef (S − 1)/ln N</translation>
    </message>
    <message>
        <source>Menhinick S/√N</source>
        <translation>Menhinick S/√N</translation>
    </message>
    <message>
        <source>Fisher&apos;s α</source>
        <translation>Fishers α</translation>
    </message>
    <message>
        <source>Brillouin</source>
        <translation>Brillouin</translation>
    </message>
    <message>
        <source>Chao1, estimated species</source>
        <translation>Chao1, geschätzte Arten</translation>
    </message>
    <message>
        <source>Good&apos;s coverage 1 − f₁/N</source>
        <translation>Abdeckung nach Good 1 − f₁/N</translation>
    </message>
    <message>
        <source>species found once</source>
        <translation>einmal gefundene Arten</translation>
    </message>
    <message>
        <source>species absent</source>
        <translation>fehlende Arten</translation>
    </message>
    <message>
        <source>%1, diversity</source>
        <translation>%1, Diversität</translation>
    </message>
    <message>
        <source>Shannon H′ (base e)</source>
        <translation>Shannon H′ (Basis e)</translation>
    </message>
    <message>
        <source>Shannon H′ (base %1)</source>
        <translation>Shannon H′ (Basis %1)</translation>
    </message>
    <message>
        <source>fewest individuals at a site: samples are compared at this size</source>
        <translation>wenigste Individuen an einem Ort: bei dieser Größe wird verglichen</translation>
    </message>
    <message>
        <source>species expected in the smallest N</source>
        <translation>erwartete Arten beim kleinsten N</translation>
    </message>
    <message>
        <source>its standard deviation</source>
        <translation>deren Standardabweichung</translation>
    </message>
    <message>
        <source>every site has individuals</source>
        <translation>jeder Ort hat Individuen</translation>
    </message>
    <message>
        <source>A site without individuals has no index. Its row stays empty.</source>
        <translation>Ein Ort ohne Individuen hat keinen Index. Seine Zeile bleibt leer.</translation>
    </message>
    <message>
        <source>dissimilarity, Bray–Curtis Σ|a − b| / Σ(a + b)</source>
        <translation>Unähnlichkeit, Bray–Curtis Σ|a − b| / Σ(a + b)</translation>
    </message>
    <message>
        <source>dissimilarity, 1 − Jaccard</source>
        <translation>Unähnlichkeit, 1 − Jaccard</translation>
    </message>
    <message>
        <source>dissimilarity, 1 − Sørensen</source>
        <translation>Unähnlichkeit, 1 − Sørensen</translation>
    </message>
    <message>
        <source>dissimilarity, Euclidean √Σ(a − b)²</source>
        <translation>Unähnlichkeit, euklidisch √Σ(a − b)²</translation>
    </message>
    <message>
        <source>similarity, Jaccard: shared / all species</source>
        <translation>Ähnlichkeit, Jaccard: gemeinsame / alle Arten</translation>
    </message>
    <message>
        <source>similarity, Sørensen: 2 shared / (S₁ + S₂)</source>
        <translation>Ähnlichkeit, Sørensen: 2 gemeinsame / (S₁ + S₂)</translation>
    </message>
    <message>
        <source>similarity, Morisita–Horn</source>
        <translation>Ähnlichkeit, Morisita–Horn</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>%1, rarefaction</source>
        <translation>%1, Rarefaktion</translation>
    </message>
    <message>
        <source>Individuals</source>
        <translation>Individuen</translation>
    </message>
    <message>
        <source>%1, Hill numbers by order</source>
        <translation>%1, Hill-Zahlen nach Ordnung</translation>
    </message>
    <message>
        <source>Order q</source>
        <translation>Ordnung q</translation>
    </message>
    <message>
        <source>%1, rank and abundance</source>
        <translation>%1, Rang und Häufigkeit</translation>
    </message>
    <message>
        <source>Rank</source>
        <translation>Rang</translation>
    </message>
    <message>
        <source>Count, %1</source>
        <translation>Anzahl, %1</translation>
    </message>
    <message>
        <source>Share, %1</source>
        <translation>Anteil, %1</translation>
    </message>
    <message>
        <source>mean of %1, from the class midpoints</source>
        <translation>Mittelwert von %1, aus den Klassenmitten</translation>
    </message>
    <message>
        <source>standard deviation of %1, from the class midpoints</source>
        <translation>Standardabweichung von %1, aus den Klassenmitten</translation>
    </message>
    <message>
        <source>recorded to the nearest %1</source>
        <translation>erfasst auf %1 genau</translation>
    </message>
    <message>
        <source>lower limits are in the class</source>
        <translation>untere Grenzen gehören zur Klasse</translation>
    </message>
    <message>
        <source>upper limits are in the class</source>
        <translation>obere Grenzen gehören zur Klasse</translation>
    </message>
    <message>
        <source> outside the classes</source>
        <translation> außerhalb der Klassen</translation>
    </message>
    <message>
        <source>what the reader of the table needs to know</source>
        <translation>was man zur Tabelle wissen muss</translation>
    </message>
    <message>
        <source>σ² from the class midpoints, divided by n</source>
        <translation>σ² aus den Klassenmitten, durch n geteilt</translation>
    </message>
    <message>
        <source>σ, of a whole population</source>
        <translation>σ einer Grundgesamtheit</translation>
    </message>
    <message>
        <source>s² from the class midpoints, divided by n − 1</source>
        <translation>s² aus den Klassenmitten, durch n − 1 geteilt</translation>
    </message>
    <message>
        <source>s, of a sample; for a population wsd_pop(mid, f)</source>
        <translation>s einer Stichprobe; für eine Grundgesamtheit wsd_pop(mid, f)</translation>
    </message>
    <message>
        <source>Stems and leaves need a column of numbers of 0 or more.</source>
        <translation>Stämme und Blätter brauchen eine Spalte mit Zahlen ab 0.</translation>
    </message>
    <message>
        <source>%1, stems and leaves</source>
        <translation>%1, Stämme und Blätter</translation>
    </message>
    <message>
        <source>place of the leaf</source>
        <translation>Stelle des Blatts</translation>
    </message>
    <message>
        <source>stem of the smallest value</source>
        <translation>Stamm des kleinsten Werts</translation>
    </message>
    <message>
        <source>Stem</source>
        <translation>Stamm</translation>
    </message>
    <message>
        <source>Leaves</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>key: how a stem and a leaf are read</source>
        <translation>Schlüssel: wie Stamm und Blatt gelesen werden</translation>
    </message>
    <message>
        <source>every value of %1 has a leaf</source>
        <translation>jeder Wert von %1 hat ein Blatt</translation>
    </message>
    <message>
        <source>Some values have no leaf. Values below 0 have none.</source>
        <translation>Einige Werte haben kein Blatt. Werte unter 0 haben keines.</translation>
    </message>
    <message>
        <source>Reading a curve needs the classes and the counts that it is drawn of. Draw the cumulative column of a frequency table.</source>
        <translation>Zum Ablesen einer Kurve braucht es die Klassen und Anzahlen, aus denen sie gezeichnet ist. Zeichnen Sie die kumulierte Spalte einer Häufigkeitstabelle.</translation>
    </message>
    <message>
        <source>share of %1 up to %2, read off the cumulative curve</source>
        <translation>Anteil von %1 bis %2, an der Summenkurve abgelesen</translation>
    </message>
    <message>
        <source>values below are outliers (Tukey 1977)</source>
        <translation>Werte darunter sind Ausreißer (Tukey 1977)</translation>
    </message>
    <message>
        <source>values above are outliers (Tukey 1977)</source>
        <translation>Werte darüber sind Ausreißer (Tukey 1977)</translation>
    </message>
    <message>
        <source>SD</source>
        <translation>SD</translation>
    </message>
    <message>
        <source>SE</source>
        <translation>SE</translation>
    </message>
    <message>
        <source>95 % CI</source>
        <translation>95-%-KI</translation>
    </message>
    <message>
        <source>mean of %1 with its ±</source>
        <translation>Mittelwert von %1 mit seinem ±</translation>
    </message>
    <message>
        <source>%1 by %2, means</source>
        <translation>%1 nach %2, Mittelwerte</translation>
    </message>
    <message>
        <source>Mean</source>
        <translation>Mittelwert</translation>
    </message>
    <message>
        <source>Mean with ±</source>
        <translation>Mittelwert mit ±</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>%1 at the start</source>
        <translation>%1 am Anfang</translation>
    </message>
    <message>
        <source>acceleration, of position, velocity and time</source>
        <translation>Beschleunigung aus Ort, Geschwindigkeit und Zeit</translation>
    </message>
    <message>
        <source>slope %1</source>
        <translation>Steigung %1</translation>
    </message>
    <message>
        <source>Conserved quantity</source>
        <translation>Erhaltungsgröße</translation>
    </message>
    <message>
        <source>Relative drift</source>
        <translation>Relative Drift</translation>
    </message>
    <message>
        <source>drift of the conserved quantity above which the check fails</source>
        <translation>Drift der Erhaltungsgröße, ab der die Prüfung fehlschlägt</translation>
    </message>
    <message>
        <source>the conserved quantity stays as it is</source>
        <translation>die Erhaltungsgröße bleibt erhalten</translation>
    </message>
    <message>
        <source>The conserved quantity drifts. Take a smaller step or a method of higher order.</source>
        <translation>Die Erhaltungsgröße driftet. Nehmen Sie einen kleineren Schritt oder ein Verfahren höherer Ordnung.</translation>
    </message>
    <message>
        <source>Event where 0</source>
        <translation>Ereignis bei 0</translation>
    </message>
    <message>
        <source>Event in the step before</source>
        <translation>Ereignis im Schritt davor</translation>
    </message>
    <message>
        <source>first row after the event</source>
        <translation>erste Zeile nach dem Ereignis</translation>
    </message>
    <message>
        <source>part of the step before it at which the event is, by linear interpolation</source>
        <translation>Teil des Schritts davor, bei dem das Ereignis liegt, linear interpoliert</translation>
    </message>
    <message>
        <source>time of the event</source>
        <translation>Zeit des Ereignisses</translation>
    </message>
    <message>
        <source>%1 at the event</source>
        <translation>%1 beim Ereignis</translation>
    </message>
    <message>
        <source>the event is reached</source>
        <translation>das Ereignis wird erreicht</translation>
    </message>
    <message>
        <source>The event is not reached. Take a later end, or look at the formula of the event.</source>
        <translation>Das Ereignis wird nicht erreicht. Nehmen Sie ein späteres Ende, oder sehen Sie sich die Formel des Ereignisses an.</translation>
    </message>
    <message>
        <source>Step times rate</source>
        <translation>Schritt mal Rate</translation>
    </message>
    <message>
        <source>step times rate at which %1 becomes unstable</source>
        <translation>Schritt mal Rate, bei dem %1 instabil wird</translation>
    </message>
    <message>
        <source>the step is well below the limit of stability</source>
        <translation>der Schritt liegt weit unter der Stabilitätsgrenze</translation>
    </message>
    <message>
        <source>The step is near the limit of stability, so that the motion may be one of the method. Take a smaller step.</source>
        <translation>Der Schritt liegt nahe der Stabilitätsgrenze, sodass die Bewegung vom Verfahren stammen kann. Nehmen Sie einen kleineren Schritt.</translation>
    </message>
    <message>
        <source>the step is small enough for explicit Euler</source>
        <translation>der Schritt ist klein genug für das explizite Euler-Verfahren</translation>
    </message>
    <message>
        <source>Explicit Euler lets an oscillation grow, here by more than a tenth. Take a smaller step or another method.</source>
        <translation>Das explizite Euler-Verfahren lässt eine Schwingung wachsen, hier um mehr als ein Zehntel. Nehmen Sie einen kleineren Schritt oder ein anderes Verfahren.</translation>
    </message>
    <message>
        <source>explicit Euler</source>
        <translation>explizites Euler-Verfahren</translation>
    </message>
    <message>
        <source>semi-implicit Euler (Euler–Cromer)</source>
        <translation>halbimplizites Euler-Verfahren (Euler–Cromer)</translation>
    </message>
    <message>
        <source>velocity Verlet</source>
        <translation>Geschwindigkeits-Verlet</translation>
    </message>
    <message>
        <source>Runge–Kutta 4</source>
        <translation>Runge–Kutta 4</translation>
    </message>
    <message>
        <source>A motion needs a time step above 0 and an end after the first step.</source>
        <translation>Eine Bewegung braucht einen Zeitschritt über 0 und ein Ende nach dem ersten Schritt.</translation>
    </message>
    <message>
        <source>This motion has more than a million steps. Take a larger step or an earlier end.</source>
        <translation>Diese Bewegung hat mehr als eine Million Schritte. Nehmen Sie einen größeren Schritt oder ein früheres Ende.</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>Bewegung</translation>
    </message>
    <message>
        <source>time step</source>
        <translation>Zeitschritt</translation>
    </message>
    <message>
        <source>time of the last row</source>
        <translation>Zeit der letzten Zeile</translation>
    </message>
    <message>
        <source>Halving needs a given step on the ledge. Select the card of the time step.</source>
        <translation>Halbieren braucht einen gegebenen Schritt auf dem Sims. Wählen Sie die Karte des Zeitschritts.</translation>
    </message>
    <message>
        <source>Halved steps</source>
        <translation>Halbierte Schritte</translation>
    </message>
    <message>
        <source>of the method: halving the step divides the error by 2 to this power</source>
        <translation>des Verfahrens: Halbieren des Schritts teilt den Fehler durch 2 hoch diese Zahl</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>Order seen</source>
        <translation>Gesehene Ordnung</translation>
    </message>
    <message>
        <source>Extrapolated</source>
        <translation>Extrapoliert</translation>
    </message>
    <message>
        <source>Estimated error</source>
        <translation>Geschätzter Fehler</translation>
    </message>
    <message>
        <source>the changes shrink as the order says</source>
        <translation>die Änderungen schrumpfen, wie die Ordnung sagt</translation>
    </message>
    <message>
        <source>Halving the step does not yet change the value as a method of this order does. The extrapolated value cannot be relied on.</source>
        <translation>Halbieren des Schritts ändert den Wert noch nicht so, wie es ein Verfahren dieser Ordnung tut. Auf den extrapolierten Wert ist kein Verlass.</translation>
    </message>
    <message>
        <source>This needs two columns of numbers of one table: select the quantity and what it changes with.</source>
        <translation>Dazu braucht es zwei Zahlenspalten einer Tabelle: wählen Sie die Größe und das, womit sie sich ändert.</translation>
    </message>
    <message>
        <source>Rate of change of %1</source>
        <translation>Änderungsrate von %1</translation>
    </message>
    <message>
        <source>Running integral of %1</source>
        <translation>Laufendes Integral von %1</translation>
    </message>
    <message>
        <source>Comparing needs two measured columns, and two columns of another table that is the model.</source>
        <translation>Vergleichen braucht zwei gemessene Spalten und zwei Spalten einer anderen Tabelle, die das Modell ist.</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Residual</source>
        <translation>Residuum</translation>
    </message>
    <message>
        <source>root mean square of the residuals</source>
        <translation>Wurzel des mittleren Quadrats der Residuen</translation>
    </message>
    <message>
        <source>standard deviation s of a sample (n − 1)</source>
        <translation>Standardabweichung s einer Stichprobe (n − 1)</translation>
    </message>
    <message>
        <source>standard deviation σ of a whole population (n)</source>
        <translation>Standardabweichung σ einer Grundgesamtheit (n)</translation>
    </message>
    <message>
        <source>most frequent (all modes)</source>
        <translation>am häufigsten (alle Modalwerte)</translation>
    </message>
    <message>
        <source>The type of quantile must be a whole number from 1 to 11.</source>
        <translation>Der Quantiltyp muss eine ganze Zahl von 1 bis 11 sein.</translation>
    </message>
    <message>
        <source>a whole number from 1 to 9, exclusive or inclusive</source>
        <translation>eine ganze Zahl von 1 bis 9, exclusive oder inclusive</translation>
    </message>
    <message>
        <source>Dot plot of values</source>
        <translation>Punktdiagramm der Werte</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>gilt</translation>
    </message>
    <message>
        <source>does not hold</source>
        <translation>gilt nicht</translation>
    </message>
    <message>
        <source>Times noted</source>
        <translation>Wie oft notiert</translation>
    </message>
    <message>
        <source>no species is noted twice at a site</source>
        <translation>keine Art ist an einem Ort zweimal notiert</translation>
    </message>
    <message>
        <source>A species is noted more than once at a site. Its numbers are added up: look whether that is meant.</source>
        <translation>Eine Art ist an einem Ort mehrfach notiert. Ihre Anzahlen werden addiert: sehen Sie nach, ob das gemeint ist.</translation>
    </message>
    <message>
        <source>%1, pooled</source>
        <translation>%1, zusammengefasst</translation>
    </message>
    <message>
        <source>every group has two values or more</source>
        <translation>jede Gruppe hat mindestens zwei Werte</translation>
    </message>
    <message>
        <source>A group with one value has no spread, so its mean stands without ±. Collect more, or leave the group out.</source>
        <translation>Eine Gruppe mit einem Wert hat keine Streuung, daher steht ihr Mittelwert ohne ±. Erheben Sie mehr, oder lassen Sie die Gruppe weg.</translation>
    </message>
    <message>
        <source>%1 needs these columns, selected from left to right: %2.</source>
        <translation>%1 braucht diese Spalten, von links nach rechts ausgewählt: %2.</translation>
    </message>
    <message>
        <source>midpoint</source>
        <translation>Klassenmitte</translation>
    </message>
    <message>
        <source>frequency</source>
        <translation>Häufigkeit</translation>
    </message>
    <message>
        <source>lower boundary</source>
        <translation>untere Grenze</translation>
    </message>
    <message>
        <source>upper boundary</source>
        <translation>obere Grenze</translation>
    </message>
    <message>
        <source>how many values lie below it</source>
        <translation>wie viele Werte darunter liegen</translation>
    </message>
    <message>
        <source>row of the class in which it lies</source>
        <translation>Zeile der Klasse, in der es liegt</translation>
    </message>
    <message>
        <source>values below that class</source>
        <translation>Werte unter dieser Klasse</translation>
    </message>
    <message>
        <source>modal class and interpolated mode, from classes</source>
        <translation>Modalklasse und interpolierter Modalwert, aus Klassen</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>above the class before</source>
        <translation>über der Klasse davor</translation>
    </message>
    <message>
        <source>above the class after</source>
        <translation>über der Klasse danach</translation>
    </message>
    <message>
        <source>the mode is in the modal class</source>
        <translation>der Modalwert liegt in der Modalklasse</translation>
    </message>
    <message>
        <source>The modal class has a neighbour of the same density.</source>
        <translation>Die Modalklasse hat einen Nachbarn gleicher Dichte.</translation>
    </message>
    <message>
        <source>mean and standard deviation from classes, of a sample</source>
        <translation>Mittelwert und Standardabweichung aus Klassen, einer Stichprobe</translation>
    </message>
    <message>
        <source>mean and standard deviation from classes, of a population</source>
        <translation>Mittelwert und Standardabweichung aus Klassen, einer Grundgesamtheit</translation>
    </message>
    <message>
        <source>first quartile, from classes</source>
        <translation>erstes Quartil, aus Klassen</translation>
    </message>
    <message>
        <source>median, from classes</source>
        <translation>Median, aus Klassen</translation>
    </message>
    <message>
        <source>third quartile, from classes</source>
        <translation>drittes Quartil, aus Klassen</translation>
    </message>
    <message>
        <source>Σx² − (Σx)²/n</source>
        <translation>Σx² − (Σx)²/n</translation>
    </message>
    <message>
        <source>the sums by hand give the measure</source>
        <translation>die Summen von Hand geben das Maß</translation>
    </message>
    <message>
        <source>The two sums nearly cancel, so that rounding shows. Use the deviations from the mean.</source>
        <translation>Die beiden Summen heben sich fast auf, sodass die Rundung sichtbar wird. Nehmen Sie die Abweichungen vom Mittelwert.</translation>
    </message>
    <message>
        <source>standard deviation of a sample, by Σx² − (Σx)²/n</source>
        <translation>Standardabweichung einer Stichprobe, über Σx² − (Σx)²/n</translation>
    </message>
    <message>
        <source>standard deviation of a population, by Σx² − (Σx)²/n</source>
        <translation>Standardabweichung einer Grundgesamtheit, über Σx² − (Σx)²/n</translation>
    </message>
    <message>
        <source>The sums nearly cancel, so that rounding shows. Use the deviations from the means.</source>
        <translation>Die Summen heben sich fast auf, sodass die Rundung sichtbar wird. Nehmen Sie die Abweichungen von den Mittelwerten.</translation>
    </message>
    <message>
        <source>x of a pair</source>
        <translation>x eines Paars</translation>
    </message>
    <message>
        <source>y of a pair</source>
        <translation>y eines Paars</translation>
    </message>
    <message>
        <source>x²</source>
        <translation>x²</translation>
    </message>
    <message>
        <source>y²</source>
        <translation>y²</translation>
    </message>
    <message>
        <source>number of pairs</source>
        <translation>Anzahl der Paare</translation>
    </message>
    <message>
        <source>Σy² − (Σy)²/n</source>
        <translation>Σy² − (Σy)²/n</translation>
    </message>
    <message>
        <source>Σxy − Σx Σy/n</source>
        <translation>Σxy − Σx Σy/n</translation>
    </message>
    <message>
        <source>the sums by hand give the correlation</source>
        <translation>die Summen von Hand geben die Korrelation</translation>
    </message>
    <message>
        <source>the sums by hand give the slope</source>
        <translation>die Summen von Hand geben die Steigung</translation>
    </message>
    <message>
        <source>the sums by hand give the intercept</source>
        <translation>die Summen von Hand geben den Achsenabschnitt</translation>
    </message>
    <message>
        <source>correlation and regression line, by Sxx, Sxy and Syy</source>
        <translation>Korrelation und Regressionsgerade, über Sxx, Sxy und Syy</translation>
    </message>
    <message>
        <source>The study is still being computed. Make the report when it is ready.</source>
        <translation>Die Studie wird noch berechnet. Erstellen Sie den Bericht, wenn sie fertig ist.</translation>
    </message>
    <message>
        <source>%1 cannot be read.</source>
        <translation>%1 kann nicht gelesen werden.</translation>
    </message>
    <message>
        <source>There is no report yet.</source>
        <translation>Es gibt noch keinen Bericht.</translation>
    </message>
    <message>
        <source>The report could not be painted. Choose another paper.</source>
        <translation>Der Bericht konnte nicht gezeichnet werden. Wählen Sie ein anderes Papier.</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Formula</source>
        <translation>Formel</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>%1 rows are left out here</source>
        <translation>%1 Zeilen sind hier ausgelassen</translation>
    </message>
    <message>
        <source>Working of %1</source>
        <translation>Rechenweg von %1</translation>
    </message>
    <message>
        <source>Checks</source>
        <translation>Prüfungen</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>Sources of the methods</source>
        <translation>Quellen der Verfahren</translation>
    </message>
    <message>
        <source>continues</source>
        <translation>Fortsetzung</translation>
    </message>
    <message>
        <source>how fast the motion changes: the root of the acceleration by position, or that by velocity</source>
        <translation>wie schnell sich die Bewegung ändert: die Wurzel der Beschleunigung nach dem Ort oder die nach der Geschwindigkeit</translation>
    </message>
    <message>
        <source>A report is written as .pdf, .html, .odt or .tex, but this name ends in none of them: %1.</source>
        <translation>Ein Bericht wird als .pdf, .html, .odt oder .tex geschrieben, doch dieser Name endet auf keines davon: %1.</translation>
    </message>
    <message>
        <source>%1 is not a number. Type the value up to which the curve is read.</source>
        <translation>%1 ist keine Zahl. Geben Sie den Wert ein, bis zu dem die Kurve abgelesen wird.</translation>
    </message>
    <message>
        <source>--report needs one study: ledgefall STUDY --report FILE.</source>
        <translation>--report braucht eine Studie: ledgefall STUDIE --report DATEI.</translation>
    </message>
    <message>
        <source>--rows needs a whole number, --paper a4 or letter, and --formulas mathematics, typed or none.</source>
        <translation>--rows braucht eine ganze Zahl, --paper a4 oder letter und --formulas mathematics, typed oder none.</translation>
    </message>
    <message>
        <source>%1 is there already and would be replaced. Give the report another name.</source>
        <translation>%1 gibt es schon und würde ersetzt. Geben Sie dem Bericht einen anderen Namen.</translation>
    </message>
    <message>
        <source>density, per unit of width</source>
        <translation>Dichte, je Einheit der Breite</translation>
    </message>
    <message>
        <source>%1 has formulas for parts of its rows: %2.</source>
        <translation>%1 hat Formeln für Teile der Zeilen: %2.</translation>
    </message>
    <message>
        <source>In %1, values are typed over the formula: %2.</source>
        <translation>In %1 sind Werte über die Formel getippt: %2.</translation>
    </message>
    <message>
        <source>Two of the columns are called %1. Give each a name of its own.</source>
        <translation>Zwei der Spalten heißen %1. Geben Sie jeder einen eigenen Namen.</translation>
    </message>
    <message>
        <source>every site is in the matrix once</source>
        <translation>jeder Ort steht einmal in der Matrix</translation>
    </message>
    <message>
        <source>Two sites have the same name, or a site has none. Name each differently.</source>
        <translation>Zwei Orte heißen gleich, oder ein Ort hat keinen Namen. Benennen Sie jeden anders.</translation>
    </message>
    <message>
        <source>every value belongs to a group</source>
        <translation>jeder Wert gehört zu einer Gruppe</translation>
    </message>
    <message>
        <source>Some values belong to none of the groups that are counted here. Look for empty or new names.</source>
        <translation>Einige Werte gehören zu keiner der hier gezählten Gruppen. Suchen Sie nach leeren oder neuen Namen.</translation>
    </message>
    <message>
        <source>how the classes were chosen</source>
        <translation>wie die Klassen gewählt wurden</translation>
    </message>
    <message>
        <source>The start, the time step and the end of a motion must be numbers.</source>
        <translation>Anfang, Zeitschritt und Ende einer Bewegung müssen Zahlen sein.</translation>
    </message>
    <message>
        <source>limits changed afterwards</source>
        <translation>Grenzen nachträglich geändert</translation>
    </message>
    <message>
        <source>This study is a handout itself. Open the study from which it was made.</source>
        <translation>Diese Studie ist selbst ein Arbeitsblatt. Öffne die Studie, aus der es gemacht wurde.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made.</source>
        <translation>Der Ordner %1 kann nicht angelegt werden.</translation>
    </message>
    <message>
        <source>Choose a row of the table Answers in a study of marks; its submission is opened beside the key.</source>
        <translation>Wähle eine Zeile der Tabelle Answers in einer Studie mit Bewertungen; ihre Abgabe wird neben der Lösung geöffnet.</translation>
    </message>
    <message>
        <source>Item</source>
        <translation>Aufgabe</translation>
    </message>
    <message>
        <source>Outcome</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Slip</source>
        <translation>Versehen</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>Feedback</source>
        <translation>Rückmeldung</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Remark</source>
        <translation>Bemerkung</translation>
    </message>
    <message>
        <source>Points by student and item</source>
        <translation>Punkte nach Namen und Aufgabe</translation>
    </message>
    <message>
        <source>Student</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Totals</source>
        <translation>Summen</translation>
    </message>
    <message>
        <source>sd</source>
        <translation>sd</translation>
    </message>
    <message>
        <source>Distribution of per cent</source>
        <translation>Verteilung der Prozente</translation>
    </message>
    <message>
        <source>Slips by item</source>
        <translation>Versehen nach Aufgabe</translation>
    </message>
    <message>
        <source>Right.</source>
        <translation>Richtig.</translation>
    </message>
    <message>
        <source>Right: the formula is right, and goes on from your own earlier result.</source>
        <translation>Richtig: Die Formel stimmt und rechnet mit deinem eigenen früheren Ergebnis weiter.</translation>
    </message>
    <message>
        <source>The numbers are right here, but they do not follow the data: %1</source>
        <translation>Die Zahlen stimmen hier, folgen aber den Daten nicht: %1</translation>
    </message>
    <message>
        <source>The numbers are right here, but they do not follow the data.</source>
        <translation>Die Zahlen stimmen hier, folgen aber den Daten nicht.</translation>
    </message>
    <message>
        <source>The result differs from what was asked, first in row %1.</source>
        <translation>Das Ergebnis weicht vom Gefragten ab, zuerst in Zeile %1.</translation>
    </message>
    <message>
        <source>The result differs from what was asked.</source>
        <translation>Das Ergebnis weicht vom Gefragten ab.</translation>
    </message>
    <message>
        <source>Nothing is filled in.</source>
        <translation>Es ist nichts ausgefüllt.</translation>
    </message>
    <message>
        <source>It cannot be computed. %1</source>
        <translation>Es lässt sich nicht berechnen. %1</translation>
    </message>
    <message>
        <source>Answers</source>
        <translation>Antworten</translation>
    </message>
    <message>
        <source>Submissions</source>
        <translation>Abgaben</translation>
    </message>
    <message>
        <source>The division is the wrong way round.</source>
        <translation>Die Division ist verkehrt herum.</translation>
    </message>
    <message>
        <source>It divides by n where n − 1 belongs.</source>
        <translation>Es wird durch n geteilt, wo n − 1 hingehört.</translation>
    </message>
    <message>
        <source>It divides by n − 1 where n belongs.</source>
        <translation>Es wird durch n − 1 geteilt, wo n hingehört.</translation>
    </message>
    <message>
        <source>It takes the sum in place of the mean.</source>
        <translation>Statt des Mittelwerts steht die Summe.</translation>
    </message>
    <message>
        <source>A square is missing.</source>
        <translation>Ein Quadrat fehlt.</translation>
    </message>
    <message>
        <source>The square root is missing.</source>
        <translation>Die Wurzel fehlt.</translation>
    </message>
    <message>
        <source>It gives per cent where a share is asked.</source>
        <translation>Es sind Prozente, gefragt ist ein Anteil.</translation>
    </message>
    <message>
        <source>It gives a share where per cent is asked.</source>
        <translation>Es ist ein Anteil, gefragt sind Prozente.</translation>
    </message>
    <message>
        <source>A sign is the wrong way round.</source>
        <translation>Ein Vorzeichen ist verkehrt.</translation>
    </message>
    <message>
        <source>An angle is in degrees where radians belong, or the reverse.</source>
        <translation>Ein Winkel steht in Grad, wo Radiant hingehört, oder umgekehrt.</translation>
    </message>
    <message>
        <source>The logarithm has another base.</source>
        <translation>Der Logarithmus hat eine andere Basis.</translation>
    </message>
    <message>
        <source>The wrong end of the class is closed.</source>
        <translation>Das falsche Ende der Klasse ist eingeschlossen.</translation>
    </message>
    <message>
        <source>The first value of the recurrence is missing or another one.</source>
        <translation>Der erste Wert der Rekursion fehlt oder ist ein anderer.</translation>
    </message>
    <message>
        <source>It takes the new value of a step for the old one, or the reverse.</source>
        <translation>Es steht der neue Wert eines Schritts statt des alten, oder umgekehrt.</translation>
    </message>
    <message>
        <source>A value that should stay put follows the row.</source>
        <translation>Ein Wert, der feststehen soll, folgt der Zeile.</translation>
    </message>
    <message>
        <source>A value that should follow the row is held.</source>
        <translation>Ein Wert, der der Zeile folgen soll, steht fest.</translation>
    </message>
    <message>
        <source>The range is one row too short.</source>
        <translation>Der Bereich ist eine Zeile zu kurz.</translation>
    </message>
    <message>
        <source>The range is one row too long.</source>
        <translation>Der Bereich ist eine Zeile zu lang.</translation>
    </message>
    <message>
        <source>It uses a neighbouring column.</source>
        <translation>Es ist eine benachbarte Spalte verwendet.</translation>
    </message>
    <message>
        <source>%1 (points: %2)</source>
        <translation>%1 (Punkte: %2)</translation>
    </message>
    <message>
        <source>Nothing is asked. Tick what the student is to fill in.</source>
        <translation>Es ist nichts gefragt. Kreuze an, was auszufüllen ist.</translation>
    </message>
    <message>
        <source>%1 has no class limits that could be asked.</source>
        <translation>%1 hat keine Klassengrenzen, nach denen gefragt werden könnte.</translation>
    </message>
    <message>
        <source>The formula of %1 contains that of %2, %3. Ask for %1 too, or use the name of %2 in it.</source>
        <translation>Die Formel von %1 enthält die von %2, %3. Frage auch nach %1, oder verwende darin den Namen von %2.</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>Zeile %1</translation>
    </message>
    <message>
        <source>There is no %1 in this study. Write TABLE.COLUMN, TABLE.LABEL of a foot line, or ledge.NAME.</source>
        <translation>In dieser Studie gibt es kein %1. Schreibe TABELLE.SPALTE, TABELLE.BEZEICHNUNG einer Fußzeile oder ledge.NAME.</translation>
    </message>
    <message>
        <source>Choose the class limits of %1.</source>
        <translation>Wähle die Klassengrenzen von %1.</translation>
    </message>
    <message>
        <source>Write the formula of the foot line %1.</source>
        <translation>Schreibe die Formel der Fußzeile %1.</translation>
    </message>
    <message>
        <source>Write the formula of %1.</source>
        <translation>Schreibe die Formel von %1.</translation>
    </message>
    <message>
        <source>Give the value of %1.</source>
        <translation>Gib den Wert von %1 an.</translation>
    </message>
    <message>
        <source>Fill in the values of %1.</source>
        <translation>Fülle die Werte von %1 aus.</translation>
    </message>
    <message>
        <source>%1 has no given values that could be varied.</source>
        <translation>%1 hat keine gegebenen Werte, die verändert werden könnten.</translation>
    </message>
    <message>
        <source>%1 is on the list twice. Add something that tells the two apart.</source>
        <translation>%1 steht zweimal auf der Liste. Füge etwas hinzu, das die beiden unterscheidet.</translation>
    </message>
    <message>
        <source>There is no name on the list.</source>
        <translation>Auf der Liste steht kein Name.</translation>
    </message>
    <message>
        <source>The settings are locked in this handout. Only what is asked can be changed.</source>
        <translation>Die Einstellungen sind in diesem Arbeitsblatt gesperrt. Nur das Gefragte lässt sich ändern.</translation>
    </message>
    <message>
        <source>%1 is locked in this handout. Change what is asked, or add columns and held values of your own.</source>
        <translation>%1 ist in diesem Arbeitsblatt gesperrt. Ändere, was gefragt ist, oder füge eigene Spalten und feste Werte hinzu.</translation>
    </message>
    <message>
        <source>Feedback for %1</source>
        <translation>Rückmeldung für %1</translation>
    </message>
    <message>
        <source>Asked</source>
        <translation>Gefragt</translation>
    </message>
    <message>
        <source>Yours</source>
        <translation>Deins</translation>
    </message>
    <message>
        <source>The working of what was asked, in row %1</source>
        <translation>Der Rechenweg des Gefragten, in Zeile %1</translation>
    </message>
    <message>
        <source>Your working there</source>
        <translation>Dein Rechenweg dort</translation>
    </message>
    <message>
        <source>There is no handout of this study in %1.</source>
        <translation>In %1 ist kein Arbeitsblatt dieser Studie.</translation>
    </message>
    <message>
        <source>The file has %1 MB. A submission may have %2 MB.</source>
        <translation>Die Datei hat %1 MB. Eine Abgabe darf %2 MB haben.</translation>
    </message>
    <message>
        <source>This study is not a handout.</source>
        <translation>Diese Studie ist kein Arbeitsblatt.</translation>
    </message>
    <message>
        <source>This is a handout of another study.</source>
        <translation>Das ist ein Arbeitsblatt einer anderen Studie.</translation>
    </message>
    <message>
        <source>The handout is from another state of the key. It was marked all the same.</source>
        <translation>Das Arbeitsblatt stammt von einem anderen Stand der Lösung. Es wurde trotzdem bewertet.</translation>
    </message>
    <message>
        <source>It could not be marked within %1 seconds.</source>
        <translation>Es konnte in %1 Sekunden nicht bewertet werden.</translation>
    </message>
    <message>
        <source>There is not enough memory to mark it.</source>
        <translation>Der Speicher reicht nicht, um es zu bewerten.</translation>
    </message>
    <message>
        <source>Another submission has the name %1 too.</source>
        <translation>Eine andere Abgabe hat auch den Namen %1.</translation>
    </message>
    <message>
        <source>Marks of %1</source>
        <translation>Bewertung von %1</translation>
    </message>
    <message>
        <source>The folder %1 cannot be read.</source>
        <translation>Der Ordner %1 kann nicht gelesen werden.</translation>
    </message>
    <message>
        <source>There are more than %1 files in %2. Mark a smaller folder at a time.</source>
        <translation>In %2 sind mehr als %1 Dateien. Bewerte einen kleineren Ordner auf einmal.</translation>
    </message>
    <message>
        <source>There are no files in %1.</source>
        <translation>In %1 sind keine Dateien.</translation>
    </message>
    <message>
        <source>What is asked</source>
        <translation>Was gefragt ist</translation>
    </message>
    <message>
        <source>%1 cannot be the name of a file. Leave out slashes, and do not begin with a point.</source>
        <translation>%1 kann kein Dateiname sein. Lass Schrägstriche weg, und beginne nicht mit einem Punkt.</translation>
    </message>
</context>
<context>
    <name>Value</name>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
</context>
<context>
    <name>ledgefall::BarsPlot</name>
    <message>
        <source>%1 to %2: %3 %4</source>
        <translation>%1 bis %2: %3 %4</translation>
    </message>
</context>
<context>
    <name>ledgefall::BoxesPlot</name>
    <message>
        <source>%1, row %2: %3</source>
        <translation>%1, Zeile %2: %3</translation>
    </message>
    <message>
        <source>%1: n %2, smallest %3, lower quartile %4, median %5, upper quartile %6, largest %7</source>
        <translation>%1: n %2, kleinster Wert %3, unteres Quartil %4, Median %5, oberes Quartil %6, größter Wert %7</translation>
    </message>
</context>
<context>
    <name>ledgefall::CategoryDialog</name>
    <message>
        <source>Frequency table of %1</source>
        <translation>Häufigkeitstabelle von %1</translation>
    </message>
    <message>
        <source>One &amp;row for</source>
        <translation>Eine &amp;Zeile für</translation>
    </message>
    <message>
        <source>&amp;Order</source>
        <translation>&amp;Reihenfolge</translation>
    </message>
    <message>
        <source>separated by commas; the others follow in that order</source>
        <translation>durch Kommas getrennt; die übrigen folgen in dieser Reihenfolge</translation>
    </message>
    <message>
        <source>These values &amp;first</source>
        <translation>Diese Werte &amp;zuerst</translation>
    </message>
    <message>
        <source>Rows: %1. %2%3</source>
        <translation>Zeilen: %1. %2%3</translation>
    </message>
    <message>
        <source>, …</source>
        <translation>, …</translation>
    </message>
    <message>
        <source>Each different value</source>
        <translation>Jeden verschiedenen Wert</translation>
    </message>
    <message>
        <source>Each month</source>
        <translation>Jeden Monat</translation>
    </message>
    <message>
        <source>Each year</source>
        <translation>Jedes Jahr</translation>
    </message>
    <message>
        <source>Each day of the week</source>
        <translation>Jeden Wochentag</translation>
    </message>
    <message>
        <source>In order of occurrence</source>
        <translation>In der Reihenfolge ihres Auftretens</translation>
    </message>
    <message>
        <source>Ascending or alphabetical</source>
        <translation>Aufsteigend oder alphabetisch</translation>
    </message>
    <message>
        <source>Most frequent first</source>
        <translation>Die häufigsten zuerst</translation>
    </message>
    <message>
        <source>Share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>Per cent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>Cumulative</source>
        <translation>Kumuliert</translation>
    </message>
    <message>
        <source>Tally</source>
        <translation>Strichliste</translation>
    </message>
    <message>
        <source>Draw a &amp;bar chart</source>
        <translation>Und die &amp;Balken dazu zeichnen</translation>
    </message>
    <message>
        <source>Include</source>
        <translation>Mit</translation>
    </message>
    <message>
        <source>Make table</source>
        <translation>Tabelle anlegen</translation>
    </message>
</context>
<context>
    <name>ledgefall::CellDelegate</name>
    <message>
        <source>type to add a row</source>
        <translation>hier tippen für eine weitere Zeile</translation>
    </message>
    <message>
        <source>Row %1</source>
        <translation>Zeile %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartCommands</name>
    <message>
        <source>Show &amp;all</source>
        <translation>&amp;Alles zeigen</translation>
    </message>
    <message>
        <source>removing a chart</source>
        <translation>Diagramm entfernen</translation>
    </message>
    <message>
        <source>graph plot draw diagram histogram scatter line bars</source>
        <translation>Graph Diagramm zeichnen Histogramm Streudiagramm Linie Balken Schaubild</translation>
    </message>
    <message>
        <source>%1, rows %2 to %3</source>
        <translation>%1, Zeilen %2 bis %3</translation>
    </message>
    <message>
        <source>chart</source>
        <translation>Diagramm</translation>
    </message>
    <message>
        <source>&amp;Chart selected columns</source>
        <translation>&amp;Diagramm der ausgewählten Spalten</translation>
    </message>
    <message>
        <source>Chan&amp;ge chart…</source>
        <translation>Diagramm &amp;ändern …</translation>
    </message>
    <message>
        <source>Zoom &amp;in on chart</source>
        <translation>In das Diagramm &amp;hineinzoomen</translation>
    </message>
    <message>
        <source>Zoom &amp;out of chart</source>
        <translation>Aus dem Diagramm h&amp;erauszoomen</translation>
    </message>
    <message>
        <source>Move chart &amp;below or beside table</source>
        <translation>&amp;Unter der Tabelle oder daneben</translation>
    </message>
    <message>
        <source>Co&amp;py image</source>
        <translation>Bild &amp;kopieren</translation>
    </message>
    <message>
        <source>&amp;Save image as…</source>
        <translation>Bild in eine Datei &amp;schreiben …</translation>
    </message>
    <message>
        <source>&amp;Hide chart</source>
        <translation>Diagramm aus&amp;blenden</translation>
    </message>
    <message>
        <source>&amp;Remove chart from study</source>
        <translation>Diagramm aus der Studie &amp;entfernen</translation>
    </message>
    <message>
        <source>new chart</source>
        <translation>ein Diagramm</translation>
    </message>
    <message>
        <source>chart changes</source>
        <translation>das Diagramm</translation>
    </message>
    <message>
        <source>Hold a &amp;reading of the cumulative curve…</source>
        <translation>A&amp;blesung der Summenkurve festhalten …</translation>
    </message>
    <message>
        <source>read off ogive share proportion up to percentile</source>
        <translation>ablesen Ogive Anteil bis Perzentil</translation>
    </message>
    <message>
        <source>Read a cumulative curve</source>
        <translation>Summenkurve ablesen</translation>
    </message>
    <message>
        <source>Share of the values up to</source>
        <translation>Anteil der Werte bis</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartDialog</name>
    <message>
        <source>at y</source>
        <translation>bei y</translation>
    </message>
    <message>
        <source>at x</source>
        <translation>bei x</translation>
    </message>
    <message>
        <source>centre x</source>
        <translation>Mittelpunkt x</translation>
    </message>
    <message>
        <source>centre y</source>
        <translation>Mittelpunkt y</translation>
    </message>
    <message>
        <source>radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>from y</source>
        <translation>von y</translation>
    </message>
    <message>
        <source>to y</source>
        <translation>bis y</translation>
    </message>
    <message>
        <source>from x</source>
        <translation>von x</translation>
    </message>
    <message>
        <source>to x</source>
        <translation>bis x</translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation>&amp;Titel</translation>
    </message>
    <message>
        <source>Axes</source>
        <translation>Achsen</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>label in the legend</source>
        <translation>Beschriftung in der Legende</translation>
    </message>
    <message>
        <source>of</source>
        <translation>von</translation>
    </message>
    <message>
        <source>over</source>
        <translation>über</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Horizontal line</source>
        <translation>Waagerechte Linie</translation>
    </message>
    <message>
        <source>Vertical line</source>
        <translation>Senkrechte Linie</translation>
    </message>
    <message>
        <source>Circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>Range of y</source>
        <translation>Bereich in der Höhe</translation>
    </message>
    <message>
        <source>Range of x</source>
        <translation>Bereich in der Breite</translation>
    </message>
    <message>
        <source>Chart</source>
        <translation>Das Diagramm</translation>
    </message>
    <message>
        <source>Draw chart</source>
        <translation>Diagramm zeichnen</translation>
    </message>
    <message>
        <source>Series</source>
        <translation>Was gezeichnet wird</translation>
    </message>
    <message>
        <source>Add &amp;series</source>
        <translation>Weitere &amp;Reihe</translation>
    </message>
    <message>
        <source>x axis</source>
        <translation>waagerecht</translation>
    </message>
    <message>
        <source>y axis</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>right axis</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>&amp;Equal scales on both axes</source>
        <translation>&amp;Gleiche Maßstäbe: eine Einheit ist waagerecht so lang wie nach oben</translation>
    </message>
    <message>
        <source>&amp;Read quartiles and median from a cumulative curve</source>
        <translation>Quartile und Median an einer Summenkurve &amp;ablesen</translation>
    </message>
    <message>
        <source>&amp;Name classes by their midpoints, not their boundaries</source>
        <translation>Klassen an ihrer &amp;Mitte benennen statt an den Grenzen</translation>
    </message>
    <message>
        <source>Above the chart</source>
        <translation>Über dem Bild</translation>
    </message>
    <message>
        <source>Upper left corner</source>
        <translation>In der linken oberen Ecke</translation>
    </message>
    <message>
        <source>Upper right corner</source>
        <translation>In der rechten oberen Ecke</translation>
    </message>
    <message>
        <source>Lower left corner</source>
        <translation>In der linken unteren Ecke</translation>
    </message>
    <message>
        <source>Lower right corner</source>
        <translation>In der rechten unteren Ecke</translation>
    </message>
    <message>
        <source>Legend position</source>
        <translation>Platz der Legende</translation>
    </message>
    <message>
        <source>Legend</source>
        <translation>Die Legende steht</translation>
    </message>
    <message>
        <source>Draw &amp;all rows, not only the selected ones</source>
        <translation>&amp;Alle Zeilen zeichnen, nicht nur die ausgewählten</translation>
    </message>
    <message>
        <source>Reference lines, circles and ranges; their numbers can be formulas</source>
        <translation>Linien, Kreise und Bereiche daneben; ihre Zahlen dürfen Formeln sein</translation>
    </message>
    <message>
        <source>Add &amp;line, circle or range</source>
        <translation>Eine &amp;Linie, ein Kreis oder ein Bereich</translation>
    </message>
    <message>
        <source>title (default: column name)</source>
        <translation>Titel; leer: aus der Spalte</translation>
    </message>
    <message>
        <source>Logarithmic</source>
        <translation>Logarithmisch</translation>
    </message>
    <message>
        <source>Row number</source>
        <translation>Zeilennummer</translation>
    </message>
    <message>
        <source>Form of the series</source>
        <translation>Form der Hilfslinie</translation>
    </message>
    <message>
        <source>Fitted line</source>
        <translation>Mit Ausgleichsgerade</translation>
    </message>
    <message>
        <source>No error bars</source>
        <translation>Keine Fehlerbalken</translation>
    </message>
    <message>
        <source>Standard error of the mean</source>
        <translation>Der Standardfehler des Mittelwerts</translation>
    </message>
    <message>
        <source>Error bars</source>
        <translation>Fehlerbalken</translation>
    </message>
    <message>
        <source>On the right axis</source>
        <translation>An der rechten Achse</translation>
    </message>
    <message>
        <source>Remove series</source>
        <translation>Diese Reihe entfernen</translation>
    </message>
    <message>
        <source>Form of the reference</source>
        <translation>Form der Hilfslinie</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation>Diagramm: %1</translation>
    </message>
    <message>
        <source>Per class width</source>
        <translation>Je Klassenbreite</translation>
    </message>
    <message>
        <source>Every other series over classes &amp;downwards, back to back</source>
        <translation>Jede zweite Reihe über Klassen nach &amp;unten, Rücken an Rücken</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPage</name>
    <message>
        <source>Hide the chart; it stays in the contents</source>
        <translation>Diagramm ausblenden; es bleibt im Inhalt</translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation>Diagramm: %1</translation>
    </message>
    <message>
        <source>Change the chart</source>
        <translation>Ändern, was das Diagramm zeichnet und wie</translation>
    </message>
    <message>
        <source>Show all (Home)</source>
        <translation>Wieder alles zeigen (Pos1)</translation>
    </message>
    <message>
        <source>Copy image</source>
        <translation>Bild kopieren</translation>
    </message>
    <message>
        <source>Save image as PNG, SVG or PDF</source>
        <translation>Bild in eine Datei schreiben: PNG, SVG oder PDF</translation>
    </message>
    <message>
        <source>Leave a trail: while a held value slides, keep the last few lines faintly</source>
        <translation>Eine Spur lassen: während ein festgehaltener Wert gleitet, bleiben die letzten Linien blass stehen</translation>
    </message>
    <message>
        <source>Move the chart below or beside the table</source>
        <translation>Diagramm unter die Tabelle oder daneben stellen</translation>
    </message>
    <message>
        <source>legend position</source>
        <translation>Platz der Legende</translation>
    </message>
    <message>
        <source>Rows that cannot be drawn: %1.</source>
        <translation>Zeilen ohne einen Wert, der sich zeichnen lässt: %1.</translation>
    </message>
    <message>
        <source>Save image</source>
        <translation>Bild schreiben</translation>
    </message>
    <message>
        <source>Images (*.png *.svg *.pdf)</source>
        <translation>Bilder (*.png *.svg *.pdf)</translation>
    </message>
    <message>
        <source>Equal scales: a unit is as long across as it is up</source>
        <translation>Gleicher Maßstab: eine Einheit ist waagerecht so lang wie senkrecht</translation>
    </message>
    <message>
        <source>equal scales</source>
        <translation>gleicher Maßstab</translation>
    </message>
    <message>
        <source>reading of a curve</source>
        <translation>Ablesung einer Kurve</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPlot</name>
    <message>
        <source>Chart</source>
        <translation>Diagramm</translation>
    </message>
    <message>
        <source>up to %1: %2 of all; click to hold this</source>
        <translation>bis %1: %2 von allen; Klick hält dies fest</translation>
    </message>
</context>
<context>
    <name>ledgefall::CheckDialog</name>
    <message>
        <source>%1 adds up to %2</source>
        <translation>%1 summiert sich zu %2</translation>
    </message>
    <message>
        <source>%1 does not add up to %2.</source>
        <translation>%1 summiert sich nicht zu %2.</translation>
    </message>
    <message>
        <source>every %1 is above %2</source>
        <translation>jedes %1 liegt über %2</translation>
    </message>
    <message>
        <source>Not every %1 is above %2.</source>
        <translation>Nicht jedes %1 liegt über %2.</translation>
    </message>
    <message>
        <source>%1 counts every row</source>
        <translation>%1 zählt jeden Wert</translation>
    </message>
    <message>
        <source>The counts in %1 do not add up to n. Some values are in no class, or in two.</source>
        <translation>Die Anzahlen in %1 ergeben zusammen nicht n: manche Werte liegen in keiner Klasse oder in zweien.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Eine Prüfung</translation>
    </message>
    <message>
        <source>A column adds up to a value</source>
        <translation>Eine Spalte summiert sich zu einem Wert</translation>
    </message>
    <message>
        <source>Counts add up to the number of rows of another table</source>
        <translation>Anzahlen summieren sich zur Zeilenzahl einer anderen Tabelle</translation>
    </message>
    <message>
        <source>A condition holds in every row</source>
        <translation>Eine Bedingung gilt in jeder Zeile</translation>
    </message>
    <message>
        <source>Another condition</source>
        <translation>Eine eigene Bedingung</translation>
    </message>
    <message>
        <source>&amp;What to check</source>
        <translation>&amp;Was überwacht wird</translation>
    </message>
    <message>
        <source>Co&amp;lumn</source>
        <translation>&amp;Spalte</translation>
    </message>
    <message>
        <source>&amp;Value</source>
        <translation>&amp;Wert</translation>
    </message>
    <message>
        <source>&amp;Condition</source>
        <translation>&amp;Bedingung</translation>
    </message>
    <message>
        <source>Nam&amp;e</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;Message when it fails</source>
        <translation>&amp;Meldung, wenn sie nicht gilt</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChecksButton</name>
    <message>
        <source>State of the checks</source>
        <translation>Stand der Prüfungen</translation>
    </message>
    <message>
        <source>checks not known yet: %1</source>
        <translation>noch nicht bekannte Prüfungen: %1</translation>
    </message>
    <message>
        <source>failing checks: %1 of %2</source>
        <translation>Prüfungen, die nicht gelten: %1 von %2</translation>
    </message>
    <message>
        <source>checks that hold: %1</source>
        <translation>Prüfungen, die gelten: %1</translation>
    </message>
    <message>
        <source>Every check of the study holds</source>
        <translation>Jede Prüfung der Studie gilt</translation>
    </message>
    <message>
        <source>They are being computed</source>
        <translation>Sie werden berechnet</translation>
    </message>
    <message>
        <source>Go to the first failing check</source>
        <translation>Zur ersten gehen, die nicht gilt</translation>
    </message>
</context>
<context>
    <name>ledgefall::ClassCommands</name>
    <message>
        <source>Make a &amp;handout…</source>
        <translation>&amp;Arbeitsblatt machen …</translation>
    </message>
    <message>
        <source>exercise worksheet assignment class student blank fill in teacher</source>
        <translation>Übung Aufgabe Hausaufgabe Klasse Schüler Studierende leer ausfüllen Lehrer</translation>
    </message>
    <message>
        <source>&amp;Mark a folder…</source>
        <translation>Ordner &amp;bewerten …</translation>
    </message>
    <message>
        <source>grade correct submissions class feedback points teacher</source>
        <translation>benoten korrigieren Abgaben Klasse Rückmeldung Punkte Lehrer</translation>
    </message>
    <message>
        <source>Open this su&amp;bmission beside the key</source>
        <translation>Diese A&amp;bgabe neben der Lösung öffnen</translation>
    </message>
    <message>
        <source>answer mark student compare</source>
        <translation>Antwort Bewertung Schüler vergleichen</translation>
    </message>
    <message>
        <source> handout</source>
        <translation> Arbeitsblatt</translation>
    </message>
    <message>
        <source>what the handout asks</source>
        <translation>wonach das Arbeitsblatt fragt</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>%1 wird geschrieben …</translation>
    </message>
    <message>
        <source>Handouts written: %1, to %2</source>
        <translation>Arbeitsblätter geschrieben: %1, nach %2</translation>
    </message>
    <message>
        <source>Marking %1…</source>
        <translation>%1 wird bewertet …</translation>
    </message>
    <message>
        <source>Submissions marked: %1. The marks are in a window of their own.</source>
        <translation>Bewertete Abgaben: %1. Die Bewertung steht in einem eigenen Fenster.</translation>
    </message>
</context>
<context>
    <name>ledgefall::ClassPreview</name>
    <message>
        <source>Counts of the classes</source>
        <translation>Die Anzahlen der Klassen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ColumnCommands</name>
    <message>
        <source>C&amp;olumns</source>
        <translation>S&amp;palten</translation>
    </message>
    <message>
        <source>&amp;Label, unit and note…</source>
        <translation>&amp;Beschriftung, Einheit und Notiz …</translation>
    </message>
    <message>
        <source>heading title comment</source>
        <translation>Überschrift Titel Bemerkung</translation>
    </message>
    <message>
        <source>&amp;Rename in formulas…</source>
        <translation>In Formeln &amp;umbenennen …</translation>
    </message>
    <message>
        <source>&amp;Insert a column before</source>
        <translation>Spalte davor &amp;einfügen</translation>
    </message>
    <message>
        <source>duplicating a column</source>
        <translation>Spalte verdoppeln</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>kopieren</translation>
    </message>
    <message>
        <source>&amp;Show hidden columns</source>
        <translation>Ausgeblendete Spalten &amp;zeigen</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>löschen</translation>
    </message>
    <message>
        <source>group merge</source>
        <translation>Gruppe zusammenfassen</translation>
    </message>
    <message>
        <source>&amp;More decimals</source>
        <translation>&amp;Mehr Nachkommastellen</translation>
    </message>
    <message>
        <source>&amp;Fewer decimals</source>
        <translation>&amp;Weniger Nachkommastellen</translation>
    </message>
    <message>
        <source>inserting a column</source>
        <translation>Spalte einfügen</translation>
    </message>
    <message>
        <source>moving a column</source>
        <translation>Spalte verschieben</translation>
    </message>
    <message>
        <source>hiding columns</source>
        <translation>Spalten ausblenden</translation>
    </message>
    <message>
        <source>showing columns</source>
        <translation>Spalten zeigen</translation>
    </message>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>&amp;Column menu…</source>
        <translation>&amp;Spalte …</translation>
    </message>
    <message>
        <source>&amp;Duplicate column</source>
        <translation>Spalte &amp;verdoppeln</translation>
    </message>
    <message>
        <source>Move column le&amp;ft</source>
        <translation>Nach &amp;links verschieben</translation>
    </message>
    <message>
        <source>Move column u&amp;p</source>
        <translation>Nach &amp;oben verschieben</translation>
    </message>
    <message>
        <source>Move column ri&amp;ght</source>
        <translation>Nach &amp;rechts verschieben</translation>
    </message>
    <message>
        <source>Move column d&amp;own</source>
        <translation>Nach &amp;unten verschieben</translation>
    </message>
    <message>
        <source>&amp;Hide selected columns</source>
        <translation>Ausgewählte Spalten &amp;ausblenden</translation>
    </message>
    <message>
        <source>Remove column</source>
        <translation>Spalte entfernen</translation>
    </message>
    <message>
        <source>Add a group h&amp;eading…</source>
        <translation>&amp;Überschrift über die ausgewählten Spalten …</translation>
    </message>
    <message>
        <source>Remove group heading</source>
        <translation>Diese Überschrift entfernen</translation>
    </message>
    <message>
        <source>&amp;Widen column</source>
        <translation>&amp;Breiter</translation>
    </message>
    <message>
        <source>&amp;Narrow column</source>
        <translation>&amp;Schmaler</translation>
    </message>
    <message>
        <source>Fi&amp;t column width</source>
        <translation>Breite &amp;anpassen</translation>
    </message>
    <message>
        <source>N&amp;umber format</source>
        <translation>Zahlen&amp;anzeige</translation>
    </message>
    <message>
        <source>Group heading</source>
        <translation>Eine Überschrift über Spalten</translation>
    </message>
    <message>
        <source>Heading for these columns:</source>
        <translation>Eine Beschriftung für diese Spalten zusammen:</translation>
    </message>
    <message>
        <source>new group heading</source>
        <translation>eine Überschrift über Spalten</translation>
    </message>
    <message>
        <source>removing a group heading</source>
        <translation>Überschrift entfernen</translation>
    </message>
    <message>
        <source>Rename group heading in formulas…</source>
        <translation>Gruppenüberschrift in Formeln umbenennen …</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Name of the group of columns in formulas (formulas that use it are updated):</source>
        <translation>Name der Spaltengruppe in Formeln (Formeln, die ihn verwenden, werden angepasst):</translation>
    </message>
    <message>
        <source>renaming</source>
        <translation>umbenennen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ColumnMenu</name>
    <message>
        <source>Label, unit and note…</source>
        <translation>Beschriftung, Einheit und Notiz …</translation>
    </message>
    <message>
        <source>Rename in formulas…</source>
        <translation>In Formeln umbenennen …</translation>
    </message>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>Kind of values</source>
        <translation>Art der Werte</translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>Dates (2026-05-31)</source>
        <translation>Daten (2026-05-31)</translation>
    </message>
    <message>
        <source>kind of values</source>
        <translation>Art der Werte</translation>
    </message>
    <message>
        <source>restoring a formula</source>
        <translation>Formel wiederherstellen</translation>
    </message>
    <message>
        <source>restoring formulas</source>
        <translation>Formeln wiederherstellen</translation>
    </message>
    <message>
        <source>heading</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>renaming</source>
        <translation>umbenennen</translation>
    </message>
    <message>
        <source>removing a column</source>
        <translation>Spalte entfernen</translation>
    </message>
    <message>
        <source>Foot line</source>
        <translation>Fußzeile</translation>
    </message>
    <message>
        <source>Write a formula with each for the column above. Give it a name, as in total = sum(each), to use it in other foot lines: total * rate.</source>
        <translation>Eine Formel, in der each für die Spalte darüber steht. Mit einem Namen davor, wie in total = sum(each), können andere Fußzeilen sie benutzen: total * rate.</translation>
    </message>
    <message>
        <source>Write formula…</source>
        <translation>Ihre Formel schreiben …</translation>
    </message>
    <message>
        <source>Remove column</source>
        <translation>Spalte entfernen</translation>
    </message>
    <message>
        <source>Number format</source>
        <translation>Zahlen anzeigen</translation>
    </message>
    <message>
        <source>Text</source>
        <translation>Texte</translation>
    </message>
    <message>
        <source>Yes/no</source>
        <translation>Ja oder nein</translation>
    </message>
    <message>
        <source>Restore formula in this cell</source>
        <translation>Die Formel in dieser Zelle wiederherstellen</translation>
    </message>
    <message>
        <source>Restore formula in all overridden cells (%1)</source>
        <translation>Die Formel in allen überschriebenen Zellen wiederherstellen (%1)</translation>
    </message>
    <message>
        <source>Name of the column in formulas (formulas that use it are updated):</source>
        <translation>Der Name der Spalte in Formeln; alle Formeln, die ihn verwenden, werden umgeschrieben:</translation>
    </message>
</context>
<context>
    <name>ledgefall::CommandFinder</name>
    <message>
        <source>Find a command, name or table</source>
        <translation>Befehl, Name oder Tabelle suchen</translation>
    </message>
    <message>
        <source>Nothing was found.</source>
        <translation>Es gibt nichts mit diesem Namen.</translation>
    </message>
</context>
<context>
    <name>ledgefall::CompletionList</name>
    <message>
        <source>Completions</source>
        <translation>Vervollständigungen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ContentsPanel</name>
    <message>
        <source>Contents of the study</source>
        <translation>Inhalt der Studie</translation>
    </message>
    <message>
        <source>Tables</source>
        <translation>Tabellen</translation>
    </message>
    <message>
        <source>Charts</source>
        <translation>Diagramme</translation>
    </message>
    <message>
        <source>Chart</source>
        <translation>Diagramm</translation>
    </message>
    <message>
        <source>Checks</source>
        <translation>Prüfungen</translation>
    </message>
    <message>
        <source>%1, holds</source>
        <translation>%1, gilt</translation>
    </message>
    <message>
        <source>%1, fails</source>
        <translation>%1, gilt nicht</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>gilt</translation>
    </message>
    <message>
        <source>a check</source>
        <translation>eine Prüfung</translation>
    </message>
    <message>
        <source>removing a check</source>
        <translation>Prüfung entfernen</translation>
    </message>
    <message>
        <source>%1, not known yet</source>
        <translation>%1, noch nicht bekannt</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>run %1</source>
        <translation>Lauf %1</translation>
    </message>
    <message>
        <source>drawing a run</source>
        <translation>Zeichnen eines Laufs</translation>
    </message>
    <message>
        <source>removing a run</source>
        <translation>Entfernen eines Laufs</translation>
    </message>
    <message>
        <source>being computed</source>
        <translation>wird berechnet</translation>
    </message>
    <message>
        <source>Add a check…</source>
        <translation>Mit einer Prüfung überwachen …</translation>
    </message>
    <message>
        <source>Change check…</source>
        <translation>Prüfung ändern …</translation>
    </message>
    <message>
        <source>Remove check</source>
        <translation>Prüfung entfernen</translation>
    </message>
    <message>
        <source>Change chart…</source>
        <translation>Diagramm ändern …</translation>
    </message>
    <message>
        <source>Remove chart from study</source>
        <translation>Diagramm aus der Studie entfernen</translation>
    </message>
    <message>
        <source>Ticked runs are drawn paler in the charts of their columns</source>
        <translation>Läufe mit Haken werden in den Diagrammen ihrer Spalten blasser gezeichnet</translation>
    </message>
    <message>
        <source>renaming a run</source>
        <translation>Name eines Laufs</translation>
    </message>
    <message>
        <source>Restore run</source>
        <translation>Diesen Lauf wiederherstellen</translation>
    </message>
    <message>
        <source>Rename run</source>
        <translation>Den Lauf umbenennen</translation>
    </message>
    <message>
        <source>Make a table of runs</source>
        <translation>Tabelle der Läufe</translation>
    </message>
    <message>
        <source>Remove run</source>
        <translation>Den Lauf entfernen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ContinueDialog</name>
    <message>
        <source>From one row to the next:</source>
        <translation>Von einer Zeile zur nächsten:</translation>
    </message>
    <message>
        <source>fill </source>
        <comment>before a number of rows</comment>
        <translation>fülle </translation>
    </message>
    <message>
        <source> more rows</source>
        <translation> weitere Zeilen</translation>
    </message>
    <message>
        <source>add</source>
        <translation>plus</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>next day</source>
        <translation>nächster Tag</translation>
    </message>
    <message>
        <source>next working day</source>
        <translation>nächster Arbeitstag</translation>
    </message>
    <message>
        <source>next month</source>
        <translation>nächster Monat</translation>
    </message>
    <message>
        <source>Continue selected values</source>
        <translation>Die ausgewählten Werte fortsetzen</translation>
    </message>
    <message>
        <source>Amount</source>
        <translation>Wie viel oder wie viele</translation>
    </message>
    <message>
        <source>count up by</source>
        <translation>weiterzählen um</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>dasselbe noch einmal</translation>
    </message>
    <message>
        <source>“%1” is not a number. Enter an amount, such as %2.</source>
        <translation>„%1“ ist keine Zahl: schreiben, wie viel, etwa %2.</translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation>Anzahl der Zeilen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ContinueHandle</name>
    <message>
        <source>continue to row %1</source>
        <translation>fortsetzen bis Zeile %1</translation>
    </message>
    <message>
        <source>continuing</source>
        <translation>fortsetzen</translation>
    </message>
</context>
<context>
    <name>ledgefall::DetailsPanel</name>
    <message>
        <source>Selected cells</source>
        <translation>Ausgewählte Zellen</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Details</translation>
    </message>
    <message>
        <source>n</source>
        <translation>n</translation>
    </message>
    <message>
        <source>sum</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittelwert</translation>
    </message>
    <message>
        <source>smallest</source>
        <translation>kleinster Wert</translation>
    </message>
    <message>
        <source>largest</source>
        <translation>größter Wert</translation>
    </message>
    <message>
        <source>errors, left out</source>
        <translation>mit Fehler, ausgelassen</translation>
    </message>
    <message>
        <source>Asked: %1</source>
        <translation>Gefragt: %1</translation>
    </message>
    <message>
        <source>Open this submission beside the key</source>
        <translation>Diese Abgabe neben der Lösung öffnen</translation>
    </message>
</context>
<context>
    <name>ledgefall::DistributionDialog</name>
    <message>
        <source>From a distribution</source>
        <translation>Aus einer Verteilung</translation>
    </message>
    <message>
        <source>Critical region: its ends and its actual size</source>
        <translation>Kritischer Bereich: Enden und tatsächliche Größe</translation>
    </message>
    <message>
        <source>Table of its probabilities</source>
        <translation>Tabelle der Wahrscheinlichkeiten</translation>
    </message>
    <message>
        <source>Normal approximation beside the exact probabilities</source>
        <translation>Normalnäherung neben den genauen Wahrscheinlichkeiten</translation>
    </message>
    <message>
        <source>Small values</source>
        <translation>Kleine Werte</translation>
    </message>
    <message>
        <source>Large values</source>
        <translation>Große Werte</translation>
    </message>
    <message>
        <source>Both ends, half the level each</source>
        <translation>Beide Enden, je das halbe Niveau</translation>
    </message>
    <message>
        <source>&amp;Make</source>
        <translation>E&amp;rstellen</translation>
    </message>
    <message>
        <source>&amp;Distribution</source>
        <translation>&amp;Verteilung</translation>
    </message>
    <message>
        <source>&amp;Significance level</source>
        <translation>&amp;Signifikanzniveau</translation>
    </message>
    <message>
        <source>Critical &amp;values</source>
        <translation>Kritische &amp;Werte</translation>
    </message>
    <message>
        <source>Make</source>
        <translation>Erstellen</translation>
    </message>
    <message>
        <source>A name on the ledge, or a formula such as binomial(12, 0.35) or discrete(Data.x, Data.p).</source>
        <translation>Ein Name auf dem Sims oder eine Formel wie binomial(12, 0.35) oder discrete(Data.x, Data.p).</translation>
    </message>
</context>
<context>
    <name>ledgefall::DiversityDialog</name>
    <message>
        <source>&amp;Rarefied to the smallest N, with its standard deviation</source>
        <translation>&amp;Rarefaktion auf das kleinste N mit Standardabweichung</translation>
    </message>
    <message>
        <source>Diversity of sites</source>
        <translation>Diversität von Orten</translation>
    </message>
    <message>
        <source>e: natural logarithm</source>
        <translation>e: natürlicher Logarithmus</translation>
    </message>
    <message>
        <source>2</source>
        <translation>2</translation>
    </message>
    <message>
        <source>10</source>
        <translation>10</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Rare&amp;faction curves</source>
        <translation>Rare&amp;faktionskurven</translation>
    </message>
    <message>
        <source>Columns of counts</source>
        <translation>Spalten mit Anzahlen</translation>
    </message>
    <message>
        <source>Indices</source>
        <translation>Indizes</translation>
    </message>
    <message>
        <source>The &amp;table has</source>
        <translation>Die &amp;Tabelle hat</translation>
    </message>
    <message>
        <source>S&amp;ites</source>
        <translation>&amp;Orte</translation>
    </message>
    <message>
        <source>S&amp;pecies</source>
        <translation>A&amp;rten</translation>
    </message>
    <message>
        <source>&amp;Numbers</source>
        <translation>A&amp;nzahlen</translation>
    </message>
    <message>
        <source>&amp;Columns of counts</source>
        <translation>S&amp;palten mit Anzahlen</translation>
    </message>
    <message>
        <source>In&amp;dices</source>
        <translation>In&amp;dizes</translation>
    </message>
    <message>
        <source>&amp;Base of Shannon&apos;s H′</source>
        <translation>&amp;Basis von Shannons H′</translation>
    </message>
    <message>
        <source>&amp;Matrix of all pairs</source>
        <translation>&amp;Matrix aller Paare</translation>
    </message>
    <message>
        <source>Charts</source>
        <translation>Diagramme</translation>
    </message>
    <message>
        <source>Make tables</source>
        <translation>Tabellen erstellen</translation>
    </message>
    <message>
        <source>Species down and sites across</source>
        <translation>Arten abwärts und Orte quer</translation>
    </message>
    <message>
        <source>A row for each find: site, species, number</source>
        <translation>Eine Zeile je Fund: Ort, Art, Anzahl</translation>
    </message>
    <message>
        <source>A row for each species, a column for each site</source>
        <translation>Eine Zeile je Art, eine Spalte je Ort</translation>
    </message>
    <message>
        <source>A row for each site, a column for each species</source>
        <translation>Eine Zeile je Ort, eine Spalte je Art</translation>
    </message>
    <message>
        <source>site</source>
        <translation>ort</translation>
    </message>
    <message>
        <source>Sites: %1. %2%3</source>
        <translation>Orte: %1. %2%3</translation>
    </message>
    <message>
        <source>, …</source>
        <translation>, …</translation>
    </message>
    <message>
        <source>&amp;Hill profile</source>
        <translation>&amp;Hill-Profil</translation>
    </message>
    <message>
        <source>Ran&amp;k–abundance</source>
        <translation>Ran&amp;g und Häufigkeit</translation>
    </message>
</context>
<context>
    <name>ledgefall::Document</name>
    <message>
        <source>New study</source>
        <translation>Neue Studie</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation>%1 wird gelesen…</translation>
    </message>
    <message>
        <source>Opening %1…</source>
        <translation>%1 wird geöffnet…</translation>
    </message>
    <message>
        <source>Saving %1…</source>
        <translation>%1 wird gespeichert…</translation>
    </message>
</context>
<context>
    <name>ledgefall::EditCommands</name>
    <message>
        <source>&amp;Undo %1</source>
        <translation>&amp;Rückgängig: %1</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo %1</source>
        <translation>&amp;Wiederholen: %1</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>&amp;Ausschneiden</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Kopieren</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>&amp;Einfügen</translation>
    </message>
    <message>
        <source>Select &amp;all</source>
        <translation>Alles aus&amp;wählen</translation>
    </message>
    <message>
        <source>&amp;Find and replace…</source>
        <translation>&amp;Suchen und ersetzen …</translation>
    </message>
    <message>
        <source>Find &amp;next</source>
        <translation>&amp;Weitersuchen</translation>
    </message>
    <message>
        <source>new table</source>
        <translation>neue Tabelle</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>C&amp;lear cells</source>
        <translation>Zellen &amp;leeren</translation>
    </message>
    <message>
        <source>Find pre&amp;vious</source>
        <translation>&amp;Rückwärts suchen</translation>
    </message>
    <message>
        <source>Select whole col&amp;umns</source>
        <translation>Ganze S&amp;palten auswählen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ExportDialog</name>
    <message>
        <source>Export this table</source>
        <translation>Diese Tabelle exportieren</translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation>&amp;Dezimalzeichen</translation>
    </message>
    <message>
        <source>&amp;Headings</source>
        <translation>&amp;Überschriften</translation>
    </message>
    <message>
        <source>&amp;Numbers</source>
        <translation>&amp;Zahlen</translation>
    </message>
    <message>
        <source>Comma ,</source>
        <translation>Komma ,</translation>
    </message>
    <message>
        <source>Semicolon ;</source>
        <translation>Strichpunkt ;</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tabulator</translation>
    </message>
    <message>
        <source>Bar |</source>
        <translation>Strich |</translation>
    </message>
    <message>
        <source>Point 1.5</source>
        <translation>Punkt 1.5</translation>
    </message>
    <message>
        <source>Comma 1,5</source>
        <translation>Komma 1,5</translation>
    </message>
    <message>
        <source>Names used in formulas</source>
        <translation>Namen, wie Formeln sie nennen</translation>
    </message>
    <message>
        <source>Labels with units</source>
        <translation>Beschriftungen mit Einheiten</translation>
    </message>
    <message>
        <source>Names with formulas</source>
        <translation>Namen mit ihren Formeln</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>In full</source>
        <translation>Mit allen Stellen</translation>
    </message>
    <message>
        <source>Rounded as shown</source>
        <translation>Gerundet, wie sie gezeigt werden</translation>
    </message>
    <message>
        <source>A grid, as shown</source>
        <translation>Ein Gitter, wie man es sieht</translation>
    </message>
    <message>
        <source>A line for each cell</source>
        <translation>Eine Zeile für jede Zelle</translation>
    </message>
    <message>
        <source>&amp;Table as</source>
        <translation>Die &amp;Tabelle als</translation>
    </message>
    <message>
        <source>&amp;Fields separated by</source>
        <translation>&amp;Felder sind getrennt durch</translation>
    </message>
    <message>
        <source>First lines</source>
        <translation>Die ersten Zeilen</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
</context>
<context>
    <name>ledgefall::FigurePlot</name>
    <message>
        <source>row %1: </source>
        <translation>Zeile %1: </translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>%1 (now)</source>
        <translation>%1 (jetzt)</translation>
    </message>
</context>
<context>
    <name>ledgefall::FindBar</name>
    <message>
        <source>Find and replace</source>
        <translation>Suchen und ersetzen</translation>
    </message>
    <message>
        <source>find</source>
        <translation>suchen</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Was gesucht wird</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Previous</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Replace all</source>
        <translation>Alle ersetzen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>%1, row %2</source>
        <translation>%1, Zeile %2</translation>
    </message>
    <message>
        <source>replacing</source>
        <translation>ersetzen</translation>
    </message>
    <message>
        <source>Cells changed: %1</source>
        <translation>Geänderte Zellen: %1</translation>
    </message>
    <message>
        <source>&amp;Whole cells</source>
        <translation>&amp;Ganze Zellen</translation>
    </message>
    <message>
        <source>Only in &amp;selected columns</source>
        <translation>Nur in den ausgewählten &amp;Spalten</translation>
    </message>
    <message>
        <source>replace with</source>
        <translation>dafür einsetzen</translation>
    </message>
    <message>
        <source>Replacement</source>
        <translation>Was dafür eingesetzt wird</translation>
    </message>
    <message>
        <source>Searching…</source>
        <translation>Sucht …</translation>
    </message>
    <message>
        <source>%1 was not found.</source>
        <translation>%1 kommt nicht vor.</translation>
    </message>
    <message>
        <source>%1 is not in any typed cell.</source>
        <translation>%1 steht in keiner getippten Zelle.</translation>
    </message>
</context>
<context>
    <name>ledgefall::FindValueDialog</name>
    <message>
        <source>Find the value of %1</source>
        <translation>Den Wert von %1 finden</translation>
    </message>
    <message>
        <source>Hold this value</source>
        <translation>Diesen Wert festhalten</translation>
    </message>
    <message>
        <source>%1 = %2</source>
        <translation>%1 = %2</translation>
    </message>
    <message>
        <source>For which &amp;outcome</source>
        <translation>Für den das &amp;Ergebnis</translation>
    </message>
    <message>
        <source>&amp;Equals</source>
        <translation>Dies &amp;ist</translation>
    </message>
    <message>
        <source>Search &amp;from</source>
        <translation>Gesucht &amp;von</translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation>&amp;Bis</translation>
    </message>
    <message>
        <source>Hold the search, to keep it up to date</source>
        <translation>Die Suche festhalten, damit sie folgt</translation>
    </message>
    <message>
        <source>Write an outcome, such as max(Path.r).</source>
        <translation>Schreiben Sie, was herauskommen soll, etwa max(Path.r).</translation>
    </message>
    <message>
        <source>Enter numbers, with the smaller end of the range first.</source>
        <translation>Schreiben Sie Zahlen, das kleinere Ende des Bereichs zuerst.</translation>
    </message>
    <message>
        <source>Searching the range…</source>
        <translation>Der Bereich wird durchgesehen…</translation>
    </message>
    <message>
        <source>The outcome is missing somewhere in this range.</source>
        <translation>Das Ergebnis fehlt irgendwo in diesem Bereich.</translation>
    </message>
</context>
<context>
    <name>ledgefall::FirstSteps</name>
    <message>
        <source>Next step</source>
        <translation>Nächster Schritt</translation>
    </message>
    <message>
        <source>A first table in five steps</source>
        <translation>Eine erste Tabelle in fünf Schritten</translation>
    </message>
    <message>
        <source>Step %1 of %2. %3</source>
        <translation>Schritt %1 von %2. %3</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Verlassen</translation>
    </message>
</context>
<context>
    <name>ledgefall::FirstTable</name>
    <message>
        <source>new table</source>
        <translation>neue Tabelle</translation>
    </message>
    <message>
        <source>Pebbles</source>
        <translation>Kiesel</translation>
    </message>
    <message>
        <source>Change a length: click it, type another number, Enter. Everything that depends on it follows.</source>
        <translation>Ändern Sie eine Länge: Anklicken, eine andere Zahl tippen, Enter. Alles, was davon abhängt, folgt.</translation>
    </message>
    <message>
        <source>Type a heading with numbers under it: length, Enter, 42, Enter, 57, Enter, 38, Enter.</source>
        <translation>Tippen Sie eine Überschrift und Zahlen darunter: length, Enter, 42, Enter, 57, Enter, 38, Enter.</translation>
    </message>
    <message>
        <source>Hold a value that no row changes: click “hold a value”, type m = mean(length), Enter.</source>
        <translation>Halten Sie fest, was keine Zeile ändert: Klicken Sie auf „Wert festhalten“, tippen Sie m = mean(length), Enter.</translation>
    </message>
    <message>
        <source>Write one formula for all rows: click “next column”, type dev = length - m, Enter.</source>
        <translation>Eine Formel für alle Zeilen: Klicken Sie auf „nächste Spalte“, tippen Sie dev = length - m, Enter.</translation>
    </message>
    <message>
        <source>Add a measure under the columns: click “foot line” and choose sum.</source>
        <translation>Ein Maß unter den Spalten: Klicken Sie auf „Fußzeile“ und wählen Sie sum.</translation>
    </message>
    <message>
        <source>That is a computation table. Press F1 for help on the current item, and have a look at the starters in the Study menu.</source>
        <translation>Das ist eine Rechentabelle. F1 erklärt, was gerade den Fokus hat, und die Anfänge im Menü Studie sind einen Blick wert.</translation>
    </message>
</context>
<context>
    <name>ledgefall::FoldingSplitter</name>
    <message>
        <source>Show: %1</source>
        <translation>Öffnen: %1</translation>
    </message>
    <message>
        <source>Hide: %1</source>
        <translation>Einklappen: %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::FootMenu</name>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>removing a foot line</source>
        <translation>Fußzeile entfernen</translation>
    </message>
    <message>
        <source>Under columns</source>
        <translation>Unter den Spalten</translation>
    </message>
    <message>
        <source>columns of a foot line</source>
        <translation>Spalten einer Fußzeile</translation>
    </message>
    <message>
        <source>foot line</source>
        <translation>Fußzeile</translation>
    </message>
    <message>
        <source>Change formula…</source>
        <translation>Formel …</translation>
    </message>
    <message>
        <source>Number format</source>
        <translation>Zahlen anzeigen</translation>
    </message>
    <message>
        <source>Remove foot line</source>
        <translation>Zeile entfernen</translation>
    </message>
</context>
<context>
    <name>ledgefall::FootModel</name>
    <message>
        <source>As they are shown they add to %1, not to %2: because of rounding.</source>
        <translation>Wie gezeigt ergeben sie zusammen %1, nicht %2: wegen der Rundung.</translation>
    </message>
    <message>
        <source>%1, asked</source>
        <translation>%1, gefragt</translation>
    </message>
</context>
<context>
    <name>ledgefall::FootView</name>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>%1 foot lines, %2 of them in view: scroll to see the others</source>
        <translation>%1 Fußzeilen, %2 davon zu sehen: Das Rad bringt die anderen</translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaCommands</name>
    <message>
        <source>Write a &amp;formula…</source>
        <translation>&amp;Formel schreiben …</translation>
    </message>
    <message>
        <source>calculate equation</source>
        <translation>rechnen Gleichung</translation>
    </message>
    <message>
        <source>add a column calculate formula</source>
        <translation>Spalte anfügen rechnen Formel</translation>
    </message>
    <message>
        <source>next column</source>
        <translation>nächste Spalte</translation>
    </message>
    <message>
        <source>&amp;More formulas</source>
        <translation>&amp;Weitere Formeln</translation>
    </message>
    <message>
        <source>row wise across</source>
        <translation>zeilenweise quer</translation>
    </message>
    <message>
        <source>per cent of total share percentage relative frequency proportion</source>
        <translation>Prozent vom Ganzen Anteil relative Häufigkeit</translation>
    </message>
    <message>
        <source>reach range part</source>
        <translation>Bereich Teil</translation>
    </message>
    <message>
        <source>reach range whole</source>
        <translation>Bereich ganz</translation>
    </message>
    <message>
        <source>Write ne&amp;xt column…</source>
        <translation>Näc&amp;hste Spalte schreiben …</translation>
    </message>
    <message>
        <source>Measure &amp;across selected columns</source>
        <translation>Ein Maß &amp;quer über die ausgewählten Spalten</translation>
    </message>
    <message>
        <source>Write one formula for &amp;each column…</source>
        <translation>Eine Formel für &amp;jede ausgewählte Spalte …</translation>
    </message>
    <message>
        <source>Let formula cover only &amp;selected rows</source>
        <translation>Die Formel nur die ausgewählten &amp;Zeilen umfassen lassen</translation>
    </message>
    <message>
        <source>Let formula cover a&amp;ll rows</source>
        <translation>Die Formel &amp;alle Zeilen umfassen lassen</translation>
    </message>
    <message>
        <source>rows covered by %1</source>
        <translation>die Reichweite von %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaDraft</name>
    <message>
        <source>This goes through %L1 rows once for each of the %L2 rows, which takes a while. It can be stopped.</source>
        <translation>Das geht %L1 Zeilen für jede der %L2 Zeilen einmal durch und dauert eine Weile. Es lässt sich anhalten.</translation>
    </message>
    <message>
        <source>Entering this replaces the typed values of %1 (rows: %2).</source>
        <translation>Das tritt an die Stelle der eingegebenen Werte von %1 (%2 Zeilen).</translation>
    </message>
    <message>
        <source>%1 looks like the address of a cell. Columns have names here: click the heading of the one that is meant.</source>
        <translation>%1 sieht aus wie die Adresse einer Zelle. Spalten haben hier Namen: Klicken Sie auf den Kopf der gemeinten.</translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaEditor</name>
    <message>
        <source>Formula</source>
        <translation>Formel</translation>
    </message>
    <message>
        <source>dev = x − mean(x)</source>
        <translation>abw = x − mean(x)</translation>
    </message>
    <message>
        <source>Write a name, then = and the formula, as in dev = x − mean(x).</source>
        <translation>Zuerst ein Name, dann = und die Formel, etwa abw = x − mean(x).</translation>
    </message>
    <message>
        <source>formula</source>
        <translation>Formel</translation>
    </message>
    <message>
        <source>formula of %1</source>
        <translation>Formel von %1</translation>
    </message>
    <message>
        <source>Hold %1 (%2)</source>
        <translation>%1 festhalten (%2)</translation>
    </message>
    <message>
        <source>Write %1 (%2)</source>
        <translation>%1 schreiben (%2)</translation>
    </message>
    <message>
        <source>%1 stays put</source>
        <translation>%1 bleibt fest</translation>
    </message>
    <message>
        <source>%1 follows the row</source>
        <translation>%1 folgt der Zeile</translation>
    </message>
    <message>
        <source>%1 runs over the rows</source>
        <translation>%1 läuft über die Zeilen</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>%1 follows the column</source>
        <translation>%1 folgt der Spalte</translation>
    </message>
    <message>
        <source>%1 follows the row and the column</source>
        <translation>%1 folgt der Zeile und der Spalte</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Read %1 as numbers (%2)</source>
        <translation>%1 als Zahlen lesen (%2)</translation>
    </message>
    <message>
        <source>Read %1 as dates, month first (%2)</source>
        <translation>%1 als Daten lesen, Monat zuerst (%2)</translation>
    </message>
    <message>
        <source>Read %1 as dates, day first (%2)</source>
        <translation>%1 als Daten lesen, Tag zuerst (%2)</translation>
    </message>
    <message>
        <source>Enter fills the column · Shift+Enter adds another definition · Escape cancels · Click a heading, cell, foot line or held value to insert it, or press Alt and an arrow key</source>
        <translation>Eingabe füllt die Spalte · Umschalt+Eingabe für eine weitere Festlegung · Escape verlässt sie · Klick auf Überschrift, Zelle, Fußzeile oder festgehaltenen Wert setzt ihn ein, auch Alt und ein Pfeil</translation>
    </message>
    <message>
        <source>Enter writes a formula for each of the %1 selected columns; each stands for that column · Escape cancels</source>
        <translation>Eingabetaste schreibt je eine Spalte für die %1 ausgewählten; each steht für die jeweilige · Escape verlässt es</translation>
    </message>
    <message>
        <source>Press Enter again to continue. Undo brings them back.</source>
        <translation>Nochmals Eingabe führt es aus; Rückgängig bringt sie wieder.</translation>
    </message>
    <message>
        <source>Enter accepts the formula as it is. It waits for %1.</source>
        <translation>Eingabe nimmt die Formel, wie sie ist: Sie wartet auf %1.</translation>
    </message>
    <message>
        <source>Remove (%1)</source>
        <translation>Entfernen (%1)</translation>
    </message>
    <message>
        <source>reading text again</source>
        <translation>Texte neu lesen</translation>
    </message>
    <message>
        <source>%1 runs along with it</source>
        <translation>%1 läuft zugleich damit</translation>
    </message>
    <message>
        <source>%1 is a single value</source>
        <translation>%1 ist ein Wert</translation>
    </message>
    <message>
        <source>Change to %1 (Ctrl+L)</source>
        <translation>In %1 umwandeln (Strg+L)</translation>
    </message>
    <message>
        <source>Hold on the ledge… (Ctrl+Shift+L)</source>
        <translation>Auf die Leiste … (Strg+Umschalt+L)</translation>
    </message>
    <message>
        <source>Hold on the ledge</source>
        <translation>Auf die Leiste</translation>
    </message>
    <message>
        <source>Name of the held value:</source>
        <translation>Der Name, unter dem es festbleiben soll:</translation>
    </message>
    <message>
        <source>Write %1</source>
        <translation>%1 schreiben</translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaPage</name>
    <message>
        <source>Ledge</source>
        <translation>Leiste</translation>
    </message>
    <message>
        <source>Checks</source>
        <translation>Prüfungen</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>gilt</translation>
    </message>
    <message>
        <source>fails</source>
        <translation>gilt nicht</translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation>Diagramm: %1</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>overridden: %1</source>
        <translation>überschrieben: %1</translation>
    </message>
    <message>
        <source>foot, %1</source>
        <translation>Fuß, %1</translation>
    </message>
    <message>
        <source>All formulas</source>
        <translation>Alle Formeln</translation>
    </message>
    <message>
        <source>All formulas of the study</source>
        <translation>Alle Formeln der Studie</translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Drucken …</translation>
    </message>
    <message>
        <source>&amp;Save…</source>
        <translation>&amp;Speichern …</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML (*.html)</source>
        <translation>PDF (*.pdf);;HTML (*.html)</translation>
    </message>
    <message>
        <source>end of the x axis</source>
        <translation>ein Ende der waagerechten Achse</translation>
    </message>
    <message>
        <source>end of the y axis</source>
        <translation>ein Ende der senkrechten Achse</translation>
    </message>
    <message>
        <source>number of a reference</source>
        <translation>eine Zahl daneben</translation>
    </message>
    <message>
        <source>Save page</source>
        <translation>Seite speichern</translation>
    </message>
    <message>
        <source>Dismiss</source>
        <translation>Verwerfen</translation>
    </message>
</context>
<context>
    <name>ledgefall::FrequencyDialog</name>
    <message>
        <source>Frequency table of %1</source>
        <translation>Häufigkeitstabelle von %1</translation>
    </message>
    <message>
        <source>&amp;Number of classes</source>
        <translation>&amp;Anzahl der Klassen</translation>
    </message>
    <message>
        <source>&amp;Start</source>
        <translation>A&amp;nfang</translation>
    </message>
    <message>
        <source>&amp;Closed</source>
        <translation>A&amp;bgeschlossen</translation>
    </message>
    <message>
        <source>Open ends</source>
        <translation>Offene Enden</translation>
    </message>
    <message>
        <source>Classes: %1.</source>
        <translation>Klassen: %1.</translation>
    </message>
    <message>
        <source>In no class: %1.</source>
        <translation>In keiner Klasse: %1.</translation>
    </message>
    <message>
        <source>About eight</source>
        <translation>Etwa acht</translation>
    </message>
    <message>
        <source>Sturges: 1 + log₂ n</source>
        <translation>Nach Sturges: 1 + log₂ n</translation>
    </message>
    <message>
        <source>Square root of n</source>
        <translation>Nach der Wurzel aus n</translation>
    </message>
    <message>
        <source>Freedman and Diaconis: from the quartiles</source>
        <translation>Nach Freedman und Diaconis: aus den Quartilen</translation>
    </message>
    <message>
        <source>On the left: 10 ≤ x &lt; 20</source>
        <translation>Links: 10 ≤ x &lt; 20</translation>
    </message>
    <message>
        <source>On the right: 10 &lt; x ≤ 20</source>
        <translation>Rechts: 10 &lt; x ≤ 20</translation>
    </message>
    <message>
        <source>Open class below</source>
        <translation>Eine offene Klasse darunter</translation>
    </message>
    <message>
        <source>Open class above</source>
        <translation>Eine offene Klasse darüber</translation>
    </message>
    <message>
        <source>Midpoint</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>Share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>Per cent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>Cumulative</source>
        <translation>Kumuliert</translation>
    </message>
    <message>
        <source>Cumulative share</source>
        <translation>Kumulierter Anteil</translation>
    </message>
    <message>
        <source>Cumulative from above</source>
        <translation>Kumuliert von oben</translation>
    </message>
    <message>
        <source>Tally</source>
        <translation>Strichliste</translation>
    </message>
    <message>
        <source>Draw a &amp;histogram</source>
        <translation>Und das &amp;Histogramm dazu zeichnen</translation>
    </message>
    <message>
        <source>&amp;Width</source>
        <translation>&amp;Breite</translation>
    </message>
    <message>
        <source>any widths, such as 0, 10, 20, 40, 80</source>
        <translation>von beliebiger Breite, etwa 0, 10, 20, 40, 80</translation>
    </message>
    <message>
        <source>Include</source>
        <translation>Mit</translation>
    </message>
    <message>
        <source>Make table</source>
        <translation>Tabelle anlegen</translation>
    </message>
    <message>
        <source>Change classes</source>
        <translation>Klassen ändern</translation>
    </message>
    <message>
        <source>Empty or not a number: %1.</source>
        <translation>Leer oder keine Zahl: %1.</translation>
    </message>
    <message>
        <source>One for each recorded value</source>
        <translation>Eine für jeden notierten Wert</translation>
    </message>
    <message>
        <source>Relative frequency density</source>
        <translation>Relative Häufigkeitsdichte</translation>
    </message>
    <message>
        <source>1 for whole numbers, 0.5 for halves, and 0 where every number is possible. The boundaries of the classes lie half of it beyond their limits.</source>
        <translation>1 bei ganzen Zahlen, 0,5 bei halben, und 0, wo jede Zahl möglich ist. Die wahren Grenzen der Klassen liegen um die Hälfte davon außerhalb der notierten.</translation>
    </message>
    <message>
        <source>&amp;Recorded to the nearest</source>
        <translation>&amp;Notiert auf</translation>
    </message>
    <message>
        <source>Cust&amp;om limits</source>
        <translation>&amp;Eigene Grenzen</translation>
    </message>
    <message>
        <source>Mean, spread and quartiles from the classes</source>
        <translation>Mittel, Streuung und Quartile aus den Klassen</translation>
    </message>
    <message>
        <source>Modal class and mode</source>
        <translation>Modalklasse und Modus</translation>
    </message>
    <message>
        <source>All values together</source>
        <translation>Alle Werte zusammen</translation>
    </message>
    <message>
        <source>Counts for</source>
        <translation>Anzahlen für</translation>
    </message>
    <message>
        <source>Counts &amp;for, and values</source>
        <translation>Anzahlen &amp;für, und Werte</translation>
    </message>
    <message>
        <source>Each value of %1</source>
        <translation>Jeden Wert von %1</translation>
    </message>
    <message>
        <source>own limits</source>
        <translation>eigene Grenzen</translation>
    </message>
</context>
<context>
    <name>ledgefall::GridPlot</name>
    <message>
        <source>%1, from %2 to %3</source>
        <translation>%1, von %2 bis %3</translation>
    </message>
    <message>
        <source>%1 %2, %3 %4: %5</source>
        <translation>%1 %2, %3 %4: %5</translation>
    </message>
    <message>
        <source>not a number</source>
        <translation>keine Zahl</translation>
    </message>
</context>
<context>
    <name>ledgefall::HandoutBar</name>
    <message>
        <source>The rest is locked</source>
        <translation>Der Rest ist gesperrt</translation>
    </message>
    <message>
        <source>Your name</source>
        <translation>Dein Name</translation>
    </message>
    <message>
        <source>Your answer</source>
        <translation>Deine Antwort</translation>
    </message>
    <message>
        <source>The question before</source>
        <translation>Die Frage davor</translation>
    </message>
    <message>
        <source>The next question</source>
        <translation>Die nächste Frage</translation>
    </message>
    <message>
        <source>Go to what is asked</source>
        <translation>Zum Gefragten gehen</translation>
    </message>
    <message>
        <source>Only what is asked can be changed. You can add columns and held values of your own.</source>
        <translation>Nur das Gefragte lässt sich ändern. Eigene Spalten und feste Werte kannst du hinzufügen.</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>%1 of %2: %3 (points: %4)</source>
        <translation>%1 von %2: %3 (Punkte: %4)</translation>
    </message>
    <message>
        <source>filled in: %1 of %2</source>
        <translation>ausgefüllt: %1 von %2</translation>
    </message>
</context>
<context>
    <name>ledgefall::HandoutDialog</name>
    <message>
        <source>&amp;Lock everything else</source>
        <translation>Alles andere &amp;sperren</translation>
    </message>
    <message>
        <source>Make a handout</source>
        <translation>Arbeitsblatt machen</translation>
    </message>
    <message>
        <source>Tick what the student is to fill in. It is empty in the handout.</source>
        <translation>Kreuze an, was auszufüllen ist. Im Arbeitsblatt ist es leer.</translation>
    </message>
    <message>
        <source>Asked</source>
        <translation>Gefragt</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Given data</source>
        <translation>Gegebene Daten</translation>
    </message>
    <message>
        <source>Parts of the study</source>
        <translation>Teile der Studie</translation>
    </message>
    <message>
        <source>Ledge</source>
        <translation>Leiste</translation>
    </message>
    <message>
        <source>Questions in words</source>
        <translation>Fragen mit Worten</translation>
    </message>
    <message>
        <source>Add a &amp;question in words…</source>
        <translation>Eine &amp;Frage mit Worten hinzufügen …</translation>
    </message>
    <message>
        <source>Question in words</source>
        <translation>Frage mit Worten</translation>
    </message>
    <message>
        <source>What is asked?</source>
        <translation>Was ist gefragt?</translation>
    </message>
    <message>
        <source>One name a line. With names, a handout for each is written into a folder.</source>
        <translation>Ein Name je Zeile. Mit Namen wird für jeden ein Arbeitsblatt in einen Ordner geschrieben.</translation>
    </message>
    <message>
        <source>&amp;Browse…</source>
        <translation>&amp;Durchsuchen …</translation>
    </message>
    <message>
        <source>&amp;Names</source>
        <translation>&amp;Namen</translation>
    </message>
    <message>
        <source>&amp;Write to</source>
        <translation>Schreiben &amp;nach</translation>
    </message>
    <message>
        <source>&amp;Make</source>
        <translation>E&amp;rstellen</translation>
    </message>
    <message>
        <source>%1, its limits</source>
        <translation>%1, ihre Grenzen</translation>
    </message>
    <message>
        <source>%1, foot line</source>
        <translation>%1, Fußzeile</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie sie sind</translation>
    </message>
    <message>
        <source>shuffled</source>
        <translation>gemischt</translation>
    </message>
    <message>
        <source>drawn for each</source>
        <translation>für jeden gezogen</translation>
    </message>
    <message>
        <source>Given data of %1 for each student</source>
        <translation>Gegebene Daten von %1 für jeden</translation>
    </message>
    <message>
        <source>answer in words</source>
        <translation>Antwort mit Worten</translation>
    </message>
    <message>
        <source>Points are a number from 0 on: %1</source>
        <translation>Punkte sind eine Zahl ab 0: %1</translation>
    </message>
    <message>
        <source>A folder for the handouts</source>
        <translation>Ein Ordner für die Arbeitsblätter</translation>
    </message>
    <message>
        <source>Write the handout</source>
        <translation>Arbeitsblatt schreiben</translation>
    </message>
    <message>
        <source>Ledgefall studies (*.ledgefall)</source>
        <translation>Ledgefall-Studien (*.ledgefall)</translation>
    </message>
    <message>
        <source>%1 is a folder. Write the name of a file.</source>
        <translation>%1 ist ein Ordner. Schreibe den Namen einer Datei.</translation>
    </message>
    <message>
        <source>Write where the handout is to go.</source>
        <translation>Schreibe, wohin das Arbeitsblatt soll.</translation>
    </message>
    <message>
        <source>This is the file of the study itself. Write the handout to another one.</source>
        <translation>Das ist die Datei der Studie selbst. Schreibe das Arbeitsblatt in eine andere.</translation>
    </message>
    <message>
        <source>%1 already exists. Replace it?</source>
        <translation>%1 gibt es schon. Ersetzen?</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Which answer is right? Leave it empty to mark by hand.</source>
        <translation>Welche Antwort ist richtig? Lass sie leer, um von Hand zu bewerten.</translation>
    </message>
</context>
<context>
    <name>ledgefall::HeadingDialog</name>
    <message>
        <source>Heading of %1</source>
        <translation>Kopf von %1</translation>
    </message>
    <message>
        <source>&amp;Label</source>
        <translation>&amp;Beschriftung</translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation>&amp;Einheit</translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation>&amp;Notiz</translation>
    </message>
</context>
<context>
    <name>ledgefall::HeldCard</name>
    <message>
        <source>Held value %1, %2</source>
        <translation>Festgehaltener Wert %1, %2</translation>
    </message>
    <message>
        <source>function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>held value %1</source>
        <translation>festgehaltener Wert %1</translation>
    </message>
    <message>
        <source>sliding %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>choosing %1</source>
        <translation>%1 auswählen</translation>
    </message>
    <message>
        <source>Used by %1</source>
        <translation>Verwendet von %1</translation>
    </message>
    <message>
        <source>computed</source>
        <translation>berechnet</translation>
    </message>
    <message>
        <source>Definition of held value</source>
        <translation>Festlegung des festgehaltenen Werts</translation>
    </message>
    <message>
        <source>no values to choose from</source>
        <translation>es gibt keinen Wert zur Auswahl</translation>
    </message>
    <message>
        <source>asked</source>
        <translation>gefragt</translation>
    </message>
</context>
<context>
    <name>ledgefall::HeldDialog</name>
    <message>
        <source>&amp;Unit</source>
        <translation>&amp;Einheit</translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation>&amp;Notiz</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>riffle; pool; weir</source>
        <translation>Schnelle; Kolk; Wehr</translation>
    </message>
    <message>
        <source>Show a &amp;slider</source>
        <translation>Er kann einen &amp;Schieber haben</translation>
    </message>
    <message>
        <source>Properties of %1</source>
        <translation>Über %1</translation>
    </message>
    <message>
        <source>&amp;Group</source>
        <translation>Steht &amp;zusammen mit</translation>
    </message>
    <message>
        <source>in steps of</source>
        <translation>in Schritten von</translation>
    </message>
    <message>
        <source>Any typed value</source>
        <translation>Nichts: jeder Wert kann eingetippt werden</translation>
    </message>
    <message>
        <source>The values listed here</source>
        <translation>Die hier aufgezählten Werte</translation>
    </message>
    <message>
        <source>The values of %1</source>
        <translation>Die Werte von %1</translation>
    </message>
    <message>
        <source>&amp;Choices</source>
        <translation>Er kann eine &amp;Auswahl haben aus</translation>
    </message>
</context>
<context>
    <name>ledgefall::HelpReader</name>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>All pages</source>
        <translation>Alle Seiten</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close help (Escape)</source>
        <translation>Die Hilfe schließen (Escape)</translation>
    </message>
    <message>
        <source>Help page</source>
        <translation>Seite der Hilfe</translation>
    </message>
    <message>
        <source>There is no such page.</source>
        <translation>Es gibt keine Seite dieses Namens.</translation>
    </message>
    <message>
        <source>Insert it into the study</source>
        <translation>In die Studie einsetzen</translation>
    </message>
    <message>
        <source>Keyboard shortcuts</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>keys hotkeys</source>
        <translation>Tastenkürzel Tastatur</translation>
    </message>
</context>
<context>
    <name>ledgefall::ImportDialog</name>
    <message>
        <source>Import delimited text</source>
        <translation>Getrennten Text einlesen</translation>
    </message>
    <message>
        <source>&amp;Table</source>
        <translation>&amp;Tabelle</translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation>&amp;Dezimalzeichen</translation>
    </message>
    <message>
        <source>no heading</source>
        <translation>keine Beschriftungen</translation>
    </message>
    <message>
        <source>Rows: %1.</source>
        <translation>Zeilen: %1.</translation>
    </message>
    <message>
        <source>The first line is a &amp;heading</source>
        <translation>Die erste Zeile ist eine &amp;Überschrift</translation>
    </message>
    <message>
        <source>&amp;Comment lines</source>
        <translation>&amp;Kommentarzeilen</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>Read as</source>
        <translation>Lesen als</translation>
    </message>
    <message>
        <source>First cells</source>
        <translation>Erste Zellen</translation>
    </message>
    <message>
        <source>Does not fit</source>
        <translation>Passt nicht</translation>
    </message>
    <message>
        <source>%1: %2 is %3</source>
        <translation>%1: %2 ist %3</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>Dates</source>
        <translation>Daten</translation>
    </message>
    <message>
        <source>Yes/no</source>
        <translation>Ja oder nein</translation>
    </message>
    <message>
        <source>Text</source>
        <translation>Texte</translation>
    </message>
    <message>
        <source>The second line has &amp;units</source>
        <translation>Die nächste nennt die &amp;Einheiten</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Wie erkannt</translation>
    </message>
    <message>
        <source>Comma ,</source>
        <translation>Komma ,</translation>
    </message>
    <message>
        <source>Semicolon ;</source>
        <translation>Semikolon ;</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tabulator</translation>
    </message>
    <message>
        <source>Bar |</source>
        <translation>Strich |</translation>
    </message>
    <message>
        <source>Spaces</source>
        <translation>Leerzeichen</translation>
    </message>
    <message>
        <source>Point 1.5</source>
        <translation>Punkt 1.5</translation>
    </message>
    <message>
        <source>Comma 1,5</source>
        <translation>Komma 1,5</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Es gibt keine</translation>
    </message>
    <message>
        <source>Start with %1</source>
        <translation>Beginnen mit %1</translation>
    </message>
    <message>
        <source>&amp;Fields separated by</source>
        <translation>&amp;Felder sind getrennt durch</translation>
    </message>
    <message>
        <source>Columns, and how each is read</source>
        <translation>Die Spalten, wie jede gelesen wird</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Als Tabelle einlesen</translation>
    </message>
    <message>
        <source>%1: “%2” can mean %3 or %4. It is read as %5. To use the other, choose it in the line of this column.</source>
        <translation>%1: „%2“ kann %3 oder %4 sein. Gelesen wird es als %5; wählen Sie das andere in der Zeile der Spalte, wenn das gemeint ist.</translation>
    </message>
    <message>
        <source>First %1 rows. The others are read on import.</source>
        <translation>Das sind die ersten %1 Zeilen; die anderen werden beim Import gelesen.</translation>
    </message>
</context>
<context>
    <name>ledgefall::LayerStrip</name>
    <message>
        <source>swap axes</source>
        <translation>Achsen tauschen</translation>
    </message>
    <message>
        <source>next layer</source>
        <translation>nächste Schicht</translation>
    </message>
    <message>
        <source>Write another formula for all cells</source>
        <translation>Eine weitere Formel für alle Zellen schreiben</translation>
    </message>
    <message>
        <source>Show the layer %1</source>
        <translation>Die Schicht %1 zeigen</translation>
    </message>
    <message>
        <source>No layer yet: click here and write a formula for all cells</source>
        <translation>Noch keine Schicht: hier klicken und eine Formel für alle Zellen schreiben</translation>
    </message>
    <message>
        <source>all layers</source>
        <translation>alle Schichten</translation>
    </message>
    <message>
        <source>Show all layers under each other in each cell, or one at a time</source>
        <translation>Alle Schichten in jeder Zelle untereinander zeigen oder eine allein</translation>
    </message>
    <message>
        <source>Axis down: click to change its name or values</source>
        <translation>Die Achse nach unten: anklicken, um Namen oder Werte zu ändern</translation>
    </message>
    <message>
        <source>Axis across: click to change its name or values</source>
        <translation>Die Achse nach rechts: anklicken, um Namen oder Werte zu ändern</translation>
    </message>
    <message>
        <source>Rows become columns; formulas are rewritten to keep their meaning</source>
        <translation>Die Zeilen werden Spalten; Formeln werden so umgeschrieben, dass sie dasselbe bedeuten</translation>
    </message>
    <message>
        <source>%1%2, typed: type in the cells</source>
        <translation>%1%2, getippt: in die Zellen schreiben</translation>
    </message>
</context>
<context>
    <name>ledgefall::LedgeModel</name>
    <message>
        <source>type n = 12 or q = 1 − p to hold one</source>
        <translation>etwa n = 12 oder q = 1 − p eintippen, um einen Wert festzuhalten</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>study</source>
        <translation>Studie</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Formula</source>
        <translation>Formel</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Used by</source>
        <translation>Verwendet von</translation>
    </message>
    <message>
        <source>holding a value</source>
        <translation>einen Wert festhalten</translation>
    </message>
    <message>
        <source>held value %1</source>
        <translation>festgehaltener Wert %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::LedgeView</name>
    <message>
        <source>Ledge</source>
        <translation>Leiste</translation>
    </message>
    <message>
        <source>hold a value</source>
        <translation>Wert festhalten</translation>
    </message>
    <message>
        <source>Put a value on the ledge, where no row changes it (Ctrl+H)</source>
        <translation>Einen Wert auf die Leiste stellen, wo keine Zeile ihn ändert (Strg+H)</translation>
    </message>
    <message>
        <source>n = 12, or q = 1 − p</source>
        <translation>n = 12 oder q = 1 − p</translation>
    </message>
    <message>
        <source>New held value</source>
        <translation>Neuer festgehaltener Wert</translation>
    </message>
    <message>
        <source>The ledge: what stands here stays put, and formulas fall past it.</source>
        <translation>Die Leiste: was hier steht, bleibt fest, und die Formeln fallen daran vorbei.</translation>
    </message>
    <message>
        <source>order of the ledge</source>
        <translation>Reihenfolge auf der Leiste</translation>
    </message>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>holding %1</source>
        <translation>%1 festhalten</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Ändern …</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen …</translation>
    </message>
    <message>
        <source>Unit, note, group, slider and choices…</source>
        <translation>Einheit, Notiz, Gruppe, Schieber und Auswahl …</translation>
    </message>
    <message>
        <source>Choose a value…</source>
        <translation>Wert auswählen …</translation>
    </message>
    <message>
        <source>Move left</source>
        <translation>Nach links</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Only for this table</source>
        <translation>Nur für diese Tabelle</translation>
    </message>
    <message>
        <source>For the whole study</source>
        <translation>Für die ganze Studie</translation>
    </message>
    <message>
        <source>removing a held value</source>
        <translation>festgehaltenen Wert entfernen</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>Find the value for which…</source>
        <translation>Den Wert finden, für den…</translation>
    </message>
    <message>
        <source>Show the held values that do not fit on this shelf; scroll to slide them along</source>
        <translation>Zeigt die festgehaltenen Werte, für die auf diesem Brett kein Platz ist; das Rad schiebt sie weiter</translation>
    </message>
    <message>
        <source>held value properties</source>
        <translation>Angaben zum festgehaltenen Wert</translation>
    </message>
    <message>
        <source>Number format</source>
        <translation>Zahl anzeigen</translation>
    </message>
    <message>
        <source>Try values…</source>
        <translation>Andere Werte dafür versuchen…</translation>
    </message>
    <message>
        <source>moving to another ledge</source>
        <translation>andere Leiste</translation>
    </message>
    <message>
        <source>Remove from ledge</source>
        <translation>Von der Leiste entfernen</translation>
    </message>
</context>
<context>
    <name>ledgefall::MadeTableCommands</name>
    <message>
        <source>histogram classes bins intervals count tally distribution categories</source>
        <translation>Histogramm Klassen Intervalle zählen Strichliste Verteilung Kategorien</translation>
    </message>
    <message>
        <source>classes</source>
        <translation>Klassen</translation>
    </message>
    <message>
        <source>two-way cross chi squared pairs</source>
        <translation>Kreuztabelle Chi Quadrat Paare</translation>
    </message>
    <message>
        <source>mean median quartiles standard deviation variance box plot statistics descriptive minimum maximum</source>
        <translation>Mittelwert Median Quartile Standardabweichung Varianz Boxplot Statistik beschreibend Minimum Maximum</translation>
    </message>
    <message>
        <source>summary</source>
        <translation>Übersicht</translation>
    </message>
    <message>
        <source>per cent proportion count of a category</source>
        <translation>Prozent Anteil Anzahl einer Kategorie</translation>
    </message>
    <message>
        <source>unfolding %1</source>
        <translation>%1 auffalten</translation>
    </message>
    <message>
        <source>by hand step by step computation table</source>
        <translation>von Hand Schritt für Schritt Rechentabelle</translation>
    </message>
    <message>
        <source>&amp;Tables from columns</source>
        <translation>&amp;Tabellen aus Spalten</translation>
    </message>
    <message>
        <source>Make a fre&amp;quency table…</source>
        <translation>&amp;Häufigkeitstabelle der Spalte …</translation>
    </message>
    <message>
        <source>Make a contingency table of two columns</source>
        <translation>Kontingenztabelle zweier Spalten</translation>
    </message>
    <message>
        <source>Make a s&amp;ummary table…</source>
        <translation>&amp;Zusammenfassung von Spalten oder Gruppen …</translation>
    </message>
    <message>
        <source>Hold the share of one value</source>
        <translation>Anteil eines Werts, auf der Leiste gewählt</translation>
    </message>
    <message>
        <source>&amp;Unfold a measure of selected columns</source>
        <translation>Ein &amp;Maß der ausgewählten Spalten entfalten</translation>
    </message>
    <message>
        <source>new frequency table</source>
        <translation>eine Häufigkeitstabelle</translation>
    </message>
    <message>
        <source>new contingency table</source>
        <translation>eine Kontingenztabelle</translation>
    </message>
    <message>
        <source>new summary table</source>
        <translation>eine Zusammenfassung</translation>
    </message>
    <message>
        <source>share of one value</source>
        <translation>der Anteil eines Werts</translation>
    </message>
    <message>
        <source>&amp;Compare observed with expected counts</source>
        <translation>&amp;Beobachtete mit erwarteten Anzahlen vergleichen</translation>
    </message>
    <message>
        <source>chi squared goodness of fit pool classes test</source>
        <translation>Chi-Quadrat Anpassung zusammenlegen Klassen Test</translation>
    </message>
    <message>
        <source>new table of observed and expected</source>
        <translation>neue Tabelle aus Beobachtetem und Erwartetem</translation>
    </message>
    <message>
        <source>%1, shares by group</source>
        <translation>%1, Anteile nach Gruppen</translation>
    </message>
    <message>
        <source>%1, back to back</source>
        <translation>%1, Rücken an Rücken</translation>
    </message>
    <message>
        <source>Share of the group</source>
        <translation>Anteil der Gruppe</translation>
    </message>
    <message>
        <source>Count</source>
        <translation>Anzahl</translation>
    </message>
</context>
<context>
    <name>ledgefall::MainWindow</name>
    <message>
        <source>&amp;Table</source>
        <translation>&amp;Tabelle</translation>
    </message>
    <message>
        <source>&amp;Chart</source>
        <translation>&amp;Diagramm</translation>
    </message>
    <message>
        <source>computing…</source>
        <translation>rechnet …</translation>
    </message>
    <message>
        <source>computing… %L1 cells</source>
        <translation>rechnet … %L1 Zellen</translation>
    </message>
    <message>
        <source>%1[*] — Ledgefall</source>
        <translation>%1[*] — Ledgefall</translation>
    </message>
    <message>
        <source>&amp;Study</source>
        <translation>&amp;Studie</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>%1[*] (%2) — Ledgefall</source>
        <translation>%1[*] (%2) — Ledgefall</translation>
    </message>
    <message>
        <source>Contents</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Details</translation>
    </message>
    <message>
        <source>Co&amp;mpute</source>
        <translation>&amp;Rechnen</translation>
    </message>
    <message>
        <source>%1 was opened as a new study. What was found in it is in the study&apos;s note, under Study ▸ Study settings.</source>
        <translation>%1 wurde als neue Studie genommen. Was darin gefunden wurde, steht in der Notiz der Studie, unter Studie ▸ Einstellungen dieser Studie.</translation>
    </message>
    <message>
        <source>The tables of %1 were added. What was found in it is in the study&apos;s note.</source>
        <translation>Die Tabellen von %1 wurden hinzugefügt; was darin gefunden wurde, steht in der Notiz der Studie.</translation>
    </message>
    <message>
        <source>The tables of %1 were added. Renamed: %2.</source>
        <translation>Die Tabellen von %1 wurden hinzugefügt. Namen waren vergeben: %2.</translation>
    </message>
    <message>
        <source>This was being typed when the window closed: %1</source>
        <translation>Dies wurde gerade getippt, als das Fenster geschlossen wurde: %1</translation>
    </message>
    <message>
        <source>Computing has ended.</source>
        <translation>Das Rechnen ist beendet.</translation>
    </message>
</context>
<context>
    <name>ledgefall::MarkDialog</name>
    <message>
        <source>Mark a folder</source>
        <translation>Ordner bewerten</translation>
    </message>
    <message>
        <source>The handouts in a folder are compared with this study. The marks are a study of their own.</source>
        <translation>Die Arbeitsblätter in einem Ordner werden mit dieser Studie verglichen. Die Bewertung ist eine eigene Studie.</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Durchsuchen …</translation>
    </message>
    <message>
        <source>Browse for %1</source>
        <translation>%1 suchen</translation>
    </message>
    <message>
        <source>&amp;Folder of handouts</source>
        <translation>&amp;Ordner mit Arbeitsblättern</translation>
    </message>
    <message>
        <source>Folder of handouts</source>
        <translation>Ordner mit Arbeitsblättern</translation>
    </message>
    <message>
        <source>&amp;Earlier marks</source>
        <translation>&amp;Frühere Bewertung</translation>
    </message>
    <message>
        <source>Earlier marks</source>
        <translation>Frühere Bewertung</translation>
    </message>
    <message>
        <source>Ledgefall studies (*.ledgefall)</source>
        <translation>Ledgefall-Studien (*.ledgefall)</translation>
    </message>
    <message>
        <source>none; points that were changed in them stay</source>
        <translation>keine; darin geänderte Punkte bleiben</translation>
    </message>
    <message>
        <source>Feedback &amp;pages into</source>
        <translation>Seiten mit &amp;Rückmeldung nach</translation>
    </message>
    <message>
        <source>Feedback</source>
        <translation>Rückmeldung</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>&amp;Tolerance</source>
        <translation>&amp;Toleranz</translation>
    </message>
    <message>
        <source>&amp;Mark</source>
        <translation>&amp;Bewerten</translation>
    </message>
    <message>
        <source>%1 is not a folder. Choose the one with the handouts.</source>
        <translation>%1 ist kein Ordner. Wähle den mit den Arbeitsblättern.</translation>
    </message>
    <message>
        <source>The tolerance is a number from 0 to 1, such as 1e-9.</source>
        <translation>Die Toleranz ist eine Zahl von 0 bis 1, etwa 1e-9.</translation>
    </message>
</context>
<context>
    <name>ledgefall::MeanDialog</name>
    <message>
        <source>Mean with ± as text</source>
        <translation>Mittelwert mit ± als Text</translation>
    </message>
    <message>
        <source>All rows, as a card on the ledge</source>
        <translation>Alle Zeilen, als Karte auf dem Sims</translation>
    </message>
    <message>
        <source>A row for each value of %1</source>
        <translation>Eine Zeile je Wert von %1</translation>
    </message>
    <message>
        <source>Standard deviation (SD)</source>
        <translation>Standardabweichung (SD)</translation>
    </message>
    <message>
        <source>Standard error of the mean (SE)</source>
        <translation>Standardfehler des Mittelwerts (SE)</translation>
    </message>
    <message>
        <source>95 % confidence interval of the mean (Student&apos;s t)</source>
        <translation>95-%-Konfidenzintervall des Mittelwerts (Students t)</translation>
    </message>
    <message>
        <source>&amp;Column</source>
        <translation>&amp;Spalte</translation>
    </message>
    <message>
        <source>&amp;Rows</source>
        <translation>&amp;Zeilen</translation>
    </message>
    <message>
        <source>&amp;Behind the ±</source>
        <translation>&amp;Hinter dem ±</translation>
    </message>
    <message>
        <source>The &amp;values are</source>
        <translation>Die &amp;Werte sind</translation>
    </message>
    <message>
        <source>Make</source>
        <translation>Erstellen</translation>
    </message>
</context>
<context>
    <name>ledgefall::MotionDialog</name>
    <message>
        <source>&amp;Stop there</source>
        <translation>Dort &amp;anhalten</translation>
    </message>
    <message>
        <source>Draw a &amp;chart</source>
        <translation>&amp;Diagramm zeichnen</translation>
    </message>
    <message>
        <source>Motion in steps</source>
        <translation>Bewegung in Schritten</translation>
    </message>
    <message>
        <source>One: x</source>
        <translation>Eine: x</translation>
    </message>
    <message>
        <source>Two: x and y</source>
        <translation>Zwei: x und y</translation>
    </message>
    <message>
        <source>stable for step × rate below %1</source>
        <translation>stabil bei Schritt × Rate unter %1</translation>
    </message>
    <message>
        <source>lets every oscillation grow</source>
        <translation>lässt jede Schwingung wachsen</translation>
    </message>
    <message>
        <source>%1: order %2, %3</source>
        <translation>%1: Ordnung %2, %3</translation>
    </message>
    <message>
        <source>Acceleration along x</source>
        <translation>Beschleunigung längs x</translation>
    </message>
    <message>
        <source>Acceleration along y</source>
        <translation>Beschleunigung längs y</translation>
    </message>
    <message>
        <source>x at the start</source>
        <translation>x am Anfang</translation>
    </message>
    <message>
        <source>Velocity along x at the start</source>
        <translation>Geschwindigkeit längs x am Anfang</translation>
    </message>
    <message>
        <source>y at the start</source>
        <translation>y am Anfang</translation>
    </message>
    <message>
        <source>Velocity along y at the start</source>
        <translation>Geschwindigkeit längs y am Anfang</translation>
    </message>
    <message>
        <source>Time step</source>
        <translation>Zeitschritt</translation>
    </message>
    <message>
        <source>Time of the last row</source>
        <translation>Zeit der letzten Zeile</translation>
    </message>
    <message>
        <source>Conserved quantity</source>
        <translation>Erhaltungsgröße</translation>
    </message>
    <message>
        <source>Event</source>
        <translation>Ereignis</translation>
    </message>
    <message>
        <source>optional, such as vx^2 / 2 + 9.81 * x</source>
        <translation>freiwillig, etwa vx^2 / 2 + 9.81 * x</translation>
    </message>
    <message>
        <source>optional: what becomes 0, such as y</source>
        <translation>freiwillig: was 0 wird, etwa y</translation>
    </message>
    <message>
        <source>&amp;Begin with</source>
        <translation>&amp;Beginnen mit</translation>
    </message>
    <message>
        <source>&amp;Directions</source>
        <translation>&amp;Richtungen</translation>
    </message>
    <message>
        <source>&amp;Acceleration along x</source>
        <translation>Beschleunigung längs &amp;x</translation>
    </message>
    <message>
        <source>A&amp;cceleration along y</source>
        <translation>Beschleunigung längs &amp;y</translation>
    </message>
    <message>
        <source>Start: &amp;x and its velocity</source>
        <translation>Anf&amp;ang: x und Geschwindigkeit</translation>
    </message>
    <message>
        <source>Start: &amp;y and its velocity</source>
        <translation>Anfan&amp;g: y und Geschwindigkeit</translation>
    </message>
    <message>
        <source>&amp;Time step and end</source>
        <translation>&amp;Zeitschritt und Ende</translation>
    </message>
    <message>
        <source>&amp;Method</source>
        <translation>&amp;Verfahren</translation>
    </message>
    <message>
        <source>Conserved &amp;quantity</source>
        <translation>&amp;Erhaltungsgröße</translation>
    </message>
    <message>
        <source>&amp;Event where this is 0</source>
        <translation>Erei&amp;gnis, wo dies 0 ist</translation>
    </message>
    <message>
        <source>Make table</source>
        <translation>Tabelle erstellen</translation>
    </message>
    <message>
        <source>Formulas may use x, vx, y, vy and t.</source>
        <translation>Formeln können x, vx, y, vy und t verwenden.</translation>
    </message>
    <message>
        <source>Formulas may use x, vx and t.</source>
        <translation>Formeln können x, vx und t verwenden.</translation>
    </message>
    <message>
        <source>Fall with drag</source>
        <translation>Fall mit Luftwiderstand</translation>
    </message>
    <message>
        <source>Throw with drag</source>
        <translation>Wurf mit Luftwiderstand</translation>
    </message>
    <message>
        <source>Swing on a spring</source>
        <translation>Schwingung an einer Feder</translation>
    </message>
    <message>
        <source>Pendulum at a large angle</source>
        <translation>Pendel mit großem Winkel</translation>
    </message>
    <message>
        <source>Orbit round a centre</source>
        <translation>Umlauf um ein Zentrum</translation>
    </message>
</context>
<context>
    <name>ledgefall::NewFootMenu</name>
    <message>
        <source>Add a foot line</source>
        <translation>Fußzeile hinzufügen</translation>
    </message>
    <message>
        <source>Diversity, of counts per species</source>
        <translation>Diversität, aus Anzahlen je Art</translation>
    </message>
    <message>
        <source>foot line %1</source>
        <translation>Fußzeile %1</translation>
    </message>
    <message>
        <source>Quartiles, range, most frequent</source>
        <translation>Quartile, Spannweite, Häufigstes</translation>
    </message>
    <message>
        <source>Spread, shape and other means</source>
        <translation>Streuung, Form und andere Mittel</translation>
    </message>
    <message>
        <source>Custom formula…</source>
        <translation>Eigene Formel …</translation>
    </message>
</context>
<context>
    <name>ledgefall::Notices</name>
    <message>
        <source>Dismiss</source>
        <translation>Verwerfen</translation>
    </message>
</context>
<context>
    <name>ledgefall::OutcomeCurve</name>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>Outcome of each value</source>
        <translation>Was aus jedem Wert wird</translation>
    </message>
</context>
<context>
    <name>ledgefall::RecoveryDialog</name>
    <message>
        <source>Unsaved work was recovered</source>
        <translation>Nicht gespeicherte Arbeit wurde gerettet</translation>
    </message>
    <message>
        <source>Its file is %1.</source>
        <translation>Die Datei ist %1.</translation>
    </message>
    <message>
        <source>It had no file yet.</source>
        <translation>Sie hatte noch keine Datei.</translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation>Später entscheiden</translation>
    </message>
    <message>
        <source>“%1”, last changed %2, was not saved when its window closed.</source>
        <translation>„%1“, zuletzt geändert %2, war nicht gespeichert, als das Fenster endete.</translation>
    </message>
    <message>
        <source>Compared with the file: %1</source>
        <translation>Gegenüber der Datei: %1</translation>
    </message>
    <message>
        <source>Its file, %1, no longer exists.</source>
        <translation>Die Datei %1 gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>Tables: %1. Typed cells: %2.</source>
        <translation>Tabellen: %1, eingetippte Zellen: %2.</translation>
    </message>
    <message>
        <source>Open the recovered study</source>
        <translation>Das Gerettete öffnen</translation>
    </message>
    <message>
        <source>Keep both: open it as a new study, and leave the file unchanged</source>
        <translation>Beides behalten: als neue Studie öffnen und die Datei lassen</translation>
    </message>
    <message>
        <source>Keep the file, and discard the recovered study</source>
        <translation>Die Datei behalten, wie sie ist, und das Gerettete entfernen</translation>
    </message>
    <message>
        <source>Discard the recovered study</source>
        <translation>Das Gerettete entfernen</translation>
    </message>
    <message>
        <source>The file has been changed since then by another program or window, last %1. Keep both, unless you know that one of them is not needed.</source>
        <translation>Die Datei wurde seitdem von einem anderen Programm oder Fenster geändert, zuletzt %1. Behalten Sie beide, wenn Sie nicht sicher sind, dass eine von ihnen überflüssig ist.</translation>
    </message>
    <message>
        <source>This was being typed: %1</source>
        <translation>Dies wurde gerade getippt: %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::ReferencePlot</name>
    <message>
        <source>lower quartile</source>
        <translation>unteres Quartil</translation>
    </message>
    <message>
        <source>median</source>
        <translation>Median</translation>
    </message>
    <message>
        <source>upper quartile</source>
        <translation>oberes Quartil</translation>
    </message>
</context>
<context>
    <name>ledgefall::ReportDialog</name>
    <message>
        <source>Report</source>
        <translation>Bericht</translation>
    </message>
    <message>
        <source>&amp;Author</source>
        <translation>&amp;Verfasser</translation>
    </message>
    <message>
        <source>All rows</source>
        <translation>Alle Zeilen</translation>
    </message>
    <message>
        <source>The first and the last</source>
        <translation>Die ersten und letzten</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>How many rows from either end</source>
        <translation>Wie viele Zeilen von jedem Ende</translation>
    </message>
    <message>
        <source>&amp;Rows</source>
        <translation>&amp;Zeilen</translation>
    </message>
    <message>
        <source>N&amp;umbers in full</source>
        <translation>&amp;Zahlen vollständig</translation>
    </message>
    <message>
        <source>As mathematics</source>
        <translation>Als Mathematik</translation>
    </message>
    <message>
        <source>As typed</source>
        <translation>Wie getippt</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Ausgelassen</translation>
    </message>
    <message>
        <source>&amp;Formulas</source>
        <translation>F&amp;ormeln</translation>
    </message>
    <message>
        <source>such as Pebbles.dev[3], ledge.q</source>
        <translation>etwa Pebbles.dev[3], ledge.q</translation>
    </message>
    <message>
        <source>&amp;Working of</source>
        <translation>&amp;Rechenweg von</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>&amp;Paper</source>
        <translation>Pap&amp;ier</translation>
    </message>
    <message>
        <source>Portrait</source>
        <translation>Hochformat</translation>
    </message>
    <message>
        <source>Landscape</source>
        <translation>Querformat</translation>
    </message>
    <message>
        <source>&amp;Orientation</source>
        <translation>A&amp;usrichtung</translation>
    </message>
    <message>
        <source>Sa&amp;ve as…</source>
        <translation>Speichern &amp;als…</translation>
    </message>
    <message>
        <source>Pr&amp;int…</source>
        <translation>Dru&amp;cken…</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Pages: %1</source>
        <translation>Seiten: %1</translation>
    </message>
    <message>
        <source>Save report</source>
        <translation>Bericht speichern</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>The printer could not be reached. Choose another one, or save the report as PDF.</source>
        <translation>Der Drucker ist nicht erreichbar. Wählen Sie einen anderen, oder speichern Sie den Bericht als PDF.</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;Web page (*.html);;OpenDocument text (*.odt);;LaTeX (*.tex)</source>
        <translation>PDF (*.pdf);;Webseite (*.html);;OpenDocument-Text (*.odt);;LaTeX (*.tex)</translation>
    </message>
    <message>
        <source>&amp;Blank columns for what the handout asks</source>
        <translation>&amp;Leere Spalten für das, wonach das Arbeitsblatt fragt</translation>
    </message>
    <message>
        <source>Pa&amp;rts</source>
        <translation>&amp;Teile</translation>
    </message>
    <message>
        <source>Note of the study</source>
        <translation>Notiz der Studie</translation>
    </message>
    <message>
        <source>Held values</source>
        <translation>Festgehaltene Werte</translation>
    </message>
    <message>
        <source>Table: %1</source>
        <translation>Tabelle: %1</translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation>Diagramm: %1</translation>
    </message>
    <message>
        <source>Checks and their state</source>
        <translation>Prüfungen und ihr Stand</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>Sources of the methods</source>
        <translation>Quellen der Verfahren</translation>
    </message>
    <message>
        <source>The pages are being laid out…</source>
        <translation>Die Seiten werden umbrochen …</translation>
    </message>
</context>
<context>
    <name>ledgefall::RowCommands</name>
    <message>
        <source>Ro&amp;ws</source>
        <translation>&amp;Zeilen</translation>
    </message>
    <message>
        <source>&amp;Insert rows above</source>
        <translation>Zeilen darüber &amp;einfügen</translation>
    </message>
    <message>
        <source>&amp;Insert rows to the left</source>
        <translation>L&amp;inks Zeilen einfügen</translation>
    </message>
    <message>
        <source>&amp;Remove rows</source>
        <translation>Zeilen &amp;entfernen</translation>
    </message>
    <message>
        <source>&amp;Sort by this column, ascending</source>
        <translation>Nach dieser Spalte &amp;aufsteigend sortieren</translation>
    </message>
    <message>
        <source>order</source>
        <translation>ordnen Reihenfolge</translation>
    </message>
    <message>
        <source>series fill down sequence repeat</source>
        <translation>Reihe ausfüllen Folge wiederholen</translation>
    </message>
    <message>
        <source>moving rows</source>
        <translation>Zeilen verschieben</translation>
    </message>
    <message>
        <source>sorting</source>
        <translation>sortieren</translation>
    </message>
    <message>
        <source>continuing</source>
        <translation>fortsetzen</translation>
    </message>
    <message>
        <source>Move rows &amp;up</source>
        <translation>Nach &amp;oben verschieben</translation>
    </message>
    <message>
        <source>Move rows &amp;left</source>
        <translation>Nach &amp;links verschieben</translation>
    </message>
    <message>
        <source>Move rows &amp;down</source>
        <translation>Nach &amp;unten verschieben</translation>
    </message>
    <message>
        <source>Move rows ri&amp;ght</source>
        <translation>Nach &amp;rechts verschieben</translation>
    </message>
    <message>
        <source>Sort by this column, d&amp;escending</source>
        <translation>Nach dieser Spalte a&amp;bsteigend sortieren</translation>
    </message>
    <message>
        <source>&amp;Continue selected values…</source>
        <translation>Ausgewählte Werte &amp;fortsetzen …</translation>
    </message>
</context>
<context>
    <name>ledgefall::RowCountField</name>
    <message>
        <source>rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation>Anzahl der Zeilen</translation>
    </message>
    <message>
        <source>The number of rows: a number, or a formula</source>
        <translation>Die Anzahl der Zeilen: eine Zahl oder eine Formel</translation>
    </message>
    <message>
        <source>One row fewer</source>
        <translation>Eine Zeile weniger</translation>
    </message>
    <message>
        <source>One row more</source>
        <translation>Eine Zeile mehr</translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation>Anzahl der Zeilen</translation>
    </message>
</context>
<context>
    <name>ledgefall::RowsEdge</name>
    <message>
        <source>Lower end of the table</source>
        <translation>Unteres Ende der Tabelle</translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation>Zahl der Zeilen</translation>
    </message>
    <message>
        <source>Right end of the table</source>
        <translation>Rechtes Ende der Tabelle</translation>
    </message>
    <message>
        <source>Drag to add or remove rows</source>
        <translation>Ziehen gibt mehr oder weniger Zeilen</translation>
    </message>
    <message>
        <source>rows: %1</source>
        <translation>%1 Zeilen</translation>
    </message>
</context>
<context>
    <name>ledgefall::RunCommands</name>
    <message>
        <source>&amp;Keep this run</source>
        <translation>Diesen Lauf &amp;behalten</translation>
    </message>
    <message>
        <source>save result compare scenario snapshot remember present values</source>
        <translation>ergebnis speichern vergleichen szenario merken jetzige werte</translation>
    </message>
    <message>
        <source>&amp;Restore a run…</source>
        <translation>Einen Lauf &amp;wiederherstellen …</translation>
    </message>
    <message>
        <source>back to kept values scenario</source>
        <translation>zurück zu behaltenen werten szenario</translation>
    </message>
    <message>
        <source>compare results scenarios</source>
        <translation>ergebnisse szenarien vergleichen</translation>
    </message>
    <message>
        <source>&amp;Draw all runs in charts</source>
        <translation>Alle Läufe in Diagramme &amp;zeichnen</translation>
    </message>
    <message>
        <source>overlay compare curves</source>
        <translation>kurven vergleichen überlagern</translation>
    </message>
    <message>
        <source>hide overlay</source>
        <translation>kurven ausblenden</translation>
    </message>
    <message>
        <source>keeping a run</source>
        <translation>Behalten eines Laufs</translation>
    </message>
    <message>
        <source>restoring a run</source>
        <translation>Wiederherstellen eines Laufs</translation>
    </message>
    <message>
        <source>Restore</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>drawing runs</source>
        <translation>Zeichnen der Läufe</translation>
    </message>
    <message>
        <source>Make a t&amp;able of runs</source>
        <translation>&amp;Tabelle der Läufe</translation>
    </message>
    <message>
        <source>Hide ru&amp;ns in charts</source>
        <translation>&amp;Keine Läufe in Diagramme zeichnen</translation>
    </message>
    <message>
        <source>Kept as %1. It is listed in the contents and drawn paler in the charts of its columns.</source>
        <translation>Behalten als %1. Diagramme seiner Spalten zeichnen ihn blasser; er steht im Inhalt.</translation>
    </message>
    <message>
        <source>Cells with errors are kept empty: %1.</source>
        <translation>Zellen mit Fehler bleiben darin leer: %1.</translation>
    </message>
    <message>
        <source>The held values of the run %1 are restored.</source>
        <translation>Die festgehaltenen Werte sind wieder wie im Lauf %1.</translation>
    </message>
    <message>
        <source>The held values of the run %1 are restored, except those that are now computed or have been removed: %2.</source>
        <translation>Die festgehaltenen Werte sind wieder wie im Lauf %1, außer was jetzt durch eine Formel berechnet wird oder nicht mehr da ist: %2.</translation>
    </message>
    <message>
        <source>Restore run</source>
        <translation>Welcher Lauf?</translation>
    </message>
    <message>
        <source>Held values, overrides and the seed go back to what they were.</source>
        <translation>Festgehaltene Werte, über Formeln getippte Zellen und der Startwert des Zufalls werden, was sie waren.</translation>
    </message>
    <message>
        <source>new table of runs</source>
        <translation>Tabelle der Läufe</translation>
    </message>
</context>
<context>
    <name>ledgefall::SettingsDialog</name>
    <message>
        <source>%1 — type %2</source>
        <translation>%1 — Typ %2</translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation>&amp;Titel</translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation>&amp;Notiz</translation>
    </message>
    <message>
        <source>&amp;Quantiles</source>
        <translation>&amp;Quantile</translation>
    </message>
    <message>
        <source>Tolerance of &amp;≈</source>
        <translation>Toleranz von &amp;≈</translation>
    </message>
    <message>
        <source>Toda&amp;y is</source>
        <translation>He&amp;ute ist</translation>
    </message>
    <message>
        <source>&amp;Seed of random numbers</source>
        <translation>Anfangswert der &amp;Zufallszahlen</translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation>&amp;Dezimalzeichen</translation>
    </message>
    <message>
        <source>T&amp;housands</source>
        <translation>Tau&amp;sender</translation>
    </message>
    <message>
        <source>Fixed date</source>
        <translation>Ein Tag, der bleibt</translation>
    </message>
    <message>
        <source>Study settings</source>
        <translation>Einstellungen dieser Studie</translation>
    </message>
    <message>
        <source>As on this computer</source>
        <translation>Wie auf diesem Rechner</translation>
    </message>
    <message>
        <source>Point: 1234.5</source>
        <translation>Punkt: 1234.5</translation>
    </message>
    <message>
        <source>Comma: 1234,5</source>
        <translation>Komma: 1234,5</translation>
    </message>
    <message>
        <source>No grouping: 1234567</source>
        <translation>Nicht gruppiert: 1234567</translation>
    </message>
    <message>
        <source>Space: 1 234 567</source>
        <translation>Durch ein Leerzeichen: 1 234 567</translation>
    </message>
    <message>
        <source>Opposite of the decimal sign</source>
        <translation>Durch das Zeichen, das nicht Dezimalzeichen ist</translation>
    </message>
    <message>
        <source>Radians, unchanged: 0.785</source>
        <translation>Bogenmaß, wie sie sind: 0,785</translation>
    </message>
    <message>
        <source>Degrees: 45.0°</source>
        <translation>Grad: 45,0°</translation>
    </message>
    <message>
        <source>Degrees, minutes, seconds: 45°0′0″</source>
        <translation>Grad, Minuten, Sekunden: 45°0′0″</translation>
    </message>
    <message>
        <source>An&amp;gles with unit rad</source>
        <translation>&amp;Winkel mit der Einheit rad</translation>
    </message>
    <message>
        <source>Used to show and read numbers in the window; formulas always use a point</source>
        <translation>Zahlen werden im Fenster damit gezeigt und gelesen; Formeln haben einen Punkt</translation>
    </message>
    <message>
        <source>Only the display changes: the values stay in radians</source>
        <translation>Nur die Anzeige ändert sich: die Werte bleiben im Bogenmaß</translation>
    </message>
    <message>
        <source>How quartiles, the median and other quantiles are placed between two values</source>
        <translation>Wo Quartile, Median und andere Quantile zwischen zwei Werten liegen</translation>
    </message>
    <message>
        <source>≈ holds where two sides differ by no more than this fraction of the size of their terms</source>
        <translation>≈ gilt, wo sich zwei Seiten um nicht mehr als diesen Teil dessen unterscheiden, woraus sie gemacht sind</translation>
    </message>
    <message>
        <source>Otherwise, today() is the current date</source>
        <translation>Sonst ist today() der Tag, an dem die Studie ausgerechnet wird</translation>
    </message>
    <message>
        <source>The same seed gives the same random numbers</source>
        <translation>Derselbe Anfangswert zieht dieselben Zufallszahlen</translation>
    </message>
    <message>
        <source>As-of day</source>
        <translation>Stichtag</translation>
    </message>
    <message>
        <source>The &amp;values are</source>
        <translation>Die &amp;Werte sind</translation>
    </message>
</context>
<context>
    <name>ledgefall::StartPage</name>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>New table</source>
        <translation>Neue Tabelle</translation>
    </message>
    <message>
        <source>Open the demo study</source>
        <translation>Die Beispielstudie öffnen</translation>
    </message>
    <message>
        <source>A first table in five steps</source>
        <translation>Eine erste Tabelle in fünf Schritten</translation>
    </message>
    <message>
        <source>Remove from my starters</source>
        <translation>Aus meinen Anfängen entfernen</translation>
    </message>
    <message>
        <source>A computation table starts with a few columns.</source>
        <translation>Eine Rechentabelle beginnt mit ein paar Spalten.</translation>
    </message>
    <message>
        <source>Type or paste your observations, hold on the ledge what must not move, and write one formula for all rows.</source>
        <translation>Tippen Sie die Beobachtungen ein oder fügen Sie sie ein, halten Sie auf der Leiste fest, was sich nicht bewegen darf, und schreiben Sie eine Formel für alle Zeilen.</translation>
    </message>
    <message>
        <source>Import a table or worksheet…</source>
        <translation>Eine Tabelle oder ein Rechenblatt einlesen …</translation>
    </message>
    <message>
        <source>Or start from a finished example:</source>
        <translation>Oder beginnen Sie mit einer Tabelle, die schon ausgearbeitet ist:</translation>
    </message>
</context>
<context>
    <name>ledgefall::StarterCard</name>
    <message>
        <source>Starter: %1</source>
        <translation>Anfang: %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::StudyCommands</name>
    <message>
        <source>&amp;New</source>
        <translation>&amp;Neu</translation>
    </message>
    <message>
        <source>New &amp;window</source>
        <translation>Neues &amp;Fenster</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen …</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open the &amp;demo study</source>
        <translation>&amp;Beispielstudie öffnen</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;unter …</translation>
    </message>
    <message>
        <source>Earlier &amp;versions…</source>
        <translation>Frühere &amp;Versionen…</translation>
    </message>
    <message>
        <source>&amp;Export this table…</source>
        <translation>Diese Tabelle &amp;ausgeben …</translation>
    </message>
    <message>
        <source>spreadsheet ods xlsx send hand on</source>
        <translation>Tabellenblatt ods xlsx senden weitergeben</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Keep as a starter</source>
        <translation>Als Anfang behalten</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
    <message>
        <source>New &amp;from a starter</source>
        <translation>Neu aus einem &amp;Anfang</translation>
    </message>
    <message>
        <source>&amp;Import a table or worksheet…</source>
        <translation>Eine Tabelle oder ein Rechenblatt e&amp;inlesen …</translation>
    </message>
    <message>
        <source>Export study as a wor&amp;ksheet…</source>
        <translation>Die Studie als &amp;Rechenblatt ausgeben …</translation>
    </message>
    <message>
        <source>&amp;Clear values for new data</source>
        <translation>Für eigene Daten &amp;leeren</translation>
    </message>
    <message>
        <source>empty values template blank reset</source>
        <translation>leeren Werte Vorlage leer zurücksetzen</translation>
    </message>
    <message>
        <source>Study se&amp;ttings…</source>
        <translation>Einstellungen dieser S&amp;tudie …</translation>
    </message>
    <message>
        <source>Clear values for new data</source>
        <translation>Für eigene Daten leeren</translation>
    </message>
    <message>
        <source>clearing values</source>
        <translation>Leeren</translation>
    </message>
    <message>
        <source>Title of the starter:</source>
        <translation>Der Titel, unter dem neue Studien damit anfangen können:</translation>
    </message>
    <message>
        <source>&amp;Keep this study as a starter…</source>
        <translation>Diese Studie dazu&amp;nehmen …</translation>
    </message>
    <message>
        <source>&amp;Report…</source>
        <translation>&amp;Bericht…</translation>
    </message>
    <message>
        <source>print pdf html latex document hand in page paper</source>
        <translation>drucken PDF HTML LaTeX Dokument Abgabe Seite Papier</translation>
    </message>
    <message>
        <source>what the report has</source>
        <translation>was der Bericht hat</translation>
    </message>
</context>
<context>
    <name>ledgefall::StudyFiles</name>
    <message>
        <source>Save without it</source>
        <translation>Ohne sie speichern</translation>
    </message>
    <message>
        <source>Save the study</source>
        <translation>Die Studie speichern</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Nicht gespeicherte Änderungen</translation>
    </message>
    <message>
        <source>Save the changes to %1?</source>
        <translation>Die Änderungen an %1 speichern?</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Save again</source>
        <translation>Wieder speichern</translation>
    </message>
    <message>
        <source>Overwrite the file</source>
        <translation>Mit meiner überschreiben</translation>
    </message>
    <message>
        <source>Reload the file</source>
        <translation>Die andere nehmen</translation>
    </message>
    <message>
        <source>The file was changed</source>
        <translation>Die Datei wurde geändert</translation>
    </message>
    <message>
        <source>%1 — %2</source>
        <translation>%1 — %2</translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation>Frühere Versionen</translation>
    </message>
    <message>
        <source>open in another window</source>
        <translation>in einem anderen Fenster geöffnet</translation>
    </message>
    <message>
        <source>Reading the earlier versions…</source>
        <translation>Die früheren Fassungen werden gelesen…</translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation>%1 wird gelesen …</translation>
    </message>
    <message>
        <source>%1 is %2 here</source>
        <translation>%1 heißt hier %2</translation>
    </message>
    <message>
        <source>adding %1</source>
        <translation>Hinzufügen von %1</translation>
    </message>
    <message>
        <source>Reading what was recovered of %1…</source>
        <translation>Lesen, was von %1 wiederhergestellt wurde …</translation>
    </message>
    <message>
        <source>Reading the earlier version…</source>
        <translation>Lesen der früheren Version …</translation>
    </message>
    <message>
        <source>Unsaved changes cannot be backed up: %1</source>
        <translation>Nicht gespeicherte Änderungen lassen sich nicht für einen Absturz aufheben: %1</translation>
    </message>
    <message>
        <source>%1 is open in another window. Changes made here will be saved under another name.</source>
        <translation>%1 ist in einem anderen Fenster geöffnet: Änderungen von hier werden unter anderem Namen gespeichert.</translation>
    </message>
    <message>
        <source>Unfinished formula</source>
        <translation>Was gerade geschrieben wird</translation>
    </message>
    <message>
        <source>The formula being written cannot be entered yet. %1</source>
        <translation>Die Formel, die gerade geschrieben wird, lässt sich noch nicht übernehmen. %1</translation>
    </message>
    <message>
        <source>Open a study or worksheet</source>
        <translation>Eine Studie oder ein Rechenblatt öffnen</translation>
    </message>
    <message>
        <source>Continue without it</source>
        <translation>Ohne sie fortfahren</translation>
    </message>
    <message>
        <source>%1 has been removed or renamed since it was opened here.</source>
        <translation>%1 ist entfernt oder umbenannt worden, seit es hier gelesen wurde.</translation>
    </message>
    <message>
        <source>%1 has been changed by another program since it was opened here. Differences in the file: %2</source>
        <translation>%1 ist von einem anderen Programm geändert worden, seit es hier gelesen wurde. Von diesem Fenster zur Datei: %2</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Meine speichern als …</translation>
    </message>
    <message>
        <source>The recovered study “%1” cannot be read: %2</source>
        <translation>Das Gerettete von „%1“ lässt sich nicht lesen: %2</translation>
    </message>
    <message>
        <source>This study has not been saved yet, so it has no earlier versions. Save it first.</source>
        <translation>Diese Studie hat noch keine Datei und daher keine früheren Versionen: zuerst speichern.</translation>
    </message>
    <message>
        <source>There are no earlier versions yet. One is kept each time the study is saved.</source>
        <translation>Von dieser Studie ist noch keine Version aufgehoben: mit jedem Speichern wird eine aufgehoben.</translation>
    </message>
    <message>
        <source>How each differs from the study as it is now. Restoring a version can be undone; the file changes only when you save.</source>
        <translation>Wie sich jede von der Studie unterscheidet, wie sie jetzt ist. Die genommene ist ein Schritt für Rückgängig; die Datei ändert sich erst beim Speichern.</translation>
    </message>
    <message>
        <source>Restore this version</source>
        <translation>Diese Version nehmen</translation>
    </message>
    <message>
        <source>restoring an earlier version</source>
        <translation>frühere Version</translation>
    </message>
    <message>
        <source>read-only</source>
        <translation>schreibgeschützt</translation>
    </message>
</context>
<context>
    <name>ledgefall::SubjectCommands</name>
    <message>
        <source>&amp;Mean with ± as text…</source>
        <translation>&amp;Mittelwert mit ± als Text…</translation>
    </message>
    <message>
        <source>standard error deviation confidence interval by group report uncertainty</source>
        <translation>Standardfehler Abweichung Konfidenzintervall Gruppe Bericht Unsicherheit</translation>
    </message>
    <message>
        <source>Stem-and-&amp;leaf table</source>
        <translation>Stamm-&amp;Blatt-Tabelle</translation>
    </message>
    <message>
        <source>stem leaf stemplot digits distribution</source>
        <translation>Stamm Blatt Ziffern Verteilung</translation>
    </message>
    <message>
        <source>Select values beyond the &amp;fences</source>
        <translation>Werte &amp;außerhalb der Zäune auswählen</translation>
    </message>
    <message>
        <source>outliers box plot Tukey quartiles</source>
        <translation>Ausreißer Kastenschaubild Tukey Quartile</translation>
    </message>
    <message>
        <source>From a &amp;distribution…</source>
        <translation>Aus einer &amp;Verteilung…</translation>
    </message>
    <message>
        <source>probability critical region significance test normal approximation binomial poisson table</source>
        <translation>Wahrscheinlichkeit kritischer Bereich Signifikanz Test Normalnäherung Binomial Poisson Tabelle</translation>
    </message>
    <message>
        <source>Counts expected by a fitted distribution…</source>
        <translation>Erwartete Anzahlen einer angepassten Verteilung…</translation>
    </message>
    <message>
        <source>estimate p lambda mean binomial poisson goodness of fit</source>
        <translation>schätzen p Lambda Mittelwert Binomial Poisson Anpassungstest</translation>
    </message>
    <message>
        <source>Di&amp;versity of sites…</source>
        <translation>&amp;Diversität von Orten…</translation>
    </message>
    <message>
        <source>species indices Shannon Simpson richness evenness Bray Curtis Jaccard Sørensen rarefaction dissimilarity matrix abundance</source>
        <translation>Arten Indizes Shannon Simpson Artenzahl Evenness Bray Curtis Jaccard Sørensen Rarefaktion Unähnlichkeit Matrix Häufigkeit</translation>
    </message>
    <message>
        <source>Motion and &amp;rates</source>
        <translation>Bewegung und &amp;Raten</translation>
    </message>
    <message>
        <source>&amp;Motion in steps…</source>
        <translation>&amp;Bewegung in Schritten…</translation>
    </message>
    <message>
        <source>acceleration velocity Euler Verlet Runge Kutta projectile pendulum orbit iteration simulate physics</source>
        <translation>Beschleunigung Geschwindigkeit Euler Verlet Runge Kutta Wurf Pendel Umlauf Iteration Simulation Physik</translation>
    </message>
    <message>
        <source>&amp;Halve the step of a result…</source>
        <translation>&amp;Schritt eines Ergebnisses halbieren…</translation>
    </message>
    <message>
        <source>Richardson extrapolation convergence order error step size</source>
        <translation>Richardson Extrapolation Konvergenz Ordnung Fehler Schrittweite</translation>
    </message>
    <message>
        <source>&amp;Rate of change of one column by another</source>
        <translation>&amp;Änderungsrate einer Spalte nach einer anderen</translation>
    </message>
    <message>
        <source>derivative velocity acceleration slope</source>
        <translation>Ableitung Geschwindigkeit Beschleunigung Steigung</translation>
    </message>
    <message>
        <source>Running &amp;integral of one column over another</source>
        <translation>Laufendes &amp;Integral einer Spalte über einer anderen</translation>
    </message>
    <message>
        <source>area trapezium distance sum</source>
        <translation>Fläche Trapez Strecke Summe</translation>
    </message>
    <message>
        <source>&amp;Compare measured columns with a model…</source>
        <translation>&amp;Gemessene Spalten mit einem Modell vergleichen…</translation>
    </message>
    <message>
        <source>residuals fit theory experiment</source>
        <translation>Residuen Anpassung Theorie Experiment</translation>
    </message>
    <message>
        <source>critical region</source>
        <translation>kritischer Bereich</translation>
    </message>
    <message>
        <source>new table of a distribution</source>
        <translation>neue Tabelle einer Verteilung</translation>
    </message>
    <message>
        <source>Expected counts</source>
        <translation>Erwartete Anzahlen</translation>
    </message>
    <message>
        <source>Poisson, mean estimated from the counts</source>
        <translation>Poisson, Mittelwert aus den Anzahlen geschätzt</translation>
    </message>
    <message>
        <source>Binomial, probability estimated from the counts</source>
        <translation>Binomial, Wahrscheinlichkeit aus den Anzahlen geschätzt</translation>
    </message>
    <message>
        <source>Add column</source>
        <translation>Spalte hinzufügen</translation>
    </message>
    <message>
        <source>expected counts</source>
        <translation>erwartete Anzahlen</translation>
    </message>
    <message>
        <source>diversity of sites</source>
        <translation>Diversität von Orten</translation>
    </message>
    <message>
        <source>mean as text</source>
        <translation>Mittelwert als Text</translation>
    </message>
    <message>
        <source>new table of means</source>
        <translation>neue Tabelle der Mittelwerte</translation>
    </message>
    <message>
        <source>new stem-and-leaf table</source>
        <translation>neue Stamm-Blatt-Tabelle</translation>
    </message>
    <message>
        <source>fences</source>
        <translation>Zäune</translation>
    </message>
    <message>
        <source>new motion</source>
        <translation>neue Bewegung</translation>
    </message>
    <message>
        <source>rate of change</source>
        <translation>Änderungsrate</translation>
    </message>
    <message>
        <source>running integral</source>
        <translation>laufendes Integral</translation>
    </message>
    <message>
        <source>%1: %2 by %3</source>
        <translation>%1: %2 nach %3</translation>
    </message>
    <message>
        <source>Compare with a model</source>
        <translation>Mit einem Modell vergleichen</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>comparison with a model</source>
        <translation>Vergleich mit einem Modell</translation>
    </message>
    <message>
        <source>Halve a step</source>
        <translation>Einen Schritt halbieren</translation>
    </message>
    <message>
        <source>Which step is halved?</source>
        <translation>Welcher Schritt wird halbiert?</translation>
    </message>
    <message>
        <source>Result to follow while the step is halved</source>
        <translation>Ergebnis, das beim Halbieren verfolgt wird</translation>
    </message>
    <message>
        <source>Order of the method</source>
        <translation>Ordnung des Verfahrens</translation>
    </message>
    <message>
        <source>1: Euler</source>
        <translation>1: Euler</translation>
    </message>
    <message>
        <source>2: velocity Verlet</source>
        <translation>2: Geschwindigkeits-Verlet</translation>
    </message>
    <message>
        <source>4: Runge–Kutta 4</source>
        <translation>4: Runge–Kutta 4</translation>
    </message>
    <message>
        <source>halved steps</source>
        <translation>halbierte Schritte</translation>
    </message>
    <message>
        <source>The left column has the values, the right one their counts.</source>
        <translation>Die linke Spalte hat die Werte, die rechte ihre Anzahlen.</translation>
    </message>
    <message>
        <source>The left column is what the values were measured at, as the time.</source>
        <translation>Die linke Spalte ist, wobei gemessen wurde, etwa die Zeit.</translation>
    </message>
</context>
<context>
    <name>ledgefall::SuggestionBar</name>
    <message>
        <source>Suggestion</source>
        <translation>Vorschlag</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Dismiss this suggestion</source>
        <translation>Dieses Angebot lassen</translation>
    </message>
    <message>
        <source>Make %1 a column</source>
        <translation>%1 zur Spalte machen</translation>
    </message>
    <message>
        <source>Hold %1 on the ledge</source>
        <translation>%1 auf der Leiste festhalten</translation>
    </message>
    <message>
        <source>Write %1</source>
        <translation>%1 schreiben</translation>
    </message>
    <message>
        <source>correcting a name</source>
        <translation>einen Namen berichtigen</translation>
    </message>
    <message>
        <source>The formula waits for %1.</source>
        <translation>Die Formel wartet auf %1.</translation>
    </message>
    <message>
        <source>This looks like a share of a total. Add a check that %1?</source>
        <translation>Das sieht nach einem Anteil an einer Summe aus. Soll eine Prüfung überwachen, dass %1?</translation>
    </message>
    <message>
        <source>Add check</source>
        <translation>Überwachen</translation>
    </message>
    <message>
        <source>new check</source>
        <translation>eine Prüfung</translation>
    </message>
    <message>
        <source>correcting a share</source>
        <translation>Anteil berichtigen</translation>
    </message>
</context>
<context>
    <name>ledgefall::SummaryDialog</name>
    <message>
        <source>Only the &amp;first rows:</source>
        <translation>Nur die &amp;ersten Zeilen:</translation>
    </message>
    <message>
        <source>Summary</source>
        <translation>Zusammenfassung</translation>
    </message>
    <message>
        <source>&amp;Columns</source>
        <translation>&amp;Spalten</translation>
    </message>
    <message>
        <source>&amp;Measures</source>
        <translation>&amp;Maße</translation>
    </message>
    <message>
        <source>&amp;Groups</source>
        <translation>&amp;Gruppen</translation>
    </message>
    <message>
        <source>Columns &amp;together</source>
        <translation>Spalten &amp;zusammen</translation>
    </message>
    <message>
        <source>Type %1: %2</source>
        <translation>Typ %1: %2</translation>
    </message>
    <message>
        <source>Draw &amp;box plots of the first column</source>
        <translation>Und &amp;Kästen der ersten Spalte zeichnen</translation>
    </message>
    <message>
        <source>A row for each column</source>
        <translation>Eine Zeile für jede Spalte</translation>
    </message>
    <message>
        <source>A row for each value of %1</source>
        <translation>Eine Zeile für jeden Wert von %1</translation>
    </message>
    <message>
        <source>Each separately</source>
        <translation>Jede für sich</translation>
    </message>
    <message>
        <source>Each separately, and all pooled</source>
        <translation>Jede für sich und alle zusammengelegt</translation>
    </message>
    <message>
        <source>Pooled step by step: the first, the first two, …</source>
        <translation>Nacheinander zusammengelegt: die erste, die ersten zwei, …</translation>
    </message>
    <message>
        <source>&amp;Quantile type (Hyndman and Fan)</source>
        <translation>&amp;Quartile nach Hyndman und Fan</translation>
    </message>
    <message>
        <source>Make table</source>
        <translation>Tabelle anlegen</translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation>Anzahl der Zeilen</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableClipboard</name>
    <message>
        <source> by </source>
        <translation> nach </translation>
    </message>
    <message>
        <source>paste</source>
        <translation>einfügen</translation>
    </message>
    <message>
        <source>%1 is %2 here</source>
        <translation>%1 heißt hier %2</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableCommands</name>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>new table</source>
        <translation>neue Tabelle</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>renaming</source>
        <translation>umbenennen</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Number of rows</source>
        <translation>Zeilenzahl</translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation>Zeilenzahl</translation>
    </message>
    <message>
        <source>Stop rows early</source>
        <translation>Zeilen früher enden lassen</translation>
    </message>
    <message>
        <source>removing a table</source>
        <translation>Tabelle entfernen</translation>
    </message>
    <message>
        <source>moving a table</source>
        <translation>Tabelle verschieben</translation>
    </message>
    <message>
        <source>bins intervals limits width</source>
        <translation>Klassen Intervalle Grenzen Breite</translation>
    </message>
    <message>
        <source>&amp;New table</source>
        <translation>&amp;Neue Tabelle</translation>
    </message>
    <message>
        <source>rows values</source>
        <translation>zeilen werte</translation>
    </message>
    <message>
        <source>columns values</source>
        <translation>spalten werte</translation>
    </message>
    <message>
        <source>transpose turn</source>
        <translation>transponieren drehen</translation>
    </message>
    <message>
        <source>Add a layer of t&amp;yped values…</source>
        <translation>Eine Schicht getippter &amp;Werte hinzufügen …</translation>
    </message>
    <message>
        <source>enter data</source>
        <translation>daten eingeben</translation>
    </message>
    <message>
        <source>swapping the axes</source>
        <translation>Achsen tauschen</translation>
    </message>
    <message>
        <source>Counts</source>
        <translation>Anzahlen</translation>
    </message>
    <message>
        <source>transpose turn rows to the right months horizontal</source>
        <translation>transponieren drehen Zeilen nach rechts Monate waagerecht</translation>
    </message>
    <message>
        <source>Two-way &amp;table…</source>
        <translation>Z&amp;weiachsige Tabelle …</translation>
    </message>
    <message>
        <source>T&amp;itle and note…</source>
        <translation>Titel und &amp;Notiz …</translation>
    </message>
    <message>
        <source>&amp;Rename table…</source>
        <translation>Tabelle &amp;umbenennen …</translation>
    </message>
    <message>
        <source>Number o&amp;f rows…</source>
        <translation>&amp;Zeilenzahl …</translation>
    </message>
    <message>
        <source>&amp;Stop rows early…</source>
        <translation>Zeilen früher &amp;enden lassen …</translation>
    </message>
    <message>
        <source>Change c&amp;lasses…</source>
        <translation>K&amp;lassen ändern …</translation>
    </message>
    <message>
        <source>Change axis &amp;down…</source>
        <translation>Die Achse nach &amp;unten ändern …</translation>
    </message>
    <message>
        <source>Change axis &amp;across…</source>
        <translation>Die Achse nach &amp;rechts ändern …</translation>
    </message>
    <message>
        <source>Swap a&amp;xes</source>
        <translation>Achsen &amp;tauschen</translation>
    </message>
    <message>
        <source>Show rows a&amp;cross</source>
        <translation>&amp;Quer legen</translation>
    </message>
    <message>
        <source>showing rows across</source>
        <translation>Querlegen</translation>
    </message>
    <message>
        <source>Move table up</source>
        <translation>Tabelle nach oben</translation>
    </message>
    <message>
        <source>Move table down</source>
        <translation>Tabelle nach unten</translation>
    </message>
    <message>
        <source>Remove table</source>
        <translation>Tabelle entfernen</translation>
    </message>
    <message>
        <source>new two-way table</source>
        <translation>eine zweiachsige Tabelle</translation>
    </message>
    <message>
        <source>Title of the table:</source>
        <translation>Der Titel der Tabelle:</translation>
    </message>
    <message>
        <source>Note beside the title:</source>
        <translation>Eine Notiz neben dem Titel:</translation>
    </message>
    <message>
        <source>Name of the table in formulas (formulas that use it are updated):</source>
        <translation>Der Name der Tabelle in Formeln; Formeln, die ihn verwenden, werden umgeschrieben:</translation>
    </message>
    <message>
        <source>Number of rows, or a formula of held values:</source>
        <translation>Zeilen von 1 bis zu dieser Zahl oder Formel aus festgehaltenen Werten:</translation>
    </message>
    <message>
        <source>Stop at the first row for which this holds, such as r &lt; 1 (leave it empty to run to the end):</source>
        <translation>Die Zeilen enden mit der ersten, für die dies gilt, etwa r &lt; 1; leer lassen, damit sie bis zum Ende laufen:</translation>
    </message>
    <message>
        <source>stopping rows early</source>
        <translation>Zeilen enden lassen</translation>
    </message>
    <message>
        <source>class changes</source>
        <translation>die Klassen</translation>
    </message>
    <message>
        <source>Axis across</source>
        <translation>Die Achse nach rechts</translation>
    </message>
    <message>
        <source>Axis down</source>
        <translation>Die Achse nach unten</translation>
    </message>
    <message>
        <source>Name and values, such as 1..12, or 3, 3.5 .. 6, or riffle, pool, weir. Typed cells are kept for values that remain:</source>
        <translation>Ihr Name und ihre Werte, etwa 1..12 oder 3, 3.5 .. 6 oder riffle, pool, weir; was in Zellen von Werten getippt ist, die bleiben, bleibt erhalten:</translation>
    </message>
    <message>
        <source>axis changes</source>
        <translation>eine Achse</translation>
    </message>
    <message>
        <source>Layer of typed values</source>
        <translation>Eine Schicht getippter Werte</translation>
    </message>
    <message>
        <source>Name of the layer:</source>
        <translation>Wie sie heißt:</translation>
    </message>
    <message>
        <source>new layer</source>
        <translation>eine Schicht</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableExport</name>
    <message>
        <source>Export this table</source>
        <translation>Diese Tabelle exportieren</translation>
    </message>
    <message>
        <source>the export to %1</source>
        <translation>der Export nach %1</translation>
    </message>
    <message>
        <source>Drawing the charts…</source>
        <translation>Diagramme werden gezeichnet…</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>%1 wird geschrieben …</translation>
    </message>
    <message>
        <source>Cells with errors were exported empty: %1.</source>
        <translation>Zellen mit Fehlern wurden leer geschrieben: %1.</translation>
    </message>
    <message>
        <source>Export study as a worksheet</source>
        <translation>Die Studie als Rechenblatt ausgeben</translation>
    </message>
    <message>
        <source>All formulas were saved to %1.</source>
        <translation>Alle Formeln wurden nach %1 geschrieben.</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableHeading</name>
    <message>
        <source>Column headings</source>
        <translation>Spaltenköpfe</translation>
    </message>
    <message>
        <source>overridden: %1</source>
        <translation>überschrieben: %1</translation>
    </message>
    <message>
        <source>next column</source>
        <translation>nächste Spalte</translation>
    </message>
    <message>
        <source>= a formula, or values</source>
        <translation>= eine Formel, oder Werte</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>%1, given</source>
        <translation>%1, gegeben</translation>
    </message>
    <message>
        <source>heading [unit]</source>
        <translation>Überschrift [Einheit]</translation>
    </message>
    <message>
        <source>Heading</source>
        <translation>Überschrift</translation>
    </message>
    <message>
        <source>waits for %1</source>
        <translation>wartet auf %1</translation>
    </message>
    <message>
        <source>errors: %1</source>
        <translation>Fehler: %1</translation>
    </message>
    <message>
        <source>asked</source>
        <translation>gefragt</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableImport</name>
    <message>
        <source>import</source>
        <translation>einlesen</translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation>%1 wird gelesen…</translation>
    </message>
    <message>
        <source>Import a table or worksheet</source>
        <translation>Eine Tabelle oder ein Rechenblatt einlesen</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableModel</name>
    <message>
        <source>Type here to add a row</source>
        <translation>Hier tippen für eine weitere Zeile</translation>
    </message>
    <message>
        <source>next column</source>
        <translation>nächste Spalte</translation>
    </message>
    <message>
        <source>typing</source>
        <translation>tippen</translation>
    </message>
    <message>
        <source>decimal sign</source>
        <translation>Dezimalzeichen</translation>
    </message>
    <message>
        <source>waits for %1</source>
        <translation>wartet auf %1</translation>
    </message>
    <message>
        <source>error: %1</source>
        <translation>Fehler: %1</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>%1, row %2: %3</source>
        <translation>%1, Zeile %2: %3</translation>
    </message>
    <message>
        <source>%1, overridden</source>
        <translation>%1, überschrieben</translation>
    </message>
</context>
<context>
    <name>ledgefall::TablePage</name>
    <message>
        <source>foot line</source>
        <translation>Fußzeile</translation>
    </message>
    <message>
        <source>Put a measure under the columns</source>
        <translation>Ein Maß unter die Spalten stellen</translation>
    </message>
    <message>
        <source>rows: %1</source>
        <translation>Zeilen: %1</translation>
    </message>
    <message>
        <source>inserting rows</source>
        <translation>Zeilen einfügen</translation>
    </message>
    <message>
        <source>removing rows</source>
        <translation>Zeilen entfernen</translation>
    </message>
    <message>
        <source>computing was stopped: old values</source>
        <translation>Rechnen angehalten: alte Werte</translation>
    </message>
    <message>
        <source>No, it is a value</source>
        <translation>Nein, es ist ein Wert</translation>
    </message>
    <message>
        <source>No, they are values</source>
        <translation>Nein, es sind Werte</translation>
    </message>
    <message>
        <source>headings as values</source>
        <translation>Überschriften als Werte</translation>
    </message>
    <message>
        <source>%1 is read as %2, here and in the rest of the column.</source>
        <translation>%1 ist als %2 gelesen, hier und im Rest der Spalte.</translation>
    </message>
    <message>
        <source>Title of the table</source>
        <translation>Titel der Tabelle</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>swapping the axes</source>
        <translation>Achsen tauschen</translation>
    </message>
    <message>
        <source>Pasted with their formulas: %1.</source>
        <translation>Mit ihren Formeln eingefügt: %1.</translation>
    </message>
    <message>
        <source>Double-click to change the title</source>
        <translation>Ein Doppelklick ändert den Titel</translation>
    </message>
    <message>
        <source>A heading occurs here more than once, so in formulas these columns are called %1. Double-click a heading to change it.</source>
        <translation>Eine Überschrift steht hier mehr als einmal: In Formeln heißen diese Spalten %1. Ein Doppelklick auf eine Überschrift ändert sie.</translation>
    </message>
    <message>
        <source>Renamed: %1.</source>
        <translation>Namen waren vergeben: %1.</translation>
    </message>
    <message>
        <source>Added as columns: %1.</source>
        <translation>Als Spalten genommen: %1.</translation>
    </message>
    <message>
        <source>Put on the ledge, the same in every row: %1.</source>
        <translation>Festgehalten, in jeder Zeile gleich: %1.</translation>
    </message>
    <message>
        <source>Read as %1</source>
        <translation>Als %1 lesen</translation>
    </message>
    <message>
        <source>swapping day and month</source>
        <translation>Tag und Monat</translation>
    </message>
    <message>
        <source>%1 is used as the heading of its column.</source>
        <translation>%1 ist als Überschrift der Spalte genommen.</translation>
    </message>
    <message>
        <source>%1 are used as the headings of their columns.</source>
        <translation>%1 sind als Überschriften ihrer Spalten genommen.</translation>
    </message>
    <message>
        <source>values from before the last change</source>
        <translation>Werte wie vor der letzten Änderung</translation>
    </message>
    <message>
        <source>rows: %1, columns: %2</source>
        <translation>%1 Zeilen, %2 Spalten</translation>
    </message>
    <message>
        <source>errors: %1</source>
        <translation>Fehler %1</translation>
    </message>
    <message>
        <source>checks that hold: %1</source>
        <translation>geltende Prüfungen %1</translation>
    </message>
    <message>
        <source>failing checks: %1</source>
        <translation>nicht geltende Prüfungen %1</translation>
    </message>
    <message>
        <source>Cells that hold %1 in place of a value: %L2.</source>
        <translation>Zellen, die %1 anstelle eines Wertes enthalten: %L2.</translation>
    </message>
    <message>
        <source>Read them as missing</source>
        <translation>Als fehlend lesen</translation>
    </message>
    <message>
        <source>missing values</source>
        <translation>fehlende Werte</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Put a measure under the columns: needs a column</source>
        <translation>Ein Maß unter die Spalten setzen: braucht eine Spalte</translation>
    </message>
    <message>
        <source>removing a foot line</source>
        <translation>Fußzeile entfernen</translation>
    </message>
    <message>
        <source>Commands of the table</source>
        <translation>Befehle der Tabelle</translation>
    </message>
    <message>
        <source>Table %1</source>
        <translation>Tabelle %1</translation>
    </message>
    <message>
        <source>Foot of %1</source>
        <translation>Fuß von %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableView</name>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>width of %1</source>
        <translation>Breite von %1</translation>
    </message>
    <message>
        <source>column width</source>
        <translation>Spaltenbreite</translation>
    </message>
    <message>
        <source>moving a column</source>
        <translation>Spalte verschieben</translation>
    </message>
    <message>
        <source>heading of %1</source>
        <translation>Überschrift von %1</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>Spalte %1</translation>
    </message>
    <message>
        <source>clearing cells</source>
        <translation>Zellen leeren</translation>
    </message>
</context>
<context>
    <name>ledgefall::TryValuesDialog</name>
    <message>
        <source>Try values of %1</source>
        <translation>Werte von %1 versuchen</translation>
    </message>
    <message>
        <source>%1:  %2</source>
        <translation>%1:  %2</translation>
    </message>
    <message>
        <source>another formula, such as max(Path.r)</source>
        <translation>eine andere Formel, etwa max(Path.r)</translation>
    </message>
    <message>
        <source>&amp;Values</source>
        <translation>&amp;Werte</translation>
    </message>
    <message>
        <source>&amp;Outcomes</source>
        <translation>&amp;Ergebnisse</translation>
    </message>
    <message>
        <source>%1 to %2 step %3</source>
        <translation>%1 bis %2 Schritt %3</translation>
    </message>
    <message>
        <source>%1, %2 times</source>
        <translation>%1, %2 mal</translation>
    </message>
    <message>
        <source>These values cannot be read yet: %1</source>
        <translation>Diese Werte sind noch nicht lesbar: %1</translation>
    </message>
    <message>
        <source>Choose an outcome, or write one.</source>
        <translation>Wählen Sie ein Ergebnis, oder schreiben Sie eines.</translation>
    </message>
    <message>
        <source>&amp;Draw a chart</source>
        <translation>Die Ergebnisse &amp;zeichnen</translation>
    </message>
    <message>
        <source>From, to and step</source>
        <translation>Von, bis und Schritt</translation>
    </message>
    <message>
        <source>A list of values</source>
        <translation>Eine Liste von Werten</translation>
    </message>
    <message>
        <source>Repeatedly halved</source>
        <translation>Immer wieder halbiert</translation>
    </message>
    <message>
        <source>Or &amp;another</source>
        <translation>Oder ein &amp;anderes</translation>
    </message>
    <message>
        <source>Try values</source>
        <translation>Versuchen</translation>
    </message>
    <message>
        <source>Three numbers: first value, last value and step</source>
        <translation>Drei Zahlen: der erste Wert, der letzte, und von einem zum nächsten</translation>
    </message>
    <message>
        <source>Numbers separated by semicolons or spaces</source>
        <translation>Zahlen mit Semikolons oder Leerzeichen dazwischen</translation>
    </message>
    <message>
        <source>Two numbers: first value, and how often it is halved</source>
        <translation>Zwei Zahlen: der erste Wert, und wie oft er halbiert wird</translation>
    </message>
    <message>
        <source>Values of %2 (%1): %3</source>
        <translation>%1 Werte von %2: %3</translation>
    </message>
    <message>
        <source>Values to try</source>
        <translation>Zu probierende Werte</translation>
    </message>
    <message>
        <source>Outcomes</source>
        <translation>Ergebnisse</translation>
    </message>
</context>
<context>
    <name>ledgefall::TwoWayDialog</name>
    <message>
        <source>Two-way table</source>
        <translation>Zweiachsige Tabelle</translation>
    </message>
    <message>
        <source>a = 1..12</source>
        <translation>a = 1..12</translation>
    </message>
    <message>
        <source>b = 2, 4, 8</source>
        <translation>b = 2, 4, 8</translation>
    </message>
    <message>
        <source>product = a * b</source>
        <translation>produkt = a * b</translation>
    </message>
    <message>
        <source>&amp;Down</source>
        <translation>Nach &amp;unten</translation>
    </message>
    <message>
        <source>&amp;Across</source>
        <translation>Nach &amp;rechts</translation>
    </message>
    <message>
        <source>&amp;Formula</source>
        <translation>&amp;Formel</translation>
    </message>
    <message>
        <source>%1 by %2 and %3</source>
        <translation>%1 nach %2 und %3</translation>
    </message>
    <message>
        <source>%1 by %2</source>
        <translation>%1 nach %2</translation>
    </message>
    <message>
        <source>An axis is a name and its values: a range (1..12), a series continued from two numbers (3, 3.5 .. 6), a list (riffle, pool, weir), or a column of another table (Readings.site).</source>
        <translation>Eine Achse ist ein Name und seine Werte: von einer Zahl zur anderen (1..12), aus zweien fortgesetzt (3, 3.5 .. 6), eine Liste (riffle, pool, weir) oder eine Spalte einer anderen Tabelle (Readings.site).</translation>
    </message>
    <message>
        <source>First cells</source>
        <translation>Die ersten Zellen</translation>
    </message>
    <message>
        <source>Make table</source>
        <translation>Tabelle anlegen</translation>
    </message>
    <message>
        <source>The formula waits for %1. You can hold it on the ledge when the table is made.</source>
        <translation>Die Formel wartet auf %1: es kann auf der Leiste festgehalten werden, wenn die Tabelle angelegt ist.</translation>
    </message>
    <message>
        <source>Rows: %1. Columns: %2.</source>
        <translation>%1 Zeilen, %2 Spalten</translation>
    </message>
</context>
<context>
    <name>ledgefall::ValuesBox</name>
    <message>
        <source>A sample: s, divided by n − 1</source>
        <translation>Eine Stichprobe: s, durch n − 1 geteilt</translation>
    </message>
    <message>
        <source>A whole population: σ, divided by n</source>
        <translation>Eine Grundgesamtheit: σ, durch n geteilt</translation>
    </message>
    <message>
        <source>The values are</source>
        <translation>Die Werte sind</translation>
    </message>
</context>
<context>
    <name>ledgefall::WaitDialog</name>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Please wait</source>
        <translation>Einen Augenblick</translation>
    </message>
</context>
<context>
    <name>ledgefall::WhatIfCommands</name>
    <message>
        <source>Try &amp;values of a held value…</source>
        <translation>Andere &amp;Werte eines festgehaltenen Werts versuchen…</translation>
    </message>
    <message>
        <source>what if trial vary change parameter sensitivity halve the step order</source>
        <translation>was wäre wenn versuch verändern parameter empfindlichkeit schritt halbieren ordnung</translation>
    </message>
    <message>
        <source>Try values of &amp;two held values…</source>
        <translation>Werte von &amp;zwei festgehaltenen Werten probieren …</translation>
    </message>
    <message>
        <source>what if trial vary two parameters grid two-way</source>
        <translation>was wäre wenn probe variieren zwei parameter gitter zweiachsig</translation>
    </message>
    <message>
        <source>&amp;Find the value for which…</source>
        <translation>Den Wert &amp;finden, für den…</translation>
    </message>
    <message>
        <source>solve equation root zero reach wanted result backwards</source>
        <translation>gleichung lösen nullstelle erreichen gewünschtes ergebnis rückwärts</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Wählen</translation>
    </message>
    <message>
        <source>trials</source>
        <translation>Versuche</translation>
    </message>
    <message>
        <source>What-&amp;if and runs</source>
        <translation>Was &amp;wäre wenn, und Läufe</translation>
    </message>
    <message>
        <source>Choose a held value</source>
        <translation>Welcher festgehaltene Wert?</translation>
    </message>
    <message>
        <source>Other values of it are tried; the study does not change.</source>
        <translation>Andere Werte dafür werden versucht; die Studie bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>found value</source>
        <translation>ein gesuchter Wert</translation>
    </message>
</context>
<context>
    <name>ledgefall::WindowCommands</name>
    <message>
        <source>&amp;Hold a value…</source>
        <translation>Wert &amp;festhalten …</translation>
    </message>
    <message>
        <source>lock fix constant parameter absolute</source>
        <translation>sperren fest Konstante Parameter absolut festhalten</translation>
    </message>
    <message>
        <source>check</source>
        <translation>Prüfung</translation>
    </message>
    <message>
        <source>new random numbers</source>
        <translation>neue Zufallszahlen</translation>
    </message>
    <message>
        <source>&amp;Stop computing</source>
        <translation>Rechnung &amp;anhalten</translation>
    </message>
    <message>
        <source>Zoom i&amp;n</source>
        <translation>Ver&amp;größern</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>Ver&amp;kleinern</translation>
    </message>
    <message>
        <source>&amp;Contents</source>
        <translation>&amp;Inhalt</translation>
    </message>
    <message>
        <source>A first table in five &amp;steps</source>
        <translation>Eine erste Tabelle in fünf &amp;Schritten</translation>
    </message>
    <message>
        <source>About Ledgefall</source>
        <translation>Über Ledgefall</translation>
    </message>
    <message>
        <source>Add a &amp;check…</source>
        <translation>Mit einer Prüfung &amp;überwachen …</translation>
    </message>
    <message>
        <source>watch test verify validate condition sum to 100</source>
        <translation>prüfen testen Bedingung Probe Summe 100</translation>
    </message>
    <message>
        <source>Draw new &amp;random numbers</source>
        <translation>Neue &amp;Zufallszahlen</translation>
    </message>
    <message>
        <source>Compute &amp;again</source>
        <translation>Nach dem Anhalten &amp;weiterrechnen</translation>
    </message>
    <message>
        <source>List all f&amp;ormulas…</source>
        <translation>Eine Seite mit allen F&amp;ormeln …</translation>
    </message>
    <message>
        <source>&amp;Reset zoom</source>
        <translation>Zoom &amp;zurücksetzen</translation>
    </message>
    <message>
        <source>&amp;Dark theme</source>
        <translation>&amp;Dunkles Design</translation>
    </message>
    <message>
        <source>Show a table &amp;beside</source>
        <translation>&amp;Daneben zeigen</translation>
    </message>
    <message>
        <source>S&amp;how only one table</source>
        <translation>Nur &amp;eine Tabelle zeigen</translation>
    </message>
    <message>
        <source>&amp;Ledge as a list</source>
        <translation>Die &amp;Leiste als Liste</translation>
    </message>
    <message>
        <source>De&amp;tails</source>
        <translation>De&amp;tails</translation>
    </message>
    <message>
        <source>&amp;Help on the current item</source>
        <translation>&amp;Hilfe zu dem, was den Fokus hat</translation>
    </message>
    <message>
        <source>&amp;All help pages</source>
        <translation>&amp;Alle Seiten der Hilfe</translation>
    </message>
    <message>
        <source>&amp;Find a command, name or table…</source>
        <translation>Befehl, Name oder Tabelle &amp;suchen …</translation>
    </message>
    <message>
        <source>A&amp;bout Ledgefall</source>
        <translation>&amp;Über Ledgefall</translation>
    </message>
    <message>
        <source>no other table</source>
        <translation>es gibt keine andere Tabelle</translation>
    </message>
    <message>
        <source>&lt;b&gt;Ledgefall&lt;/b&gt; %1&lt;p&gt;Computation tables that show what stays put and what follows the row.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later. The typeface is Lato, under the SIL Open Font License; charts are drawn by QCustomPlot.&lt;/p&gt;</source>
        <translation>&lt;b&gt;Ledgefall&lt;/b&gt; %1&lt;p&gt;Rechentabellen, in denen man sieht, was fest bleibt und was der Zeile folgt.&lt;/p&gt;&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später. Die Schrift ist Lato unter der SIL Open Font License; Diagramme zeichnet QCustomPlot.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Ne&amp;xt table</source>
        <translation>Nä&amp;chste Tabelle</translation>
    </message>
    <message>
        <source>&amp;Previous table</source>
        <translation>&amp;Vorige Tabelle</translation>
    </message>
    <message>
        <source>Next p&amp;ane</source>
        <translation>Nächster &amp;Bereich</translation>
    </message>
    <message>
        <source>Previous pan&amp;e</source>
        <translation>Voriger Be&amp;reich</translation>
    </message>
</context>
<context>
    <name>ledgefall::WorkingPanel</name>
    <message>
        <source>%1 under %2</source>
        <translation>%1 unter %2</translation>
    </message>
    <message>
        <source>shown as %1</source>
        <translation>angezeigt als %1</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>Go to where it began</source>
        <translation>Zum Ursprung gehen</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>Uses %1</source>
        <translation>Verwendet %1</translation>
    </message>
    <message>
        <source>Used by %1</source>
        <translation>Verwendet von %1</translation>
    </message>
    <message>
        <source>Overridden: %1</source>
        <translation>Überschrieben: %1</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>restoring formulas</source>
        <translation>Formeln wiederherstellen</translation>
    </message>
    <message>
        <source>restoring a formula</source>
        <translation>Formel wiederherstellen</translation>
    </message>
    <message>
        <source>stored as %1</source>
        <translation>gespeichert als %1</translation>
    </message>
    <message>
        <source>Make %1 a column</source>
        <translation>%1 zur Spalte machen</translation>
    </message>
    <message>
        <source>Hold %1 on the ledge</source>
        <translation>%1 auf der Leiste festhalten</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>a function: computed where it is called</source>
        <translation>eine Funktion: sie wird dort ausgerechnet, wo sie aufgerufen wird</translation>
    </message>
    <message>
        <source>It waits for %1, which does not exist yet.</source>
        <translation>Sie wartet auf %1, was noch nicht da ist.</translation>
    </message>
    <message>
        <source>This text looks like numbers: read it as numbers</source>
        <translation>Diese Texte lassen sich als Zahlen lesen: so lesen</translation>
    </message>
    <message>
        <source>This text looks like dates: read it as dates, month first</source>
        <translation>Diese Texte lassen sich als Daten lesen, Monat zuerst: so lesen</translation>
    </message>
    <message>
        <source>This text looks like dates: read it as dates, day first</source>
        <translation>Diese Texte lassen sich als Daten lesen, Tag zuerst: so lesen</translation>
    </message>
    <message>
        <source>given: it stays put until you change it</source>
        <translation>gegeben: der Wert bleibt, bis er geändert wird</translation>
    </message>
    <message>
        <source>restore formula</source>
        <translation>Formel wiederherstellen</translation>
    </message>
    <message>
        <source>Restore formula in all of them</source>
        <translation>Die Formel in allen wiederherstellen</translation>
    </message>
    <message>
        <source>reading text again</source>
        <translation>Texte neu lesen</translation>
    </message>
</context>
<context>
    <name>ledgefall::WorkingView</name>
    <message>
        <source>Working</source>
        <translation>Rechenweg</translation>
    </message>
    <message>
        <source>Copy working</source>
        <translation>Rechenweg kopieren</translation>
    </message>
    <message>
        <source>Copy as LaTeX</source>
        <translation>Als LaTeX kopieren</translation>
    </message>
</context>
<context>
    <name>ledgefall::WorksheetDialog</name>
    <message>
        <source>Tables: %1. Held values: %2. Formulas recovered: %3.</source>
        <translation>Tabellen: %1. Festgehaltene Werte: %2. Gefundene Formeln: %3.</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>Kept as values</source>
        <translation>Als Werte behalten</translation>
    </message>
    <message>
        <source>Formulas</source>
        <translation>Formeln</translation>
    </message>
    <message>
        <source>Contents of %1</source>
        <translation>Was in %1 steht</translation>
    </message>
    <message>
        <source>No likely mistakes were found.</source>
        <translation>Nichts darin sieht nach einem Versehen aus.</translation>
    </message>
    <message>
        <source>Likely mistakes: %1. They are listed first.</source>
        <translation>Stellen, die nach einem Versehen aussehen: %1. Sie stehen zuerst.</translation>
    </message>
    <message>
        <source>To check</source>
        <translation>Anzusehen</translation>
    </message>
    <message>
        <source>Values that differ from their formulas</source>
        <translation>Werte, die nicht sind, was ihre Formeln ergeben</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Außerdem</translation>
    </message>
    <message>
        <source>Open as a study</source>
        <translation>Als Studie öffnen</translation>
    </message>
    <message>
        <source>Add tables to this study</source>
        <translation>Seine Tabellen zu dieser Studie hinzufügen</translation>
    </message>
    <message>
        <source>Parts left out: %1. Likely mistakes: %2.</source>
        <translation>Ausgelassene Teile: %1. Mögliche Fehler: %2.</translation>
    </message>
    <message>
        <source>Left out</source>
        <translation>Ausgelassen</translation>
    </message>
</context>
</TS>
