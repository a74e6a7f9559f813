'use client';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { eitherSide, formatChance, type Breakage, type PlanDocument, type Struck } from '@inch-nest/core';
import type { NestUse } from '../../../parcel/useNest.ts';
import { planner } from '../../../parcel/planner.ts';
import { useShop } from '../../../session/ShopContext.tsx';
import type { SentManyAnswer } from '../../../workers/planner.protocol.ts';
import { CAUSE_WORDS } from '../../../words/causeWords.ts';
import { changeWords } from '../../../words/changeWords.ts';
import { agreementWords, breakageWords, LANDS_ON } from '../../../words/dropWords.ts';

const PARCELS = 1000;
const ACROSS = 50;
const DOT = 9;
const MOST_TOLD = 6;

type Answered = Extract<SentManyAnswer, { kind: 'sent' }>;

/** The same nest sent a thousand times by seeded chance: which broke, how, and what would have saved them. */
export function SendMany({ plan, nest: { request, found } }: { plan: PlanDocument; nest: Pick<NestUse, 'request' | 'found'> }) {
  const [round, setRound] = useState(0);
  const [busy, setBusy] = useState(false);
  const [answer, setAnswer] = useState<Exclude<SentManyAnswer, { kind: 'superseded' }> | null>(null);
  // what is shown belongs to the nest in hand; a changed one is sent anew
  const of = JSON.stringify(plan.choice);
  const latest = useRef(of);
  useEffect(() => {
    latest.current = of;
    setAnswer(null);
    setRound(0);
  }, [of]);
  const frontier = found?.kind === 'planned' ? found.frontier : [];
  const careful = eitherSide(plan, frontier, request.house.care).moreCareful?.choice ?? null;
  const send = () => {
    setBusy(true);
    void planner()
      .sendMany(request, plan.choice, careful, PARCELS, round + 1)
      .then((next) => {
        setBusy(false);
        if (latest.current !== of || next.kind === 'superseded') return;
        setAnswer(next);
        setRound(round + 1);
      });
  };
  return (
    <section className="send-many" aria-label="Send it a thousand times">
      <div className="section-head">
        <h2>Send it a thousand times</h2>
        <Button onClick={send} loading={busy}>
          {answer ? 'Another thousand' : 'Send a thousand'}
        </Button>
      </div>
      {answer === null && (
        <p className="soft">
          A thousand pieces of this kind, some weaker and some stronger, each thrown about as parcels are to zone {plan.quote.zone}.
        </p>
      )}
      {answer?.kind === 'failed' && <p role="alert">{answer.message}</p>}
      {answer?.kind === 'sent' && <Sent answer={answer} plan={plan} request={request} />}
    </section>
  );
}

function Sent({ answer: { sent, others, careful }, plan, request }: { answer: Answered; plan: PlanDocument } & Pick<NestUse, 'request'>) {
  const { write } = useShop();
  const { breakages } = sent;
  const broken = new Map(breakages.map((one) => [one.parcel, one]));
  const kappa = request.house.kappa.value;
  const saviours = [
    ...others.map(({ change, deltaCostMinor }) => ({ words: changeWords(change, { request, choice: plan.choice }), deltaCostMinor })),
    ...(careful ? [{ words: 'The more careful nest', ...careful }] : []),
  ];
  return (
    <>
      <p role="status">
        <b>{agreementWords(breakages.length, sent.sent, sent.chance, sent.standardError)}</b>
        {Math.abs(kappa - 1) > 0.005 &&
          ` What this shop has seen arrive broken makes that ${formatChance(plan.chance)} in all its figures.`}
      </p>
      <svg
        className="thousand"
        viewBox={`0 0 ${ACROSS * DOT} ${(sent.sent / ACROSS) * DOT}`}
        role="img"
        aria-label={`${sent.sent} parcels, ${breakages.length} broken`}
      >
        {Array.from({ length: sent.sent }, (_, i) => {
          const [x, y] = [(i % ACROSS) * DOT + DOT / 2, Math.floor(i / ACROSS) * DOT + DOT / 2];
          const one = broken.get(i + 1);
          return one ? (
            <path key={i} className="broke" d={`M${x - 3.4} ${y - 3.4}l6.8 6.8m0 -6.8l-6.8 6.8`}>
              <title>{breakageWords(one, write)}</title>
            </path>
          ) : (
            <rect key={i} x={x - 2} y={y - 2} width={4} height={4} />
          );
        })}
      </svg>
      {breakages.length > 0 && (
        <div className="sent-columns">
          <div>
            <h3>How they broke</h3>
            <ul className="told">
              {tally(breakages).map(([name, count]) => (
                <li key={name}>
                  <b className="numeral">{count}</b> {name}
                </li>
              ))}
            </ul>
            <ul className="soft told">
              {breakages.slice(0, MOST_TOLD).map((one) => (
                <li key={one.parcel}>
                  No. {one.parcel}: {breakageWords(one, write)}.
                </li>
              ))}
              {breakages.length > MOST_TOLD && <li>and {breakages.length - MOST_TOLD} more, marked above.</li>}
            </ul>
          </div>
          <div>
            <h3>What would have saved them</h3>
            {saviours.length === 0 && <p className="soft">Nothing at hand makes it a tenth safer.</p>}
            <ul className="told">
              {saviours.map(({ words, deltaCostMinor }, i) => (
                <li key={words}>
                  <b className="numeral">
                    {sent.saved[i]} of {breakages.length}
                  </b>{' '}
                  {words}, {deltaCostMinor < 0 ? 'saves' : 'costs'} <span className="money">{write.money(Math.abs(deltaCostMinor))}</span>
                </li>
              ))}
            </ul>
          </div>
        </div>
      )}
    </>
  );
}

/** How often each way of breaking came, landings told by the face that struck. */
function tally(breakages: readonly Breakage[]): [string, number][] {
  const named = (one: Breakage) => (one.drop ? `landing on ${LANDS_ON[one.drop.face satisfies Struck]}` : CAUSE_WORDS[one.cause]);
  const counts = new Map<string, number>();
  for (const one of breakages) counts.set(named(one), (counts.get(named(one)) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1]);
}
