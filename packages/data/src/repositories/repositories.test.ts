import { randomUUID } from 'node:crypto';
import { ARCHETYPES, BENCH_TESTS, planParcel, writePlanDocument, type Happening } from '@inch-nest/core';
import { planRequestFor } from '@inch-nest/contracts';
import { finish } from '../../../core/tests/sampleRequest.ts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, keepOne, NOW, ODILE, smallShop, TAM, wholeNest } from '../../tests/smallShop.ts';
import {
  appendEvent,
  createParcel,
  inShop,
  fieldsFromLine,
  listShelf,
  lockParcel,
  migrate,
  NewerSchema,
  readParcel,
  Refused,
  takeBack,
  type ShopDatabase,
} from '../index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Awaited<ReturnType<typeof smallShop>>;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
});
afterAll(() => fresh.drop());

const field = (name: string, text: string, basedOn: number, more: { personId?: string; entity?: 'sale' | 'piece'; id?: string } = {}) => ({
  name,
  value: text,
  basedOn,
  ...more,
});
const save = async (parcelId: string, { name, entity = 'piece', ...change }: ReturnType<typeof field>) => {
  const path = entity === 'sale' ? `sale/${name}` : `piece/${(await read(parcelId)).pieceId}/${name}`;
  return keepOne(room, shop, parcelId, { path, ...change });
};
const read = (id: string, personId = ODILE) => readParcel(room, id, personId);
const report = (id: string, happening: Happening, eventId = randomUUID()) =>
  fresh.database.sequelize.transaction(async (transaction) => {
    await lockParcel(room, id, transaction);
    await appendEvent(room, { id: eventId, parcelId: id, personId: ODILE, happening, now: NOW, undoOf: null }, transaction);
  });
const recommended = async (id: string) => {
  const chosen = finish(planParcel(planRequestFor(await read(id), shop)));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return writePlanDocument(chosen.recommended, shop.house);
};
const choose = async (id: string, basedOn: number, more: { personId?: string; turns?: number } = {}) => {
  const { turns, ...by } = more;
  const value = turns
    ? { set: { layers: [{ material: 'largeBubble', turns }] }, drop: [], pin: {}, unpin: [] }
    : wholeNest((await recommended(id)).choice);
  return keepOne(room, shop, id, { path: 'nest', value, basedOn, ...by });
};

