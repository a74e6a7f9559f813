import { spelledOut } from './spelledOut.ts';

// Parts that lie loose on a piece, known from what a title says. Common practice, no source: what a packer looks for first.

/** What lies loose on a piece, or comes off it: wrapped in as it sits it knocks, swings or breaks first. */
export type LoosePart = 'lid' | 'stopper' | 'shade' | 'globe' | 'chimney' | 'pendulum' | 'weights' | 'drawer' | 'key';

const LAMP = String.raw`\b(?:lamp|light|lantern|sconce|chandelier)s?\b`;
/** It stands on the lamp that is named before it; named alone, or as `lamp shade`, it is the piece. */
const onLamp = (part: string): string => String.raw`${LAMP}(?!\s+${part}).*\b(?:with|and|&|plus)\s.*\b${part}s?\b`;
const clocks = (some: string): string => String.raw`\b(?:${some}) clocks?\b`;
/** Clocks that go by weights, and those that swing by a pendulum, whatever else their names tell. */
const HANGS = 'cuckoo|long-?case|grand(?:father|mother)';
const SWINGS = `${HANGS}|regulator|schoolhouse|anniversary`;

/** What says that there is one, or usually has one. */
const HAS: Readonly<Record<LoosePart, RegExp>> = {
  lid: /\b(?:lids?|lidded|covered (?:\w+ )?(?:dish|bowl|jar|box|pot|vase|cup|urn)(?:e?s)?|(?:tea|coffee|stock|mustard|jam) ?pots?|tureens?|sugar (?:bowl|basin)s?|(?:ginger|cookie|biscuit|tobacco|storage|temple) (?:jar|barrel)s?|casseroles?|butter dish(?:es)?)\b/i,
  stopper: /\b(?:stopper(?:s|ed)?|decanters?|apothecary (?:jar|bottle)s?|(?:scent|perfume) bottles?|cruets?)\b/i,
  shade: new RegExp(onLamp('shade'), 'i'),
  globe: new RegExp(onLamp('globe'), 'i'),
  chimney: new RegExp(
    String.raw`${onLamp('chimney')}|\b(?:oil|kerosene|paraffin|hurricane) lamps?\b(?!\s+(?:chimney|shade|globe|base|burner|font|wick))`,
    'i',
  ),
  pendulum: new RegExp(String.raw`\bclocks?\b.*\bpendulums?\b|\bpendulum (?:\w+ )?clocks?\b|${clocks(SWINGS)}`, 'i'),
  weights: new RegExp(String.raw`\b(?:scale|balance|clock)s?\b.*\bweights\b|${clocks(HANGS)}`, 'i'),
  drawer: /\b(?:with|and|&|of|two|three|four|five|six) (?:\w+ )?drawers?\b/i,
  key: /\b(?:with|and|&) (?:(?:its|a|the|original|winding|brass|working) )*keys?\b/i,
};
const PARTS = Object.keys(HAS) as LoosePart[];

/** What says that there is none, or none any more: `teapot, lid missing`, `jar without lid`. */
const LACKS = /\b(?:no|without(?: its| a)?|missing(?: its)?|lacks(?: its)?|lidless)\b|\b(?:missing|lost|gone|lacking)\b/i;
/** One in its case, or sealed in its box, is held there. */
const HELD = /\b(?:sealed|unopened)\b/i;
/** A title that names nothing but such a part: `lid`, `ground stoppers`, `lid of a crock`. */
const IS_ONE = /^(?:(?!with\b|and\b)[\w-]+\s+){0,2}(?:lids?|stoppers?)(?:\s+(?:of|for|to|from)\b.*)?$/i;

/** True of a title that names a lid or a stopper and nothing else: of the same stuff as what it belongs to, unless it says of what. */
export const namesLoosePart = (title: string): boolean => !/[&+]/.test(title) && IS_ONE.test(title.trim());

/** The parts that a piece of this name has loose on it; none where it says nothing of the sort, or that something is not there. */
export function loosePartsOf(title: string): readonly LoosePart[] {
  const named = spelledOut(title);
  return namesLoosePart(title) || LACKS.test(named) || HELD.test(named) ? [] : PARTS.filter((part) => HAS[part].test(named));
}

/** The first of them that nothing which goes with the piece is called by yet. */
export const looseUntold = (title: string, others: readonly string[]): LoosePart | null =>
  loosePartsOf(title).find((part) => !others.some((other) => new RegExp(`\\b${part}s?\\b`, 'i').test(other))) ?? null;
