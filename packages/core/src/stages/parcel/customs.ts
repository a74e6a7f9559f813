import type { Minor } from '../../units/index.ts';

/** Why something crosses a border. */
export type CustomsPurpose = 'sale' | 'gift' | 'repair' | 'return' | 'sample' | 'papers';
export const CUSTOMS_PURPOSES: readonly CustomsPurpose[] = ['sale', 'gift', 'repair', 'return', 'sample', 'papers'];

/** One kind of thing in the parcel. */
export interface CustomsLine {
  readonly id: string;
  readonly what: string;
  readonly count: number;
  /** Worth of all of them together. */
  readonly valueMinor: Minor;
  /** Weight of all of them together, without packing. */
  readonly weightLb: number;
  /** Country of making, two letters. */
  readonly origin: string;
}

/** What the sender says of a parcel that leaves the country. */
export interface CustomsDeclaration {
  readonly purpose: CustomsPurpose;
  /** In words, why; repairs and returns must say. */
  readonly reason: string;
  readonly lines: readonly CustomsLine[];
}

/**
 * Which declaration a parcel needs: the postal union serves small packets up to 300 SDR with a simplified
 * form and dearer ones with the full one (value from memory). The shop sets the amount in its own money and
 * the destination's rules decide.
 */
export const customsForm = (declaration: CustomsDeclaration, simplifiedToMinor: Minor): 'simplified' | 'full' =>
  customsTotals(declaration).valueMinor <= simplifiedToMinor ? 'simplified' : 'full';

/** Worth and weight of all lines. */
export const customsTotals = ({ lines }: CustomsDeclaration): { valueMinor: Minor; weightLb: number } => ({
  valueMinor: lines.reduce((sum, line) => sum + line.valueMinor, 0),
  weightLb: lines.reduce((sum, line) => sum + line.weightLb, 0),
});

/**
 * What is missing or cannot be true in a declaration; an empty list lets it be printed.
 *
 * @param grossLb the parcel's weight, pounds; null where it was not weighed
 */
export function customsProblems(declaration: CustomsDeclaration, grossLb: number | null): string[] {
  const { purpose, reason, lines } = declaration;
  const { weightLb } = customsTotals(declaration);
  return [
    ...((purpose === 'repair' || purpose === 'return') && reason.trim() === '' ? [`a ${purpose} must say why it is sent`] : []),
    ...(lines.length === 0 ? ['say what is in the parcel, a line for each kind of thing'] : []),
    ...lines.flatMap((line) => (line.valueMinor === 0 && purpose !== 'papers' ? [`${line.what}: nothing sent is worth nothing`] : [])),
    ...(grossLb !== null && weightLb > grossLb ? ['the things weigh more together than the parcel does'] : []),
  ];
}
