import { marking } from './marking.js';
import { begin } from './begin.js';
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
scale();
ticks();
marking();
