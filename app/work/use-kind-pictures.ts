import { type GarmentPicture, pictureOf, sketchGarment } from "@core/garment/index";
import type { Piece } from "@core/pattern/index";
import type { GarmentSpec } from "@core/spec/index";
import { useEffect, useRef, useState } from "react";
import { useThrottledWork } from "./use-throttled-work";

export type Kinds<Kind extends string> = {
  readonly all: readonly Kind[];
  readonly specOf: (spec: GarmentSpec, kind: Kind) => GarmentSpec;
  readonly piecesOf: (garment: ReturnType<typeof sketchGarment>) => readonly Piece[];
};

type Pictures<Kind extends string> = { readonly [kind in Kind]?: GarmentPicture | null };

/**
 * A small picture of each kind, drawn from this garment's block, one at a time so that nothing waits for them. They are drawn anew
 * when block or body change, not while a figure of the part itself is dragged. `kinds` must not change between renders.
 */
export function useKindPictures<Kind extends string>(kinds: Kinds<Kind>): Pictures<Kind> {
  const spec = useThrottledWork((work) => work.spec);
  const [pictures, setPictures] = useState<Pictures<Kind>>({});
  const latest = useRef(spec);
  latest.current = spec;
  const standsOn = JSON.stringify([spec.block, spec.body, spec.cloth]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn anew for another block, body or cloth, by the spec that is then the latest
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const draw = (index: number) => {
      const kind = kinds.all[index];
      if (kind === undefined) return;
      const picture = pictureOf({ pieces: kinds.piecesOf(sketchGarment(kinds.specOf(latest.current, kind))) });
      setPictures((before) => ({ ...before, [kind]: picture }));
      timer = setTimeout(() => draw(index + 1));
    };
    timer = setTimeout(() => draw(0));
    return () => clearTimeout(timer);
  }, [standsOn, kinds]);
  return pictures;
}
