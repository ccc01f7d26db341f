// Cards and points in pictures, from standard input, put on the table by the perspective-transform library: a second opinion on ours.
import { readFileSync } from 'node:fs';
import PerspT from 'perspective-transform';

const cases = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(cases.map(({ corners, table, point }) => PerspT(corners.flat(), table.flat()).transform(...point))));
