#include "app/dialogs/import_dialog.h"

#include "app/document/document.h"
#include "app/theme/theme.h"
#include "files/tables/text_encoding.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStyledItemDelegate>
#include <QTimer>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

constexpr std::size_t shown_lines = 400;
constexpr std::size_t most_lines = 30'000; ///< that are looked at for the end of a text in quotation marks
constexpr std::size_t most_fields = 20'000;
constexpr std::size_t most_examples = 5;

enum Place { heading_place, kind_place, examples_place, unfit_place, places };

QString words_of(Kind kind) {
    switch (kind) {
    case Kind::number:
        return ImportDialog::tr("Numbers");
    case Kind::date:
        return ImportDialog::tr("Dates");
    case Kind::yes_no:
        return ImportDialog::tr("Yes/no");
    default:
        return ImportDialog::tr("Text");
    }
}

Value read_as(std::string_view field, Kind kind, const Spelling& spelling) {
    return read_cell(unguarded(field), kind, spelling);
}

/// Opens a list of the ways in which the column can be read.
class ReadingDelegate : public QStyledItemDelegate {
  public:
    explicit ReadingDelegate(ImportDialog* dialog)
        : QStyledItemDelegate(dialog)
        , dialog_(*dialog) {}

    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& /*option*/,
                          const QModelIndex& index) const override {
        auto* box = new QComboBox(parent);
        const auto readings = dialog_.readings(static_cast<std::size_t>(index.row()));
        for (const auto& reading : readings) {
            box->addItem(reading.words);
        }
        box->setCurrentText(index.data().toString());
        connect(box, &QComboBox::activated, this, [this, box, readings, row = index.row()](int at) {
            auto* delegate = const_cast<ReadingDelegate*>(this);
            dialog_.choose_reading(static_cast<std::size_t>(row), readings[static_cast<std::size_t>(at)]);
            Q_EMIT delegate->closeEditor(box);
        });
        QTimer::singleShot(0, box, &QComboBox::showPopup);
        return box;
    }

    QString displayText(const QVariant& value, const QLocale& locale) const override {
        return QStyledItemDelegate::displayText(value, locale) + QStringLiteral(" ▾"); // it opens
    }

    void setModelData(QWidget* /*editor*/, QAbstractItemModel* /*model*/, const QModelIndex& /*index*/) const override {
    } // chosen at once

  private:
    ImportDialog& dialog_;
};

} // namespace

