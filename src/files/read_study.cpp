#include "core/formula/names.h"
#include "core/study/scope.h"
#include "core/value/date.h"
#include "files/json_text.h"
#include "files/study_fields.h"
#include "files/study_json.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace ledgefall {
namespace {

/// A place in the file, such as `tables[0].columns[2]`, carried along while reading.
class Place {
  public:
    Place field(const std::string& name) const { return Place(path_.empty() ? name : path_ + "." + name); }
    Place item(std::size_t at) const { return Place(path_ + "[" + std::to_string(at) + "]"); }
    const std::string& text() const { return path_; }
    Place() = default;

  private:
    explicit Place(std::string path)
        : path_(std::move(path)) {}
    std::string path_;
};

/// Reads a study's JSON. The first thing that is wrong is kept in `refusal`; after it everything reads as empty.
class StudyReader {
  public:
    std::optional<Sentence> refusal;

    Study study(const Json& json) {
        Study study;
        const Place top;
        study.title = text(json, "title", top);
        study.note = text(json, "note", top);
        settings(json, study.settings);
        list(json, "ledge", top, [&](const Json& item, const Place& at) { study.ledge.emplace_back(held(item, at)); });
        list(json, "tables", top,
             [&](const Json& item, const Place& at) { study.tables.emplace_back(table(item, at)); });
        list(json, "checks", top,
             [&](const Json& item, const Place& at) { study.checks.emplace_back(check(item, at)); });
        study.kept = kept(json, fields::study);
        return study;
    }

    /// Gives ids where a script has written none, and names the first name or id that comes twice.
    void settle(Study& study) {
        std::set<std::string> ids;
        std::uint64_t last = 0;
        const auto see = [&](const Id id, const std::string& name) {
            const std::string& text = id.str();
            if (!text.empty() && !ids.insert(text).second) {
                refuse("The id %1 stands in the file twice, the second time at %2.", {text, name});
            }
            const std::size_t digits = text.find_last_not_of("0123456789");
            const std::string number = digits == std::string::npos ? "" : text.substr(digits + 1);
            if (!number.empty() && number.size() < 18) {
                last = std::max(last, static_cast<std::uint64_t>(std::stoull(number)));
            }
        };
        for_each_part(study, see);
        study.last_number = last;
        give_ids(study);
        check_names(study);
        resolve_foot(study);
        resolve_checks(study);
    }

  private:
    void refuse(std::string pattern, std::vector<std::string> parts) {
        if (!refusal) {
            refusal = Sentence(std::move(pattern), std::move(parts));
        }
    }
    void wrong(const Place& place, const char* wanted) {
        refuse("At %1 the file should have %2: correct it, or take an earlier copy.",
               {place.text().empty() ? "its beginning" : place.text(), wanted});
    }

    const Json* field(const Json& json, const char* name) const {
        const auto it = json.find(name);
        return it == json.end() || it->is_null() ? nullptr : &*it;
    }

    std::string text(const Json& json, const char* name, const Place& place) {
        const Json* found = field(json, name);
        if (found == nullptr) {
            return {};
        }
        if (!found->is_string()) {
            wrong(place.field(name), "a text");
            return {};
        }
        return found->get<std::string>();
    }

    double number(const Json& json, const char* name, const Place& place, double otherwise) {
        const Json* found = field(json, name);
        if (found == nullptr) {
            return otherwise;
        }
        if (!found->is_number() || !std::isfinite(found->get<double>())) {
            wrong(place.field(name), "a number");
            return otherwise;
        }
        return found->get<double>();
    }

    std::optional<std::uint64_t> whole(const Json& json, const char* name, const Place& place) {
        const Json* found = field(json, name);
        if (found == nullptr) {
            return std::nullopt;
        }
        if (!found->is_number_unsigned()) {
            wrong(place.field(name), "a whole number from 0 up");
            return std::nullopt;
        }
        return found->get<std::uint64_t>();
    }

    template <class Read>
    void list(const Json& json, const char* name, const Place& place, Read read) {
        const Json* found = field(json, name);
        if (found == nullptr) {
            return;
        }
        if (!found->is_array()) {
            wrong(place.field(name), "a list");
            return;
        }
        for (std::size_t at = 0; at < found->size() && !refusal; ++at) {
            const Place here = place.field(name).item(at);
            const Json& item = (*found)[at];
            if (!item.is_object()) {
                wrong(here, "an object in braces");
                return;
            }
            read(item, here);
        }
    }

