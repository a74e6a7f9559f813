import { GUARDS, guardLengthAdvisedIn, HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import { formatLength, formatSize, type UnitSystem } from '../../units/index.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { OWN_BOX } from '../box/ownBox.ts';
import type { Along, AlongPlace } from '../sale/Order.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { PHOTOGRAPHS, STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { WrappedLayer } from '../wrap/WrappedItem.ts';
import type { BenchPhase, BenchStep } from './BenchStep.ts';
import { BENCH_TESTS, type BenchTestKey } from './benchTests.ts';
import { ONE } from '../../engineering/stowage/Block.ts';
import { letterOf } from '../../engineering/stowage/letterOf.ts';
import { forEach, ofEach, placeWords, stackSteps } from './severalWords.ts';
import { fillSteps } from './fillSteps.ts';
import { boardStep, shellSteps } from './shellSteps.ts';
import { act, opening, record, test, type Part } from './stepParts.ts';

/** What the bench must know of a piece beside its plan. */
export interface BenchFacts {
  /** What is wrapped; the keys of its steps carry it. */
  readonly bundleId?: string;
  /** It still lies in the wrap it was stored in. */
  readonly storageWrap?: boolean;
  /** What goes with it, to be ticked. */
  readonly accessories?: readonly string[];
}

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
  { bundleId = ONLY_BUNDLE, storageWrap = false, accessories = [] }: BenchFacts = {},
): BenchStep[] {
  const { filled } = rated.weighed;
  const { wrapped, inner, shell, layout } = filled.stowed;
  const several = layout.count > 1;
  const bundles = several ? `A to ${letterOf(layout.count - 1)}` : 'the bundle';
  const placed = placeWords(layout);
  const { facts, guards } = wrapped.piece;
  const length = (inches: number) => formatLength(inches, system);
  const within = filled.amounts.find((one) => one.where === 'inner') ?? null;
  const outer = filled.amounts.find((one) => one.where === 'outer') ?? null;
  const tests = testsDue(
    { brittle: wrapped.piece.archetype.feel !== null, cased: facts.movingParts !== 'none', envelope: isEnvelope(shell.box) },
    house,
  );
  const perTest = STANDING_MINUTES.tests / tests.length;
  const due = (key: BenchTestKey): Part[] => (tests.includes(key) ? [test(key, perTest)] : []);
  const guardSteps = facts.hardPoints.flatMap((point) =>
    point.guard
      ? [
          act(
            `guard:${point.id}:${point.guard}`,
            `Guard the ${HARD_POINTS[point.kind].name}`,
            `${capital(GUARDS[point.guard].name)} on the ${HARD_POINTS[point.kind].name}, ${point.face}; it reaches beyond the part and is not glued.`,
            GUARDS[point.guard].minutes,
            [{ what: GUARDS[point.guard].name, amount: point.guardLengthIn ?? guardLengthAdvisedIn(point), unit: 'inches long' }],
          ),
        ]
      : [],
  );
  const guardMinutes = guardSteps.reduce((sum, step) => sum + step.minutes, 0);
  const putIn = facts.along.map((one) => alongStep(one, system));
  const hollows = facts.hollows.filter((hollow) => hollow.filled);
  const parts: Part[] = [
    ...(storageWrap ? [act('unwrap', 'Take off the storage wrap', 'All of it; look the piece over once more as it comes out.', 0)] : []),
    ...ofEach(layout.count, due('caseShake')),
    ...stackSteps(wrapped.piece.stacks),
    ...forEach(
      layout.count,
      hollows.map((hollow) =>
        act(
          `hollow:${hollow.id}`,
          `Fill the ${hollow.name}`,
          `Pack it so that nothing can move, without pressing on the walls.`,
          (guards.minutes - guardMinutes) / hollows.length,
        ),
      ),
    ),
    ...forEach(layout.count, guardSteps),
    ...forEach(
      layout.count,
      wrapped.layers.map((layer, i) => ({ ...layerStep(layer, length), shows: { layers: i + 1 } })),
    ),
    ...ofEach(layout.count, due('feel')),
    ...ofEach(layout.count, due('bundleSize')),
    record(
      'measure',
      'bundle',
      several ? 'Measure and weigh one bundle' : 'Measure and weigh the bundle',
      `${several ? 'The largest of them. ' : ''}Long, wide, high as it lies: reckoned ${formatSize(filled.stowed.bundleIn, system)}. What it measures replaces that, and what is still open is searched again.`,
      0,
    ),
    ...(inner
      ? opening('box', [
          inner.box.key === OWN_BOX
            ? act('inner:form', 'Open its own box', 'Lay its own lining back in; no tape on what is printed.', STANDING_MINUTES.formBox)
            : act('inner:form', 'Form the inner box', `${inner.box.name}: form and tape the bottom.`, STANDING_MINUTES.formBox),
          ...(within ? fillSteps(within, bundles, 'inner box', [], [], placed) : []),
          inner.box.key === OWN_BOX
            ? act('inner:close', 'Close its own box', 'Paper round it, then tape on the paper alone.', STANDING_MINUTES.closeBox)
            : act('inner:close', 'Close the inner box', 'Close and tape it.', STANDING_MINUTES.closeBox),
        ])
      : []),
    ...opening('box', shellSteps(shell, length, system)),
    ...(outer
      ? fillSteps(
          outer,
          inner ? 'the inner box' : bundles,
          'box',
          [...putIn, ...due('touch'), ...due('fingerGap')],
          boardStep(shell, length),
          inner ? placeWords(ONE) : placed,
        )
      : [act('box:in', 'Put it in', 'Flat, its face down, stiff side out.', 0), ...putIn]),
    ...(inner
      ? [
          act(
            'box:level',
            'See that the inner box stands level',
            'Its own way up, fill pressed under each corner.',
            STANDING_MINUTES.nestInner,
          ),
        ]
      : []),
    ...due('shake'),
    ...due('bounce'),
    ...due('lidPress'),
    record(
      'papers',
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
            'photographs',
            'Photographs',
            `${PHOTOGRAPHS} of them: the piece all round, each layer, the open box, the closed one.`,
            PHOTOGRAPHS * STANDING_MINUTES.photograph,
          ),
        ]
      : []),
    ...(shell.box.earlierUses > 0 ? [act('labelsOff', 'Old labels off', 'Every old label and code off or covered.', 0)] : []),
    act('close', isEnvelope(shell.box) ? 'Close the flap' : 'Tape the seams', SEAM_WORDS[house.seams], STANDING_MINUTES.closeBox),
    ...due('tapeLoad'),
    ...due('seams'),
    record('weigh', 'parcel', 'Weigh and measure', 'Three readings; write size and weight on it.', STANDING_MINUTES.weigh),
  ];
  return keyed(parts, bundleId);
}

