import { randomBytes } from "node:crypto";
import { Writable } from "node:stream";
import { renderToPipeableStream } from "react-dom/server";
import { type EntryContext, ServerRouter } from "react-router";
import { NonceContext } from "./components/nonce";
import { theDatabase } from "./server/connection";
import { contentPolicy } from "./server/content-policy";

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
  // A page runs the scripts and takes the styles that it was made with, and no others.
  const nonce = randomBytes(16).toString("base64");
  if (import.meta.env.PROD) headers.set("content-security-policy", contentPolicy(nonce));
  const page = (
    <NonceContext value={nonce}>
      <ServerRouter context={context} url={request.url} nonce={nonce} />
    </NonceContext>
  );
  return new Promise((resolve, reject) => {
    let endStatus = status;
    const { pipe, abort } = renderToPipeableStream(page, {
      nonce,
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

/** Can the app answer: does its database? */
export async function isReady(): Promise<boolean> {
  try {
    await theDatabase().execute("select 1");
    return true;
  } catch {
    return false;
  }
}
