#pragma once

#include "core/study/model/study.h"

#include <QStringList>
#include <QWidget>

#include <optional>

namespace ledgefall {

/// One line asked for in a dialog; nothing where it is left.
std::optional<QString> ask_text(QWidget* parent, const QString& title, const QString& question, const QString& before);

/// Which of the offers is taken, by its number; −1 where the question is left by Cancel or Escape.
int ask_choice(QWidget* parent, const QString& title, const QString& question, const QStringList& offers);

/// Which entry of a list is taken by the button `take`; −1 where it is left.
int ask_from_list(QWidget* parent, const QString& title, const QString& question, const QStringList& entries,
                  const QString& take);

/// The path under which something is to be saved, proposed in the folder that was used last unless `begun` has its own;
/// empty where it is left. A name that ends in none of the `suffixes`
/// gets the first of them, and then the person is asked before another file is replaced.
QString ask_save_path(QWidget* parent, const QString& title, const QString& begun, const QString& filters,
                      const QStringList& suffixes);
QString file_folder(); ///< that was used last, or the one of documents
QString ask_open_path(QWidget* parent, const QString& title, const QString& filters);
QString ask_folder(QWidget* parent, const QString& title, const QString& begun);

/// Whether `id` may be removed: without a question where nothing uses it; else the question says what does.
bool may_remove(QWidget* parent, const Study& study, Id id);

} // namespace ledgefall
