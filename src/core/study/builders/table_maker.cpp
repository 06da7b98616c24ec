#include "core/study/builders/table_maker.h"

#include "core/formula/names.h"
#include "core/study/model/parts.h"

namespace ledgefall {

void TableMaker::column(const Sentence& label, const std::string& definition, const Format& format) {
    Id written;
    take(study_ ? write_column(*study_, table_, definition, &written) : study_);
    take(study_ ? head_column(*study_, written, {worded(label), "", ""}) : study_);
    take(study_ ? format_column(*study_, written, format) : study_);
}

void TableMaker::hide(const std::string& column) {
    const ColumnDefinition* hidden = study_ ? study_->table(table_)->column_named(column) : nullptr;
    take(hidden == nullptr ? study_ : hide_column(*study_, hidden->id, true));
}

void TableMaker::texts(const Sentence& label, const std::string& name, const std::vector<std::string>& values) {
    Column cells(Kind::text);
    for (const std::string& value : values) {
        cells.append(Value::text(Text(value)));
    }
    take(study_ ? add_columns(*study_, table_, {{worded(label), name, "", cells}}) : study_);
}

void TableMaker::held(const std::string& definition, const Sentence& note) {
    Id held;
    take(study_ ? hold(*study_, table_, definition, &held) : study_);
    take(study_ ? note_held(*study_, held, worded(note)) : study_);
}

void TableMaker::foot(const Sentence& label, const std::string& formula, const std::vector<std::string>& names) {
    std::vector<Id> columns;
    for (const std::string& name : names) {
        const ColumnDefinition* definition = study_ ? study_->table(table_)->column_named(name) : nullptr;
        if (definition != nullptr) {
            columns.push_back(definition->id);
        }
    }
    take(study_ ? add_foot_line(*study_, table_, worded(label), formula, columns) : study_);
}

void TableMaker::check(const Sentence& label, const std::string& condition, const Sentence& message) {
    take(study_ ? add_check(*study_, table_, {worded(label), condition, worded(message)}) : study_);
}

std::string TableMaker::free_here(const std::string& wanted) const {
    return free_name(wanted, [this](const std::string& name) {
        const Table* table = study_ ? study_->table(table_) : nullptr;
        return study_ && (name_refused(*study_, table, name).has_value() || look_up(*study_, table, "", name).exists());
    });
}

} // namespace ledgefall
