// Looks at solids by libraries of others: gltf-validator (Khronos Group) finds no fault in a file, and three's convex
// hull holds as many litres as the plan says.   node look-at-solids.js FOLDER
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { validateBytes } from 'gltf-validator';
import { Box3, Vector3 } from 'three';
import { ConvexHull } from 'three/examples/jsm/math/ConvexHull.js';

const folder = process.argv[2];
const expected = JSON.parse(readFileSync(join(folder, 'expected.json'), 'utf8'));
let looked = 0;
for (const { file, high, litres } of expected) {
    const bytes = readFileSync(join(folder, file));
    const { issues } = await validateBytes(new Uint8Array(bytes));
    const json = JSON.parse(bytes.subarray(20, 20 + bytes.readUInt32LE(12)).toString());
    const data = bytes.subarray(28 + bytes.readUInt32LE(12));
    const points = json.nodes
        .filter(({ name }) => /^(wall|base|piece|net)/.test(name))
        .flatMap(({ mesh }) => {
            const { bufferView } = json.accessors[json.meshes[mesh].primitives[0].attributes.POSITION];
            const { byteOffset, byteLength } = json.bufferViews[bufferView];
            const at = (nth) => data.readFloatLE(byteOffset + 4 * nth);

            return Array.from(
                { length: byteLength / 12 },
                (_, nth) => new Vector3(at(3 * nth), at(3 * nth + 1), at(3 * nth + 2)),
            );
        });
    const size = new Box3().setFromPoints(points).getSize(new Vector3());
    const { faces } = new ConvexHull().setFromPoints(points);
    const holds = (1000 * faces.reduce((sum, { area, constant }) => sum + area * constant, 0)) / 3;
    looked++;
    if (issues.numErrors + issues.numWarnings > 0) {
        console.error(file, JSON.stringify(issues.messages.slice(0, 3)));
        process.exitCode = 1;
    }
    if (Math.abs(size.y * 1000 - high) > 0.01 * high || (litres > 0 && Math.abs(holds - litres) > 0.01 * litres)) {
        console.error(file, `high ${size.y * 1000} mm for ${high}, holds ${holds} l for ${litres}`);
        process.exitCode = 1;
    }
}
console.log(`${looked} solids`);
