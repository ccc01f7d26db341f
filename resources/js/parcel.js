/** Puts an account's zip together, step after step, and says how far it is. */
export function parcel() {
    const place = document.querySelector('[data-parcel]');
    if (place === null) {
        return;
    }
    const [bar, said] = [place.querySelector('progress'), place.querySelector('output')];

    async function step() {
        let answer = null;
        try {
            const sent = await fetch(place.dataset.parcel, {
                method: 'POST',
                headers: {
                    Accept: 'application/json',
                    'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content,
                },
            });
            answer = sent.ok ? await sent.json() : null;
        } catch {
            answer = null;
        }
        if (answer === null) {
            said.textContent = place.dataset.stopped;

            return;
        }
        bar.value = answer.percent;
        said.textContent = `${answer.percent} %`;
        if (answer.done) {
            window.location.assign(window.location.pathname);
        } else {
            step();
        }
    }

    step();
}
