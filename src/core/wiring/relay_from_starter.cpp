// SPDX-License-Identifier: GPL-3.0-or-later
// A voltage-sensing relay between the starter battery and the bars: it joins both while the
// alternator charges. A fuse at each battery end, and its thin lead to the negative, by which it
// measures.

#include "core/wiring/engine_parts.h"

namespace spirk {

namespace {

class RelayFromStarter {
public:
    RelayFromStarter(Draft draft, const RelayUnit& relay)
        : draft_(std::move(draft)),
          relay_(relay),
          model_(*relay.relay),
          id_(relay.id.value),
          in_(engineFeed(relay.id)),
          out_(bankFeed(relay.id)) {
        draft_.unit = relay.id;
    }

    [[nodiscard]] Piece take() {
        addRelay();
        addLeads();
        addDrop();
        addSeparation(draft_, relay_);
        draft_.piece.steps = {joined()};
        return std::move(draft_.piece);
    }

private:
    void addRelay() {
        Device& d = draft_.ware(id_, DeviceKind::Relay, model_);
        d.rating = model_.maxCurrent;
        Draft::port(d, "a", model_.connection, Pole::Positive);  // starter battery
        Draft::port(d, "b", model_.connection, Pole::Positive);  // bank
        Draft::port(d, "neg", {"blade", squareMillimetres(2.5)}, Pole::Negative);
        d.elements.emplace_back(Contact{{{0, 1}}, model_.resistance, Live::EngineRunning});
    }

    void addLeads() {
        draft_.conductor(in_.value,
                         {"{source} to relay"_text, {{"source", vehicleName(relay_.from)}}},
                         vehiclePost(relay_.from),
                         terminal(id_, "a"),
                         Pole::Positive,
                         Purpose::Feed);
        draft_.protect(in_, guarding(holderFuse(draft_), "E5"));
        // Drawn from the bar, where its fuse stands: the bank can feed a fault there.
        draft_.conductor(out_.value,
                         "positive bar to relay"_text,
                         railPost(relay_.into, Pole::Positive),
                         terminal(id_, "b"),
                         Pole::Positive,
                         Purpose::Feed);
        draft_.protect(out_, guarding(holderFuse(draft_), "E5"));
        Conductor& own = draft_.conductor(id_ + ".feed-",
                                          "relay's negative"_text,
                                          terminal(id_, "neg"),
                                          railPost(relay_.into, Pole::Negative),
                                          Pole::Negative,
                                          Purpose::Feed);
        own.insulation = draft_.library.region.smallInsulation;
    }

    void addDrop() {
        draft_.drop({.id = "drop." + id_,
                     .name = "starter battery to bus bars"_text,
                     // It limits nothing: what is lost on the way only charges slower.
                     .rule = "drop_relay",
                     .moment = "sizing.driving",
                     .base = volts(12.0)},  // the vehicle's own system
                    {starterPost(Pole::Positive), chassisPost()},
                    {railPost(relay_.into, Pole::Positive), railPost(relay_.into, Pole::Negative)});
    }

    [[nodiscard]] LiveStep joined() const {
        LiveStep s;
        s.id = "on." + id_;
        s.stage = Stage::Engine;
        s.text = {
            "Both fuses of the relay in, engine stopped: no current flows. Start the engine: within a minute, above {joins} at the starter battery, it connects both batteries."_text,
            {{"joins", measure(model_.joins)}}};
        s.text = withSeparation(relay_, std::move(s.text));
        s.caution = beltsAndFans();
        s.closed = separationOf(relay_);
        s.subjects = {subject(DeviceId(id_))};
        s.fuses = {in_, out_};
        Look look;
        look.driving = true;
        look.readings = {{Reads::Monitor,
                          {},
                          "current out of the bank, engine running: negative means charging"_text}};
        s.looks = {look};
        return s;
    }

    Draft draft_;
    const RelayUnit& relay_;
    const RelayModel& model_;
    const std::string id_;
    const ConductorId in_, out_;
};

}  // namespace

Piece relayFromStarter(Draft draft, const RelayUnit& relay) {
    return RelayFromStarter(std::move(draft), relay).take();
}

}  // namespace spirk
