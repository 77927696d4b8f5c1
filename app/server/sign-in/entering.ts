import { theDatabase } from "@app/server/connection";
import { hasPeople } from "@database/queries/people";
import { redirect } from "react-router";
import { isFromThisMachine } from "./addresses";

/** May whoever asks make a workroom of their own here? At this machine, where nobody has an account yet, or where everybody may. */
export async function mayStartStudio(request: Request): Promise<boolean> {
  return process.env.GAMINE_NEW_STUDIOS === "open" || isFromThisMachine(request) || !(await hasPeople(theDatabase()));
}

/** Any origin: what leads away from it is no way within the app. */
const HERE = "http://here.invalid";

/**
 * A way within the app that somebody wanted to go before signing in; anything else leads to the worktable. It is read as a browser would
 * read it, which passes over tabs and line ends and takes a backslash for a slash.
 */
export function wayOn(to: string | null): string {
  if (to === null || !to.startsWith("/") || !URL.canParse(to, HERE)) return "/";
  const { origin, pathname, search, hash } = new URL(to, HERE);
  return origin === HERE && !pathname.startsWith("//") ? `${pathname}${search}${hash}` : "/";
}

/** Leads on with the cookies that a session needs. */
export function enter(cookies: readonly string[], to: string): Response {
  const headers = new Headers();
  for (const cookie of cookies) headers.append("set-cookie", cookie);
  return redirect(to, { headers });
}

/** The request as the same browser would send it next, with these cookies. */
export function withCookies(request: Request, cookies: readonly string[]): Request {
  const headers = new Headers(request.headers);
  headers.set("cookie", cookies.map((cookie) => cookie.split(";")[0]).join("; "));
  headers.delete("content-length");
  headers.delete("content-type");
  return new Request(request.url, { headers });
}
