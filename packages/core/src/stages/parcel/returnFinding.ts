/** How the seal of what came back was found. */
export type SealFound = 'whole' | 'broken' | 'none';
export const SEALS_FOUND: readonly SealFound[] = ['whole', 'broken', 'none'];

/** What a look at what came back finds. */
export type ReturnFinding = 'same' | 'opened' | 'another' | 'unclear';
export const RETURN_FINDINGS: readonly ReturnFinding[] = ['same', 'opened', 'another', 'unclear'];

/** What was noted of a piece before it went, and what is found now that it is back. */
export interface ReturnFacts {
  readonly serialSent: string | null;
  readonly sealSent: string | null;
  readonly serialBack: string | null;
  readonly sealBack: SealFound;
}

/** A number as it is compared: letters and figures alone, so that a dash or a space more is no other number. */
const plain = (serial: string | null): string => (serial ?? '').toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/**
 * What the numbers and the seal say. Another number is another piece, whatever the seal; a seal that is broken or gone
 * means opened, whatever the number; with nothing to compare by nothing is found. Common practice, no source.
 */
export function returnFinding({ serialSent, sealSent, serialBack, sealBack }: ReturnFacts): ReturnFinding {
  const [sent, back] = [plain(serialSent), plain(serialBack)];
  if (sent && back && sent !== back) return 'another';
  if (sealSent && sealBack !== 'whole') return 'opened';
  return (sent && back) || sealSent ? 'same' : 'unclear';
}

/** A finding as it is said. */
export const FINDING_WORDS: Readonly<Record<ReturnFinding, string>> = {
  same: 'the same piece, as it went',
  opened: 'opened on the other side: the seal is not whole',
  another: 'not the piece that was sent: another number',
  unclear: 'nothing tells whether it is the same piece',
};
export const SEAL_WORDS: Readonly<Record<SealFound, string>> = { whole: 'whole', broken: 'broken', none: 'not there' };
