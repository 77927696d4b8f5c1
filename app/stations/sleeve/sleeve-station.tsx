import { SleeveSheet } from "@app/sheet/sleeve-sheet";
import { findingsSide } from "@app/work/findings-panel";
import { WorkColumns } from "@app/work/work-columns";
import { useWork } from "@app/work/work-context";
import { lazy, Suspense } from "react";
import { useSearchParams } from "react-router";
import { SleeveFields } from "./sleeve-fields";
import { NoSleeve } from "./style-choice";

const MethodsView = lazy(async () => ({ default: (await import("./methods-view")).MethodsView }));

/** The sleeve on its sheet, or every method side by side. */
export function SleeveStation() {
  const [search] = useSearchParams();
  const isWanted = useWork((work) => work.spec.sleeve !== null);
  if (search.get("view") === "methods") {
    return (
      <Suspense fallback={null}>
        <MethodsView />
      </Suspense>
    );
  }
  const sheet = isWanted ? <SleeveSheet /> : <NoSleeve />;
  return <WorkColumns fields={<SleeveFields />} sheet={sheet} side={findingsSide("sleeve")} />;
}
