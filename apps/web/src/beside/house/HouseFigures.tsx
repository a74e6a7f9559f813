'use client';
import { Button, Checkbox } from 'antd';
import { RotateCcw } from 'lucide-react';
import { BEDDED_HOUSE, parseMoney, type House } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import { KeptText } from '../../parts/KeptText.tsx';
import { KindCeilings } from './KindCeilings.tsx';
import { FigureField, type FigureKind } from '../../parts/FigureField.tsx';

type FigureName = {
  [Key in keyof House]: House[Key] extends number ? Key : never;
}[keyof House];

interface Figure {
  readonly name: FigureName;
  readonly says: string;
  readonly kind: FigureKind;
  readonly least: number;
  readonly most: number;
  readonly from: string;
}

/** Amounts from which a rule holds; none for never. */
const THRESHOLDS: readonly { name: 'signatureFromMinor' | 'dearFromMinor' | 'irreplaceableFromMinor'; says: string }[] = [
  { name: 'irreplaceableFromMinor', says: 'Whether it can be replaced is asked from a worth of' },
  { name: 'signatureFromMinor', says: 'The venue wants a signature from a sale of' },
  { name: 'dearFromMinor', says: 'Dear: covered in full and signed for from a worth of' },
];
const EXTRA_TESTS = [
  { key: 'bounce', says: 'The bench also bounces the box, a hand’s breadth on a folded cloth' },
  { key: 'tapeLoad', says: 'The bench also lifts the box by its taped seam' },
] as const;
const wrap = (minor: number | null) => (minor === null ? null : { minor });

const JUDGEMENT = 'judgement';
const FIGURES: readonly Figure[] = [
  { name: 'care', says: 'Care: how many times its loss a broken piece counts', kind: 'number', least: 0.25, most: 20, from: JUDGEMENT },
  {
    name: 'mostChance',
    says: 'No nest is recommended that breaks more often, where another is below',
    kind: 'percent',
    least: 0.0005,
    most: 1,
    from: JUDGEMENT,
  },
  {
    name: 'mostChanceIrreplaceable',
    says: 'The same for what cannot be replaced',
    kind: 'percent',
    least: 0.0005,
    most: 1,
    from: JUDGEMENT,
  },
  {
    name: 'follyShare',
    says: 'Sending may cost this share of what the buyer paid',
    kind: 'percent',
    least: 0.05,
    most: 10,
    from: JUDGEMENT,
  },
  {
    name: 'boxInBoxFromMinor',
    says: 'A box in a box is looked at from a worth of',
    kind: 'money',
    least: 0,
    most: 100_000_000,
    from: 'common practice, no source',
  },
  { name: 'labourMinorPerHour', says: 'Labour, an hour', kind: 'money', least: 0, most: 1_000_000, from: 'the shop’s own' },
  { name: 'leastGapIn', says: 'Least bedding round a bundle', kind: 'length', least: 0, most: 12, from: 'common practice, no source' },
  {
    name: 'leastInnerBoxGapIn',
    says: 'Least bedding round an inner box',
    kind: 'length',
    least: 0,
    most: 12,
    from: 'common practice, no source',
  },
  { name: 'snugGapIn', says: 'Least room inside an inner box', kind: 'length', least: 0, most: 12, from: JUDGEMENT },
  { name: 'betweenIn', says: 'Least between two bundles in one box', kind: 'length', least: 0, most: 12, from: JUDGEMENT },
  {
    name: 'betweenDenseIn',
    says: 'Least between something dense and something delicate',
    kind: 'length',
    least: 0,
    most: 12,
    from: 'common practice, no source',
  },
  { name: 'overfillShare', says: 'Fill above the rim, pressed down by the lid', kind: 'percent', least: 0, most: 1, from: JUDGEMENT },
  { name: 'scrapShare', says: 'Wrap lost to offcuts', kind: 'percent', least: 0, most: 1, from: JUDGEMENT },
  {
    name: 'troubleMinutes',
    says: 'Minutes of writing and refunding when one broke',
    kind: 'number',
    least: 0,
    most: 1000,
    from: JUDGEMENT,
  },
  { name: 'claimAcceptedPhotographed', says: 'Claims accepted, packing photographed', kind: 'percent', least: 0, most: 1, from: JUDGEMENT },
  { name: 'claimAcceptedBare', says: 'Claims accepted without photographs', kind: 'percent', least: 0, most: 1, from: JUDGEMENT },
  {
    name: 'customsSimplifiedToMinor',
    says: 'Simplified customs form up to',
    kind: 'money',
    least: 0,
    most: 100_000_000,
    from: 'the postal union’s 300 SDR, rounded; from memory',
  },
  { name: 'lossShare', says: 'Parcels that vanish', kind: 'percent', least: 0, most: 1, from: JUDGEMENT },
];

