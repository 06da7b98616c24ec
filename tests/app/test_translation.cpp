// The German translation: complete, with the same places for values, and looked up wherever the window shows a text;
// and numbers and dates as a German desktop writes them.

#include "app/dialogs/category_dialog.h"
#include "app/dialogs/check_dialog.h"
#include "app/dialogs/continue_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/import_dialog.h"
#include "app/dialogs/summary_dialog.h"
#include "app/document/wording.h"
#include "app/numbers/number_text.h"
#include "core/study/builders/frequency.h"
#include "core/study/builders/unfold.h"
#include "harness/test_program.h"
#include "story_steps.h"

#include <QFile>
#include <QMenuBar>
#include <QRegularExpression>
#include <QTranslator>
#include <QXmlStreamReader>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

struct Message {
    QString source, translation;
    bool finished = true;
};

/// The messages of a translation by their contexts.
QMap<QString, QList<Message>> messages_of(const QString& path) {
    QMap<QString, QList<Message>> all;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) {
        return all;
    }
    QXmlStreamReader xml(&file);
    QString context;
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement()) {
            continue;
        }
        if (xml.name() == QStringLiteral("name")) {
            context = xml.readElementText();
        } else if (xml.name() == QStringLiteral("source")) {
            all[context].append({xml.readElementText(), {}, true});
        } else if (xml.name() == QStringLiteral("translation")) {
            Message& message = all[context].last();
            message.finished = xml.attributes().value(QStringLiteral("type")).isEmpty();
            message.translation = xml.readElementText();
        }
    }
    return all;
}

QStringList places_in(const QString& text) {
    QStringList places;
    auto match = QRegularExpression(QStringLiteral("%L?\\d")).globalMatch(text);
    while (match.hasNext()) {
        places << match.next().captured();
    }
    places.removeDuplicates();
    places.sort();
    return places;
}

/// Translates by the messages, and keeps what is looked up and is not among them.
class WatchingTranslator : public QTranslator {
  public:
    explicit WatchingTranslator(const QMap<QString, QList<Message>>& messages) {
        for (auto context = messages.begin(); context != messages.end(); ++context) {
            for (const Message& message : context.value()) {
                texts_.insert(context.key() + QLatin1Char('|') + message.source, message.translation);
            }
        }
    }
    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char*, int) const override {
        const QString key = QString::fromUtf8(context) + QLatin1Char('|') + QString::fromUtf8(source);
        const auto text = texts_.constFind(key);
        const QString own = QString::fromUtf8(context);
        const bool ours = own.startsWith(QStringLiteral("ledgefall")) || own == QStringLiteral("Sentence") ||
                          own == QStringLiteral("Fault") || own == QStringLiteral("FormatChoices") ||
                          own == QStringLiteral("Ask") || own == QStringLiteral("Date") ||
                          own == QStringLiteral("Value");
        if (ours && text == texts_.constEnd()) {
            missing.insert(key);
        }
        looked_up += ours ? 1 : 0;
        return text == texts_.constEnd() ? QString() : text.value();
    }
    mutable QSet<QString> missing;
    mutable int looked_up = 0;

  private:
    QHash<QString, QString> texts_;
};

const QString german = QStringLiteral(TRANSLATIONS_FOLDER) + QStringLiteral("/ledgefall_de.ts");

} // namespace

