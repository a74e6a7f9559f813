import type { Minor } from '../../units/index.ts';
import type { InspectedPiece } from './InspectedPiece.ts';

/** What all pieces of a parcel are worth together, minor units. */
export const worthOfAll = ({ bundles }: { readonly bundles: readonly { readonly wrapped: { readonly piece: InspectedPiece } }[] }): Minor =>
  bundles.reduce((sum, { wrapped }) => sum + wrapped.piece.replacementMinor, 0);
