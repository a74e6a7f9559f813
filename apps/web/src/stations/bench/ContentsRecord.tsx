'use client';
import { Button, Checkbox } from 'antd';
import { Printer } from 'lucide-react';
import { heldIn, type PaperKind } from '@inch-nest/contracts';
import type { BenchLog } from '../../parcel/useBenchLog.ts';
import { PAPER_NAMES, usePrinting } from '../../parcel/usePrinting.tsx';
import { AskForFile } from '../../parts/AskForFile.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { titleOfPiece } from '../../words/titleOf.ts';

/** Everything that must be in: the piece and whatever goes with it. */
export const contentsOf = ({ view }: Pick<ParcelUse, 'view'>): { id: string; name: string }[] => [
  ...heldIn(view).map((one, at) => ({ id: at === 0 ? 'piece' : one.pieceId, name: titleOfPiece(one) })),
  ...heldIn(view).flatMap(({ piece }) => piece.accessories.value.map((one) => ({ id: one.id, name: `${one.count} × ${one.name}` }))),
];

/** What must be in and nobody has ticked. */
export const unticked = (parcel: Pick<ParcelUse, 'view'>, { ticked }: BenchLog['life']) =>
  contentsOf(parcel).filter(({ id }) => !ticked.includes(id));

/** Papers that go inside. */
const INSIDE: readonly PaperKind[] = ['slip', 'opening', 'part', 'letter'];

/** Contents and accessories, ticked off one by one before the box is closed, and the papers that are laid in. */
export function ContentsRecord({
  parcel,
  log,
  asked,
  onAllIn,
}: {
  parcel: ParcelUse;
  log: BenchLog;
  /** Done was pressed while something is not ticked. */
  asked: boolean;
  onAllIn: () => void;
}) {
  const { ticked } = log.life;
  const { ready, ask, cameOut } = usePrinting(parcel);
  const inside = ready.filter((kind) => INSIDE.includes(kind));
  const missing = unticked(parcel, log.life);
  const printed = INSIDE.filter((kind) => log.life.printed.includes(kind));
  return (
    <>
      <div className="act-row">
        {inside.length > 0 && (
          <AskForFile {...ask(inside)} className="link-button">
            <Printer size={20} aria-hidden /> Print {inside.map((kind) => PAPER_NAMES[kind].toLowerCase()).join(', ')}
          </AskForFile>
        )}
        {printed.length > 0 && <span className="soft">✓ Printed: {printed.map((kind) => PAPER_NAMES[kind].toLowerCase()).join(', ')}</span>}
      </div>
      {cameOut}
      <div className="contents" role="group" aria-label="What is in">
        {contentsOf(parcel).map(({ id, name }) => (
          <Checkbox
            key={id}
            checked={ticked.includes(id)}
            onChange={(event) => {
              // the big key goes back to meaning done
              (document.activeElement as HTMLElement | null)?.blur();
              void log.log({ kind: 'contentsTicked', items: event.target.checked ? [...ticked, id] : ticked.filter((one) => one !== id) });
            }}
          >
            {name}
          </Checkbox>
        ))}
      </div>
      {asked && missing.length > 0 && (
        <div className="banner mind act-row" role="alert">
          <span>
            <b>Not ticked:</b> {missing.map(({ name }) => name).join(', ')}. Look for it, and tick it when it is in; Done once more says
            that all is in.
          </span>
          <Button size="large" onClick={onAllIn}>
            {missing.length === 1 ? 'It is in' : missing.length === 2 ? 'Both are in' : `All ${missing.length} are in`}
          </Button>
        </div>
      )}
    </>
  );
}
