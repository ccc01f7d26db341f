/** Marks on a picture: dragged, touched, or moved with the arrow keys. The numbers in the form are what counts. */
export function marking() {
    const form = document.querySelector('[data-marking]');
    if (form === null) {
        return;
    }
    const svg = form.querySelector('svg');
    const { width, height } = svg.viewBox.baseVal;
    const lines = [...svg.querySelectorAll('[data-line]')];
    const field = (mark, axis) => form.elements.namedItem(`${mark}${axis}`);
    const at = (mark) => ['x', 'y'].map((axis) => Number(field(mark, axis).value.replace(',', '.')) || 0);

    for (const mark of svg.querySelectorAll('[data-mark]')) {
        const name = mark.dataset.mark;
        mark.addEventListener('pointerdown', (event) => {
            event.preventDefault();
            mark.focus();
            mark.setPointerCapture(event.pointerId);
            const drag = (move) => {
                const point = new DOMPoint(move.clientX, move.clientY).matrixTransform(svg.getScreenCTM().inverse());
                put(name, point.x, point.y);
            };
            mark.addEventListener('pointermove', drag);
            mark.addEventListener('lostpointercapture', () => mark.removeEventListener('pointermove', drag), { once: true });
        });
        mark.addEventListener('keydown', (event) => {
            const step = event.shiftKey ? 10 : 1;
            const [dx, dy] = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key] ?? [0, 0];
            if (dx !== 0 || dy !== 0) {
                event.preventDefault();
                const [x, y] = at(name);
                put(name, x + dx, y + dy);
            }
        });
        for (const axis of ['x', 'y']) {
            field(name, axis).addEventListener('input', () => draw(name));
        }
    }

    function put(name, x, y) {
        field(name, 'x').value = String(Math.round(Math.min(width, Math.max(0, x)) * 10) / 10);
        field(name, 'y').value = String(Math.round(Math.min(height, Math.max(0, y)) * 10) / 10);
        draw(name);
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
}
