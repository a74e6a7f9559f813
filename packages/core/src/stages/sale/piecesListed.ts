import { OF_A_PICTURE, PARTS_OF_IT } from './partOfIt.ts';
import { MEASURED_TWICE, type SaleLine, type SaleLineReading } from './SaleLine.ts';

/** What a second size may be the size of without being one more piece: `base 4 x 4`, `image size 10 x 8`, `in its box`. Common practice, no source. */
const OF_THE_SAME = new RegExp(
  `^(?:(?:the|its|in|on|with|without|and|at|of|for|a|an|own|inner|outer|original|when|is|to|about|approx)\\s+)*(?:${[
    PARTS_OF_IT,
    OF_A_PICTURE,
    'paper|mount|framed?|unframed|glazed',
    'box|boxed|case|cased|carton|crate|bag|pouch|packed|packaging|parcel|ships?|shipping|shipped',
    'inside|outside|interior|exterior|overall|total|max|maximum|widest|open|opened|closed|folded|unfolded|extended|assembled|set up|lid on|lid off',
  ].join('|')})(?:\\s+(?:size|sizes|only|is|are|measures|area|dimensions|included|alone|itself))*$`,
  'i',
);

/**
 * Several pieces that stand in a list with nothing but commas between them, `teapot 9 x 6 x 6 2 lb, sugar bowl 5 x 4 x 4 1 lb`: where
 * a second size has a name of its own before it, that name begins a piece of its own.
 *
 * @param text one piece, as far as a plus tells
 * @param read reads a piece
 * @returns each as it is read; the one where it does not come out as pieces that each have a name and a size
 */
export function piecesListed(text: string, read: (own: string) => SaleLine): SaleLine[] {
  const whole = read(text);
  const { readings, sizeIn } = whole;
  if (sizeIn === undefined || !readings.some(saysOneMore)) return [whole];
  const cuts: number[] = [];
  let named: SaleLineReading | null = null;
  for (const reading of readings) {
    if (reading.field === 'title') named ??= reading;
    // whatever was told before it ends what was said of the piece before
    else if (reading.field !== null) named = null;
    else if (saysOneMore(reading)) {
      if (!named || OF_THE_SAME.test(named.text) || A_MEASURE.test(named.text)) return [whole];
      cuts.push(named.at[0]);
      named = null;
    }
  }
  const pieces = [0, ...cuts].map((from, i) => {
    const own = text.slice(from, cuts[i] ?? text.length).replace(/[\s,;|•]+$/, '');
    return read(i === 0 ? own : own.replace(BESIDES, ''));
  });
  const isPiece = (line: SaleLine) =>
    line.title !== undefined && line.sizeIn?.length === sizeIn.length && line.readings.every(({ problem }) => problem === null);
  return pieces.every(isPiece) ? pieces : [whole];
}

/** What a name cannot begin with, but what was told of the piece before it can: `7 lb with pendulum`. */
const A_MEASURE = /^[\d./\s]+(?:lbs?|oz|kg|g|in|cm|mm)\b/i;
/** Words that bring in one more. */
const BESIDES = /^(?:and|with|plus|also|&)\s+/i;

/** A second size, of as many sides as can be told apart from a weight or an amount. */
const saysOneMore = ({ problem, text }: SaleLineReading): boolean => problem === MEASURED_TWICE && /\d.*(?:[x×]|\bby\b).*\d/i.test(text);
