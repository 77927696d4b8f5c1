import type { StudioSettings } from "@core/studio/index";
import { and, asc, desc, eq, gt } from "drizzle-orm";
import type { Database } from "../client";
import { invitations, members, sessions, studios, users } from "../schema/people";

/** What somebody may do: an owner all, a maker everything but who belongs to the workroom and its end, a reader look. */
const ROLES = ["owner", "maker", "reader"] as const;
export type Role = (typeof ROLES)[number];
export const isRole = (text: unknown): text is Role => ROLES.some((role) => role === text);

export type Membership = {
  readonly studio: { readonly id: string; readonly name: string; readonly settings: StudioSettings };
  readonly role: Role;
};

/** The workrooms that a person is in, the one they joined first before the others. */
export async function membershipsOf(database: Database, userId: string): Promise<readonly Membership[]> {
  const rows = await database
    .select({ id: studios.id, name: studios.name, settings: studios.settings, role: members.role })
    .from(members)
    .innerJoin(studios, eq(studios.id, members.organizationId))
    .where(eq(members.userId, userId))
    .orderBy(asc(members.createdAt));
  return rows.map(({ role, ...studio }) => ({ studio, role: isRole(role) ? role : "reader" }));
}

/** The one who enters at this machine without a password; no password leads to them. */
const LOCAL_EMAIL = "this-machine@gamine.invalid";

export async function localPerson(
  database: Database,
): Promise<{ readonly userId: string; readonly studioName: string } | null> {
  const [found] = await database
    .select({ userId: users.id, studioName: studios.name })
    .from(users)
    .innerJoin(members, eq(members.userId, users.id))
    .innerJoin(studios, eq(studios.id, members.organizationId))
    .where(eq(users.email, LOCAL_EMAIL))
    .orderBy(asc(members.createdAt))
    .limit(1);
  return found ?? null;
}

/** Makes somebody who enters at this machine an owner of this workroom. */
export async function addLocalPerson(database: Database, studioId: string, name: string): Promise<string> {
  const [added] = await database
    .insert(users)
    .values({ name, email: LOCAL_EMAIL })
    .onConflictDoUpdate({ target: users.email, set: { name } })
    .returning({ id: users.id });
  if (!added) throw new Error("addLocalPerson: the database returned no row");
  await database
    .insert(members)
    .values({ organizationId: studioId, userId: added.id, role: "owner" })
    .onConflictDoNothing();
  return added.id;
}

/** The first workroom that nobody is in, as there were before people signed in; null when each has somebody. */
export async function studioOfNobody(database: Database): Promise<string | null> {
  const [found] = await database
    .select({ id: studios.id })
    .from(studios)
    .where(eq(database.$count(members, eq(members.organizationId, studios.id)), 0))
    .orderBy(asc(studios.createdAt))
    .limit(1);
  return found?.id ?? null;
}

/** Has anybody but the one at this machine an account here? */
export async function hasPeople(database: Database): Promise<boolean> {
  const rows = await database.select({ email: users.email }).from(users).limit(2);
  return rows.some(({ email }) => email !== LOCAL_EMAIL);
}

export type Belonging = {
  readonly memberId: string;
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  readonly role: string;
  readonly since: Date;
};

export async function listMembers(database: Database, studioId: string): Promise<readonly Belonging[]> {
  return database
    .select({
      memberId: members.id,
      userId: users.id,
      name: users.name,
      email: users.email,
      role: members.role,
      since: members.createdAt,
    })
    .from(members)
    .innerJoin(users, eq(users.id, members.userId))
    .where(eq(members.organizationId, studioId))
    .orderBy(asc(members.createdAt));
}

export type Invited = { readonly id: string; readonly email: string; readonly role: string; readonly expiresAt: Date };

/** Who was invited and has not come yet. */
export async function listInvitations(database: Database, studioId: string): Promise<readonly Invited[]> {
  const rows = await database
    .select({ id: invitations.id, email: invitations.email, role: invitations.role, expiresAt: invitations.expiresAt })
    .from(invitations)
    .where(
      and(
        eq(invitations.organizationId, studioId),
        eq(invitations.status, "pending"),
        gt(invitations.expiresAt, new Date()),
      ),
    )
    .orderBy(desc(invitations.createdAt));
  return rows.map((row) => ({ ...row, role: row.role ?? "reader" }));
}

/** An invitation that can still be taken up, for whoever holds its link; and whether its address has an account already. */
export async function openInvitation(database: Database, invitationId: string) {
  const [found] = await database
    .select({ email: invitations.email, role: invitations.role, studioName: studios.name, userId: users.id })
    .from(invitations)
    .innerJoin(studios, eq(studios.id, invitations.organizationId))
    .leftJoin(users, eq(users.email, invitations.email))
    .where(
      and(eq(invitations.id, invitationId), eq(invitations.status, "pending"), gt(invitations.expiresAt, new Date())),
    );
  return found ? { ...found, role: found.role ?? "reader", hasAccount: found.userId !== null } : null;
}

/** Where a person is signed in, the last first. */
export async function listSessions(database: Database, userId: string) {
  return database
    .select({ id: sessions.id, userAgent: sessions.userAgent, since: sessions.createdAt, until: sessions.expiresAt })
    .from(sessions)
    .where(and(eq(sessions.userId, userId), gt(sessions.expiresAt, new Date())))
    .orderBy(desc(sessions.createdAt));
}

export const isLocalEmail = (email: string): boolean => email === LOCAL_EMAIL;

export async function userByEmail(database: Database, email: string): Promise<{ readonly id: string } | null> {
  const [found] = await database.select({ id: users.id }).from(users).where(eq(users.email, email.toLowerCase()));
  return found ?? null;
}
