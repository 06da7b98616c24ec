#include "core/report/report.h"

#include "core/engine/functions/catalogue.h"
#include "core/engine/workings/working.h"
#include "core/runs/run_titles.h"
#include "core/study/builders/handout.h"
#include "core/study/formats/settled_format.h"
#include "core/study/model/scope.h"
#include "core/study/model/study_part.h"

#include <algorithm>
#include <set>

namespace ledgefall {
namespace {

class Maker {
  public:
    Maker(const Study& study, const Results& results, const ReportRequest& request, const ShownValue& shown,
          const StopToken& stop)
        : study_(study)
        , results_(results)
        , request_(request)
        , shown_(shown)
        , stop_(stop) {}

    Result<Report> make() {
        out_.title = study_.title;
        out_.note = request_.note ? study_.note : "";
        out_.author = request_.author;
        out_.date = request_.date;
        out_.formulas = request_.formulas;
        add_questions();
        add_ledge(study_.ledge, "");
        for (const auto& table : study_.tables) {
            add_ledge(table->ledge, table->shown_label());
            add_table(*table);
        }
        add_charts();
        add_checks();
        add_runs();
        for (const std::string& wanted : request_.workings) {
            if (const auto refused = add_working(wanted)) {
                return *refused;
            }
        }
        for (const auto& [name, source] : sources_) {
            out_.sources.emplace_back(name, source);
        }
        return std::move(out_);
    }

  private:
    std::string text_of(const Value& value, const Format& format) const {
        const bool full = request_.full_numbers && value.plain() && value.kind() == Kind::number;
        return full ? shortest(value.number()) : shown_(value, format);
    }

    /// A number that stands alone has the decimals that it needs.
    std::string single_text(const Value& value, const Format& format) const {
        const Column alone = Column::of(value.kind(), {value});
        return text_of(value, settled_format(format, alone));
    }

    ReportFormula formula_of(const std::string& name, const Formula& formula) {
        ReportFormula out;
        if (request_.formulas == ReportRequest::Formulas::none || formula.empty()) {
            return out;
        }
        out.name = name;
        out.typed = formula.text();
        if (formula.tree()) {
            out.set = mathematics_of(*formula.tree(), &typesetting_of);
            note_sources(*formula.tree());
        }
        return out;
    }

    void note_sources(const Node& node) {
        if (node.type == NodeType::call && request_.sources) {
            const Function* function = find_function(node.text);
            if (function != nullptr && !function->source.empty()) {
                sources_.emplace(function->name, function->source);
            }
        }
        for (const NodePtr& kid : node.kids) {
            if (kid) {
                note_sources(*kid);
            }
        }
    }

    void add_questions() {
        if (!study_.handout || study_.handout->is_key) {
            return;
        }
        for (const AskedItem& item : study_.handout->asked) {
            const bool in_words = !find_part(study_, item.part).exists();
            out_.questions.push_back(
                {worded({N_("%1 (points: %2)"), {item.question, shortest(item.points)}}), in_words});
        }
    }

    /// Whether something is to be filled in, and is not yet.
    bool is_blank(Id part) const {
        const AskedItem* item = study_.handout && !study_.handout->is_key ? study_.handout->item(part) : nullptr;
        return item != nullptr && !is_answered(study_, *item);
    }

    void add_ledge(const std::vector<Shared<HeldValue>>& ledge, const std::string& table) {
        for (const auto& held : ledge) {
            if (!request_.held) {
                return;
            }
            std::string name = held->name;
            if (held->is_function()) {
                std::string parameters;
                for (const std::string& one : held->parameters) {
                    parameters += (parameters.empty() ? "" : ", ") + one;
                }
                name += "(" + parameters + ")";
            }
            const Value value = held->is_function() ? Value::missing() : results_.single(held->id);
            const std::string text = is_blank(held->id)    ? blank_value
                                     : held->is_function() ? ""
                                                           : single_text(value, held->format);
            out_.held.push_back({name, text, held->unit, held->note, table, formula_of(name, held->formula)});
        }
    }

