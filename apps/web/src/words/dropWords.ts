import { formatChance, type Breakage, type DropFace, type PlayedDrop } from '@inch-nest/core';
import { CAUSE_WORDS } from './causeWords.ts';
import type { Writers } from './writers.ts';

/** Where a parcel lands, as it is said. */
export const LANDS_ON: Readonly<Record<DropFace, string>> = {
  bottom: 'its base',
  top: 'its top',
  front: 'its front',
  back: 'its back',
  left: 'its left end',
  right: 'its right end',
  corner: 'a corner',
};

const WORKING_SHARE = 0.08;

/** What a landing came to: the g it felt, which layers worked, what gave out, and how many of its kind it breaks. */
export function landingWords(played: PlayedDrop): { felt: string; worked: string; gaveOut: string | null; breaks: string } {
  const { peakG, stands, layers, breaks } = played;
  const working = [...layers].sort((a, b) => b.energyShare - a.energyShare).filter(({ energyShare }) => energyShare >= WORKING_SHARE);
  const gaveOut = layers.filter(({ bottomed }) => bottomed).map(({ name }) => name.toLowerCase());
  return {
    felt: `It feels ${Math.round(peakG)} g; half of its kind stand ${Math.round(stands)} g.`,
    worked: `${working.map(({ name, energyShare }, i) => `${i === 0 ? name : name.toLowerCase()} takes up ${Math.round(energyShare * 100)}%`).join(', ')}.`,
    gaveOut: gaveOut.length > 0 ? `${gaveOut.join(' and ')} pressed flat` : null,
    breaks: breaks < 1e-4 ? 'This drop breaks hardly any such piece.' : `This drop breaks ${formatChance(breaks)} such pieces.`,
  };
}

/** How one of many parcels broke. */
export function breakageWords({ cause, drop }: Breakage, write: Writers): string {
  if (!drop) return CAUSE_WORDS[cause];
  const { number, face, heightIn, standsIn, weaker } = drop;
  const about = (inches: number) => write.length(write.system === 'metric' ? inches : Math.round(inches));
  const strength =
    weaker < 0.1
      ? 'one of the weakest of its kind'
      : weaker < 0.4
        ? 'a weak one of its kind'
        : weaker < 0.75
          ? 'an ordinary one of its kind'
          : 'a strong one of its kind';
  return `drop ${number}, ${about(heightIn)} onto ${LANDS_ON[face]}; ${strength}, it stood ${about(standsIn)} there`;
}

/** So many of so many, against what the formula says. */
export function agreementWords(broken: number, sent: number, chance: number, standardError: number): string {
  const expected = chance * sent;
  const give = 2 * standardError * sent;
  const tenth = (value: number) => (value < 10 ? value.toFixed(1) : String(Math.round(value)));
  const off = Math.abs(broken - expected);
  return `${broken} of ${sent.toLocaleString('en')} broke. The reckoning says ${tenth(expected)}, give or take ${tenth(give)}: ${off <= give ? 'they agree' : off <= 2 * give ? 'as far apart as chance brings now and then' : 'further apart than chance would explain'}.`;
}
