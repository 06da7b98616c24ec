// Common jobs by keys alone, from an empty window on: for each the number of keys and chords that it may take (a run of
// typed text counts as one), and what has to have come of it.

#include "app/charts/chart_page.h"
#include "app/dialogs/import_dialog.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "user_simulator.h"

#include <QComboBox>
#include <QFileDialog>
#include <QTemporaryDir>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestKeyboardJobs : public QObject {
    Q_OBJECT
    std::unique_ptr<UserSimulator> hands_;
    QTemporaryDir folder_;

    WindowDriver& drive() { return hands_->drive; }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) { hands_->key(key, modifiers); }
    void type(const QString& text) { hands_->type(text); }
    /// A typed run and Enter.
    void enter(const char* text) {
        type(QString::fromUtf8(text));
        key(Qt::Key_Return);
    }
    void letters(const char* id) { hands_->letters(id); }
    /// What is typed into the next dialog, or done in it; it is accepted by Enter.
    void in_dialog(const std::function<void(QDialog&)>& done = {}) {
        hands_->in_next_dialog([this, done](QDialog& dialog) {
            if (done) {
                done(dialog);
            }
            hands_->key_in_dialog(Qt::Key_Return);
            if (dialog.isVisible() && qobject_cast<QFileDialog*>(&dialog) == nullptr) {
                qWarning("The dialog %s was not accepted.", qPrintable(dialog.windowTitle()));
                dialog.reject();
            }
        });
    }
    QString cell(int row, int column) { return drive().shown(row, column); }
    std::size_t columns() { return drive().table().columns.size(); }
    std::size_t tables() { return drive().window.document().study().tables.size(); }
    const std::vector<Shared<Chart>>& charts() { return drive().window.document().study().charts; }
    TableView& view() { return drive().window.page()->view(); }

    /// One job: no more keys than `most`, and the outcome.
    void job(const char* name, int most, const std::function<void()>& keys, const std::function<bool()>& done) {
        const int before = hands_->actions;
        keys();
        const bool there = drive().settle() && QTest::qWaitFor(done, 5000);
        const int used = hands_->actions - before;
        qInfo("%2d keys: %s", used, name);
        QVERIFY2(there, name);
        QVERIFY2(used <= most, qPrintable(QStringLiteral("%1 took %2 keys").arg(QLatin1String(name)).arg(used)));
    }

    /// Pebbles with their lengths, masses and sites.
    void begin_with_pebbles() {
        hands_ = std::make_unique<UserSimulator>(QString());
        hands_->paste(QStringLiteral("length\tmass\tsite\n42\t10\tpool\n57\t12\tweir\n38\t9\tpool\n44\t10\tweir\n"));
        key(Qt::Key_Home, Qt::ControlModifier);
        QVERIFY(drive().settle());
    }

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void cleanup() {
        if (hands_) {
            drive().window.document().start_new();
            hands_.reset();
        }
    }

    void values() {
        hands_ = std::make_unique<UserSimulator>(QString());
        job(
            "begin a table with a value", 2, [&] { enter("42"); }, [&] { return cell(0, 0) == u"42"; });
        job(
            "type a value under it", 2, [&] { enter("57"); }, [&] { return cell(1, 0) == u"57"; });
        job(
            "change a value", 3, [&] { key(Qt::Key_Up), enter("58"); }, [&] { return cell(1, 0) == u"58"; });
        job(
            "add to a value", 4, [&] { key(Qt::Key_Up), key(Qt::Key_F2), enter("1"); },
            [&] { return cell(1, 0) == u"581"; });
        job(
            "undo", 1, [&] { key(Qt::Key_Z, Qt::ControlModifier); }, [&] { return cell(1, 0) == u"58"; });
        job(
            "redo", 1, [&] { key(Qt::Key_Y, Qt::ControlModifier); }, [&] { return cell(1, 0) == u"581"; });
        job(
            "clear a cell", 2, [&] { key(Qt::Key_Up), key(Qt::Key_Delete); }, [&] { return cell(1, 0).isEmpty(); });
        job(
            "copy a value and paste it", 4,
            [&] {
                key(Qt::Key_Up);
                key(Qt::Key_C, Qt::ControlModifier);
                key(Qt::Key_Down);
                key(Qt::Key_V, Qt::ControlModifier);
            },
            [&] { return cell(1, 0) == u"42"; });
        job(
            "select all cells of two columns", 2,
            [&] {
                key(Qt::Key_Right, Qt::ShiftModifier);
                key(Qt::Key_A, Qt::ControlModifier | Qt::ShiftModifier);
            },
            [&] { return view().chosen().columns() >= 1 && view().chosen().rows() >= 2; });
        job(
            "go to the end of the data", 1, [&] { key(Qt::Key_Down, Qt::ControlModifier); },
            [&] { return view().currentIndex().row() >= 1; });
    }

    void rows_and_columns() {
        begin_with_pebbles();
        job(
            "give a column its heading and unit", 4,
            [&] {
                in_dialog([&](QDialog&) { type(QStringLiteral("length of the stone")); });
                key(Qt::Key_M, Qt::ControlModifier | Qt::ShiftModifier);
            },
            [&] { return drive().table().columns[0]->label == "length of the stone"; });
        job(
            "insert rows", 4, [&] { letters("insert-rows"); },
            [&] { return drive().window.page()->model().table_rows() == 5; });
        job(
            "remove rows", 1, [&] { key(Qt::Key_Delete, Qt::AltModifier); },
            [&] { return drive().window.page()->model().table_rows() == 4; });
        job(
            "sort", 4, [&] { letters("sort-falling"); }, [&] { return cell(0, 0) == u"57"; });
        job(
            "move a column to the right", 1, [&] { key(Qt::Key_Right, Qt::AltModifier | Qt::ShiftModifier); },
            [&] { return drive().table().columns[0]->name == "mass"; });
        job(
            "show fewer or more decimals", 1, [&] { key(Qt::Key_BracketRight, Qt::ControlModifier); },
            [&] { return cell(0, 1) == u"57.0"; });
        job(
            "duplicate a column", 4, [&] { letters("duplicate-column"); }, [&] { return columns() == 4; });
        job(
            "remove a column", 4, [&] { letters("remove-column"); }, [&] { return columns() == 3; });
        job(
            "find a value", 4,
            [&] {
                key(Qt::Key_F, Qt::ControlModifier);
                enter("38");
                key(Qt::Key_Escape);
            },
            [&] { return view().currentIndex().data().toString().startsWith(u"38"); });
    }

    void formulas_and_held_values() {
        begin_with_pebbles();
        job(
            "write a formula in a new column", 3,
            [&] {
                key(Qt::Key_N, Qt::ControlModifier | Qt::ShiftModifier);
                enter("dev = length - mean(length)");
            },
            [&] { return columns() == 4 && cell(1, 3).startsWith(u"11.7"); });
        job(
            "change a formula", 3,
            [&] {
                key(Qt::Key_F2, Qt::ControlModifier);
                enter(" ^ 2");
            },
            [&] { return QString::fromStdString(formula(drive(), "dev")).endsWith(u"^ 2"); });
        job(
            "hold a value", 4,
            [&] {
                key(Qt::Key_H, Qt::ControlModifier);
                enter("limit = 50");
            },
            [&] { return drive().window.document().study().ledge.size() == 1; });
        job(
            "come back to the table", 1, [&] { key(Qt::Key_Escape); }, [&] { return view().hasFocus(); });
        job(
            "go to the ledge and change a held value", 6,
            [&] {
                key(Qt::Key_F6, Qt::ShiftModifier);
                key(Qt::Key_F6, Qt::ShiftModifier);
                key(Qt::Key_Return);
                enter("45");
            },
            [&] { return hands_->held("limit") == 45; });
        key(Qt::Key_Escape);
        job(
            "unfold a measure", 5, [&] { letters("unfold-measure"); }, [&] { return !drive().table().foot.empty(); });
    }

    void tables_and_charts() {
        begin_with_pebbles();
        job(
            "make a frequency table", 2,
            [&] {
                in_dialog();
                key(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
            },
            [&] { return tables() == 2; });
        job(
            "go to the table before", 1, [&] { key(Qt::Key_PageUp, Qt::ControlModifier); },
            [&] { return drive().window.page()->table_id() == drive().window.document().study().tables.front()->id; });
        job(
            "make a summary", 2,
            [&] {
                in_dialog();
                key(Qt::Key_U, Qt::ControlModifier | Qt::ShiftModifier);
            },
            [&] { return tables() == 3; });
        key(Qt::Key_PageUp, Qt::ControlModifier);
        key(Qt::Key_PageUp, Qt::ControlModifier);
        const std::size_t before = charts().size();
        job(
            "chart two columns", 3,
            [&] {
                key(Qt::Key_Right, Qt::ShiftModifier);
                key(Qt::Key_G, Qt::ControlModifier);
            },
            [&] { return charts().size() == before + 1; });
        job(
            "choose a point of the chart", 4,
            [&] {
                key(Qt::Key_F6);
                key(Qt::Key_Right);
                key(Qt::Key_Return);
            },
            [&] { return view().chosen().rows() == 1; });
        job(
            "change the chart", 4,
            [&] {
                in_dialog([&](QDialog&) { type(QStringLiteral("Masses")); });
                key(Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
            },
            [&] { return charts().back()->label == "Masses"; });
    }

    void files_and_help() {
        begin_with_pebbles();
        const QString path = folder_.filePath(QStringLiteral("pebbles.ledgefall"));
        job(
            "save", 3,
            [&] {
                in_dialog([&](QDialog&) { type(path); });
                key(Qt::Key_S, Qt::ControlModifier);
                (void)drive().files_done();
            },
            [&] { return QFile::exists(path); });
        const QString text = folder_.filePath(QStringLiteral("pebbles.csv"));
        job(
            "export a table", 4,
            [&] {
                hands_->in_next_dialog([&](QDialog&) {
                    in_dialog();
                    type(text);
                    hands_->key_in_dialog(Qt::Key_Return);
                });
                key(Qt::Key_E, Qt::ControlModifier);
                (void)drive().files_done();
            },
            [&] { return QFile::exists(text); });
        job(
            "import it, one column read as texts", 9,
            [&] {
                hands_->in_next_dialog([&](QDialog&) {
                    in_dialog([&](QDialog& dialog) {
                        auto& columns = qobject_cast<ImportDialog*>(&dialog)->columns();
                        columns.setFocus(); // which begins to rename the first
                        hands_->key_in_dialog(Qt::Key_Tab);
                        (void)QTest::qWaitFor([] { return QApplication::activePopupWidget() != nullptr; }, 2000);
                        hands_->key_in_dialog(Qt::Key_Down);
                        hands_->key_in_dialog(Qt::Key_Return);
                    });
                    type(text);
                    hands_->key_in_dialog(Qt::Key_Return);
                });
                key(Qt::Key_I, Qt::ControlModifier);
                (void)drive().files_done();
            },
            [&] {
                return tables() == 2 && columns() == 3 && drive().table().columns[0]->cells->kind() != Kind::number;
            });
    }
};

LEDGEFALL_TEST(TestKeyboardJobs)
#include "test_keyboard_jobs.moc"
