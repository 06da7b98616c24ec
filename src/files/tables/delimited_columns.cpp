// Columns from the records of a delimited text.

#include "core/formula/names.h"
#include "core/parallel/parallel.h"
#include "core/value/date.h"
#include "files/tables/delimited.h"
#include "files/tables/dialect_guesses.h"
#include "files/tables/kind_count.h"

#include <algorithm>
#include <atomic>
#include <charconv>
#include <unordered_map>
#include <unordered_set>

namespace ledgefall {
namespace {

bool digit(char c) {
    return c >= '0' && c <= '9';
}

/// A number as most are written: digits, with a sign, a decimal sign or an exponent. What it does not read, the slower
/// reading of a cell may.
bool quick_number(std::string_view field, char decimal, double& out) {
    constexpr std::size_t longest = 17; // with a sign and a point: 15 digits are kept by every number
    const char* from = field.data();
    const char* const to = from + field.size();
    const std::size_t sign = field.starts_with('-') ? 1 : 0;
    if (field.size() <= sign || field.size() > longest || !digit(from[sign]) || !digit(to[-1]) ||
        (from[sign] == '0' && field.size() > sign + 1 && digit(from[sign + 1]))) {
        return false;
    }
    char copy[longest];
    if (decimal != '.') {
        for (std::size_t at = 0; at < field.size(); ++at) {
            if (from[at] == '.') {
                return false;
            }
            copy[at] = from[at] == decimal ? '.' : from[at];
        }
        const auto [end, error] = std::from_chars(copy, copy + field.size(), out);
        return error == std::errc() && end == copy + field.size();
    }
    const auto [end, error] = std::from_chars(from, to, out);
    return error == std::errc() && end == to;
}

/// A text that has been read before; most columns have few different ones beside plain numbers.
struct KnownText {
    double slot = 0;
    State state = State::plain;
    std::size_t count = 0;
    std::size_t first_row = 0;
};

/// One thread's part of reading a column: what it has met.
struct Met {
    std::unordered_map<std::string_view, KnownText> texts;
    std::pair<std::string_view, KnownText*> last[6]; ///< the few that were met lately
    std::size_t quick_numbers = 0, quick_dates = 0;
    InternedObjectsPtr interned;
};

/// The cells of one column, and what is to be said of them.
struct ReadCells {
    Column cells;
    InternedObjectsPtr interned;
    std::size_t inexact_wholes = 0; ///< whole numbers that no double is
    std::size_t moved_days = 0;     ///< times whose offset from Greenwich moves them to another day
    std::string first_moved;
};

class CellsReader {
  public:
    CellsReader(const TextRecords& records, std::size_t column, const ColumnReading& reading, const StopToken& stop)
        : records_(records)
        , column_(column)
        , reading_(reading)
        , stop_(stop) {}

    /// Where no kind is chosen and most cells turn out to be of another than the first ones, they are read again.
    ReadCells read(bool kind_chosen) {
        ReadCells out;
        for (bool settled = false; !settled;) {
            const std::vector<Met> met = read_blocks(out.cells);
            KindCount count;
            for (const Met& one : met) {
                count.add(KindCount{one.quick_numbers + one.quick_dates, one.quick_numbers, one.quick_dates, 0, false});
                for (const auto& [text, known] : one.texts) {
                    count.add(text, reading_.spelling, known.count);
                }
            }
            settled = kind_chosen || count.settled() == reading_.kind;
            reading_.kind = settled ? reading_.kind : count.settled();
            kind_chosen = true;
            if (settled) {
                finish(met, out);
            }
        }
        return out;
    }

  private:
    std::vector<Met> read_blocks(Column& cells) {
        cells = Column(reading_.kind);
        cells.prepare(records_.size());
        const std::size_t blocks = cells.chunk_count();
        std::vector<Met> met(std::clamp<std::size_t>(blocks, 1, parallel_width()));
        std::atomic<std::size_t> next = 0;
        parallel_for(met.size(), [&](std::size_t thread) {
            const InternScope scope;
            for (std::size_t block = next++; block < blocks && !stop_.stop_requested(); block = next++) {
                read_block(met[thread], block * Column::chunk_rows, cells.own_chunk(block));
            }
            met[thread].interned = scope.objects();
        });
        stop_.throw_if_stopped();
        return met;
    }

