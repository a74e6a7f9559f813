/** Works and rules the model leans on; every value copied from one of them is from memory. */
export const BIBLIOGRAPHY = {
  yardAndPound1959: 'International yard and pound agreement, 1959',
  burgess1990: 'Burgess, G.: Consolidation of cushion curves. Packaging Technology and Science 3, 1990',
  daum2006: 'Daum, M.: A simplified process for determining cushion curves: the stress-energy method, 2006',
  ista1A: 'ISTA Procedure 1A: packaged-products 150 lb or less',
  astmD4169: 'ASTM D4169: performance testing of shipping containers, schedule A',
  mckee1963: 'McKee, R.; Gander, J.; Wachuta, J.: Compression strength formula for corrugated boxes, 1963',
  rule41: 'Carrier classification rule for corrugated boxes, Item 222 / Rule 41',
  esbo0201: 'FEFCO/ESBO code of box styles, 0201 regular slotted box',
  abramowitzStegun: 'Abramowitz, M.; Stegun, I.: Handbook of Mathematical Functions, 1964',
  cody1969: 'Cody, W.: Rational Chebyshev approximations for the error function. Mathematics of Computation 23, 1969',
  crainic2008:
    'Crainic, T.; Perboli, G.; Tadei, R.: Extreme point-based heuristics for three-dimensional bin packing. INFORMS Journal on Computing 20, 2008',
  pisingerSigurd2007:
    'Pisinger, D.; Sigurd, M.: Using decomposition techniques and constraint programming for bin packing. INFORMS Journal on Computing 19, 2007',
  brown1963: 'Brown, R.: Smoothing, Forecasting and Prediction of Discrete Time Series, 1963',
  nemhauser1978:
    'Nemhauser, G.; Wolsey, L.; Fisher, M.: An analysis of approximations for maximizing submodular set functions. Mathematical Programming 14, 1978',
  steiner: 'Steiner: parallel curves of convex sets (exact)',
} as const;

export type SourceKey = keyof typeof BIBLIOGRAPHY;
