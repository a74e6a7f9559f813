'use client';
import { Button, Input } from 'antd';
import { useState } from 'react';
import type { AddressView } from '@inch-nest/contracts';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../useParcel.ts';
import { Trouble } from '../../parts/Trouble.tsx';

const MOST_LINES = 5;

/** Where the buyer lives: kept for label and papers, shown only when somebody asks, and the asking is noted. */
export function BuyerAddress({ parcel }: { parcel: ParcelUse }) {
  const { person } = useShop();
  const { view } = parcel;
  const [shown, setShown] = useState<AddressView | null>(null);
  const [draft, setDraft] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const ask = async (body: object): Promise<AddressView | null> => {
    setProblem(null);
    try {
      return await send<AddressView>('POST', `/api/parcels/${view.id}/address`, { personId: person.id, ...body });
    } catch (error) {
      setProblem(
        error instanceof Refusal ? error.problems.map((one) => one.message).join('; ') : 'the bench could not be reached: try again',
      );
      return null;
    }
  };
  const show = async () => {
    const found = await ask({ act: 'show', eventId: crypto.randomUUID() });
    if (!found) return;
    setShown(found);
    setDraft([found.name, ...found.lines].filter(Boolean).join('\n'));
  };
  const keep = async () => {
    const [name = '', ...lines] = (draft ?? '')
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean);
    if (name === '' || lines.length === 0) return setProblem('a name, and at least one line beneath it');
    if (lines.length > MOST_LINES) return setProblem(`at most ${MOST_LINES} lines beneath the name`);
    const kept = await ask({ act: 'keep', name, lines, basedOn: shown?.revision ?? view.address.revision });
    if (!kept) return;
    setShown(null);
    setDraft(null);
  };
  const writing = draft !== null;
  return (
    <section className="buyer-address" aria-label="Buyer’s address">
      <h2>Buyer’s address</h2>
      {!writing && (
        <div className="act-row">
          <span className="soft">
            {view.address.kept ? 'Kept, and hidden; who looks is noted.' : 'Not kept yet. It goes on the label and the papers.'}
          </span>
          {view.address.kept ? (
            <Button onClick={() => void show()}>Show it</Button>
          ) : (
            <Button onClick={() => setDraft('')}>Write it</Button>
          )}
        </div>
      )}
      {writing && (
        <>
          <label htmlFor="buyer-lines">Name, then street and town, a line each; the postcode stands above</label>
          <Input.TextArea
            id="buyer-lines"
            rows={4}
            value={draft}
            maxLength={500}
            autoComplete="off"
            onChange={(event) => setDraft(event.target.value)}
          />
          <div className="act-row">
            <Button type="primary" onClick={() => void keep()}>
              Keep it
            </Button>
            <Button
              onClick={() => {
                setDraft(null);
                setShown(null);
                setProblem(null);
              }}
            >
              Hide it
            </Button>
          </div>
        </>
      )}
      <Trouble says={problem} />
    </section>
  );
}
