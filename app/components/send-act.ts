/** A lost answer is asked for again after so long. */
const AGAIN_AFTER_MS = [400, 1600];
/** More than this a browser does not send for a page that is left meanwhile. */
const SENT_BY_A_LEFT_PAGE = 30_000;

/**
 * Sends what changes something under a key of its own, and again where no answer comes: what was done already is then only answered.
 * `sent` is a form, or what is sent as JSON. Throws, as `fetch` does, when there is no answer at last or `signal` says to stop.
 */
export async function sendAct(address: string, sent: object, signal?: AbortSignal): Promise<Response> {
  const isForm = sent instanceof FormData || sent instanceof URLSearchParams;
  const body = isForm ? sent : JSON.stringify(sent);
  const request: RequestInit = {
    method: "POST",
    headers: {
      "idempotency-key": crypto.randomUUID(),
      ...(isForm ? {} : { "content-type": "application/json" }),
    },
    body,
    signal,
    // A page that is left at once sends it all the same.
    keepalive: typeof body === "string" && body.length < SENT_BY_A_LEFT_PAGE,
  };
  for (const wait of AGAIN_AFTER_MS) {
    try {
      return await fetch(address, request);
    } catch (error) {
      if (signal?.aborted) throw error;
      await new Promise((resolve) => setTimeout(resolve, wait));
    }
  }
  return fetch(address, request);
}
