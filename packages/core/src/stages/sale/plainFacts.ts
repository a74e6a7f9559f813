import type { ArchetypeKey } from '../../engineering/pieces/Archetype.ts';
import { ARCHETYPES } from '../../engineering/pieces/archetypes.ts';
import { kindPresets } from '../../engineering/pieces/kindPresets.ts';
import type { PieceFacts } from './Order.ts';

/** One piece of a kind, called so, of which nothing else is known: as its kind usually is, unmeasured, nothing along with it. */
export function plainFacts(id: string, kind: ArchetypeKey, title = ARCHETYPES[kind].name): PieceFacts {
  return {
    ...kindPresets(ARCHETYPES[kind], null, title),
    id,
    title,
    count: 1,
    stackOf: 1,
    interleaf: null,
    nestStepIn: null,
    within: null,
    beside: null,
    archetype: kind,
    lengthIn: null,
    widthIn: null,
    heightIn: null,
    weightLb: null,
    hollows: [],
    movingParts: 'none',
    ownBoxIn: null,
    partOf: null,
    along: [],
    replacementMinor: null,
    irreplaceable: false,
    wholeOrNothing: false,
    standing: 'anywhere',
    mostChance: null,
  };
}
