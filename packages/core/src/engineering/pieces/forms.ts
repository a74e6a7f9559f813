import type { SectionForm } from '../geometry/wrapLength.ts';
import type { Triple } from '../geometry/wrapLayer.ts';

/** Outline of a piece, as far as cushioning and wrapping care. */
export type FormKey = 'block' | 'plate' | 'cylinder' | 'tube' | 'ovoid' | 'framed' | 'irregular';

interface Form {
  readonly key: FormKey;
  readonly name: string;
  readonly section: SectionForm;
  /** Bearing fraction of the two faces across the form's own axis, and of the four along it. */
  readonly endBearing: number;
  readonly sideBearing: number;
}

const form = (key: FormKey, name: string, section: SectionForm, endBearing: number, sideBearing: number): Form => ({
  key,
  name,
  section,
  endBearing,
  sideBearing,
});

/**
 * Bearing fractions φ: the share of the projected face that really touches the cushion; judgement. A
 * framed pane bears on its frame alone, so its face (across the thin axis) is the small one.
 */
export const FORMS: Readonly<Record<FormKey, Form>> = {
  block: form('block', 'block', 'block', 0.9, 0.9),
  plate: form('plate', 'plate', 'block', 0.95, 0.95),
  cylinder: form('cylinder', 'cylinder', 'cylinder', 0.78, 0.35),
  tube: form('tube', 'tube', 'cylinder', 0.78, 0.35),
  ovoid: form('ovoid', 'ovoid', 'cylinder', 0.3, 0.3),
  framed: form('framed', 'framed', 'block', 0.25, 0.9),
  irregular: form('irregular', 'irregular', 'block', 0.4, 0.4),
};

/**
 * Axis a form is turned about: for round ones the side that differs from the two most alike, for framed
 * ones the thin side, else the longest.
 *
 * @returns 0, 1 or 2: which of the three sides
 */
export function formAxis(key: FormKey, sizeIn: Triple): 0 | 1 | 2 {
  const [l, w, h] = sizeIn;
  if (key === 'framed') return thinnest(sizeIn);
  if (FORMS[key].section === 'cylinder') {
    const apart = [Math.abs(w - h), Math.abs(l - h), Math.abs(l - w)];
    return apart.lastIndexOf(Math.min(...apart)) as 0 | 1 | 2;
  }
  return sizeIn.indexOf(Math.max(...sizeIn)) as 0 | 1 | 2;
}

const thinnest = (sizeIn: Triple): 0 | 1 | 2 => sizeIn.lastIndexOf(Math.min(...sizeIn)) as 0 | 1 | 2;

/** Bearing fraction of the faces across each of the three axes. */
export function bearingFractions(key: FormKey, sizeIn: Triple): Triple {
  const { endBearing, sideBearing } = FORMS[key];
  const axis = formAxis(key, sizeIn);
  return [0, 1, 2].map((one) => (one === axis ? endBearing : sideBearing)) as unknown as Triple;
}
