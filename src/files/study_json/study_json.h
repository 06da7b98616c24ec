#pragma once

#include "core/basics/result.h"
#include "core/basics/stopping.h"
#include "core/study/model/study.h"

#include <string>
#include <string_view>

namespace ledgefall {

/// The version of the study's file format that this writes; files of a later one are refused with a sentence. Files
/// without packed cells say 1, which older programs read.
constexpr int study_format_version = 2;
/// What the field `format` of every file says.
inline constexpr const char* study_format_mark = "ledgefall-study";

/// A study as the text of its file.
std::string write_study(const Study& study);

/// The study in the text of a file. What is not known is kept and written again; what is wrong is refused in one
/// sentence that says where: `tables[0].columns[2].values[5]`, or a line and column where the text is not JSON.
Result<Study> read_study(std::string_view text, const StopToken& stop = {});

} // namespace ledgefall
