const PLACES = { s: '/stash', c: '/cutting', w: '/swatches', b: '/bags' };
const WAIT = 1200;

const typing = (target) => target.closest('input, textarea, select, [contenteditable]') !== null;

/** `?` lists the keys; g and a letter goes to a station; digits open Plan's stations. */
export function keys() {
    const list = document.getElementById('keys');
    let went = 0;
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || list === null) {
            return;
        }
        if (event.key === '?') {
            event.preventDefault();
            list.showModal();
        } else if (event.key === 'g') {
            went = Date.now();
        } else if (PLACES[event.key] && Date.now() - went < WAIT) {
            window.location.assign(PLACES[event.key]);
        } else {
            const station = document.querySelector(`[data-station="${CSS.escape(event.key)}"]`);
            if (station) {
                station.open = true;
                station.querySelector('summary').focus();
            }
        }
    });
}

/** Whoever signs out leaves no pages behind that are kept for when the network is away. */
export function leaving() {
    document.querySelector('form[action$="/sign-out"]')?.addEventListener('submit', () => {
        navigator.serviceWorker?.controller?.postMessage('signed out');
    });
}

/** After a refused form, reading starts at what is wrong. */
export function focusTrouble() {
    document.querySelector('[data-focus]')?.focus();
}

/** A file too large to be a bag is said before it is sent. */
export function fileSizes() {
    for (const field of document.querySelectorAll('[data-most-bytes]')) {
        const wrong = document.getElementById(field.getAttribute('aria-describedby'));
        field.addEventListener('change', () => {
            const large = (field.files[0]?.size ?? 0) > Number(field.dataset.mostBytes);
            wrong.textContent = large ? `This file is too large; Fescue reads up to ${Math.round(field.dataset.mostBytes / 1024)} KB here.` : '';
            field.classList.toggle('is-invalid', large);
            if (large) {
                field.value = '';
            }
        });
    }
}

/** The print button shows only where it works. */
export function printing() {
    for (const button of document.querySelectorAll('[data-print]')) {
        button.hidden = false;
        button.addEventListener('click', () => window.print());
    }
}
