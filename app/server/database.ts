import { transacted } from "@database/client";
import { doneOnce } from "@database/queries/done-acts";
import type { Membership } from "@database/queries/people";
import { type Asker, NotAllowed, type StudioQueries, studioQueries } from "@database/studio-queries";
import { data, type RouterContextProvider, redirect } from "react-router";
import type { Act } from "./acts";
import { theDatabase } from "./connection";
import { isDatabaseDown } from "./database-down";
import { isDownContext, type Person, personContext } from "./sign-in/person";

/** What a loader or an action is given to know who asks. */
export type Asked = Readonly<RouterContextProvider>;

const DATABASE_DOWN = "database-down";

class DatabaseDown extends Error {}

/** Who asks; a page that is open to nobody in particular must not ask for it. */
export function personOf(context: Asked): Person {
  if (context.get(isDownContext)) throw new DatabaseDown("the database did not say who asks");
  const person = context.get(personContext);
  if (!person) throw new Error("personOf: this address was reached without going through the door");
  return person;
}

/** The workroom in which a request is answered, and as what. */
export function membershipOf(context: Asked): Membership {
  const { membership } = personOf(context);
  if (!membership) throw redirect("/studios/new");
  return membership;
}

type Work<Result> = (queries: StudioQueries, studio: Membership["studio"]) => Promise<Result>;

/** Runs the work for the workroom of whoever asks; a database that does not answer is told apart from a mistake. */
async function withStudio<Result>(
  context: Asked,
  run: (asker: Asker, studio: Membership["studio"]) => Promise<Result>,
) {
  try {
    const { studio, role } = membershipOf(context);
    return await run({ studioId: studio.id, userId: personOf(context).userId, role }, studio);
  } catch (error) {
    if (isDatabaseDown(error)) throw new DatabaseDown("the database is not answering", { cause: error });
    if (error instanceof NotAllowed) throw data(error.message, { status: 403 });
    throw error;
  }
}

/** For loaders: a database that does not answer becomes a plain 503 for the error page. */
export async function inStudio<Result>(context: Asked, work: Work<Result>): Promise<Result> {
  try {
    return await withStudio(context, (asker, studio) => work(studioQueries(theDatabase(), asker), studio));
  } catch (error) {
    if (error instanceof DatabaseDown) throw data(DATABASE_DOWN, { status: 503 });
    throw error;
  }
}

/**
 * For actions, which must not lose what was typed to an error page: the same is told as a sentence to stand beside it. The work is done whole
 * or not at all, and once for the key that it was sent with.
 */
export async function attemptInStudio<Result>(
  context: Asked,
  { what, key }: Act,
  work: Work<Result>,
): Promise<{ readonly ok: true; readonly value: Result } | { readonly ok: false; readonly sentence: string }> {
  const attempt = () =>
    withStudio(context, (asker, studio) =>
      transacted(theDatabase(), (transaction) => {
        const run = () => work(studioQueries(transaction, asker), studio);
        return key === null ? run() : doneOnce(transaction, { userId: asker.userId, what, key }, run);
      }),
    );
  try {
    return { ok: true, value: await attempt() };
  } catch (error) {
    if (error instanceof DatabaseDown) return { ok: false, sentence: NOT_SAVED };
    throw error;
  }
}

/**
 * Does once, for the key that it was sent with, what the library for sign-in does for somebody: it writes by itself, so that only an end
 * between its writing and the key's leaves the key out.
 */
export async function onceForPerson<Result>(
  context: Asked,
  { what, key }: Act,
  work: () => Promise<Result>,
): Promise<Result> {
  const { userId } = personOf(context);
  if (key === null) return work();
  try {
    return await transacted(theDatabase(), (transaction) => doneOnce(transaction, { userId, what, key }, work));
  } catch (error) {
    if (isDatabaseDown(error)) throw data(DATABASE_DOWN, { status: 503 });
    throw error;
  }
}

const NOT_SAVED = "Not saved: the database is not answering. What you typed stays here; save again in a moment.";

/** A 404 in a sentence, for an address that leads nowhere. */
export function notFound(what: string): never {
  throw data(`${what} is not here. It may have been opened from an old address.`, { status: 404 });
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** The id from an address, or a 404 before the database is asked for what is no id. */
export function idFrom(value: string | undefined, what: string): string {
  if (value === undefined || !UUID.test(value)) notFound(what);
  return value;
}
