import { asking } from './asking.js';

const PAUSE = 120;

// What no longer holds where something else is said: a strand of her own has its thickness, another kind its own.
const SETTLES = {
    kind: ['material_id', 'thick', 'hook'],
    bar: ['material_id'],
    thick: ['material_id'],
    material_id: ['thick'],
    hook: ['swatch_id'],
    swatch_id: ['hook'],
};

/** The start: every touch draws the answer anew, and then all kinds; fields stay, so focus stays. */
export function begin() {
    const form = document.querySelector('[data-begin]');
    if (form === null) {
        return;
    }
    let timer = 0;
    const ask = asking();
    // Touches that change all kinds, and the last of them that these are drawn by.
    let touched = 0;
    let drawn = 0;
    form.addEventListener('input', ({ target }) => {
        if (target.dataset.thick !== undefined) {
            fill('thick', target.dataset.thick);
        }
        (SETTLES[target.name] ?? []).forEach((name) => fill(name, ''));
        window.clearTimeout(timer);
        // Which kind is chosen changes none of them.
        touched += target.name === 'bag' ? 0 : 1;
        timer = window.setTimeout(draw, target.type === 'radio' ? 0 : PAUSE);
    });
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        touched += 1;
        draw();
    });

    function asked() {
        const data = new FormData(form);
        data.delete('bar');

        return new URLSearchParams(data).toString();
    }

    async function draw() {
        const by = touched;
        // Come back to, the page is as it was left.
        history.replaceState(null, '', `${form.action}?${asked()}`);
        for (const part of drawn === by ? ['answer'] : ['answer', 'kinds']) {
            const body = await ask(`${form.action}?${asked()}&part=${part}`);
            if (body === null) {
                return;
            }
            show(body);
            drawn = part === 'kinds' ? by : drawn;
        }
    }

    function fill(name, value) {
        const field = form.elements[name];
        if (field !== undefined && field !== document.activeElement && field.value !== value) {
            field.value = value;
        }
    }

    function show({ regions, errors, kind, thick, hook }) {
        for (const [region, markup] of Object.entries(regions)) {
            const place = form.querySelector(`[data-region="${region}"]`);
            // What is held keeps its focus.
            if (place !== null && !place.contains(document.activeElement)) {
                place.innerHTML = markup;
            }
        }
        for (const place of form.querySelectorAll('[data-wrong]')) {
            place.textContent = errors[place.dataset.wrong] ?? '';
        }
        // What is in the stash says itself how much there is of it.
        form.querySelector('[data-have]').hidden = (form.elements.material_id?.value ?? '') !== '';
        fill('kind', kind);
        fill('thick', thick);
        form.elements.hook.placeholder = hook;
    }
}
