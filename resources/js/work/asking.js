import { askCount, press, told } from './counting.js';
import { tell } from '../tongue.js';

const LONGEST_PAUSE = 4 * 60_000;
/** As long again as she needs for what a tap covers is a pause. */
const SLOW = 2;

/** What is asked at the bench, in the one place there is for it. */
export class Asking {
    constructor(box) {
        this.box = box;
        this.worked = 0;
        this.tapped = 0;
    }

    hush() {
        this.box.hidden = true;
        this.box.replaceChildren();
    }

    ask(...parts) {
        this.box.replaceChildren(...parts);
        this.box.hidden = false;
    }

    count(row, on) {
        askCount(this.box, row, on);
        this.box.hidden = false;
    }

    tape(row, measure) {
        this.ask(
            told(
                tell('Lay the tape on it.'),
                tell('How high does it stand after {row}? What is left is planned by it.', { row: row.called }),
            ),
            press(tell('Write it down'), () => {
                this.hush();
                measure();
            }),
            press(tell('Not now'), () => this.hush()),
        );
    }

    /** Another device went on: where she is stays hers to say. */
    which(is, was, stay) {
        this.ask(
            told('', tell('Another device went on to {is}. Here it was {was}.', { is, was })),
            press(tell('That one is right'), () => this.hush()),
            press(tell('No: {was}', { was }), () => {
                stay();
                this.hush();
            }),
        );
    }

    changed() {
        const said = tell(
            'The plan was changed on another page. What you did is kept; look at the new plan and say where you are.',
        );
        this.ask(
            told('', said),
            press(tell('Show the new plan'), () => window.location.reload()),
        );
    }

    /**
     * A break, where she works for long: gaps that are longer than her stitches take are breaks already.
     *
     * @param {number} seconds that what was tapped takes her
     * @param {number} minutes until a break; 0 for none
     */
    rest(seconds, minutes) {
        const now = Date.now();
        const gap = now - this.tapped;
        this.worked = gap > Math.max(LONGEST_PAUSE, SLOW * 1000 * seconds) ? 0 : this.worked + gap;
        this.tapped = now;
        if (minutes > 0 && this.worked > minutes * 60_000) {
            this.worked = 0;
            const said = tell(
                'Open the hands, roll the shoulders. Tight bulky work strains them: a larger hook helps, and stop ' +
                    'when it hurts.',
            );
            this.ask(
                told(tell('A break?'), said),
                press(tell('On we go'), () => this.hush()),
            );
        }
    }
}
