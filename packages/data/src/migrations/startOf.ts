/** Facts that earlier versions did not know as fields nobody has touched yet, JSON text. */
export const startOf = (facts: Readonly<Record<string, unknown>>): string =>
  JSON.stringify(
    Object.fromEntries(Object.entries(facts).map(([path, value]) => [path, { text: '', value, revision: 0, draft: null, by: '' }])),
  );
