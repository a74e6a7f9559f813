/** How long whoever was started is waited for before it is taken to hang: a machine under load takes a minute for what it does in one second. */
export const READY_MS = 120_000;
/** The same in words. */
export const READY_SAYS = 'within two minutes';
