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
        <source>%1 is used by %2. Without it they will be at fault.</source>
        <translation>%1 wird verwendet von %2. Ohne %1 haben diese einen Fehler.</translation>
    </message>
    <message>
        <source>Remove all the same</source>
        <translation>Trotzdem entfernen</translation>
    </message>
    <message>
        <source>%1 is there already. Replace it?</source>
        <translation>%1 gibt es schon. Ersetzen?</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Studies and worksheets</source>
        <translation>Studien und Rechenblätter</translation>
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
        <translation>Kreis</translation>
    </message>
    <message>
        <source>not a number</source>
        <translation>keine Zahl</translation>
    </message>
</context>
<context>
    <name>FormatChoices</name>
    <message>
        <source>Only what is shown changes. To round the value itself, write round(x, 2).</source>
        <translation>Nur die Anzeige ändert sich. Um den Wert selbst zu runden, round(x, 2) schreiben.</translation>
    </message>
    <message>
        <source>Number format</source>
        <translation>Zahlenformat</translation>
    </message>
</context>
<context>
    <name>Kind</name>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a date</source>
        <translation>ein Datum</translation>
    </message>
    <message>
        <source>a yes or no</source>
        <translation>ein Ja oder Nein</translation>
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
        <source>a list of words</source>
        <translation>eine Liste von Wörtern</translation>
    </message>
    <message>
        <source>a name of letters, digits and _</source>
        <translation>ein Name aus Buchstaben, Ziffern und _</translation>
    </message>
    <message>
        <source>a number, a text, true, false or null</source>
        <translation>eine Zahl, ein Text, true, false oder null</translation>
    </message>
    <message>
        <source>a whole number from 0 up</source>
        <translation>eine ganze Zahl ab 0</translation>
    </message>
    <message>
        <source>a whole number from 1 to 9</source>
        <translation>eine ganze Zahl von 1 bis 9</translation>
    </message>
    <message>
        <source>an object in braces</source>
        <translation>ein Objekt in geschweiften Klammern</translation>
    </message>
    <message>
        <source>an object with a column, or with values</source>
        <translation>ein Objekt mit einer Spalte oder mit Werten</translation>
    </message>
    <message>
        <source>an object with title, from and to</source>
        <translation>ein Objekt mit title, from und to</translation>
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
        <source>the names that a function is taken of</source>
        <translation>die Namen, auf die eine Funktion angewandt wird</translation>
    </message>
    <message>
        <source>the number of a row</source>
        <translation>die Nummer einer Zeile</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>a list of rising numbers</source>
        <translation>eine Liste steigender Zahlen</translation>
    </message>
    <message>
        <source>a number above the one before</source>
        <translation>eine Zahl über der vorigen</translation>
    </message>
    <message>
        <source>a number of rows, up to 20 million, or a list of pairs of a first id and a count</source>
        <translation>eine Zeilenzahl bis 20 Millionen oder eine Liste von Paaren aus einer ersten Kennung und einer Anzahl</translation>
    </message>
    <message>
        <source>the number of rows</source>
        <translation>die Zeilenzahl</translation>
    </message>
    <message>
        <source>its beginning</source>
        <translation>ihrem Anfang</translation>
    </message>