    template <std::size_t count>
    static std::string kept(const Json& json, const char* const (&known)[count]) {
        Json rest = Json::object();
        for (const auto& [name, value] : json.items()) {
            if (std::find(std::begin(known), std::end(known), name) == std::end(known)) {
                rest[name] = value;
            }
        }
        return rest.empty() ? std::string() : rest.dump(-1, ' ', false, Json::error_handler_t::replace);
    }

    void settings(const Json& json, Settings& settings) {
        const Json* found = field(json, "settings");
        if (found == nullptr) {
            return;
        }
        const Place place = Place().field("settings");
        if (!found->is_object()) {
            return wrong(place, "an object in braces");
        }
        settings.seed = whole(*found, "seed", place).value_or(settings.seed);
        settings.tolerance = number(*found, "tolerance", place, settings.tolerance);
        const auto type = whole(*found, "quantile_type", place).value_or(7);
        if (type < 1 || type > 9) {
            return wrong(place.field("quantile_type"), "a whole number from 1 to 9");
        }
        settings.quantile_type = static_cast<int>(type);
    }

    Format format(const Json& json, const Place& place) {
        Format format;
        const Json* found = field(json, "format");
        if (found == nullptr || !found->is_object()) {
            return format;
        }
        const std::string style = text(*found, "style", place.field("format"));
        format.style = style == "decimals"      ? Format::Style::decimals
                       : style == "significant" ? Format::Style::significant
                       : style == "percent"     ? Format::Style::percent
                       : style == "scientific"  ? Format::Style::scientific
                                                : Format::Style::automatic;
        format.digits = static_cast<int>(std::clamp(number(*found, "digits", place.field("format"), 0), 0.0, 17.0));
        return format;
    }

    Kind kind(const Json& json, const Place& place) {
        const std::string name = text(json, "kind", place);
        const auto known = kind_named(name.empty() ? "number" : name);
        if (!known) {
            wrong(place.field("kind"), "number, text, yes_no or date");
        }
        return known.value_or(Kind::number);
    }

    Value value(const Json& json, Kind kind, const Place& place) {
        if (json.is_null()) {
            return Value::missing(kind);
        }
        if (json.is_number() && kind == Kind::number && std::isfinite(json.get<double>())) {
            return Value::number(json.get<double>());
        }
        if (json.is_boolean() && kind == Kind::yes_no) {
            return Value::yes_no(json.get<bool>());
        }
        if (json.is_string() && kind == Kind::text) {
            return Value::text(Text(json.get<std::string>()));
        }
        if (json.is_string()) {
            const auto days = kind == Kind::date ? read_date(json.get<std::string>()) : std::nullopt;
            return days ? Value::of(*days, Kind::date, State::plain) : Value::odd(Text(json.get<std::string>()));
        }
        if (json.is_number() || json.is_boolean()) {
            return Value::odd(Text(json.dump()));
        }
        wrong(place, "a number, a text, true, false or null");
        return Value::missing(kind);
    }

    /// A value that says itself what kind it is.
    Value own_value(const Json& json, const Place& place) {
        const Json* found = field(json, "value");
        if (found == nullptr) {
            return Value::missing();
        }
        const bool dated = text(json, "kind", place) == "date";
        const Kind kind = dated                 ? Kind::date
                          : found->is_string()  ? Kind::text
                          : found->is_boolean() ? Kind::yes_no
                                                : Kind::number;
        return value(*found, kind, place.field("value"));
    }

    std::string name(const Json& json, const Place& place) {
        const std::string found = normal_name(text(json, "name", place));
        if (!refusal && !is_name(found)) {
            wrong(place.field("name"), "a name of letters, digits and _");
        }
        return found;
    }

    HeldValue held(const Json& json, const Place& place) {
        HeldValue held;
        held.id = Id(text(json, "id", place));
        held.name = name(json, place);
        held.unit = text(json, "unit", place);
        held.note = text(json, "note", place);
        held.formula = Formula(text(json, "formula", place));
        held.value = held.formula.empty() ? own_value(json, place) : Value::missing();
        held.format = format(json, place);
        held.kept = kept(json, fields::held);
        return held;
    }

