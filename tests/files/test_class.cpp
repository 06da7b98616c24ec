// A class: handouts of every study that ships, submissions in a folder, and their marks.

#include "calc/calculator.h"
#include "core/engine/running/results.h"
#include "core/study/model/study_part.h"
#include "files/io/atomic_file.h"
#include "files/marking/mark_folder.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QDir>
#include <QDirIterator>
#include <QTemporaryDir>
#include <QtTest>

#include <map>

using namespace ledgefall;

namespace {

const std::string class_folder = DEMO_FOLDER "/class";

Study study_in(const std::string& path) {
    const Result<std::string> text = read_file(path);
    const Result<Study> study = text ? read_study(*text) : Result<Study>(text.refusal());
    if (!study) {
        qFatal("%s: %s", path.c_str(), study.refusal().text().c_str());
    }
    return *study;
}

std::vector<std::string> texts_of(const Study& study, const char* table, const char* column) {
    std::vector<std::string> texts;
    const ColumnDefinition& cells = *study.table_named(table)->column_named(column);
    for (std::size_t row = 0; row < cells.cells->size(); ++row) {
        texts.push_back(cells.cells->at(row).plain() ? cells.cells->at(row).text().str() : "");
    }
    return texts;
}

Study marked(const Study& key, const MarkRequest& request) {
    const Result<MarkedFolder> made = mark_folder(key, request);
    if (!made) {
        qFatal("%s", made.refusal().text().c_str());
    }
    return made->marks;
}

/// How it stands in a file.
std::string in_json(const std::string& text) {
    std::string out;
    for (const char letter : text) {
        out += letter == '"' || letter == '\\' ? std::string("\\") + letter : std::string(1, letter);
    }
    return out;
}

} // namespace

