'use client';
import { Button, Input } from 'antd';
import { Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { readDrop, type DropTest } from '@inch-nest/core';
import { MOST_DROP_TESTS } from '@inch-nest/contracts';
import { readAccelerationCsv } from '@inch-nest/formats';
import { FigureField } from '../../parts/FigureField.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { SizeField } from './SizeField.tsx';

const MOST_FILE = 8_000_000;

/** What every drop of a row of them is made with, until somebody changes it. */
type Rig = Pick<DropTest, 'weightLb' | 'thicknessIn'> & { readonly faceIn: readonly [number, number] };
const FIRST_RIG: Rig = { weightLb: 5, faceIn: [6, 6], thicknessIn: 2 };

const rigOf = (last: DropTest | undefined): Rig => {
  if (!last) return FIRST_RIG;
  const side = Math.sqrt(last.areaIn2);
  return { weightLb: last.weightLb, faceIn: [side, side], thicknessIn: last.thicknessIn };
};

/** More drops on one material: as they were read off, or as files of an accelerometer that fell with the weight. */
export function DropForm({ drops, onAdd }: { drops: readonly DropTest[]; onAdd: (more: readonly DropTest[]) => void }) {
  const [rig, setRig] = useState<Rig>(() => rigOf(drops.at(-1)));
  const [heightIn, setHeight] = useState(24);
  const [peak, setPeak] = useState('');
  const [problems, setProblems] = useState<readonly string[]>([]);
  const files = useRef<HTMLInputElement>(null);
  const { faceIn, ...same } = rig;
  const made = (height: number, peakG: number): DropTest => ({ ...same, areaIn2: faceIn[0] * faceIn[1], heightIn: height, peakG });
  const room = MOST_DROP_TESTS - drops.length;
  const add = (more: readonly DropTest[], said: readonly string[] = []) => {
    setProblems(more.length > room ? [...said, `at most ${MOST_DROP_TESTS} drops of one material`] : said);
    if (more.length > 0 && room > 0) onAdd(more.slice(0, room));
  };
  const addTyped = () => {
    const g = Number(peak.replace(',', '.').replace(/\s*g$/i, ''));
    if (!(g > 1 && g <= 2000)) return setProblems(['the highest reading, in g: more than 1, at most 2000']);
    add([made(heightIn, g)]);
    setPeak('');
  };
  const addFiles = async (chosen: readonly File[]) => {
    const said: string[] = [];
    const more: DropTest[] = [];
    for (const file of chosen) {
      if (file.size > MOST_FILE) {
        said.push(`${file.name} is larger than 8 MB`);
        continue;
      }
      const reading = readAccelerationCsv(file.name, await file.text());
      if (!reading.ok) {
        said.push(...reading.problems.map(({ path, message }) => `${path}: ${message}`));
        continue;
      }
      const drop = readDrop(reading.samples);
      if ('whyNot' in drop) said.push(`${file.name}: ${drop.whyNot}`);
      else more.push(made(drop.heightIn, drop.peakG));
    }
    add(more, said);
  };
  return (
    <>
      <form
        className="move-form"
        aria-label="One more drop"
        onSubmit={(event) => {
          event.preventDefault();
          addTyped();
        }}
      >
        <FigureField
          id="drop-weight"
          label="What is dropped weighs"
          kind="weight"
          value={rig.weightLb}
          least={0.05}
          most={500}
          onKeep={(weightLb) => setRig({ ...rig, weightLb })}
        />
        <span className="figure-field">
          <label htmlFor="drop-face">and lands on its face</label>
          <SizeField<2>
            count={2}
            id="drop-face"
            label="and lands on its face"
            value={rig.faceIn}
            onKeep={(sides) => sides && setRig({ ...rig, faceIn: sides })}
          />
        </span>
        <FigureField
          id="drop-thickness"
          label="Cushion beneath it, thick"
          kind="length"
          value={rig.thicknessIn}
          least={0.05}
          most={24}
          onKeep={(thicknessIn) => setRig({ ...rig, thicknessIn })}
        />
        <FigureField id="drop-height" label="Dropped from" kind="length" value={heightIn} least={1} most={120} onKeep={setHeight} />
        <span className="figure-field">
          <label htmlFor="drop-peak">It read at most, g</label>
          <Input
            id="drop-peak"
            className="numeral"
            inputMode="decimal"
            maxLength={12}
            value={peak}
            onChange={(event) => setPeak(event.target.value)}
          />
        </span>
        <Button type="primary" htmlType="submit">
          Add this drop
        </Button>
        <Button icon={<Upload size={20} aria-hidden />} onClick={() => files.current?.click()}>
          From its files
        </Button>
        <input
          ref={files}
          type="file"
          multiple
          accept=".csv,text/csv"
          className="unseen"
          aria-label="Files of an accelerometer, one a drop"
          onChange={(event) => {
            void addFiles([...(event.target.files ?? [])]);
            event.target.value = '';
          }}
        />
      </form>
      <Problems list={problems} />
    </>
  );
}
