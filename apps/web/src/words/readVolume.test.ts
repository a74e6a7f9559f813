import { readVolume } from './readVolume.ts';

// exact: 1 in = 2.54 cm (international inch, 1959)
test.each<[string, 'imperial' | 'metric', number | null]>([
  ['20', 'imperial', 20],
  ['20 in3', 'metric', 20],
  ['20 cubic inches', 'imperial', 20],
  ['16.387064', 'metric', 1],
  ['163.87064 cm³', 'imperial', 10],
  ['163.87064 ml', 'imperial', 10],
  ['2 x 3 x 4 in', 'imperial', 24],
  ['2 1/2 x 2 x 2', 'imperial', 10],
  ['2.54 x 2.54 x 2.54 cm', 'imperial', 1],
  ['2 x 3', 'imperial', null],
  ['0', 'imperial', null],
  ['-4', 'imperial', null],
  ['3 lb', 'imperial', null],
  ['999999', 'imperial', null],
  ['a cupful', 'imperial', null],
])('%s, %s', (text, system, in3) => {
  const read = readVolume(text, system);
  if (in3 === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(in3, 9);
});
