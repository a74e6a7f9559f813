import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { expose, type Endpoint } from 'comlink';
import nodeEndpoint from 'comlink/dist/umd/node-adapter';
import { request } from '../../../../packages/core/tests/sampleRequest.ts';
import { createPlannerClient } from './plannerClient.ts';

jest.mock('./workerAddress.ts', () => ({ startWorker: () => new (globalThis as unknown as { Worker: new () => unknown }).Worker() }));

type Behaviour = 'answers' | 'breaks';
let started: FakeWorker[] = [];
let behaviours: Behaviour[] = [];

/** A worker on a message channel: it answers, or breaks when first asked. */
class FakeWorker {
  onerror: ((event: { message: string }) => void) | null = null;
  terminated = false;
  private readonly ports = new MessageChannel();
  private readonly endpoint = nodeEndpoint(this.ports.port1);
  private readonly behaviour = behaviours.shift() ?? 'answers';

  constructor() {
    started.push(this);
    if (this.behaviour === 'answers') {
      const said = (reason: string) => ({ kind: 'noPlan' as const, reasons: [reason], wouldHelp: [] });
      const answer = async (_: unknown, early?: (soFar: unknown) => Promise<void>) => {
        await early?.(said('so far'));
        return said('from the worker');
      };
      expose({ search: answer }, nodeEndpoint(this.ports.port2));
    }
  }

  postMessage(...message: Parameters<Endpoint['postMessage']>): void {
    if (this.behaviour === 'breaks') setTimeout(() => this.onerror?.({ message: 'out of memory' }), 1);
    else this.endpoint.postMessage(...message);
  }

  addEventListener: Endpoint['addEventListener'] = (...rest) => this.endpoint.addEventListener(...rest);
  removeEventListener: Endpoint['removeEventListener'] = (...rest) => this.endpoint.removeEventListener(...rest);

  terminate(): void {
    this.terminated = true;
    this.close();
  }

  close(): void {
    for (const port of [this.ports.port1, this.ports.port2] as MessagePort[]) port.close();
  }
}

beforeEach(() => {
  started = [];
  (globalThis as unknown as { Worker: unknown }).Worker = FakeWorker;
});
afterEach(() => started.forEach((worker) => worker.close()));

const fromServer = { kind: 'noPlan' as const, reasons: ['from the server'], wouldHelp: [] };
const search = (...planned: Behaviour[]) => {
  behaviours = planned;
  return createPlannerClient(() => Promise.resolve(fromServer)).search(request());
};

test('hears the best so far before the last word', async () => {
  behaviours = ['answers'];
  const heard: unknown[] = [];
  const client = createPlannerClient(() => Promise.resolve(fromServer));
  const last = await client.search(request(), (soFar) => heard.push(soFar));
  expect(heard).toMatchObject([{ reasons: ['so far'] }]);
  expect(last).toMatchObject({ reasons: ['from the worker'] });
});

test('asks its worker, and starts one only', async () => {
  behaviours = ['answers'];
  const client = createPlannerClient(() => Promise.resolve(fromServer));
  expect(await client.search(request())).toMatchObject({ reasons: ['from the worker'] });
  await client.search(request());
  expect(started).toHaveLength(1);
});

test('a worker that breaks is restarted once and asked again', async () => {
  expect(await search('breaks', 'answers')).toMatchObject({ reasons: ['from the worker'] });
  expect(started.map((worker) => worker.terminated)).toEqual([true, false]);
});

test('one that breaks twice leaves the search to the server', async () => {
  expect(await search('breaks', 'breaks')).toEqual(fromServer);
  expect(started).toHaveLength(2);
});

test('what the server cannot do fails aloud', async () => {
  behaviours = ['breaks', 'breaks'];
  const client = createPlannerClient(() => Promise.resolve(fromServer));
  await expect(client.evaluate(request(), {} as never)).rejects.toThrow(/out of memory/);
});

test('no answer moves a page before it may: neither the best so far nor the last word', async () => {
  behaviours = ['answers'];
  let mayMove: () => void = () => undefined;
  const calm = new Promise<void>((resolve) => {
    mayMove = resolve;
  });
  const heard: unknown[] = [];
  const client = createPlannerClient(
    () => Promise.resolve(fromServer),
    () => calm,
  );
  const last = client.search(request(), (soFar) => heard.push(soFar)).then((answer) => heard.push(answer));
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(heard).toEqual([]);
  mayMove();
  await last;
  expect(heard).toMatchObject([{ reasons: ['so far'] }, { reasons: ['from the worker'] }]);
});
