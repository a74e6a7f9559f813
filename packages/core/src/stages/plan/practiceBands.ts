import type { PracticeBand } from './practicePacking.ts';
import { BANDS_OF_FIRM } from './practiceOfFirm.ts';
import { BANDS_OF_REST } from './practiceOfRest.ts';

/** What good packers do and how it goes, and what goes wrong. Common practice, no source; sizes in inches, weights in pounds. */
export const PRACTICE_BANDS: readonly PracticeBand[] = [...BANDS_OF_FIRM, ...BANDS_OF_REST];
