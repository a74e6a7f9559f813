// Parts that lie loose on a piece, known from what a title says. Common practice, no source: what a packer looks for first.

/** What lies loose on a piece and knocks against it on the way, unless it is wrapped by itself or held. */
export type LoosePart = 'lid' | 'stopper';

/** What says that there is one, or usually has one. */
const HAS: Readonly<Record<LoosePart, RegExp>> = {
  lid: /\b(?:lids?|lidded|covered (?:\w+ )?(?:dish|bowl|jar|box|pot|vase|cup|urn)(?:e?s)?|(?:tea|coffee|stock|mustard|jam) ?pots?|tureens?|sugar (?:bowl|basin)s?|(?:ginger|cookie|biscuit|tobacco|storage|temple) (?:jar|barrel)s?|casseroles?|butter dish(?:es)?)\b/i,
  stopper: /\b(?:stopper(?:s|ed)?|decanters?|apothecary (?:jar|bottle)s?|(?:scent|perfume) bottles?|cruets?)\b/i,
};
const PARTS = ['stopper', 'lid'] as const satisfies readonly LoosePart[];

/** What says that there is none, or none any more: `teapot, lid missing`, `jar without lid`. */
const LACKS = /\b(?:no|without(?: its| a)?|w\/o|missing(?: its)?|lacks(?: its)?|lidless)\b|\b(?:missing|lost|gone|lacking)\b/i;
/** One in its case, or sealed in its box, is held there. */
const HELD = /\b(?:sealed|unopened)\b/i;
/** A title that names nothing but such a part: `lid`, `ground stoppers`, `lid of a crock`. */
const IS_ONE = /^(?:(?!with\b|and\b)[\w-]+\s+){0,2}(?:lids?|stoppers?)(?:\s+(?:of|for|to|from)\b.*)?$/i;

/** True of a title that names a lid or a stopper and nothing else: of the same stuff as what it belongs to, unless it says of what. */
export const namesLoosePart = (title: string): boolean => !/[&+]/.test(title) && IS_ONE.test(title.trim());

/** The part that a piece of this name has loose on it; null where it says nothing of the sort, or that there is none. */
export const loosePartOf = (title: string): LoosePart | null =>
  namesLoosePart(title) || LACKS.test(title) || HELD.test(title) ? null : (PARTS.find((part) => HAS[part].test(title)) ?? null);

/** The same where nothing that goes with the piece is called so yet. */
export function looseUntold(title: string, others: readonly string[]): LoosePart | null {
  const part = loosePartOf(title);
  return part && !others.some((other) => new RegExp(`\\b${part}s?\\b`, 'i').test(other)) ? part : null;
}
