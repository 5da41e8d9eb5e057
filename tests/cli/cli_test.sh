#!/usr/bin/env bash
# SPDX-License-Identifier: GPL-3.0-or-later
# spirk-cli as a person calls it: exit codes, human and JSON output, every export. Arguments: the
# program and the source folder.
set -u
cli=$1
source=$2
demo=$source/data/demo/bookbinder.spirk
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
failed=0

# expect NAME CODE COMMAND...: runs it, keeps its output in $work/out and $work/err.
expect() {
    local name=$1 code=$2
    shift 2
    "$@" >"$work/out" 2>"$work/err"
    local got=$?
    if [ $got -ne "$code" ]; then
        echo "FAILED: $name: exit $got, expected $code"
        cat "$work/err"
        failed=1
    fi
}
contains() {
    grep -qF -- "$2" "$work/$1" || { echo "FAILED: no '$2' in $1"; failed=1; }
}

expect "check finds the demo's danger" 1 "$cli" check "$demo"
contains out "W1 danger"
[ ! -s "$work/err" ] || { echo "FAILED: check says something beside its findings"; failed=1; }
expect "check as JSON" 1 "$cli" check "$demo" --json
python3 -c "import json,sys; assert json.load(open(sys.argv[1]))[0]['severity'] == 'danger'" "$work/out" || failed=1
expect "report" 1 "$cli" report "$demo"
contains out "Days without sun"
expect "report as JSON" 1 "$cli" report "$demo" --json
python3 -c "import json,sys; r = json.load(open(sys.argv[1])); assert len(r['conductors']) > 40" "$work/out" || failed=1
expect "why" 0 "$cli" why "$demo" supply.days
contains out "days = E_usable / E_day"
expect "why as JSON" 0 "$cli" why "$demo" cable.inverter.feed+.size --json
python3 -c "import json,sys; assert json.load(open(sys.argv[1]))['terms']" "$work/out" || failed=1
expect "why of a size ends with what it was compared with" 0 "$cli" why "$demo" cable.inverter.feed+.size
contains out "Compared with"
contains out "50 mm"
expect "why of a moment's current" 0 "$cli" why "$demo" moment.noon.current.inverter.feed+
contains out "Kirchhoff"
expect "why of a reading" 0 "$cli" why "$demo" reading.on.main.1
contains out "E_high"
expect "the tables' folder is named before or behind the command" 1 "$cli" check "$demo" --data "$source/data"
contains out "W1 danger"
expect "a folder without tables" 2 "$cli" check "$demo" --data "$work"
expect "why of an unknown figure names those like it" 2 "$cli" why "$demo" inverter.feed+
contains err "cable.inverter.feed+.size"

# A misspelt key is told at whatever depth it stands; the exit code stays that of the findings.
python3 - "$demo" "$work/misspelt.spirk" <<'END'
import json, sys
plan = json.load(open(sys.argv[1]))
plan["colour"] = "white"
plan["gear"]["banks"][0]["cuont"] = 3
plan["appliances"][0]["uses"][0]["untli"] = 3
plan["amendments"] = [{"kind": "set_fuse", "conductor": "engine.feed+", "end": "from", "famliy": "anl", "rating_a": 60}]
json.dump(plan, open(sys.argv[2], "w"))
END
for command in check report; do
    "$cli" $command "$work/misspelt.spirk" >"$work/out" 2>"$work/err"
    for key in colour "gear.banks[bank].cuont" untli famliy; do
        contains err "$key"
    done
done

for kind in diagram lists sheet; do
    expect "export $kind pdf" 0 "$cli" export "$demo" $kind "$work/$kind.pdf"
    head -c 5 "$work/$kind.pdf" | grep -q '%PDF-' || { echo "FAILED: $kind.pdf"; failed=1; }
    expect "export $kind svg" 0 "$cli" export "$demo" $kind "$work/$kind.svg"
done
# Another program reads the pages and their words.
pages=$(pdfinfo "$work/sheet.pdf" | awk '/^Pages:/{print $2}')
[ "$pages" -ge 2 ] || { echo "FAILED: sheet.pdf has $pages pages"; failed=1; }
pdfinfo "$work/sheet.pdf" | grep -q 'A4' || { echo "FAILED: sheet.pdf is not A4"; failed=1; }
pdftotext "$work/sheet.pdf" - | grep -q 'First switch-on' || { echo "FAILED: words of sheet.pdf"; failed=1; }
for kind in parts cuts labels cables; do
    expect "export $kind" 0 "$cli" export "$demo" $kind "$work/$kind.csv"
    python3 -c "import csv,sys; rows = list(csv.reader(open(sys.argv[1], newline=''))); assert len(rows) > 10 and len({len(r) for r in rows}) == 1" "$work/$kind.csv" || failed=1
done
expect "export cables as JSON" 0 "$cli" export "$demo" cables "$work/cables.json"
python3 -c "import json,sys; rows = json.load(open(sys.argv[1])); assert len(rows) > 10 and all(r['load_a'] >= 0 for r in rows)" "$work/cables.json" || failed=1
expect "export of a report as CSV" 2 "$cli" export "$demo" report "$work/report.csv"
expect "export report" 0 "$cli" export "$demo" report "$work/report.json"
expect "export of an unknown kind" 2 "$cli" export "$demo" painting "$work/x.svg"
expect "export with a wrong ending" 2 "$cli" export "$demo" diagram "$work/x.doc"
expect "export into nowhere" 2 "$cli" export "$demo" parts /no/such/folder/x.csv
contains err "/no/such/folder"

expect "a missing file" 2 "$cli" check "$work/none.spirk"
contains err "none.spirk"
head -c 700 "$demo" >"$work/cut.spirk"
expect "a truncated file" 2 "$cli" check "$work/cut.spirk"
sed 's/"spirk_format": 3/"spirk_format": 99/' "$demo" >"$work/newer.spirk"
expect "a newer file" 2 "$cli" check "$work/newer.spirk"
contains err "newer version"
sed 's/"count": 3/"count": -3/' "$demo" >"$work/negative.spirk"
expect "a negative count" 2 "$cli" check "$work/negative.spirk"
contains err "gear.banks[0].count"
expect "no command" 2 "$cli"
expect "help" 0 "$cli" --help
exit $failed
