'use client';
import type { ReactNode } from 'react';
import { Select } from 'antd';
import { Pin } from './Pin.tsx';
import type { Locks, PlanChoice } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';

/** One part of the nest: its name, its pin, its control and what follows from it. */
export function Tile({
  name,
  pin,
  nest,
  children,
}: {
  name: string;
  pin?: (choice: PlanChoice) => Locks;
  nest: NestUse;
  children: ReactNode;
}) {
  return (
    <div className="tile" role="group" aria-label={name}>
      <span className="tile-head">
        <b>{name}</b>
        {pin && <Pin nest={nest} what={name.toLowerCase()} part={pin} />}
      </span>
      {children}
    </div>
  );
}

/** A choice in large letters, shortened to what comes before the comma. */
export function TileSelect({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly { value: string; label: string; disabled?: boolean }[];
  onChange: (value: string) => void;
}) {
  return (
    <Select
      aria-label={label}
      className="big-select"
      value={value}
      popupMatchSelectWidth={false}
      options={[...options]}
      onChange={onChange}
      labelRender={({ label: shown }) => (typeof shown === 'string' ? shown : '').split(/,| · | — /)[0]}
    />
  );
}
