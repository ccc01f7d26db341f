const SVG = 'http://www.w3.org/2000/svg';
const A_LINE = 40;
const LINES = 6;
const HIGH = 44;
const WIDEST = 24;

function drawn(name, attributes, text = '') {
    const one = document.createElementNS(SVG, name);
    for (const [key, value] of Object.entries(attributes)) {
        one.setAttribute(key, value);
    }
    one.textContent = text;

    return one;
}

/** Which of the groups are not the row's usual one: an increase, a chain over a slot. By their words. */
function unusual(groups) {
    const worked = new Map();
    for (const [said, stitches] of groups) {
        worked.set(said, (worked.get(said) ?? 0) + stitches);
    }
    const [usual] = [...worked].sort(([, one], [, other]) => other - one)[0] ?? [''];

    return groups.map(([said]) => said !== usual);
}

/**
 * The row in hand, every stitch a mark, in lines of as many counted stitches, so that halves are halves: what is done,
 * where she is, taller what is not as the rest, short what is not counted. At the end of a line stands the count there.
 *
 * @param {Array<[string, number, number]>} groups what is said of each, its stitches, and how many of them are counted
 * @param {number} done stitches of the row
 * @param {number} wide px
 */
export function tally(groups, done, wide) {
    const odd = unusual(groups);
    const all = groups.reduce((sum, [, , tops]) => sum + tops, 0);
    const lines = Math.min(LINES, Math.max(all > 12 ? 2 : 1, Math.ceil(all / A_LINE)));
    const inLine = Math.max(1, Math.ceil(all / lines));
    const drawnIn = Array.from({ length: lines }, () => []);
    let counted = 0;
    for (const [nth, [, stitches, tops]] of groups.entries()) {
        for (let one = 0; one < stitches; one++) {
            const line = Math.min(lines - 1, Math.floor(counted / inLine));
            drawnIn[line].push(one >= tops ? 8 : odd[nth] ? 30 : 20);
            counted += Number(one < tops);
        }
    }
    const step = Math.min(WIDEST, (wide - 40) / Math.max(...drawnIn.map((line) => line.length)));
    const picture = drawn('svg', {
        viewBox: `0 0 ${wide} ${lines * HIGH}`,
        width: wide,
        height: lines * HIGH,
    });
    const paths = { done: '', now: '', todo: '' };
    let stitch = 0;
    for (const [line, marks] of drawnIn.entries()) {
        for (const [nth, high] of marks.entries()) {
            const name = stitch < done ? 'done' : stitch === done ? 'now' : 'todo';
            paths[name] += `M${((nth + 0.5) * step).toFixed(1)} ${line * HIGH + 34}v${-high}`;
            stitch += 1;
        }
        const text = {
            x: (marks.length * step + 10).toFixed(1),
            y: line * HIGH + 30,
        };
        picture.append(drawn('text', text, String(Math.min(all, (line + 1) * inLine))));
    }
    for (const [name, d] of Object.entries(paths)) {
        picture.append(
            drawn('path', {
                d,
                class: name,
                'stroke-width': Math.max(0.8, Math.min(7, step * 0.55)).toFixed(1),
            }),
        );
    }

    return picture;
}
