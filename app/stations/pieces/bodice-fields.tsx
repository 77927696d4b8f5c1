import { ChoiceSelect } from "@app/components/choice-select";
import { FieldsPanel, type PanelSection } from "@app/work/fields-panel";
import { useWork, useWorkStore } from "@app/work/work-context";
import { isPrincess } from "@core/block/index";
import { collarOf } from "@core/collar/index";
import { useMemo } from "react";

/** How front and back are cut: centres, panels, neck and hem. */
export function BodiceFields() {
  const isWhole = useWork((work) => work.garment.resolved.pieces.cut === "whole");
  const growsFront = useWork(({ spec: { collar } }) => collar !== null && collarOf(collar.kind).frontEdge === "grown");
  const setsOwnButtons = useWork(
    ({ spec: { collar } }) => collar !== null && collarOf(collar.kind).usual.buttonSpacing !== undefined,
  );
  const hasPrincessLine = useWork(
    ({ garment: { resolved } }) => resolved.block.source === "drafted" && isPrincess(resolved.block.choices.shaping),
  );
  const hasNeck = useWork((work) => work.garment.resolved.pieces.neck !== "none");
  const sections = useMemo(
    () =>
      isWhole
        ? sectionsOf({ growsFront, setsOwnButtons, hasPrincessLine, hasNeck })
        : [
            {
              title: "Front and back",
              note: "A drafted block is always cut. Any other block is cut where you choose it.",
              entries: ["bodice.cut"],
            },
          ],
    [isWhole, growsFront, setsOwnButtons, hasPrincessLine, hasNeck],
  );
  return <FieldsPanel sections={sections} />;
}

type About = {
  readonly growsFront: boolean;
  readonly setsOwnButtons: boolean;
  readonly hasPrincessLine: boolean;
  readonly hasNeck: boolean;
};

function sectionsOf({ growsFront, setsOwnButtons, hasPrincessLine, hasNeck }: About): readonly PanelSection[] {
  return [
    {
      title: "Front and back",
      entries: [
        "bodice.cut",
        growsFront ? { key: "closing", words: "Front closes with", node: <Closing /> } : "bodice.front",
        ...(growsFront ? [] : ["bodice.stand", "bodice.standFinish"]),
        "bodice.lap",
        "bodice.buttonSize",
        ...(setsOwnButtons ? [] : ["bodice.buttonSpacing"]),
        ...(growsFront ? ["bodice.backFacing"] : []),
        "bodice.back",
        "bodice.slit",
      ],
    },
    {
      title: "Hem",
      entries: [
        "bodice.hem",
        "bodice.hemRise",
        "bodice.hemDepth",
        "bodice.hemElastic",
        "bodice.hemGirth",
        "bodice.hemElasticLess",
      ],
    },
    ...(hasNeck
      ? [
          {
            title: "Neck",
            entries: ["bodice.neck", "bodice.facingWidth", ...(growsFront ? [] : [{ path: "bodice.backFacing" }])],
          },
        ]
      : []),
    {
      title: "Panels",
      note: hasPrincessLine ? undefined : "With a princess line on the block, halves are cut apart.",
      isFolded: !hasPrincessLine,
      entries: [...(hasPrincessLine ? ["bodice.panels"] : []), "bodice.waistSeam", "bodice.flare"],
    },
  ];
}

/** A front that a collar grows runs on for buttons, or ends at its centre for a zip. */
function Closing() {
  const store = useWorkStore();
  const isZipped = useWork((work) => work.garment.resolved.pieces.front === "zip");
  return (
    <ChoiceSelect<"buttons" | "zip">
      id="bodice.front"
      label="Front closes with"
      value={isZipped ? "zip" : "buttons"}
      choices={[
        { value: "buttons", label: "Buttons" },
        { value: "zip", label: "A zip" },
      ]}
      onChoose={(chosen) => store.getState().setField("bodice.front", chosen)}
    />
  );
}
