/** So often something out of reach is asked again, s apart as it says. */
const TIMES = 100;

/** As fetch; where the answer is that nothing could be taken just now, once more when it says. */
export async function untilTaken(url, options, waiting = () => {}) {
    for (let time = 1; ; time++) {
        const answer = await fetch(url, options);
        const after = Number(answer.headers.get('Retry-After'));
        if (answer.status !== 503 || !(after > 0) || time === TIMES) {
            return answer;
        }
        waiting();
        await new Promise((resolve) => {
            window.setTimeout(resolve, 1000 * Math.min(after, 30));
        });
    }
}
