import { randomUUID } from 'node:crypto';
import { CHOICE } from '../../../core/tests/sampleRequest.ts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, NOW, ODILE, smallShop } from '../../tests/smallShop.ts';
import { migrate, readParcel, readShop, saveNest } from '../index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => {
  fresh = await freshDatabase();
}, 30_000);
afterAll(() => fresh.drop());

test('what an earlier version kept is read, planned anew and can be changed', async () => {
  const { database } = fresh;
  const shop = await smallShop(database);
  const id = await bowl(database, shop);
  const command = (basedOn: number, turns: number) => ({
    personId: ODILE,
    changeId: randomUUID(),
    choice: { ...CHOICE, layers: [{ material: 'largeBubble', turns }] },
    locks: {},
    basedOn,
  });
  await saveNest(database, shop, id, command(0, 2), null, NOW);
  // as it stood before: choices without what came later, a plan of format 1, a house and boxes that know less
  await database.sequelize.query(`
    delete from migration where name = '002-fuller-choices';
    update parcel set nest = nest #- '{choice,liner}' #- '{choice,newDepthIn}' #- '{choice,divider}';
    update field_change set after = after #- '{choice,liner}' #- '{choice,newDepthIn}' #- '{choice,divider}' where entity = 'nest';
    alter table plan disable trigger plan_immutable;
    update plan set document = jsonb_set(document, '{format}', '1');
    alter table plan enable trigger plan_immutable;
    update shop set house = house - 'liners' - 'rules' - 'seams' - 'floats', tapes = tapes - 'linerBoard';
    update box set properties = properties - 'style' - 'container';
    update rate_card set document = document - 'containers';
  `);
  expect(await migrate(database)).toEqual(['002-fuller-choices']);

  const { nest } = await readParcel(database, id, ODILE);
  expect(nest.choice).toEqual(command(0, 2).choice);
  expect(nest.plan).toBeNull();
  const today = await readShop(database, NOW);
  expect(today.house).toMatchObject({ liners: 'never', floats: false, rules: { softFirstLayer: true, dampBarrier: true } });
  expect(today.stock.boxes.every((box) => box.style === 'slotted' && box.container === null)).toBe(true);
  expect(today.stock.linerBoard).toBeNull();
  expect(today.cards[0]!.containers).toEqual([]);

  await saveNest(database, today, id, command(nest.revision, 3), null, NOW);
  expect((await readParcel(database, id, ODILE)).nest.plan!.document).toMatchObject({ format: 2, layers: [{ turns: 3 }] });
});
