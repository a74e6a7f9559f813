import 'server-only';
import { readCode } from '@inch-nest/contracts';
import { findScanned } from '@inch-nest/data';
import { answer } from '../answer.ts';
import { shopData } from '../shopData.ts';

const MOST_SIGNS = 80;

/** What a scanned code leads to. */
export const scanDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const code = (new URL(request.url).searchParams.get('code') ?? '').slice(0, MOST_SIGNS);
    return findScanned(await shopData(), readCode(code));
  });
