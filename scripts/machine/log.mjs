import pino from "pino";

/** What happens in the server, a line of JSON each, on standard output. GAMINE_LOG says from which level on: info tells every request. */
export const log = pino({ level: process.env.GAMINE_LOG || "warn", base: { process: process.pid } });
