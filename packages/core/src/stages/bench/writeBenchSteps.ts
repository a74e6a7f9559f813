import type { House } from '../../house/House.ts';
import { takenSide } from '../../house/questions.ts';
import { formatLength, formatWeight, type UnitSystem } from '../../units/index.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { OWN_BOX } from '../box/ownBox.ts';
import { countOfAll } from '../box/blockOf.ts';
import type { Along } from '../sale/Order.ts';
import { alongStep } from './alongStep.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import { PHOTOGRAPHS, STANDING_MINUTES } from '../weight/standingMinutes.ts';
import type { BenchPhase, BenchStep } from './BenchStep.ts';
import { BENCH_TESTS, TESTS_OF_BUNDLE, type BenchTestKey } from './benchTests.ts';
import { bundleSteps } from './bundleSteps.ts';
import { fillsInner } from '../fill/FilledBox.ts';
import { ownBoxSteps } from './ownBoxSteps.ts';
import { sharedCoreBears, sharedSteps } from './sharedSteps.ts';
import { letterOf } from '../../engineering/stowage/letterOf.ts';
import { bagStep, takeOffSteps } from './takeOffSteps.ts';
import { partSteps, type PartTold } from './partSteps.ts';
import { inOrder, lettersOf, lettersText, namesOf, placesInTurn, placeWords } from './severalWords.ts';
import { CORE_PUT, coreBears, cutCore } from './coreSteps.ts';
import { fillSteps } from './fillSteps.ts';
import { FINGERS_GO, sidesWithRoom } from './sidesWithRoom.ts';
import { inTheCorners, onTheBase, onTheFill, onTheInnerBase, roundThem, shellSteps } from './shellSteps.ts';
import { firstSteps, markSteps, weighStep } from './houseSteps.ts';
import { withShots } from './shots.ts';
import { act, opening, record, test, type Part } from './stepParts.ts';

/** What the bench must know of a parcel's pieces beside its plan. */
export interface BenchFacts {
  /** What is wrapped, in the order of the plan's bundles; the keys of its steps carry it. */
  readonly bundleIds?: readonly string[];
  /** Still lying in the wrap it was stored in, by the order of the bundles. */
  readonly storageWrap?: readonly boolean[];
  /** Parts that are no pieces of their own, by the order of the bundles. */
  readonly parts?: readonly (readonly PartTold[])[];
  /** What goes with it, to be ticked. */
  readonly accessories?: readonly string[];
}

/**
 * A plan as things to do, one at a time, in the order they are done: bundle after bundle its guards, layers with their ends
 * folded and taped, its tests and weight; then boxes, fill by place, the closing tests, papers, photographs, seams. The
 * minutes are the plan's own and add up to them.
 *
 * @param system the units amounts are written in
 */
