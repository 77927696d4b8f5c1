/**
 * What a page may load and run: what this server sends, and of scripts and styles within the page those that carry its word. Attributes of
 * style are allowed, as figures on the sheet are placed by them.
 */
export function contentPolicy(nonce: string): string {
  const own = `'self' 'nonce-${nonce}'`;
  return [
    "default-src 'none'",
    `script-src ${own}`,
    `style-src-elem ${own}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "manifest-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ].join("; ");
}
