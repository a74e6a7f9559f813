import { capital, lower, STANDING_RULES, type Excess, type PlanDocument, type PlanFault } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** A fault as it is said; what is long stands folded under it. */
export interface FaultWords {
  title: string;
  says: string;
  more?: { title: string; lines: readonly string[] };
}

/** What is wrong with a plan as it is said: the fault, its figures, and of which piece where there are several. */
export function faultWords(fault: PlanFault, plan: PlanDocument, write: Writers): FaultWords {
  const words = wordsFor(fault, plan, write);
  return fault.of ? { ...words, title: `${fault.of}: ${lower(words.title)}` } : words;
}

/** What falls short of something, so that the two never read alike. */
const short = (isIn: number, wantedIn: number, write: Writers): string =>
  write.length(isIn) === write.length(wantedIn) ? `a hair under ${write.length(wantedIn)}` : write.length(isIn);

/** The box that something does not go into. */
const tightBox = (box: Extract<PlanFault, { kind: 'tooSmall' }>['box'], { inner, shared, box: outer }: PlanDocument): string =>
  ({
    box: outer.name,
    inner: `the ${inner?.core ? 'core' : 'inner box'}, ${inner?.name ?? ''}`,
    own: 'its own box',
    sleeve: 'its envelope',
    shared: `${shared?.of.length === 1 ? 'its' : 'the'} ${shared?.core ? 'core' : 'box'}${shared?.of.length === 1 ? '' : ' they share'}, ${shared?.name ?? ''}`,
  })[box];

