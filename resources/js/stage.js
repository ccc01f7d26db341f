import {
    AmbientLight,
    BackSide,
    BufferGeometry,
    Color,
    CylinderGeometry,
    DirectionalLight,
    DoubleSide,
    EdgesGeometry,
    Float32BufferAttribute,
    Group,
    LineBasicMaterial,
    LineSegments,
    Mesh,
    MeshBasicMaterial,
    MeshLambertMaterial,
    OrthographicCamera,
    PlaneGeometry,
    Scene,
    Shape,
    ShapeGeometry,
    Vector3,
    WebGLRenderer,
    Box3,
} from 'three';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';

const INK = '#22302b';
const LINE = '#d8cfbb';
/** Metres. */
const A4 = [0.21, 0.297];
const GLASS = 0.046;
const HAND = 0.185;
const OUTLINE = 0.0012;
const INSIDE = 0.55;
const FAR = 10;
/** Dots of the picture to a pixel where it rests, and after how long it does, ms. */
const FINE = 2;
const STILL = 140;
/** Degrees from which a turn of the surface is drawn in ink. */
const SHARP = 35;

/** A hand from wrist to fingertips, in shares of its height. */
const FINGERS = [
    [-0.16, 0],
    [-0.19, 0.25],
    [-0.34, 0.4],
    [-0.38, 0.52],
    [-0.31, 0.55],
    [-0.2, 0.46],
    [-0.21, 0.8],
    [-0.16, 0.84],
    [-0.11, 0.8],
    [-0.09, 0.6],
    [-0.08, 0.94],
    [-0.03, 1],
    [0.02, 0.94],
    [0.02, 0.61],
    [0.05, 0.91],
    [0.1, 0.95],
    [0.13, 0.9],
    [0.11, 0.59],
    [0.15, 0.77],
    [0.19, 0.8],
    [0.22, 0.75],
    [0.17, 0.25],
    [0.13, 0],
];

/** What draws the bag standing: one canvas, put over whichever drawing it is turned in. */
export class Stage {
    opened = false;

    constructor() {
        this.renderer = new WebGLRenderer({ alpha: true });
        this.canvas = this.renderer.domElement;
        this.canvas.setAttribute('aria-hidden', 'true');
        this.camera = new OrthographicCamera(-1, 1, 1, -1, 0, 2 * FAR);
        this.scene = new Scene();
        this.bag = new Group();
        this.beside = new Group();
        this.light = new DirectionalLight('#ffffff', 1.5);
        this.scene.add(this.bag, this.beside, new AmbientLight('#ffffff', 2.1), this.light);
        this.loader = new GLTFLoader();
        this.source = '';
    }

    /** Over a drawing, as it is looked at; where the bag is another it is fetched. */
    async show(place, source, look, beside) {
        const frame = place.querySelector('[data-solid-frame]');
        this.opened = true;
        delete this.canvas.dataset.still;
        if (this.canvas.parentElement !== frame && this.source !== '') {
            frame.append(this.canvas);
        }
        if (this.source !== source) {
            this.fetching ??= {};
            this.fetching[source] ??= this.loader.loadAsync(source);
            const { scene } = await this.fetching[source];
            delete this.fetching[source];
            if (scene !== undefined && this.source !== source) {
                this.source = source;
                this.take(scene, Number(place.dataset.square));
            }
        }
        if (this.canvas.parentElement !== frame) {
            frame.append(this.canvas);
        }
        for (const one of this.beside.children) {
            one.visible = one.name === 'floor' || beside[one.name] === true;
        }
        this.draw(frame, look);
    }

    take(scene, square) {
        this.bag.clear();
        this.beside.clear();
        for (const one of [...scene.children]) {
            this.bag.add(...(one.isLine ? [lines(one)] : surfaces(one)));
        }
        this.box = new Box3().setFromObject(scene);
        this.beside.add(floor(square), sheet(this.box), glass(this.box), hand(this.box));
    }

    draw(frame, { yaw, pitch, zoom }) {
        const { width, height } = frame.getBoundingClientRect();
        const way = new Vector3(Math.sin(yaw) * Math.cos(pitch), Math.sin(pitch), Math.cos(yaw) * Math.cos(pitch));
        const all = this.box.clone();
        for (const one of this.beside.children) {
            if (one.visible && one.name !== 'floor') {
                all.expandByObject(one);
            }
        }
        const middle = all.getCenter(new Vector3());
        this.camera.position.copy(middle).addScaledVector(way, FAR);
        this.camera.lookAt(middle);
        // All of it stays in sight whichever way it is turned about its middle.
        const size = all.getSize(new Vector3());
        const around = Math.hypot(size.x, size.z) / 2;
        const up = (size.y / 2) * Math.cos(pitch) + around * Math.abs(Math.sin(pitch));
        const tall = (1.04 * Math.max(up, (around * height) / width)) / zoom;
        const broad = (tall * width) / height;
        Object.assign(this.camera, { left: -broad, right: broad, top: tall, bottom: -tall });
        this.camera.updateProjectionMatrix();
        this.light.position.copy(middle).add(new Vector3(-0.55, 0.55, 0.63).applyAxisAngle(new Vector3(0, 1, 0), yaw));
        this.light.target = this.bag;
        window.clearTimeout(this.still);
        this.paint(width, height, 1);
        this.still = window.setTimeout(() => {
            this.paint(width, height, FINE);
            this.canvas.dataset.still = 'yes';
        }, STILL);
    }

