/** A flat rectangle on a face, inches. */
export interface Patch {
  readonly lengthIn: number;
  readonly widthIn: number;
}

/** How far the load has come on its way outward: the patch that bears, and the face it lies on. */
export interface LoadFront {
  readonly patch: Patch;
  readonly face: Patch;
}

/** How much wider the patch is on each side outside an inner box's wall, inches; judgement. */
export const INNER_WALL_SPREAD_IN = 0.16;

/**
 * Where the load begins: the share of the piece's face that touches the cushion.
 *
 * @param face the piece's projected face
 * @param bearingFraction φ, above 0 and at most 1
 */
export function loadOn(face: Patch, bearingFraction: number): LoadFront {
  const root = Math.sqrt(bearingFraction);
  return { patch: { lengthIn: face.lengthIn * root, widthIn: face.widthIn * root }, face };
}

/** Area on which a wrap of a thickness bears, in²: `min(x+t, X+t)·min(y+t, Y+t)`. */
export const wrapAreaIn2 = ({ patch, face }: LoadFront, thicknessIn: number): number =>
  (Math.min(patch.lengthIn, face.lengthIn) + thicknessIn) * (Math.min(patch.widthIn, face.widthIn) + thicknessIn);

/** Area on which a fill of a thickness bears, in²: `min((x+t)(y+t), β·(X+t)(Y+t))`, β being its bearing share. */
export const fillAreaIn2 = ({ patch, face }: LoadFront, thicknessIn: number, bearingShare: number): number =>
  Math.min(
    (patch.lengthIn + thicknessIn) * (patch.widthIn + thicknessIn),
    bearingShare * (face.lengthIn + thicknessIn) * (face.widthIn + thicknessIn),
  );

const grown = ({ lengthIn, widthIn }: Patch, byIn: number): Patch => ({ lengthIn: lengthIn + byIn, widthIn: widthIn + byIn });

/** The load outside a layer: patch and face have each grown by its thickness on either side. */
export const beyond = ({ patch, face }: LoadFront, thicknessIn: number): LoadFront => ({
  patch: grown(patch, 2 * thicknessIn),
  face: grown(face, 2 * thicknessIn),
});

/** The load outside an inner box: the patch goes on through the wall, at most as wide as the box's face. */
export function throughWall({ patch }: LoadFront, boxFace: Patch): LoadFront {
  const wider = grown(patch, 2 * INNER_WALL_SPREAD_IN);
  return {
    patch: { lengthIn: Math.min(wider.lengthIn, boxFace.lengthIn), widthIn: Math.min(wider.widthIn, boxFace.widthIn) },
    face: boxFace,
  };
}