    ColumnDefinition column(const Json& json, const Place& place) {
        ColumnDefinition column;
        column.id = Id(text(json, "id", place));
        column.name = name(json, place);
        column.label = text(json, "label", place);
        column.unit = text(json, "unit", place);
        column.note = text(json, "note", place);
        column.format = format(json, place);
        column.width = static_cast<int>(std::clamp(number(json, "width", place, 0), 0.0, 4000.0));
        pieces(json, place, column);
        Column cells(kind(json, place));
        if (const Json* values = field(json, "values"); values != nullptr && column.pieces.empty()) {
            if (!values->is_array()) {
                wrong(place.field("values"), "a list");
            }
            for (std::size_t at = 0; at < values->size() && !refusal; ++at) {
                cells.append(value((*values)[at], cells.kind(), place.field("values").item(at)));
            }
        }
        column.cells = Shared<Column>(std::move(cells));
        column.kept = kept(json, fields::column);
        return column;
    }

    void pieces(const Json& json, const Place& place, ColumnDefinition& column) {
        const std::string formula = text(json, "formula", place);
        if (!formula.empty()) {
            column.pieces.push_back({Formula(formula), {}, {}});
        }
        list(json, "pieces", place, [&](const Json& item, const Place& at) {
            column.pieces.push_back(
                {Formula(text(item, "formula", at)), whole(item, "from", at), whole(item, "to", at)});
        });
        Overrides overrides;
        list(json, "overrides", place, [&](const Json& item, const Place& at) {
            const auto row = whole(item, "row", at);
            if (!row) {
                return wrong(at.field("row"), "the number of a row");
            }
            overrides[*row] = own_value(item, at);
        });
        column.overrides = Shared<Overrides>(std::move(overrides));
    }

    FootLine foot(const Json& json, const Place& place) {
        FootLine line;
        line.id = Id(text(json, "id", place));
        line.formula = Formula(text(json, "formula", place));
        line.label = text(json, "label", place);
        line.label = line.label.empty() ? line.formula.text() : line.label;
        line.format = format(json, place);
        if (const Json* columns = field(json, "columns")) {
            if (!columns->is_array()) {
                wrong(place.field("columns"), "a list of columns");
            }
            for (std::size_t at = 0; at < columns->size() && !refusal; ++at) {
                if (!(*columns)[at].is_string()) {
                    wrong(place.field("columns").item(at), "the id or name of a column");
                } else {
                    line.columns.emplace_back((*columns)[at].get<std::string>());
                }
            }
        }
        line.kept = kept(json, fields::foot);
        return line;
    }

    Check check(const Json& json, const Place& place) {
        Check check;
        check.id = Id(text(json, "id", place));
        check.label = text(json, "label", place);
        check.table = Id(text(json, "table", place)); // its name; settled once all tables are known
        check.condition = Formula(text(json, "condition", place));
        check.message = text(json, "message", place);
        check.kept = kept(json, fields::check);
        if (check.condition.empty()) {
            wrong(place.field("condition"), "a condition, such as sum(share) ≈ 1");
        }
        check.label = check.label.empty() ? check.condition.text() : check.label;
        return check;
    }

    void axis(const Json& json, const Place& place, Axis& axis) {
        const std::string source = text(json, "source", place);
        axis.kept = kept(json, fields::axis);
        if (source == "counted") {
            axis.source = RowSource::counted;
            const Json* count = field(json, "count");
            axis.count = Formula(count != nullptr && count->is_number() ? count->dump() : text(json, "count", place));
            if (axis.count.empty()) {
                wrong(place.field("count"), "the number of rows");
            }
            return;
        }
        if (!source.empty() && source != "typed") {
            axis.source = RowSource::other;
            axis.kept = json.dump();
            return;
        }
        const Json* rows = field(json, "rows");
        if (rows == nullptr) {
            return;
        }
        if (rows->is_number_unsigned() && rows->get<std::uint64_t>() <= 20'000'000) {
            axis.ids = RowIds(rows->get<std::uint64_t>());
            return;
        }
        std::vector<RowIds::Run> runs;
        for (std::size_t at = 0; rows->is_array() && at < rows->size(); ++at) {
            const Json& run = (*rows)[at];
            const bool pair =
                run.is_array() && run.size() == 2 && run[0].is_number_unsigned() && run[1].is_number_unsigned();
            runs.push_back(pair ? RowIds::Run{run[0].get<std::uint64_t>(), run[1].get<std::uint64_t>()}
                                : RowIds::Run{0, 0});
        }
        const auto ids = rows->is_array() ? RowIds::from_runs(runs) : std::nullopt;
        if (!ids || ids->size() > 20'000'000) {
            return wrong(place.field("rows"),
                         "a number of rows, up to 20 million, or a list of pairs of a first id and a count");
        }
        axis.ids = *ids;
    }

