import { Writable } from "node:stream";
import { renderToPipeableStream } from "react-dom/server";
import { type EntryContext, ServerRouter } from "react-router";

/** A page that is not made by then is given up. */
const GIVE_UP_MS = 6000;

/**
 * Makes a page whole and sends it in one piece: no page here has parts that come later, and a stream of many small pieces took as long as
 * the making.
 */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
): Promise<Response> | Response {
  if (request.method === "HEAD") return new Response(null, { status, headers });
  return new Promise((resolve, reject) => {
    let endStatus = status;
    const { pipe, abort } = renderToPipeableStream(<ServerRouter context={context} url={request.url} />, {
      onAllReady: () => {
        clearTimeout(giveUp);
        const pieces: Buffer[] = [];
        headers.set("content-type", "text/html; charset=utf-8");
        pipe(
          new Writable({
            write: (piece, _encoding, next) => {
              pieces.push(Buffer.from(piece));
              next();
            },
            final: (done) => {
              resolve(new Response(new Uint8Array(Buffer.concat(pieces)), { status: endStatus, headers }));
              done();
            },
          }),
        );
      },
      onShellError: (error) => {
        clearTimeout(giveUp);
        reject(error);
      },
      onError: (error) => {
        endStatus = 500;
        console.error(error);
      },
    });
    const giveUp = setTimeout(abort, GIVE_UP_MS);
  });
}
