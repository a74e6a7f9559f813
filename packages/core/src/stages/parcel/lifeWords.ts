import type { LifeEvent } from './LifeEvent.ts';

interface Writers {
  readonly money: (minor: number) => string;
  readonly weight: (lb: number) => string;
}

/** What happened, in a packer's words. */
export function lifeWords(event: LifeEvent, { money, weight }: Writers): string {
  switch (event.kind) {
    case 'opened':
      return 'sold';
    case 'planned':
      return 'a nest was kept';
    case 'overruled':
      return 'another nest than the recommended one was taken';
    case 'packingStarted':
      return 'packing began';
    case 'testTried':
      return `${event.test} test ${event.result}`;
    case 'testSkipped':
      return `${event.test} test skipped: ${event.reason}`;
    case 'remedied':
      return `put right after the ${event.test} test: ${event.remedy}`;
    case 'contentChanged':
      return `content changed: ${event.what}`;
    case 'stepDone':
      return `done: ${event.step.replaceAll('-', ' ')}${event.used.length > 0 ? `, with ${event.used.map((one) => `${one.amount} for ${one.planned}`).join(', ')}` : ''}`;
    case 'contentsTicked':
      return `${event.items.length} ticked off`;
    case 'bundleMeasured':
      return `bundle measured, ${event.sizeIn.map((side) => Number(side.toFixed(2))).join(' × ')} in${event.weightLb === null ? '' : `, ${weight(event.weightLb)}`}`;
    case 'brokenAtBench':
      return `broke at the bench: ${event.note}, ${money(event.costMinor)} lost`;
    case 'sealed':
      return 'sealed';
    case 'sealOpened':
      return `opened again: ${event.reason}`;
    case 'weighed':
      return event.readingsLb.length > 0 ? `weighed, ${weight(Math.max(...event.readingsLb))}` : 'the weighing was taken back';
    case 'rated':
      return `rated: ${event.rate.serviceName}, ${money(event.rate.priceMinor)}`;
    case 'labelBought':
      return `label bought: ${event.rate.serviceName}, ${money(event.rate.priceMinor)}`;
    case 'labelVoided':
      return 'label given back';
    case 'tagMatched':
      return 'tag matched to label';
    case 'printed':
      return `printed: ${event.papers.join(', ')}`;
    case 'addressShown':
      return 'the buyer’s address was shown';
    case 'handedOver':
      return 'handed over';
    case 'delivered':
      return 'arrived whole';
    case 'damaged':
      return 'arrived broken';
    case 'lost':
      return 'lost';
    case 'returned':
      return 'came back';
    case 'closed':
      return 'closed';
    case 'takenBack':
      return 'something was taken back';
  }
}
