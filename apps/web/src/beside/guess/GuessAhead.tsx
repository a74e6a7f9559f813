'use client';
import { Button, Input } from 'antd';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import {
  ARCHETYPES,
  formatChance,
  POSTCODE,
  POSTCODE_SAYS,
  planBundles,
  readSaleLines,
  stackedWords,
  type PlanDocument,
} from '@inch-nest/core';
import { sumOfLines, type ShelfTag } from '@inch-nest/contracts';
import { Refusal, send } from '../../session/http.ts';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { meaningOf } from '../../words/saleLineWords.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { FigureField } from '../../parts/FigureField.tsx';
import { askFor, buyerSentence, leftMinor, sendingMinor } from './askFor.ts';
import { useGuess } from './useGuess.ts';

const DRAFT = 'inch-nest-guess';

/** Planned before it is sold: what sending it costs zone by zone, what to ask, and a sentence for the buyer. */
export function GuessAhead({ shelf }: { shelf: ShelfTag[] }) {
  const { shop, person, write } = useShop();
  const [text, setText] = useState('');
  const [asked, setAsked] = useState<number | null>(null);
  useEffect(() => setText(localStorage.getItem(DRAFT) ?? ''), []);
  const setting = { today: shop.today, todayIsOver: shop.todayIsOver, system: person.system, currency: shop.currency };
  const lines = readSaleLines(text, setting);
  const wrong = lines.flatMap(({ readings }) => readings).filter((reading) => reading.problem !== null);
  const { plans, busy } = useGuess(lines, text, shop);
  const found = plans.flatMap((one) => (one.plan ? [one.plan] : []));
  const held = found[0] ? planBundles(found[0]) : [];
  const asking = askFor(found, shop.house);
  const ask = asked ?? asking.shippingMinor;
  const [soldMinor, paidMinor] = [sumOfLines(lines, 'soldMinor') + asking.onPriceMinor, sumOfLines(lines, 'paidMinor')];
  const losing = plans.filter((one) => one.plan && leftMinor(one.plan, soldMinor, paidMinor, ask) < 0).map((one) => one.zone);
  const type = (next: string) => {
    setText(next);
    localStorage.setItem(DRAFT, next.slice(0, 2000));
  };
  const sentence = buyerSentence(found, write.money, write.weight);
  const several = lines.length > 1;
  return (
    <SidePage shelf={shelf}>
      <h1>Guess ahead</h1>
      <p className="soft sub">Not sold yet? The whole plan before anybody pays: what to ask for postage, and which zones lose money.</p>
      <label htmlFor="guess-line" className="label">
        The piece, on one line; “sold” is what you would ask for it; a + between several for one parcel
      </label>
      <Input
        id="guess-line"
        size="large"
        autoFocus
        value={text}
        placeholder={`${LIKE_THIS[person.system].sale}, paid 22`}
        maxLength={2000}
        status={wrong.length > 0 ? 'error' : ''}
        onChange={(event) => type(event.target.value)}
      />
      {wrong.map((reading, at) => (
        <p key={`${at} ${reading.at.join('-')}`} className="meaning wrong">
          ✗ {reading.text}: {reading.problem}
        </p>
      ))}
      {wrong.length === 0 &&
        lines.map(
          (line, at) =>
            line.title && (
              <p key={at} className="meaning">
                {[
                  ...(several || line.count ? [meaningOf(line, 'title', write)] : []),
                  line.archetype ? ARCHETYPES[line.archetype].name : 'taken for compact ceramic',
                  line.sizeIn ? meaningOf(line, 'sizeIn', write) : 'size guessed',
                  line.weightLb !== undefined ? meaningOf(line, 'weightLb', write) : 'weight guessed',
                  ...(held[at] ? [stackedWords(held[at])].filter((words) => words !== null) : []),
                ].join(' · ')}
              </p>
            ),
        )}
      {found[0] && (
        <>
          <div className="guess-sums">
            <Sum says="weighs about" value={write.weight(found[0].weight.grossLb)} />
            <Sum says="box" value={found[0].box.name.split(',')[0]!} />
            <Sum says="breaks" value={formatChance(found[0].chance)} tone="risk" />
            {asking.onPriceMinor > 0 && <Sum says="put on the price" value={write.money(asking.onPriceMinor)} />}
            <div className="guess-ask">
              <FigureField id="ask" label="Ask for shipping" kind="money" value={ask} least={0} most={100_000_000} onKeep={setAsked} />
              {asked !== null && <Button onClick={() => setAsked(null)}>as reckoned</Button>}
            </div>
          </div>
          <table className="stock-table guess-table">
            <thead>
              <tr>
                <th>Zone</th>
                <th>Postage</th>
                <th>Sending it in all</th>
                <th>Breaks</th>
                <th>By</th>
                <th>Left of the sale</th>
              </tr>
            </thead>
            <tbody>
              {plans.map((one) =>
                one.plan ? (
                  <ZoneRow key={one.zone} zone={one.zone} plan={one.plan} left={leftMinor(one.plan, soldMinor, paidMinor, ask)} />
                ) : (
                  <tr key={one.zone}>
                    <th scope="row">{one.zone}</th>
                    <td colSpan={5}>{one.why}</td>
                  </tr>
                ),
              )}
            </tbody>
          </table>
          <p className={losing.length > 0 ? 'risk' : 'soft'} role="status">
            {busy
              ? 'Reckoning the farther zones …'
              : losing.length > 0
                ? `⚠ At ${write.money(ask)} for shipping, zone${losing.length > 1 ? 's' : ''} ${losing.join(', ')} lose${losing.length > 1 ? '' : 's'} money.`
                : `At ${write.money(ask)} for shipping no zone loses money.`}
          </p>
          <h2>For the buyer</h2>
          <p className="buyer-sentence">{sentence}</p>
          <Button onClick={() => void navigator.clipboard?.writeText(sentence)}>Copy the sentence</Button>
          <ItSold text={text} ask={ask} onSold={() => localStorage.removeItem(DRAFT)} />
        </>
      )}
      {!found[0] && busy && <p className="soft">Reckoning …</p>}
      {plans.length > 0 && found.length === 0 && !busy && (
        <p className="banner wrong" role="alert">
          {plans[0]!.plan === null && `No nest: ${plans[0]!.why}.`}
        </p>
      )}
    </SidePage>
  );
}

