'use client';
import { Button, Select } from 'antd';
import { X } from 'lucide-react';
import { useRef, useState } from 'react';
import {
  besideCurve,
  capital,
  CUSHION_MATERIALS,
  softestOn,
  testedCurve,
  type CushionCurve,
  type CushionKey,
  type DropTest,
  type Stockroom,
} from '@inch-nest/core';
import { CushionChart } from '../../drawings/CushionChart.tsx';
import { useWidth } from '../../parts/useWidth.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { measureOf } from '../../words/measures.ts';
import { DropForm } from './DropForm.tsx';
import { CUSHION_WORDS } from './roleWords.ts';

/** Cushion curves are told and drawn for one height and thickness. */
const TOLD_FOR = { heightIn: 24, thicknessIn: 2 };

/** So many drops in the working range check one another. */
const CHECKED_BY = 3;

/** Something of the stockroom that cushions. */
interface Cushioning {
  readonly list: 'wraps' | 'fills';
  readonly key: string;
  readonly name: string;
  readonly cushion: CushionKey;
  readonly dropTests: readonly DropTest[];
}

const cushioning = ({ wraps, fills }: Stockroom): Cushioning[] => [
  ...wraps.flatMap(({ key, name, cushion, dropTests }) =>
    cushion === null ? [] : [{ list: 'wraps' as const, key, name, cushion, dropTests: dropTests ?? [] }],
  ),
  ...fills.map(({ key, name, cushion, dropTests }) => ({ list: 'fills' as const, key, name, cushion, dropTests: dropTests ?? [] })),
];

/** How a material really cushions, by the shop’s own drops on it: what they make of it is what nests are planned with from then on. */
export function DropSheet({ stock, onChange }: { stock: Stockroom; onChange: (part: Partial<Stockroom>) => void }) {
  const all = cushioning(stock);
  const [chosen, setChosen] = useState<string | null>(() => all.find(({ dropTests }) => dropTests.length > 0)?.key ?? all[0]?.key ?? null);
  const one = all.find(({ key }) => key === chosen);
  const keep = ({ list, key }: Cushioning, dropTests: readonly DropTest[]) =>
    onChange({ [list]: stock[list].map((item) => (item.key === key ? { ...item, dropTests } : item)) });
  return (
    <section aria-labelledby="drops-head">
      <h2 id="drops-head">How it really cushions</h2>
      <p className="soft">
        Let a weight fall flat on a stack of it, with an accelerometer fixed to the weight: from two heights at least, or with two weights.
        Keep hands and feet out of the way, and let nobody stand beside it.
      </p>
      <div className="field">
        <label htmlFor="drop-material">What is tried</label>
        <Select<string>
          id="drop-material"
          aria-label="What is tried"
          className="tried-material"
          showSearch={{ optionFilterProp: 'label' }}
          value={chosen}
          options={all.map(({ key, name, dropTests }) => ({
            value: key,
            label: dropTests.length > 0 ? `${name} (${dropTests.length} drops)` : name,
          }))}
          onChange={setChosen}
        />
      </div>
      {one && <Drops key={one.key} one={one} onKeep={(dropTests) => keep(one, dropTests)} />}
    </section>
  );
}

function Drops({ one, onKeep }: { one: Cushioning; onKeep: (drops: readonly DropTest[]) => void }) {
  const { person, write } = useShop();
  const room = useRef<HTMLDivElement>(null);
  const width = useWidth(room);
  const load = measureOf('pressure', person.system);
  const { name, cushion, dropTests } = one;
  const like = CUSHION_MATERIALS[cushion];
  const fit = testedCurve(dropTests);
  const own = 'curve' in fit ? fit.curve : null;
  const shown = own ?? like.curve;
  const { heightIn, thicknessIn } = TOLD_FOR;
  const told = (curve: CushionCurve) => {
    const { staticPsi, g } = softestOn(curve, heightIn, thicknessIn);
    return `${Math.round(g)} g, under ${(staticPsi * load.of).toFixed(2)} ${load.unit}`;
  };
  return (
    <>
      <DropForm drops={dropTests} onAdd={(more) => onKeep([...dropTests, ...more])} />
      <p className={own ? 'curve-says' : 'curve-says soft'} role="status">
        {'curve' in fit
          ? `${name} lands softest at ${told(fit.curve)}, from ${write.length(heightIn)} onto ${write.length(thicknessIn)}: by ${fit.used} of ${dropTests.length} drops. ${capital(CUSHION_WORDS[cushion])} is taken for ${told(like.curve)}. Nests are planned with its own.`
          : `${name} is planned with as ${CUSHION_WORDS[cushion]}: it lands softest at ${told(like.curve)}, from ${write.length(heightIn)} onto ${write.length(thicknessIn)}.`}
      </p>
      {'curve' in fit && fit.used < CHECKED_BY && (
        <p className="meaning">Two drops make a curve that nothing checks: make one more, please.</p>
      )}
      {'whyNot' in fit && dropTests.length > 0 && <p className="risk">No curve of its own yet: {fit.whyNot}.</p>}
      <div ref={room} className="cushion-chart">
        {width > 0 && (
          <CushionChart
            like={{ curve: like.curve, name: CUSHION_WORDS[cushion] }}
            own={own}
            drops={dropTests.map((drop) => {
              // the same energy per volume, told for the height and thickness that are drawn
              const staticPsi = (((drop.weightLb / drop.areaIn2) * drop.heightIn) / drop.thicknessIn) * (thicknessIn / heightIn);
              return { staticPsi, g: (drop.peakG * (drop.weightLb / drop.areaIn2)) / staticPsi, reaches: besideCurve(drop, shown).reaches };
            })}
            heightIn={heightIn}
            thicknessIn={thicknessIn}
            load={load}
            width={Math.min(width, 760)}
            height={300}
          />
        )}
      </div>
      {dropTests.length > 0 && (
        <div className="sheet-scroll">
          <table className="stock-table">
            <thead>
              <tr>
                <th>Drop</th>
                <th>Weight</th>
                <th>Load, {load.unit}</th>
                <th>Thick</th>
                <th>From</th>
                <th>Read, g</th>
                <th>{own ? 'Beside its own curve' : `Beside ${CUSHION_WORDS[cushion]}`}</th>
                <th />
              </tr>
            </thead>
            <tbody>
              {dropTests.map((drop, i) => {
                const { reaches, harderBy } = besideCurve(drop, shown);
                const percent = Math.round(100 * Math.abs(harderBy));
                return (
                  <tr key={i}>
                    <th scope="row">{i + 1}</th>
                    <td className="numeral">{write.weight(drop.weightLb)}</td>
                    <td className="numeral">{((drop.weightLb / drop.areaIn2) * load.of).toFixed(2)}</td>
                    <td className="numeral">{write.length(drop.thicknessIn)}</td>
                    <td className="numeral">{write.length(drop.heightIn)}</td>
                    <td className="numeral">{Math.round(drop.peakG)}</td>
                    <td>
                      {!reaches
                        ? 'too soft a drop to count'
                        : percent === 0
                          ? 'on it'
                          : `${percent}% ${harderBy > 0 ? 'harder' : 'softer'}`}
                    </td>
                    <td>
                      <Button
                        type="text"
                        icon={<X size={20} aria-hidden />}
                        aria-label={`Take drop ${i + 1} out`}
                        onClick={() => onKeep(dropTests.filter((_, at) => at !== i))}
                      />
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      {dropTests.length > 0 && <Button onClick={() => onKeep([])}>Forget these drops</Button>}
    </>
  );
}
