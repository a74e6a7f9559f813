/** What steadies a piece in its case or retail box, in the order it is done. */
export const STEADYING = ['locked', 'barrier', 'slack', 'lid'] as const;
export type Steadying = (typeof STEADYING)[number];