function Sum({ says, value, tone = '' }: { says: string; value: string; tone?: string }) {
  return (
    <div>
      <span className="soft">{says}</span>
      <b className={`numeral ${tone}`}>{value}</b>
    </div>
  );
}

function ZoneRow({ zone, plan, left }: { zone: number; plan: PlanDocument; left: number }) {
  const { write } = useShop();
  return (
    <tr className={left < 0 ? 'out' : ''}>
      <th scope="row">{zone}</th>
      <td className="numeral money">{write.money(plan.quote.totalMinor)}</td>
      <td className="numeral money">{write.money(sendingMinor(plan))}</td>
      <td className="numeral risk">{formatChance(plan.chance)}</td>
      <td>{plan.quote.serviceName}</td>
      <td className="numeral">
        {left < 0 && '⚠ '}
        <b>{write.money(left)}</b>
      </td>
    </tr>
  );
}

/** Becomes a sale: only where it goes is still to be said. */
function ItSold({ text, ask, onSold }: { text: string; ask: number; onSold: () => void }) {
  const { person } = useShop();
  const router = useRouter();
  const [to, setTo] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const sold = async () => {
    if (!POSTCODE.test(to.trim())) return setProblem(POSTCODE_SAYS);
    try {
      const line = `${text}, to ${to.trim()}, shipping ${(ask / 100).toFixed(2)}`;
      const { id } = await send<{ id: string }>('POST', '/api/parcels', { id: crypto.randomUUID(), personId: person.id, line });
      onSold();
      router.push(`/parcels/${id}/look-over`);
    } catch (error) {
      setProblem(error instanceof Refusal ? error.message : 'the bench could not be reached; the line is kept here');
    }
  };
  return (
    <form
      className="it-sold"
      onSubmit={(event) => {
        event.preventDefault();
        void sold();
      }}
    >
      <label htmlFor="sold-to">It sold! To which postcode?</label>
      <Input
        id="sold-to"
        value={to}
        maxLength={5}
        inputMode="numeric"
        status={problem ? 'error' : ''}
        onChange={(event) => setTo(event.target.value)}
      />
      <Button type="primary" htmlType="submit">
        Make it a sale
      </Button>
      {problem && (
        <span role="alert" className="meaning wrong">
          ✗ {problem}
        </span>
      )}
    </form>
  );
}
