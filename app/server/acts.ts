import { createHmac } from "node:crypto";
import { z } from "zod";

/** What somebody asks to be done, under a key of its own: sent again, as after an answer that was lost, it is not done again. */
export type Act = {
  /** The address that it was sent to. */
  readonly what: string;
  /** Null where whoever sent it gave none: then it is done as often as it is sent. */
  readonly key: string | null;
};

/** The key's name among a form's texts, and among the headers of what is no form. */
const ACT_KEY_FIELD = "actKey";
const ACT_KEY_HEADER = "idempotency-key";

/** The act that a request asks for; `form` where its key is among the texts of one. */
export function actOf(request: Request, form?: FormData): Act {
  const key = z.uuid().safeParse(form?.get(ACT_KEY_FIELD) ?? request.headers.get(ACT_KEY_HEADER));
  return { what: new URL(request.url).pathname.replace(/\.data$/, ""), key: key.data ?? null };
}

/** Something secret that is the same whenever the act is sent again, and that nobody can make who does not know the server's own secret. */
export function secretOfAct({ what, key }: Act): string | null {
  const secret = process.env.GAMINE_SECRET;
  return key && secret ? createHmac("sha256", secret).update(`${what} ${key}`).digest("base64url") : null;
}
