/** A packer's tests, in the order they are made. */
export type BenchTestKey = 'caseShake' | 'feel' | 'bundleSize' | 'touch' | 'fingerGap' | 'shake' | 'lidPress' | 'seams';

/** When a test is passed, and what puts a failed one right. */
export interface BenchTestRule {
  readonly name: string;
  readonly passes: string;
  readonly remedies: readonly string[];
}

/** The tests of the trade. Common practice, no source. */
export const BENCH_TEST_RULES: Readonly<Record<BenchTestKey, BenchTestRule>> = {
  caseShake: {
    name: 'Case shake',
    passes: 'Nothing moves or knocks inside the case.',
    remedies: ['lock what is made to be locked', 'a barrier between parts that touch', 'take up slack with tissue, never forcing the lid'],
  },
  feel: {
    name: 'Feel',
    passes: 'You cannot feel any edge or hard point through the wrap, anywhere.',
    remedies: ['one more turn of bubble', 'one more sheet over that face, end to end', 'a guard on the part that is felt'],
  },
  bundleSize: {
    name: 'Bundle size',
    passes: 'The bundle measures what the plan says, to half an inch.',
    remedies: ['enter what it measures: box and fill are searched again', 'wrap it tighter'],
  },
  touch: {
    name: 'Touch',
    passes: 'Nothing hard touches a wall or another part.',
    remedies: ['more fill on that side', 'turn it in the box', 'the next box'],
  },
  fingerGap: {
    name: 'Finger gap',
    passes: 'Two fingers go down between bundle and wall on every side.',
    remedies: ['move it to the middle', 'the next box'],
  },
  shake: {
    name: 'Shake',
    passes: 'Nothing moves: it feels like one pillow.',
    remedies: ['more fill where it moved', 'fill pressed into the corners'],
  },
  lidPress: {
    name: 'Lid press',
    passes: 'The closed lid does not sink when you press it with a flat hand.',
    remedies: ['more fill on top, slightly above the rim', 'a board under the lid'],
  },
  seams: {
    name: 'Seams',
    passes: 'Every seam is taped and lies flat, the side seams too.',
    remedies: ['tape the open seam', 'a second strip across'],
  },
};
