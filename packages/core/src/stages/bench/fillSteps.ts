import type { FillAmount } from '../fill/FilledBox.ts';
import type { BenchStep } from './BenchStep.ts';
import type { PutIn } from './severalWords.ts';
import { act, opening, type Part } from './stepParts.ts';

/** Only the outer box is drawn as it fills. */
const shown = (where: string, inBox: BenchStep['picture']['inBox'], parts: readonly Part[]): Part[] =>
  parts.map((part) => (where === 'box' ? { ...part, shows: { inBox, ...part.shows } } : part));

/** Base, piece, four sides, top, each with its share of the fill. */
export function fillSteps(
  { stock, baseFt3, sidesFt3, topFt3, boughtFt3 }: FillAmount,
  put: readonly PutIn[],
  where: 'box' | 'inner box',
  before: readonly Part[] = [],
  onBase: readonly Part[] = [],
): Part[] {
  const at = where === 'box' ? 'box' : 'inner';
  const all = baseFt3 + sidesFt3 + topFt3;
  const minutes = boughtFt3 * stock.minutesPerFt3;
  const step = (place: string, title: string, says: string, ft3: number): Part[] => {
    if (all === 0 || ft3 <= 0) return [];
    const units = ((ft3 / all) * boughtFt3) / stock.unitFt3;
    const counted = Math.max(0.5, Math.round(units * 2) / 2);
    return [
      act(
        `${at}:${place}`,
        title,
        says.replace('#', `${counted} ${stock.unitName}${counted === 1 ? '' : 's'} of ${stock.name.toLowerCase()}`),
        (minutes * ft3) / all,
        [{ what: stock.name, amount: counted, unit: stock.unitName, stock: { kind: 'fill', key: stock.key } }],
      ),
    ];
  };
  return [
    ...shown(where, 'base', step('base', `Base of the ${where}`, '#, level.', baseFt3)),
    ...shown(where, 'base', onBase),
    ...shown(
      where,
      'in',
      put.map(({ who, where: place, at: bundle }, i) => ({
        ...act(bundle === undefined ? `${at}:in` : `${at}:in:${bundle + 1}`, `Put ${who} in`, place, 0),
        ...(bundle === undefined ? {} : { bundle, shows: { put: put.slice(0, i + 1).map((one) => one.at!) } }),
      })),
    ),
    ...shown(where, 'sides', step('sides', `Sides of the ${where}`, '#, pressed down all round.', sidesFt3)),
    ...before,
    ...shown(
      where,
      'top',
      opening(where === 'box' ? 'closing' : 'box', step('top', `Top of the ${where}`, '#, slightly above the rim.', topFt3)),
    ),
  ];
}
