#pragma once

#include "app/details/working_view.h"
#include "app/document/document.h"
#include "app/document/working_computer.h"

#include <QLabel>
#include <QWidget>

namespace ledgefall {

/// Why a value is what it is: its formula as mathematics, its numbers put in, the steps, the result to full precision,
/// what it uses and what uses it; for a fault where it began. Names in it lead to their places.
class WorkingPanel : public QWidget {
    Q_OBJECT
  public:
    explicit WorkingPanel(Document& document, QWidget* parent = nullptr);

    /// Whose working is shown: a column's cell (row from 1), a held value, a foot value, a check; or nothing.
    void show_place(const WorkingPlace& place);
    void refresh();
    const WorkingPlace& place() const { return place_; }
    QString heading() const { return heading_->text(); }
    QString story() const { return value_->text() + fault_->text() + notes_->text(); }
    QString working_text() const { return working_view_->text(); }
    QString uses() const { return uses_->text(); }
    QString used_by() const { return used_by_->text(); }
    bool busy() const { return working_computer_.busy(); }
    void follow(const QString& link); ///< as if the link had been clicked

  Q_SIGNALS:
    void definition_wanted(const QString& name, bool held); ///< of a name that a formula waits for
    void place_wanted(const ledgefall::DefinitionId& definition, std::size_t row);

  private:
    struct Subject {
        const Table* table = nullptr;
        const ColumnDefinition* column = nullptr;
        const HeldValue* held = nullptr;
        const FootLine* line = nullptr;
        const Check* check = nullptr;
        const Formula* formula = nullptr;
        bool only_rounding = false; ///< a held or foot value that is nothing beside its terms
        Value value;
        Format format;
        std::string unit, note;
        QString name;
        bool exists() const { return column != nullptr || held != nullptr || check != nullptr; }
    };
    Subject subject() const;
    void describe(Subject& out, const HeldValue& held) const;
    void describe(Subject& out, const Check& check) const;
    void describe(Subject& out, const FootLine& line, const ColumnDefinition& column) const;
    void describe(Subject& out, const ColumnDefinition& column, std::size_t row) const;
    void show_value(const Subject& subject);
    void show_fault(const Subject& subject);
    void show_notes(const Subject& subject);
    void show_links(const Subject& subject);
    void show_overrides(const Subject& subject);
    QString link_to(const DefinitionId& definition, std::size_t row, const QString& text, const QColor& colour);

    Document& document_;
    WorkingComputer working_computer_;
    WorkingPlace place_;
    std::vector<WorkingPlace> targets_; ///< where the links that are shown lead
    QLabel *heading_, *value_, *fault_, *notes_, *uses_, *used_by_, *overrides_;
    WorkingView* working_view_;
};

} // namespace ledgefall
