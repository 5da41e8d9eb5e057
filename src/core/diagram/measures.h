// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The diagram's measures, in its own units (a line of label text is about ten high). Private to
// this room.

namespace spirk::measures {

inline constexpr double kMargin = 24.0;
inline constexpr double kRailName = 18.0;  // above the upper rail
inline constexpr double kColumn = 132.0;   // a rung and its label
// What the name of a switch in a rung reaches into the next one, before that one's own begins.
inline constexpr double kNameBeyond = 8.0;
inline constexpr double kWire = 84.0;     // a conductor with its label and a fuse
inline constexpr double kFuse = 30.0;     // room of a fuse on a conductor
inline constexpr double kThrough = 34.0;  // a switch, isolator or shunt in a leg
inline constexpr double kThroughWidth = 46.0;
inline constexpr double kDeviceWidth = 104.0;
inline constexpr double kDeviceHeight = 58.0;
inline constexpr double kLabelPad = 7.0;
// Of a conductor's label, two lines: '12 · 120 mm²' and its length, its current where one is shown.
inline constexpr double kLabelWidth = 74.0;
inline constexpr double kLabelHeight = 24.0;
inline constexpr double kGap = 20.0;
inline constexpr double kRailInset = 14.0;
inline constexpr double kLeastLadder = 420.0;
inline constexpr double kSideWire = 96.0;  // a horizontal conductor with its label
inline constexpr double kLinkWire = kSideWire + 2.0 * kFuse;  // one with a fuse at each end
inline constexpr double kLinkColumn = kDeviceWidth + kLinkWire;
// Of the links, so that a label has room between the two.
inline constexpr double kLinkInset = 9.0;
inline constexpr double kPoleInset = 16.0;
inline constexpr double kArraySide =
    kGap + kDeviceWidth + kSideWire + kThroughWidth + kSideWire - 14.0;
inline constexpr double kVehicleSide = 2.0 * kDeviceWidth + 2.5 * kSideWire + kGap;
inline constexpr double kConverterSide = 100.0;  // a converter's own negative with its label
// From a charger's input to what parts its feed, with its name.
inline constexpr double kBeforeInput = 90.0;
inline constexpr double kNoteWidth = 190.0;
inline constexpr double kNoteHeight = 150.0;
inline constexpr double kBelow =
    46.0;  // from one conductor of a terminal to the next, with its label
inline constexpr double kLane = 14.0;  // between parallel routed conductors

}  // namespace spirk::measures
