import { tell } from '../tongue.js';

/** Grams as pages print them: thousands apart by a narrow space. */
function grams(many) {
    return `${String(many).replace(/\B(?=(\d{3})+$)/g, '\u202F')} g`;
}

/** The row that is begun next at a place: figures change between rows. */
function begun([row, stitch]) {
    return row + Number(stitch > 0);
}

/** Where a strand ends, from a place on. */
function runsOut(strand, rows, known) {
    if (!known) {
        return '?';
    }
    if (strand.out === null) {
        return tell('reaches');
    }

    return rows < strand.out.place + 1 ? strand.out.row : tell('any row now');
}

/**
 * What is foretold of a strand at a place, as the page says it.
 *
 * @param {{come: number[], left: Array<?number>, off: number[], out: ?{row: string, place: number},
 *          whole: number}} strand
 * @param {[number, number]} place
 */
export function foretold(strand, place) {
    const rows = Math.min(place[0], strand.come.length - 1);
    // Of a ball that nobody weighed nothing is known.
    const known = strand.left[rows] !== null && (strand.whole === 0 || begun(place) < strand.whole);

    return {
        left: known ? grams(strand.left[rows]) : '?',
        off: known ? (strand.off[rows] > 0 ? `± ${strand.off[rows]}` : '') : tell('weigh it'),
        come: grams(strand.come[rows]),
        out: runsOut(strand, rows, known),
    };
}

/** Writes it where it stands on the page, strand by strand; of one that is done with nothing more is said. */
export function foretell(part, figures, place) {
    for (const [which, strand] of figures.strands.entries()) {
        const line = part.querySelector(`[data-strand="${which}"]`);
        const said = foretold(strand, place);
        for (const one of line.querySelectorAll('[data-of]')) {
            one.textContent = said[one.dataset.of];
        }
        line.hidden = which > 0 && strand.come[Math.min(place[0], strand.come.length - 1)] === 0;
    }
    part.querySelector('[data-minutes]').textContent = figures.minutes;
    part.querySelector('.hours').hidden = figures.minutes === '0 min';
}

/** What is told of ends in the row in hand. */
export function endsAt(figures, row) {
    return figures.ends.filter((one) => one.from <= row && row <= one.to).map((one) => one.said);
}

/** She used a ball up, before anyone could be asked: what was told of its end is over. */
export function withoutBall(figures, [row, stitch], which) {
    const strands = figures.strands.map((one, nth) =>
        nth === which && !figures.ends.some((end) => end.ball) ? { ...one, whole: begun([row, stitch]) } : one,
    );
    const ball = figures.ends.filter((one) => one.ball && one.to >= row).toSorted((one, other) => one.to - other.to)[0];

    return {
        ...figures,
        strands,
        ends: figures.ends.filter((one) => one !== ball && (one.ball || one.to < row)),
    };
}
