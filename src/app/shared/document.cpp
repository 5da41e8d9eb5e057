// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shared/document.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QUndoCommand>

#include "app/shared/text.h"
#include "core/base/promise.h"
#include "core/files/read_file.h"
#include "core/plan/limits.h"
#include "core/plan/plan_file.h"
#include "core/plan/references.h"
#include "paper/save_bytes.h"

namespace spirk::app {

namespace {
constexpr int kMergeable = 1;

QString absolute(const QString& path) {
    return path.isEmpty() ? path : QDir::cleanPath(QFileInfo(path).absoluteFilePath());
}

QByteArray fingerprint(const std::string& text) {
    return QCryptographicHash::hash(QByteArray::fromStdString(text), QCryptographicHash::Sha256);
}

}  // namespace

class EditCommand : public QUndoCommand {
public:
    EditCommand(Document& document, const QString& text, Plan before, Plan after, MergeKey key)
        : QUndoCommand(unmarked(text)),
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
    setPlan(namedInLanguage(emptyPlan(libraries.regions.front())), QString());
    connect(&undo_, &QUndoStack::cleanChanged, this, &Document::fileChanged);
}

Document::~Document() { undo_.disconnect(); }

void Document::push(const QString& text, Plan next, const MergeKey& key) {
    if (const auto beyond = beyondLimits(next); !beyond.empty()) {
        emit refused(q(beyond.front()));
        return;
    }
    try {
        ahead_ = std::make_shared<const Design>(
            withNumbers(spirk::design(next, libraryFor(libraries_, next.region))));
    } catch (const BrokenPromise& e) {
        // The last guard before an edit: the plan is as it was, and so is its design.
        emit broke(QString::fromUtf8(e.what()));
        return;
    }
    if (ahead_->plan != plan_) {
        undo_.push(new EditCommand(*this, text, plan_, ahead_->plan, key));
    }
    ahead_.reset();
}

// Pushing does what was designed ahead; undo and redo come back to older plans.
std::shared_ptr<const Design> Document::designOf(const Plan& plan) {
    return ahead_ && ahead_->plan == plan ? ahead_ : designed(plan);
}

void Document::apply(const Plan& plan) {
    const StandingFigures before = standingFigures(*design_);
    plan_ = plan;
    design_ = designOf(plan_);
    ++revision_;
    consequence_ = q(spirk::consequence(before, standingFigures(*design_)), plan_.units);
    emit designChanged();
}

void Document::setPlan(Plan plan, const QString& fileName, const QByteArray& onDisk) {
    design_ = designed(plan);
    plan_ = std::move(plan);
    ++revision_;
    fileName_ = absolute(fileName);
    onDisk_ = onDisk;
    consequence_.clear();
    undo_.clear();
    undo_.setClean();
    emit designChanged();
    emit fileChanged();
}

void Document::setRecovered(Plan plan, const QString& fileName, const QByteArray& onDisk) {
    setPlan(std::move(plan), fileName, onDisk);
    undo_.resetClean();
    emit fileChanged();
}

bool Document::changedOnDisk() const {
    if (fileName_.isEmpty() || onDisk_.isEmpty()) {
        return false;
    }
    const auto text = readFile(fileName_.toStdString());
    return text && fingerprint(*text) != onDisk_;
}

std::vector<Error> Document::open(const QString& path) {
    const QString file = absolute(path);
    const auto text = readFile(file.toStdString());
    if (!text) {
        return {text.error()};
    }
    PlanReading reading = known(readPlan(*text, file.toStdString()), libraries_);
    if (!reading.plan) {
        return reading.problems;
    }
    try {
        setPlan(std::move(*reading.plan), file, fingerprint(*text));
    } catch (const BrokenPromise& e) {
        return {{{"Spirk cannot compute this plan, which is a defect in Spirk ({why})."_text,
                  {{"why", std::string(e.what())}}},
                 file.toStdString(),
                 "The file was left as it is; please report it."_text}};
    }
    return {};
}

Result<QString> Document::save(const QString& path) {
    const QString file = absolute(path);
    const QByteArray bytes = QByteArray::fromStdString(writePlan(plan_));
    const auto saved = saveBytes(bytes, file);
    if (!saved) {
        return tl::unexpected(saved.error());
    }
    fileName_ = file;
    onDisk_ = fingerprint(bytes.toStdString());
    undo_.setClean();
    emit fileChanged();
    return file;
}

}  // namespace spirk::app
