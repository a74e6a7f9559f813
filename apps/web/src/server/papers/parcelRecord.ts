import { formatChance, laidOf, planBundles, stackedWords } from '@inch-nest/core';
import { flow, line, rule, type Page, type Paper, type SheetSize } from './paper.ts';
import type { PaperFacts } from './PaperFacts.ts';
import { sharersWords } from '../../words/wrapWords.ts';

const MARGIN = 0.6;

/** A parcel on paper: what went in, how it was packed, what it came to, and everything that happened to it. */
export function recordPage(facts: PaperFacts): Page {
  const { plan } = facts;
  const head = (paper: Paper, [wide]: SheetSize, page: number): number => {
    line(paper, facts.title, { x: MARGIN, y: 0.5, width: wide - 2 * MARGIN }, 24, 'head');
    line(
      paper,
      `${facts.shopName} · parcel ${facts.code} · ${facts.tag} · ${facts.day}${page > 1 ? ` · ${page}` : ''}`,
      { x: MARGIN, y: 0.9, width: wide - 2 * MARGIN },
      12,
    );
    rule(paper, 1.25, MARGIN, wide - MARGIN);
    return 1.4;
  };
  const title = (text: string) => ({ text, size: 15, font: 'head' as const, after: 0.05 });
  const said = (text: string) => ({ text, size: 11.5, after: 0.03 });
  return flow(
    facts.sheets.full,
    [
      title('What went in'),
      said(facts.title + (facts.serial ? `, number ${facts.serial}` : '')),
      ...facts.accessories.map(said),
      said(`weighs ${facts.weight}, ${facts.size}`),
      ...(facts.label ? [said(`${facts.label.carrier}, ${facts.label.serviceName}, number ${facts.label.tracking}`)] : []),
      ...(plan
        ? [
            title('How it is packed'),
            ...planBundles(plan).flatMap((bundle) => [
              ...(plan.others ? [said(`${bundle.piece.title}:`)] : []),
              ...[stackedWords(bundle) ?? []].flat().map((words) => said(words)),
              ...bundle.layers.map((layer) => said(laidOf(layer))),
              ...(bundle.boxed ? [said(`in a box of its own, ${bundle.boxed.name}`)] : []),
            ]),
            ...(plan.shared ? [said(`${sharersWords(plan)} together in ${plan.shared.name}`)] : []),
            ...(plan.inner ? [said(`in ${plan.inner.name}`)] : []),
            said(`in ${plan.box.name}`),
            ...plan.fills.map((fill) => said(`${facts.write.volume(fill.boughtFt3, 2)} of ${fill.name.toLowerCase()}`)),
            said(`chance that it breaks: ${formatChance(plan.chance)}`),
          ]
        : []),
      title('What it came to'),
      ...facts.money.map(([what, amount]) => said(`${what}: ${amount}`)),
      title('What happened'),
      ...facts.life.map(said),
    ],
    head,
  );
}
