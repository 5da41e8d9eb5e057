// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What the window remembers between sessions, as one table of keys and defaults. Nothing of it is
// part of a plan.

#include <QSettings>
#include <QStringList>
#include <QVariant>

namespace spirk::app {

struct Setting {
    const char* key;
    const char* meaning;
};

inline constexpr Setting kRecentPlans{"plans/recent", "paths, the latest first"};
inline constexpr Setting kGeometry{"window/geometry", "place and size of the window"};
inline constexpr Setting kSplitter{"window/splitter", "widths of rail, station and drawer"};
inline constexpr Setting kOpenPlan{"plans/open", "path of the plan that was open last"};
inline constexpr Setting kColours{"window/colours", "as the desktop, light or dark, by number"};
inline constexpr Setting kTextPercent{"window/text", "size of text in percent; absent: 100"};
inline constexpr Setting kLanguage{"window/language",
                                   "as 'de', of the interface; absent: as the desktop"};
inline constexpr Setting kStation{"window/station", "id of the station that was open"};

[[nodiscard]] inline QVariant remembered(const Setting& setting) {
    return QSettings().value(setting.key);
}
inline void remember(const Setting& setting, const QVariant& value) {
    QSettings().setValue(setting.key, value);
}

inline constexpr int kMostRecent = 8;
// Existing files only, the latest first.
[[nodiscard]] QStringList recentPlans();
// Puts a path first.
void rememberPlan(const QString& path);

}  // namespace spirk::app