</context>
<context>
    <name>LedgeList</name>
    <message>
        <source>The ledge as a list</source>
        <translation>Die Leiste als Liste</translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Computation tables in which one sees what stays put and what follows the row.</source>
        <translation>Rechentabellen, in denen man sieht, was fest bleibt und was der Zeile folgt.</translation>
    </message>
    <message>
        <source>Open the Marrow Beck field course.</source>
        <translation>Den Feldkurs am Marrow Beck öffnen.</translation>
    </message>
    <message>
        <source>Studies, worksheets or delimited text to open.</source>
        <translation>Studien, Arbeitsblätter oder Text mit Trennzeichen zum Öffnen.</translation>
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
    <name>Requirements</name>
    <message>
        <source>needs a table</source>
        <translation>braucht eine Tabelle</translation>
    </message>
    <message>
        <source>no run is kept</source>
        <translation>kein Lauf behalten</translation>
    </message>
    <message>
        <source>needs a chart</source>
        <translation>braucht ein Diagramm</translation>
    </message>
    <message>
        <source>choose a column</source>
        <translation>Spalte wählen</translation>
    </message>
    <message>
        <source>choose columns</source>
        <translation>Spalten wählen</translation>
    </message>
    <message>
        <source>needs a column of numbers</source>
        <translation>braucht eine Zahlenspalte</translation>
    </message>
    <message>
        <source>choose typed values</source>
        <translation>eingegebene Werte wählen</translation>
    </message>
    <message>
        <source>choose a column with a formula</source>
        <translation>Spalte mit Formel wählen</translation>
    </message>
    <message>
        <source>choose two columns</source>
        <translation>zwei Spalten wählen</translation>
    </message>
    <message>
        <source>choose two columns or more</source>
        <translation>zwei oder mehr Spalten wählen</translation>
    </message>
    <message>
        <source>none is hidden</source>
        <translation>keine ist verborgen</translation>
    </message>
    <message>
        <source>there is none over this column</source>
        <translation>über dieser Spalte ist keine</translation>
    </message>
    <message>
        <source>its rows are typed, not counted</source>
        <translation>ihre Zeilen sind eingegeben, nicht gezählt</translation>
    </message>
    <message>
        <source>a two-way table has layers</source>
        <translation>eine zweiachsige Tabelle hat Schichten</translation>
    </message>
    <message>
        <source>it is no two-way table</source>
        <translation>es ist keine zweiachsige Tabelle</translation>
    </message>
    <message>
        <source>its rows are no classes</source>
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
        <source>The study&apos;s formulas have changed since it was kept.</source>
        <translation>Die Formeln der Studie haben sich seitdem geändert.</translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>! takes whole numbers from 0 up</source>
        <translation>! nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>%1 and %2 are columns of different tables: a series is drawn from one.</source>
        <translation>%1 und %2 sind Spalten verschiedener Tabellen: eine Reihe wird aus einer gezeichnet.</translation>
    </message>
    <message>
        <source>%1 calls itself: a held function must not.</source>
        <translation>%1 ruft sich selbst auf: eine festgehaltene Funktion darf das nicht.</translation>
    </message>
    <message>
        <source>%1 cannot be a name: a name has letters, digits and _, and does not begin with a digit.</source>
        <translation>%1 kann kein Name sein: ein Name hat Buchstaben, Ziffern und _ und beginnt nicht mit einer Ziffer.</translation>
    </message>
    <message>
        <source>%1 cannot be a table&apos;s name: a name has letters, digits and _, and does not begin with a digit.</source>
        <translation>%1 kann nicht der Name einer Tabelle sein: ein Name hat Buchstaben, Ziffern und _ und beginnt nicht mit einer Ziffer.</translation>
    </message>
    <message>
        <source>%1 cannot be converted to %2: they do not measure the same</source>
        <translation>%1 lässt sich nicht in %2 umrechnen: sie messen nicht dasselbe</translation>
    </message>
    <message>
        <source>%1 cannot be drawn upwards: it holds %2, and a chart takes numbers.</source>
        <translation>%1 lässt sich nicht nach oben abtragen: darin steht %2, und ein Diagramm braucht Zahlen.</translation>
    </message>
    <message>
        <source>%1 cannot be the name of a new column here: choose another one.</source>
        <translation>%1 kann hier nicht der Name einer neuen Spalte sein: einen anderen wählen.</translation>
    </message>
    <message>
        <source>%1 cannot be unfolded.</source>
        <translation>%1 lässt sich nicht auffalten.</translation>
    </message>
    <message>
        <source>%1 cannot be used on %2.</source>
        <translation>%1 lässt sich nicht auf %2 anwenden.</translation>
    </message>
    <message>
        <source>%1 cannot be what %2 is taken of: write different names there, as in force(r) = G / r^2.</source>
        <translation>%1 kann nicht das sein, worauf %2 angewandt wird: dort verschiedene Namen schreiben, etwa force(r) = G / r^2.</translation>
    </message>
    <message>
        <source>%1 cannot stand between %2 and %3.</source>
        <translation>%1 kann nicht zwischen %2 und %3 stehen.</translation>
    </message>
    <message>
        <source>%1 cannot stand here: a number, a name or a bracket is expected.</source>
        <translation>%1 kann hier nicht stehen: erwartet wird eine Zahl, ein Name oder eine Klammer.</translation>
    </message>
    <message>
        <source>%1 comes after %2 in the table: write them in the table&apos;s order.</source>
        <translation>%1 kommt in der Tabelle nach %2: in der Reihenfolge der Tabelle schreiben.</translation>
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
        <source>%1 could not be written (%2): the file that was there is unchanged. Save under another name or make room.</source>
        <translation>%1 ließ sich nicht schreiben (%2): die Datei, die dort stand, ist unverändert. Unter anderem Namen speichern oder Platz schaffen.</translation>
    </message>
    <message>
        <source>%1 decides where the table stops, so it must not use later rows, whole columns, rows or last</source>
        <translation>%1 entscheidet, wo die Tabelle endet, und darf daher keine späteren Zeilen, ganzen Spalten, rows oder last verwenden</translation>
    </message>
    <message>
        <source>%1 does not belong here.</source>
        <translation>%1 gehört nicht hierher.</translation>
    </message>
    <message>
        <source>%1 gives no number for the chart: %2</source>
        <translation>%1 ergibt keine Zahl für das Diagramm: %2</translation>
    </message>
    <message>
        <source>%1 has more than %2 different values, too many for a box each.</source>
        <translation>%1 hat mehr als %2 verschiedene Werte, zu viele für je einen Kasten.</translation>
    </message>
    <message>
        <source>%1 has no fitted line: that takes two points at different places across.</source>
        <translation>%1 hat keine Ausgleichsgerade: dazu braucht es zwei Punkte an verschiedenen Stellen.</translation>
    </message>
    <message>
        <source>%1 has no formula whose reach could be narrowed: write one first.</source>
        <translation>%1 hat keine Formel, deren Reichweite sich einschränken ließe: zuerst eine schreiben.</translation>
    </message>
    <message>
        <source>%1 has no numbers to draw.</source>
        <translation>%1 hat keine Zahlen, die sich zeichnen lassen.</translation>
    </message>
    <message>
        <source>%1 has no rows yet: type or import some values.</source>
        <translation>%1 hat noch keine Zeilen: Werte eintippen oder einlesen.</translation>
    </message>
    <message>
        <source>%1 has no value here</source>
        <translation>%1 hat hier keinen Wert</translation>
    </message>
    <message>
        <source>%1 has no value yet that could be asked for.</source>
        <translation>%1 hat noch keinen Wert, nach dem gefragt werden könnte.</translation>
    </message>
    <message>
        <source>%1 has the rows 1 to %2: there is no row %3.</source>
        <translation>%1 hat die Zeilen 1 bis %2: es gibt keine Zeile %3.</translation>
    </message>
    <message>
        <source>%1 is a folder, not a file.</source>
        <translation>%1 ist ein Ordner, keine Datei.</translation>
    </message>
    <message>
        <source>%1 is a function: its working is that of the cells which call it.</source>
        <translation>%1 ist eine Funktion: ihr Rechenweg ist der der Zellen, die sie aufrufen.</translation>
    </message>
    <message>
        <source>%1 is a function: write what it is taken of, as in %1(%2).</source>
        <translation>%1 ist eine Funktion: angeben, worauf sie angewandt wird, etwa %1(%2).</translation>
    </message>
    <message>
        <source>%1 is a group of columns: take a measure of it, as in mean(%1[i]).</source>
        <translation>%1 ist eine Gruppe von Spalten: ein Maß davon nehmen, etwa mean(%1[i]).</translation>
    </message>
    <message>
        <source>%1 is a held value and has no rows: leave out the brackets.</source>
        <translation>%1 ist ein festgehaltener Wert und hat keine Zeilen: die Klammern weglassen.</translation>
    </message>
    <message>
        <source>%1 is a whole column: take one row of it, as in %1[1], or a measure, as in mean(%1).</source>
        <translation>%1 ist eine ganze Spalte: eine Zeile davon nehmen, etwa %1[1], oder ein Maß, etwa mean(%1).</translation>
    </message>
    <message>
        <source>%1 is a word of the formula language: choose another name, such as %1_1.</source>
        <translation>%1 ist ein Wort der Formelsprache: einen anderen Namen wählen, etwa %1_1.</translation>
    </message>
    <message>
        <source>%1 is already in the group %2: dissolve that first.</source>
        <translation>%1 ist schon in der Gruppe %2: diese zuerst auflösen.</translation>
    </message>
    <message>
        <source>%1 is already the name of %2: choose another one.</source>
        <translation>%1 ist schon der Name für %2: einen anderen wählen.</translation>
    </message>
    <message>
        <source>%1 is no unit that is known here: write it as mm, m/s or °C are written</source>
        <translation>%1 ist keine hier bekannte Einheit: so schreiben, wie mm, m/s oder °C geschrieben werden</translation>
    </message>
    <message>
        <source>%1 is not drawn, for its cells are at fault: %2</source>
        <translation>%1 wird nicht gezeichnet, weil die Zellen Fehler haben: %2</translation>
    </message>
    <message>
        <source>%1 is not drawn: some series stand at numbers and some at names.</source>
        <translation>%1 wird nicht gezeichnet: einige Reihen stehen an Zahlen und einige an Namen.</translation>
    </message>
    <message>
        <source>%1 is taken of whole columns here, and this is a single value: leave it out.</source>
        <translation>%1 wird hier von ganzen Spalten genommen, und dies ist ein einzelner Wert: weglassen.</translation>
    </message>
    <message>
        <source>%1 is taken of whole columns, and one of these is a single value. Row by row, write %2(a, b).</source>
        <translation>%1 wird von ganzen Spalten genommen, und eines davon ist ein einzelner Wert. Zeile für Zeile heißt es %2(a, b).</translation>
    </message>
    <message>
        <source>%1 is taken of whole columns: it is written %2.</source>
        <translation>%1 wird von ganzen Spalten genommen: es schreibt sich %2.</translation>
    </message>
    <message>
        <source>%1 is unfolded from two columns: choose that of the %2 and that of the %3, side by side.</source>
        <translation>%1 wird aus zwei Spalten aufgefaltet: die für %2 und die für %3 nebeneinander wählen.</translation>
    </message>
    <message>
        <source>%1 is used by %2: change that first.</source>
        <translation>%1 wird verwendet von %2: das zuerst ändern.</translation>
    </message>
    <message>
        <source>%1 is worked out by its formula: write a value in its place to change it.</source>
        <translation>%1 wird durch seine Formel berechnet: zum Ändern einen Wert an ihrer Stelle schreiben.</translation>
    </message>
    <message>
        <source>%1 is written %2, and the number of arguments here is %3.</source>
        <translation>%1 schreibt sich %2, und hier stehen %3 Argumente.</translation>
    </message>
    <message>
        <source>%1 is written %2.</source>
        <translation>%1 schreibt sich %2.</translation>
    </message>
    <message>
        <source>%1 is written %2: it needs values.</source>
        <translation>%1 schreibt sich %2: es braucht Werte.</translation>
    </message>
    <message>
        <source>%1 means per cent: for the remainder of a division write mod.</source>
        <translation>%1 bedeutet Prozent: für den Rest einer Division mod schreiben.</translation>
    </message>
    <message>
        <source>%1 needs a row, and there is none here.</source>
        <translation>%1 braucht eine Zeile, und hier gibt es keine.</translation>
    </message>
    <message>
        <source>%1 needs a table&apos;s rows, and the ledge has none.</source>
        <translation>%1 braucht die Zeilen einer Tabelle, und die Leiste hat keine.</translation>
    </message>
    <message>
        <source>%1 needs classes across: make a frequency table of a column, and draw its counts.</source>
        <translation>%1 braucht waagerecht Klassen: eine Häufigkeitstabelle der Spalte anlegen und deren Anzahlen zeichnen.</translation>
    </message>
    <message>
        <source>%1 needs its own earlier row and has no beginning: write %1 = first … then …</source>
        <translation>%1 braucht seine eigene frühere Zeile und hat keinen Anfang: %1 = first … then … schreiben</translation>
    </message>
    <message>
        <source>%1 of the table %2 names a column %3 that is not there.</source>
        <translation>%1 der Tabelle %2 nennt eine Spalte %3, die es nicht gibt.</translation>
    </message>
    <message>
        <source>%1 stands for one value here and has no rows: leave out the brackets.</source>
        <translation>%1 steht hier für einen Wert und hat keine Zeilen: die Klammern weglassen.</translation>
    </message>
    <message>
        <source>%1 stands more than once in %2, and a bar is for one row: count its values first, or draw boxes.</source>
        <translation>%1 kommt in %2 mehr als einmal vor, und ein Balken gehört zu einer Zeile: zuerst die Werte zählen oder Kästen zeichnen.</translation>
    </message>
    <message>
        <source>%1 takes %2 here, and this is %3.</source>
        <translation>%1 nimmt hier %2, und dies ist %3.</translation>
    </message>
    <message>
        <source>%1 takes %2, and this is %3.</source>
        <translation>%1 nimmt %2, und dies ist %3.</translation>
    </message>
    <message>
        <source>%1 takes the columns %2, and would then take others: write out first which ones it takes.</source>
        <translation>%1 nimmt die Spalten %2 und würde dann andere nehmen: zuerst ausschreiben, welche gemeint sind.</translation>
    </message>
    <message>
        <source>%1%2 is not read as a product: write %1*%2.</source>
        <translation>%1%2 wird nicht als Produkt gelesen: %1*%2 schreiben.</translation>
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
        <source>1, 0 or −1, by the sign of a number.</source>
        <translation>1, 0 oder −1, nach dem Vorzeichen einer Zahl.</translation>
    </message>
    <message>
        <source>A count in strokes, five by five; beyond 200 the number.</source>
        <translation>Eine Anzahl in Strichen, immer fünf zusammen; über 200 die Zahl.</translation>
    </message>
    <message>
        <source>A distribution is compared with numbers, and this is %1.</source>
        <translation>Eine Verteilung wird mit Zahlen verglichen, und dies ist %1.</translation>
    </message>
    <message>
        <source>A formula&apos;s reach goes from one row of the table to the same or a later one.</source>
        <translation>Die Reichweite einer Formel geht von einer Zeile der Tabelle bis zu derselben oder einer späteren.</translation>
    </message>
    <message>
        <source>A group is a heading over two or more columns that stand side by side: choose such columns.</source>
        <translation>Eine Gruppe ist eine Überschrift über zwei oder mehr Spalten, die nebeneinander stehen: solche Spalten wählen.</translation>
    </message>
    <message>
        <source>A line, circle or range beside the series needs all its numbers: fill them in, or take it away.</source>
        <translation>Eine Linie, ein Kreis oder ein Bereich neben den Reihen braucht alle Zahlen: ausfüllen oder entfernen.</translation>
    </message>
    <message>
        <source>A measure runs over the rows of one table, and this one names two others, %1 and %2.</source>
        <translation>Ein Maß läuft über die Zeilen einer Tabelle, und dieses nennt zwei andere, %1 und %2.</translation>
    </message>
    <message>
        <source>A name is needed here, such as x or mean_length.</source>
        <translation>Hier wird ein Name gebraucht, etwa x oder mean_length.</translation>
    </message>
    <message>
        <source>A number drawn at random from a distribution; the same for the same study, column and row until the study is drawn again.</source>
        <translation>Eine zufällig aus einer Verteilung gezogene Zahl; dieselbe für dieselbe Studie, Spalte und Zeile, bis neu gezogen wird.</translation>
    </message>
    <message>
        <source>A number in one unit as a number in another.</source>
        <translation>Eine Zahl in einer Einheit als Zahl in einer anderen.</translation>
    </message>
    <message>
        <source>A number rounded to d decimals, as written in decimals, halves away from zero.</source>
        <translation>Eine Zahl auf d Nachkommastellen gerundet, wie sie dezimal geschrieben ist, Hälften von der Null weg.</translation>
    </message>
    <message>
        <source>A number rounded to k significant figures.</source>
        <translation>Eine Zahl auf k gültige Stellen gerundet.</translation>
    </message>
    <message>
        <source>A number whose logarithm is normal with m and s.</source>
        <translation>Eine Zahl, deren Logarithmus normalverteilt ist mit m und s.</translation>
    </message>
    <message>
        <source>A quantile estimated from classes and their counts.</source>
        <translation>Ein Quantil, geschätzt aus Klassen und ihren Anzahlen.</translation>
    </message>
    <message>
        <source>A quantile of values with their frequencies.</source>
        <translation>Ein Quantil von Werten mit ihren Häufigkeiten.</translation>
    </message>
    <message>
        <source>A quotation mark is opened in line %1 and never closed: close it, and read the text again.</source>
        <translation>In Zeile %1 wird ein Anführungszeichen geöffnet und nie geschlossen: schließen und den Text noch einmal einlesen.</translation>
    </message>
    <message>
        <source>A range can stand only in square brackets or in a measure.</source>
        <translation>Ein Bereich kann nur in eckigen Klammern oder in einem Maß stehen.</translation>
    </message>
    <message>
        <source>A range is written with two points between its ends, as in 0..10.</source>
        <translation>Ein Bereich schreibt sich mit zwei Punkten zwischen seinen Enden, etwa 0..10.</translation>
    </message>
    <message>
        <source>A range of rows can stand only in a measure, as in sum(%1[1..i]).</source>
        <translation>Ein Bereich von Zeilen kann nur in einem Maß stehen, etwa sum(%1[1..i]).</translation>
    </message>
    <message>
        <source>A row is a number, and this is %1.</source>
        <translation>Eine Zeile ist eine Zahl, und dies ist %1.</translation>
    </message>
    <message>
        <source>A series has no column for its values: choose one.</source>
        <translation>Eine Reihe hat keine Spalte für ihre Werte: eine auswählen.</translation>
    </message>
    <message>
        <source>A slider goes from a number up to a larger one, by steps that are above 0 and fit in between.</source>
        <translation>Ein Schieber geht von einer Zahl bis zu einer größeren, in Schritten über 0, die dazwischen passen.</translation>
    </message>
    <message>
        <source>A summary needs a column of numbers and a measure: choose at least one of each.</source>
        <translation>Eine Zusammenfassung braucht eine Spalte mit Zahlen und ein Maß: von beidem mindestens eines wählen.</translation>
    </message>
    <message>
        <source>A summary of the first rows needs a number of rows from 1 on.</source>
        <translation>Eine Zusammenfassung der ersten Zeilen braucht eine Zeilenzahl ab 1.</translation>
    </message>
    <message>
        <source>A table cannot have the categories of its own column as rows: take a column of another table.</source>
        <translation>Eine Tabelle kann nicht die Werte ihrer eigenen Spalte als Zeilen haben: eine Spalte einer anderen Tabelle nehmen.</translation>
    </message>
    <message>
        <source>A table takes %1 rows at most.</source>
        <translation>Eine Tabelle nimmt höchstens %1 Zeilen.</translation>
    </message>
    <message>
        <source>A text in capitals.</source>
        <translation>Ein Text in Großbuchstaben.</translation>
    </message>
    <message>
        <source>A text in small letters.</source>
        <translation>Ein Text in Kleinbuchstaben.</translation>
    </message>
    <message>
        <source>A text without blanks at its ends.</source>
        <translation>Ein Text ohne Leerzeichen an den Enden.</translation>
    </message>
    <message>
        <source>A value as text.</source>
        <translation>Ein Wert als Text.</translation>
    </message>
    <message>
        <source>After first and its value comes then and the formula of the later rows, as in first 1 then 2 * x[i-1].</source>
        <translation>Nach first und seinem Wert kommt then und die Formel der späteren Zeilen, etwa first 1 then 2 * x[i-1].</translation>
    </message>
    <message>
        <source>After if comes a condition, such as x &gt; 0, and this is %1.</source>
        <translation>Nach if kommt eine Bedingung, etwa x &gt; 0, und dies ist %1.</translation>
    </message>
    <message>
        <source>Among these columns is %1, which holds %2.</source>
        <translation>Unter diesen Spalten ist %1, und darin steht %2.</translation>
    </message>
    <message>
        <source>An axis cannot reach from %1 to %2: the second number must be larger.</source>
        <translation>Eine Achse kann nicht von %1 bis %2 reichen: die zweite Zahl muss größer sein.</translation>
    </message>
    <message>
        <source>Any number from a to b, all alike.</source>
        <translation>Jede Zahl von a bis b gleich wahrscheinlich.</translation>
    </message>
    <message>
        <source>As many equally common species would have this dominance.</source>
        <translation>So viele gleich häufige Arten hätten diese Dominanz.</translation>
    </message>
    <message>
        <source>At %1 the file should have %2: correct it, or take an earlier copy.</source>
        <translation>Bei %1 sollte in der Datei %2 stehen: berichtigen oder eine frühere Kopie nehmen.</translation>
    </message>
    <message>
        <source>Bars take a number, and this is %1.</source>
        <translation>Senkrechte Striche nehmen eine Zahl, und dies ist %1.</translation>
    </message>
    <message>
        <source>Brillouin&apos;s index of a fully counted community.</source>
        <translation>Der Index von Brillouin für eine vollständig gezählte Gemeinschaft.</translation>
    </message>
    <message>
        <source>Choose a row below the started values, down to which they are to be continued.</source>
        <translation>Eine Zeile unter den begonnenen Werten wählen, bis zu der sie fortgesetzt werden sollen.</translation>
    </message>
    <message>
        <source>Choose the columns to be drawn, at least one of numbers: across first, then upwards.</source>
        <translation>Die Spalten auswählen, die gezeichnet werden sollen, mindestens eine mit Zahlen: zuerst waagerecht, dann nach oben.</translation>
    </message>
    <message>
        <source>Choose the one column of which %1 is to be unfolded.</source>
        <translation>Die eine Spalte wählen, von der %1 aufgefaltet werden soll.</translation>
    </message>
    <message>
        <source>Classes and units</source>
        <translation>Klassen und Einheiten</translation>
    </message>
    <message>
        <source>Classes need a width above 0, and a number at which the first one begins.</source>
        <translation>Klassen brauchen eine Breite über 0 und eine Zahl, an der die erste beginnt.</translation>
    </message>
    <message>
        <source>Classes need from 2 to %1 boundaries, each above the one before.</source>
        <translation>Klassen brauchen 2 bis %1 Grenzen, jede über der vorigen.</translation>
    </message>
    <message>
        <source>Classes of this width would be more than %1: make them wider, or begin further up.</source>
        <translation>Klassen dieser Breite wären mehr als %1: breiter machen oder weiter oben beginnen.</translation>
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
        <source>Completed months from a to b: complete once the day of the month has come again.</source>
        <translation>Volle Monate von a bis b: voll, sobald der Tag des Monats wiedergekehrt ist.</translation>
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
        <source>Counts of pairs are taken of two columns of one table: choose both.</source>
        <translation>Eine Kontingenztabelle wird von zwei Spalten einer Tabelle angelegt: beide wählen.</translation>
    </message>
    <message>
        <source>For which part of the rows a condition holds, of those where it is known.</source>
        <translation>Für welchen Anteil der Zeilen eine Bedingung gilt, unter denen, für die sie bekannt ist.</translation>
    </message>
    <message>
        <source>Gaps and texts</source>
        <translation>Lücken und Texte</translation>
    </message>
    <message>
        <source>Here %1 runs over all rows, and [i] is the one row of this formula. For the step from row to row, make a column of it first, such as step = %1 - %1[i-1].</source>
        <translation>Hier läuft %1 über alle Zeilen, und [i] ist die eine Zeile dieser Formel. Für den Schritt von Zeile zu Zeile zuerst eine Spalte anlegen, etwa schritt = %1 - %1[i-1].</translation>
    </message>
    <message>
        <source>Here stands a distribution, such as binomial(12, 0.5), and this is %1.</source>
        <translation>Hier steht eine Verteilung, etwa binomial(12, 0.5), und dies ist %1.</translation>
    </message>
    <message>
        <source>How far observed counts are from expected ones.</source>
        <translation>Wie weit beobachtete Anzahlen von erwarteten entfernt sind.</translation>
    </message>
    <message>
        <source>How many characters a text has.</source>
        <translation>Wie viele Zeichen ein Text hat.</translation>
    </message>
    <message>
        <source>How many different values there are.</source>
        <translation>Wie viele verschiedene Werte es gibt.</translation>
    </message>
    <message>
        <source>How many events happen where m are expected.</source>
        <translation>Wie viele Ereignisse eintreten, wo m zu erwarten sind.</translation>
    </message>
    <message>
        <source>How many of n drawn without putting back are marked, where K of N are.</source>
        <translation>Wie viele von n ohne Zurücklegen gezogenen markiert sind, wo K von N es sind.</translation>
    </message>
    <message>
        <source>How many of n independent trials succeed, each with the chance p.</source>
        <translation>Wie viele von n unabhängigen Versuchen gelingen, jeder mit der Wahrscheinlichkeit p.</translation>
    </message>
    <message>
        <source>How many species occur.</source>
        <translation>Wie viele Arten vorkommen.</translation>
    </message>
    <message>
        <source>How many standard errors the mean lies from a value m.</source>
        <translation>Wie viele Standardfehler der Mittelwert von einem Wert m entfernt liegt.</translation>
    </message>
    <message>
        <source>How many standard errors the means of two samples lie apart, whatever their variances.</source>
        <translation>Wie viele Standardfehler die Mittelwerte zweier Stichproben auseinander liegen, gleich welche Varianzen sie haben.</translation>
    </message>
    <message>
        <source>How many trials fail before the first success.</source>
        <translation>Wie viele Versuche vor dem ersten Erfolg misslingen.</translation>
    </message>
    <message>
        <source>How many trials fail before the r-th success.</source>
        <translation>Wie viele Versuche vor dem r-ten Erfolg misslingen.</translation>
    </message>
    <message>
        <source>How many values there are, or for how many rows a condition holds.</source>
        <translation>Wie viele Werte es gibt oder für wie viele Zeilen eine Bedingung gilt.</translation>
    </message>
    <message>
        <source>In P( ) a distribution is compared with a number by = ≠ &lt; ≤ &gt; or ≥.</source>
        <translation>In P( ) wird eine Verteilung durch = ≠ &lt; ≤ &gt; oder ≥ mit einer Zahl verglichen.</translation>
    </message>
    <message>
        <source>In P( ) stands a condition on a distribution, such as binomial(12, 0.5) &lt;= 3. For the part of the rows for which a condition holds, write share(…).</source>
        <translation>In P( ) steht eine Bedingung an eine Verteilung, etwa binomial(12, 0.5) &lt;= 3. Für den Anteil der Zeilen, für die eine Bedingung gilt, share(…) schreiben.</translation>
    </message>
    <message>
        <source>In how many ways k of n things can be chosen.</source>
        <translation>Auf wie viele Weisen k von n Dingen gewählt werden können.</translation>
    </message>
    <message>
        <source>In how many ways k of n things can be put in a row.</source>
        <translation>Auf wie viele Weisen k von n Dingen in eine Reihe gestellt werden können.</translation>
    </message>
    <message>
        <source>In the table %1 two things are called %2.</source>
        <translation>In der Tabelle %1 heißen zwei Dinge %2.</translation>
    </message>
    <message>
        <source>Ledgefall studies</source>
        <translation>Ledgefall-Studien</translation>
    </message>
    <message>
        <source>Months, years and weekdays are taken of a column of dates, and %1 holds %2.</source>
        <translation>Monate, Jahre und Wochentage werden von einer Datumsspalte genommen, und in %1 steht %2.</translation>
    </message>
    <message>
        <source>Months, years and weekdays are taken of a column of dates, and this one holds %1.</source>
        <translation>Monate, Jahre und Wochentage werden von einer Datumsspalte genommen, und in dieser steht %1.</translation>
    </message>
    <message>
        <source>More than %1 measures stand one within the other.</source>
        <translation>Mehr als %1 Maße stehen ineinander.</translation>
    </message>
    <message>
        <source>Nothing can be compared after in (…): put the comparison before it.</source>
        <translation>Nach in (…) kann nichts mehr verglichen werden: den Vergleich davor stellen.</translation>
    </message>
    <message>
        <source>One P( ) can have up to %1 comparisons: add up several.</source>
        <translation>Ein P( ) kann bis zu %1 Vergleiche haben: mehrere addieren.</translation>
    </message>
    <message>
        <source>One P( ) is about one distribution, and this one names two.</source>
        <translation>Ein P( ) handelt von einer Verteilung, und dieses nennt zwei.</translation>
    </message>
    <message>
        <source>Only a column can have a row in square brackets after it.</source>
        <translation>Nur nach einer Spalte kann eine Zeile in eckigen Klammern stehen.</translation>
    </message>
    <message>
        <source>Only counted rows can stop early: give %1 a number of rows first.</source>
        <translation>Nur gezählte Zeilen können früher enden: %1 zuerst eine Zeilenzahl geben.</translation>
    </message>
    <message>
        <source>Several values in brackets can stand only in a measure or after in.</source>
        <translation>Mehrere Werte in Klammern können nur in einem Maß oder nach in stehen.</translation>
    </message>
    <message>
        <source>Shannon&apos;s entropy, in natural logarithms or to a base.</source>
        <translation>Die Entropie nach Shannon, mit natürlichem Logarithmus oder zu einer Basis.</translation>
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
        <source>Simpson&apos;s diversity without bias, of counts</source>
        <translation>unverzerrte Diversität nach Simpson, aus Anzahlen</translation>
    </message>
    <message>
        <source>Simpson&apos;s dominance, of counts</source>
        <translation>Dominanz nach Simpson, aus Anzahlen</translation>
    </message>
    <message>
        <source>Simpson&apos;s dominance: the chance that two draws with putting back are of one species.</source>
        <translation>Die Dominanz nach Simpson: die Wahrscheinlichkeit, dass zwei Züge mit Zurücklegen von einer Art sind.</translation>
    </message>
    <message>
        <source>Simpson&apos;s inverse, of counts</source>
        <translation>Inverse nach Simpson, aus Anzahlen</translation>
    </message>
    <message>
        <source>Something is missing before %1: put *, + or another operator there.</source>
        <translation>Vor %1 fehlt etwas: dort *, + oder ein anderes Rechenzeichen setzen.</translation>
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
        <source>Texts and numbers joined to one text.</source>
        <translation>Texte und Zahlen zu einem Text verbunden.</translation>
    </message>
    <message>
        <source>The angle in radians of the point x, y, from the x axis.</source>
        <translation>Der Winkel im Bogenmaß des Punkts x, y, von der x-Achse aus.</translation>
    </message>
    <message>
        <source>The angle in radians that has this cosine.</source>
        <translation>Der Winkel im Bogenmaß mit diesem Kosinus.</translation>
    </message>
    <message>
        <source>The angle in radians that has this sine.</source>
        <translation>Der Winkel im Bogenmaß mit diesem Sinus.</translation>
    </message>
    <message>
        <source>The angle in radians that has this tangent.</source>
        <translation>Der Winkel im Bogenmaß mit diesem Tangens.</translation>
    </message>
    <message>
        <source>The arithmetic mean.</source>
        <translation>Das arithmetische Mittel.</translation>
    </message>
    <message>
        <source>The chance that two draws with putting back are of different species.</source>
        <translation>Die Wahrscheinlichkeit, dass zwei Züge mit Zurücklegen von verschiedenen Arten sind.</translation>
    </message>
    <message>
        <source>The chance that two draws without putting back are of different species.</source>
        <translation>Die Wahrscheinlichkeit, dass zwei Züge ohne Zurücklegen von verschiedenen Arten sind.</translation>
    </message>
    <message>
        <source>The chart %1 draws a column %2 that is not there.</source>
        <translation>Das Diagramm %1 zeichnet eine Spalte %2, die es nicht gibt.</translation>
    </message>
    <message>
        <source>The chart %1 names a table %2 that is not there.</source>
        <translation>Das Diagramm %1 nennt eine Tabelle %2, die es nicht gibt.</translation>
    </message>
    <message>
        <source>The check %1 names a table %2 that is not there.</source>
        <translation>Die Prüfung %1 nennt eine Tabelle %2, die es nicht gibt.</translation>
    </message>
    <message>
        <source>The chosen cells of %1 cannot go on in this way: choose another one.</source>
        <translation>Die gewählten Zellen von %1 lassen sich so nicht fortsetzen: eine andere Regel wählen.</translation>
    </message>
    <message>
        <source>The class of the numbers from a up to, not including, b.</source>
        <translation>Die Klasse der Zahlen von a bis unter b.</translation>
    </message>
    <message>
        <source>The coefficient of variation.</source>
        <translation>Der Variationskoeffizient.</translation>
    </message>
    <message>
        <source>The columns of a summary must be of one table: choose them there.</source>
        <translation>Die Spalten einer Zusammenfassung müssen aus einer Tabelle sein: dort auswählen.</translation>
    </message>
    <message>
        <source>The correlation of the ranks of two columns.</source>
        <translation>Die Korrelation der Ränge zweier Spalten.</translation>
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
        <source>The cube root, of negative numbers too.</source>
        <translation>Die Kubikwurzel, auch negativer Zahlen.</translation>
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
        <source>The day on which it is worked out, or the day that the study is set to.</source>
        <translation>Der Tag, an dem gerechnet wird, oder der Tag, auf den die Studie eingestellt ist.</translation>
    </message>
    <message>
        <source>The density of a distribution at x; of a discrete one the probability of x.</source>
        <translation>Die Dichte einer Verteilung bei x; einer diskreten die Wahrscheinlichkeit von x.</translation>
    </message>
    <message>
        <source>The distance of the point x, y from the origin.</source>
        <translation>Der Abstand des Punkts x, y vom Ursprung.</translation>
    </message>
    <message>
        <source>The distance of the quartiles.</source>
        <translation>Der Abstand der Quartile.</translation>
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
        <source>The evenness of Pielou.</source>
        <translation>Die Gleichverteilung nach Pielou.</translation>
    </message>
    <message>
        <source>The excess kurtosis of the moments.</source>
        <translation>Der Exzess (Wölbung) aus den Momenten.</translation>
    </message>
    <message>
        <source>The file holds a number that is too large to be held.</source>
        <translation>In der Datei steht eine Zahl, die zu groß ist, um gespeichert zu werden.</translation>
    </message>
    <message>
        <source>The file is cut off: it ends at line %1, before the study is complete. Take an earlier copy.</source>
        <translation>Die Datei ist abgeschnitten: sie endet in Zeile %1, bevor die Studie vollständig ist. Eine frühere Kopie nehmen.</translation>
    </message>
    <message>
        <source>The file is not a study as it is: at line %1, character %2, it is not valid JSON.</source>
        <translation>Die Datei ist so keine Studie: in Zeile %1, Zeichen %2, ist sie kein gültiges JSON.</translation>
    </message>
    <message>
        <source>The file is not a study: it nests brackets more than %1 deep.</source>
        <translation>Die Datei ist keine Studie: Klammern sind mehr als %1-fach geschachtelt.</translation>
    </message>
    <message>
        <source>The formula of %1 has a mistake: %2</source>
        <translation>Die Formel von %1 hat einen Fehler: %2</translation>
    </message>
    <message>
        <source>The formula stops too early: something is missing at its end.</source>
        <translation>Die Formel hört zu früh auf: am Ende fehlt etwas.</translation>
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
        <source>The id %1 stands in the file twice, the second time at %2.</source>
        <translation>Die Kennung %1 kommt in der Datei zweimal vor, das zweite Mal bei %2.</translation>
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
        <source>The logarithm to a base of your own.</source>
        <translation>Der Logarithmus zu einer eigenen Basis.</translation>
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
        <source>The mean of values with their frequencies.</source>
        <translation>Der Mittelwert von Werten mit ihren Häufigkeiten.</translation>
    </message>
    <message>
        <source>The median of the distances from the median.</source>
        <translation>Der Median der Abstände vom Median.</translation>
    </message>
    <message>
        <source>The middle of a class.</source>
        <translation>Die Mitte einer Klasse.</translation>
    </message>
    <message>
        <source>The middle value in order, or the mean of the two middle ones.</source>
        <translation>Der mittlere Wert der Reihe nach oder das Mittel der beiden mittleren.</translation>
    </message>
    <message>
        <source>The month of a date, from 1.</source>
        <translation>Der Monat eines Datums, ab 1.</translation>
    </message>
    <message>
        <source>The most frequent value; of several the first to occur.</source>
        <translation>Der häufigste Wert; von mehreren der zuerst vorkommende.</translation>
    </message>
    <message>
        <source>The natural logarithm of the gamma function&apos;s size.</source>
        <translation>Der natürliche Logarithmus des Betrags der Gammafunktion.</translation>
    </message>
    <message>
        <source>The natural logarithm.</source>
        <translation>Der natürliche Logarithmus.</translation>
    </message>
    <message>
        <source>The nearest whole number above.</source>
        <translation>Die nächste ganze Zahl darüber.</translation>
    </message>
    <message>
        <source>The nearest whole number below.</source>
        <translation>Die nächste ganze Zahl darunter.</translation>
    </message>
    <message>
        <source>The normal distribution with the mean m and the standard deviation s.</source>
        <translation>Die Normalverteilung mit dem Mittelwert m und der Standardabweichung s.</translation>
    </message>
    <message>
        <source>The number %1 is too large to be held.</source>
        <translation>Die Zahl %1 ist zu groß, um gespeichert zu werden.</translation>
    </message>
    <message>
        <source>The number of species estimated from those seen once and twice.</source>
        <translation>Die Artenzahl, geschätzt aus den einmal und zweimal gesehenen.</translation>
    </message>
    <message>
        <source>The number of species expected in a sample of m.</source>
        <translation>Die erwartete Artenzahl in einer Stichprobe von m.</translation>
    </message>
    <message>
        <source>The one value of those rows for which a condition holds: missing of none, a fault of several.</source>
        <translation>Der eine Wert der Zeilen, für die eine Bedingung gilt: leer bei keiner, ein Fehler bei mehreren.</translation>
    </message>
    <message>
        <source>The part of the species of two samples that both have.</source>
        <translation>Der Anteil der Arten zweier Proben, die in beiden vorkommen.</translation>
    </message>
    <message>
        <source>The place of this row&apos;s value among all, smallest first; ties share theirs.</source>
        <translation>Der Platz des Werts dieser Zeile unter allen, der kleinste zuerst; gleiche teilen sich ihren.</translation>
    </message>
    <message>
        <source>The probability of a condition on a distribution; what stands behind a bar is known to hold.</source>
        <translation>Die Wahrscheinlichkeit einer Bedingung an eine Verteilung; was hinter einem senkrechten Strich steht, gilt als bekannt.</translation>
    </message>
    <message>
        <source>The product of the values; 1 of none.</source>
        <translation>Das Produkt der Werte; 1, wenn es keine gibt.</translation>
    </message>
    <message>
        <source>The product of the whole numbers up to n; n! is short for it.</source>
        <translation>Das Produkt der ganzen Zahlen bis n; n! ist kurz dafür.</translation>
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
        <source>The rows of %1 are classes: change the classes instead.</source>
        <translation>Die Zeilen von %1 sind Klassen: stattdessen die Klassen ändern.</translation>
    </message>
    <message>
        <source>The rows of %1 are counted: change their number instead.</source>
        <translation>Die Zeilen von %1 sind gezählt: stattdessen ihre Zahl ändern.</translation>
    </message>
    <message>
        <source>The rows of %1 come by themselves: they cannot be added, removed or moved by hand.</source>
        <translation>Die Zeilen von %1 kommen von selbst: sie lassen sich nicht von Hand einfügen, entfernen oder verschieben.</translation>
    </message>
    <message>
        <source>The rows of the table %1 are made from a column %2 that is not there.</source>
        <translation>Die Zeilen der Tabelle %1 sind aus einer Spalte %2 gebildet, die es nicht gibt.</translation>
    </message>
    <message>
        <source>The same, counting shared species twice.</source>
        <translation>Dasselbe, gemeinsame Arten doppelt gezählt.</translation>
    </message>
    <message>
        <source>The share of the commonest species.</source>
        <translation>Der Anteil der häufigsten Art.</translation>
    </message>
    <message>
        <source>The sign %1 means nothing in a formula: remove it.</source>
        <translation>Das Zeichen %1 bedeutet in einer Formel nichts: entfernen.</translation>
    </message>
    <message>
        <source>The sine of an angle in radians; sin(30°) takes degrees.</source>
        <translation>Der Sinus eines Winkels im Bogenmaß; sin(30°) nimmt Grad.</translation>
    </message>
    <message>
        <source>The size of a number, without its sign.</source>
        <translation>Der Betrag einer Zahl, ohne Vorzeichen.</translation>
    </message>
    <message>
        <source>The skewness of the moments.</source>
        <translation>Die Schiefe aus den Momenten.</translation>
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
        <source>The standard deviation of such a population.</source>
        <translation>Die Standardabweichung einer solchen Grundgesamtheit.</translation>
    </message>
    <message>
        <source>The standard deviation of values with their frequencies.</source>
        <translation>Die Standardabweichung von Werten mit ihren Häufigkeiten.</translation>
    </message>
    <message>
        <source>The standard error of the mean.</source>
        <translation>Der Standardfehler des Mittelwerts.</translation>
    </message>
    <message>
        <source>The steps do not lead to the measure.</source>
        <translation>Die Schritte führen nicht zu dem Maß.</translation>
    </message>
    <message>
        <source>The sum of the values; 0 of none.</source>
        <translation>Die Summe der Werte; 0, wenn es keine gibt.</translation>
    </message>
    <message>
        <source>The sum of v squared standard normal numbers.</source>
        <translation>Die Summe von v quadrierten standardnormalen Zahlen.</translation>
    </message>
    <message>
        <source>The tangent of an angle in radians.</source>
        <translation>Der Tangens eines Winkels im Bogenmaß.</translation>
    </message>
    <message>
        <source>The time until the next event, where events come at a rate.</source>
        <translation>Die Zeit bis zum nächsten Ereignis, wo Ereignisse mit einer Rate kommen.</translation>
    </message>
    <message>
        <source>The unlikeness of two samples.</source>
        <translation>Die Unähnlichkeit zweier Proben.</translation>
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
        <source>The value below which a part p of a distribution lies; of a discrete one the smallest k with P(D ≤ k) ≥ p.</source>
        <translation>Der Wert, unter dem ein Anteil p einer Verteilung liegt; einer diskreten das kleinste k mit P(D ≤ k) ≥ p.</translation>
    </message>
    <message>
        <source>The value below which a part p of the values lies.</source>
        <translation>Der Wert, unter dem ein Anteil p der Werte liegt.</translation>
    </message>
    <message>
        <source>The variance of a distribution.</source>
        <translation>Die Varianz einer Verteilung.</translation>
    </message>
    <message>
        <source>The variance of a population given by values and frequencies.</source>
        <translation>Die Varianz einer Grundgesamtheit aus Werten und Häufigkeiten.</translation>
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
        <source>The variance of values with their frequencies: divides by n − 1.</source>
        <translation>Die Varianz von Werten mit ihren Häufigkeiten: geteilt durch n − 1.</translation>
    </message>
    <message>
        <source>The whole part, towards zero.</source>
        <translation>Der ganze Teil, zur Null hin.</translation>
    </message>
    <message>
        <source>The y at a place between the rows of a table, on the straight line from x to x.</source>
        <translation>Das y an einer Stelle zwischen den Zeilen einer Tabelle, auf der Geraden von x zu x.</translation>
    </message>
    <message>
        <source>The year of a date.</source>
        <translation>Das Jahr eines Datums.</translation>
    </message>
    <message>
        <source>There is a %1 too many here: remove it, or open its partner before.</source>
        <translation>Hier ist ein %1 zu viel: entfernen oder das Gegenstück davor öffnen.</translation>
    </message>
    <message>
        <source>There is already a table called %1: choose another name.</source>
        <translation>Es gibt schon eine Tabelle mit dem Namen %1: einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>There is no column or held value called %1. Did you mean %2?</source>
        <translation>Es gibt weder eine Spalte noch einen festgehaltenen Wert mit dem Namen %1. War %2 gemeint?</translation>
    </message>
    <message>
        <source>There is no column or held value called %1: add it, or correct the name.</source>
        <translation>Es gibt weder eine Spalte noch einen festgehaltenen Wert mit dem Namen %1: anlegen oder den Namen berichtigen.</translation>
    </message>
    <message>
        <source>There is no formula here yet: write one, such as x - mean(x).</source>
        <translation>Hier steht noch keine Formel: eine schreiben, etwa x - mean(x).</translation>
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
        <source>There is no number in this column to be put in classes: enter some, or choose another column.</source>
        <translation>In dieser Spalte steht keine Zahl, die sich in Klassen einteilen lässt: Zahlen eingeben oder eine andere Spalte wählen.</translation>
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
        <source>There is no table to draw from: begin with a table.</source>
        <translation>Es gibt keine Tabelle, aus der gezeichnet werden kann: mit einer Tabelle beginnen.</translation>
    </message>
    <message>
        <source>There is no version %1 of the study format: its field version should be %2.</source>
        <translation>Es gibt keine Version %1 des Studienformats: das Feld version sollte %2 sein.</translation>
    </message>
    <message>
        <source>There is nothing of this name to show the working of.</source>
        <translation>Es gibt nichts mit diesem Namen, dessen Rechenweg gezeigt werden könnte.</translation>
    </message>
    <message>
        <source>This chart has nothing to draw yet: give it a series.</source>
        <translation>Dieses Diagramm hat noch nichts zu zeichnen: ihm eine Reihe geben.</translation>
    </message>
    <message>
        <source>This column has more than %1 different values, too many for a row each: put its numbers in classes.</source>
        <translation>Diese Spalte hat mehr als %1 verschiedene Werte, zu viele für je eine Zeile: die Zahlen in Klassen einteilen.</translation>
    </message>
    <message>
        <source>This form can only be the one argument of a measure.</source>
        <translation>Diese Form kann nur das einzige Argument eines Maßes sein.</translation>
    </message>
    <message>
        <source>This formula calls held functions more than %1 times.</source>
        <translation>Diese Formel ruft festgehaltene Funktionen mehr als %1 Mal auf.</translation>
    </message>
    <message>
        <source>This formula has %1 characters, more than the %2 that one formula may have: divide it between columns.</source>
        <translation>Diese Formel hat %1 Zeichen, mehr als die %2, die eine Formel haben darf: auf mehrere Spalten verteilen.</translation>
    </message>
    <message>
        <source>This gives %1 in one case and %2 in another: make them the same kind.</source>
        <translation>Dies ergibt einmal %1 und einmal %2: beide müssen von einer Art sein.</translation>
    </message>
    <message>
        <source>This group is used by %1: change that first.</source>
        <translation>Diese Gruppe wird verwendet von %1: das zuerst ändern.</translation>
    </message>
    <message>
        <source>This is drawn within too many measures.</source>
        <translation>Dies wird in zu vielen Maßen gezogen.</translation>
    </message>
    <message>
        <source>This is no longer in the study: it has been removed.</source>
        <translation>Dies ist nicht mehr in der Studie: es ist entfernt worden.</translation>
    </message>
    <message>
        <source>This is not a Ledgefall study: it does not say &quot;format&quot;: &quot;%1&quot; at its beginning.</source>
        <translation>Dies ist keine Ledgefall-Studie: am Anfang steht nicht &quot;format&quot;: &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>This is not a text: it has a zero byte at position %1.</source>
        <translation>Dies ist kein Text: an Stelle %1 steht ein Nullbyte.</translation>
    </message>
    <message>
        <source>This is not closed: put %1 at its end.</source>
        <translation>Dies ist nicht geschlossen: %1 ans Ende setzen.</translation>
    </message>
    <message>
        <source>This range needs both its ends, as in 0..10.</source>
        <translation>Dieser Bereich braucht beide Enden, etwa 0..10.</translation>
    </message>
    <message>
        <source>This study does not say which version of the format it has: its field version should be a whole number.</source>
        <translation>Diese Studie sagt nicht, in welcher Version des Formats sie ist: ihr Feld version sollte eine ganze Zahl sein.</translation>
    </message>
    <message>
        <source>This study was written by a later Ledgefall (format %1, and this one reads up to %2): open it with that one.</source>
        <translation>Diese Studie wurde von einem späteren Ledgefall geschrieben (Format %1, und dieses liest bis %2): mit jenem öffnen.</translation>
    </message>
    <message>
        <source>This table&apos;s rows are no classes.</source>
        <translation>Die Zeilen dieser Tabelle sind keine Klassen.</translation>
    </message>
    <message>
        <source>This text is not closed: put a quotation mark at its end.</source>
        <translation>Dieser Text ist nicht geschlossen: ein Anführungszeichen ans Ende setzen.</translation>
    </message>
    <message>
        <source>Two held values of the study are called %1.</source>
        <translation>Zwei festgehaltene Werte der Studie heißen %1.</translation>
    </message>
    <message>
        <source>Two points stand between two columns of one table, as in a .. c, or a[i] .. c[i] for this row.</source>
        <translation>Zwei Punkte stehen zwischen zwei Spalten einer Tabelle, etwa a .. c, oder a[i] .. c[i] für diese Zeile.</translation>
    </message>
    <message>
        <source>Two tables are called %1.</source>
        <translation>Zwei Tabellen heißen %1.</translation>
    </message>
    <message>
        <source>Where the regression line of y on x meets the y axis.</source>
        <translation>Wo die Regressionsgerade von y auf x die y-Achse trifft.</translation>
    </message>
    <message>
        <source>Whether a text begins with another.</source>
        <translation>Ob ein Text mit einem anderen beginnt.</translation>
    </message>
    <message>
        <source>Whether a text ends with another.</source>
        <translation>Ob ein Text mit einem anderen endet.</translation>
    </message>
    <message>
        <source>Whether a text has another in it.</source>
        <translation>Ob in einem Text ein anderer vorkommt.</translation>
    </message>
    <message>
        <source>Write a name first, then = and the formula, as in dev = x - mean(x).</source>
        <translation>Zuerst ein Name, dann = und die Formel, etwa dev = x - mean(x).</translation>
    </message>
    <message>
        <source>Yes where a cell is empty.</source>
        <translation>Ja, wo eine Zelle leer ist.</translation>
    </message>
    <message>
        <source>[i] is the row of a column&apos;s formula, and there is no row here: use a measure or a row such as [1].</source>
        <translation>[i] ist die Zeile der Formel einer Spalte, und hier gibt es keine Zeile: ein Maß oder eine Zeile wie [1] verwenden.</translation>
    </message>
    <message>
        <source>a chart takes a number here, and this is %1</source>
        <translation>ein Diagramm braucht hier eine Zahl, und dies ist %1</translation>
    </message>
    <message>
        <source>a first value</source>
        <translation>ein Anfangswert</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>eine Linie</translation>
    </message>
    <message>
        <source>a negative number has no such power</source>
        <translation>eine negative Zahl hat keine solche Potenz</translation>
    </message>
    <message>
        <source>a row in brackets must be a whole number</source>
        <translation>eine Zeile in Klammern muss eine ganze Zahl sein</translation>
    </message>
    <message>
        <source>a sum over a bound number: for k in 0..10</source>
        <translation>eine Summe über eine gebundene Zahl: for k in 0..10</translation>
    </message>
    <message>
        <source>a table takes a whole number of rows from 0 to %1</source>
        <translation>eine Tabelle nimmt eine ganze Zahl von Zeilen von 0 bis %1</translation>
    </message>
    <message>
        <source>a value that occurs: the first that reaches p</source>
        <translation>ein vorkommender Wert: der erste, der p erreicht</translation>
    </message>
    <message>
        <source>acos takes numbers from -1 to 1</source>
        <translation>acos nimmt Zahlen von -1 bis 1</translation>
    </message>
    <message>
        <source>after until comes a condition, such as r &lt; 1, and this is %1</source>
        <translation>nach until kommt eine Bedingung, etwa r &lt; 1, und dies ist %1</translation>
    </message>
    <message>
        <source>an open class has no such limit</source>
        <translation>eine offene Klasse hat keine solche Grenze</translation>
    </message>
    <message>
        <source>arrange takes whole numbers from 0 up</source>
        <translation>arrange nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>asin takes numbers from -1 to 1</source>
        <translation>asin nimmt Zahlen von -1 bis 1</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>binomial mean and standard deviation, of k from 0 to n</source>
        <translation>Mittelwert und Standardabweichung der Binomialverteilung, für k von 0 bis n</translation>
    </message>
    <message>
        <source>binomial takes a whole n from 0 up and a p from 0 to 1</source>
        <translation>binomial nimmt ein ganzes n ab 0 und ein p von 0 bis 1</translation>
    </message>
    <message>
        <source>boxes</source>
        <translation>Kästen</translation>
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
        <source>chi_squared takes degrees of freedom above 0</source>
        <translation>chi_squared nimmt Freiheitsgrade über 0</translation>
    </message>
    <message>
        <source>choose takes whole numbers from 0 up</source>
        <translation>choose nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>correlation</source>
        <translation>Korrelation</translation>
    </message>
    <message>
        <source>counts and q are numbers from 0 up</source>
        <translation>Anzahlen und q sind Zahlen ab 0</translation>
    </message>
    <message>
        <source>counts are numbers from 0 up</source>
        <translation>Anzahlen sind Zahlen ab 0</translation>
    </message>
    <message>
        <source>counts are numbers from 0 up, and a base is above 0 and not 1</source>
        <translation>Anzahlen sind Zahlen ab 0, und eine Basis liegt über 0 und ist nicht 1</translation>
    </message>
    <message>
        <source>cumulative curve</source>
        <translation>Summenkurve</translation>
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
        <source>each stands for a chosen column: it can be used in a foot line, or in a formula for several columns.</source>
        <translation>each steht für eine gewählte Spalte: es gehört in eine Fußzeile oder in eine Formel für mehrere Spalten.</translation>
    </message>
    <message>
        <source>expected counts are numbers above 0</source>
        <translation>erwartete Anzahlen sind Zahlen über 0</translation>
    </message>
    <message>
        <source>exponential takes a rate above 0</source>
        <translation>exponential nimmt eine Rate über 0</translation>
    </message>
    <message>
        <source>f_dist takes degrees of freedom above 0</source>
        <translation>f_dist nimmt Freiheitsgrade über 0</translation>
    </message>
    <message>
        <source>factorial takes whole numbers from 0 up</source>
        <translation>factorial nimmt ganze Zahlen ab 0</translation>
    </message>
    <message>
        <source>first and then need rows: only a column&apos;s formula can have them.</source>
        <translation>first und then brauchen Zeilen: nur die Formel einer Spalte kann sie haben.</translation>
    </message>
    <message>
        <source>first can only begin a formula.</source>
        <translation>first kann nur am Anfang einer Formel stehen.</translation>
    </message>
    <message>
        <source>first quartile, by its place</source>
        <translation>erstes Quartil, nach seinem Platz</translation>
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
        <source>for is followed by a name, in and a range, as in 1/k! for k in 0..10.</source>
        <translation>Auf for folgen ein Name, in und ein Bereich, etwa 1/k! for k in 0..10.</translation>
    </message>
    <message>
        <source>frequencies are numbers from 0 up, and p is from 0 to 1</source>
        <translation>Häufigkeiten sind Zahlen ab 0, und p liegt zwischen 0 und 1</translation>
    </message>
    <message>
        <source>gamma has no value at 0 and at negative whole numbers</source>
        <translation>gamma hat keinen Wert bei 0 und bei negativen ganzen Zahlen</translation>
    </message>
    <message>
        <source>geomean takes numbers from 0 up</source>
        <translation>geomean nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>geometric takes a p above 0 and up to 1</source>
        <translation>geometric nimmt ein p über 0 und bis 1</translation>
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
        <source>harmean takes numbers from 0 up</source>
        <translation>harmean nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>histogram over classes</source>
        <translation>Histogramm über Klassen</translation>
    </message>
    <message>
        <source>hour</source>
        <translation>Stunde</translation>
    </message>
    <message>
        <source>hypergeometric takes whole numbers N, K and n from 0 up, with K and n not above N</source>
        <translation>hypergeometric nimmt ganze Zahlen N, K und n ab 0, mit K und n nicht über N</translation>
    </message>
    <message>
        <source>if is written if … then … else …: %1 is missing here.</source>
        <translation>if schreibt sich if … then … else …: hier fehlt %1.</translation>
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
        <source>interpolate takes a place between the smallest and the largest x</source>
        <translation>interpolate nimmt eine Stelle zwischen dem kleinsten und dem größten x</translation>
    </message>
    <message>
        <source>interval takes an a below its b</source>
        <translation>interval nimmt ein a unter seinem b</translation>
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
        <source>kilometre an hour</source>
        <translation>Kilometer je Stunde</translation>
    </message>
    <message>
        <source>kurtosis has no value where all values are equal</source>
        <translation>kurtosis hat keinen Wert, wo alle Werte gleich sind</translation>
    </message>
    <message>
        <source>ledge is followed by a point and the name of a held value, as in ledge.n.</source>
        <translation>Auf ledge folgen ein Punkt und der Name eines festgehaltenen Werts, etwa ledge.n.</translation>
    </message>
    <message>
        <source>lgamma has no value at 0 and at negative whole numbers</source>
        <translation>lgamma hat keinen Wert bei 0 und bei negativen ganzen Zahlen</translation>
    </message>
    <message>
        <source>like 1, with the mean of two where p is reached exactly</source>
        <translation>wie 1, mit dem Mittel zweier Werte, wo p genau erreicht wird</translation>
    </message>
    <message>
        <source>litre</source>
        <translation>Liter</translation>
    </message>
    <message>
        <source>ln takes numbers above 0</source>
        <translation>ln nimmt Zahlen über 0</translation>
    </message>
    <message>
        <source>log takes a number above 0, and a base above 0 that is not 1</source>
        <translation>log nimmt eine Zahl über 0 und eine Basis über 0, die nicht 1 ist</translation>
    </message>
    <message>
        <source>log10 takes numbers above 0</source>
        <translation>log10 nimmt Zahlen über 0</translation>
    </message>
    <message>
        <source>log2 takes numbers above 0</source>
        <translation>log2 nimmt Zahlen über 0</translation>
    </message>
    <message>
        <source>lognormal takes an s above 0</source>
        <translation>lognormal nimmt ein s über 0</translation>
    </message>
    <message>
        <source>m is a whole number from 0 to the number of individuals</source>
        <translation>m ist eine ganze Zahl von 0 bis zur Zahl der Individuen</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittelwert</translation>
    </message>
    <message>
        <source>mean and standard deviation from classes</source>
        <translation>Mittelwert und Standardabweichung aus Klassen</translation>
    </message>
    <message>
        <source>median, by its place</source>
        <translation>Median, nach seinem Platz</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>metre a second</source>
        <translation>Meter je Sekunde</translation>
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
        <source>near the median of its own spread, whatever the distribution</source>
        <translation>nahe am Median der eigenen Streuung, gleich welche Verteilung</translation>
    </message>
    <message>
        <source>negative_binomial takes an r above 0 and a p above 0 and up to 1</source>
        <translation>negative_binomial nimmt ein r über 0 und ein p über 0 und bis 1</translation>
    </message>
    <message>
        <source>no formula reaches this row</source>
        <translation>keine Formel reicht bis zu dieser Zeile</translation>
    </message>
    <message>
        <source>no value</source>
        <translation>ein fehlender Wert</translation>
    </message>
    <message>
        <source>normal takes a standard deviation above 0</source>
        <translation>normal nimmt eine Standardabweichung über 0</translation>
    </message>
    <message>
        <source>on the line between values, at (n + 1)·p</source>
        <translation>auf der Geraden zwischen Werten, bei (n + 1)·p</translation>
    </message>
    <message>
        <source>on the line between values, at (n − 1)·p + 1</source>
        <translation>auf der Geraden zwischen Werten, bei (n − 1)·p + 1</translation>
    </message>
    <message>
        <source>on the line between values, at n·p</source>
        <translation>auf der Geraden zwischen Werten, bei n·p</translation>
    </message>
    <message>
        <source>on the line between values, at n·p + 0.5</source>
        <translation>auf der Geraden zwischen Werten, bei n·p + 0,5</translation>
    </message>
    <message>
        <source>only a whole number from 0 on can be counted off</source>
        <translation>nur eine ganze Zahl ab 0 lässt sich abstreichen</translation>
    </message>
    <message>
        <source>only the rows for which a condition holds</source>
        <translation>nur die Zeilen, für die eine Bedingung gilt</translation>
    </message>
    <message>
        <source>p times the natural logarithm of p, and 0 at 0.</source>
        <translation>p mal der natürliche Logarithmus von p, und 0 bei 0.</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>points, joined</source>
        <translation>verbundene Punkte</translation>
    </message>
    <message>
        <source>poisson takes a mean from 0 up</source>
        <translation>poisson nimmt einen Mittelwert ab 0</translation>
    </message>
    <message>
        <source>polygon over classes</source>
        <translation>Polygon über Klassen</translation>
    </message>
    <message>
        <source>pound</source>
        <translation>Pfund</translation>
    </message>
    <message>
        <source>quantile takes a p from 0 to 1 and a type from 1 to 9</source>
        <translation>quantile nimmt ein p von 0 bis 1 und einen Typ von 1 bis 9</translation>
    </message>
    <message>
        <source>quantile takes a p from 0 to 1 for which the distribution has a finite value</source>
        <translation>quantile nimmt ein p von 0 bis 1, für das die Verteilung einen endlichen Wert hat</translation>
    </message>
    <message>
        <source>regression line</source>
        <translation>Regressionsgerade</translation>
    </message>
    <message>
        <source>round takes a whole number of decimals from -300 to 300</source>
        <translation>round nimmt eine ganze Zahl von Nachkommastellen von -300 bis 300</translation>
    </message>
    <message>
        <source>second</source>
        <translation>Sekunde</translation>
    </message>
    <message>
        <source>several rows fit here: pick takes exactly one</source>
        <translation>mehrere Zeilen passen hier: pick nimmt genau eine</translation>
    </message>
    <message>
        <source>sigfig takes a whole number of figures from 1 to 17</source>
        <translation>sigfig nimmt eine ganze Zahl von Stellen von 1 bis 17</translation>
    </message>
    <message>
        <source>skewness has no value where all values are equal</source>
        <translation>skewness hat keinen Wert, wo alle Werte gleich sind</translation>
    </message>
    <message>
        <source>sqrt takes numbers from 0 up</source>
        <translation>sqrt nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>standard deviation, of a sample (n − 1)</source>
        <translation>Standardabweichung einer Stichprobe (n − 1)</translation>
    </message>
    <message>
        <source>standard deviation, of a whole population (n)</source>
        <translation>Standardabweichung einer Grundgesamtheit (n)</translation>
    </message>
    <message>
        <source>stems</source>
        <translation>Stäbe</translation>
    </message>
    <message>
        <source>student_t takes degrees of freedom above 0</source>
        <translation>student_t nimmt Freiheitsgrade über 0</translation>
    </message>
    <message>
        <source>t has no value where all values are equal</source>
        <translation>t hat keinen Wert, wo alle Werte gleich sind</translation>
    </message>
    <message>
        <source>the cell is not %1: correct it, or set the column&apos;s kind to text</source>
        <translation>in der Zelle steht nicht %1: berichtigen oder die Art der Spalte auf Text setzen</translation>
    </message>
    <message>
        <source>the column whose values were to be the rows has been removed</source>
        <translation>die Spalte, deren Werte die Zeilen sein sollten, ist entfernt worden</translation>
    </message>
    <message>
        <source>the distribution&apos;s numbers are out of their domain</source>
        <translation>die Zahlen der Verteilung liegen außerhalb ihres Bereichs</translation>
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
        <source>the result is too large to be held</source>
        <translation>das Ergebnis ist zu groß, um gespeichert zu werden</translation>
    </message>
    <message>
        <source>the rows of this table come from a later version and are kept, not shown</source>
        <translation>die Zeilen dieser Tabelle stammen aus einer späteren Version und werden behalten, nicht gezeigt</translation>
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
        <source>there is no correlation where all values of one column are equal</source>
        <translation>es gibt keine Korrelation, wo alle Werte einer Spalte gleich sind</translation>
    </message>
    <message>
        <source>there is no finite density here, or the distribution&apos;s numbers are out of their domain</source>
        <translation>hier gibt es keine endliche Dichte, oder die Zahlen der Verteilung liegen außerhalb ihres Bereichs</translation>
    </message>
    <message>
        <source>these columns need each other in a circle without a beginning, %1: give one of them first … then …</source>
        <translation>diese Spalten brauchen einander im Kreis ohne Anfang, %1: einer davon first … then … geben</translation>
    </message>
    <message>
        <source>these columns need each other in the same row</source>
        <translation>diese Spalten brauchen einander in derselben Zeile</translation>
    </message>
    <message>
        <source>these formulas need each other in a circle, %1: change one of them</source>
        <translation>diese Formeln brauchen einander im Kreis, %1: eine davon ändern</translation>
    </message>
    <message>
        <source>these need each other in the same row, %1: use an earlier row, such as [i-1], in one of them</source>
        <translation>diese brauchen einander in derselben Zeile, %1: in einer davon eine frühere Zeile verwenden, etwa [i-1]</translation>
    </message>
    <message>
        <source>these rows are not made from a column</source>
        <translation>diese Zeilen sind nicht aus einer Spalte gebildet</translation>
    </message>
    <message>
        <source>these two units are not both known, or do not measure the same</source>
        <translation>diese beiden Einheiten sind nicht beide bekannt oder messen nicht dasselbe</translation>
    </message>
    <message>
        <source>third quartile, by its place</source>
        <translation>drittes Quartil, nach seinem Platz</translation>
    </message>
    <message>
        <source>this distribution has none, or its numbers are out of their domain</source>
        <translation>diese Verteilung hat keinen, oder ihre Zahlen liegen außerhalb ihres Bereichs</translation>
    </message>
    <message>
        <source>this divides by zero</source>
        <translation>hier wird durch null geteilt</translation>
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
        <source>this takes more steps than one formula may: divide it, or shorten its ranges</source>
        <translation>dies braucht mehr Schritte, als eine Formel darf: aufteilen oder die Bereiche kürzen</translation>
    </message>
    <message>
        <source>this text writes no number</source>
        <translation>dieser Text schreibt keine Zahl</translation>
    </message>
    <message>
        <source>typed over the formula %1</source>
        <translation>eingetippt anstelle der Formel %1</translation>
    </message>
    <message>
        <source>unbiased where the values are normal</source>
        <translation>unverzerrt, wo die Werte normalverteilt sind</translation>
    </message>
    <message>
        <source>uniform takes an a below its b</source>
        <translation>uniform nimmt ein a unter seinem b</translation>
    </message>
    <message>
        <source>until %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>variance, of a sample (n − 1)</source>
        <translation>Varianz einer Stichprobe (n − 1)</translation>
    </message>
    <message>
        <source>variance, of a whole population (n)</source>
        <translation>Varianz einer Grundgesamtheit (n)</translation>
    </message>
    <message>
        <source>what is known here has the probability 0</source>
        <translation>was hier bekannt ist, hat die Wahrscheinlichkeit 0</translation>
    </message>
    <message>
        <source>where, for and a bar can stand only in the brackets of a measure.</source>
        <translation>where, for und ein senkrechter Strich können nur in den Klammern eines Maßes stehen.</translation>
    </message>
    <message>
        <source>with as many species as individuals there is no finite α, and counts are from 0 up</source>
        <translation>bei so vielen Arten wie Individuen gibt es kein endliches α, und Anzahlen sind ab 0</translation>
    </message>
    <message>
        <source>worked out from earlier rows</source>
        <translation>aus früheren Zeilen berechnet</translation>
    </message>
    <message>
        <source>x, or a value of your own where x is missing.</source>
        <translation>x, oder ein eigener Wert, wo x fehlt.</translation>
    </message>
    <message>
        <source>xlnx takes numbers from 0 up</source>
        <translation>xlnx nimmt Zahlen ab 0</translation>
    </message>
    <message>
        <source>“%1” is kept as typed, but it is not %2: correct it, or set the column&apos;s kind.</source>
        <translation>„%1“ bleibt wie getippt, ist aber nicht %2: berichtigen oder die Art der Spalte ändern.</translation>
    </message>
    <message>
        <source>√ takes numbers from 0 up</source>
        <translation>√ nimmt Zahlen ab 0</translation>
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
        <source>distance of the quartiles</source>
        <translation>Abstand der Quartile</translation>
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
        <source>most frequent</source>
        <translation>häufigster Wert</translation>
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
        <source>In this order the rows that the formula of %1 covers would stand in more than %2 places: let it cover all rows first.</source>
        <translation>In dieser Reihenfolge stünden die Zeilen, die die Formel von %1 umfasst, an mehr als %2 Stellen: sie zuerst alle Zeilen umfassen lassen.</translation>
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
        <source>%1 by hand as by measure</source>
        <translation>%1 von Hand wie durch das Maß</translation>
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
        <source>Density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>In order</source>
        <translation>Der Größe nach</translation>
    </message>
    <message>
        <source>Middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>Observed − expected</source>
        <translation>Beobachtet − erwartet</translation>
    </message>
    <message>
        <source>On the line</source>
        <translation>Auf der Geraden</translation>
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
        <source>Some values of %1 are in no row: look for cells that are of another kind.</source>
        <translation>Einige Werte von %1 stehen in keiner Zeile: Zellen anderer Art suchen.</translation>
    </message>
    <message>
        <source>Some values of %1 fall in no class: look for a mistyped one, or widen the classes.</source>
        <translation>Einige Werte von %1 fallen in keine Klasse: einen vertippten suchen oder die Klassen erweitern.</translation>
    </message>
    <message>
        <source>Squared</source>
        <translation>Quadriert</translation>
    </message>
    <message>
        <source>Squared, over expected</source>
        <translation>Quadriert, durch erwartet</translation>
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
        <source>chi-squared of all counts against the expected ones</source>
        <translation>Chi-Quadrat aller Anzahlen gegen die erwarteten</translation>
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
        <source>f · (middle − mean)²</source>
        <translation>f · (Mitte − Mittelwert)²</translation>
    </message>
    <message>
        <source>f · middle</source>
        <translation>f · Mitte</translation>
    </message>
    <message>
        <source>from the middles of the classes</source>
        <translation>aus den Klassenmitten</translation>
    </message>
    <message>
        <source>from the middles of the classes, over n − 1</source>
        <translation>aus den Klassenmitten, durch n − 1</translation>
    </message>
    <message>
        <source>how likely so much or more is where the two have nothing to do with each other</source>
        <translation>wie wahrscheinlich so viel oder mehr ist, wenn beide nichts miteinander zu tun haben</translation>
    </message>
    <message>
        <source>how many pairs are counted</source>
        <translation>wie viele Paare gezählt sind</translation>
    </message>
    <message>
        <source>how many rows the measures take, from the first</source>
        <translation>wie viele Zeilen die Maße nehmen, von der ersten an</translation>
    </message>
    <message>
        <source>how many trials</source>
        <translation>wie viele Versuche</translation>
    </message>
    <message>
        <source>how many values</source>
        <translation>wie viele Werte</translation>
    </message>
    <message>
        <source>how many values are counted</source>
        <translation>wie viele Werte gezählt sind</translation>
    </message>
    <message>
        <source>how many values fall in the classes</source>
        <translation>wie viele Werte in die Klassen fallen</translation>
    </message>
    <message>
        <source>how often it occurs</source>
        <translation>wie oft er vorkommt</translation>
    </message>
    <message>
        <source>its root</source>
        <translation>ihre Wurzel</translation>
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
        <source>of the x that have a y</source>
        <translation>der x, die ein y haben</translation>
    </message>
    <message>
        <source>of the y that have an x</source>
        <translation>der y, die ein x haben</translation>
    </message>
    <message>
        <source>on the line between them</source>
        <translation>auf der Geraden dazwischen</translation>
    </message>
    <message>
        <source>on the line within its class</source>
        <translation>auf der Geraden in ihrer Klasse</translation>
    </message>
    <message>
        <source>over one less than their number</source>
        <translation>durch ihre Anzahl weniger eins</translation>
    </message>
    <message>
        <source>over their number</source>
        <translation>durch ihre Anzahl</translation>
    </message>
    <message>
        <source>the chance of success in each</source>
        <translation>die Erfolgswahrscheinlichkeit in jedem</translation>
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
        <source>the value at or below that place</source>
        <translation>der Wert dort oder darunter</translation>
    </message>
    <message>
        <source>the variance from the table</source>
        <translation>die Varianz aus der Tabelle</translation>
    </message>
    <message>
        <source>their sum over their number</source>
        <translation>ihre Summe durch ihre Anzahl</translation>
    </message>
    <message>
        <source>where it lies among them, from 1</source>
        <translation>wo er unter ihnen liegt, von 1 an</translation>
    </message>
    <message>
        <source>where the line meets the axis</source>
        <translation>wo die Gerade die Achse trifft</translation>
    </message>
    <message>
        <source>which %1 is asked for</source>
        <translation>nach welchem Wert von %1 gefragt ist</translation>
    </message>
    <message>
        <source>which part of all values that is</source>
        <translation>welcher Teil aller Werte das ist</translation>
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
        <source>dates go from the year 1 to the year 9999</source>
        <translation>Daten gehen vom Jahr 1 bis zum Jahr 9999</translation>
    </message>
    <message>
        <source>there is no such day: years go from 1 to 9999, months to 12, days to the end of the month</source>
        <translation>diesen Tag gibt es nicht: Jahre gehen von 1 bis 9999, Monate bis 12, Tage bis zum Monatsende</translation>
    </message>
    <message>
        <source>Write %1((a, b)) for several values, and %1((a, b), %2) where %2 follows them: of one value it tells nothing.</source>
        <translation>Für mehrere Werte %1((a, b)) schreiben, und %1((a, b), %2), wo %2 auf sie folgt: aus einem Wert allein ergibt sich nichts.</translation>
    </message>
    <message>
        <source>ct is no unit here: for gems write carat</source>
        <translation>ct ist hier keine Einheit: für Edelsteine carat schreiben</translation>
    </message>
    <message>
        <source>dpi counts dots, which are no unit here: write 1/in</source>
        <translation>dpi zählt Punkte, die hier keine Einheit sind: 1/in schreiben</translation>
    </message>
    <message>
        <source>gal is a gallon to some and a unit of acceleration to others: write gallon, or cm/s2</source>
        <translation>gal ist für manche eine Gallone, für andere eine Einheit der Beschleunigung: gallon oder cm/s2 schreiben</translation>
    </message>
    <message>
        <source>ppt is a thousandth to some and a millionth of a millionth to others: write ‰, or 1e-12</source>
        <translation>ppt ist für manche ein Tausendstel, für andere ein Billionstel: ‰ oder 1e-12 schreiben</translation>
    </message>
    <message>
        <source>rpm counts turns, whose size depends on what is asked: write turn/min, or 1/min</source>
        <translation>rpm zählt Umdrehungen, deren Größe von der Frage abhängt: turn/min oder 1/min schreiben</translation>
    </message>
    <message>
        <source>there are several tons: write t (1000 kg), short_ton or long_ton</source>
        <translation>es gibt mehrere Tonnen: t (1000 kg), short_ton oder long_ton schreiben</translation>
    </message>
    <message>
        <source>dB is a logarithm, not a unit: work it out by a formula</source>
        <translation>dB ist ein Logarithmus, keine Einheit: mit einer Formel ausrechnen</translation>
    </message>
    <message>
        <source>pH is a logarithm, not a unit: work it out by a formula</source>
        <translation>pH ist ein Logarithmus, keine Einheit: mit einer Formel ausrechnen</translation>
    </message>
    <message>
        <source>%1 could not be written (%2): there is no such file. Save under another name or make room.</source>
        <translation>%1 ließ sich nicht schreiben (%2): es gibt keine solche Datei. Unter anderem Namen speichern oder Platz schaffen.</translation>
    </message>
    <message>
        <source>%1 could not be written to its end (%2): what was to be saved is in %3.</source>
        <translation>%1 ließ sich nicht zu Ende schreiben (%2): was gespeichert werden sollte, steht in %3.</translation>
    </message>
    <message>
        <source>%1 is a device or a pipe, which may have no end: save what it gives to a file first.</source>
        <translation>%1 ist ein Gerät oder eine Pipe, die kein Ende haben muss: was sie liefert, zuerst in eine Datei speichern.</translation>
    </message>
    <message>
        <source>%1 is not a file but a folder or device, and nothing was written: choose another name.</source>
        <translation>%1 ist keine Datei, sondern ein Ordner oder Gerät, und nichts wurde geschrieben: einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>%1 is read only, and was left as it is: save under another name.</source>
        <translation>%1 ist schreibgeschützt und blieb, wie es ist: unter anderem Namen speichern.</translation>
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
        <source>%1 cannot be a limit here: limits are numbers, each above the one before.</source>
        <translation>%1 kann hier keine Grenze sein: Grenzen sind Zahlen, jede größer als die vorige.</translation>
    </message>
    <message>
        <source>%1 is no kind of picture that can be written: let the name end with .png, .svg or .pdf.</source>
        <translation>%1 ist keine Art von Bild, die sich schreiben lässt: der Name soll auf .png, .svg oder .pdf enden.</translation>
    </message>
    <message>
        <source>A table cannot be exported as %1: save the study instead.</source>
        <translation>Eine Tabelle lässt sich nicht als %1 exportieren: stattdessen die Studie speichern.</translation>
    </message>
    <message>
        <source>Choose the columns first; in the formula each stands for one of them.</source>
        <translation>Zuerst die Spalten auswählen; in der Formel steht each für eine davon.</translation>
    </message>
    <message>
        <source>Choose the values that have been started, in a column that is given.</source>
        <translation>Die begonnenen Werte in einer gegebenen Spalte auswählen.</translation>
    </message>
    <message>
        <source>Own limits are at least two numbers: where the first class begins, and where it ends.</source>
        <translation>Eigene Grenzen sind mindestens zwei Zahlen: wo die erste Klasse beginnt und wo sie endet.</translation>
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
        <source>This table has no classes of another column that could be changed.</source>
        <translation>Diese Tabelle hat keine Klassen einer anderen Spalte, die sich ändern ließen.</translation>
    </message>
    <message>
        <source>This table has no column of numbers yet that could be summed up.</source>
        <translation>Diese Tabelle hat noch keine Spalte von Zahlen, die sich zusammenfassen ließe.</translation>
    </message>
    <message>
        <source>What the chart draws is being worked out: copy it again when it is there.</source>
        <translation>Was das Diagramm zeichnet, wird berechnet: noch einmal kopieren, wenn es da ist.</translation>
    </message>
    <message>
        <source>What the chart draws is being worked out: write it again when it is there.</source>
        <translation>Was das Diagramm zeichnet, wird berechnet: noch einmal schreiben, wenn es da ist.</translation>
    </message>
    <message>
        <source>There is not enough memory for this, and it was not done: use fewer rows, or close other programs. What is not saved has been kept.</source>
        <translation>Dafür reicht der Speicher nicht, und es wurde nicht getan: weniger Zeilen verwenden oder andere Programme schließen. Was nicht gespeichert ist, wurde aufgehoben.</translation>
    </message>
    <message>
        <source>working this out would take more memory than is free: use fewer rows, or fewer formulas</source>
        <translation>dies zu berechnen bräuchte mehr Speicher, als frei ist: weniger Zeilen oder weniger Formeln verwenden</translation>
    </message>
    <message>
        <source>The text was no UTF-8 and has been read as Windows-1252.</source>
        <translation>Der Text war kein UTF-8 und ist als Windows-1252 gelesen.</translation>
    </message>
    <message>
        <source>Whole numbers with more digits than a number can hold: %1; their columns have been read as texts, so that no digit is lost.</source>
        <translation>Ganze Zahlen mit mehr Ziffern, als eine Zahl fassen kann: %1; ihre Spalten sind als Texte gelesen, damit keine Ziffer verloren geht.</translation>
    </message>
    <message>
        <source>%1 is defined twice here: keep one of the two.</source>
        <translation>%1 ist hier zweimal festgelegt: Behalten Sie eine der beiden.</translation>
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
        <source>The day that counts as today lies in the years 1 to 9999.</source>
        <translation>Der Tag, der als heute gilt, liegt in den Jahren 1 bis 9999.</translation>
    </message>
    <message>
        <source>The seed of random numbers is a whole number up to %1.</source>
        <translation>Der Anfangswert der Zufallszahlen ist eine ganze Zahl bis %1.</translation>
    </message>
    <message>
        <source>The tolerance of ≈ is a number above 0 and up to 0.1.</source>
        <translation>Die Toleranz von ≈ ist eine Zahl über 0 und bis 0,1.</translation>
    </message>
    <message>
        <source>The type of quantile is a whole number from 1 to 9.</source>
        <translation>Der Typ des Quantils ist eine ganze Zahl von 1 bis 9.</translation>
    </message>
    <message>
        <source>%1 is already the name of a foot line that another one uses: choose another one.</source>
        <translation>%1 heißt schon eine Fußzeile, die eine andere benutzt: Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>The foot line %1 is not taken of this column: choose the column in that line&apos;s menu.</source>
        <translation>Die Fußzeile %1 wird nicht von dieser Spalte genommen: Wählen Sie die Spalte im Menü der Zeile.</translation>
    </message>
    <message>
        <source>The foot line %1 uses this one: change that first.</source>
        <translation>Die Fußzeile %1 benutzt diese: Ändern Sie jene zuerst.</translation>
    </message>
    <message>
        <source>This table has a foot line called %1 already: choose another name.</source>
        <translation>Diese Tabelle hat schon eine Fußzeile namens %1: Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 gives no error bars: choose a column of numbers of the same table.</source>
        <translation>%1 gibt keine Fehlerbalken: Wählen Sie eine Zahlenspalte derselben Tabelle.</translation>
    </message>
    <message>
        <source>%1 has too many rows for standard errors: give them in a column.</source>
        <translation>%1 hat zu viele Zeilen für Standardfehler: Geben Sie sie in einer Spalte an.</translation>
    </message>
    <message>
        <source>%1 is no mean, so it has no standard error: choose a column for the error bars.</source>
        <translation>%1 ist kein Mittelwert und hat darum keinen Standardfehler: Wählen Sie eine Spalte für die Fehlerbalken.</translation>
    </message>
    <message>
        <source>A logarithmic axis begins above 0: it is begun at its smallest value instead.</source>
        <translation>Eine logarithmische Achse beginnt über 0: Sie beginnt stattdessen bei ihrem kleinsten Wert.</translation>
    </message>
    <message>
        <source>Bars and classes have widths, which a logarithmic axis would bend: across is drawn with even steps.</source>
        <translation>Balken und Klassen haben Breiten, die eine logarithmische Achse verzerren würde: Quer wird mit gleichen Schritten gezeichnet.</translation>
    </message>
    <message>
        <source>Bars and sums stand on zero, which a logarithmic axis does not have: it is drawn with even steps.</source>
        <translation>Balken und Summen stehen auf null, die eine logarithmische Achse nicht hat: Sie wird mit gleichen Schritten gezeichnet.</translation>
    </message>
    <message>
        <source>a list of pairs of row ids</source>
        <translation>eine Liste von Paaren von Zeilennummern</translation>
    </message>
    <message>
        <source>A setting is quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, decimal_sign = comma, grouping = space or angles = degrees.</source>
        <translation>Eine Einstellung ist quantile_type = 7, tolerance = 1e-9, seed = 1, as_of = 2026-05-20, decimal_sign = comma, grouping = space oder angles = degrees.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2</source>
        <translation>%1 ist nicht lesbar: %2</translation>
    </message>
    <message>
        <source>%1 holds %2, and this is %3.</source>
        <translation>%1 hält %2, und dies ist %3.</translation>
    </message>
    <message>
        <source>%1 is given two values here: leave one of them out.</source>
        <translation>%1 bekommt hier zwei Werte: lassen Sie einen davon weg.</translation>
    </message>
    <message>
        <source>%1 looks through a range of numbers: it is written %1(t^2 - 2 for t in 0..2).</source>
        <translation>%1 durchsucht einen Bereich von Zahlen: man schreibt %1(t^2 - 2 for t in 0..2).</translation>
    </message>
    <message>
        <source>%1 takes one expression, without where.</source>
        <translation>%1 nimmt einen Ausdruck, ohne where.</translation>
    </message>
    <message>
        <source>A number t in a range at which an expression is 0.</source>
        <translation>Eine Zahl t eines Bereichs, bei der ein Ausdruck 0 ist.</translation>
    </message>
    <message>
        <source>Brent (1973), after looking through the range in 64 steps</source>
        <translation>Brent (1973), nach einer Durchsicht des Bereichs in 64 Schritten</translation>
    </message>
    <message>
        <source>Choose what is to come out of each value.</source>
        <translation>Wählen Sie, was aus jedem Wert herauskommen soll.</translation>
    </message>
    <message>
        <source>Give from 1 to %1 values to try.</source>
        <translation>Geben Sie 1 bis %1 Werte zum Versuchen an.</translation>
    </message>
    <message>
        <source>The number t in a range for which an expression is greatest.</source>
        <translation>Die Zahl t eines Bereichs, für die ein Ausdruck am größten ist.</translation>
    </message>
    <message>
        <source>The number t in a range for which an expression is least.</source>
        <translation>Die Zahl t eines Bereichs, für die ein Ausdruck am kleinsten ist.</translation>
    </message>
    <message>
        <source>There is no held number to try values of: put one on the ledge first.</source>
        <translation>Es gibt keine festgehaltene Zahl, für die Werte versucht werden könnten: setzen Sie erst eine auf die Leiste.</translation>
    </message>
    <message>
        <source>Trials of %1</source>
        <translation>Versuche zu %1</translation>
    </message>
    <message>
        <source>What is asked for before with cannot use a number of the for around it: use it in the value to try.</source>
        <translation>Was vor with gefragt ist, kann keine Zahl des for darum verwenden: verwenden Sie sie im Wert, der versucht wird.</translation>
    </message>
    <message>
        <source>bracketing by Alefeld, Potra and Shi (1995), after looking through the range in 64 steps</source>
        <translation>Einschließung nach Alefeld, Potra und Shi (1995), nach einer Durchsicht des Bereichs in 64 Schritten</translation>
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
        <source>nothing that is asked for before with uses %1: another value of it changes nothing</source>
        <translation>nichts, was vor with gefragt ist, verwendet %1: ein anderer Wert ändert nichts</translation>
    </message>
    <message>
        <source>ratio of changes</source>
        <translation>Verhältnis der Änderungen</translation>
    </message>
    <message>
        <source>the range from %1 to %2 has nothing in it: write the smaller number first</source>
        <translation>der Bereich von %1 bis %2 ist leer: schreiben Sie die kleinere Zahl zuerst</translation>
    </message>
    <message>
        <source>this could not be searched from %1 to %2: choose a narrower range</source>
        <translation>dies ließ sich von %1 bis %2 nicht durchsuchen: wählen Sie einen engeren Bereich</translation>
    </message>
    <message>
        <source>this is %1 at %2 and %3 at %4, and was found to be 0 nowhere between: choose another range</source>
        <translation>dies ist %1 bei %2 und %3 bei %4, und wurde dazwischen nirgends 0: wählen Sie einen anderen Bereich</translation>
    </message>
    <message>
        <source>this is 0 in %1 places from %2 to %3, the first two near %4 and %5: choose a range with one of them</source>
        <translation>dies ist an %1 Stellen von %2 bis %3 0, zuerst nahe %4 und %5: wählen Sie einen Bereich mit einer davon</translation>
    </message>
    <message>
        <source>what is asked for before with needs this very value: ask for something else</source>
        <translation>was vor with gefragt ist, braucht eben diesen Wert: fragen Sie nach etwas anderem</translation>
    </message>
    <message>
        <source>with asks for a number, a date or yes or no, and this is %1.</source>
        <translation>with fragt nach einer Zahl, einem Datum oder ja oder nein, und dies ist %1.</translation>
    </message>
    <message>
        <source>with cannot stand in a measure over rows: give it a column of its own, and take the measure of that.</source>
        <translation>with kann nicht in einem Maß über Zeilen stehen: geben Sie ihm eine eigene Spalte und nehmen Sie davon das Maß.</translation>
    </message>
    <message>
        <source>with is followed by a held value, = and the value to try, as in max(r) with k = 8, or by several in brackets, as in with (k = 8, m = 2).</source>
        <translation>Auf with folgen ein festgehaltener Wert, = und der Wert, der versucht wird, wie in max(r) with k = 8, oder mehrere in Klammern, wie in with (k = 8, m = 2).</translation>
    </message>
    <message>
        <source>with takes up to %1 held values at once.</source>
        <translation>with nimmt bis zu %1 festgehaltene Werte auf einmal.</translation>
    </message>
    <message>
        <source>with tries another value for a held value, and %1 is none: put on the ledge what is to be tried.</source>
        <translation>with versucht einen anderen Wert für einen festgehaltenen, und %1 ist keiner: setzen Sie auf die Leiste, was versucht werden soll.</translation>
    </message>
    <message>
        <source>%1 at %2 is a layer of a two-way table: its formula covers all cells, and what is typed stands among its overrides.</source>
        <translation>%1 bei %2 ist eine Schicht einer zweiachsigen Tabelle: ihre Formel gilt für alle Zellen, und Getipptes steht unter „overrides“.</translation>
    </message>
    <message>
        <source>%1 by %2 and %3</source>
        <translation>%1 nach %2 und %3</translation>
    </message>
    <message>
        <source>%1 has %2 lines, and %3 are the most that can be told apart: draw it as a heat map, or choose the other axis.</source>
        <translation>%1 hat %2 Linien, und mehr als %3 sind nicht zu unterscheiden: als Farbkarte zeichnen oder die andere Achse wählen.</translation>
    </message>
    <message>
        <source>%1 has no layer yet: write a formula for its cells first.</source>
        <translation>%1 hat noch keine Schicht: erst eine Formel für die Zellen schreiben.</translation>
    </message>
    <message>
        <source>%1 has one axis: write one place, as in [1..i].</source>
        <translation>%1 hat eine Achse: einen Platz schreiben, wie in [1..i].</translation>
    </message>
    <message>
        <source>%1 has two axes: write both places, as in [i, ..] for all of this row.</source>
        <translation>%1 hat zwei Achsen: beide Plätze schreiben, wie in [i, ..] für diese ganze Zeile.</translation>
    </message>
    <message>
        <source>%1 has two axes: write the row and the column, as in %1[i-1, j], or %1[i, ..] for all of this row in a measure.</source>
        <translation>%1 hat zwei Achsen: Zeile und Spalte schreiben, wie in %1[i-1, j], oder %1[i, ..] für diese ganze Zeile in einem Maß.</translation>
    </message>
    <message>
        <source>%1 is a layer of a two-way table: draw it as lines, points, bars, a heat map or contour lines.</source>
        <translation>%1 ist eine Schicht einer zweiachsigen Tabelle: als Linien, Punkte, Säulen, Farbkarte oder Höhenlinien zeichnen.</translation>
    </message>
    <message>
        <source>%1 is a two-way table and has no rows of values: type into the cells of a layer, or make another table.</source>
        <translation>%1 ist eine zweiachsige Tabelle und hat keine Zeilen mit Werten: in die Zellen einer Schicht tippen oder eine andere Tabelle anlegen.</translation>
    </message>
    <message>
        <source>%1 is a two-way table: change the values of its axes instead.</source>
        <translation>%1 ist eine zweiachsige Tabelle: stattdessen die Werte ihrer Achsen ändern.</translation>
    </message>
    <message>
        <source>%1 is a whole axis: take one of its values, as in %1[1], or a measure, as in max(%1).</source>
        <translation>%1 ist eine ganze Achse: einen ihrer Werte nehmen, wie in %1[1], oder ein Maß, wie in max(%1).</translation>
    </message>
    <message>
        <source>%1 is a whole layer: take one cell of it, as in %1[1, 2], or a measure, as in sum(%1).</source>
        <translation>%1 ist eine ganze Schicht: eine Zelle davon nehmen, wie in %1[1, 2], oder ein Maß, wie in sum(%1).</translation>
    </message>
    <message>
        <source>%1 is an axis and has one place in brackets, a row or a column: write %1[1].</source>
        <translation>%1 ist eine Achse und hat einen Platz in Klammern, eine Zeile oder eine Spalte: %1[1] schreiben.</translation>
    </message>
    <message>
        <source>%1 is no layer of a two-way table: a heat map and contour lines are drawn of one.</source>
        <translation>%1 ist keine Schicht einer zweiachsigen Tabelle: Farbkarte und Höhenlinien werden von einer gezeichnet.</translation>
    </message>
    <message>
        <source>%1 is no number of the axis: %2</source>
        <translation>%1 ist keine Zahl der Achse: %2</translation>
    </message>
    <message>
        <source>%1 is not drawn: the values of both its axes must rise.</source>
        <translation>%1 wird nicht gezeichnet: die Werte beider Achsen müssen steigen.</translation>
    </message>
    <message>
        <source>%1 is told by a cell of the two-way table, and here there is none: use a measure, or a place such as [1, 2].</source>
        <translation>%1 sagt eine Zelle der zweiachsigen Tabelle, und hier ist keine: ein Maß nehmen oder einen Platz wie [1, 2].</translation>
    </message>
    <message>
        <source>%1 needs a cell, and there is none here.</source>
        <translation>%1 braucht eine Zelle, und hier ist keine.</translation>
    </message>
    <message>
        <source>%1 stands twice on this axis: each value of an axis stands there once.</source>
        <translation>%1 steht zweimal auf dieser Achse: jeder Wert einer Achse steht dort einmal.</translation>
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
        <source>A list of an axis takes %1 values at most: write it as a series, such as 1..20000.</source>
        <translation>Eine Liste einer Achse fasst höchstens %1 Werte: als Reihe schreiben, etwa 1..20000.</translation>
    </message>
    <message>
        <source>A part of a two-way table can stand only in a measure, as in sum(%1[i, ..]).</source>
        <translation>Ein Teil einer zweiachsigen Tabelle kann nur in einem Maß stehen, wie in sum(%1[i, ..]).</translation>
    </message>
    <message>
        <source>A row or column is a number, and this is %1.</source>
        <translation>Eine Zeile oder Spalte ist eine Zahl, und dies ist %1.</translation>
    </message>
    <message>
        <source>Across: %1</source>
        <translation>Nach rechts: %1</translation>
    </message>
    <message>
        <source>An axis is written name = values, as in rate = 0.03, 0.035 .. 0.06.</source>
        <translation>Eine Achse schreibt man Name = Werte, wie in rate = 0.03, 0.035 .. 0.06.</translation>
    </message>
    <message>
        <source>Before .. stands the first number, or the first two, as in 3, 3.5 .. 6.</source>
        <translation>Vor .. steht die erste Zahl, oder die ersten zwei, wie in 3, 3.5 .. 6.</translation>
    </message>
    <message>
        <source>Between two commas of the axis a value is missing.</source>
        <translation>Zwischen zwei Kommas der Achse fehlt ein Wert.</translation>
    </message>
    <message>
        <source>Both axes are called %1: give one of them another name.</source>
        <translation>Beide Achsen heißen %1: einer von ihnen einen anderen Namen geben.</translation>
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
        <source>The table at %1 needs one axis, or two that each have values of their own.</source>
        <translation>Die Tabelle bei %1 braucht eine Achse, oder zwei, die je eigene Werte haben.</translation>
    </message>
    <message>
        <source>This axis has no values yet: write some, as in 1..12 or riffle, pool, weir.</source>
        <translation>Diese Achse hat noch keine Werte: welche schreiben, wie 1..12 oder riffle, pool, weir.</translation>
    </message>
    <message>
        <source>This block has %1 rows and %2 columns, more than %3 has from here on: add values to its axes first.</source>
        <translation>Dieser Block hat %1 Zeilen und %2 Spalten, mehr als %3 von hier an hat: erst den Achsen Werte hinzufügen.</translation>
    </message>
    <message>
        <source>Two different numbers before .. show the step, as in 3, 3.5 .. 6.</source>
        <translation>Zwei verschiedene Zahlen vor .. zeigen den Schritt, wie in 3, 3.5 .. 6.</translation>
    </message>
    <message>
        <source>Two places in brackets belong to a two-way table, and %1 has one axis: write one place, as in %2[1].</source>
        <translation>Zwei Plätze in Klammern gehören zu einer zweiachsigen Tabelle, und %1 hat eine Achse: einen Platz schreiben, wie in %2[1].</translation>
    </message>
    <message>
        <source>Write a cell as Table.column[row], of a two-way table as Table.layer[row, column], and a held value by its name: %1 is neither.</source>
        <translation>Eine Zelle als Tabelle.Spalte[Zeile] schreiben, einer zweiachsigen Tabelle als Tabelle.Schicht[Zeile, Spalte], und einen festgehaltenen Wert mit seinem Namen: %1 ist keines von beiden.</translation>
    </message>
    <message>
        <source>[j] is the column of a two-way table&apos;s cell, and this is no formula of one.</source>
        <translation>[j] ist die Spalte einer Zelle einer zweiachsigen Tabelle, und dies ist keine Formel einer solchen.</translation>
    </message>
    <message>
        <source>a list of pairs of a first id and a count, for all values</source>
        <translation>eine Liste von Paaren aus erster Kennung und Anzahl, für alle Werte</translation>
    </message>
    <message>
        <source>a number or a formula</source>
        <translation>eine Zahl oder eine Formel</translation>
    </message>
    <message>
        <source>a value that does not stand there before</source>
        <translation>ein Wert, der dort noch nicht steht</translation>
    </message>
    <message>
        <source>an axis goes from number to number, and this is %1</source>
        <translation>eine Achse geht von Zahl zu Zahl, und dies ist %1</translation>
    </message>
    <message>
        <source>bars, stacked</source>
        <translation>Säulen, gestapelt</translation>
    </message>
    <message>
        <source>bars, stacked to 100 %</source>
        <translation>Säulen, auf 100 % gestapelt</translation>
    </message>
    <message>
        <source>contour lines</source>
        <translation>Höhenlinien</translation>
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
        <source>heat map</source>
        <translation>Farbkarte</translation>
    </message>
    <message>
        <source>how strongly the two go together, from 0 to 1 (Cramér&apos;s V)</source>
        <translation>wie stark die beiden zusammenhängen, von 0 bis 1 (Cramérs V)</translation>
    </message>
    <message>
        <source>its axes make %1 cells, and a two-way table takes %2 at most</source>
        <translation>ihre Achsen ergeben %1 Zellen, und eine zweiachsige Tabelle fasst höchstens %2</translation>
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
        <source>The rows of the table at %1 are listed, which is for the axes of a two-way table.</source>
        <translation>Die Zeilen der Tabelle bei %1 sind aufgelistet, was für Achsen einer zweiachsigen Tabelle ist.</translation>
    </message>
    <message>
        <source>Choose two different held values.</source>
        <translation>Zwei verschiedene festgehaltene Werte wählen.</translation>
    </message>
    <message>
        <source>Nothing in this study follows from both %1 and %2: choose two that go into one result.</source>
        <translation>Nichts in dieser Studie folgt aus %1 und %2 zugleich: zwei wählen, die in ein Ergebnis eingehen.</translation>
    </message>
    <message>
        <source>The cells are still being computed, so nothing was entered. Type again when they are ready.</source>
        <translation>Die Zellen werden berechnet, und nichts wurde getippt: noch einmal tippen, wenn sie da sind.</translation>
    </message>
    <message>
        <source>%1 is already the name of a run: choose another one.</source>
        <translation>%1 heißt schon ein Lauf: einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>A study keeps up to %1 runs with %2 numbers together: remove a run, or choose fewer columns before keeping one.</source>
        <translation>Eine Studie behält bis zu %1 Läufe mit zusammen %2 Zahlen: einen Lauf entfernen oder vor dem Behalten weniger Spalten wählen.</translation>
    </message>
    <message>
        <source>All that this run was kept with is so already.</source>
        <translation>Alles, womit dieser Lauf behalten wurde, ist schon so.</translation>
    </message>
    <message>
        <source>No run is kept yet: keep one, change a held value, and keep another.</source>
        <translation>Noch ist kein Lauf behalten: einen behalten, einen festgehaltenen Wert ändern und noch einen behalten.</translation>
    </message>
    <message>
        <source>There is nothing to keep: nothing here is worked out by a formula yet.</source>
        <translation>Es gibt nichts zu behalten: hier wird noch nichts durch eine Formel berechnet.</translation>
    </message>
    <message>
        <source>This is kept already, as %1: change a held value first.</source>
        <translation>Das ist schon behalten, als %1: erst einen festgehaltenen Wert ändern.</translation>
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
        <source>%1 draws another number each time</source>
        <translation>%1 zieht jedes Mal eine andere Zahl</translation>
    </message>
    <message>
        <source>%1 is a function or a distribution, and is not written.</source>
        <translation>%1 ist eine Funktion oder eine Verteilung und wird nicht geschrieben.</translation>
    </message>
    <message>
        <source>%1 is written as values: %2.</source>
        <translation>%1 wird als Werte geschrieben: %2.</translation>
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
        <source>%1 stands under %2 and is no formula: it is left out.</source>
        <translation>%1 steht unter %2 und ist keine Formel: es wird weggelassen.</translation>
    </message>
    <message>
        <source>%1 under %2: %3</source>
        <translation>%1 unter %2: %3</translation>
    </message>
    <message>
        <source>%1, as it is used here, has no like in the formula language</source>
        <translation>%1, so wie es hier steht, hat in der Formelsprache nichts Gleiches</translation>
    </message>
    <message>
        <source>%1: files of this kind are written and not read.</source>
        <translation>%1: Dateien dieser Art werden geschrieben und nicht gelesen.</translation>
    </message>
    <message>
        <source>A worksheet ends with .ods or .xlsx: choose one of these.</source>
        <translation>Ein Rechenblatt endet auf .ods oder .xlsx: wählen Sie eines davon.</translation>
    </message>
    <message>
        <source>HTML tables</source>
        <translation>HTML-Tabellen</translation>
    </message>
    <message>
        <source>It has more than %1 cells that are not empty, and is not read.</source>
        <translation>Es hat mehr als %1 Zellen, die nicht leer sind, und wird nicht gelesen.</translation>
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
        <source>It is an OpenDocument file, but no spreadsheet.</source>
        <translation>Es ist eine OpenDocument-Datei, aber keine Tabelle.</translation>
    </message>
    <message>
        <source>It is cut or damaged: it does not end as an archive does. Ask for it again.</source>
        <translation>Es ist abgeschnitten oder beschädigt: es endet nicht wie ein Archiv. Lassen Sie es sich noch einmal geben.</translation>
    </message>
    <message>
        <source>It is encrypted, or a workbook in the older binary format: save it without a password, as an Office Open XML workbook or an OpenDocument spreadsheet.</source>
        <translation>Es ist verschlüsselt, oder eine Mappe im älteren Binärformat: speichern Sie es ohne Kennwort, als Office-Open-XML-Mappe oder OpenDocument-Tabelle.</translation>
    </message>
    <message>
        <source>It is encrypted: save it without a password first.</source>
        <translation>Es ist verschlüsselt: speichern Sie es zuerst ohne Kennwort.</translation>
    </message>
    <message>
        <source>It is no JSON: look for a comma or a bracket that is missing, or send it through a checker.</source>
        <translation>Es ist kein JSON: suchen Sie ein fehlendes Komma oder eine fehlende Klammer, oder lassen Sie es prüfen.</translation>
    </message>
    <message>
        <source>It is no worksheet, or a damaged one: its part %1 is not there.</source>
        <translation>Es ist kein Rechenblatt, oder ein beschädigtes: sein Teil %1 ist nicht da.</translation>
    </message>
    <message>
        <source>Its field %1 is no list: columns are written as {&quot;x&quot;: [1, 2], &quot;y&quot;: [3, 4]}.</source>
        <translation>Sein Feld %1 ist keine Liste: Spalten werden als {&quot;x&quot;: [1, 2], &quot;y&quot;: [3, 4]} geschrieben.</translation>
    </message>
    <message>
        <source>Its part %1 is damaged and cannot be unpacked. Ask for the file again.</source>
        <translation>Sein Teil %1 ist beschädigt und kann nicht ausgepackt werden. Lassen Sie sich die Datei noch einmal geben.</translation>
    </message>
    <message>
        <source>Its part %1 is no well-formed XML. Ask for the file again.</source>
        <translation>Sein Teil %1 ist kein wohlgeformtes XML. Lassen Sie sich die Datei noch einmal geben.</translation>
    </message>
    <message>
        <source>Its part %1 unpacks to more than %2 bytes, and is not read.</source>
        <translation>Sein Teil %1 ist ausgepackt größer als %2 Bytes und wird nicht gelesen.</translation>
    </message>
    <message>
        <source>Its record %1 is no object: records are written as [{&quot;x&quot;: 1}, {&quot;x&quot;: 2}].</source>
        <translation>Sein Datensatz %1 ist kein Objekt: Datensätze werden als [{&quot;x&quot;: 1}, {&quot;x&quot;: 2}] geschrieben.</translation>
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
        <source>Row %1 counts %2 %3 where the rows around it go up by %4 to %5. It stays as it is in the column %2: type %5 there to mend it.</source>
        <translation>Zeile %1 zählt %2 %3, wo die Zeilen ringsum um %4 auf %5 steigen. Es bleibt so in der Spalte %2: tippen Sie dort %5, um es zu richten.</translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3 in its formula, where %4 has another value. Its value stands over the formula: give the formula back to mend it.</source>
        <translation>Zeile %1 von %2 hat %3 in ihrer Formel, wo %4 einen anderen Wert hat. Ihr Wert steht über der Formel: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>Row %1 of %2 has %3, where the rows around it have %4. Its value stands over the formula: give the formula back to mend it.</source>
        <translation>Zeile %1 von %2 hat %3, wo die Zeilen ringsum %4 haben. Ihr Wert steht über der Formel: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>Row %1 of %2 is %3, typed over the formula %4. It stays so: give the formula back to mend it.</source>
        <translation>Zeile %1 von %2 ist %3, über die Formel %4 getippt. Es bleibt so: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>The grid %1 is left out: %2.</source>
        <translation>Das Gitter %1 wird weggelassen: %2.</translation>
    </message>
    <message>
        <source>The range %1 leaves out the last rows of the column (%2). It stays so: write the column&apos;s name alone to take all of them.</source>
        <translation>Der Bereich %1 lässt die letzten Zeilen der Spalte weg (%2). Es bleibt so: schreiben Sie nur den Namen der Spalte, um alle zu nehmen.</translation>
    </message>
    <message>
        <source>The reference %1 is not fixed, and has wandered to %2 %3 rows on. Here it means %1 in every row; in the worksheet, fix it with dollar signs.</source>
        <translation>Der Bezug %1 ist nicht fest und ist %3 Zeilen weiter nach %2 gewandert. Hier bedeutet er in jeder Zeile %1; im Rechenblatt machen ihn Dollarzeichen fest.</translation>
    </message>
    <message>
        <source>The worksheet could not be packed: the memory does not suffice.</source>
        <translation>Das Rechenblatt konnte nicht gepackt werden: der Speicher reicht nicht.</translation>
    </message>
    <message>
        <source>The worksheet has %1, and the formula gives %2.</source>
        <translation>Das Rechenblatt hat %1, und die Formel ergibt %2.</translation>
    </message>
    <message>
        <source>This cell has %1, where the cells around it have the formula %2. It stays so: give the formula back to mend it.</source>
        <translation>Diese Zelle hat %1, wo die Zellen ringsum die Formel %2 haben. Es bleibt so: geben Sie die Formel zurück, um es zu richten.</translation>
    </message>
    <message>
        <source>Times of day without a date are taken as parts of a day: noon is 0.5.</source>
        <translation>Uhrzeiten ohne Datum werden als Teile eines Tages genommen: Mittag ist 0,5.</translation>
    </message>
    <message>
        <source>To look at in the worksheet:</source>
        <translation>Im Rechenblatt anzusehen:</translation>
    </message>
    <message>
        <source>Values that are not what their formulas give:</source>
        <translation>Werte, die nicht sind, was ihre Formeln ergeben:</translation>
    </message>
    <message>
        <source>What stands under %1 is left out: %2.</source>
        <translation>Was unter %1 steht, wird weggelassen: %2.</translation>
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
        <source>a measure in it takes what is worked out for each row: give that a column of its own</source>
        <translation>ein Maß darin nimmt, was für jede Zeile berechnet wird: geben Sie dem eine eigene Spalte</translation>
    </message>
    <message>
        <source>a text in it is not closed</source>
        <translation>ein Text darin ist nicht geschlossen</translation>
    </message>
    <message>
        <source>it cannot be read from %1 on</source>
        <translation>sie kann von %1 an nicht gelesen werden</translation>
    </message>
    <message>
        <source>it cannot be written in one formula</source>
        <translation>sie kann nicht in einer Formel geschrieben werden</translation>
    </message>
    <message>
        <source>it counts texts that a formula leaves out in some rows</source>
        <translation>sie zählt Texte, die eine Formel in manchen Zeilen weglässt</translation>
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
        <source>it has two places in brackets</source>
        <translation>sie hat zwei Plätze in Klammern</translation>
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
        <source>it refers to %1, under a table, which is no formula</source>
        <translation>sie bezieht sich auf %1 unter einer Tabelle, das keine Formel ist</translation>
    </message>
    <message>
        <source>it refers to %1, which is empty</source>
        <translation>sie bezieht sich auf %1, das leer ist</translation>
    </message>
    <message>
        <source>it refers to %1, which is in no table</source>
        <translation>sie bezieht sich auf %1, das in keiner Tabelle steht</translation>
    </message>
    <message>
        <source>it refers to a column without values</source>
        <translation>sie bezieht sich auf eine Spalte ohne Werte</translation>
    </message>
    <message>
        <source>it refers to a place outside the sheet</source>
        <translation>sie bezieht sich auf einen Platz außerhalb des Blatts</translation>
    </message>
    <message>
        <source>it refers to a place that was removed (%1)</source>
        <translation>sie bezieht sich auf einen Platz, der entfernt wurde (%1)</translation>
    </message>
    <message>
        <source>it refers to another file or to several sheets (%1), which are not opened</source>
        <translation>sie bezieht sich auf eine andere Datei oder auf mehrere Blätter (%1), die nicht geöffnet werden</translation>
    </message>
    <message>
        <source>it refers to itself by way of other cells</source>
        <translation>sie bezieht sich über andere Zellen auf sich selbst</translation>
    </message>
    <message>
        <source>it refers to the sheet %1, which is not there</source>
        <translation>sie bezieht sich auf das Blatt %1, das nicht da ist</translation>
    </message>
    <message>
        <source>it takes a column without rows</source>
        <translation>sie nimmt eine Spalte ohne Zeilen</translation>
    </message>
    <message>
        <source>it takes a range with what stands under a table</source>
        <translation>sie nimmt einen Bereich mit dem, was unter einer Tabelle steht</translation>
    </message>
    <message>
        <source>it takes a row of a held value</source>
        <translation>sie nimmt eine Zeile eines festgehaltenen Werts</translation>
    </message>
    <message>
        <source>it takes a row of what is worked out</source>
        <translation>sie nimmt eine Zeile von etwas Berechnetem</translation>
    </message>
    <message>
        <source>it takes a whole column of the sheet, with what stands under the table</source>
        <translation>sie nimmt eine ganze Spalte des Blatts mit dem, was unter der Tabelle steht</translation>
    </message>
    <message>
        <source>it uses %1, which is in no table</source>
        <translation>sie verwendet %1, das in keiner Tabelle steht</translation>
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
        <source>it uses a column that is not written</source>
        <translation>sie verwendet eine Spalte, die nicht geschrieben wird</translation>
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
        <source>it uses a name that is not there</source>
        <translation>sie verwendet einen Namen, der nicht da ist</translation>
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
        <source>it uses a range that is in no table</source>
        <translation>sie verwendet einen Bereich, der in keiner Tabelle steht</translation>
    </message>
    <message>
        <source>it uses a row or column whose number is worked out</source>
        <translation>sie verwendet eine Zeile oder Spalte, deren Nummer berechnet wird</translation>
    </message>
    <message>
        <source>it uses a row whose number is worked out</source>
        <translation>sie verwendet eine Zeile, deren Nummer berechnet wird</translation>
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
        <source>it uses another quantile method than worksheets do</source>
        <translation>sie verwendet eine andere Quantilmethode als Rechenblätter</translation>
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
        <source>its brackets stand more than %1 deep</source>
        <translation>ihre Klammern stehen mehr als %1 tief</translation>
    </message>
    <message>
        <source>its condition asks what is in a list, or in classes without end</source>
        <translation>ihre Bedingung fragt, was in einer Liste oder in Klassen ohne Ende ist</translation>
    </message>
    <message>
        <source>its condition compares two columns, or none</source>
        <translation>ihre Bedingung vergleicht zwei Spalten, oder keine</translation>
    </message>
    <message>
        <source>its condition has a sign that stands for any text</source>
        <translation>ihre Bedingung hat ein Zeichen, das für beliebigen Text steht</translation>
    </message>
    <message>
        <source>its condition is joined from texts</source>
        <translation>ihre Bedingung ist aus Texten zusammengefügt</translation>
    </message>
    <message>
        <source>its condition is no comparison</source>
        <translation>ihre Bedingung ist kein Vergleich</translation>
    </message>
    <message>
        <source>its formula cannot be read</source>
        <translation>ihre Formel kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>something is missing at its end</source>
        <translation>an ihrem Ende fehlt etwas</translation>
    </message>
    <message>
        <source>the brackets of %1 are not closed</source>
        <translation>die Klammern von %1 sind nicht geschlossen</translation>
    </message>
    <message>
        <source>the worksheet functions cannot say it</source>
        <translation>die Funktionen der Rechenblätter können es nicht sagen</translation>
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
        <source>Also:</source>
        <translation>Außerdem:</translation>
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
        <source>The number %1 is written in the formula, and stands in %2 too, as %3. It stays so: write %4 in its place if that is meant.</source>
        <translation>Die Zahl %1 ist in die Formel geschrieben und steht auch in %2, als %3. Es bleibt so: schreiben Sie an ihrer Stelle %4, wenn das gemeint ist.</translation>
    </message>
    <message>
        <source>The file has formulas without their values: what they give cannot be compared with anything.</source>
        <translation>Die Datei hat Formeln ohne ihre Werte: was sie ergeben, kann mit nichts verglichen werden.</translation>
    </message>
    <message>
        <source>it asks whether what is worked out is missing</source>
        <translation>sie fragt, ob etwas Berechnetes fehlt</translation>
    </message>
    <message>
        <source>it uses cells that are missing in some rows, without being missing there itself</source>
        <translation>sie verwendet Zellen, die in manchen Zeilen fehlen, ohne dort selbst zu fehlen</translation>
    </message>
    <message>
        <source>%1 takes values of several columns, and for gives one list: write them as columns.</source>
        <translation>%1 nimmt Werte mehrerer Spalten, und for gibt eine Liste: Schreiben Sie sie als Spalten.</translation>
    </message>
    <message>
        <source>Cells of %1 that are not %2: %3 (row %4); they stay as they were written.</source>
        <translation>Zellen von %1, die nicht %2 sind: %3 (Zeile %4); sie bleiben, wie sie geschrieben waren.</translation>
    </message>
    <message>
        <source>Lines that begin with %1 were left out: %2.</source>
        <translation>Zeilen, die mit %1 beginnen, wurden ausgelassen: %2.</translation>
    </message>
    <message>
        <source>Rows with more or fewer fields than the first: %1 (line %2); all their fields were kept.</source>
        <translation>Zeilen mit mehr oder weniger Feldern als die erste: %1 (Zeile %2 der Datei); alle ihre Felder wurden behalten.</translation>
    </message>
    <message>
        <source>This is not closed: put %1 before the %2.</source>
        <translation>Das ist nicht geschlossen: Setzen Sie %1 vor %2.</translation>
    </message>
    <message>
        <source>Whole numbers of %1 with more digits than a number can hold: %2; their last digits were lost. Read as text the column keeps them.</source>
        <translation>Ganze Zahlen von %1 mit mehr Stellen, als eine Zahl fassen kann: %2; ihre letzten Stellen gingen verloren. Als Text gelesen behält die Spalte sie.</translation>
    </message>
    <message>
        <source>cells that can be unpacked</source>
        <translation>Zellen, die sich entpacken lassen</translation>
    </message>
    <message>
        <source>In the first lines of %1 most cells are each %2, but in all most are each %3: it was read so.</source>
        <translation>In den ersten Zeilen von %1 sind die meisten Zellen je %2, insgesamt aber je %3: So wurde gelesen.</translation>
    </message>
    <message>
        <source>%1 is a two-way table: swap its axes instead.</source>
        <translation>%1 hat zwei Achsen: vertauschen Sie stattdessen die Achsen.</translation>
    </message>
    <message>
        <source>%1 goes on from row to row (first … then …) and needs what stands right of it there, so the axes of %2 cannot change places.</source>
        <translation>%1 geht von Zeile zu Zeile weiter (first … then …) und braucht dort, was rechts davon steht; deshalb können die Achsen von %2 nicht vertauscht werden.</translation>
    </message>
    <message>
        <source>It has no tables that could be added.</source>
        <translation>Sie enthält keine Tabellen, die hinzugefügt werden könnten.</translation>
    </message>
    <message>
        <source>The chart %1 is not written.</source>
        <translation>Das Diagramm %1 wird nicht geschrieben.</translation>
    </message>
    <message>
        <source>it calls a held function that cannot be put in</source>
        <translation>sie ruft eine festgehaltene Funktion auf, die nicht eingesetzt werden kann</translation>
    </message>
    <message>
        <source>it calls a held function whose names mean something else in the table</source>
        <translation>sie ruft eine festgehaltene Funktion auf, deren Namen in der Tabelle etwas anderes bedeuten</translation>
    </message>
    <message>
        <source>it compares by in</source>
        <translation>sie vergleicht mit in</translation>
    </message>
    <message>
        <source>it looks for the nearest value in falling order</source>
        <translation>sie sucht den nächsten Wert in fallender Reihenfolge</translation>
    </message>
    <message>
        <source>it takes a layer without cells</source>
        <translation>sie nimmt eine Schicht ohne Zellen</translation>
    </message>
    <message>
        <source>it uses a foot line that does not stand there</source>
        <translation>sie verwendet eine Fußzeile, die dort nicht steht</translation>
    </message>
    <message>
        <source>its condition or what it takes spans several columns</source>
        <translation>ihre Bedingung oder was sie nimmt, erstreckt sich über mehrere Spalten</translation>
    </message>
    <message>
        <source>its condition spans %1 columns</source>
        <translation>ihre Bedingung erstreckt sich über %1 Spalten</translation>
    </message>
    <message>
        <source>what it looks for is worked out</source>
        <translation>was sie sucht, wird erst berechnet</translation>
    </message>
    <message>
        <source>where it is looked at %1, %2</source>
        <translation>wo %1 versucht wird: %2</translation>
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
        <source>Row %1 of %2 has %3, where the rows around it have %4. It has no value to keep, and takes the formula of the others here.</source>
        <translation>Zeile %1 von %2 hat %3, wo die Zeilen ringsum %4 haben. Sie hat keinen Wert, der bleiben könnte, und nimmt hier die Formel der anderen.</translation>
    </message>
    <message>
        <source>The dates of %1 are written as texts. They stay so: set the column&apos;s kind of values to dates to mend it.</source>
        <translation>Die Datumsangaben von %1 stehen als Texte da. Sie bleiben so: Die Art der Werte der Spalte auf Daten stellen, um es zu beheben.</translation>
    </message>
    <message>
        <source>The numbers of %1 are written as texts, which no sum takes. They stay so: set the column&apos;s kind of values to numbers to mend it.</source>
        <translation>Die Zahlen von %1 stehen als Texte da, die keine Summe nimmt. Sie bleiben so: Die Art der Werte der Spalte auf Zahlen stellen, um es zu beheben.</translation>
    </message>
    <message>
        <source>it takes the sum of a single value</source>
        <translation>es nimmt die Summe eines einzelnen Wertes</translation>
    </message>
    <message>
        <source>its condition leaves out one value, and some rows have none</source>
        <translation>seine Bedingung lässt einen Wert aus, und manche Zeilen haben keinen</translation>
    </message>
    <message>
        <source>its formula is at fault: %1</source>
        <translation>ihre Formel ist fehlerhaft: %1</translation>
    </message>
    <message>
        <source>it uses a row or column that is not there</source>
        <translation>sie nutzt eine Zeile oder Spalte, die es nicht gibt</translation>
    </message>
    <message>
        <source>it takes a part of %1, which is not there</source>
        <translation>sie nimmt einen Teil von %1, den es nicht gibt</translation>
    </message>
    <message>
        <source>%1: hidden rows are taken like the others (%2).</source>
        <translation>%1: Verborgene Zeilen werden wie die anderen genommen (%2).</translation>
    </message>
    <message>
        <source>%1: merged cells are taken as their first cell, and empty cells beside it (%2).</source>
        <translation>%1: Verbundene Zellen werden als ihre erste Zelle und leere Zellen daneben genommen (%2).</translation>
    </message>
    <message>
        <source>it compares a text that is made within it: give that a column of its own</source>
        <translation>sie vergleicht einen Text, der in ihr entsteht: dem eine eigene Spalte geben</translation>
    </message>
    <message>
        <source>it compares texts, and worksheets tell some of them apart otherwise: by capitals, by *, ? and ~, and where they are numbers</source>
        <translation>sie vergleicht Texte, und Rechenblätter unterscheiden manche davon anders: nach großen Buchstaben, nach *, ? und ~, und wo sie Zahlen sind</translation>
    </message>
    <message>
        <source>its condition has a text that means more than itself in worksheets</source>
        <translation>ihre Bedingung hat einen Text, der in Rechenblättern mehr bedeutet als sich selbst</translation>
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
        <source>each class needs a lower limit below its upper one, frequencies of 0 or more, and a p from 0 to 1</source>
        <translation>jede Klasse braucht eine untere Grenze unter ihrer oberen, Häufigkeiten von 0 oder mehr und ein p von 0 bis 1</translation>
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
        <source>As needed</source>
        <translation>Nach Bedarf</translation>
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
        <source>Fractions, such as 3 1/4…</source>
        <translation>Brüche, etwa 3 1/4 …</translation>
    </message>
    <message>
        <source>Angles from radians: 57.3°</source>
        <translation>Winkel aus Bogenmaß: 57,3°</translation>
    </message>
    <message>
        <source>Angles from radians: 57°17′45″</source>
        <translation>Winkel aus Bogenmaß: 57°17′45″</translation>
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
        <source>The largest denominator:</source>
        <translation>Der größte Nenner:</translation>
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
        <source>The text “%1” stands in no table.</source>
        <translation>Der Text „%1“ steht in keiner Tabelle.</translation>
    </message>
    <message>
        <source>Written as values: %1.</source>
        <translation>Als Werte geschrieben: %1.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
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
    <name>ledgefall</name>
    <message>
        <source>A check on watch</source>
        <translation>Eine Prüfung</translation>
    </message>
    <message>
        <source>a column adds up to a value</source>
        <translation>eine Spalte summiert sich zu einem Wert</translation>
    </message>
    <message>
        <source>counts add up to the number of rows of another table</source>
        <translation>Anzahlen summieren sich zur Zeilenzahl einer anderen Tabelle</translation>
    </message>
    <message>
        <source>a condition holds in every row</source>
        <translation>eine Bedingung gilt in jeder Zeile</translation>
    </message>
    <message>
        <source>an own condition</source>
        <translation>eine eigene Bedingung</translation>
    </message>
    <message>
        <source>&amp;What is watched</source>
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
        <source>each different value</source>
        <translation>jeden verschiedenen Wert</translation>
    </message>
    <message>
        <source>each month</source>
        <translation>jeden Monat</translation>
    </message>
    <message>
        <source>each year</source>
        <translation>jedes Jahr</translation>
    </message>
    <message>
        <source>each day of the week</source>
        <translation>jeden Wochentag</translation>
    </message>
    <message>
        <source>as they first occur</source>
        <translation>in der Reihenfolge ihres Auftretens</translation>
    </message>
    <message>
        <source>ascending, or alphabetical</source>
        <translation>aufsteigend oder alphabetisch</translation>
    </message>
    <message>
        <source>the most frequent first</source>
        <translation>die häufigsten zuerst</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>per cent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>cumulative</source>
        <translation>kumuliert</translation>
    </message>
    <message>
        <source>tally</source>
        <translation>Strichliste</translation>
    </message>
    <message>
        <source>and draw its &amp;bars</source>
        <translation>und die &amp;Balken dazu zeichnen</translation>
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
        <source>With</source>
        <translation>Mit</translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation>Tabelle anlegen</translation>
    </message>
    <message>
        <source>Rows: %1. %2%3</source>
        <translation>Zeilen: %1. %2%3</translation>
    </message>
    <message>
        <source>, …</source>
        <translation>, …</translation>
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
        <source>&amp;Chart of the chosen columns</source>
        <translation>&amp;Diagramm der gewählten Spalten</translation>
    </message>
    <message>
        <source>&amp;Change the chart…</source>
        <translation>Diagramm &amp;ändern …</translation>
    </message>
    <message>
        <source>Show &amp;all</source>
        <translation>&amp;Alles zeigen</translation>
    </message>
    <message>
        <source>Zoom &amp;into the chart</source>
        <translation>In das Diagramm &amp;hineinzoomen</translation>
    </message>
    <message>
        <source>Zoom out &amp;of the chart</source>
        <translation>Aus dem Diagramm h&amp;erauszoomen</translation>
    </message>
    <message>
        <source>&amp;Below the table, or beside it</source>
        <translation>&amp;Unter der Tabelle oder daneben</translation>
    </message>
    <message>
        <source>Co&amp;py the picture</source>
        <translation>Bild &amp;kopieren</translation>
    </message>
    <message>
        <source>&amp;Write the picture to a file…</source>
        <translation>Bild in eine Datei &amp;schreiben …</translation>
    </message>
    <message>
        <source>&amp;Hide the chart</source>
        <translation>Diagramm aus&amp;blenden</translation>
    </message>
    <message>
        <source>&amp;Remove the chart from the study</source>
        <translation>Diagramm aus der Studie &amp;entfernen</translation>
    </message>
    <message>
        <source>a chart</source>
        <translation>ein Diagramm</translation>
    </message>
    <message>
        <source>the chart</source>
        <translation>das Diagramm</translation>
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
</context>
<context>
    <name>ledgefall::ChartDialog</name>
    <message>
        <source>level line</source>
        <translation>waagerechte Linie</translation>
    </message>
    <message>
        <source>upright line</source>
        <translation>senkrechte Linie</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>range up and down</source>
        <translation>Bereich in der Höhe</translation>
    </message>
    <message>
        <source>range across</source>
        <translation>Bereich in der Breite</translation>
    </message>
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
        <source>The chart</source>
        <translation>Das Diagramm</translation>
    </message>
    <message>
        <source>Draw the chart</source>
        <translation>Diagramm zeichnen</translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation>&amp;Titel</translation>
    </message>
    <message>
        <source>What is drawn</source>
        <translation>Was gezeichnet wird</translation>
    </message>
    <message>
        <source>Another &amp;series</source>
        <translation>Weitere &amp;Reihe</translation>
    </message>
    <message>
        <source>Axes</source>
        <translation>Achsen</translation>
    </message>
    <message>
        <source>across</source>
        <translation>waagerecht</translation>
    </message>
    <message>
        <source>upwards</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>&amp;Equal scales: a unit is as long across as upwards</source>
        <translation>&amp;Gleiche Maßstäbe: eine Einheit ist waagerecht so lang wie nach oben</translation>
    </message>
    <message>
        <source>&amp;Read quartiles and median off a cumulative curve</source>
        <translation>Quartile und Median an einer Summenkurve &amp;ablesen</translation>
    </message>
    <message>
        <source>&amp;Name classes at their middles, rather than the limits</source>
        <translation>Klassen an ihrer &amp;Mitte benennen statt an den Grenzen</translation>
    </message>
    <message>
        <source>Lines, circles and ranges beside it; their numbers may be formulas</source>
        <translation>Linien, Kreise und Bereiche daneben; ihre Zahlen dürfen Formeln sein</translation>
    </message>
    <message>
        <source>A &amp;line, circle or range</source>
        <translation>Eine &amp;Linie, ein Kreis oder ein Bereich</translation>
    </message>
    <message>
        <source>title, from the column where empty</source>
        <translation>Titel; leer: aus der Spalte</translation>
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
        <source>row number</source>
        <translation>Zeilennummer</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>form of the series</source>
        <translation>Form der Hilfslinie</translation>
    </message>
    <message>
        <source>label in the legend</source>
        <translation>Beschriftung in der Legende</translation>
    </message>
    <message>
        <source>with fitted line</source>
        <translation>mit Ausgleichsgerade</translation>
    </message>
    <message>
        <source>count over width</source>
        <translation>Anzahl durch Breite</translation>
    </message>
    <message>
        <source>Remove this series</source>
        <translation>Diese Reihe entfernen</translation>
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
        <source>form of the reference</source>
        <translation>Form der Hilfslinie</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>over the picture</source>
        <translation>über dem Bild</translation>
    </message>
    <message>
        <source>in the upper left corner</source>
        <translation>in der linken oberen Ecke</translation>
    </message>
    <message>
        <source>in the upper right corner</source>
        <translation>in der rechten oberen Ecke</translation>
    </message>
    <message>
        <source>in the lower left corner</source>
        <translation>in der linken unteren Ecke</translation>
    </message>
    <message>
        <source>in the lower right corner</source>
        <translation>in der rechten unteren Ecke</translation>
    </message>
    <message>
        <source>place of the legend</source>
        <translation>Platz der Legende</translation>
    </message>
    <message>
        <source>The legend stands</source>
        <translation>Die Legende steht</translation>
    </message>
    <message>
        <source>Draw &amp;all rows, not only those that were chosen</source>
        <translation>&amp;Alle Zeilen zeichnen, nicht nur die gewählten</translation>
    </message>
    <message>
        <source>logarithmic</source>
        <translation>logarithmisch</translation>
    </message>
    <message>
        <source>no error bars</source>
        <translation>keine Fehlerbalken</translation>
    </message>
    <message>
        <source>the standard error of the mean</source>
        <translation>der Standardfehler des Mittelwerts</translation>
    </message>
    <message>
        <source>error bars</source>
        <translation>Fehlerbalken</translation>
    </message>
    <message>
        <source>on the axis at the right</source>
        <translation>an der rechten Achse</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPage</name>
    <message>
        <source>Change what the chart draws, and how</source>
        <translation>Ändern, was das Diagramm zeichnet und wie</translation>
    </message>
    <message>
        <source>Show all again (Home)</source>
        <translation>Wieder alles zeigen (Pos1)</translation>
    </message>
    <message>
        <source>Copy the picture</source>
        <translation>Bild kopieren</translation>
    </message>
    <message>
        <source>Write the picture to a file: PNG, SVG or PDF</source>
        <translation>Bild in eine Datei schreiben: PNG, SVG oder PDF</translation>
    </message>
    <message>
        <source>Put the chart below the table, or beside it</source>
        <translation>Diagramm unter die Tabelle oder daneben stellen</translation>
    </message>
    <message>
        <source>Hide the chart; it stays in the contents</source>
        <translation>Diagramm ausblenden; es bleibt im Inhalt</translation>
    </message>
    <message>
        <source>Chart: %1</source>
        <translation>Diagramm: %1</translation>
    </message>
    <message>
        <source>Rows without a value that can be drawn: %1.</source>
        <translation>Zeilen ohne einen Wert, der sich zeichnen lässt: %1.</translation>
    </message>
    <message>
        <source>Write the picture</source>
        <translation>Bild schreiben</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg *.pdf)</source>
        <translation>Bilder (*.png *.svg *.pdf)</translation>
    </message>
    <message>
        <source>place of the legend</source>
        <translation>Platz der Legende</translation>
    </message>
    <message>
        <source>Leave a trail: while a held value slides, the last few lines stay faintly</source>
        <translation>Eine Spur lassen: während ein festgehaltener Wert gleitet, bleiben die letzten Linien blass stehen</translation>
    </message>
