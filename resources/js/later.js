/** What a page is not kept waiting for comes after it, one part after another; a link stands in its place. */
export async function later() {
    const parts = [...document.querySelectorAll('[data-later]')];
    const wait = (part, waits) => {
        part.setAttribute('aria-busy', waits);
        part.querySelector('[data-coming]').hidden = !waits;
        part.querySelector('a').hidden = waits;
    };
    parts.forEach((part) => wait(part, true));
    for (const part of parts) {
        try {
            // Signed out meanwhile, another page would come.
            const answer = await fetch(part.dataset.later, { redirect: 'error' });
            if (!answer.ok) {
                throw new Error(answer.statusText);
            }
            part.outerHTML = await answer.text();
        } catch {
            wait(part, false);
        }
    }
}
