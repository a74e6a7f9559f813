import type { UnitSystem } from '@inch-nest/core';

/** What people write into a field, in each one's own units: the hints inside empty fields and after “like”. */
export const LIKE_THIS = {
  imperial: {
    size: '9 x 6 1/4 x 6',
    weight: '2 lb 3.5 oz',
    light: '0.4 oz',
    sheet: '12 x 24',
    run: '175',
    length: '2 1/4 in',
    room: '20 or 2 x 3 x 4 in',
    sale: 'stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84',
  },
  metric: {
    size: '23 x 16 x 15',
    weight: '1.02 kg',
    light: '11 g',
    sheet: '30 x 60',
    run: '50',
    length: '5.5 cm',
    room: '330 or 5 x 8 x 10 cm',
    sale: 'stoneware tea urn, 23 x 20 x 35 cm, 2.8 kg, sold 84',
  },
} as const satisfies Record<UnitSystem, unknown>;
