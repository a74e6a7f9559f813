'use client';
import { Button } from 'antd';
import { lifeWords } from '@inch-nest/core';
import { useOutbox } from '../outbox/OutboxProvider.tsx';
import type { BenchLog } from './useBenchLog.ts';
import { useShop } from '../session/ShopContext.tsx';

/** What waits for the server, and what it refused: nothing of either is lost unseen. */
export function Rejected({ log }: { log: BenchLog }) {
  const { write } = useShop();
  const { drop } = useOutbox();
  const waiting = log.own.filter((item) => item.refused === null);
  const refused = log.own.filter((item) => item.refused !== null);
  return (
    <>
      {waiting.length > 0 && (
        <p className="soft" role="status">
          … {waiting.length} {waiting.length === 1 ? 'thing waits' : 'things wait'} to be sent; all of it is kept here meanwhile.
        </p>
      )}
      {refused.map((item) => (
        <div key={item.place} className="banner wrong act-row" role="alert">
          <span>
            <b>
              {item.kind === 'photo'
                ? 'A photograph'
                : lifeWords({ ...item.happening, id: item.id, seq: 0, at: item.at, personId: item.personId, undoOf: null }, write)}
            </b>{' '}
            was refused: {item.refused}
          </span>
          <Button onClick={() => void drop(item.place!)}>Let it go</Button>
        </div>
      ))}
    </>
  );
}
