#pragma once

#include "cast/bust.h"
#include "cast/plaster_mesh.h"
#include "core/files/marks_file.h"
#include "core/view/view.h"

#include <atomic>
#include <cstdint>
#include <string>
#include <vector>

namespace zokran {

/// A colour picture, 8 bits a channel, rows from the top, channels blue, green, red.
struct Picture {
    int width = 0, height = 0;
    std::vector<std::uint8_t> bgr;
};

/// What colours a head has, linear light, red green blue. Plaster unless said otherwise.
struct Tones {
    Eigen::Vector3d skin{0.86, 0.83, 0.77}, brow = skin, eye = skin, iris = skin, hair = skin;
};

/// How the stand-in camera looks at a head.
struct Shot {
    Pose pose;
    Millimetres lens{85};      ///< 35 mm-equivalent focal length
    Degrees lightAzimuth{-40}; ///< where the key light comes from; + = the viewer's right
    Degrees lightElevation{45};
    Radians softness{0.5}; ///< the key light's width as the head sees it: 0.1 hard, 1 broad
    double fill = 1;       ///< how much light the room gives back, 0 to 2
    Tones tones = {};
    /// Of the camera from the ball's middle; 0: so that the head's height takes half the picture's.
    Millimetres distance{0};
    int size = 1000; ///< px, the picture's height; it is four fifths as wide
};

/// What a camera of this lens at this distance sees, turned to the middle of the head.
View viewOf(const Shot& shot);

/// The exact marks of the bust in the picture, with the lens and the ball.
MarkSheet exactMarks(const Bust& bust, const View& view, int width, int height);

/// Photographs a bust, meshed before. Runs on all cores; returns an empty picture when
/// `cancelled` turns true.
Picture photograph(const PlasterMesh& mesh, const Shot& shot,
                   const std::atomic<bool>* cancelled = nullptr);

/// The same seen otherwise, under the same light against the line of sight: as a head was drawn.
Picture photograph(const PlasterMesh& mesh, const Shot& shot, const View& view,
                   const std::atomic<bool>* cancelled = nullptr);

/// Meshes and photographs a bust: coarsely for a thumbnail, else finely.
Picture photograph(const Bust& bust, const Shot& shot,
                   const std::atomic<bool>* cancelled = nullptr);

/// A wrongly drawn tone: the id of a `TonePlace`, +1 the sitter's left one, -1 the right, 0 in the middle, and
/// by how much, as a share of the scale of lightness; above 0 too light.
struct PlantedTone {
    std::string place;
    int side = 0;
    double off = 0;
};

/// How a simulated learner goes wrong. Amounts are in the units of the named error modes.
struct PlantedErrors {
    double straightened = 0;                            ///< share of turn and tilt lost
    std::vector<std::pair<std::string, double>> errors; ///< id of an ErrorMode, amount
    double growth = 0;  ///< how much larger the head gets a ball radius from the eyes
    double size = 0.93; ///< of the head on the sheet against the photograph
    double right = -0.015, down = 0.012; ///< where it sits, in sheet widths and heights
    std::string hand = "steady";         ///< one of hands()
    bool byPhone = false;                ///< photographed by hand on a table, else scanned flat
    /// Shades the whole head as the photograph shows it, and not only where it turns from a light.
    bool shaded = false;
    std::vector<PlantedTone> tones = {}; ///< with `shaded`
    double timid = 0;  ///< with `shaded`: the share of its darkness that the shading lacks
    bool onToned = false; ///< on toned paper, its lights in white chalk
};

/// The head that a learner who errs like this puts on the sheet, and how it lies there.
struct DrawnHead {
    Bust bust;
    View view;
    Pose pose;
};

/// The planted errors by name, for the file of the sketch's marks: those of `errors`, and
/// straightened, growth, size, right and down.
std::vector<std::pair<std::string, double>> named(const PlantedErrors& planted);

/// Throws BadInput when an error's id is not known.
DrawnHead headAsDrawn(const Bust& bust, const Shot& shot, const PlantedErrors& planted);

/// A simulated pencil sketch of a bust seen as in `shot`, and the exact marks in it.
struct SimulatedSketch {
    Picture picture;
    SketchMarks marks;
    Pose pose; ///< as drawn
};

/// Draws it on a sheet `size` px high. `seed` moves the hand. Throws BadInput when an error's or the
/// hand's id is not known.
SimulatedSketch drawSketch(const Bust& bust, const Shot& shot, const PlantedErrors& planted,
                  unsigned seed);

/// A JPEG file of what the sensor of a camera held upright saw, which is the picture turned by a quarter anticlockwise, with
/// EXIF that says so and through which lens it was taken. `width` and `height`: of the picture as it lies, px.
std::string withCameraExif(const std::string& jpeg, const Shot& shot, int width, int height);

} // namespace zokran
