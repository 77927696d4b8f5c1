import { ChoiceSelect } from "@app/components/choice-select";
import { useTape } from "@app/components/preferences";
import { FieldGroup } from "@app/work/field-group";
import { SpecField } from "@app/work/spec-field";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Text } from "@chakra-ui/react";
import type { BlockChoices, BlockSchool } from "@core/block/index";
import { formatLength, type Tape } from "@core/tape/index";
import { Link, useParams } from "react-router";
import { FittedFields } from "./fitted-fields";
import { SchoolsBeside } from "./schools-beside";

const IN = 25.4;

/** The choices that are one of several, in the words of the table and the person's unit. */
function choicesIn(tape: Tape) {
  const size = (mm: number) => formatLength(mm, tape);
  return {
    style: [
      { value: "woven", label: "Woven, with darts" },
      { value: "knit", label: "Knit" },
      { value: "dropped", label: "Dropped shoulder" },
    ],
    neckRule: [
      { value: "by-size", label: `By size: ${size(3 * IN)}, large ${size(3.5 * IN)}` },
      { value: "neck-sixth", label: "Neck base ÷ 6" },
    ],
    neckShape: [
      { value: "round", label: "Round" },
      { value: "scoop", label: `Scoop, ${size(6 * IN)} deep` },
      { value: "v", label: "V, ruled straight" },
      { value: "v-hollow", label: "V, hollowed" },
      { value: "square", label: "Square" },
      { value: "boat", label: "Boat" },
      { value: "off-shoulder", label: "Off the shoulder" },
    ],
    armholeRule: [
      { value: "half-armscye", label: `Armscye girth ÷ 2 + ${size(IN / 2)}` },
      { value: "bust-quarter", label: "Bust ÷ 4" },
      { value: "bust-sixth", label: `Bust ÷ 6 + ${size(1.5 * IN)}` },
    ],
    shaping: [
      { value: "none", label: "None" },
      { value: "waist-darts", label: "Waist darts" },
      { value: "shoulder-darts", label: "Waist and shoulder darts" },
      { value: "princess-shoulder", label: "Princess line from the shoulder" },
      { value: "princess-armhole", label: "Princess line from the armhole" },
    ],
    gathers: [
      { value: "none", label: "None" },
      { value: "slight", label: "Slight: a third more" },
      { value: "full", label: "Full: doubled" },
    ],
    bodyLength: [
      { value: "hip", label: "To the hip" },
      { value: "waist", label: "To the waist" },
      { value: "below-hip", label: "Below the hip" },
      { value: "knee", label: "To the knee" },
    ],
    sideSeam: [
      { value: "fitted", label: "Fitted" },
      { value: "half", label: "Half fitted" },
      { value: "straight", label: "Straight" },
    ],
    underbust: [
      { value: "free", label: "Runs straight" },
      { value: "fitted", label: "Fitted under the bust" },
    ],
  } satisfies {
    readonly [choice in keyof BlockChoices]?: readonly {
      readonly value: BlockChoices[choice];
      readonly label: string;
    }[];
  };
}

type ChoiceName = keyof ReturnType<typeof choicesIn>;

const LABELS: Readonly<Record<ChoiceName, string>> = {
  style: "Style",
  neckRule: "Neck width and depth",
  neckShape: "Neckline",
  armholeRule: "Chest line below the shoulder line",
  shaping: "Darts and princess lines",
  gathers: "Gathers",
  bodyLength: "Reaches",
  sideSeam: "Side seam",
  underbust: "Waist dart",
};

