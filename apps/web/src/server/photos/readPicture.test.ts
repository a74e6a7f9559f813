import sharp from 'sharp';
import { readPicture } from './readPicture.ts';
import { isHeic } from './readHeic.ts';

jest.mock('server-only', () => ({}));

/** 96 by 64, its left half red and its right half blue, as a telephone writes it; made with libheif's own encoder. */
const HEIC = Buffer.from(
  'AAAAHGZ0eXBoZWljAAAAAG1pZjFoZWljbWlhZgAAAUJtZXRhAAAAAAAAACFoZGxyAAAAAAAAAABwaWN0AAAAAAAAAAAAAAAAAAAAAA5waXRtAAAAAAABAAAAImlsb2MAAAAAREAAAQABAAAAAAFmAAEAAAAAAAAAgQAAACNpaW5mAAAAAAABAAAAFWluZmUCAAAAAAEAAGh2YzEAAAAAwmlwcnAAAACkaXBjbwAAAHhodmNDAQNwAAAAAAAAAAAAHvAA/P34+AAADwMgAAEAGEABDAH//wNwAAADAJAAAAMAAAMAHroCQCEAAQArQgEBA3AAAAMAkAAAAwAAAwAeoDCBBZbqSSmubgQEDAgAAAMACAAAAwAIQCIAAQAHRAHBcrAiQAAAABRpc3BlAAAAAAAAAGAAAABAAAAAEHBpeGkAAAAAAwgICAAAABZpcG1hAAAAAAAAAAEAAQOBAoMAAACJbWRhdAAAAH0oAa8J4McXOXVf//yCP//8Yjch+xYfSQSn/7llTv4Dff/7mcV0ti4ntzr+T+RqjL42IAJ7ITIT+5XZnEKL+DPS/m0ill//n018Qe3KfLRNoxsePf6mMZWnwNnFGdBirSen1Qs+aKEaY/opZPT3ewU0fPYT8Sf19ztPdn63gA==',
  'base64',
);

test('what telephones write is read and written anew as JPEG, its colours where they were', async () => {
  expect(isHeic(HEIC)).toBe(true);
  const { whole, small, width, height } = await readPicture(HEIC);
  expect([width, height]).toEqual([96, 64]);
  expect((await sharp(whole).metadata()).format).toBe('jpeg');
  expect((await sharp(small).metadata()).format).toBe('jpeg');
  const { data, info } = await sharp(whole).raw().toBuffer({ resolveWithObject: true });
  const at = (x: number, y: number) => [...data.subarray((y * info.width + x) * info.channels, (y * info.width + x) * info.channels + 3)];
  const [leftRed, , leftBlue] = at(20, 30) as [number, number, number];
  const [rightRed, , rightBlue] = at(76, 30) as [number, number, number];
  expect(leftRed).toBeGreaterThan(leftBlue + 80);
  expect(rightBlue).toBeGreaterThan(rightRed + 80);
});

test.each<[string, Uint8Array, RegExp]>([
  ['cut short', HEIC.subarray(0, HEIC.length - 120), /cut short or damaged/],
  ['only called so', Buffer.concat([HEIC.subarray(0, 24), Buffer.alloc(200, 7)]), /cut short or damaged/],
  ['something else', Buffer.from('not a picture at all'), /no JPEG, PNG, WebP or HEIC/],
  ['empty', Buffer.alloc(0), /empty/],
])('%s is refused in words, and nobody else waits', async (_, bytes, why) => {
  await expect(readPicture(bytes)).rejects.toMatchObject({ problems: [{ message: expect.stringMatching(why) as unknown }] });
});
