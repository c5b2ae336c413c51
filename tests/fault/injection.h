#pragma once

#include <filesystem>

namespace zokran::test {

/// Makes the system calls of this process fail, one at a time: a program that defines them itself is asked before the
/// C library is, also by the libraries it uses. Counted are the calls that change something under one folder.
class FaultInjection {
public:
    explicit FaultInjection(const std::filesystem::path& folder);
    ~FaultInjection();
    FaultInjection(const FaultInjection&) = delete;
    FaultInjection& operator=(const FaultInjection&) = delete;

    /// From now on the `number`th call (from 1) fails with ENOSPC, or EIO where that makes no sense; 0: none. With
    /// `andAllAfter` so do those after it, as on a disk that stays full.
    void failAt(int number, bool andAllAfter);
    /// The calls counted since then.
    int counted() const;
};

} // namespace zokran::test
