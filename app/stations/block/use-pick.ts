import { useWorkStore } from "@app/work/work-context";
import { type Path, svgPathData } from "@core/geometry/index";
import type { OutlineBlockSpec, OutlineHalfSpec } from "@core/spec/index";
import { useSearchParams } from "react-router";

/** What an edge that is pointed at can be. */
export const PICKED_ROLES = [
  "front.armhole",
  "front.neckline",
  "front.shoulder",
  "front.grain",
  "back.armhole",
  "back.neckline",
  "back.shoulder",
  "back.grain",
] as const;
export type PickedRole = (typeof PICKED_ROLES)[number];

export const ROLE_NAMES: Readonly<Record<PickedRole, string>> = {
  "front.armhole": "Front armhole",
  "front.neckline": "Front neckline",
  "front.shoulder": "Front shoulder",
  "front.grain": "Front centre or grain",
  "back.armhole": "Back armhole",
  "back.neckline": "Back neckline",
  "back.shoulder": "Back shoulder",
  "back.grain": "Back centre or grain",
};

/** Which edges of a drawing were chosen as what. */
export type Picks = { readonly [role in PickedRole]?: readonly string[] };

export type PickedPaths = { readonly [role in PickedRole]?: Path };

/** The picked edges as the garment's block: both armholes have to be there, anything else may stand in. */
export function useTakePicked() {
  const store = useWorkStore();
  const [, setSearch] = useSearchParams();
  return (paths: PickedPaths, from: "drawing" | "photograph", error?: number) => {
    const block = outlineBlock(paths, from, error);
    if (!block) return;
    const { alterations } = store.getState().spec.block;
    store.getState().takeBlock(alterations ? { ...block, alterations } : block);
    setSearch({}, { preventScrollReset: true });
  };
}

export function outlineBlock(
  paths: PickedPaths,
  from: "drawing" | "photograph",
  error: number | undefined,
): OutlineBlockSpec | null {
  const [front, back] = [half("front", paths), half("back", paths)];
  if (!front || !back) return null;
  return { source: "outline", from, ...(error === undefined ? {} : { error }), front, back };
}

function half(side: "front" | "back", paths: PickedPaths): OutlineHalfSpec | null {
  const data = (edge: "armhole" | "neckline" | "shoulder" | "grain") => {
    const path = paths[`${side}.${edge}`];
    return path && svgPathData(path);
  };
  const armhole = data("armhole");
  if (armhole === undefined) return null;
  const others = (["neckline", "shoulder", "grain"] as const).flatMap((edge): [string, string][] => {
    const path = data(edge);
    return path === undefined ? [] : [[edge, path]];
  });
  return { armhole, ...Object.fromEntries(others) };
}
