#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/model/scope.h"
#include "core/study/row_sources/category_rows.h"
#include "core/study/row_sources/class_rows.h"

namespace ledgefall {

// Every change of a study is one of these: it takes a study and gives the changed one, or the sentence that says why
// not. None of them changes what a formula means: where a name that comes or changes would capture one in use, the
// formula is rewritten to say the same.
//
// Parts are given by their ids; each edit refuses an id that is not in the study. Rows are counted from 0. Where a name
// is given, it is refused if it is no name of the formula language, is one of its words, or is taken where it would
// stand. A pointer such as `added` receives the id of what was added, and may be null.

/// What to do with a part that formulas use: refuse, with a sentence that names the users, or leave them in error.
enum class IfUsed { refuse, remove_anyway };

/// What names in the other formulas mean once something is added: what they meant before, or whatever now has the name.
/// An edit that adds several parts adds each `as_written` and calls `keeping_meaning` once at the end.
enum class Meanings : std::uint8_t { kept, as_written };

// --- tables ---------------------------------------------------------------------------------------------------------
/// An empty table of typed rows; its name is made from the title, with a number where that is taken.
Result<Study> add_table(Study study, const std::string& label, Id* added = nullptr);
/// Another name in formulas, which are rewritten.
Result<Study> rename_table(const Study& study, Id table, const std::string& name);
/// The title and the note that people read.
Result<Study> label_table(Study study, Id table, const std::string& label, const std::string& note);
/// A title as it is typed over a table; the name in formulas follows it where it was made from the title before.
Result<Study> retitle_table(const Study& study, Id table, const std::string& title);
/// Whether the rows of a table with one axis run to the right when it is shown; no value changes by it. A two-way table
/// is refused: its axes are swapped instead.
Result<Study> lay_across(const Study& study, Id table, bool across);
Result<Study> remove_table(const Study& study, Id table, IfUsed if_used = IfUsed::refuse);
/// Rows from 1 to a number, or to a formula of held values, in place of the rows that there are; refused where the
/// formula cannot be read. What it comes to is found when it is computed: up to 20,000,000 rows.
Result<Study> count_rows(Study study, Id table, const std::string& count);
/// A counted table stops at the first row for which the condition is yes; an empty one lets it run to its end. Refused
/// for other tables.
Result<Study> stop_rows(Study study, Id table, const std::string& until);
/// Rows made from classes, which formulas use by `name`; from 2 to 100,000 rising, finite boundaries.
Result<Study> class_rows(Study study, Id table, const std::string& name, const Classes& classes);
/// Other classes for a table that has some; all formulas and charts of them stay. Refused for other tables.
Result<Study> reclass(Study study, Id table, const Classes& classes);
/// Rows made from the categories of a column, which formulas use by `name`; refused for a column of the same table.
Result<Study> category_rows(Study study, Id table, const std::string& name, const Categories& categories);
Result<Study> move_table(Study study, Id table, std::size_t to); ///< to another place among the tables
/// Other settings; refused where one of them is not possible.
Result<Study> set_settings(Study study, const Settings& settings);
/// One of them by its name, as `quantile_type = 6`; `as_of =` is the day on which the study is computed.
Result<Study> set_setting(Study study, const std::string& text);
/// Another seed, so that everything that is drawn is drawn again.
Study draw_again(Study study);

// --- columns --------------------------------------------------------------------------------------------------------
struct NewColumn {
    std::string label;
    std::string name; ///< from the label where empty
    std::string unit;
    Column cells;
    InternedObjectsPtr interned = nullptr; ///< by its cells, where they were read from a file
};
Result<Study> add_columns(Study study, Id table, const std::vector<NewColumn>& columns,
                          std::vector<Id>* added = nullptr);
/// `definition` is `name [unit] = formula`. A column of that name gets the formula; else a new one is added.
Result<Study> write_column(const Study& study, Id table, const std::string& definition, Id* written = nullptr,
                           Meanings meanings = Meanings::kept);
/// One definition in `each` for several columns: `share = each / sum(each)` over riffle and pool gives share_riffle and
/// share_pool, each with its own formula. Columns of those names get the formulas.
Result<Study> write_for_each(const Study& study, Id table, const std::string& definition,
                             const std::vector<Id>& columns, std::vector<Id>* written = nullptr);
/// A formula in `each` with that word replaced by a column's name, as it is to be written.
std::string for_column(const Formula& each, const std::string& name);
/// Gives an existing column a formula; where the definition names it otherwise, it is renamed as well.
Result<Study> rewrite_column(const Study& study, Id column, const std::string& definition);
/// Another name in formulas, which are rewritten.
Result<Study> rename_column(const Study& study, Id column, const std::string& name);
/// What people read in a column's heading.
struct Heading {
    std::string label, unit, note;
};
Result<Study> head_column(Study study, Id column, const Heading& heading);
Result<Study> format_column(Study study, Id column, const Format& format); ///< how its values are shown
Result<Study> resize_column(Study study, Id column, int width);            ///< pixels at a zoom of one; 0 fits it
/// Cells are read anew from what they show, as they are spelled.
Result<Study> set_kind(Study study, Id column, Kind kind, const Spelling& spelling = {});
Result<Study> remove_column(const Study& study, Id column, IfUsed if_used = IfUsed::refuse);
/// To another place in its table. Refused where a formula takes the columns between two others, and would take others.
Result<Study> move_column(const Study& study, Id column, std::size_t to);
/// A copy with the same cells or formula, under a name of its own, to the right of it.
Result<Study> duplicate_column(const Study& study, Id column, Id* added = nullptr);
/// An empty given column before the one at `at`.
Result<Study> insert_column(const Study& study, Id table, std::size_t at, Id* added = nullptr);
Result<Study> hide_column(Study study, Id column, bool hidden);
/// The rows (both included) that the column's formula covers; none: all of them. A reach to the last row takes in those
/// that come after it. Refused for a column without a formula and for rows that there are not; of several formulas the
/// first stays.
Result<Study> narrow_reach(Study study, Id column, std::optional<std::pair<std::size_t, std::size_t>> rows);

// --- groups ---------------------------------------------------------------------------------------------------------
/// A heading over columns that stand side by side; its name stands for them in a measure.
Result<Study> group_columns(const Study& study, Id table, const std::string& label, const std::vector<Id>& columns,
                            Id* added = nullptr);
Result<Study> rename_group(const Study& study, Id group, const std::string& name);
Result<Study> ungroup(const Study& study, Id group, IfUsed if_used = IfUsed::refuse);

// --- cells and rows -------------------------------------------------------------------------------------------------
/// How the texts of a block are read: those of each column by its own spelling, or all by one.
struct BlockReading {
    std::vector<Spelling> spellings = {Spelling()};
    StopToken stop = {};

