import { missing } from './worklog.js';
import { tell } from '../tongue.js';

const A_SENDING = 500;
const AGAIN = 5000;
const FOLLOW = 15_000;

/** What a page sends with each question of its own. */
export function headers() {
    const token = document.querySelector('meta[name="csrf-token"]').content;

    return {
        Accept: 'application/json',
        'X-Requested-With': 'XMLHttpRequest',
        'X-CSRF-TOKEN': token,
    };
}

function bare({ device, number, turn, at, did, row, stitch, plan, counted }) {
    return {
        device,
        number,
        turn,
        at,
        did,
        row,
        stitch,
        plan,
        ...(counted === undefined ? {} : { counted }),
    };
}

const named = ({ device, number }) => `${device} ${number}`;

/** Lines of the log: kept by the browser first, then sent as soon as they can be, and what others did fetched. */
export class Sending {
    /**
     * @param {object} course the page's own: bag, sync, plan, seen, stands
     * @param {import('./shelf.js').Shelf} shelf
     * @param {string} maker whose device this is
     * @param {{kept: (said: string) => void, heard: (body: object, sent: object[]) => void,
     *          changed: () => void}} on
     */
    constructor(course, shelf, maker, on) {
        this.course = course;
        this.maker = maker;
        this.on = on;
        this.shelf = shelf;
        this.isShelved = true;
        this.isStoring = false;
        this.isSending = false;
        this.isStale = false;
        this.waiting = [];
        this.unsent = [];
        this.timer = 0;
        this.seen = course.seen;
        this.stands = course.stands;
    }

    /** @returns {Promise<object[]>} what this device kept of the bag */
    async begin() {
        try {
            const kept = await this.shelf.all();
            // What was tapped meanwhile is among it, or will be.
            const tapped = new Set(this.unsent.map(named));
            const before = missing(kept, this.course.entries).filter((entry) => !tapped.has(named(entry)));
            this.unsent = [...before.map(bare), ...this.unsent];

            return kept.map(bare);
        } catch {
            this.isShelved = false;

            return [];
        }
    }

    add(entry) {
        this.unsent.push(entry);
        this.waiting.push(entry);
        this.store();
        window.clearTimeout(this.timer);
        this.timer = window.setTimeout(() => this.send(), 300);
    }

    /** What was tapped is kept by the browser, all that waits at once: taps come faster than a disk writes. */
    async store() {
        if (this.isStoring) {
            return;
        }
        this.isStoring = true;
        while (this.waiting.length > 0) {
            await this.put(this.waiting.splice(0), false);
        }
        this.isStoring = false;
        this.tell();
    }

    async put(entries, sent) {
        try {
            await this.shelf.put(entries.map((entry) => ({ ...entry, sent })));
        } catch {
            this.isShelved = false;
        }
    }

    /** What is not sent yet, and what others did meanwhile; again later where the network is away. */
    async send() {
        window.clearTimeout(this.timer);
        if (this.isSending || this.isStale) {
            return;
        }
        this.isSending = true;
        let wait = AGAIN;
        try {
            wait = await this.sent(this.unsent.slice(0, A_SENDING));
        } catch {
            this.tell();
        } finally {
            this.isSending = false;
        }
        if (!this.isStale) {
            this.timer = window.setTimeout(() => this.send(), wait);
        }
    }

    /** @returns {Promise<number>} milliseconds until it is asked again */
    async sent(some) {
        const answer = await fetch(this.course.sync, {
            method: 'POST',
            body: JSON.stringify({
                entries: some,
                seen: this.seen,
                stands: this.stands,
            }),
            headers: { ...headers(), 'Content-Type': 'application/json' },
        });
        if (answer.ok) {
            await this.taken(some, await answer.json());

            return this.unsent.length > 0 ? 0 : FOLLOW;
        }
        if (answer.status === 419 || answer.status === 401) {
            // Whoever opens it next on this device is asked to sign in first.
            navigator.serviceWorker?.controller?.postMessage({ maker: '' });
            await this.again();
        } else if (answer.status === 422) {
            // What the server does not take it never will: it stays here, and she is told.
            this.on.kept(tell('not taken: {why}', { why: (await answer.json()).message }));
            this.isStale = true;
        } else {
            this.tell();
        }

        return AGAIN;
    }

    async taken(some, body) {
        await this.put(some, true);
        const sent = new Set(some.map(named));
        this.unsent = this.unsent.filter((entry) => !sent.has(named(entry)));
        this.seen = body.seen;
        this.stands = body.stands;
        this.on.heard(body, some);
        if (body.plan !== this.course.plan) {
            this.isStale = true;
            this.on.changed();
        }
        this.tell();
    }

    /** When what is under way is sent, and what waits behind it. */
    async settled() {
        for (let time = 0; time < 40 && this.isSending; time++) {
            await new Promise((resolve) => {
                setTimeout(resolve, 50);
            });
        }
        await this.send();
    }

    /** A page that was open for long has an old key: a new one is asked for. */
    async again() {
        try {
            const answer = await fetch(window.location.pathname, {
                headers: { Accept: 'text/html' },
            });
            const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
            const token =
                page.querySelector('[data-work]') === null ? null : page.querySelector('meta[name="csrf-token"]');
            if (token !== null) {
                document.querySelector('meta[name="csrf-token"]').content = token.content;
                this.introduce(navigator.serviceWorker?.controller);

                return;
            }
        } catch {
            // The network is away again.
        }
        this.on.kept(tell('kept on this device; sign in again and it is sent'));
    }

    tell() {
        const isKept = this.isStoring || this.waiting.length > 0 ? tell('keeping') : tell('kept on this device');
        const there = this.isShelved ? isKept : tell('not kept by this browser');
        this.on.kept(
            this.unsent.length === 0
                ? tell('kept, sent ✓')
                : tell('{there}, {n} to send', { there, n: this.unsent.length }),
        );
    }

    /** The keeper of pages is told whose page this is before it keeps any. */
    async register() {
        try {
            await navigator.serviceWorker?.register('/keeper.js');
            this.introduce((await navigator.serviceWorker?.ready)?.active);
        } catch {
            // Without one there is no page while the network is away.
        }
    }

    introduce(keeper) {
        keeper?.postMessage({ maker: this.maker });
    }
}
