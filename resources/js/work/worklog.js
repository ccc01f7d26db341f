/** The log's rules as the page needs them: the same order and the same place as the core folds (Work/Log). */
const PLACES = ['step', 'back', 'ripped', 'said'];

export function before(one, other) {
    return (
        one.turn - other.turn ||
        (one.device < other.device ? -1 : Number(one.device > other.device)) ||
        one.number - other.number
    );
}

/**
 * Of what is kept here, what the server has not: not sent yet, or lost there when a backup was put in its place. The
 * server tells its last lines, and of those before them mends and ripped rows alone.
 */
export function missing(kept, told) {
    const there = new Set(told.map((entry) => `${entry.device} ${entry.number}`));
    const from = told.find((entry) => entry.did !== 'mends' && entry.did !== 'ripped');

    return kept.filter(
        (entry) =>
            !there.has(`${entry.device} ${entry.number}`) &&
            (!entry.sent || from === undefined || before(from, entry) < 0),
    );
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

    /** Wrong counts that are mended in the row behind: by the place of the row counted, how many more it gives. */
    mends() {
        const mends = new Map();
        for (const entry of this.choices.toSorted(before)) {
            const row = this.byName.get(entry.row);
            if (row === undefined) {
                // Of a plan that had more rows.
                continue;
            }
            if (entry.did === 'mends') {
                mends.set(row, entry.counted);
                continue;
            }
            for (const kept of mends.keys()) {
                if (kept >= row + Number(entry.stitch >= this.stitches(row))) {
                    mends.delete(kept);
                }
            }
        }

        return new Map([...mends].filter(([, more]) => more !== 0));
    }

    /** [row, stitches done of it]; null where this plan has no such row, or is not known to be the same so far. */
    place() {
        if (this.last === null) {
            return this.course.place;
        }
        const row = this.byName.get(this.last.row);
        if (row === undefined) {
            return null;
        }
        const place = this.last.stitch >= this.stitches(row) ? [row + 1, 0] : [row, this.last.stitch];
        const fixed = place[0] + Number(place[1] > 0);

        return this.last.plan === this.course.plan || fixed <= (this.course.same[this.last.plan] ?? 0) ? place : null;
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

    /** Stitches from one place to another that lies ahead. */
    between([row, stitch], to) {
        let stitches = to[1] - stitch;
        for (let at = row; at < to[0]; at++) {
            stitches += this.stitches(at);
        }

        return stitches;
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

        return {
            row: this.rows[at].name,
            stitch: stitch === 0 && row > 0 ? this.stitches(at) : stitch,
        };
    }
}
