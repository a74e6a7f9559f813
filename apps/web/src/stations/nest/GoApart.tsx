'use client';
import { formatChance } from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { boxesWords } from '../../words/boxesWords.ts';
import { moreOrLess } from '../../words/ceilingWords.ts';
import { inEach } from '../../words/inEach.ts';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import { SendApart } from './SendApart.tsx';

/**
 * Where one box is no answer: what several would come to, each with what it holds, and one press to send them so.
 *
 * @param nowMinor what one box costs, where it can be sent
 */
export function GoApart({ parcel, way, nowMinor = null }: { parcel: ParcelUse; way: BoxedWay; nowMinor?: number | null }) {
  const { write } = useShop();
  const boxes = boxesWords(way.parts.length);
  const each = inEach(way.parts, heldIn(parcel.view));
  const services = [...new Set(way.parts.map(({ service }) => service))];
  const [service] = services.length === 1 ? services : [];
  return (
    <div className="go-apart">
      <p>
        <b>
          In {boxes} they go{service && ` by ${service}`}:
        </b>{' '}
        {each.map(({ says, part }) => (service ? says : `${says} by ${part.service}`)).join('; ')}. {write.money(way.costMinor)} in all
        {nowMinor !== null && ` (${moreOrLess(way.costMinor - nowMinor, write.money)})`}, {formatChance(way.chance)} that any breaks.{' '}
        <a href="#one-or-more">Compare them.</a>
      </p>
      <SendApart parcel={parcel} way={way} strong>
        Send in {boxes}
      </SendApart>
    </div>
  );
}