    BlockReading() = default;
    BlockReading(const Spelling& spelling)
        : spellings{spelling} {}
    BlockReading(std::vector<Spelling> of_columns, StopToken asked)
        : spellings(std::move(of_columns))
        , stop(std::move(asked)) {}
    const Spelling& of(std::size_t column) const { return spellings[std::min(column, spellings.size() - 1)]; }
};

/// Texts as typed or pasted, from `row` down and from `column` on to the right. Given cells take them; in a computed
/// column each becomes an override, and a blank gives the cell back. Rows and given columns are added as they are
/// needed.
Result<Study> type_block(const Study& study, Id table, std::size_t row, std::size_t column,
                         const std::vector<std::vector<std::string>>& block, const BlockReading& reading = {});
/// Empties every typed cell of every table, and takes back what was typed over formulas: rows, headings, formulas, held
/// values and charts stay; kept runs go.
Study empty_for_own_data(Study study);
/// Reads a column's dates the other way: what stood for the month is the day. Days that have no such month stay.
Result<Study> swap_days_and_months(Study study, Id column);
/// The formula's value again in place of what was typed over it: in one row, or in all.
Result<Study> give_back(Study study, Id column, std::optional<std::size_t> row);
/// A study in which texts at the top of new columns have become their headings, and the columns of which they are.
struct HeadedColumns {
    Study study;
    std::vector<Id> columns;
    bool whole_row = false; ///< the first row was nothing but headings, and has gone
};
/// Texts at the top of columns that have no heading yet become theirs once a number, a date or an answer is typed (or
/// pasted) under one of them, at `row` (from 0) and `column`: what was typed then belongs one row higher. Nothing where
/// what stands there is no such text.
std::optional<HeadedColumns> with_typed_headings(const Study& study, Id table, std::size_t row, std::size_t column,
                                                 const std::vector<std::vector<std::string>>& block);
/// Takes that back: the headings stand as texts at the top of their columns again.
Result<Study> headings_as_values(Study study, Id table, const HeadedColumns& headed);
/// A heading as it is typed over a column: a label, with a unit in brackets where there is one. A column that has only
/// its name so far is renamed where the text is a name; one that was never named is named after its label.
Result<Study> relabel_column(Study study, Id column, const std::string& typed);
/// "Length [mm]" or "Length (mm)" is a label and a unit.
void split_unit(const std::string& text, std::string& label, std::string& unit);

/// Values in a given column from `row` down; rows are added as they are needed, up to 20,000,000. Refused for a
/// computed column.
Result<Study> set_cells(Study study, Id column, std::size_t row, const std::vector<Value>& values);
/// Empty rows before `row`; like the next three only of typed rows, and refused beyond 20,000,000 of them.
Result<Study> insert_rows(Study study, Id table, std::size_t row, std::size_t count);
/// Overrides go with their rows; the reach of a formula whose end is removed ends at the nearest row in it that stays.
Result<Study> remove_rows(Study study, Id table, std::size_t row, std::size_t count);

/// Moves `count` rows so that they begin at `to` (of the rows as they then stand). Overrides and reaches follow them.
Result<Study> move_rows(Study study, Id table, std::size_t row, std::size_t count, std::size_t to);
/// Sorts typed rows by keys, one for each row, rising or falling: missing ones, faults and texts that are no numbers
/// last, equal ones in the order in which they stood. Overrides and reaches follow their rows; refused where a reach
/// would come to stand in more than 10,000 places.
Result<Study> sort_rows(Study study, Id table, const Column& keys, bool falling, const StopToken& stop = {});

// --- held values ----------------------------------------------------------------------------------------------------
/// `definition` is `n = 12` (given) or `q = 1 - p` (computed), with a unit where one is written. On the study's ledge
/// where `table` is empty. A held value of that name there is changed.
Result<Study> hold(const Study& study, Id table, const std::string& definition, Id* held = nullptr,
                   Meanings meanings = Meanings::kept);
/// Changes an existing held value: its name, unit, and what it holds.
/// Whether a definition for the ledge can be read only on the table's own: it uses names that mean something there
/// alone.
bool belongs_to_table(const Study& study, Id table, const std::string& definition);
Result<Study> rehold(const Study& study, Id held, const std::string& definition);
Result<Study> note_held(Study study, Id held, const std::string& note);
Result<Study> format_held(Study study, Id held, const Format& format);
Result<Study> give_held(Study study, Id held, const Value& value); ///< another value for a given one
struct HeldDetails {
    std::string unit, note, group;
    std::optional<Slider> slider;
    Choices choices;
};
Result<Study> detail_held(Study study, Id held, const HeldDetails& details);
Result<Study> move_held(Study study, Id held, std::size_t to); ///< to another place on its ledge
/// Onto the ledge of a table, or (where `table` is empty) the study's.
Result<Study> shelve_held(const Study& study, Id held, Id table);
/// The values that a held value can be chosen from, each once, in the order in which they occur.
std::vector<Value> choices_of(const Study& study, const HeldValue& held);
Result<Study> remove_held(const Study& study, Id held, IfUsed if_used = IfUsed::refuse);

// --- feet -----------------------------------------------------------------------------------------------------------
/// A line `formula` in `each`, such as `sum(each)`, under the chosen columns.
Result<Study> add_foot_line(Study study, Id table, const std::string& label, const std::string& formula,
                            const std::vector<Id>& columns, Id* added = nullptr);
/// From `total = sum(each)`, where `total` becomes the label, by which the table's other foot lines can use it; or from
/// a formula alone, which is its own label.
Result<Study> define_foot_line(Study study, Id table, const std::string& text, const std::vector<Id>& columns,
                               Id* added = nullptr);
/// The same of a line that is there; the lines that use it follow its name.
Result<Study> redefine_foot_line(Study study, Id line, const std::string& text);
Result<Study> set_foot_columns(Study study, Id line, const std::vector<Id>& columns);
Result<Study> rewrite_foot_line(Study study, Id line, const std::string& label, const std::string& formula);
Result<Study> format_foot_line(Study study, Id line, const Format& format);
Result<Study> remove_foot_line(Study study, Id line);

// --- checks ---------------------------------------------------------------------------------------------------------
struct CheckText {
    std::string label, condition, message;
};
/// A condition on watch, of a table's names, or (where `table` is empty) of the ledge's.
Result<Study> add_check(Study study, Id table, const CheckText& text, Id* added = nullptr);
Result<Study> rewrite_check(Study study, Id check, const CheckText& text);
Result<Study> remove_check(Study study, Id check);

// --- charts ---------------------------------------------------------------------------------------------------------
Result<Study> add_chart(Study study, Chart chart, Id* added = nullptr);
Result<Study> rewrite_chart(Study study, const Chart& chart); ///< the chart of its id becomes this one
Result<Study> remove_chart(Study study, Id chart);
/// Charts without the series whose columns have been removed.
Study without_lost_series(Study study);

// --- what they share ------------------------------------------------------------------------------------------------
/// What uses the column, held value or table, each once, not counting itself.
struct User {
    Id id;
    std::string display_name; ///< in sentences
};
std::vector<User> parts_using(const Study& study, Id id);
std::vector<std::string> users_of(const Study& study, Id id); ///< as they are called

/// The shortest way to write `id` in a formula of `own`: its name, or with its table or `ledge` before it.
std::string shortest_name(const Study& study, const Table* own, Id id);

/// `after` with its formulas rewritten so that each name means what it meant in `before`.
Study keeping_meaning(const Study& before, const Study& after);

/// A sentence where `name` cannot be the name of something new there; `itself` may already have it.
std::optional<Sentence> name_refused(const Study& study, const Table* table, const std::string& name, Id itself = {});

} // namespace ledgefall
