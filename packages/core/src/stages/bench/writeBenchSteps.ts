import { GUARDS, guardLengthAdvisedIn, HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import { formatLength, formatSize, type UnitSystem } from '../../units/index.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Shell } from '../box/StowedBox.ts';
import type { FillAmount } from '../fill/FilledBox.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { PHOTOGRAPHS, STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { WrappedLayer } from '../wrap/WrappedItem.ts';
import type { BenchPhase, BenchStep, StepAmount } from './BenchStep.ts';
import { BENCH_TEST_RULES, BENCH_TESTS, type BenchTestKey } from './benchTests.ts';

type Part = Omit<BenchStep, 'key' | 'phase' | 'picture'> & { readonly shows?: Partial<BenchStep['picture']>; readonly opens?: BenchPhase };

/** What the bench must know of a piece beside its plan. */
export interface BenchFacts {
  /** It still lies in the wrap it was stored in. */
  readonly storageWrap?: boolean;
  /** What goes with it, to be ticked. */
  readonly accessories?: readonly string[];
}

const act = (title: string, says: string, minutes: number, amounts: readonly StepAmount[] = []): Part => ({
  kind: 'do',
  title,
  says,
  minutes,
  amounts,
  records: null,
  test: null,
});
const record = (records: BenchStep['records'], title: string, says: string, minutes: number, opens?: BenchPhase): Part => ({
  ...act(title, says, minutes),
  kind: 'record',
  records,
  ...(opens ? { opens } : {}),
});
const opening = (opens: BenchPhase, [first, ...rest]: readonly Part[]): Part[] => (first ? [{ ...first, opens }, ...rest] : []);
const test = (key: BenchTestKey, minutes = 0): Part => {
  const { name, passes, remedies } = BENCH_TEST_RULES[key];
  return { kind: 'test', title: name, says: passes, minutes, amounts: [], records: null, test: { key, passes, remedies } };
};

/**
 * A plan as things to do, one at a time, in the order they are done: guards, layers with their ends folded
 * and taped, the bundle's tests and weight, boxes, fill by place, the closing tests, papers, photographs,
 * seams. The minutes are the plan's own and add up to them.
 *
 * @param system the units amounts are written in
 */
export function writeBenchSteps(
  { rated }: PlanOption,
  house: House,
  system: UnitSystem = 'imperial',
  { storageWrap = false, accessories = [] }: BenchFacts = {},
): BenchStep[] {
  const { filled } = rated.weighed;
  const { wrapped, inner, shell } = filled.stowed;
  const { facts, guards } = wrapped.piece;
  const length = (inches: number) => formatLength(inches, system);
  const within = filled.amounts.find((one) => one.where === 'inner') ?? null;
  const outer = filled.amounts.find((one) => one.where === 'outer') ?? null;
  const tests = testsDue(
    { brittle: wrapped.piece.archetype.brittle, cased: facts.movingParts !== 'none', envelope: isEnvelope(shell.box) },
    house,
  );
  const perTest = STANDING_MINUTES.tests / tests.length;
  const due = (key: BenchTestKey): Part[] => (tests.includes(key) ? [test(key, perTest)] : []);
  const guardSteps = facts.hardPoints.flatMap((point) =>
    point.guard
      ? [
          act(
            `Guard the ${HARD_POINTS[point.kind].name}`,
            `${capital(GUARDS[point.guard].name)} on the ${HARD_POINTS[point.kind].name}, ${point.face}; it reaches beyond the part and is not glued.`,
            GUARDS[point.guard].minutes,
            [{ what: GUARDS[point.guard].name, amount: point.guardLengthIn ?? guardLengthAdvisedIn(point), unit: 'inches long' }],
          ),
        ]
      : [],
  );
  const guardMinutes = guardSteps.reduce((sum, step) => sum + step.minutes, 0);
  const hollows = facts.hollows.filter((hollow) => hollow.filled);
  const parts: Part[] = [
    ...(storageWrap ? [act('Take off the storage wrap', 'All of it; look the piece over once more as it comes out.', 0)] : []),
    ...due('caseShake'),
    ...hollows.map((hollow) =>
      act(
        `Fill the ${hollow.name}`,
        `Pack it so that nothing can move, without pressing on the walls.`,
        (guards.minutes - guardMinutes) / hollows.length,
      ),
    ),
    ...guardSteps,
    ...wrapped.layers.map((layer, i) => ({ ...layerStep(layer, length), shows: { layers: i + 1 } })),
    ...due('feel'),
    ...due('bundleSize'),
    record(
      'bundle',
      'Measure and weigh the bundle',
      `Reckoned ${formatSize(filled.stowed.bundleIn, system)}. What it measures replaces that, and what is still open is searched again.`,
      0,
    ),
    ...(inner
      ? opening('box', [
          act(`Form the inner box`, `${inner.box.name}: form and tape the bottom.`, STANDING_MINUTES.formBox),
          ...(within ? fillSteps(within, 'the bundle', 'inner box') : []),
          act('Close the inner box', 'Close and tape it.', STANDING_MINUTES.closeBox),
        ])
      : []),
    ...opening('box', shellSteps(shell, length, system)),
    ...(outer
      ? fillSteps(outer, inner ? 'the inner box' : 'the bundle', 'box', due('touch').concat(due('fingerGap')))
      : [act('Put it in', 'Flat, its face down, stiff side out.', 0)]),
    ...(inner
      ? [act('See that the inner box stands level', 'Its own way up, fill pressed under each corner.', STANDING_MINUTES.nestInner)]
      : []),
    ...due('shake'),
    ...due('bounce'),
    ...due('lidPress'),
    record(
      'contents',
      'Papers inside',
      `Slip with the address${house.openingNote ? ', note how to open' : ''}, opening card; ${accessories.length > 0 ? `tick off ${accessories.join(', ')}` : 'every accessory ticked'}.`,
      STANDING_MINUTES.papers,
      'closing',
    ),
    ...(house.photographs
      ? [
          record(
            'photographs',
            'Photographs',
            `${PHOTOGRAPHS} of them: the piece all round, each layer, the open box, the closed one.`,
            PHOTOGRAPHS * STANDING_MINUTES.photograph,
          ),
        ]
      : []),
    ...(shell.box.earlierUses > 0 ? [act('Old labels off', 'Every old label and code off or covered.', 0)] : []),
    act(isEnvelope(shell.box) ? 'Close the flap' : 'Tape the seams', SEAM_WORDS[house.seams], STANDING_MINUTES.closeBox),
    ...due('tapeLoad'),
    ...due('seams'),
    record('parcel', 'Weigh and measure', 'Three readings; write size and weight on it.', STANDING_MINUTES.weigh),
  ];
  return keyed(parts);
}

/** Gives each step a key that stays while its title does, its phase, and the picture of how far things have come. */
function keyed(parts: readonly Part[]): BenchStep[] {
  const seen = new Map<string, number>();
  let phase: BenchPhase = 'bundle';
  let picture: BenchStep['picture'] = { layers: 0, inBox: 'no' };
  return parts.map(({ shows, opens, ...part }) => {
    const slug = part.title
      .toLowerCase()
      .replace(/[^a-z0-9.]+/g, '-')
      .replace(/-$/, '');
    const count = (seen.get(slug) ?? 0) + 1;
    seen.set(slug, count);
    phase = opens ?? phase;
    picture = { ...picture, ...shows };
    return { ...part, key: count > 1 ? `${slug}-${count}` : slug, phase, picture };
  });
}

const SEAM_WORDS: Readonly<Record<House['seams'], string>> = {
  crossAndSide: 'Centre seam, then across each end: the side seams are the ones forgotten.',
  everyEdge: 'Centre seam, side seams and every edge.',
  bands: 'Centre seam, then bands right round both ways.',
  skin: 'Centre seam and the corners.',
};

/** Which tests a nest is due: by what the piece is, what it goes in, and what the house asks for beside. */
export const testsDue = (
  { brittle, cased, envelope }: { brittle: boolean; cased: boolean; envelope: boolean },
  { extraTests }: Pick<House, 'extraTests'>,
): BenchTestKey[] =>
  BENCH_TESTS.filter((key) => {
    if (key === 'caseShake') return cased;
    if (key === 'feel') return brittle;
    if (key === 'bundleSize' || key === 'seams') return true;
    return !envelope && (key === 'bounce' || key === 'tapeLoad' ? extraTests.includes(key) : true);
  });

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

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
      `Tear ${pieces}. ${capital(times)}${stock.role === 'conform' || stock.role === 'cushion' ? `, bubbles ${placing.bubblesOut ? 'out' : 'in'}` : ''}${LAID_WORDS[placing.laid ?? 'straight']}, snug, not tight.`,
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

/** Only the outer box is drawn as it fills. */
const shown = (where: string, inBox: BenchStep['picture']['inBox'], parts: readonly Part[]): Part[] =>
  parts.map((part) => (where === 'box' ? { ...part, shows: { inBox } } : part));

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
        [{ what: stock.name, amount: counted, unit: stock.unitName, stock: { kind: 'fill', key: stock.key } }],
      ),
    ];
  };
  return [
    ...shown(where, 'base', step(`Base of the ${where}`, '#, level.', baseFt3)),
    ...shown(where, 'in', [act(`Put ${held} in`, 'In the middle, its heavy side down.', 0)]),
    ...shown(where, 'sides', step(`Sides of the ${where}`, '#, pressed down all round.', sidesFt3)),
    ...before,
    ...shown(where, 'top', opening(where === 'box' ? 'closing' : 'box', step(`Top of the ${where}`, '#, slightly above the rim.', topFt3))),
  ];
}
