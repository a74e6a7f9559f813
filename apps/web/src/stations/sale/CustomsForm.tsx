'use client';
import { Button, Segmented } from 'antd';
import { Plus, X } from 'lucide-react';
import {
  customsForm,
  customsProblems,
  customsTotals,
  parseMoney,
  parseWeight,
  piecesOf,
  planBundles,
  worthMinor,
  type CustomsDeclaration,
  type CustomsLine,
  type CustomsPurpose,
  type Job,
} from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import type { BenchUse } from '../../parcel/BenchContext.tsx';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { KeptText } from '../../parts/KeptText.tsx';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import { usePickedField } from '../../parcel/fields/usePickedField.ts';

const PURPOSES: readonly { value: CustomsPurpose; label: string }[] = [
  { value: 'sale', label: 'sold' },
  { value: 'gift', label: 'gift' },
  { value: 'repair', label: 'for repair' },
  { value: 'return', label: 'returned' },
  { value: 'sample', label: 'sample' },
  { value: 'papers', label: 'papers' },
];
const MOST_LINES = 20;

/** What customs is told: why it is sent, and a line for each kind of thing. Only the truth; the destination's rules decide. */
export function CustomsForm({ parcel, nest }: BenchUse) {
  const { shop, person, write } = useShop();
  const { view } = parcel;
  const field = usePickedField(parcel, 'sale', 'customs');
  const declaration = field.value ?? firstDeclaration(view, nest);
  const change = (part: Partial<CustomsDeclaration>) => field.pick({ ...declaration, ...part });
  const changeLine = (id: string, part: Partial<CustomsLine>) =>
    change({ lines: declaration.lines.map((line) => (line.id === id ? { ...line, ...part } : line)) });
  const problems = customsProblems(declaration, view.life.weighing?.weightLb ?? null);
  const { valueMinor, weightLb } = customsTotals(declaration);
  return (
    <section className="rows customs" aria-label="Customs">
      <h2>Customs</h2>
      <Segmented<CustomsPurpose>
        aria-label="Why it is sent"
        value={declaration.purpose}
        options={[...PURPOSES]}
        onChange={(purpose) => change({ purpose })}
      />
      <KeptText
        label="In words, why"
        shown={declaration.reason}
        placeholder={declaration.purpose === 'repair' ? 'what is to be repaired, and that it comes back' : 'why, if it needs saying'}
        wanted="at most 200 signs"
        read={(text) => text.trim().slice(0, 200)}
        onKeep={(reason) => reason !== declaration.reason && change({ reason })}
      />
      <ul>
        <li className="heads soft" aria-hidden>
          <span>count</span>
          <span>what it is</span>
          <span>worth</span>
          <span>weight</span>
          <span>made in</span>
        </li>
        {declaration.lines.map((line) => (
          <li key={line.id}>
            <KeptText
              label="How many"
              shown={String(line.count)}
              wanted="a whole number up to 999"
              read={(text) => (/^\d{1,3}$/.test(text.trim()) && Number(text) > 0 ? Number(text) : null)}
              onKeep={(count) => changeLine(line.id, { count })}
            />
            <KeptText
              label="What it is"
              shown={line.what}
              wanted="plain words, like brass ship’s lamp, used"
              read={(text) => text.trim().slice(0, 80) || null}
              onKeep={(what) => changeLine(line.id, { what })}
            />
            <KeptText
              label="Worth, all of them"
              shown={write.money(line.valueMinor)}
              wanted="an amount, like 84.50"
              read={(text) => parseMoney(text.replace(/[^\d.,]/g, ''))}
              onKeep={(value) => changeLine(line.id, { valueMinor: value })}
            />
            <KeptText
              label="Weight, all of them"
              shown={write.weight(line.weightLb)}
              wanted={`a weight, like ${LIKE_THIS[person.system].weight}`}
              read={(text) => {
                const read = parseWeight(text, person.system);
                return read.kind === 'weight' ? read.pounds : null;
              }}
              onKeep={(lb) => changeLine(line.id, { weightLb: lb })}
            />
            <KeptText
              label="Made in"
              shown={line.origin}
              wanted="two letters"
              read={(text) => (/^[a-z]{2}$/i.test(text.trim()) ? text.trim().toUpperCase() : null)}
              onKeep={(origin) => changeLine(line.id, { origin })}
            />
            <Button
              type="text"
              icon={<X size={20} aria-hidden />}
              aria-label={`No ${line.what}`}
              onClick={() => change({ lines: declaration.lines.filter((other) => other.id !== line.id) })}
            />
          </li>
        ))}
      </ul>
      <div className="act-row">
        <Button
          icon={<Plus size={20} aria-hidden />}
          disabled={declaration.lines.length >= MOST_LINES}
          onClick={() => change({ lines: [...declaration.lines, newLine('part', 100, 0.5)] })}
        >
          A line
        </Button>
        {field.value === null && (
          <Button type="primary" onClick={() => change({})}>
            That is right
          </Button>
        )}
        <span>
          {customsForm(declaration, shop.house.customsSimplifiedToMinor) === 'full' ? 'Full form' : 'Simplified form'}, worth{' '}
          <b className="numeral">{write.money(valueMinor)}</b>, <b className="numeral">{write.weight(weightLb)}</b> without packing.
        </span>
      </div>
      {problems.map((problem) => (
        <p key={problem} className="risk">
          ✗ {problem}
        </p>
      ))}
      <p className="soft">Say truthfully what it is and why it is sent. The destination’s rules decide what else it needs.</p>
      <PickedClash {...field} />
    </section>
  );
}

const newLine = (what: string, valueMinor: number, weightLb: number): CustomsLine => ({
  id: crypto.randomUUID().slice(0, 8),
  what,
  count: 1,
  valueMinor,
  weightLb,
  origin: 'XX',
});

/** Why customs is told that it is sent. */
const PURPOSE_OF: Readonly<Record<Job, CustomsPurpose>> = { sale: 'sale', repair: 'repair', return: 'return', exchange: 'return' };

/** A first guess to be looked at: each piece, worth what it is worth. */
const firstDeclaration = (view: BenchUse['parcel']['view'], { plan, request }: BenchUse['nest']): CustomsDeclaration => ({
  purpose: PURPOSE_OF[view.sale.job.value],
  reason: '',
  lines: heldIn(view).map(({ piece, pieceId }, at) => {
    const bundle = plan && planBundles(plan)[at];
    const facts = piecesOf(request)[at];
    return {
      ...newLine(
        `${piece.title.value}, used`.slice(0, 80),
        facts ? worthMinor(facts, request.order) : 0,
        bundle ? bundle.block.stacks.length * bundle.piece.weightLb : 1,
      ),
      id: at === 0 ? 'piece' : pieceId.slice(0, 8),
      count: piece.count.value,
    };
  }),
});
