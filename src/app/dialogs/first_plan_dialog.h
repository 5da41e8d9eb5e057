// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The five questions that make a complete first plan, with what comes of the answers beside them.

#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QTimer>
#include <memory>
#include <optional>

#include "app/shared/job.h"
#include "core/design/design.h"
#include "core/firstplan/first_plan.h"
#include "core/plan/owned_cables.h"

namespace spirk::app {

class FirstPlanDialog : public QDialog {
    Q_OBJECT
public:
    // `libraries` must outlive the dialog.
    FirstPlanDialog(const Libraries& libraries, const std::string& region, QWidget* parent);

signals:
    void made(const spirk::Plan& plan);
    void demoAsked();

private:
    struct Outcome {
        Plan plan;
        std::shared_ptr<const Design> design;
    };

    QFormLayout* makeQuestions();
    QDialogButtonBox* makeButtons();
    QComboBox* addChoice(QFormLayout* form, const QString& name, const QString& label);
    QSpinBox* addCount(QFormLayout* form,
                       QComboBox* counted,
                       const QString& name,
                       const QString& accessible);
    void ask(QFormLayout* form, const QString& question);
    void fillForRegion();
    void change();
    // Chooses and designs off the interface's thread.
    void compute();
    void showOutcome(const Outcome& outcome);
    void make();
    // Nothing is being made: other answers, or none comes.
    void offerAgain();
    [[nodiscard]] const Library& library() const;
    [[nodiscard]] FirstAnswers answers() const;
    [[nodiscard]] Result<std::vector<OwnedCable>> cables() const;

    const Libraries& libraries_;
    QComboBox *trip_, *region_, *climate_, *battery_, *panel_, *inverter_, *load_, *engine_,
        *shore_;
    QSpinBox *batteries_, *panels_;
    QLineEdit* cables_;
    QLabel* outcome_;
    QPushButton* make_ = nullptr;
    QTimer* pause_;  // choosing takes dozens of designs: once the answers have settled
    std::optional<Outcome> outcomeNow_;  // of the answers as they are
    bool makeAsked_ = false;             // as soon as there is one
    Job<Outcome> job_;
};

}  // namespace spirk::app