</context>
<context>
    <name>ledgefall::ChartPlot</name>
    <message>
        <source>up to %1: %2 of all</source>
        <translation>bis %1: %2 von allen</translation>
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
        <source>%1 counts every one</source>
        <translation>%1 zählt jeden Wert</translation>
    </message>
    <message>
        <source>The counts in %1 do not add up to n: some values fall in no class, or in two.</source>
        <translation>Die Anzahlen in %1 ergeben zusammen nicht n: manche Werte liegen in keiner Klasse oder in zweien.</translation>
    </message>
    <message>
        <source>every %1 is above %2</source>
        <translation>jedes %1 liegt über %2</translation>
    </message>
    <message>
        <source>Not every %1 is above %2.</source>
        <translation>Nicht jedes %1 liegt über %2.</translation>
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
        <source>They are being worked out</source>
        <translation>Sie werden berechnet</translation>
    </message>
    <message>
        <source>Every check of the study holds</source>
        <translation>Jede Prüfung der Studie gilt</translation>
    </message>
    <message>
        <source>Go to the first that fails</source>
        <translation>Zur ersten gehen, die nicht gilt</translation>
    </message>
</context>
<context>
    <name>ledgefall::ClassPreview</name>
    <message>
        <source>The counts of the classes</source>
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
        <source>&amp;Column…</source>
        <translation>&amp;Spalte …</translation>
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
        <source>&amp;Duplicate the column</source>
        <translation>Spalte &amp;verdoppeln</translation>
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
        <source>Move it to the le&amp;ft</source>
        <translation>Nach &amp;links verschieben</translation>
    </message>
    <message>
        <source>Move it u&amp;p</source>
        <translation>Nach &amp;oben verschieben</translation>
    </message>
    <message>
        <source>Move it to the ri&amp;ght</source>
        <translation>Nach &amp;rechts verschieben</translation>
    </message>
    <message>
        <source>Move it d&amp;own</source>
        <translation>Nach &amp;unten verschieben</translation>
    </message>
    <message>
        <source>&amp;Hide the chosen columns</source>
        <translation>Gewählte Spalten &amp;ausblenden</translation>
    </message>
    <message>
        <source>&amp;Show hidden columns</source>
        <translation>Ausgeblendete Spalten &amp;zeigen</translation>
    </message>
    <message>
        <source>Remove the column</source>
        <translation>Spalte entfernen</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>löschen</translation>
    </message>
    <message>
        <source>A h&amp;eading over the chosen columns…</source>
        <translation>&amp;Überschrift über die gewählten Spalten …</translation>
    </message>
    <message>
        <source>group merge</source>
        <translation>Gruppe zusammenfassen</translation>
    </message>
    <message>
        <source>Remove that heading</source>
        <translation>Diese Überschrift entfernen</translation>
    </message>
    <message>
        <source>&amp;Wider</source>
        <translation>&amp;Breiter</translation>
    </message>
    <message>
        <source>&amp;Narrower</source>
        <translation>&amp;Schmaler</translation>
    </message>
    <message>
        <source>Fi&amp;t the width</source>
        <translation>Breite &amp;anpassen</translation>
    </message>
    <message>
        <source>N&amp;umbers as shown</source>
        <translation>Zahlen&amp;anzeige</translation>
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
        <source>A heading over columns</source>
        <translation>Eine Überschrift über Spalten</translation>
    </message>
    <message>
        <source>A label for these columns together:</source>
        <translation>Eine Beschriftung für diese Spalten zusammen:</translation>
    </message>
    <message>
        <source>a heading over columns</source>
        <translation>eine Überschrift über Spalten</translation>
    </message>
    <message>
        <source>removing a heading</source>
        <translation>Überschrift entfernen</translation>
    </message>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