ImportDialog::ImportDialog(std::string_view bytes, const QString& name, QWidget* parent)
    : QDialog(parent)
    , head_(first_lines(bytes, shown_lines))
    , whole_(head_.size() == bytes.size())
    , name_(new QLineEdit(name, this))
    , delimiter_(new QComboBox(this))
    , decimal_(new QComboBox(this))
    , comment_(new QComboBox(this))
    , header_(new QCheckBox(tr("The first line is a &heading"), this))
    , units_(new QCheckBox(tr("The second line has &units"), this))
    , report_(new QLabel(this))
    , columns_(new QTableWidget(this)) {
    const auto look_at = [&](std::size_t lines) {
        head_ = first_lines(bytes, lines);
        whole_ = head_.size() == bytes.size();
    };
    Result<Delimited> first = read_delimited(head_);
    for (std::size_t lines = 2 * shown_lines; !first && !whole_ && lines <= most_lines; lines *= 4) {
        look_at(lines); // a quotation mark may be closed further down
        first = read_delimited(head_);
    }
    if (first && first->width() * shown_lines > most_fields) { // of a wide text fewer lines say as much
        look_at(std::max<std::size_t>(most_fields / first->width(), 20));
    }
    setWindowTitle(tr("Import delimited text"));
    resize(theme().px(780), theme().px(520));
    delimiter_->addItem(tr("Automatic"), QVariant());
    for (const auto& [words, sign] :
         {std::pair(tr("Comma ,"), QStringLiteral(",")), std::pair(tr("Semicolon ;"), QStringLiteral(";")),
          std::pair(tr("Tab"), QStringLiteral("\t")), std::pair(tr("Bar |"), QStringLiteral("|")),
          std::pair(tr("Spaces"), QStringLiteral(" "))}) {
        delimiter_->addItem(words, sign);
    }
    decimal_->addItem(tr("Automatic"), QVariant());
    decimal_->addItem(tr("Point 1.5"), QStringLiteral("."));
    decimal_->addItem(tr("Comma 1,5"), QStringLiteral(","));
    comment_->addItem(tr("Automatic"), QVariant());
    comment_->addItem(tr("None"), QString());
    for (const QString& sign : {QStringLiteral("#"), QStringLiteral("%"), QStringLiteral("//"), QStringLiteral("!")}) {
        comment_->addItem(tr("Start with %1").arg(sign), sign);
    }
    auto* form = new QFormLayout;
    form->addRow(tr("&Table"), name_);
    form->addRow(tr("&Fields separated by"), delimiter_);
    form->addRow(tr("&Decimal sign"), decimal_);
    form->addRow(tr("&Comment lines"), comment_);
    auto* lines = new QHBoxLayout;
    lines->addWidget(header_);
    lines->addWidget(units_);
    lines->addStretch(1);
    form->addRow(QString(), lines);
    report_->setWordWrap(true);
    columns_->setColumnCount(places);
    columns_->setHorizontalHeaderLabels({tr("Column"), tr("Read as"), tr("First cells"), tr("Does not fit")});
    columns_->verticalHeader()->hide();
    columns_->horizontalHeader()->setStretchLastSection(true);
    columns_->horizontalHeader()->setHighlightSections(false);
    columns_->setWordWrap(false);
    columns_->setItemDelegateForColumn(kind_place, new ReadingDelegate(this));
    columns_->setEditTriggers(QAbstractItemView::AllEditTriggers);
    columns_->setAccessibleName(tr("Columns, and how each is read"));
    columns_->setTabKeyNavigation(false);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    accept_ = buttons->addButton(tr("Import"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(report_);
    layout->addWidget(columns_, 1);
    layout->addWidget(buttons);
    for (QComboBox* box : {delimiter_, comment_}) { // other columns come of it
        connect(box, &QComboBox::currentIndexChanged, this, [this] {
            choices_.clear();
            read();
        });
    }
    connect(decimal_, &QComboBox::currentIndexChanged, this, [this] {
        for (ColumnChoice& choice : choices_) {
            choice.spelling.reset(); // the sign that was chosen last counts
        }
        read();
    });
    connect(header_, &QCheckBox::clicked, this, [this] {
        header_chosen_ = true;
        read();
    });
    connect(units_, &QCheckBox::clicked, this, [this] {
        units_chosen_ = true;
        read();
    });
    connect(columns_, &QTableWidget::itemChanged, this, &ImportDialog::take_change);
    read();
}

DialectChoice ImportDialog::choice() const {
    DialectChoice out;
    if (text_) {
        const Dialect& dialect = text_->dialect;
        out.delimiter = dialect.delimiter;
        out.decimal = dialect.decimal;
        out.header = dialect.header;
        out.units = dialect.units;
        out.comment = dialect.comment;
    }
    out.columns = choices_;
    return out;
}

ColumnChoice ImportDialog::choice_of(std::size_t column) const {
    return column < choices_.size() ? choices_[column] : ColumnChoice();
}

std::vector<Kind> ImportDialog::shown_kinds() const {
    std::vector<Kind> out;
    for (std::size_t column = 0; text_ && column < text_->width(); ++column) {
        if (const ColumnChoice choice = choice_of(column); !choice.skipped) {
            out.push_back(reading_of(*text_, column, choice).kind);
        }
    }
    return out;
}

void ImportDialog::read() {
    DialectChoice choice;
    const auto sign = [](const QComboBox& box) {
        const QString text = box.currentData().toString();
        return text.isEmpty() ? std::nullopt : std::optional<char>(text.front().toLatin1());
    };
    choice.delimiter = sign(*delimiter_);
    choice.decimal = sign(*decimal_);
    if (comment_->currentIndex() > 0) {
        choice.comment = comment_->currentData().toString().toStdString();
    }
    choice.header = header_chosen_ ? std::optional(header_->isChecked()) : std::nullopt;
    choice.units = units_chosen_ ? std::optional(units_->isChecked()) : std::nullopt;
    Result<Delimited> read = read_delimited(head_, choice);
    const QSignalBlocker blocker(columns_);
    if (!read) {
        text_.reset();
        report_->setText(Document::translated(read.refusal()));
        columns_->setRowCount(0);
        accept_->setEnabled(false);
        return;
    }
    text_ = *std::move(read);
    accept_->setEnabled(true);
    header_->setChecked(text_->dialect.header);
    units_->setChecked(text_->dialect.units);
    units_->setEnabled(text_->dialect.header);
    if (choices_.size() != text_->width()) {
        choices_.assign(text_->width(), ColumnChoice());
    }
    show_columns();
}

void ImportDialog::show_report() {
    QStringList reports;
    for (std::size_t column = 0; column < choices_.size(); ++column) {
        const ColumnChoice choice = choice_of(column);
        const ColumnReading reading = reading_of(*text_, column, choice);
        const std::string two_ways = cell_of_two_ways(*text_, column, choice);
        if (!choice.skipped && !two_ways.empty()) {
            const bool date = reading.kind == Kind::date;
            const auto other = [&](const Spelling& spelling) {
                return QString::fromStdString(write_cell(read_as(two_ways, reading.kind, spelling)));
            };
            reports << tr("%1: “%2” can mean %3 or %4. It is read as %5. To use the other, choose it in the line of "
                          "this column.")
                           .arg(heading_of(column), QString::fromStdString(two_ways),
                                other(date ? Spelling('.', false) : Spelling('.')),
                                other(date ? Spelling('.', true) : Spelling(',')), other(reading.spelling));
        }
    }
    reports << Document::translated(text_->reports());
    reports.prepend(whole_ ? tr("Rows: %1.").arg(text_->records.size())
                           : tr("First %1 rows. The others are read on import.").arg(text_->records.size()));
    report_->setText(reports.join(u'\n'));
}

QString ImportDialog::heading_of(std::size_t column) const {
    if (const auto& chosen = choice_of(column).heading) {
        return QString::fromStdString(*chosen);
    }
    const QString out = column < text_->header.size() ? QString::fromStdString(text_->header[column]) : QString();
    if (out.isEmpty()) {
        return tr("no heading");
    }
    const bool unit = column < text_->units.size() && !text_->units[column].empty();
    return unit ? QStringLiteral("%1 (%2)").arg(out, QString::fromStdString(text_->units[column])) : out;
}

std::vector<ImportDialog::Reading> ImportDialog::readings(std::size_t column) const {
    // The first cell in which two spellings differ tells them apart.
    const auto in_two_ways = [&](Kind kind, const Spelling& one, const Spelling& other) -> std::vector<Reading> {
        for (std::size_t row = 0; row < text_->records.size(); ++row) {
            const std::string_view field = text_->records.at(row, column);
            const Value first = read_as(field, kind, one);
            const Value second = read_as(field, kind, other);
            if (first.plain() && second.plain() && first.number() != second.number()) {
                const auto words = [&](const Value& value) {
                    return tr("%1: %2 is %3")
                        .arg(words_of(kind), QString::fromUtf8(field.data(), static_cast<qsizetype>(field.size())),
                             QString::fromStdString(write_cell(value)));
                };
                return {{kind, one, words(first)}, {kind, other, words(second)}};
            }
        }
        const Spelling found = reading_of(*text_, column, ColumnChoice{false, kind, {}, {}}).spelling;
        return {{kind, found, words_of(kind)}};
    };
    std::vector<Reading> out = in_two_ways(Kind::number, Spelling('.'), Spelling(','));
    const char decimal = text_->dialect.decimal;
    const auto dates = in_two_ways(Kind::date, Spelling(decimal, false), Spelling(decimal, true));
    out.insert(out.end(), dates.begin(), dates.end());
    out.push_back({Kind::yes_no, Spelling(decimal), words_of(Kind::yes_no)});
    out.push_back({Kind::text, Spelling(decimal), words_of(Kind::text)});
    return out;
}

void ImportDialog::choose_reading(std::size_t column, const Reading& reading) {
    choices_[column].kind = reading.kind;
    choices_[column].spelling = reading.spelling;
    show_column(static_cast<int>(column));
    show_report();
}

void ImportDialog::show_columns() {
    const int width = static_cast<int>(choices_.size());
    columns_->setRowCount(width);
    for (int column = 0; column < width; ++column) {
        show_column(column);
    }
    for (const int place : {heading_place, kind_place, examples_place}) {
        columns_->resizeColumnToContents(place);
        columns_->setColumnWidth(place, std::clamp(columns_->columnWidth(place), theme().px(110), theme().px(240)));
    }
    show_report();
}

void ImportDialog::show_column(int column) {
    const QSignalBlocker blocker(columns_);
    const auto at = static_cast<std::size_t>(column);
    const ColumnChoice choice = choice_of(at);
    const ColumnReading reading = reading_of(*text_, at, choice);
    QStringList examples;
    QStringList unfit;
    for (std::size_t row = 0; row < text_->records.size(); ++row) {
        const std::string field(text_->records.at(row, at));
        if (field.empty()) {
            continue;
        }
        QStringList& into = read_as(field, reading.kind, reading.spelling).plain() ? examples : unfit;
        if (const QString shown = QString::fromStdString(field);
            into.size() < static_cast<qsizetype>(most_examples) && !into.contains(shown)) {
            into << shown;
        }
    }
    QString words = words_of(reading.kind);
    for (const Reading& one : readings(at)) {
        const bool same = one.kind == reading.kind && one.spelling.decimal == reading.spelling.decimal &&
                          one.spelling.month_first == reading.spelling.month_first;
        words = same ? one.words : words;
    }
    const auto set = [&](Place place, const QString& text, Qt::ItemFlags flags) {
        auto* item = new QTableWidgetItem(text);
        item->setFlags(flags);
        item->setToolTip(text);
        if (choice.skipped) {
            item->setForeground(theme().faint_ink);
        } else if (place == kind_place && !cell_of_two_ways(*text_, at, choice).empty()) {
            item->setForeground(theme().fault);
        }
        columns_->setItem(column, place, item);
        return item;
    };
    constexpr Qt::ItemFlags shown = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    set(heading_place, heading_of(at), shown | Qt::ItemIsEditable | Qt::ItemIsUserCheckable)
        ->setCheckState(choice.skipped ? Qt::Unchecked : Qt::Checked);
    set(kind_place, choice.skipped ? tr("left out") : words, choice.skipped ? shown : shown | Qt::ItemIsEditable);
    set(examples_place, examples.join(QStringLiteral("  ")), shown);
    set(unfit_place, unfit.join(QStringLiteral("  ")), shown);
}

void ImportDialog::take_change(QTableWidgetItem* item) {
    if (item->column() != heading_place) {
        return;
    }
    const auto column = static_cast<std::size_t>(item->row());
    choices_[column].skipped = item->checkState() != Qt::Checked;
    if (item->text() != heading_of(column)) {
        choices_[column].heading = item->text().trimmed().toStdString();
    }
    show_column(item->row());
    show_report();
    accept_->setEnabled(!shown_kinds().empty());
}

} // namespace ledgefall