class TestClass : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    std::string path(const char* name) const { return folder_.filePath(QString::fromUtf8(name)).toStdString(); }

    MarkRequest request_for(const char* name) const {
        QDir(folder_.path()).mkpath(QString::fromUtf8(name));
        MarkRequest request;
        request.folder = path(name);
        return request;
    }

    void write(const std::string& file, const std::string& text) const { QVERIFY(write_file(file, text)); }

  private Q_SLOTS:
    void marks_are_those_that_were_made() {
        MarkRequest request;
        request.folder = class_folder + "/submissions";
        const Study marks = marked(study_in(class_folder + "/key.ledgefall"), request);
        std::map<std::string, std::string> found;
        const auto names = texts_of(marks, "Answers", "name");
        const auto items = texts_of(marks, "Answers", "item");
        const auto outcomes = texts_of(marks, "Answers", "outcome");
        const auto slips = texts_of(marks, "Answers", "slip");
        for (std::size_t row = 0; row < names.size(); ++row) {
            found[names[row] + "," + items[row]] = outcomes[row] + "," + (row < slips.size() ? slips[row] : "");
        }
        const std::string list = *read_file(class_folder + "/expected.csv");
        int lines = 0;
        for (const QString& line : QString::fromStdString(list).split(u'\n', Qt::SkipEmptyParts).mid(1)) {
            const QStringList parts = line.split(u',');
            const std::string got = found[(parts[0] + u',' + parts[1]).toStdString()];
            QVERIFY2(got == (parts[2] + u',' + parts[3]).toStdString(),
                     qPrintable(line + u' ' + QString::fromStdString(got)));
            ++lines;
        }
        QCOMPARE(lines, 240);
        QCOMPARE(names.size(), std::size_t{240});
    }

    /// Nothing in the bytes of a handout tells what is asked.
    void handouts_tell_nothing() {
        int made = 0;
        QDirIterator files(QStringLiteral(DEMO_FOLDER), {QStringLiteral("*.ledgefall")}, QDir::Files);
        while (files.hasNext()) {
            const std::string file = files.next().toStdString();
            const Study study = study_in(file);
            const ResultsPtr results = compute(study);
            for (const Id part : parts_to_ask(study)) {
                HandoutRequest request;
                request.asked.emplace_back().part = part;
                const Result<Study> handout = make_handout(study, request);
                if (!handout) { // another part says it
                    QVERIFY(handout.refusal().text().find("contains that of") != std::string::npos ||
                            handout.refusal().text().find("no class limits") != std::string::npos);
                    continue;
                }
                const std::string bytes = write_study(*handout);
                const StudyPart there = find_part(study, part);
                std::vector<std::string> secrets;
                if (there.held != nullptr) {
                    secrets.push_back(there.held->formula.text());
                    const Value value = results->single(part);
                    secrets.push_back(value.plain() && value.kind() == Kind::number ? shortest(value.number()) : "");
                } else if (there.foot_line != nullptr) {
                    for (const Id column : there.foot_line->columns) {
                        const Value value = results->foot(part, column);
                        secrets.push_back(value.plain() && value.kind() == Kind::number ? shortest(value.number())
                                                                                        : "");
                    }
                } else if (!there.is_axis) {
                    for (const Piece& piece : there.column->pieces) {
                        secrets.push_back(piece.formula.text());
                    }
                    for (std::size_t row = 0; row < 20 && there.column->computed(); ++row) {
                        const Value value = results->cell(part, row);
                        secrets.push_back(value.plain() && value.kind() == Kind::number ? shortest(value.number())
                                                                                        : "");
                    }
                }
                for (const std::string& secret : secrets) {
                    constexpr std::size_t telling = 7; // shorter ones stand in many places
                    QVERIFY2(secret.size() < telling || bytes.find(in_json(secret)) == std::string::npos,
                             (file + ": " + display_name(study, part) + ", " + secret).c_str());
                }
                ++made;
            }
        }
        QVERIFY2(made > 150, qPrintable(QString::number(made)));
    }

    void troubles_are_told_in_their_rows() {
        const Study key = study_in(class_folder + "/key.ledgefall");
        const MarkRequest request = request_for("troubles");
        const std::string good = *read_file(class_folder + "/submissions/Ash.ledgefall");
        write(request.folder + "/a.ledgefall", good);
        write(request.folder + "/b.ledgefall", good); // the same name again
        write(request.folder + "/c.ledgefall", good.substr(0, good.size() / 2));
        write(request.folder + "/d.ledgefall", *read_file(class_folder + "/key.ledgefall"));
        write(request.folder + "/e.txt", "no study at all");
        Study slow = study_in(class_folder + "/submissions/Ash.ledgefall");
        const Id pebbles = slow.table_named("Pebbles")->id;
        const std::string hostile = "m = sum(sum(sqrt(a * b) for b in 1..900000) for a in 1..900000)";
        write(request.folder + "/f.ledgefall", write_study(*hold(slow, pebbles, hostile)));
        HandoutRequest other;
        const Study frequency = study_in(DEMO_FOLDER "/frequency.ledgefall");
        other.asked.emplace_back().part = *part_to_ask(frequency, "Classes.f");
        write(request.folder + "/g.ledgefall", write_study(*make_handout(frequency, other)));
        MarkRequest quick = request;
        quick.seconds = 1;
        const Study marks = marked(key, quick);
        const auto files = texts_of(marks, "Submissions", "file");
        const auto remarks = texts_of(marks, "Submissions", "remark");
        const auto remark = [&](const char* file) {
            const auto at = static_cast<std::size_t>(std::find(files.begin(), files.end(), file) - files.begin());
            return at < remarks.size() ? remarks[at] : std::string();
        };
        QCOMPARE(remark("a.ledgefall"), std::string("Another submission has the name Ash too."));
        QCOMPARE(remark("b.ledgefall"), std::string("Another submission has the name Ash too."));
        QVERIFY(!remark("c.ledgefall").empty());
        QCOMPARE(remark("d.ledgefall"), std::string("This study is not a handout."));
        QVERIFY(!remark("e.txt").empty());
        QCOMPARE(remark("f.ledgefall"), std::string("It could not be marked within 1 seconds."));
        QCOMPARE(remark("g.ledgefall"), std::string("This is a handout of another study."));
        QCOMPARE(texts_of(marks, "Answers", "name").size(), std::size_t{20});
    }

    void what_cannot_be_marked_is_said_at_once() {
        const Study key = study_in(class_folder + "/key.ledgefall");
        const MarkRequest empty = request_for("empty");
        QCOMPARE(mark_folder(key, empty).refusal().text(), "There are no files in " + empty.folder + ".");
        MarkRequest gone;
        gone.folder = path("not there");
        QCOMPARE(mark_folder(key, gone).refusal().text(), "The folder " + gone.folder + " cannot be read.");
        const MarkRequest none = request_for("none");
        write(none.folder + "/x.ledgefall", *read_file(class_folder + "/key.ledgefall"));
        QCOMPARE(mark_folder(key, none).refusal().text(), "There is no handout of this study in " + none.folder + ".");
        MarkRequest many = request_for("troubles");
        many.most_files = 3;
        QCOMPARE(mark_folder(key, many).refusal().text(),
                 "There are more than 3 files in " + many.folder + ". Mark a smaller folder at a time.");
    }

    void feedback_shows_both_formulas() {
        MarkRequest request;
        request.folder = class_folder + "/submissions";
        request.feedback = request_for("feedback").folder;
        marked(study_in(class_folder + "/key.ledgefall"), request);
        const QStringList pages = QDir(QString::fromStdString(request.feedback)).entryList(QDir::Files);
        QCOMPARE(pages.size(), 24);
        std::string all;
        for (const QString& page : pages) {
            all += *read_file(request.feedback + "/" + page.toStdString());
        }
        QVERIFY(all.find("<math") != std::string::npos);
        QVERIFY(all.find("It divides by n where n − 1 belongs.") != std::string::npos);
        QVERIFY(all.find("Your working there") != std::string::npos);
    }

    /// As on the command line: a handout, filled in, marked; a changed point stays.
    void a_class_on_the_command_line() {
        using Do = Step::Do;
        const std::string study = DEMO_FOLDER "/frequency.ledgefall";
        const MarkRequest folder = request_for("handed in");
        const std::string handout = path("handout.ledgefall");
        QVERIFY(Calculator().run(study, {{Do::handout, handout},
                                         {Do::ask, "Classes.mid"},
                                         {Do::points, "2"},
                                         {Do::ask, "Classes.class"},
                                         {Do::ask, "Classes.grouped_median"},
                                         {Do::question, "Where is the middle?"}}));
        const Study made = study_in(handout);
        QCOMPARE(made.handout->asked.size(), std::size_t{3});
        QCOMPARE(made.handout->asked[0].points, 2.0);
        QCOMPARE(made.handout->asked[2].question, std::string("Where is the middle?"));
        QVERIFY(Calculator().run(handout, {{Do::in, "Classes"},
                                           {Do::column, "mid = lower + (upper - lower) / 2"},
                                           {Do::hold, "grouped_median = 50"},
                                           {Do::save, folder.folder + "/Dace.ledgefall"}}));
        const std::string marks = path("marks.ledgefall");
        QVERIFY(Calculator().run(study, {{Do::mark, folder.folder}, {Do::save, marks}}));
        const Study first = study_in(marks);
        QCOMPARE(texts_of(first, "Answers", "outcome")[0], std::string("carried")); // on classes of its own
        QCOMPARE(texts_of(first, "Answers", "outcome")[1], std::string("missing"));
        const Result<std::string> refused = Calculator().run(study, {{Do::handout, handout}});
        QVERIFY(!refused && refused.refusal().text().find("Nothing is asked") == 0);
        QVERIFY(!Calculator().run(study, {{Do::points, "1"}}));
        QVERIFY(!Calculator().run(study, {{Do::names, handout}, {Do::ask, "Classes.mid"}}));
    }
};

LEDGEFALL_TEST(TestClass)
#include "test_class.moc"
