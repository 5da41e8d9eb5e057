// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/save_bytes.h"

#include <unistd.h>

#include <QSaveFile>
#include <cerrno>
#include <memory>

#include "core/files/descriptor.h"
#include "core/files/save_text.h"

namespace spirk {

namespace {

// A file that is written beside its place and goes again unless it is put there.
class Beside {
public:
    explicit Beside(SaveTarget target)
        : target_(std::move(target)), file_(QString::fromStdString(target_.path)) {}

    [[nodiscard]] std::optional<Error> write(const QByteArray& bytes) {
        if (!file_.open(QIODevice::WriteOnly)) {
            return said();
        }
        if (auto error = keepOwnerAndMode(file_.handle(), target_)) {
            return error;
        }
        if (file_.write(bytes) != bytes.size() || !file_.flush()) {
            return said();
        }
        // The writer flushes too, but does not tell when the disk would not.
        return ::fsync(file_.handle()) == 0
                   ? std::nullopt
                   : std::optional(cannotSave(target_.path, systemSays(errno)));
    }
    [[nodiscard]] std::optional<Error> put() {
        return file_.commit() ? flushFolderOf(target_) : std::optional(said());
    }

private:
    [[nodiscard]] Error said() const {
        return cannotSave(target_.path, file_.errorString().toStdString());
    }

    SaveTarget target_;
    QSaveFile file_;
};

}  // namespace

Result<QString> saveBytes(const QByteArray& bytes,
                          const QString& path,
                          Streams streams,
                          Replace replace) {
    const auto saved = saveTogether({{path, bytes}}, streams, replace);
    return saved ? Result<QString>(path) : tl::unexpected(saved.error());
}

Result<std::vector<QString>> saveTogether(const std::vector<NamedBytes>& files,
                                          Streams streams,
                                          Replace replace) {
    std::vector<std::unique_ptr<Beside>> written;
    std::vector<QString> paths;
    for (const NamedBytes& each : files) {
        auto target = saveTarget(each.path.toStdString(), streams, replace);
        if (!target) {
            return tl::unexpected(target.error());
        }
        paths.push_back(each.path);
        std::optional<Error> error;
        if (target->stream) {
            error = writeStream(each.bytes.toStdString(), target->path);
        } else {
            written.push_back(std::make_unique<Beside>(std::move(*target)));
            error = written.back()->write(each.bytes);
        }
        if (error) {
            return tl::unexpected(std::move(*error));
        }
    }
    for (const auto& each : written) {
        if (auto error = each->put()) {
            return tl::unexpected(std::move(*error));
        }
    }
    return paths;
}

}  // namespace spirk
