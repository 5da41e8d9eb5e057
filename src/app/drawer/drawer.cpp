// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/drawer/drawer.h"

#include <QSplitter>
#include <QUrl>
#include <QVBoxLayout>

#include "app/drawer/thread_text.h"
#include "app/shared/links.h"
#include "app/shared/theme.h"
#include "core/compare/comparison.h"
#include "core/design/why.h"

namespace spirk::app {

namespace {

// Longer than between two keys, shorter than one waits for an answer.
constexpr int kPauseMs = 250;

QTextBrowser* browser(const QString& name, const QString& accessible, QWidget* parent) {
    auto* out = new QTextBrowser(parent);
    out->setObjectName(name);
    out->setAccessibleName(accessible);
    out->setOpenLinks(false);
    out->setFont(plain(out->font()));
    out->document()->setDocumentMargin(8);
    return out;
}

}  // namespace

Drawer::Drawer(Document& document, Selection& selection, QWidget* parent)
    : QWidget(parent),
      document_(document),
      selection_(selection),
      job_([this](const std::vector<Alternative>& others) {
          showAsked(comparedText(others, *document_.design(), currentInk()));
      }) {
    setObjectName("drawer");
    auto* splitter = new QSplitter(Qt::Vertical, this);
    thread_ = browser("drawer.thread", tr("Details of the selection"), splitter);
    why_ = browser("drawer.why", tr("How this figure is calculated"), splitter);
    why_->hide();
    splitter->setStretchFactor(0, 3);
    splitter->setStretchFactor(1, 2);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(splitter);
    connect(thread_, &QTextBrowser::anchorClicked, this, &Drawer::follow);
    connect(why_, &QTextBrowser::anchorClicked, this, &Drawer::follow);
    connect(&document, &Document::designChanged, this, &Drawer::refresh);
    connect(&selection, &Selection::changed, this, &Drawer::refresh);
    connect(&selection, &Selection::whyAsked, this, &Drawer::showWhy);
    pause_ = new QTimer(this);
    pause_->setObjectName("drawer.pause");
    pause_->setSingleShot(true);
    pause_->setInterval(kPauseMs);
    connect(pause_, &QTimer::timeout, this, &Drawer::compare);
    refresh();
}

void Drawer::showWhy(const FigureId& figure) {
    asked_.push_back(figure);
    why_->show();
    refresh();
}

void Drawer::follow(const QUrl& link) {
    const QString text = link.toString(QUrl::FullyEncoded);
    if (text == "back:") {
        asked_.pop_back();
        why_->setVisible(!asked_.empty());
        refresh();
    } else if (const auto figure = figureOf(text)) {
        showWhy(*figure);
    } else if (const auto subject = subjectOf(text)) {
        selection_.select(subject);
    }
}

void Drawer::refresh() {
    const Design& design = *document_.design();
    const Ink ink = currentInk();
    job_.drop();  // another figure, or another plan
    const auto& chosen = selection_.subject();
    thread_->setHtml(
        chosen ? threadText(design, document_.library(), *chosen, ink)
               : mattersMostText(design, document_.library(), document_.consequence(), ink));
    if (!asked_.empty()) {
        const bool choice = comparedBy(design, asked_.back()).has_value();
        showAsked(choice ? "<p>" + tr("Comparing…") + "</p>" : QString());
        pause_->start();
    }
}

void Drawer::showAsked(const QString& compared) {
    const Design& design = *document_.design();
    const auto derivation = why(design, asked_.back());
    const QString back =
        "<p><a href=\"back:\">" + (asked_.size() > 1 ? tr("Back") : tr("Close")) + "</a></p>";
    const QString text = derivation ? whyText(*derivation, design, currentInk())
                                    : tr("This figure is no longer in the plan.");
    why_->setHtml(back + text + compared);
}

void Drawer::compare() {
    const auto choice =
        asked_.empty() ? std::nullopt : comparedBy(*document_.design(), asked_.back());
    if (choice) {
        job_.start([design = document_.design(), &library = document_.library(), asked = *choice] {
            return alternatives(*design, library, asked.conductor, asked.compared);
        });
    }
}

}  // namespace spirk::app
