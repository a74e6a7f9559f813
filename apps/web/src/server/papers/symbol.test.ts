import { BinaryBitmap, Code128Reader, HybridBinarizer, QRCodeReader, RGBLuminanceSource, type Reader } from '@zxing/library';
import sharp from 'sharp';
import { code128, qr } from './symbol.ts';

/** What an independent reader makes of a picture. */
async function decode(png: Buffer, reader: Reader): Promise<string> {
  const { data, info } = await sharp(png).flatten({ background: '#fff' }).greyscale().raw().toBuffer({ resolveWithObject: true });
  const light = new RGBLuminanceSource(new Uint8ClampedArray(data), info.width, info.height);
  return reader.decode(new BinaryBitmap(new HybridBinarizer(light))).getText();
}

// ISO/IEC 15417 and ISO/IEC 18004, read back by a library that did not write them
test.each(['AG40000037', 'QP40012345', 'P:7K2M', 'B:A5', 'TEST 12345'])(
  '%s is read back from its Code 128 and its QR code',
  async (text) => {
    expect(await decode(await code128(text), new Code128Reader())).toBe(text);
    expect(await decode(await qr(text), new QRCodeReader())).toBe(text);
  },
);
