import { folding } from './folding.js';
import { solid } from './solid.js';
import { untilTaken } from './taken.js';
import { tell } from './tongue.js';

const PAUSE = 180;
/** While she walks through the ways of a part by the arrow keys, none of them is chosen yet, ms. */
const CHOOSING = 900;
const ARROWS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'];
const STATION = 'fescue-station';
/** Of what shows less than so much of itself nobody sees anything, pixels. */
const SLIVER = 24;

const isInSight = (region) => {
    const { top, bottom } = region.getBoundingClientRect();

    return top + SLIVER < window.innerHeight && bottom > SLIVER;
};

/** After the next frame is painted; where none is, a page in the background, soon. */
const painted = (then) => {
    let isDone = false;
    const once = () => {
        if (!isDone) {
            isDone = true;
            then();
        }
    };
    window.requestAnimationFrame(() => window.setTimeout(once));
    window.setTimeout(once, 100);
};

/** Redraws Plan in place as a value changes. Fields are never replaced, so focus and scroll stay where they are. */
export function plan() {
    const form = document.querySelector('[data-plan]');
    if (form === null) {
        return;
    }
    const saved = document.querySelector('[data-saved]');
    const stale = form.querySelector('[data-stale]');
    let timer = 0;
    let turn = 0;
    let drawn = 0;
    let sending = false;
    let walking = false;

    again();
    form.addEventListener('keydown', ({ key, target }) => {
        walking = ARROWS.includes(key) && target.matches('select, [type="radio"]');
    });
    form.addEventListener('pointerdown', () => {
        walking = false;
    });
    // A step back waits for what is still being kept, and comes back to the station that was open.
    document.addEventListener('submit', async (event) => {
        if (!event.target.matches('[data-step]')) {
            return;
        }
        event.preventDefault();
        if (form.dataset.unsent === 'yes') {
            await redraw();
        }
        window.sessionStorage.setItem(
            STATION,
            `${form.querySelector('details[data-station][open]')?.dataset.station ?? ''} ${window.scrollY}`,
        );
        form.dataset.unsent = 'no';
        event.target.submit();
    });

    // With a script every change is kept at once; the button remains for sending by hand.
    form.addEventListener('input', () => {
        window.clearTimeout(timer);
        turn++;
        // From the first letter on it is not kept: leaving now asks, and nothing says otherwise, not even an answer
        // still under way.
        form.dataset.unsent = 'yes';
        saved.textContent = tell('drawing…');
        timer = window.setTimeout(redraw, walking ? CHOOSING : PAUSE);
    });
    form.addEventListener('change', ({ target }) => {
        const part = target.closest('[data-ways]')?.dataset.ways;
        for (const way of form.querySelectorAll(`[data-way-of="${part}"]`)) {
            way.hidden = way.disabled = way.dataset.way !== target.value;
        }
    });
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        turn++;
        redraw();
    });
    window.addEventListener('beforeunload', (event) => {
        if (form.dataset.unsent === 'yes') {
            event.preventDefault();
        }
    });

    /** One request at a time: an older one that the server works on later would be kept over a newer. */
    async function redraw() {
        window.clearTimeout(timer);
        if (sending) {
            return;
        }
        const mine = turn;
        form.dataset.unsent = 'yes';
        saved.textContent = tell('drawing…');
        sending = true;
        try {
            await send(mine);
        } finally {
            sending = false;
        }
        if (mine !== turn) {
            await redraw();
        }
    }

    /** What another page changed meanwhile stands in its fields here, and where both did it is told. */
    function meet({ revision, elsewhere, met }) {
        form.elements.revision.value = revision;
        for (const [name, value] of Object.entries(elsewhere ?? {})) {
            for (const field of form.querySelectorAll(`[name="${CSS.escape(name)}"]`)) {
                if (field.type === 'radio') {
                    field.checked = field.value === value;
                } else if (field !== document.activeElement) {
                    field.value = value;
                }
            }
        }
        if (met !== '') {
            document.querySelector('[data-met]').innerHTML = met;
        }
    }

    async function send(mine) {
        let answer;
        try {
            answer = await untilTaken(
                form.action,
                {
                    method: 'POST',
                    body: new FormData(form),
                    headers: {
                        Accept: 'application/json',
                        'X-Requested-With': 'XMLHttpRequest',
                    },
                },
                () => mine === turn && say(tell('not kept yet: the shelf is away for a moment, and is asked again')),
            );
        } catch {
            return mine === turn && say(tell('Not kept: the network is away. Change anything to try again.'));
        }
        // What an older answer kept is kept: the next one goes on from that.
        const body = answer.status === 200 || answer.status === 422 ? await answer.json() : null;
        if (answer.ok && body.go) {
            form.dataset.unsent = 'no';
            window.location.assign(body.go);

            return;
        }
        if (answer.ok) {
            meet(body);
        }
        if (mine !== turn) {
            return;
        }
        if (answer.status === 401 || answer.status === 419) {
            return say(
                tell('Not kept: you were signed out. Open sign-in in another tab, then change anything to try again.'),
            );
        }
        if (answer.status !== 200 && answer.status !== 422) {
            return say(tell('Not kept: something broke. Change anything to try again.'));
        }
        stale.hidden = answer.ok;
        stale.textContent = tell('The drawing shows the last plan that works; mend what is marked at the left.');
        mark(body.errors ?? {});
        offer(body.ways ?? {});
        form.dataset.unsent = answer.ok ? 'no' : 'yes';
        if (answer.ok) {
            show(body, () => mine === turn && say(tell('kept just now')));
        } else {
            say(tell('not kept yet'));
        }
    }

    /** Where she was before a step. */
    function again() {
        const [station, scroll] = (window.sessionStorage.getItem(STATION) ?? '').split(' ');
        window.sessionStorage.removeItem(STATION);
        const one = station ? form.querySelector(`details[data-station="${station}"]`) : null;
        if (one !== null) {
            one.open = true;
            window.scrollTo(0, Number(scroll));
        }
    }

    function say(text) {
        saved.textContent = text;
    }

    /** What she sees is drawn first; what lies below waits until that is painted, and then it is told that all is. */
    function show({ regions, solved }, then) {
        const told = Object.entries(regions)
            .map(([name, html]) => [document.querySelector(`[data-region="${name}"]`), html])
            .filter(([region]) => region !== null);
        const inSight = told.filter(([region]) => isInSight(region));
        const mine = ++drawn;
        put(inSight);
        painted(() => {
            if (mine === drawn) {
                put(told.filter((one) => !inSight.includes(one)));
                then();
            }
        });
        for (const [name, text] of Object.entries(solved)) {
            for (const field of form.querySelectorAll(`[name="${name}"]:enabled`)) {
                field.placeholder = text;
            }
        }
    }

    function put(told) {
        for (const [region, html] of told) {
            region.innerHTML = html;
            folding(region);
            solid(region);
        }
    }

    /** Ways out of a refusal, a press each: they set a field of the form, and the drawing follows. */
    function offer(ways) {
        for (const old of form.querySelectorAll('.ways-out')) {
            old.remove();
        }
        for (const [field, list] of Object.entries(ways)) {
            const place = form.querySelector(`[data-wrong="${CSS.escape(field)}"]`);
            const offers = document.createElement('p');
            offers.className = 'ways-out';
            for (const { name, value, said } of list) {
                const press = document.createElement('button');
                press.type = 'button';
                press.className = 'btn btn-quiet';
                press.textContent = said;
                press.addEventListener('click', () => {
                    for (const one of form.querySelectorAll(`[name="${CSS.escape(name)}"]:enabled`)) {
                        if (one.type === 'radio') {
                            one.checked = one.value === value;
                        } else {
                            one.value = value;
                        }
                    }
                    form.dispatchEvent(new Event('input'));
                });
                offers.append(press);
            }
            place?.after(offers);
        }
    }

    function mark(errors) {
        const left = { ...errors };
        for (const place of form.querySelectorAll('[data-wrong]')) {
            const name = place.dataset.wrong;
            // Two ways of a part may have a field of one name: it is said at the one that is chosen.
            const aside = place.closest('fieldset:disabled') !== null;
            const message = aside ? '' : ([left[name]].flat()[0] ?? '');
            if (!aside) {
                delete left[name];
            }
            place.textContent = message;
            const field = form.querySelector(`[aria-describedby~="${CSS.escape(place.id)}"]`);
            if (place.id && field) {
                field.classList.toggle('is-invalid', message !== '');
                field.toggleAttribute('aria-invalid', message !== '');
                if (message !== '') {
                    field.setAttribute('aria-invalid', 'true');
                }
            }
            const station = place.closest('details');
            if (message !== '' && station && !form.querySelector('details[open] .is-invalid')) {
                station.open = true;
            }
        }
        // What belongs to no field on the page is still said.
        const rest = Object.values(left).flat();
        if (rest.length > 0) {
            stale.hidden = false;
            stale.textContent = rest.join(' ');
        }
    }
}
