/** What every answer says: it is what it says it is, nobody frames it, and nobody learns where it came from. */
export const SAFE_HEADERS = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
} as const;

/**
 * What a page says beside: only our own scripts run, those of this very answer by its nonce; nothing is fetched from or sent to
 * anywhere else. Styles are written inline by the parts we use.
 *
 * @param nonce new for each answer
 */
export const pageHeaders = (nonce: string) => ({
  ...SAFE_HEADERS,
  // day or night as the machine has it, told with what is asked, so that the first paint is right already
  'accept-ch': 'Sec-CH-Prefers-Color-Scheme',
  'critical-ch': 'Sec-CH-Prefers-Color-Scheme',
  vary: 'Sec-CH-Prefers-Color-Scheme',
  'content-security-policy': [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; '),
});
