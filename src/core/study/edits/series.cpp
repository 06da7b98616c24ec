#include "core/study/edits/series.h"

#include "core/study/model/parts.h"
#include "core/value/date.h"
#include "core/value/decimals.h"

#include <chrono>
#include <cmath>

namespace ledgefall {
namespace {

using Days = std::chrono::sys_days;
using Way = Pattern::Way;

constexpr double days_of_calendar = 4'000'000; // more than there are

Days day_of(double days) {
    return Days(std::chrono::days(static_cast<int>(std::floor(days))));
}

double with_time_of(Days day, double like) {
    return static_cast<double>(day.time_since_epoch().count()) + (like - std::floor(like));
}

/// A text's whole number at its end, and where it begins.
std::optional<long long> number_at_end(const std::string& text, std::size_t& from) {
    from = text.find_last_not_of("0123456789") + 1; // npos + 1 is 0
    const std::size_t digits = text.size() - from;
    return digits == 0 || digits > 15 ? std::nullopt : std::optional(std::stoll(text.substr(from)));
}

bool all_of_kind(const std::vector<Value>& started, Kind kind) {
    return !started.empty() && std::all_of(started.begin(), started.end(), [kind](const Value& value) {
        return value.plain() && value.kind() == kind;
    });
}

bool same_label(const std::vector<Value>& started) {
    std::size_t first_digits = 0;
    const std::string first = started.front().text().str();
    if (!number_at_end(first, first_digits)) {
        return false;
    }
    return std::all_of(started.begin(), started.end(), [&](const Value& value) {
        std::size_t from = 0;
        const std::string text = value.text().str();
        return number_at_end(text, from) && text.substr(0, from) == first.substr(0, first_digits);
    });
}

/// The step that all neighbours have in common, by `step_of`; nothing where there are fewer than two or it differs.
template <class StepOf>
std::optional<double> common_step(const std::vector<Value>& started, StepOf step_of) {
    std::optional<double> common;
    for (std::size_t at = 1; at < started.size(); ++at) {
        const std::optional<double> step = step_of(started[at - 1], started[at]);
        if (!step || (common && std::fabs(*step - *common) > 1e-9 * std::max(std::fabs(*common), 1e-300))) {
            return std::nullopt;
        }
        common = common ? common : step;
    }
    return common;
}

Pattern pattern_of_numbers(const std::vector<Value>& started) {
    const auto difference =
        common_step(started, [](const Value& a, const Value& b) { return std::optional(b.number() - a.number()); });
    if (difference) {
        const int decimals = std::max(decimals_of(started[0].number()), decimals_of(started[1].number()));
        return {Way::steps, rounded_to(*difference, decimals)};
    }
    const auto ratio = common_step(started, [](const Value& a, const Value& b) {
        return a.number() == 0 ? std::nullopt : std::optional(b.number() / a.number());
    });
    return ratio ? Pattern{Way::growth, *ratio} : Pattern{Way::repeat, 1};
}

Pattern pattern_of_dates(const std::vector<Value>& started) {
    const auto months = common_step(started, [](const Value& a, const Value& b) -> std::optional<double> {
        const std::chrono::year_month_day from(day_of(a.number()));
        const std::chrono::year_month_day to(day_of(b.number()));
        const auto apart = (to.year() / to.month() - from.year() / from.month()).count();
        const bool last_days =
            from == from.year() / from.month() / std::chrono::last && to == to.year() / to.month() / std::chrono::last;
        const bool same_day = from.day() == to.day() || last_days;
        return same_day && apart != 0 ? std::optional(static_cast<double>(apart)) : std::nullopt;
    });
    if (months) {
        return {Way::months, *months};
    }
    const auto days =
        common_step(started, [](const Value& a, const Value& b) { return std::optional(b.number() - a.number()); });
    return started.size() == 1 ? Pattern{Way::days, 1} : days ? Pattern{Way::days, *days} : Pattern{Way::repeat, 1};
}

Value dated(double days) {
    return in_calendar(days) ? Value::of(days, Kind::date, State::plain) : Value::missing(Kind::date);
}

Value month_later(double first, double months) {
    if (std::fabs(months) > days_of_calendar / 30) {
        return Value::missing(Kind::date);
    }
    const std::chrono::year_month_day from(day_of(first));
    const auto month = from.year() / from.month() + std::chrono::months(static_cast<int>(months));
    const auto last = std::chrono::year_month_day(month / std::chrono::last);
    return dated(with_time_of(Days(month / std::min(from.day(), last.day())), first));
}

/// `count` days from Monday to Friday on from `from`, or back where it is negative.
Value weekdays_later(double from, double count) {
    const double weeks = std::trunc(count / 5);
    const int direction = count < 0 ? -1 : 1;
    Days day = day_of(from);
    while (std::chrono::weekday(day).iso_encoding() > 5) { // from a weekend it is counted from the working day before
        day -= std::chrono::days(direction);
    }
    day += std::chrono::days(static_cast<int>(std::clamp(weeks, -1e6, 1e6)) * 7);
    for (double left = std::fabs(count - weeks * 5); left > 0; --left) {
        do {
            day += std::chrono::days(direction);
        } while (std::chrono::weekday(day).iso_encoding() > 5);
    }
    return dated(with_time_of(day, from));
}

/// Like `stepped`, but never less exact than the values: as many decimals as they and the step have.
Value step_further(const std::vector<Value>& started, double step, double further) {
    int decimals = decimals_of(step);
    for (const Value& value : started) {
        decimals = std::max(decimals, decimals_of(value.number()));
    }
    const double number = started.back().number() + step * further;
    return Value::number(decimals < 15 && std::fabs(number) < 1e15 ? rounded_to(number, decimals) : number);
}

Value label_further(const Value& last, double step) {
    std::size_t from = 0;
    const std::string text = last.text().str();
    const auto number = number_at_end(text, from);
    if (!number) {
        return last;
    }
    std::string digits = std::to_string(std::max(0LL, *number + static_cast<long long>(step)));
    if (text[from] == '0' && digits.size() < text.size() - from) { // sample 007, sample 008
        digits.insert(0, text.size() - from - digits.size(), '0');
    }
    return Value::text(Text(text.substr(0, from) + digits));
}

} // namespace

Pattern pattern_of(const std::vector<Value>& started) {
    if (all_of_kind(started, Kind::number)) {
        return pattern_of_numbers(started);
    }
    if (all_of_kind(started, Kind::date)) {
        return pattern_of_dates(started);
    }
    if (all_of_kind(started, Kind::text) && same_label(started)) {
        const auto step = common_step(started, [](const Value& a, const Value& b) -> std::optional<double> {
            std::size_t from = 0;
            return static_cast<double>(*number_at_end(b.text().str(), from) - *number_at_end(a.text().str(), from));
        });
        return started.size() == 1 ? Pattern{Way::labels, 1} : step ? Pattern{Way::labels, *step} : Pattern{};
    }
    return {};
}

bool fits(const std::vector<Value>& started, Way way) {
    switch (way) {
    case Way::repeat:
        return !started.empty();
    case Way::steps:
    case Way::growth:
        return all_of_kind(started, Kind::number);
    case Way::days:
    case Way::months:
    case Way::weekdays:
        return all_of_kind(started, Kind::date);
    case Way::labels:
        return all_of_kind(started, Kind::text) && same_label(started);
    }
    return false;
}

Value continued(const std::vector<Value>& started, const Pattern& pattern, std::size_t further) {
    if (!fits(started, pattern.way)) {
        return Value::missing();
    }
    const Value& last = started.back();
    const auto steps = static_cast<double>(further);
    switch (pattern.way) {
    case Way::repeat:
        return started[(further - 1) % started.size()];
    case Way::steps:
        return step_further(started, pattern.step, steps);
    case Way::growth: {
        const double number = last.number() * std::pow(pattern.step, steps);
        return std::isfinite(number) ? Value::number(number) : Value::missing();
    }
    case Way::days:
        return dated(last.number() + pattern.step * steps);
    case Way::months: // from the first, so that 31 January leads by 28 February to 31 March
        return month_later(started.front().number(), pattern.step * (steps + static_cast<double>(started.size()) - 1));
    case Way::weekdays:
        return weekdays_later(last.number(), pattern.step * steps);
    case Way::labels:
        return label_further(last, pattern.step * steps);
    }
    return Value::missing();
}

Result<Study> continue_cells(const Study& study, Id id, std::size_t column, std::size_t last_column, std::size_t row,
                             std::size_t count, std::size_t to_row, const std::optional<Pattern>& pattern) {
    const Table* table = study.table(id);
    if (table == nullptr || last_column >= table->columns.size() || column > last_column) {
        return no_such_part;
    }
    if (count == 0 || to_row < row + count) {
        return Sentence{N_("Choose a row below the values to continue them to."), {}};
    }
    Study out = study;
    for (std::size_t at = column; at <= last_column; ++at) {
        const ColumnDefinition& definition = *table->columns[at];
        if (definition.computed()) {
            continue; // its formula fills it
        }
        std::vector<Value> started;
        for (std::size_t down = row; down < row + count; ++down) {
            started.push_back(definition.cells->at(down));
        }
        const Pattern way = pattern && fits(started, pattern->way) ? *pattern : pattern_of(started);
        if (pattern && column == last_column && !(way == *pattern)) {
            return Sentence{N_("The selected cells of %1 cannot be continued in this way. Choose another one."),
                            {definition.name}};
        }
        std::vector<Value> further(to_row - (row + count) + 1);
        for (std::size_t down = 0; down < further.size(); ++down) {
            further[down] = continued(started, way, down + 1);
        }
        Result<Study> next = set_cells(out, definition.id, row + count, further);
        if (!next) {
            return next;
        }
        out = *next;
    }
    return out;
}

} // namespace ledgefall