</context>
<context>
    <name>ledgefall::ColumnMenu</name>
    <message>
        <source>Write its formula…</source>
        <translation>Ihre Formel schreiben …</translation>
    </message>
    <message>
        <source>Label, unit and note…</source>
        <translation>Beschriftung, Einheit und Notiz …</translation>
    </message>
    <message>
        <source>Rename in formulas…</source>
        <translation>In Formeln umbenennen …</translation>
    </message>
    <message>
        <source>Remove the column</source>
        <translation>Spalte entfernen</translation>
    </message>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>Show numbers</source>
        <translation>Zahlen anzeigen</translation>
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
        <source>Texts</source>
        <translation>Texte</translation>
    </message>
    <message>
        <source>Dates (2026-05-31)</source>
        <translation>Daten (2026-05-31)</translation>
    </message>
    <message>
        <source>Yes or no</source>
        <translation>Ja oder nein</translation>
    </message>
    <message>
        <source>kind of values</source>
        <translation>Art der Werte</translation>
    </message>
    <message>
        <source>Restore the formula in this cell</source>
        <translation>Die Formel in dieser Zelle wiederherstellen</translation>
    </message>
    <message>
        <source>restoring a formula</source>
        <translation>Formel wiederherstellen</translation>
    </message>
    <message>
        <source>Restore the formula in all overridden cells (%1)</source>
        <translation>Die Formel in allen überschriebenen Zellen wiederherstellen (%1)</translation>
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
        <source>The column&apos;s name in formulas; all formulas that use it are rewritten:</source>
        <translation>Der Name der Spalte in Formeln; alle Formeln, die ihn verwenden, werden umgeschrieben:</translation>
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
        <source>A formula, in which each stands for the column above. With a name before it, as in total = sum(each), other foot lines can use it: total * rate.</source>
        <translation>Eine Formel, in der each für die Spalte darüber steht. Mit einem Namen davor, wie in total = sum(each), können andere Fußzeilen sie benutzen: total * rate.</translation>
    </message>
