import type { AccessAct, AuditLine, Role } from '@inch-nest/contracts';

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  owner: 'owner',
  planner: 'planner',
  packer: 'packer',
  lookerOn: 'looker-on',
};
export const ROLE_SAYS: Readonly<Record<Role, string>> = {
  owner: 'may do everything',
  planner: 'takes in sales, plans, packs, rates and sends',
  packer: 'packs, weighs, seals and counts stock',
  lookerOn: 'looks, and changes nothing',
};

const ACTS: Readonly<Record<AccessAct, (about: string) => string>> = {
  signedIn: () => 'signed in by password',
  signedInByPin: () => 'signed in by PIN',
  signInFailed: (about) => (about ? `a wrong password, PIN or code for ${about}` : 'a wrong password, PIN or code'),
  signedOff: () => 'signed off',
  signedOffEverywhere: (about) => (about ? `signed ${about} off everywhere` : 'signed off everywhere'),
  locked: () => 'locked the device',
  unlocked: () => 'unlocked the device',
  passwordChosen: () => 'chose a new password',
  passwordByCode: () => 'chose a password by a code',
  pinChosen: () => 'chose a PIN',
  pinTakenAway: () => 'gave up the PIN',
  codesPrinted: () => 'had new recovery codes shown',
  codeGiven: (about) => `gave ${about} a code`,
  deviceCodeShown: () => 'had a code for a device shown',
  deviceAdded: (about) => `brought in a device: ${about}`,
  deviceRenamed: (about) => `called a device ${about}`,
  deviceIdle: (about) => `when a device locks itself: ${about}`,
  deviceRevoked: (about) => `took a device away: ${about}`,
  backupMade: () => 'made a backup',
  takenAway: (about) => `took away ${about}`,
};

/** Who did what nobody was signed in for: the code from the machine itself, what a shop began with, or a guess. */
export const unknownDoer = ({ what }: Pick<AuditLine, 'what'>): string =>
  what.of === 'access' && what.act === 'codeGiven' ? 'the machine' : what.of === 'stock' ? 'as it began' : 'nobody known';

/** `handedOver` as “handed over”. */
const spoken = (key: string): string => key.replace(/[A-Z]/g, (sign) => ` ${sign.toLowerCase()}`);
/** The last part of a path, where its last part is no id. */
const partOf = (path: string): string =>
  path
    .split('/')
    .filter((part) => !/^[0-9a-f-]{36}$/.test(part))
    .map((part) => spoken(decodeURIComponent(part)))
    .join(', ');
function valueOf(value: unknown): string {
  if (value === null || value === undefined) return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' || typeof value === 'number' ? String(value) : 'as it stands there';
}

/** What was done, as a sentence without its subject. */
export function auditWords({ what }: Pick<AuditLine, 'what'>): string {
  switch (what.of) {
    case 'shop':
      return `${partOf(what.path)}: ${valueOf(what.before)} became ${valueOf(what.after)}`;
    case 'field':
      return `${what.path === 'nest' || what.path === 'choice' ? 'the nest' : partOf(what.path)} of ${what.code}${what.undone ? ', taken back since' : ''}`;
    case 'parcel':
      return `${what.code}: ${spoken(what.happening)}`;
    case 'stock':
      return `stock of ${what.key}: ${spoken(what.why)}, ${what.amount > 0 ? '+' : ''}${Math.round(what.amount * 100) / 100}`;
    case 'access':
      return ACTS[what.act](what.about ?? '');
  }
}
