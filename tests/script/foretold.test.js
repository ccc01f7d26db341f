import assert from 'node:assert/strict';
import { test } from 'node:test';
import { endsAt, foretold, withoutBall } from '../../resources/js/work/foretold.js';

const strand = {
    come: [1100, 1050, 1000, 950],
    left: [1200, 1150, 1100, 1050],
    off: [0, 3, 4, 5],
    out: { row: 'Round 2', place: 1 },
    whole: 0,
};

test('each row has its figures', () => {
    assert.deepEqual(foretold(strand, [0, 0]), { left: '1\u202F200 g', off: '', come: '1\u202F100 g', out: 'Round 2' });
    assert.deepEqual(foretold(strand, [2, 5]), {
        left: '1\u202F100 g',
        off: '± 4',
        come: '1\u202F000 g',
        out: 'any row now',
    });
    assert.deepEqual(foretold(strand, [3, 0]), { left: '1\u202F050 g', off: '± 5', come: '950 g', out: 'any row now' });
    // Behind the last, where a plan became shorter.
    assert.equal(foretold(strand, [9, 0]).come, '950 g');
});

test('of what was weighed later, or never, nothing is known', () => {
    assert.deepEqual(foretold({ ...strand, left: [null, null, 700, 650] }, [1, 0]), {
        left: '?',
        off: 'weigh it',
        come: '1\u202F050 g',
        out: '?',
    });
    assert.equal(foretold({ ...strand, whole: 2 }, [1, 0]).left, '1\u202F150 g');
    assert.equal(foretold({ ...strand, whole: 2 }, [1, 3]).left, '?');
    assert.equal(foretold({ ...strand, out: null }, [1, 0]).out, 'reaches');
});

test('an end is told from where it may come to where it likely does', () => {
    const figures = { strands: [strand], ends: [{ from: 2, to: 4, said: 'It ends.', ball: false }], minutes: '' };
    assert.deepEqual(
        [1, 2, 4, 5].map((row) => endsAt(figures, row).length),
        [0, 1, 1, 0],
    );
    // Used up without balls that are known: the strand's own end is over, and what goes on is to be weighed.
    const used = withoutBall(figures, [3, 7], 0);
    assert.deepEqual([endsAt(used, 3), used.strands[0].whole], [[], 4]);
});

test('a ball that is used up takes its own end with it, and the next one stays', () => {
    const ends = [
        { from: 2, to: 4, said: 'one', ball: true },
        { from: 6, to: 8, said: 'two', ball: true },
    ];
    const used = withoutBall({ strands: [strand], ends, minutes: '' }, [3, 0], 0);
    assert.deepEqual([endsAt(used, 3), endsAt(used, 7), used.strands[0].whole], [[], ['two'], 0]);
});