</context>
<context>
    <name>ledgefall::CommandFinder</name>
    <message>
        <source>Find a command, a name, a table</source>
        <translation>Befehl, Name oder Tabelle suchen</translation>
    </message>
    <message>
        <source>Find a command, a name or a table</source>
        <translation>Befehl, Name oder Tabelle suchen</translation>
    </message>
    <message>
        <source>There is nothing of that name.</source>
        <translation>Es gibt nichts mit diesem Namen.</translation>
    </message>
</context>
<context>
    <name>ledgefall::CompanionPanel</name>
    <message>
        <source>Chosen cells</source>
        <translation>Gewählte Zellen</translation>
    </message>
    <message>
        <source>Companion</source>
        <translation>Begleiter</translation>
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
        <source>at fault, left out</source>
        <translation>mit Fehler, ausgelassen</translation>
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
        <source>Watch with a check…</source>
        <translation>Mit einer Prüfung überwachen …</translation>
    </message>
    <message>
        <source>Change the check…</source>
        <translation>Prüfung ändern …</translation>
    </message>
    <message>
        <source>Remove the check</source>
        <translation>Prüfung entfernen</translation>
    </message>
    <message>
        <source>removing a check</source>
        <translation>Prüfung entfernen</translation>
    </message>
    <message>
        <source>Change the chart…</source>
        <translation>Diagramm ändern …</translation>
    </message>
    <message>
        <source>Remove the chart from the study</source>
        <translation>Diagramm aus der Studie entfernen</translation>
    </message>
    <message>
        <source>%1, not known yet</source>
        <translation>%1, noch nicht bekannt</translation>
    </message>
    <message>
        <source>being worked out</source>
        <translation>wird berechnet</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läufe</translation>
    </message>
    <message>
        <source>Runs that are ticked are drawn paler in the charts of their columns</source>
        <translation>Läufe mit Haken werden in den Diagrammen ihrer Spalten blasser gezeichnet</translation>
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
        <source>name of a run</source>
        <translation>Name eines Laufs</translation>
    </message>
    <message>
        <source>Restore this run</source>
        <translation>Diesen Lauf wiederherstellen</translation>
    </message>
    <message>
        <source>Rename the run</source>
        <translation>Den Lauf umbenennen</translation>
    </message>
    <message>
        <source>Table of the runs</source>
        <translation>Tabelle der Läufe</translation>
    </message>
    <message>
        <source>Remove the run</source>
        <translation>Den Lauf entfernen</translation>
    </message>
    <message>
        <source>removing a run</source>
        <translation>Entfernen eines Laufs</translation>
    </message>
