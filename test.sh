#!/usr/bin/env bash
# Checks style and runs every test. Ends with "N passed, N failed, N skipped".
set -uo pipefail
cd "$(dirname "$0")" || exit 1
summary() { echo "$1 passed, $2 failed, $3 skipped"; }
broken() { echo "test.sh: $*" >&2; summary 0 1 0; exit 1; }

if ! command -v chromium >/dev/null || ! command -v chromedriver >/dev/null; then
  if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    echo "Installing chromium and chromium-driver ..."
    { apt-get update -q && apt-get install -y -q chromium chromium-driver; } >/tmp/antiphon-apt.log 2>&1 || { tail -5 /tmp/antiphon-apt.log; broken "chromium could not be installed."; }
  else
    broken "the browser tests need Debian's packages chromium and chromium-driver: run apt-get install chromium chromium-driver as root."
  fi
fi
command -v dotnet >/dev/null || broken "the .NET 10 SDK is missing."
command -v node >/dev/null || broken "Node 20 is missing."

results=$(mktemp -d)
trap 'rm -rf "$results" ${scratch:+"$scratch"}' EXIT
# Databases of tests live in memory where there is room: SQLite waits for the disk at every commit, which on a slow one takes most of the time.
if [ -w /dev/shm ] && [ "$(df -k --output=avail /dev/shm | tail -n 1)" -gt 4000000 ]; then
  scratch=$(mktemp -d /dev/shm/antiphon.XXXXXX)
  export TMPDIR=$scratch
fi
# The workplace needs nothing of the C# code, so both are built at once.
workplace() { dotnet msbuild src/Antiphon.Server/Antiphon.Server.csproj -t:BuildWorkplace -nologo -v:quiet && npm run --silent lint; }
workplace >"$results/workplace.log" 2>&1 &
beside=$!
dotnet build Antiphon.slnx -c Release --nologo -v quiet -clp:NoSummary -p:SkipFrontend=true
built=$?
wait "$beside" || { cat "$results/workplace.log"; broken "the workplace does not build, or the style of its code is off."; }
[ "$built" = 0 ] || broken "the build failed."
# Every other rule of style is a warning, and so an error, of the build.
dotnet tool restore >/dev/null || broken "the tools of .config/dotnet-tools.json could not be installed."
dotnet csharpier check . --log-level Error || broken "the layout of the C# code is off; run dotnet csharpier format ."

for project in Core Server Browser; do
  dotnet test "tests/Antiphon.$project.Tests" -c Release --no-build --nologo -v quiet --logger "trx;LogFileName=$project.trx" --logger "console;verbosity=minimal" --results-directory "$results"
done

sum() { local total=0 n; for n in $(grep -ho "<Counters [^>]*" "$results"/*.trx 2>/dev/null | grep -o " $1=\"[0-9]*\"" | grep -o '[0-9]*'); do total=$((total + n)); done; echo "$total"; }
passed=$(sum passed) failed=$(sum failed) skipped=$(sum notExecuted)
[ "$(ls "$results"/*.trx 2>/dev/null | wc -l)" = 3 ] || failed=$((failed + 1))
summary "$passed" "$failed" "$skipped"
[ "$passed" -gt 0 ] && [ "$failed" = 0 ]