/** The figures behind the plans, each with where it comes from; a changed one is marked and goes back. */
export function HouseFigures({ house, onChange }: { house: House; onChange: (part: Partial<House>) => void }) {
  const { write } = useShop();
  const changed = FIGURES.filter(({ name }) => house[name] !== BEDDED_HOUSE[name]);
  return (
    <section className="figures" aria-label="Figures">
      <div className="section-head">
        <h2>The figures</h2>
        {changed.length > 0 && (
          <Button
            icon={<RotateCcw size={20} aria-hidden />}
            onClick={() => onChange(Object.fromEntries(changed.map(({ name }) => [name, BEDDED_HOUSE[name]])))}
          >
            All back to the default
          </Button>
        )}
      </div>
      <ul>
        {FIGURES.map(({ name, says, from, ...field }) => {
          const standard = BEDDED_HOUSE[name];
          const own = house[name] !== standard;
          return (
            <li key={name} className={own ? 'own' : ''}>
              <FigureField
                id={`figure-${name}`}
                label={says}
                value={house[name]}
                {...field}
                onKeep={(value) => onChange({ [name]: value })}
              />
              <span className="soft">
                {own ? '● changed; default ' : 'default; '}
                {own && spoken(standard, field.kind, write)}
                {own && ', '}
                {from}
              </span>
              {own && (
                <Button
                  type="text"
                  icon={<RotateCcw size={20} aria-hidden />}
                  aria-label={`Back to the default: ${says}`}
                  onClick={() => onChange({ [name]: standard })}
                />
              )}
            </li>
          );
        })}
        <KindCeilings house={house} onChange={(mostChanceByKind) => onChange({ mostChanceByKind })} />
        {THRESHOLDS.map(({ name, says }) => (
          <li key={name} className={house[name] === BEDDED_HOUSE[name] ? '' : 'own'}>
            <span className="label">{says}</span>
            <KeptText
              label={says}
              shown={house[name] === null ? '' : (house[name] / 100).toFixed(2)}
              placeholder="never"
              wanted="an amount, or nothing for never"
              read={(text) => (text.trim() === '' ? { minor: null } : wrap(parseMoney(text)))}
              onKeep={({ minor }) => onChange({ [name]: minor })}
            />
            <span className="soft">
              {house[name] === BEDDED_HOUSE[name]
                ? 'default; the shop’s own'
                : house[name] === null
                  ? '● never'
                  : `● from ${write.money(house[name])} on`}
            </span>
          </li>
        ))}
        {EXTRA_TESTS.map(({ key, says }) => (
          <li key={key} className={house.extraTests.includes(key) ? 'own' : ''}>
            <Checkbox
              checked={house.extraTests.includes(key)}
              onChange={(event) =>
                onChange({ extraTests: event.target.checked ? [...house.extraTests, key] : house.extraTests.filter((one) => one !== key) })
              }
            >
              {says}
            </Checkbox>
          </li>
        ))}
        <li className={house.kappa.value === 1 ? '' : 'own'}>
          <span className="label">κ: this shop’s breakage against the model’s</span>
          <b className="numeral">{house.kappa.value.toFixed(2)}</b>
          <span className="soft">
            90% between {house.kappa.low.toFixed(2)} and {house.kappa.high.toFixed(2)}; learned from what arrived, Gamma(3, 3) at first
          </span>
        </li>
      </ul>
      <p className="soft">
        Fragility in g by kind of piece, guards, hard points and the causes beside shock are judgement; drop heights by weight are recalled
        from ISTA 1A; cushion curves have the shape of the published stress–energy form, recalled from memory.
      </p>
    </section>
  );
}

const spoken = (value: number, kind: FigureKind, write: ReturnType<typeof useShop>['write']): string =>
  kind === 'money'
    ? write.money(value)
    : kind === 'length'
      ? write.length(value)
      : kind === 'percent'
        ? `${Number((value * 100).toFixed(2))}%`
        : String(value);
