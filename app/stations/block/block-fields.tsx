import { useWork } from "@app/work/work-context";
import { AlterationsList } from "./alterations-list";
import { BlockSource } from "./block-source";
import { DraftedFields } from "./drafted-fields";
import { OutlineSummary } from "./outline-summary";
import { ReadingsFields } from "./readings-fields";

/** Where the armhole and the neckline come from, and what is altered on them. */
export function BlockFields() {
  const source = useWork((work) => work.spec.block.source);
  return (
    <>
      <BlockSource />
      {source === "readings" && <ReadingsFields />}
      {source === "drafted" && <DraftedFields />}
      {source === "outline" && <OutlineSummary />}
      <AlterationsList />
    </>
  );
}
