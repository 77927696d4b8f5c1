import { ChoiceSelect } from "@app/components/choice-select";
import { useStudioEase } from "@app/features/settings/studio-ease";
import { FieldGroup } from "@app/work/field-group";
import { KindChoice } from "@app/work/kind-choice";
import { QuantityField } from "@app/work/quantity-field";
import { SpecField } from "@app/work/spec-field";
import type { Kinds } from "@app/work/use-kind-pictures";
import { useWork, useWorkStore } from "@app/work/work-context";
import {
  BUST_DARTS,
  type BustDartPlace,
  EASE_GARMENT_NAMES,
  EASE_GARMENTS,
  EASE_LEVELS,
  isPrincess,
} from "@core/block/index";
import { workroomEase } from "@core/studio/index";
import { Link } from "react-router";

const PLACES: Readonly<Record<BustDartPlace, string>> = {
  side: "At the side",
  shoulder: "At the shoulder",
  armhole: "In the armhole",
  neck: "In the neck",
  gathers: "Gathered into the neck",
  waist: "At the waist",
  "princess-shoulder": "Princess seam from the shoulder",
  "princess-armhole": "Princess seam from the armhole",
  ease: "None: left as ease",
};
const PLACES_NAMED = BUST_DARTS.map((value) => ({ value, label: PLACES[value] }));

/** Each place on this body's own front. */
const PLACES_DRAWN: Kinds<BustDartPlace> = {
  all: BUST_DARTS,
  specOf: (spec, bustDart) => ({
    ...spec,
    sleeve: null,
    collar: null,
    bodice: { ...spec.bodice, cut: "whole", panels: isPrincess(bustDart) ? "cut" : "whole" },
    block: {
      ...spec.block,
      source: "drafted",
      bustDart,
      ...(bustDart === "princess-shoulder" || bustDart === "princess-armhole" ? { shaping: bustDart } : {}),
    },
  }),
  piecesOf: ({ pieces }) => pieces.filter(({ kind }) => kind.of === "bodice" && kind.side === "front"),
};

/** How much room the solved block has, and where its bust dart is sewn. */
export function FittedFields() {
  const store = useWorkStore();
  const garment = useWork(({ garment: { resolved } }) =>
    resolved.block.source === "drafted" && resolved.block.school === "fitted" ? resolved.block.garment : null,
  );
  const task = useWork(({ garment: { resolved } }) =>
    resolved.block.source === "drafted" && resolved.block.school === "fitted" ? resolved.block.task.choices : null,
  );
  const own = useStudioEase();
  const cloth = useWork((work) => work.garment.resolved.cloth.kind);
  if (!garment || !task) return null;
  const place = (bustDart: BustDartPlace) =>
    store.getState().change({
      block: {
        bustDart,
        ...(bustDart === "princess-shoulder" || bustDart === "princess-armhole" ? { shaping: bustDart } : {}),
      },
      ...(isPrincess(bustDart) ? { bodice: { panels: "cut" } } : {}),
    });
  return (
    <>
      <FieldGroup title="Bust dart">
        <KindChoice<BustDartPlace>
          name="block.bustDart"
          label="Place"
          value={task.bustDart}
          options={PLACES_NAMED}
          kinds={PLACES_DRAWN}
          onChoose={place}
          hint="Solved from the bust and the front's length; turned about the bust point, it takes the same wherever it is sewn."
        />
        {task.bustDart !== "ease" && !isPrincess(task.bustDart) && task.bustDart !== "gathers" && (
          <SpecField path="block.dartShort" />
        )}
        {task.bustDart === "ease" && (
          <QuantityField path="block.dartEase" usual={Math.round((task.dartEase * 180) / Math.PI)} />
        )}
      </FieldGroup>
      <FieldGroup
        title="Ease"
        note={
          <>
            Whole girths and widths, at their own level: by <Link to="/settings/ease">your table of ease</Link>, or
            typed here.
          </>
        }
      >
        <ChoiceSelect
          id="block.garment"
          label="Ease for a"
          value={garment}
          choices={EASE_GARMENTS.map((value) => ({ value, label: EASE_GARMENT_NAMES[value] }))}
          onChoose={(chosen) =>
            // A box that is typed into stays; the workroom's own row goes with the garment.
            store.getState().change({ block: { garment: chosen, workroomEase: workroomEase(own, chosen, cloth) } })
          }
        />
        {EASE_LEVELS.map((level) => (
          <SpecField key={level} path={`block.ease.${level}`} />
        ))}
      </FieldGroup>
    </>
  );
}
