/** The address under which the app is reached from elsewhere, where it has one: `https://gamine.example.org`. */
export function publicAddress(): string | null {
  return process.env.GAMINE_URL || null;
}

const LOOPBACK_NAMES = ["localhost", "127.0.0.1", "[::1]"];
const LOOPBACK_ADDRESSES = ["127.0.0.1", "::1", "::ffff:127.0.0.1"];

/** Set by the server from the socket, whatever the caller says. */
const CLIENT_ADDRESS = "x-client-ip";

/** What only a proxy says: whoever asks through one is somewhere else. */
const HANDED_ON = [
  "forwarded",
  "via",
  "x-forwarded-for",
  "x-forwarded-host",
  "x-forwarded-proto",
  "x-forwarded-port",
  "x-forwarded-server",
  "x-forwarded-prefix",
  "x-real-ip",
  "x-cluster-client-ip",
  "x-original-forwarded-for",
  "true-client-ip",
  "cf-connecting-ip",
  "cf-ray",
  "fastly-client-ip",
  "fly-client-ip",
  "x-azure-clientip",
  "x-envoy-external-address",
];

/**
 * Does this request come from somebody at this machine? Asked by its own name, over loopback, and handed on by no proxy; never where the
 * app has a public address. GAMINE_LOCAL=off says no to everybody.
 */
export function isFromThisMachine(request: Request): boolean {
  if (publicAddress() !== null || process.env.GAMINE_LOCAL === "off") return false;
  const { headers, url } = request;
  if (HANDED_ON.some((name) => headers.has(name))) return false;
  // The server for development sets no address, and listens on loopback only.
  const address = headers.get(CLIENT_ADDRESS) ?? (import.meta.env.DEV ? "127.0.0.1" : "");
  return LOOPBACK_NAMES.includes(new URL(url).hostname) && LOOPBACK_ADDRESSES.includes(address);
}

/** Was it pressed on a page of this app? Every browser says so of what it sends, and nothing that is no browser by itself. */
export const isSentByItsOwnPage = ({ headers }: Request): boolean => headers.get("sec-fetch-site") === "same-origin";