describe('a typed field', () => {
  test('is kept as typed and as understood, with a revision of its own', async () => {
    const id = await bowl(room, shop);
    await save(id, field('weight', '2 lb 3 oz', 0));
    const { piece } = await read(id);
    expect(piece.weight).toEqual({ text: '2 lb 3 oz', value: 2.1875, revision: 1, draft: null, by: 'Odile', byId: ODILE });
    expect((await fresh.database.models.piece.findOne({ where: { title: 'bowl', weightLb: 2.1875 } }))?.weightLb).toBe(2.1875);
  });

  test('that does not parse is kept as a draft beside the last value', async () => {
    const id = await bowl(room, shop);
    expect(await save(id, field('weight', '2 lb 3 o', 0))).toMatchObject({ kind: 'kept', revision: 0 });
    expect((await read(id)).piece.weight).toMatchObject({ text: '2 lb', value: 2, draft: '2 lb 3 o', revision: 0 });
  });

  test('the same change twice counts once', async () => {
    const id = await bowl(room, shop);
    const command = field('weight', '5 lb', 0, { id: randomUUID() });
    await save(id, command);
    await save(id, command);
    expect((await read(id)).piece.weight.revision).toBe(1);
  });

  test('two people on one field: the second is told, nothing is overwritten', async () => {
    const id = await bowl(room, shop);
    await save(id, field('weight', '5 lb', 0));
    const late = await save(id, field('weight', '4', 0, { personId: TAM }));
    expect(late).toMatchObject({ kind: 'clash', theirs: { text: '5 lb', by: 'Odile', revision: 1 } });
    expect((await read(id)).piece.weight.value).toBe(5);
    await save(id, field('title', 'small bowl', 0, { personId: TAM })); // another field is no conflict
    await save(id, field('weight', '4', 1, { personId: TAM })); // metric: kilograms
    expect((await read(id)).piece.weight).toMatchObject({ value: expect.closeTo(4 / 0.45359237, 5) as number, by: 'Tam', revision: 2 });
  });

  test('twenty at once on one field: nobody clashes with herself, and of two people one is told', async () => {
    const id = await bowl(room, shop);
    const mine = await Promise.all(Array.from({ length: 20 }, (_, i) => save(id, field('weight', `${i + 3} lb`, 0))));
    expect(mine.map((verdict) => verdict.kind)).toEqual(Array.from({ length: 20 }, () => 'kept'));
    expect((await read(id)).piece.weight.revision).toBe(20);
    // none of the twenty, whichever of them came last
    const both = await Promise.all(
      [ODILE, TAM].map((personId) => save(id, field('weight', personId === TAM ? '4 kg' : '40 lb', 20, { personId }))),
    );
    expect(both.map((verdict) => verdict.kind).sort()).toEqual(['clash', 'kept']);
  });

  test('a stranger, an unknown field and an unknown parcel are refused', async () => {
    const id = await bowl(room, shop);
    await expect(save(id, field('weight', '3 lb', 0, { personId: randomUUID() }))).rejects.toThrow(/nobody/);
    expect(await save(id, field('colour', 'blue', 0))).toMatchObject({
      kind: 'refused',
      problem: expect.stringMatching(/no piece.*colour/) as string,
    });
    await expect(save(randomUUID(), field('weight', '3 lb', 0))).rejects.toThrow(/no such parcel/);
    const other = await bowl(room, shop);
    const path = `piece/${(await read(other)).pieceId}/weight`;
    expect(await keepOne(room, shop, id, { path, value: '3 lb', basedOn: 0 })).toMatchObject({ kind: 'refused' });
  });
});

