import { Asking } from './asking.js';
import { askCount, told } from './counting.js';
import { withoutBall } from './foretold.js';
import { Panes } from './panes.js';
import { awake, speak, tick } from './senses.js';
import { headers, Sending } from './sending.js';
import { Settings } from './settings.js';
import { Shelf } from './shelf.js';
import { Showing } from './showing.js';
import { WorkLog } from './worklog.js';
import { tell } from '../tongue.js';

/** What is said once the page has been loaded anew. */
const TOLD = 'fescue-told';
const LETTERS = 'abcdefghijkmnpqrstuvwxyz23456789';
const FORTH = [' ', 'Enter', 'ArrowRight', 'PageDown'];
const BACK = ['ArrowLeft', 'Backspace', 'PageUp'];

/** A name that no other page has: what is entered at one is told from what is entered at another. */
function nameOfDevice() {
    const letters = [...crypto.getRandomValues(new Uint8Array(9))].map((one) => LETTERS[one % LETTERS.length]);

    return letters.join('') + Date.now().toString(36).slice(-5);
}

/** Work: a tap is kept here first, shown at once, and sent when it can be. */
export function work() {
    const bench = document.querySelector('[data-work]');

    return bench === null ? null : new Bench(bench).begin();
}

class Bench {
    constructor(bench) {
        this.bench = bench;
        this.course = JSON.parse(bench.querySelector('[data-course]').textContent);
        this.figures = this.course.foretold;
        this.device = nameOfDevice();
        this.number = 0;
        /** Places that were stepped from here, so that a step back goes to just where she was. */
        this.mine = [];
        this.log = new WorkLog(this.course);
        this.log.add(this.course.entries);
        this.showing = new Showing(bench, this.course, this.log);
        this.asking = new Asking(this.find('ask'));
        this.settings = new Settings(bench, () => {
            this.draw();
            awake(this.settings.awake);
        });
        this.panes = new Panes(bench, {
            onOpen: (name, pane) => this.opening(name, pane),
        });
        const maker = document.querySelector('meta[name="maker"]').content;
        this.sending = new Sending(this.course, new Shelf(this.course.bag, maker), maker, {
            kept: (said) => this.showing.say('kept', said),
            heard: (body, sent) => this.heard(body, sent),
            changed: () => this.asking.changed(),
        });
    }

    async begin() {
        this.bench.dataset.scripted = '';
        for (const part of this.bench.querySelectorAll('[data-only-script]')) {
            part.hidden = false;
        }
        this.showing.tell(window.sessionStorage.getItem(TOLD));
        window.sessionStorage.removeItem(TOLD);
        if (this.bench.dataset.open !== '') {
            this.panes.open(this.bench.dataset.open);
        }
        this.find('go').hidden = this.find('back').hidden = false;
        this.draw();
        this.listen();
        this.sending.register();
        this.log.add(await this.sending.begin());
        this.draw();
        this.sending.send();
        awake(this.settings.awake);
    }

    find(name) {
        return this.bench.querySelector(`[data-${name}]`);
    }

    here() {
        return this.log.place() ?? [0, 0];
    }

    draw() {
        const place = this.log.place();
        if (place !== null) {
            this.showing.draw(place, this.settings.grain, this.figures);
        }
    }

    /** A line of the log: shown at once, kept by the browser, then sent. */
    enter(did, place, counted) {
        const entry = {
            device: this.device,
            number: ++this.number,
            turn: this.log.turn + 1,
            at: Date.now(),
            did,
            ...this.log.told(place),
            plan: this.course.plan,
            ...(counted === undefined ? {} : { counted }),
        };
        if (did === 'step') {
            this.mine.push(this.here());
        }
        this.log.add([entry]);
        this.draw();
        this.sending.add(entry);
    }

    go() {
        const from = this.here();
        if (this.log.place() === null || from[0] >= this.log.rows.length) {
            return;
        }
        const to = this.log.forward(from, this.settings.grain);
        const isRowDone = to[0] !== from[0];
        // A question that was not answered is of a row that lies behind.
        this.asking.hush();
        this.enter('step', to);
        if (this.settings.buzz) {
            navigator.vibrate?.(18);
        }
        if (this.settings.tick) {
            tick(isRowDone);
        }
        if (isRowDone) {
            this.askAfter(from[0]);
        }
        if (this.settings.aloud) {
            speak(this.find('does').textContent);
        }
        this.asking.rest(this.course.seconds * this.log.between(from, to), Number(this.settings.break));
    }

    back() {
        this.asking.hush();
        this.enter('back', this.mine.pop() ?? this.log.back(this.here(), this.settings.grain));
    }

    /** The count, where it is asked for, and then the tape, where it tells enough to plan the rest by. */
    askAfter(at) {
        const row = this.log.rows[at];
        const tape = () => row.taped && this.asking.tape(row, () => this.panes.open('measure'));
        if (this.asksCount(row)) {
            this.asking.count(
                row,
                this.counting(at, () => {
                    this.asking.hush();
                    tape();
                }),
            );
        } else {
            tape();
        }
    }

    /** Where people count, or oftener, or only where the count changes: as she chose. */
    asksCount(row) {
        const asks = {
            every: true,
            usual: row.counted,
            few: row.changes,
            none: false,
        };

        return !row.seam && asks[this.settings.checks];
    }

