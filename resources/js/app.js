import { marking } from './marking.js';
import { begin } from './begin.js';
import { folding } from './folding.js';
import { fileSizes, focusTrouble, keys, printing } from './page.js';
import { plan } from './plan.js';
import { scale } from './scale.js';
import { ticks } from './ticks.js';

keys();
begin();
focusTrouble();
printing();
fileSizes();
plan();
folding();
scale();
ticks();
marking();
