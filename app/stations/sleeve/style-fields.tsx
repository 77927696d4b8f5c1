import { ChoiceSelect } from "@app/components/choice-select";
import { FieldGroup } from "@app/work/field-group";
import { KindChoice } from "@app/work/kind-choice";
import { SpecField } from "@app/work/spec-field";
import type { Kinds } from "@app/work/use-kind-pictures";
import { useWork, useWorkStore } from "@app/work/work-context";
import { HEM_FINISHES, type HemFinish, SLEEVE_KINDS, type SleeveKind, styleOf } from "@core/sleeve/index";

const PLAIN = "Plain set-in sleeve";
const NO_SLEEVE = "none";
type SleeveOrNone = SleeveKind | typeof NO_SLEEVE;
const STYLES_NAMED: readonly { readonly value: SleeveOrNone; readonly label: string }[] = [
  { value: NO_SLEEVE, label: "No sleeve" },
  ...SLEEVE_KINDS.map((one) => ({ value: one, label: styleOf(one)?.name ?? PLAIN })),
];
const STYLES_DRAWN: Kinds<SleeveOrNone> = {
  all: SLEEVE_KINDS,
  specOf: (spec, kind) => ({ ...spec, sleeve: kind === NO_SLEEVE ? null : { kind }, collar: null }),
  piecesOf: ({ sleeve }) => sleeve?.drawn ?? [],
};

/** Which sleeve is made of the fitted one. The lengths of a style are kept while another is tried. */
export function StyleChoice() {
  const store = useWorkStore();
  const chosen = useWork((work) => work.spec.sleeve?.kind ?? null);
  const kind = chosen ?? "set-in";
  const surplus = useWork((work) => work.spec.sleeve?.surplus);
  const style = chosen === null ? null : styleOf(chosen);
  const choose = (one: SleeveOrNone) =>
    one === NO_SLEEVE || chosen === null
      ? store.getState().setField("sleeve", one === NO_SLEEVE ? null : { kind: one })
      : store.getState().setField("sleeve.kind", one);
  return (
    <FieldGroup title="Sleeve">
      <KindChoice<SleeveOrNone>
        name="sleeve.kind"
        label="Style"
        value={chosen ?? NO_SLEEVE}
        options={STYLES_NAMED}
        kinds={STYLES_DRAWN}
        onChoose={choose}
        hint={chosen === null ? "The armhole is left without a sleeve." : style?.summary}
      />
      {chosen === "puff" && (
        <ChoiceSelect
          id="sleeve.surplus"
          label="Crown surplus"
          value={surplus === "pleat" || surplus === "dart" ? surplus : "gather"}
          choices={[
            { value: "gather", label: "Gathered" },
            { value: "pleat", label: "Laid in pleats" },
            { value: "dart", label: "Sewn in darts" },
          ]}
          onChoose={(way) => store.getState().setField("sleeve.surplus", way)}
        />
      )}
      {style && Object.keys(style.fields).map((name) => <SpecField key={name} path={`sleeve.${kind}.${name}`} />)}
    </FieldGroup>
  );
}

const FINISHES: Readonly<Record<HemFinish, string>> = {
  plain: "Plain",
  cuff: "A cuff",
  band: "A band",
  elastic: "Elastic in a casing",
};

/** How the hem is finished; the sleeve's length is the finished one, and the cuff is taken off when it is cut. */
export function HemFields() {
  const store = useWorkStore();
  const finish = useWork((work) => work.garment.resolved.sleeve?.hem.finish ?? "plain");
  return (
    <FieldGroup title="Hem">
      <ChoiceSelect<HemFinish>
        id="sleeve.hem.finish"
        label="Hem finish"
        value={finish}
        choices={HEM_FINISHES.map((one) => ({ value: one, label: FINISHES[one] }))}
        onChoose={(one) => store.getState().change({ sleeve: { hem: { finish: one } } })}
        hint={
          finish === "cuff" || finish === "band"
            ? "The sleeve is cut shorter by its depth: the length stays what it is when worn."
            : undefined
        }
      />
      {(finish === "cuff" || finish === "band") && (
        <>
          <SpecField path="sleeve.hem.depth" />
          <SpecField path="sleeve.hem.ease" />
        </>
      )}
      {finish === "cuff" && (
        <>
          <SpecField path="sleeve.hem.overlap" />
          <SpecField
            path="sleeve.hem.opening"
            hint="At the back quarter of the hem. Nothing for a cuff that is pulled on."
          />
        </>
      )}
      {finish === "elastic" && (
        <>
          <SpecField path="sleeve.hem.elasticWidth" />
          <SpecField path="sleeve.hem.elasticLess" />
        </>
      )}
      {finish !== "plain" && <SpecField path="sleeve.hem.girth" />}
      {finish === "plain" && (
        <SpecField
          path="sleeve.hemTurnUp"
          hint="Mirrored from the seams above the hem, so that it lies flat. None when left open."
        />
      )}
    </FieldGroup>
  );
}