export function writeBenchSteps(
  { rated }: PlanOption,
  house: House,
  system: UnitSystem = 'imperial',
  { bundleIds = [], storageWrap = [], parts: partsOf = [], accessories = [] }: BenchFacts = {},
): BenchStep[] {
  const { filled } = rated.weighed;
  const { stowed } = filled;
  const { inner, shell, bundles } = stowed;
  const letters = lettersOf(bundles);
  const count = countOfAll(stowed);
  const all = count > 1 ? lettersText({ first: 'A', last: letterOf(count - 1), count }) : 'the bundle';
  const say = {
    length: (inches: number) => formatLength(inches, system),
    nameOf: (bundle: number) => lettersText(letters[bundle]!),
  };
  const within = filled.amounts.filter(fillsInner);
  const outer = filled.amounts.filter((one) => one.where === 'outer');
  const pieces = bundles.map(({ wrapped }) => wrapped.piece);
  const tests = testsDue(
    {
      brittle: pieces.some(({ archetype }) => archetype.feel !== null),
      cased: pieces.some(({ facts }) => facts.movingParts !== 'none'),
      envelope: isEnvelope(shell.box),
      inner: inner !== null && !inner.core,
      ownBox: bundles.some(({ wrapped }) => wrapped.boxed),
      shared: stowed.shared !== null,
    },
    house,
  );
  // a test of the bundle is made of each, and shares its time among them
  const ofBundle = bundles.map(({ wrapped: { piece, boxed } }) =>
    testsDue(
      {
        brittle: piece.archetype.feel !== null,
        cased: piece.facts.movingParts !== 'none',
        envelope: isEnvelope(shell.box),
        inner: inner !== null && !inner.core,
        ownBox: boxed !== undefined,
      },
      house,
    ).filter((key) => TESTS_OF_BUNDLE.includes(key)),
  );
  const perTest = STANDING_MINUTES.tests / tests.length;
  const due = (key: BenchTestKey): Part[] => (tests.includes(key) ? [test(key, perTest)] : []);
  const dueOf =
    (at: number) =>
    (key: BenchTestKey): Part[] =>
      ofBundle[at]!.includes(key) ? [test(key, perTest / ofBundle.filter((keys) => keys.includes(key)).length)] : [];
  const facts = pieces.map((piece) => piece.facts);
  const along = facts.flatMap((one) => one.along);
  const isWithin = ({ place }: Along) => place === 'inner' && inner !== null;
  const putIn = [...along.filter((one) => !isWithin(one)).map((one) => alongStep(one, system)), ...bagStep(facts)];
  const press = stowed.pressedIn?.some((byIn) => byIn > FELT_IN) ? PRESSED : '';
  const some = stowed.around?.some ? namesOf(stowed.around.some.of, letters) : null;
  const placed =
    stowed.around && some === null
      ? [{ who: all, where: placeWords(null) }]
      : bundles.length > 1
        ? placesInTurn(stowed, letters)
        : [{ who: all, where: `${placeWords(bundles[0], facts[0]!.standing)}${press}` }];
  const tapeAndPapersLb = rated.weighed.parts.at(-1)!.weightLb;
  const weighsOpen = takenSide(house, 'weighing') === 'open';
  const weigh = weighStep(weighsOpen ? formatWeight(tapeAndPapersLb, system) : null);
  // under the top of the fill: who opens the box finds them first, and nobody takes the top off again for them
  const papers = record(
    'papers',
    'contents',
    'Papers inside',
    `Slip with the address${house.openingNote ? ', note how to open' : ''}, opening card; ${accessories.length > 0 ? `tick off ${accessories.join(', ')}` : 'every accessory ticked'}.`,
    STANDING_MINUTES.papers,
    'closing',
  );
  const room = sidesWithRoom(stowed.gaps);
  const tryFingers = (part: Part): Part => ({ ...part, says: part.says.replace(FINGERS_GO.all, FINGERS_GO[room ?? 'all']) });
  const parts: Part[] = [
    ...takeOffSteps(facts),
    ...inOrder(stowed).flatMap((at) => {
      const first = [...firstSteps(storageWrap[at] ?? false, pieces[at]!.archetype.cased, house), ...partSteps(partsOf[at] ?? [])];
      const steps = [
        ...bundleSteps(bundles[at]!, letters[at]!, dueOf(at), first, system),
        ...ownBoxSteps(bundles[at]!, letters[at]!, dueOf(at)),
      ];
      return bundles.length > 1 ? steps.map((step) => ({ ...step, bundle: at })) : steps;
    }),
    ...roundThem(shell, say, some),
    ...opening(
      'box',
      sharedSteps(
        stowed,
        filled.amounts.find((one) => one.shared),
        letters,
        due,
        say,
      ),
    ),
    ...(inner
      ? opening('box', [
          inner.core
            ? cutCore(inner, inner.core, say)
            : inner.box.key === OWN_BOX
              ? act('inner:form', 'Open its own box', 'Lay its own lining back in; no tape on what is printed.', STANDING_MINUTES.formBox)
              : act('inner:form', 'Form the inner box', `${inner.box.name}: form and tape the bottom.`, STANDING_MINUTES.formBox),
          ...(within.length > 0
            ? fillSteps(within, placed, inner.core ? 'core' : 'inner box', sidesWithRoom(inner.gaps), [], onTheInnerBase(shell, say))
            : onTheInnerBase(shell, say)),
          // what goes inside is put inside before it is closed
          ...along.filter(isWithin).map((one) => alongStep(one, system, 'inner')),
          ...due('innerShake'),
          ...(inner.core
            ? []
            : [
                inner.box.key === OWN_BOX
                  ? act('inner:close', 'Close its own box', 'Paper round it, then tape on the paper alone.', STANDING_MINUTES.closeBox)
                  : act('inner:close', 'Close the inner box', 'Close and tape it.', STANDING_MINUTES.closeBox),
              ]),
        ])
      : []),
    ...opening('box', shellSteps(shell, say, system)),
    ...(outer.length > 0
      ? fillSteps(
          outer,
          inner ? [inner.core ? CORE_PUT : { who: 'the inner box', where: placeWords(null) }] : placed,
          'box',
          room,
          [...putIn, ...due('touch'), ...due('fingerGap').map(tryFingers), papers],
          onTheBase(shell, inner, say),
          onTheFill(shell, say),
          inTheCorners(shell, say),
        )
      : [
          act('box:in', bundles.length > 1 ? `Put ${all} in` : 'Put it in', `Flat, its face down, stiff side out.${press}`, 0),
          ...putIn,
          papers,
        ]),
    ...(inner
      ? [
          inner.core
            ? coreBears(inner, say, system)
            : act(
                'box:level',
                'See that the inner box stands level',
                'Its own way up, fill pressed under each corner.',
                STANDING_MINUTES.nestInner,
              ),
        ]
      : []),
    ...sharedCoreBears(stowed, say, system),
    ...due('shake'),
    ...due('bounce'),
    ...due('lidPress'),
    ...(house.photographs
      ? [
          record(
            'photographs',
            'photographs',
            'Photographs',
            'What is not photographed yet; each is best taken at its own step, before the next one hides it.',
            PHOTOGRAPHS * STANDING_MINUTES.photograph,
          ),
        ]
      : []),
    ...(shell.box.earlierUses > 0 ? [act('labelsOff', 'Old labels off', 'Every old label and code off or covered.', 0)] : []),
    ...(weighsOpen ? [weigh] : []),
    act('close', isEnvelope(shell.box) ? 'Close the flap' : 'Tape the seams', SEAM_WORDS[house.seams], STANDING_MINUTES.closeBox),
    ...due('tapeLoad'),
    ...due('seams'),
    ...markSteps(house),
    ...(weighsOpen ? [] : [weigh]),
  ];
  return withShots(keyed(parts, bundleIds), house);
}

