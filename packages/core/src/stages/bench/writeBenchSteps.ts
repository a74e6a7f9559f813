import { GUARDS, guardLengthAdvisedIn, HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import { formatLength, formatSize, type UnitSystem } from '../../units/index.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Shell } from '../box/StowedBox.ts';
import type { FillAmount } from '../fill/FilledBox.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { PHOTOGRAPHS, STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { WrappedLayer } from '../wrap/WrappedItem.ts';
import type { BenchStep, StepAmount } from './BenchStep.ts';
import { BENCH_TEST_RULES, type BenchTestKey } from './benchTests.ts';

type Part = Omit<BenchStep, 'key'>;

const act = (title: string, says: string, minutes: number, amounts: readonly StepAmount[] = []): Part => ({
  kind: 'do',
  title,
  says,
  minutes,
  amounts,
  test: null,
});
const record = (title: string, says: string, minutes: number): Part => ({ ...act(title, says, minutes), kind: 'record' });
const test = (key: BenchTestKey, minutes = 0): Part => {
  const { name, passes, remedies } = BENCH_TEST_RULES[key];
  return { kind: 'test', title: name, says: passes, minutes, amounts: [], test: { key, passes, remedies } };
};

/**
 * A plan as things to do, one at a time, in the order they are done: guards, layers with their ends folded
 * and taped, the bundle's tests and weight, boxes, fill by place, the closing tests, papers, photographs,
 * seams. The minutes are the plan's own and add up to them.
 *
 * @param system the units amounts are written in
 */
export function writeBenchSteps({ rated }: PlanOption, house: House, system: UnitSystem = 'imperial'): BenchStep[] {
  const { filled } = rated.weighed;
  const { wrapped, inner, shell } = filled.stowed;
  const { facts, guards } = wrapped.piece;
  const length = (inches: number) => formatLength(inches, system);
  const within = filled.amounts.find((one) => one.where === 'inner') ?? null;
  const outer = filled.amounts.find((one) => one.where === 'outer') ?? null;
  const tests = testsOf(wrapped.piece.archetype.brittle, facts.movingParts !== 'none', isEnvelope(shell.box));
  const perTest = STANDING_MINUTES.tests / tests.length;
  const due = (key: BenchTestKey): Part[] => (tests.includes(key) ? [test(key, perTest)] : []);
  const guardSteps = facts.hardPoints.flatMap((point) =>
    point.guard
      ? [
          act(
            `Guard the ${HARD_POINTS[point.kind].name}`,
            `${GUARDS[point.guard].name} on the ${HARD_POINTS[point.kind].name}, ${point.face}; it reaches beyond the part and is not glued.`,
            GUARDS[point.guard].minutes,
            [{ what: GUARDS[point.guard].name, amount: point.guardLengthIn ?? guardLengthAdvisedIn(point), unit: 'inches long' }],
          ),
        ]
      : [],
  );
  const guardMinutes = guardSteps.reduce((sum, step) => sum + step.minutes, 0);
  const hollows = facts.hollows.filter((hollow) => hollow.filled);
  const parts: Part[] = [
    ...due('caseShake'),
    ...hollows.map((hollow) =>
      act(
        `Fill the ${hollow.name}`,
        `Pack it so that nothing can move, without pressing on the walls.`,
        (guards.minutes - guardMinutes) / hollows.length,
      ),
    ),
    ...guardSteps,
    ...wrapped.layers.map((layer) => layerStep(layer, length)),
    ...due('feel'),
    ...due('bundleSize'),
    record(
      'Measure and weigh the bundle',
      `Reckoned ${formatSize(filled.stowed.bundleIn, system)}. What it measures replaces that, and what is still open is searched again.`,
      0,
    ),
    ...(inner
      ? [
          act(`Form the inner box`, `${inner.box.name}: form and tape the bottom.`, STANDING_MINUTES.formBox),
          ...(within ? fillSteps(within, 'the bundle', 'inner box') : []),
          act('Close the inner box', 'Close and tape it.', STANDING_MINUTES.closeBox),
        ]
      : []),
    ...shellSteps(shell, length, system),
    ...(outer
      ? fillSteps(outer, inner ? 'the inner box' : 'the bundle', 'box', due('touch').concat(due('fingerGap')))
      : [act('Put it in', 'Flat, its face down, stiff side out.', 0)]),
    ...(inner
      ? [act('See that the inner box stands level', 'Its own way up, fill pressed under each corner.', STANDING_MINUTES.nestInner)]
      : []),
    ...due('shake'),
    ...due('lidPress'),
    record(
      'Papers inside',
      `Slip with the address${house.openingNote ? ', note how to open' : ''}, opening card; every accessory ticked.`,
      STANDING_MINUTES.papers,
    ),
    ...(house.photographs
      ? [
          record(
            'Photographs',
            `${PHOTOGRAPHS}: the piece all round, each layer, the open box, the closed one.`,
            PHOTOGRAPHS * STANDING_MINUTES.photograph,
          ),
        ]
      : []),
    ...(shell.box.earlierUses > 0 ? [act('Old labels off', 'Every old label and code off or covered.', 0)] : []),
    act(isEnvelope(shell.box) ? 'Close the flap' : 'Tape the seams', SEAM_WORDS[house.seams], STANDING_MINUTES.closeBox),
    ...due('seams'),
    record('Weigh and measure', 'Three readings; write size and weight on it.', STANDING_MINUTES.weigh),
  ];
  return parts.map((part, i) => ({ ...part, key: `${i + 1}-${part.title.toLowerCase().replace(/[^a-z]+/g, '-')}` }));
}

const SEAM_WORDS: Readonly<Record<House['seams'], string>> = {
  crossAndSide: 'Centre seam, then across each end: the side seams are the ones forgotten.',
  everyEdge: 'Centre seam, side seams and every edge.',
  bands: 'Centre seam, then bands right round both ways.',
  skin: 'Centre seam and the corners.',
};

/** Which tests this nest is due. */
const testsOf = (brittle: boolean, cased: boolean, envelope: boolean): BenchTestKey[] => [
  ...(cased ? (['caseShake'] as const) : []),
  ...(brittle ? (['feel'] as const) : []),
  'bundleSize',
  ...(envelope ? [] : (['touch', 'fingerGap', 'shake', 'lidPress'] as const)),
  'seams',
];

const LAID_WORDS = { straight: '', crossed: ', in strips that cross', diagonal: ', cornerwise' };

function layerStep(
  { stock, turns, lengthIn, sheets, doubled, placing, tape, minutes }: WrappedLayer,
  length: (inches: number) => string,
): Part {
  const times = turns === 1 ? '1 turn' : `${turns} turns`;
  const pieces = sheets === 1 ? `one piece ${length(lengthIn)} long` : `${sheets} pieces side by side, each ${length(lengthIn)} long`;
  return act(
    `${stock.name}: ${times}`,
    [
      `Tear ${pieces}. ${times.charAt(0).toUpperCase()}${times.slice(1)}${stock.role === 'conform' || stock.role === 'cushion' ? `, bubbles ${placing.bubblesOut ? 'out' : 'in'}` : ''}${LAID_WORDS[placing.laid ?? 'straight']}, snug, not tight.`,
      'Fold the ends in.',
      doubled ? `One sheet more over the ${doubled.face}, end to end.` : '',
      `One strip of ${tape.name.toLowerCase()}${tape.easyOff ? '' : '; say on the note where to cut'}.`,
    ]
      .filter(Boolean)
      .join(' '),
    minutes,
    [
      { what: stock.name, amount: turns, unit: 'turns' },
      { what: stock.name, amount: sheets, unit: 'sheets' },
      { what: stock.name, amount: lengthIn, unit: 'inches each' },
      { what: tape.name, amount: 1, unit: 'strips' },
    ],
  );
}

/** Making the outer box ready: cut down, lined, formed. */
function shellSteps({ box, newDepthIn, liner, minutes }: Shell, length: (inches: number) => string, system: UnitSystem): Part[] {
  const made = Number(newDepthIn !== null) + Number(liner);
  return [
    ...(newDepthIn === null
      ? []
      : [
          act(
            'Cut the box down',
            `New fold line at ${length(newDepthIn)}; slit the corners to it; trim the flaps to meet.`,
            minutes / made,
          ),
        ]),
    act(
      isEnvelope(box) ? 'Open the envelope' : 'Form the box',
      `${box.name} (${formatSize(box.insideIn, system)} inside)${isEnvelope(box) ? '' : ': form and tape the bottom'}.`,
      STANDING_MINUTES.formBox,
    ),
    ...(liner ? [act('Line the box', 'A panel of board on all six faces; the lid’s goes in last.', minutes / made)] : []),
  ];
}

/** Base, piece, four sides, top, each with its share of the fill. */
function fillSteps(
  { stock, baseFt3, sidesFt3, topFt3, boughtFt3 }: FillAmount,
  held: string,
  where: string,
  before: readonly Part[] = [],
): Part[] {
  const all = baseFt3 + sidesFt3 + topFt3;
  const minutes = boughtFt3 * stock.minutesPerFt3;
  const step = (title: string, says: string, ft3: number): Part[] => {
    if (all === 0 || ft3 <= 0) return [];
    const units = ((ft3 / all) * boughtFt3) / stock.unitFt3;
    const counted = Math.max(0.5, Math.round(units * 2) / 2);
    return [
      act(
        title,
        says.replace('#', `${counted} ${stock.unitName}${counted === 1 ? '' : 's'} of ${stock.name.toLowerCase()}`),
        (minutes * ft3) / all,
        [{ what: stock.name, amount: counted, unit: stock.unitName }],
      ),
    ];
  };
  return [
    ...step(`Base of the ${where}`, '#, level.', baseFt3),
    act(`Put ${held} in`, 'In the middle, its heavy side down.', 0),
    ...step(`Sides of the ${where}`, '#, pressed down all round.', sidesFt3),
    ...before,
    ...step(`Top of the ${where}`, '#, slightly above the rim.', topFt3),
  ];
}
