#include "core/compare/registration.h"

#include "core/head/marks_trouble.h"

#include <cmath>
#include <complex>

namespace zokran {

PicturePoint Similarity::operator()(const PicturePoint& p) const {
    const double c = scale * cos(rotation), s = scale * sin(rotation);
    return {c * p.x() - s * p.y() + shift.x(), s * p.x() + c * p.y() + shift.y()};
}

Similarity bestSimilarity(const std::vector<PicturePoint>& from,
                          const std::vector<PicturePoint>& to) {
    using Complex = std::complex<double>;
    const double n = static_cast<double>(from.size());
    Complex fromMean = 0, toMean = 0;
    for (std::size_t i = 0; i < from.size(); ++i) {
        fromMean += Complex(from[i].x(), from[i].y()) / n;
        toMean += Complex(to[i].x(), to[i].y()) / n;
    }
    Complex cross = 0;
    double spread = 0;
    for (std::size_t i = 0; i < from.size(); ++i) {
        const Complex a = Complex(from[i].x(), from[i].y()) - fromMean;
        cross += std::conj(a) * (Complex(to[i].x(), to[i].y()) - toMean);
        spread += std::norm(a);
    }
    if (from.size() < 2 || spread <= 0 || std::abs(cross) <= 0)
        throw BadMarks({MarksTrouble::Kind::FewInBoth});
    const Complex k = cross / spread;
    const Complex shift = toMean - k * fromMean;
    return {std::abs(k), {std::arg(k)}, {shift.real(), shift.imag()}};
}

} // namespace zokran
