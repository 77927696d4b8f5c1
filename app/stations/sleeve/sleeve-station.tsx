import { SleeveSheet } from "@app/sheet/sleeve-sheet";
import { findingsSide } from "@app/work/findings-panel";
import { WorkColumns } from "@app/work/work-columns";
import { lazy, Suspense } from "react";
import { useSearchParams } from "react-router";
import { SleeveFields } from "./sleeve-fields";

const MethodsView = lazy(async () => ({ default: (await import("./methods-view")).MethodsView }));

/** The sleeve on its sheet, or every method side by side. */
export function SleeveStation() {
  const [search] = useSearchParams();
  if (search.get("view") === "methods") {
    return (
      <Suspense fallback={null}>
        <MethodsView />
      </Suspense>
    );
  }
  return <WorkColumns fields={<SleeveFields />} sheet={<SleeveSheet />} side={findingsSide("sleeve")} />;
}
