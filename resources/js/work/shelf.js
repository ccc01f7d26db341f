/** What a device keeps of the work by itself, until it is sent: lines of the log in IndexedDB. */
const NAME = 'fescue-work';

function opened(name) {
    return new Promise((resolve, reject) => {
        const ask = indexedDB.open(name, 1);
        ask.onupgradeneeded = () => {
            ask.result.createObjectStore('entries', { keyPath: ['bag', 'device', 'number'] }).createIndex('bag', 'bag');
        };
        ask.onsuccess = () => resolve(ask.result);
        ask.onerror = () => reject(ask.error);
    });
}

function answered(ask) {
    return new Promise((resolve, reject) => {
        ask.onsuccess = () => resolve(ask.result);
        ask.onerror = () => reject(ask.error);
    });
}

function done(transaction) {
    return new Promise((resolve, reject) => {
        transaction.oncomplete = () => resolve();
        transaction.onerror = () => reject(transaction.error);
        transaction.onabort = () => reject(transaction.error);
    });
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
        const lines = old.transaction('entries', 'readwrite').objectStore('entries');
        const kept = await answered(lines.index('bag').getAll(this.bag));
        if (kept.length > 0) {
            const transaction = base.transaction('entries', 'readwrite', { durability: 'strict' });
            for (const entry of kept) {
                transaction.objectStore('entries').put(entry);
            }
            await done(transaction);
            const gone = old.transaction('entries', 'readwrite');
            for (const { bag, device, number } of kept) {
                gone.objectStore('entries').delete([bag, device, number]);
            }
            await done(gone);
        }
        old.close();

        return base;
    }

    /** Kept when this is over, whatever becomes of the page. */
    async put(entries) {
        const transaction = (await this.base).transaction('entries', 'readwrite', { durability: 'strict' });
        for (const entry of entries) {
            transaction.objectStore('entries').put({ ...entry, bag: this.bag });
        }

        return done(transaction);
    }

    /** All that is kept here of this bag. */
    async all() {
        const index = (await this.base).transaction('entries').objectStore('entries').index('bag');

        return answered(index.getAll(this.bag));
    }
}
