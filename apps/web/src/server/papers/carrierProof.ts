import {
  BENCH_TEST_RULES,
  capital,
  FINDING_WORDS,
  formatEdgeCrush,
  planBundles,
  SEAL_WORDS,
  stackedWords,
  type BoxStock,
  type PlanDocument,
} from '@inch-nest/core';
import { heldIn, type ParcelView } from '@inch-nest/contracts';
import { titleOfPiece } from '../../words/titleOf.ts';
import { laidRound } from '../../words/wrapWords.ts';
import { writeMoment, type ClaimOf, type ClaimSection, type ClaimSibling } from './ClaimSection.ts';
import { photosOf } from './photoNames.ts';
import type { PaperFacts } from './PaperFacts.ts';

const BECAME: Readonly<Record<string, string>> = { damaged: 'Arrived broken', lost: 'Lost on its way', returned: 'Came back' };

/**
 * What a carrier is given with a claim: what proves the worth, the sending and good packing, with times. What is the shop's
 * own business (what it expected to break, what it paid and earned, what it tried, what is missing) has no place in it.
 */
export function carrierProof(claim: ClaimOf): ClaimSection[] {
  const { view, shop, facts } = claim;
  const { life, events } = view;
  const { write } = facts;
  const when = writeMoment(shop);
  const { worthMinor, coveredMinor } = claim.claim;
  const last = (...kinds: readonly string[]) => events.findLast(({ kind }) => kinds.includes(kind));
  const end = last(...Object.keys(BECAME));
  const sent = last('handedOver');
  const sealed = last('sealed');
  const sold = events[0];
  const plan = facts.plan;
  const sections: ClaimSection[] = [
    {
      title: 'What is claimed',
      lines: [
        ...heldIn(view).map((one) =>
          [
            titleOfPiece(one),
            one.piece.serial.value && `number ${one.piece.serial.value}`,
            one.piece.seal.value && `seal ${one.piece.seal.value}`,
          ]
            .filter(Boolean)
            .join(', '),
        ),
        worthWords(claim, write.money(worthMinor), sold ? when(sold.at) : ''),
        ...(coveredMinor > 0 ? [`Covered to ${write.money(coveredMinor)}.`] : []),
        ...(end ? [`${BECAME[end.kind]}: noted ${when(end.at)}.`] : []),
      ],
    },
    {
      title: 'How it was sent',
      lines: [
        ...(facts.label
          ? [
              `${facts.label.carrier}, ${facts.label.serviceName}, number ${facts.label.tracking}${facts.label.signature ? ', against signature' : ''}.`,
            ]
          : []),
        `From ${facts.fromPostcode} to ${facts.toPostcode}.`,
        ...(sent ? [`Handed over ${when(sent.at)}.`] : []),
        ...(life.weighing && !life.weighingStale
          ? [
              `Weighed ${life.weighing.readingsLb.map(write.weight).join(', ')}${life.weighing.readingsLb.length > 1 ? '; the highest counts' : ''}. ${life.weighing.outsideIn ? `Measured outside ${write.size(life.weighing.outsideIn)}.` : ''}`.trim(),
            ]
          : []),
      ],
    },
    ...(plan
      ? [{ title: 'How it was packed', lines: [...packedWords(plan, shop, facts), ...(sealed ? [`Sealed ${when(sealed.at)}.`] : [])] }]
      : []),
    { title: 'Tests it passed at the bench', lines: passedWords(claim) },
    ...(life.cameBack ? [{ title: 'What came back', lines: cameBackWords(view, life.cameBack) }] : []),
    ...(facts.set
      ? [
          {
            title: 'Sent together with it',
            lines: facts.set.parcels
              .filter(({ code }) => code !== facts.code)
              .map((one) => `${one.title}, parcel ${one.code}, ${one.tracking ? `number ${one.tracking}` : 'no number yet'}.`),
          },
        ]
      : []),
    ...claim.siblings.map((sibling) => ({ title: `Parcel ${sibling.facts.code}, sent with it`, lines: siblingWords(sibling, shop) })),
    { title: 'Photographs', lines: photosOf(claim).map(({ name, photo }, i) => `${i + 1}. ${name}, ${when(photo.at)}`) },
  ];
  return sections.filter(({ lines }) => lines.length > 0);
}

/** How a parcel of the same set was packed and what became of it: the carrier sees that one hand packed both. */
function siblingWords({ view, facts }: ClaimSibling, shop: ClaimOf['shop']): string[] {
  const when = writeMoment(shop);
  const noted = (kinds: Readonly<Record<string, string>>) => {
    const event = view.events.findLast(({ kind }) => kind in kinds);
    return event ? [`${kinds[event.kind]!} ${when(event.at)}.`] : [];
  };
  return [
    ...(facts.plan ? packedWords(facts.plan, shop, facts) : []),
    ...noted({ sealed: 'Sealed' }),
    ...noted({ handedOver: 'Handed over' }),
    ...noted({
      delivered: 'Arrived: noted',
      damaged: 'Arrived broken: noted',
      lost: 'Lost on its way: noted',
      returned: 'Came back: noted',
    }),
  ];
}

