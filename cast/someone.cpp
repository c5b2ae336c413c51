#include "cast/hair.h"
#include "cast/sitter.h"

#include <algorithm>
#include <cmath>
#include <random>

namespace zokran {

namespace {

/// Features that differ from one face to the next without anybody calling them odd.
constexpr const char* features[] = {
    "head-oval", "head-rectangular", "head-triangular", "head-diamond", "head-scale-depth",
    "head-scale-horiz", "head-scale-vert", "head-fat", "head-angle", "head-back-scale-depth",
    "forehead-nubian", "forehead-scale-vert", "forehead-temple", "forehead-trans-depth",
    "eyebrows-angle", "eyebrows-trans-depth", "eyebrows-trans-vert", "eye-bag", "eye-corner1",
    "eye-corner2", "eye-eyefold", "eye-eyefold-angle", "eye-height1", "eye-height2", "eye-height3",
    "eye-move", "eye-size", "nose-compression", "nose-curve", "nose-flaring", "nose-greek",
    "nose-height", "nose-hump", "nose-nostril-width", "nose-nostrils-angle", "nose-point",
    "nose-point-width", "nose-scale-depth", "nose-scale-horiz", "nose-scale-vert",
    "nose-septumangle", "nose-trans-depth", "nose-trans-vert", "nose-volume", "nose-width1",
    "nose-width2", "nose-width3", "cheek-bones", "cheek-inner", "cheek-trans-vert", "cheek-volume",
    "mouth-angles", "mouth-cupidsbow", "mouth-cupidsbow-width", "mouth-lowerlip-height",
    "mouth-lowerlip-volume", "mouth-philtrum-volume", "mouth-scale-depth", "mouth-scale-horiz",
    "mouth-scale-vert", "mouth-upperlip-height", "mouth-upperlip-volume", "chin-bones", "chin-cleft",
    "chin-height", "chin-jaw-drop", "chin-prognathism", "chin-prominent", "chin-width", "ear-flap",
    "ear-height", "ear-lobe", "ear-rot", "ear-size", "ear-trans-depth", "ear-trans-vert",
    "ear-width", "ear-wing", "neck-double", "neck-scale-depth", "neck-scale-horiz"};

/// Pseudo-random numbers that are the same with every standard library.
class PortableRandom {
public:
    explicit PortableRandom(unsigned seed) : engine_(seed) {}
    double between(double low, double high) {
        return low + (high - low) * static_cast<double>(engine_()) / 4294967296.0;
    }
    /// The usual bell, of spread 1.
    double bell() {
        double sum = -6;
        for (int i = 0; i < 12; ++i)
            sum += between(0, 1);
        return sum;
    }

private:
    std::mt19937 engine_;
};

} // namespace

Sitter someone(unsigned seed) {
    PortableRandom random(seed * 2654435761u + 12345);
    Sitter sitter;
    sitter.id = fmt::format("someone-{}", seed);
    Recipe& r = sitter.recipe;
    r.female = std::clamp(0.5 + (random.between(0, 1) < 0.5 ? -0.42 : 0.42) + 0.1 * random.bell(), 0.0, 1.0);
    r.age = random.between(0, 1) < 0.12 ? random.between(8, 15) : random.between(17, 82);
    // Most people come mainly from one place, some from two or three.
    double* shares[] = {&r.african, &r.asian, &r.caucasian};
    for (double* share : shares)
        *share = std::pow(random.between(0, 1), 3);
    r.weight = std::clamp(0.38 * random.bell(), -0.9, 0.9);
    for (const char* feature : features)
        r.axes[feature] = std::clamp(0.20 * random.bell(), -0.6, 0.6);
    // Nobody's two sides are alike.
    for (const char* side : {"asym-eye-1", "asym-brown-1", "asym-nose-1", "asym-mouth-1", "asym-jaw-1",
                             "asym-cheek-1", "asym-ear-1"})
        r.axes[side] = std::clamp(0.12 * random.bell(), -0.4, 0.4);
    const bool woman = r.female > 0.5, child = r.age < 16, old = r.age > 58;
    Hair& h = sitter.hair;
    std::vector<std::string> worn =
        woman ? std::vector<std::string>{"waves", "bun", "topknot", "swept", "bob", "crown-braid",
                                         "headscarf", "side-parted"}
              : std::vector<std::string>{"cropped", "swept", "side-parted", "cropped", "swept"};
    if (r.african > 0.5 * (r.african + r.asian + r.caucasian))
        worn.insert(worn.end(), 4, "curls");
    if (!woman && old)
        worn = {"receding", "receding", "swept", "bald", "cropped"};
    h.style = worn[static_cast<std::size_t>(random.between(0, static_cast<double>(worn.size()) - 1e-6))];
    h.mass = random.between(0.8, 1.15);
    if (!woman)
        h.recession = std::clamp((r.age - 25) / 50 + 0.2 * random.bell(), 0.0, 1.0);
    if (!woman && !child && random.between(0, 1) < 0.35)
        h.beard = random.between(0.35, 1);
    h.brows = (woman ? 0.65 : 1.1) + 0.15 * random.bell();
    h.parting = random.between(-0.4, 0.4);
    h.seed = seed % 997 + 1;
    sitter.about = child   ? ZOKRAN_WORDS("a child of {age} who does not exist")
                   : woman ? ZOKRAN_WORDS("a woman of {age} who does not exist")
                           : ZOKRAN_WORDS("a man of {age} who does not exist");
    return sitter;
}

} // namespace zokran
