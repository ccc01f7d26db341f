const EVERY = 800;

/** A PDF that is being printed: asked for until it is there, and then fetched. */
export function paper() {
    const place = document.querySelector('[data-paper]');
    const said = place?.querySelector('[data-paper-said]');
    if (!said) {
        return;
    }
    const to = place.dataset.paper;
    look();

    async function look() {
        let body = null;
        try {
            const answer = await fetch(`${to}${to.includes('?') ? '&' : '?'}state=1`, { headers: { Accept: 'application/json' } });
            body = answer.ok || answer.status === 202 ? await answer.json() : null;
        } catch {
            // The network is away: once more in a moment.
        }
        if (body?.state === 'ready') {
            said.textContent = 'It is printed. If it does not open by itself, it is behind “The PDF”.';
            place.querySelector('[data-paper-wait]').remove();
            window.location.assign(to);
        } else if (body?.state === 'failed') {
            said.textContent = 'It could not be printed. Try again in a moment.';
            place.querySelector('[data-paper-wait]').remove();
        } else {
            if (body !== null) {
                said.textContent = body.ahead > 0 ? `It is printed after ${body.ahead} others.` : 'It is being printed: a few seconds.';
            }
            window.setTimeout(look, EVERY);
        }
    }
}
