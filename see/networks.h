#pragma once

#include <memory>

namespace zokran {

/// The neural networks that find faces and their points, read from data/networks (see the README there). A network
/// keeps its activations while it runs, so one object serves one thread at a time.
class FaceNetworks {
public:
    /// Reads all networks and runs each once, for the first run sets up memory; takes some 0.2 s. Throws BadInput, naming the file and the cause, where one is missing or
    /// damaged.
    FaceNetworks();
    ~FaceNetworks();
    FaceNetworks(FaceNetworks&&) noexcept;
    FaceNetworks& operator=(FaceNetworks&&) noexcept;

    struct Loaded; ///< holds OpenCV's types; defined in loaded_networks.h
    Loaded& loaded() { return *loaded_; }

private:
    std::unique_ptr<Loaded> loaded_;
};

} // namespace zokran
