'use client';
import { ARCHETYPES, type ArchetypeKey } from '@inch-nest/core';
import { ArchetypeGlyph } from '../../drawings/ArchetypeGlyph.tsx';
import { useKeys } from '../../session/keys.ts';
import { useShop } from '../../session/ShopContext.tsx';

const KINDS = Object.values(ARCHETYPES);

/** Every kind of piece with its drawing; one key or one touch picks it. */
export function KindKeys({ value, onPick }: { value: ArchetypeKey; onPick: (kind: ArchetypeKey) => void }) {
  const { keysOn } = useShop();
  useKeys(
    KINDS.map((kind) => kind.hotkey),
    (event) => {
      const kind = KINDS.find((one) => one.hotkey === event.key.toLowerCase());
      if (kind) onPick(kind.key);
    },
    { reach: 'single', on: keysOn },
  );
  return (
    <section aria-label="What kind of piece" className="kinds">
      <h2>What kind of piece</h2>
      <div className="kind-keys">
        {KINDS.map((kind) => (
          <button
            key={kind.key}
            type="button"
            className={kind.key === value ? 'kind on' : 'kind'}
            aria-pressed={kind.key === value}
            onClick={() => onPick(kind.key)}
          >
            <ArchetypeGlyph kind={kind.key} />
            <span>{kind.name}</span>
            <kbd aria-hidden>{kind.hotkey}</kbd>
          </button>
        ))}
      </div>
    </section>
  );
}
