#!/usr/bin/env bash
# Backs a small database up while it is written to, and brings it back in another place. Called with a folder of its own.
set -euo pipefail
script=$PWD/../carder
here=$1/here there=$1/there
mkdir -p "$here" "$there"
cp "$script" "$here/carder"
cp "$script" "$there/carder"
export CARDER_PASSPHRASE="a passphrase of a test"

# The functions of the script, without a command.
sed '/^case /,$d' "$script" >"$1/functions"
in_place() { (cd "$1" && eval "$(sed "s#^cd .*#cd '$1'#" "../functions")" && shift && "$@"); }
state_of() { in_place "$1" state_folder; }

prepare() {
  trap - EXIT
  start_database "$(state_folder)" 54730 "-c fsync=off"
  pg psql -q -c 'create table one (n int)' -c 'create table other (n int)' -c 'create table spring_session (id int)' \
    -c 'insert into spring_session values (1)' -c 'insert into one values (0)' -c 'insert into other values (0)'
  mkdir -p "$local_state/media" "$local_state/media-keys"
  head -c 200000 /dev/urandom >"$local_state/media/photo"
  echo key >"$local_state/media-keys/key"
}
write_on() {
  reach_database "$(state_folder)"
  while [[ ! -f $1 ]]; do
    pg psql -q -c 'begin; insert into one select max(n) + 1 from one; insert into other select max(n) + 1 from other; commit' || true
  done
}
end_database() { pg_data=$(state_folder)/pg; as_postgres "$(pg_bin)/pg_ctl" -D "$pg_data" -m fast -w -s stop; }
query() { reach_database "$(state_folder)"; pg psql -tAc "$1"; }
finish() {
  touch "$1/enough"
  for place in "$here" "$there"; do in_place "$place" end_database >/dev/null 2>&1 || true; done
  for place in "$here" "$there"; do rm -rf "$(state_of "$place")"; done
}
export -f prepare write_on end_database query
trap 'finish "$1"' EXIT

in_place "$here" prepare
in_place "$here" write_on "$1/enough" &
"$here/carder" backup "$1/night.carder"
touch "$1/enough"
wait $!
echo "drill: $("$here/carder" drill "$1/night.carder" | tail -1)"

"$there/carder" restore "$1/night.carder"
equal=$(in_place "$there" query 'select (select max(n) from one) = (select max(n) from other) and (select count(*) from one) > 0')
[[ $equal == t ]] && echo "moment: two tables that change together are equal"
echo "sessions: $(in_place "$there" query 'select count(*) from spring_session')"
cmp "$here/.carder/media/photo" "$there/.carder/media/photo" && cmp "$here/.carder/media-keys/key" "$there/.carder/media-keys/key" && echo "photo: as it was"

recovery=$("$here/carder" recovery-key | grep -E '^  [A-Z2-7]{4}-' | tr -d ' ')
CARDER_PASSPHRASE=${recovery,,} "$here/carder" drill "$1/night.carder" >/dev/null && echo "recovery key: opens it"
CARDER_PASSPHRASE="another passphrase" "$here/carder" drill "$1/night.carder" 2>/dev/null || echo "wrong passphrase: refused"
cp "$1/night.carder" "$1/damaged.carder"
printf 'xxxxxxxx' | dd of="$1/damaged.carder" bs=1 seek=60000 conv=notrunc status=none
"$here/carder" drill "$1/damaged.carder" 2>/dev/null || echo "damaged file: refused"

# As files were before they had a key of their own.
mkdir "$1/older" && in_place "$here" unseal "$1/night.carder" "$1/older"
tar -C "$1/older" -c . | openssl enc -aes-256-cbc -pbkdf2 -iter 600000 -salt -pass env:CARDER_PASSPHRASE -out "$1/older.carder"
"$here/carder" drill "$1/older.carder" >/dev/null && echo "older file: opens"
