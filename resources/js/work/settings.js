const KEPT = 'fescue-work';
const AT_FIRST = {
    grain: 'row',
    look: 'dark',
    hand: 'right',
    break: '30',
    checks: 'usual',
    aloud: false,
    buzz: false,
    tick: false,
    awake: true,
};
/** Fields by what they set. */
const PICKED = {
    'look-pick': 'look',
    hand: 'hand',
    break: 'break',
    checks: 'checks',
};
const TICKED = ['aloud', 'buzz', 'tick', 'awake'];

/** How she works at this device: by row or by stitch, what is asked, heard and seen. Kept by the browser. */
export class Settings {
    /** @param {() => void} onChange once a setting is another */
    constructor(bench, onChange) {
        this.bench = bench;
        this.onChange = onChange;
        Object.assign(this, AT_FIRST, JSON.parse(window.localStorage.getItem(KEPT) ?? '{}'));
        this.dress();
        this.listen();
    }

    set(name, value) {
        this[name] = value;
        const all = Object.fromEntries(Object.keys(AT_FIRST).map((one) => [one, this[one]]));
        window.localStorage.setItem(KEPT, JSON.stringify(all));
        this.dress();
        this.onChange();
    }

    dress() {
        document.body.dataset.look = this.look;
        this.bench.dataset.hand = this.hand;
    }

    listen() {
        for (const one of this.bench.querySelectorAll('[name="grain"]')) {
            one.checked = one.value === this.grain;
            one.addEventListener('change', () => this.set('grain', one.value));
            one.addEventListener('click', ({ detail }) => {
                // Chosen by hand: the next key is a step again.
                if (detail > 0) {
                    this.bench.querySelector('[data-go]').focus({ preventScroll: true });
                }
            });
        }
        for (const [field, name] of Object.entries(PICKED)) {
            const one = this.bench.querySelector(`select[data-${field}]`);
            one.value = this[name];
            one.addEventListener('change', () => this.set(name, one.value));
        }
        for (const name of TICKED) {
            const one = this.bench.querySelector(`[data-${name}]`);
            one.checked = this[name];
            one.addEventListener('change', () => this.set(name, one.checked));
        }
    }
}
