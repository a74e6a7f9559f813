'use client';
import { isDear } from '@inch-nest/core';
import { Segmented } from 'antd';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { worthOf } from '../../parcel/worthOf.ts';

type Wish = 'none' | 'add' | 'ask';

/** Cover and signature: asked for here, priced by every service that offers them; what the house and the venue want is said. */
export function Extras({ nest, parcel }: { nest: NestUse; parcel: ParcelUse }) {
  const { write } = useShop();
  const { choice, request, plan } = nest;
  const wish = usePickedField(parcel, 'sale', 'signatureWish');
  if (!choice || !plan) return null;
  const { house, cards } = request;
  const service = cards.flatMap((card) => card.services).find((one) => one.key === choice.service);
  const worth = worthOf(request);
  const covers = service !== undefined && worth <= Math.max(service.cover.ceilingMinor, service.cover.includedMinor);
  const included = service?.cover.includedMinor ?? 0;
  const signs = service !== undefined && service.signatureMinor !== null;
  const wanted = house.signatureFromMinor !== null && request.order.soldMinor >= house.signatureFromMinor;
  const dear = isDear(worth, house);
  const shown: Wish = choice.signature ? 'add' : wish.value === 'ask' ? 'ask' : 'none';
  const sign = (next: Wish) => {
    wish.pick(next);
    if ((next === 'add') !== choice.signature) nest.change(() => ({ signature: next === 'add' }));
  };
  return (
    <div className="extras">
      <div>
        <span className="label">Cover</span>
        <Segmented<'included' | 'full'>
          aria-label="Cover"
          value={choice.coverAdded ? 'full' : 'included'}
          options={[
            { value: 'included', label: included > 0 ? `included, to ${write.money(included)}` : 'none' },
            { value: 'full', label: `in full, ${write.money(worth)}`, disabled: !covers && !choice.coverAdded },
          ]}
          onChange={(cover) => nest.change(() => ({ coverAdded: cover === 'full' }))}
        />
        {!covers && (
          <p className="soft">
            {service?.name} does not cover {write.money(worth)}.
          </p>
        )}
      </div>
      <div>
        <span className="label">Signature</span>
        <Segmented<Wish>
          aria-label="Signature"
          value={shown}
          options={[
            { value: 'none', label: 'none' },
            { value: 'add', label: 'add it', disabled: !signs && !choice.signature },
            { value: 'ask', label: 'ask the buyer' },
          ]}
          onChange={sign}
        />
        <PickedClash {...wish} />
      </div>
      {worth > plan.quote.coverMinor && (
        <p className="ochre">
          ⚠ Dear for its cover: worth {write.money(worth)}, covered to {write.money(plan.quote.coverMinor)}.
        </p>
      )}
      {dear && (!choice.coverAdded || shown !== 'add') && (
        <p className="ochre">
          ⚠ Dear by the house’s rule, from {write.money(house.dearFromMinor!)}: cover it in full and have it signed for.
        </p>
      )}
      {wanted && shown !== 'add' && (
        <p className="ochre">⚠ From {write.money(house.signatureFromMinor)} the venue wants a signature, or it sides with the buyer.</p>
      )}
      {shown === 'ask' && (
        <p className="buyer-sentence">
          Would you like it signed for? That adds {service?.signatureMinor ? write.money(service.signatureMinor) : 'a little'}, and somebody
          has to be in. Without, it is left where the carrier leaves it.
        </p>
      )}
    </div>
  );
}
