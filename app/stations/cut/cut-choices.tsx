import { ChoiceSelect } from "@app/components/choice-select";
import { FieldsPanel, type PanelSection } from "@app/work/fields-panel";
import { useWork, useWorkStore } from "@app/work/work-context";
import type { CutPiece } from "@core/cut/index";
import type { LinesShown } from "@exporting/line-choice";
import { useMemo } from "react";
import { OwnAllowances } from "./own-allowances";

const LINES: readonly { readonly value: LinesShown; readonly label: string }[] = [
  { value: "both", label: "Cutting and stitching line" },
  { value: "cutting", label: "Cutting line" },
  { value: "stitching", label: "Stitching line" },
];

/** Shrinkages that are asked for in steps that cloths are sold with. */
const SHRINKAGES = [0, 0.02, 0.03, 0.05, 0.08, 0.1] as const;

type Props = {
  readonly pieces: readonly CutPiece[];
  readonly lines: LinesShown;
  readonly onLines: (lines: LinesShown) => void;
};

/** What is added to the edges, and how the cloth lies. */
export function CutChoices({ pieces, lines, onLines }: Props) {
  const sections = useMemo(
    (): readonly PanelSection[] => [
      {
        title: "Allowances",
        note: "Added to the stitching line; nothing on a fold.",
        entries: [
          "allowances.general",
          "allowances.neckline",
          "allowances.hem",
          "allowances.curvedHem",
          {
            key: "lines",
            words: "Lines shown",
            node: <ChoiceSelect id="lines" label="Lines shown" value={lines} choices={LINES} onChoose={onLines} />,
          },
        ],
      },
      CLOTH,
      {
        title: "Single edges",
        note: "In place of the allowances above.",
        entries: [{ key: "own", words: "Single edges", node: <OwnAllowances pieces={pieces} /> }],
      },
    ],
    [pieces, lines, onLines],
  );
  return <FieldsPanel sections={sections} />;
}

const CLOTH: PanelSection = {
  title: "Cloth",
  entries: [
    "cloth.width",
    "lay.fold",
    "lay.nap",
    { key: "shrinkage", words: "Shrinks when washed", node: <Shrinkage /> },
    "lay.lining",
    "lay.liningWidth",
    "lay.interfacingWidth",
  ],
};

function Shrinkage() {
  const store = useWorkStore();
  const shrinkage = useWork((work) => work.spec.lay?.shrinkage ?? 0);
  return (
    <ChoiceSelect
      id="lay.shrinkage"
      label="Shrinks when washed"
      value={String(shrinkage)}
      choices={[...new Set([...SHRINKAGES, shrinkage])]
        .sort((a, b) => a - b)
        .map((share) => ({
          value: String(share),
          label: share === 0 ? "Not at all" : `By ${Math.round(share * 1000) / 10} %`,
        }))}
      onChoose={(share) => store.getState().setField("lay.shrinkage", Number(share) === 0 ? undefined : Number(share))}
    />
  );
}
