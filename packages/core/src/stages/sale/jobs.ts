/** Why a parcel is sent: most are sold; some go to be mended, go back, or go in place of another. */
export const JOBS = ['sale', 'repair', 'return', 'exchange'] as const;
export type Job = (typeof JOBS)[number];
