import { GUARDS, guardLengthAdvisedIn, HARD_POINTS, type HardPoint } from '../../engineering/pieces/hardPoints.ts';
import { orient } from '../../engineering/geometry/orientations.ts';
import { formatSize, formatTear, type UnitSystem } from '../../units/index.ts';
import { unboxedIn } from '../box/boxed.ts';
import type { LyingBundle } from '../box/StowedBox.ts';
import { raised } from '../wrap/interleaved.ts';
import type { WrappedItem, WrappedLayer } from '../wrap/WrappedItem.ts';
import type { BenchTestKey } from './benchTests.ts';
import { forEach, ofEach, spoken, type Letters } from './severalWords.ts';
import { stackSteps } from './stackSteps.ts';
import { turnsWords } from '../wrap/laidWords.ts';
import { act, capital, record, type Part } from './stepParts.ts';

/**
 * What is done to one bundle, or to each of several that are alike, before any box.
 *
 * @param first what comes before anything is wrapped
 */
export function bundleSteps(
  bundle: LyingBundle,
  letters: Letters,
  due: (key: BenchTestKey) => readonly Part[],
  first: readonly Part[],
  system: UnitSystem,
): Part[] {
  const { wrapped, layout } = bundle;
  const { facts, guards } = wrapped.piece;
  const several = layout.count > 1;
  const asAsked = layersUnderGuards(wrapped);
  const guardSteps = facts.hardPoints.flatMap((point) => {
    const over = Math.min(point.guardOver ?? asAsked, wrapped.layers.length);
    return point.guard
      ? [
          {
            over,
            step: {
              shows: { about: point.face, ...(over > 0 ? { layers: over } : {}) },
              ...act(
                `guard:${point.id}:${point.guard}`,
                `Guard the ${HARD_POINTS[point.kind].name}`,
                `${capital(GUARDS[point.guard].name)} on the ${HARD_POINTS[point.kind].name}, ${point.face}${underWords(wrapped.layers.slice(0, over))}; it reaches beyond the part and is not glued.`,
                GUARDS[point.guard].minutes,
                [{ what: GUARDS[point.guard].name, amount: point.guardLengthIn ?? guardLengthAdvisedIn(point), unit: 'inches long' }],
              ),
            },
          },
        ]
      : [];
  });
  const guardMinutes = guardSteps.reduce((sum, { step }) => sum + step.minutes, 0);
  const hollows = facts.hollows.filter((hollow) => hollow.filled);
  const tension = tensionWords(facts.hardPoints);
  const layerSteps = wrapped.layers.map((layer, i) => ({
    ...layerStep(layer, tension, (inches) => formatTear(inches, system)),
    shows: { layers: i + 1, ...(layer.doubled ? { about: layer.doubled.face } : {}) },
    // of several different ones the wrapped bundle is enough
    ...(letters.amongOthers && i < wrapped.layers.length - 1 ? {} : { shot: true as const }),
  }));
  const guardsOver = (count: number) => guardSteps.flatMap(({ over, step }) => (over === count ? [step] : []));
  const wraps = [...layerSteps.flatMap((step, i) => [...guardsOver(i), step]), ...guardsOver(layerSteps.length)];
  const parts: Part[] = [
    ...first,
    ...ofEach(letters, due('caseShake')),
    ...stackSteps(wrapped, (inches) => formatTear(inches, system)),
    ...forEach(
      letters,
      hollows.map((hollow) =>
        act(
          `hollow:${hollow.id}`,
          `Fill the ${hollow.name}`,
          `Pack it so that nothing can move, without pressing on the walls.`,
          (guards.minutes - guardMinutes) / hollows.length,
        ),
      ),
    ),
    ...forEach(letters, wraps),
    ...ofEach(letters, due('feel')),
    ...ofEach(letters, due('bundleSize')),
    record(
      'measure',
      'bundle',
      several ? 'Measure and weigh one bundle' : 'Measure and weigh the bundle',
      `${several ? 'The largest of them. ' : ''}Long, wide, high as it lies: ${isMeasured(bundle) ? 'measured' : 'reckoned'} ${formatSize(orient(unboxedIn(wrapped), bundle.orientation), system)}. What it measures replaces that, and what is still open is searched again.`,
      0,
    ),
  ];
  return letters.amongOthers ? spoken(letters, facts.title, parts) : parts;
}

/** What a guard lies over. */
const underWords = (layers: readonly WrappedLayer[]): string =>
  layers.length === 0 ? '' : `, over the ${layers.map(({ stock }) => stock.name.toLowerCase()).join(' and the ')}`;

/**
 * How many layers lie under a guard of which nobody said: those that only keep the surface, where it is one that foam or card would mark.
 *
 * Common practice, no source.
 */
