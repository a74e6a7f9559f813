import type { RateCard } from '@inch-nest/core';
import { AMBRY_GROUND } from './ambryGround.ts';
import { HAWSER_FREIGHT } from './hawserFreight.ts';
import { QUILLON_POST } from './quillonPost.ts';
import { SKERROW_EXPRESS } from './skerrowExpress.ts';

/** The cards that the carriers of the Alder Isles publish: the demo's shop keeps them, and their stand-in prices from them. */
export const DEMO_CARDS: readonly RateCard[] = [QUILLON_POST, AMBRY_GROUND, SKERROW_EXPRESS, HAWSER_FREIGHT];
