import { ChoiceSelect } from "@app/components/choice-select";
import { Sentence } from "@app/components/length-text";
import { FieldGroup } from "@app/work/field-group";
import { SpecField } from "@app/work/spec-field";
import { useCalmWork } from "@app/work/use-calm-work";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Text } from "@chakra-ui/react";
import { namesOf } from "@core/data/index";
import { length, phrase } from "@core/draft/index";
import { sewnSleeve } from "@core/drafting/index";
import { SLEEVE_REACHES, type SleeveReach, styleOf } from "@core/sleeve/index";
import { fitFirstRange, type Guide, methodOf, SET_IN_METHODS } from "@core/sleeve/set-in/index";
import { Link } from "react-router";
import { ClothChoice } from "./cloth-choice";
import { HemFields, StyleChoice } from "./style-fields";

/** What is left to choice depends on the style: one has its own cap, another has no cap of its own at all. */
export function SleeveFields() {
  const kind = useWork((work) => work.spec.sleeve?.kind ?? null);
  const style = kind && styleOf(kind);
  if (kind === null) return <StyleChoice />;
  return (
    <>
      <StyleChoice />
      {style?.family === "bodice" ? (
        <BodiceSleeveFields isCut={style.isCut} />
      ) : (
        <SewnSleeveFields isPlain={style === null} hasOwnCap={style?.fitting !== undefined} />
      )}
    </>
  );
}

function SewnSleeveFields({ isPlain, hasOwnCap }: { readonly isPlain: boolean; readonly hasOwnCap: boolean }) {
  const method = useWork((work) => work.garment.resolved.sleeve?.method);
  return (
    <>
      {hasOwnCap ? (
        <FieldGroup title="Cap">
          <SpecField path="sleeve.capHeight" hint="None to 2 in (5 cm) is usual; 1 in when left open." />
        </FieldGroup>
      ) : (
        <MethodFields />
      )}
      <FieldGroup title="Cloth and ease">
        <ClothChoice />
        {!hasOwnCap && <SpecField path="sleeve.capEase" />}
        {method === "fit-first" && <SpecField path="sleeve.upperArmEase" hint={<FittingEase />} />}
        {method !== "fit-first" && (
          <>
            <SpecField path="sleeve.capHeightChange" label="Cap raised by" hint="Less than nothing lowers it." />
            <SpecField path="sleeve.capWidthChange" label="Widened by" hint="Less than nothing narrows it." />
          </>
        )}
      </FieldGroup>
      <FieldGroup title="Below the cap">
        <ReachChoice />
        <SpecField path="sleeve.length" />
        <SpecField path="sleeve.elbowEase" />
        <SpecField path="sleeve.wristEase" />
        <SpecField path="sleeve.hemWidth" />
        <SidesChoice />
        {isPlain && <CutFields />}
      </FieldGroup>
      <HemFields />
      <FieldGroup title="Notches" note="Distance from the underarm, along the armhole.">
        <SpecField path="sleeve.notches.front" hint={<UsualNotch side="front" />} />
        <SpecField path="sleeve.notches.back" hint={<UsualNotch side="back" />} />
      </FieldGroup>
    </>
  );
}

/** A sleeve that is cut with a part of the bodice: its cap, where it has one, is always fitted, and without ease. */
function BodiceSleeveFields({ isCut }: { readonly isCut: boolean }) {
  const store = useWorkStore();
  const cut = useWork((work) => work.spec.sleeve?.cut ?? "one-piece");
  return (
    <>
      <FieldGroup title="Cloth and ease">
        <ClothChoice />
        <SpecField path="sleeve.upperArmEase" />
      </FieldGroup>
      <FieldGroup title="Sleeve, down the arm">
        <ReachChoice />
        <SpecField path="sleeve.length" />
        <SpecField path="sleeve.elbowEase" />
        <SpecField path="sleeve.wristEase" />
        <SpecField path="sleeve.hemWidth" />
        <SidesChoice />
        {isCut && (
          <ChoiceSelect
            id="sleeve.cut"
            label="Cut"
            value={cut}
            choices={[
              { value: "one-piece", label: "In one piece, with an over-arm dart" },
              { value: "two-piece", label: "In two, with an over-arm seam" },
            ]}
            onChoose={(one) => store.getState().setField("sleeve.cut", one === "one-piece" ? undefined : one)}
          />
        )}
      </FieldGroup>
      <HemFields />
    </>
  );
}

/** By how far it reaches the length follows the arm; a length that is typed wins. */
function ReachChoice() {
  const store = useWorkStore();
  const reach = useWork((work) => work.spec.sleeve?.reach ?? USUAL_REACH);
  return (
    <ChoiceSelect<SleeveReach | typeof USUAL_REACH>
      id="sleeve.reach"
      label="Reaches"
      value={reach}
      choices={[
        { value: USUAL_REACH, label: "As is usual for the style" },
        ...namesOf(SLEEVE_REACHES).map((value) => ({ value, label: SLEEVE_REACHES[value].says })),
      ]}
      onChoose={(one) => store.getState().setField("sleeve.reach", one === USUAL_REACH ? undefined : one)}
    />
  );
}

