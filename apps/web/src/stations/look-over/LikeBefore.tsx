'use client';
import { Button, Input } from 'antd';
import { useCallback, useEffect, useState } from 'react';
import { laidOf, wrapsIn } from '@inch-nest/core';
import type { ParcelView, TemplateView } from '@inch-nest/contracts';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { planWords } from '../../parcel/plans.ts';
import { boxesWords } from '../../words/boxesWords.ts';

const STATE_WORDS: Readonly<Record<string, string>> = {
  delivered: 'arrived whole',
  closed: 'arrived whole',
  damaged: 'arrived broken',
  lost: 'was lost',
  returned: 'came back',
};

/** As last time: the shop's own templates and like pieces' nests; and keeping this one for the next. */
export function LikeBefore({ parcel, nest }: { parcel: ParcelUse; nest: NestUse }) {
  const { person } = useShop();
  const { view, put } = parcel;
  const address = `/api/parcels/${view.id}/templates`;
  const [list, setList] = useState<readonly TemplateView[]>([]);
  const [name, setName] = useState('');
  const [said, setSaid] = useState<{ wrong: boolean; text: string } | null>(null);
  const tell = (error: unknown) =>
    setSaid({ wrong: true, text: error instanceof Refusal ? error.message : 'the bench could not be reached; nothing was changed' });
  const kind = view.piece.archetype.value;
  const load = useCallback(() => {
    send<TemplateView[]>('GET', address).then(setList, () => setList([]));
  }, [address]);
  useEffect(load, [load, kind]);
  const take = async (one: TemplateView) => {
    try {
      if (one.kind === 'template') put(await send<ParcelView>('PUT', address, { personId: person.id, templateId: one.id }));
      nest.take(one.choice);
      setSaid({ wrong: false, text: `Packed as ${one.name}${one.boxes > 1 ? `, in ${boxesWords(one.boxes)}` : ''}.` });
    } catch (error) {
      tell(error);
    }
  };
  const keep = async () => {
    try {
      setList(await send<TemplateView[]>('POST', address, { personId: person.id, id: crypto.randomUUID(), name: name.trim() }));
      setSaid({ wrong: false, text: `Kept as ${name.trim()}.` });
      setName('');
    } catch (error) {
      tell(error);
    }
  };
  return (
    <section className="rows like-before" aria-label="As last time">
      <h3>As last time</h3>
      {list.length === 0 && <p className="soft">Nothing like it has been packed here yet.</p>}
      <ul>
        {list.map((one) => (
          <li key={one.id}>
            <b>{one.name}</b>
            <span className="soft">
              {one.pieces > 1 && `${one.pieces} pieces${one.boxes > 1 ? ` in ${boxesWords(one.boxes)}` : ''} · `}
              {one.kind === 'template' ? 'the shop’s template' : (STATE_WORDS[one.arrived ?? ''] ?? 'not yet arrived')}
              {' · '}
              {one.choice.layers.map((layer) => laidOf({ ...layer, ...known(nest, layer.material) })).join(', ') || 'no wrap'}
            </span>
            <Button onClick={() => void take(one)}>Pack it so</Button>
          </li>
        ))}
      </ul>
      <form
        className="keep-template"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) void keep();
        }}
      >
        <label htmlFor="template-name">Keep {keptWords(view)} as</label>
        <Input id="template-name" value={name} maxLength={60} placeholder="small jugs" onChange={(event) => setName(event.target.value)} />
        <Button htmlType="submit" disabled={name.trim() === '' || !nest.isKept}>
          Keep the template
        </Button>
        {!nest.isKept && <span className="soft">take a nest first</span>}
      </form>
      {nest.isKept && nest.plan && <p className="soft">In hand: {planWords(nest.plan)}</p>}
      {said && (
        <p role="status" className={said.wrong ? 'meaning wrong' : 'meaning'}>
          {said.wrong ? '✗ ' : ''}
          {said.text}
        </p>
      )}
    </section>
  );
}

/** What goes into the template. */
const keptWords = ({ set, others }: ParcelView): string =>
  set.length > 1 ? 'all of this sale, box by box,' : others.length > 0 ? 'these pieces and their nest' : 'this piece and its nest';

/** A wrap as it is named; what is no longer kept goes by its key. */
function known(nest: NestUse, material: string): { name: string; stiff: boolean; sleeve: boolean } {
  const wrap = wrapsIn(nest.request.stock).find(({ key }) => key === material);
  return { name: wrap?.name ?? material, stiff: wrap?.stiff ?? false, sleeve: wrap?.role === 'sleeve' };
}
