import type { ClothKind } from "@core/cloth/index";
import type { Mechanics } from "@core/toile/index";
import { useCallback, useEffect, useState } from "react";
import { z } from "zod";

const FIGURES = z.object({
  weight: z.number().positive(),
  bendingLength: z.number().positive(),
  warp: z.number().positive(),
  weft: z.number().positive(),
  bias: z.number().positive(),
  friction: z.number().nonnegative(),
  source: z.literal("typed"),
});

const keyOf = (kind: ClothKind) => `gamine-hanging-${kind}`;

/** What somebody typed for a kind of cloth, kept in the browser; null while it is as is usual. */
export function useOwnCloth(kind: ClothKind): readonly [Mechanics | null, (own: Mechanics | null) => void] {
  const [own, setOwn] = useState<Mechanics | null>(null);
  useEffect(() => setOwn(kept(kind)), [kind]);
  const keep = useCallback(
    (next: Mechanics | null) => {
      setOwn(next);
      // A browser that keeps nothing still wears what was typed.
      try {
        if (next) localStorage.setItem(keyOf(kind), JSON.stringify(next));
        else localStorage.removeItem(keyOf(kind));
      } catch {}
    },
    [kind],
  );
  return [own, keep];
}

function kept(kind: ClothKind): Mechanics | null {
  try {
    return FIGURES.safeParse(JSON.parse(localStorage.getItem(keyOf(kind)) ?? "null")).data ?? null;
  } catch {
    return null;
  }
}
