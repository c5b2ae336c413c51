# Sourced by demo, check and bench: installs what packages.txt names and is missing, then builds the
# targets in $targets, or everything.
# Leaves the shell in the repository's root, with the build in build/.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

missing=()
while read -r package; do
    [ -n "$package" ] || continue
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q '^install ok installed$' ||
        missing+=("$package")
done < packages.txt

if [ "${#missing[@]}" -gt 0 ]; then
    if [ "$(id -u)" -ne 0 ]; then
        echo "Some packages are missing. Install them with this line, then try again:"
        echo "  sudo apt-get install --no-install-recommends ${missing[*]}"
        exit 1
    fi
    echo "Installing: ${missing[*]}"
    export DEBIAN_FRONTEND=noninteractive
    apt-get update -q
    apt-get install -y -q --no-install-recommends "${missing[@]}"
fi

cmake --preset release
# shellcheck disable=SC2086
cmake --build --preset release ${targets:+--target $targets}

# Programs that draw need somewhere to draw to; Qt asks for a private folder for its sockets.
if [ -z "${XDG_RUNTIME_DIR:-}" ]; then
    XDG_RUNTIME_DIR=$(mktemp -d)
    export XDG_RUNTIME_DIR
    chmod 700 "$XDG_RUNTIME_DIR"
    trap 'rm -rf "$XDG_RUNTIME_DIR"' EXIT
fi