/** What goes along is put in before the top of the fill. */
const alongStep = ({ id, name, count, sizeIn, place }: Along, system: UnitSystem): Part =>
  act(
    `along:${id}:${count}`,
    `Put in: ${count > 1 ? `${count} × ` : ''}${name}`,
    `${ALONG_WORDS[place]}${sizeIn ? ` Room for ${formatSize(sizeIn, system)}${count > 1 ? ' each' : ''} is left in the fill.` : ''}`,
    0,
  );
const ALONG_WORDS: Readonly<Record<AlongPlace, string>> = {
  bag: 'In a bag of its own, shut, on top of what is packed; nothing hard against it.',
  beside: 'Beside what is packed, wrapped once, in the fill; nothing hard against it.',
};

/** Stands for the one bundle where nobody keeps several apart. */
const ONLY_BUNDLE = 'bundle';

/**
 * Gives each step its phase and the picture of how far things have come. A step at the bundle carries the bundle in
 * its key; what is done alike twice is counted. A key is made of ids and amounts, never of words: what has changed of
 * a plan asks to be done, whatever it is called.
 */
function keyed(parts: readonly Part[], bundleId: string): BenchStep[] {
  const seen = new Map<string, number>();
  let phase: BenchPhase = 'bundle';
  let picture: BenchStep['picture'] = { layers: 0, inBox: 'no' };
  return parts.map(({ shows, opens, ...part }) => {
    phase = opens ?? phase;
    picture = { ...picture, ...shows };
    const key = phase === 'bundle' ? `${bundleId}:${part.key}` : part.key;
    const count = (seen.get(key) ?? 0) + 1;
    seen.set(key, count);
    return { ...part, key: count > 1 ? `${key}:${count}` : key, phase, picture };
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
    `layer:${stock.key}:${turns}`,
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
