// SPDX-License-Identifier: GPL-3.0-or-later
// What saving promises: links, modes and owners stay, what is no file is never replaced, and
// whatever fails, the old file or the new one is there, and the failure is told.
#include "core/files/save_text.h"

#include <fcntl.h>
#include <gtest/gtest.h>
#include <sys/resource.h>
#include <sys/socket.h>
#include <sys/stat.h>
#include <sys/un.h>
#include <unistd.h>

#include <csignal>
#include <thread>

#include "core/files/read_file.h"
#include "tests/support/file_faults.h"
#include "tests/support/in_a_folder.h"

namespace spirk {
namespace {

namespace fs = std::filesystem;

class Saving : public test::InAFolder {};

TEST_F(Saving, ALinkStaysALinkAndItsFileIsReplaced) {
    put(in("real"), "old");
    fs::create_symlink("real", in("second"));
    fs::create_symlink("second", in("first"));
    ASSERT_TRUE(saveText("new", in("first")).has_value());
    EXPECT_TRUE(fs::is_symlink(in("first")));
    EXPECT_TRUE(fs::is_symlink(in("second")));
    EXPECT_EQ(*readFile(in("real")), "new");
}

TEST_F(Saving, ALinkThatLeadsNowhereMakesTheFileItMeans) {
    fs::create_symlink("not-yet", in("link"));
    ASSERT_TRUE(saveText("new", in("link")).has_value());
    EXPECT_TRUE(fs::is_symlink(in("link")));
    EXPECT_EQ(*readFile(in("not-yet")), "new");
}

TEST_F(Saving, ARingOfLinksIsRefused) {
    fs::create_symlink("b", in("a"));
    fs::create_symlink("a", in("b"));
    EXPECT_FALSE(saveText("new", in("a")).has_value());
}

TEST_F(Saving, TheModeStays) {
    put(in("private"), "old");
    ::chmod(in("private").c_str(), 0640);
    ASSERT_TRUE(saveText("new", in("private")).has_value());
    EXPECT_EQ(modeOf(in("private")), 0640U);
}

TEST_F(Saving, ANewFileHasTheModeThatThePersonsOthersHave) {
    const mode_t before = ::umask(027);
    ASSERT_TRUE(saveText("new", in("fresh")).has_value());
    ::umask(before);
    EXPECT_EQ(modeOf(in("fresh")), 0640U);
}

TEST_F(Saving, TheOwnerStays) {
    if (::geteuid() != 0) {
        GTEST_SKIP() << "only who may write everything can give a file away";
    }
    put(in("theirs"), "old");
    ASSERT_EQ(::chown(in("theirs").c_str(), 1234, 4321), 0);
    ASSERT_TRUE(saveText("new", in("theirs")).has_value());
    struct stat found = {};
    ASSERT_EQ(::stat(in("theirs").c_str(), &found), 0);
    EXPECT_EQ(found.st_uid, 1234U);
    EXPECT_EQ(found.st_gid, 4321U);
}

TEST_F(Saving, AReadOnlyFileIsRefusedInClearWords) {
    put(in("kept"), "old");
    ::chmod(in("kept").c_str(), 0444);
    const auto saved = saveText("new", in("kept"));
    ASSERT_FALSE(saved.has_value());
    EXPECT_EQ(english(saved.error().what), "This file is read-only.");
    EXPECT_EQ(*readFile(in("kept")), "old");
    EXPECT_EQ(files(), 1U);
}

// 255 bytes is what ext4, XFS, Btrfs and tmpfs take (NAME_MAX in <limits.h>).
TEST_F(Saving, NamesAreAsLongAsTheFolderAllowsLessWhatSavingAdds) {
    const std::string longest(255 - 7, 'n');
    EXPECT_TRUE(saveText("new", in(longest)).has_value());
    EXPECT_TRUE(saveText("newer", in(longest)).has_value());
    const auto saved = saveText("new", in(longest + "n"));
    ASSERT_FALSE(saved.has_value());
    EXPECT_NE(english(saved.error().what).find("too long"), std::string::npos)
        << english(saved.error().what);
    const auto absurd = saveText("new", in(std::string(5000, 'n')));
    ASSERT_FALSE(absurd.has_value());
    EXPECT_NE(english(absurd.error().what).find("too long"), std::string::npos)
        << english(absurd.error().what);
}

TEST_F(Saving, WhatIsNoFileIsNeverReplaced) {
    ASSERT_EQ(::mkfifo(in("pipe").c_str(), 0666), 0);
    fs::create_directory(in("folder"));
    const int listening = ::socket(AF_UNIX, SOCK_STREAM, 0);
    sockaddr_un address = {};
    address.sun_family = AF_UNIX;
    in("socket").copy(static_cast<char*>(address.sun_path), sizeof address.sun_path - 1);
    ASSERT_EQ(::bind(listening,
                     reinterpret_cast<const sockaddr*>(&address),  // NOLINT: as the system asks
                     sizeof address),
              0);
    for (const std::string& path : {in("pipe"),
                                    in("socket"),
                                    in("folder"),
                                    std::string("/dev/null"),
                                    std::string("/dev/full"),
                                    std::string("/dev/stdout")}) {
        const auto before = fs::status(path).type();
        EXPECT_FALSE(saveText("new", path).has_value()) << path;
        EXPECT_EQ(fs::status(path).type(), before) << path;
    }
    // Where streams are meant, a socket is still none.
    EXPECT_FALSE(saveText("new", in("socket"), Streams::Allowed).has_value());
    ::close(listening);
}

// '/dev/stdout' of a program whose output goes to a file leads to that file.
TEST_F(Saving, AnOutputThatIsOpenAlreadyIsNotReplacedButWrittenToWhereThatIsMeant) {
    put(in("log"), "so far\n");
    const int open = ::open(in("log").c_str(), O_WRONLY | O_APPEND);
    const std::string path = "/dev/fd/" + std::to_string(open);
    EXPECT_FALSE(saveText("new", path).has_value());
    EXPECT_EQ(*readFile(in("log")), "so far\n");
    EXPECT_TRUE(saveText("more\n", path, Streams::Allowed).has_value());
    EXPECT_EQ(*readFile(in("log")), "so far\nmore\n");
    ::close(open);
}

TEST_F(Saving, APipeIsWrittenToWhereThatIsMeant) {
    ASSERT_EQ(::mkfifo(in("pipe").c_str(), 0666), 0);
    const auto unread = saveText("new", in("pipe"), Streams::Allowed);
    EXPECT_FALSE(unread.has_value()) << "nobody reads";
    std::string got;
    std::thread reader([&] {
        std::ifstream pipe(in("pipe"));
        std::getline(pipe, got);
    });
    // Until the reader is there.
    while (!saveText("through\n", in("pipe"), Streams::Allowed).has_value()) {
        std::this_thread::yield();
    }
    reader.join();
    EXPECT_EQ(got, "through");
    EXPECT_TRUE(fs::is_fifo(in("pipe")));
    EXPECT_FALSE(saveText("new", "/dev/full", Streams::Allowed).has_value());
}

TEST_F(Saving, AFileIsNotReplacedWhereThatWasNotSaid) {
    put(in("there"), "old");
    EXPECT_FALSE(saveText("new", in("there"), Streams::Refused, Replace::Refused).has_value());
    EXPECT_EQ(*readFile(in("there")), "old");
}

// Whoever lays a link where the temporary file used to be gains nothing by it.
TEST_F(Saving, NothingIsWrittenThroughALinkThatWasLaidBeside) {
    put(in("victim"), "mine");
    put(in("plan"), "old");
    fs::create_symlink("victim", in("plan.part"));
    ASSERT_TRUE(saveText("new", in("plan")).has_value());
    EXPECT_EQ(*readFile(in("victim")), "mine");
    EXPECT_EQ(*readFile(in("plan")), "new");
    EXPECT_EQ(files(), 3U);
}

TEST_F(Saving, EveryFailureLeavesTheOldFileOrTheNewOneAndIsTold) {
    const std::string next(200'000, 'n');
    for (const auto call : {test::FileCall::Write,
                            test::FileCall::Flush,
                            test::FileCall::Rename,
                            test::FileCall::Close}) {
        int happened = 0;
        for (int nth = 1; nth < 20; ++nth) {
            SCOPED_TRACE(std::to_string(static_cast<int>(call)) + ", call " + std::to_string(nth));
            put(in("plan"), "old");
            ::chmod(in("plan").c_str(), 0640);
            bool failed = false;
            bool told = false;
            {
                const test::FileFault fault(call, nth, folder);
                told = !saveText(next, in("plan")).has_value();
                failed = fault.happened();
            }
            if (!failed) {
                EXPECT_FALSE(told);
                break;
            }
            ++happened;
            // The folder is closed when all is done: that has nothing to tell.
            const bool last = call == test::FileCall::Close && *readFile(in("plan")) == next;
            EXPECT_TRUE(told || last);
            const std::string now = *readFile(in("plan"));
            EXPECT_TRUE(now == "old" || now == next) << now.size();
            EXPECT_EQ(files(), 1U) << "a part was left";
            EXPECT_EQ(modeOf(in("plan")), 0640U);
        }
        EXPECT_GE(happened, 1) << static_cast<int>(call);
    }
}

TEST_F(Saving, AFullDiskLeavesTheOldFile) {
    put(in("plan"), "old");
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    const rlimit tiny{100, before.rlim_max};
    setrlimit(RLIMIT_FSIZE, &tiny);
    const auto saved = saveText(std::string(1000, 'n'), in("plan"));
    setrlimit(RLIMIT_FSIZE, &before);
    EXPECT_FALSE(saved.has_value());
    EXPECT_EQ(*readFile(in("plan")), "old");
    EXPECT_EQ(files(), 1U);
}

struct Unreadable {
    const char* name;
    const char* what;
};

TEST_F(Saving, WhatCannotBeReadIsToldApart) {
    put(in("empty"), "");
    fs::create_directory(in("folder"));
    ASSERT_EQ(::mkfifo(in("pipe").c_str(), 0666), 0);
    const int large = ::open(in("large").c_str(), O_CREAT | O_WRONLY, 0666);
    ASSERT_EQ(::ftruncate(large, static_cast<off_t>(kMostFileBytes) + 1), 0);
    ::close(large);
    put(in("secret"), "x");
    ::chmod(in("secret").c_str(), 0);
    std::vector<Unreadable> cases{{"missing", "There is no such file."},
                                  {"empty", "The file is empty."},
                                  {"folder", "This is a folder, not a file."},
                                  {"pipe", "This is a device, pipe or socket, not a file."},
                                  {"large", "The file is larger than 32 MB."}};
    if (::geteuid() != 0) {
        cases.push_back({"secret", "You may not read this file."});
    }
    for (const Unreadable& each : cases) {
        const auto text = readFile(in(each.name));
        ASSERT_FALSE(text.has_value()) << each.name;
        EXPECT_EQ(english(text.error().what), each.what) << each.name;
        EXPECT_FALSE(text.error().remedy.empty()) << each.name;
    }
    EXPECT_FALSE(readFile("/dev/zero").has_value());
}

TEST_F(Saving, OneFileIsKnownByWhateverName) {
    put(in("plan"), "x");
    fs::create_symlink("plan", in("link"));
    fs::create_hard_link(in("plan"), in("twin"));
    put(in("other"), "x");
    EXPECT_TRUE(
        sameFile(in("plan"), folder + "/../" + fs::path(folder).filename().string() + "/plan"));
    EXPECT_TRUE(sameFile(in("plan"), in("link")));
    EXPECT_TRUE(sameFile(in("plan"), in("twin")));
    EXPECT_FALSE(sameFile(in("plan"), in("other")));
    EXPECT_FALSE(sameFile(in("none"), in("none")));
}

}  // namespace
}  // namespace spirk
