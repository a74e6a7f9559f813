import type { PickupList, PickupOfCarrier, ShopView } from '@inch-nest/contracts';
import { drawPages, line, rule, SHEETS, tickBox } from './paper.ts';

const MARGIN = 0.6;
const PER_SHEET = 26;

/** What is handed over, a sheet for each carrier, with a line for whoever fetches it. */
export const pickupSheet = (
  { name, paper: sheets }: Pick<ShopView, 'name' | 'paper'>,
  { day, time, carriers }: PickupList,
): Promise<Buffer> =>
  drawPages(
    `Pick-ups, ${day}`,
    (carriers.length > 0 ? carriers : [{ carrier: 'Nothing waits', parcels: [], asked: null }])
      .map(leaving)
      .flatMap(({ carrier, parcels, asked }) =>
        Array.from({ length: Math.max(1, Math.ceil(parcels.length / PER_SHEET)) }, (_, sheet) => ({
          size: SHEETS[sheets].full,
          draw: (paper, [wide, high]) => {
            const width = wide - 2 * MARGIN;
            const here = parcels.slice(sheet * PER_SHEET, (sheet + 1) * PER_SHEET);
            line(paper, carrier, { x: MARGIN, y: 0.5, width }, 24, 'head');
            line(
              paper,
              `${name}, ${day} ${time} · ${parcels.length} ${parcels.length === 1 ? 'parcel' : 'parcels'}${asked ? ` · pick-up ${asked.reference}, ${asked.day}` : ''}`,
              { x: MARGIN, y: 0.92, width },
              12,
            );
            rule(paper, 1.2, MARGIN, wide - MARGIN);
            here.forEach((parcel, i) => {
              const y = 1.35 + i * 0.32;
              tickBox(paper, MARGIN, y);
              line(paper, parcel.code, { x: MARGIN + 0.3, y, width: 0.8 }, 13, 'strong');
              line(paper, parcel.tag, { x: MARGIN + 1.1, y, width: 1.2 }, 13);
              line(
                paper,
                `${parcel.set ? `${parcel.set.place} of ${parcel.set.of}: ` : ''}${parcel.title}`,
                { x: MARGIN + 2.3, y, width: 2.3 },
                11,
              );
              line(paper, parcel.tracking, { x: MARGIN + 4.7, y, width: 1.3 }, 11);
              line(paper, `${parcel.day ?? '—'} ${parcel.cutOff}`, { x: MARGIN + 6.1, y, width: wide - 2 * MARGIN - 6.1 }, 11);
            });
            rule(paper, high - 1, MARGIN, MARGIN + 3.2);
            line(paper, 'fetched by, when', { x: MARGIN, y: high - 0.95, width }, 10);
          },
        })),
      ),
  );

/** A parcel whose label is at risk does not leave. */
const leaving = <Carrier extends Pick<PickupOfCarrier, 'carrier' | 'parcels' | 'asked'>>(one: Carrier): Carrier => ({
  ...one,
  parcels: one.parcels.filter(({ moved }) => moved.length === 0),
});
