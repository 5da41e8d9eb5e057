// SPDX-License-Identifier: GPL-3.0-or-later
#include "paper/ink.h"

#include <QFontDatabase>
#include <cmath>

#include "core/base/promise.h"

namespace spirk {

Ink lightInk() {
    return {.ground = QColor("#f6f3ec"),
            .surface = QColor("#fffdf8"),
            .text = QColor("#2b2a27"),
            .faint = QColor("#6b675f"),
            .line = QColor("#d8d2c4"),
            .accent = QColor("#a4521d"),
            .danger = QColor("#a3251c"),
            .fault = QColor("#8a5a00"),
            .advice = QColor("#2f5f86"),
            .positive = QColor("#b0322a"),
            .negative = QColor("#2b2a27"),
            .arrayNegative = QColor("#2b2a27"),
            .control = QColor("#2f6690")};
}

Ink darkInk() {
    return {.ground = QColor("#23221f"),
            .surface = QColor("#2d2b27"),
            .text = QColor("#ece7dc"),
            .faint = QColor("#a9a294"),
            .line = QColor("#48443c"),
            .accent = QColor("#e08a4c"),
            .danger = QColor("#ff8a7a"),
            .fault = QColor("#e6b450"),
            .advice = QColor("#8fbce0"),
            .positive = QColor("#f0776a"),
            .negative = QColor("#c9c3b6"),
            .arrayNegative = QColor("#c9c3b6"),
            .control = QColor("#8fbce0")};
}

Ink paperInk() {
    Ink ink = lightInk();
    ink.ground = Qt::white;
    ink.surface = Qt::white;
    ink.text = Qt::black;
    ink.faint = QColor("#444444");
    ink.line = QColor("#999999");
    ink.negative = Qt::black;
    ink.arrayNegative = Qt::black;
    return ink;
}

Ink inRegion(Ink ink, const Region& region) {
    // Yellow is darkened on a light ground until it can be seen.
    if (region.negative.english == "yellow") {
        ink.negative = ink.ground.lightness() > 127 ? QColor("#9a7400") : QColor("#e3c34f");
    }
    return ink;
}

QColor colourOf(const Ink& ink, CoreColour colour) {
    switch (colour) {
        case CoreColour::Positive:
        case CoreColour::SolarPositive:
            return ink.positive;
        case CoreColour::Negative:
        case CoreColour::Bond:
            return ink.negative;
        case CoreColour::SolarNegative:
            return ink.arrayNegative;
        case CoreColour::Signal:
            return ink.control;
        case CoreColour::Vehicle:
            return ink.faint;
    }
    unreachable("colourOf(CoreColour)");
}

QColor colourOf(const Ink& ink, Severity severity) {
    switch (severity) {
        case Severity::Danger:
            return ink.danger;
        case Severity::Fault:
            return ink.fault;
        case Severity::Advice:
            return ink.advice;
    }
    unreachable("colourOf(Severity)");
}

void loadFonts() {
    if (QFontDatabase::families().contains("Inter") &&
        QFontDatabase::font("Inter", "Regular", 10).exactMatch()) {
        return;
    }
    for (const char* file : {"Inter-Regular.otf", "Inter-Medium.otf", "Inter-SemiBold.otf"}) {
        const int id = QFontDatabase::addApplicationFont(QString(":/fonts/") + file);
        promise(id >= 0, "the embedded font loads");
    }
}

namespace {

QFont interFont(Weight weight) {
    QFont font("Inter");
    font.setWeight(weight == Weight::Strong   ? QFont::DemiBold
                   : weight == Weight::Medium ? QFont::Medium
                                              : QFont::Normal);
    return font;
}

}  // namespace

QFont fontOf(double size, Weight weight) {
    QFont font = interFont(weight);
    font.setPointSizeF(size);
    return font;
}

QFont unitFont(double units, Weight weight) {
    QFont font = interFont(weight);
    // Painters scale; parts of a pixel would need a transform.
    font.setPixelSize(static_cast<int>(std::lround(units)));
    font.setHintingPreference(QFont::PreferNoHinting);
    // Shaped, hyphens and brackets between capitals become glyphs that stand for no letter: what is
    // copied out of a PDF would have holes.
    font.setStyleStrategy(QFont::PreferNoShaping);
    return font;
}

}  // namespace spirk
