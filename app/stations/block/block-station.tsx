import { BlockSheet } from "@app/sheet/block-sheet";
import { findingsSide } from "@app/work/findings-panel";
import { WorkColumns } from "@app/work/work-columns";
import { useSearchParams } from "react-router";
import { BlockFields } from "./block-fields";
import { DrawingBench } from "./drawing-bench";
import { PhotoBench } from "./photo-bench";

/** The block, from whichever way it comes; while edges are pointed at, the drawing or the photograph lies on the table. */
export function BlockStation() {
  const [search] = useSearchParams();
  const asked = search.get("from");
  if (asked === "drawing") return <DrawingBench />;
  if (asked === "photograph") return <PhotoBench />;
  return <WorkColumns fields={<BlockFields />} sheet={<BlockSheet />} side={findingsSide("block")} />;
}
