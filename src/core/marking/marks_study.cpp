#include "core/marking/marks_study.h"

#include "core/formula/text_literal.h"
#include "core/study/builders/frequency.h"
#include "core/study/builders/table_maker.h"
#include "core/study/edits/edit_grid.h"

#include <algorithm>
#include <map>

namespace ledgefall {
namespace {

constexpr const char* answers_name = "Answers";
constexpr const char* submissions_name = "Submissions";
constexpr const char* folder_name = "folder";
constexpr const char* key_name = "key";

Value text_value(const std::string& text) {
    return text.empty() ? Value::missing(Kind::text) : Value::text(Text(text));
}

/// A given column of a table of marks: how it is called, and its cells.
struct Given {
    Sentence label;
    std::string name;
    Kind kind = Kind::text;
    std::vector<Value> cells = {};
};

std::vector<Given> given_of(const std::vector<ItemMark>& marks) {
    std::vector<Given> all = {{{N_("Name")}, "name"},
                              {{N_("Item")}, "item"},
                              {{N_("Outcome")}, "outcome"},
                              {{N_("Slip")}, "slip"},
                              {{N_("Of")}, "of", Kind::number},
                              {{N_("Answer")}, "answer"},
                              {{N_("Feedback")}, "feedback"},
                              {{N_("Row")}, "row_of", Kind::number},
                              {{N_("File")}, "file"}};
    for (const ItemMark& mark : marks) {
        const Value row = mark.row ? Value::number(static_cast<double>(*mark.row + 1)) : Value::missing();
        const Value cells[] = {text_value(mark.name),
                               text_value(mark.item),
                               text_value(std::string(outcome_name(mark.outcome))),
                               text_value(mark.slip),
                               Value::number(mark.points),
                               text_value(mark.answer),
                               text_value(mark.feedback),
                               row,
                               text_value(mark.file)};
        for (std::size_t at = 0; at < all.size(); ++at) {
            all[at].cells.push_back(cells[at]);
        }
    }
    return all;
}

std::vector<Given> given_of(const std::vector<SubmissionRemark>& remarks) {
    std::vector<Given> all = {{{N_("File")}, "file"}, {{N_("Name")}, "name"}, {{N_("Remark")}, "remark"}};
    for (const SubmissionRemark& remark : remarks) {
        all[0].cells.push_back(text_value(remark.file));
        all[1].cells.push_back(text_value(remark.name));
        all[2].cells.push_back(text_value(remark.remark));
    }
    return all;
}

Result<Study> with_given_table(const Study& study, const Sentence& title, const char* name,
                               const std::vector<Given>& given, Id* table) {
    Result<Study> next = add_table(study, worded(title), table);
    next = next ? rename_table(*next, *table, name) : next;
    std::vector<NewColumn> columns;
    columns.reserve(given.size());
    for (const Given& one : given) {
        columns.push_back({worded(one.label), one.name, "", Column::of(one.kind, one.cells)});
    }
    return next ? add_columns(*next, *table, columns) : next;
}

/// The marks put into the rows of an earlier study of marks.
class Remarking {
  public:
    explicit Remarking(const Study& before)
        : study_(before) {}

    Result<Study> with(std::vector<ItemMark> marks, const std::vector<SubmissionRemark>& remarks) {
        const Table* answers = study_->table_named(answers_name);
        std::map<std::pair<std::string, std::string>, std::size_t> place; // in the new marks
        for (std::size_t at = 0; at < marks.size(); ++at) {
            place.emplace(std::pair(marks[at].name, marks[at].item), at);
        }
        const Column& names = *answers->column_named("name")->cells;
        const Column& items = *answers->column_named("item")->cells;
        std::vector<ItemMark> ordered;
        std::vector<bool> taken(marks.size(), false);
        const std::size_t rows = std::max(names.size(), items.size());
        std::vector<std::size_t> gone;
        for (std::size_t row = 0; row < rows; ++row) {
            const auto text = [row](const Column& cells) {
                return cells.at(row).plain() ? cells.at(row).text().str() : std::string();
            };
            const auto there = place.find({text(names), text(items)});
            if (there == place.end() || taken[there->second]) {
                gone.push_back(row);
                continue;
            }
            taken[there->second] = true;
            ordered.push_back(marks[there->second]);
        }
        for (std::size_t at = 0; at < marks.size(); ++at) {
            if (!taken[at]) {
                ordered.push_back(marks[at]);
            }
        }
        const Id table = answers->id;
        for (auto row = gone.rbegin(); row != gone.rend() && study_; ++row) {
            study_ = remove_rows(*std::move(study_), table, *row, 1);
        }
        fill(table, given_of(ordered));
        if (const Table* submissions = study_ ? study_->table_named(submissions_name) : nullptr) {
            const Id list = submissions->id;
            const std::size_t old = submissions->ids() == nullptr ? 0 : submissions->ids()->size();
            const std::size_t extra = old > remarks.size() ? old - remarks.size() : 0;
            study_ = extra > 0 ? remove_rows(*std::move(study_), list, remarks.size(), extra) : study_;
            fill(list, given_of(remarks));
        }
        return study_;
    }

