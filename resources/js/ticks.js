import { untilTaken } from './taken.js';
import { tell } from './tongue.js';

const EVERY = 4000;

/** A checklist ticked here or on another device: a press counts at once, and what others tick appears. */
export function ticks() {
    const list = document.querySelector('[data-ticks]');
    if (list === null) {
        return;
    }
    const wrong = list.querySelector('[data-tick-wrong]');
    const forms = [...list.querySelectorAll('[data-tick]')];
    let turn = 0;

    for (const form of forms) {
        form.addEventListener('submit', async (event) => {
            event.preventDefault();
            const mine = ++turn;
            const data = new FormData(form);
            mark(form, data.get('done') === '1');
            count();
            const body = await ask({ method: 'POST', body: data });
            if (body === null) {
                mark(form, data.get('done') !== '1');
                wrong.textContent = tell(
                    'Not kept: the network is away or you were signed out. Press it again when that is mended.',
                );
                count();
            } else if (mine === turn) {
                wrong.textContent = '';
                show(body.ticked);
            }
        });
    }
    follow();

    async function follow() {
        const before = turn;
        if (!document.hidden) {
            const body = await ask({});
            if (body !== null && before === turn) {
                show(body.ticked);
            }
        }
        window.setTimeout(follow, EVERY);
    }

    async function ask(options) {
        try {
            const answer = await untilTaken(list.dataset.ticks, {
                ...options,
                headers: {
                    Accept: 'application/json',
                    'X-Requested-With': 'XMLHttpRequest',
                },
            });

            return answer.ok ? await answer.json() : null;
        } catch {
            return null;
        }
    }

    function show(ticked) {
        for (const form of forms) {
            mark(form, ticked.includes(form.elements.step.value));
        }
        count();
    }

    function mark(form, done) {
        form.elements.done.value = done ? '0' : '1';
        form.querySelector('button').setAttribute('aria-pressed', String(done));
        form.closest('li').classList.toggle('done', done);
    }

    function count() {
        list.querySelector('[data-done]').textContent = String(list.querySelectorAll('li.done').length);
    }
}
