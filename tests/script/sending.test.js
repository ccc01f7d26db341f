import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { Sending } from '../../resources/js/work/sending.js';

/** A shelf that keeps in memory, and can be told not to. */
class Kept {
    lines = new Map();
    isAway = false;

    async put(entries) {
        if (this.isAway) {
            throw new Error('away');
        }
        for (const entry of entries) {
            this.lines.set(`${entry.device} ${entry.number}`, entry);
        }
    }

    async all() {
        return [...this.lines.values()];
    }
}

/** A server that takes each line once, and is away as often as it is told to be. */
function server(answers = []) {
    const taken = new Map();
    const asked = [];
    globalThis.fetch = async (to, { body } = {}) => {
        const answer = answers.shift() ?? 200;
        if (answer === 'away') {
            throw new TypeError('network');
        }
        const { entries = [], seen } = body === undefined ? {} : JSON.parse(body);
        asked.push(entries.map((entry) => entry.number));
        if (answer === 200) {
            entries.forEach((entry) => taken.set(entry.number, entry));
        }

        return {
            ok: answer === 200,
            status: answer,
            json: async () => ({ seen: seen + 1, stands: 's', plan: 'p', entries: [], message: 'no such row' }),
            text: async () => '',
        };
    };

    return { taken, asked };
}

const entry = (number) => ({
    device: 'here',
    number,
    turn: number,
    at: number,
    did: 'step',
    row: 'r',
    stitch: 0,
    plan: 'p',
});
const course = { sync: '/sync', plan: 'p', entries: [], seen: 0, stands: '' };
let said = [];
let heard = 0;

function begun(shelf, entries = []) {
    return new Sending({ ...course, entries }, shelf, 'maker', {
        kept: (one) => said.push(one),
        heard: () => heard++,
        changed: () => assert.fail('the plan is the same'),
    });
}

async function over(sending) {
    for (let time = 0; time < 100 && (sending.isStoring || sending.isSending); time++) {
        await new Promise((resolve) => {
            setTimeout(resolve, 1);
        });
    }
}

beforeEach(() => {
    said = [];
    heard = 0;
    globalThis.document = { querySelector: () => ({ content: 'token' }) };
    // Timers are the test's: nothing is sent but when it says so.
    globalThis.window = { setTimeout: () => 1, clearTimeout: () => {}, location: { pathname: '/' } };
});

test('what is tapped while the network is away is sent once it is there, each once, in its order', async () => {
    const { taken, asked } = server(['away', 'away', 503]);
    const sending = begun(new Kept());
    await sending.begin();
    for (const number of [1, 2, 3]) {
        sending.add(entry(number));
    }
    await over(sending);
    for (let time = 0; time < 4; time++) {
        await sending.send();
    }
    assert.deepEqual([...taken.keys()], [1, 2, 3]);
    assert.deepEqual(asked, [
        [1, 2, 3],
        [1, 2, 3],
    ]);
    assert.deepEqual([sending.unsent, heard, said.at(-1)], [[], 1, 'kept, sent ✓']);
});

test('a page that is opened again sends what the one before kept and did not send, and nothing twice', async () => {
    const shelf = new Kept();
    const { taken } = server([200, 'away']);
    const first = begun(shelf);
    await first.begin();
    first.add(entry(1));
    await first.send();
    first.add(entry(2));
    await first.send();
    await over(first);
    const { asked } = server();
    const again = begun(shelf, [entry(1)]);
    again.add(entry(3));
    const kept = await again.begin();
    await again.send();
    assert.deepEqual([...taken.keys()], [1]);
    assert.deepEqual(asked, [[2, 3]]);
    assert.deepEqual(
        kept.map((one) => [one.number, 'sent' in one]),
        [
            [1, false],
            [2, false],
            [3, false],
        ],
    );
});

test('what the server never takes stays, and she is told; a browser that keeps nothing says so', async () => {
    const shelf = new Kept();
    shelf.isAway = true;
    const { asked } = server([422]);
    const sending = begun(shelf);
    await sending.begin();
    sending.add(entry(1));
    await over(sending);
    assert.equal(said.at(-1), 'not kept by this browser, 1 to send');
    await sending.send();
    await sending.send();
    assert.deepEqual(asked, [[1]]);
    assert.deepEqual([said.at(-1), sending.unsent.length], ['not taken: no such row', 1]);
});

test('five hundred go at a time', async () => {
    const { asked } = server();
    const sending = begun(new Kept());
    await sending.begin();
    for (let number = 1; number <= 700; number++) {
        sending.add(entry(number));
    }
    await over(sending);
    await sending.send();
    await sending.send();
    assert.deepEqual(
        asked.map((one) => one.length),
        [500, 200],
    );
});
