'use client';
import { Button } from 'antd';
import { Upload } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { CardVersionView, ShelfTag } from '@inch-nest/contracts';
import { Refusal, send, sendForm } from '../../session/http.ts';
import { Problems } from '../../parts/Problems.tsx';
import { useSaveState } from '../../session/SaveState.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { CompareCards } from './CompareCards.tsx';
import { TestParcel } from './TestParcel.tsx';

/** The carriers' cards: every version, taken in and out as files, compared, and tried on a parcel. */
export function RateCards({ shelf }: { shelf: ShelfTag[] }) {
  const { mark } = useSaveState();
  const picker = useRef<HTMLInputElement>(null);
  const [cards, setCards] = useState<readonly CardVersionView[]>([]);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const load = useCallback(() => {
    send<CardVersionView[]>('GET', '/api/cards').then(setCards, () => setProblems(['the bench could not be reached']));
  }, []);
  useEffect(load, [load]);
  const add = async (files: readonly File[]) => {
    if (files.length === 0) return;
    const form = new FormData();
    for (const file of files) form.append('files', file);
    mark('cards', 'pending');
    try {
      setCards(await sendForm<CardVersionView[]>('/api/cards', form));
      setProblems([]);
      mark('cards', 'done');
    } catch (error) {
      mark('cards', 'failed');
      setProblems(
        error instanceof Refusal
          ? error.problems.map(({ path, message }) => `${path}: ${message}`)
          : ['the bench could not be reached; nothing was taken in'],
      );
    }
  };
  const carriers = [...new Set(cards.map((card) => card.carrier))];
  return (
    <SidePage shelf={shelf}>
      <div className="section-head">
        <h1>Rate cards</h1>
        <Button icon={<Upload size={20} aria-hidden />} onClick={() => picker.current?.click()}>
          Take in a card
        </Button>
      </div>
      <p className="soft sub">
        One JSON document, or the CSV files of a card, loose or in one ZIP. All of it is taken in, or nothing with every problem by its
        line. Earlier versions stay for the parcels rated by them.
      </p>
      <input
        ref={picker}
        type="file"
        accept=".json,.csv,.zip"
        multiple
        className="unseen"
        tabIndex={-1}
        aria-label="Files of a card"
        onChange={(event) => {
          void add([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
      <Problems list={problems} />
      {carriers.map((carrier) => (
        <section key={carrier} aria-label={carrier} className="card-versions">
          <h2>{carrier}</h2>
          <ul>
            {cards
              .filter((card) => card.carrier === carrier)
              .map((card) => (
                <li key={card.id} className={card.inForce ? 'on' : ''}>
                  <b className="numeral">version {card.version}</b>
                  <span>
                    {card.inForce ? '✓ in force' : 'not in force'}, from <span className="numeral">{card.validFrom}</span>
                    {card.validTo && (
                      <>
                        {' '}
                        to <span className="numeral">{card.validTo}</span>
                      </>
                    )}
                  </span>
                  <span className="soft">{card.services.join(' · ')}</span>
                  <span className="card-files">
                    <a href={`/api/cards/${card.id}?as=file`} download>
                      JSON
                    </a>
                    <a href={`/api/cards/${card.id}?as=zip`} download>
                      CSV in a ZIP
                    </a>
                  </span>
                </li>
              ))}
          </ul>
        </section>
      ))}
      {cards.length > 0 && <TestParcel key={`try-${cards.length}`} cards={cards} />}
      {carriers.length < cards.length && <CompareCards key={`compare-${cards.length}`} cards={cards} />}
    </SidePage>
  );
}
