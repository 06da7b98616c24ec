#include "app/formula_editor/formula_draft.h"

#include "app/numbers/formula_text.h"
#include "app/numbers/locale_text.h"
#include "core/authoring/definitions.h"
#include "core/authoring/familiar_forms.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"
#include "files/worksheet_recovery/openformula_functions.h"

namespace ledgefall {
namespace {

/// The number, or the cell held at a numbered row, around `place`.
const Node* liftable(const Node& node, std::uint32_t place) {
    const bool here = node.span.from <= place && place <= node.span.to;
    if (node.type == NodeType::index) {
        return here && node.kid(1).type == NodeType::number ? &node : nullptr;
    }
    for (const NodePtr& kid : node.kids) {
        if (const Node* its_node = kid ? liftable(*kid, place) : nullptr) {
            return its_node;
        }
    }
    return here && node.type == NodeType::number ? &node : nullptr;
}

} // namespace

FormulaDraft::FormulaDraft(Document& document, QObject* parent)
    : QObject(parent)
    , document_(document) {
    connect(&trial_, &Computer::finished, this, [this](const ResultsPtr& results) {
        if (results && sound_) {
            Q_EMIT computed(results);
        }
    });
}

void FormulaDraft::begin(Id table, Id column, std::vector<Id> each) {
    table_ = table;
    column_ = column;
    each_ = std::move(each);
    held_.clear();
    trial_.begin_from(document_.snapshot());
}

void FormulaDraft::end() {
    sound_ = false;
    trial_.stop();
}

const Table* FormulaDraft::table() const {
    return document_.study().table(table_);
}

Study FormulaDraft::with_held() const {
    Study study = document_.study();
    for (const Held& held : held_) {
        const Result<Study> next = hold(study, held.for_table ? table_ : Id(), held.definition);
        study = next ? *next : study;
    }
    return study;
}

std::optional<QString> FormulaDraft::hold_too(const std::string& definition, bool for_table) {
    const Result<Study> next = hold(with_held(), for_table ? table_ : Id(), definition);
    if (!next) {
        return Document::translated(next.refusal());
    }
    held_.push_back({definition, for_table});
    return std::nullopt;
}

Result<Study> FormulaDraft::written(Id* column) const {
    const std::string text = text_.toStdString();
    Id unused;
    Id& into = column == nullptr ? unused : *column;
    if (several_) {
        const Result<WrittenDefinitions> next = write_definitions(with_held(), table_, text);
        if (!next) {
            return next.refusal();
        }
        into = next->columns.empty() ? Id() : next->columns.back();
        return with_rows_to_fall_down(next->study, table_);
    }
    if (!each_.empty()) {
        std::vector<Id> columns;
        Result<Study> next = write_for_each(with_held(), table_, text, each_, &columns);
        into = columns.empty() ? Id() : columns.front();
        return next;
    }
    if (column_.empty()) {
        return with_rows_to_fall_down(write_column(with_held(), table_, text, &into), table_);
    }
    into = column_;
    return with_rows_to_fall_down(rewrite_column(with_held(), column_, text), table_);
}

void FormulaDraft::set_text(const QString& text, int place) {
    text_ = text;
    sound_ = false;
    trouble_.reset();
    warning_.clear();
    giving_way_ = 0;
    formats_.clear();
    marks_.clear();
    definition_ = {};
    several_ = column_.empty() && each_.empty() && definition_lines(text.toStdString()).size() > 1;
    find_trouble(place);
    if (!trouble_ && definition_.formula) {
        sound_ = true;
        find_warning();
        trial_.ask(tried_);
    }
}

/// Of several definitions each needs a name. One alone gets a name where it has none, unless it may be a name that has
/// only been begun.
bool FormulaDraft::needs_name(const std::string& line) const {
    const ParsedDefinition parsed = parse_definition(line);
    const bool bare = parsed.definition.formula && parsed.definition.formula->type == NodeType::name &&
                      !meaning_of(document_.study(), table(), *parsed.definition.formula).exists();
    return column_.empty() && each_.empty() && (several_ || bare);
}

void FormulaDraft::find_trouble(int place) {
    const int line_from = several_ ? static_cast<int>(text_.left(place).lastIndexOf(u'\n')) + 1 : 0;
    const auto line_end = several_ ? text_.indexOf(u'\n', line_from) : -1;
    const QString line = text_.mid(line_from, line_end < 0 ? -1 : line_end - line_from);
    const std::string written_line = line.toStdString();
    if (several_ && line.trimmed().isEmpty()) {
        return;
    }
    ParsedDefinition parsed = parse_definition(written_line, needs_name(written_line));
    line_from_ = static_cast<std::uint32_t>(text_.left(line_from).toUtf8().size());
    formula_from_ = line_from + position_of(written_line, parsed.definition.formula_from);
    if (parsed.mistake) {
        const QString begun = line.trimmed();
        if (begun.size() > 1 && !begun.endsWith(QLatin1Char('='))) { // else it has only been begun
            tell_mistake(*parsed.mistake);
            find_familiar_form(written_line, parsed.definition.formula_from);
        }
        return;
    }
    definition_ = std::move(parsed.definition);
    const Result<Study> next = written(&tried_column_);
    const Study& study = next && several_ ? *next : with_held();
    const Table* own = study.table(table_);
    const ColumnDefinition* each = each_.empty() || own == nullptr ? nullptr : own->column(each_.front());
    const std::string formula = definition_.formula_text();
    marks_ = marks_of(*definition_.formula, study, own, each);
    formats_ = reference_formats(formula, marks_);
    for (auto& range : formats_) {
        range.start += formula_from_;
    }
    if (!next) {
        const int ends = several_ ? static_cast<int>(text_.size()) : static_cast<int>(name().size());
        trouble_ = Trouble{.what = Document::translated(next.refusal()), .from = 0, .to = ends};
        return;
    }
    tried_ = *next;
    count_giving_way(); // whether or not anything is waited for
    const Plan plan = make_plan(tried_);
    const Table* table = tried_.table(table_);
    const ColumnDefinition* column = several_ ? table->column_named(definition_.name) : nullptr;
    const Binding named = several_ && column == nullptr ? look_up(tried_, table, "", definition_.name) : Binding();
    const PlannedDefinition* planned = plan.find(column != nullptr       ? column->id
                                                 : named.held != nullptr ? named.held->id
                                                                         : tried_column_);
    if (planned != nullptr && planned->fault) {
        tell_fault(Fault{*planned->fault, 0}.at());
        find_familiar_form(written_line, definition_.formula_from);
    } else if (planned != nullptr && warning_.isEmpty()) {
        find_cost(*planned);
    }
}

/// Whether the line, in place of the one that is looked at, is a formula without a mistake that means something.
bool FormulaDraft::can_stand(const std::string& line) const {
    const ParsedDefinition parsed = parse_definition(line, needs_name(line));
    if (parsed.mistake || several_ || !each_.empty()) {
        return false;
    }
    Id column;
    const Result<Study> next =
        column_.empty() ? write_column(with_held(), table_, line, &column) : rewrite_column(with_held(), column_, line);
    column = column_.empty() ? column : column_;
    const Plan plan = next ? make_plan(*next) : Plan();
    const PlannedDefinition* planned = next ? plan.find(column) : nullptr;
    return planned != nullptr && !planned->fault;
}

/// The line with what is suggested in it.
std::string FormulaDraft::corrected(std::string line) const {
    if (trouble_->correction) {
        const Span span = trouble_->correction->span;
        line.replace(span.from - line_from_, span.to - span.from, trouble_->correction->text);
    }
    return line;
}

/// Where the formula is one of another way of writing, how it is said here: as a whole, and only what means something.
void FormulaDraft::find_familiar_form(const std::string& line, std::size_t formula_from) {
    const std::string left = line.substr(0, formula_from);
    const std::string formula = line.substr(left.size());
    const OtherFunction other = [](std::string_view name, std::size_t arguments) {
        const OpenFormulaFunction* function = openformula_function(name, arguments);
        return function == nullptr ? std::string_view() : function->form;
    };
    std::vector<SuggestedCorrection> forms;
    const Span all{line_from_ + static_cast<std::uint32_t>(left.size()),
                   line_from_ + static_cast<std::uint32_t>(line.size())};
    for (const std::string& form : familiar_forms(formula, document_.study(), table(), other)) {
        if (can_stand(left + form)) {
            forms.push_back({all, form});
        }
    }
    if (!forms.empty() && corrected(line) != left + forms.front().text) { // else the correction of that place suffices
        trouble_->correction = forms.front();
        trouble_->hold.clear();
        trouble_->text_column = {};
    }
    if (forms.size() > 1) {
        trouble_->other = forms[1];
    }
    if (const auto address = cell_address_in(formula, document_.study(), table())) {
        trouble_->what =
            tr("%1 looks like the address of a cell. Columns have names here: click the heading of the one "
               "that is meant.")
                .arg(QString::fromStdString(*address));
    }
}

/// Warns where each row of a column goes through all rows of a table anew, and that takes seconds.
void FormulaDraft::find_cost(const PlannedDefinition& planned) {
    constexpr double many_steps = 1e9;
    const auto rows = [this](const Id& table) { return static_cast<double>(document_.results().rows(table)); };
    for (const PlannedPiece& piece : planned.pieces) {
        const MeasureCall* call = measure_of_each_row(piece.program);
        if (call != nullptr && rows(call->table) * rows(table_) >= many_steps) {
            warning_ = tr("This goes through %L1 rows once for each of the %L2 rows, which takes a while. It can be "
                          "stopped.")
                           .arg(static_cast<qint64>(rows(call->table)))
                           .arg(static_cast<qint64>(rows(table_)));
            return;
        }
    }
}

void FormulaDraft::tell_mistake(const Mistake& mistake) {
    const std::string text = text_.toStdString();
    trouble_ = Trouble{.what = Document::translated(mistake.what),
                       .from = position_of(text, line_from_ + mistake.span.from),
                       .to = position_of(text, line_from_ + mistake.span.to),
                       .correction = mistake.correction,
                       .follows = mistake.follows.empty() ? QString() : Document::translated(mistake.follows)};
    if (trouble_->correction) {
        trouble_->correction->span.from += line_from_;
        trouble_->correction->span.to += line_from_;
    }
}

void FormulaDraft::tell_fault(const FaultSite& site) {
    const std::string formula = definition_.formula_text();
    if (!each_.empty() || site.to > formula.size()) { // its places are those of one of the columns' own formulas
        trouble_ = Trouble{
            .what = Document::translated(site.what), .from = formula_from_, .to = static_cast<int>(text_.size())};
        return;
    }
    trouble_ = Trouble{.what = Document::translated(site.what),
                       .from = formula_from_ + position_of(formula, site.from),
                       .to = formula_from_ + position_of(formula, site.to),
                       .waits_for = site.waits_for};
    if (site.correction) {
        SuggestedCorrection correction = *site.correction;
        correction.span.from += line_from_ + definition_.formula_from;
        correction.span.to += line_from_ + definition_.formula_from;
        trouble_->correction = correction;
    }
    if (site.cause == Cause::wrong_kind) {
        find_text_column(site.from, site.to);
    }
    if (site.cause == Cause::unknown_name && table() != nullptr) {
        const std::string name = formula.substr(site.from, site.to - site.from);
        trouble_->hold = lacking_total(document_.study(), *table(), Formula(formula), name);
        if (stands_as_text(*table(), name)) {
            const std::uint32_t from = line_from_ + definition_.formula_from;
            trouble_->correction = SuggestedCorrection{{from + site.from, from + site.to}, "\"" + name + "\""};
        }
    }
}

/// Where texts stand that could all be read as numbers or dates, these may have been meant.
void FormulaDraft::find_text_column(std::uint32_t from, std::uint32_t to) {
    for (const Mark& mark : marks_) {
        const ColumnDefinition* column = find_part(tried_, mark.id).column;
        const bool there = mark.span.from < to && from < mark.span.to;
        const auto other = there && column != nullptr ? other_kind_of(*column, own_spelling()) : std::nullopt;
        if (other) {
            trouble_->text_column = column->id;
            trouble_->as = *other;
            return;
        }
    }
}

/// How many typed values give way to the formulas, in all columns that they are written over.
void FormulaDraft::count_giving_way() {
    const Table* now = table();
    const Table* tried = tried_.table(table_);
    QStringList labels;
    for (std::size_t at = 0; now != nullptr && tried != nullptr && at < now->columns.size(); ++at) {
        const ColumnDefinition& before = *now->columns[at];
        const ColumnDefinition* after = tried->column(before.id);
        if (!before.computed() && after != nullptr && after->computed() && before.cells->any_filled()) {
            giving_way_ += before.cells->filled();
            labels << QString::fromStdString(before.shown_label());
        }
    }
    if (giving_way_ > 0) {
        warning_ = tr("Entering this replaces the typed values of %1 (rows: %2).")
                       .arg(labels.join(QStringLiteral(", ")))
                       .arg(giving_way_);
    }
}

/// What is allowed and rarely meant.
void FormulaDraft::find_warning() {
    const auto hint = hint_for(*definition_.formula, tried_, tried_.table(table_));
    if (hint && warning_.isEmpty()) {
        warning_ = Document::translated(hint->what);
    }
}

std::optional<Turning> FormulaDraft::turning_at(int place, std::size_t row) const {
    if (!definition_.formula || place < formula_from_) {
        return std::nullopt;
    }
    const auto byte = static_cast<std::uint32_t>(text_.mid(formula_from_, place - formula_from_).toUtf8().size());
    const Study study = with_held();
    auto turning = ledgefall::turning_at(definition_.formula_text(), *definition_.formula, byte, study,
                                         study.table(table_), row, columns_of_grid(study, document_.results(), table_));
    if (turning) {
        turning->span.from += line_from_ + definition_.formula_from;
        turning->span.to += line_from_ + definition_.formula_from;
    }
    return turning;
}

std::optional<Span> FormulaDraft::liftable_at(int place) const {
    if (!definition_.formula || place < formula_from_) {
        return std::nullopt;
    }
    const auto byte = static_cast<std::uint32_t>(text_.mid(formula_from_, place - formula_from_).toUtf8().size());
    const Node* node = liftable(*definition_.formula, byte);
    if (node == nullptr) {
        return std::nullopt;
    }
    const std::uint32_t from = line_from_ + definition_.formula_from;
    return Span{node->span.from + from, node->span.to + from};
}

} // namespace ledgefall
