# Opens a shop: what bin/demo and bin/start share. Sourced after `here`, `RENDLE_DATA` and `default_port` are set.
source "$here/bin/lib/setup.sh"
port="${RENDLE_PORT:-$default_port}"
fresh=0

while [ $# -gt 0 ]; do
  case "$1" in
    --port) port="$2"; shift 2 ;;
    --data) RENDLE_DATA="$(mkdir -p "$2" && cd "$2" && pwd)"; shift 2 ;;
    --lan) export RENDLE_LAN=1; shift ;;
    --cert) export RENDLE_CERT="$(cd "$(dirname "$2")" && pwd)/$(basename "$2")"; shift 2 ;;
    --key) export RENDLE_KEY="$(cd "$(dirname "$2")" && pwd)/$(basename "$2")"; shift 2 ;;
    --fresh) fresh=1; shift ;;
    -h | --help)
      echo "$(basename "$0") [--port N] [--data FOLDER] [--lan [--cert FILE --key FILE]]$([ "$default_port" = 4180 ] && echo ' [--fresh]')"
      exit 0 ;;
    *) echo "Unknown: $1. See $(basename "$0") --help." >&2; exit 2 ;;
  esac
done
export RENDLE_DATA RENDLE_PORT="$port" NEXT_TELEMETRY_DISABLED=1

install_packages "$here"
build_app "$here"
cd "$here"

# Starts the server, waits for its first good answer, says where it is, and stays until it ends.
serve() {
  NODE_ENV=production node bin/lib/serve.mjs &
  local server=$! scheme=http
  [ -n "${RENDLE_CERT:-}" ] && scheme=https
  trap "kill $server 2>/dev/null" EXIT INT TERM
  for _ in $(seq 240); do
    kill -0 $server 2>/dev/null || { wait $server; exit $?; }
    if curl -skf -o /dev/null -L "$scheme://127.0.0.1:$port/"; then
      echo "$1 is open at $scheme://localhost:$port/"
      echo "Its file lies in $RENDLE_DATA."
      if [ "${RENDLE_LAN:-}" = 1 ]; then
        echo "Other devices of this network reach it at this machine's address, port $port, with the passcode."
        [ "$scheme" = http ] && echo "Over plain HTTP a tablet does not keep its screen awake, notify or work offline: give --cert and --key, or put a proxy with a certificate in front."
      fi
      wait $server
      exit $?
    fi
    sleep 0.25
  done
  echo "The shop did not answer within a minute." >&2
  exit 1
}
