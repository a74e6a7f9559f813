/** Text of a value with its keys in order, since a database does not keep theirs. */
const stable = (value: unknown): string =>
  JSON.stringify(value, (_, inner: unknown) =>
    inner !== null && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );

/** True when two JSON values say the same, whatever the order of their keys. */
export const sameContent = (one: unknown, other: unknown): boolean => stable(one) === stable(other);
