'use client';
import { Button } from 'antd';
import { formatChance, formatWeight, unitsWords, type PlanDocument } from '@inch-nest/core';
import { sameContent } from '@inch-nest/contracts';
import { shortenedWords } from '../../../words/changeWords.ts';
import { woundWords, wrapWords } from '../../../words/wrapWords.ts';
import { NestGlyph } from '../../../drawings/NestGlyph.tsx';
import { guardWords } from '../../../words/guardWords.ts';
import { useShop } from '../../../session/ShopContext.tsx';

/** The plan in hand and another, line by line and drawn to one scale; what differs is marked. */
export function SideBySide({ one, other, onTake }: { one: PlanDocument | null; other: PlanDocument; onTake: () => void }) {
  const { write, person } = useShop();
  if (!one) return null;
  const same = sameContent(one.choice, other.choice);
  const widest = Math.max(one.box.insideIn[0], other.box.insideIn[0], one.box.insideIn[2], other.box.insideIn[2]);
  const rows: [string, (plan: PlanDocument) => string, string?][] = [
    ['Cost', (plan) => write.money(plan.costMinor), 'money'],
    ['Breaks', (plan) => formatChance(plan.chance), 'risk'],
    ['Expected in all', (plan) => write.money(plan.expectedMinor)],
    ['Guards', (plan) => guardWords(plan).join(', ') || 'none'],
    [
      'Wrap',
      (plan) =>
        `${wrapWords(plan, 'none')}${plan.around ? `; round ${woundWords(plan)} ${plan.around.turns} ${plan.around.name.toLowerCase()}` : ''}`,
    ],
    [
      'Box',
      (plan) =>
        [
          plan.box.name,
          plan.box.newDepthIn !== null && `cut to ${write.length(plan.box.newDepthIn)}`,
          plan.box.shortened && shortenedWords(plan.box.shortened, write.length),
          plan.box.crossIn !== undefined && `cross of ${write.length(plan.box.crossIn)}`,
          plan.tubes && 'foam tubes in the corners',
          plan.box.liner && 'second wall',
        ]
          .filter(Boolean)
          .join(', '),
    ],
    ['Inner box', (plan) => plan.inner?.name ?? 'none'],
    [
      'Fill',
      (plan) => plan.fills.map((fill) => `${unitsWords(fill.units, fill.unitName)} of ${fill.name.toLowerCase()}`).join('; ') || 'none',
    ],
    ['Weighs', (plan) => formatWeight(plan.weight.grossLb, person.system)],
    ['Sent', (plan) => `${plan.quote.serviceName}, ${write.money(plan.quote.totalMinor)}${plan.choice.coverAdded ? ', cover added' : ''}`],
    ['Takes', (plan) => `${Math.round(plan.minutes)} min`],
  ];
  return (
    <div className="beside">
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">
              In hand
              <NestGlyph plan={one} widestIn={widest} />
            </th>
            <th scope="col">
              {same ? 'The same' : 'This one'}
              <NestGlyph plan={other} widestIn={widest} />
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, of, tone]) => {
            const [mine, theirs] = [of(one), of(other)];
            return (
              <tr key={name}>
                <th scope="row">{name}</th>
                <td className={`numeral ${tone ?? ''}`}>{mine}</td>
                <td className={`numeral ${tone ?? ''}`}>{mine === theirs ? <span className="soft">the same</span> : <b>{theirs}</b>}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {!same && (
        <Button type="primary" onClick={onTake}>
          Take this one
        </Button>
      )}
    </div>
  );
}
