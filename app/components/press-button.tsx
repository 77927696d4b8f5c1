import { Button } from "@chakra-ui/react";

type Props = {
  readonly name: string;
  /** Is it on? Left out for one that only does something. */
  readonly isOn?: boolean;
  readonly onPress: () => void;
};

/** A small button over a sheet: it shows something, or does something. */
export function PressButton({ name, isOn, onPress }: Props) {
  return (
    <Button
      size="sm"
      variant="ghost"
      color="ink"
      bg={isOn ? "chalkPale" : "transparent"}
      border="1px solid"
      borderColor={isOn ? "chalk" : "transparent"}
      aria-pressed={isOn}
      onClick={onPress}
    >
      {name}
    </Button>
  );
}
