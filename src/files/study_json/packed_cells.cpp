#include "files/study_json/packed_cells.h"

#include "files/study_json/base64.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <cstring>
#include <limits>
#include <unordered_map>

namespace ledgefall::packed {
namespace {

static_assert(std::endian::native == std::endian::little); // cells are packed with the least byte first

constexpr std::array<double, 7> powers = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6};
constexpr std::array<std::pair<const char*, std::size_t>, 4> forms = {
    {{"int8", 1}, {"int16", 2}, {"int32", 4}, {"double", 8}}};

/// A column's cells as plain numbers, with what is no number beside them.
struct Parts {
    std::vector<double> numbers;
    Json texts = Json::array(), missing = Json::array(), odd = Json::array();
};

/// Nothing where there is too much beside the numbers.
std::optional<Parts> parts_of(const Column& cells) {
    Parts out;
    out.numbers.reserve(cells.size());
    const std::size_t most_beside = cells.size() / 16;
    std::unordered_map<std::uint64_t, std::size_t> places; // of texts, which are interned: equal ones have one slot
    std::size_t row = 0;
    std::size_t gap_from = 0;
    const auto end_gap = [&] {
        if (gap_from != 0) {
            out.missing.push_back(Json::array({gap_from, row + 1 - gap_from}));
            gap_from = 0;
        }
    };
    for (std::size_t number = 0; number < cells.chunk_count(); ++number) {
        const Column::Chunk& chunk = cells.chunk(number);
        for (std::size_t in = 0; row < cells.size() && in < Column::chunk_rows; ++in, ++row) {
            const State state = chunk.states.empty() ? State::plain : chunk.states[in];
            double slot = chunk.slots[in];
            if (state == State::missing || state == State::fault) {
                gap_from = gap_from == 0 ? row + 1 : gap_from;
                slot = 0;
            } else {
                end_gap();
            }
            if (state == State::unparsed) {
                out.odd.push_back(Json::array({row + 1, Value::text_of(slot).str()}));
                slot = 0;
            } else if (state == State::plain && cells.kind() == Kind::text) {
                const auto [place, added] = places.try_emplace(std::bit_cast<std::uint64_t>(slot), places.size());
                if (added) {
                    out.texts.push_back(Value::text_of(slot).str());
                }
                slot = static_cast<double>(place->second);
            }
            out.numbers.push_back(slot);
        }
        if (places.size() > most_beside || out.missing.size() > most_beside || out.odd.size() > most_beside) {
            return std::nullopt;
        }
    }
    end_gap();
    return out;
}

/// Whether a number is a whole one of 32 bits divided by a power of ten, to the last bit.
bool is_whole_over(double number, double power) {
    const double scaled = std::round(number * power);
    return std::fabs(scaled) <= std::numeric_limits<std::int32_t>::max() &&
           std::bit_cast<std::uint64_t>(scaled / power) == std::bit_cast<std::uint64_t>(number) &&
           !(number == 0 && std::signbit(number));
}

/// With how many decimals all numbers are whole ones of 32 bits; nothing where there is none.
std::optional<std::size_t> decimals_of(const std::vector<double>& numbers) {
    std::size_t decimals = 0;
    for (const double number : numbers) {
        while (!is_whole_over(number, powers[decimals])) {
            if (++decimals == powers.size()) {
                return std::nullopt;
            }
        }
    }
    // A later number may have asked for more decimals, with which an early one is too large.
    const bool all = std::all_of(numbers.begin(), numbers.end(),
                                 [power = powers[decimals]](double number) { return is_whole_over(number, power); });
    return all ? std::optional(decimals) : std::nullopt;
}

template <class Whole>
std::string bytes_as(const std::vector<double>& numbers, double power) {
    std::string bytes(numbers.size() * sizeof(Whole), '\0');
    for (std::size_t at = 0; at < numbers.size(); ++at) {
        const auto whole =
            static_cast<Whole>(std::is_floating_point_v<Whole> ? numbers[at] : std::round(numbers[at] * power));
        std::memcpy(bytes.data() + at * sizeof(Whole), &whole, sizeof(Whole));
    }
    return bytes;
}

template <class Whole>
void fill(const std::string& bytes, double power, Column& cells) {
    std::size_t at = 0;
    for (std::size_t number = 0; number < cells.chunk_count(); ++number) {
        for (double& slot : cells.own_chunk(number).slots) {
            Whole whole{};
            std::memcpy(&whole, bytes.data() + at, sizeof(Whole));
            slot = static_cast<double>(whole) / power;
            at += sizeof(Whole);
        }
    }
}

/// Whether a list has pairs of a row among `rows` and something else; `see` gets both and says whether it fits.
template <class See>
bool each_pair(const Json& json, const char* name, std::size_t rows, See see) {
    const auto list = json.find(name);
    if (list == json.end()) {
        return true;
    }
    return list->is_array() && std::all_of(list->begin(), list->end(), [&](const Json& pair) {
               if (!pair.is_array() || pair.size() != 2 || !pair[0].is_number_unsigned()) {
                   return false;
               }
               const auto row = pair[0].get<std::uint64_t>();
               return row >= 1 && row <= rows && see(static_cast<std::size_t>(row - 1), pair[1]);
           });
}

/// Places among the different texts become these.
bool put_texts(const Json& json, Column& cells) {
    const auto list = json.find("texts");
    std::vector<double> slots;
    for (std::size_t at = 0; list != json.end() && list->is_array() && at < list->size(); ++at) {
        if (!(*list)[at].is_string()) {
            return false;
        }
        slots.push_back(Value::text(Text((*list)[at].get<std::string>())).slot());
    }
    for (std::size_t number = 0; number < cells.chunk_count(); ++number) {
        Column::Chunk& chunk = cells.own_chunk(number);
        for (std::size_t in = 0; in < chunk.slots.size(); ++in) {
            if (!chunk.states.empty() && chunk.states[in] != State::plain) {
                continue; // missing, or odd and set already
            }
            const double place = chunk.slots[in];
            if (!(place >= 0 && place < static_cast<double>(slots.size()))) {
                return false;
            }
            chunk.slots[in] = slots[static_cast<std::size_t>(place)];
        }
    }
    return true;
}

/// Whether every plain cell has what its kind can have.
bool is_sound(const Column& cells) {
    for (std::size_t number = 0; number < cells.chunk_count(); ++number) {
        for (const double slot : cells.chunk(number).slots) {
            const bool answer = cells.kind() != Kind::yes_no || slot == 0 || slot == 1;
            if (cells.kind() != Kind::text && (!std::isfinite(slot) || !answer)) {
                return false;
            }
        }
    }
    return true;
}

} // namespace

