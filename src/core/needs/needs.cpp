// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/needs/needs.h"

#include <fmt/core.h>

#include <algorithm>

#include "core/needs/day_profile.h"

namespace spirk {

namespace {

constexpr double kDaySeconds = 86400.0;

std::string planPath(const Appliance& a, const char* field) {
    return "appliances." + a.id.value + "." + field;
}

Joules energyPerDay(const Appliance& a) {
    const Seconds on = onTime(a);
    const Seconds off = seconds(std::max(0.0, kDaySeconds - on.si()));
    return (wattsUsed(a) * on + a.standby * off) * static_cast<double>(countNow(a));
}

Derivation energyDerivation(const Appliance& a, Joules perDay) {
    const char* which = a.measured ? "measured_w" : "rated_w";
    return {
        .id = energyFigure(a.id),
        .title = {"{appliance}, energy per day"_text, {{"appliance", a.name}}},
        .formula = "E = n · (P · t + P_s · (24 h − t))"_text,
        .terms = {{"n"_text, "how many"_text, count(countNow(a)), FromPlan{planPath(a, "count")}},
                  {"P"_text,
                   a.measured ? "power while on, measured"_text
                              : "power while on, from the rating plate"_text,
                   measure(wattsUsed(a)),
                   FromPlan{planPath(a, which)}},
                  {"t"_text,
                   "time on per day, duty cycle included"_text,
                   measure(onTime(a)),
                   FromPlan{planPath(a, "uses")}},
                  {"P_s"_text,
                   "standby for the rest of the day"_text,
                   measure(a.standby),
                   FromPlan{planPath(a, "standby_w")}}},
        .result = measure(perDay),
        .source = "energy is power times time"_text,
        .note =
            a.measured
                ? Text()
                : "From the rating plate, which is often wrong. Measure it and this figure follows."_text};
}

Derivation sumDerivation(const Plan& plan, const Needs& needs, Feed feed, Joules total) {
    Derivation d;
    d.id = FigureId(feed == Feed::Dc ? "needs.dc" : "needs.mains");
    d.title = feed == Feed::Dc ? "12 V appliances, energy per day"_text
                               : "Mains appliances, energy per day at their sockets"_text;
    d.formula = "sum over the appliances"_text;
    for (std::size_t i = 0; i < plan.appliances.size(); ++i) {
        if (plan.appliances[i].feed == feed) {
            d.terms.push_back({"E"_text,
                               Text::given(plan.appliances[i].name),
                               measure(needs.appliances[i].perDay),
                               FromFigure{energyFigure(plan.appliances[i].id)}});
        }
    }
    d.result = measure(total);
    d.source = "own arithmetic"_text;
    return d;
}

// A mains appliance as a term of a sum of watts.
Text inTheSum(const Appliance& a) {
    return a.runs == Runs::Alone ? Text("{appliance} (alone)"_text, {{"appliance", a.name}})
                                 : Text::given(a.name);
}

// The mains appliance marked to run alone that draws most, or null.
const Appliance* largestAlone(const Plan& plan) {
    const Appliance* largest = nullptr;
    for (const Appliance& a : plan.appliances) {
        const bool candidate = a.feed == Feed::Mains && a.runs == Runs::Alone && countNow(a) > 0;
        if (candidate && (largest == nullptr || wattsUsed(a) > wattsUsed(*largest))) {
            largest = &a;
        }
    }
    return largest;
}

void addWorstCase(const Plan& plan, Needs& needs) {
    Derivation d;
    d.id = FigureId("needs.inverter.worst");
    d.title = "Worst case on the inverter"_text;
    d.formula = "P = sum of what may run together + the largest that runs alone"_text;
    Watts extra;  // the hardest start
    const Appliance* alone = largestAlone(plan);
    for (const Appliance& a : plan.appliances) {
        if (a.feed != Feed::Mains || countNow(a) == 0 || (a.runs == Runs::Alone && &a != alone)) {
            continue;
        }
        const double units = a.runs == Runs::Alone ? 1.0 : static_cast<double>(countNow(a));
        const Watts running = wattsUsed(a) * units;
        needs.worstMains += running;
        extra = std::max(extra, wattsUsed(a) * (a.surge - 1.0));
        d.terms.push_back({"P"_text,
                           inTheSum(a),
                           measure(running),
                           FromPlan{planPath(a, a.measured ? "measured_w" : "rated_w")}});
    }
    needs.worstSurge = needs.worstMains + extra;
    d.result = measure(needs.worstMains);
    d.source = "own arithmetic; what may run together is the person's decision"_text;
    d.note = {"With the largest starting surge on top: {watts}."_text,
              {{"watts", measure(needs.worstSurge)}}};
    needs.why.add(std::move(d));
}

// '07:45', the beginning of a quarter hour.
std::string clock(std::size_t slot) { return fmt::format("{:02}:{:02}", slot / 4, slot % 4 * 15); }

void addScheduled(const Plan& plan, Needs& needs) {
    const BusiestQuarter busiest = busiestQuarter(plan);
    needs.scheduledMains = busiest.peak;
    Derivation d{.id = FigureId("needs.inverter.scheduled"),
                 .title = "Largest mains power at once, by the plan of the day"_text,
                 .formula = "P = sum of what runs in the busiest quarter hour"_text,
                 .terms = {},
                 .result = measure(needs.scheduledMains),
                 .source = "own arithmetic over the day's schedule"_text,
                 .note = busiest.running.empty() ? Text("Nothing runs on the mains."_text)
                                                 : Text("The quarter hour from {time}."_text,
                                                        {{"time", clock(busiest.slot)}})};
    for (const Running& r : busiest.running) {
        const Appliance& a = plan.appliances[r.appliance];
        d.terms.push_back({"P"_text,
                           inTheSum(a),
                           measure(r.watts),
                           FromPlan{planPath(a, a.measured ? "measured_w" : "rated_w")}});
    }
    needs.why.add(std::move(d));
}

}  // namespace

FigureId energyFigure(const ApplianceId& id) { return FigureId("needs." + id.value + ".energy"); }

Watts wattsUsed(const Appliance& appliance) { return appliance.measured.value_or(appliance.rated); }

Seconds onTime(const Appliance& appliance) {
    Seconds total;
    for (const Use& use : appliance.uses) {
        total += use.span * use.duty;
    }
    return total;
}

Needs needsOf(const Plan& plan) {
    Needs needs;
    for (const Appliance& a : plan.appliances) {
        const Joules perDay = energyPerDay(a);
        needs.appliances.push_back(
            {a.id, wattsUsed(a) * static_cast<double>(countNow(a)), perDay, 0.0});
        (a.feed == Feed::Dc ? needs.dcPerDay : needs.mainsPerDay) += perDay;
        addToProfile(a, a.feed == Feed::Dc ? needs.dc : needs.mains);
        needs.why.add(energyDerivation(a, perDay));
    }
    const Joules whole = needs.dcPerDay + needs.mainsPerDay;
    for (ApplianceNeed& need : needs.appliances) {
        need.share = whole.si() > 0.0 ? need.perDay / whole : 0.0;
    }
    const auto deciding = std::ranges::max_element(needs.appliances, {}, &ApplianceNeed::perDay);
    if (deciding != needs.appliances.end() && deciding->perDay.si() > 0.0) {
        needs.deciding = deciding->id;
    }
    needs.why.add(sumDerivation(plan, needs, Feed::Dc, needs.dcPerDay));
    needs.why.add(sumDerivation(plan, needs, Feed::Mains, needs.mainsPerDay));
    addWorstCase(plan, needs);
    addScheduled(plan, needs);
    return needs;
}

}  // namespace spirk
