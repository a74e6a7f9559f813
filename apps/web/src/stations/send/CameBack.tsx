'use client';
import { Button, Input, Radio } from 'antd';
import { useState } from 'react';
import {
  FINDING_WORDS,
  RETURN_FINDINGS,
  returnFinding,
  SEAL_WORDS,
  SEALS_FOUND,
  type ReturnFinding,
  type SealFound,
} from '@inch-nest/core';
import type { PhotoView } from '@inch-nest/contracts';
import { PhotoPicker } from '../../parcel/fields/PhotoPicker.tsx';
import { PhotoList } from '../../parcel/photos/PhotoList.tsx';
import { useKeptPhotos } from '../../parcel/useKeptPhotos.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { Trouble } from '../../parts/Trouble.tsx';

/** What came back beside what was sent: number, seal and pictures, with what that says; who looks has the last word. */
export function CameBack({ parcel }: { parcel: ParcelUse }) {
  const { view, report } = parcel;
  const { cameBack, state } = view.life;
  const sent = useKeptPhotos(parcel, 'piece', true);
  const back = useKeptPhotos(parcel, 'back', true);
  const [serial, setSerial] = useState(cameBack?.serial ?? '');
  const [seal, setSeal] = useState<SealFound>(cameBack?.seal ?? 'whole');
  const [own, setOwn] = useState<ReturnFinding | null>(cameBack?.finding ?? null);
  const [problem, setProblem] = useState<string | null>(null);
  if (state !== 'returned' && !cameBack) return null;
  const { serial: serialSent, seal: sealSent } = view.piece;
  const sealBack = sealSent.value ? seal : 'none';
  const suggested = returnFinding({
    serialSent: serialSent.value,
    sealSent: sealSent.value,
    serialBack: serial.trim() || null,
    sealBack,
  });
  const finding = own ?? suggested;
  const note = () => {
    setProblem(null);
    report({ kind: 'returnLookedAt', serial: serial.trim() || null, seal: sealBack, finding }).catch((error: Error) =>
      setProblem(error.message),
    );
  };
  return (
    <section aria-label="What came back" className="came-back">
      <h2>What came back</h2>
      <div className="came-back-sides">
        <div role="group" aria-label="As it was sent">
          <h3>As it was sent</h3>
          <p>
            {serialSent.value ? (
              <>
                Number <b className="numeral">{serialSent.value}</b>
              </>
            ) : (
              'No number was noted'
            )}
            , {sealSent.value ? `seal ${sealSent.value}` : 'no seal'}
          </p>
          <Pictures
            parcel={parcel}
            photos={sent.photos}
            of="the piece as it was sent"
            none="No photograph of it was taken before it went."
          />
        </div>
        <div role="group" aria-label="As it came back">
          <h3>As it came back</h3>
          <label>
            Number on it
            <Input value={serial} maxLength={60} onChange={(event) => setSerial(event.target.value)} placeholder="as it stands there" />
          </label>
          {sealSent.value && (
            <Radio.Group
              aria-label="The seal is"
              name="seal"
              value={seal}
              onChange={(event) => setSeal(event.target.value as SealFound)}
              options={SEALS_FOUND.map((one) => ({ value: one, label: `seal ${SEAL_WORDS[one]}` }))}
            />
          )}
          <Pictures parcel={parcel} photos={back.photos} of="what came back" none="" />
          <PhotoPicker label="Photographs of what came back" onPick={(files) => void back.add(files)}>
            {back.photos.length > 0 ? 'Another photograph' : 'Photograph it'}
          </PhotoPicker>
          {back.problems.map((one) => (
            <Trouble key={one} says={one} />
          ))}
        </div>
      </div>
      <Radio.Group
        aria-label="Finding"
        name="finding"
        className="findings"
        value={finding}
        onChange={(event) => setOwn(event.target.value as ReturnFinding)}
        options={RETURN_FINDINGS.map((one) => ({
          value: one,
          label: `${FINDING_WORDS[one].charAt(0).toUpperCase()}${FINDING_WORDS[one].slice(1)}${one === suggested ? ' (what number and seal say)' : ''}`,
        }))}
      />
      <div className="act-row">
        <Button type="primary" size="large" onClick={note}>
          {cameBack ? 'Note it anew' : 'Note the finding'}
        </Button>
        {cameBack && <span role="status">✓ Noted: {FINDING_WORDS[cameBack.finding]}</span>}
      </div>
      <Trouble says={problem} />
    </section>
  );
}

function Pictures({ parcel, photos, of, none }: { parcel: ParcelUse; photos: readonly PhotoView[]; of: string; none: string }) {
  if (photos.length === 0) return none ? <p className="soft">{none}</p> : null;
  return <PhotoList parcel={parcel} photos={photos} of={of} />;
}