    /// Which rows of so many are shown.
    std::vector<std::size_t> shown_rows(std::size_t rows, ReportTable& out) const {
        std::vector<std::size_t> shown;
        const bool all = request_.rows == ReportRequest::Rows::all || rows <= 2 * request_.row_count;
        for (std::size_t row = 0; row < rows && request_.rows != ReportRequest::Rows::none; ++row) {
            if (all || row < request_.row_count || row + request_.row_count >= rows) {
                shown.push_back(row);
            }
        }
        out.left_out = rows - shown.size();
        out.left_after = request_.rows == ReportRequest::Rows::none ? 0 : request_.row_count;
        return shown;
    }

    std::vector<std::string> texts_of(const ColumnDefinition& column, const std::vector<std::size_t>& rows) const {
        std::vector<std::string> texts;
        const Column* cells = results_.column(column.id);
        const Format format = cells == nullptr ? column.format : settled_format(column.format, *cells);
        for (const std::size_t row : rows) {
            stop_.throw_if_stopped_at(row);
            texts.push_back(cells == nullptr || row >= cells->size() ? "" : text_of(cells->at(row), format));
        }
        return texts;
    }

    void add_table(const Table& table) {
        if (!request_.has(table.id)) {
            return;
        }
        if (table.two_way()) {
            return add_grid(table);
        }
        ReportTable out;
        out.id = table.id.str();
        out.label = table.shown_label();
        out.note = table.note;
        const std::vector<std::size_t> rows = shown_rows(results_.rows(table.id), out);
        out.rows.resize(rows.size());
        for (std::size_t row = 0; row < rows.size(); ++row) {
            out.rows[row] = {std::to_string(rows[row] + 1)};
        }
        out.columns.push_back({"", "", {}, false});
        if (table.axis.column) { // rows have names in place of their numbers
            const std::vector<std::string> names = texts_of(**table.axis.column, rows);
            out.columns.front() = {(*table.axis.column)->shown_label(), (*table.axis.column)->unit, {}, false};
            for (std::size_t row = 0; row < rows.size(); ++row) {
                out.rows[row] = {names[row]};
            }
        }
        std::vector<const ColumnDefinition*> columns;
        for (const auto& column : table.columns) {
            if (!column->hidden) {
                columns.push_back(&*column);
            }
        }
        for (const ColumnDefinition* column : columns) {
            const Column* cells = results_.column(column->id);
            const bool one_formula = column->computed() && column->pieces.size() == 1;
            const Formula formula = one_formula ? column->pieces.front().formula : Formula();
            add_remarks(*column, out);
            out.columns.push_back({column->shown_label(), column->unit, formula_of(column->name, formula),
                                   cells != nullptr && cells->kind() == Kind::number, is_blank(column->id)});
            const std::vector<std::string> texts = texts_of(*column, rows);
            for (std::size_t row = 0; row < rows.size(); ++row) {
                out.rows[row].push_back(texts[row]);
            }
        }
        for (const auto& line : table.foot) {
            std::vector<std::string> values = {line->label};
            for (const ColumnDefinition* column : columns) {
                const bool has =
                    std::find(line->columns.begin(), line->columns.end(), column->id) != line->columns.end();
                values.push_back(
                    has ? single_text(results_.foot(line->id, column->id), line->format.or_else(column->format)) : "");
            }
            out.foot.push_back(std::move(values));
        }
        out_.tables.push_back(std::move(out));
    }

    /// What a column's heading and cells do not show of it.
    void add_remarks(const ColumnDefinition& column, ReportTable& out) const {
        if (!column.computed()) {
            return;
        }
        if (column.pieces.size() > 1 && request_.formulas != ReportRequest::Formulas::none) {
            std::string all;
            for (const Piece& piece : column.pieces) {
                all += (all.empty() ? "" : "; ") + piece.formula.text();
            }
            out.remarks.push_back(
                worded({N_("%1 has formulas for parts of its rows: %2."), {column.shown_label(), all}}));
        }
        if (!column.overrides->empty()) {
            out.remarks.push_back(worded({N_("In %1, values are typed over the formula: %2."),
                                          {column.shown_label(), std::to_string(column.overrides->size())}}));
        }
    }

