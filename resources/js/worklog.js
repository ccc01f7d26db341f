/** The log's rules as the page needs them: the same order and the same place as the core folds (Work/Log). */
const PLACES = ['step', 'back', 'ripped', 'said'];

export function before(one, other) {
    return one.turn - other.turn || (one.device < other.device ? -1 : Number(one.device > other.device)) || one.number - other.number;
}

export class WorkLog {
    constructor(course) {
        this.course = course;
        this.rows = course.rows;
        this.byName = new Map(course.rows.map((row, at) => [row.name, at]));
        this.last = null;
        this.turn = course.turn;
        this.known = new Set();
        this.history = [];
        this.choices = [];
    }

    stitches(row) {
        return this.groups(row).reduce((sum, [, stitches]) => sum + stitches, 0);
    }

    groups(row) {
        return this.course.kinds[this.rows[row].kind].groups;
    }

    /** Lines of whatever device, in whatever order, each counted once. */
    add(entries) {
        for (const entry of entries) {
            const key = `${entry.device} ${entry.number}`;
            if (this.known.has(key)) {
                continue;
            }
            this.known.add(key);
            this.turn = Math.max(this.turn, entry.turn);
            if (entry.did === 'mends' || entry.did === 'ripped') {
                this.choices.push(entry);
            }
            if (PLACES.includes(entry.did) && (this.last === null || before(this.last, entry) < 0)) {
                this.last = entry;
            }
        }
    }

    /** By how many stitches a row gives more than it takes, to mend the count of the one before; 0 where it mends none. */
    mending(at) {
        const mends = new Map();
        for (const entry of this.choices.toSorted(before)) {
            const row = this.byName.get(entry.row);
            if (entry.did === 'mends') {
                mends.set(row, entry.counted);
            } else {
                for (const kept of mends.keys()) {
                    if (kept >= row + Number(entry.stitch >= this.stitches(row))) {
                        mends.delete(kept);
                    }
                }
            }
        }

        return mends.get(at - 1) ?? 0;
    }

    /** [row, stitches done of it]; null where this plan has no such row. */
    place() {
        if (this.last === null) {
            return this.course.place ?? [0, 0];
        }
        const row = this.byName.get(this.last.row);
        // Another plan, of which it is not known what is the same: she is asked.
        if (row === undefined || (this.last.plan !== this.course.plan && this.course.place === null)) {
            return null;
        }

        return this.last.stitch >= this.stitches(row) ? [row + 1, 0] : [row, this.last.stitch];
    }

    forward([row, stitch], grain) {
        if (row >= this.rows.length) {
            return [row, 0];
        }
        const all = this.stitches(row);
        let to = all;
        if (grain === 'stitch') {
            to = stitch + 1;
        } else if (grain === 'group') {
            to = 0;
            for (const [, stitches] of this.groups(row)) {
                to += stitches;
                if (to > stitch) {
                    break;
                }
            }
        }

        return to >= all ? [row + 1, 0] : [row, to];
    }

    back([row, stitch], grain) {
        const at = stitch === 0 ? row - 1 : row;
        if (at < 0) {
            return [0, 0];
        }
        const worked = stitch === 0 ? this.stitches(at) : stitch;
        if (grain === 'row') {
            return [at, 0];
        }
        if (grain === 'stitch') {
            return [at, worked - 1];
        }
        let begin = 0;
        let end = 0;
        for (const [, stitches] of this.groups(at)) {
            begin = end < worked ? end : begin;
            end += stitches;
        }

        return [at, begin];
    }

    /** The group in hand, which of them it is, and how many stitches of it are done. */
    inHand([row, stitch]) {
        let end = 0;
        const groups = this.groups(row);
        for (const [nth, [said, stitches]] of groups.entries()) {
            if (end + stitches > stitch) {
                return { said, stitches, nth, of: groups.length, done: stitch - end };
            }
            end += stitches;
        }

        return { said: '', stitches: 0, nth: 0, of: 0, done: 0 };
    }

    /** A place as a line of the log tells it: the end of a row is that row with all its stitches done. */
    told([row, stitch]) {
        const at = stitch === 0 && row > 0 ? row - 1 : Math.min(row, this.rows.length - 1);

        return { row: this.rows[at].name, stitch: stitch === 0 && row > 0 ? this.stitches(at) : stitch };
    }
}