/** Nobody feels less when something is pushed into a box. Judgement. */
const FELT_IN = 1 / 16;
const PRESSED = ' It is a little larger than the box and gives: press it flat as it goes in, air out first.';

/** Stands for the one bundle where nobody keeps several apart. */
const ONLY_BUNDLE = 'bundle';

/**
 * Gives each step its phase and the picture of how far things have come. A step at the bundle carries the bundle in
 * its key; what is done alike twice is counted. A key is made of ids and amounts, never of words: what has changed of
 * a plan asks to be done, whatever it is called.
 */
function keyed(parts: readonly Part[], bundleIds: readonly string[]): BenchStep[] {
  const seen = new Map<string, number>();
  let phase: BenchPhase = 'bundle';
  let picture: BenchStep['picture'] = { layers: 0, inBox: 'no' };
  let at: number | undefined;
  return parts.map(({ shows, opens, ...part }) => {
    phase = opens ?? phase;
    if (phase === 'bundle' && part.bundle !== at) picture = { ...picture, layers: 0 };
    at = part.bundle;
    // what is shown of a step's own box goes with the step
    const { layers, inBox, put } = picture;
    picture = { layers, inBox, ...(put ? { put } : {}), ...shows };
    const key =
      phase === 'bundle' ? `${bundleIds[part.bundle ?? 0] ?? `${ONLY_BUNDLE}${part.bundle ? part.bundle + 1 : ''}`}:${part.key}` : part.key;
    const count = (seen.get(key) ?? 0) + 1;
    seen.set(key, count);
    const own = phase === 'bundle' && part.bundle !== undefined ? bundleIds[part.bundle] : undefined;
    return { ...part, key: count > 1 ? `${key}:${count}` : key, phase, picture, ...(own ? { bundleId: own } : {}) };
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
  {
    brittle,
    cased,
    envelope,
    inner,
    ownBox = false,
    shared = false,
  }: { brittle: boolean; cased: boolean; envelope: boolean; inner: boolean; ownBox?: boolean; shared?: boolean },
  { extraTests }: Pick<House, 'extraTests'>,
): BenchTestKey[] =>
  BENCH_TESTS.filter((key) => {
    if (key === 'caseShake') return cased;
    if (key === 'feel') return brittle;
    if (key === 'ownBoxShake') return ownBox;
    if (key === 'sharedShake') return shared;
    if (key === 'innerShake') return inner;
    if (key === 'bundleSize' || key === 'seams') return true;
    return !envelope && (key === 'bounce' || key === 'tapeLoad' ? extraTests.includes(key) : true);
  });
