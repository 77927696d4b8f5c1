import { SpecField } from "@app/work/spec-field";
import { useCalmWork } from "@app/work/use-calm-work";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { ArmPose } from "@core/toile/index";
import { memo, useState } from "react";

type Props = { readonly pose: ArmPose; readonly onPose: (pose: ArmPose) => void };

const ARMS = [
  { name: "raised", label: "Arm raised", most: 120 },
  { name: "forward", label: "Arm forward", most: 60 },
  { name: "elbow", label: "Elbow bent", most: 100 },
] as const;

/** How the arm is held, and the figures that are tried on the toile. */
export const WearChoices = memo(function WearChoices({ pose, onPose }: Props) {
  const hasSleeve = useCalmWork((work) => work.spec.sleeve !== null);
  const isSetIn = useCalmWork((work) => work.garment.sleeve?.family === "sewn");
  const hasFall = useCalmWork((work) => ["shirt", "roll", "notched"].includes(work.spec.collar?.kind ?? ""));
  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        The arm
      </Heading>
      {ARMS.map(({ name, label, most }) => (
        <ArmSlider
          key={name}
          id={`arm-${name}`}
          label={label}
          most={most}
          value={pose[name]}
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
        {hasSleeve && (
          <SpecField path="sleeve.upperArmEase" hint={isSetIn ? "less of it makes the cap higher" : undefined} />
        )}
        {hasFall && <SpecField path="collar.fall" />}
      </Flex>
    </>
  );
});

type SliderProps = {
  readonly id: string;
  readonly label: string;
  readonly most: number;
  readonly value: number;
  readonly onValue: (value: number) => void;
};

/** A slider that tells its value when it is let go: while it moves nothing is hung anew. */
function ArmSlider({ id, label, most, value, onValue }: SliderProps) {
  const [moving, setMoving] = useState<number | null>(null);
  const now = moving ?? value;
  const letGo = () => {
    if (moving !== null && moving !== value) onValue(moving);
    setMoving(null);
  };
  return (
    <Box my="2">
      <label htmlFor={id}>
        {label} <b>{Math.round(now)}°</b>
      </label>
      <Box asChild w="100%">
        <input
          id={id}
          type="range"
          min={0}
          max={most}
          step={1}
          value={now}
          aria-valuetext={`${Math.round(now)} degrees`}
          onChange={(event) => setMoving(Number(event.currentTarget.value))}
          onPointerUp={letGo}
          onKeyUp={letGo}
          onBlur={letGo}
        />
      </Box>
    </Box>
  );
}
