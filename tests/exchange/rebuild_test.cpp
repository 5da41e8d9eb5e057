// SPDX-License-Identifier: GPL-3.0-or-later
// Somebody who has the JSON report alone can rebuild the network: each moment is solved here from
// its text, by Kirchhoff's current law with dense matrices and slopes taken by differences, which
// shares nothing with Spirk's own solver. (The plan's figures are not read, only their report.)
#include <gtest/gtest.h>

#include <Eigen/Dense>
#include <cmath>
#include <map>
#include <nlohmann/json.hpp>

#include "core/design/design.h"
#include "core/exchange/report.h"
#include "core/plan/plan_file.h"
#include "tests/support/builders.h"

namespace spirk {
namespace {

using Eigen::VectorXd;
using nlohmann::json;

// Of the volts told, and of the largest current.
constexpr double kAgreement = 1e-6;
// So little that a part without a source does not float: it leaks less than a microampere.
constexpr double kLeak = 1e-9;

double value(const json& j, const char* key) { return j.at(key).get<double>(); }

class Rebuilt {
public:
    Rebuilt(const json& report, const json& moment) : report_(report), moment_(moment) {
        for (const json& d : report.at("devices")) {
            for (const json& p : d.at("ports")) {
                node(d.at("id").get<std::string>() + ":" + p.at("name").get<std::string>());
            }
        }
        for (const json& c : report.at("conductors")) {
            double ohms = 0.0;
            for (const json& part : c.at("ohms")) {
                ohms += part.get<double>();
            }
            resistors_.push_back({node(c.at("from")), node(c.at("to")), ohms});
        }
        addInside();
    }

    int node(const std::string& terminal) {
        return nodes_.try_emplace(terminal, static_cast<int>(nodes_.size())).first->second;
    }

    // Volts of all nodes.
    [[nodiscard]] VectorXd solved() {
        VectorXd v = VectorXd::Zero(static_cast<Eigen::Index>(nodes_.size()));
        // Draws and chargers come in by tenths: each step begins where the last one ended.
        for (int tenth = 0; tenth <= 10; ++tenth) {
            v = newton(v, tenth / 10.0);
        }
        return v;
    }

private:
    struct Between {
        int a = 0, b = 0;
        double ohms = 0.0;
    };

    void addInside() {
        const json& open = moment_.at("open");
        for (const json& d : report_.at("devices")) {
            const std::string id = d.at("id");
            const auto at = [&](const json& port) {
                return node(id + ":" + port.get<std::string>());
            };
            for (const json& e : d.at("elements")) {
                if (e.at("kind") == "resistance") {
                    resistors_.push_back({at(e["at"][0]), at(e["at"][1]), value(e, "ohms")});
                }
                const bool closed = std::ranges::find(open, json(id)) == open.end();
                if (e.at("kind") == "contact" && closed) {
                    for (const json& pole : e.at("poles")) {
                        resistors_.push_back({at(pole[0]), at(pole[1]), value(e, "ohms")});
                    }
                }
            }
        }
    }
    [[nodiscard]] double across(const VectorXd& v, const json& ends) {
        return v[node(ends[0])] - v[node(ends[1])];
    }
    // Out of the positive end.
    [[nodiscard]] double given(const VectorXd& v, const json& e) {
        const double u = across(v, e.at("at"));
        if (e.at("kind") == "source") {
            const double line = (value(e, "v") - u) / value(e, "ohms");
            if (!e.contains("knee_v") || u >= value(e, "knee_v")) {
                return line;
            }
            const double down = 1.0 - u / value(e, "knee_v");
            return value(e, "knee_a") + (value(e, "short_a") - value(e, "knee_a")) * down;
        }
        const double held = (value(e, "set_v") - u) / value(e, "slope_ohms");
        const double watts = std::min(value(e, "most_w"), brought(v, e));
        const double most = std::min(value(e, "most_a"), watts / std::max(u, 1.0));
        return std::clamp(held, 0.0, most);
    }
    // Watts at the output that the input can bring.
    [[nodiscard]] double brought(const VectorXd& v, const json& e) {
        double watts = 1e9;
        if (e.contains("in_most_a")) {
            watts = value(e, "in_most_a") * std::max(0.0, across(v, e.at("in")));
        } else if (e.contains("in_full_v")) {
            const double none = value(e, "in_none_v");
            const double part = (across(v, e.at("in")) - none) / (value(e, "in_full_v") - none);
            watts = part >= 1.0 ? watts : value(e, "in_full_w") * std::max(0.0, part);
        }
        return watts * (e.contains("in") ? value(e, "efficiency") : 1.0);
    }
    [[nodiscard]] double drawn(const VectorXd& v, const json& e) {
        const double u = across(v, e.at("at"));
        if (e.at("behaves") == "current") {
            return value(e, "a");
        }
        return e.at("behaves") == "power" ? value(e, "w") / std::max(u, 1.0) : u / value(e, "ohms");
    }
    void add(VectorXd& f, const json& ends, double current) {
        f[node(ends[0])] += current;
        f[node(ends[1])] -= current;
    }