    void read_block(Met& met, std::size_t first_row, Column::Chunk& chunk) {
        const char decimal = reading_.spelling.decimal;
        for (std::size_t in = 0; in < chunk.slots.size(); ++in) {
            const std::string_view field = records_.at(first_row + in, column_);
            double& slot = chunk.slots[in];
            State state = State::plain;
            if (reading_.kind == Kind::number && quick_number(field, decimal, slot)) {
                ++met.quick_numbers;
            } else if (const auto date =
                           reading_.kind == Kind::date && field.size() == 10 ? read_date(field) : std::nullopt) {
                slot = *date;
                ++met.quick_dates;
            } else {
                const KnownText& known = look_up(met, field, first_row + in);
                slot = known.slot;
                state = known.state;
            }
            if (state != State::plain && chunk.states.empty()) {
                chunk.states.assign(chunk.slots.size(), State::plain);
            }
            if (!chunk.states.empty()) {
                chunk.states[in] = state;
            }
        }
    }

    const KnownText& look_up(Met& met, std::string_view field, std::size_t row) {
        for (auto& [text, known] : met.last) {
            if (known != nullptr && text == field) {
                ++known->count;
                return *known;
            }
        }
        const auto [place, added] = met.texts.try_emplace(field);
        KnownText& known = place->second;
        if (added) {
            const Value value = read_cell(unguarded(field), reading_.kind, reading_.spelling);
            known = {value.slot(), value.state(), 0, row};
        }
        ++known.count;
        met.last[(met.texts.size() + known.count) % std::size(met.last)] = {field, &known};
        return known;
    }

    /// Texts are held by the column from now on.
    void finish(const std::vector<Met>& met, ReadCells& out) const {
        const InternScope scope;
        std::size_t first = records_.size();
        for (const Met& one : met) {
            for (const auto& [text, known] : one.texts) {
                if (known.state == State::unparsed || (known.state == State::plain && reading_.kind == Kind::text)) {
                    static_cast<void>(Text(Value::text_of(known.slot).str()));
                }
                out.inexact_wholes += is_inexact_whole(text) ? known.count : 0;
                if (reading_.kind == Kind::date && offset_changes_day(text)) {
                    out.moved_days += known.count;
                    first = std::min(first, known.first_row);
                }
            }
        }
        out.interned = scope.objects();
        out.first_moved = first < records_.size() ? std::string(records_.at(first, column_)) : "";
    }

    const TextRecords& records_;
    std::size_t column_;
    ColumnReading reading_;
    const StopToken& stop_;
};

/// Names that are each given once: `x`, `x_2`, `x_3`, …; each in constant time, however often one is wanted.
class FreeNames {
  public:
    std::string take(const std::string& wanted) {
        std::string name = wanted;
        for (std::size_t& number = next_[wanted]; !taken_.insert(name).second;) {
            number = std::max<std::size_t>(number + 1, 2);
            name = wanted + "_" + std::to_string(number);
        }
        return name;
    }

