import { openDB } from 'idb';

/** What a device keeps of the work by itself, until it is sent: lines of the log in IndexedDB. */
const NAME = 'fescue-work';
const LINES = 'entries';
/** Kept when it is over, whatever becomes of the page. */
const STRICT = { durability: 'strict' };

function opened(name) {
    return openDB(name, 1, {
        upgrade(base) {
            base.createObjectStore(LINES, { keyPath: ['bag', 'device', 'number'] }).createIndex('bag', 'bag');
        },
    });
}

function writing(base, lines, writes) {
    const transaction = base.transaction(LINES, 'readwrite', STRICT);

    return Promise.all([...lines.map((line) => writes(transaction.store, line)), transaction.done]);
}

/** One maker's: named by a key that her signed-in pages alone give, so that nobody else's page opens it. */
export class Shelf {
    constructor(bag, maker) {
        this.bag = bag;
        this.base = this.moved(maker);
    }

    /** What an older version kept of this bag, for nobody in particular, comes to whoever's bag it is. */
    async moved(maker) {
        const base = await opened(`${NAME}-${maker}`);
        const old = await opened(NAME);
        const kept = await old.getAllFromIndex(LINES, 'bag', this.bag);
        if (kept.length > 0) {
            await writing(base, kept, (lines, line) => lines.put(line));
            await writing(old, kept, (lines, { bag, device, number }) => lines.delete([bag, device, number]));
        }
        old.close();

        return base;
    }

    async put(entries) {
        await writing(await this.base, entries, (lines, entry) => lines.put({ ...entry, bag: this.bag }));
    }

    /** All that is kept here of this bag. */
    async all() {
        return (await this.base).getAllFromIndex(LINES, 'bag', this.bag);
    }
}
