import { useTape } from "@app/components/preferences";
import { SpecField } from "@app/work/spec-field";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import { Flex, Heading, Text } from "@chakra-ui/react";
import { methodOf } from "@core/sleeve/set-in/index";
import { formatLength, graduationMm } from "@core/tape/index";
import type { ArmPose } from "@core/toile/index";
import { memo } from "react";
import { LetGoSlider } from "./let-go-slider";

type Props = { readonly pose: ArmPose; readonly onPose: (pose: ArmPose) => void };

const ARMS = [
  { name: "raised", label: "Arm raised", most: 120 },
  { name: "forward", label: "Arm forward", most: 60 },
  { name: "elbow", label: "Elbow bent", most: 100 },
] as const;

/** How the arm is held, and the figures that are tried on the toile. */
export const WearChoices = memo(function WearChoices({ pose, onPose }: Props) {
  const hasSleeve = useThrottledWork((work) => work.spec.sleeve !== null);
  const isSetIn = useThrottledWork((work) => work.garment.sleeve?.family === "sewn");
  const hasFall = useThrottledWork((work) => ["shirt", "roll", "notched"].includes(work.spec.collar?.kind ?? ""));
  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        The arm
      </Heading>
      {ARMS.map(({ name, label, most }) => (
        <LetGoSlider
          key={name}
          id={`arm-${name}`}
          label={label}
          least={0}
          most={most}
          step={1}
          value={pose[name]}
          shown={(value) => `${Math.round(value)}°`}
          spoken={(value) => `${Math.round(value)} degrees`}
          onValue={(value) => onPose({ ...pose, [name]: value })}
        />
      ))}
      <Text fontSize="sm" color="inkSoft" mb="5">
        The toile follows when the slider is let go.
      </Text>
      {(hasSleeve || hasFall) && (
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
          Try on it
        </Heading>
      )}
      <Flex direction="column" gap="3">
        {isSetIn && <SpecField path="sleeve.capEase" />}
        {isSetIn && <CapHeight />}
        {hasSleeve && (
          <SpecField path="sleeve.upperArmEase" hint={isSetIn ? "Less of it makes the cap higher." : undefined} />
        )}
        {hasFall && <SpecField path="collar.fall" />}
        {hasFall && <LetOut />}
      </Flex>
    </>
  );
});

/** What the cap's method leaves to choice of its height: the height itself, or a change of what a rule gives. */
function CapHeight() {
  const method = useThrottledWork((work) => work.garment.resolved.sleeve?.method);
  if (!method) return null;
  if (methodOf(method).takesHeight) return <SpecField path="sleeve.capHeight" />;
  return method === "fit-first" ? null : <SpecField path="sleeve.capHeightChange" />;
}

/** How far the outer edge of a collar is let out, by swinging its end out or dropping its front. */
function LetOut() {
  const store = useWorkStore();
  const tape = useTape();
  const outer = useThrottledWork((work) => work.lastCollar?.drawing.outer ?? null);
  if (!outer || outer.isTraced) return null;
  const all = outer.curve.map(({ at }) => at);
  const text = (mm: number) => formatLength(mm, tape);
  return (
    <LetGoSlider
      id="collar-let-out"
      label={outer.by === "tilt" ? "Collar’s end swung out" : "Collar’s front end dropped"}
      least={Math.max(0, Math.ceil(Math.min(...all) * 10) / 10)}
      most={Math.floor(Math.max(...all) * 10) / 10}
      step={graduationMm(tape)}
      value={outer.at}
      shown={text}
      spoken={text}
      onValue={(at) => store.getState().change({ collar: { edgeBy: "own", [outer.by]: at } })}
    />
  );
}
