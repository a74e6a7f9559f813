'use client';
import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { ORDINARY_FILLS, ORDINARY_WRAPS, type Otherwise, type OtherwiseMade, type Stockroom } from '@inch-nest/core';
import { planner } from '../../parcel/planner.ts';
import { Trouble } from '../../parts/Trouble.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { HowFar } from '../../parts/HowFar.tsx';
import { otherwiseWords, parcelsLooked, weeksWords } from '../../words/otherwiseWords.ts';
import { useOverParcels } from '../../parcel/useOverParcels.ts';

type Which = 'here' | 'absent';
interface Found {
  readonly which: Which;
  readonly made: readonly OtherwiseMade[];
  readonly weeks: number;
}

/** Which wraps and fills are worth a place: what the last parcels would have cost without each, or with one that is not there. */
export function MaterialsSheet() {
  const { shop } = useShop();
  const [which, setWhich] = useState<Which>('here');
  const [found, setFound] = useState<Found | null>(null);
  const { over, busy, problem, stop } = useOverParcels();
  const ways = waysOf(shop.stock)[which];
  const look = async () => {
    setFound(null);
    const said = await over(async (parcels, heard) => {
      const answer = await planner().packedOtherwise(parcels, ways, heard);
      return answer.kind === 'otherwise' ? { kind: 'found', found: answer.made } : answer;
    });
    if (said) setFound({ which, made: said.found, weeks: said.weeks });
  };
  return (
    <>
      <div className="move-form">
        <Segmented<Which>
          aria-label="Which materials"
          value={which}
          disabled={busy !== null}
          onChange={(next) => {
            setWhich(next);
            setFound(null);
          }}
          options={[
            { value: 'here', label: 'Without one that is here' },
            { value: 'absent', label: 'With one that is not here' },
          ]}
        />
        {busy ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button type="primary" disabled={ways.length === 0} onClick={() => void look()}>
            Which materials are worth it?
          </Button>
        )}
      </div>
      {ways.length === 0 && <p>Every ordinary wrap and fill is in the stockroom.</p>}
      <HowFar busy={busy} says={() => 'Every parcel is packed anew with each of them …'} />
      <Trouble says={problem} />
      {found && <Materials {...found} />}
    </>
  );
}

/** What may be asked of a stockroom: each material of it left out, each ordinary one that is not in it put in. */
export function waysOf({ wraps, fills }: Pick<Stockroom, 'wraps' | 'fills'>): Readonly<Record<Which, readonly Otherwise[]>> {
  const absent = <Item extends { key: string }>(ordinary: Readonly<Record<string, Item>>, here: readonly Item[]): Item[] =>
    Object.values(ordinary).filter(({ key }) => !here.some((one) => one.key === key));
  return {
    here: [...wraps, ...fills].map(({ key }) => ({ key, without: key })),
    absent: [
      ...absent(ORDINARY_WRAPS, wraps).map((addsWrap) => ({ key: addsWrap.key, addsWrap })),
      ...absent(ORDINARY_FILLS, fills).map((addsFill) => ({ key: addsFill.key, addsFill })),
    ],
  };
}

function Materials({ which, made, weeks }: Found) {
  const { shop, write } = useShop();
  const named = [...shop.stock.wraps, ...shop.stock.fills, ...Object.values(ORDINARY_WRAPS), ...Object.values(ORDINARY_FILLS)];
  const nameOf = (key: string) => named.find((one) => one.key === key)?.name ?? key;
  const [first] = made;
  if (!first || parcelsLooked(first) === 0) return <p>No parcel has a nest yet: there is nothing to go by.</p>;
  const parcels = parcelsLooked(first);
  // what is missed most stands first, or what would save most
  const sorted = [...made].sort((a, b) =>
    which === 'here' ? b.unfit - a.unfit || b.expectedMinor - a.expectedMinor : a.expectedMinor - b.expectedMinor,
  );
  return (
    <>
      <p role="status">
        By <b className="numeral">{parcels}</b> of the parcels packed over {weeksWords(weeks)}, each packed anew as well as may be. In all
        counts what is expected to break.
      </p>
      <table className="stock-table">
        <thead>
          <tr>
            <th>{which === 'here' ? 'Without' : 'With'}</th>
            <th>Goes otherwise</th>
            <th>In all, a parcel</th>
            <th>What it does</th>
          </tr>
        </thead>
        <tbody>
          {sorted.map((one) => (
            <tr key={one.key}>
              <th scope="row">{nameOf(one.key)}</th>
              <td className="numeral">
                {one.moved + one.unfit} of {parcels}
              </td>
              <td className="numeral">{one.parcels === 0 ? '–' : byWords(one.expectedMinor / one.parcels, write.money)}</td>
              <td className="says">{otherwiseWords(one, write)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

const byWords = (minor: number, money: (minor: number) => string): string =>
  Math.abs(minor) < 0.5 ? 'the same' : `${money(Math.abs(minor))} ${minor > 0 ? 'more' : 'less'}`;
