// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Work that takes longer than a keystroke, off the interface's thread. Belongs to an owner, asked
// for and answered on the interface's thread: an answer that is no longer wanted does not come, and
// when the job goes, what it still computes has ended.

#include <QFutureWatcher>
#include <QtConcurrent/QtConcurrentRun>
#include <exception>
#include <functional>
#include <memory>
#include <optional>
#include <utility>

namespace spirk::app {

template <class Result>
class Job {
public:
    // Must hold all that it reads, or read what outlives the job.
    using Work = std::function<Result()>;
    using Done = std::function<void(Result)>;

    // `broke` is told before what broke in the work breaks here too.
    explicit Job(Done done, std::function<void()> broke = {})
        : done_(std::move(done)), broke_(std::move(broke)) {
        QObject::connect(&watcher_, &Watcher::finished, &watcher_, [this] { finish(); });
    }
    ~Job() {
        watcher_.disconnect();
        watcher_.waitForFinished();
    }
    Job(const Job&) = delete;
    Job& operator=(const Job&) = delete;
    Job(Job&&) = delete;
    Job& operator=(Job&&) = delete;

    // In place of what was asked before. One at a time is computed: of those that are asked for
    // meanwhile only the last.
    void start(Work work) {
        wanted_ = true;
        if (watcher_.isRunning()) {
            next_ = std::move(work);
        } else {
            run(std::move(work));
        }
    }
    // The answer is no longer wanted.
    void drop() {
        wanted_ = false;
        next_ = nullptr;
    }
    // Whether an answer is still to come.
    [[nodiscard]] bool isWanted() const { return wanted_; }

private:
    // What broke in the work breaks where the answer is taken, on the interface's thread.
    struct Answer {
        std::optional<Result> result;
        std::exception_ptr broken;
    };
    using Watcher = QFutureWatcher<std::shared_ptr<Answer>>;

    void run(Work work) {
        watcher_.setFuture(QtConcurrent::run([work = std::move(work)] {
            auto out = std::make_shared<Answer>();
            try {
                out->result = work();
            } catch (...) {
                out->broken = std::current_exception();
            }
            return out;
        }));
    }
    void finish() {
        if (next_) {
            run(std::exchange(next_, nullptr));
            return;
        }
        if (!std::exchange(wanted_, false)) {
            return;
        }
        const std::shared_ptr<Answer> answer = watcher_.result();
        if (answer->broken) {
            if (broke_) {
                broke_();
            }
            std::rethrow_exception(answer->broken);
        }
        done_(std::move(*answer->result));
    }

    Done done_;
    std::function<void()> broke_;
    Work next_;
    bool wanted_ = false;
    Watcher watcher_;
};

}  // namespace spirk::app
