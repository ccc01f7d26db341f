/** What a device keeps of the work by itself, until it is sent: lines of the log in IndexedDB. */
const NAME = 'fescue-work';

function opened() {
    return new Promise((resolve, reject) => {
        const ask = indexedDB.open(NAME, 1);
        ask.onupgradeneeded = () => {
            ask.result.createObjectStore('entries', { keyPath: ['bag', 'device', 'number'] }).createIndex('bag', 'bag');
        };
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

export class Shelf {
    constructor(bag) {
        this.bag = bag;
        this.base = opened();
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

        return new Promise((resolve, reject) => {
            const ask = index.getAll(this.bag);
            ask.onsuccess = () => resolve(ask.result);
            ask.onerror = () => reject(ask.error);
        });
    }
}
