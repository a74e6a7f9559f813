'use client';
import type { Writers } from '../../words/writers.ts';
import { priceLineWords } from '../../words/priceLineWords.ts';
import { tornWords } from '../../words/tornWords.ts';
import { TAPE_OVER_END_IN, planBundles, type CostLine, type House, type PlanDocument } from '@inch-nest/core';

/** How one line of the cost came about: what it is made of, by which formula, from where. */
export function LineSource({ line, plan, house, write }: { line: CostLine['key']; plan: PlanDocument; house: House; write: Writers }) {
  const { quote, box, inner, layers, fills, interleaved } = plan;
  const several = planBundles(plan).length > 1;
  switch (line) {
    case 'postage':
    case 'cover':
    case 'signature':
      return (
        <>
          <p>
            {quote.carrier}, {quote.serviceName}, zone {quote.zone}: {write.weight(quote.billableLb)} billed{' '}
            {quote.billedBy === 'weight' ? 'by weight' : 'by size'}, first step not below it ends at {write.weight(quote.stepLb)}.
          </p>
          <ul>
            {quote.lines.map((one) => (
              <li key={one.label}>
                {priceLineWords(one, write)}: {write.money(one.amountMinor)}
              </li>
            ))}
          </ul>
          <p>From the carrier’s card, version {quote.cardVersion}.</p>
        </>
      );
    case 'box':
      return (
        <p>
          {box.name}
          {inner && ` and ${inner.name} in it`}
          {box.liner && ', with a second wall'}: prices of the stockroom, the shop’s own.
        </p>
      );
    case 'wraps':
      return (
        <>
          <p>
            Length of n turns: <i>n·girth + π·t·n²</i>, exact for rounded corners; sheets side by side as wide as the roll; area ×{' '}
            {(1 + house.scrapShare).toFixed(2)} for offcuts × the roll’s price.
          </p>
          <ul>
            {interleaved && (
              <li>
                {interleaved.name} between each two: {interleaved.sheets} sheets, {write.money(interleaved.costMinor)}
              </li>
            )}
            {layers.map((layer) => (
              <li key={layer.key}>
                {layer.name}: {tornWords(layer.sheets, layer.lengthIn, write)}, {write.money(layer.costMinor)}
              </li>
            ))}
          </ul>
          <p>Guards are in it too. Thicknesses and prices: the stockroom’s, judgement until the shop measures.</p>
        </>
      );
    case 'fill':
      return (
        <>
          <p>The void round the bundle × {(1 + house.overfillShare).toFixed(2)}, pressed by the lid, in halves of what is counted.</p>
          <ul>
            {fills.map((fill) => (
              <li key={fill.where}>
                {fill.name}: base {write.volume(fill.baseFt3, 2)}, sides {write.volume(fill.sidesFt3, 2)},{' '}
                {several ? 'over and under them' : 'top'} {write.volume(fill.topFt3, 2)}; bought {write.volume(fill.boughtFt3, 2)}
              </li>
            ))}
          </ul>
        </>
      );
    case 'sundries':
      return (
        <p>
          One strip of tape a layer, the seams the house rules ask for and {write.length(TAPE_OVER_END_IN)} over each end; tags, slip and
          cards together.
        </p>
      );
    case 'labour':
      return (
        <p>
          {plan.minutes.toFixed(1)} minutes of wrapping, filling and the standing steps × {write.money(house.labourMinorPerHour)} an hour.
          Minutes are judgement until the bench’s clock corrects them.
        </p>
      );
  }
}
