const YEAR_S = 31_536_000;

/** Has this browser remember a choice of its own: who packs, day or night, keys. */
export const remember = (name: string, value: string): void => {
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=strict`;
};
