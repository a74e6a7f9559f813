'use client';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { Upload } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { CardIntake, CardVersionView, ShelfTag } from '@inch-nest/contracts';
import { Refusal, send, sendForm } from '../../session/http.ts';
import { Problems } from '../../parts/Problems.tsx';
import { useShop } from '../../session/ShopContext.tsx';
import { useSaveState } from '../../session/SaveState.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { CompareCards } from './CompareCards.tsx';
import { TestParcel } from './TestParcel.tsx';

/** The carriers' cards: every version, taken in and out as files, compared, and tried on a parcel. */
export function RateCards({ shelf }: { shelf: ShelfTag[] }) {
  const { mark } = useSaveState();
  const { person } = useShop();
  const client = useQueryClient();
  const picker = useRef<HTMLInputElement>(null);
  const [cards, setCards] = useState<readonly CardVersionView[]>([]);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const load = useCallback(() => {
    send<CardVersionView[]>('GET', '/api/cards').then(setCards, () => setProblems(['the bench could not be reached']));
  }, []);
  useEffect(load, [load]);
  const [asking, setAsking] = useState<{ files: readonly File[]; cautions: readonly string[] } | null>(null);
  const tried = async (act: () => Promise<void>) => {
    mark('cards', 'pending');
    setAsking(null);
    try {
      await act();
      // what is planned from now on goes by the cards as they are now
      void client.invalidateQueries({ queryKey: ['shop'] });
      setProblems([]);
      mark('cards', 'done');
    } catch (error) {
      mark('cards', 'failed');
      setProblems(
        error instanceof Refusal
          ? error.problems.map(({ path, message }) => `${path}: ${message}`)
          : ['the bench could not be reached; nothing was changed'],
      );
    }
  };
  const add = (files: readonly File[], confirmed = false) =>
    tried(async () => {
      if (files.length === 0) return;
      const form = new FormData();
      for (const file of files) form.append('files', file);
      if (confirmed) form.append('confirmed', 'yes');
      const intake = await sendForm<CardIntake>('/api/cards', form);
      if (intake.kind === 'taken') setCards(intake.cards);
      else setAsking({ files, cautions: intake.cautions });
    });
  const withdraw = ({ id, withdrawn }: CardVersionView) =>
    tried(async () => setCards(await send<CardVersionView[]>('PATCH', `/api/cards/${id}`, { personId: person.id, withdrawn: !withdrawn })));
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
      {asking && (
        <div className="banner mind" role="alert">
          <b>Look at this first; nothing is taken in yet.</b>
          <ul>
            {asking.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
          <div className="act-row">
            <Button type="primary" onClick={() => void add(asking.files, true)}>
              It is meant so: take it in
            </Button>
            <Button onClick={() => setAsking(null)}>Leave it out</Button>
          </div>
        </div>
      )}
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
                    {card.withdrawn ? 'taken out of force' : card.inForce ? '✓ in force' : 'not in force'}, from{' '}
                    <span className="numeral">{card.validFrom}</span>
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
                    {(card.inForce || card.withdrawn) && (
                      <Button onClick={() => void withdraw(card)}>{card.withdrawn ? 'Put back in force' : 'Take out of force'}</Button>
                    )}
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
