'use client';
import { Button, InputNumber, Segmented } from 'antd';
import { useState } from 'react';
import type { BoxesToKeep, SizeKept } from '@inch-nest/core';
import type { ShelfTag } from '@inch-nest/contracts';
import { planner } from '../../parcel/planner.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { HowFar } from '../../parts/HowFar.tsx';
import { weeksWords } from '../../words/otherwiseWords.ts';
import { useOverParcels } from '../../parcel/useOverParcels.ts';

type Which = 'late' | 'open';
interface Found {
  readonly sizes: BoxesToKeep;
  /** Weeks the parcels came over; null for those that are still to be packed. */
  readonly weeks: number | null;
}

/** Sizes that are asked for first, and parcels to each below which they say little. */
const SIZES_ASKED = 10;
const PARCELS_EACH = 5;
const NOT_YET_PACKED = ['draft', 'planned', 'packing'];

/** Which sizes of box to keep: what each earned, which to add, and the best set of so many. */
export function SizesSheet({ shelf }: { shelf: readonly ShelfTag[] }) {
  const { shop } = useShop();
  const own = shop.stock.boxes.filter(({ style, container }) => style === 'slotted' && container === null).length;
  const [which, setWhich] = useState<Which>('late');
  const [most, setMost] = useState(Math.min(own, SIZES_ASKED));
  const [found, setFound] = useState<Found | null>(null);
  const { over, busy, problem, stop } = useOverParcels();
  const look = async () => {
    setFound(null);
    const open = new Set(shelf.filter(({ state }) => NOT_YET_PACKED.includes(state)).map(({ id }) => id));
    const said = await over(
      async (parcels, heard) => {
        const answer = await planner().boxesToKeep(parcels, shop.stock, most, heard);
        return answer.kind === 'boxes' ? { kind: 'found', found: answer.sizes } : answer;
      },
      ({ id }) => which === 'late' || open.has(id),
    );
    if (said) setFound({ sizes: said.found, weeks: which === 'late' ? said.weeks : null });
  };
  return (
    <>
      <div className="move-form">
        <Segmented<Which>
          aria-label="Which parcels"
          value={which}
          disabled={busy !== null}
          onChange={(next) => {
            setWhich(next);
            setFound(null);
          }}
          options={[
            { value: 'late', label: 'The last parcels' },
            { value: 'open', label: 'Those still to be packed' },
          ]}
        />
        <span className="figure-field">
          <label htmlFor="most-sizes">Sizes to keep</label>
          <InputNumber
            id="most-sizes"
            className="numeral"
            min={1}
            max={60}
            precision={0}
            value={most}
            disabled={busy !== null}
            onChange={(next) => next && setMost(next)}
          />
        </span>
        {busy ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button type="primary" onClick={() => void look()}>
            Which boxes to keep?
          </Button>
        )}
      </div>
      <HowFar busy={busy} says={(done, of) => `Parcel ${done} of ${of} is put into every size …`} />
      <Trouble says={problem} />
      {found && <Sizes {...found} />}
    </>
  );
}

function Sizes({ sizes: { parcels, unfit, kept, more, best }, weeks }: Found) {
  const { write } = useShop();
  const per = (minor: number) => (weeks === null ? write.money(minor) : `${write.money(minor / weeks)} a week`);
  const size = ({ box }: Pick<SizeKept, 'box'>) => write.size(box.insideIn);
  if (parcels === 0) return <p>No parcel has a nest yet: there is nothing to go by.</p>;
  const here = new Set(kept.map(({ box }) => box.key));
  const chosen = new Set(best.boxes.map(({ key }) => key));
  const added = best.boxes.filter(({ key }) => !here.has(key));
  const gone = kept.filter(({ box }) => !chosen.has(box.key));
  return (
    <>
      <p role="status">
        By <b className="numeral">{parcels}</b> {parcels === 1 ? 'parcel' : 'parcels'}
        {weeks !== null && ` over ${weeksWords(weeks)}`}, each with the wraps and the fill it has, put into every size: packing, postage and
        what is expected to break.
        {unfit > 0 && ` ${unfit} ${unfit === 1 ? 'goes' : 'go'} into none of them.`}
      </p>
      {parcels < PARCELS_EACH * best.boxes.length && (
        <p className="banner mind">
          <span>
            <b>So few parcels say little about so many sizes.</b> Take the first lines for a hint, and ask again when more have gone.
          </span>
        </p>
      )}
      <h2>To add</h2>
      {more.length === 0 ? (
        <p>No other size would have saved anything worth a shelf.</p>
      ) : (
        <ol className="sizes-to-add">
          {more.map((one) => (
            <li key={one.box.key}>
              <b>{size(one)}</b>: saves <b className="numeral">{per(one.earnsMinor)}</b>{' '}
              <span className="soft">
                best for {one.parcels} {one.parcels === 1 ? 'parcel' : 'parcels'}, at about {write.money(one.box.priceMinor)} a box
              </span>
            </li>
          ))}
        </ol>
      )}
      <h2>
        The best {best.boxes.length} {best.boxes.length === 1 ? 'size' : 'sizes'}
      </h2>
      <p>
        {best.savesMinor > 0.5 ? (
          <>
            would {weeks === null ? 'save' : 'have saved'} <b className="numeral">{per(best.savesMinor)}</b> against what is there
            {best.exact ? '; no other so many do better.' : `; no so many can save more than ${per(best.mostMinor)}.`}
          </>
        ) : best.savesMinor < -0.5 ? (
          <>
            cost <b className="numeral">{per(-best.savesMinor)}</b> more than all that are there.
          </>
        ) : (
          'are as good as those that are there.'
        )}
      </p>
      <dl className="sizes-best">
        {added.length > 0 && (
          <>
            <dt>New</dt>
            <dd>{added.map((box) => size({ box })).join(' · ')}</dd>
          </>
        )}
        {gone.length > 0 && (
          <>
            <dt>Not among them</dt>
            <dd>{gone.map(({ box }) => box.name).join(' · ')}</dd>
          </>
        )}
      </dl>
      <h2>What each size earned</h2>
      <table className="stock-table">
        <thead>
          <tr>
            <th>Box</th>
            <th>Best for</th>
            <th>Without it</th>
          </tr>
        </thead>
        <tbody>
          {kept.map((one) => (
            <tr key={one.box.key}>
              <th scope="row">{one.box.name}</th>
              <td className="numeral">
                {one.parcels} {one.parcels === 1 ? 'parcel' : 'parcels'}
              </td>
              <td className="numeral">{one.earnsMinor > 0.5 ? `${per(one.earnsMinor)} more` : 'no dearer'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
