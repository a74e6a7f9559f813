'use client';
import { Button, Input, type GetRef, type InputRef } from 'antd';
import { useEffect, useId, useRef } from 'react';
import type { FieldEntity, ParcelView } from '@inch-nest/contracts';
import { useSpoken } from '../../session/Voice.tsx';
import { DayPick } from '../../parts/DayPick.tsx';
import type { ParcelUse } from '../useParcel.ts';
import { useTypedField, type ValueOf } from './useTypedField.ts';

interface Props<Entity extends FieldEntity, Name extends keyof ParcelView[Entity] & string> {
  parcel: ParcelUse;
  entity: Entity;
  path: Name;
  label: string;
  placeholder?: string;
  /** What the value means, in words, shown beneath. */
  meaning: (value: ValueOf<Entity, Name>) => string;
  wide?: boolean;
  /** Rows of running text instead of a line. */
  rows?: number;
  /** What is typed: a day has a calendar beside it, money the keys of figures on a phone. */
  as?: 'day' | 'money';
}

/** A field typed the way people say it; what was understood stands beneath, or what was not. */
export function TypedField<Entity extends FieldEntity, Name extends keyof ParcelView[Entity] & string>({
  parcel,
  entity,
  path,
  label,
  placeholder,
  meaning,
  wide,
  rows,
  as,
}: Props<Entity, Name>) {
  const { text, value, problem, type, clash, settle } = useTypedField(parcel, entity, path);
  const id = useId();
  const understood = problem ? `✗ ${problem}` : meaning(value);
  useSpoken(problem ? `${label}: ${problem}` : understood && `${label}: ${understood}`);
  const input = useRef<InputRef>(null);
  const area = useRef<GetRef<typeof Input.TextArea>>(null);
  useEffect(() => {
    // what was typed before the page had woken up counts too
    const early = (input.current?.input ?? area.current?.resizableTextArea?.textArea)?.value;
    if (early !== undefined && early !== text) type(early);
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- on waking only
  }, []);
  const common = {
    id,
    value: text,
    ...(placeholder ? { placeholder } : {}),
    maxLength: 2100,
    dir: 'auto' as const,
    ...(as === 'money' ? { inputMode: 'decimal' as const } : {}),
    status: problem ? ('error' as const) : ('' as const),
    'aria-invalid': problem !== null,
    'aria-describedby': `${id}-meaning`,
    onChange: (event: { target: { value: string } }) => type(event.target.value),
  };
  return (
    <div className={wide ? 'field wide' : 'field'}>
      <label htmlFor={id}>{label}</label>
      {rows ? (
        <Input.TextArea ref={area} rows={rows} {...common} />
      ) : as === 'day' ? (
        <span className="with-day">
          <Input ref={input} {...common} />
          <DayPick label="From a calendar" value={typeof value === 'string' ? value : null} onPick={type} />
        </span>
      ) : (
        <Input ref={input} {...common} />
      )}
      <div id={`${id}-meaning`} className={problem ? 'meaning wrong' : 'meaning'}>
        {understood}
      </div>
      {clash && (
        <div className="conflict" role="alert">
          <p>
            {clash.theirs.by} changed this to <b>{clash.theirs.text || 'nothing'}</b> while you typed <b>{clash.yours || 'nothing'}</b>.
          </p>
          <Button onClick={() => settle(false)}>Keep {clash.theirs.by}’s</Button>
          <Button type="primary" onClick={() => settle(true)}>
            Keep mine
          </Button>
        </div>
      )}
    </div>
  );
}
