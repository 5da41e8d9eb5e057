// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Size, fuse, drop, short circuit and lugs of every conductor. The sizing loop: start at the
// smallest size, solve the sizing moments, go up where current, drop or a short circuit asks for
// it, never down; so it ends, and what no size can meet stays visible in the margins.

#include <map>
#include <optional>
#include <vector>

#include "core/circuit/assemble.h"
#include "core/plan/finding.h"
#include "core/plan/plan.h"
#include "core/van/lengths.h"
#include "core/wiring/wiring.h"

namespace spirk {

struct ChosenFuse {
    std::string family;  // id
    Amps rating;
    std::string computedFamily;
    Amps computedRating;
    Amps needed;                       // the load times a factor
    const char* factorRule = nullptr;  // that the factor is from
    // Part of its rating that it bears for hours where it stands, where that decides.
    std::optional<double> bears;
    // Largest current that it may have to interrupt, itself taken for a link: with batteries in the
    // middle of the range that is sold, and with the strongest.
    Amps prospective, strongest;
    Amps interrupts;  // its capacity at the circuit's volts
    Metres distance;
    bool sheathed = false;  // up to it, in a sheath or conduit
    Holds holds = Holds::Itself;
    bool leftOut = false;
    bool amended = false;
    bool found = false;                 // it is there already
    std::optional<ConductorId> backup;  // whose fuse interrupts for it, whatever the batteries
    bool usuallyBacked = false;         // one does with batteries in the middle of the range
};

// One end of a conductor: what it is fixed to and the lug for it.
struct EndFitting {
    std::string stud;      // 'M8', 'clamp', 'blade'
    bool lugSold = true;   // a lug of this size with this hole is commonly sold
    bool sizeFits = true;  // not larger than the terminal takes
    SquareMetres largest;  // that the terminal takes
};

// What decided a conductor's size, in the order in which it is asked.
enum class Decides {
    Least,         // the smallest that is allowed there
    Current,       // its own fuse, or 1.25 times its load
    Returns,       // the fuse of another source whose current returns through it
    Device,        // the largest fuse that the region allows before so thin a cable
    ShortCircuit,  // what a short lets through
    Backup,        // what the fuse before its own lets through: its own cannot open that
    Drop,          // the limit of a path through it
    Maker,         // what the maker of what it feeds asks for
    Bond,          // what ties the house to the body
    Habit,         // good practice beyond the rules
    Alike,         // what it has one size with
    Lug,           // no lug, or no terminal, for a thinner one
    Laid,          // it is there already
};
// Used part of what is allowed; above 1 it is too much.
struct Margins {
    double current = 0.0;       // protecting fuse, or load, over ampacity
    double drop = 0.0;          // worst path through it over its limit
    double shortCircuit = 0.0;  // let-through over withstand
};
// The one that decides.
[[nodiscard]] double mostUsed(const Margins& margins);

struct CableRow {
    ConductorId id;
    Amps load;  // largest current in any sizing moment
    Text loadMoment;
    std::vector<Amps> inMoment;  // from 'from' to 'to', one for each of the wiring's sizing moments
    SquareMetres area;
    SquareMetres computedArea;
    bool areaAmended = false;
    Decides decides = Decides::Least;     // of the computed size
    std::string habit;                    // where a habit decides, its id
    Amps needed;                          // that it must carry for good
    std::optional<ConductorId> neededBy;  // whose fuse asks for that
    Amps ampacity;                        // corrected for ambient and bundle
    std::optional<ChosenFuse> fuseFrom, fuseTo;
    std::optional<ConductorId> protectedBy;  // its own id where it has a fuse
    std::optional<Amps> protection;          // rating that protects it
    Ohms cold;                               // wire at 20 degC and joints
    Ohms warm;                               // wire at `temperature` and joints
    Celsius temperature;
    Volts drop;  // over wire, joints and its fuse at `load`
    Amps faultNear, faultFar;
    std::optional<double> letThrough;         // A^2 s
    std::optional<ConductorId> letThroughBy;  // whose fuse lets that through
    double withstand = 0.0;                   // A^2 s
    EndFitting from, to;
    Margins margins;
};

struct PathDrop {
    std::string id;
    Text name;
    Volts drop;
    double fraction = 0.0;
    double limit = 0.0;
    std::string rule;  // whose limit it is
    std::vector<ConductorId> conductors;
    FigureId figure;
};

struct Cables {
    std::vector<CableRow> rows;             // one per conductor of the circuit, in order
    std::map<ConductorId, std::size_t> at;  // where each stands in them
    std::vector<PathDrop> drops;
    std::vector<ConductorOhms> ohms;  // warm
    int passes = 0;                   // of the sizing loop
    Derivations why;
};

// The wiring with its devices made of the hardware that serves, and its conductors.
struct Sized {
    Wiring wiring;
    Cables cables;
};
[[nodiscard]] Sized sizeCables(const Plan& plan,
                               const Library& library,
                               const System& gear,
                               Wiring wiring,
                               const Lengths& lengths);

[[nodiscard]] const CableRow* findRow(const Cables& cables, const ConductorId& id);
[[nodiscard]] const FuseFamily& familyOf(const Library& library, const std::string& id);
[[nodiscard]] const AmpacityColumn& columnOf(const Library& library, const std::string& id);
// 'class T fuse, 350 A'
[[nodiscard]] Text fuseText(const Library& library, const ChosenFuse& fuse);

}  // namespace spirk
