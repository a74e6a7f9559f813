import { parseScaleReport } from './parseScaleReport.ts';

const report = (...bytes: number[]) => new DataView(Uint8Array.from(bytes).buffer);

// HID Point of Sale Usage Tables 1.02, usage page 8Dh; statuses and units from memory.
// 1 lb = 453.59237 g and 16 oz, exact (international pound, 1959)
test.each<[string, number[], ReturnType<typeof parseScaleReport>]>([
  ['12.3 oz, stable', [4, 11, 0xff, 123, 0], { state: 'settled', pounds: 12.3 / 16 }],
  ['2.15 lb, stable', [4, 12, 0xfe, 215, 0], { state: 'settled', pounds: 2.15 }],
  ['300 g, in motion', [3, 2, 0, 0x2c, 0x01], { state: 'moving', pounds: 300 / 453.59237 }],
  ['1.234 kg, low byte first', [4, 3, 0xfd, 0xd2, 0x04], { state: 'settled', pounds: 1.234 / 0.45359237 }],
  ['40 kg by an exponent above nought', [4, 3, 1, 4, 0], { state: 'settled', pounds: 40 / 0.45359237 }],
  ['65535 at its most', [4, 2, 0, 0xff, 0xff], { state: 'settled', pounds: 65535 / 453.59237 }],
  ['nothing on it', [2, 12, 0, 0, 0], { state: 'zero' }],
  ['below zero', [5, 12, 0, 9, 0], { state: 'underZero' }],
  ['too much on it', [6, 12, 0, 0, 0], { state: 'overLimit' }],
  ['to be calibrated', [7, 12, 0, 0, 0], { state: 'needsCalibration' }],
  ['to be zeroed', [8, 12, 0, 0, 0], { state: 'needsZero' }],
  ['a fault', [1, 12, 0, 0, 0], { state: 'fault' }],
  ['a status nobody gave', [9, 12, 0, 0, 0], { state: 'fault' }],
  ['a unit we do not read: carats', [4, 4, 0, 5, 0], { state: 'unknownUnit' }],
  ['a report cut short', [4, 12, 0, 5], { state: 'fault' }],
  ['an empty report', [], { state: 'fault' }],
])('%s', (_, bytes, reading) => {
  const read = parseScaleReport(report(...bytes));
  expect(read.state).toBe(reading.state);
  if ('pounds' in reading) expect('pounds' in read && read.pounds).toBeCloseTo(reading.pounds, 12);
  else expect(read).toEqual(reading);
});

test('longer reports are read by their first five bytes', () =>
  expect(parseScaleReport(report(4, 12, 0, 7, 0, 99, 99))).toEqual({ state: 'settled', pounds: 7 }));
