/** True of what is an amount of money: it is called so by its key, as `costMinor` or `minorPerFt3`. */
export const isAmount = (key: string): boolean => /minor/i.test(key);
