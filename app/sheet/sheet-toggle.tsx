import { Button } from "@chakra-ui/react";
import type { ReactNode } from "react";

type Props = { readonly isOn: boolean; readonly onToggle: (isOn: boolean) => void; readonly children: ReactNode };

/** Something more that a sheet shows when it is pressed; it stands in the row along the bottom of the sheet. */
export function SheetToggle({ isOn, onToggle, children }: Props) {
  return (
    <Button
      className="not-printed"
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
