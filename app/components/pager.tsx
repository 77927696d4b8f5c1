import { Button, Flex, Text } from "@chakra-ui/react";
import { ChevronLeft, ChevronRight } from "lucide-react";
import type { ReactNode } from "react";

type Props = {
  /** What is paged through, as it is read out: "Step" gives "Step before" and "Step after". */
  readonly noun: string;
  /** From 1. */
  readonly at: number;
  readonly count: number;
  readonly onGo: (at: number) => void;
  /** Says where one is. */
  readonly children: ReactNode;
};

/** Before and after, with the place between them. */
export function Pager({ noun, at, count, onGo, children }: Props) {
  return (
    <Flex align="center" gap="4">
      <Turn label={`${noun} before`} disabled={at === 1} onClick={() => onGo(at - 1)}>
        <ChevronLeft aria-hidden />
      </Turn>
      <Text fontSize="xl">{children}</Text>
      <Turn label={`${noun} after`} disabled={at === count} onClick={() => onGo(at + 1)}>
        <ChevronRight aria-hidden />
      </Turn>
    </Flex>
  );
}

type TurnProps = {
  readonly label: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
};

function Turn({ label, disabled, onClick, children }: TurnProps) {
  return (
    <Button
      aria-label={label}
      variant="outline"
      borderColor="ruleStrong"
      color="ink"
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </Button>
  );
}
