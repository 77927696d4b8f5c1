/** Enters the demo workroom as whoever sits at this machine does, and gives the cookie of that session, for requests that are no page. */
export async function enterDemo(url: string): Promise<string> {
  return sessionOf(await post(url, "/sign-in", { act: "local" }));
}

/** Sends a form of this app's own, as a browser would, without following where it leads. */
export function post(
  url: string,
  path: string,
  texts: Readonly<Record<string, string>>,
  cookie?: string,
): Promise<Response> {
  return fetch(`${url}${path}`, {
    method: "POST",
    redirect: "manual",
    headers: { origin: url, "sec-fetch-site": "same-origin", ...(cookie === undefined ? {} : { cookie }) },
    body: new URLSearchParams(texts),
  });
}

/** The session that an answer opened. */
export function sessionOf(response: Response): string {
  const [session] = response.headers.getSetCookie().filter((one) => one.startsWith("gamine.session_token="));
  const cookie = session?.split(";")[0];
  if (!cookie) throw new Error(`no session was opened: ${response.status}`);
  return cookie;
}
