'use client';
import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { Printer } from 'lucide-react';
import Link from 'next/link';
import { laidWords } from '@inch-nest/core';
import type { DayView, ShelfTag } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { pageNeeds } from '../../session/pageRights.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { shortWords } from '../../words/shortWords.ts';
import { boxToForm, tornWords } from '../../words/tornWords.ts';
import { DayOrder } from './DayOrder.tsx';
import { useTicks } from './useTicks.ts';

const LOOK_EVERY_MS = 20_000;

/** What is done before the first parcel: pieces fetched by bin, sheets torn by roll, guards cut, boxes formed. */
export function Day({ initial, shelf }: { initial: DayView; shelf: ShelfTag[] }) {
  const { write, can } = useShop();
  const { data } = useQuery({
    queryKey: ['day'],
    queryFn: () => send<DayView>('GET', '/api/day'),
    initialData: initial,
    refetchInterval: LOOK_EVERY_MS,
  });
  const { day, pull, tear, short } = data;
  const { ticked, tick } = useTicks(day);
  const line = (key: string, says: React.ReactNode) => (
    <li key={key}>
      <Checkbox checked={ticked.has(key)} onChange={(event) => tick(key, event.target.checked)}>
        {says}
      </Checkbox>
    </li>
  );
  return (
    <SidePage shelf={shelf}>
      <DayOrder shelf={shelf} today={day} />
      <div className="section-head">
        <h2>Pulling and tearing</h2>
        <span className="act-row">
          {can(pageNeeds('/hands')) && (
            <Link className="link-button" prefetch={false} href="/hands">
              Practice
            </Link>
          )}
          <a className="print-due" href="/api/day/sheet" target="_blank" rel="noreferrer">
            <Printer size={20} aria-hidden /> On paper
          </a>
        </span>
      </div>
      <p className="soft sub">Due by {write.day(day)} and not packed yet. What is ticked is kept on this device until tomorrow.</p>
      {short.length > 0 && (
        <section className="banner wrong" aria-label="Will not suffice">
          <b>Will not suffice today:</b>
          <ul>
            {short.map((one) => (
              <li key={`${one.kind} ${one.key}`}>{shortWords(one, write)}</li>
            ))}
          </ul>
        </section>
      )}
      <div className="day-lists">
        <section aria-label="Pull list">
          <h2>Pull, by bin</h2>
          {pull.length === 0 && <p>Nothing is due.</p>}
          <ul>
            {pull.map((piece) =>
              line(
                `pull ${piece.id}`,
                <>
                  <b className="numeral bin">{piece.bin ?? 'no bin'}</b> {piece.title}{' '}
                  <span className="soft">
                    {piece.tag} · <span className="numeral">{piece.code}</span>
                    {piece.shipBy < day && ' · late'}
                  </span>
                  {!piece.planned && (
                    <>
                      {' '}
                      <Link href={`/parcels/${piece.id}/nest`} className="ochre">
                        ⚠ no nest kept yet
                      </Link>
                    </>
                  )}
                </>,
              ),
            )}
          </ul>
        </section>
        <section aria-label="Tear list">
          <h2>Tear, by roll</h2>
          {tear.rolls.length === 0 && <p>Nothing is to be torn: no nest that waits is kept.</p>}
          {tear.rolls.map((roll) => (
            <div key={roll.key}>
              <h3>
                {roll.name} <span className="soft numeral">{write.run(roll.feet)} in all</span>
              </h3>
              <ul>
                {roll.pieces.map((piece) =>
                  line(
                    `tear ${roll.key} ${piece.code}`,
                    <>
                      <b className="numeral">{tornWords(piece.count, piece.lengthIn, write)}</b>{' '}
                      <span className="soft">
                        {laidWords(piece)} for <span className="numeral">{piece.code}</span>
                      </span>
                    </>,
                  ),
                )}
              </ul>
            </div>
          ))}
          {tear.guards.length > 0 && (
            <>
              <h3>Guards to cut</h3>
              <ul>
                {tear.guards.map((guard) =>
                  line(
                    `guard ${guard.code} ${guard.name} ${guard.lengthIn}`,
                    <>
                      <b className="numeral">{write.length(guard.lengthIn)}</b> {guard.name}{' '}
                      <span className="soft numeral">{guard.code}</span>
                    </>,
                  ),
                )}
              </ul>
            </>
          )}
          {tear.boxes.length > 0 && (
            <>
              <h3>Boxes to form</h3>
              <ul>
                {tear.boxes.map((box) =>
                  line(
                    `box ${boxToForm(box, write)}`,
                    <>
                      <b className="numeral">{box.count} ×</b> {boxToForm(box, write)}{' '}
                      <span className="soft numeral">{box.codes.join(', ')}</span>
                    </>,
                  ),
                )}
              </ul>
            </>
          )}
        </section>
      </div>
    </SidePage>
  );
}
