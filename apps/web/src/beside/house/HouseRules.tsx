'use client';
import { Button, Select } from 'antd';
import { Undo2 } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import {
  ARCHETYPES,
  houseOfSet,
  QUESTIONS,
  READY_SETS,
  sidesOf,
  takeSides,
  type ArchetypeKey,
  type House,
  type QuestionKey,
} from '@inch-nest/core';
import type { ShelfTag } from '@inch-nest/contracts';
import { KeepTrouble } from '../../parts/KeepTrouble.tsx';
import { shopPartWords } from '../../words/shopPartWords.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { SidePage } from '../../frame/SidePage.tsx';
import { useSaveShop } from '../../session/useSaveShop.ts';
import { HouseFigures } from './HouseFigures.tsx';
import { ModelConstants } from './ModelConstants.tsx';
import { QuestionSides } from './QuestionSides.tsx';
import { ReadySets } from './ReadySets.tsx';
import { ShopFacts } from './ShopFacts.tsx';
import { sampleRequest } from './sampleRequest.ts';
import { useEffects } from './useEffects.ts';

/** How the shop packs: ready sets, the questions behind them with what each side costs, and the figures. */
export function HouseRules({ shelf }: { shelf: ShelfTag[] }) {
  const { shop, kept, write } = useShop();
  const saving = useSaveShop();
  const [kind, setKind] = useState<ArchetypeKey>('handledWare');
  const [open, setOpen] = useState<QuestionKey | null>(null);
  const { house } = shop;
  const taken = sidesOf(house);
  const sample = useMemo(() => sampleRequest(shop, kind), [shop, kind]);
  const houses = useMemo(() => {
    const asked = QUESTIONS.find((question) => question.key === open);
    return asked
      ? asked.sides
          .filter((side) => Object.keys(side.sets).length > 0)
          .map((side): [string, House] => [`${asked.key}.${side.key}`, takeSides(house, { [asked.key]: side.key })])
      : READY_SETS.map((set): [string, House] => [set.key, houseOfSet(set, house)]);
  }, [open, house]);
  const effects = useEffects(sample, house, houses);
  const keep = (next: House) => saving.save({ house: next });
  return (
    <SidePage shelf={shelf}>
      <div className="section-head">
        <h1>House rules</h1>
        <Button icon={<Undo2 size={20} aria-hidden />} disabled={!saving.canTakeBack} onClick={saving.takeBack}>
          Take the last change back
        </Button>
      </div>
      <p className="soft sub">
        Good packers disagree, and each is right about something. What you choose here moves every plan; what it does to a sample piece
        stands beside it. Who packs here and what each may: <Link href="/people">People</Link>. Backups and what runs:{' '}
        <Link href="/upkeep">Upkeep</Link>.
      </p>
      <KeepTrouble saving={saving} nameOf={(path) => shopPartWords(path, kept)} />
      <div className="sample">
        <label htmlFor="sample-kind">Sample piece</label>
        <Select<ArchetypeKey>
          id="sample-kind"
          aria-label="Sample piece"
          value={kind}
          onChange={setKind}
          popupMatchSelectWidth={false}
          options={Object.values(ARCHETYPES).map((one) => ({ value: one.key, label: one.name }))}
        />
        <span className="soft">
          {write.size([7, 5, 6])}, sold for {write.money(6000)}, to the middle of the isles
        </span>
      </div>
      <ReadySets house={house} effectOf={open === null ? (set) => effects.get(set) : null} onTake={keep} />
      <section aria-label="Questions">
        <h2>The questions</h2>
        {QUESTIONS.map((question) => (
          <QuestionSides
            key={question.key}
            question={question}
            taken={taken[question.key]}
            isOpen={open === question.key}
            onOpen={() => setOpen(open === question.key ? null : question.key)}
            effectOf={(side) => effects.get(`${question.key}.${side}`)}
            onTake={(side) => keep({ ...takeSides(house, { [question.key]: side }), name: ownName(house) })}
          />
        ))}
      </section>
      <HouseFigures house={house} onChange={(part) => keep({ ...house, ...part, name: ownName(house) })} />
      <ModelConstants />
      <ShopFacts saving={saving} />
    </SidePage>
  );
}

/** A ready set that was changed is the shop's own. */
const ownName = ({ name }: House): string =>
  READY_SETS.some((set) => set.name.toLowerCase() === name.toLowerCase()) ? `${name.toLowerCase()}, our way` : name;
