// The quick way of reading delimited text. The dialect and the kinds of the columns are found from the first lines; the
// lines are then counted into blocks of as many rows as a column's chunk has, so that each block can be read into
// chunks of its own by any thread. Whatever shows that the first lines did not speak for the rest gives the whole text
// up to the slower way.

#include "files/tables/delimited_columns.h"

#include "core/basics/stopping.h"
#include "core/parallel/parallel.h"
#include "core/value/date.h"
#include "files/tables/text_encoding.h"

#include <algorithm>
#include <atomic>
#include <charconv>
#include <cstring>
#include <unordered_map>

namespace ledgefall {
namespace {

constexpr std::size_t sample_lines = 1002; // as many as the slower way looks at for the decimal sign, and a heading
constexpr std::size_t most_sample_bytes = 4'000'000;
constexpr std::size_t block_rows = Column::chunk_rows;

bool digit(char c) {
    return c >= '0' && c <= '9';
}

bool is_plain_ascii(std::string_view bytes) {
    std::uint64_t all = 0;
    std::size_t at = 0;
    for (; at + 8 <= bytes.size(); at += 8) {
        std::uint64_t word = 0;
        std::memcpy(&word, bytes.data() + at, 8);
        all |= word;
    }
    for (; at < bytes.size(); ++at) {
        all |= static_cast<unsigned char>(bytes[at]);
    }
    return (all & 0x8080808080808080U) == 0;
}

/// What is known of a text in a column whose cells are looked up: of texts and answers.
struct KnownText {
    double slot = 0;
    State state = State::plain;
    bool blank = false, loses_digits = false;
    Kind kind = Kind::text; ///< that it has by itself
    std::size_t count = 0;
};

/// How many cells of a column fit which kind: the same count by which the slower way settles it.
struct KindCount {
    std::size_t filled = 0;
    std::size_t numbers = 0, dates = 0, answers = 0;
    bool loses_digits = false;

    void add(const KnownText& known) {
        filled += known.blank ? 0 : known.count;
        loses_digits = loses_digits || (!known.blank && known.loses_digits);
        numbers += known.kind == Kind::number ? known.count : 0;
        dates += known.kind == Kind::date ? known.count : 0;
        answers += known.kind == Kind::yes_no ? known.count : 0;
    }
    Kind settled() const {
        return loses_digits           ? Kind::text
               : 2 * numbers > filled ? Kind::number
               : 2 * dates > filled   ? Kind::date
               : 2 * answers > filled ? Kind::yes_no
               : filled == 0          ? Kind::number
                                      : Kind::text;
    }
};

/// One thread's part of the reading: what it has met in each column.
struct Worker {
    explicit Worker(std::size_t columns)
        : texts(columns)
        , last(columns)
        , counts(columns) {}

    std::vector<std::unordered_map<std::string, KnownText>> texts;
    std::vector<std::vector<std::pair<std::string_view, KnownText*>>> last; ///< the few that were met lately
    std::vector<KindCount> counts;
    InternedObjectsPtr interned;
};

/// A field of each line: the column that it becomes, or none, and how its cells are spelled.
struct LineField {
    std::optional<std::size_t> column;
    Spelling spelling;
    bool kind_chosen = false;
    bool spelling_chosen = false;
};

class RegularReader {
  public:
    RegularReader(std::string_view bytes, char delimiter, std::vector<LineField> fields,
                  std::vector<NewColumn>& columns, const StopToken& stop)
        : bytes_(bytes)
        , delimiter_(delimiter)
        , fields_(std::move(fields))
        , columns_(columns)
        , stop_(stop) {}

    /// False where the text is not regular.
    bool read() {
        quoted_ = std::memchr(bytes_.data(), '"', bytes_.size()) != nullptr;
        find_blocks();
        for (NewColumn& column : columns_) {
            column.cells = Column(column.cells.kind());
            column.cells.prepare(rows_);
        }
        const std::size_t blocks = block_starts_.size();
        const std::size_t threads = std::min(parallel_width(), std::max<std::size_t>(blocks, 1));
        std::vector<Worker> workers(threads, Worker(fields_.size()));
        parallel_for(threads, [this, &workers](std::size_t thread) { work(workers[thread]); });
        stop_.throw_if_stopped();
        return !irregular_ && settle(workers);
    }

