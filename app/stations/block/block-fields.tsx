import { FieldsPanel, type PanelSection } from "@app/work/fields-panel";
import { useWork } from "@app/work/work-context";
import { AlterationsList } from "./alterations-list";
import { BlockSource } from "./block-source";
import { DraftedFields } from "./drafted-fields";
import { OutlineSummary } from "./outline-summary";
import { READINGS_SECTIONS } from "./readings-fields";

const SOURCE: PanelSection = {
  title: "Where the block comes from",
  entries: [{ key: "source", words: "Where the block comes from", node: <BlockSource /> }],
};
const FOLDED_SOURCE: readonly PanelSection[] = [{ ...SOURCE, isFolded: true }];

const ALTERATIONS: readonly PanelSection[] = [
  {
    title: "Alterations",
    note: "Made to the block before the sleeve, in this order.",
    entries: [{ key: "alterations", words: "Alterations", node: <AlterationsList /> }],
  },
];

const OF_READINGS = [SOURCE, ...READINGS_SECTIONS, ...ALTERATIONS];
const OF_OUTLINE = [
  SOURCE,
  { title: "Edges that were taken", entries: [{ key: "outline", words: "Outline", node: <OutlineSummary /> }] },
  ...ALTERATIONS,
];
const NONE: readonly PanelSection[] = [];

/** Where the armhole and the neckline come from, and what is altered on them. */
export function BlockFields() {
  const source = useWork((work) => work.spec.block.source);
  switch (source) {
    case "readings":
      return <FieldsPanel sections={OF_READINGS} />;
    case "outline":
      return <FieldsPanel sections={OF_OUTLINE} />;
    case "drafted":
      return <DraftedFields before={NONE} after={[...ALTERATIONS, ...FOLDED_SOURCE]} />;
  }
}
