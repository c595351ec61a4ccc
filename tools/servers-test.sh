#!/usr/bin/env bash
# What holds when things go wrong with the servers and their data: each is done to a school of its own in the given
# folder, which is emptied first. It has to lie below a folder "test".
set -euo pipefail
cd "$(dirname "$0")/.."
dir=$1
case $dir in */test/*) rm -rf "$dir";; *) echo "Only a folder for tests is emptied." >&2; exit 2;; esac
mkdir -p "$dir"

starter=""
failed=0
passed=0
ok()   { passed=$((passed + 1)); printf '  ✓ %s\n' "$1"; }
no()   { failed=$((failed + 1)); printf '  ✗ %s\n' "$1"; tail -n 15 "$dir/start.log" 2>/dev/null || true; }
is()   { if eval "$2"; then ok "$1"; else no "$1"; fi; }
trap 'end_starter; for name in nginx fpm db; do [ -s "$dir/run/$name.group" ] && kill -KILL -- "-$(cut -d" " -f1 "$dir/run/$name.group")" 2>/dev/null; done; true' EXIT

start() { # start: in the background, until it answers or has ended
  # in the background SIGINT is passed over, unless it is said otherwise
  env --default-signal=INT ./rostik start --demo --data "$dir" --port 8521 > "$dir/start.log" 2>&1 &
  starter=$!
  for _ in $(seq 1200); do
    if [ -s "$dir/run/address" ] && up; then return 0; fi
    kill -0 "$starter" 2>/dev/null || { wait "$starter" || true; starter=""; return 1; }
    sleep 0.1
  done
  return 1
}
end_starter() { if [ -n "$starter" ]; then kill -INT "$starter" 2>/dev/null || kill -TERM "$starter" 2>/dev/null || true; wait "$starter" 2>/dev/null || true; starter=""; fi; }
address() { cat "$dir/run/address"; }
up() { curl -fs -m 3 -o /dev/null -X POST -H 'Content-Type: application/json' -d '{"sum":"9 am to 4 pm"}' "$(address)/api/work" 2>/dev/null; }
up_soon() { for _ in $(seq 150); do up && return 0; sleep 0.1; done; return 1; }
signs_in() { curl -fs -m 5 -o /dev/null -X POST -H 'Content-Type: application/json' -H "Origin: $(address)" -H 'Sec-Fetch-Site: same-origin' -d '{"email":"arden@ombrel.example","password":"Pintail at noon"}' "$(address)/api/sign-in" 2>/dev/null; }
# a database that was killed puts itself in order first, which takes longer on a busy machine
signs_in_soon() { for _ in 1 2 3 4 5; do signs_in && return 0; sleep 3; done; return 1; }
# the watcher comes round when it does; what a killed master has left behind may answer until then
another_soon() { local now; for _ in $(seq 300); do now=$(server "$1" 2>/dev/null || true); if [ -n "$now" ] && [ "$now" != "$2" ]; then return 0; fi; sleep 0.1; done; return 1; }
server() { cut -d' ' -f1 "$dir/run/$1.group"; }
alive() { [ -e "/proc/$1" ] && ! grep -q '^State:.Z' "/proc/$1/status" 2>/dev/null; }
status() { curl -s -m 5 -o "$dir/reply" -w '%{http_code}' "$@" 2>/dev/null; }

is "a first start makes a school" start
is "its teacher can sign in" signs_in

is "a true origin with its port is enough, where a browser says no more" '[ "$(status -X POST -H "Content-Type: application/json" -H "Origin: $(address)" -d "{\"email\":\"arden@ombrel.example\",\"password\":\"Pintail at noon\"}" "$(address)/api/sign-in")" = 200 ]'
is "another origin is refused" '[ "$(status -X POST -H "Content-Type: application/json" -H "Origin: http://127.0.0.1:1" -d "{}" "$(address)/api/sign-in")" = 403 ]'
is "a name that is not ours is answered by nobody" '[ "$(status -H "Host: rebound.example" "$(address)/api/me")" = 400 ]'
is "all is well" '[ "$(status "$(address)/health")" = 200 ]'
if [ "$(id -u)" -eq 0 ] && setpriv --reuid=www-data --regid=www-data --clear-groups test -r app/public/index.php; then
  is "started by root, nothing runs as root" '[ "$(for name in fpm nginx db; do ps -o user= -g "$(server $name)" | sort -u; done | sort -u | tr -d " \n")" = www-data ]'
fi

# a fault says nothing of the inside, whatever is sent
is "another content type is refused kindly" '[ "$(status -X POST -H "Content-Type: text/plain" -H "Origin: $(address)" -H "Sec-Fetch-Site: same-origin" -d "email=x" "$(address)/api/sign-in")" = 415 ] && grep -q "code" "$dir/reply"'
printf '<?php nobody_has_written_this();' > "$dir/fault.php"
fault() { # a script that fails, asked for as nginx asks
  php -r '
    $record = static fn (int $type, string $body): string => pack("CCnnCx", 1, $type, 1, strlen($body), 0).$body;
    $params = "";
    foreach (["SCRIPT_FILENAME" => $argv[2], "REQUEST_METHOD" => "GET"] as $name => $value) { $params .= pack("CC", strlen($name), strlen($value)).$name.$value; }
    $socket = stream_socket_client("unix://".$argv[1]);
    fwrite($socket, $record(1, pack("nCx5", 1, 0)).$record(4, $params).$record(4, "").$record(5, ""));
    echo stream_get_contents($socket);' "$dir/run/fpm.sock" "$dir/fault.php" | tr -d '\0'
}
is "a fault is a 500 and shows no path of the machine" 'fault > "$dir/reply" && grep -qa "Status: 500" "$dir/reply" && ! grep -qa "$dir" "$dir/reply"'

# only our own addresses reach the application, however they are written
nowhere() { [ "$(curl -s -m 5 --path-as-is -o "$dir/reply" -w '%{http_code}' "$@" 2>/dev/null)" = 404 ] && grep -q '"code":"not-found"' "$dir/reply"; }
is "no way leads round the places of the server" 'for path in /index.php/api/sign-in /index.php /INDEX.PHP/api/work /index%2Ephp/api/empty /api/work/index.php //api/sign-in /api//work /%61pi/empty /api/%77ork /x/../api/empty /api/empty.php/x; do nowhere "$(address)$path" || { echo "$path" >&2; break; }; done && nowhere -X POST -H "Content-Type: application/json" -d "{}" "$(address)/index.php/api/sign-in"'

# what a stranger sends wrongly is no fault of ours
faulty() {
  local post=(-X POST -H "Content-Type: application/json" -H "Origin: $(address)" -H "Sec-Fetch-Site: same-origin")
  status "${post[@]}" -d '{bad' "$(address)/api/work"; status "${post[@]}" -d '{bad' "$(address)/api/sign-in"; status "${post[@]}" -d '{"sum":["x"]}' "$(address)/api/work"
  status -X PUT "$(address)/api/work"; status "$(address)/api/nowhere"; status "$(address)/api/work?x[]=%ff%fe"; status -H 'Host: rebound.example' "$(address)/api/me"
  status "${post[@]}" -H 'Cookie: rostik=../../x' -d '{"email":"\u0000","password":""}' "$(address)/api/sign-in"; status -X TRACE "$(address)/api/me"; status "$(address)/health?$(head -c 6000 /dev/zero | tr '\0' a)"
}
is "it is refused, and fills no log" 'faulty > /dev/null; ! grep -qs "ERROR\|WARNING\|CRITICAL" "$dir"/log/prod-*.log'
is "a calendar that is not there gets a page of ours" '[ "$(status "$(address)/calendar/nobody.ics")" = 404 ] && grep -q "That is not here" "$dir/reply"'
is "so does a name that is not ours" '[ "$(status -H "Host: rebound.example" "$(address)/")" = 400 ] && grep -q "not an address of this school" "$dir/reply"'

is "the logs are for their owner alone" '[ "$(stat -c %a "$dir/log")" = 700 ]'
head -c 5000000 /dev/zero | tr '\0' x >> "$dir/log/php.log"
is "a log that has grown goes on in a new one" 'for _ in $(seq 150); do [ "$(stat -c %s "$dir/log/php.log")" -lt 1000000 ] && break; sleep 0.1; done; [ "$(stat -c %s "$dir/log/php.log")" -lt 1000000 ] && [ -s "$dir/log/php.log.1" ]'

# passwords that are tried take their own workers and the time that nobody else needs
middle() { for n in $(seq 15); do curl -s -m 9 -b "$cookies" -o /dev/null -w '%{time_total}\n' "$(address)/api/sheets"; done | sort -n | sed -n 8p; }
tried() { for k in $(seq 12); do (for n in $(seq 40); do status -X POST -H 'Content-Type: application/json' -H "Origin: $(address)" -H 'Sec-Fetch-Site: same-origin' -d "{\"email\":\"a$k-$n@ombrel.example\",\"password\":\"not it at all\"}" "$(address)/api/sign-in" -o /dev/null; done > /dev/null) & done; }
flooded() {
  local quiet busy before after
  quiet=$(middle)
  before=$(jobs -p); tried; sleep 1
  busy=$(middle)
  for after in $(jobs -p); do grep -qx "$after" <<< "$before" || kill "$after" 2>/dev/null || true; done
  printf '    a teacher is answered in %s s, and in %s s while twelve try passwords\n' "$quiet" "$busy"
  awk -v q="$quiet" -v b="$busy" 'BEGIN { exit !(b <= 2 * q + 0.02) }'
}

# what is good once is good once, also for ten at the same moment
cookies="$dir/cookies"
as_teacher() { curl -s -m 10 -b "$cookies" -c "$cookies" -H 'Content-Type: application/json' -H "Origin: $(address)" -H 'Sec-Fetch-Site: same-origin' "$@"; }
sign_in() { printf '{"email":"arden@ombrel.example","password":"Pintail at noon"%s}' "$1"; }
successes() { # successes CODE METHOD ADDRESS BODY: of ten at once; what they were told is in the folder
  for n in 1 2 3 4 5 6 7 8 9 10; do curl -s -m 20 -b "$cookies" -o "$dir/told.$n" -w '%{http_code}\n' -X "$2" -H 'Content-Type: application/json' -H "Origin: $(address)" -H 'Sec-Fetch-Site: same-origin' -d "$4" "$(address)$3" > "$dir/once.$n" & done
  wait $(jobs -p | grep -vx "$starter") || true
  cat "$dir"/once.* | grep -c "^$1$" || true
}
as_teacher -o /dev/null -d "$(sign_in '')" "$(address)/api/sign-in"
word=$(as_teacher -d '{"name":"Corin Bell","email":"corin@ombrel.example"}' "$(address)/api/school/invitations" | sed -n 's/.*join#\([A-Za-z0-9_-]*\).*/\1/p')
is "a teacher does not feel that twelve try passwords" flooded
is "of ten who follow one invitation one joins" '[ "$(successes 204 POST /api/links/follow "{\"word\":\"$word\",\"name\":\"Corin Bell\",\"password\":\"kelp and driftwood\"}")" = 1 ]'
key=$(as_teacher -d '{"password":"Pintail at noon"}' "$(address)/api/account/second-step" | sed -n 's/.*"key":"\([A-Z2-7]*\)".*/\1/p')
one_time() { php -n -r '
  $bits = ""; foreach (str_split($argv[1]) as $c) { $bits .= str_pad(decbin(strpos("ABCDEFGHIJKLMNOPQRSTUVWXYZ234567", $c)), 5, "0", STR_PAD_LEFT); }
  $key = implode("", array_map(fn ($b) => chr(bindec($b)), array_filter(str_split($bits, 8), fn ($b) => 8 === strlen($b))));
  $hash = hash_hmac("sha1", pack("J", intdiv(time(), 30) + (int) $argv[2]), $key, true); $at = ord($hash[19]) & 15;
  printf("%06d", (unpack("N", substr($hash, $at, 4))[1] & 0x7fffffff) % 1000000);' "$key" "${1:-0}"; }
is "of ten who send one code of the second step one is given recovery codes" '[ "$(successes 200 PUT /api/account/second-step "{\"code\":\"$(one_time)\"}")" = 1 ]'
recovery=$(cat "$dir"/told.* | sed -n 's/.*"codes":\["\([a-z0-9-]*\)".*/\1/p')
is "of ten who send one recovery code one comes in" '[ -n "$recovery" ] && [ "$(successes 200 POST /api/sign-in "$(sign_in ",\"code\":\"$recovery\"")")" = 1 ]'
as_teacher -o /dev/null -X DELETE -d '{"password":"Pintail at noon"}' "$(address)/api/account/second-step"

# the name of a child that was erased stands in no log, and not in the next backup
in_the_backup() { rm -rf "$dir/backups-kept"; ./rostik backup "$dir/backups-kept" --data "$dir" > /dev/null 2>&1; tar -xOf "$dir"/backups-kept/*.backup data.sql.gz | gunzip | grep -c Quillarius || true; }
erased() {
  local class=01900000-0000-7000-8000-0000000000c1 child=01900000-0000-7000-8000-0000000000c2
  as_teacher -o /dev/null -X PUT -d "{\"name\":\"Terns\",\"children\":[{\"id\":\"$child\",\"name\":\"Quillarius\"}]}" "$(address)/api/classes/$class"
  as_teacher -o /dev/null -H "Rostik-Class: $class" -d "{\"title\":\"For Quillarius\",\"questions\":[{\"id\":\"$child\",\"text\":{\"sum\":\"1:50 pm + 25 min\",\"wording\":\"Quillarius walks from 1:50 p.m. for 25 minutes. When is the walk over?\"}}]}" "$(address)/api/sheets"
  as_teacher -o /dev/null "$(address)/api/search?q=Quillarius"
  [ "$(in_the_backup)" -gt 0 ] || return 1
  as_teacher -o /dev/null -X DELETE "$(address)/api/classes/$class"
  as_teacher -o /dev/null -X DELETE "$(address)/api/deleted/class/$class"
  [ "$(in_the_backup)" = 0 ] && ! grep -rqs Quillarius "$dir/log"
}
is "the name of an erased child is in no log, and not in the next backup" erased

# a thousand who say half of what they want shut nobody out
half_open() {
  python3 - "$(address)" <<'PY' &
import socket, sys, time
host, port = sys.argv[1].removeprefix('http://').split(':')
import resource; resource.setrlimit(resource.RLIMIT_NOFILE, (4096, max(4096, resource.getrlimit(resource.RLIMIT_NOFILE)[1])))
held = []
for n in range(1000):
    one = socket.create_connection((host, int(port)), 5)
    one.send(b'GET /api/work HTTP/1.1\r\nHost: localhost\r\n' if n % 2 else b'')
    held.append(one)
print('held', flush=True)
time.sleep(6)
PY
  local holder=$! good=0
  sleep 3
  for _ in 1 2 3 4 5; do [ "$(curl -s -m 2 -b "$cookies" -o /dev/null -w '%{http_code}' "$(address)/api/sheets")" = 200 ] && good=$((good + 1)); done
  kill "$holder" 2>/dev/null; wait "$holder" 2>/dev/null || true
  [ "$good" = 5 ]
}
is "a thousand who say half of what they want shut nobody out" half_open

# a school is one address: two hundred tablets at once are not refused
is "two hundred tablets at once are let in" '[ "$(seq 210 | xargs -P 35 -I N curl -s -m 20 -o /dev/null -w "%{http_code}\n" "$(address)/api/go/words" | grep -c "^200$")" = 210 ]'

# children have workers that no teacher can take
stopped() { pkill -STOP -f "php-fpm: pool rostik\$" 2>/dev/null; local reply; reply=$(curl -s -m 5 -o /dev/null -w '%{http_code}' "$(address)/api/go/words"; curl -s -m 5 -o /dev/null -w '%{http_code}' "$(address)/"); pkill -CONT -f "php-fpm: pool rostik\$"; [ "$reply" = 200200 ]; }
is "while no teacher is answered, children and strangers are" stopped

# thirty PDFs of one are one, and a colleague does not feel them
colleague="$dir/colleague"
curl -s -m 10 -c "$colleague" -o /dev/null -H 'Content-Type: application/json' -H "Origin: $(address)" -H 'Sec-Fetch-Site: same-origin' -d '{"email":"corin@ombrel.example","password":"kelp and driftwood"}' "$(address)/api/sign-in"
paper() { curl -s -m 120 -b "$1" -o /dev/null -w '%{http_code} %{time_total}\n' "$(address)/print/day-line.pdf"; }
thirty() {
  local quiet busy
  quiet=$(paper "$colleague")
  for n in $(seq 30); do paper "$cookies" > "$dir/paper.$n" & done
  sleep 0.3
  busy=$(paper "$colleague")
  wait $(jobs -p | grep -vx "$starter") || true
  printf '    a colleague has her PDF in %s s, and in %s s beside thirty of another; of those %s were made\n' "${quiet#* }" "${busy#* }" "$(cat "$dir"/paper.* | grep -c '^200')"
  [ "${quiet% *}${busy% *}" = 200200 ] && [ "$(cat "$dir"/paper.* | grep -c '^429')" -ge 25 ] && awk -v q="${quiet#* }" -v b="${busy#* }" 'BEGIN { exit !(b <= 3 * q + 3) }'
}
is "thirty PDFs of one teacher do not keep another waiting" thirty

# one server's death does not end the others
for name in fpm nginx db; do
  before=$(server $name)
  kill -KILL "$before"
  is "a killed $name server is started again" 'another_soon '$name' "$before" && up_soon && signs_in_soon'
done
is "only one of each runs" '[ "$(pgrep -c -f "nginx: master process nginx -c $dir")" = 1 ] && [ "$(pgrep -c -f "php-fpm: master process .$dir")" = 1 ]'

# Ctrl-C ends all, and nothing else
groups="$(server fpm) $(server nginx) $(server db)"
end_starter
is "Ctrl-C ends all that was started" '! for group in $groups; do pgrep -g "$group" > /dev/null && break; done'

# a killed starter leaves the servers; the next start ends them and takes the same port
is "it starts again" start
kill -KILL "$starter"; wait "$starter" 2>/dev/null || true; starter=""
# … of which the masters may be gone, too
kill -KILL "$(server nginx)" "$(server fpm)"
first=$(address)
rm -f "$dir/run/address"
is "after a killed starter and killed masters it starts on the same port" 'start && [ "$(address)" = "$first" ] && signs_in'
end_starter

# another program with the number that was noted is left alone
sleep 300 & other=$!
printf '%s %s\n' "$other" 1 > "$dir/run/nginx.group"
cp "$dir/run/nginx.group" "$dir/run/fpm.group"
is "a program that is not ours is left alone" 'start && alive "$other"'
kill "$other" 2>/dev/null || true
end_starter

# a database is never removed
rm -f "$dir/db/.rostik"
cp -r "$dir/db" "$dir/kept"; rm -rf "$dir/db"; mkdir "$dir/db"; cp -r "$dir/kept/"* "$dir/db/"
is "a database that was copied with * is taken as it is" 'start && signs_in'
end_starter
mv "$dir/db" "$dir/away"; mkdir "$dir/db"; echo precious > "$dir/db/notes.txt"
is "a folder that holds no database is refused, and kept" '! start && grep -q "not empty" "$dir/start.log" && [ "$(cat "$dir/db/notes.txt")" = precious ]'
rm -rf "$dir/db"; mv "$dir/away" "$dir/db"

# secrets
cp "$dir/secrets" "$dir/secrets.copy"
rm "$dir/secrets"
is "lost secrets are said at once, with how to mend them" '! start && grep -q "rostik secrets" "$dir/start.log" && [ ! -e "$dir/secrets" ]'
head -n 1 "$dir/secrets.copy" > "$dir/secrets"
is "half secrets, too" '! start && grep -q "not whole" "$dir/start.log"'
sed 's/^dbpass=.*/dbpass=00000000000000000000000000000000/' "$dir/secrets.copy" > "$dir/secrets"
is "those of another database, too" '! start && grep -q "other passwords" "$dir/start.log"'
rm "$dir/secrets"
is "new ones are made for the same database" './rostik secrets --data "$dir" > "$dir/start.log" 2>&1 && start && signs_in'
end_starter

rm -rf "$dir"
printf '%s passed, %s failed\n' "$passed" "$failed"
[ "$failed" -eq 0 ]
