'use client';
import { Button } from 'antd';
import { FileUp } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { NestOfFile } from '@inch-nest/contracts';
import { Trouble } from '../../parts/Trouble.tsx';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';

const MOST_FILE = 1_000_000;

/** A parcel that was saved as a file, here or in another shop, as a new one of this shop. */
export function OpenFile() {
  const { person } = useShop();
  const router = useRouter();
  const picker = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  const open = async (chosen: File | undefined) => {
    if (!chosen) return;
    setProblem(null);
    setOpened(null);
    if (chosen.size > MOST_FILE) return setProblem(`${chosen.name} is larger than a parcel’s file`);
    try {
      const command = { id: crypto.randomUUID(), personId: person.id, file: await chosen.text() };
      const { id, nest } = await send<{ id: string; nest: NestOfFile }>('POST', '/api/parcels/file', command);
      if (nest !== 'left') return router.push(`/parcels/${id}/look-over`);
      setOpened(id);
    } catch (error) {
      setProblem(error instanceof Refusal ? error.message : 'the bench could not be reached; nothing was opened');
    }
  };
  return (
    <section className="rows" aria-label="From a file">
      <div className="act-row">
        <Button icon={<FileUp size={20} aria-hidden />} onClick={() => picker.current?.click()}>
          Open a parcel’s file
        </Button>
        <span className="soft">what “All of it as JSON” saved of a parcel, here or in another shop: its sale, its pieces, its nest</span>
      </div>
      <input
        ref={picker}
        type="file"
        accept=".json,application/json"
        className="unseen"
        tabIndex={-1}
        aria-label="A parcel’s file"
        onChange={(event) => {
          void open(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Trouble says={problem} />
      {opened && (
        <p role="status" className="meaning">
          Opened. Its nest cannot be made from this stockroom.{' '}
          <Link href={`/parcels/${opened}/look-over`}>Look it over and find another.</Link>
        </p>
      )}
    </section>
  );
}