    /** Coarse while it turns, so that it follows the hand; fine where it rests. */
    paint(width, height, dots) {
        this.renderer.setPixelRatio(dots);
        this.renderer.setSize(width, height, false);
        this.renderer.render(this.scene, this.camera);
    }

    save(name) {
        const { width, height } = this.canvas.getBoundingClientRect();
        this.paint(width, height, FINE);
        this.canvas.toBlob((blob) => {
            const link = document.createElement('a');
            link.href = URL.createObjectURL(blob);
            link.download = `${name}.png`;
            link.click();
            URL.revokeObjectURL(link.href);
        });
    }
}

/** Lit from one side, the inside darker, ink where it ends and about it. */
function surfaces(mesh) {
    const colour = mesh.material.color;
    const { geometry } = mesh;
    const offset = { polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 };
    const fabric = new MeshLambertMaterial({ color: colour, side: DoubleSide, ...offset });
    fabric.onBeforeCompile = (shader) => {
        shader.fragmentShader = shader.fragmentShader.replace(
            '#include <color_fragment>',
            `#include <color_fragment>\nif (!gl_FrontFacing) { diffuseColor.rgb *= ${INSIDE.toFixed(2)}; }`,
        );
    };
    const hull = geometry.clone();
    const at = hull.attributes.position;
    const normal = hull.attributes.normal;
    for (let nth = 0; nth < at.count; nth++) {
        at.setXYZ(
            nth,
            at.getX(nth) + OUTLINE * normal.getX(nth),
            at.getY(nth) + OUTLINE * normal.getY(nth),
            at.getZ(nth) + OUTLINE * normal.getZ(nth),
        );
    }

    return [
        new Mesh(geometry, fabric),
        new Mesh(hull, new MeshBasicMaterial({ color: INK, side: BackSide, ...offset, polygonOffsetFactor: 4 })),
        new LineSegments(new EdgesGeometry(geometry, SHARP), new LineBasicMaterial({ color: INK })),
    ];
}

function lines(rows) {
    return new LineSegments(rows.geometry, new LineBasicMaterial({ color: INK, transparent: true, opacity: 0.32 }));
}

function floor(square) {
    const points = [];
    const many = Math.ceil(0.9 / square);
    for (let nth = -many; nth <= many; nth++) {
        const at = nth * square;
        const end = many * square;
        points.push(at, 0, -end, at, 0, end, -end, 0, at, end, 0, at);
    }
    const geometry = new BufferGeometry().setAttribute('position', new Float32BufferAttribute(points, 3));
    const grid = new LineSegments(geometry, new LineBasicMaterial({ color: LINE }));
    grid.name = 'floor';

    return grid;
}

function flat(geometry, name, colour) {
    const group = new Group();
    group.name = name;
    group.add(
        new Mesh(geometry, new MeshBasicMaterial({ color: colour, side: DoubleSide })),
        new LineSegments(new EdgesGeometry(geometry), new LineBasicMaterial({ color: INK })),
    );

    return group;
}

function sheet(box) {
    const group = flat(new PlaneGeometry(...A4), 'a4', '#ffffff');
    group.position.set(box.max.x + 0.05 + A4[0] / 2, A4[1] / 2, Math.min(box.min.z, -0.04));

    return group;
}

function glass(box) {
    const high = 0.001 / (Math.PI * GLASS ** 2);
    const group = new Group();
    group.name = 'litre';
    const water = new CylinderGeometry(GLASS, GLASS, high, 40);
    group.add(
        new Mesh(water, new MeshBasicMaterial({ color: new Color('#d5e3e2'), transparent: true, opacity: 0.7 })),
        new LineSegments(new EdgesGeometry(water, SHARP), new LineBasicMaterial({ color: INK })),
    );
    group.position.set(box.max.x + 0.06 + GLASS, high / 2, Math.max(box.max.z - 0.04, 0.04));

    return group;
}

function hand(box) {
    const shape = new Shape();
    FINGERS.forEach(([x, y], nth) => shape[nth === 0 ? 'moveTo' : 'lineTo'](x * HAND, y * HAND));
    const group = flat(new ShapeGeometry(shape), 'hand', '#e7dcc3');
    group.position.set(box.min.x - 0.08, 0, box.max.z);

    return group;
}
