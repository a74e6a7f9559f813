import { archetypeFromTitle } from '../../engineering/pieces/archetypeFromTitle.ts';
import type { SaleLine } from './SaleLine.ts';

/** So many times, and the glass in millimetres, as what is looked through is called: `8x30`. Common practice, no source. */
const TIMES_GLASS = /^\d{1,2}\s?[x×]\s?\d{2,3}$/i;

/** Puts back into the name what looks like two sides and says how a glass sees: `binoculars 8x30`. */
export function keepMagnification(line: SaleLine): void {
  const { title, sizeIn, readings } = line;
  if (title === undefined || sizeIn?.length !== 2 || archetypeFromTitle(title) !== 'optics') return;
  const reading = readings.find(({ field, said = '' }) => field === 'sizeIn' && TIMES_GLASS.test(said));
  if (!reading) return;
  line.title = `${title} ${reading.text}`;
  delete line.sizeIn;
  delete reading.said;
  reading.field = 'title';
}
