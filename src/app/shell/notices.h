#pragma once

#include <QFrame>
#include <QLabel>

namespace ledgefall {

/// What the window tells: in one line at its bottom, or in a strip that stays until it has been read.
class Notices : public QObject {
    Q_OBJECT
  public:
    explicit Notices(QWidget* window);

    QLabel* line() const { return line_; }
    QFrame* strip() const { return strip_; }
    void tell(const QString& sentence);            ///< why something was refused
    void inform(const QString& sentence);          ///< what was done
    void tell_until_read(const QString& sentence); ///< what must not be missed, such as that something was not saved
    QString unread() const { return strip_->isHidden() ? QString() : unread_->text(); }

  private:
    void show(const QString& sentence, const QColor& colour);

    QLabel* line_;
    QFrame* strip_;
    QLabel* unread_;
};

} // namespace ledgefall
