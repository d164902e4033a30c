#pragma once

#include <algorithm>
#include <vector>

namespace riflesso {

/// Whether the list holds the entry, or a text equal to it.
template <class Entry, class Sought> [[nodiscard]] bool holds(const std::vector<Entry>& list, const Sought& entry) {
    return std::find(list.begin(), list.end(), entry) != list.end();
}

} // namespace riflesso
