import { FindingsPanel } from "@app/features/garment/findings-panel";
import { WorkColumns } from "@app/features/garment/work-columns";
import { SleeveSheet } from "@app/features/sheet/sleeve-sheet";
import { useSearchParams } from "react-router";
import { MethodsView } from "./methods-view";
import { SleeveFields } from "./sleeve-fields";

/** The sleeve on its sheet, or every method side by side. */
export function SleeveStation() {
  const [search] = useSearchParams();
  if (search.get("view") === "methods") return <MethodsView />;
  return <WorkColumns fields={<SleeveFields />} sheet={<SleeveSheet />} side={<FindingsPanel />} />;
}
