import type { CauseKey } from '@inch-nest/core';

/** Plain words for each way a parcel fails. */
export const CAUSE_WORDS: Readonly<Record<CauseKey, string>> = {
  shock: 'landing hard',
  crush: 'crush',
  contact: 'touching',
  knock: 'knocking together',
  punch: 'punched through',
  bend: 'bending until it breaks',
  scuff: 'rubbing',
  wet: 'wet',
  burst: 'box bursting',
  inside: 'loose inside',
  opening: 'opening',
  overTight: 'wound too tight',
  mishap: 'mishap',
  crease: 'creased',
  nick: 'nicked',
};
