// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// The state of the sizing loop and its steps. Private to this room.

#include "core/cables/cables.h"
#include "core/cables/device_currents.h"
#include "core/cables/rated_currents.h"

namespace spirk {

// What is looked up over and over in the loop, found once.
struct SizingIndex {
    std::vector<std::optional<std::size_t>> protectedBy;  // of each conductor
    std::vector<std::vector<std::size_t>> paths;          // conductors of each drop path
    std::vector<std::vector<std::size_t>> shared;         // of those, what other branches take too
    std::vector<std::size_t> pathMoment;                  // sizing moment of each drop path
    std::vector<double> pathLimit;                        // of each drop path, of its base
    std::vector<const AmpacityColumn*> column;            // of each conductor
    // Conductors that have one size together: out and back, a run on both sides of a switch, what
    // joins the batteries of a bank.
    std::vector<std::vector<std::size_t>> alike;
    std::vector<std::optional<std::size_t>> alikeOf;  // of each conductor, its place among those
    // Whether a charger or controller limits what flows: it belongs to one, on its own side.
    std::vector<bool> limited;
    std::vector<Volts> nominal;  // of each conductor, that it is on
    // Of each conductor, the largest that makers allow before what its own fuse feeds.
    std::vector<std::optional<Amps>> makersFuse;
    std::vector<RatedCurrent> rated;  // of each conductor, by what it joins
    // Of each conductor, those whose shorts at their far end return through it.
    std::vector<std::vector<std::size_t>> returns;
    // What each device may be made of, the least first; empty where it is no hardware.
    std::vector<std::vector<const HardwareModel*>> hardware;
};

// What everything is sized against; borrowed for the loop.
struct SizingTask {
    const Plan& plan;
    const Library& library;
    const System& gear;
    Wiring& wiring;  // whose devices become what is chosen for them
    const Lengths& lengths;
    SizingIndex index;
    [[nodiscard]] const Circuit& circuit() const { return wiring.circuit; }
    // Row of library.conductors: the thickest that is sold.
    [[nodiscard]] std::size_t lastSize() const { return library.conductors.size() - 1; }
};
[[nodiscard]] SizingIndex indexFor(const Plan& plan,
                                   const Library& library,
                                   const System& gear,
                                   const Wiring& wiring);

// A conductor while it is being sized.
struct Working {
    std::size_t size = 0;      // row of library.conductors
    bool fixed = false;        // set by an amendment: the loop does not touch it
    std::size_t computed = 0;  // what the loop would have chosen
    Decides decides = Decides::Least;
    std::string habit;  // that decides
    Amps load;
    Amps unhindered;  // the same, through thick wires
    Text loadMoment;
    std::vector<Amps> inMoment;  // signed, one per sizing moment
    std::optional<ChosenFuse> fuseFrom, fuseTo;
    Amps faultNear, faultFar;
    // Of each of the index's returns, what a short at its far end puts through this conductor.
    std::vector<Amps> returned;
    Celsius temperature;
};

struct SizingState {
    std::vector<Working> conductors;
    std::vector<std::size_t> hardware;  // of each device, its place in the index's list
    std::vector<Volts> pathDrop;        // of each drop path, between the nodes at its ends
    std::vector<Volts> pathRest;        // of that, what its wires do not lose
};

// Smallest row of the conductors whose corrected ampacity carries `needed`; the largest where none
// does.
[[nodiscard]] std::size_t sizeForCurrent(const SizingTask& task, std::size_t index, Amps needed);
// The smallest size of at least this area; the largest where none is.
[[nodiscard]] std::size_t sizeAtLeast(const SizingTask& task, SquareMetres area);
// Ampacity of a conductor at a size, where it lies.
[[nodiscard]] std::optional<Amps> ampacityOf(const SizingTask& task,
                                             std::size_t index,
                                             SquareMetres area);

// Resistances as the loop has them; warm: at each conductor's temperature, else at 20 degC.
enum class Warmth { Cold, Warm };
[[nodiscard]] ConductorOhms ohmsOf(const SizingTask& task,
                                   const SizingState& state,
                                   std::size_t index,
                                   Warmth warmth);
[[nodiscard]] std::vector<ConductorOhms> allOhms(const SizingTask& task,
                                                 const SizingState& state,
                                                 Warmth warmth);

// Sizes follow the fuse that Spirk would choose; margins and checks look at the one that is fitted.
// So an amended fuse never changes a cable in silence.
enum class FuseView { Computed, Fitted };

// Fills load, loadMoment, inMoment, temperature and drops of paths from the solved sizing moments.
void solveLoads(const SizingTask& task, SizingState& state);
// Fills temperature from the loads as they stand.
void updateTemperatures(const SizingTask& task, SizingState& state);
// Fills fault currents of all conductors and prospective currents of all fuses.
void solveFaults(const SizingTask& task, SizingState& state);
// Chooses family and rating of every fuse; once sizes only rise, so do these.
enum class Choice { Afresh, OnlyRise };
void chooseFuses(const SizingTask& task, SizingState& state, Choice choice);
// Chooses the size of every conductor that the person has not fixed: the smallest that all rules
// allow with currents, faults and fuses as they stand. True where one has changed.
bool chooseSizes(const SizingTask& task, SizingState& state, Choice choice);

[[nodiscard]] std::vector<const HardwareModel*> hardwareFor(const Plan& plan,
                                                            const Library& library,
                                                            const Device& device);
// Borrows from the state.
[[nodiscard]] MomentCurrents currentsOf(const SizingState& state);
// Makes devices of larger hardware where what they are made of does not serve.
bool raiseHardware(const SizingTask& task, SizingState& state);

// The fuse that protects a conductor: its own, else that of protectedBy; null where there is none,
// or, of what is fitted, where it was left out.
struct Protector {
    const ChosenFuse* fuse = nullptr;
    ConductorId owner;
};
[[nodiscard]] Protector protectorOf(const SizingTask& task,
                                    const SizingState& state,
                                    std::size_t index,
                                    FuseView view);

// Those that it has one size with, itself among them; null where it stands alone.
[[nodiscard]] const std::vector<std::size_t>* alikeWith(const SizingTask& task, std::size_t index);

// What a conductor must carry for good, and what asks for it: its fuse, 1.25 times its load, or the
// fuse of another source whose current returns through it.
struct NeededAmpacity {
    Amps amps;
    Decides decides = Decides::Current;
    std::optional<ConductorId> fuse;  // whose rating it is
};
[[nodiscard]] NeededAmpacity neededAmpacity(const SizingTask& task,
                                            const SizingState& state,
                                            std::size_t index,
                                            FuseView view);

// Drop of a path, by its place, as a fraction of its base.
[[nodiscard]] double fractionLost(const SizingTask& task,
                                  const SizingState& state,
                                  std::size_t path);
[[nodiscard]] std::vector<PathDrop> pathDrops(const SizingTask& task, const SizingState& state);
// What a conductor of a drop path carries when the path is judged: on the shared stretch, without
// what is off then.
[[nodiscard]] Amps currentOnPath(const SizingTask& task,
                                 const SizingState& state,
                                 std::size_t path,
                                 std::size_t index);
// Volts over it then, fuses and joints included.
[[nodiscard]] Volts dropOnPath(const SizingTask& task,
                               const SizingState& state,
                               std::size_t path,
                               std::size_t index);

// What a short lets through a conductor at worst: how much, and whose fuse opens.
struct LetThrough {
    double a2s = 0.0;
    Amps current;
    ConductorId fuse;
};
// The worst of near and far faults and of what returns through it; nothing where no fuse protects
// the conductor, or where one need not open on a current that flows.
[[nodiscard]] std::optional<LetThrough> letThroughOf(const SizingTask& task,
                                                     const SizingState& state,
                                                     std::size_t index,
                                                     FuseView view);

// What the fuse before a block or a bar lets through while it interrupts a fault for a conductor's
// own, which cannot; nothing where that can by itself, or where none before it could.
[[nodiscard]] std::optional<double> throughBackup(
    const SizingTask& task, const SizingState& state, std::size_t index, FuseView view, Amps fault);

// Rows and margins of the settled state; `drops` are its pathDrops.
[[nodiscard]] std::vector<CableRow> cableRows(const SizingTask& task,
                                              const SizingState& state,
                                              const std::vector<PathDrop>& drops);

[[nodiscard]] Derivations explainCables(const SizingTask& task,
                                        const SizingState& state,
                                        const Cables& cables);

// Of devices: what flows through them and what they are made of.
[[nodiscard]] Derivations explainHardware(const SizingTask& task, const SizingState& state);

[[nodiscard]] std::size_t indexOf(const Circuit& circuit, const ConductorId& id);

}  // namespace spirk
