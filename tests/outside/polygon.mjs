// Area and length of closed polygons by the d3-polygon library: a second opinion on our formulas.
import { readFileSync } from 'node:fs';
import { polygonArea, polygonLength } from 'd3-polygon';

const polygons = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(polygons.map((one) => [Math.abs(polygonArea(one)), polygonLength(one)])));
