/**
 * Does the run try every one that there is? `npm run thorough` does, before a release; a usual run tries a share of them, spread over
 * all, so that it takes minutes.
 */
export const IS_THOROUGH = process.env.GAMINE_THOROUGH === "1";

/** All of them in a thorough run; else every so many, the last among them. */
export function spread<One>(all: readonly One[], every: number): readonly One[] {
  return IS_THOROUGH ? all : all.filter((_, i) => i % every === (all.length - 1) % every);
}
