#include "core/study/frequency.h"

#include "core/study/parts.h"

namespace ledgefall {
namespace {

/// Adds columns, held values, feet and a check to a table that is being made; a first refusal stays.
class Maker {
  public:
    Maker(Study study, Id table)
        : study_(std::move(study))
        , table_(table) {}

    void column(const std::string& label, const std::string& definition, const Format& format = {}) {
        Id written;
        take(study_ ? write_column(*study_, table_, definition, &written) : study_);
        take(study_ ? head_column(*study_, written, {label, "", ""}) : study_);
        take(study_ ? format_column(*study_, written, format) : study_);
    }
    void held(const std::string& definition, const std::string& note) {
        Id held;
        take(study_ ? hold(*study_, table_, definition, &held) : study_);
        take(study_ ? note_held(*study_, held, note) : study_);
    }
    void foot(const std::string& formula, const std::vector<std::string>& names) {
        std::vector<Id> columns;
        for (const std::string& name : names) {
            const ColumnDefinition* found = study_ ? study_->table(table_)->column_named(name) : nullptr;
            if (found != nullptr) {
                columns.push_back(found->id);
            }
        }
        take(study_ ? add_foot_line(*study_, table_, "sum", formula, columns) : study_);
    }
    void check(const CheckText& text) { take(study_ ? add_check(*study_, table_, text) : study_); }
    const Result<Study>& made() const { return study_; }

  private:
    void take(Result<Study> next) { study_ = std::move(next); }
    Result<Study> study_;
    Id table_;
};

} // namespace

Result<Study> frequency_table(const Study& study, Id id, const Classes& classes, const FrequencyParts& parts,
                              Id* added) {
    const Table* source = table_with(study, &Table::columns, id);
    const ColumnDefinition* column = source == nullptr ? nullptr : source->column(id);
    if (column == nullptr) {
        return no_such_part;
    }
    Id table;
    Result<Study> begun = add_table(study, column->shown_label() + ", classes", &table);
    begun = begun ? class_rows(*begun, table, "class", classes) : begun;
    if (!begun) {
        return begun;
    }
    if (added != nullptr) {
        *added = table;
    }
    const std::string data = source->name + "." + column->name;
    const Format share{Format::Style::percent, 1};
    Maker maker(*begun, table);
    maker.column("From", "lower = lower(class)");
    maker.column("To", "upper = upper(class)");
    if (parts.middle || parts.measures) {
        maker.column("Middle", "mid = mid(class)");
    }
    maker.column("Count", "f = count(" + data + " in class)");
    maker.held("n = sum(f)", "how many values fall in the classes");
    if (parts.relative) {
        maker.column("Share", "rel = f / n", share);
    }
    if (parts.percent) {
        maker.column("Per cent", "percent = 100 * f / n", {Format::Style::decimals, 1});
    }
    if (parts.cumulative) {
        maker.column("Up to here", "cum = sum(f[1..i])");
    }
    if (parts.cumulative_share) {
        maker.column("Share up to here", "cum_rel = sum(f[1..i]) / n", share);
    }
    if (parts.cumulative_down) {
        maker.column("From here on", "down = sum(f[i..last])");
    }
    if (parts.density) {
        maker.column("Density", "density = f / n / (upper - lower)");
    }
    const bool open = classes.open_below || classes.open_above; // whose middles are infinite
    if (parts.measures && !open) {
        maker.held("grouped_mean = wmean(mid, f)", "from the middles of the classes");
        maker.held("grouped_var = wvar(mid, f)", "from the middles of the classes, over n − 1");
        maker.held("grouped_median = grouped_quantile(lower, upper, f, 0.5)", "on the line within its class");
    }
    maker.foot("sum(each)", {"f", "rel", "percent"});
    maker.check({"every value of " + column->shown_label() + " is in a class", "n = count(" + data + ")",
                 "Some values of " + column->shown_label() +
                     " fall in no class: look for a mistyped one, or widen the classes."});
    return maker.made();
}

} // namespace ledgefall