    /// Each layer by itself: the values of the axis down in the first column, those across in the headings.
    void add_grid(const Table& table) {
        const Column* down = results_.column((*table.axis.column)->id);
        const Column* across = results_.column((*table.across->column)->id);
        if (down == nullptr || across == nullptr) {
            return;
        }
        const Format down_format = settled_format((*table.axis.column)->format, *down);
        const Format across_format = settled_format((*table.across->column)->format, *across);
        for (const auto& layer : table.columns) {
            ReportTable out;
            out.id = table.id.str() + "-" + layer->id.str();
            out.label =
                table.columns.size() > 1 ? table.shown_label() + ", " + layer->shown_label() : table.shown_label();
            out.note = table.note;
            add_remarks(*layer, out);
            out.formula = formula_of(layer->name, layer->computed() ? layer->pieces.front().formula : Formula());
            out.columns.push_back({(*table.axis.column)->shown_label(), (*table.axis.column)->unit, {}, false});
            for (std::size_t column = 0; column < across->size(); ++column) {
                out.columns.push_back({text_of(across->at(column), across_format), "", {}, true});
            }
            const Column* cells = results_.column(layer->id);
            const Format format = cells == nullptr ? layer->format : settled_format(layer->format, *cells);
            for (const std::size_t row : shown_rows(down->size(), out)) {
                std::vector<std::string> texts = {text_of(down->at(row), down_format)};
                for (std::size_t column = 0; column < across->size(); ++column) {
                    const std::size_t at = row * across->size() + column;
                    stop_.throw_if_stopped_at(at);
                    texts.push_back(cells == nullptr || at >= cells->size() ? "" : text_of(cells->at(at), format));
                }
                out.rows.push_back(std::move(texts));
            }
            out_.tables.push_back(std::move(out));
        }
    }

    void add_charts() {
        for (const auto& chart : study_.charts) {
            if (request_.has(chart->id)) {
                out_.charts.push_back({chart->id, chart->label});
            }
        }
    }

    void add_checks() {
        for (const auto& check : study_.checks) {
            if (!request_.checks) {
                return;
            }
            const Value value = results_.single(check->id);
            const bool holds = value.plain() && value.yes();
            const std::string state = holds              ? worded({N_("holds")})
                                      : value.is_fault() ? explain(study_, results_, value.fault()).text()
                                                         : worded({N_("does not hold")});
            out_.checks.push_back(
                {check->label, state, holds ? "" : check->message, formula_of("", check->condition), holds});
        }
    }

    void add_runs() {
        const std::vector<RunTitle> titles = run_titles(study_);
        for (std::size_t at = 0; at < study_.runs.size() && request_.runs; ++at) {
            RunTitle named = titles[at];
            named.name.clear();
            out_.runs.push_back(
                {titles[at].name.empty() ? title_text(titles[at]) : titles[at].name, title_text(named)});
        }
    }

    std::optional<Sentence> add_working(const std::string& wanted) {
        const auto place = place_of_working(study_, results_, wanted);
        if (!place) {
            return place.refusal();
        }
        const auto working = working_of(study_, results_, place->definition, place->row, stop_);
        if (!working) {
            return working.refusal();
        }
        take_working(*working);
        return std::nullopt;
    }

    void take_working(const Working& working) {
        out_.workings.push_back({working.what, working.lines});
        for (const Working& part : working.parts) {
            take_working(part);
        }
    }

    const Study& study_;
    const Results& results_;
    const ReportRequest& request_;
    const ShownValue& shown_;
    const StopToken& stop_;
    Report out_;
    std::map<std::string, std::string, std::less<>> sources_;
};

} // namespace

Result<Report> report_of(const Study& study, const Results& results, const ReportRequest& request,
                         const ShownValue& shown, const StopToken& stop) {
    return Maker(study, results, request, shown, stop).make();
}

} // namespace ledgefall
