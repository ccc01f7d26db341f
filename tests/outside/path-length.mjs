// Length of an SVG path by the svg-path-properties library: a second opinion on our formulas.
import { svgPathProperties } from 'svg-path-properties';

process.stdout.write(String(new svgPathProperties(process.argv[2]).getTotalLength()));
