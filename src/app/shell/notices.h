// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What is said above the station: a notice, which goes with the next edit, and warnings, each of
// which stays until it is no longer true. All of it is text as it stands, never markup.

#include <QLabel>
#include <QWidget>
#include <map>

namespace spirk::app {

enum class Warning { Broken, NotKept, OpenElsewhere, ChangedOnDisk };

class Notices : public QWidget {
    Q_OBJECT
public:
    explicit Notices(QWidget* parent);

    // Empty: nothing to say.
    void showNotice(const QString& text);
    void showWarning(Warning which, const QString& text);
    [[nodiscard]] QString noticeText() const { return notice_->text(); }
    [[nodiscard]] QString warningText() const { return warning_->text(); }

private:
    void refresh();

    QLabel* notice_;
    QLabel* warning_;
    QWidget* noticeRow_;
    std::map<Warning, QString> warnings_;
};

}  // namespace spirk::app