</context>
<context>
    <name>ledgefall::ContinueDialog</name>
    <message>
        <source>Continue the chosen values</source>
        <translation>Die gewählten Werte fortsetzen</translation>
    </message>
    <message>
        <source>From one row to the next:</source>
        <translation>Von einer Zeile zur nächsten:</translation>
    </message>
    <message>
        <source>how much, or how many</source>
        <translation>wie viel oder wie viele</translation>
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
        <source>count on by</source>
        <translation>weiterzählen um</translation>
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
        <source>the same again</source>
        <translation>dasselbe noch einmal</translation>
    </message>
    <message>
        <source>“%1” is no number: write how much, such as %2.</source>
        <translation>„%1“ ist keine Zahl: schreiben, wie viel, etwa %2.</translation>
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
        <source>E&amp;mpty the cells</source>
        <translation>Zellen &amp;leeren</translation>
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
        <source>Find &amp;previous</source>
        <translation>&amp;Rückwärts suchen</translation>
    </message>
    <message>
        <source>new table</source>
        <translation>neue Tabelle</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
</context>
<context>
    <name>ledgefall::ExportDialog</name>
    <message>
        <source>Export this table</source>
        <translation>Diese Tabelle exportieren</translation>
    </message>
    <message>
        <source>comma ,</source>
        <translation>Komma ,</translation>
    </message>
    <message>
        <source>semicolon ;</source>
        <translation>Strichpunkt ;</translation>
    </message>
    <message>
        <source>tab</source>
        <translation>Tabulator</translation>
    </message>
    <message>
        <source>bar |</source>
        <translation>Strich |</translation>
    </message>
    <message>
        <source>point 1.5</source>
        <translation>Punkt 1.5</translation>
    </message>
    <message>
        <source>comma 1,5</source>
        <translation>Komma 1,5</translation>
    </message>
    <message>
        <source>names, as formulas call them</source>
        <translation>Namen, wie Formeln sie nennen</translation>
    </message>
    <message>
        <source>labels, with their units</source>
        <translation>Beschriftungen mit Einheiten</translation>
    </message>
    <message>
        <source>names with their formulas</source>
        <translation>Namen mit ihren Formeln</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>in full</source>
        <translation>mit allen Stellen</translation>
    </message>
    <message>
        <source>rounded as they are shown</source>
        <translation>gerundet, wie sie gezeigt werden</translation>
    </message>
    <message>
        <source>&amp;Fields are divided by</source>
        <translation>&amp;Felder sind getrennt durch</translation>
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
        <source>The first lines</source>
        <translation>Die ersten Zeilen</translation>
    </message>
    <message>
        <source>Write it</source>
        <translation>Schreiben</translation>
    </message>
    <message>
        <source>a grid, as it is seen</source>
        <translation>ein Gitter, wie man es sieht</translation>
    </message>
    <message>
        <source>a line for each cell</source>
        <translation>eine Zeile für jede Zelle</translation>
    </message>
    <message>
        <source>&amp;The table as</source>
        <translation>Die &amp;Tabelle als</translation>
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
        <source>&amp;whole cells</source>
        <translation>&amp;ganze Zellen</translation>
    </message>
    <message>
        <source>only in the &amp;chosen columns</source>
        <translation>nur in den gewählten &amp;Spalten</translation>
    </message>
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
        <source>put in its place</source>
        <translation>dafür einsetzen</translation>
    </message>
    <message>
        <source>What to put in its place</source>
        <translation>Was dafür eingesetzt wird</translation>
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
        <source>searching…</source>
        <translation>sucht …</translation>
    </message>
    <message>
        <source>%1 is not there.</source>
        <translation>%1 kommt nicht vor.</translation>
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
        <source>%1 is in no typed cell.</source>
        <translation>%1 steht in keiner getippten Zelle.</translation>
    </message>
    <message>
        <source>Cells changed: %1</source>
        <translation>Geänderte Zellen: %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::FindValueDialog</name>
    <message>
        <source>Find the value of %1</source>
        <translation>Den Wert von %1 finden</translation>
    </message>
    <message>
        <source>for which &amp;outcome</source>
        <translation>für den das &amp;Ergebnis</translation>
    </message>
    <message>
        <source>&amp;is</source>
        <translation>dies &amp;ist</translation>
    </message>
    <message>
        <source>looked for &amp;from</source>
        <translation>gesucht &amp;von</translation>
    </message>
    <message>
        <source>&amp;to</source>
        <translation>&amp;bis</translation>
    </message>
    <message>
        <source>Hold this value</source>
        <translation>Diesen Wert festhalten</translation>
    </message>
    <message>
        <source>Hold the search, so that it follows</source>
        <translation>Die Suche festhalten, damit sie folgt</translation>
    </message>
    <message>
        <source>Write what is to come out, such as max(Path.r).</source>
        <translation>Schreiben Sie, was herauskommen soll, etwa max(Path.r).</translation>
    </message>
    <message>
        <source>Write numbers, the smaller end of the range first.</source>
        <translation>Schreiben Sie Zahlen, das kleinere Ende des Bereichs zuerst.</translation>
    </message>
    <message>
        <source>Looking through the range…</source>
        <translation>Der Bereich wird durchgesehen…</translation>
    </message>
    <message>
        <source>%1 = %2</source>
        <translation>%1 = %2</translation>
    </message>
    <message>
        <source>What comes out is missing somewhere in this range.</source>
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
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>Step %1 of %2. %3</source>
        <translation>Schritt %1 von %2. %3</translation>
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
        <source>Type a heading and numbers under it: length, Enter, 42, Enter, 57, Enter, 38, Enter.</source>
        <translation>Tippen Sie eine Überschrift und Zahlen darunter: length, Enter, 42, Enter, 57, Enter, 38, Enter.</translation>
    </message>
    <message>
        <source>Hold what no row changes: click “hold a value”, type m = mean(length), Enter.</source>
        <translation>Halten Sie fest, was keine Zeile ändert: Klicken Sie auf „Wert festhalten“, tippen Sie m = mean(length), Enter.</translation>
    </message>
    <message>
        <source>One formula for all rows: click “next column”, type dev = length - m, Enter.</source>
        <translation>Eine Formel für alle Zeilen: Klicken Sie auf „nächste Spalte“, tippen Sie dev = length - m, Enter.</translation>
    </message>
    <message>
        <source>A measure under the columns: click “foot line” and choose sum.</source>
        <translation>Ein Maß unter den Spalten: Klicken Sie auf „Fußzeile“ und wählen Sie sum.</translation>
    </message>
    <message>
        <source>Change a length: click it, type another number, Enter. Everything that depends on it follows.</source>
        <translation>Ändern Sie eine Länge: Anklicken, eine andere Zahl tippen, Enter. Alles, was davon abhängt, folgt.</translation>
    </message>
    <message>
        <source>That is a computation table. F1 tells about whatever has the focus, and the starters of the Study menu are worth a look.</source>
        <translation>Das ist eine Rechentabelle. F1 erklärt, was gerade den Fokus hat, und die Anfänge im Menü Studie sind einen Blick wert.</translation>
    </message>
