import {
  arrivalDay,
  certificateFor,
  chanceOnJourney,
  compressionStrengthLbf,
  curveFromBestPoint,
  dropHeightAtG,
  dropsPerJourney,
  edgeNudges,
  energyShares,
  impliedStrain,
  isBottomed,
  parseQuantity,
  readSaleLines,
  type SaleLine,
  peakG,
  quoteService,
  seededRandom,
  stowPieces,
  simulateJourneys,
  tooShallowForMcKee,
  wrapLayer,
  type CushionLayer,
  type Shipment,
  type Triple,
} from '@inch-nest/core';
import type { NestCommand, NestRequest } from '@inch-nest/contracts';
import { readRateCardCsv, writeRateCardCsv } from '@inch-nest/formats';
import { BadInput } from './BadInput.ts';
import { answerCut } from './answerCut.ts';
import { answerPlan } from './answerPlan.ts';
import { answerDrop } from './answerDrop.ts';
import { answerDropTest } from './answerDropTest.ts';
import { answerBands, answerJudge } from './answerJudge.ts';

/** Board from this thickness is taken for double wall where nothing is said. */
const DOUBLE_FROM_IN = 0.22;

type Layer = NestRequest<'shock'>['layers'][number];
const layerOf = ({ area, thickness, a, b, p }: Layer): CushionLayer => ({ areaIn2: area, thicknessIn: thickness, curve: { a, b, p } });

/** A sale in the command line's words: its pieces, money summed, and what joined a title with a doubt. */
function saleOf(lines: readonly SaleLine[]): unknown {
  const sold = lines.flatMap(({ soldMinor }) => soldMinor ?? []);
  const first = <Field extends 'destinationPostcode' | 'shipBy'>(field: Field) =>
    lines.find((line) => line[field] !== undefined)?.[field] ?? null;
  return {
    pieces: lines.flatMap(({ title, count = 1, archetype, sizeIn, weightLb }) =>
      title === undefined ? [] : [{ title, count, kind: archetype ?? null, size: sizeIn ?? null, weight: weightLb ?? null }],
    ),
    sold: sold.length > 0 ? sold.reduce((sum, minor) => sum + minor, 0) : null,
    to: first('destinationPostcode'),
    by: first('shipBy'),
    doubts: lines.flatMap(({ readings }) =>
      readings.flatMap(({ text, problem, doubt, asks }) => ((problem ?? doubt ?? asks) ? [{ text, why: problem ?? doubt ?? asks }] : [])),
    ),
  };
}

