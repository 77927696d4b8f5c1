import cluster from "node:cluster";
import { availableParallelism } from "node:os";

/**
 * Serves the built app: node scripts/machine/app-server.mjs, with HOST, PORT and DATABASE_URL set. One process for each core shares the
 * port (GAMINE_PROCESSES says another number); all they know together is in the database.
 */
const PROCESSES = Number(process.env.GAMINE_PROCESSES) || availableParallelism();
/** One that ends sooner than this never served, and would not the next time either. */
const TOO_SOON_MS = 3000;

if (cluster.isPrimary && PROCESSES > 1) {
  let isStopping = false;
  const begun = new Map();
  const fork = () => begun.set(cluster.fork().id, performance.now());
  cluster.on("exit", (worker, code) => {
    if (isStopping) return;
    if (performance.now() - (begun.get(worker.id) ?? 0) < TOO_SOON_MS) process.exit(code || 1);
    console.error("A process of the server ended by itself and is started again.");
    fork();
  });
  for (const signal of ["SIGINT", "SIGTERM"]) {
    process.on(signal, () => {
      isStopping = true;
      for (const worker of Object.values(cluster.workers ?? {})) worker?.process.kill("SIGTERM");
      cluster.on("exit", () => {
        if (Object.keys(cluster.workers ?? {}).length === 0) process.exit(0);
      });
    });
  }
  for (let i = 0; i < PROCESSES; i++) fork();
} else await import("./app-process.mjs");