  private:
    /// Where each block of lines begins. A line's end within quotes is none.
    void find_blocks() {
        std::size_t lines = 0;
        for (std::size_t at = 0; at < bytes_.size();) {
            if (lines % block_rows == 0) {
                block_starts_.push_back(at);
            }
            at = end_of_line(at) + 1;
            ++lines;
        }
        rows_ = lines;
    }

    std::size_t end_of_line(std::size_t from) const {
        const auto found = [this](std::size_t at, char sign) {
            const void* place = std::memchr(bytes_.data() + at, sign, bytes_.size() - at);
            return place == nullptr ? bytes_.size()
                                    : static_cast<std::size_t>(static_cast<const char*>(place) - bytes_.data());
        };
        if (!quoted_) {
            return found(from, '\n');
        }
        bool in_quotes = false;
        for (std::size_t at = from; at < bytes_.size(); ++at) {
            if (bytes_[at] == '"') {
                in_quotes = !in_quotes;
            } else if (bytes_[at] == '\n' && !in_quotes) {
                return at;
            }
        }
        return bytes_.size();
    }

    void work(Worker& worker) {
        const InternScope scope;
        try {
            for (std::size_t block = next_++; block < block_starts_.size() && !irregular_ && !stop_.stop_requested();
                 block = next_++) {
                read_block(worker, block);
                stop_.report_progress(block, block_starts_.size());
            }
        } catch (const std::bad_alloc&) {
            irregular_ = true; // the slower way says so
        }
        worker.interned = scope.objects();
    }

    void read_block(Worker& worker, std::size_t block) {
        std::vector<Column::Chunk*> chunks;
        for (NewColumn& column : columns_) {
            chunks.push_back(&column.cells.own_chunk(block));
        }
        const std::size_t rows = std::min(block_rows, rows_ - block * block_rows);
        std::size_t at = block_starts_[block];
        for (std::size_t row = 0; row < rows; ++row) {
            for (std::size_t place = 0; place < fields_.size(); ++place) {
                const std::string_view field = next_field(at);
                const bool last = place + 1 == fields_.size();
                const char end = at < bytes_.size() ? bytes_[at] : '\n';
                if (irregular_ || (last ? end != '\n' && end != '\r' : end != delimiter_)) {
                    irregular_ = true;
                    return;
                }
                if (const auto column = fields_[place].column) {
                    read_cell_into(worker, place, field, *chunks[*column], row, rows);
                }
                ++at;
                if (last && end == '\r') {
                    if (at >= bytes_.size() || bytes_[at] != '\n') {
                        irregular_ = true;
                    }
                    ++at;
                }
            }
        }
        // Quotation marks that are none can make the counting of lines go astray.
        const std::size_t end = block + 1 < block_starts_.size() ? block_starts_[block + 1] : bytes_.size();
        if (std::min(at, bytes_.size()) != end) {
            irregular_ = true;
        }
    }

    /// The field at `at`, without blanks at its ends; `at` comes to stand at its end. What was in quotes stands in
    /// `scratch_` of the thread where it had doubled ones.
    std::string_view next_field(std::size_t& at) {
        if (at < bytes_.size() && bytes_[at] == '"') {
            return quoted_field_at(at);
        }
        const std::size_t from = at;
        while (at < bytes_.size() && bytes_[at] != delimiter_ && bytes_[at] != '\n' && bytes_[at] != '\r') {
            ++at;
        }
        std::string_view field = bytes_.substr(from, at - from);
        while (!field.empty() && field.front() == ' ') {
            field.remove_prefix(1);
        }
        while (!field.empty() && field.back() == ' ') {
            field.remove_suffix(1);
        }
        return field;
    }

