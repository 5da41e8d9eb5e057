// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/document.h"

#include <QUndoCommand>

#include "core/build/build.h"
#include "core/plan/edit.h"
#include "core/plan/plan_file.h"

namespace spirk::app {

namespace {
constexpr int kMergeable = 1;
}

class EditCommand : public QUndoCommand {
public:
    EditCommand(Document& document, const QString& text, Plan before, Plan after, MergeKey key)
        : QUndoCommand(text),
          document_(document),
          before_(std::move(before)),
          after_(std::move(after)),
          key_(std::move(key)) {}

    void undo() override { document_.apply(before_); }
    void redo() override { document_.apply(after_); }
    [[nodiscard]] int id() const override { return key_.value.isEmpty() ? -1 : kMergeable; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* next = static_cast<const EditCommand*>(other);
        if (next->key_.value != key_.value) {
            return false;
        }
        after_ = next->after_;
        setObsolete(after_ == before_);
        return true;
    }

private:
    Document& document_;
    Plan before_;
    Plan after_;
    MergeKey key_;
};

std::shared_ptr<const Design> Document::designed(const Plan& plan) const {
    return std::make_shared<const Design>(spirk::design(plan, libraryFor(libraries_, plan.region)));
}

Document::Document(const Libraries& libraries, QObject* parent)
    : QObject(parent), libraries_(libraries) {
    setPlan(emptyPlan(libraries.regions.front()), QString());
    connect(&undo_, &QUndoStack::cleanChanged, this, &Document::fileChanged);
}

Document::~Document() { undo_.disconnect(); }

void Document::push(const QString& text, Plan next, const MergeKey& key) {
    ahead_ = designed(next);
    next = numbered(std::move(next), numberedConductors(ahead_->wiring.circuit));
    if (next != plan_) {
        undo_.push(new EditCommand(*this, text, plan_, std::move(next), key));
    }
    ahead_.reset();
}

// Most edits give no new numbers: then the design that asked for them is the one.
std::shared_ptr<const Design> Document::designOf(const Plan& plan) {
    return ahead_ && ahead_->plan == plan ? ahead_ : designed(plan);
}

void Document::apply(const Plan& plan) {
    const StandingFigures before = standingFigures(*design_);
    plan_ = plan;
    design_ = designOf(plan_);
    consequence_ =
        QString::fromStdString(spirk::consequence(before, standingFigures(*design_), plan_.units));
    emit designChanged();
}

void Document::setPlan(Plan plan, const QString& fileName) {
    plan_ = std::move(plan);
    fileName_ = fileName;
    consequence_.clear();
    design_ = designed(plan_);
    undo_.clear();
    undo_.setClean();
    emit designChanged();
    emit fileChanged();
}

void Document::setRecovered(Plan plan, const QString& fileName) {
    setPlan(std::move(plan), fileName);
    undo_.resetClean();
    emit fileChanged();
}

std::vector<Error> Document::open(const QString& path) {
    PlanReading reading = loadPlan(path.toStdString());
    if (reading.plan) {
        setPlan(std::move(*reading.plan), path);
    }
    return reading.problems;
}

Result<QString> Document::save(const QString& path) {
    const auto saved = savePlan(plan_, path.toStdString());
    if (!saved) {
        return tl::unexpected(saved.error());
    }
    fileName_ = path;
    undo_.setClean();
    emit fileChanged();
    return path;
}

}  // namespace spirk::app
