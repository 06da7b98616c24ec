#include "files/marking/feedback_page.h"

#include "core/engine/functions/catalogue.h"
#include "core/engine/workings/working.h"
#include "core/formula/mathml.h"
#include "core/marking/marks_study.h"
#include "core/marking/variations.h"
#include "core/study/builders/handout.h"
#include "core/study/model/study_part.h"

namespace ledgefall {
namespace {

constexpr const char* page_style = R"(
body { font: 11pt/1.5 Lato, "Segoe UI", sans-serif; color: #1d2430; margin: 2em auto; max-width: 50em; padding: 0 1em; }
h1 { font-size: 1.5em; } h2 { font-size: 1.1em; margin-top: 1.6em; border-top: 1px solid #b9b2a3; padding-top: 0.6em; }
dt { color: #5a6270; } dd { margin: 0 0 0.5em 1.5em; } pre { font: inherit; margin: 0; white-space: pre-wrap; }
@media print { body { margin: 0; max-width: none; } }
)";

std::string paragraph_of(const std::string& text) {
    return "<p>" + text_for_xml(text) + "</p>\n";
}

std::string in_mathematics(const std::string& name, const std::vector<Formula>& formulas) {
    std::string out;
    for (const Formula& formula : formulas) {
        out += out.empty() ? "" : "<br>\n";
        out += text_for_xml(name) + " = ";
        out +=
            formula.tree() ? mathml_of(mathematics_of(*formula.tree(), &typesetting_of)) : text_for_xml(formula.text());
    }
    return out;
}

std::vector<Formula> formulas_in(const StudyPart& part) {
    std::vector<Formula> all;
    if (part.foot_line != nullptr) {
        all.push_back(part.foot_line->formula);
    } else if (part.held != nullptr && !part.held->formula.empty()) {
        all.push_back(part.held->formula);
    } else if (part.column != nullptr) {
        for (const Piece& piece : part.column->pieces) {
            all.push_back(piece.formula);
        }
    }
    return all;
}

std::string entry(const Sentence& term, const std::string& description) {
    return description.empty() ? std::string()
                               : "<dt>" + text_for_xml(worded(term)) + "</dt>\n<dd>" + description + "</dd>\n";
}

/// The working of an item, of a column in one row.
std::string working_in(const Study& study, const Results& results, Id part, std::size_t row) {
    const StudyPart there = find_part(study, part);
    if (there.is_axis || (there.foot_line != nullptr && there.foot_line->columns.empty()) || !there.exists()) {
        return {};
    }
    const DefinitionId definition = there.foot_line != nullptr
                                        ? DefinitionId::foot_value(part, there.foot_line->columns.front())
                                        : DefinitionId(part);
    const Result<Working> working = working_of(study, results, definition, row);
    return working ? "<pre>" + text_for_xml(working_text(*working)) + "</pre>" : text_for_xml(working.refusal().text());
}

} // namespace

std::string feedback_page(const Study& key, const Study& submission, const std::string& name,
                          const std::vector<AskedItem>& asked, const std::vector<Judgement>& judgements,
                          const std::string& language) {
    const std::string title = worded({N_("Feedback for %1"), {name}});
    std::string out = "<!DOCTYPE html>\n<html lang=\"" + language + "\">\n<head>\n<meta charset=\"utf-8\">\n<title>" +
                      text_for_xml(title) + "</title>\n<style>" + page_style + "</style>\n</head>\n<body>\n<h1>" +
                      text_for_xml(title) + "</h1>\n" + paragraph_of(key.title);
    const Study right = with_values_of(key, submission, given_parts(key, asked));
    const ResultsPtr right_results = compute(right);
    const ResultsPtr own_results = compute(submission);
    for (std::size_t at = 0; at < judgements.size(); ++at) {
        const Judgement& judgement = judgements[at];
        out += "<h2>" + text_for_xml(item_name(key, asked[at])) + "</h2>\n" + paragraph_of(asked[at].question) +
               "<p><strong>" + text_for_xml(feedback_on(judgement)) + "</strong></p>\n<dl>\n";
        const StudyPart of_key = find_part(key, asked[at].part);
        const StudyPart own = find_part(submission, asked[at].part);
        const std::string called = of_key.held != nullptr        ? of_key.held->name
                                   : of_key.foot_line != nullptr ? of_key.foot_line->label
                                   : of_key.column != nullptr    ? of_key.column->name
                                                                 : "";
        out += entry({N_("Asked")}, in_mathematics(called, formulas_in(of_key)));
        const std::vector<Formula> formulas = formulas_in(own);
        out +=
            entry({N_("Yours")}, formulas.empty() ? text_for_xml(judgement.answer) : in_mathematics(called, formulas));
        const bool shown = judgement.outcome == MarkOutcome::slip || judgement.outcome == MarkOutcome::different ||
                           (judgement.outcome == MarkOutcome::values && !formulas.empty());
        if (shown && own.exists()) {
            const std::size_t row = judgement.row.value_or(0) + 1;
            out += entry({N_("The working of what was asked, in row %1"), {std::to_string(row)}},
                         working_in(right, *right_results, asked[at].part, row));
            out += entry({N_("Your working there")}, working_in(submission, *own_results, asked[at].part, row));
        }
        out += "</dl>\n";
    }
    return out + "</body>\n</html>\n";
}

} // namespace ledgefall
