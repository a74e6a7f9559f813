/** Names a step's title was made of when it was done. */
export interface KnownNames {
  readonly bundleId: string;
  /** The bundle went into an inner box first. */
  readonly inner: boolean;
  readonly hardPoints: readonly { readonly id: string; readonly kind: string; readonly guard: string | null }[];
  readonly hollows: readonly { readonly id: string; readonly name: string; readonly filled: boolean }[];
  readonly wraps: readonly { readonly key: string; readonly name: string }[];
}

const slugOf = (title: string): string =>
  title
    .toLowerCase()
    .replace(/[^a-z0-9.]+/g, '-')
    .replace(/-$/, '');

/** Titles that named one step each, as they stood, with what the step is called now; the first ones are the bundle's. */
const OF_THE_BUNDLE: Readonly<Record<string, string>> = {
  'take-off-the-storage-wrap': 'unwrap',
  'case-shake': 'test:caseShake',
  feel: 'test:feel',
  'bundle-size': 'test:bundleSize',
  'measure-and-weigh-the-bundle': 'measure',
};
const OF_THE_BOX: Readonly<Record<string, string>> = {
  'form-the-inner-box': 'inner:form',
  'base-of-the-inner-box': 'inner:base',
  'sides-of-the-inner-box': 'inner:sides',
  'top-of-the-inner-box': 'inner:top',
  'close-the-inner-box': 'inner:close',
  'cut-the-box-down': 'box:cutDown',
  'open-the-envelope': 'box:form',
  'form-the-box': 'box:form',
  'line-the-box': 'box:liner',
  'base-of-the-box': 'box:base',
  'sides-of-the-box': 'box:sides',
  'top-of-the-box': 'box:top',
  'put-it-in': 'box:in',
  'put-the-inner-box-in': 'box:in',
  'see-that-the-inner-box-stands-level': 'box:level',
  touch: 'test:touch',
  'finger-gap': 'test:fingerGap',
  shake: 'test:shake',
  bounce: 'test:bounce',
  'lid-press': 'test:lidPress',
  'tape-load': 'test:tapeLoad',
  seams: 'test:seams',
  'papers-inside': 'papers',
  photographs: 'photographs',
  'old-labels-off': 'labelsOff',
  'close-the-flap': 'close',
  'tape-the-seams': 'close',
  'weigh-and-measure': 'weigh',
};
/** Hard points as they were called. */
const POINT_NAMES: Readonly<Record<string, string>> = { loosePart: 'loose part' };

/**
 * The key of a step that was named after its title. What cannot be told any more keeps its old name, under the
 * bundle, so that the record of it stands.
 */
export function stepKeyFrom(slug: string, { bundleId, inner, hardPoints, hollows, wraps }: KnownNames): string {
  const own = (key: string) => `${bundleId}:${key}`;
  const told = OF_THE_BUNDLE[slug];
  if (told) return own(told);
  if (OF_THE_BOX[slug]) return OF_THE_BOX[slug];
  if (slug === 'put-the-bundle-in') return inner ? 'inner:in' : 'box:in';
  const [, titled, nth] = /^(.*?)(?:-(\d+))?$/.exec(slug)!;
  for (const [title, count] of [
    [slug, 1],
    [titled!, Number(nth ?? 1)],
  ] as const) {
    const layer = /^(.*)-(\d+(?:\.\d+)?)-turns?$/.exec(title);
    const wrap = layer && wraps.find((one) => slugOf(one.name) === layer[1]);
    if (wrap) return own(`layer:${wrap.key}:${Number(layer[2])}${count > 1 ? `:${count}` : ''}`);
    if (title.startsWith('guard-the-')) {
      const alike = hardPoints.filter((point) => point.guard && slugOf(`Guard the ${POINT_NAMES[point.kind] ?? point.kind}`) === title);
      const point = alike[count - 1];
      if (point) return own(`guard:${point.id}:${point.guard}`);
    }
    const hollow = hollows.filter((one) => one.filled && slugOf(`Fill the ${one.name}`) === title)[count - 1];
    if (hollow) return own(`hollow:${hollow.id}`);
  }
  return own(`was:${slug}`);
}
