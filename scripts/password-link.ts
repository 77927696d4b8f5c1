import { readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { z } from "zod";
import { newToken } from "../app/server/secret-token";
import { connect } from "../database/client";
import { addPasswordLink } from "../database/queries/passwords";
import { userByEmail } from "../database/queries/people";

/**
 * A link by which somebody takes a new password, for whoever keeps the machine: `npx tsx scripts/password-link.ts EMAIL`, while the app runs.
 * For the owner of a workroom who forgot theirs and has no other owner to ask. It may be used once, within a day.
 */
const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const RUNNING = z.object({ url: z.string(), databaseUrl: z.string() });

/** The app that runs here, as it noted down itself. */
function running() {
  const home = process.env.GAMINE_HOME || join(ROOT, ".gamine");
  try {
    return RUNNING.parse(JSON.parse(readFileSync(join(home, "running.json"), "utf8")));
  } catch {
    throw new Error(`No app runs from ${home}. Start it with npm start, then ask again.`);
  }
}

async function linkFor(email: string): Promise<string> {
  const { url, databaseUrl } = running();
  const { database, close } = connect(databaseUrl);
  try {
    const user = await userByEmail(database, email);
    if (!user) throw new Error(`Nobody here signs in as ${email}.`);
    const { token, tokenHash } = newToken(null);
    const until = await addPasswordLink(database, user.id, tokenHash);
    return `${process.env.GAMINE_URL || url}/new-password/${token}\nIt may be used once, until ${until.toLocaleString()}.`;
  } finally {
    await close();
  }
}

const [email] = process.argv.slice(2);
try {
  if (!email) throw new Error("Say whose: npx tsx scripts/password-link.ts EMAIL");
  console.log(await linkFor(email));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
