import { toBuffer } from 'bwip-js/node';

/** Dots an inch that printers of labels have, and twice that for sharp edges. */
const SCALE = 4;

/** A Code 128 (ISO/IEC 15417) without its text, with quiet zones. */
export const code128 = (text: string): Promise<Buffer> =>
  toBuffer({
    bcid: 'code128',
    text,
    scale: SCALE,
    height: 18,
    includetext: false,
    paddingwidth: 10,
    paddingheight: 2,
    backgroundcolor: 'ffffff',
  });

/** A QR code (ISO/IEC 18004) with its quiet zone. */
export const qr = (text: string): Promise<Buffer> =>
  toBuffer({ bcid: 'qrcode', text, scale: SCALE, paddingwidth: 4, paddingheight: 4, backgroundcolor: 'ffffff' });
