#include "core/marking/variations.h"

#include "core/stats/distributions.h"
#include "core/study/builders/handout.h"
#include "core/study/edits/edits.h"
#include "core/study/model/parts.h"
#include "core/study/model/study_part.h"
#include "core/value/decimals.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace ledgefall {
namespace {

/// Numbers from 0 to 1 that are the same for the same key.
class Draws {
  public:
    explicit Draws(std::uint64_t key)
        : key_(key) {}
    double next() {
        key_ = mixed(key_, 1);
        return static_cast<double>(key_ >> 11U) * 0x1p-53;
    }
    double between(double from, double to) { return from + (to - from) * next(); }
    std::size_t below(std::size_t count) {
        return std::min(count - 1, static_cast<std::size_t>(next() * static_cast<double>(count)));
    }

  private:
    std::uint64_t key_;
};

std::vector<double> varied_numbers(const std::vector<double>& numbers, Draws& draws) {
    const auto [least, most] = std::minmax_element(numbers.begin(), numbers.end());
    int decimals = 0;
    for (const double number : numbers) {
        decimals = std::max(decimals, std::isfinite(number) ? decimals_of(number) : 0);
    }
    std::vector<double> out;
    const bool rises = numbers.size() > 1 && std::adjacent_find(numbers.begin(), numbers.end(), [](double a, double b) {
                                                 return !(a < b);
                                             }) == numbers.end();
    const double range = *most - *least;
    for (std::size_t at = 0; at < numbers.size(); ++at) {
        if (rises) { // as times do
            const double step = at == 0 ? 0 : (numbers[at] - numbers[at - 1]) * draws.between(0.6, 1.5);
            const double last = at == 0 ? numbers[0] : out.back();
            const double next = rounded_to(last + step, decimals);
            out.push_back(at > 0 && !(next > last) ? last + (numbers[at] - numbers[at - 1]) : next);
        } else if (range == 0) {
            out.push_back(rounded_to(*least * draws.between(0.7, 1.4), decimals + 1));
        } else {
            const double of = numbers[draws.below(numbers.size())];
            out.push_back(std::clamp(rounded_to(of + range * draws.between(-0.15, 0.15), decimals), *least, *most));
        }
    }
    return out;
}

Column varied_cells(const Column& cells, Draws& draws) {
    std::vector<Value> values;
    std::vector<std::size_t> filled;
    std::vector<double> numbers;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        values.push_back(cells.at(row));
        if (values.back().plain()) {
            filled.push_back(row);
            numbers.push_back(cells.kind() == Kind::number ? values.back().number() : 0);
        }
    }
    if (filled.empty()) {
        return cells;
    }
    if (cells.kind() == Kind::number) {
        const std::vector<double> other = varied_numbers(numbers, draws);
        for (std::size_t at = 0; at < filled.size(); ++at) {
            values[filled[at]] = Value::number(other[at]);
        }
    } else if (cells.kind() == Kind::date) {
        for (const std::size_t row : filled) {
            values[row] = Value::of(values[row].slot() + std::floor(draws.between(0, 20)), Kind::date, State::plain);
        }
    } else {
        for (std::size_t at = filled.size(); at-- > 1;) {
            std::swap(values[filled[at]], values[filled[draws.below(at + 1)]]);
        }
    }
    return Column::of(cells.kind(), values);
}

Value varied_single(const HeldValue& held, const Study& study, Draws& draws) {
    const std::vector<Value> choices = choices_of(study, held);
    if (!choices.empty()) {
        return choices[draws.below(choices.size())];
    }
    if (!held.value.plain() || held.value.kind() != Kind::number) {
        return held.value;
    }
    const double number = held.value.number();
    const double by = draws.between(0.7, 1.33);
    if (number == 0) {
        return Value::number(rounded_to(draws.between(0.2, 1), 2));
    }
    if (number > 0 && number < 1) {
        return Value::number(rounded_to(std::pow(number, by), decimals_of(number) + 2));
    }
    const bool whole = number == std::floor(number);
    const double other = rounded_to(number * by, whole ? 0 : decimals_of(number) + 1);
    return Value::number(whole && other == number ? number + 1 : other);
}

} // namespace

std::vector<Id> given_parts(const Study& key, const std::vector<AskedItem>& asked) {
    std::vector<Id> parts;
    for (const Id part : parts_to_ask(key)) {
        const StudyPart there = find_part(key, part);
        const bool is_asked =
            std::any_of(asked.begin(), asked.end(), [part](const AskedItem& item) { return item.part == part; });
        const bool given = there.held != nullptr ? there.held->formula.empty()
                                                 : there.column != nullptr && !there.is_axis &&
                                                       !there.column->computed() && !there.table->two_way();
        if (given && !is_asked) {
            parts.push_back(part);
        }
    }
    return parts;
}

Study varied(const Study& study, const std::vector<Id>& parts, std::uint64_t number) {
    Study out = study;
    for (std::size_t at = 0; at < parts.size(); ++at) {
        Draws draws(mixed(number, at));
        const StudyPart part = find_part(study, parts[at]);
        if (part.held != nullptr && part.held->formula.empty()) {
            const Value value = varied_single(*part.held, study, draws);
            out = *with_held(std::move(out), parts[at], [&value](HeldValue& copy) { copy.value = value; });
        } else if (part.column != nullptr && !part.column->computed()) {
            const Column cells = varied_cells(*part.column->cells, draws);
            out = *with_column(std::move(out), parts[at], [&cells](ColumnDefinition& copy) { copy.cells = cells; });
        }
    }
    return out;
}

Study with_values_of(Study key, const Study& study, const std::vector<Id>& parts) {
    for (const auto& table : study.tables) {
        const Table* own = key.table(table->id);
        if (own != nullptr && own->ids() != nullptr && table->ids() != nullptr) {
            key = *with_table(std::move(key), table->id, [&table](Table& copy) { copy.axis = table->axis; });
        }
    }
    for (const Id id : parts) {
        const StudyPart part = find_part(study, id);
        if (part.held != nullptr) {
            key = *with_held(std::move(key), id, [&part](HeldValue& copy) { copy.value = part.held->value; });
        } else if (part.column != nullptr && !part.is_axis) {
            key =
                *with_column(std::move(key), id, [&part](ColumnDefinition& copy) { copy.cells = part.column->cells; });
        }
    }
    return key;
}

bool same_values(const Study& a, const Study& b, const std::vector<Id>& parts) {
    return std::all_of(parts.begin(), parts.end(), [&](Id id) {
        const StudyPart one = find_part(a, id);
        const StudyPart other = find_part(b, id);
        if (one.held != nullptr && other.held != nullptr) {
            return one.held->value == other.held->value;
        }
        return one.column != nullptr && other.column != nullptr && one.column->cells == other.column->cells;
    });
}

} // namespace ledgefall