std::optional<Json> written(const Column& cells, std::size_t least) {
    if (cells.size() < least) {
        return std::nullopt;
    }
    std::optional<Parts> parts = parts_of(cells);
    if (!parts) {
        return std::nullopt;
    }
    const std::vector<double>& numbers = parts->numbers;
    const std::optional<std::size_t> decimals = decimals_of(numbers);
    const double power = powers[decimals.value_or(0)];
    double largest = 0;
    for (const double number : numbers) {
        largest = std::max(largest, std::fabs(number) * power);
    }
    const std::size_t form = !decimals                                             ? 3
                             : largest <= std::numeric_limits<std::int8_t>::max()  ? 0
                             : largest <= std::numeric_limits<std::int16_t>::max() ? 1
                                                                                   : 2;
    Json json = {{"version", std::uint64_t{version}}, {"rows", cells.size()}, {"as", forms[form].first}};
    if (decimals.value_or(0) > 0) {
        json["decimals"] = *decimals;
    }
    json["data"] = to_base64(form == 0   ? bytes_as<std::int8_t>(numbers, power)
                             : form == 1 ? bytes_as<std::int16_t>(numbers, power)
                             : form == 2 ? bytes_as<std::int32_t>(numbers, power)
                                         : bytes_as<double>(numbers, 1));
    for (auto& [name, list] :
         {std::pair<const char*, Json&>("texts", parts->texts), {"missing", parts->missing}, {"odd", parts->odd}}) {
        if (!list.empty()) {
            json[name] = std::move(list);
        }
    }
    return json;
}

std::optional<Column> read(const Json& json, Kind kind) {
    const auto whole = [&json](const char* name, std::uint64_t otherwise) {
        const auto entry = json.find(name);
        return entry == json.end()           ? std::optional(otherwise)
               : entry->is_number_unsigned() ? std::optional(entry->get<std::uint64_t>())
                                             : std::nullopt;
    };
    const auto data = json.is_object() ? json.find("data") : json.end();
    if (data == json.end() || !data->is_string() || whole("version", 0) != version || !json.contains("as") ||
        !json["as"].is_string()) {
        return std::nullopt;
    }
    const std::string as = json["as"].get<std::string>();
    const auto form = std::find_if(forms.begin(), forms.end(), [&as](const auto& one) { return as == one.first; });
    const std::optional<std::uint64_t> rows = whole("rows", 0);
    const std::optional<std::uint64_t> decimals = whole("decimals", 0);
    const std::optional<std::string> bytes = from_base64(data->get_ref<const std::string&>());
    if (form == forms.end() || !rows || !decimals || *decimals >= powers.size() || !bytes ||
        bytes->size() % form->second != 0 || bytes->size() / form->second != *rows) {
        return std::nullopt;
    }
    const auto count = static_cast<std::size_t>(*rows);
    Column cells(kind);
    cells.prepare(count);
    const double power = powers[static_cast<std::size_t>(*decimals)];
    form->second == 1   ? fill<std::int8_t>(*bytes, power, cells)
    : form->second == 2 ? fill<std::int16_t>(*bytes, power, cells)
    : form->second == 4 ? fill<std::int32_t>(*bytes, power, cells)
                        : fill<double>(*bytes, power, cells);
    if (!is_sound(cells)) {
        return std::nullopt;
    }
    const bool beside_fits =
        each_pair(json, "missing", count,
                  [&](std::size_t row, const Json& length) {
                      if (!length.is_number_unsigned() || length.get<std::uint64_t>() > count - row) {
                          return false;
                      }
                      for (std::size_t at = row; at < row + length.get<std::size_t>(); ++at) {
                          cells.set(at, Value::missing(kind));
                      }
                      return true;
                  }) &&
        each_pair(json, "odd", count, [&](std::size_t row, const Json& typed) {
            if (!typed.is_string()) {
                return false;
            }
            cells.set(row, Value::unparsed(Text(typed.get<std::string>())));
            return true;
        });
    return beside_fits && (kind != Kind::text || put_texts(json, cells)) ? std::optional(std::move(cells))
                                                                         : std::nullopt;
}

} // namespace ledgefall::packed
