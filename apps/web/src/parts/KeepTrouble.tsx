'use client';
import { Button } from 'antd';
import type { SaveShopUse } from '../session/useSaveShop.ts';

const shown = (value: unknown): string => (value === null ? 'nothing' : typeof value === 'string' ? value : JSON.stringify(value));

/** Parts of the shop that could not be kept: what somebody else kept meanwhile, and what cannot be so. */
export function KeepTrouble({ saving, nameOf }: { saving: SaveShopUse; nameOf: (path: string) => string }) {
  const { problems, clashes, settle, drop } = saving;
  return (
    <>
      {problems.map(({ path, says }) => (
        <div key={path} className="banner wrong" role="alert">
          <p>
            <b>{nameOf(path)}</b>: {says}.
          </p>
          <Button onClick={() => drop(path)}>Leave it as it was</Button>
        </div>
      ))}
      {clashes.map(({ path, mine, theirs }) => (
        <div key={path} className="conflict" role="alert">
          <p>
            {theirs.by} changed <b>{nameOf(path)}</b> to <b>{theirs.text}</b> while you made it <b>{shown(mine)}</b>.
          </p>
          <Button onClick={() => settle(path, false)}>Keep {theirs.by}’s</Button>
          <Button type="primary" onClick={() => settle(path, true)}>
            Keep mine
          </Button>
        </div>
      ))}
    </>
  );
}
