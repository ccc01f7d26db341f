import { asking } from './asking.js';
import { tell } from './tongue.js';

const PAUSE = 150;

/** A pattern counted as it is typed; a text file is opened in the page; a place of trouble is gone to by one press. */
export function count() {
    const form = document.querySelector('[data-pattern-text]');
    if (form === null) {
        return;
    }
    const text = form.querySelector('#text');
    const proof = form.querySelector('[data-proof]');
    let timer = 0;
    const answered = asking();
    const soon = () => {
        window.clearTimeout(timer);
        timer = window.setTimeout(ask, PAUSE);
    };
    form.addEventListener('input', ({ target }) => {
        if (target.type !== 'file') {
            soon();
        }
    });
    form.addEventListener('change', async ({ target }) => {
        if (target.type === 'file' && target.files.length > 0) {
            const file = target.files[0];
            // What no page of proof holds is refused by the server, which says how to go on.
            if (file.size <= 24000) {
                text.value = await file.text();
                target.value = '';
                ask();
            } else {
                form.submit();
            }
        }
    });
    form.addEventListener('submit', (event) => {
        // What is kept goes the way of every form.
        if (event.submitter?.dataset.keep === undefined) {
            event.preventDefault();
            ask();
        }
    });
    const copy = form.querySelector('[data-copy]');
    copy.hidden = navigator.clipboard === undefined;
    copy.addEventListener('click', async () => {
        const rows = [...proof.querySelectorAll('.proven > li [lang]')].map((row) => row.textContent.trim());
        await navigator.clipboard.writeText(`${rows.join('\n')}\n`);
        copy.textContent = tell('Copied');
    });
    proof.addEventListener('click', (event) => {
        const place = event.target.closest('[data-line]');
        if (place !== null) {
            event.preventDefault();
            goTo(Number(place.dataset.line), Number(place.dataset.column), place.dataset.over);
            if (place.dataset.to !== undefined) {
                mend(place.dataset.to);
            }
        }
    });

    async function ask() {
        const body = await answered(form.action, { method: 'POST', body: new FormData(form) });
        if (body !== null) {
            proof.innerHTML = body.proof;
            text.lang = proof.querySelector('[data-read-as]')?.dataset.readAs ?? '';
        }
    }

    // As if it were typed, so that the browser's own undo takes it back.
    function mend(to) {
        if (!document.execCommand('insertText', false, to)) {
            text.setRangeText(to);
        }
        soon();
    }

    function goTo(line, column, word = null) {
        const lines = text.value.split('\n');
        const before = lines.slice(0, line - 1).join('\n').length + (line > 1 ? 1 : 0);
        const from = before + column - 1;
        const long = (word ?? /^\S*/.exec(text.value.slice(from))[0]).length;
        text.focus();
        text.setSelectionRange(from, from + Math.max(1, long));
        const high = text.scrollHeight / Math.max(1, lines.length);
        text.scrollTop = Math.max(0, (line - 4) * high);
    }
}
