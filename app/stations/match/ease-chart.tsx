import { Chart } from "@app/components/chart";
import { useTape } from "@app/components/preferences";
import type { Seam } from "@core/pattern/index";
import type { SeamNotch } from "@core/sleeve/set-in/index";
import { formatLength, unitOf } from "@core/tape/index";
import { useMemo } from "react";
import type { EasePicture } from "./ease-chart-painter";
import { unroll } from "./unrolled";

type Props = { readonly seams: readonly [Seam, Seam]; readonly notches: readonly SeamNotch[]; readonly limit: number };

const load = () => import("./ease-chart-painter").then((painter) => painter.createEaseChart);

/** Ease density along the armhole. */
export function EaseChart({ seams, notches, limit }: Props) {
  const tape = useTape();
  const picture = useMemo<EasePicture>(
    () => ({
      unrolled: unroll(seams, notches),
      limit,
      length: (mm) => formatLength(mm, tape),
      tickMm: unitOf(tape) === "in" ? 50.8 : 50,
    }),
    [seams, notches, limit, tape],
  );
  return (
    <Chart
      name="ease"
      label="Chart of the ease along the armhole; the table beside it gives the same figures by section."
      height="216px"
      picture={picture}
      load={load}
    />
  );
}
