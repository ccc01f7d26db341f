import { tell } from './tongue.js';

const PLACES = { s: '/stash', c: '/cutting', w: '/swatches', b: '/bags' };
const WAIT = 1200;

/** Where the browser's own undo is meant: tiles and lists have none. */
const writing = (target) =>
    target.closest('input:not([type="radio"], [type="checkbox"]), textarea, [contenteditable]') !== null;

const typing = (target) => target.closest('input, textarea, select, [contenteditable]') !== null;

/** `?` says what the page is for and lists the keys; g and a letter goes to a station; digits open Plan's stations. */
export function keys() {
    const list = document.getElementById('keys');
    let went = 0;
    document.querySelector('[data-guide]')?.addEventListener('click', (event) => {
        if (list !== null) {
            event.preventDefault();
            list.showModal();
        }
    });
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

/** Ctrl+Z and Ctrl+Shift+Z outside of what is typed: the bag's last change taken back, and done again. */
export function steps() {
    document.addEventListener('keydown', (event) => {
        const key = event.key.toLowerCase();
        const back = key === 'z' && !event.shiftKey;
        if (
            !(event.ctrlKey || event.metaKey) ||
            event.altKey ||
            !(key === 'z' || key === 'y') ||
            writing(event.target)
        ) {
            return;
        }
        const button = document.querySelector(`[data-step="${back ? 'undo' : 'redo'}"] button:enabled`);
        if (button !== null) {
            event.preventDefault();
            button.click();
        }
    });
}

/** What works while the network is away is hers who is signed in: each page says who that is, nobody's too. */
export function leaving() {
    const keeper = navigator.serviceWorker?.controller;
    if (!keeper) {
        return;
    }
    keeper.postMessage({
        maker: document.querySelector('meta[name="maker"]')?.content ?? '',
    });
    document.querySelector('form[action$="/sign-out"]')?.addEventListener('submit', () => {
        keeper.postMessage({ over: true });
    });
}

/** After a refused form, reading starts at what is wrong. */
export function focusTrouble() {
    document.querySelector('[data-focus]')?.focus();
}

const SHORTEST = 12;
const VARIED = 7;

/** How good a new password is, as it is typed, in its hint. What is refused is the server's to say. */
export function strength() {
    for (const field of document.querySelectorAll('input[name="password"][autocomplete="new-password"]')) {
        const hint = document.getElementById(`${field.id}-hint`);
        const plain = hint.textContent;
        const own = (name) =>
            (field.form.elements[name]?.value ?? '')
                .toLowerCase()
                .split(/[^\p{L}\d]+/u)
                .filter((word) => word.length > 3);
        hint.setAttribute('aria-live', 'polite');
        field.addEventListener('input', () => {
            const letters = [...field.value];
            const wanting = SHORTEST - letters.length;
            const told = [...own('name'), ...own('email')].some((word) => field.value.toLowerCase().includes(word));
            if (letters.length === 0) {
                hint.textContent = plain;
            } else if (wanting > 0) {
                hint.textContent = field.dataset.wanting.replace('{n}', wanting);
            } else if (told) {
                hint.textContent = field.dataset.guessedName;
            } else {
                hint.textContent =
                    new Set(letters).size < VARIED ? field.dataset.guessedSoon : field.dataset.longEnough;
            }
        });
    }
}

/** A file too large to be a bag is said before it is sent. */
export function fileSizes() {
    for (const field of document.querySelectorAll('[data-most-bytes]')) {
        const wrong = document.getElementById(field.getAttribute('aria-describedby'));
        field.addEventListener('change', () => {
            const large = (field.files[0]?.size ?? 0) > Number(field.dataset.mostBytes);
            wrong.textContent = large
                ? tell('This file is too large; Fescue reads up to {kb} KB here.', {
                      kb: Math.round(field.dataset.mostBytes / 1024),
                  })
                : '';
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