</context>
<context>
    <name>ledgefall::FoldingSplitter</name>
    <message>
        <source>Open: %1</source>
        <translation>Öffnen: %1</translation>
    </message>
    <message>
        <source>Fold away: %1</source>
        <translation>Einklappen: %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::FootMenu</name>
    <message>
        <source>Formula…</source>
        <translation>Formel …</translation>
    </message>
    <message>
        <source>Show numbers</source>
        <translation>Zahlen anzeigen</translation>
    </message>
    <message>
        <source>number format</source>
        <translation>Zahlenformat</translation>
    </message>
    <message>
        <source>Remove the line</source>
        <translation>Zeile entfernen</translation>
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
</context>
<context>
    <name>ledgefall::FootView</name>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>%1 foot lines, %2 of them in view: the wheel brings the others</source>
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
        <source>Write the ne&amp;xt column…</source>
        <translation>Näc&amp;hste Spalte schreiben …</translation>
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
        <source>A measure &amp;across the chosen columns</source>
        <translation>Ein Maß &amp;quer über die gewählten Spalten</translation>
    </message>
    <message>
        <source>row wise across</source>
        <translation>zeilenweise quer</translation>
    </message>
    <message>
        <source>One formula for &amp;each chosen column…</source>
        <translation>Eine Formel für &amp;jede gewählte Spalte …</translation>
    </message>
    <message>
        <source>per cent of total share percentage relative frequency proportion</source>
        <translation>Prozent vom Ganzen Anteil relative Häufigkeit</translation>
    </message>
    <message>
        <source>Let the formula cover only the &amp;chosen rows</source>
        <translation>Die Formel nur die gewählten &amp;Zeilen umfassen lassen</translation>
    </message>
    <message>
        <source>reach range part</source>
        <translation>Bereich Teil</translation>
    </message>
    <message>
        <source>Let the formula cover a&amp;ll rows</source>
        <translation>Die Formel &amp;alle Zeilen umfassen lassen</translation>
    </message>
    <message>
        <source>reach range whole</source>
        <translation>Bereich ganz</translation>
    </message>
    <message>
        <source>the reach of %1</source>
        <translation>die Reichweite von %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::FormulaDraft</name>
    <message>
        <source>Entering this takes the place of the typed values of %1 (%2 rows).</source>
        <translation>Das tritt an die Stelle der eingegebenen Werte von %1 (%2 Zeilen).</translation>
    </message>
    <message>
        <source>This goes through %L1 rows once for each of the %L2 rows, which takes a while. It can be stopped.</source>
        <translation>Das geht %L1 Zeilen für jede der %L2 Zeilen einmal durch und dauert eine Weile. Es lässt sich anhalten.</translation>
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
        <source>The reference at the cursor</source>
        <translation>Der Bezug an der Schreibmarke</translation>
    </message>
    <message>
        <source>The mistake in the formula</source>
        <translation>Der Fehler in der Formel</translation>
    </message>
    <message>
        <source>The first, a middle and the last row</source>
        <translation>Die erste, eine mittlere und die letzte Zeile</translation>
    </message>
    <message>
        <source>Enter writes a column for each of the %1 chosen ones; each stands for the one · Escape leaves it</source>
        <translation>Eingabetaste schreibt je eine Spalte für die %1 gewählten; each steht für die jeweilige · Escape verlässt es</translation>
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
        <source>Remove it (%1)</source>
        <translation>Entfernen (%1)</translation>
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
        <source>%1 runs together with it</source>
        <translation>%1 läuft zugleich damit</translation>
    </message>
    <message>
        <source>%1 is one value</source>
        <translation>%1 ist ein Wert</translation>
    </message>
    <message>
        <source>Turn into %1 (Ctrl+L)</source>
        <translation>In %1 umwandeln (Strg+L)</translation>
    </message>
    <message>
        <source>Onto the ledge… (Ctrl+Shift+L)</source>
        <translation>Auf die Leiste … (Strg+Umschalt+L)</translation>
    </message>
    <message>
        <source>Onto the ledge</source>
        <translation>Auf die Leiste</translation>
    </message>
    <message>
        <source>The name under which it is to stay put:</source>
        <translation>Der Name, unter dem es festbleiben soll:</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>Enter fills the column · Shift+Enter for another definition · Escape leaves it · click a heading, a cell, a foot line or a held value to put it in, or Alt and an arrow</source>
        <translation>Eingabe füllt die Spalte · Umschalt+Eingabe für eine weitere Festlegung · Escape verlässt sie · Klick auf Überschrift, Zelle, Fußzeile oder festgehaltenen Wert setzt ihn ein, auch Alt und ein Pfeil</translation>
    </message>
    <message>
        <source>Press Enter again to do so; Undo brings them back.</source>
        <translation>Nochmals Eingabe führt es aus; Rückgängig bringt sie wieder.</translation>
    </message>
    <message>
        <source>Enter takes the formula as it is: it waits for %1.</source>
        <translation>Eingabe nimmt die Formel, wie sie ist: Sie wartet auf %1.</translation>
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
        <source>reading texts anew</source>
        <translation>Texte neu lesen</translation>
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
        <source>an end of the axis across</source>
        <translation>ein Ende der waagerechten Achse</translation>
    </message>
    <message>
        <source>an end of the axis upwards</source>
        <translation>ein Ende der senkrechten Achse</translation>
    </message>
    <message>
        <source>a number beside it</source>
        <translation>eine Zahl daneben</translation>
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
        <source>Save the page</source>
        <translation>Seite speichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML (*.html)</source>
        <translation>PDF (*.pdf);;HTML (*.html)</translation>
    </message>
    <message>
        <source>I have read this</source>
        <translation>Gelesen</translation>
    </message>
</context>
<context>
    <name>ledgefall::FrequencyDialog</name>
    <message>
        <source>Frequency table of %1</source>
        <translation>Häufigkeitstabelle von %1</translation>
    </message>
    <message>
        <source>about eight</source>
        <translation>etwa acht</translation>
    </message>
    <message>
        <source>by Sturges: 1 + log₂ n</source>
        <translation>nach Sturges: 1 + log₂ n</translation>
    </message>
    <message>
        <source>by the square root of n</source>
        <translation>nach der Wurzel aus n</translation>
    </message>
    <message>
        <source>by Freedman and Diaconis: from the quartiles</source>
        <translation>nach Freedman und Diaconis: aus den Quartilen</translation>
    </message>
    <message>
        <source>one for each whole number</source>
        <translation>eine für jede ganze Zahl</translation>
    </message>
    <message>
        <source>on the left: 10 ≤ x &lt; 20</source>
        <translation>links: 10 ≤ x &lt; 20</translation>
    </message>
    <message>
        <source>on the right: 10 &lt; x ≤ 20</source>
        <translation>rechts: 10 &lt; x ≤ 20</translation>
    </message>
    <message>
        <source>an open class below</source>
        <translation>eine offene Klasse darunter</translation>
    </message>
    <message>
        <source>an open class above</source>
        <translation>eine offene Klasse darüber</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>per cent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>cumulative</source>
        <translation>kumuliert</translation>
    </message>
    <message>
        <source>cumulative share</source>
        <translation>kumulierter Anteil</translation>
    </message>
    <message>
        <source>cumulative from above</source>
        <translation>kumuliert von oben</translation>
    </message>
    <message>
        <source>density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>tally</source>
        <translation>Strichliste</translation>
    </message>
    <message>
        <source>and draw its &amp;histogram</source>
        <translation>und das &amp;Histogramm dazu zeichnen</translation>
    </message>
    <message>
        <source>mean, variance and median from the classes</source>
        <translation>Mittelwert, Varianz und Median aus den Klassen</translation>
    </message>
    <message>
        <source>&amp;Number of classes</source>
        <translation>&amp;Anzahl der Klassen</translation>
    </message>
    <message>
        <source>&amp;width</source>
        <translation>&amp;Breite</translation>
    </message>
    <message>
        <source>&amp;Start</source>
        <translation>A&amp;nfang</translation>
    </message>
    <message>
        <source>of any widths, such as 0, 10, 20, 40, 80</source>
        <translation>von beliebiger Breite, etwa 0, 10, 20, 40, 80</translation>
    </message>
    <message>
        <source>At &amp;own limits instead</source>
        <translation>Stattdessen an &amp;eigenen Grenzen</translation>
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
        <source>With</source>
        <translation>Mit</translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation>Tabelle anlegen</translation>
    </message>
    <message>
        <source>Change the classes</source>
        <translation>Klassen ändern</translation>
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
        <source>Empty or no number: %1.</source>
        <translation>Leer oder keine Zahl: %1.</translation>
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
        <source>no number</source>
        <translation>keine Zahl</translation>
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
        <source>used by %1</source>
        <translation>verwendet von %1</translation>
    </message>
    <message>
        <source>Held value %1, %2</source>
        <translation>Festgehaltener Wert %1, %2</translation>
    </message>
    <message>
        <source>function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>worked</source>
        <translation>berechnet</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>Definition of the held value</source>
        <translation>Festlegung des festgehaltenen Werts</translation>
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
        <source>there is no value to choose from</source>
        <translation>es gibt keinen Wert zur Auswahl</translation>
    </message>
</context>
<context>
    <name>ledgefall::HeldDialog</name>
    <message>
        <source>It can have a &amp;slider</source>
        <translation>Er kann einen &amp;Schieber haben</translation>
    </message>
    <message>
        <source>About %1</source>
        <translation>Über %1</translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation>&amp;Einheit</translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation>&amp;Notiz</translation>
    </message>
    <message>
        <source>Stands &amp;together with</source>
        <translation>Steht &amp;zusammen mit</translation>
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
        <source>by steps of</source>
        <translation>in Schritten von</translation>
    </message>
    <message>
        <source>nothing: any value can be typed</source>
        <translation>nichts: jeder Wert kann eingetippt werden</translation>
    </message>
    <message>
        <source>the values listed here</source>
        <translation>die hier aufgezählten Werte</translation>
    </message>
    <message>
        <source>the values of %1</source>
        <translation>die Werte von %1</translation>
    </message>
    <message>
        <source>riffle; pool; weir</source>
        <translation>Schnelle; Kolk; Wehr</translation>
    </message>
    <message>
        <source>It can have &amp;choices from</source>
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
        <source>Close the help (Escape)</source>
        <translation>Die Hilfe schließen (Escape)</translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation>Seite der Hilfe</translation>
    </message>
    <message>
        <source>There is no page of that name.</source>
        <translation>Es gibt keine Seite dieses Namens.</translation>
    </message>
    <message>
        <source>Put it into the study</source>
        <translation>In die Studie einsetzen</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>shortcuts keyboard</source>
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
        <source>as found</source>
        <translation>wie erkannt</translation>
    </message>
    <message>
        <source>comma ,</source>
        <translation>Komma ,</translation>
    </message>
    <message>
        <source>semicolon ;</source>
        <translation>Semikolon ;</translation>
    </message>
    <message>
        <source>tab</source>
        <translation>Tabulator</translation>
    </message>
    <message>
        <source>point 1.5</source>
        <translation>Punkt 1.5</translation>
    </message>
    <message>
        <source>comma 1,5</source>
        <translation>Komma 1,5</translation>
    </message>
    <message>
        <source>&amp;Table</source>
        <translation>&amp;Tabelle</translation>
    </message>
    <message>
        <source>&amp;Fields are divided by</source>
        <translation>&amp;Felder sind getrennt durch</translation>
    </message>
    <message>
        <source>&amp;Decimal sign</source>
        <translation>&amp;Dezimalzeichen</translation>
    </message>
    <message>
        <source>Import as a table</source>
        <translation>Als Tabelle einlesen</translation>
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
        <source>numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>dates</source>
        <translation>Daten</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>ja oder nein</translation>
    </message>
    <message>
        <source>texts</source>
        <translation>Texte</translation>
    </message>
    <message>
        <source>The first line is a &amp;heading</source>
        <translation>Die erste Zeile ist eine &amp;Überschrift</translation>
    </message>
    <message>
        <source>The next one has the &amp;units</source>
        <translation>Die nächste nennt die &amp;Einheiten</translation>
    </message>
    <message>
        <source>bar |</source>
        <translation>Strich |</translation>
    </message>
    <message>
        <source>blanks</source>
        <translation>Leerzeichen</translation>
    </message>
    <message>
        <source>there are none</source>
        <translation>es gibt keine</translation>
    </message>
    <message>
        <source>begin with %1</source>
        <translation>beginnen mit %1</translation>
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
        <source>The columns, how each is read</source>
        <translation>Die Spalten, wie jede gelesen wird</translation>
    </message>
    <message>
        <source>%1: “%2” may be %3 or %4. It is read as %5; choose the other in its line if that is meant.</source>
        <translation>%1: „%2“ kann %3 oder %4 sein. Gelesen wird es als %5; wählen Sie das andere in der Zeile der Spalte, wenn das gemeint ist.</translation>
    </message>
    <message>
        <source>These are the first %1 rows; the others are read on importing.</source>
        <translation>Das sind die ersten %1 Zeilen; die anderen werden beim Import gelesen.</translation>
    </message>
    <message>
        <source>%1: %2 is %3</source>
        <translation>%1: %2 ist %3</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>ausgelassen</translation>
    </message>
</context>
<context>
    <name>ledgefall::LayerStrip</name>
    <message>
        <source>The axis down: click to change its name or values</source>
        <translation>Die Achse nach unten: anklicken, um Namen oder Werte zu ändern</translation>
    </message>
    <message>
        <source>The axis across: click to change its name or values</source>
        <translation>Die Achse nach rechts: anklicken, um Namen oder Werte zu ändern</translation>
    </message>
    <message>
        <source>swap axes</source>
        <translation>Achsen tauschen</translation>
    </message>
    <message>
        <source>The rows become columns; formulas are rewritten to mean the same</source>
        <translation>Die Zeilen werden Spalten; Formeln werden so umgeschrieben, dass sie dasselbe bedeuten</translation>
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
        <source>%1%2, typed: write into the cells</source>
        <translation>%1%2, getippt: in die Zellen schreiben</translation>
    </message>
    <message>
        <source>all layers</source>
        <translation>alle Schichten</translation>
    </message>
    <message>
        <source>Show all layers under each other in each cell, or one at a time</source>
        <translation>Alle Schichten in jeder Zelle untereinander zeigen oder eine allein</translation>
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
        <source>about a held value</source>
        <translation>Angaben zum festgehaltenen Wert</translation>
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
        <source>Show the number</source>
        <translation>Zahl anzeigen</translation>
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
        <source>another ledge</source>
        <translation>andere Leiste</translation>
    </message>
    <message>
        <source>For the whole study</source>
        <translation>Für die ganze Studie</translation>
    </message>
    <message>
        <source>Remove from the ledge</source>
        <translation>Von der Leiste entfernen</translation>
    </message>
    <message>
        <source>removing a held value</source>
        <translation>festgehaltenen Wert entfernen</translation>
    </message>
    <message>
        <source>Shows the held values for which this shelf has no room; the wheel slides them along</source>
        <translation>Zeigt die festgehaltenen Werte, für die auf diesem Brett kein Platz ist; das Rad schiebt sie weiter</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>Try values of it…</source>
        <translation>Andere Werte dafür versuchen…</translation>
    </message>
    <message>
        <source>Find the value for which…</source>
        <translation>Den Wert finden, für den…</translation>
    </message>
</context>
<context>
    <name>ledgefall::MadeTableCommands</name>
    <message>
        <source>&amp;Tables made of columns</source>
        <translation>&amp;Tabellen aus Spalten</translation>
    </message>
    <message>
        <source>A fre&amp;quency table of the column…</source>
        <translation>&amp;Häufigkeitstabelle der Spalte …</translation>
    </message>
    <message>
        <source>histogram classes bins intervals count tally distribution categories</source>
        <translation>Histogramm Klassen Intervalle zählen Strichliste Verteilung Kategorien</translation>
    </message>
    <message>
        <source>classes</source>
        <translation>Klassen</translation>
    </message>
    <message>
        <source>Contingency table of two columns</source>
        <translation>Kontingenztabelle zweier Spalten</translation>
    </message>
    <message>
        <source>two-way cross chi squared pairs</source>
        <translation>Kreuztabelle Chi Quadrat Paare</translation>
    </message>
    <message>
        <source>S&amp;ummary of columns or groups…</source>
        <translation>&amp;Zusammenfassung von Spalten oder Gruppen …</translation>
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
        <source>Share of one value, chosen on the ledge</source>
        <translation>Anteil eines Werts, auf der Leiste gewählt</translation>
    </message>
    <message>
        <source>per cent proportion count of a category</source>
        <translation>Prozent Anteil Anzahl einer Kategorie</translation>
    </message>
    <message>
        <source>&amp;Unfold a measure of the chosen columns</source>
        <translation>Ein &amp;Maß der gewählten Spalten entfalten</translation>
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
        <source>a frequency table</source>
        <translation>eine Häufigkeitstabelle</translation>
    </message>
    <message>
        <source>a contingency table</source>
        <translation>eine Kontingenztabelle</translation>
    </message>
    <message>
        <source>a summary</source>
        <translation>eine Zusammenfassung</translation>
    </message>
    <message>
        <source>the share of one value</source>
        <translation>der Anteil eines Werts</translation>
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
        <source>&amp;Work</source>
        <translation>&amp;Rechnen</translation>
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
        <source>Companion</source>
        <translation>Begleiter</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>%1 was taken as a new study. What was found in it stands in the study&apos;s note, under Study ▸ Settings of this study.</source>
        <translation>%1 wurde als neue Studie genommen. Was darin gefunden wurde, steht in der Notiz der Studie, unter Studie ▸ Einstellungen dieser Studie.</translation>
    </message>
    <message>
        <source>The tables of %1 were added; what was found in it stands in the study&apos;s note.</source>
        <translation>Die Tabellen von %1 wurden hinzugefügt; was darin gefunden wurde, steht in der Notiz der Studie.</translation>
    </message>
    <message>
        <source>The tables of %1 were added. Names were taken: %2.</source>
        <translation>Die Tabellen von %1 wurden hinzugefügt. Namen waren vergeben: %2.</translation>
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
        <source>Own formula…</source>
        <translation>Eigene Formel …</translation>
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
</context>
<context>
    <name>ledgefall::Notices</name>
    <message>
        <source>Message</source>
        <translation>Meldung</translation>
    </message>
    <message>
        <source>Message to be read</source>
        <translation>Zu lesende Nachricht</translation>
    </message>
    <message>
        <source>I have read this</source>
        <translation>Gelesen</translation>
    </message>
</context>
<context>
    <name>ledgefall::OfferStrip</name>
    <message>
        <source>Offer</source>
        <translation>Vorschlag</translation>
    </message>
    <message>
        <source>This looks like a share of a total. Shall a check watch that %1?</source>
        <translation>Das sieht nach einem Anteil an einer Summe aus. Soll eine Prüfung überwachen, dass %1?</translation>
    </message>
    <message>
        <source>Watch it</source>
        <translation>Überwachen</translation>
    </message>
    <message>
        <source>a check</source>
        <translation>eine Prüfung</translation>
    </message>
    <message>
        <source>Write %1</source>
        <translation>%1 schreiben</translation>
    </message>
    <message>
        <source>correcting a share</source>
        <translation>Anteil berichtigen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Leave this offer</source>
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
        <source>correcting a name</source>
        <translation>einen Namen berichtigen</translation>
    </message>
    <message>
        <source>The formula waits for %1.</source>
        <translation>Die Formel wartet auf %1.</translation>
    </message>
</context>
<context>
    <name>ledgefall::OutcomeCurve</name>
    <message>
        <source>What comes out of each value</source>
        <translation>Was aus jedem Wert wird</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
</context>
<context>
    <name>ledgefall::RecoveryDialog</name>
    <message>
        <source>Unsaved work was recovered</source>
        <translation>Nicht gespeicherte Arbeit wurde gerettet</translation>
    </message>
    <message>
        <source>“%1”, last changed %2, was not saved when its window ended.</source>
        <translation>„%1“, zuletzt geändert %2, war nicht gespeichert, als das Fenster endete.</translation>
    </message>
    <message>
        <source>Its file is %1.</source>
        <translation>Die Datei ist %1.</translation>
    </message>
    <message>
        <source>Against the file: %1</source>
        <translation>Gegenüber der Datei: %1</translation>
    </message>
    <message>
        <source>It had no file yet.</source>
        <translation>Sie hatte noch keine Datei.</translation>
    </message>
    <message>
        <source>Its file, %1, is not there any more.</source>
        <translation>Die Datei %1 gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>It has tables: %1, typed cells: %2.</source>
        <translation>Tabellen: %1, eingetippte Zellen: %2.</translation>
    </message>
    <message>
        <source>Open what was recovered</source>
        <translation>Das Gerettete öffnen</translation>
    </message>
    <message>
        <source>Keep both: open it as a new study, and leave the file</source>
        <translation>Beides behalten: als neue Studie öffnen und die Datei lassen</translation>
    </message>
    <message>
        <source>Keep the file as it is, and remove what was recovered</source>
        <translation>Die Datei behalten, wie sie ist, und das Gerettete entfernen</translation>
    </message>
    <message>
        <source>Remove what was recovered</source>
        <translation>Das Gerettete entfernen</translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation>Später entscheiden</translation>
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
        <source>Move them &amp;up</source>
        <translation>Nach &amp;oben verschieben</translation>
    </message>
    <message>
        <source>Move them to the &amp;left</source>
        <translation>Nach &amp;links verschieben</translation>
    </message>
    <message>
        <source>Move them &amp;down</source>
        <translation>Nach &amp;unten verschieben</translation>
    </message>
    <message>
        <source>Move them to the ri&amp;ght</source>
        <translation>Nach &amp;rechts verschieben</translation>
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
        <source>Sort by this column, &amp;descending</source>
        <translation>Nach dieser Spalte a&amp;bsteigend sortieren</translation>
    </message>
    <message>
        <source>&amp;Continue the chosen values…</source>
        <translation>Gewählte Werte &amp;fortsetzen …</translation>
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
        <source>Drag for more rows, or fewer</source>
        <translation>Ziehen gibt mehr oder weniger Zeilen</translation>
    </message>
    <message>
        <source>Lower end of the table</source>
        <translation>Unteres Ende der Tabelle</translation>
    </message>
    <message>
        <source>number of rows</source>
        <translation>Zahl der Zeilen</translation>
    </message>
    <message>
        <source>%1 rows</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>Right end of the table</source>
        <translation>Rechtes Ende der Tabelle</translation>
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
        <source>T&amp;able of the runs</source>
        <translation>&amp;Tabelle der Läufe</translation>
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
        <source>Draw &amp;no runs in charts</source>
        <translation>&amp;Keine Läufe in Diagramme zeichnen</translation>
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
        <source>Kept as %1. Charts of its columns draw it paler; it stands in the contents.</source>
        <translation>Behalten als %1. Diagramme seiner Spalten zeichnen ihn blasser; er steht im Inhalt.</translation>
    </message>
    <message>
        <source>restoring a run</source>
        <translation>Wiederherstellen eines Laufs</translation>
    </message>
    <message>
        <source>Held values are as in the run %1 again.</source>
        <translation>Die festgehaltenen Werte sind wieder wie im Lauf %1.</translation>
    </message>
    <message>
        <source>Held values are as in the run %1 again, but for what is worked out by a formula now or has gone: %2.</source>
        <translation>Die festgehaltenen Werte sind wieder wie im Lauf %1, außer was jetzt durch eine Formel berechnet wird oder nicht mehr da ist: %2.</translation>
    </message>
    <message>
        <source>Which run?</source>
        <translation>Welcher Lauf?</translation>
    </message>
    <message>
        <source>Held values, typed cells over formulas and the seed become what they were.</source>
        <translation>Festgehaltene Werte, über Formeln getippte Zellen und der Startwert des Zufalls werden, was sie waren.</translation>
    </message>
    <message>
        <source>Restore</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>the table of runs</source>
        <translation>Tabelle der Läufe</translation>
    </message>
    <message>
        <source>drawing runs</source>
        <translation>Zeichnen der Läufe</translation>
    </message>
    <message>
        <source>Cells at fault are kept empty: %1.</source>
        <translation>Zellen mit Fehler bleiben darin leer: %1.</translation>
    </message>
</context>
<context>
    <name>ledgefall::SettingsDialog</name>
    <message>
        <source>a day that stays</source>
        <translation>ein Tag, der bleibt</translation>
    </message>
    <message>
        <source>Settings of this study</source>
        <translation>Einstellungen dieser Studie</translation>
    </message>
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
        <source>Where quartiles, median and other quantiles lie between two values</source>
        <translation>Wo Quartile, Median und andere Quantile zwischen zwei Werten liegen</translation>
    </message>
    <message>
        <source>≈ holds where two sides differ by no more than this part of what they are made of</source>
        <translation>≈ gilt, wo sich zwei Seiten um nicht mehr als diesen Teil dessen unterscheiden, woraus sie gemacht sind</translation>
    </message>
    <message>
        <source>Else today() is the day on which the study is worked out</source>
        <translation>Sonst ist today() der Tag, an dem die Studie ausgerechnet wird</translation>
    </message>
    <message>
        <source>The same seed draws the same random numbers</source>
        <translation>Derselbe Anfangswert zieht dieselben Zufallszahlen</translation>
    </message>
    <message>
        <source>as on this desktop</source>
        <translation>wie auf diesem Rechner</translation>
    </message>
    <message>
        <source>point: 1234.5</source>
        <translation>Punkt: 1234.5</translation>
    </message>
    <message>
        <source>comma: 1234,5</source>
        <translation>Komma: 1234,5</translation>
    </message>
    <message>
        <source>not grouped: 1234567</source>
        <translation>nicht gruppiert: 1234567</translation>
    </message>
    <message>
        <source>by a space: 1 234 567</source>
        <translation>durch ein Leerzeichen: 1 234 567</translation>
    </message>
    <message>
        <source>by the sign that is not decimal</source>
        <translation>durch das Zeichen, das nicht Dezimalzeichen ist</translation>
    </message>
    <message>
        <source>radians, as they are: 0.785</source>
        <translation>Bogenmaß, wie sie sind: 0,785</translation>
    </message>
    <message>
        <source>degrees: 45.0°</source>
        <translation>Grad: 45,0°</translation>
    </message>
    <message>
        <source>degrees, minutes, seconds: 45°0′0″</source>
        <translation>Grad, Minuten, Sekunden: 45°0′0″</translation>
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
        <source>An&amp;gles with the unit rad</source>
        <translation>&amp;Winkel mit der Einheit rad</translation>
    </message>
    <message>
        <source>Numbers are shown with it and read by it in the window; formulas have a point</source>
        <translation>Zahlen werden im Fenster damit gezeigt und gelesen; Formeln haben einen Punkt</translation>
    </message>
    <message>
        <source>Only what is shown changes: the values stay in radians</source>
        <translation>Nur die Anzeige ändert sich: die Werte bleiben im Bogenmaß</translation>
    </message>
