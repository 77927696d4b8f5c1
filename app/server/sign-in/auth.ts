import { theDatabase } from "@app/server/connection";
import {
  accounts,
  invitations,
  members,
  rateLimits,
  sessions,
  studios,
  users,
  verifications,
} from "@database/schema/people";
import { hash, verify } from "@node-rs/argon2";
import { betterAuth } from "better-auth";
import { drizzleAdapter } from "better-auth/adapters/drizzle";
import { createAuthEndpoint } from "better-auth/api";
import { setSessionCookie } from "better-auth/cookies";
import { organization } from "better-auth/plugins";
import { createAccessControl } from "better-auth/plugins/access";
import { z } from "zod";
import { publicAddress } from "./addresses";

const access = createAccessControl({
  organization: ["update", "delete"],
  member: ["create", "update", "delete"],
  invitation: ["create", "cancel"],
});
/** What each may do with the workroom itself; what they may do with its work, the one door to the database says. */
const roles = {
  owner: access.newRole({
    organization: ["update", "delete"],
    member: ["create", "update", "delete"],
    invitation: ["create", "cancel"],
  }),
  maker: access.newRole({}),
  reader: access.newRole({}),
};

const SHORTEST_PASSWORD = 10;
const LONGEST_PASSWORD = 200;
const DAY_S = 24 * 60 * 60;
/** An invitation that nobody took up by then is void. */
const INVITED_FOR_S = 7 * DAY_S;

export const PASSWORD = z
  .string()
  .min(SHORTEST_PASSWORD, "A password has at least 10 letters.")
  .max(LONGEST_PASSWORD, "A password has at most 200 letters.");

/** Signs somebody in who is let in for another reason than a password: whoever sits at this machine. Called by this server only. */
const localEntry = {
  id: "local-entry",
  endpoints: {
    enterAs: createAuthEndpoint(
      "/local/enter",
      { method: "POST", body: z.object({ userId: z.uuid() }) },
      async (context) => {
        const user = await context.context.internalAdapter.findUserById(context.body.userId);
        if (!user) return context.json({ entered: false });
        const session = await context.context.internalAdapter.createSession(user.id);
        await setSessionCookie(context, { session, user });
        return context.json({ entered: true });
      },
    ),
    /** Gives somebody another password, whoever knew the old one: they are signed out everywhere. */
    takePassword: createAuthEndpoint(
      "/local/password",
      { method: "POST", body: z.object({ userId: z.uuid(), password: PASSWORD }) },
      async (context) => {
        const { userId, password } = context.body;
        const { internalAdapter, password: hashing } = context.context;
        await internalAdapter.updatePassword(userId, await hashing.hash(password));
        await internalAdapter.deleteUserSessions(userId);
        return context.json({ taken: true });
      },
    ),
  },
};

function make() {
  const secret = process.env.GAMINE_SECRET;
  if (!secret) throw new Error("GAMINE_SECRET is not set: start the app with npm start, which makes one.");
  return betterAuth({
    appName: "Gamine",
    secret,
    baseURL: publicAddress() ?? `http://127.0.0.1:${process.env.PORT ?? 4173}`,
    // The server has looked at Host and Origin of every request by now; only its own addresses get here.
    trustedOrigins: (request) => (request ? [new URL(request.url).origin] : []),
    database: drizzleAdapter(theDatabase(), {
      provider: "pg",
      schema: {
        user: users,
        session: sessions,
        account: accounts,
        verification: verifications,
        rateLimit: rateLimits,
        organization: studios,
        member: members,
        invitation: invitations,
      },
    }),
    emailAndPassword: {
      enabled: true,
      minPasswordLength: SHORTEST_PASSWORD,
      maxPasswordLength: LONGEST_PASSWORD,
      // Argon2id with 19 MiB, as the library's own defaults are.
      password: { hash: (password) => hash(password), verify: ({ hash: known, password }) => verify(known, password) },
    },
    session: { expiresIn: 30 * DAY_S, updateAge: DAY_S },
    rateLimit: {
      enabled: true,
      storage: "database",
      window: 60,
      max: 60,
      customRules: {
        "/sign-in/email": { window: 60, max: 10 },
        "/sign-up/email": { window: 600, max: 10 },
        "/change-password": { window: 60, max: 10 },
      },
    },
    advanced: {
      cookiePrefix: "gamine",
      // The server sets it from the socket; what a caller says of itself is not listened to.
      ipAddress: { ipAddressHeaders: ["x-client-ip"] },
      database: { generateId: "uuid" },
    },
    telemetry: { enabled: false },
    plugins: [
      organization({
        ac: access,
        roles,
        creatorRole: "owner",
        invitationExpiresIn: INVITED_FOR_S,
        requireEmailVerificationOnInvitation: false,
      }),
      localEntry,
    ],
  });
}

let made: ReturnType<typeof make> | null = null;

/** Who may come in, and how: made when it is first asked for, as it needs the database. */
export function auth(): ReturnType<typeof make> {
  made ??= make();
  return made;
}
