import { randomUUID } from 'node:crypto';
import { BENCH_TESTS, planParcel, writePlanDocument, type Happening } from '@inch-nest/core';
import { planRequestFor } from '@inch-nest/contracts';
import { finish } from '../../../core/tests/sampleRequest.ts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, NOW, ODILE, smallShop, TAM } from '../../tests/smallShop.ts';
import {
  appendEvent,
  Conflicting,
  createParcel,
  fieldsFromLine,
  listShelf,
  lockParcel,
  migrate,
  NewerSchema,
  readParcel,
  Refused,
  saveField,
  saveNest,
  takeBack,
} from '../index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Awaited<ReturnType<typeof smallShop>>;
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
}, 60_000);
afterAll(() => fresh.drop());

const field = (
  path: string,
  text: string,
  basedOn: number,
  more: { personId?: string; draft?: boolean; entity?: 'sale' | 'piece'; changeId?: string } = {},
) => ({ personId: ODILE, changeId: randomUUID(), entity: 'piece' as const, draft: false, path, text, basedOn, ...more });
const save = (id: string, command: ReturnType<typeof field>) => saveField(fresh.database, shop, id, command, NOW);
const read = (id: string, personId = ODILE) => readParcel(fresh.database, id, personId);
const report = (id: string, happening: Happening, eventId = randomUUID()) =>
  fresh.database.sequelize.transaction(async (transaction) => {
    await lockParcel(fresh.database, id, transaction);
    await appendEvent(
      fresh.database,
      { id: eventId, shopId: shop.id, parcelId: id, personId: ODILE, happening, now: NOW, undoOf: null },
      transaction,
    );
  });
const recommended = async (id: string) => {
  const chosen = finish(planParcel(planRequestFor(await read(id), shop)));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return writePlanDocument(chosen.recommended, shop.house);
};
const choose = async (id: string, basedOn: number, more: { personId?: string; turns?: number } = {}) => {
  const { choice } = await recommended(id);
  const wanted = more.turns ? { ...choice, layers: [{ material: 'largeBubble', turns: more.turns }] } : choice;
  await saveNest(
    fresh.database,
    shop,
    id,
    { personId: more.personId ?? ODILE, changeId: randomUUID(), choice: wanted, locks: {}, basedOn },
    null,
    NOW,
  );
};

describe('a typed field', () => {
  test('is kept as typed and as understood, with a revision of its own', async () => {
    const id = await bowl(fresh.database, shop);
    await save(id, field('weight', '2 lb 3 oz', 0));
    const { piece } = await read(id);
    expect(piece.weight).toEqual({ text: '2 lb 3 oz', value: 2.1875, revision: 1, draft: null, by: 'Odile' });
    expect((await fresh.database.models.piece.findOne({ where: { title: 'bowl', weightLb: 2.1875 } }))?.weightLb).toBe(2.1875);
  });

  test('that does not parse is refused, or kept as a draft beside the last value', async () => {
    const id = await bowl(fresh.database, shop);
    await expect(save(id, field('weight', '2 lb 3 o', 0))).rejects.toThrow(Refused);
    await save(id, field('weight', '2 lb 3 o', 0, { draft: true }));
    expect((await read(id)).piece.weight).toMatchObject({ text: '2 lb', value: 2, draft: '2 lb 3 o', revision: 0 });
  });

  test('the same change twice counts once', async () => {
    const id = await bowl(fresh.database, shop);
    const command = field('weight', '5 lb', 0);
    await save(id, command);
    await save(id, command);
    expect((await read(id)).piece.weight.revision).toBe(1);
  });

  test('two people on one field: the second is told, nothing is overwritten', async () => {
    const id = await bowl(fresh.database, shop);
    await save(id, field('weight', '5 lb', 0));
    const late = save(id, field('weight', '4', 0, { personId: TAM }));
    await expect(late).rejects.toThrow(Conflicting);
    await expect(late).rejects.toMatchObject({ conflict: { theirs: { text: '5 lb', by: 'Odile', revision: 1 }, yours: '4' } });
    expect((await read(id)).piece.weight.value).toBe(5);
    await save(id, field('title', 'small bowl', 0, { personId: TAM })); // another field is no conflict
    await save(id, field('weight', '4', 1, { personId: TAM })); // metric: kilograms
    expect((await read(id)).piece.weight).toMatchObject({ value: expect.closeTo(4 / 0.45359237, 5) as number, by: 'Tam', revision: 2 });
  });

  test('twenty at once on one field: one wins, the others are told', async () => {
    const id = await bowl(fresh.database, shop);
    const answers = await Promise.allSettled(Array.from({ length: 20 }, (_, i) => save(id, field('weight', `${i + 3} lb`, 0))));
    expect(answers.filter((answer) => answer.status === 'fulfilled')).toHaveLength(1);
    expect(answers.every((answer) => answer.status === 'fulfilled' || answer.reason instanceof Conflicting)).toBe(true);
    expect((await read(id)).piece.weight.revision).toBe(1);
  });

  test('a stranger, an unknown field and an unknown parcel are refused', async () => {
    const id = await bowl(fresh.database, shop);
    await expect(save(id, field('weight', '3 lb', 0, { personId: randomUUID() }))).rejects.toThrow(/nobody/);
    await expect(save(id, field('colour', 'blue', 0))).rejects.toThrow(/no field/);
    await expect(save(randomUUID(), field('weight', '3 lb', 0))).rejects.toThrow(/no such parcel/);
  });
});