    static bool fits(const Study& before) {
        const Table* answers = before.table_named(answers_name);
        if (answers == nullptr || answers->ids() == nullptr) {
            return false;
        }
        const std::vector<Given> wanted = given_of(std::vector<ItemMark>());
        return std::all_of(wanted.begin(), wanted.end(), [answers](const Given& one) {
            const ColumnDefinition* column = answers->column_named(one.name);
            return column != nullptr && !column->computed();
        });
    }

  private:
    void fill(Id table, const std::vector<Given>& given) {
        for (const Given& one : given) {
            const ColumnDefinition* column = study_ ? study_->table(table)->column_named(one.name) : nullptr;
            if (column != nullptr && !column->computed()) {
                study_ = set_cells(*std::move(study_), column->id, 0, one.cells);
            }
        }
    }

    Result<Study> study_;
};

Result<Study> with_places(Result<Study> study, const MarksHead& head) {
    const Table* list = study ? study->table_named(submissions_name) : nullptr;
    const Id table = list == nullptr ? Id() : list->id;
    for (const auto& [name, text] : {std::pair(folder_name, &head.folder), std::pair(key_name, &head.key_file)}) {
        if (study && list != nullptr && !text->empty()) {
            study = hold(*study, table, std::string(name) + " = " + text_literal(*text));
        }
    }
    return study;
}

/// The tables that follow from the answers.
Result<Study> with_overviews(const Study& study) {
    const Table& answers = *study.table_named(answers_name);
    const Id names = answers.column_named("name")->id;
    Id grid;
    Result<Study> next = add_two_way_table(study, worded({N_("Points by student and item")}),
                                           {worded({N_("Student")}), "student", "", "Answers.name"},
                                           {worded({N_("Item")}), "item", "", "Answers.item"}, &grid);
    if (!next) {
        return next;
    }
    TableMaker points(*next, grid);
    points.column({N_("Points")},
                  "points_of = pick(Answers.points where Answers.name = student and Answers.item = item)");
    points.foot({N_("mean")}, "mean(each)", {"points_of"});

    Id table;
    next = points.study();
    next = next ? add_table(*next, worded({N_("Totals")}), &table) : next;
    Categories students;
    students.of = names;
    next = next ? category_rows(*next, table, "student", students) : next;
    if (!next) {
        return next;
    }
    TableMaker totals(*next, table);
    const std::string own = " where Answers.name = student)";
    totals.column({N_("Points")}, "total = sum(Answers.points" + own);
    totals.column({N_("Of")}, "of = sum(Answers.of" + own);
    totals.column({N_("Per cent")}, "percent = if of > 0 then 100 * total / of else missing",
                  {Format::Style::decimals, 1});
    totals.foot({N_("mean")}, "mean(each)", {"total", "percent"});
    totals.foot({N_("sd")}, "sd(each)", {"total", "percent"});
    next = totals.study();
    if (!next) {
        return next;
    }
    const Id percent = next->table(table)->column_named("percent")->id;
    Classes tens;
    for (int limit = -10; limit <= 100; limit += 10) { // of the first, 0 is in it
        tens.boundaries.push_back(limit);
    }
    tens.closed_left = false;
    FrequencyParts parts;
    parts.middle = parts.measures = false;
    Id distribution;
    next = frequency_table(*next, percent, tens, parts, &distribution);
    if (!next) {
        return next;
    }
    Chart chart;
    chart.label = worded({N_("Distribution of per cent")});
    chart.table = distribution;
    Series bars;
    bars.form = SeriesForm::bars;
    bars.x = (*next->table(distribution)->axis.column)->id;
    bars.y = next->table(distribution)->column_named("f")->id;
    chart.series = {bars};
    next = add_chart(*next, chart);
    if (!next) {
        return next;
    }
    next = add_two_way_table(*next, worded({N_("Slips by item")}), {worded({N_("Slip")}), "slip", "", "Answers.slip"},
                             {worded({N_("Item")}), "item", "", "Answers.item"}, &table);
    if (!next) {
        return next;
    }
    TableMaker found(*next, table);
    found.column({N_("Count")}, "n = count(Answers.slip = slip and Answers.item = item)");
    found.foot({N_("sum")}, "sum(each)", {"n"});
    return found.study();
}

std::string held_text(const Table& table, const char* name) {
    for (const auto& held : table.ledge) {
        if (held->name == name && held->value.plain() && held->value.kind() == Kind::text) {
            return held->value.text().str();
        }
    }
    return {};
}

} // namespace

std::optional<MarkPlace> place_of_mark(const Study& marks, Id table, std::size_t row) {
    const Table* answers = marks.table(table);
    const Table* list = marks.table_named(submissions_name);
    if (answers == nullptr || answers->name != answers_name || list == nullptr) {
        return std::nullopt;
    }
    const auto text = [&](const char* column) {
        const ColumnDefinition* named = answers->column_named(column);
        const Value value = named == nullptr ? Value::missing() : named->cells->at(row);
        return value.plain() && value.kind() == Kind::text ? value.text().str() : std::string();
    };
    MarkPlace place{held_text(*list, folder_name) + "/" + text("file"), held_text(*list, key_name), text("item")};
    return text("file").empty() || place.item.empty() ? std::nullopt : std::optional(place);
}

std::string feedback_on(const Judgement& judgement) {
    switch (judgement.outcome) {
    case MarkOutcome::right:
        return worded({N_("Right.")});
    case MarkOutcome::carried:
        return worded({N_("Right: the formula is right, and goes on from your own earlier result.")});
    case MarkOutcome::values:
        return judgement.slip != nullptr
                   ? worded({N_("The numbers are right here, but they do not follow the data: %1"),
                             {worded({judgement.slip->feedback})}})
                   : worded({N_("The numbers are right here, but they do not follow the data.")});
    case MarkOutcome::slip:
        return judgement.slip == nullptr ? "" : worded({judgement.slip->feedback});
    case MarkOutcome::different:
        return judgement.row ? worded({N_("The result differs from what was asked, first in row %1."),
                                       {std::to_string(*judgement.row + 1)}})
                             : worded({N_("The result differs from what was asked.")});
    case MarkOutcome::missing:
        return worded({N_("Nothing is filled in.")});
    case MarkOutcome::error:
        return worded({N_("It cannot be computed. %1"), {worded(judgement.why)}});
    }
    return {};
}

Result<Study> marks_study(const MarksHead& head, const std::vector<ItemMark>& marks,
                          const std::vector<SubmissionRemark>& remarks, const Study* before) {
    if (before != nullptr && Remarking::fits(*before)) {
        return with_places(Remarking(*before).with(marks, remarks), head);
    }
    Study study;
    study.title = head.title;
    Id answers;
    Result<Study> next = with_given_table(study, {N_("Answers")}, answers_name, given_of(marks), &answers);
    if (!next) {
        return next;
    }
    TableMaker maker(*next, answers);
    maker.column({N_("Points")}, "points = if outcome in (\"right\", \"carried\") then of else 0");
    next = maker.study();
    const Id points = next ? next->table(answers)->column_named("points")->id : Id();
    next = next ? move_column(*next, points, 4) : next; // beside what it is made of
    Id list;
    next = next ? with_given_table(*next, {N_("Submissions")}, submissions_name, given_of(remarks), &list) : next;
    next = with_places(next, head);
    return !next || marks.empty() ? next : with_overviews(*next);
}

} // namespace ledgefall
