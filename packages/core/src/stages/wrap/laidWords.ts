/** Something wrapped as it is said: turns of a sheet that is wound, or cards of one that is not. */
export interface Laid {
  readonly turns: number;
  /** It is not wound: half a turn is one card. */
  readonly stiff?: boolean | undefined;
  /** It is an envelope that the bundle lies in. */
  readonly sleeve?: boolean | undefined;
  /** It is folded between two bundles: turns are its thicknesses. */
  readonly folded?: boolean | undefined;
  /** Sheets of it lie between the pieces of a stack. */
  readonly between?: boolean | undefined;
}

/** Turns as hands count them: `half a turn`, `1 turn`, `1 1/2 turns`. */
export function turnsWords(turns: number): string {
  const [whole, half] = [Math.floor(turns), turns % 1 !== 0];
  if (whole === 0) return half ? 'half a turn' : 'no turn';
  return half ? `${whole} 1/2 turns` : `${whole} ${whole === 1 ? 'turn' : 'turns'}`;
}

/** What is laid, without what it is of: `2 turns`, `1 card`, `one`. */
export function laidWords({ turns, stiff, sleeve, folded, between }: Laid): string {
  if (sleeve) return 'one';
  if (folded) return `folded ${turns} thick`;
  if (between) return 'between those of a stack';
  const cards = Math.round(turns * 2);
  return stiff ? `${cards} ${cards === 1 ? 'card' : 'cards'}` : turnsWords(turns);
}

/** How pieces are stacked, before anything is wound round them: `stacks of 8, 8 and 7, foam sheet between each two`; null where they are not. */
export function stackedWords({
  block: { stacks, stackedAlong },
  interleaved,
}: {
  readonly block: { readonly stacks: readonly number[]; readonly stackedAlong?: number };
  readonly interleaved?: { readonly name: string };
}): string | null {
  if (stackedAlong === undefined) return null;
  const [last, ...others] = [...stacks].reverse();
  const how = others.length === 0 ? `a stack of ${last}` : `stacks of ${[...others].reverse().join(', ')} and ${last}`;
  return interleaved ? `${how}, ${interleaved.name.toLowerCase()} between each two` : how;
}

/** What is laid, with what it is of: `2 turns of small bubble`, `1 backing card`, `2 backing cards`, `the padded envelope`. */
export function laidOf(laid: Laid & { readonly name: string }): string {
  const name = laid.name.toLowerCase();
  if (laid.sleeve) return `the ${name}`;
  if (!laid.stiff) return `${turnsWords(laid.turns)} of ${name}`;
  const cards = Math.round(laid.turns * 2);
  return name.endsWith('card') ? `${cards} ${name}${cards === 1 ? '' : 's'}` : `${laidWords(laid)} of ${name}`;
}
