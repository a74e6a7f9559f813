import { parseDay, parseMoney, POSTCODE, POSTCODE_SAYS } from '../../units/index.ts';
import type { Job } from './jobs.ts';
import type { SaleLine, SaleLineField, SaleLineSetting } from './SaleLine.ts';

type Fill = (line: SaleLine, rest: string, setting: SaleLineSetting) => string | null;

const money =
  (field: 'soldMinor' | 'paidMinor' | 'shippingCollectedMinor'): Fill =>
  (line, rest) => {
    const minor = parseMoney(rest);
    if (minor === null) return 'an amount is wanted here, like 84 or 84.50';
    line[field] = minor;
    return null;
  };

/** An amount by itself is what it was sold for. */
export const BARE_MONEY = /^(?=\p{Sc}\s?\d|\d[\d.,]*\s?\p{Sc}$)/u;

/** What leads a field by a word of its own, and how what follows fills it: an answer is what is wrong with it. */
export const KEYWORDS: readonly [RegExp, SaleLineField, Fill][] = [
  [BARE_MONEY, 'soldMinor', money('soldMinor')],
  [/^(?:sold(?: for)?|price|asking)\s+/i, 'soldMinor', money('soldMinor')],
  [/^(?:paid|cost)\s+/i, 'paidMinor', money('paidMinor')],
  [/^(?:shipping|postage)(?: paid)?\s+/i, 'shippingCollectedMinor', money('shippingCollectedMinor')],
  [
    /^(?:(?:ships?|send|going)\s+)?(?:to|zip(?: code)?|post ?code)\s+/i,
    'destinationPostcode',
    (line, rest) => {
      if (!POSTCODE.test(rest)) return POSTCODE_SAYS;
      line.destinationPostcode = rest;
      return null;
    },
  ],
  [
    /^(?:(?:ships?|send)\s+)?by\s+/i,
    'shipBy',
    (line, rest, { today, todayIsOver }) => {
      const day = parseDay(rest, today, todayIsOver);
      if (day === null) return 'which day? like Friday, 27 Nov or 2026-11-27';
      if (day < today) return 'that day has gone';
      line.shipBy = day;
      return null;
    },
  ],
  [
    /^bin\s+/i,
    'bin',
    (line, rest) => {
      if (!/^[\w-]{1,12}$/.test(rest)) return 'a bin code is short, like B4';
      line.bin = rest.toUpperCase();
      return null;
    },
  ],
  [
    /^(?:for\s+|a\s+)?(?=(?:repair|return|exchange)$)/i,
    'job',
    (line, rest) => {
      line.job = rest.toLowerCase() as Exclude<Job, 'sale'>;
      return null;
    },
  ],
  [
    /^for\s+/i,
    'buyer',
    (line, rest) => {
      if (rest.length > 40) return 'a buyer’s tag is short, like EV';
      line.buyer = rest;
      return null;
    },
  ],
];
