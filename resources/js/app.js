import { marking } from './marking.js';
import { fileSizes, focusTrouble, keys, printing } from './page.js';
import { plan } from './plan.js';
import { scale } from './scale.js';
import { ticks } from './ticks.js';

keys();
focusTrouble();
printing();
fileSizes();
plan();
scale();
ticks();
marking();
