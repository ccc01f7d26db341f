import { tell } from './tongue.js';

/** The pieces go together in a strip of pictures; the slider, or its arrow keys, shows one of them large. */
export function folding(within = document) {
    for (const box of within.querySelectorAll('[data-folding]')) {
        const steps = [...box.querySelectorAll('.strip li')];
        const stepper = box.querySelector('.stepper');
        const slider = box.querySelector('[data-step]');
        stepper.hidden = false;
        slider.addEventListener('input', (event) => {
            // It shows what is there and changes nothing of the bag.
            event.stopPropagation();
            const at = Number(slider.value);
            box.classList.add('one');
            steps.forEach((step, nth) => step.classList.toggle('now', nth === at - 1));
            stepper.querySelector('output').textContent = tell('{nth} of {all}', {
                nth: at,
                all: steps.length,
            });
        });
    }
}