    Table table(const Json& json, const Place& place) {
        Table table;
        table.id = Id(text(json, "id", place));
        table.name = name(json, place);
        table.label = text(json, "label", place);
        table.note = text(json, "note", place);
        std::size_t axes = 0;
        list(json, "axes", place, [&](const Json& item, const Place& at) {
            if (axes++ == 0) {
                axis(item, at, table.axis);
            } else {
                refuse("The table at %1 has two axes, which this version cannot open yet.", {place.text()});
            }
        });
        list(json, "ledge", place,
             [&](const Json& item, const Place& at) { table.ledge.emplace_back(held(item, at)); });
        list(json, "columns", place,
             [&](const Json& item, const Place& at) { table.columns.emplace_back(column(item, at)); });
        list(json, "foot", place, [&](const Json& item, const Place& at) { table.foot.emplace_back(foot(item, at)); });
        if (table.axis.source == RowSource::typed) { // a script may leave out how many rows there are
            std::size_t rows = table.axis.ids.size();
            for (const auto& one : table.columns) {
                rows = std::max(rows, one->cells->size());
            }
            table.axis.ids.append(rows - table.axis.ids.size());
        }
        table.kept = kept(json, fields::table);
        return table;
    }

    template <class See>
    static void for_each_part(const Study& study, See see) {
        const auto held = [&see](const std::vector<Shared<HeldValue>>& ledge) {
            for (const auto& one : ledge) {
                see(one->id, one->name);
            }
        };
        held(study.ledge);
        for (const auto& check : study.checks) {
            see(check->id, check->label);
        }
        for (const auto& table : study.tables) {
            see(table->id, table->name);
            held(table->ledge);
            for (const auto& column : table->columns) {
                see(column->id, table->name + "." + column->name);
            }
            for (const auto& line : table->foot) {
                see(line->id, line->label);
            }
        }
    }

    static void give_ids(Study& study) {
        const auto give = [&study](auto& parts, const char* prefix) {
            for (auto& part : parts) {
                if (part->id.empty()) {
                    part.edit([&](auto& copy) { copy.id = study.fresh_id(prefix); });
                }
            }
        };
        give(study.ledge, "h");
        give(study.tables, "t");
        give(study.checks, "k");
        for (auto& shared : study.tables) {
            Table table = *shared;
            give(table.ledge, "h");
            give(table.columns, "c");
            give(table.foot, "f");
            shared = Shared<Table>(std::move(table));
        }
    }

    void check_names(const Study& study) {
        std::set<std::string> tables;
        std::set<std::string> on_ledge;
        for (const auto& held : study.ledge) {
            if (!on_ledge.insert(held->name).second) {
                refuse("Two held values of the study are called %1.", {held->name});
            }
        }
        for (const auto& table : study.tables) {
            if (!tables.insert(table->name).second) {
                refuse("Two tables are called %1.", {table->name});
            }
            std::set<std::string> names;
            const auto see = [&](const std::string& name) {
                if (!names.insert(name).second) {
                    refuse("In the table %1 two things are called %2.", {table->name, name});
                }
            };
            for (const auto& held : table->ledge) {
                see(held->name);
            }
            for (const auto& column : table->columns) {
                see(column->name);
            }
        }
    }

    void resolve_checks(Study& study) {
        for (auto& check : study.checks) {
            if (check->table.empty()) {
                continue;
            }
            const Table* named = study.table_named(check->table.str());
            named = named == nullptr ? study.table(check->table) : named;
            if (named == nullptr) {
                return refuse("The check %1 names a table %2 that is not there.", {check->label, check->table.str()});
            }
            check.edit([named](Check& copy) { copy.table = named->id; });
        }
    }

