import { BEDDED_HOUSE, type House } from './House.ts';
import { takeSides, type Answers } from './questions.ts';

/** What a school is: a side on each of these, whatever the house did before. */
type School = 'held' | 'firstLayer' | 'bubble' | 'spareRoom' | 'innerTape' | 'seams' | 'lid' | 'proof';

/** A whole school: a side taken on every question that makes one. */
export interface ReadySet {
  readonly key: 'bedded' | 'floated' | 'tightRoll' | 'shelled';
  readonly name: string;
  readonly says: string;
  readonly answers: Readonly<Pick<Answers, School>>;
}

/** The ready sets, ours first. Common practice, no source. */
export const READY_SETS: readonly ReadySet[] = [
  {
    key: 'bedded',
    name: 'Bedded',
    says: 'Two inches of fill all round, a box in a box where it pays, easy-off tape, every seam, packing photographed.',
    answers: {
      held: 'bedded',
      firstLayer: 'asFinish',
      bubble: 'smallThenLarge',
      spareRoom: 'fill',
      innerTape: 'easyOff',
      seams: 'crossAndSide',
      lid: 'proud',
      proof: 'packing',
    },
  },
  {
    key: 'floated',
    name: 'Floated',
    says: 'Always a snug inner box, buffered all round in an outer one.',
    answers: {
      held: 'floated',
      firstLayer: 'tissue',
      bubble: 'either',
      spareRoom: 'fill',
      innerTape: 'easyOff',
      seams: 'everyEdge',
      lid: 'moderate',
      proof: 'packing',
    },
  },
  {
    key: 'tightRoll',
    name: 'Tight roll',
    says: 'Many turns, the closest box, a second wall, hardly any fill, boxes cut down.',
    answers: {
      held: 'tightRoll',
      firstLayer: 'none',
      bubble: 'either',
      spareRoom: 'cutDown',
      innerTape: 'strongNote',
      seams: 'bands',
      lid: 'level',
      proof: 'piece',
    },
  },
  {
    key: 'shelled',
    name: 'Shelled',
    says: 'A rigid case round the piece, that in a box with an inch of buffer.',
    answers: {
      held: 'shelled',
      firstLayer: 'foam',
      bubble: 'either',
      spareRoom: 'fill',
      innerTape: 'easyOff',
      seams: 'everyEdge',
      lid: 'level',
      proof: 'packing',
    },
  },
];

/** The house a parcel is packed by: the shop's own, or one of the ready sets with the shop's own money and risk figures. */
export const houseByMethod = (house: House, method: ReadySet['key'] | undefined): House => {
  const set = READY_SETS.find((one) => one.key === method);
  return set ? houseOfSet(set, house) : house;
};

/** A house as one school would have it. */
export const houseOfSet = ({ name, answers }: ReadySet, from: House = BEDDED_HOUSE): House => ({ ...takeSides(from, answers), name });
