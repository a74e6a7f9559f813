/** Five digits; abroad the country's two letters stand in front. The grammar of the isles' posts. */
export const POSTCODE = /^([A-Z]{2}-)?\d{5}$/;
export const POSTCODE_SAYS = 'a postcode has five digits, abroad with the country in front: XN-04021';

/** The country a destination names in front of its postcode, `XN-04021`; null for the shop's own. */
export const countryOf = (postcode: string): string | null => /^([A-Z]{2})-/.exec(postcode)?.[1] ?? null;

/** The first postcode that starts with a prefix: `402` → `40200`, `XN` → `XN-00000`, `XN-04` → `XN-04000`. */
export function firstPostcode(prefix: string): string {
  const [country, digits] = /^[A-Z]/.test(prefix) ? [`${prefix.slice(0, 2)}-`, prefix.slice(3)] : ['', prefix];
  return country + digits.padEnd(5, '0');
}