describe('taking back', () => {
  const back = (id: string, direction: 'undo' | 'redo', personId = ODILE) => takeBack(room, shop, id, { personId, direction }, NOW);

  test('goes step by step, and forward again, until something new is done', async () => {
    const id = await bowl(room, shop);
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
    const id = await bowl(room, shop);
    await save(id, field('weight', '3 lb', 0));
    await expect(back(id, 'undo', TAM)).rejects.toThrow(/nothing of yours/);
    await save(id, field('weight', '2 kg', 1, { personId: TAM }));
    await expect(back(id, 'undo')).rejects.toThrow(/Tam has changed it/);
  });

  test('a nest too, and never across a seal', async () => {
    const id = await bowl(room, shop);
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
    const id = await bowl(room, shop);
    await choose(id, 0);
    const { nest, life } = await read(id);
    expect(nest).toMatchObject({ revision: 1, plan: { number: 1 } });
    expect(life).toMatchObject({ state: 'planned', planId: nest.plan!.id });
    expect((await listShelf(room)).find((tag) => tag.id === id)).toMatchObject({
      state: 'planned',
      ofSet: null,
      trouble: null,
      minutes: expect.any(Number) as number,
    });
    await expect(fresh.owner.models.plan.update({ number: 9 }, { where: { id: nest.plan!.id } })).rejects.toThrow(/append-only/);
  });

  test('that cannot be is kept as chosen, with what is wrong, and lights the shelf', async () => {
    const id = await bowl(room, shop);
    await choose(id, 0);
    const verdict = await keepOne(room, shop, id, {
      path: 'nest',
      value: { set: { box: 'none' }, drop: [], pin: {}, unpin: [] },
      basedOn: 1,
    });
    expect(verdict).toMatchObject({ kind: 'kept', revision: 2 });
    const { nest } = await read(id);
    expect(nest.choice).toMatchObject({ box: 'none' });
    expect(nest.plan).toBeNull();
    expect(nest.reasons.join()).toMatch(/stockroom/);
    expect((await listShelf(room)).find((tag) => tag.id === id)!.trouble).toBe('mendNest');
  });

  test('that is no nest is refused, and nothing of it is kept', async () => {
    const id = await bowl(room, shop);
    const refused = (value: unknown) => keepOne(room, shop, id, { path: 'nest', value, basedOn: 0 });
    expect(await refused({ set: { box: 'a' }, drop: [], pin: {}, unpin: [] })).toMatchObject({
      kind: 'refused',
      problem: 'choose a whole nest first',
    });
    expect(await refused({ set: { layers: 'many' }, drop: [], pin: {}, unpin: [] })).toMatchObject({ kind: 'refused' });
    expect(await refused('a box')).toMatchObject({ kind: 'refused' });
    expect((await read(id)).nest).toMatchObject({ choice: null, revision: 0 });
  });

  test('two people on two parts of it do not clash; on one, the later is told', async () => {
    const id = await bowl(room, shop);
    await choose(id, 0);
    expect(await choose(id, 1, { turns: 4 })).toMatchObject({ kind: 'kept' });
    const fill = { set: { fill: 'pillows' }, drop: [], pin: { fill: 'pillows' }, unpin: [] };
    expect(await keepOne(room, shop, id, { path: 'nest', value: fill, basedOn: 1, personId: TAM })).toMatchObject({ kind: 'kept' });
    expect((await read(id)).nest).toMatchObject({ choice: { layers: [{ turns: 4 }], fill: 'pillows' }, locks: { fill: 'pillows' } });
    expect(await choose(id, 1, { personId: TAM, turns: 2 })).toMatchObject({ kind: 'clash', theirs: { by: 'Odile', revision: 3 } });
    // what one of them takes back leaves the other's part alone
    await takeBack(room, shop, id, { personId: ODILE, direction: 'undo' }, NOW);
    const { choice } = (await read(id)).nest;
    expect(choice).toMatchObject({ fill: 'pillows' });
    expect(choice!.layers).not.toEqual([{ material: 'largeBubble', turns: 4 }]);
  });
});

describe('another kind', () => {
  const kind = (id: string, key: string, basedOn: number) => save(id, field('archetype', JSON.stringify(key), basedOn));

  test('brings its presets along, and one undo takes them back', async () => {
    const id = await bowl(room, shop);
    const before = (await read(id)).piece;
    await kind(id, 'thinFigure', 0);
    const figure = (await read(id)).piece;
    expect(figure.hardPoints.value.map((point) => point.kind)).toEqual(ARCHETYPES.thinFigure.hardPoints.map(([point]) => point));
    await kind(id, 'clockwork', 1);
    const clock = (await read(id)).piece;
    expect(clock.hardPoints.value.map((point) => point.kind)).toEqual(ARCHETYPES.clockwork.hardPoints.map(([point]) => point));
    expect(clock.dampSensitive.value).toBe(ARCHETYPES.clockwork.dampSensitive);
    expect(clock.keepUpright.value).toBe(ARCHETYPES.clockwork.keepUpright);
    for (let twice = 0; twice < 2; twice++) await takeBack(room, shop, id, { personId: ODILE, direction: 'undo' }, NOW);
    const back = (await read(id)).piece;
    expect([back.archetype.value, back.hardPoints.value, back.keepUpright.value]).toEqual([
      before.archetype.value,
      before.hardPoints.value,
      before.keepUpright.value,
    ]);
  });

  test('leaves what a person has set', async () => {
    const id = await bowl(room, shop);
    await kind(id, 'thinFigure', 0);
    const own = (await read(id)).piece.hardPoints;
    const pinned = { id: 'mine', kind: 'handle', face: 'back', across: 0.5, up: 0.5, reachIn: 1, guard: null, guardLengthIn: null };
    await save(id, field('hardPoints', JSON.stringify([...own.value, pinned]), own.revision));
    await save(id, field('dampSensitive', 'true', (await read(id)).piece.dampSensitive.revision));
    await kind(id, 'clockwork', 1);
    const { piece } = await read(id);
    expect(piece.hardPoints.value.map((point) => point.kind)).toEqual([
      'handle',
      ...ARCHETYPES.clockwork.hardPoints.map(([point]) => point),
    ]);
    expect(piece.dampSensitive.value).toBe(true);
  });
});

