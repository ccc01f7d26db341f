import { tell } from './tongue.js';

const PAUSE = 250;

/** How much larger the loupe shows the picture than the page does. */
const ZOOM = 3;

/**
 * Marks on a picture: dragged, touched, or moved with the arrow keys. The numbers in the form are what counts; as they
 * change they are kept, and what they measure is said beside the picture.
 */
export function marking() {
    const form = document.querySelector('[data-marking]');
    if (form === null) {
        return;
    }
    const svg = form.querySelector('.photo > svg');
    const loupe = form.querySelector('[data-loupe]');
    const { width, height } = svg.viewBox.baseVal;
    const lines = [...svg.querySelectorAll('[data-line]')];
    const field = (mark, axis) => form.elements.namedItem(`${mark}${axis}`);
    const at = (mark) => ['x', 'y'].map((axis) => Number(field(mark, axis).value.replace(',', '.')) || 0);
    const seen = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    let timer = 0;
    let turn = 0;

    for (const mark of svg.querySelectorAll('[data-mark]')) {
        const name = mark.dataset.mark;
        mark.addEventListener('pointerdown', (event) => {
            event.preventDefault();
            mark.focus();
            mark.setPointerCapture(event.pointerId);
            // The mark keeps its distance from the finger, which would hide what it is to stand on.
            const [x, y] = at(name);
            const from = seen(event);
            form.elements.namedItem('shrunk').value = String(Math.round((100 * width) / svg.clientWidth) / 100);
            const drag = (move) => {
                const point = seen(move);
                put(name, x + point.x - from.x, y + point.y - from.y);
            };
            mark.addEventListener('pointermove', drag);
            mark.addEventListener('lostpointercapture', () => mark.removeEventListener('pointermove', drag), {
                once: true,
            });
        });
        // Parts of an SVG have no touch-action of their own: the page would go with the thumb, and the mark stop.
        mark.addEventListener('touchstart', (event) => event.preventDefault(), { passive: false });
        mark.addEventListener('keydown', (event) => {
            const step = event.shiftKey ? 10 : 1;
            const [dx, dy] = {
                ArrowLeft: [-step, 0],
                ArrowRight: [step, 0],
                ArrowUp: [0, -step],
                ArrowDown: [0, step],
            }[event.key] ?? [0, 0];
            if (dx !== 0 || dy !== 0) {
                event.preventDefault();
                const [x, y] = at(name);
                put(name, x + dx, y + dy);
            }
        });
        mark.addEventListener('focus', () => look(name));
        mark.addEventListener('blur', () => {
            loupe.hidden = true;
        });
        for (const axis of ['x', 'y']) {
            field(name, axis).addEventListener('input', () => draw(name));
        }
    }
    form.addEventListener('input', soon);

    function put(name, x, y) {
        field(name, 'x').value = String(Math.round(Math.min(width, Math.max(0, x)) * 10) / 10);
        field(name, 'y').value = String(Math.round(Math.min(height, Math.max(0, y)) * 10) / 10);
        draw(name);
        look(name);
        soon();
    }

    function draw(name) {
        const [x, y] = at(name);
        svg.querySelector(`[data-mark="${name}"]`).setAttribute('transform', `translate(${x} ${y})`);
        for (const line of lines) {
            const marks = line.dataset.line.split(' ');
            if (marks.includes(name)) {
                line.setAttribute('d', `M${marks.map((mark) => at(mark).join(' ')).join('L')}`);
            }
        }
    }

    /** The picture about a mark, larger, in the corner that is farther from it. */
    function look(name) {
        const [x, y] = at(name);
        loupe.hidden = false;
        const side = (loupe.clientWidth * width) / (svg.clientWidth * ZOOM);
        loupe.firstElementChild.setAttribute('viewBox', `${x - side / 2} ${y - side / 2} ${side} ${side}`);
        loupe.classList.toggle('right', x < width / 2);
    }

    function soon() {
        window.clearTimeout(timer);
        turn++;
        timer = window.setTimeout(measure, PAUSE);
    }

    async function measure() {
        const mine = turn;
        const said = form.querySelector('[data-region="measured"]');
        try {
            const answer = await fetch(form.action, {
                method: 'POST',
                body: new FormData(form),
                headers: {
                    Accept: 'application/json',
                    'X-Requested-With': 'XMLHttpRequest',
                },
            });
            if (!answer.ok) {
                throw new Error(String(answer.status));
            }
            const { measured } = await answer.json();
            if (mine === turn) {
                said.innerHTML = measured;
            }
        } catch {
            said.textContent = tell(
                'The marks are not kept: the network is away, or you were signed out. Move one to try again.',
            );
        }
    }
}
