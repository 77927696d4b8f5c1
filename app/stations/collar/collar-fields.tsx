import { FieldsPanel, type PanelSection } from "@app/work/fields-panel";
import { KindChoice } from "@app/work/kind-choice";
import { useWork, useWorkStore } from "@app/work/work-context";
import { type CollarKindName, collarOf, optionsOf } from "@core/collar/index";
import { useMemo } from "react";
import { COLLARS_DRAWN, COLLARS_NAMED, type CollarOrNone, NO_COLLAR } from "./collar-kinds";
import { OuterEdgeChart } from "./outer-edge-chart";
import { StandSchools } from "./stand-schools";

/** What is left to choice about the collar: which figures and choices there are, its kind says. */
export function CollarFields() {
  const store = useWorkStore();
  const kind = useWork((work) => work.spec.collar?.kind ?? null);
  const sections = useMemo(() => {
    // Another place to break is no place at all while a depth of its own is kept.
    const takeBreak = (option: string) => {
      const breakAt = optionsOf("breakAt").find((one) => one === option);
      if (breakAt) store.getState().change({ collar: { breakAt, breakDepth: undefined } });
    };
    return [KIND, ...(kind === null ? [] : sectionsOf(kind, takeBreak))];
  }, [kind, store]);
  return <FieldsPanel sections={sections} />;
}

const KIND: PanelSection = {
  title: "Collar",
  entries: [{ key: "kind", words: "Kind of collar", node: <CollarKindChoice /> }],
};

function sectionsOf(kind: CollarKindName, takeBreak: (option: string) => void): readonly PanelSection[] {
  const { groups, needsNeck } = collarOf(kind);
  return [
    ...groups.map(({ title, choices = [], fields = [] }) => ({
      title,
      entries: [
        ...choices.flatMap((name) => [
          name === "breakAt" ? { path: "collar.breakAt", onChoose: takeBreak } : `collar.${name}`,
          ...(name === "edgeBy" ? [{ key: "outer-edge", words: "Outer edge", node: <OuterEdgeChart /> }] : []),
          ...(name === "school" ? [{ key: "schools", words: "Stand method", node: <StandSchools /> }] : []),
        ]),
        ...fields.map((name) => `collar.${name}`),
      ],
    })),
    {
      title: "Neck",
      note: "The neckline is the block’s: its widths and depths are changed at the Block station.",
      entries: needsNeck ? ["body.neck"] : [],
    },
  ];
}

function CollarKindChoice() {
  const store = useWorkStore();
  const kind = useWork((work) => work.spec.collar?.kind ?? null);
  const choose = (one: CollarOrNone) =>
    one === NO_COLLAR || kind === null
      ? store.getState().setField("collar", one === NO_COLLAR ? null : { kind: one })
      : store.getState().setField("collar.kind", one);
  return (
    <KindChoice<CollarOrNone>
      name="collar.kind"
      label="Kind"
      value={kind ?? NO_COLLAR}
      options={COLLARS_NAMED}
      kinds={COLLARS_DRAWN}
      onChoose={choose}
      hint={kind ? collarOf(kind).summary : "A collar is fitted to the neckline of the block, and to the neck."}
    />
  );
}