test('another name brings the parts it tells of where nobody touched them, and one undo takes it back', async () => {
  const id = await bowl(room, shop);
  await save(id, field('archetype', JSON.stringify('handledWare'), 0));
  const kinds = async () => (await read(id)).piece.hardPoints.value.map((point) => point.kind);
  const rename = async (title: string) => save(id, field('title', title, (await read(id)).piece.title.revision));
  expect(await kinds()).toEqual(['handle', 'spout']);
  await rename('blue mug');
  expect(await kinds()).toEqual(['handle']);
  await takeBack(room, shop, id, { personId: ODILE, direction: 'undo' }, NOW);
  expect(await kinds()).toEqual(['handle', 'spout']);
});

test('another size takes the glazing of a picture to where its pane is then, and one undo takes it back', async () => {
  const id = await bowl(room, shop);
  await save(id, field('archetype', JSON.stringify('glazedFlat'), 0));
  const faces = async () => (await read(id)).piece.hardPoints.value.map(({ face }) => face);
  const before = await faces();
  await save(id, field('size', '20 x 16 x 1 in', (await read(id)).piece.size.revision));
  expect(await faces()).toEqual(['top']);
  await save(id, field('size', '20 x 1 x 16 in', (await read(id)).piece.size.revision));
  expect(await faces()).toEqual(['front']);
  for (let twice = 0; twice < 2; twice++) await takeBack(room, shop, id, { personId: ODILE, direction: 'undo' }, NOW);
  expect(await faces()).toEqual(before);
});

describe('events', () => {
  test('append once, in order, never change', async () => {
    const id = await bowl(room, shop);
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
    await expect(fresh.owner.models.event.update({ kind: 'sealed' }, { where: { id: eventId } })).rejects.toThrow(/append-only/);
  });

  test('the gates are shut on the server too', async () => {
    const id = await bowl(room, shop);
    await expect(report(id, { kind: 'sealed' })).rejects.toThrow(/feel test is not done/);
    await expect(report(id, { kind: 'handedOver' })).rejects.toThrow(/no label/);
  });

  test('forty at once get forty places', async () => {
    const id = await bowl(room, shop);
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
    await createParcel(room, shop, { id, personId: ODILE, ...parts }, NOW);
    await createParcel(room, shop, { id, personId: ODILE, ...parts }, NOW);
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

  test('several alike: the weight of one and the money of all; what is not understood is kept with the name', () => {
    const { sale, piece } = fieldsFromLine('six jars, 4 lb 2 oz, sold 12 each, for repair, to somewhere', shop, 'imperial');
    expect(piece).toMatchObject({ title: 'jars, to somewhere', count: '6', weight: '11 oz' });
    expect(sale).toEqual({ soldMinor: '72.00', job: '"repair"' });
    expect(fieldsFromLine('six jars, 11 oz each', shop, 'imperial').piece).toMatchObject({ weight: '11 oz' });
  });

  test.each(['9 x 8 x 14 in', 'urn, 2 lb, 3 lb', 'urn, sold 3, sold 4', 'x'.repeat(501)])('refused whole: %.30s', (line) =>
    expect(() => fieldsFromLine(line, shop, 'imperial')).toThrow(Refused),
  );
});

test('migrating twice changes nothing; a newer database is refused by name', async () => {
  const other = await freshDatabase();
  expect(await migrate(other.owner)).toEqual([]);
  await other.owner.sequelize.query("insert into migration (name) values ('999-later')");
  await expect(migrate(other.owner)).rejects.toThrow(NewerSchema);
  await expect(migrate(other.owner)).rejects.toThrow(/999-later/);
  await other.drop();
});
