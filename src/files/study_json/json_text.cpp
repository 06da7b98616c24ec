#include "files/study_json/json_text.h"

#include "core/basics/sentence.h"

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

bool is_flat(const Json& json) {
    return std::none_of(json.begin(), json.end(),
                        [](const Json& item) { return item.is_structured() && !item.empty(); });
}

/// A short object of plain values, such as a format, fits one line.
bool fits_one_line(const Json& json) {
    return json.is_array() ? is_flat(json) : json.size() <= 3 && is_flat(json) && json.dump().size() < 70;
}

class Writer {
  public:
    std::string out;

    void value(const Json& json, int depth) {
        if (json.is_number_float()) {
            const double number = json.get<double>();
            out += number == 0 && std::signbit(number) ? "-0.0" : shortest(number); // for people a zero has no sign
        } else if (!json.is_structured()) {
            out += json.dump(-1, ' ', false, Json::error_handler_t::replace);
        } else if (json.empty()) {
            out += json.is_array() ? "[]" : "{}";
        } else if (fits_one_line(json)) {
            items(json, depth, ", ", json.is_array() ? "" : " ");
        } else {
            items(json, depth, ",\n" + indent(depth + 1), "\n" + indent(depth + 1));
        }
    }

  private:
    static std::string indent(int depth) { return std::string(static_cast<std::size_t>(depth) * 2, ' '); }

    void items(const Json& json, int depth, const std::string& between, const std::string& edge) {
        const bool array = json.is_array();
        out += array ? "[" : "{";
        out += edge;
        bool first = true;
        for (auto it = json.begin(); it != json.end(); ++it) {
            out += first ? "" : between;
            first = false;
            if (!array) {
                out += Json(it.key()).dump(-1, ' ', false, Json::error_handler_t::replace) + ": ";
            }
            value(*it, depth + 1);
        }
        out += edge.size() > 1 ? "\n" + indent(depth) : edge;
        out += array ? "]" : "}";
    }
};

} // namespace

std::string json_text(const Json& json) {
    Writer writer;
    writer.value(json, 0);
    writer.out += '\n';
    return writer.out;
}

} // namespace ledgefall
