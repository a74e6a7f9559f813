'use client';
import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { parseWeight } from '@inch-nest/core';
import { LIKE_THIS } from '../../words/likeThis.ts';
import { useScale } from './ScaleProvider.tsx';
import { useShop } from '../../session/ShopContext.tsx';

/** The stand-in scale's own small panel: what lies on it, and how it misbehaves. */
export function ScalePanel() {
  const { person } = useShop();
  const { simulated } = useScale();
  const [load, setLoad] = useState('');
  if (!simulated) return null;
  const read = parseWeight(load, person.system);
  const pounds = read.kind === 'weight' ? read.pounds : null;
  return (
    <div className="scale-panel">
      <Input
        aria-label="What lies on the stand-in scale"
        placeholder={LIKE_THIS[person.system].weight}
        value={load}
        maxLength={40}
        onChange={(event) => setLoad(event.target.value)}
      />
      <Button disabled={pounds === null} onClick={() => pounds !== null && simulated.put(pounds)}>
        Put it on
      </Button>
      <Button onClick={() => simulated.put(0)}>Take it off</Button>
      <Checkbox onChange={(event) => simulated.drift(event.target.checked)}>drifts</Checkbox>
      <Button type="text" onClick={() => simulated.unplug()}>
        Pull the plug
      </Button>
    </div>
  );
}
