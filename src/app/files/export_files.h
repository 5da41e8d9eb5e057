// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Writing what is exported from the window: never onto the plan itself, never over a file that the
// person was not asked about.

#include "app/dialogs/dialogs.h"
#include "app/shared/document.h"
#include "paper/save_bytes.h"

namespace spirk::app {

// What to say of it; empty where the person changed their mind. `asked` is the one path that the
// question for a name was about.
[[nodiscard]] QString exported(const Document& document,
                               const Dialogs& dialogs,
                               QWidget* window,
                               const std::vector<NamedBytes>& files,
                               const QString& asked);

}  // namespace spirk::app
