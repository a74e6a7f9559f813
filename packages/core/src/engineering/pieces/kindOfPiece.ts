import { KIND_WORDS } from './kindWords.ts';
import { judgement } from '../../sources/index.ts';
import type { Archetype, ArchetypeKey, FeelRule, HarmShares } from './Archetype.ts';
import type { FormKey } from './forms.ts';

/** What a hand must not feel of thin ware, and of what is sturdier. */
export const THIN_WARE: FeelRule = { edgeIn: 0.45, pointIn: 0.7, growthIn: 1 };
export const STURDY: FeelRule = { edgeIn: 0.3, pointIn: 0.5, growthIn: 0.8 };
/** A casting’s edges; its fine face may have a card instead. */
export const CASTING: FeelRule = { edgeIn: 0.3, pointIn: 0.3, growthIn: 0 };
/** A sleeve round the tubes. */
export const SLEEVE: FeelRule = { edgeIn: 0.4, pointIn: 0.4, growthIn: 0 };

type Shock = readonly [referenceG: number, sizeExponent: number, ownHeightIn: number, medianSpread: number];
type Extras = Partial<
  Pick<Archetype, 'finish' | 'feel' | 'cased' | 'bends' | 'giveIn' | 'flat' | 'dampSensitive' | 'keepUpright' | 'hardPoints'>
> & {
  readonly harm?: Partial<HarmShares>;
};
/** One kind of piece in a row of the table; what it does not say is as a plain brittle piece has it, without a feel test. */
export const kind = <Key extends ArchetypeKey>(
  key: Key,
  hotkey: string,
  name: string,
  form: FormKey,
  shock: Shock | null,
  typicalSizeIn: Archetype['typicalSizeIn'],
  typicalLbPerIn3: number,
  { harm, ...extras }: Extras = {},
): Archetype & { readonly key: Key } => ({
  key,
  hotkey,
  name,
  form,
  fragility: shock && { referenceG: shock[0], sizeExponent: shock[1], ownHeightIn: shock[2], medianSpread: shock[3] },
  harm: { crush: 1, contact: 1, punch: 1, mishap: 1, ...harm },
  typicalSizeIn,
  typicalLbPerIn3,
  words: KIND_WORDS[key].split(' '),
  finish: 'plain',
  feel: null,
  cased: false,
  bends: null,
  giveIn: 0,
  flat: false,
  dampSensitive: false,
  keepUpright: false,
  hardPoints: [],
  provenance: judgement(),
  ...extras,
});