function layersUnderGuards({ layers, piece }: WrappedItem): number {
  if (piece.facts.finish === 'plain') return 0;
  const first = layers.findIndex(({ stock }) => stock.role !== 'surface');
  return first < 0 ? layers.length : first;
}

/** How tight a layer may be, with the parts that too tight a wrap can snap. Common practice, no source. */
function tensionWords(points: readonly HardPoint[]): string {
  const slender = [...new Set(points.filter(({ kind }) => HARD_POINTS[kind].slender).map(({ kind }) => HARD_POINTS[kind].name))];
  if (slender.length === 0) return 'snug, not tight';
  return `snug, never tight at the ${slender.length === 1 ? slender[0] : `${slender.slice(0, -1).join(', ')} or the ${slender.at(-1)}`}`;
}

/** A card is not wound: one is cut for a face, or one for each. */
function cardStep(
  {
    stock,
    turns,
    lengthIn,
    sheets,
    areaIn2,
    tape,
    minutes,
  }: Pick<WrappedLayer, 'stock' | 'turns' | 'lengthIn' | 'sheets' | 'areaIn2' | 'tape' | 'minutes'>,
  tear: (inches: number) => string,
): Part {
  const size = `${tear(lengthIn)} × ${tear(areaIn2 / (2 * turns) / lengthIn)}`;
  return act(
    `layer:${stock.key}:${turns}`,
    `${stock.name} on ${sheets === 1 ? 'one face' : 'both faces'}`,
    sheets === 1
      ? `Cut one card ${size} and lay it on the face that breaks first. Tape it with ${tape.name.toLowerCase()}, not to the face.`
      : `Cut ${sheets} cards ${size}, one for each face. Tape them to each other round the edges with ${tape.name.toLowerCase()}, not to the face.`,
    minutes,
    [{ what: stock.name, amount: sheets, unit: 'cards', stock: { kind: 'wrap', key: stock.key } }],
  );
}

/** An envelope is not wound: the bundle is slid in, and it is closed. Common practice, no source. */
const sleeveStep = ({ stock, turns, tape, minutes }: Pick<WrappedLayer, 'stock' | 'turns' | 'tape' | 'minutes'>): Part =>
  act(
    `layer:${stock.key}:${turns}`,
    `Into the ${stock.name.toLowerCase()}`,
    `Slide the bundle in flat${stock.stiff ? '' : ', press the air out, and fold over what is left of it'}. Close the flap with one strip of ${tape.name.toLowerCase()}, not to the bundle.`,
    minutes,
    [{ what: stock.name, amount: 1, unit: 'envelopes' }],
  );

/** True where a bundle is not as large as its layers make it: somebody measured it. */
const isMeasured = ({ wrapped }: LyingBundle): boolean =>
  (wrapped.layers.at(-1)?.bundleIn ?? raised(wrapped.piece.sizeIn, wrapped.interleaved)).join() !== unboxedIn(wrapped).join();

const LAID_WORDS = { straight: '', crossed: ', in strips that cross', diagonal: ', cornerwise' };

function layerStep(
  { stock, turns, lengthIn, sheets, areaIn2, doubled, placing, tape, minutes }: WrappedLayer,
  tension: string,
  tear: (inches: number) => string,
): Part {
  const times = turnsWords(turns);
  if (stock.sleeve) return sleeveStep({ stock, turns, tape, minutes });
  if (stock.stiff) return cardStep({ stock, turns, lengthIn, sheets, areaIn2, tape, minutes }, tear);
  const pieces = sheets === 1 ? `one piece ${tear(lengthIn)} long` : `${sheets} pieces side by side, each ${tear(lengthIn)} long`;
  return act(
    `layer:${stock.key}:${turns}`,
    `${stock.name}: ${times}`,
    [
      `Tear ${pieces}. ${capital(times)}${stock.role === 'conform' || stock.role === 'cushion' ? `, bubbles ${placing.bubblesOut ? 'out' : 'in'}` : ''}${LAID_WORDS[placing.laid ?? 'straight']}, ${tension}.`,
      'Fold the ends in.',
      doubled ? `One sheet more over the ${doubled.face}, end to end.` : '',
      `One strip of ${tape.name.toLowerCase()}${tape.easyOff ? '' : '; say on the note where to cut'}.`,
    ]
      .filter(Boolean)
      .join(' '),
    minutes,
    [
      { what: stock.name, amount: turns, unit: 'turns', stock: { kind: 'wrap', key: stock.key } },
      { what: stock.name, amount: sheets, unit: 'sheets' },
      { what: stock.name, amount: lengthIn, unit: 'inches each' },
      { what: tape.name, amount: 1, unit: 'strips' },
    ],
  );
}