const USUAL_REACH = "usual";

function SidesChoice() {
  const store = useWorkStore();
  const sides = useWork((work) => work.spec.sleeve?.sides ?? "bent");
  return (
    <ChoiceSelect
      id="sleeve.sides"
      label="Sides"
      value={sides}
      choices={[
        { value: "bent", label: "Bent at the elbow" },
        { value: "straight", label: "Ruled straight" },
      ]}
      onChoose={(one) => store.getState().setField("sleeve.sides", one === "bent" ? undefined : one)}
    />
  );
}

function MethodFields() {
  const store = useWorkStore();
  const method = useWork((work) => work.garment.resolved.sleeve?.method);
  const placement = useWork((work) => work.spec.sleeve?.placement);
  const curve = useWork((work) => work.spec.sleeve?.curve ?? (method && methodOf(method).usualCurve) ?? "quarters");
  const entry = method && methodOf(method);
  const { change, setField } = store.getState();
  return (
    <FieldGroup title="Method">
      <ChoiceSelect
        id="sleeve.method"
        label="Cap method"
        value={method ?? "fit-first"}
        choices={SET_IN_METHODS.map((one) => ({ value: one, label: methodOf(one).name }))}
        onChoose={(one) => change({ sleeve: { method: one, surplus: undefined } })}
        hint={method && methodOf(method).summary}
      />
      <Box>
        <Link to="?view=methods">All methods side by side</Link>
      </Box>
      {entry?.takesHeight && <SpecField path="sleeve.capHeight" />}
      {entry?.laysArmhole && (
        <ChoiceSelect
          id="sleeve.placement"
          label="Half armhole laid"
          value={placement ?? "usual"}
          choices={[
            { value: "usual", label: "As the rule says" },
            { value: "flat", label: "Flat on the cap line" },
            { value: "slant", label: "Along the slant" },
          ]}
          onChoose={(one) => setField("sleeve.placement", one === "usual" ? undefined : one)}
        />
      )}
      <ChoiceSelect
        id="sleeve.curve"
        label="Cap curve"
        value={curve}
        choices={[
          { value: "armhole", label: "The armhole’s own lower curve" },
          { value: "quarters", label: "The quarters of the slant" },
          { value: "middle", label: "The middle of the slant only" },
        ]}
        onChoose={(one) => setField("sleeve.curve", one)}
      />
      {curve !== "armhole" && <GuideFields guides={curve === "middle" ? ["middle"] : ["upper", "lower"]} />}
    </FieldGroup>
  );
}

const GUIDE_NAMES = { upper: "Upper quarter", middle: "Middle", lower: "Lower quarter" } as const;

/** How far the cap stands from its slant, where a hand marks its guide points. */
function GuideFields({ guides }: { readonly guides: readonly Guide[] }) {
  return (
    <>
      <Text fontSize="sm">Guide points, outside the slant. Less than nothing is inside; as usual when left open.</Text>
      {(["front", "back"] as const).flatMap((side) =>
        guides.map((guide) => (
          <SpecField
            key={side + guide}
            path={`sleeve.guides.${side}.${guide}`}
            label={`${GUIDE_NAMES[guide]}, ${side}`}
          />
        )),
      )}
    </>
  );
}

function CutFields() {
  const store = useWorkStore();
  const cut = useWork((work) => work.spec.sleeve?.cut ?? "one-piece");
  const { setField } = store.getState();
  return (
    <>
      <ChoiceSelect
        id="sleeve.cut"
        label="Cut"
        value={cut}
        choices={[
          { value: "one-piece", label: "In one piece" },
          { value: "two-piece", label: "In two, top and under sleeve" },
        ]}
        onChoose={(one) => setField("sleeve.cut", one === "one-piece" ? undefined : one)}
        hint={cut === "two-piece" ? "For jackets: the seams bend with the arm, and lie out of sight." : undefined}
      />
      {cut === "two-piece" ? (
        <>
          <SpecField path="sleeve.frontSeamUnder" hint="Beyond the fold, towards the underarm." />
          <SpecField path="sleeve.backSeamUnder" />
          <SpecField path="sleeve.elbowHollow" />
        </>
      ) : (
        <SpecField path="sleeve.elbowDart" hint="In the back seam, for a close sleeve. None when left open." />
      )}
    </>
  );
}

/** Between the narrowest and the widest sleeve whose cap is this armhole and its ease; known before anything is solved. */
function FittingEase() {
  const cap = useCalmWork((work) => sewnSleeve(work.garment)?.task.cap);
  const range = cap && fitFirstRange(cap);
  return range ? (
    <Sentence
      words={phrase`A cap for this armhole exists from ${length(range.width.least - cap.upperArm)} to ${length(range.width.most - cap.upperArm)}: the more ease, the lower the cap.`}
    />
  ) : null;
}

function UsualNotch({ side }: { readonly side: "front" | "back" }) {
  const isSet = useWork((work) => work.spec.sleeve?.notches?.[side] !== undefined);
  return isSet ? null : (
    <>Usual: a third of the depth above the underarm{side === "back" ? "; double, 10 mm apart" : ""}.</>
  );
}
