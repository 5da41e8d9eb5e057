// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Models that a card offers: the person's own, then the library's.

#include <QString>
#include <string>
#include <vector>

#include "app/shared/document.h"
#include "app/shared/text.h"
#include "core/library/gear_fields.h"
#include "core/system/system.h"

namespace spirk::app {

struct Offered {
    QString name;
    std::string id;
};

// Those that suit, and the chosen one.
template <class Model, class Suits>
[[nodiscard]] std::vector<Offered> offered(const Document& document,
                                           const std::string& chosen,
                                           const Suits& suits) {
    const Shelf& library = document.library();
    std::vector<Offered> out;
    for (const Model* model : onOffer(listOf<Model>(document.plan().own), listOf<Model>(library))) {
        if (suits(*model) || model->id == chosen) {
            out.push_back({q(model->name), model->id});
        }
    }
    return out;
}
template <class Model>
[[nodiscard]] std::vector<Offered> offered(const Document& document, const std::string& chosen) {
    return offered<Model>(document, chosen, [](const Model&) { return true; });
}

// The id where there is no such model.
template <class Model>
[[nodiscard]] QString nameOfModel(const Document& document, const std::string& id) {
    for (const Offered& model : offered<Model>(document, id)) {
        if (model.id == id) {
            return model.name;
        }
    }
    return q(id);
}

}  // namespace spirk::app
