import { OWN_BOX } from '../box/ownBox.ts';
import { gapsWithin } from '../box/boxed.ts';
import type { LyingBundle } from '../box/StowedBox.ts';
import { amountWithin } from '../fill/boxedFill.ts';
import { unitsWords } from '../fill/handAmounts.ts';
import { STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { BenchTestKey } from './benchTests.ts';
import { fillSteps } from './fillSteps.ts';
import { forEach, ofEach, spoken, type Letters } from './severalWords.ts';
import { sidesWithRoom } from './sidesWithRoom.ts';
import { act, capital, type Part } from './stepParts.ts';

/** So little fill is not laid by place. Common practice, no source. */
const HANDFUL = 2;
const PUT = { who: 'it', where: 'In the middle, its heavy side down.' };

/** What is done to put a wrapped bundle into a box of its own, or each of several that are alike; nothing where it has none. */
export function ownBoxSteps(bundle: LyingBundle, letters: Letters, due: (key: BenchTestKey) => readonly Part[]): Part[] {
  const { boxed } = bundle.wrapped;
  const amount = amountWithin(bundle);
  if (!boxed || !amount) return [];
  const retail = boxed.box.key === OWN_BOX;
  const parts = [
    ...forEach(letters, [
      retail
        ? act('boxed:form', 'Open its own box', 'Lay its own lining back in; no tape on what is printed.', STANDING_MINUTES.formBox)
        : act('boxed:form', 'Form its box', `${boxed.box.name}: form and tape the bottom.`, STANDING_MINUTES.formBox),
      ...(amount.units > HANDFUL
        ? fillSteps([amount], [PUT], 'its box', sidesWithRoom(gapsWithin(bundle)!))
        : [
            act('boxed:in', `Put ${PUT.who} in`, PUT.where, 0),
            act(
              'boxed:sides',
              'Fill its box',
              `${capital(unitsWords(amount.units, amount.stock.unitName))} of ${amount.stock.name.toLowerCase()}, wherever there is room, so that nothing moves.`,
              amount.boughtFt3 * amount.stock.minutesPerFt3,
              [
                {
                  what: amount.stock.name,
                  amount: amount.units,
                  unit: amount.stock.unitName,
                  stock: { kind: 'fill', key: amount.stock.key },
                },
              ],
            ),
          ]),
    ]),
    ...ofEach(letters, due('ownBoxShake')),
    ...forEach(letters, [
      act(
        'boxed:close',
        'Close its box',
        retail ? 'Paper round it, then tape on the paper alone.' : 'Close and tape it; its letter on the lid.',
        STANDING_MINUTES.closeBox + STANDING_MINUTES.nestInner,
      ),
    ]),
  ];
  const shown = parts.map((part): Part => ({ ...part, shows: { ...part.shows, inOwnBox: true } }));
  return letters.amongOthers ? spoken(letters, null, shown) : shown;
}
