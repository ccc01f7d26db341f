import { untilTaken } from '../taken.js';
import { tell } from '../tongue.js';

/**
 * Sheets over the bench, one at a time: Count, Weigh, Measure, New ball, More. Escape, ✕ and Back close one; what is
 * sent from one is answered in it.
 */
export class Panes {
    /** @param {{onOpen: (name: string, pane: HTMLDialogElement) => void}} on */
    constructor(bench, on) {
        this.bench = bench;
        this.on = on;
        for (const button of bench.querySelectorAll('[data-opens]')) {
            button.addEventListener('click', () => this.open(button.dataset.opens));
        }
        for (const pane of bench.querySelectorAll('dialog[data-pane]')) {
            pane.addEventListener('close', () => this.closed());
            pane.addEventListener('cancel', (event) => {
                event.preventDefault();
                this.close();
            });
            pane.addEventListener('click', (event) => {
                // Beside it is the bench.
                if (event.target === pane || event.target.closest('[data-close]')) {
                    this.close();
                }
            });
        }
        window.addEventListener('popstate', () => this.close());
    }

    of(name) {
        return this.bench.querySelector(`dialog[data-pane="${name}"]`);
    }

    openNow() {
        return this.bench.querySelector('dialog[data-pane][open]');
    }

    open(name) {
        this.close();
        const pane = this.of(name);
        this.on.onOpen(name, pane);
        pane.showModal();
        if (window.history.state?.pane !== true) {
            window.history.pushState({ pane: true }, '');
        }
        pane.querySelector('[autofocus]')?.focus();
    }

    close() {
        const pane = this.openNow();
        if (pane !== null) {
            pane.close();
            // The next key is a step again, at once: the browser gives the focus back to what opened the sheet.
            this.bench.querySelector('[data-go]').focus({ preventScroll: true });
        }
    }

    closed() {
        if (window.history.state?.pane === true && this.openNow() === null) {
            window.history.back();
        }
    }

    /** Says in a sheet how it went; read aloud where a reader listens. */
    answer(pane, said, isWrong = false) {
        const line = pane.querySelector('[data-answer]');
        line.textContent = said;
        line.classList.toggle('wrong', isWrong);
        line.focus();
    }

    /**
     * Sends a form and shows the answer where it was asked.
     *
     * @returns {Promise<?Document>} the page that came back; null where none did, and why is said in the sheet
     */
    async send(form) {
        const pane = form.closest('dialog');
        const button = form.querySelector('button');
        button.disabled = true;
        try {
            const answer = await untilTaken(
                form.action,
                {
                    method: 'POST',
                    body: new FormData(form),
                    headers: { Accept: 'text/html' },
                },
                () => this.answer(pane, tell('The shelf is away for a moment: it is sent again by itself.')),
            );
            const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
            const fresh = page.querySelector(`dialog[data-pane="${pane.dataset.pane}"]`);
            if (fresh === null) {
                this.answer(
                    pane,
                    answer.redirected || answer.status === 419
                        ? tell('Sign in again on another page, and send it once more: what you typed is still here.')
                        : tell('It was not taken ({status}). Try again in a moment: what you typed is still here.', {
                              status: String(answer.status),
                          }),
                    true,
                );

                return null;
            }
            pane.replaceChildren(...fresh.childNodes);
            const said = pane.querySelector('.wrong:not(:empty), .proposal, [data-answer]:not(:empty)');
            said?.setAttribute('tabindex', '-1');
            said?.focus();

            return page;
        } catch {
            this.answer(pane, tell('This needs the network, and it is away: what you typed is still here.'), true);

            return null;
        } finally {
            button.disabled = false;
        }
    }
}
