import { chakra, Flex } from "@chakra-ui/react";
import type { TapeUnit } from "@core/tape/index";
import { usePreferences } from "./preferences";

const CHOICES: readonly { readonly unit: TapeUnit; readonly label: string; readonly name: string }[] = [
  { unit: "in", label: "inches", name: "Inches and fractions" },
  { unit: "cm", label: "cm", name: "Centimetres" },
];

const Choice = chakra("button", {
  base: {
    px: { base: "1.5", md: "3" },
    py: "1",
    fontSize: "sm",
    cursor: "pointer",
    color: "inkSoft",
    "&[aria-pressed=true]": { bg: "ink", color: "paper" },
  },
});

/** One switch for the whole app, the card and the prints. It only changes how lengths are written. */
export function UnitSwitch() {
  const { unit, setUnit } = usePreferences();
  return (
    <Flex
      role="group"
      aria-label="Tape unit"
      border="1px solid"
      borderColor="ruleStrong"
      borderRadius="sm"
      overflow="hidden"
      flexShrink="0"
    >
      {CHOICES.map((choice) => (
        <Choice
          key={choice.unit}
          type="button"
          title={choice.name}
          aria-pressed={unit === choice.unit}
          onClick={() => setUnit(choice.unit)}
        >
          {choice.label}
        </Choice>
      ))}
    </Flex>
  );
}