  private:
    std::unordered_set<std::string> taken_;
    std::unordered_map<std::string, std::size_t> next_;
};

/// What is said of whole numbers that no double is, which depends on the kind of their column.
void report_inexact_wholes(const std::vector<NewColumn>& columns, const std::vector<ReadCells>& read,
                           std::vector<Sentence>& reports) {
    std::size_t as_texts = 0;
    const std::size_t first = reports.size();
    for (std::size_t at = 0; at < columns.size(); ++at) {
        const std::size_t count = read[at].inexact_wholes;
        if (columns[at].cells.kind() != Kind::number) {
            as_texts += count;
        } else if (count > 0) {
            reports.push_back({N_("Whole numbers of %1 with more digits than a number can hold: %2. Their last digits "
                                  "were lost. Read as text, the column keeps them."),
                               {columns[at].name, std::to_string(count)}});
        }
    }
    if (as_texts > 0) {
        reports.insert(reports.begin() + static_cast<std::ptrdiff_t>(first),
                       {N_("Whole numbers with more digits than a number can hold: %1. Their columns were read as "
                           "text, to keep every digit."),
                        {std::to_string(as_texts)}});
    }
}

} // namespace

void KindCount::add(std::string_view field, const Spelling& spelling, std::size_t times) {
    if (field.find_first_not_of(" \t") == std::string_view::npos) {
        return;
    }
    filled += times;
    loses_digits = loses_digits || ledgefall::loses_digits(field);
    const Kind kind = kind_of_typed(field, spelling);
    numbers += kind == Kind::number ? times : 0;
    dates += kind == Kind::date ? times : 0;
    answers += kind == Kind::yes_no ? times : 0;
}

void KindCount::add(const KindCount& other) {
    filled += other.filled;
    numbers += other.numbers;
    dates += other.dates;
    answers += other.answers;
    loses_digits = loses_digits || other.loses_digits;
}

Kind KindCount::settled() const {
    return loses_digits                          ? Kind::text
           : filled == 0 || 2 * numbers > filled ? Kind::number
           : 2 * dates > filled                  ? Kind::date
           : 2 * answers > filled                ? Kind::yes_no
                                                 : Kind::text;
}

LabelledColumns labelled_columns(const Delimited& text, const std::vector<ColumnChoice>& choices,
                                 const StopToken& stop) {
    LabelledColumns out;
    std::vector<ReadCells> read;
    FreeNames names;
    const std::size_t width = text.width();
    const auto field_of = [](const std::vector<std::string>& fields, std::size_t at) {
        return at < fields.size() ? fields[at] : std::string();
    };
    for (std::size_t at = 0; at < width; ++at) {
        const ColumnChoice choice = at < choices.size() ? choices[at] : ColumnChoice();
        if (choice.skipped) {
            continue;
        }
        NewColumn column;
        split_unit(choice.heading.value_or(field_of(text.header, at)), column.label, column.unit);
        if (const std::string unit = field_of(text.units, at); column.unit.empty() && unit != "-") {
            column.unit = without_brackets(unit);
        }
        const std::string unlabelled = width == 1 ? "x" : "x" + std::to_string(at + 1);
        column.name = names.take(column.label.empty() ? unlabelled : name_from_label(column.label));
        column.label = column.label == column.name ? "" : column.label;
        read.push_back(CellsReader(text.records, at, reading_of(text, at, choice), stop).read(choice.kind.has_value()));
        stop.report_progress(at, width);
        column.cells = std::move(read.back().cells);
        column.interned = read.back().interned;
        out.columns.push_back(std::move(column));
    }
    out.reports = text.reports();
    report_inexact_wholes(out.columns, read, out.reports);
    for (std::size_t at = 0; at < read.size(); ++at) {
        if (read[at].moved_days > 0) {
            out.reports.push_back(
                {N_("Times of %1 that are on another day in Greenwich time, by which they are read: %2 (%3)."),
                 {out.columns[at].name, std::to_string(read[at].moved_days), read[at].first_moved}});
        }
    }
    for (Sentence& odd : reports_of_odd_cells(out.columns)) {
        out.reports.push_back(std::move(odd));
    }
    return out;
}

std::vector<NewColumn> columns_of(const Delimited& text, const std::vector<ColumnChoice>& choices,
                                  const StopToken& stop) {
    return labelled_columns(text, choices, stop).columns;
}

Result<LabelledColumns> read_delimited_columns(std::string_view bytes, const DialectChoice& choice,
                                               const StopToken& stop) {
    const Result<Delimited> text = read_delimited(bytes, choice, stop);
    return text ? Result<LabelledColumns>(labelled_columns(*text, choice.columns, stop))
                : Result<LabelledColumns>(text.refusal());
}

} // namespace ledgefall
