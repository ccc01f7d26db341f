import { tell } from '../tongue.js';

/** A button of a question. */
export function press(said, does) {
    const button = document.createElement('button');
    button.type = 'button';
    button.className = 'btn btn-quiet';
    button.textContent = said;
    button.addEventListener('click', does);

    return button;
}

/** A paragraph, what is bold of it first. */
export function told(bold, said) {
    const line = document.createElement('p');
    const strong = document.createElement('b');
    strong.textContent = bold;
    line.append(strong, bold === '' ? '' : ' ', said);

    return line;
}

/**
 * Asks for the count at the end of a row, and says what a wrong one means. What is entered is of the row that was
 * asked, wherever the work has gone meanwhile.
 *
 * @param {HTMLElement} box where it is asked and answered
 * @param {{name: string, called: string, leaves: number}} row
 * @param {{counted: (many: number) => void, mends: (more: number) => void, ripped: () => void,
 *          done: (right: boolean) => void, ask: (row: string, counted: string) => Promise<?object>}} on
 */
export function askCount(box, row, on) {
    const field = document.createElement('input');
    field.className = 'form-control';
    field.inputMode = 'numeric';
    field.autocomplete = 'off';
    field.setAttribute('aria-label', tell('What you counted at the end of {row}', { row: row.called }));
    field.maxLength = 6;
    const wrong = document.createElement('p');
    wrong.className = 'wrong';
    wrong.setAttribute('role', 'alert');
    const form = document.createElement('form');
    form.className = 'asks';
    form.noValidate = true;
    const send = press(tell('I count this'), () => {});
    send.type = 'submit';
    form.append(
        press(tell('Yes'), () => {
            on.counted(row.leaves);
            on.done(true);
        }),
        field,
        send,
        wrong,
    );
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        if (/^\s*\d{1,6}\s*$/.test(field.value)) {
            counted(box, row, Number(field.value), on);
        } else {
            wrong.textContent = tell('Write what you counted, as a whole number, like 56.');
            field.focus();
        }
    });
    box.replaceChildren(
        told(tell('Count now.'), tell('{n} at the end of {row}?', { n: row.leaves, row: row.called })),
        form,
    );
}

async function counted(box, row, many, on) {
    on.counted(many);
    const off = many - row.leaves;
    if (off === 0) {
        on.done(true);

        return;
    }
    const found = await on.ask(row.name, String(many));
    const list = document.createElement('ol');
    for (const one of found?.usually ?? []) {
        const line = document.createElement('li');
        line.textContent = one;
        list.append(line);
    }
    box.replaceChildren(
        told(
            tell(off > 0 ? '{n} too many at the end of {row}.' : '{n} too few at the end of {row}.', {
                n: Math.abs(off),
                row: row.called,
            }),
            tell('Fold it in two and count the halves: search the half that is off first.'),
        ),
        list,
    );
    if (found !== null) {
        box.append(
            told(
                '',
                tell(
                    'Ripping back to the last right count takes {n, plural, one {# stitch} other {# stitches}}, ' +
                        'about {minutes} min.',
                    { n: found.rip, minutes: found.minutes },
                ),
            ),
        );
        if (found.mend !== '') {
            box.append(
                told('', found.mend),
                press(tell('I mend it so'), () => {
                    on.mends(-off);
                    on.done(false);
                }),
            );
        }
    }
    box.append(
        press(tell('I rip back to the beginning of {row}', { row: row.called }), () => {
            on.ripped();
            on.done(false);
        }),
        press(tell('It was right after all'), () => {
            on.counted(row.leaves);
            on.done(true);
        }),
    );
}
