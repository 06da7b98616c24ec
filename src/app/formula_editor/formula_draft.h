#pragma once

#include "app/document/computer.h"
#include "app/document/document.h"
#include "core/authoring/marks.h"
#include "core/authoring/turning.h"
#include "core/engine/binding/hints.h"
#include "core/engine/planning/plan.h"
#include "core/study/edits/offers.h"

#include <QTextLayout>

#include <optional>

namespace ledgefall {

/// A formula while it is being written: what is wrong with it and how it could be corrected, what its names mean, and
/// its results, computed beside the study. Nothing is in the study before it is taken.
class FormulaDraft : public QObject {
    Q_OBJECT
  public:
    explicit FormulaDraft(Document& document, QObject* parent = nullptr);

    /// Begins a definition for a column (empty: a new one) of a table, or one in `each` for several of its columns.
    void begin(Id table, Id column, std::vector<Id> each = {});
    /// Takes what is written; of several definitions, one a line, the one in which `place` is is looked at.
    void set_text(const QString& text, int place);
    bool several() const { return several_; }
    void end(); ///< gives up what is being computed

    /// What is wrong, between two places of the text, with what one key would do about it.
    struct Trouble {
        QString what = {};
        int from = 0, to = 0;
        std::optional<SuggestedCorrection> correction = {}; ///< its span in bytes of the text
        std::optional<SuggestedCorrection> other = {};      ///< where it can be meant in two ways
        QString follows = {};                               ///< what can follow, where it is only unfinished
        std::string waits_for = {}; ///< a name that is not there yet: the formula may stand and wait for it
        std::string hold = {};      ///< or a held value of the table that is lacking: `total = sum(f)`
        Id text_column = {};        ///< or a column of texts that could all be read as what is wanted
        OtherKind as = {};          ///< as what
    };
    const std::optional<Trouble>& trouble() const { return trouble_; }
    QString warning() const { return warning_; } ///< of what is allowed and rarely meant
    /// How many typed values give way to it.
    std::size_t giving_way() const { return giving_way_; }
    bool is_valid() const { return sound_; }
    /// Whether it can be taken as it is: it is sound, or waits for nothing but names.
    bool takeable() const { return sound_ || (trouble_ && !trouble_->waits_for.empty()); }
    const QList<QTextLayout::FormatRange>& formats() const { return formats_; }
    const std::vector<Mark>& marks() const { return marks_; } ///< spans count from the formula's beginning
    std::shared_ptr<const Node> tree() const { return definition_.formula; }
    std::string formula() const { return definition_.formula ? definition_.formula_text() : std::string(); }
    int formula_from() const { return formula_from_; } ///< where in the text the formula begins
    QString name() const { return QString::fromStdString(definition_.name); }

    /// The reference at a place of the text, and what it turns into.
    std::optional<Turning> turning_at(int place, std::size_t row) const;
    /// The number or held cell at a place of the text that could stand on the ledge: its span in bytes of the text.
    std::optional<Span> liftable_at(int place) const;
    /// A held value that comes with the formula, on the ledge of its table or (where `for_table` is false) the study's;
    /// told why not where it cannot be.
    std::optional<QString> hold_too(const std::string& definition, bool for_table);

    /// The study with the formula in it (and what is held for it).
    Result<Study> written(Id* column = nullptr) const;
    const Table* table() const;
    Id table_id() const { return table_; }
    Id column() const { return column_; }
    const std::vector<Id>& each() const { return each_; }
    const Study& tried() const { return tried_; }
    Id tried_column() const { return tried_column_; }

  Q_SIGNALS:
    void computed(const ledgefall::ResultsPtr& results); ///< of `tried()`

  private:
    bool can_stand(const std::string& line) const;
    bool needs_name(const std::string& line) const;
    void find_trouble(int place);
    void tell_mistake(const Mistake& mistake);
    void tell_fault(const FaultSite& site);
    std::string corrected(std::string line) const;
    void find_familiar_form(const std::string& line, std::size_t formula_from);
    void find_text_column(std::uint32_t from, std::uint32_t to);
    void count_giving_way();
    void find_warning();
    void find_cost(const PlannedDefinition& planned);
    Study with_held() const;

    Document& document_;
    Computer trial_;
    Id table_, column_;
    std::vector<Id> each_;
    struct Held {
        std::string definition;
        bool for_table = false;
    };
    std::vector<Held> held_; ///< what comes with the formula
    QString text_;
    Definition definition_;
    int formula_from_ = 0;
    std::uint32_t line_from_ = 0; ///< where in the text, in bytes, the definition's line begins
    std::optional<Trouble> trouble_;
    QString warning_;
    std::size_t giving_way_ = 0;
    bool sound_ = false;
    bool several_ = false; ///< definitions, one a line
    QList<QTextLayout::FormatRange> formats_;
    std::vector<Mark> marks_;
    Study tried_;
    Id tried_column_;
};

} // namespace ledgefall
