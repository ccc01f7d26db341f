import { askCount, press, told } from './counting.js';
import { endsAt, foretell, withoutBall } from './foretold.js';
import { Panes } from './panes.js';
import { Shelf } from './shelf.js';
import { tally } from './tally.js';
import { missing, WorkLog } from './worklog.js';

const A_SENDING = 500;
const AGAIN = 5000;
const FOLLOW = 15000;
const LONGEST_PAUSE = 4 * 60_000;
/** As long again as she needs for what a tap covers is a pause. */
const SLOW = 2;
/** What is said once the page has been loaded anew. */
const TOLD = 'fescue-told';

/** Work: a tap is kept here first, shown at once, and sent when it can be. */
export async function work() {
    const bench = document.querySelector('[data-work]');
    if (bench === null) {
        return;
    }
    const course = JSON.parse(bench.querySelector('[data-course]').textContent);
    const find = (name) => bench.querySelector(`[data-${name}]`);
    const log = new WorkLog(course);
    const maker = document.querySelector('meta[name="maker"]').content;
    const shelf = new Shelf(course.bag, maker);
    const device = [...crypto.getRandomValues(new Uint8Array(9))].map((one) => 'abcdefghijkmnpqrstuvwxyz23456789'[one % 32]).join('') + Date.now().toString(36).slice(-5);
    const mine = [];
    const waiting = [];
    let storing = false;
    let shelved = true;
    let working = 0;
    let tapped = 0;
    let lock = null;
    let number = 0;
    let unsent = [];
    let seen = course.seen;
    let sending = false;
    let timer = 0;
    let stale = false;
    let sound = null;
    let figures = course.foretold;
    let stands = course.stands;
    const settings = remembered();
    const panes = new Panes(bench, { onOpen: opening });

    log.add(course.entries);
    bench.dataset.scripted = '';
    for (const part of bench.querySelectorAll('[data-only-script]')) {
        part.hidden = false;
    }
    tell(window.sessionStorage.getItem(TOLD));
    window.sessionStorage.removeItem(TOLD);
    if (bench.dataset.open !== '') {
        panes.open(bench.dataset.open);
    }
    find('go').hidden = find('back').hidden = false;
    draw();
    listen();
    register();
    try {
        const kept = await shelf.all();
        unsent = missing(kept, course.entries).map(bare);
        log.add(kept.map(bare));
    } catch {
        shelved = false;
    }
    draw();
    send();
    awake();

    function bare({ device: by, number: nth, turn, at, did, row, stitch, plan, counted }) {
        return { device: by, number: nth, turn, at, did, row, stitch, plan, ...(counted === undefined ? {} : { counted }) };
    }

    function here() {
        return log.place() ?? [0, 0];
    }

    /** A line of the log: shown at once, kept by the browser, then sent. */
    function enter(did, place, counted) {
        const entry = {
            device,
            number: ++number,
            turn: log.turn + 1,
            at: Date.now(),
            did,
            ...log.told(place),
            plan: course.plan,
            ...(counted === undefined ? {} : { counted }),
        };
        if (did === 'step') {
            mine.push(here());
        }
        log.add([entry]);
        unsent.push(entry);
        draw();
        waiting.push(entry);
        store();
        window.clearTimeout(timer);
        timer = window.setTimeout(send, 300);
    }

    /** What was tapped is kept by the browser, all that waits at once: taps come faster than a disk writes. */
    async function store() {
        if (storing) {
            return;
        }
        storing = true;
        while (waiting.length > 0) {
            const some = waiting.splice(0);
            try {
                await shelf.put(some.map((entry) => ({ ...entry, sent: false })));
            } catch {
                shelved = false;
            }
        }
        storing = false;
        kept();
    }

    function go() {
        const from = here();
        if (log.place() === null || from[0] >= log.rows.length) {
            return;
        }
        const to = log.forward(from, settings.grain);
        // A question that was not answered is of a row that lies behind.
        hush();
        enter('step', to);
        if (settings.buzz) {
            navigator.vibrate?.(18);
        }
        if (settings.tick) {
            tick(to[0] !== from[0]);
        }
        if (to[0] !== from[0]) {
            const row = log.rows[from[0]];
            if (asksCount(row)) {
                const box = find('ask');
                askCount(box, row, counting(from[0], () => {
                    hush();
                    askTape(row);
                }));
                box.hidden = false;
            } else {
                askTape(row);
            }
        }
        say();
        rest(log.between(from, to));
    }

    /** Where people count, or oftener, or only where the count changes: as she chose. */
    function asksCount(row) {
        return row.part !== 'seams' && { every: true, usual: row.counted, few: row.changes, none: false }[settings.checks];
    }

    /** A dry short click; a longer one at the end of a row. */
    function tick(end) {
        sound ??= new AudioContext();
        const from = sound.currentTime;
        const tone = sound.createOscillator();
        const loud = sound.createGain();
        tone.frequency.value = end ? 660 : 1100;
        loud.gain.setValueAtTime(0.2, from);
        loud.gain.exponentialRampToValueAtTime(0.001, from + (end ? 0.16 : 0.05));
        tone.connect(loud).connect(sound.destination);
        tone.start(from);
        tone.stop(from + 0.2);
    }

    /** The tape, where it tells enough to plan the rest by. */
    function askTape(row) {
        if (!row.taped) {
            return;
        }
        const box = find('ask');
        box.replaceChildren(
            told('Lay the tape on it.', `How high does it stand after ${row.called}? What is left is planned by it.`),
            press('Write it down', () => {
                hush();
                panes.open('measure');
            }),
            press('Not now', hush),
        );
        box.hidden = false;
    }

    /** What becomes of the count of a row. */
    function counting(at, over) {
        return {
            counted: (many) => enter('counted', [at + 1, 0], many),
            mends: (more) => enter('mends', [at + 1, 0], more),
            ripped: () => {
                mine.length = 0;
                enter('ripped', [at, 0]);
            },
            done: over,
            ask: async (row, counted) => {
                const data = new FormData();
                data.set('row', row);
                data.set('counted', counted);
                try {
                    const answer = await fetch(course.count, { method: 'POST', body: data, headers: headers() });

                    return answer.ok ? await answer.json() : null;
                } catch {
                    // Without a network she is told what is known here.
                    return null;
                }
            },
        };
    }

    /** What a sheet shows is of the row that was done last. */
    function opening(name, pane) {
        const at = here()[0] - 1;
        const row = log.rows[at];
        if (name === 'count') {
            const box = pane.querySelector('[data-count]');
            if (row === undefined) {
                box.replaceChildren(told('', 'Work a row first: it is counted at its end.'));
            } else {
                askCount(box, row, counting(at, (right) => {
                    tell(right ? `${row.leaves} at the end of ${row.called}: written down.` : 'Written down.');
                    panes.close();
                }));
            }
        }
        draw();
    }

    /** One line under the name: what has just been done. */
    function tell(said) {
        find('told').textContent = said ?? '';
        find('told').hidden = !said;
    }

    function back() {
        hush();
        // One step too many is taken back to just where it was.
        const to = mine.pop() ?? log.back(here(), settings.grain);
        enter('back', to);
    }

    function draw() {
        const place = log.place();
        if (place === null) {
            return;
        }
        const [at, stitch] = place;
        const row = log.rows[at];
        const all = at >= log.rows.length;
        find('row').textContent = all ? 'All rows are done' : row.called;
        find('piece').textContent = all ? '' : row.piece ?? '';
        find('of').textContent = all ? 'Finish it: edges, ends, the load.' : [`of ${log.rows.length} rows`, row.part, row.side].filter(Boolean).join(' · ');
        const group = all ? null : log.inHand(place);
        const whole = all ? '' : course.kinds[row.kind].said;
        find('does').textContent = all ? '' : (settings.grain === 'row' ? whole : group.said);
        const count = settings.grain === 'stitch' && group !== null && group.stitches > 1 ? `${group.done} of ${group.stitches} · ` : '';
        const far = stitch > 0 || settings.grain !== 'row' ? `${count}${stitch} of ${all ? 0 : log.stitches(at)} in this row, ` : '';
        find('whole').textContent = all ? '' : `${far}${row.leaves} at its end`;
        const ends = all ? [] : endsAt(figures, at);
        find('heed').replaceChildren(...[...mending(at), ...(all ? [] : row.heed ?? []), ...ends].map((said) => {
            const line = document.createElement('li');
            line.textContent = said;

            return line;
        }));
        find('next').textContent = all ? '' : `${next(place)}${stitch === 0 && at > 0 ? ' · a good place to stop' : ''}`;
        find('go').textContent = all ? 'done' : settings.grain === 'row' ? `${row.called.toLowerCase()} done` : 'done';
        find('go').disabled = all;
        marks(at);
        find('tally').replaceChildren(...(all ? [] : [tally(log.groups(at), stitch, Math.round(find('tally').clientWidth))]));
        const last = log.rows[at - 1];
        for (const field of bench.querySelectorAll('[data-after]')) {
            field.value = last?.name ?? '';
        }
        for (const said of bench.querySelectorAll('[data-after-said]')) {
            said.textContent = last?.called ?? 'the first row';
        }
        for (const said of bench.querySelectorAll('[data-after-strand]')) {
            said.textContent = course.strands[last?.strand ?? 0];
        }
        for (const button of bench.querySelectorAll('[data-weigh] button')) {
            button.disabled = last === undefined;
        }
        foretell(find('left'), figures, place);
    }

    /** What she chose to do here about a count that was wrong. */
    function mending(at) {
        const more = at >= log.rows.length ? 0 : log.mends().get(at - 1) ?? 0;
        const many = Math.abs(more);

        const does = `${more < 0 ? 'ork two together' : 'ut two in one'} ${many === 1 ? 'once, at a side where it does not show' : `${many} times, half of them at each side`}: ${log.rows[at - 1]?.leaves} again.`;

        // The page knows of it already, where it was made since.
        return more === 0 || (log.rows[at].heed ?? []).some((one) => one.endsWith(does)) ? [] : [`Mend it here. ${more < 0 ? 'W' : 'P'}${does}`];
    }

    function next(place) {
        const to = log.forward(place, settings.grain);
        const row = log.rows[to[0]];
        if (row === undefined) {
            return 'then the last ends';
        }

        return to[1] === 0 ? `then ${row.called}${row.special ? `: ${row.special}` : ''}` : `then ${log.inHand(to).said.toLowerCase()}`;
    }

    function marks(at) {
        const near = log.rows.length <= 24 ? 0 : Math.max(0, Math.min(at - 8, log.rows.length - 24));
        let named = -9;
        find('marks').replaceChildren(...log.rows.slice(near, near + 24).map((row, nth) => {
            const mark = document.createElement('i');
            mark.className = near + nth < at ? 'done' : (near + nth === at ? 'now' : '');
            // Two names side by side would run into each other.
            if (row.special && nth - named > 3) {
                mark.dataset.named = row.special;
                named = nth;
            }

            return mark;
        }));
    }

    function hush() {
        find('ask').hidden = true;
        find('ask').replaceChildren();
    }

    function headers() {
        return { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest', 'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content };
    }

    /** What is not sent yet, and what others did meanwhile; again later where the network is away. */
    async function send() {
        window.clearTimeout(timer);
        if (sending || stale) {
            return;
        }
        sending = true;
        let wait = FOLLOW;
        const some = unsent.slice(0, A_SENDING);
        try {
            const answer = await fetch(course.sync, {
                method: 'POST',
                body: JSON.stringify({ entries: some, seen, stands }),
                headers: { ...headers(), 'Content-Type': 'application/json' },
            });
            if (answer.ok) {
                const body = await answer.json();
                await shelf.put(some.map((entry) => ({ ...entry, sent: true }))).catch(() => {
                    shelved = false;
                });
                const sent = new Set(some.map((entry) => `${entry.device} ${entry.number}`));
                unsent = unsent.filter((entry) => !sent.has(`${entry.device} ${entry.number}`));
                seen = body.seen;
                course.same = { ...course.same, ...body.same };
                figures = body.foretold ?? figures;
                stands = body.stands;
                hear(body.entries, some);
                if (body.plan !== course.plan) {
                    stale = true;
                    changed();
                }
                wait = unsent.length > 0 ? 0 : FOLLOW;
                kept();
            } else if (answer.status === 419 || answer.status === 401) {
                wait = AGAIN;
                // Whoever opens it next on this device is asked to sign in first.
                navigator.serviceWorker?.controller?.postMessage({ maker: '' });
                await again();
            } else if (answer.status === 422) {
                // What the server does not take it never will: it stays here, and she is told.
                kept(`not taken: ${(await answer.json()).message}`);
                stale = true;
            } else {
                wait = AGAIN;
                kept();
            }
        } catch {
            wait = AGAIN;
            kept();
        } finally {
            sending = false;
        }
        if (!stale) {
            timer = window.setTimeout(send, wait);
        }
    }

    /** The ball in hand is used up, and another of the same strand goes on: known here before it is sent. */
    function usedUp() {
        const [at] = here();
        const row = log.rows[Math.min(at, log.rows.length - 1)];
        figures = withoutBall(figures, here(), row.strand ?? 0);
        enter('used-up', here());
        tell(`Written down: used up in ${row.called}, and another goes on.`);
        panes.close();
    }

    /** What the server is asked stands on what was done here: that is sent first, and its answer shown in the sheet. */
    async function answered(form) {
        const pane = form.closest('dialog');
        if (unsent.length > 0) {
            await settled();
        }
        if (unsent.length > 0) {
            panes.answer(pane, 'This needs the network, and it is away: what you did and what you typed is kept here.', true);

            return;
        }
        const page = await panes.send(form);
        if (page === null) {
            return;
        }
        const fresh = JSON.parse(page.querySelector('[data-course]').textContent);
        const said = page.querySelector('[data-told]').textContent;
        if (fresh.plan !== course.plan) {
            window.sessionStorage.setItem(TOLD, said);
            window.location.reload();

            return;
        }
        document.querySelector('meta[name="csrf-token"]').content = page.querySelector('meta[name="csrf-token"]').content;
        figures = fresh.foretold;
        stands = fresh.stands;
        log.add(fresh.entries);
        draw();
        if (said !== '') {
            tell(said);
            panes.close();
        }
    }

    /** When what is under way is sent, and what waits behind it. */
    async function settled() {
        for (let time = 0; time < 40 && sending; time++) {
            await new Promise((resolve) => {
                setTimeout(resolve, 50);
            });
        }
        await send();
    }

    /** Another device went on: it is said, and where she is stays hers to say. */
    function hear(entries, some) {
        const own = new Set([device, ...some.map((entry) => entry.device)]);
        const others = entries.filter((entry) => !own.has(entry.device) && !log.known.has(`${entry.device} ${entry.number}`));
        const was = here();
        log.add(entries);
        const is = here();
        if (others.length === 0 || (was[0] === is[0] && was[1] === is[1])) {
            return draw();
        }
        mine.length = 0;
        draw();
        const box = find('ask');
        const named = ([row, stitch]) => `${log.rows[Math.min(row, log.rows.length - 1)].called}${stitch > 0 ? `, stitch ${stitch}` : ''}`;
        box.replaceChildren(
            told('', `Another device went on to ${named(is)}. Here it was ${named(was)}.`),
            press('That one is right', hush),
            press(`No: ${named(was)}`, () => {
                enter('said', was);
                hush();
            }),
        );
        box.hidden = false;
    }

    function changed() {
        const box = find('ask');
        box.replaceChildren(
            told('', 'The plan was changed on another page. What you did is kept; look at the new plan and say where you are.'),
            press('Show the new plan', () => window.location.reload()),
        );
        box.hidden = false;
    }

    /** A page that was open for long has an old key: a new one is asked for. */
    async function again() {
        try {
            const answer = await fetch(window.location.pathname, { headers: { Accept: 'text/html' } });
            const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
            const token = page.querySelector('[data-work]') === null ? null : page.querySelector('meta[name="csrf-token"]');
            if (token !== null) {
                document.querySelector('meta[name="csrf-token"]').content = token.content;
                navigator.serviceWorker?.controller?.postMessage({ maker });

                return;
            }
        } catch {
            // The network is away again.
        }
        kept('kept on this device; sign in again and it is sent');
    }

    function kept(said) {
        const there = shelved ? (storing || waiting.length > 0 ? 'keeping' : 'kept on this device') : 'not kept by this browser';
        find('kept').textContent = said ?? (unsent.length === 0 ? 'kept, sent ✓' : `${there}, ${unsent.length} to send`);
    }

    function say() {
        if (settings.aloud && 'speechSynthesis' in window) {
            window.speechSynthesis.cancel();
            window.speechSynthesis.speak(new SpeechSynthesisUtterance(find('does').textContent));
        }
    }

    /** A break, where she works for long: gaps that are longer than her stitches take are breaks already. */
    function rest(stitches) {
        const now = Date.now();
        const gap = now - tapped;
        working = gap > Math.max(LONGEST_PAUSE, SLOW * 1000 * course.seconds * stitches) ? 0 : working + gap;
        tapped = now;
        if (Number(settings.break) > 0 && working > Number(settings.break) * 60_000) {
            working = 0;
            const box = find('ask');
            box.replaceChildren(
                told('A break?', 'Open the hands, roll the shoulders. Tight bulky work strains them: a larger hook helps, and stop when it hurts.'),
                press('On we go', hush),
            );
            box.hidden = false;
        }
    }

    function remembered() {
        const stored = JSON.parse(window.localStorage.getItem('fescue-work') ?? '{}');

        return { grain: 'row', look: 'dark', hand: 'right', break: '30', checks: 'usual', aloud: false, buzz: false, tick: false, awake: true, ...stored };
    }

    function set(name, value) {
        settings[name] = value;
        window.localStorage.setItem('fescue-work', JSON.stringify(settings));
        dress();
        draw();
    }

    function dress() {
        document.body.dataset.look = settings.look;
        bench.dataset.hand = settings.hand;
    }

    function listen() {
        dress();
        find('go').addEventListener('click', go);
        find('back').addEventListener('click', back);
        for (const one of bench.querySelectorAll('[name="grain"]')) {
            one.checked = one.value === settings.grain;
            one.addEventListener('change', () => set('grain', one.value));
            one.addEventListener('click', ({ detail }) => {
                // Chosen by hand: the next key is a step again.
                if (detail > 0) {
                    find('go').focus({ preventScroll: true });
                }
            });
        }
        for (const [field, name] of [['look-pick', 'look'], ['hand', 'hand'], ['break', 'break'], ['checks', 'checks']]) {
            const one = bench.querySelector(`select[data-${field}]`);
            one.value = settings[name];
            one.addEventListener('change', () => set(name, one.value));
        }
        for (const name of ['aloud', 'buzz', 'tick', 'awake']) {
            find(name).checked = settings[name];
            find(name).addEventListener('change', ({ target }) => {
                set(name, target.checked);
                awake();
            });
        }
        bench.addEventListener('submit', (event) => {
            const form = event.target;
            if (form.matches('[data-rip]')) {
                event.preventDefault();
                mine.length = 0;
                enter('ripped', [log.byName.get(form.elements.row.value), 0]);
                hush();
                tell(`Ripped back to the beginning of ${form.elements.row.selectedOptions[0].textContent}.`);
                panes.close();
            } else if (form.matches('[data-used-up]') && form.elements.material_id.value === '') {
                event.preventDefault();
                usedUp();
            } else if (form.matches('[data-answered]')) {
                event.preventDefault();
                answered(form);
            }
        });
        document.addEventListener('keydown', (event) => {
            const pressed = event.target.closest('button, a, summary') !== null && [' ', 'Enter'].includes(event.key);
            if (pressed || panes.openNow() !== null || event.target.closest('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey) {
                return;
            }
            if ([' ', 'Enter', 'ArrowRight', 'PageDown'].includes(event.key)) {
                event.preventDefault();
                go();
            } else if (['ArrowLeft', 'Backspace', 'PageUp'].includes(event.key)) {
                event.preventDefault();
                back();
            }
        });
        window.addEventListener('online', send);
        window.addEventListener('resize', draw);
        document.addEventListener('visibilitychange', () => {
            if (!document.hidden) {
                send();
                awake();
            }
        });
    }

    async function awake() {
        try {
            if (settings.awake && !document.hidden) {
                lock ??= await navigator.wakeLock?.request('screen') ?? null;
                lock?.addEventListener('release', () => {
                    lock = null;
                });
            } else {
                await lock?.release();
                lock = null;
            }
        } catch {
            lock = null;
        }
    }

    /** The keeper is told whose page this is before it keeps any. */
    async function register() {
        try {
            await navigator.serviceWorker?.register('/keeper.js');
            const ready = await navigator.serviceWorker?.ready;
            ready?.active.postMessage({ maker });
        } catch {
            // Without one there is no page while the network is away.
        }
    }
}
