/** Node's words for a server that is not there, and PostgreSQL's for one that is closing, starting, or out of room, memory or connections. */
const DOWN_CODES =
  /^(ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|ENOTFOUND|EHOSTUNREACH|EAI_AGAIN|08\w{3}|57P0[1-5]|53\d{3})$/;
const DOWN_MESSAGES =
  /connection terminated|timeout exceeded when trying to connect|query read timeout|connection ended|client has encountered a connection error/i;

/** Is this error the database being away, rather than a mistake of ours? Looks through what other errors wrap. */
export function isDatabaseDown(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = "code" in error ? error.code : undefined;
  if (typeof code === "string" && DOWN_CODES.test(code)) return true;
  if (DOWN_MESSAGES.test(error.message)) return true;
  const inner = error instanceof AggregateError ? error.errors : [error.cause];
  return inner.some((one) => one !== undefined && isDatabaseDown(one));
}
