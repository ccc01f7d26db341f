import { focusTrouble, keys, printing } from './page.js';
import { plan } from './plan.js';

keys();
focusTrouble();
printing();
plan();
