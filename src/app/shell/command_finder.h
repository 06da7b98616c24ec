#pragma once

#include "core/value/text.h"

#include <QAction>
#include <QLineEdit>
#include <QListWidget>
#include <QPointer>

namespace ledgefall {

/// A box in which every command, table and name is found by a few letters of it.
class CommandFinder : public QLineEdit {
    Q_OBJECT
  public:
    explicit CommandFinder(QWidget* window);

    struct Destination {
        QString text, about;
        QPointer<QAction> command; ///< or else
        Id place;
        QString known_as = {}; ///< other words that it is found by
        bool fits = true;      ///< what is chosen: those come first
        QString help = {};     ///< where there is neither: a page of the help
    };
    void offer(const QList<Destination>& all);
    void open();
    QStringList matches() const; ///< as listed
    QSize sizeHint() const override;

  Q_SIGNALS:
    void opened();
    void closed(); ///< what there is has to be offered
    void place_chosen(ledgefall::Id place);
    void help_chosen(const QString& topic);

  protected:
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

  private:
    void search();
    void take();
    void leave();
    QWidget* window_;
    QListWidget* list_;
    QList<Destination> all_, shown_;
    QPointer<QWidget> before_; ///< what had the focus
};

} // namespace ledgefall
