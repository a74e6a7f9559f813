/** What a code names, by its prefix; one without is a carrier's number. */
export type Scanned = { readonly of: 'parcel' | 'bin' | 'box' | 'tracking'; readonly name: string };

const PREFIXES = { P: 'parcel', B: 'bin', X: 'box' } as const;

export function readCode(code: string): Scanned {
  const found = /^([PBX]):(.+)$/.exec(code.trim());
  return found ? { of: PREFIXES[found[1] as keyof typeof PREFIXES], name: found[2]! } : { of: 'tracking', name: code.trim() };
}
