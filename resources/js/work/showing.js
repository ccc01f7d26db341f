import { endsAt, foretell } from './foretold.js';
import { tally } from './tally.js';
import { tell } from '../tongue.js';

/** Rows whose marks are seen at once. */
const MARKS = 24;

/** What the bench shows of a place in the work. */
export class Showing {
    constructor(bench, course, log) {
        this.bench = bench;
        this.course = course;
        this.log = log;
    }

    find(name) {
        return this.bench.querySelector(`[data-${name}]`);
    }

    say(name, said) {
        this.find(name).textContent = said;
    }

    /** One line under the name: what has just been done. */
    tell(said) {
        this.say('told', said ?? '');
        this.find('told').hidden = !said;
    }

    /**
     * @param {[number, number]} place
     * @param {string} grain row, group or stitch
     * @param {object[]} figures that each strand is to weigh, as they stand
     */
    draw(place, grain, figures) {
        const [at, stitch] = place;
        if (at >= this.log.rows.length) {
            this.over();
        } else {
            this.row(place, grain);
        }
        const heeds = [...this.mending(at), ...(this.log.rows[at]?.heed ?? [])];
        this.lines([...heeds, ...(at < this.log.rows.length ? endsAt(figures, at) : [])]);
        this.marks(at);
        this.grow(at);
        const width = Math.round(this.find('tally').clientWidth);
        const groups = at < this.log.rows.length ? [tally(this.log.groups(at), stitch, width)] : [];
        this.find('tally').replaceChildren(...groups);
        this.after(this.log.rows[at - 1]);
        foretell(this.find('left'), figures, place);
    }

    over() {
        this.say('row', tell('All rows are done'));
        this.say('of', tell('Finish it: edges, ends, the load.'));
        for (const name of ['piece', 'does', 'whole', 'next']) {
            this.say(name, '');
        }
        this.say('go', tell('done'));
        this.find('go').disabled = true;
    }

    row([at, stitch], grain) {
        const row = this.log.rows[at];
        const group = this.log.inHand([at, stitch]);
        const isGroup = grain === 'stitch' && group.stitches > 1;
        const far = [
            isGroup ? tell('{nth} of {all}', { nth: group.done, all: group.stitches }) : '',
            stitch > 0 || grain !== 'row'
                ? tell('{nth} of {all} in this row', {
                      nth: stitch,
                      all: this.log.stitches(at),
                  })
                : '',
            tell('{n} at its end', { n: row.leaves }),
        ];
        this.say('row', row.called);
        this.say('piece', row.piece ?? '');
        this.say(
            'of',
            [tell('of {n} rows', { n: this.log.rows.length }), row.part, row.side].filter(Boolean).join(' · '),
        );
        this.say('does', grain === 'row' ? this.course.kinds[row.kind].said : group.said);
        this.find('how').hash = this.course.kinds[row.kind].how;
        this.say('whole', far.filter(Boolean).join(' · '));
        const stop = stitch === 0 && at > 0 ? tell('a good place to stop') : '';
        this.say('next', [this.next([at, stitch], grain), stop].filter(Boolean).join(' · '));
        this.say('go', grain === 'row' ? tell('{row} done', { row: row.called.toLowerCase() }) : tell('done'));
        this.find('go').disabled = false;
    }

    lines(heeds) {
        this.find('heed').replaceChildren(
            ...heeds.map((said) => {
                const line = document.createElement('li');
                line.textContent = said;

                return line;
            }),
        );
    }

    /** Rows that are done in colour, the row in hand lit. */
    grow(at) {
        for (const band of this.find('grows').querySelectorAll('[data-to]')) {
            const [from, to] = [Number(band.dataset.from), Number(band.dataset.to)];
            band.setAttribute('class', at > to ? 'done' : at >= from ? 'hand' : '');
        }
    }

    /** What the sheets ask is of the row that was done last. */
    after(last) {
        for (const field of this.bench.querySelectorAll('[data-after]')) {
            field.value = last?.name ?? '';
        }
        for (const said of this.bench.querySelectorAll('[data-after-said]')) {
            said.textContent = last?.called ?? tell('the first row');
        }
        for (const said of this.bench.querySelectorAll('[data-after-strand]')) {
            said.textContent = this.course.strands[last?.strand ?? 0];
        }
        for (const button of this.bench.querySelectorAll('[data-weigh] button')) {
            button.disabled = last === undefined;
        }
    }

    /** What she chose to do here about a count that was wrong. */
    mending(at) {
        const row = this.log.rows[at];
        const more = row === undefined ? 0 : (this.log.mends().get(at - 1) ?? 0);
        if (more === 0) {
            return [];
        }
        const does = tell(
            more < 0
                ? 'Work two together {n, plural, one {once, at a side where it does not show} other {# times, ' +
                      'half of them at each side}}: {leaves} again.'
                : 'Put two in one {n, plural, one {once, at a side where it does not show} other {# times, ' +
                      'half of them at each side}}: {leaves} again.',
            { n: Math.abs(more), leaves: this.log.rows[at - 1]?.leaves },
        );
        // The page knows of it already, where it was made since.
        const isKnown = (row.heed ?? []).some((one) => one.endsWith(does));

        return isKnown ? [] : [`${tell('Mend it here.')} ${does}`];
    }

    next(place, grain) {
        const to = this.log.forward(place, grain);
        const row = this.log.rows[to[0]];
        if (row === undefined) {
            return tell('then the last ends');
        }
        const special = row.special ? `: ${row.special}` : '';

        const said = to[1] === 0 ? `${row.called}${special}` : this.log.inHand(to).said.toLowerCase();

        return tell('then {next}', { next: said });
    }

    marks(at) {
        const { rows } = this.log;
        const near = rows.length <= MARKS ? 0 : Math.max(0, Math.min(at - 8, rows.length - MARKS));
        let named = -9;
        this.find('marks').replaceChildren(
            ...rows.slice(near, near + MARKS).map((row, nth) => {
                const mark = document.createElement('i');
                mark.className = near + nth < at ? 'done' : near + nth === at ? 'now' : '';
                // Two names side by side would run into each other.
                if (row.special && nth - named > 3) {
                    mark.dataset.named = row.special;
                    named = nth;
                }

                return mark;
            }),
        );
    }
}
