import { fileSizes, focusTrouble, keys, printing } from './page.js';
import { plan } from './plan.js';

keys();
focusTrouble();
printing();
fileSizes();
plan();
