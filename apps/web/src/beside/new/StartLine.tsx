'use client';
import { Button, Input } from 'antd';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { ARCHETYPES, breaksSooner, looseUntold, readSaleLines, type SaleLine, type SaleLineField } from '@inch-nest/core';
import { Refusal, send } from '../../session/http.ts';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { meaningOf } from '../../words/saleLineWords.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { useSpoken } from '../../session/Voice.tsx';

const FIELD_WORDS: Readonly<Record<SaleLineField, string>> = {
  title: 'piece',
  sizeIn: 'size',
  weightLb: 'weight',
  soldMinor: 'sold for',
  paidMinor: 'paid for it',
  shippingCollectedMinor: 'shipping paid',
  destinationPostcode: 'to',
  shipBy: 'by',
  bin: 'bin',
  job: 'no sale',
  buyer: 'buyer',
};
const DRAFT = 'inch-nest-line';

/** A whole sale on one line; what was understood shows beneath as it is typed, what was not in its place. */
export function StartLine() {
  const { shop, person, write } = useShop();
  const router = useRouter();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => setText(localStorage.getItem(DRAFT) ?? ''), []);
  const setting = { today: shop.today, todayIsOver: shop.todayIsOver, system: person.system, currency: shop.currency };
  const lines = readSaleLines(text, setting);
  const wrong = lines.flatMap(({ readings }) => readings).filter((reading) => reading.problem !== null);
  const named = lines.every(({ title }) => title);
  const understood = lines.flatMap((line) =>
    line.readings.flatMap(({ field }) => (field ? `${FIELD_WORDS[field]}: ${meaningOf(line, field, write)}` : [])),
  );
  useSpoken((wrong.length > 0 ? wrong.map((reading) => `${reading.text}: ${reading.problem}`) : understood).join('; '));
  const type = (next: string) => {
    setText(next);
    setProblem(null);
    localStorage.setItem(DRAFT, next.slice(0, 2000));
  };
  const start = async () => {
    setBusy(true);
    try {
      const { id } = await send<{ id: string }>('POST', '/api/parcels', { id: crypto.randomUUID(), personId: person.id, line: text });
      localStorage.removeItem(DRAFT);
      router.push(`/parcels/${id}/look-over`);
    } catch (error) {
      setProblem(error instanceof Refusal ? error.message : 'the bench could not be reached; the line is kept here');
      setBusy(false);
    }
  };
  return (
    <form
      className="start-line"
      onSubmit={(event) => {
        event.preventDefault();
        if (named && wrong.length === 0) void start();
      }}
    >
      <label htmlFor="line">What was sold, on one line</label>
      <Input
        id="line"
        size="large"
        autoFocus
        value={text}
        placeholder={`${LIKE_THIS[person.system].sale}, to 40217, by Friday`}
        maxLength={2000}
        status={wrong.length > 0 ? 'error' : ''}
        aria-describedby="line-readings"
        onChange={(event) => type(event.target.value)}
      />
      <ul id="line-readings" className="readings">
        {lines.flatMap((line, at) =>
          line.readings.map((reading) => (
            <li
              key={`${at} ${reading.at.join('-')}`}
              className={reading.problem ? 'wrong' : (reading.doubt ?? reading.asks) ? 'doubt' : ''}
            >
              <span className="said">{reading.text}</span>
              <span>
                {reading.problem
                  ? `✗ ${reading.problem}`
                  : reading.doubt
                    ? `? kept with the name: ${reading.doubt}`
                    : `${FIELD_WORDS[reading.field!]}: ${meaningOf(line, reading.field!, write)}${reading.asks ? ` · ${reading.asks}` : ''}`}
              </span>
            </li>
          )),
        )}
      </ul>
      {lines.map(
        (line, at) =>
          line.title && (
            <p key={at} className="soft">
              {lines.length > 1 ? `${line.title}: ` : ''}
              {guesses(line, lines)}
            </p>
          ),
      )}
      {problem && (
        <p role="alert" className="risk">
          ✗ {problem}
        </p>
      )}
      <Button type="primary" htmlType="submit" size="large" loading={busy} disabled={!named || wrong.length > 0}>
        Start this parcel
      </Button>
      <p className="soft">
        Commas may stand between the parts. Lead them with <b>sold</b>, <b>paid</b>, <b>shipping</b>, <b>to</b>, <b>by</b>, <b>bin</b> or{' '}
        <b>for</b>; size and weight are known by their units. Several alike: <b>six jars</b>, <b>pair of bookends</b>, <b>31 x books</b>; a
        weight is then of all of them unless <b>each</b> stands after it. Several pieces in one parcel: a <b>+</b> between them, or a name
        and a size of its own for each. All of it can be changed afterwards.
      </p>
    </form>
  );
}

/** What is not known of a size, by how many sides are. */
const SIDES_MISSING = ['its size', 'two sides', 'a side'];

/** What will be guessed until it is known. */
function guesses(line: SaleLine, all: readonly SaleLine[]): string {
  const kind = line.archetype ? `Taken for ${ARCHETYPES[line.archetype].name}.` : 'What kind of piece it is can be picked next.';
  const beside = line.title ? breaksSooner(line.title) : null;
  const sooner = beside
    ? ` The ${beside.words} breaks sooner (${ARCHETYPES[beside.archetype].name}): where it comes off, put it after a + as a piece of its own.`
    : '';
  const loose = line.title
    ? looseUntold(
        line.title,
        all.map(({ title = '' }) => title).filter((title) => title !== line.title),
      )
    : null;
  const off = loose && loose !== 'key' && !sooner ? ` Where its ${loose} comes off, put that after a + as a piece of its own.` : '';
  const sidesKnown = line.sizeIn?.filter((side) => side !== null).length ?? 0;
  const missing = [SIDES_MISSING[sidesKnown], line.weightLb === undefined ? 'its weight' : undefined].filter((one) => one !== undefined);
  const are = missing.length > 1 || missing[0] === 'two sides' ? 'are' : 'is';
  const guessed = missing.length > 0 ? ` Until ${missing.join(' and ')} ${are} known, a guess stands in and is drawn dashed.` : '';
  return `${kind}${sooner}${off}${guessed}`;
}
