/** Currencies that a shop is offered. */
export const CURRENCIES = ['USD', 'EUR', 'GBP', 'CAD', 'AUD', 'NZD', 'CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'JPY'].map((value) => ({
  value,
  label: value,
}));

/** Time zones that this machine knows, with the one that is set. */
export const zonesWith = (now: string): { value: string; label: string }[] =>
  [...new Set([now, ...Intl.supportedValuesOf('timeZone')])].map((value) => ({ value, label: value }));