/** Each command's answer to a request that its schema has read. */
export const ANSWERS: { [Command in NestCommand]: (request: NestRequest<Command>) => unknown } = {
  parse({ text, sale, units, today }) {
    if (sale !== undefined) return saleOf(readSaleLines(sale, { today, system: units }));
    const quantity = parseQuantity(text!, units);
    if (quantity.kind === 'notUnderstood') throw new BadInput([{ path: 'text', message: quantity.problem }]);
    return quantity;
  },

  wrap({ form, size, layers }) {
    let bundle: Triple = size;
    const amounts = layers.map(({ thickness, turns, rollWidth }) => {
      const amount = wrapLayer(form, bundle, { thicknessIn: thickness, turns, rollWidthIn: rollWidth });
      bundle = amount.bundleIn;
      return { length: amount.lengthIn, area: amount.areaIn2, sheets: amount.sheets };
    });
    return { bundle, layers: amounts };
  },

  shock({ weight, layers: asked, dropHeight, peakG: givenG }) {
    const layers = asked.map(layerOf);
    const g = givenG ?? peakG(layers, weight, dropHeight!).peakG;
    const warnings = [
      ...layers.flatMap(({ curve, areaIn2 }, i) =>
        impliedStrain(curve, (g * weight) / areaIn2) > 1 ? [`layers.${i}: its curve implies a strain above 1`] : [],
      ),
      ...layers.flatMap((layer, i) => (isBottomed([layer], weight, g) ? [`layers.${i}: bottomed, beyond any published fit`] : [])),
    ];
    const share = energyShares(layers, weight, g);
    return {
      ...(givenG === undefined ? { peakG: g } : { dropHeight: dropHeightAtG(layers, weight, givenG) }),
      share,
      ...(warnings.length > 0 ? { warnings } : {}),
    };
  },

  curve: ({ bestStaticStress, leastG, dropHeight, thickness }) =>
    curveFromBestPoint({ staticStressPsi: bestStaticStress, leastG, dropHeightIn: dropHeight, thicknessIn: thickness }),

  crush({ ect, caliper, size, factors, wall }) {
    const compressionStrength = compressionStrengthLbf(ect, caliper, 2 * (size[0] + size[1]));
    const found = certificateFor(ect, wall ?? (caliper >= DOUBLE_FROM_IN ? 'double' : 'single'));
    return {
      compressionStrength,
      derated: factors.reduce((strength, factor) => strength * factor, compressionStrength),
      certificate: found && { maxGross: found.maxGrossLb, maxUnited: found.maxUnitedIn, wall: found.wall },
      warnings: tooShallowForMcKee(size) ? ['shallower than a seventh of its perimeter: the formula was not fitted for it'] : [],
    };
  },

  journey({ weight, grossWeight = weight, zone, criticalG, spread, ownHeightIn, faces, simulate }) {
    const journey = {
      weightLb: weight,
      grossWeightLb: grossWeight,
      zone,
      criticalG,
      spread,
      ownHeightIn,
      drift: null,
      faces: faces.map((face) => ({ chance: face.chance, layers: face.layers.map(layerOf) })),
    };
    const simulated = simulate && simulateJourneys(journey, simulate.journeys, seededRandom(simulate.seed));
    return { chance: chanceOnJourney(journey), drops: dropsPerJourney(zone), ...(simulated ? { simulated } : {}) };
  },

  rate({ card, parcel: { size, weight, from, to, shipDate, readyAt, value, options } }) {
    const shipment: Shipment = {
      sizeIn: size,
      weightLb: weight,
      originPostcode: from,
      destinationPostcode: to,
      shipDate,
      coverMinor: options.cover ? value : null,
      signature: options.signature,
      container: options.container,
      nonRectangular: options.nonRectangular,
      goods: options.goods === null ? [] : [options.goods].flat(),
    };
    const answers = card.services.map((service) => ({ service, quote: quoteService(card, service, shipment) }));
    return {
      quotes: answers
        .map(({ service, quote }) =>
          'refused' in quote
            ? { service: quote.service, refused: quote.refused }
            : {
                service: quote.service,
                price: quote.totalMinor,
                lines: quote.lines.map((line) => ({ label: line.label, price: line.amountMinor })),
                billableWeight: quote.billableLb,
                billedBy: quote.billedBy,
                zone: quote.zone,
                arrives: arrivalDay(service, card.holidays, shipDate, readyAt),
              },
        )
        .sort((a, b) => (a.price ?? Infinity) - (b.price ?? Infinity)),
      nudges: answers.flatMap(({ service, quote }) =>
        'refused' in quote
          ? []
          : edgeNudges(card, service, shipment, quote).map(({ by, direction, amount, deltaMinor }) => ({
              service: quote.service,
              by,
              direction,
              amount,
              priceChange: deltaMinor,
            })),
      ),
    };
  },

  pack({ box, gap, between, pieces }) {
    const stowage = stowPieces(
      pieces.map(({ id, size, upright, weight }) => ({ id, sizeIn: size, upright, weightLb: weight })),
      { insideIn: box, gapIn: gap, betweenIn: between },
    );
    return stowage.fits
      ? { fits: true, placements: stowage.placements.map(({ id, atIn, sizeIn }) => ({ id, at: atIn, size: sizeIn })) }
      : stowage;
  },

  card({ card, csv }) {
    if (card) return { csv: writeRateCardCsv(card) };
    const reading = readRateCardCsv(csv!);
    if (!reading.ok) throw new BadInput(reading.problems);
    return { card: reading.card };
  },

  cut: answerCut,
  plan: answerPlan,
  judge: answerJudge,
  bands: answerBands,
  drop: answerDrop,
  dropTest: answerDropTest,
};
