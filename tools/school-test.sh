#!/usr/bin/env bash
# A school from its first day: set up in the browser, kept, destroyed, restored; in the given folder, which is emptied first.
set -euo pipefail
cd "$(dirname "$0")/.."
dir=$1
case $dir in */test/*) rm -rf "$dir";; *) echo "Only a folder for tests is emptied." >&2; exit 2;; esac
mkdir -p "$dir"
starter=""
end_starter() { if [ -n "$starter" ]; then kill -TERM "$starter" 2>/dev/null || true; wait "$starter" 2>/dev/null || true; starter=""; fi; }
trap 'end_starter' EXIT
start() {
  ./rostik start --data "$dir" --port 8531 > "$dir/start.log" 2>&1 9>&- &
  starter=$!
  for _ in $(seq 1200); do
    [ ! -s "$dir/run/address" ] || ! grep -q 'Ctrl-C ends it' "$dir/start.log" || return 0
    kill -0 "$starter" 2>/dev/null || { cat "$dir/start.log" >&2; return 1; }
    sleep 0.1
  done
  return 1
}
browser() { ROSTIK_SET_UP_LINK=$(grep -oE 'http://[^ ]+#word=[a-z0-9-]+' "$dir/start.log" || true) ROSTIK_ADDRESS=$(cat "$dir/run/address") npm exec --prefix e2e --silent -- playwright test --config e2e/school.config.ts "$1"; }
is() { if eval "$2"; then printf '  ✓ %s\n' "$1"; else printf '  ✗ %s\n' "$1"; tail -n 15 "$dir/start.log" "$dir/said" 2>/dev/null; exit 1; fi; }

is "without a school a word is shown, and a link with it" 'start && grep -qE "#word=[a-z0-9-]{14}$" "$dir/start.log" && grep -qE "this word:  [a-z0-9]{4}-[a-z0-9]{4}-[a-z0-9]{4}$" "$dir/start.log"'
is "there is nobody of the demonstration in it" '[ -z "$(./rostik teacher list --data "$dir" 2>/dev/null)" ]'
browser school.before.ts
is "a backup is written while it runs" './rostik backup "$dir/kept" --data "$dir" > "$dir/said" 2>&1 && [ "$(stat -c %a "$dir"/kept/*.secrets)" = 600 ]'
kept=$(ls "$dir"/kept/*.backup)
is "restoring waits until Rostik has ended" '! ./rostik restore "$kept" --data "$dir" > "$dir/said" 2>&1 && grep -q "is running" "$dir/said"'
end_starter
cp "$kept" "$dir/broken.backup"; printf 'x' | dd of="$dir/broken.backup" bs=1 seek=3000 conv=notrunc 2>/dev/null
is "a backup that is not whole is refused" '! ./rostik restore "$dir/broken.backup" --data "$dir" > "$dir/said" 2>&1 && grep -q "not whole" "$dir/said" && [ -d "$dir/db" ]'
rm -rf "$dir/db" "$dir/secrets"
is "destroyed, it is restored" './rostik restore "$kept" --secrets "${kept%.backup}.secrets" --data "$dir" > "$dir/said" 2>&1'
is "and set up no more" 'start && ! grep -q "this word" "$dir/start.log"'
browser school.after.ts
is "who looks after the machine lists, adds, resets and removes teachers" './rostik teacher list --data "$dir" 2>/dev/null | grep -q corin@fell.example && ./rostik teacher add wren@fell.example --name "Wren Roe" --data "$dir" 2>/dev/null | grep -q "/join#" && ./rostik teacher reset corin@fell.example --data "$dir" 2>/dev/null | grep -q "/reset#" && ./rostik teacher remove corin@fell.example --data "$dir" 2>/dev/null | grep -q "no longer sign in" && ./rostik school --json --data "$dir" 2>/dev/null | grep -q "\"ended\":true"'
end_starter
# a migration that was killed half-way: the data of before, and then on
./rostik teacher list --data "$dir" > /dev/null 2>&1
printf '%s/before-upgrade.sql.gz\n' "$dir" > "$dir/upgrading"
tar -xOf "$kept" data.sql.gz > "$dir/before-upgrade.sql.gz"
is "an upgrade that was killed half-way is undone at the next start" 'start && grep -q "was not finished" "$dir/start.log" && [ ! -e "$dir/upgrading" ] && ./rostik teacher list --data "$dir" 2>/dev/null | grep -q "beryl@fell.example"'
end_starter
rm -rf "$dir"
