import { asking } from './asking.js';

const PAUSE = 150;

/** The cutting table: the cuts follow what is typed, an example until all is measured. */
export function cutting() {
    const form = document.querySelector('[data-cutting]');
    if (form === null) {
        return;
    }
    const cuts = document.querySelector('[data-cuts]');
    let timer = 0;
    const ask = asking();
    form.addEventListener('input', () => {
        window.clearTimeout(timer);
        timer = window.setTimeout(draw, PAUSE);
    });

    async function draw() {
        const asked = new URLSearchParams(new FormData(form));
        const body = await ask(`${form.action.split('#')[0]}?${asked}&live=1`);
        if (body === null) {
            return;
        }
        cuts.innerHTML = body.cuts;
        for (const place of form.querySelectorAll('[data-wrong]')) {
            const said = body.errors[place.dataset.wrong] ?? '';
            place.textContent = said;
            const field = form.elements[place.dataset.wrong];
            field.classList.toggle('is-invalid', said !== '');
            field.toggleAttribute('aria-invalid', said !== '');
        }
    }
}