    std::string_view quoted_field_at(std::size_t& at) {
        const std::size_t from = ++at;
        while (at < bytes_.size() && bytes_[at] != '"') {
            ++at;
        }
        const std::string_view field = bytes_.substr(from, at - from);
        ++at;
        const char after = at < bytes_.size() ? bytes_[at] : '\n';
        if (after != delimiter_ && after != '\n' && after != '\r') {
            irregular_ = true; // doubled quotes, or text after them
        }
        return field;
    }

    static void set(Column::Chunk& chunk, std::size_t row, std::size_t rows, double slot, State state) {
        chunk.slots[row] = slot;
        if (state != State::plain || !chunk.states.empty()) {
            if (chunk.states.empty()) {
                chunk.states.assign(rows, State::plain);
            }
            chunk.states[row] = state;
        }
    }

    void read_cell_into(Worker& worker, std::size_t place, std::string_view field, Column::Chunk& chunk,
                        std::size_t row, std::size_t rows) {
        const Kind kind = columns_[*fields_[place].column].cells.kind();
        if (kind == Kind::number && quick_number(field, fields_[place].spelling.decimal, chunk.slots[row])) {
            ++worker.counts[place].filled;
            ++worker.counts[place].numbers;
            if (!chunk.states.empty()) {
                chunk.states[row] = State::plain;
            }
            return;
        }
        if (kind == Kind::date && field.size() == 10 && field[4] == '-' && field[7] == '-') {
            if (const std::optional<double> date = read_date(field)) {
                ++worker.counts[place].filled;
                ++worker.counts[place].dates;
                set(chunk, row, rows, *date, State::plain);
                return;
            }
        }
        const KnownText& known = look_up(worker, place, field, kind);
        set(chunk, row, rows, known.slot, known.state);
    }

