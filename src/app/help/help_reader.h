#pragma once

#include <QList>
#include <QTextBrowser>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// A page of the help, or a place in one: `foot`, `functions#mean`, `faults#cycle`.
struct HelpTopic {
    QString place, title;
    QString words; ///< by which it is found too
};

/// The pages of docs/help, read in the window.
class HelpReader : public QWidget {
    Q_OBJECT
  public:
    explicit HelpReader(QWidget* parent = nullptr);

    void open(const QString& place);
    const QString& place() const { return place_; }
    QTextBrowser& text() { return *text_; }
    /// Every page, and every function.
    static QList<HelpTopic> topics();
    /// The keys of the window's commands, which only the window knows: `<tr>` rows of a table.
    static QString keys_page(const QString& rows);
    void set_keys(const QString& rows) { keys_ = rows; }

  Q_SIGNALS:
    void closed();
    void example_wanted(const QString& formula);
    void first_steps_wanted();

  private:
    void follow(const QUrl& link);
    void show_page(const QString& page, const QString& anchor);
    void apply_theme();

    QTextBrowser* text_;
    QToolButton* back_;
    QString place_, keys_;
    QStringList before_;
};

} // namespace ledgefall
