import { createHash, randomBytes } from "node:crypto";

const TOKEN_LENGTH = 32;

/**
 * The secret of a link, which nobody can guess; the database is told only its hash. Made of the secret of the act that asks for the link,
 * where it has one: asked again, it is the same link.
 */
export function newToken(ofAct: string | null): { readonly token: string; readonly tokenHash: string } {
  const token = (ofAct ?? randomBytes(TOKEN_LENGTH).toString("base64url")).slice(0, TOKEN_LENGTH);
  return { token, tokenHash: createHash("sha256").update(token).digest("hex") };
}

/** The hash of what may be such a secret; null for what is none. */
export function tokenHashOf(token: string | undefined): string | null {
  return token !== undefined && /^[\w-]{32}$/.test(token) ? createHash("sha256").update(token).digest("hex") : null;
}
