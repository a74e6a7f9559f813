import 'server-only';
import type { NamedFile, RateCardReading } from '@inch-nest/formats';
import { workApart } from '../workApart.ts';

const BOUNDS = { patienceMs: 8000, mostMb: 128 };
const TOO_HARD: RateCardReading = { ok: false, problems: [{ path: '(files)', message: 'these files cannot be read in reasonable time' }] };

/** Reads the files of a rate card apart from whatever else the server does. */
export const readCardApart = async (files: readonly NamedFile[]): Promise<RateCardReading> =>
  (await workApart<RateCardReading>('cards/cardReader.mjs', files, BOUNDS)) ?? TOO_HARD;
