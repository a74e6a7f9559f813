/** Five digits; abroad the country's two letters stand in front. The grammar of the isles' posts. */
export const POSTCODE = /^([A-Z]{2}-)?\d{5}$/;
export const POSTCODE_SAYS = 'a postcode has five digits, abroad with the country in front: XN-04021';

/** The country a destination names in front of its postcode, `XN-04021`; null for the shop's own. */
export const countryOf = (postcode: string): string | null => /^([A-Z]{2})-/.exec(postcode)?.[1] ?? null;
