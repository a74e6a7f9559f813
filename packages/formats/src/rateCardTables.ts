/** A rate card as a set of CSV texts by name, money in whole units with two decimals. */
export type RateCardCsv = Readonly<Record<string, string>>;

export const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
export const ZONE_COLUMNS = Array.from({ length: 10 }, (_, zone) => `zone ${zone}`);

export const COLUMNS = {
  card: ['id', 'version', 'carrier', 'currency', 'validFrom', 'validTo'],
  zones: ['originFrom', 'originTo', 'destinationFrom', 'destinationTo', 'zone'],
  holidays: ['day'],
  containers: ['key', 'name', 'style', 'length', 'width', 'depth', 'outsideLength', 'outsideWidth', 'outsideDepth', 'maxWeight'],
  services: [
    'service',
    'name',
    'bought',
    'transitDays',
    'pickup',
    'cutOff',
    'rounding',
    'containers',
    'volumetricDivisor',
    'volumetricAbove',
    'sideRounding',
    'maxWeight',
    'maxLength',
    'maxLengthPlusGirth',
    'minLength',
    'minWidth',
    'minDepth',
    'fuelPercent',
    'coverIncluded',
    'coverStep',
    'coverPricePerStep',
    'coverPercent',
    'coverCeiling',
    'coverExcludes',
    'signature',
    'handlingFactor',
    'crushFactor',
  ],
  prices: ['service', 'upTo', 'unit'],
  surcharges: ['service', 'name', 'when', 'above', 'from', 'to', 'price', 'fuelled'],
} as const;

export type Table = keyof typeof COLUMNS;
