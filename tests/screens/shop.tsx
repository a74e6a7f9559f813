import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, render, type RenderResult } from '@testing-library/react';
import type { ReactNode } from 'react';
import { BEDDED_HOUSE } from '@inch-nest/core';
import type { KeepAnswer, KeptChange, Me, ShopView } from '@inch-nest/contracts';
import { CARD, STOCK } from '../../packages/core/tests/sampleRequest.ts';
import { KeepersProvider } from '../../apps/web/src/session/keeping/useKept.tsx';
import { SaveStateProvider } from '../../apps/web/src/session/SaveState.tsx';
import { ShopProvider } from '../../apps/web/src/session/ShopContext.tsx';

/** A shop as a page is given it: Odile reads inches, Tam centimetres. */
export const SHOP: ShopView = {
  id: 'shop',
  name: 'Lantern Row Salvage',
  zone: 'Europe/London',
  currency: 'USD',
  originPostcode: '10115',
  paper: 'letter',
  lastCutOff: '16:00',
  revision: 7,
  today: '2026-11-23',
  time: '10:00',
  todayIsOver: false,
  people: [
    { id: 'odile', name: 'Odile Marsh', system: 'imperial', role: 'owner', gone: false, seesMoney: false, sends: false },
    { id: 'tam', name: 'Tam Verrick', system: 'metric', role: 'planner', gone: false, seesMoney: false, sends: false },
  ],
  house: BEDDED_HOUSE,
  stock: STOCK,
  cards: [CARD],
};

/** What a page asks of the server, answered by a test. */
export type Answer = (method: string, path: string, body: unknown) => unknown;

/** Everything a screen stands in, for one of the shop's people; what is asked of the server is answered as told. */
export async function draw(
  screen: ReactNode,
  { person = 'odile', answer, me = {}, shop = SHOP }: { person?: string; answer?: Answer; me?: Partial<Me>; shop?: ShopView } = {},
): Promise<RenderResult> {
  globalThis.fetch = ((path: string, init: RequestInit = {}) => {
    const body = typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : null;
    const given = answer?.(init.method ?? 'GET', path, body) ?? (path === '/api/shop' ? shop : []);
    return Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve(given) } as Response);
  }) as typeof fetch;
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, refetchInterval: false } } });
  let drawn!: RenderResult;
  // oxlint-disable-next-line typescript/require-await -- what is drawn settles within
  await act(async () => {
    drawn = render(
      <QueryClientProvider client={client}>
        <SaveStateProvider>
          <KeepersProvider>
            <ShopProvider
              shop={shop}
              me={{ personId: person, byItself: true, device: null, hasPin: false, ...me }}
              initialKeysOn
              initialTheme="day"
            >
              {() => screen}
            </ShopProvider>
          </KeepersProvider>
        </SaveStateProvider>
      </QueryClientProvider>,
    );
  });
  return drawn;
}

/**
 * Keeps whatever is sent, and remembers it.
 *
 * @param whole the shop as it is answered afterwards
 */
export function keeping(whole = SHOP): { sent: KeptChange[]; answer: Answer } {
  const sent: KeptChange[] = [];
  return {
    sent,
    answer: (_, path, body) => {
      if (!path.endsWith('/kept')) return undefined;
      const { changes } = body as { changes: KeptChange[] };
      sent.push(...changes);
      return {
        verdicts: changes.map((change) => ({ path: change.path, kind: 'kept', revision: 8 })),
        whole,
      } satisfies KeepAnswer<ShopView>;
    },
  };
}
