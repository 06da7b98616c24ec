// Reading charts, and rows made from categories: the parts that name columns of any table.

#include "core/study/edits/edits.h"
#include "files/study_json/study_fields.h"
#include "files/study_json/study_reader.h"

namespace ledgefall {
namespace {

/// A column by its id, or as a formula of another table names it: `Pebbles.length`.
Id column_called(const Study& study, Id written) {
    for (const auto& table : study.tables) {
        if (table->axis_of(written) != nullptr || table->column(written) != nullptr) {
            return written;
        }
    }
    const std::string& text = written.str();
    const std::size_t point = text.find('.');
    if (point == std::string::npos) {
        return {};
    }
    const Binding named = look_up(study, nullptr, text.substr(0, point), text.substr(point + 1));
    return named.column == nullptr ? Id() : named.column->id;
}

/// Whether a column is written by its name, as a script would, rather than by an id, whose column may be gone.
bool by_name(Id written) {
    return written.str().find('.') != std::string::npos;
}

} // namespace

/// One of some words; the first where the field is left out.
/// Which of the words stands there; the first where there is none.
std::size_t StudyReader::word(const Json& json, const char* name, const std::vector<std::string_view>& words,
                              const Place& place) {
    const std::string written = text(json, name, place);
    std::string all;
    for (std::size_t at = 0; at < words.size(); ++at) {
        if (written == words[at]) {
            return at;
        }
        all += (at == 0 ? "" : ", ") + std::string(words[at]);
    }
    if (!written.empty()) {
        wrong(place.field(name), "one of " + all);
    }
    return 0;
}

Series StudyReader::series(const Json& json, const Place& place) {
    Series series;
    std::vector<std::string_view> forms;
    for (const SeriesFormKind& kind : series_form_kinds()) {
        forms.push_back(kind.name);
    }
    series.form = static_cast<SeriesForm>(word(json, "form", forms, place));
    series.x = Id(text(json, "x", place)); // settled once all columns are known
    series.y = Id(text(json, "y", place));
    series.label = text(json, "label", place);
    series.fit = yes(json, "fit", place);
    series.per_width = yes(json, "per_width", place);
    series.error = Id(text(json, "error", place));
    series.standard_error = yes(json, "standard_error", place);
    series.second_axis = yes(json, "second_axis", place);
    series.unknown_fields = unknown_fields(json, fields::series);
    return series;
}

Reference StudyReader::reference(const Json& json, const Place& place) {
    Reference reference;
    reference.form = static_cast<Reference::Form>(
        word(json, "form", {std::begin(fields::reference_forms), std::end(fields::reference_forms)}, place));
    reference.label = text(json, "label", place);
    reference.unknown_fields = unknown_fields(json, fields::reference);
    for (const std::string& number : texts(json, "numbers", place, NC_("Kind", "numbers or formulas, in quotes"))) {
        reference.numbers.emplace_back(number);
    }
    if (reference.numbers.size() != numbers_of(reference.form)) {
        wrong(place.field("numbers"), "this many numbers for its form: " + std::to_string(numbers_of(reference.form)));
    }
    return reference;
}

ChartAxis StudyReader::chart_axis(const Json& json, const char* name, const Place& place) {
    const Json* entry = field(json, name);
    if (entry == nullptr) {
        return {};
    }
    const Place at = place.field(name);
    if (!entry->is_object()) {
        wrong(at, NC_("Kind", "an object with title, from and to"));
        return {};
    }
    const auto end = [&](const char* which) {
        const std::string written = text(*entry, which, at);
        return written.empty() ? Formula() : Formula(written);
    };
    return {text(*entry, "title", at), end("from"), end("to"), yes(*entry, "logarithmic", at),
            unknown_fields(*entry, fields::chart_axis)};
}

Chart StudyReader::chart(const Json& json, const Place& place) {
    Chart chart;
    chart.id = Id(text(json, "id", place));
    chart.label = text(json, "label", place);
    chart.table = Id(text(json, "table", place)); // its name; settled once all tables are known
    list(json, "series", place, [&](const Json& item, const Place& at) { chart.series.push_back(series(item, at)); });
    list(json, "references", place,
         [&](const Json& item, const Place& at) { chart.references.push_back(reference(item, at)); });
    chart.x = chart_axis(json, "x", place);
    chart.y = chart_axis(json, "y", place);
    chart.second = chart_axis(json, "second", place);
    chart.legend = static_cast<LegendPlace>(
        word(json, "legend", {std::begin(fields::legend_places), std::end(fields::legend_places)}, place));
    if (const Json* rows = field(json, "rows")) {
        for (const Json& range : rows->is_array() ? *rows : Json::array()) {
            const bool sound =
                range.is_array() && range.size() == 2 && range[0].is_number_unsigned() && range[1].is_number_unsigned();
            if (!sound) {
                wrong(place.field("rows"), N_("a list of pairs of row ids"));
                break;
            }
            chart.rows.emplace_back(range[0].get<std::uint64_t>(), range[1].get<std::uint64_t>());
        }
    }
    chart.equal_scales = yes(json, "equal_scales", place);
    chart.reader = yes(json, "reader", place);
    chart.names_classes = yes(json, "names_classes", place);
    chart.unknown_fields = unknown_fields(json, fields::chart);
    return chart;
}

void StudyReader::resolve_categories(Study& study) {
    for (auto& shared : study.tables) {
        Table table = *shared;
        for (Axis* axis : {&table.axis, table.across ? &*table.across : nullptr}) {
            const Id written = axis == nullptr ? Id() : axis->source->made_of();
            const Id of = written.empty() ? Id() : column_called(study, written);
            if (written.empty() || (of.empty() && !by_name(written))) {
                continue; // where its column has been removed the rows say so
            }
            if (of.empty() || table.column(of) != nullptr) {
                return refuse(N_("The rows of the table %1 are made from a column %2 that does not exist."),
                              {table.name, written.str()});
            }
            axis->source = axis->source->with_made_of(of);
        }
        if (!(table == *shared)) {
            shared = Shared<Table>(std::move(table));
        }
    }
}

void StudyReader::resolve_charts(Study& study) {
    for (auto& shared : study.charts) {
        Chart chart = *shared;
        if (!chart.table.empty()) {
            const Table* table = study.table_named(chart.table.str());
            table = table == nullptr ? study.table(chart.table) : table;
            if (table == nullptr) {
                return refuse(N_("The chart %1 uses a table %2 that does not exist."),
                              {chart.label, chart.table.str()});
            }
            chart.table = table->id;
        }
        for (Series& series : chart.series) {
            for (Id* column : {&series.x, &series.y, &series.error}) {
                const Id match = column->empty() ? Id() : column_called(study, *column);
                if (match.empty() && by_name(*column)) {
                    return refuse(N_("The chart %1 uses a column %2 that does not exist."),
                                  {chart.label, column->str()});
                }
                *column = match;
            }
        }
        shared = Shared<Chart>(std::move(chart));
    }
    study = without_lost_series(std::move(study));
}

} // namespace ledgefall
