import type { AuditAsked, AuditLine, AuditPage, AuditWhat } from '@inch-nest/contracts';
import { Op } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';

const A_PAGE = 60;

type Raw = Omit<AuditLine, 'at' | 'device'> & { readonly at: Date; readonly deviceId?: string | null };

/**
 * What was done in a shop, the latest first, by whom and at which device: changes of rules, fields and stock, happenings of
 * parcels, comings and goings.
 *
 * @param asked.before key of the line after which it goes on
 */
export async function readAudit({ models }: ShopDatabase, { before, person, of }: AuditAsked): Promise<AuditPage> {
  const [at, key] = before ? [new Date(before.slice(0, 24)), before.slice(25)] : [null, null];
  if (at && Number.isNaN(at.getTime())) return { lines: [], next: null };
  const options = {
    where: { ...(at ? { at: { [Op.lte]: at } } : {}), ...(person ? { personId: person } : {}) } as never,
    order: [
      ['at', 'desc'],
      ['id', 'desc'],
    ] as [string, string][],
    limit: A_PAGE * 2,
  };
  const asked = async (kind: AuditWhat['of'], read: () => Promise<Raw[]>) => (of && of !== kind ? [] : read());
  const found = (
    await Promise.all([
      asked('shop', async () =>
        (await models.shopChange.findAll(options)).map((row) =>
          raw(row, { of: 'shop', path: row.path, before: row.before, after: row.after }),
        ),
      ),
      asked('field', async () =>
        (await models.change.findAll(options)).map((row) =>
          raw(row, { of: 'field', path: row.path, parcelId: row.parcelId, code: null, undone: row.undone === true }),
        ),
      ),
      asked('parcel', async () =>
        (await models.event.findAll(options)).map((row) =>
          raw(row, { of: 'parcel', happening: row.kind, parcelId: row.parcelId, code: '' }),
        ),
      ),
      asked('stock', async () =>
        (await models.stockMove.findAll(options)).map((row) =>
          raw(row, { of: 'stock', kind: row.kind, key: row.key, why: row.why, amount: row.amount }),
        ),
      ),
      asked('access', async () =>
        (await models.accessNote.findAll(options)).map((row) => ({
          ...raw(row, { of: 'access', act: row.act, about: row.about }),
          deviceId: row.deviceId,
        })),
      ),
    ])
  )
    .flat()
    .sort((a, b) => b.at.getTime() - a.at.getTime() || (a.key < b.key ? 1 : -1));
  const from = at ? found.filter((line) => line.at < at || (line.at.getTime() === at.getTime() && line.key < key)) : found;
  const page = from.slice(0, A_PAGE);
  const last = page.at(-1);
  return {
    lines: await named(models, page),
    next: last && from.length > A_PAGE ? `${last.at.toISOString()}_${last.key}` : null,
  };
}

const raw = (row: { id: string; at: Date; personId: string | null }, what: AuditWhat): Raw => ({
  key: row.id,
  at: row.at,
  personId: row.personId,
  what,
});

/** The same with what parcels and devices are called. */
async function named(models: ShopDatabase['models'], page: readonly Raw[]): Promise<AuditLine[]> {
  const ids = page.flatMap(({ what }) => ('parcelId' in what && what.parcelId ? [what.parcelId] : []));
  const parcels = await models.parcel.findAll({ where: { id: [...new Set(ids)] }, attributes: ['id', 'code'] });
  const devices = await models.device.findAll({ attributes: ['id', 'name'] });
  const code = (id: string | null) => parcels.find((one) => one.id === id)?.code ?? '';
  return page.map(({ deviceId, at, ...line }) => ({
    ...line,
    at: at.toISOString(),
    device: devices.find((one) => one.id === deviceId)?.name ?? null,
    what: 'parcelId' in line.what ? { ...line.what, code: code(line.what.parcelId) } : line.what,
  }));
}