describe('taking back', () => {
  const back = (id: string, direction: 'undo' | 'redo', personId = ODILE) =>
    takeBack(fresh.database, shop, id, { personId, direction }, NOW);

  test('goes step by step, and forward again, until something new is done', async () => {
    const id = await bowl(fresh.database, shop);
    await save(id, field('weight', '3 lb', 0));
    await save(id, field('weight', '4 lb', 1));
    await back(id, 'undo');
    expect((await read(id)).piece.weight.value).toBe(3);
    await back(id, 'undo');
    expect(await read(id)).toMatchObject({ piece: { weight: { value: 2, text: '2 lb' } }, undo: 0, redo: 2 });
    await back(id, 'redo');
    expect(await read(id)).toMatchObject({ piece: { weight: { value: 3 } }, undo: 1, redo: 1 });
    await save(id, field('title', 'other', 0));
    expect((await read(id)).redo).toBe(0);
    await expect(back(id, 'redo')).rejects.toThrow(/nothing/);
  });

  test('takes back one’s own only, and not what another has changed since', async () => {
    const id = await bowl(fresh.database, shop);
    await save(id, field('weight', '3 lb', 0));
    await expect(back(id, 'undo', TAM)).rejects.toThrow(/nothing of yours/);
    await save(id, field('weight', '2 kg', 1, { personId: TAM }));
    await expect(back(id, 'undo')).rejects.toThrow(/Tam has changed it/);
  });

  test('a nest too, and never across a seal', async () => {
    const id = await bowl(fresh.database, shop);
    await choose(id, 0);
    await choose(id, 1, { turns: 3 });
    await back(id, 'undo');
    expect((await read(id)).nest.choice?.layers).not.toEqual([{ material: 'largeBubble', turns: 3 }]);
    for (const test of BENCH_TESTS) await report(id, { kind: 'testTried', test, result: 'passed' });
    await report(id, { kind: 'sealed' });
    expect((await read(id)).undo).toBe(0);
    await expect(back(id, 'undo')).rejects.toThrow(Refused);
  });
});

describe('a nest', () => {
  test('is derived again here, kept as an immutable plan, and lights the shelf', async () => {
    const id = await bowl(fresh.database, shop);
    await choose(id, 0);
    const { nest, life } = await read(id);
    expect(nest).toMatchObject({ revision: 1, plan: { number: 1 } });
    expect(life).toMatchObject({ state: 'planned', planId: nest.plan!.id });
    expect((await listShelf(fresh.database, shop.id)).find((tag) => tag.id === id)).toMatchObject({
      state: 'planned',
      trouble: null,
      minutes: expect.any(Number) as number,
    });
    await expect(fresh.database.models.plan.update({ number: 9 }, { where: { id: nest.plan!.id } })).rejects.toThrow(/append-only/);
  });

  test('with forged figures is refused, and so is one that cannot be', async () => {
    const id = await bowl(fresh.database, shop);
    const document = await recommended(id);
    const keep = (choice: typeof document.choice, seen: typeof document | null) =>
      saveNest(fresh.database, shop, id, { personId: ODILE, changeId: randomUUID(), choice, locks: {}, basedOn: 0 }, seen, NOW);
    await expect(keep(document.choice, { ...document, chance: document.chance / 10 })).rejects.toThrow(/chance/);
    await expect(keep({ ...document.choice, box: 'none' }, null)).rejects.toThrow(/stockroom/);
    expect((await read(id)).nest.choice).toBeNull();
    await keep(document.choice, document);
    expect((await read(id)).nest.choice).toEqual(document.choice);
  });

  test('chosen by two at once is never overwritten silently', async () => {
    const id = await bowl(fresh.database, shop);
    await choose(id, 0);
    await expect(choose(id, 0, { personId: TAM, turns: 4 })).rejects.toMatchObject({
      conflict: { entity: 'nest', theirs: { by: 'Odile', revision: 1 } },
    });
  });
});

