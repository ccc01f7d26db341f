const PAUSE = 150;

/** The cutting table: the cuts follow what is typed, an example until all is measured. */
export function cutting() {
    const form = document.querySelector('[data-cutting]');
    if (form === null) {
        return;
    }
    const cuts = document.querySelector('[data-cuts]');
    let timer = 0;
    let turn = 0;
    form.addEventListener('input', () => {
        window.clearTimeout(timer);
        timer = window.setTimeout(draw, PAUSE);
    });

    async function draw() {
        const mine = ++turn;
        const asked = new URLSearchParams(new FormData(form));
        let answer;
        try {
            answer = await fetch(`${form.action.split('#')[0]}?${asked}&live=1`, {
                headers: { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest' },
            });
        } catch {
            return;
        }
        const body = answer.ok ? await answer.json() : null;
        if (mine !== turn || body === null) {
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