    /// A number as most are written: digits, with a sign, a decimal sign or an exponent. What it does not read, the
    /// slower reading of a cell may.
    static bool quick_number(std::string_view field, char decimal, double& out) {
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

    const KnownText& look_up(Worker& worker, std::size_t place_in_line, std::string_view field, Kind kind) {
        const LineField& how = fields_[place_in_line];
        auto& last = worker.last[place_in_line];
        for (auto& [text, known] : last) {
            if (text == field) {
                ++known->count;
                return *known;
            }
        }
        const auto [place, added] = worker.texts[place_in_line].try_emplace(std::string(field));
        KnownText& known = place->second;
        if (added) {
            known.blank = field.find_first_not_of(" \t") == std::string_view::npos;
            known.loses_digits = loses_digits(field);
            known.kind = known.blank ? Kind::text : kind_of_typed(field, how.spelling);
            const Value value = read_cell(unguarded(field), kind, how.spelling);
            known.slot = value.slot();
            known.state = value.state();
            const bool iso = read_date(field).has_value();
            if (is_inexact_whole(field) ||
                (kind == Kind::date && known.kind == Kind::date && !iso && !how.spelling_chosen)) {
                irregular_ = true;
            }
        }
        ++known.count;
        constexpr std::size_t few = 6;
        if (last.size() < few) {
            last.emplace_back(place->first, &known);
        } else {
            last[known.count % few] = {place->first, &known};
        }
        return known;
    }

    /// Whether the kinds are what the first lines said; texts are held by the columns from now on.
    bool settle(const std::vector<Worker>& workers) {
        for (std::size_t place = 0; place < fields_.size(); ++place) {
            if (!fields_[place].column) {
                continue;
            }
            NewColumn& column = columns_[*fields_[place].column];
            const InternScope scope;
            KindCount count;
            for (const Worker& worker : workers) {
                const KindCount& quick = worker.counts[place];
                count.filled += quick.filled;
                count.numbers += quick.numbers;
                count.dates += quick.dates;
                for (const auto& [text, known] : worker.texts[place]) {
                    count.add(known);
                    if (known.state == State::unparsed ||
                        (known.state == State::plain && column.cells.kind() == Kind::text)) {
                        static_cast<void>(Text(Value::text_of(known.slot).str()));
                    }
                }
            }
            column.interned = scope.objects();
            if (!fields_[place].kind_chosen && count.settled() != column.cells.kind()) {
                return false;
            }
        }
        return true;
    }

    std::string_view bytes_;
    char delimiter_;
    std::vector<LineField> fields_; ///< of each line
    bool quoted_ = false;
    std::vector<NewColumn>& columns_;
    const StopToken& stop_;
    std::size_t rows_ = 0;
    std::vector<std::size_t> block_starts_;
    std::atomic<std::size_t> next_ = 0;
    /// Only ever set: to store a false that was read before would lose what another thread has found.
    std::atomic<bool> irregular_ = false;
};

/// Whether the first lines are such that the rest can be read quickly.
bool is_regular(const Delimited& sample) {
    const auto in_one_line = [](const std::string& heading) {
        return heading.find_first_of("\r\n") == std::string::npos;
    };
    return sample.ragged.empty() && sample.records.size() >= 2 && sample.records.front().size() >= 2 &&
           sample.width() == sample.records.front().size() && sample.comments == 0 && sample.dialect.delimiter != ' ' &&
           std::all_of(sample.header.begin(), sample.header.end(), in_one_line) &&
           std::all_of(sample.units.begin(), sample.units.end(), in_one_line);
}

std::vector<LineField> fields_of(const Delimited& sample, const std::vector<ColumnChoice>& choices) {
    std::vector<LineField> out;
    std::size_t columns = 0;
    for (std::size_t at = 0; at < sample.width(); ++at) {
        const ColumnChoice choice = at < choices.size() ? choices[at] : ColumnChoice();
        LineField field;
        if (!choice.skipped) {
            field.column = columns++;
        }
        field.spelling = choice.spelling.value_or(Spelling(sample.dialect.decimal));
        field.kind_chosen = choice.kind.has_value();
        field.spelling_chosen = choice.spelling.has_value();
        out.push_back(field);
    }
    return out;
}

} // namespace

std::optional<LabelledColumns> read_regular_columns(std::string_view bytes, const DialectChoice& choice,
                                                    std::size_t small, const StopToken& stop) {
    if (bytes.starts_with("\xEF\xBB\xBF")) {
        bytes.remove_prefix(3);
    }
    if (bytes.size() < small || bytes.find('\0') != std::string_view::npos ||
        (!is_plain_ascii(bytes) && !is_utf8(bytes))) {
        return std::nullopt;
    }
    std::string_view first = first_lines(bytes, sample_lines);
    first = first.substr(0, first.rfind('\n') + 1);
    if (first.empty() || first.size() > most_sample_bytes) {
        return std::nullopt;
    }
    const Result<Delimited> sample = read_delimited(first, choice);
    if (!sample || !is_regular(*sample) || bytes.front() == '\n' || bytes.front() == '\r') {
        return std::nullopt;
    }
    // A line that begins as comments do, further down, is for the slower way.
    const std::string& comment = sample->dialect.comment;
    if (!comment.empty() && (bytes.starts_with(comment) || bytes.find("\n" + comment) != std::string_view::npos)) {
        return std::nullopt;
    }
    LabelledColumns out;
    out.columns = columns_of(*sample, choice.columns);
    const std::size_t headings = (sample->dialect.header ? 1U : 0U) + (sample->dialect.units ? 1U : 0U);
    const std::string_view body = bytes.substr(first_lines(bytes, headings).size());
    if (!RegularReader(body, sample->dialect.delimiter, fields_of(*sample, choice.columns), out.columns, stop).read()) {
        return std::nullopt;
    }
    out.reports = reports_of_odd_cells(out.columns);
    return out;
}

Result<LabelledColumns> read_delimited_columns(std::string_view bytes, const DialectChoice& choice,
                                               const StopToken& stop) {
    if (std::optional<LabelledColumns> quick = read_regular_columns(bytes, choice, usual_small, stop)) {
        return *std::move(quick);
    }
    const Result<Delimited> text = read_delimited(bytes, choice, stop);
    return text ? Result<LabelledColumns>(labelled_columns(*text, choice.columns, stop))
                : Result<LabelledColumns>(text.refusal());
}

} // namespace ledgefall
