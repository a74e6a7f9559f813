/** A packer's tests, in the order they are made; the last two only where the house asks for them. */
export type BenchTestKey =
  | 'caseShake'
  | 'feel'
  | 'bundleSize'
  | 'ownBoxShake'
  | 'sharedShake'
  | 'innerShake'
  | 'touch'
  | 'fingerGap'
  | 'shake'
  | 'bounce'
  | 'lidPress'
  | 'tapeLoad'
  | 'seams';
export const BENCH_TESTS: readonly BenchTestKey[] = [
  'caseShake',
  'feel',
  'bundleSize',
  'ownBoxShake',
  'sharedShake',
  'innerShake',
  'touch',
  'fingerGap',
  'shake',
  'bounce',
  'lidPress',
  'tapeLoad',
  'seams',
];

/** Tests of the bundle, which an opened box leaves as they are. */
export const TESTS_OF_BUNDLE: readonly BenchTestKey[] = ['caseShake', 'feel', 'bundleSize', 'ownBoxShake'];

/** What a remedy does to the plan, beside being done by hand. */
export type RemedyAct = 'turnMore' | 'fillMore' | 'nextBox' | 'measure';

/** One way to put a failed test right. */
export interface Remedy {
  readonly says: string;
  /** Null for what hands do and no figure shows. */
  readonly does: RemedyAct | null;
}

/** When a test is passed, and what puts a failed one right. */
export interface BenchTestRule {
  readonly name: string;
  readonly passes: string;
  readonly remedies: readonly Remedy[];
}

const byHand = (says: string): Remedy => ({ says, does: null });

/** The tests of the trade. Common practice, no source. */
export const BENCH_TEST_RULES: Readonly<Record<BenchTestKey, BenchTestRule>> = {
  caseShake: {
    name: 'Case shake',
    passes: 'Nothing moves or knocks inside the case.',
    remedies: [
      byHand('lock what is made to be locked'),
      byHand('a barrier between parts that touch'),
      byHand('take up slack with tissue, never forcing the lid'),
    ],
  },
  feel: {
    name: 'Feel',
    passes: 'You cannot feel any edge or hard point through the wrap, anywhere.',
    remedies: [
      { says: 'one more turn of bubble', does: 'turnMore' },
      byHand('one more sheet over that face, end to end'),
      byHand('a guard on the part that is felt'),
    ],
  },
  bundleSize: {
    name: 'Bundle size',
    passes: 'The bundle measures what the plan says, to a finger’s breadth.',
    remedies: [{ says: 'enter what it measures: box and fill are searched again', does: 'measure' }, byHand('wrap it tighter')],
  },
  ownBoxShake: {
    name: 'Own box shake',
    passes: 'Shut and shaken before it is taped: nothing moves or knocks in its box.',
    remedies: [byHand('more fill where it moved, the corners first')],
  },
  sharedShake: {
    name: 'Shared box shake',
    passes: 'Shut and shaken before it is taped: nothing moves or knocks in it, and they do not knock together.',
    remedies: [byHand('more fill where it moved, the corners first'), byHand('a fold of wrap or a board between them')],
  },
  innerShake: {
    name: 'Inner box shake',
    passes: 'Shut and shaken before it is taped: nothing moves or knocks in the inner box.',
    remedies: [byHand('more fill where it moved, the corners first'), byHand('what goes along wrapped once more, away from the piece')],
  },
  touch: {
    name: 'Touch',
    passes: 'Nothing hard touches a wall or another part.',
    remedies: [
      { says: 'more fill on that side', does: 'fillMore' },
      byHand('turn it in the box'),
      { says: 'the next box', does: 'nextBox' },
    ],
  },
  fingerGap: {
    name: 'Finger gap',
    passes: 'Two fingers pushed down between bundle and wall meet firm fill on every side: they do not go between.',
    remedies: [{ says: 'more fill on that side, pressed down', does: 'fillMore' }, byHand('move it to the middle')],
  },
  shake: {
    name: 'Shake',
    passes: 'Nothing moves: it feels like one pillow.',
    remedies: [{ says: 'more fill where it moved', does: 'fillMore' }, byHand('fill pressed into the corners')],
  },
  bounce: {
    name: 'Bounce',
    passes: 'Dropped from a hand’s breadth on a folded cloth it lands dull, and nothing inside answers.',
    remedies: [
      { says: 'more fill all round', does: 'fillMore' },
      { says: 'one more turn of bubble', does: 'turnMore' },
    ],
  },
  lidPress: {
    name: 'Lid press',
    passes: 'The closed lid does not sink when you press it with a flat hand.',
    remedies: [{ says: 'more fill on top, slightly above the edge', does: 'fillMore' }, byHand('a board under the lid')],
  },
  tapeLoad: {
    name: 'Tape load',
    passes: 'Lifted by its taped seam alone, a hand’s breadth up, the seam does not creep.',
    remedies: [byHand('a second strip along the seam'), byHand('press the tape down and wait a minute')],
  },
  seams: {
    name: 'Seams',
    passes: 'Every seam is taped and lies flat, the side seams too.',
    remedies: [byHand('tape the open seam'), byHand('a second strip across')],
  },
};
