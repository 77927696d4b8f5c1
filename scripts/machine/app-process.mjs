import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express from "express";
import expressStaticGzip from "express-static-gzip";

/**
 * One process of the server (app-server.mjs starts them), with HOST, PORT and DATABASE_URL set. It keeps from the app what none of its
 * pages can want: other hosts and origins, other methods, addresses that cannot be read, and bodies larger than any form.
 */
const HOST = process.env.HOST ?? "127.0.0.1";
const PORT = Number(process.env.PORT ?? 4173);
/** The largest thing a page posts is a list of measures of 1 MB. */
const MOST_BYTES = 2_000_000;
const METHODS = ["GET", "HEAD", "POST"];
/** A server behind a name of its own is told it: names separated by commas. */
const NAMES = ["localhost", "127.0.0.1", "[::1]", ...(process.env.GAMINE_HOSTS ?? "").split(",").filter(Boolean)];
/** Whoever is still being answered when the server stops has so long. */
const PATIENCE_MS = 8000;

const nameOf = (host) => host.replace(/:\d+$/, "").toLowerCase();

function refuse(response, status, sentence) {
  response.status(status).set("connection", "close").type("text/plain").send(sentence);
}

/** Says what is wrong with a request before anything of its body is read; null for nothing. */
function whyNot({ method, url, headers }) {
  if (!METHODS.includes(method)) return [405, `${method} is not understood here; only ${METHODS.join(", ")} are.`];
  if (!NAMES.includes(nameOf(headers.host ?? ""))) return [421, "This server does not go by that name."];
  if (method === "POST" && headers.origin !== undefined && !isOwn(headers.origin, headers.host))
    return [403, "What another site sends is not taken."];
  if (!isReadable(url)) return [400, "That address cannot be read."];
  if (Number(headers["content-length"] ?? 0) > MOST_BYTES) return [413, TOO_LARGE];
  return null;
}

const TOO_LARGE = `What was sent is larger than the ${MOST_BYTES / 1_000_000} MB that are taken.`;

function isOwn(origin, host) {
  try {
    return new URL(origin).host === host;
  } catch {
    return false;
  }
}

function isReadable(url) {
  try {
    return !decodeURIComponent(url.split("?")[0] ?? "").includes("\0");
  } catch {
    return false;
  }
}

/** A body without a stated length is counted as it comes in, and no longer read once it is too large. */
function countBody(request, response) {
  const push = request.push.bind(request);
  let bytes = 0;
  request.push = (chunk, encoding) => {
    bytes += chunk?.length ?? 0;
    if (bytes <= MOST_BYTES) return push(chunk, encoding);
    if (!response.headersSent) refuse(response, 413, TOO_LARGE);
    response.once("finish", () => request.destroy());
    return false;
  };
}

const app = express();
app.disable("x-powered-by");
app.get("/health", (_request, response) => response.type("text/plain").send("ready"));
app.use((request, response, next) => {
  const reason = whyNot(request);
  if (reason) {
    if (reason[0] === 405) response.set("allow", METHODS.join(", "));
    return refuse(response, ...reason);
  }
  countBody(request, response);
  next();
});
// Scripts and styles are packed when the app is built; a page is smaller than the packing of it is quick.
app.use("/theme.css", compression());
app.use(
  "/assets",
  expressStaticGzip("build/client/assets", {
    enableBrotli: true,
    orderPreference: ["br", "gz"],
    index: false,
    serveStatic: { immutable: true, maxAge: "1y" },
  }),
);
const publicFiles = express.static("build/client", { maxAge: "1h", index: false });
// Pages have no ending, and their data has one that no file has: neither is looked for on the disk.
app.use((request, response, next) =>
  /\.\w+$/.test(request.path) && !request.path.endsWith(".data") ? publicFiles(request, response, next) : next(),
);
const build = await import(new URL("../../build/server/index.js", import.meta.url).href);
app.all("/{*path}", createRequestHandler({ build, mode: process.env.NODE_ENV }));

const server = app.listen(PORT, HOST, (error) => {
  if (!error) return;
  console.error(`The server cannot listen on ${HOST}:${PORT}: ${error.message}`);
  process.exit(1);
});

for (const signal of ["SIGINT", "SIGTERM"]) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), PATIENCE_MS).unref();
  });
}
