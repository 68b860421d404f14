# Builds every part into artifacts/, each only when its sources have changed. Sourced by run, test and bench.

need() {
  command -v "$1" >/dev/null 2>&1 || { echo "Missing: $1. $2" >&2; exit 1; }
}

check_tools() {
  need dotnet "Install the .NET 10 SDK."
  need node "Install Node.js 20 or newer."
  need npm "It comes with Node.js."
  [[ "$(dotnet --version 2>/dev/null)" == 10.* ]] || { echo "The .NET SDK 10 is needed; found '$(dotnet --version 2>&1 | head -n 1)'." >&2; exit 1; }
  local major
  major="$(node --version | sed -E 's/^v([0-9]+).*/\1/')"
  [[ "$major" -ge 20 ]] || { echo "Node.js 20 or newer is needed; found $(node --version)." >&2; exit 1; }
}

# A print of the files below the given places, leaving out what the build itself writes.
print_of() {
  find "$@" -type f \
    -not -path '*/bin/*' -not -path '*/obj/*' -not -path '*/node_modules/*' -not -path '*/public/_framework/*' -not -path '*/.data/*' \
    -not -path '*/openapi/*' -not -path '*/src/core/api.d.ts' -not -path '*/src/core/recordSchemas.ts' -not -path '*/src/core/choices.ts' -not -name packages.lock.json -print0 | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

# part NAME "what it is" FUNCTION PLACES...: runs FUNCTION unless the places are as they were when it last succeeded.
part() {
  local name="$1" title="$2" make="$3" print log="artifacts/$1.log" started=$SECONDS
  shift 3
  print="$(print_of "$@")"
  if [[ -f "artifacts/$name.stamp" && "$(cat "artifacts/$name.stamp")" == "$print" ]]; then return; fi
  rm -f "artifacts/$name.stamp"
  if ! "$make" >"$log" 2>&1; then
    printf '%-44s%s\n' "$title" "failed:"
    tail -n 40 "$log" >&2
    exit 1
  fi
  echo "$print" >"artifacts/$name.stamp"
  printf '%-44s%s\n' "$title" "$((SECONDS - started)) s"
}

shared_places=(Directory.Build.props Directory.Packages.props src/Directory.Build.props global.json .editorconfig scripts/build.sh)

make_browser() {
  rm -rf artifacts/browser
  dotnet publish src/JollyBrook.Browser -c Release -o artifacts/browser -v quiet -nologo
}

make_server() {
  rm -rf artifacts/server
  dotnet publish src/JollyBrook.Server -c Release -o artifacts/server -v quiet -nologo
}

make_packages() {
  (cd src/web && npm ci --no-audit --no-fund)
}

make_web() {
  rm -rf src/web/public/_framework
  cp -r artifacts/browser/wwwroot/_framework src/web/public/_framework
  (cd src/web && node scripts/leanRuntime.mjs && npm run types && npm run build)
}

# What the page is built from: the server, the core for the browser and the packages.
build_programs() {
  check_tools
  mkdir -p artifacts
  export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1
  # Fetching packages waits on the network, compiling on the processor: side by side.
  part packages "Front-end packages" make_packages src/web/package.json src/web/package-lock.json &
  local packages=$!
  part server "Server" make_server "${shared_places[@]}" src/JollyBrook.Core src/JollyBrook.Data src/JollyBrook.Formats src/JollyBrook.StandIns src/JollyBrook.Server
  part browser "Core for the browser (WebAssembly)" make_browser "${shared_places[@]}" src/JollyBrook.Core src/JollyBrook.Formats src/JollyBrook.Lean src/JollyBrook.Browser
  wait "$packages" || exit 1
}

build_page() {
  part web "Page" make_web "${shared_places[@]}" src/JollyBrook.Core src/JollyBrook.Browser src/JollyBrook.Lean src/JollyBrook.Formats src/JollyBrook.StandIns src/JollyBrook.Server src/web
}

build_all() {
  build_programs
  build_page
}
