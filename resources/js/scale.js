import { tell } from './tongue.js';

const EVERY = 500;

/** The kitchen scale: while it is in sight its reading follows by itself, and is taken into a field at a press. */
export function scale() {
    const panel = document.querySelector('[data-scale]');
    if (panel === null) {
        return;
    }
    const shown = panel.querySelector('[data-shown]');
    const state = panel.querySelector('[data-state]');
    const display = shown.parentElement;
    const wrong = panel.querySelector('[data-scale-wrong]');
    const plug = panel.querySelector('[data-plug]');
    const takes = [...document.querySelectorAll('[data-take]')];
    let last = null;
    let away = false;

    for (const form of panel.querySelectorAll('[data-scale-keys]')) {
        form.addEventListener('submit', async (event) => {
            event.preventDefault();
            const data = new FormData(form, event.submitter);
            show(await ask({ method: 'POST', body: data }));
        });
    }
    for (const take of takes) {
        take.hidden = false;
        take.addEventListener('click', async () => {
            const field = document.getElementById(take.dataset.take);
            panel.closest('details')?.setAttribute('open', '');
            // Out of sight it was not followed: what it shows is asked for now.
            last ?? show(await ask({}), true);
            if (!last?.plugged || last.overloaded || !last.stable) {
                wrong.textContent = !last?.plugged
                    ? tell('The scale does not answer: plug it in, or type what yours shows.')
                    : last.overloaded
                      ? tell('More lies on it than it can weigh.')
                      : tell('It has not come to rest; wait a moment.');

                return;
            }
            wrong.textContent = '';
            const before = field instanceof HTMLTextAreaElement ? field.value.trimEnd() : '';
            field.value = (before === '' ? '' : `${before}\n`) + last.shown.replaceAll('\u202F', '');
            field.focus();
        });
    }
    follow();

    async function follow() {
        if (!document.hidden && panel.offsetParent !== null) {
            show(await ask({}), true);
        }
        window.setTimeout(follow, EVERY);
    }

    async function ask(options) {
        try {
            const answer = await fetch(panel.dataset.scale, {
                ...options,
                headers: {
                    Accept: 'application/json',
                    'X-Requested-With': 'XMLHttpRequest',
                },
            });
            away = !answer.ok && answer.status !== 422;

            return away ? null : await answer.json();
        } catch {
            away = true;

            return null;
        }
    }

    function show(reading, following = false) {
        last = reading;
        if (reading === null) {
            state.textContent = tell('out of reach');
            display.classList.add('off');

            return;
        }
        shown.textContent = reading.plugged ? reading.shown : '· · ·';
        state.textContent = !reading.plugged
            ? tell('not plugged in')
            : reading.overloaded
              ? tell('too heavy: take something off')
              : reading.stable
                ? tell('at rest')
                : tell('settling');
        display.classList.toggle('off', !reading.plugged);
        display.classList.toggle('resting', reading.plugged && reading.stable && !reading.overloaded);
        plug.value = reading.plugged ? 'unplug' : 'plug';
        plug.textContent = reading.plugged ? tell('Unplug') : tell('Plug in');
        if (!following) {
            wrong.textContent = reading.wrong ?? '';
        }
    }
}