</context>
<context>
    <name>ledgefall::StartPage</name>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>A computation table begins with a few columns.</source>
        <translation>Eine Rechentabelle beginnt mit ein paar Spalten.</translation>
    </message>
    <message>
        <source>Type or paste the observations, hold on the ledge what must not move, and write one formula for all rows.</source>
        <translation>Tippen Sie die Beobachtungen ein oder fügen Sie sie ein, halten Sie auf der Leiste fest, was sich nicht bewegen darf, und schreiben Sie eine Formel für alle Zeilen.</translation>
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
        <source>Or begin with a table that is worked out already:</source>
        <translation>Oder beginnen Sie mit einer Tabelle, die schon ausgearbeitet ist:</translation>
    </message>
    <message>
        <source>Remove from my starters</source>
        <translation>Aus meinen Anfängen entfernen</translation>
    </message>
    <message>
        <source>Import a table or a worksheet…</source>
        <translation>Eine Tabelle oder ein Rechenblatt einlesen …</translation>
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
        <source>Ne&amp;w from a starter</source>
        <translation>Neu aus einem &amp;Anfang</translation>
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
        <source>&amp;Import a table or a worksheet…</source>
        <translation>Eine Tabelle oder ein Rechenblatt e&amp;inlesen …</translation>
    </message>
    <message>
        <source>&amp;Export this table…</source>
        <translation>Diese Tabelle &amp;ausgeben …</translation>
    </message>
    <message>
        <source>Export the study as a &amp;worksheet…</source>
        <translation>Die Studie als &amp;Rechenblatt ausgeben …</translation>
    </message>
    <message>
        <source>spreadsheet ods xlsx send hand on</source>
        <translation>Tabellenblatt ods xlsx senden weitergeben</translation>
    </message>
    <message>
        <source>E&amp;mpty it for own data</source>
        <translation>Für eigene Daten &amp;leeren</translation>
    </message>
    <message>
        <source>clear values template blank reset</source>
        <translation>leeren Werte Vorlage leer zurücksetzen</translation>
    </message>
    <message>
        <source>Settings of this s&amp;tudy…</source>
        <translation>Einstellungen dieser S&amp;tudie …</translation>
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
        <source>Empty it for own data</source>
        <translation>Für eigene Daten leeren</translation>
    </message>
    <message>
        <source>emptying</source>
        <translation>Leeren</translation>
    </message>
    <message>
        <source>Keep as a starter</source>
        <translation>Als Anfang behalten</translation>
    </message>
    <message>
        <source>The title under which new studies can begin with it:</source>
        <translation>Der Titel, unter dem neue Studien damit anfangen können:</translation>
    </message>
    <message>
        <source>&amp;Keep this study among them…</source>
        <translation>Diese Studie dazu&amp;nehmen …</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
</context>
<context>
    <name>ledgefall::StudyFiles</name>
    <message>
        <source>Unsaved changes cannot be kept for a crash: %1</source>
        <translation>Nicht gespeicherte Änderungen lassen sich nicht für einen Absturz aufheben: %1</translation>
    </message>
    <message>
        <source>%1 is open in another window: changes made here are saved under another name.</source>
        <translation>%1 ist in einem anderen Fenster geöffnet: Änderungen von hier werden unter anderem Namen gespeichert.</translation>
    </message>
    <message>
        <source>What is being written</source>
        <translation>Was gerade geschrieben wird</translation>
    </message>
    <message>
        <source>The formula that is being written cannot be taken yet. %1</source>
        <translation>Die Formel, die gerade geschrieben wird, lässt sich noch nicht übernehmen. %1</translation>
    </message>
    <message>
        <source>Save without it</source>
        <translation>Ohne sie speichern</translation>
    </message>
    <message>
        <source>Save the study</source>
        <translation>Die Studie speichern</translation>
    </message>
    <message>
        <source>Leave without it</source>
        <translation>Ohne sie fortfahren</translation>
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
        <source>%1 has been removed or renamed since it was read here.</source>
        <translation>%1 ist entfernt oder umbenannt worden, seit es hier gelesen wurde.</translation>
    </message>
    <message>
        <source>%1 has been changed by another program since it was read here. From this window to the file: %2</source>
        <translation>%1 ist von einem anderen Programm geändert worden, seit es hier gelesen wurde. Von diesem Fenster zur Datei: %2</translation>
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
        <source>Save mine as…</source>
        <translation>Meine speichern als …</translation>
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
        <source>What was recovered of “%1” cannot be read: %2</source>
        <translation>Das Gerettete von „%1“ lässt sich nicht lesen: %2</translation>
    </message>
    <message>
        <source>This study has no file yet, and so no earlier versions: save it first.</source>
        <translation>Diese Studie hat noch keine Datei und daher keine früheren Versionen: zuerst speichern.</translation>
    </message>
    <message>
        <source>%1 — %2</source>
        <translation>%1 — %2</translation>
    </message>
    <message>
        <source>No version of this study has been kept yet: one is kept each time it is saved.</source>
        <translation>Von dieser Studie ist noch keine Version aufgehoben: mit jedem Speichern wird eine aufgehoben.</translation>
    </message>
    <message>
        <source>Earlier versions</source>
        <translation>Frühere Versionen</translation>
    </message>
    <message>
        <source>How each differs from the study as it is now. The one that is taken is one step for undo; the file changes only when it is saved.</source>
        <translation>Wie sich jede von der Studie unterscheidet, wie sie jetzt ist. Die genommene ist ein Schritt für Rückgängig; die Datei ändert sich erst beim Speichern.</translation>
    </message>
    <message>
        <source>Take this version</source>
        <translation>Diese Version nehmen</translation>
    </message>
    <message>
        <source>taking an earlier version</source>
        <translation>frühere Version</translation>
    </message>
    <message>
        <source>open in another window</source>
        <translation>in einem anderen Fenster geöffnet</translation>
    </message>
    <message>
        <source>read only</source>
        <translation>schreibgeschützt</translation>
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
        <source>Open a study or a worksheet</source>
        <translation>Eine Studie oder ein Rechenblatt öffnen</translation>
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
</context>
<context>
    <name>ledgefall::SummaryDialog</name>
    <message>
        <source>Only the &amp;first rows:</source>
        <translation>Nur die &amp;ersten Zeilen:</translation>
    </message>
    <message>
        <source>and draw &amp;boxes of the first column</source>
        <translation>und &amp;Kästen der ersten Spalte zeichnen</translation>
    </message>
    <message>
        <source>Summary</source>
        <translation>Zusammenfassung</translation>
    </message>
    <message>
        <source>a row for each column</source>
        <translation>eine Zeile für jede Spalte</translation>
    </message>
    <message>
        <source>a row for each value of %1</source>
        <translation>eine Zeile für jeden Wert von %1</translation>
    </message>
    <message>
        <source>each by itself</source>
        <translation>jede für sich</translation>
    </message>
    <message>
        <source>each by itself, and all pooled</source>
        <translation>jede für sich und alle zusammengelegt</translation>
    </message>
    <message>
        <source>pooled one after the other: the first, the first two, …</source>
        <translation>nacheinander zusammengelegt: die erste, die ersten zwei, …</translation>
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
        <source>&amp;Quartiles after Hyndman and Fan</source>
        <translation>&amp;Quartile nach Hyndman und Fan</translation>
    </message>
    <message>
        <source>Make the table</source>
        <translation>Tabelle anlegen</translation>
    </message>
    <message>
        <source>type %1: %2</source>
        <translation>Typ %1: %2</translation>
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
        <source>Title and &amp;note…</source>
        <translation>Titel und &amp;Notiz …</translation>
    </message>
    <message>
        <source>&amp;Rename the table…</source>
        <translation>Tabelle &amp;umbenennen …</translation>
    </message>
    <message>
        <source>&amp;Number of rows…</source>
        <translation>&amp;Zeilenzahl …</translation>
    </message>
    <message>
        <source>&amp;Stop its rows early…</source>
        <translation>Zeilen früher &amp;enden lassen …</translation>
    </message>
    <message>
        <source>Change its c&amp;lasses…</source>
        <translation>K&amp;lassen ändern …</translation>
    </message>
    <message>
        <source>Move the table up</source>
        <translation>Tabelle nach oben</translation>
    </message>
    <message>
        <source>Move the table down</source>
        <translation>Tabelle nach unten</translation>
    </message>
    <message>
        <source>Remove the table</source>
        <translation>Tabelle entfernen</translation>
    </message>
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
        <source>The table&apos;s name in formulas; formulas that use it are rewritten:</source>
        <translation>Der Name der Tabelle in Formeln; Formeln, die ihn verwenden, werden umgeschrieben:</translation>
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
        <source>The table&apos;s title:</source>
        <translation>Der Titel der Tabelle:</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>A note beside the title:</source>
        <translation>Eine Notiz neben dem Titel:</translation>
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
        <source>Rows from 1 to this number, or formula of held values:</source>
        <translation>Zeilen von 1 bis zu dieser Zahl oder Formel aus festgehaltenen Werten:</translation>
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
        <source>The rows end at the first for which this holds, such as r &lt; 1; leave it empty to run to the end:</source>
        <translation>Die Zeilen enden mit der ersten, für die dies gilt, etwa r &lt; 1; leer lassen, damit sie bis zum Ende laufen:</translation>
    </message>
    <message>
        <source>stopping rows</source>
        <translation>Zeilen enden lassen</translation>
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
        <source>the classes</source>
        <translation>die Klassen</translation>
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
        <source>T&amp;wo-way table…</source>
        <translation>Z&amp;weiachsige Tabelle …</translation>
    </message>
    <message>
        <source>Change the axis &amp;down…</source>
        <translation>Die Achse nach &amp;unten ändern …</translation>
    </message>
    <message>
        <source>rows values</source>
        <translation>zeilen werte</translation>
    </message>
    <message>
        <source>Change the axis &amp;across…</source>
        <translation>Die Achse nach &amp;rechts ändern …</translation>
    </message>
    <message>
        <source>columns values</source>
        <translation>spalten werte</translation>
    </message>
    <message>
        <source>&amp;Swap the axes</source>
        <translation>Achsen &amp;tauschen</translation>
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
        <source>a two-way table</source>
        <translation>eine zweiachsige Tabelle</translation>
    </message>
    <message>
        <source>The axis across</source>
        <translation>Die Achse nach rechts</translation>
    </message>
    <message>
        <source>The axis down</source>
        <translation>Die Achse nach unten</translation>
    </message>
    <message>
        <source>Its name and values, such as 1..12, or 3, 3.5 .. 6, or riffle, pool, weir; what is typed in the cells of values that stay is kept:</source>
        <translation>Ihr Name und ihre Werte, etwa 1..12 oder 3, 3.5 .. 6 oder riffle, pool, weir; was in Zellen von Werten getippt ist, die bleiben, bleibt erhalten:</translation>
    </message>
    <message>
        <source>an axis</source>
        <translation>eine Achse</translation>
    </message>
    <message>
        <source>swapping the axes</source>
        <translation>Achsen tauschen</translation>
    </message>
    <message>
        <source>A layer of typed values</source>
        <translation>Eine Schicht getippter Werte</translation>
    </message>
    <message>
        <source>What it is called:</source>
        <translation>Wie sie heißt:</translation>
    </message>
    <message>
        <source>Counts</source>
        <translation>Anzahlen</translation>
    </message>
    <message>
        <source>a layer</source>
        <translation>eine Schicht</translation>
    </message>
    <message>
        <source>Lay it a&amp;cross</source>
        <translation>&amp;Quer legen</translation>
    </message>
    <message>
        <source>transpose turn rows to the right months horizontal</source>
        <translation>transponieren drehen Zeilen nach rechts Monate waagerecht</translation>
    </message>
    <message>
        <source>laying across</source>
        <translation>Querlegen</translation>
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
        <source>Export the study as a worksheet</source>
        <translation>Die Studie als Rechenblatt ausgeben</translation>
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
        <source>All formulas were written to %1.</source>
        <translation>Alle Formeln wurden nach %1 geschrieben.</translation>
    </message>
    <message>
        <source>Cells with errors were exported empty: %1.</source>
        <translation>Zellen mit Fehlern wurden leer geschrieben: %1.</translation>
    </message>
</context>
<context>
    <name>ledgefall::TableHeading</name>
    <message>
        <source>Column headings</source>
        <translation>Spaltenköpfe</translation>
    </message>
    <message>
        <source>faults: %1</source>
        <translation>Fehler: %1</translation>
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
</context>
<context>
    <name>ledgefall::TableImport</name>
    <message>
        <source>Import a table or a worksheet</source>
        <translation>Eine Tabelle oder ein Rechenblatt einlesen</translation>
    </message>
    <message>
        <source>import</source>
        <translation>einlesen</translation>
    </message>
    <message>
        <source>Reading %1…</source>
        <translation>%1 wird gelesen…</translation>
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
        <source>faults %1</source>
        <translation>Fehler %1</translation>
    </message>
    <message>
        <source>checks that hold %1</source>
        <translation>geltende Prüfungen %1</translation>
    </message>
    <message>
        <source>failing checks %1</source>
        <translation>nicht geltende Prüfungen %1</translation>
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
        <source>values as before the last change</source>
        <translation>Werte wie vor der letzten Änderung</translation>
    </message>
    <message>
        <source>computing was stopped: old values</source>
        <translation>Rechnen angehalten: alte Werte</translation>
    </message>
    <message>
        <source>%1 is taken as the heading of its column.</source>
        <translation>%1 ist als Überschrift der Spalte genommen.</translation>
    </message>
    <message>
        <source>%1 are taken as the headings of their columns.</source>
        <translation>%1 sind als Überschriften ihrer Spalten genommen.</translation>
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
        <source>Read it as %1</source>
        <translation>Als %1 lesen</translation>
    </message>
    <message>
        <source>day and month</source>
        <translation>Tag und Monat</translation>
    </message>
    <message>
        <source>A double click changes the title</source>
        <translation>Ein Doppelklick ändert den Titel</translation>
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
        <source>Taken as columns: %1.</source>
        <translation>Als Spalten genommen: %1.</translation>
    </message>
    <message>
        <source>Held, the same in every row: %1.</source>
        <translation>Festgehalten, in jeder Zeile gleich: %1.</translation>
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
        <source>%1 rows, %2 columns</source>
        <translation>%1 Zeilen, %2 Spalten</translation>
    </message>
    <message>
        <source>Pasted with their formulas: %1.</source>
        <translation>Mit ihren Formeln eingefügt: %1.</translation>
    </message>
    <message>
        <source>Names were taken: %1.</source>
        <translation>Namen waren vergeben: %1.</translation>
    </message>
    <message>
        <source>A heading stands here more than once: in formulas these columns are called %1. A double click on a heading changes it.</source>
        <translation>Eine Überschrift steht hier mehr als einmal: In Formeln heißen diese Spalten %1. Ein Doppelklick auf eine Überschrift ändert sie.</translation>
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
        <source>continue to row %1</source>
        <translation>fortsetzen bis Zeile %1</translation>
    </message>
    <message>
        <source>continuing</source>
        <translation>fortsetzen</translation>
    </message>
    <message>
        <source>emptying cells</source>
        <translation>Zellen leeren</translation>
    </message>
    <message>
        <source>heading of %1</source>
        <translation>Überschrift von %1</translation>
    </message>
    <message>
        <source>column %1</source>
        <translation>Spalte %1</translation>
    </message>
</context>
<context>
    <name>ledgefall::TryValuesDialog</name>
    <message>
        <source>&amp;Draw the outcomes</source>
        <translation>Die Ergebnisse &amp;zeichnen</translation>
    </message>
    <message>
        <source>Try values of %1</source>
        <translation>Werte von %1 versuchen</translation>
    </message>
    <message>
        <source>from, to and step</source>
        <translation>von, bis und Schritt</translation>
    </message>
    <message>
        <source>a list of values</source>
        <translation>eine Liste von Werten</translation>
    </message>
    <message>
        <source>halved again and again</source>
        <translation>immer wieder halbiert</translation>
    </message>
    <message>
        <source>how the values are given</source>
        <translation>wie die Werte gegeben werden</translation>
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
        <source>or &amp;another</source>
        <translation>oder ein &amp;anderes</translation>
    </message>
    <message>
        <source>Try them</source>
        <translation>Versuchen</translation>
    </message>
    <message>
        <source>%1 to %2 step %3</source>
        <translation>%1 bis %2 Schritt %3</translation>
    </message>
    <message>
        <source>Three numbers: the first value, the last, and from one to the next</source>
        <translation>Drei Zahlen: der erste Wert, der letzte, und von einem zum nächsten</translation>
    </message>
    <message>
        <source>Numbers with semicolons or blanks between them</source>
        <translation>Zahlen mit Semikolons oder Leerzeichen dazwischen</translation>
    </message>
    <message>
        <source>%1, %2 times</source>
        <translation>%1, %2 mal</translation>
    </message>
    <message>
        <source>Two numbers: the first value, and how often it is halved</source>
        <translation>Zwei Zahlen: der erste Wert, und wie oft er halbiert wird</translation>
    </message>
    <message>
        <source>These values cannot be read yet: %1</source>
        <translation>Diese Werte sind noch nicht lesbar: %1</translation>
    </message>
    <message>
        <source>%1 values of %2: %3</source>
        <translation>%1 Werte von %2: %3</translation>
    </message>
    <message>
        <source>Choose an outcome, or write one.</source>
        <translation>Wählen Sie ein Ergebnis, oder schreiben Sie eines.</translation>
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
        <source>An axis is a name and its values: from one number to another (1..12), continued from two (3, 3.5 .. 6), a list (riffle, pool, weir), or a column of another table (Readings.site).</source>
        <translation>Eine Achse ist ein Name und seine Werte: von einer Zahl zur anderen (1..12), aus zweien fortgesetzt (3, 3.5 .. 6), eine Liste (riffle, pool, weir) oder eine Spalte einer anderen Tabelle (Readings.site).</translation>
    </message>
    <message>
        <source>The first cells</source>
        <translation>Die ersten Zellen</translation>
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
        <source>Make the table</source>
        <translation>Tabelle anlegen</translation>
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
        <source>The formula waits for %1: it can be held on the ledge when the table is made.</source>
        <translation>Die Formel wartet auf %1: es kann auf der Leiste festgehalten werden, wenn die Tabelle angelegt ist.</translation>
    </message>
    <message>
        <source>%1 rows, %2 columns</source>
        <translation>%1 Zeilen, %2 Spalten</translation>
    </message>
</context>
<context>
    <name>ledgefall::WaitDialog</name>
    <message>
        <source>One moment</source>
        <translation>Einen Augenblick</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
</context>
<context>
    <name>ledgefall::WhatIfCommands</name>
    <message>
        <source>What &amp;if, and runs</source>
        <translation>Was &amp;wäre wenn, und Läufe</translation>
    </message>
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
        <source>Which held value?</source>
        <translation>Welcher festgehaltene Wert?</translation>
    </message>
    <message>
        <source>Other values of it are tried; the study stays as it is.</source>
        <translation>Andere Werte dafür werden versucht; die Studie bleibt, wie sie ist.</translation>
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
        <source>a value that was looked for</source>
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
        <source>&amp;Watch with a check…</source>
        <translation>Mit einer Prüfung &amp;überwachen …</translation>
    </message>
    <message>
        <source>test verify validate condition sum to 100</source>
        <translation>prüfen testen Bedingung Probe Summe 100</translation>
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
        <source>New &amp;random numbers</source>
        <translation>Neue &amp;Zufallszahlen</translation>
    </message>
    <message>
        <source>&amp;Stop computing</source>
        <translation>Rechnung &amp;anhalten</translation>
    </message>
    <message>
        <source>Compute &amp;again after stopping</source>
        <translation>Nach dem Anhalten &amp;weiterrechnen</translation>
    </message>
    <message>
        <source>A page of all f&amp;ormulas…</source>
        <translation>Eine Seite mit allen F&amp;ormeln …</translation>
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
        <source>&amp;Reset the zoom</source>
        <translation>Zoom &amp;zurücksetzen</translation>
    </message>
    <message>
        <source>&amp;Dark</source>
        <translation>&amp;Dunkel</translation>
    </message>
    <message>
        <source>Show &amp;beside</source>
        <translation>&amp;Daneben zeigen</translation>
    </message>
    <message>
        <source>Show only &amp;one table</source>
        <translation>Nur &amp;eine Tabelle zeigen</translation>
    </message>
    <message>
        <source>&amp;Contents</source>
        <translation>&amp;Inhalt</translation>
    </message>
    <message>
        <source>The &amp;ledge as a list</source>
        <translation>Die &amp;Leiste als Liste</translation>
    </message>
    <message>
        <source>Com&amp;panion</source>
        <translation>&amp;Begleiter</translation>
    </message>
    <message>
        <source>&amp;Help on what has the focus</source>
        <translation>&amp;Hilfe zu dem, was den Fokus hat</translation>
    </message>
    <message>
        <source>&amp;All pages of the help</source>
        <translation>&amp;Alle Seiten der Hilfe</translation>
    </message>
    <message>
        <source>A first table in five &amp;steps</source>
        <translation>Eine erste Tabelle in fünf &amp;Schritten</translation>
    </message>
    <message>
        <source>&amp;Find a command, a name or a table…</source>
        <translation>Befehl, Name oder Tabelle &amp;suchen …</translation>
    </message>
    <message>
        <source>&amp;About Ledgefall</source>
        <translation>&amp;Über Ledgefall</translation>
    </message>
    <message>
        <source>there is no other table</source>
        <translation>es gibt keine andere Tabelle</translation>
    </message>
    <message>
        <source>About Ledgefall</source>
        <translation>Über Ledgefall</translation>
    </message>
    <message>
        <source>&lt;b&gt;Ledgefall&lt;/b&gt; %1&lt;p&gt;Computation tables in which one sees what stays put and what follows the row.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later. The letters are Lato, under the SIL Open Font License; charts are drawn by QCustomPlot.&lt;/p&gt;</source>
        <translation>&lt;b&gt;Ledgefall&lt;/b&gt; %1&lt;p&gt;Rechentabellen, in denen man sieht, was fest bleibt und was der Zeile folgt.&lt;/p&gt;&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später. Die Schrift ist Lato unter der SIL Open Font License; Diagramme zeichnet QCustomPlot.&lt;/p&gt;</translation>
    </message>
</context>
<context>
    <name>ledgefall::WorkingPanel</name>
    <message>
        <source>%1 under %2</source>
        <translation>%1 unter %2</translation>
    </message>
    <message>
        <source>a function: it is worked out where it is called</source>
        <translation>eine Funktion: sie wird dort ausgerechnet, wo sie aufgerufen wird</translation>
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
        <source>given: it stays put until it is changed</source>
        <translation>gegeben: der Wert bleibt, bis er geändert wird</translation>
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
        <source>restore the formula</source>
        <translation>Formel wiederherstellen</translation>
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
        <source>Restore the formula in all of them</source>
        <translation>Die Formel in allen wiederherstellen</translation>
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
        <source>It waits for %1, which is not there yet.</source>
        <translation>Sie wartet auf %1, was noch nicht da ist.</translation>
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
        <source>These texts read as numbers: read them so</source>
        <translation>Diese Texte lassen sich als Zahlen lesen: so lesen</translation>
    </message>
    <message>
        <source>These texts read as dates, month first: read them so</source>
        <translation>Diese Texte lassen sich als Daten lesen, Monat zuerst: so lesen</translation>
    </message>
    <message>
        <source>These texts read as dates, day first: read them so</source>
        <translation>Diese Texte lassen sich als Daten lesen, Tag zuerst: so lesen</translation>
    </message>
    <message>
        <source>reading texts anew</source>
        <translation>Texte neu lesen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>ledgefall::WorkingView</name>
    <message>
        <source>Working</source>
        <translation>Rechenweg</translation>
    </message>
    <message>
        <source>Copy the working</source>
        <translation>Rechenweg kopieren</translation>
    </message>
    <message>
        <source>Copy it as LaTeX</source>
        <translation>Als LaTeX kopieren</translation>
    </message>
</context>
<context>
    <name>ledgefall::WorksheetDialog</name>
    <message>
        <source>What is in %1</source>
        <translation>Was in %1 steht</translation>
    </message>
    <message>
        <source>Tables: %1. Held values: %2. Formulas recovered: %3.</source>
        <translation>Tabellen: %1. Festgehaltene Werte: %2. Gefundene Formeln: %3.</translation>
    </message>
    <message>
        <source>Nothing in it looks like a slip.</source>
        <translation>Nichts darin sieht nach einem Versehen aus.</translation>
    </message>
    <message>
        <source>Places that look like a slip: %1. They are listed first.</source>
        <translation>Stellen, die nach einem Versehen aussehen: %1. Sie stehen zuerst.</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>To look at</source>
        <translation>Anzusehen</translation>
    </message>
    <message>
        <source>Values that are not what their formulas give</source>
        <translation>Werte, die nicht sind, was ihre Formeln ergeben</translation>
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
        <source>Also</source>
        <translation>Außerdem</translation>
    </message>
    <message>
        <source>Take it as a study</source>
        <translation>Als Studie nehmen</translation>
    </message>
    <message>
        <source>Add its tables to this study</source>
        <translation>Seine Tabellen zu dieser Studie hinzufügen</translation>
    </message>
</context>
</TS>