/** What it was worth, and by what that is proved. */
function worthWords({ view, facts }: ClaimOf, worth: string, soldAt: string): string {
  if (heldIn(view).some(({ piece }) => piece.replacementMinor.value !== null)) return `Worth ${worth}, by what it costs to replace.`;
  if (view.share) return `Worth ${worth}: its share of what was sold together${soldAt && `, ${soldAt}`}.`;
  return `Worth ${worth}: what it was sold for${soldAt && `, ${soldAt}`}, parcel ${facts.code}.`;
}

/** What was sent beside what came back, and what that says. */
function cameBackWords(view: ParcelView, { serial, seal, finding }: NonNullable<ParcelView['life']['cameBack']>): string[] {
  const { serial: sent, seal: sealed } = view.piece;
  return [
    `Sent: ${sent.value ? `number ${sent.value}` : 'no number'}, ${sealed.value ? `seal ${sealed.value}` : 'no seal'}.`,
    `Came back: ${serial ? `number ${serial}` : 'no number'}${sealed.value ? `, seal ${SEAL_WORDS[seal]}` : ''}.`,
    `Finding: ${FINDING_WORDS[finding]}.`,
  ];
}

/** Fill this thick all round is worth telling: what carriers' packing guides ask for; common practice, no one source. */
const TOLD_FROM_IN = 2;

/** What is in the box that some share, by its names. */
const sharedTitles = (plan: PlanDocument): string => (plan.shared?.of ?? []).map((at) => planBundles(plan)[at]!.piece.title).join(' and ');

/** How it was packed, from the piece outwards, with the published strength of what it was packed in. */
function packedWords(plan: PlanDocument, shop: ClaimOf['shop'], { write }: PaperFacts): string[] {
  const strength = (key: string): string => {
    const box: BoxStock | undefined = shop.stock.boxes.find((one) => one.key === key);
    return box?.style === 'slotted'
      ? `, ${box.board.wall} wall, edge crush ${formatEdgeCrush(box.board.edgeCrushLbPerIn, write.system)}`
      : '';
  };
  const { gaps } = plan;
  const least = Math.min(gaps.front, gaps.back, gaps.left, gaps.right, gaps.bottom, gaps.top);
  const guarded = planBundles(plan).flatMap(({ piece }) => piece.hardPoints.filter(({ guard }) => guard !== null));
  return [
    ...planBundles(plan).flatMap((bundle) => {
      const { piece, layers, boxed, bundleIn } = bundle;
      const stacked = stackedWords(bundle);
      return [
        ...(plan.others ? [`${piece.title}:`] : []),
        ...(stacked ? [`${capital(stacked)}.`] : []),
        ...layers.map(
          (layer) => `${capital(laidRound(layer))}${layer.stiff || layer.sleeve ? '' : `, ${write.length(layer.thicknessIn)} thick`}.`,
        ),
        `Wrapped it measures ${write.size(boxed?.withinIn ?? bundleIn)}.`,
        ...(boxed ? [`In a box of its own, ${boxed.name}${strength(boxed.key)}.`] : []),
      ];
    }),
    ...(guarded.length > 0 ? [`Guards on ${guarded.length} of its weak points.`] : []),
    ...(plan.shared
      ? [
          plan.shared.core
            ? `${sharedTitles(plan)} together in a rigid core from end to end, ${plan.shared.name}.`
            : `${sharedTitles(plan)} together in a box, ${plan.shared.name}${strength(plan.shared.key)}.`,
        ]
      : []),
    ...(plan.inner
      ? [
          plan.inner.core
            ? `In a rigid core from end to end, ${plan.inner.name}.`
            : `In an inner box, ${plan.inner.name}${strength(plan.inner.key)}.`,
        ]
      : []),
    `In ${plan.box.name}${strength(plan.box.key)}${plan.box.liner ? ', lined with board on every side' : ''}.`,
    ...(plan.fills.length > 0
      ? [
          `${plan.fills.map((fill) => `${write.volume(fill.boughtFt3, 2)} of ${fill.name.toLowerCase()}`).join(', ')}${least >= TOLD_FROM_IN ? `: ${write.length(least)} or more on every side` : ''}.`,
        ]
      : []),
  ];
}

/** Tests that stand as passed, each with when it was. */
function passedWords({ view, shop, claim }: ClaimOf): string[] {
  const when = writeMoment(shop);
  return claim.due.flatMap((test) => {
    if (view.life.tests[test] !== 'passed') return [];
    const passed = view.events.findLast((event) => event.kind === 'testTried' && event.test === test && event.result === 'passed');
    const { name, passes } = BENCH_TEST_RULES[test];
    return [`${name}: ${passes}${passed ? ` Passed ${when(passed.at)}.` : ''}`];
  });
}
