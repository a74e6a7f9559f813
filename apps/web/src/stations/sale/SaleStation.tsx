'use client';
import { Segmented } from 'antd';
import { countryOf, type Job } from '@inch-nest/core';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';
import { TypedField } from '../../parcel/fields/TypedField.tsx';
import { BuyerAddress } from '../../parcel/fields/BuyerAddress.tsx';
import { CustomsForm } from './CustomsForm.tsx';
import { titleOf } from '../../words/titleOf.ts';

const JOB_WORDS: readonly { value: Job; label: string }[] = [
  { value: 'sale', label: 'sold' },
  { value: 'repair', label: 'for repair' },
  { value: 'return', label: 'goes back' },
  { value: 'exchange', label: 'in exchange' },
];

/** What was sold, to whom, for how much, by when. */
export function SaleStation({ parcel, nest }: BenchUse) {
  const { write } = useShop();
  const money = (minor: number) => write.money(minor);
  const job = usePickedField(parcel, 'sale', 'job');
  const { sale, piece } = parcel.view;
  const isSale = job.value === 'sale';
  const worthless = !isSale && piece.replacementMinor.value === null && sale.soldMinor.value === 0;
  return (
    <>
      <h1 dir="auto">{titleOf(parcel.view)}</h1>
      <p className="soft sub">{isSale ? 'The sale.' : 'A job that is no sale.'} Everything saves as it is typed.</p>
      <div className="fields">
        <TypedField parcel={parcel} entity="piece" path="title" label="Piece" wide meaning={() => ''} />
        <div className="field wide">
          <span className="label">What it is sent for</span>
          <Segmented<Job> aria-label="What it is sent for" value={job.value} options={[...JOB_WORDS]} onChange={job.pick} />
          <div className="meaning">{worthless ? 'nothing is known of its worth: say below what it would cost to replace' : ''}</div>
          <PickedClash {...job} />
        </div>
        <TypedField
          parcel={parcel}
          entity="sale"
          path="soldMinor"
          as="money"
          label={isSale ? 'Sold for' : 'Was sold for, if it was'}
          meaning={money}
        />
        <TypedField
          parcel={parcel}
          entity="sale"
          path="shippingCollectedMinor"
          as="money"
          label="Buyer paid for shipping"
          meaning={money}
        />
        <TypedField parcel={parcel} entity="sale" path="paidMinor" as="money" label="We paid for it" meaning={money} />
        <TypedField
          parcel={parcel}
          entity="piece"
          path="replacementMinor"
          as="money"
          label={isSale ? 'Worth, if not the sold price' : 'Worth'}
          placeholder={isSale ? 'as sold' : 'what it would cost to replace'}
          meaning={(minor: number | null) => (minor !== null ? write.money(minor) : worthless ? 'not said yet' : 'as sold')}
        />
        <TypedField
          parcel={parcel}
          entity="sale"
          path="destinationPostcode"
          label="To postcode"
          meaning={(code: string) =>
            countryOf(code) ? `abroad, ${countryOf(code)}: a customs sheet goes with it` : `region ${code.slice(0, 3)}`
          }
        />
        <TypedField
          parcel={parcel}
          entity="sale"
          path="shipBy"
          as="day"
          label="Send by"
          placeholder="Friday"
          meaning={(day: string) => write.day(day)}
        />
        <TypedField
          parcel={parcel}
          entity="sale"
          path="arriveBy"
          as="day"
          label="Promised there by"
          placeholder="no day promised"
          meaning={(day: string | null) => (day ? write.day(day) : 'services that would be late are marked at Rate')}
        />
        <TypedField
          parcel={parcel}
          entity="sale"
          path="buyer"
          label="Buyer’s tag"
          placeholder="EV–HM"
          meaning={(tag: string | null) => (tag ? 'initials and region, no address' : 'initials and region')}
        />
        <TypedField
          parcel={parcel}
          entity="piece"
          path="bin"
          label="Bin"
          placeholder="B4"
          meaning={(bin: string | null) => (bin ? '' : 'where it stands')}
        />
        <TypedField
          parcel={parcel}
          entity="sale"
          path="letter"
          label="A letter that goes with it"
          placeholder="to a workshop: what is wrong and what is wanted; to the buyer: a word"
          wide
          rows={3}
          meaning={(letter: string | null) => (letter ? 'printed with the papers' : 'none')}
        />
      </div>
      <BuyerAddress parcel={parcel} />
      {countryOf(String(parcel.view.sale.destinationPostcode.value)) && <CustomsForm parcel={parcel} nest={nest} />}
    </>
  );
}
