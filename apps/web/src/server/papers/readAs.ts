/** What something on paper is to whoever has it read aloud. */
export type ReadAs = 'H1' | 'P' | 'Figure';

interface Reading {
  readonly whole: PDFKit.PDFStructureElement;
  /** False until the page's heading was drawn. */
  headed: boolean;
  within: boolean;
}
const READINGS = new WeakMap<PDFKit.PDFDocument, Reading>();

/** Lines, squares and frames are for the eye: whatever is not said to be read is passed over. */
const forTheEye = (paper: PDFKit.PDFDocument) => paper.markContent('Artifact', { type: 'Layout' });

/** From here on what is drawn is kept in the order in which it is read (ISO 32000-1, 14.8: tagged PDF). */
export function startReading(paper: PDFKit.PDFDocument): void {
  const whole = paper.struct('Document');
  paper.addStructure(whole);
  READINGS.set(paper, { whole, headed: false, within: false });
}

export function startPage(paper: PDFKit.PDFDocument): void {
  READINGS.get(paper)!.headed = false;
  forTheEye(paper);
}

export const endReading = (paper: PDFKit.PDFDocument): void => READINGS.get(paper)!.whole.end();

/** A page's first large line is its heading. */
export function headingOr(paper: PDFKit.PDFDocument, isHead: boolean): ReadAs {
  const reading = READINGS.get(paper);
  if (!reading || reading.headed || !isHead) return 'P';
  reading.headed = true;
  return 'H1';
}

/**
 * Draws something that is read; what it draws within is part of it.
 *
 * @param words for a picture
 */
export function readAs<Drawn>(paper: PDFKit.PDFDocument, as: ReadAs, draw: () => Drawn, words?: string): Drawn {
  const reading = READINGS.get(paper);
  if (!reading || reading.within) return draw();
  reading.within = true;
  const content = paper.markStructureContent(as);
  const drawn = draw();
  paper.endMarkedContent();
  reading.whole.add(paper.struct(as, words === undefined ? {} : { alt: words }, [content]));
  reading.within = false;
  forTheEye(paper);
  return drawn;
}
