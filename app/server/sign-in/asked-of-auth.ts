import { auth } from "./auth";

type Answer =
  | { readonly ok: true; readonly cookies: readonly string[]; readonly body: unknown }
  | { readonly ok: false; readonly sentence: string; readonly status: number };

/**
 * Asks the library for sign-in as a browser would, so that its limits on how often somebody may try hold here too: they do not for calls
 * from the server.
 */
export async function askAuth(request: Request, path: string, body: unknown): Promise<Answer> {
  const { origin } = new URL(request.url);
  const headers = new Headers({ "content-type": "application/json", origin });
  for (const name of ["cookie", "user-agent", "x-client-ip"]) {
    const value = request.headers.get(name);
    if (value !== null) headers.set(name, value);
  }
  const asked = new Request(`${origin}/api/auth${path}`, { method: "POST", headers, body: JSON.stringify(body) });
  return read(await auth().handler(asked));
}

async function read(response: Response): Promise<Answer> {
  const body: unknown = await response.json().catch(() => null);
  if (response.ok) return { ok: true, cookies: response.headers.getSetCookie(), body };
  const code = body !== null && typeof body === "object" && "code" in body ? String(body.code) : "";
  // The library says nothing else of a database that did not answer it.
  if (response.status >= 500) return { ok: false, sentence: NOT_NOW, status: 503 };
  const sentence = response.status === 429 ? TOO_OFTEN : (SENTENCES[code] ?? OTHERWISE);
  return { ok: false, sentence, status: response.status };
}

const TOO_OFTEN = "That was tried too often. Wait a minute, then try again.";
const NOT_NOW = "That could not be done: the database is not answering. Try again in a moment.";
const OTHERWISE = "That was not done. Look over what you wrote, and try again.";
const SENTENCES: Readonly<Record<string, string>> = {
  INVALID_EMAIL_OR_PASSWORD: "No account has this address with this password.",
  INVALID_EMAIL: "That is not an e-mail address.",
  INVALID_PASSWORD: "That is not your present password.",
  PASSWORD_TOO_SHORT: "A password has at least 10 letters.",
  PASSWORD_TOO_LONG: "A password has at most 200 letters.",
  USER_ALREADY_EXISTS: "This address has an account already: sign in with it.",
  USER_ALREADY_EXISTS_USE_ANOTHER_EMAIL: "This address has an account already: sign in with it.",
  INVITATION_NOT_FOUND: "This invitation was used, withdrawn or is too old.",
  YOU_ARE_NOT_THE_RECIPIENT_OF_THE_INVITATION: "This invitation is for another address: sign in with that one.",
  USER_IS_ALREADY_A_MEMBER_OF_THIS_ORGANIZATION: "This person is in the workroom already.",
  USER_IS_ALREADY_INVITED_TO_THIS_ORGANIZATION:
    "This address has been invited already: use that link, or take it back first.",
  YOU_CANNOT_LEAVE_THE_ORGANIZATION_AS_THE_ONLY_OWNER: "A workroom needs an owner: make somebody else one first.",
  YOU_CANNOT_LEAVE_THE_ORGANIZATION_WITHOUT_AN_OWNER: "A workroom needs an owner: make somebody else one first.",
};
