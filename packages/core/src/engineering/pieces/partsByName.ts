import type { Archetype, ArchetypeKey } from './Archetype.ts';

type Parts = Archetype['hardPoints'];

/** Glass that stands on a stem, by its name. */
const STEMMED =
  /\b(?:(?:wine|sherry|port|martini|cocktail|cordial|liqueur|champagne)[- ]glass(?:es)?|goblets?|(?:champagne[- ])?flutes?|stemware|snifters?|coupes?|brandy balloons?)\b/i;
/** True of a glass that stands on a stem. */
export const isStemmed = (title: string): boolean => STEMMED.test(title);

/**
 * Parts that stick out by what a thing is called, where they are not those its kind usually has: a mug has no spout, and a goblet
 * breaks at its stem. The first that fits says. Common practice, no source.
 */
const BY_NAME: Readonly<Partial<Record<ArchetypeKey, readonly (readonly [RegExp, Parts])[]>>> = {
  handledWare: [
    [
      /\b(?:pots?|jugs?|pitchers?|creamers?|kettles?|sets?)\b/i,
      [
        ['handle', 'right'],
        ['spout', 'left'],
      ],
    ],
    [/\b(?:mugs?|(?:tea|coffee)?[- ]?cups?|steins?|tankards?)\b/i, [['handle', 'right']]],
    [
      /\b(?:tureens?)\b/i,
      [
        ['handle', 'left'],
        ['handle', 'right'],
      ],
    ],
  ],
  blownGlass: [
    [
      STEMMED,
      [
        ['rim', 'top'],
        ['stem', 'bottom'],
      ],
    ],
    [
      /\b(?:floats?|baubles?|ornaments?|bulbs?|globes?|thermometers?|hydrometers?|test[- ]tubes?|vials?|ampoules?|(?:vacuum|neon)[- ](?:tubes?|signs?)|valves?|hour-?glass(?:es)?|(?:sand|egg)[- ]timers?|glass eyes?)\b/i,
      [],
    ],
  ],
  pressedGlass: [
    [
      STEMMED,
      [
        ['rim', 'top'],
        ['stem', 'bottom'],
      ],
    ],
  ],
  // what reaches out of an iron body comes through a wall first
  rigidMetal: [[/\banvils?\b/i, [['nose', 'left']]]],
  // paint on canvas has no pane before it
  glazedFlat: [[/\b(?:(?:oil|acrylic|tempera) (?:paintings?|on )|(?:on|stretched) canvas|canvas(?:es)?$|icons?\b|unglazed)/i, []]],
  thinFigure: [
    // masts, before all else of them
    [
      /\b(?:model (?:ship|boat|yacht|clipper|schooner|galleon)s?|(?:ship|boat|yacht|clipper|schooner|galleon)s? models?)\b/i,
      [['finial', 'top']],
    ],
    [/\b(?:guitars?|ukuleles?|mandolins?|banjos?|lutes?|violins?|fiddles?|violas?|cellos?|balalaikas?)\b/i, [['finial', 'right']]],
    [
      /\b(?:accordions?|concertinas?|harmoniums?|drums?|tambourines?|globes?|plaster casts?|(?:death )?masks?|zithers?|dulcimers?|autoharps?|sea ?shells?)\b/i,
      [],
    ],
  ],
};

/** The parts that a piece of a kind usually has that stick out, as far as its name tells. */
export const partsByName = (title: string, { key, hardPoints }: Pick<Archetype, 'key' | 'hardPoints'>): Parts =>
  BY_NAME[key]?.find(([name]) => name.test(title))?.[1] ?? hardPoints;
