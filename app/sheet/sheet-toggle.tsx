import { Button } from "@chakra-ui/react";
import type { ReactNode } from "react";

type Props = { readonly isOn: boolean; readonly onToggle: (isOn: boolean) => void; readonly children: ReactNode };

/** Something more that a sheet shows when it is pressed, in its lower left corner. */
export function SheetToggle({ isOn, onToggle, children }: Props) {
  return (
    <Button
      className="not-printed"
      position="absolute"
      left="9"
      bottom="3"
      size="sm"
      variant="outline"
      borderColor={isOn ? "chalk" : "ruleStrong"}
      bg={isOn ? "chalkPale" : "panel"}
      color="ink"
      aria-pressed={isOn}
      onClick={() => onToggle(!isOn)}
    >
      {children}
    </Button>
  );
}
