import { findingsSide } from "@app/work/findings-panel";
import { WorkColumns } from "@app/work/work-columns";
import { CollarFields } from "./collar-fields";
import { CollarSheet } from "./collar-sheet";

/** The collar on its sheet, beside the neckline that it is fitted to. */
export function CollarStation() {
  return <WorkColumns fields={<CollarFields />} sheet={<CollarSheet />} side={findingsSide("collar")} />;
}
