import { nameAmong, shopPart, type KeptShop } from '@inch-nest/contracts';

/** Cells and rules in a packer's words; what is not named here is named by its own key, spelt out. */
const WORDS: Readonly<Record<string, string>> = {
  onHand: 'on hand',
  onHandFt2: 'on hand',
  onHandFt3: 'on hand',
  insideIn: 'inside',
  measuredOutsideIn: 'built outside',
  priceMinor: 'price',
  earlierUses: 'uses',
  dropTests: 'drops',
  linerBoard: 'sheet board',
  offcuts: 'offcuts of sheet board',
};

const spelt = (key: string): string =>
  WORDS[key] ?? key.replace(/(In|Minor|Ft2|Ft3|Lb)$/, '').replace(/[A-Z]/g, (sign) => ` ${sign.toLowerCase()}`);

/** What a part of a shop is called. */
export function shopPartWords(path: string, { stock, people }: Pick<KeptShop, 'stock' | 'people'>): string {
  const part = shopPart(path);
  if (!part) return path;
  const { room, key, cell } = part;
  if (room === 'moves') return 'what came or went';
  if (room === 'people') return cell === null ? 'somebody new' : `the ${cell === 'system' ? 'units' : 'name'} of ${nameAmong(people, key)}`;
  if (room === 'house' || room === 'facts' || room === 'stock') return spelt(key);
  const row = [...stock.boxes, ...stock.wraps, ...stock.fills].find((one) => one.key === key);
  return `${row?.name ?? key}${cell ? `, ${spelt(cell)}` : ''}`;
}
