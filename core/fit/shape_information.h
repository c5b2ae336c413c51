#pragma once

#include <Eigen/Dense>

namespace zokran {

/// What photographs say of a sitter's shape: a Gaussian over the coefficients of
/// `adultHeads().directions` in information form, without the prior. Adds up over photographs.
struct ShapeInformation {
    Eigen::MatrixXd information; ///< inverse covariance
    Eigen::VectorXd weighted;    ///< information times mean

    bool empty() const { return information.size() == 0; }
    ShapeInformation& operator+=(const ShapeInformation& more) {
        if (empty())
            return *this = more;
        information += more.information;
        weighted += more.weighted;
        return *this;
    }
};

} // namespace zokran
