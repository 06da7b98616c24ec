#pragma once

#include "core/value/value.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// The fields of one object of a study's file, as a row source reads them, whatever the format. What is not as it must
/// be is refused by `refuse`, and reading goes on; the file is then not taken.
class FieldReader {
  public:
    virtual ~FieldReader() = default;
    virtual bool has(std::string_view field) = 0;
    virtual std::string text(std::string_view field) = 0; ///< empty where there is none
    /// A formula, which a file may write as a plain number.
    virtual std::string formula(std::string_view field) = 0;
    virtual std::optional<std::uint64_t> whole_number(std::string_view field) = 0; ///< nothing where it is none
    virtual void number(std::string_view field, double& value) = 0;  ///< left as it was where there is none
    virtual std::vector<double> numbers(std::string_view field) = 0; ///< empty where they are none
    virtual std::vector<std::string> texts(std::string_view field) = 0;
    virtual Kind kind(std::string_view field) = 0;
    virtual std::vector<Value> values(std::string_view field, Kind kind) = 0;
    /// Which of the words stands there; the first where there is none.
    virtual std::size_t choice(std::string_view field, std::span<const std::string_view> words) = 0;
    /// Pairs of whole numbers from 0 up; nothing where they are not.
    virtual std::optional<std::vector<std::pair<std::uint64_t, std::uint64_t>>> pairs(std::string_view field) = 0;
    virtual void refuse(const std::string& field, const std::string& wanted) = 0;
    virtual std::string everything() = 0; ///< the whole object as text, for what this version does not know
};

/// The same fields as they are written.
class FieldWriter {
  public:
    virtual ~FieldWriter() = default;
    virtual void text(std::string_view field, const std::string& value) = 0; ///< leaves an empty one out
    virtual void whole_number(std::string_view field, std::uint64_t value) = 0;
    virtual void number(std::string_view field, double value) = 0;
    virtual void numbers(std::string_view field, const std::vector<double>& values) = 0;
    virtual void texts(std::string_view field, const std::vector<std::string>& values) = 0; ///< likewise
    virtual void values(std::string_view field, const std::vector<Value>& values) = 0;      ///< likewise
    virtual void pairs(std::string_view field, const std::vector<std::pair<std::uint64_t, std::uint64_t>>& pairs) = 0;
    virtual void everything(const std::string& object) = 0; ///< what `FieldReader::everything` gave
};

} // namespace ledgefall
