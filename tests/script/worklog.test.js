import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { WorkLog } from '../../resources/js/work/worklog.js';

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
