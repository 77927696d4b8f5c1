import { idFrom } from "@app/server/database";
import { postedForm } from "@app/server/posted-texts";
import { listenToPracticeTape } from "@app/server/practice-tape";
import { pressPracticeTape, readingsOf } from "@app/server/tape-readings";
import { z } from "zod";
import type { Route } from "./+types/tape";

const PRESS = z.object({ mm: z.coerce.number().positive().max(3000) });
/** How soon a browser connects again after the line dropped. */
const RETRY_MS = 300;
const HEARTBEAT_MS = 20_000;

/** The readings of a practice tape as server-sent events, from the one after the last that the browser says it had. */
export function loader({ request, params }: Route.LoaderArgs) {
  const readings = readingsOf(idFrom(params.tapeId, "This tape"));
  const after = Number(request.headers.get("last-event-id") ?? 0);
  const encoder = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string) => controller.enqueue(encoder.encode(text));
      write(`retry: ${RETRY_MS}\n\n`);
      const heartbeat = setInterval(() => write(": still here\n\n"), HEARTBEAT_MS);
      const listening = listenToPracticeTape(readings, Number.isInteger(after) && after > 0 ? after : 0, {
        send: ({ number, mm }) => write(`id: ${number}\nevent: reading\ndata: ${mm}\n\n`),
        drop: () => {
          stop();
          controller.close();
        },
      });
      stop = () => {
        clearInterval(heartbeat);
        void listening.then((unlisten) => unlisten());
      };
      request.signal.addEventListener("abort", () => stop());
    },
    cancel: () => stop(),
  });
  return new Response(body, {
    headers: {
      "content-type": "text/event-stream",
      // Not to be gathered up and compressed on the way: each reading has to arrive at once.
      "cache-control": "no-cache, no-transform",
    },
  });
}

/** Presses the practice tape's button at a length. */
export async function action({ request, params }: Route.ActionArgs) {
  const tapeId = idFrom(params.tapeId, "This tape");
  const pressed = PRESS.safeParse(Object.fromEntries(await postedForm(request)));
  if (!pressed.success) return new Response("A reading is a length of up to 3 m.", { status: 422 });
  await pressPracticeTape(tapeId, pressed.data.mm);
  return new Response(null, { status: 204 });
}
