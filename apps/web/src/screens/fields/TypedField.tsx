'use client';
import { Button, Input, type GetRef, type InputRef } from 'antd';
import { useEffect, useId, useRef } from 'react';
import type { FieldEntity } from '@inch-nest/contracts';
import type { ParcelUse } from '../bench/useParcel.ts';
import { useTypedField } from './useTypedField.ts';

interface Props {
  parcel: ParcelUse;
  entity: FieldEntity;
  path: string;
  label: string;
  placeholder?: string;
  /** What the value means, in words, shown beneath. */
  meaning: (value: never) => string;
  wide?: boolean;
  /** Rows of running text instead of a line. */
  rows?: number;
}

/** A field typed the way people say it; what was understood stands beneath, or what was not. */
export function TypedField({ parcel, entity, path, label, placeholder, meaning, wide, rows }: Props) {
  const { text, value, problem, type, conflict, settle } = useTypedField(parcel, entity, path);
  const id = useId();
  const input = useRef<InputRef>(null);
  const area = useRef<GetRef<typeof Input.TextArea>>(null);
  useEffect(() => {
    // what was typed before the page had woken up counts too
    const early = (input.current?.input ?? area.current?.resizableTextArea?.textArea)?.value;
    if (early !== undefined && early !== text) type(early);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- on waking only
  }, []);
  const common = {
    id,
    value: text,
    ...(placeholder ? { placeholder } : {}),
    maxLength: 2100,
    status: problem ? ('error' as const) : ('' as const),
    'aria-invalid': problem !== null,
    'aria-describedby': `${id}-meaning`,
    onChange: (event: { target: { value: string } }) => type(event.target.value),
  };
  return (
    <div className={wide ? 'field wide' : 'field'}>
      <label htmlFor={id}>{label}</label>
      {rows ? <Input.TextArea ref={area} rows={rows} {...common} /> : <Input ref={input} {...common} />}
      <div id={`${id}-meaning`} className={problem ? 'meaning wrong' : 'meaning'} aria-live="polite">
        {problem ? `✗ ${problem}` : meaning(value as never)}
      </div>
      {conflict && (
        <div className="conflict" role="alert">
          <p>
            {conflict.theirs.by} changed this to <b>{conflict.theirs.text || 'nothing'}</b> while you typed{' '}
            <b>{conflict.yours || 'nothing'}</b>.
          </p>
          <Button onClick={() => settle(false)}>Keep {conflict.theirs.by}’s</Button>
          <Button type="primary" onClick={() => settle(true)}>
            Keep mine
          </Button>
        </div>
      )}
    </div>
  );
}
