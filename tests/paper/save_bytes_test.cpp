// SPDX-License-Identifier: GPL-3.0-or-later
// The toolkit's writer keeps the promises of the core's own, for one file and for several.
#include "paper/save_bytes.h"

#include <gtest/gtest.h>
#include <sys/stat.h>
#include <unistd.h>

#include "core/files/read_file.h"
#include "tests/support/file_faults.h"
#include "tests/support/in_a_folder.h"

namespace spirk {
namespace {

namespace fs = std::filesystem;

class SavingByTheToolkit : public test::InAFolder {
protected:
    [[nodiscard]] QString path(const std::string& name) const {
        return QString::fromStdString(in(name));
    }
};

TEST_F(SavingByTheToolkit, LinkModeAndOwnerStay) {
    put(in("real"), "old");
    ::chmod(in("real").c_str(), 0604);
    if (::geteuid() == 0) {
        ASSERT_EQ(::chown(in("real").c_str(), 1234, 4321), 0);
    }
    fs::create_symlink("real", in("link"));
    ASSERT_TRUE(saveBytes("new", path("link")).has_value());
    EXPECT_TRUE(fs::is_symlink(in("link")));
    EXPECT_EQ(*readFile(in("real")), "new");
    struct stat found = {};
    ASSERT_EQ(::stat(in("real").c_str(), &found), 0);
    EXPECT_EQ(found.st_mode & 07777U, 0604U);
    EXPECT_EQ(found.st_uid, ::geteuid() == 0 ? 1234U : ::geteuid());
}

TEST_F(SavingByTheToolkit, WhatMayNotBeReplacedIsRefused) {
    put(in("kept"), "old");
    ::chmod(in("kept").c_str(), 0444);
    const auto saved = saveBytes("new", path("kept"));
    ASSERT_FALSE(saved.has_value());
    EXPECT_EQ(english(saved.error().what), "This file is read-only.");
    ASSERT_EQ(::mkfifo(in("pipe").c_str(), 0666), 0);
    EXPECT_FALSE(saveBytes("new", path("pipe")).has_value());
    EXPECT_TRUE(fs::is_fifo(in("pipe")));
    EXPECT_TRUE(saveBytes("new", path(std::string(248, 'n'))).has_value());
    EXPECT_FALSE(saveBytes("new", path(std::string(249, 'n'))).has_value());
}

TEST_F(SavingByTheToolkit, EveryFailureLeavesOldOrNewAndIsTold) {
    const QByteArray next(200'000, 'n');
    for (const auto call : {test::FileCall::Write, test::FileCall::Flush, test::FileCall::Rename}) {
        int happened = 0;
        for (int nth = 1; nth < 20; ++nth) {
            SCOPED_TRACE(std::to_string(static_cast<int>(call)) + ", call " + std::to_string(nth));
            put(in("plan"), "old");
            bool failed = false;
            bool told = false;
            {
                const test::FileFault fault(call, nth, folder);
                told = !saveBytes(next, path("plan")).has_value();
                failed = fault.happened();
            }
            const std::string now = *readFile(in("plan"));
            EXPECT_TRUE(now == "old" || now == next.toStdString()) << now.size();
            EXPECT_EQ(files(), 1U) << "a part was left";
            if (!failed) {
                EXPECT_FALSE(told);
                break;
            }
            ++happened;
            // The toolkit flushes once more before it renames; what failed then was flushed before.
            EXPECT_TRUE(told || (call == test::FileCall::Flush && now == next.toStdString()));
        }
        EXPECT_GE(happened, 1) << static_cast<int>(call);
    }
}

TEST_F(SavingByTheToolkit, AFailureAtAnyPageLeavesNoPage) {
    const std::vector<NamedBytes> pages{
        {path("a-1.svg"), "one"}, {path("a-2.svg"), "two"}, {path("a-3.svg"), "three"}};
    for (int nth = 1; nth <= 3; ++nth) {
        const test::FileFault fault(test::FileCall::Write, nth, folder);
        EXPECT_FALSE(saveTogether(pages).has_value());
        EXPECT_TRUE(fault.happened());
        EXPECT_EQ(files(), 0U);
    }
    ASSERT_TRUE(saveTogether(pages).has_value());
    EXPECT_EQ(files(), 3U);
    // Each of them is asked about.
    EXPECT_FALSE(saveTogether(pages, Streams::Refused, Replace::Refused).has_value());
}

}  // namespace
}  // namespace spirk
