#pragma once

#include "core/basics/result.h"
#include "core/formula/tree.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace ledgefall {

/// What is wrong with a text as a formula, and where.
struct Mistake {
    Sentence what;
    Span span;
    std::optional<SuggestedCorrection> correction = std::nullopt;
    /// What can follow, where the text only ends too soon; empty where nothing that follows would help.
    Sentence follows = {};
};

enum class TokenType : std::uint8_t { number, text, name, sign, end };

/// One piece of a formula's text. Signs come in their typed ASCII form whichever way they were written; a superscript
/// two or three comes as `^` and a number.
struct Token {
    TokenType type = TokenType::end;
    Span span;
    std::string text;
    double number = 0;
};

struct Tokens {
    std::vector<Token> all;        ///< always ends with a token of type `end`
    std::vector<Mistake> mistakes; ///< at most one: reading stops at it
};

Tokens read_tokens(std::string_view text);

} // namespace ledgefall
