const PAUSE = 120;

/** The start: every touch draws all kinds and the answer anew; fields stay, so focus stays. */
export function begin() {
    const form = document.querySelector('[data-begin]');
    if (form === null) {
        return;
    }
    let timer = 0;
    let turn = 0;
    form.addEventListener('input', ({ target }) => {
        if (target.dataset.thick !== undefined) {
            form.elements.thick.value = target.dataset.thick;
        }
        if (target.name === 'kind') {
            // Other bars, and another first hook: the page is made anew for that kind.
            form.elements.thick.value = '';
            form.elements.hook.value = '';
            window.location.replace(`${form.action}?${asked()}`);

            return;
        }
        window.clearTimeout(timer);
        timer = window.setTimeout(draw, target.type === 'radio' ? 0 : PAUSE);
    });
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        draw();
    });

    function asked() {
        const data = new FormData(form);
        data.delete('bar');

        return new URLSearchParams(data).toString();
    }

    async function draw() {
        const mine = ++turn;
        let answer;
        try {
            answer = await fetch(`${form.action}?${asked()}`, { headers: { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest' } });
        } catch {
            return;
        }
        if (mine !== turn || !answer.ok) {
            return;
        }
        const body = await answer.json();
        for (const [region, markup] of Object.entries(body.regions)) {
            const place = form.querySelector(`[data-region="${region}"]`);
            if (place !== null) {
                place.innerHTML = markup;
            }
        }
        for (const place of form.querySelectorAll('[data-wrong]')) {
            place.textContent = body.errors[place.dataset.wrong] ?? '';
        }
    }
}