    // Currents leaving each node.
    [[nodiscard]] VectorXd leaving(const VectorXd& v, double part) {
        VectorXd f = kLeak * v;
        for (const Between& r : resistors_) {
            const double i = (v[r.a] - v[r.b]) / r.ohms;
            f[r.a] += i;
            f[r.b] -= i;
        }
        for (const json& e : moment_.at("elements")) {
            if (e.at("kind") == "draw") {
                add(f, e.at("at"), part * drawn(v, e));
                continue;
            }
            const bool source = e.at("kind") == "source";
            const double out = (source ? 1.0 : part) * given(v, e);
            add(f, e.at("at"), -out);
            if (e.contains("in")) {
                const double watts = std::max(0.0, out * across(v, e.at("at")));
                const double u = std::max(across(v, e.at("in")), 1.0);
                add(f, e.at("in"), watts / value(e, "efficiency") / u);
            }
        }
        return f;
    }
    [[nodiscard]] VectorXd newton(VectorXd v, double part) {
        VectorXd f = leaving(v, part);
        for (int pass = 0; pass < 60 && f.lpNorm<Eigen::Infinity>() > 1e-9; ++pass) {
            const VectorXd step = slopes(v, f, part).fullPivLu().solve(f);
            double length = 1.0;
            VectorXd next = v - step;
            while (length > 1e-6 && leaving(next, part).norm() > f.norm()) {
                length *= 0.5;
                next = v - length * step;
            }
            v = next;
            f = leaving(v, part);
        }
        return v;
    }
    [[nodiscard]] Eigen::MatrixXd slopes(const VectorXd& v, const VectorXd& f, double part) {
        constexpr double kNudge = 1e-6;
        Eigen::MatrixXd out(v.size(), v.size());
        for (Eigen::Index n = 0; n < v.size(); ++n) {
            VectorXd nudged = v;
            nudged[n] += kNudge;
            out.col(n) = (leaving(nudged, part) - f) / kNudge;
        }
        return out;
    }

    const json& report_;
    const json& moment_;
    std::map<std::string, int> nodes_;
    std::vector<Between> resistors_;
};

// Terminals of one part are compared with the first of them: a part's zero is anybody's choice.
void expectTheSame(Rebuilt& rebuilt, const json& moment) {
    const VectorXd v = rebuilt.solved();
    std::map<int, std::pair<double, double>> zero;
    for (const json& told : moment.at("terminal_v")) {
        const double theirs = v[rebuilt.node(told.at("at"))];
        const double ours = value(told, "v");
        const auto [at, first] = zero.try_emplace(told.at("part"), ours, theirs);
        EXPECT_NEAR(ours - at->second.first, theirs - at->second.second, kAgreement * 13.0)
            << told.at("at");
    }
    EXPECT_FALSE(zero.empty());
}

TEST(ReportAlone, RebuildsTheNetworkOfEachMoment) {
    Plan paddler = std::move(*loadPlan(SPIRK_DATA_DIR "/demo/paddler.spirk").plan);
    for (const Plan& plan : {test::aFullVan(), test::theDemo(), paddler}) {
        const Library& library = libraryFor(test::libraries(), plan.region);
        const json report = json::parse(reportJson(design(plan, library), library));
        for (const json& moment : report.at("moments")) {
            SCOPED_TRACE(plan.name + ", " + moment.at("id").get<std::string>());
            ASSERT_TRUE(moment.at("served"));
            Rebuilt rebuilt(report, moment);
            expectTheSame(rebuilt, moment);
        }
    }
}

// Ohm's law between the figures that the report gives: volts at both ends, ohms, and amperes along.
TEST(ReportAlone, CurrentsAreTheVoltsBetweenTheEndsOverTheOhms) {
    const json report =
        json::parse(reportJson(design(test::aFullVan(), test::library()), test::library()));
    std::size_t asked = 0;
    for (const json& moment : report.at("moments")) {
        SCOPED_TRACE(moment.at("id").get<std::string>());
        std::map<std::string, double> volts;
        for (const json& told : moment.at("terminal_v")) {
            volts[told.at("at").get<std::string>()] = value(told, "v");
        }
        for (const json& c : report.at("conductors")) {
            double ohms = 0.0;
            for (const json& part : c.at("ohms")) {
                ohms += part.get<double>();
            }
            const auto from = volts.find(c.at("from").get<std::string>());
            const auto to = volts.find(c.at("to").get<std::string>());
            if (from != volts.end() && to != volts.end()) {
                const double along = moment.at("conductor_a").at(c.at("id").get<std::string>());
                EXPECT_NEAR(from->second - to->second, along * ohms, 1e-6) << c.at("id");
                ++asked;
            }
        }
    }
    EXPECT_GT(asked, 100u);
}

}  // namespace
}  // namespace spirk
