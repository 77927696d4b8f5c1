import { ChoiceSelect } from "@app/components/choice-select";
import { LengthText } from "@app/components/length-text";
import { FieldGroup } from "@app/work/field-group";
import { SpecField } from "@app/work/spec-field";
import { useWork, useWorkStore } from "@app/work/work-context";
import { type CutPiece, USUAL_INTERFACING_MM, USUAL_WIDTH_MM } from "@core/cut/index";
import type { LinesShown } from "@exporting/line-choice";
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
  const store = useWorkStore();
  const lay = useWork((work) => work.spec.lay);
  const { setField } = store.getState();
  const shrinkage = lay?.shrinkage ?? 0;
  return (
    <>
      <FieldGroup title="Allowances" note="Added to the stitching line; nothing on a fold.">
        <SpecField path="allowances.general" label="Seams" />
        <SpecField path="allowances.neckline" label="Round the neck" />
        <SpecField path="allowances.hem" label="Hems" />
        <SpecField path="allowances.curvedHem" label="Hems of a deep curve" />
        <ChoiceSelect id="lines" label="Lines shown" value={lines} choices={LINES} onChoose={onLines} />
      </FieldGroup>
      <OwnAllowances pieces={pieces} />
      <FieldGroup title="Cloth">
        <SpecField
          path="cloth.width"
          label="Width"
          hint={
            <>
              Left open: <LengthText mm={USUAL_WIDTH_MM} />.
            </>
          }
        />
        <ChoiceSelect
          id="lay.fold"
          label="Laid"
          value={lay?.fold ?? "folded"}
          choices={[
            { value: "folded", label: "Folded along its length" },
            { value: "open", label: "Open, in one layer" },
          ]}
          onChoose={(fold) => setField("lay.fold", fold === "folded" ? undefined : fold)}
        />
        <ChoiceSelect
          id="lay.nap"
          label="Tops of the pieces"
          value={lay?.nap ?? "either-way"}
          choices={[
            { value: "either-way", label: "Either way" },
            { value: "one-way", label: "All the same way: nap, one-way pattern" },
          ]}
          onChoose={(nap) => setField("lay.nap", nap === "either-way" ? undefined : nap)}
        />
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
          onChoose={(share) => setField("lay.shrinkage", Number(share) === 0 ? undefined : Number(share))}
        />
        <ChoiceSelect
          id="lay.lining"
          label="Lining"
          value={lay?.lining ?? "none"}
          choices={[
            { value: "none", label: "None" },
            { value: "whole", label: "Body and sleeves" },
          ]}
          onChoose={(lining) => setField("lay.lining", lining === "none" ? undefined : lining)}
        />
        {lay?.lining === "whole" && (
          <SpecField
            path="lay.liningWidth"
            label="Lining, width"
            hint={
              <>
                Left open: <LengthText mm={USUAL_WIDTH_MM} />.
              </>
            }
          />
        )}
        <SpecField
          path="lay.interfacingWidth"
          label="Interfacing, width"
          hint={
            <>
              Left open: <LengthText mm={USUAL_INTERFACING_MM} />.
            </>
          }
        />
      </FieldGroup>
    </>
  );
}
