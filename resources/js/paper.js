import { tell } from './tongue.js';

const EVERY = 800;

/** Where a PDF stands: ready, failed, or how many are printed before it; null where nobody answers. */
async function standing(to) {
    try {
        const answer = await fetch(`${to}${to.includes('?') ? '&' : '?'}state=1`, {
            headers: { Accept: 'application/json' },
        });

        return answer.ok ? await answer.json() : null;
    } catch {
        // The network is away: once more in a moment.
        return null;
    }
}

function told(body) {
    return body?.ahead > 0
        ? tell('It is printed after {n, plural, one {another} other {# others}}.', {
              n: body.ahead,
          })
        : tell('It is being printed.');
}

/** A link to a PDF stays on its page while that is printed, says so beside itself, and then fetches it. */
function follow(link) {
    const said = document.createElement('span');
    said.className = 'soft';
    said.setAttribute('role', 'status');
    link.after(' ', said);
    let misses = 0;
    look();

    async function look() {
        const body = await standing(link.href);
        misses += Number(body === null);
        if (body?.state === 'ready' || body?.state === 'failed' || misses > 4) {
            said.remove();
            delete link.dataset.printing;
            // What failed says so on its own page.
            window.location.assign(link.href);
        } else {
            said.textContent = told(body);
            window.setTimeout(look, EVERY);
        }
    }
}

/** The page that waits, for whoever came straight to it. */
function wait(place, said) {
    look();

    async function look() {
        const body = await standing(place.dataset.paper);
        if (body?.state === 'ready' || body?.state === 'failed') {
            said.textContent =
                body.state === 'ready'
                    ? tell('It is printed. If it does not open by itself, it is behind “The PDF”.')
                    : tell('It could not be printed. Try again in a moment.');
            place.querySelector('[data-paper-wait]').remove();
            if (body.state === 'ready') {
                window.location.assign(place.dataset.paper);
            }
        } else {
            said.textContent = told(body);
            window.setTimeout(look, EVERY);
        }
    }
}

export function paper() {
    const place = document.querySelector('[data-paper]');
    const said = place?.querySelector('[data-paper-said]');
    if (said) {
        wait(place, said);
    }
    document.addEventListener('click', (event) => {
        const link = event.target.closest('a[href]');
        const isPlain = event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.altKey;
        if (link === null || !isPlain || !new URL(link.href).pathname.endsWith('.pdf') || place?.contains(link)) {
            return;
        }
        event.preventDefault();
        if (link.dataset.printing === undefined) {
            link.dataset.printing = '';
            follow(link);
        }
    });
}
