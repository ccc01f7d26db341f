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
    field.setAttribute('aria-label', `What you counted at the end of ${row.called}`);
    field.maxLength = 6;
    const wrong = document.createElement('p');
    wrong.className = 'wrong';
    wrong.setAttribute('role', 'alert');
    const form = document.createElement('form');
    form.className = 'asks';
    form.noValidate = true;
    const send = press('I count this', () => {});
    send.type = 'submit';
    form.append(
        press('Yes', () => {
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
            wrong.textContent = 'Write what you counted, as a whole number, like 56.';
            field.focus();
        }
    });
    box.replaceChildren(told('Count now.', `${row.leaves} at the end of ${row.called}?`), form);
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
            `${Math.abs(off)} too ${off > 0 ? 'many' : 'few'} at the end of ${row.called}.`,
            'Fold it in two and count the halves: search the half that is off first.',
        ),
        list,
    );
    if (found !== null) {
        box.append(
            told('', `Ripping back to the last right count takes ${found.rip} stitches, about ${found.minutes} min.`),
        );
        if (found.mend !== '') {
            box.append(
                told('', found.mend),
                press('I mend it so', () => {
                    on.mends(-off);
                    on.done(false);
                }),
            );
        }
    }
    box.append(
        press(`I rip back to the beginning of ${row.called}`, () => {
            on.ripped();
            on.done(false);
        }),
        press('It was right after all', () => {
            on.counted(row.leaves);
            on.done(true);
        }),
    );
}
