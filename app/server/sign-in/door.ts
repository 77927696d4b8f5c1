import { isDatabaseDown } from "@app/server/database-down";
import { data, type MiddlewareFunction, redirect } from "react-router";
import { isDownContext, personContext, whoAsks } from "./person";

/** Addresses that are open to everybody. Every other is closed to whoever is not signed in, without a word of its own. */
const OPEN: readonly RegExp[] = [
  /^\/sign-in$/,
  /^\/studios\/new$/,
  /^\/invitations\/[^/]+$/,
  /^\/shared\/[^/]+(\/[^/]+)?$/,
  /^\/new-password\/[^/]+$/,
  /^\/theme\.css$/,
];

/** Whoever has such an address may open it: no list of pages is to have it. */
const NOT_TO_BE_FOUND = /^\/(shared|invitations|new-password)\//;

/** What a reader may send: it changes nothing that is the workroom's. */
const READERS_MAY_SEND: readonly RegExp[] = [
  /^\/sheets\/[^/]+$/,
  /^\/account$/,
  /^\/sign-in$/,
  /^\/sign-out$/,
  /^\/studios\/new$/,
  /^\/invitations\/[^/]+$/,
  /^\/new-password\/[^/]+$/,
  /^\/garments\/[^/]+\/practice-answers$/,
  /^\/tape\/[^/]+$/,
];

const SIGNED_OUT = "You are signed out. Sign in again in another tab, then save once more: your work stays here.";
const READERS_LOOK = "You may look here, and change nothing: ask an owner of the workroom.";

/**
 * Stands before every page, every set of data and every act: finds out who asks, and lets nobody further who may not. A person's answer is
 * kept by nobody on the way.
 */
export const atTheDoor: MiddlewareFunction<Response> = async ({ request, context }, next) => {
  const path = new URL(request.url).pathname.replace(/\.data$/, "");
  const isAct = request.method !== "GET" && request.method !== "HEAD";
  const asked = await found(request);
  if (asked === "database-down") {
    if (!isAct) throw data("database-down", { status: 503 });
    // What was sent is not lost to an error page: the act itself says that it could not be done, since nobody knows who asks.
    context.set(isDownContext, true);
    return withHeaders(path, await next());
  }
  context.set(personContext, asked?.person ?? null);
  const refusal = whyNot(path, request, asked !== null, asked?.person.membership?.role === "reader");
  const response = refusal ?? (await next());
  for (const cookie of asked?.cookies ?? []) response.headers.append("set-cookie", cookie);
  return withHeaders(path, response);
};

async function found(request: Request) {
  try {
    return await whoAsks(request);
  } catch (error) {
    if (isDatabaseDown(error)) return "database-down" as const;
    throw error;
  }
}

function whyNot(path: string, request: Request, isSignedIn: boolean, isReader: boolean): Response | null {
  const isAct = request.method !== "GET" && request.method !== "HEAD";
  if (!isSignedIn && !OPEN.some((one) => one.test(path))) {
    if (isJson(request)) return refused(SIGNED_OUT, 401);
    return redirect(`/sign-in${path === "/" || isAct ? "" : `?${new URLSearchParams({ to: path })}`}`);
  }
  if (isAct && isReader && !READERS_MAY_SEND.some((one) => one.test(path))) {
    if (isJson(request)) return refused(READERS_LOOK, 403);
    throw data(READERS_LOOK, { status: 403 });
  }
  return null;
}

const isJson = ({ headers }: Request) => headers.get("content-type")?.startsWith("application/json") ?? false;
const refused = (reason: string, status: number) => Response.json({ saved: false, ok: false, reason }, { status });

function withHeaders(path: string, response: Response): Response {
  const { headers } = response;
  if (!headers.has("cache-control")) headers.set("cache-control", "private, no-store");
  if (NOT_TO_BE_FOUND.test(path)) headers.set("x-robots-tag", "noindex, nofollow, noarchive");
  if (!headers.has("content-security-policy") && !headers.get("content-type")?.startsWith("text/html"))
    headers.set("content-security-policy", "default-src 'none'; frame-ancestors 'none'");
  return response;
}
