#!/usr/bin/env bash
# Builds Antiphon, starts it with the demo scenario and the stand-ins of the outside world, and stops all of it with Ctrl C.
set -u
cd "$(dirname "$0")" || exit 1

port=5080 data=data/demo fresh=false
fail() { echo "demo.sh: $*" >&2; exit 1; }
while [ $# -gt 0 ]; do
  case $1 in
    --port) port=${2:-}; shift 2 ;;
    --data) data=${2:-}; shift 2 ;;
    --fresh) fresh=true; shift ;;
    *) fail "unknown option $1; the options are --port N, --data DIR and --fresh." ;;
  esac
done
case $port in ''|*[!0-9]*) fail "--port takes a number, such as 5080." ;; esac
[ "$port" -ge 1 ] && [ "$port" -le 65000 ] || fail "--port takes a number from 1 to 65000."
[ -n "$data" ] || fail "--data takes a folder."

command -v dotnet >/dev/null || fail "the .NET 10 SDK is missing; install it and try again."
case $(dotnet --version 2>/dev/null) in 1[0-9].*) ;; *) fail "the .NET SDK is too old; version 10 is needed." ;; esac
command -v node >/dev/null || fail "Node is missing; install Node 20 or later and try again."
[ "$(node -p 'parseInt(process.versions.node)')" -ge 20 ] || fail "Node $(node --version) is too old; version 20 or later is needed."

website=$((port + 1)) world=$((port + 2)) smtp=$((port == 5080 ? 2525 : port + 3)) pop=$((port == 5080 ? 2526 : port + 4))
taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }
for one in "$port" "$website" "$world" "$smtp" "$pop"; do
  taken "$one" && fail "port $one is taken; stop what uses it, or choose others with --port N."
done

$fresh && rm -rf "$data"
mkdir -p "$data" || fail "the folder $data cannot be made."
data=$(cd "$data" && pwd)
if [ -f "$data/port" ] && [ "$(cat "$data/port")" != "$port" ]; then
  fail "this data was made for --port $(cat "$data/port"); use that port, another --data folder, or --fresh."
fi
echo "$port" > "$data/port"

echo "Building (a first build takes a minute or two) ..."
for project in Antiphon.Server Antiphon.StandIns; do
  dotnet build "src/$project" -c Release -v quiet -clp:NoSummary --nologo >"$data/build.log" 2>&1 || { tail -30 "$data/build.log" >&2; fail "the build failed; the whole output is in $data/build.log."; }
done

pids=()
stop() { trap - EXIT INT TERM; [ ${#pids[@]} -gt 0 ] && kill "${pids[@]}" 2>/dev/null; wait 2>/dev/null; }
trap stop EXIT
trap 'exit 0' INT TERM

DOTNET_ENVIRONMENT=Production dotnet src/Antiphon.StandIns/bin/Release/net10.0/Antiphon.StandIns.dll \
  --website "$website" --world "$world" --smtp "$smtp" --pop "$pop" --data "$data/stand-ins" >"$data/stand-ins.log" 2>&1 &
pids+=($!)
wait_for() {
  for _ in $(seq 1 240); do
    taken "$1" && return
    kill -0 "$2" 2>/dev/null || { tail -20 "$3" >&2; fail "$4 stopped at once; its log is $3."; }
    sleep 0.25
  done
  fail "$4 did not start within a minute; its log is $3."
}
wait_for "$world" "${pids[0]}" "$data/stand-ins.log" "the outside world"

cd src/Antiphon.Server || exit 1
ASPNETCORE_ENVIRONMENT=Demo dotnet bin/Release/net10.0/Antiphon.Server.dll --urls "http://127.0.0.1:$port" \
  --Antiphon:DataDirectory "$data/antiphon" --Antiphon:PublicAddress "http://127.0.0.1:$port/" \
  --Demo:Enabled true --Demo:Website "http://127.0.0.1:$website/" --Demo:World "http://127.0.0.1:$world/" --Mail:Port "$smtp" --Mail:ReturnsPort "$pop" \
  --Outgoing:AllowedHosts:0 "127.0.0.1:$port" --Outgoing:AllowedHosts:1 "127.0.0.1:$website" --Outgoing:AllowedHosts:2 "127.0.0.1:$world" \
  >"$data/antiphon.log" 2>&1 &
pids+=($!)
wait_for "$port" "${pids[1]}" "$data/antiphon.log" "Antiphon"

cat <<EOF

  Antiphon               http://127.0.0.1:$port/
  Quillmoor's website    http://127.0.0.1:$website/       its page editor: http://127.0.0.1:$website/desk
  The rest of the world  http://127.0.0.1:$world/       its mailbox: http://127.0.0.1:$world/mailbox

  Sign in as             imogen@quillmoor.example  (owner)
                         dov@quillmoor.example     (editor)
                         priya@quillmoor.example   (moderator)
  Password of each       clear-nights
  Token for scripts      demo-token

Antiphon is ready
EOF
wait -n "${pids[@]}"
fail "a part of the demo stopped; see the logs in $data."
