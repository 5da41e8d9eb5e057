// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The plan that is open, its undo stack, its file and its latest design. Knows no window. Every
// edit is one undo step that holds the plan before and after; a new design follows at once.

#include <QObject>
#include <QString>
#include <QUndoStack>
#include <memory>

#include "core/design/design.h"
#include "core/result/result.h"

namespace spirk::app {

// Edits with the same key that follow each other are one undo step; empty: never merged.
struct MergeKey {
    QString value;
};

class Document : public QObject {
    Q_OBJECT
public:
    // `libraries` must outlive the document.
    explicit Document(const Libraries& libraries, QObject* parent = nullptr);
    // The undo stack says goodbye with a signal; by then the rest of the document has gone.
    ~Document() override;
    Document(const Document&) = delete;
    Document& operator=(const Document&) = delete;
    Document(Document&&) = delete;
    Document& operator=(Document&&) = delete;

    [[nodiscard]] const Plan& plan() const { return plan_; }
    // Of the plan's region.
    [[nodiscard]] const Library& library() const { return libraryFor(libraries_, plan_.region); }
    [[nodiscard]] const Libraries& libraries() const { return libraries_; }
    [[nodiscard]] std::shared_ptr<const Design> design() const { return design_; }
    // Rises with every plan that takes the place of another; what is computed beside the interface
    // is of one revision, and dropped when there is a later one.
    [[nodiscard]] quint64 revision() const { return revision_; }
    [[nodiscard]] QUndoStack& undoStack() { return undo_; }
    [[nodiscard]] const QString& fileName() const { return fileName_; }
    [[nodiscard]] bool isModified() const { return !undo_.isClean(); }
    // Whether its file holds something else than what was read or saved here last. False where
    // there is no file (any more): then there is nothing to lose.
    [[nodiscard]] bool changedOnDisk() const;
    // What the last edit changed, in words; empty after opening.
    [[nodiscard]] const QString& consequence() const { return consequence_; }

    // One undoable edit. Gives numbers to conductors that are new, inside the same step. An edit
    // that breaks the computation (a defect of the core) is not made, and `broke` says so.
    void push(const QString& text, Plan next, const MergeKey& key = {});

    // `onDisk`: fingerprint of the file as it was read; empty where there is none.
    void setPlan(Plan plan, const QString& fileName, const QByteArray& onDisk = {});
    // A plan that was open when the program was stopped: as opened from `fileName`, with changes
    // that are not saved.
    void setRecovered(Plan plan, const QString& fileName, const QByteArray& onDisk = {});
    // Of what was read from the file or saved to it last.
    [[nodiscard]] const QByteArray& onDisk() const { return onDisk_; }
    // Problems of the file, none where it was opened. What was open stays open on a problem. From
    // here on the path is absolute, whatever folder the program works in later.
    [[nodiscard]] std::vector<Error> open(const QString& path);
    [[nodiscard]] Result<QString> save(const QString& path);

signals:
    // An edit was not made: its plan could not be saved and opened again.
    void refused(const QString& why);
    void broke(const QString& what);
    void designChanged();
    void fileChanged();

private:
    friend class EditCommand;
    void apply(const Plan& plan);
    [[nodiscard]] std::shared_ptr<const Design> designOf(const Plan& plan);

    [[nodiscard]] std::shared_ptr<const Design> designed(const Plan& plan) const;

    const Libraries& libraries_;
    Plan plan_;
    std::shared_ptr<const Design> design_;
    quint64 revision_ = 0;
    std::shared_ptr<const Design> ahead_;  // of the plan that is about to be pushed
    QUndoStack undo_;
    QString fileName_;
    QByteArray onDisk_;  // fingerprint of what was read or saved last
    QString consequence_;
};

}  // namespace spirk::app