    /** What becomes of the count of a row. */
    counting(at, over) {
        return {
            counted: (many) => this.enter('counted', [at + 1, 0], many),
            mends: (more) => this.enter('mends', [at + 1, 0], more),
            ripped: () => {
                this.mine.length = 0;
                this.enter('ripped', [at, 0]);
            },
            done: over,
            ask: async (row, counted) => {
                const data = new FormData();
                data.set('row', row);
                data.set('counted', counted);
                try {
                    const answer = await fetch(this.course.count, {
                        method: 'POST',
                        body: data,
                        headers: headers(),
                    });

                    return answer.ok ? await answer.json() : null;
                } catch {
                    // Without a network she is told what is known here.
                    return null;
                }
            },
        };
    }

    /** What a sheet shows is of the row that was done last. */
    opening(name, pane) {
        const at = this.here()[0] - 1;
        const row = this.log.rows[at];
        if (name === 'count') {
            const box = pane.querySelector('[data-count]');
            if (row === undefined) {
                box.replaceChildren(told('', tell('Work a row first: it is counted at its end.')));
            } else {
                askCount(
                    box,
                    row,
                    this.counting(at, (right) =>
                        this.close(
                            right
                                ? tell('{n} at the end of {row}: written down.', {
                                      n: row.leaves,
                                      row: row.called,
                                  })
                                : tell('Written down.'),
                        ),
                    ),
                );
            }
        }
        this.draw();
    }

    /** A sheet has done what it is for. */
    close(said) {
        this.showing.tell(said);
        this.panes.close();
    }

    /** The ball in hand is used up, and another of the same strand goes on: known here before it is sent. */
    usedUp() {
        const row = this.log.rows[Math.min(this.here()[0], this.log.rows.length - 1)];
        this.figures = withoutBall(this.figures, this.here(), row.strand ?? 0);
        this.enter('used-up', this.here());
        this.close(
            tell('Written down: used up in {row}, and another goes on.', {
                row: row.called,
            }),
        );
    }

    ripped(field) {
        this.mine.length = 0;
        this.enter('ripped', [this.log.byName.get(field.value), 0]);
        this.asking.hush();
        this.close(
            tell('Ripped back to the beginning of {row}.', {
                row: field.selectedOptions[0].textContent,
            }),
        );
    }

    /** What the server is asked stands on what was done here: that is sent first, and its answer shown in the sheet. */
    async answered(form) {
        const pane = form.closest('dialog');
        if (this.sending.unsent.length > 0) {
            await this.sending.settled();
        }
        if (this.sending.unsent.length > 0) {
            const said = tell('This needs the network, and it is away: what you did and what you typed is kept here.');
            this.panes.answer(pane, said, true);

            return;
        }
        const page = await this.panes.send(form);
        if (page !== null) {
            this.refreshed(page);
        }
    }

    refreshed(page) {
        const fresh = JSON.parse(page.querySelector('[data-course]').textContent);
        const said = page.querySelector('[data-told]').textContent;
        if (fresh.plan !== this.course.plan) {
            window.sessionStorage.setItem(TOLD, said);
            window.location.reload();

            return;
        }
        const token = page.querySelector('meta[name="csrf-token"]').content;
        document.querySelector('meta[name="csrf-token"]').content = token;
        this.figures = fresh.foretold;
        this.sending.stands = fresh.stands;
        this.log.add(fresh.entries);
        this.draw();
        if (said !== '') {
            this.close(said);
        }
    }

    /** What the server has beside what was sent: another device may have gone on. */
    heard(body, sent) {
        this.course.same = { ...this.course.same, ...body.same };
        this.figures = body.foretold ?? this.figures;
        const own = new Set([this.device, ...sent.map((entry) => entry.device)]);
        const isOthers = ({ device, number }) => !own.has(device) && !this.log.known.has(`${device} ${number}`);
        const others = body.entries.filter(isOthers);
        const was = this.here();
        this.log.add(body.entries);
        const is = this.here();
        const isMoved = others.length > 0 && (was[0] !== is[0] || was[1] !== is[1]);
        if (isMoved) {
            this.mine.length = 0;
        }
        this.draw();
        if (isMoved) {
            this.asking.which(this.named(is), this.named(was), () => this.enter('said', was));
        }
    }

    named([row, stitch]) {
        const { called } = this.log.rows[Math.min(row, this.log.rows.length - 1)];

        return stitch > 0 ? tell('{row}, stitch {n}', { row: called, n: stitch }) : called;
    }

    listen() {
        this.find('go').addEventListener('click', () => this.go());
        this.find('back').addEventListener('click', () => this.back());
        this.bench.addEventListener('submit', (event) => this.submitted(event));
        document.addEventListener('keydown', (event) => this.pressed(event));
        window.addEventListener('online', () => this.sending.send());
        window.addEventListener('resize', () => this.draw());
        document.addEventListener('visibilitychange', () => {
            if (!document.hidden) {
                this.sending.send();
                awake(this.settings.awake);
            }
        });
    }

    submitted(event) {
        const form = event.target;
        const isUsedUp = form.matches('[data-used-up]') && form.elements.material_id.value === '';
        const does = form.matches('[data-rip]')
            ? () => this.ripped(form.elements.row)
            : isUsedUp
              ? () => this.usedUp()
              : form.matches('[data-answered]')
                ? () => this.answered(form)
                : null;
        if (does !== null) {
            event.preventDefault();
            does();
        }
    }

    pressed(event) {
        const isPress = event.target.closest('button, a, summary') !== null && [' ', 'Enter'].includes(event.key);
        const isTyped = event.target.closest('input, select, textarea') !== null;
        if (isPress || isTyped || this.panes.openNow() !== null || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (FORTH.includes(event.key)) {
            event.preventDefault();
            this.go();
        } else if (BACK.includes(event.key)) {
            event.preventDefault();
            this.back();
        }
    }
}
