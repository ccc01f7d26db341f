import { tell } from './tongue.js';

/** As the drawing shows it, radians. */
const FIRST = { yaw: 0.5, pitch: 0.36, zoom: 1 };
const STEP = 0.12;
const CLOSER = 1.15;
const DRAG = 0.008;
/** Dips below the floor show its base; over the top it would turn upside down. */
const PITCHES = [-0.6, 1.5];
const ZOOMS = [0.5, 6];

/** How each maker last looked at it: a redraw does not turn it back. */
const look = { ...FIRST };
const beside = {};
let carried = false;
let stage = null;

/** The bag as it stands, turned by drag, keys and pinch. Its drawing stays until something is to be turned. */
export function solid(within = document) {
    for (const place of within.querySelectorAll('[data-solid]')) {
        if (place.dataset.ready === 'yes') {
            continue;
        }
        place.dataset.ready = 'yes';
        listen(place);
        if (carried || (stage !== null && stage.opened)) {
            show(place);
        }
    }
}

function listen(place) {
    const fingers = new Map();
    const turn = (yaw, pitch, closer = 1) => {
        look.yaw += yaw;
        look.pitch = Math.min(PITCHES[1], Math.max(PITCHES[0], look.pitch + pitch));
        look.zoom = Math.min(ZOOMS[1], Math.max(ZOOMS[0], look.zoom * closer));
        show(place);
    };
    const keys = {
        ArrowLeft: () => turn(STEP, 0),
        ArrowRight: () => turn(-STEP, 0),
        ArrowUp: () => turn(0, STEP),
        ArrowDown: () => turn(0, -STEP),
        '+': () => turn(0, 0, CLOSER),
        '-': () => turn(0, 0, 1 / CLOSER),
        0: () => {
            Object.assign(look, FIRST);
            show(place);
        },
    };
    place.addEventListener('keydown', (event) => {
        if (event.target === place && Object.hasOwn(keys, event.key) && !event.ctrlKey && !event.metaKey) {
            event.preventDefault();
            keys[event.key]();
        }
    });
    place.addEventListener('pointerdown', (event) => {
        if (event.button === 0 && event.target.closest('button, label, input, a') === null) {
            fingers.set(event.pointerId, [event.clientX, event.clientY]);
            place.setPointerCapture(event.pointerId);
        }
    });
    place.addEventListener('pointermove', (event) => {
        const was = fingers.get(event.pointerId);
        if (was === undefined) {
            return;
        }
        const now = [event.clientX, event.clientY];
        const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1];
        const apart = (one) => Math.max(1, Math.hypot(one[0] - other[0], one[1] - other[1]));
        fingers.set(event.pointerId, now);
        if (other !== undefined) {
            turn(0, 0, apart(now) / apart(was));
        } else {
            turn((was[0] - now[0]) * DRAG, (now[1] - was[1]) * DRAG);
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        place.addEventListener(end, ({ pointerId }) => fingers.delete(pointerId));
    }
    // What stands beside it is no choice of the bag's.
    place.addEventListener('input', (event) => event.stopPropagation());
    place.addEventListener('change', (event) => {
        event.stopPropagation();
        if (event.target.matches('[data-carried]')) {
            carried = event.target.checked;
            carries(place);
        } else {
            beside[event.target.value] = event.target.checked;
        }
        show(place);
    });
    carries(place);
    for (const one of place.querySelectorAll('[data-beside]')) {
        one.checked = beside[one.value] ?? one.checked;
        beside[one.value] = one.checked;
    }
    place.querySelector('[data-solid-png]')?.addEventListener('click', async () => {
        await show(place);
        stage?.save(place.dataset.name);
    });
    for (const one of place.parentElement.querySelectorAll('[hidden][data-solid-act]')) {
        one.hidden = false;
    }
    // Whoever comes near is likely to turn it.
    place.addEventListener('pointerenter', () => import('./stage.js'), { once: true });
}

/** Whether it is seen full: said under it, and remembered as it is drawn anew. */
function carries(place) {
    const [box, said] = [place.querySelector('[data-carried]'), place.querySelector('[data-carried-said]')];
    if (box !== null && said !== null) {
        box.checked = carried;
        said.hidden = !carried;
    }
}

/** The first time what draws it is fetched. */
async function show(place) {
    if (stage === null) {
        try {
            const { Stage } = await import('./stage.js');
            stage ??= new Stage();
        } catch {
            const said = place.querySelector('[data-solid-said]');
            said.textContent = tell('This browser cannot turn it; the drawing stays as it is.');

            return;
        }
    }
    const isFull = carried && place.querySelector('[data-carried]') !== null;
    const more = place.dataset.solid.includes('?') ? '&' : '?';
    await stage.show(place, isFull ? `${place.dataset.solid}${more}carried=1` : place.dataset.solid, look, beside);
}
