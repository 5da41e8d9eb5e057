#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# The hostile corpus and hostile surroundings, as a person or a script meets them: exit codes, few words,
# nothing overwritten, nothing half written. Arguments: spirk-cli, spirk, the source folder.
set -u
cli=$1
app=$2
source=$3
demo=$source/data/demo/paddler.spirk
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
export HOME=$work XDG_RUNTIME_DIR=$work QT_QPA_PLATFORM=offscreen
chmod 700 "$work"
failed=0
fail() { echo "FAILED: $*"; failed=1; }

# expect NAME CODE COMMAND...: runs it, keeps its output in $work/out and $work/err. No end by a signal,
# no waiting for ever.
expect() {
    local name=$1 code=$2
    shift 2
    timeout 20 "$@" >"$work/out" 2>"$work/err" </dev/null
    local got=$?
    [ $got -eq "$code" ] || { fail "$name: exit $got, expected $code"; head -c 500 "$work/err"; }
}
contains() { grep -qF -- "$2" "$work/$1" || { fail "no '$2' in $1"; head -c 500 "$work/$1"; }; }

# What must be refused, in few words.
for file in "$source"/tests/hostile/refused/*.spirk; do
    expect "refuse $(basename "$file")" 2 "$cli" check "$file"
    [ "$(wc -c <"$work/err")" -lt 6000 ] || fail "too many words for $(basename "$file")"
    [ -s "$work/err" ] || fail "no word for $(basename "$file")"
    ! grep -q 'defect of Spirk' "$work/err" || fail "a defect: $(basename "$file")"
done
# What must be taken: no letter steers the terminal, drawings are well-formed for somebody else's parser.
for file in "$source"/tests/hostile/accepted/*.spirk; do
    timeout 20 "$cli" report "$file" >"$work/out" 2>"$work/err"
    [ $? -le 1 ] || fail "report $(basename "$file")"
    ! LC_ALL=C grep -q $'[\x01-\x08\x0b-\x1f\x7f]' "$work/out" || fail "steers the terminal: $(basename "$file")"
    expect "draw $(basename "$file")" 0 "$cli" export "$file" diagram "$work/d.svg" --force
    for drawing in "$work"/d*.svg; do
        python3 -c 'import sys, xml.dom.minidom as m; m.parse(sys.argv[1])' "$drawing" || fail "not XML: $(basename "$file")"
    done
    rm -f "$work"/d*.svg
done

# What is no file.
mkfifo "$work/pipe.spirk"
mkdir "$work/folder.spirk"
: >"$work/empty.spirk"
truncate -s 40M "$work/large.spirk"
expect "a pipe" 2 "$cli" check "$work/pipe.spirk"; contains err "device, pipe or socket"
expect "a device" 2 "$cli" check /dev/zero; contains err "device, pipe or socket"
expect "a folder" 2 "$cli" check "$work/folder.spirk"; contains err "folder"
expect "an empty file" 2 "$cli" check "$work/empty.spirk"; contains err "empty"
expect "a missing file" 2 "$cli" check "$work/none.spirk"; contains err "no such file"
expect "a large file" 2 "$cli" check "$work/large.spirk"; contains err "larger than"
# Far too deep, and a token of two megabytes: made here, for they are large.
python3 - "$demo" "$work" <<'PY'
import sys
text = open(sys.argv[1]).read().rstrip()[:-1]
open(sys.argv[2] + "/deep.spirk", "w").write(text + ',"later":' + "[" * 75000 + "]" * 75000 + "}")
open(sys.argv[2] + "/token.spirk", "w").write(text + ',"later":' + "x" * 2000000 + "}")
open(sys.argv[2] + "/many.spirk", "w").write(
    text.replace('"amendments": [', '"amendments": [' + ",".join(["{}"] * 19999) + ",", 1) + "}")
PY
for kind in deep token many; do
    expect "$kind" 2 "$cli" check "$work/$kind.spirk"
    [ "$(wc -c <"$work/err")" -lt 6000 ] || fail "too many words for $kind"
done

# Exports: never over a file unsaid, never onto the plan, whole or not at all.
cp "$demo" "$work/mine.spirk"
echo precious >"$work/there.csv"
expect "over a file" 2 "$cli" export "$work/mine.spirk" parts "$work/there.csv"; contains err "already"
grep -q precious "$work/there.csv" || fail "a file was replaced unsaid"
expect "over a file, told to" 0 "$cli" export "$work/mine.spirk" parts "$work/there.csv" --force
! grep -q precious "$work/there.csv" || fail "--force replaced nothing"
echo precious >"$work/page-2.svg"
expect "over a page" 2 "$cli" export "$work/mine.spirk" diagram "$work/page.svg"
[ ! -e "$work/page-1.svg" ] || fail "half a drawing"
ln -s mine.spirk "$work/link.json"
for name in mine.spirk link.json ./mine.spirk; do
    expect "onto the plan as $name" 2 "$cli" export "$work/mine.spirk" report "$work/$name" --force
    contains err "the plan itself"
done
cmp -s "$demo" "$work/mine.spirk" || fail "the plan was written to"
for kind in parts report diagram; do
    expect "$kind to a full device" 2 "$cli" export "$demo" $kind /dev/full
    contains err "could not be saved"
done
for command in report check "why"; do
    figure=; [ $command = why ] && figure=supply.days
    timeout 20 "$cli" $command "$demo" $figure >/dev/full 2>"$work/err"
    [ $? -eq 2 ] || fail "$command to a full device"
    contains err "could not be written"
done
"$cli" export "$demo" parts /dev/stdout | head -n 1 | grep -q '^group,part' || fail "a pipe gets the table"
"$cli" export "$demo" lists /dev/stdout | head -c 5 | grep -q '%PDF-' || fail "a pipe gets the pages"
# A full disk: no file may grow past some bytes.
for file in x.csv x.pdf x.svg x.json; do
    kind=lists; [ $file = x.csv ] && kind=parts; [ $file = x.json ] && kind=report
    (ulimit -f 1; trap '' XFSZ; timeout 20 "$cli" export "$demo" $kind "$work/$file" >"$work/out" 2>"$work/err")
    [ $? -eq 2 ] || fail "a full disk for $file"
    compgen -G "$work/x*" >/dev/null && fail "a half file of $file"
    rm -f "$work"/x*
done

# Manners.
expect "the version of the terminal's program" 0 "$cli" --version; contains out "spirk-cli 0."
expect "the version of the window's" 0 "$app" --version; contains out "spirk 0."
expect "help of the window's" 0 "$app" --help; contains out "--theme"
expect "an unknown option" 2 "$cli" check "$demo" --colour; contains err "--colour"
expect "an unknown option of the window" 2 "$app" --colour; contains err "colour"
expect "a wrong theme" 2 "$app" --theme purple; contains err "light, dark or desktop"
expect "a wrong size" 2 "$app" --size wide; contains err "1280x800"
expect "two plans" 2 "$app" "$demo" "$demo"; contains err "One plan"
expect "nothing of that name" 2 "$app" "$demo" --select nobody; contains err "no device 'nobody'"

# The window opens all of it and ends by itself.
for file in "$source"/tests/hostile/*/*; do
    expect "window: $(basename "$file")" 0 "$app" "$file" --size 800x500 --pictures "$work/pictures"
done
exit $failed
