import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { missing, WorkLog } from '../../resources/js/work/worklog.js';

/** The same lines as core/tests/Work/LogTest folds. */
const { rows, logs } = JSON.parse(readFileSync(new URL('../../core/tests/Work/logs.json', import.meta.url)));

function course(same) {
    return {
        plan: 'this',
        place: [0, 0],
        same,
        turn: 0,
        rows: rows.map(([name], kind) => ({ name, kind })),
        kinds: rows.map(([, said, stitches]) => ({ said, groups: [[said, stitches, stitches]] })),
    };
}

for (const { told, same, entries, place, mends } of logs) {
    test(told, () => {
        const log = new WorkLog(course(same));
        // Some with the page, the rest later.
        log.add(entries.slice(0, 1));
        log.add(entries.slice(1));
        assert.deepEqual(log.place(), place);
        assert.deepEqual(Object.fromEntries(log.mends()), mends);
    });
}

test('what a device has and the server lost is sent once more', () => {
    const line = (device, number, turn, did = 'step', sent = true) => ({ device, number, turn, did, sent });
    const told = [line('b', 1, 2, 'mends'), line('a', 5, 5), line('a', 6, 6)];
    const kept = [
        line('a', 4, 4),
        line('a', 6, 6),
        line('a', 7, 7),
        line('a', 8, 8, 'mends'),
        line('a', 3, 3, 'step', false),
    ];
    // Older than what is told is there, though it is not told; what was never sent is sent whatever its turn.
    assert.deepEqual(
        missing(kept, told).map((one) => one.number),
        [7, 8, 3],
    );
    assert.deepEqual(missing(kept, []).length, 5);
});
