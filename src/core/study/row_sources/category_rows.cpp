#include "core/study/row_sources/category_rows.h"

#include "core/value/date.h"
#include "core/value/flat_index.h"
#include "core/value/text_order.h"

#include <algorithm>
#include <bit>
#include <chrono>
#include <cmath>
#include <limits>

namespace ledgefall {
namespace {

constexpr std::string_view by_names[] = {"value", "month", "year", "weekday"}; // in the order of Categories::By
constexpr std::string_view order_names[] = {"seen", "rising", "frequent"};     // of Categories::Order

RowSourcePtr read(FieldReader& in) {
    Categories categories;
    categories.of = Id(in.text("of")); // a name or an id; settled once all columns are known
    categories.by = static_cast<Categories::By>(in.choice("by", by_names));
    categories.order = static_cast<Categories::Order>(in.choice("order", order_names));
    const Kind kind = in.kind("kind");
    categories.first = in.values("first", kind);
    categories.named = in.values("named", kind);
    return std::make_shared<CategoryRows>(std::move(categories), kind);
}

struct Counted {
    Value value;
    std::size_t count = 0;
};

/// The different plain cells, in the order in which they occur first; one more than the most where there are too many.
std::vector<Counted> different(const Column& cells) {
    std::vector<Counted> all;
    FlatIndex places;
    std::uint64_t last = 0; // neighbours are often the same
    std::size_t at = 0;
    for (std::size_t row = 0; row < cells.size() && all.size() <= most_categories; ++row) {
        Value value = cells.at(row);
        if (!value.plain()) {
            continue;
        }
        value = value.kind() == Kind::number && value.number() == 0 ? Value::number(0) : value; // without a sign
        const auto key = std::bit_cast<std::uint64_t>(value.slot());
        if (all.empty() || key != last) {
            at = places.number_of(key);
            if (at == all.size()) {
                all.push_back({value, 0});
            }
            last = key;
        }
        ++all[at].count;
    }
    return all;
}

bool stands_before(const Value& a, const Value& b) {
    return a.kind() == Kind::text ? compare_texts(a.text().str(), b.text().str()) < 0 : a.number() < b.number();
}

std::vector<Value> by_value(const Column& cells, const Categories& how) {
    std::vector<Counted> all = different(cells);
    if (how.order == Categories::Order::rising) {
        std::sort(all.begin(), all.end(),
                  [](const Counted& a, const Counted& b) { return stands_before(a.value, b.value); });
    } else if (how.order == Categories::Order::frequent) {
        std::stable_sort(all.begin(), all.end(), [](const Counted& a, const Counted& b) { return a.count > b.count; });
    }
    std::vector<Value> values = how.first;
    for (const Counted& one : all) {
        if (std::find(how.first.begin(), how.first.end(), one.value) == how.first.end()) {
            values.push_back(one.value);
        }
    }
    return values;
}

std::vector<Value> weekdays() {
    std::vector<Value> all;
    for (const char* day : {"Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"}) {
        all.push_back(Value::text(Text(day)));
    }
    return all;
}

std::chrono::year_month_day day_of(double days) {
    return std::chrono::sys_days(std::chrono::days(static_cast<int>(std::floor(days))));
}

/// Every month (or year) from the first that occurs to the last, so that an empty one shows as empty.
std::vector<Value> by_calendar(const Column& cells, Categories::By by) {
    double first = std::numeric_limits<double>::infinity();
    double last = -std::numeric_limits<double>::infinity();
    for (std::size_t row = 0; row < cells.size(); ++row) {
        const Value value = cells.at(row);
        if (value.plain() && std::abs(value.number()) < 4e6) {
            first = std::min(first, value.number());
            last = std::max(last, value.number());
        }
    }
    std::vector<Value> all;
    if (first > last) {
        return all;
    }
    const auto from = day_of(first);
    const auto to = day_of(last);
    if (by == Categories::By::year) {
        for (int year = static_cast<int>(from.year()); year <= static_cast<int>(to.year()); ++year) {
            all.push_back(Value::number(year));
        }
        return all;
    }
    for (auto month = from.year() / from.month(); month <= to.year() / to.month() && all.size() <= most_categories;
         month += std::chrono::months(1)) {
        const std::chrono::sys_days day = month / 1;
        all.push_back(Value::of(static_cast<double>(day.time_since_epoch().count()), Kind::date, State::plain));
    }
    return all;
}

} // namespace

Result<Column> rows_of_categories(const Column& cells, const Categories& how) {
    if (how.by == Categories::By::weekday) {
        return Column::of(Kind::text, weekdays());
    }
    if (how.by != Categories::By::value && cells.kind() != Kind::date) {
        return Sentence{N_("Months, years and weekdays need a column of dates, but this one holds %1."),
                        {kind_in_words(cells.kind())}};
    }
    const std::vector<Value> values =
        how.by == Categories::By::value ? by_value(cells, how) : by_calendar(cells, how.by);
    if (values.size() > most_categories) {
        return Sentence{
            N_("This column has more than %1 different values, too many for one row each. Put its numbers in classes."),
            {"100,000"}};
    }
    return Column::of(kind_of_categories(how.by, cells.kind()), values);
}

Kind kind_of_categories(Categories::By by, Kind of) {
    switch (by) {
    case Categories::By::value:
        return of;
    case Categories::By::month:
        return Kind::date;
    case Categories::By::year:
        return Kind::number;
    case Categories::By::weekday:
        break;
    }
    return Kind::text;
}

RowSourceKind CategoryRows::described() {
    return {.name = "categories", .needs = "of", .read = &read};
}

bool CategoryRows::equals(const RowSource& other) const {
    const auto* rows = dynamic_cast<const CategoryRows*>(&other);
    return rows != nullptr && rows->categories_ == categories_ && rows->kind_ == kind_;
}

RowSourcePtr CategoryRows::with_made_of(Id column) const {
    Categories categories = categories_;
    categories.of = column;
    return std::make_shared<CategoryRows>(std::move(categories), kind_);
}

std::vector<Sentence> CategoryRows::in_words(const std::function<std::string(Id)>& name_of) const {
    static const char* const words[] = {N_("the values of %1"), N_("the months of %1"), N_("the years of %1"),
                                        N_("the weekdays of %1")};
    return {{words[static_cast<std::size_t>(categories_.by)], {name_of(categories_.of)}}};
}

void CategoryRows::write(FieldWriter& out) const {
    out.text("kind", std::string(kind_name(kind_)));
    out.text("of", categories_.of.str());
    out.text("by", std::string(by_names[static_cast<std::size_t>(categories_.by)]));
    out.text("order", std::string(order_names[static_cast<std::size_t>(categories_.order)]));
    out.values("first", categories_.first);
    out.values("named", categories_.named);
}

} // namespace ledgefall
