# Sourced by the launchers: finds or installs what they need.
APP="$here/target/app"

find_java() {
  local candidate
  for candidate in "${JAVA_HOME:-}" /usr/lib/jvm/*; do
    if [ -n "$candidate" ] && [ -x "$candidate/bin/javac" ] && "$candidate/bin/javac" -version 2>&1 | grep -q '^javac 2[5-9]'; then
      echo "$candidate"
      return 0
    fi
  done
  return 1
}

need_java() {
  JAVA_HOME=$(find_java) || {
    echo "Reliqua needs a JDK 25 or later. Install one and set JAVA_HOME to its folder." >&2
    exit 1
  }
  export JAVA_HOME
}

# Debian packages behind the commands and libraries a window needs.
need_window_libraries() {
  local wanted=() package
  for package in xvfb xauth libgtk-3-0 libgl1 libgl1-mesa-dri libxtst6 libxxf86vm1 fontconfig; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || wanted+=("$package")
  done
  [ ${#wanted[@]} -eq 0 ] && return 0
  command -v dpkg-query >/dev/null || return 0
  if [ "$(id -u)" = 0 ]; then
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${wanted[@]}"; } >/dev/null
  else
    echo "A window needs these packages: sudo apt-get install ${wanted[*]}" >&2
    exit 1
  fi
}

# Commands and the packages they come in: what for, the packages, the commands.
need_commands() {
  local purpose=$1 packages=$2 missing=no command
  shift 2
  for command in "$@"; do
    command -v "$command" >/dev/null || missing=yes
  done
  [ $missing = no ] && return 0
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    # shellcheck disable=SC2086
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages; } >/dev/null
  else
    echo "$purpose needs these packages: sudo apt-get install $packages" >&2
    exit 1
  fi
}

# What builds a Debian package.
need_packaging() {
  need_commands Packaging "fakeroot dpkg binutils" fakeroot dpkg-deb objcopy
}

# What writes down every socket a program opens.
need_tracing() {
  need_commands Tracing strace strace
}

need_maven() {
  need_commands Building maven mvn
}

# Builds once, and again when a source is newer than the build.
need_build() {
  local stamp="$APP/built"
  if [ -f "$stamp" ] && [ -z "$(find "$here" -path "$here/target" -prune -o \( -path '*/src/main/*' -o -name pom.xml \) -newer "$stamp" -print -quit)" ]; then
    return 0
  fi
  need_maven
  echo "Building Reliqua (once)..." >&2
  rm -rf "$APP"
  (cd "$here" && mvn -q -B -DskipTests -Dspotless.check.skip=true -Djacoco.skip=true package) >&2
  touch "$stamp"
}

# One collector thread takes half the memory and no more time on two cores; little room for what is young, and
# room given back, another sixth.
MEMORY=(-XX:+UseSerialGC -Xms96m -Xmn48m -XX:MinHeapFreeRatio=20 -XX:MaxHeapFreeRatio=40)
CLI_FLAGS=(-Djava.awt.headless=true --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow -Xshare:auto "${MEMORY[@]}")
# A graphics card draws fastest. Without one Java's own drawing is twice as fast as an emulated card,
# and the house is drawn askew instead of turning in space; OWN_3D=1 turns it all the same.
DRAWING=(-Dprism.order=sw)
if [ -n "${OWN_3D:-}" ] || compgen -G "/dev/dri/*" >/dev/null; then
  DRAWING=(-Dprism.order=es2,sw -Dprism.forceGPU=true)
fi
JAVA_FLAGS=(--module-path "$here/target/app/javafx" --add-modules javafx.controls,javafx.swing
  --enable-native-access=ALL-UNNAMED,javafx.graphics --sun-misc-unsafe-memory-access=allow
  "${DRAWING[@]}" -Djava.awt.headless=true "${MEMORY[@]}")
# What Java has read and checked once is kept with the build for the next start, which takes half as long.
JAVA_FLAGS+=(-XX:+AutoCreateSharedArchive "-XX:SharedArchiveFile=$APP/window.jsa" '-Xlog:cds*=off' '-Xlog:aot*=off')