class TestTranslation : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void cleanup() { QLocale::setDefault(QLocale::c()); }

    void the_translation_is_complete() {
        const auto messages = messages_of(german);
        int compared = 0;
        for (auto context = messages.begin(); context != messages.end(); ++context) {
            for (const Message& message : context.value()) {
                QVERIFY2(message.finished && !message.translation.isEmpty(), qPrintable(message.source));
                QVERIFY2(places_in(message.source) == places_in(message.translation), qPrintable(message.source));
                ++compared;
            }
        }
        QVERIFY(compared > 1000);
    }

    void the_template_has_the_same_texts() {
        const auto own = messages_of(german);
        const auto pattern = messages_of(QStringLiteral(TRANSLATIONS_FOLDER) + QStringLiteral("/ledgefall.ts"));
        QVERIFY(pattern.size() > 40);
        QCOMPARE(own.keys(), pattern.keys());
        for (const QString& context : pattern.keys()) {
            QCOMPARE(own[context].size(), pattern[context].size());
        }
    }

    /// Every pattern of a sentence with a place for a value stands in the sources of the core in one piece or joined
    /// from several; each of them must be translated.
    void sentences_of_the_core_are_all_there() {
        QSet<QString> translated;
        const auto messages = messages_of(german);
        for (const char* context : {"Sentence", "Kind"}) {
            for (const Message& message : messages[QLatin1String(context)]) {
                translated.insert(message.source);
            }
        }
        int found_patterns = 0;
        QDirIterator sources(QStringLiteral(SOURCE_FOLDER "/core"), {QStringLiteral("*.cpp")}, QDir::Files,
                             QDirIterator::Subdirectories);
        while (sources.hasNext()) {
            QFile file(sources.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            QString text = QString::fromUtf8(file.readAll());
            text.replace(QRegularExpression(QStringLiteral("\"\\s*\\n\\s*\"")), QString());
            auto literals = QRegularExpression(QStringLiteral("\"((?:[^\"\\\\\\n]|\\\\.)*%1(?:[^\"\\\\\\n]|\\\\.)*)\""))
                                .globalMatch(text);
            while (literals.hasNext()) {
                const QString literal =
                    literals.next().captured(1).replace(QStringLiteral("\\\""), QStringLiteral("\""));
                const bool sentence = literal.count(QLatin1Char(' ')) > 1;
                if (sentence) {
                    QVERIFY2(translated.contains(literal), qPrintable(literal));
                    ++found_patterns;
                }
            }
        }
        QVERIFY(found_patterns > 100);
        int refusals = 0; // of the window itself
        QDirIterator window(QStringLiteral(SOURCE_FOLDER "/app"), {QStringLiteral("*.cpp")}, QDir::Files,
                            QDirIterator::Subdirectories);
        while (window.hasNext()) {
            QFile file(window.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            QString text = QString::fromUtf8(file.readAll());
            text.replace(QRegularExpression(QStringLiteral("\"\\s*\\n\\s*\"")), QString());
            auto literals =
                QRegularExpression(QStringLiteral("(?:refuse\\(\\s*\\{|Sentence\\{\\s*)(?:N_\\(\\s*)?\"([^\"]+)\""))
                    .globalMatch(text);
            while (literals.hasNext()) {
                const QString literal = literals.next().captured(1);
                QVERIFY2(translated.contains(literal), qPrintable(literal));
                ++refusals;
            }
        }
        QVERIFY(refusals > 10);
    }

    /// A text is found by the class that shows it; one under the namespace alone is never found.
    void no_text_lacks_its_class() {
        QFile file(QStringLiteral(TRANSLATIONS_FOLDER "/ledgefall_de.ts"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        auto contexts =
            QRegularExpression(QStringLiteral("<name>([^<]*)</name>")).globalMatch(QString::fromUtf8(file.readAll()));
        int count = 0;
        for (; contexts.hasNext(); ++count) {
            const QString name = contexts.next().captured(1);
            QVERIFY2(!name.isEmpty() && name != QStringLiteral("ledgefall") && !name.startsWith(u'Q'),
                     qPrintable(name));
        }
        QVERIFY(count > 50);
    }

    void whatever_the_window_shows_is_translated() {
        WatchingTranslator translator(messages_of(german));
        QCoreApplication::installTranslator(&translator);
        {
            WindowDriver drive;
            QVERIFY(drive.window.open_demo());
            QVERIFY(drive.settle());
            const Study study = drive.window.document().study();
            for (const auto& table : study.tables) {
                drive.window.show_table(table->id);
                QVERIFY(drive.settle());
                drive.click_cell(0, 0);
                drive.click_cell(0, 1);
            }
            for (QAction* menu : drive.window.menuBar()->actions()) {
                Q_EMIT menu->menu()->aboutToShow();
            }
            QCOMPARE(drive.window.menuBar()->actions().front()->text(), QStringLiteral("&Studie"));
            drive.window.page()->write_formula(0);
            drive.keys(QStringLiteral("z = mean(nothing) + "));
            drive.key(Qt::Key_Escape);
            const auto cells = std::make_shared<const Column>(Column::numbers({1, 2, 3, 4, 9}));
            const FrequencyDialog frequency(cells, QStringLiteral("x"), nullptr);
            const ContinueDialog next({Value::number(1), Value::number(2)}, 2, 5, nullptr);
            const ImportDialog import("a,b\n1,2\n", QStringLiteral("t"), nullptr);
            const SummaryDialog summary({}, {}, Settings(), nullptr);
        }
        QCoreApplication::removeTranslator(&translator);
        QVERIFY2(translator.missing.isEmpty(),
                 qPrintable(QStringList(translator.missing.values()).join(QStringLiteral("\n"))));
        QVERIFY(translator.looked_up > 300);
    }

    /// Labels, notes and checks of tables that are made for a person are in the person's language.
    void made_tables_speak_the_language() {
        WatchingTranslator translator(messages_of(german));
        QCoreApplication::installTranslator(&translator);
        word_texts_as_translated();
        Id table;
        Study study = *add_table(Study(), "Kies", &table);
        study = *add_columns(study, table, {{"Länge", "laenge", "mm", Column::numbers({1, 2, 3, 4, 9})}});
        const Id column = study.table(table)->column_named("laenge")->id;
        Classes classes;
        classes.boundaries = {0, 5, 10};
        Id counted;
        const Result<Study> frequency = frequency_table(study, column, classes, {}, &counted);
        const Result<Study> unfolded = unfold(study, "sd", {column});
        word_texts_by(nullptr);
        QCoreApplication::removeTranslator(&translator);
        QVERIFY(frequency && unfolded);
        const Table& made_table = *frequency->table(counted);
        QCOMPARE(made_table.label, std::string("Länge, Klassen"));
        QCOMPARE(made_table.column_named("f")->label, std::string("Anzahl"));
        QCOMPARE(frequency->checks.front()->label, std::string("jeder Wert von Länge liegt in einer Klasse"));
        QCOMPARE(unfolded->table(table)->column_named("sq")->label, std::string("Quadriert"));
        QVERIFY2(translator.missing.isEmpty(), qPrintable(QStringList(translator.missing.values()).join(u'\n')));
    }

    void numbers_and_dates_are_the_desktops() {
        QLocale::setDefault(QLocale(QLocale::German, QLocale::Germany));
        QCOMPARE(number_text(12.5, {}), QStringLiteral("12,5"));
        QCOMPARE(number_text(-0.25, {Format::Style::decimals, 2}), QStringLiteral("−0,25"));
        QCOMPARE(exact_text(Value::number(4.5125)), QStringLiteral("4,5125"));
        QVERIFY(value_text(read_cell("2026-05-20", Kind::date), {Format::Style::month_year, 0})
                    .startsWith(QStringLiteral("Mai")));
        WindowDriver drive;
        drive.new_table(QStringLiteral("Kies"));
        drive.click_cell(0, 0);
        drive.keys(QStringLiteral("12,5"));
        drive.key(Qt::Key_Return);
        QVERIFY(drive.settle());
        QCOMPARE(drive.window.page()->model().value(0, 0).number(), 12.5);
        QCOMPARE(drive.shown(0, 0), QStringLiteral("12,5"));
        QCOMPARE(drive.window.page()->model().index(0, 0).data(Qt::EditRole).toString(), QStringLiteral("12,5"));
    }
};

LEDGEFALL_TEST(TestTranslation)
#include "test_translation.moc"
