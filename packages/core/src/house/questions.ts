import { BEDDED_HOUSE, type House } from './House.ts';

/** One side of a question good packers disagree on, and what taking it sets in the house. */
export interface Side {
  readonly key: string;
  readonly name: string;
  readonly sets: Partial<Omit<House, 'name' | 'kappa'>>;
  /** What else it does, where no figure of the plan moves: a step at the bench, a paper, what is asked for. */
  readonly does?: string;
}

export interface Question {
  readonly key: QuestionKey;
  readonly asks: string;
  readonly sides: readonly Side[];
}

export type QuestionKey =
  | 'held'
  | 'firstLayer'
  | 'bubble'
  | 'fill'
  | 'mixing'
  | 'spareRoom'
  | 'between'
  | 'dearest'
  | 'plates'
  | 'case'
  | 'innerTape'
  | 'seams'
  | 'lid'
  | 'marks'
  | 'boxes'
  | 'cover'
  | 'signature'
  | 'weighing'
  | 'proof'
  | 'postage'
  | 'care';

const side = (key: string, name: string, sets: Side['sets'] = {}, does?: string): Side => ({
  key,
  name,
  sets,
  ...(does ? { does } : {}),
});
const question = (key: QuestionKey, asks: string, ...sides: readonly Side[]): Question => ({ key, asks, sides });

const LOOSE = ['mouldedFill', 'starchFill'];

/**
 * The questions on which good packers disagree, each with its sides. A side sets figures of the house and
 * so moves the plan and its risk, or says what is done otherwise at the bench. Common practice, no source;
 * the figures are judgement.
 */
export const QUESTIONS: readonly Question[] = [
  question(
    'held',
    'How is the piece held?',
    side('bedded', 'bedded: fill all round', { leastGapIn: 2, leastInnerBoxGapIn: 2, innerBoxes: true, floats: false, cores: false }),
    side('floated', 'floated: a snug box in a buffered one', {
      leastInnerBoxGapIn: 2,
      snugGapIn: 0,
      innerBoxes: true,
      floats: true,
      cores: false,
    }),
    side('tightRoll', 'tight roll: many turns, the closest box, liners', {
      leastGapIn: 0.25,
      innerBoxes: false,
      floats: false,
      cores: false,
      liners: 'always',
    }),
    side('shelled', 'shelled: fixed in a rigid case or tube, and that in a box', {
      leastInnerBoxGapIn: 1,
      snugGapIn: 0,
      innerBoxes: true,
      floats: true,
      cores: true,
      liners: 'mayBe',
    }),
  ),
  question(
    'firstLayer',
    'What lies next to the surface?',
    side('asFinish', 'what the finish asks for', { firstLayer: 'asFinish' }),
    side('tissue', 'tissue', { firstLayer: 'tissue' }),
    side('paper', 'paper', { firstLayer: 'paper' }),
    side('foam', 'thin foam', { firstLayer: 'foam' }),
    side('none', 'nothing', { firstLayer: 'none' }),
  ),
  question(
    'bubble',
    'Which bubble?',
    side('smallThenLarge', 'small, then large', { bubble: 'smallThenLarge' }),
    side('largeOnly', 'large only', { bubble: 'largeOnly' }),
    side('either', 'whichever comes out best', { bubble: 'either' }),
  ),
  question(
    'fill',
    'What fills the voids?',
    side('any', 'whatever comes out best', { refusedFills: [] }),
    side('noLoose', 'no loose fill', { refusedFills: LOOSE }),
    side('noPaper', 'paper avoided for its weight', { refusedFills: ['crumpledPaper'] }),
    side('noPillows', 'air pillows only in huge voids', { refusedFills: ['airPillows'] }),
    side('bubble', 'bubble throughout', { refusedFills: [...LOOSE, 'crumpledPaper', 'airPillows', 'foamInPlace', 'corrugatedPad'] }),
  ),
  question(
    'mixing',
    'One fill in a box, or several?',
    side('one', 'one throughout', { mixesFills: false }),
    side('byPlace', 'each place its own, where that pays', { mixesFills: true }),
  ),
  question(
    'spareRoom',
    'What of spare room?',
    side('fill', 'filled', { cutsDown: false, shortens: false, crosses: false, cornerTubes: false }),
    side('cutDown', 'the box cut down', { cutsDown: true, shortens: false, crosses: false, cornerTubes: false }),
    side('cutToFit', 'the box cut down, or shortened', { cutsDown: true, shortens: true, crosses: false, cornerTubes: false }),
    side('divider', 'a cross of board stood on the fill', { cutsDown: false, shortens: false, crosses: true, cornerTubes: false }),
    side('tubes', 'foam tubes stood in the corners', { cutsDown: false, shortens: false, crosses: false, cornerTubes: true }),
  ),
  question(
    'between',
    'What stands between several alike in one box?',
    side('wraps', 'their own wraps', { cells: false }),
    side('cells', 'cells of board, where they pay', { cells: true }),
  ),
  question(
    'dearest',
    'Where does the dearest of several stand?',
    side('closest', 'where they stand closest', { dearestBetween: false }),
    side('middle', 'between the others', { dearestBetween: true }),
  ),
  question(
    'plates',
    'How do several plates go?',
    side('onEdge', 'on edge, side by side', { platesOnEdge: true }),
    side('asFits', 'however they fit best', { platesOnEdge: false }),
  ),
  question(
    'case',
    'And a case or retail box?',
    side('leave', 'left in it, steadied inside', {}, 'a step at the bench steadies what moves inside, never forcing the lid'),
    side('takeOut', 'taken out', {}, 'a step at the bench takes it out, and asks for the case as a piece of its own'),
  ),
  question(
    'innerTape',
    'Tape on the layers?',
    side('easyOff', 'paper tape that comes off easily', { strongInnerTape: false, openingNote: true }),
    side('strongNote', 'strong, with an opening note', { strongInnerTape: true, openingNote: true }),
    side('strong', 'strong, no note', { strongInnerTape: true, openingNote: false }),
  ),
  question(
    'seams',
    'How is the box closed?',
    side('crossAndSide', 'cross and side seam', { seams: 'crossAndSide' }),
    side('everyEdge', 'every edge', { seams: 'everyEdge' }),
    side('bands', 'bands round', { seams: 'bands' }),
    side('skin', 'skin or corners', { seams: 'skin' }),
  ),
  question(
    'lid',
    'Where does the fill end?',
    side('proud', 'slightly proud, pressed by the lid', { overfillShare: 0.06 }),
    side('moderate', 'a little proud, never forced', { overfillShare: 0.03 }),
    side('level', 'level', { overfillShare: 0 }),
  ),
  question(
    'marks',
    'Marks and labels?',
    side('arrows', 'arrows only', {}, 'a step at the bench, and a sheet of arrows among the papers'),
    side('fragile', 'fragile marks', {}, 'a step at the bench, and a sheet of marks among the papers'),
    side('none', 'none', {}, 'no sheet of marks is printed with the papers'),
  ),
  question(
    'boxes',
    'Which boxes first?',
    side('best', 'whichever comes out best', { liners: 'never', foldsBoxes: false }),
    side('reinforced', 'thin ones reinforced', { liners: 'mayBe', foldsBoxes: false }),
    side('folded', 'folded to measure from sheet board, where that pays', { liners: 'never', foldsBoxes: true }),
  ),
  question(
    'cover',
    'How much cover?',
    side('byRisk', 'by the risk', { cover: 'byRisk' }),
    side('included', 'the included amount only', { cover: 'included' }),
    side('full', 'always in full', { cover: 'always' }),
  ),
  question(
    'signature',
    'A signature?',
    side('byChoice', 'by choice', { signatureFromMinor: null }),
    side('venue', 'from the venue’s threshold', { signatureFromMinor: 75_000 }),
  ),
  question(
    'weighing',
    'When is it weighed?',
    side('sealed', 'sealed', {}, 'the last step at the bench'),
    side('open', 'packed but open, with headroom', {}, 'before the seams are taped, with the tape’s own weight said to be added'),
  ),
  question(
    'proof',
    'What is photographed?',
    side('packing', 'the packing, step by step', { photographs: true, photographsHold: false }),
    side('held', 'the packing, and a step waits for its picture', { photographs: true, photographsHold: true }),
    side('piece', 'the piece only', { photographs: false, photographsHold: false }),
  ),
  question(
    'postage',
    'Who pays the postage?',
    side('collected', 'collected', {}, 'a guess ahead asks for the postage alone'),
    side('builtIn', 'built into the price', {}, 'a guess ahead puts all of sending on the price and asks nothing for postage'),
    side('handling', 'collected, with handling', {}, 'a guess ahead asks for postage, wrap, box, work and what is put by for breakage'),
  ),
  question(
    'care',
    'How careful?',
    side('asItComes', 'as it comes', { care: 1 }),
    side('save', 'save where it is safe', { care: 0.5 }),
    side('spend', 'spend what it takes', { care: 5 }),
  ),
];

