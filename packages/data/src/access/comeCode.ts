import type { Database } from '../database.ts';
import { inShop } from '../inShop.ts';
import { Missing } from '../refusals.ts';
import { giveCode, noteAccess } from './credentials.ts';
import { personByName, someoneSignsIn } from './readPeople.ts';

/** A code for somebody of a shop, as it is shown this once. */
export interface ComeCode {
  readonly shop: string;
  readonly name: string;
  readonly code: string;
}

/**
 * A code by which somebody chooses a password: for whoever keeps the machine, where nobody can come in.
 *
 * @param asked.name whose; a shop's first owner without one
 * @param asked.ifNobody none for a shop in which somebody can sign in already
 * @throws Missing where nobody is called so
 */
export async function comeCodes(
  database: Database,
  asked: { readonly name?: string; readonly ifNobody?: boolean },
  now: Date,
): Promise<ComeCode[]> {
  const made: ComeCode[] = [];
  for (const { id, name: shop } of await database.models.shop.findAll({ attributes: ['id', 'name'], order: [['name', 'asc']] })) {
    const room = inShop(database, id);
    if (asked.ifNobody && (await someoneSignsIn(room))) continue;
    const person = asked.name
      ? await personByName(room, asked.name)
      : await room.models.person.findOne({ where: { role: 'owner', gone: false }, order: [['position', 'asc']] });
    if (!person) continue;
    const { code } = await giveCode(room, { kind: 'come', personId: person.id, madeBy: null }, now);
    await noteAccess(room, { personId: null, deviceId: null, act: 'codeGiven', about: person.name, at: now });
    made.push({ shop, name: person.name, code });
  }
  if (made.length === 0 && asked.name) throw new Missing(`nobody here is called ${asked.name}`);
  return made;
}
