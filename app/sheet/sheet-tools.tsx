import { chakra, Flex } from "@chakra-ui/react";
import { Maximize2, Minus, Plus } from "lucide-react";

const Tool = chakra("button", {
  base: {
    display: "grid",
    placeItems: "center",
    w: { base: "11", lg: "9" },
    h: { base: "11", lg: "9" },
    cursor: "pointer",
    bg: "panel",
    color: "ink",
    border: "1px solid",
    borderColor: "rule",
    _hover: { borderColor: "ruleStrong" },
  },
});

type Props = {
  readonly onZoomIn: () => void;
  readonly onZoomOut: () => void;
  readonly onFit: () => void;
  readonly what: "draft" | "photograph";
};

export function SheetTools({ onZoomIn, onZoomOut, onFit, what }: Props) {
  return (
    <Flex className="not-printed" position="absolute" right="3" bottom="3" direction="column" gap="1">
      <Tool type="button" aria-label="Zoom in" title="Zoom in (+)" onClick={onZoomIn}>
        <Plus size={18} aria-hidden />
      </Tool>
      <Tool type="button" aria-label="Zoom out" title="Zoom out (−)" onClick={onZoomOut}>
        <Minus size={18} aria-hidden />
      </Tool>
      <Tool type="button" aria-label={`Fit the ${what} to the sheet`} title="Fit (0)" onClick={onFit}>
        <Maximize2 size={16} aria-hidden />
      </Tool>
    </Flex>
  );
}
