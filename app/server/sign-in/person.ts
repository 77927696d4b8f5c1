import { theDatabase } from "@app/server/connection";
import type { Membership } from "@database/queries/people";
import { membershipsOf } from "@database/queries/people";
import { createContext } from "react-router";
import { auth } from "./auth";

/** Who asks, and in which workroom. */
export type Person = {
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  /** The workroom that is being worked in; null for somebody who is in none. */
  readonly membership: Membership | null;
  /** All workrooms that they are in. */
  readonly memberships: readonly Membership[];
};

/** Set by the door for every request that it lets through to a page that is not open to all. */
export const personContext = createContext<Person | null>(null);

/** The database did not say who asks. */
export const isDownContext = createContext(false);

/** The person whose session the request carries, with the cookies that keep it going; null for nobody. */
export async function whoAsks(
  request: Request,
): Promise<{ readonly person: Person; readonly cookies: readonly string[] } | null> {
  if (!request.headers.get("cookie")?.includes("gamine.session_token")) return null;
  const { response, headers } = await auth().api.getSession({ headers: request.headers, returnHeaders: true });
  if (!response) return null;
  const { user, session } = response;
  const memberships = await membershipsOf(theDatabase(), user.id);
  const active = memberships.find(({ studio }) => studio.id === session.activeOrganizationId);
  return {
    person: {
      userId: user.id,
      name: user.name,
      email: user.email,
      membership: active ?? memberships[0] ?? null,
      memberships,
    },
    cookies: headers.getSetCookie(),
  };
}
