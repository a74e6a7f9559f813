import { Checkbox } from 'antd';
import { asWish, STANDING_RULES, ticked, wishesOf, type StandingRule, type StandingWish } from '@inch-nest/core';
import { PickedClash } from '../../parcel/fields/PickedClash.tsx';
import type { Picked } from './Choice.tsx';

const EVERY = (Object.entries(STANDING_RULES) as [StandingRule, (typeof STANDING_RULES)[StandingRule]][])
  .filter(([rule]) => rule !== 'anywhere')
  .map(([value, { name, lies }]) => ({ value, label: name, alone: lies !== null }));

/**
 * How somebody wants a piece to lie; where it travels among others, also where among them. Several at once, or nothing.
 *
 * @param onEdge the house stands it so where nobody says otherwise
 */
export function HowItLies({ field, isAlone, onEdge }: { field: Picked<StandingWish>; isAlone: boolean; onEdge: boolean }) {
  const wanted = wishesOf(field.value);
  // what was wanted among others is seen and can be taken back when they are gone
  const asked = EVERY.filter(({ value, alone }) => !isAlone || alone || wanted.includes(value));
  const label = isAlone ? 'How it lies' : 'How it lies, or where among them';
  return (
    <div className="field">
      <span className="label">{label}</span>
      <Checkbox.Group<StandingRule>
        aria-label={label}
        className="some-of-them"
        value={[...wanted]}
        options={asked.map(({ value, label: name }) => ({ value, label: name }))}
        onChange={(now) => field.pick(asWish(ticked(wanted, now)))}
      />
      {(wanted.length === 0 || onEdge) && (
        <span className="soft">{onEdge ? 'on edge, as the house has several plates' : 'any way that fits'}</span>
      )}
      <PickedClash {...field} />
    </div>
  );
}
