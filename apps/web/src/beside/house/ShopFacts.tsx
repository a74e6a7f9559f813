'use client';
import { Input, Select } from 'antd';
import { useState } from 'react';
import { useShop } from '../../session/ShopContext.tsx';
import { CURRENCIES, zonesWith } from '../../parts/shopChoices.ts';
import type { SaveShopUse } from '../../session/useSaveShop.ts';

/** Name, money, clock and postcode of the shop. */
export function ShopFacts({ saving }: { saving: SaveShopUse }) {
  const { kept, write } = useShop();
  const { facts } = kept;
  const keep = (part: Partial<typeof facts>) => saving.save({ facts: { ...facts, ...part } });
  return (
    <section className="figures" aria-label="The shop">
      <h2>The shop</h2>
      <ul>
        <TextFact label="Name" value={facts.name} onKeep={(name) => keep({ name })} />
        <TextFact label="Sent from, postcode" value={facts.originPostcode} onKeep={(originPostcode) => keep({ originPostcode })} />
        <TextFact label="Last pick-up of the day" value={facts.lastCutOff} onKeep={(lastCutOff) => keep({ lastCutOff })} />
        <li>
          <span className="figure-field">
            <label htmlFor="fact-currency">Currency</label>
            <Select
              id="fact-currency"
              aria-label="Currency"
              value={facts.currency}
              options={CURRENCIES}
              onChange={(currency) => keep({ currency })}
            />
          </span>
          <span className="soft">amounts keep their number; no rate of exchange is known here</span>
        </li>
        <li>
          <span className="figure-field">
            <label htmlFor="fact-paper">Paper in the printer</label>
            <Select<'letter' | 'a4'>
              id="fact-paper"
              aria-label="Paper in the printer"
              value={facts.paper}
              options={[
                { value: 'letter', label: `letter, ${write.size([8.5, 11])}` },
                { value: 'a4', label: 'A4' },
              ]}
              onChange={(paper) => keep({ paper })}
            />
          </span>
          <span className="soft">labels and tags are {write.length(4)} wide whatever lies in it</span>
        </li>
        <li>
          <span className="figure-field">
            <label htmlFor="fact-zone">Time zone</label>
            <Select
              id="fact-zone"
              aria-label="Time zone"
              showSearch
              value={facts.zone}
              popupMatchSelectWidth={false}
              options={zonesWith(facts.zone)}
              onChange={(zone) => keep({ zone })}
            />
          </span>
        </li>
      </ul>
    </section>
  );
}

function TextFact({ label, value, onKeep }: { label: string; value: string; onKeep: (value: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  const id = `fact-${label.toLowerCase().replace(/[^a-z]+/g, '-')}`;
  const leave = () => {
    if (text !== null && text.trim() !== value) onKeep(text.trim());
    setText(null);
  };
  return (
    <li>
      <span className="figure-field">
        <label htmlFor={id}>{label}</label>
        <Input
          id={id}
          value={text ?? value}
          maxLength={60}
          onChange={(event) => setText(event.target.value)}
          onBlur={leave}
          onPressEnter={leave}
        />
      </span>
    </li>
  );
}
