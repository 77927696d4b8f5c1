import { idFrom, inStudio, notFound } from "@app/server/database";
import type { Route } from "./+types/photograph";

/** A photograph of a try-on, for whoever is in the workroom. */
export async function loader({ params, context }: Route.LoaderArgs) {
  const id = idFrom(params.photographId, "This photograph");
  const jpeg = await inStudio(context, (queries) => queries.findPhotograph(id));
  if (!jpeg) notFound("This photograph");
  return new Response(new Uint8Array(jpeg), {
    headers: { "content-type": "image/jpeg", "cache-control": "private, max-age=31536000, immutable" },
  });
}
