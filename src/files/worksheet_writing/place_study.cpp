// Where a study's parts stand. Headings stand in the first row, the table's rows under them, and under these its foot.
// Where the first column is one of numbers, the labels of the foot stand in a column of their own before it.

#include "files/worksheet_writing/place_study.h"

#include "core/value/interval.h"
#include "core/value/text_order.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace ledgefall {
namespace {

constexpr std::size_t longest_sheet_name = 31; // of ISO/IEC 29500

class StudyPlacing {
  public:
    StudyPlacing(const Study& study, const Results& results, std::vector<Sentence>& reports)
        : study_(study)
        , results_(results)
        , reports_(reports) {}

    SheetPlaces run() {
        place_tables();
        place_held();
        places_.check_sheet = study_.checks.empty() ? std::string() : sheet_name(worded({"Checks", {}}));
        return std::move(places_);
    }

  private:
    /// At most so many bytes, and not cut within a letter of several.
    static std::string shortened(const std::string& text, std::size_t most) {
        std::size_t end = std::min(text.size(), most);
        while (end < text.size() && end > 0 && (static_cast<unsigned char>(text[end]) & 0xC0U) == 0x80U) {
            --end;
        }
        return text.substr(0, end);
    }

    std::string sheet_name(const std::string& wanted) {
        std::string name;
        for (const char c : wanted) {
            name += std::string_view("[]:*?/\\'").find(c) == std::string_view::npos ? c : ' ';
        }
        name = shortened(name, longest_sheet_name - 3);
        name = name.empty() ? "Sheet" : name;
        std::string free = name;
        for (int number = 2; used_.contains(in_small_letters(free)); ++number) {
            free = name + " " + std::to_string(number);
        }
        used_.insert(in_small_letters(free));
        return free;
    }

    void place_tables() {
        for (const auto& shared : study_.tables) {
            const Table& table = *shared;
            SheetPlaces::OfTable of;
            if (table.two_way()) {
                of.columns = static_cast<std::uint32_t>(columns_of_grid(study_, results_, table.id));
                of.rows = of.columns == 0 ? 0 : static_cast<std::uint32_t>(results_.rows(table.id) / of.columns);
                for (const auto& layer : table.columns) {
                    const std::size_t left = longest_sheet_name - 4 - std::min<std::size_t>(layer->name.size(), 16);
                    of.layer_sheet[layer->id] = sheet_name(
                        table.columns.size() == 1 ? table.shown_label()
                                                  : shortened(table.shown_label(), left) + " " + layer->name);
                }
                for (const auto& line : table.foot) {
                    if (line->place != FootLine::Place::beside) {
                        const auto under = static_cast<std::uint32_t>(of.foot_row.size());
                        of.foot_row[line->id] = of.first_row + of.rows + under;
                    }
                    if (line->place != FootLine::Place::under) {
                        const auto beside = static_cast<std::uint32_t>(of.side_column.size());
                        of.side_column[line->id] = of.first_column + of.columns + beside;
                    }
                }
                places_.tables[table.id] = std::move(of);
                continue;
            }
            of.sheet = sheet_name(table.shown_label());
            of.rows =
                static_cast<std::uint32_t>(std::min<std::size_t>(results_.rows(table.id), WorksheetLimits::rows - 100));
            of.label_column = has_label_column(table);
            std::uint32_t at = of.label_column ? 1 : 0;
            if (table.axis.column) {
                of.column_of[(*table.axis.column)->id] = at++;
                if (has_limits(table)) {
                    const Interval& first = interval_of(results_.cell((*table.axis.column)->id, 0));
                    of.with_lower = first.with_lower;
                    of.with_upper = first.with_upper;
                    of.lower_column = at;
                    at += 2;
                }
            }
            for (const auto& column : table.columns) {
                of.column_of[column->id] = at++;
            }
            std::uint32_t foot = of.first_row + of.rows;
            for (const auto& line : table.foot) {
                of.foot_row[line->id] = foot++;
            }
            places_.tables[table.id] = std::move(of);
        }
    }

    /// Whether a table's rows are classes that all end somewhere: then their limits have columns of their own, by which
    /// formulas count and take.
    bool has_limits(const Table& table) const {
        const Column* classes = results_.column((*table.axis.column)->id);
        if (classes == nullptr || classes->kind() != Kind::interval || classes->empty()) {
            return false;
        }
        for (std::size_t row = 0; row < classes->size(); ++row) {
            const Value value = classes->at(row);
            if (!value.plain() || std::isinf(interval_of(value).lower) || std::isinf(interval_of(value).upper) ||
                interval_of(value).with_lower != interval_of(classes->at(0)).with_lower ||
                interval_of(value).with_upper != interval_of(classes->at(0)).with_upper) {
                return false;
            }
        }
        return true;
    }

    /// The labels of the foot need a column of their own where the first one is taken by the foot, or has numbers.
    bool has_label_column(const Table& table) const {
        if (table.foot.empty()) {
            return false;
        }
        if (table.axis.column) {
            return results_.column((*table.axis.column)->id)->kind() == Kind::number;
        }
        const Column* first = table.columns.empty() ? nullptr : results_.column(table.columns.front()->id);
        return first == nullptr || first->kind() != Kind::text ||
               std::any_of(table.foot.begin(), table.foot.end(),
                           [&](const auto& line) { return line->takes(table.columns.front()->id); });
    }

    void place_held() {
        std::uint32_t row = 0;
        each_held(study_, [&](const Table*, const HeldValue& held) {
            if (held.is_function() || results_.single(held.id).kind() == Kind::distribution) {
                reports_.push_back({N_("%1 is a function or a distribution, and is not exported."), {held.name}});
            } else {
                places_.held_row[held.id] = row++;
            }
        });
        places_.held_sheet = sheet_name(worded({N_("Held values"), {}}));
    }

    const Study& study_;
    const Results& results_;
    std::vector<Sentence>& reports_;
    SheetPlaces places_;
    std::set<std::string> used_;
};

} // namespace

SheetPlaces place_study(const Study& study, const Results& results, std::vector<Sentence>& reports) {
    return StudyPlacing(study, results, reports).run();
}

SheetPlaces::Standing SheetPlaces::standing(const std::string& sheet, std::int64_t column) const {
    for (const auto& [table, of] : tables) {
        for (const auto& [layer, name] : of.layer_sheet) {
            if (name == sheet) {
                return {layer, &of};
            }
        }
        for (const auto& [id, at] : of.column_of) {
            if (at == column && of.sheet == sheet) {
                return {id, &of};
            }
        }
    }
    return {};
}

} // namespace ledgefall