/** A new fault has its words here, or does not compile. */
function wordsFor(fault: PlanFault, plan: PlanDocument, write: Writers): FaultWords {
  switch (fault.kind) {
    case 'tooSmall':
      return {
        title: `${fault.box === 'shared' && plan.shared!.of.length > 1 ? 'They do' : 'It does'} not go into ${tightBox(fault.box, plan)}.`,
        says: `The ${fault.box === 'box' && plan.inner ? (plan.inner.core ? 'core' : 'inner box') : 'bundle'} is ${write.length(fault.shortIn)} too ${fault.side}: ${fault.box === 'sleeve' ? 'a larger envelope or a turn less' : `a larger ${fault.box === 'inner' && plan.inner?.core ? 'tube' : 'box'}, a turn less, or another way up`}.`,
      };
    case 'noService':
      return {
        title: `${fault.serviceName} does not take it.`,
        says: `${capital(fault.why)}. Take another service, or agree a price by hand.`,
      };
    case 'byHand':
      return {
        title: 'No service in reach takes it: the price is agreed by hand.',
        says: fault.nearest ? nearestWords(fault.nearest, write) : 'None of them goes there.',
        more: {
          title: 'What each service lacks',
          lines: fault.refusals.map(({ carrier, serviceName, refused }) => `${carrier}, ${serviceName}: ${refused}`),
        },
      };
    case 'feel':
      return {
        title: `${capital(fault.where)} would still be felt.`,
        says: `Cover ${short(fault.coverIn, fault.wantedIn, write)}, wanted ${write.length(fault.wantedIn)}.`,
      };
    case 'gap':
      return {
        title: `Less bedding than wished ${GAP_WORDS[fault.face]}.`,
        says: `${capital(short(fault.gapIn, fault.wantedIn, write))}, the house wishes ${write.length(fault.wantedIn)}.`,
      };
    case 'hollowGap':
      return {
        title: `It would rattle: nothing goes into the gap ${GAP_WORDS[fault.face]}.`,
        says: `${capital(short(fault.gapIn, fault.wantedIn, write))}; ${fault.fillName.toLowerCase()} wants ${write.length(fault.wantedIn)}. Another fill, or another box.`,
      };
    case 'certificate':
      return {
        title: 'The box is not certified for this.',
        says: `${write.weight(plan.weight.grossLb)} is more than its board may carry.`,
      };
    case 'bareTogether':
      return {
        title: 'Bare pieces in one wrap.',
        says: `${fault.together} would lie against each other with nothing between: a sheet between each two, or wrap each by itself (Look over).`,
      };
    case 'softFirstLayer':
      return { title: 'The finish rubs off.', says: 'It wants tissue or foam next to it, nothing else.' };
    case 'dampBarrier':
      return { title: 'It suffers from damp.', says: 'It wants a bag or film.' };
    case 'largeFirst':
      return {
        title: `Large bubble does not follow the ${fault.part}.`,
        says: 'Small bubble goes on first, or the part has its guard.',
      };
    case 'thin':
      return { title: 'Thinly wrapped.', says: `The bundle is only ${write.length(fault.growsIn)} larger than the piece.` };
    case 'misplaced':
      return STANDING_RULES[fault.rule].lies === null
        ? { title: 'It does not stand where it is wanted.', says: `Wanted ${STANDING_RULES[fault.rule].name}: stand them otherwise.` }
        : {
            title: 'It does not lie as it is wanted.',
            says: `Wanted ${STANDING_RULES[fault.rule].name}: turn it, unless it must keep its way up.`,
          };
    case 'notWithin':
      return {
        title: `It stands beside ${lower(fault.other)}, not in it.`,
        says: NOT_WITHIN[fault.why](write.length(fault.byIn)),
      };
    case 'notBeside':
      return { title: `It does not stand next to ${lower(fault.other)}.`, says: 'Wanted there: stand them otherwise.' };
    case 'apart':
      return {
        title: `${capital(fault.one)} beside ${lower(fault.other)}.`,
        says:
          fault.apartIn > 0
            ? `${write.length(fault.apartIn)} is between them; the house wishes ${write.length(fault.wantedIn)}.`
            : `Only their wraps are between them; the house wishes ${write.length(fault.wantedIn)}: fold bubble between.`,
      };
    case 'heavyInner':
      return {
        title: `The ${plan.inner ? (plan.inner.core ? 'core' : 'inner box') : 'box round it'} is heavy for the piece.`,
        says: 'It pushes as it lands; the chance counts that.',
      };
    case 'shallow':
      return {
        title: 'A shallow box.',
        says: 'Its crush strength is outside of what the formula was fitted for: take it as a guess.',
      };
    case 'noneLeft':
      return { title: 'None left of that box.', says: 'Fetch one or take another.' };
  }
}

/** Why a piece does not go into another; a new cause says here what it is, or does not compile. */
const NOT_WITHIN: Readonly<Record<Extract<PlanFault, { kind: 'notWithin' }>['why'], (byText: string) => string>> = {
  several: () => 'There are several alike of one of them: one goes into one.',
  boxed: () => 'One of them has a box of its own.',
  wide: (by) => `It is ${by} wider.`,
  high: (by) => `It is ${by} higher than that and what it stands out by.`,
  taken: () => 'Another stands in that already; let this one go into the other.',
  round: () => 'That one goes into this one.',
  parted: () => 'Only one of them is in the box, or the wrap, that some have together.',
};

/** What would bring the nearest service back. */
function nearestWords({ carrier, serviceName, lb, longIn, aroundIn, bulky }: Excess, write: Writers): string {
  const less = [
    ...(lb > 0 ? [`${write.weight(lb)} lighter`] : []),
    ...(longIn > 0 ? [`${write.length(longIn)} shorter`] : []),
    ...(bulky ? ['in a smaller box'] : []),
    ...(aroundIn > 0 ? [`${write.length(aroundIn)} less in length and girth`] : []),
  ];
  return `Nearest: ${serviceName} of ${carrier} would take it, were it ${less.join(' and ')}.`;
}

const GAP_WORDS = {
  bottom: 'below',
  top: 'on top',
  front: 'at the sides',
  back: 'at the sides',
  left: 'at the ends',
  right: 'at the ends',
} as const;
