#pragma once
// Values by frame, in order, side by side in memory: a case holds tens of thousands of marks that are copied and walked
// far more often than one is put among them.

#include <algorithm>
#include <initializer_list>
#include <stdexcept>
#include <tuple>
#include <utility>
#include <vector>

namespace riflesso {

/// As std::map<int, T>, but that a place found is lost when another frame is put in or taken away.
template <class T> class FrameMap {
public:
    using key_type = int;
    using mapped_type = T;
    using value_type = std::pair<int, T>;
    using iterator = typename std::vector<value_type>::iterator;
    using const_iterator = typename std::vector<value_type>::const_iterator;
    using reverse_iterator = typename std::vector<value_type>::reverse_iterator;
    using const_reverse_iterator = typename std::vector<value_type>::const_reverse_iterator;

    FrameMap() = default;
    FrameMap(std::initializer_list<value_type> values) {
        for (const value_type& value : values)
            insert(value);
    }

    [[nodiscard]] iterator begin() { return values_.begin(); }
    [[nodiscard]] iterator end() { return values_.end(); }
    [[nodiscard]] const_iterator begin() const { return values_.begin(); }
    [[nodiscard]] const_iterator end() const { return values_.end(); }
    [[nodiscard]] reverse_iterator rbegin() { return values_.rbegin(); }
    [[nodiscard]] reverse_iterator rend() { return values_.rend(); }
    [[nodiscard]] const_reverse_iterator rbegin() const { return values_.rbegin(); }
    [[nodiscard]] const_reverse_iterator rend() const { return values_.rend(); }
    [[nodiscard]] std::size_t size() const { return values_.size(); }
    [[nodiscard]] bool empty() const { return values_.empty(); }
    void clear() { values_.clear(); }

    /// The first at this frame or after it.
    [[nodiscard]] iterator lower_bound(int frame) {
        return std::lower_bound(values_.begin(), values_.end(), frame, before);
    }
    [[nodiscard]] const_iterator lower_bound(int frame) const {
        return std::lower_bound(values_.begin(), values_.end(), frame, before);
    }
    /// The first after it.
    [[nodiscard]] iterator upper_bound(int frame) { return lower_bound(frame + 1); }
    [[nodiscard]] const_iterator upper_bound(int frame) const { return lower_bound(frame + 1); }
    [[nodiscard]] iterator find(int frame) {
        const iterator at = lower_bound(frame);
        return at != end() && at->first == frame ? at : end();
    }
    [[nodiscard]] const_iterator find(int frame) const {
        const const_iterator at = lower_bound(frame);
        return at != end() && at->first == frame ? at : end();
    }
    [[nodiscard]] bool contains(int frame) const { return find(frame) != end(); }
    [[nodiscard]] std::size_t count(int frame) const { return contains(frame) ? 1 : 0; }
    /// Throws std::out_of_range where there is none.
    [[nodiscard]] const T& at(int frame) const {
        const const_iterator found = find(frame);
        if (found == end())
            throw std::out_of_range("FrameMap::at");
        return found->second;
    }
    [[nodiscard]] T& at(int frame) { return const_cast<T&>(std::as_const(*this).at(frame)); }

    T& operator[](int frame) { return try_emplace(frame).first->second; }
    template <class... Values> std::pair<iterator, bool> try_emplace(int frame, Values&&... values) {
        const iterator at = lower_bound(frame);
        if (at != end() && at->first == frame)
            return {at, false};
        return {values_.emplace(at, std::piecewise_construct, std::forward_as_tuple(frame),
                                std::forward_as_tuple(std::forward<Values>(values)...)),
                true};
    }
    template <class Value> std::pair<iterator, bool> emplace(int frame, Value&& value) {
        return try_emplace(frame, std::forward<Value>(value));
    }
    std::pair<iterator, bool> insert(value_type value) { return try_emplace(value.first, std::move(value.second)); }
    template <class Value> std::pair<iterator, bool> insert_or_assign(int frame, Value&& value) {
        const iterator at = lower_bound(frame);
        if (at != end() && at->first == frame) {
            at->second = std::forward<Value>(value);
            return {at, false};
        }
        return {values_.emplace(at, frame, std::forward<Value>(value)), true};
    }
    std::size_t erase(int frame) {
        const iterator at = find(frame);
        if (at == end())
            return 0;
        values_.erase(at);
        return 1;
    }
    iterator erase(const_iterator at) { return values_.erase(at); }
    iterator erase(const_iterator from, const_iterator to) { return values_.erase(from, to); }
    template <class Which> std::size_t eraseIf(const Which& which) { return std::erase_if(values_, which); }

    bool operator==(const FrameMap&) const = default;

private:
    static bool before(const value_type& value, int frame) { return value.first < frame; }
    std::vector<value_type> values_;
};

template <class T, class Which> std::size_t erase_if(FrameMap<T>& map, const Which& which) {
    return map.eraseIf(which);
}

} // namespace riflesso
