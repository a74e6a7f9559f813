/** What somebody is in a shop. */
export const ROLES = ['owner', 'planner', 'packer', 'lookerOn'] as const;
export type Role = (typeof ROLES)[number];

/** What one may do, or not. Whoever is signed in may look. */
export const RIGHTS = ['look', 'pack', 'count', 'plan', 'send', 'money', 'house', 'people', 'upkeep'] as const;
export type Right = (typeof RIGHTS)[number];

/** What each right is, in words that follow “may”. */
export const RIGHT_SAYS: Readonly<Record<Right, string>> = {
  look: 'look at what lies on the shelf',
  pack: 'pack, test, weigh and seal',
  count: 'count and move stock, and cut boxes',
  plan: 'take in sales, look pieces over and choose nests',
  send: 'see where buyers live, buy labels and hand over',
  money: 'see what things cost and are sold for',
  house: 'change house rules, rate cards and the shop’s facts',
  people: 'say who may do what, and on which devices',
  upkeep: 'make backups and take the shop away',
};

const OF_ROLE: Readonly<Record<Role, readonly Right[]>> = {
  owner: RIGHTS,
  planner: ['look', 'pack', 'count', 'plan', 'send', 'money'],
  packer: ['look', 'pack', 'count'],
  lookerOn: ['look'],
};

/** What is asked of somebody to know what she may. */
export interface Standing {
  readonly role: Role;
  /** She sees money though her role would not. */
  readonly seesMoney: boolean;
  /** She sends though her role would not. */
  readonly sends: boolean;
  /** She has left: she may do nothing, and what she did stays hers. */
  readonly gone: boolean;
}

/** Whether somebody may do something: by her role, or because it was given to her. */
export function may({ role, seesMoney, sends, gone }: Standing, right: Right): boolean {
  if (gone) return false;
  return OF_ROLE[role].includes(right) || (right === 'money' && seesMoney) || (right === 'send' && sends);
}

/** A role that has a right anyway needs no switch for it. */
export const hasByRole = (role: Role, right: Right): boolean => OF_ROLE[role].includes(right);
