import { ChoiceSelect } from "@app/components/choice-select";
import { useTape } from "@app/components/preferences";
import { FieldGroup } from "@app/work/field-group";
import { SpecField } from "@app/work/spec-field";
import { useWork, useWorkStore } from "@app/work/work-context";
import type { BodiceChoices } from "@core/bodice/index";
import { collarOf } from "@core/collar/index";
import { formatLength, type Tape } from "@core/tape/index";

const IN = 25.4;

/** The choices that are one of several, in the words of the table and the person's unit. */
function choicesIn(tape: Tape) {
  const size = (mm: number) => formatLength(mm, tape);
  return {
    cut: [
      { value: "whole", label: "Front and back as well" },
      { value: "parts", label: "Only what sleeve and collar draw" },
    ],
    front: [
      { value: "fold", label: "On the fold" },
      { value: "seam", label: "Seam" },
      { value: "buttons", label: "Buttons" },
      { value: "zip", label: "Zip" },
      { value: "band", label: "Edge for a band" },
    ],
    back: [
      { value: "fold", label: "On the fold" },
      { value: "seam", label: "Seam" },
      { value: "zip", label: "Zip" },
      { value: "slit", label: "Slit with a loop" },
    ],
    standFinish: [
      { value: "faced", label: "With a facing of its own" },
      { value: "folded", label: "Folded back" },
      { value: "turned-twice", label: "Turned twice" },
      { value: "strip", label: "Separate strip" },
    ],
    lap: [
      { value: "right-over-left", label: "Right over left" },
      { value: "left-over-right", label: "Left over right" },
    ],
    neck: [
      { value: "facing", label: "Facing" },
      { value: "binding", label: "Binding" },
      { value: "none", label: "Left for another finish" },
    ],
    backFacing: [
      { value: "even", label: "As wide as the front’s" },
      { value: "deep", label: "Deep, below the front neck" },
      { value: "none", label: "Left out" },
    ],
    panels: [
      { value: "whole", label: "Halves left whole" },
      { value: "cut", label: "Cut apart: two to a half" },
      { value: "split", label: "Split again: three to a half" },
    ],
    waistSeam: [
      { value: "none", label: "None" },
      { value: "waist", label: "At the waist" },
    ],
    hem: [
      { value: "plain", label: "Plain" },
      { value: "curved", label: "Curved, higher at the side" },
      { value: "casing", label: `Casing, ${size(1.25 * IN)} or so` },
      { value: "band", label: "Band" },
    ],
  } satisfies {
    readonly [choice in keyof BodiceChoices]?: readonly {
      readonly value: BodiceChoices[choice];
      readonly label: string;
    }[];
  };
}

type ChoiceName = keyof ReturnType<typeof choicesIn>;

const LABELS: Readonly<Record<ChoiceName, string>> = {
  cut: "What is cut",
  front: "Centre front",
  back: "Centre back",
  standFinish: "Button stand",
  lap: "Fronts lap",
  neck: "Neck finish",
  backFacing: "Back facing",
  panels: "Panels",
  waistSeam: "Waist seam",
  hem: "Hem",
};

/** How front and back are cut: centres, panels, neck and hem. */
export function BodiceFields() {
  const choices = useWork((work) => work.garment.resolved.pieces);
  const block = useWork((work) => work.garment.resolved.block);
  const growsFront = useWork(({ spec: { collar } }) => collar !== null && collarOf(collar.kind).frontEdge === "grown");
  const setsOwnButtons = useWork(
    ({ spec: { collar } }) => collar !== null && collarOf(collar.kind).usual.buttonSpacing !== undefined,
  );
  const isPrincess = block.source === "drafted" && block.choices.shaping.startsWith("princess");
  if (choices.cut === "parts")
    return (
      <FieldGroup title="Front and back" note="They are cut from a drafted block; from any other they can be, too.">
        <Choice of="cut" />
      </FieldGroup>
    );
  const isButtoned = choices.front === "buttons" && !growsFront;
  return (
    <>
      <FieldGroup title="Front and back">
        <Choice of="cut" />
        {growsFront ? <Closing zipped={choices.front === "zip"} /> : <Choice of="front" />}
        {isButtoned && (
          <>
            <SpecField path="bodice.stand" />
            <Choice of="standFinish" />
          </>
        )}
        {choices.front === "buttons" && (
          <>
            <Choice of="lap" />
            <SpecField path="bodice.buttonSize" />
            {!setsOwnButtons && <SpecField path="bodice.buttonSpacing" />}
          </>
        )}
        {growsFront && <Choice of="backFacing" />}
        <Choice of="back" />
        {choices.back === "slit" && <SpecField path="bodice.slit" />}
      </FieldGroup>
      <FieldGroup
        title="Panels"
        note={isPrincess ? undefined : "With a princess line on the block, halves are cut apart."}
      >
        {isPrincess && <Choice of="panels" />}
        <Choice of="waistSeam" />
        <SpecField path="bodice.flare" />
      </FieldGroup>
      {choices.neck !== "none" && (
        <FieldGroup title="Neck">
          <Choice of="neck" />
          {choices.neck === "facing" && (
            <>
              <SpecField path="bodice.facingWidth" />
              <Choice of="backFacing" />
            </>
          )}
        </FieldGroup>
      )}
      <FieldGroup title="Hem">
        <Choice of="hem" />
        {choices.hem === "curved" && <SpecField path="bodice.hemRise" />}
        {(choices.hem === "plain" || choices.hem === "band") && <SpecField path="bodice.hemDepth" />}
        {choices.hem === "casing" && (
          <>
            <SpecField path="bodice.hemElastic" />
            <SpecField path="bodice.hemGirth" />
            <SpecField
              path="bodice.hemElasticLess"
              hint="Elastic that leaves a mark is too tight; on children’s wear use no drawn cords, and follow the local rules."
            />
          </>
        )}
      </FieldGroup>
    </>
  );
}

/** A front that a collar grows runs on for buttons, or ends at its centre for a zip. */
function Closing({ zipped }: { readonly zipped: boolean }) {
  const store = useWorkStore();
  return (
    <ChoiceSelect<"buttons" | "zip">
      id="bodice.front"
      label="Front closes with"
      value={zipped ? "zip" : "buttons"}
      choices={[
        { value: "buttons", label: "Buttons" },
        { value: "zip", label: "A zip" },
      ]}
      onChoose={(chosen) => store.getState().setField("bodice.front", chosen)}
    />
  );
}

function Choice({ of }: { readonly of: ChoiceName }) {
  const store = useWorkStore();
  const tape = useTape();
  const value = useWork((work) => work.garment.resolved.pieces[of]);
  return (
    <ChoiceSelect<string>
      id={`bodice.${of}`}
      label={LABELS[of]}
      value={value}
      choices={choicesIn(tape)[of]}
      onChoose={(chosen) => store.getState().setField(`bodice.${of}`, chosen)}
    />
  );
}
