import { and, eq, gt, inArray, ne, notInArray } from "drizzle-orm";
import type { Database } from "../client";
import { members, passwordLinks, users } from "../schema/people";

/** A link for a forgotten password leads somewhere for so long. */
const OPEN_FOR_MS = 24 * 60 * 60 * 1000;

/** Makes a link for somebody who forgot their password; one that was made before leads nowhere any more. */
export async function addPasswordLink(database: Database, userId: string, tokenHash: string): Promise<Date> {
  const expiresAt = new Date(Date.now() + OPEN_FOR_MS);
  await database.transaction(async (transaction) => {
    await transaction.delete(passwordLinks).where(eq(passwordLinks.userId, userId));
    await transaction.insert(passwordLinks).values({ tokenHash, userId, expiresAt });
  });
  return expiresAt;
}

const isOpen = (tokenHash: string) =>
  and(eq(passwordLinks.tokenHash, tokenHash), gt(passwordLinks.expiresAt, new Date()));

/** Whose link it is, as long as it can be used; null for any other. */
export async function findPasswordLink(database: Database, tokenHash: string) {
  const [found] = await database
    .select({ userId: users.id, email: users.email, name: users.name })
    .from(passwordLinks)
    .innerJoin(users, eq(users.id, passwordLinks.userId))
    .where(isOpen(tokenHash));
  return found ?? null;
}

/** Uses a link up; false for one that somebody used first. */
export async function takePasswordLink(database: Database, tokenHash: string): Promise<boolean> {
  const taken = await database
    .delete(passwordLinks)
    .where(isOpen(tokenHash))
    .returning({ userId: passwordLinks.userId });
  return taken.length > 0;
}

export type Helped = "not-here" | "works-elsewhere" | { readonly userId: string };

/**
 * The member whom an owner of the workroom may give a new password. Nobody who is in another workroom of which the owner is none: with their
 * password the owner would come in there.
 */
export async function memberToHelp(
  database: Database,
  studioId: string,
  ownerId: string,
  memberId: string,
): Promise<Helped> {
  const [member] = await database
    .select({ userId: members.userId })
    .from(members)
    .where(and(eq(members.id, memberId), eq(members.organizationId, studioId), ne(members.userId, ownerId)));
  if (!member) return "not-here";
  const owned = database
    .select({ id: members.organizationId })
    .from(members)
    .where(and(eq(members.userId, ownerId), eq(members.role, "owner")));
  const elsewhere = await database.$count(
    members,
    and(eq(members.userId, member.userId), notInArray(members.organizationId, owned)),
  );
  return elsewhere > 0 ? "works-elsewhere" : member;
}

/** Deletes somebody's account, unless a workroom would be left without an owner: then false, and nothing is done. */
export async function deletePerson(database: Database, userId: string): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const owned = transaction
      .select({ id: members.organizationId })
      .from(members)
      .where(and(eq(members.userId, userId), eq(members.role, "owner")));
    // Two owners who go at the same moment wait for each other here.
    const owners = await transaction
      .select({ studioId: members.organizationId, userId: members.userId })
      .from(members)
      .where(and(inArray(members.organizationId, owned), eq(members.role, "owner")))
      .orderBy(members.id)
      .for("update");
    const isOnlyOne = owners.some(
      ({ studioId }) => !owners.some((other) => other.studioId === studioId && other.userId !== userId),
    );
    if (isOnlyOne) return false;
    await transaction.delete(users).where(eq(users.id, userId));
    return true;
  });
}
