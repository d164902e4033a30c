#pragma once

#include <algorithm>
#include <iterator>

namespace riflesso {

/// Whether the list holds the entry, or a text equal to it.
template <class List, class Sought> [[nodiscard]] bool holds(const List& list, const Sought& entry) {
    return std::find(std::begin(list), std::end(list), entry) != std::end(list);
}

} // namespace riflesso
