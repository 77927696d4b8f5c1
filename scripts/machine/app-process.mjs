import { Server } from "node:net";
import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express from "express";
import expressStaticGzip from "express-static-gzip";
import { log } from "./log.mjs";

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
const NAMES = [
  "localhost",
  "127.0.0.1",
  "[::1]",
  ...(process.env.GAMINE_HOSTS ?? "").split(",").filter(Boolean),
  ...(process.env.GAMINE_URL ? [new URL(process.env.GAMINE_URL).hostname] : []),
];
/** Whoever is still being answered when the server stops has so long. */
const PATIENCE_MS = 8000;
const KEPT_OPEN_MS = 75_000;
/** A request that was sent before anybody could know of the stop arrives within this. */
const ON_ITS_WAY_MS = 250;

/** On every answer, whatever it is. */
const ALWAYS = {
  "x-content-type-options": "nosniff",
  "x-frame-options": "DENY",
  "referrer-policy": "same-origin",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(self), geolocation=(), microphone=(), payment=(), usb=(), serial=(self)",
  ...(process.env.GAMINE_URL?.startsWith("https:") ? { "strict-transport-security": "max-age=31536000" } : {}),
};

/** Behind a proxy (GAMINE_PROXY=1) the last address that it added is the caller's; otherwise the socket's. */
function addressOf({ headers, socket }) {
  const forwarded = process.env.GAMINE_PROXY === "1" ? headers["x-forwarded-for"] : undefined;
  return (
    String(forwarded ?? "")
      .split(",")
      .at(-1)
      ?.trim() ||
    (socket.remoteAddress ?? "")
  );
}

/** Who asked is not written, nor what: an address without its question, the answer and its time. */
function logWhenDone(request, response) {
  const began = performance.now();
  response.once("finish", () => {
    const { method, path } = request;
    const status = response.statusCode;
    const line = { method, path: withoutSecrets(path), status, ms: Math.round(performance.now() - began) };
    if (status >= 500) log.error(line, "failed");
    else if (status === 403 || status === 413 || status === 421 || status === 429) log.warn(line, "refused");
    else log.info(line, "answered");
  });
}

/** A link that lets somebody in is no address. */
const withoutSecrets = (path) => path.replace(/^\/(shared|invitations)\/[^/]+/, "/$1/…");

/** The name in a Host header; an empty one for what is no host with a port that there is. */
function nameOf(host) {
  const url = `http://${host}`;
  return /^[\w.[\]:-]+$/.test(host) && URL.canParse(url) ? new URL(url).hostname : "";
}

function refuse(response, status, sentence) {
  response.status(status).set("connection", "close").type("text/plain").send(sentence);
}

/** Says what is wrong with a request before anything of its body is read; null for nothing. */
function whyNot(request) {
  const { method, url, headers } = request;
  if (!METHODS.includes(method)) return [405, `${method} is not understood here; only ${METHODS.join(", ")} are.`];
  if (nameOf(headers.host ?? "") === "") return [400, "That is no name of a server."];
  if (!NAMES.includes(nameOf(headers.host ?? ""))) return [421, "This server does not go by that name."];
  if (method === "POST" && !isSentFromHere(headers)) return [403, "What another site sends is not taken."];
  // A file is no page: it has no data besides itself.
  if (/\.\w+\.data(\?|$)/.test(url)) return [404, "There is nothing at this address."];
  // An address begins with a slash; what names another host as well is meant for a proxy.
  if (!url.startsWith("/") || !isReadable(url)) return [400, "That address cannot be read."];
  if (Number(headers["content-length"] ?? 0) > mostBytes(request)) return [413, tooLarge(request)];
  return null;
}

/** A studio's archive holds its photographs; everything else is a form. */
const mostBytes = ({ url }) => (RESTORE.test(url) ? MOST_ARCHIVE_BYTES : MOST_BYTES);
const RESTORE = /^\/settings\/restore(\.data)?(\?|$)/;
const MOST_ARCHIVE_BYTES = 2_000_000_000;
const tooLarge = (request) => `What was sent is larger than the ${mostBytes(request) / 1_000_000} MB that are taken.`;

/** A browser says from where a form is sent; what is no browser and says nothing carries nobody's cookies. */
function isSentFromHere({ origin, host, cookie, "sec-fetch-site": site }) {
  if (site !== undefined && site !== "same-origin") return false;
  if (origin !== undefined) return isOwn(origin, host);
  return cookie === undefined || site === "same-origin" || !cookie.includes("gamine.session_token");
}

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
  const most = mostBytes(request);
  let bytes = 0;
  request.push = (chunk, encoding) => {
    bytes += chunk?.length ?? 0;
    if (bytes <= most) return push(chunk, encoding);
    if (!response.headersSent) refuse(response, 413, tooLarge(request));
    response.once("finish", () => request.destroy());
    return false;
  };
}

/** What is being answered. */
const answering = new Set();
let isStopping = false;

// Whoever read what is written here may be gone: that is no reason to stop serving.
for (const stream of [process.stdout, process.stderr]) stream.on("error", () => {});

const app = express();
app.disable("x-powered-by");
app.use((request, response, next) => {
  for (const [name, value] of Object.entries(ALWAYS)) response.set(name, value);
  answering.add(response);
  response.once("close", () => answering.delete(response));
  if (isStopping) response.set("connection", "close");
  logWhenDone(request, response);
  next();
});
// Is the process there, and is the app able to answer: asked from this machine by what watches over it, by any name.
app.get("/health", (_request, response) => response.type("text/plain").send("ready"));
app.get("/ready", async (_request, response) => {
  const isReady = await build.entry.module.isReady();
  response
    .status(isReady ? 200 : 503)
    .type("text/plain")
    .send(isReady ? "ready" : "the database is not answering");
});
app.use((request, response, next) => {
  const reason = whyNot(request);
  if (reason) {
    if (reason[0] === 405) response.set("allow", METHODS.join(", "));
    return refuse(response, ...reason);
  }
  // What a caller says of itself is not listened to, but for a proxy of our own.
  request.headers["x-client-ip"] = addressOf(request);
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

// Longer than any proxy keeps a connection that nothing is asked on: the other end lets go first, and no request meets a closing door.
server.keepAliveTimeout = KEPT_OPEN_MS;
server.headersTimeout = KEPT_OPEN_MS + 5000;

/** Takes no new connection, answers what was asked and what still comes in on a connection that is open, and ends. */
function stop() {
  // The signal comes to the whole group, and from the first process once more.
  if (isStopping) return;
  isStopping = true;
  for (const response of answering) if (!response.headersSent) response.set("connection", "close");
  setTimeout(() => process.exit(0), PATIENCE_MS).unref();
  // Only the listening ends at once: a request may be on its way on a connection that looks idle.
  Server.prototype.close.call(server, () => process.exit(0));
  setTimeout(() => server.closeIdleConnections(), ON_ITS_WAY_MS);
}

for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, stop);