/** Every variant of the drafted bodice as a choice in the open. */
export function DraftedFields() {
  const style = useWork((work) => choicesOf(work.garment.resolved.block)?.style);
  const shaping = useWork((work) => choicesOf(work.garment.resolved.block)?.shaping);
  const gathers = useWork((work) => choicesOf(work.garment.resolved.block)?.gathers);
  const school = useWork(({ garment: { resolved } }) =>
    resolved.block.source === "drafted" ? resolved.block.school : "fitted",
  );
  const store = useWorkStore();
  const isQuick = school === "quick";
  const hasUnderbust = useWork((work) => work.spec.body.underbust !== undefined);
  const { garmentId } = useParams();
  const tape = useTape();
  const size = (mm: number) => formatLength(mm, tape);
  const isShaped = style !== "dropped" && shaping !== "none";
  return (
    <>
      <FieldGroup title="The bodice">
        <ChoiceSelect<BlockSchool>
          id="block.school"
          label="School"
          value={school}
          choices={[
            { value: "fitted", label: "Solved from the body" },
            { value: "quick", label: "Quick rules" },
          ]}
          onChoose={(chosen) => store.getState().setField("block.school", chosen)}
          hint={
            isQuick
              ? "By the rules that people draft by at the table, every one of them a choice."
              : "Neck, shoulder, armhole, bust and its dart, waist and hip are each solved for this body and its ease."
          }
        />
        <Choice of="style" />
        <Choice of="shaping" />
        <Choice of="bodyLength" />
        <SpecField path="block.length" />
        {style !== "dropped" && <Choice of="sideSeam" />}
        <Choice of="gathers" />
        {gathers !== "none" && (
          <>
            <SpecField path="block.frontGathers" />
            <SpecField path="block.backGathers" />
          </>
        )}
      </FieldGroup>
      {!isQuick && <FittedFields />}
      <FieldGroup title="Neck and shoulder">
        <Choice of="neckShape" />
        {isQuick && <Choice of="neckRule" />}
        <SpecField path="block.frontNeckWidth" />
        <SpecField path="block.frontNeckDepth" />
        <SpecField path="block.backNeckWidth" />
        <SpecField path="block.backNeckDepth" />
        <SpecField path="block.backHigher" />
        {isQuick && <SpecField path="block.backSlope" />}
        <SpecField
          path="block.buttonStand"
          hint={`${size(IN)} to ${size(1.5 * IN)} beyond the centre front where it buttons.`}
        />
        {isQuick && (
          <SpecField path="block.frontSlope" hint={`${size(IN)}; ${size(1.5 * IN)} where the figure slopes more.`} />
        )}
        <SpecField path="block.shoulderEase" hint={`${size(IN / 2)} over the half shoulder for a jacket.`} />
        {style === "dropped" && (
          <SpecField path="block.shoulderExtension" hint={`${size(IN / 2)}, more for oversize.`} />
        )}
      </FieldGroup>
      <FieldGroup title="Armhole and width">
        {isQuick && <Choice of="armholeRule" />}
        <SpecField path="block.frontInset" />
        <SpecField path="block.backInset" />
        {isQuick && (
          <SpecField
            path="block.chestEase"
            hint={`None for a tight knit, ${size(IN / 4)} close, ${size(IN / 2)} usual, ${size(IN)} for a shirt.`}
          />
        )}
        {isQuick && style !== "dropped" && (
          <>
            <SpecField path="block.waistEase" />
            <SpecField path="block.hipEase" />
          </>
        )}
        {isShaped && (
          <>
            <SpecField path="block.dartIntake" hint={`${size(IN)} to ${size(1.5 * IN)}.`} />
            <SpecField path="block.dartInner" />
            <SpecField path="block.dartAboveHip" />
            {hasUnderbust && <Choice of="underbust" />}
          </>
        )}
        {isQuick && style !== "dropped" && shaping === "shoulder-darts" && (
          <SpecField path="block.shoulderDartIntake" />
        )}
        {style !== "dropped" && shaping !== "princess-shoulder" && (
          <SpecField path="block.backShoulderDart" hint={`None; ${size(IN / 2)} for a rounded back.`} />
        )}
        {style !== "dropped" && (
          <SpecField
            path="block.centreBackShaping"
            hint={`${size(IN / 2)} to ${size(0.75 * IN)} at the waist for a jacket.`}
          />
        )}
      </FieldGroup>
      <FieldGroup
        title="Read off the garment"
        note="Where the armhole or the neckline is there already: sleeve and collar are fitted to it, front and back stay as they are drafted."
      >
        <SpecField path="block.read.frontArmhole" />
        <SpecField path="block.read.backArmhole" />
        <SpecField path="block.read.armholeDepth" />
        <SpecField path="block.read.frontNeckline" />
        <SpecField path="block.read.backNeckline" />
      </FieldGroup>
      <FieldGroup title="Levels" note="Below the shoulder line.">
        <SpecField path="block.chestLevel" />
        <SpecField path="block.bustLevel" />
        <SpecField path="block.underbustLevel" />
        <SpecField path="block.waistLevel" />
        <SpecField path="block.hipLevel" />
      </FieldGroup>
      <SchoolsBeside />
      <Text fontSize="sm" color="inkSoft" mt="4" mb="6">
        Drafted from this garment’s <Link to={`/garments/${garmentId}/measures`}>measures</Link>; what was not taken is
        estimated, and said so.
      </Text>
    </>
  );
}

function Choice({ of }: { readonly of: ChoiceName }) {
  const store = useWorkStore();
  const tape = useTape();
  const value = useWork((work) => choicesOf(work.garment.resolved.block)?.[of]);
  if (value === undefined) return null;
  return (
    <ChoiceSelect<string>
      id={`block.${of}`}
      label={LABELS[of]}
      value={value}
      choices={choicesIn(tape)[of]}
      onChoose={(chosen) => store.getState().setField(`block.${of}`, chosen)}
    />
  );
}

function choicesOf(block: { readonly source: string; readonly choices?: BlockChoices }): BlockChoices | undefined {
  return block.choices;
}