describe('events', () => {
  test('append once, in order, never change', async () => {
    const id = await bowl(fresh.database, shop);
    const eventId = randomUUID();
    await report(id, { kind: 'weighed', readingsLb: [3.5, 3.4], outsideIn: [12, 12, 12] }, eventId);
    await report(id, { kind: 'weighed', readingsLb: [3.5, 3.4], outsideIn: [12, 12, 12] }, eventId);
    const { events, life } = await read(id);
    expect(events.map((event) => [event.seq, event.kind])).toEqual([
      [1, 'opened'],
      [2, 'weighed'],
    ]);
    expect(life.weighing).toMatchObject({ weightLb: 3.5, outsideIn: [12, 12, 12] });
    expect((await fresh.database.models.weighing.findByPk(eventId))?.weightLb).toBe(3.5);
    await expect(fresh.database.models.event.update({ kind: 'sealed' }, { where: { id: eventId } })).rejects.toThrow(/append-only/);
  });

  test('the gates are shut on the server too', async () => {
    const id = await bowl(fresh.database, shop);
    await expect(report(id, { kind: 'sealed' })).rejects.toThrow(/feel test is not done/);
    await expect(report(id, { kind: 'handedOver' })).rejects.toThrow(/no label/);
  });

  test('forty at once get forty places', async () => {
    const id = await bowl(fresh.database, shop);
    await Promise.all(Array.from({ length: 40 }, () => report(id, { kind: 'weighed', readingsLb: [3], outsideIn: null })));
    expect((await read(id)).events.map((event) => event.seq)).toEqual(Array.from({ length: 41 }, (_, i) => i + 1));
  });
});

describe('a line', () => {
  test('becomes a parcel with its piece and sale, once', async () => {
    const parts = fieldsFromLine(
      'stoneware tea urn, 9 x 8 x 14 in, 6 lb 3 oz, sold 84, to 40217, by Friday, bin a2, for PB',
      shop,
      'imperial',
    );
    const id = randomUUID();
    await createParcel(fresh.database, shop, { id, personId: ODILE, ...parts }, NOW);
    await createParcel(fresh.database, shop, { id, personId: ODILE, ...parts }, NOW);
    const { sale, piece, code } = await read(id);
    expect(code).toMatch(/^[2-9A-Z]{4}$/);
    expect([sale.soldMinor.value, sale.destinationPostcode.value, sale.shipBy.value, sale.buyer.value]).toEqual([
      8400,
      '40217',
      '2026-11-27',
      'PB',
    ]);
    expect([piece.size.text, piece.size.value, piece.weight.value, piece.bin.value, piece.archetype.value]).toEqual([
      '9 x 8 x 14 in',
      [9, 8, 14],
      6.1875,
      'A2',
      'handledWare',
    ]);
    expect(piece.hardPoints.value).toHaveLength(2);
    expect(await fresh.database.models.parcel.count({ where: { id } })).toBe(1);
  });

  test.each(['9 x 8 x 14 in', 'urn, 9 x', 'urn, sold a lot', 'x'.repeat(501)])('refused whole: %.30s', (line) =>
    expect(() => fieldsFromLine(line, shop, 'imperial')).toThrow(Refused),
  );
});

test('migrating twice changes nothing; a newer database is refused by name', async () => {
  const other = await freshDatabase();
  expect(await migrate(other.database)).toEqual([]);
  await other.database.sequelize.query("insert into migration (name) values ('999-later')");
  await expect(migrate(other.database)).rejects.toThrow(NewerSchema);
  await expect(migrate(other.database)).rejects.toThrow(/999-later/);
  await other.drop();
}, 30_000);
