// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// One's own gear, from its data sheet. A kind is chosen, an entry of the catalogue to begin with,
// and each parameter is typed; what is kept goes into the plan in one step that can be undone.

#include <QComboBox>
#include <QDialog>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <functional>
#include <map>
#include <vector>

#include "app/shared/document.h"

namespace spirk::app {

class OwnGearDialog : public QDialog {
    Q_OBJECT
public:
    OwnGearDialog(Document& document, QWidget* parent);

private:
    // One kind of gear behind the form.
    struct Kind {
        QString title;
        std::function<QStringList()> names;           // of what can be begun with
        std::function<void(int)> show;                // fills the form from the nth of them
        std::function<QString(const QString&)> keep;  // a problem, or empty
    };
    void addKinds();
    template <class Model>
    Kind kindOf();
    void rebuild();
    void keep();
    QLineEdit* number(const QString& key, const QString& label, const QString& value);
    QComboBox* choice(const QString& key, const QString& label);

    Document& document_;
    QComboBox *kind_, *begin_;
    QFormLayout* form_;
    QLineEdit* name_;
    QLabel* problem_;
    std::vector<Kind> kinds_;
    std::map<QString, QLineEdit*> numbers_;
    std::map<QString, QComboBox*> choices_;
};

}  // namespace spirk::app
