import { STANDING_RULES, type StandingRule } from '@inch-nest/core';
import { Choice, type Picked } from './Choice.tsx';

const EVERY = (Object.entries(STANDING_RULES) as [StandingRule, (typeof STANDING_RULES)[StandingRule]][]).map(
  ([value, { name, lies }]) => ({ value, label: name, alone: lies !== null }),
);

/** How somebody wants a piece to lie; where it travels among others, also where among them. */
export function HowItLies({ field, isAlone }: { field: Picked<StandingRule>; isAlone: boolean }) {
  // what was wanted among others is seen and can be taken back when they are gone
  const asked = EVERY.filter(({ value, alone }) => !isAlone || alone || value === field.value);
  return <Choice label={isAlone ? 'How it lies' : 'How it lies, or where among them'} options={asked} field={field} />;
}