    /// A foot's columns may be written by name, as a script would; they are held by id.
    void resolve_foot(Study& study) {
        for (auto& shared : study.tables) {
            const bool by_name = std::any_of(shared->foot.begin(), shared->foot.end(), [&](const auto& line) {
                return std::any_of(line->columns.begin(), line->columns.end(),
                                   [&](Id id) { return shared->column(id) == nullptr; });
            });
            if (!by_name) {
                continue;
            }
            Table table = *shared;
            for (auto& line : table.foot) {
                line.edit([&](FootLine& copy) {
                    for (Id& id : copy.columns) {
                        const ColumnDefinition* named =
                            table.column(id) != nullptr ? nullptr : table.column_named(id.str());
                        if (table.column(id) == nullptr && named == nullptr) {
                            refuse("The foot line %1 of %2 names a column %3 that is not there.",
                                   {copy.label, table.name, id.str()});
                        }
                        id = named != nullptr ? named->id : id;
                    }
                });
            }
            shared = Shared<Table>(std::move(table));
        }
    }
};

/// How deep brackets and braces stand one within the other, outside texts.
std::size_t nesting(std::string_view file) {
    std::size_t depth = 0;
    std::size_t deepest = 0;
    bool in_text = false;
    for (std::size_t at = 0; at < file.size(); ++at) {
        const char c = file[at];
        if (in_text) {
            at += c == '\\' ? 1 : 0;
            in_text = c != '"';
        } else if (c == '"') {
            in_text = true;
        } else if (c == '[' || c == '{') {
            deepest = std::max(deepest, ++depth);
        } else if ((c == ']' || c == '}') && depth > 0) {
            --depth;
        }
    }
    return deepest;
}

std::optional<Sentence> not_a_study(const Json& json) {
    if (!json.is_object() || !json.contains("format") || json["format"] != fields::format_mark) {
        return Sentence{"This is not a Ledgefall study: it does not say \"format\": \"%1\" at its beginning.",
                        {fields::format_mark}};
    }
    const auto version = json.find("version");
    if (version == json.end() || !version->is_number_integer()) {
        return Sentence{
            "This study does not say which version of the format it has: its field version should be a whole number.",
            {}};
    }
    if (version->get<std::int64_t>() > study_format_version) {
        return Sentence{"This study was written by a later Ledgefall (format %1, and this one reads up to %2): open it "
                        "with that one.",
                        {version->dump(), std::to_string(study_format_version)}};
    }
    if (version->get<std::int64_t>() < 1) {
        return Sentence{"There is no version %1 of the study format: its field version should be %2.",
                        {version->dump(), std::to_string(study_format_version)}};
    }
    return std::nullopt;
}

} // namespace

Result<Study> read_study(std::string_view file) {
    if (file.starts_with("\xEF\xBB\xBF")) {
        file.remove_prefix(3);
    }
    constexpr std::size_t most_nesting = 200;
    if (nesting(file) > most_nesting) {
        return Sentence{"The file is not a study: it nests brackets more than %1 deep.",
                        {std::to_string(most_nesting)}};
    }
    Json json;
    try {
        json = Json::parse(file.begin(), file.end());
    } catch (const Json::parse_error& error) {
        const std::size_t at = std::min(error.byte, file.size());
        const std::string_view before = file.substr(0, at == 0 ? 0 : at - 1);
        const auto line = static_cast<std::size_t>(std::count(before.begin(), before.end(), '\n')) + 1;
        const std::size_t start = before.rfind('\n') == std::string_view::npos ? 0 : before.rfind('\n') + 1;
        const std::string place = std::to_string(line);
        if (at >= file.size()) {
            return Sentence{
                "The file is cut off: it ends at line %1, before the study is complete. Take an earlier copy.",
                {place}};
        }
        return Sentence{"The file is not a study as it is: at line %1, character %2, it is not valid JSON.",
                        {place, std::to_string(before.size() - start + 1)}};
    } catch (const Json::exception&) { // a number beyond all bounds
        return Sentence{"The file holds a number that is too large to be held.", {}};
    }
    if (auto refusal = not_a_study(json)) {
        return *refusal;
    }
    StudyReader reader;
    Study study = reader.study(json);
    if (!reader.refusal) {
        reader.settle(study);
    }
    if (reader.refusal) {
        return *reader.refusal;
    }
    return study;
}

} // namespace ledgefall