/** The side taken on each question. */
export type Answers = Readonly<Record<QuestionKey, string>>;

/**
 * A house with the sides taken. Questions left out keep the house's own figures; what the side before had set, and the
 * new one leaves open, is again as we ship it.
 *
 * @throws RangeError for a side that its question does not have
 */
export function takeSides(house: House, answers: Partial<Answers>): House {
  const before = sidesOf(house);
  let taken = house;
  for (const { key, sides } of QUESTIONS) {
    const answer = answers[key];
    if (answer === undefined) continue;
    const chosen = sides.find((one) => one.key === answer);
    if (!chosen) throw new RangeError(`${key} must be one of ${sides.map((one) => one.key).join(', ')}, not ${answer}`);
    const left = Object.keys(sides.find((one) => one.key === before[key])?.sets ?? {}) as (keyof Side['sets'])[];
    taken = {
      ...taken,
      ...Object.fromEntries(left.map((name) => [name, BEDDED_HOUSE[name]])),
      ...chosen.sets,
      sides: { ...taken.sides, [key]: answer },
    };
  }
  return taken;
}

/**
 * Which side of each question a house stands on: the one somebody took while its figures still agree with it, else the
 * one the figures say; null where they are its own.
 */
export function sidesOf(house: House): Record<QuestionKey, string | null> {
  const figures = house as unknown as Record<string, unknown>;
  const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);
  const agrees = ({ sets }: Side) => Object.entries(sets).every(([name, value]) => same(figures[name], value));
  return Object.fromEntries(
    QUESTIONS.map(({ key, sides }) => {
      const taken = sides.find((one) => one.key === house.sides?.[key]);
      if (taken && agrees(taken)) return [key, taken.key];
      return [key, sides.find((one) => Object.keys(one.sets).length > 0 && agrees(one))?.key ?? null];
    }),
  ) as Record<QuestionKey, string | null>;
}

/** The side a house stands on of one question; null where its figures are its own and nobody took any. */
export const takenSide = (house: House, question: QuestionKey): string | null => sidesOf(house)[question];
