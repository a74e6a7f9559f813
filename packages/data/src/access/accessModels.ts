import { DataTypes, type ModelAttributes } from 'sequelize';
import { id, instant, maybeInstant, maybeText, maybeUuid, shopId, text, yes } from '../columns.ts';

/** The tables about coming in as Sequelize knows them. */
export const accessModels = (define: (name: string, table: string, columns: ModelAttributes) => never) => ({
  credential: define('credential', 'credential', { id, shopId, passwordHash: maybeText, pinHash: maybeText, changedAt: instant }),
  device: define('device', 'device', {
    id,
    shopId,
    name: text,
    keyHash: text,
    addedBy: maybeUuid,
    addedAt: instant,
    seenAt: instant,
    idleMinutes: { type: DataTypes.INTEGER, allowNull: true },
    revokedAt: maybeInstant,
  }),
  session: define('session', 'session', {
    id,
    shopId,
    tokenHash: text,
    personId: shopId,
    deviceId: maybeUuid,
    madeAt: instant,
    activeAt: instant,
    endsAt: instant,
    locked: yes,
  }),
  accessCode: define('accessCode', 'access_code', {
    id,
    shopId,
    kind: text,
    codeHash: text,
    personId: maybeUuid,
    madeBy: maybeUuid,
    madeAt: instant,
    endsAt: maybeInstant,
    usedAt: maybeInstant,
  }),
  accessNote: define('accessNote', 'access_note', {
    id,
    seq: { type: DataTypes.BIGINT, autoIncrement: true, autoIncrementIdentity: true },
    shopId,
    personId: maybeUuid,
    deviceId: maybeUuid,
    act: text,
    about: maybeText,
    at: instant,
  }),
});
