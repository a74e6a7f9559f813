import { formatSize, type UnitSystem } from '../../units/index.ts';
import type { MadePart, MadePartKey } from '../box/madeParts.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Shell } from '../box/StowedBox.ts';
import { STANDING_MINUTES } from '../weight/standingMinutes.ts';
import { act, type Part } from './stepParts.ts';

/** How each thing made for a box is said and done; what a plan makes has its words here, or does not compile. */
const MADE_STEPS: Readonly<Record<MadePartKey, (part: MadePart, shell: Shell, length: (inches: number) => string) => Part>> = {
  cutDown: ({ minutes }, { newDepthIn }, length) =>
    act(
      'box:cutDown',
      'Cut the box down',
      `New fold line at ${length(newDepthIn ?? 0)}; slit the corners to it; trim the flaps to meet.`,
      minutes,
    ),
  liner: ({ minutes }) => act('box:liner', 'Line the box', 'A panel of board on all six faces; the lid’s goes in last.', minutes),
  board: ({ minutes, panelIn, takenFt2 }, _, length) =>
    act(
      'box:board',
      'Lay the board in',
      `A pad of board ${panelIn ? panelIn.map(length).join(' × ') : ''}, flat on the base: on it nothing sinks.`,
      minutes,
      [{ what: 'sheet board', amount: Math.round(takenFt2 * 10) / 10, unit: 'square feet' }],
    ),
};

/** Making the outer box ready: cut down, formed, lined. */
export function shellSteps(shell: Shell, length: (inches: number) => string, system: UnitSystem): Part[] {
  const { box, made } = shell;
  const steps = (...keys: MadePartKey[]) =>
    made.filter(({ key }) => keys.includes(key)).map((part) => MADE_STEPS[part.key](part, shell, length));
  return [
    ...steps('cutDown'),
    act(
      'box:form',
      isEnvelope(box) ? 'Open the envelope' : 'Form the box',
      `${box.name} (${formatSize(box.insideIn, system)} inside)${isEnvelope(box) ? '' : ': form and tape the bottom'}.`,
      STANDING_MINUTES.formBox,
    ),
    ...steps('liner'),
  ];
}

/** The board goes in on the base, before what lies on it. */
export const boardStep = (shell: Shell, length: (inches: number) => string): Part[] =>
  shell.made.filter(({ key }) => key === 'board').map((part) => MADE_STEPS.board(part, shell, length));
