/** A flat rectangle on a face, inches. */
export interface Patch {
  readonly lengthIn: number;
  readonly widthIn: number;
}

/**
 * Bearing area of each layer outside a face, as the load spreads outward at 45°.
 *
 * Formula: the patch starts at (x·√φ) × (y·√φ) on a face X × Y; a layer of thickness t has the area
 * min(x+t, X+t)·min(y+t, Y+t); then patch and face each grow by 2t.
 *
 * Source: load spreading through half the thickness on each side; common practice, no source.
 *
 * @param face the piece's projected face
 * @param bearingFraction φ, share of the face that touches the cushion, above 0 and at most 1
 * @param thicknessesIn layers from the piece outward
 * @returns areas in in², one for each layer, and the patch left for what lies outside
 */
export function spreadLoad(
  face: Patch,
  bearingFraction: number,
  thicknessesIn: readonly number[],
): { areasIn2: number[]; patch: Patch; face: Patch } {
  const root = Math.sqrt(bearingFraction);
  let x = face.lengthIn * root;
  let y = face.widthIn * root;
  let faceX = face.lengthIn;
  let faceY = face.widthIn;
  const areasIn2 = thicknessesIn.map((t) => {
    const area = Math.min(x + t, faceX + t) * Math.min(y + t, faceY + t);
    x += 2 * t;
    y += 2 * t;
    faceX += 2 * t;
    faceY += 2 * t;
    return area;
  });
  return { areasIn2, patch: { lengthIn: x, widthIn: y }, face: { lengthIn: faceX, widthIn: faceY } };
}
