import { Box, chakra } from "@chakra-ui/react";
import { BODY_SIDES, type MeasureId, measureOf, type TakenId } from "@core/body/index";
import { type ReactNode, useState } from "react";

type Props = {
  readonly id: MeasureId;
  readonly texts: Readonly<Record<string, string>>;
  readonly onTexts: (changes: Readonly<Record<string, string>>) => void;
  readonly box: (id: TakenId, label: string) => ReactNode;
};

const Switch = chakra("button", {
  base: { fontSize: "sm", color: "chalk", textDecoration: "underline", textUnderlineOffset: "3px", cursor: "pointer" },
});

/** A measurement taken once, or on the left and on the right. Changing over loses no figure. */
export function SidedBoxes({ id, texts, onTexts, box }: Props) {
  const { term, isTwoSided } = measureOf(id);
  const [isAsked, setAsked] = useState(false);
  const hasSides = BODY_SIDES.some((side) => (texts[`${id}.${side}`] ?? "") !== "");
  if (!isTwoSided) return box(id, term);
  const isSplit = isAsked || hasSides;
  const split = () => {
    setAsked(true);
    // What was taken once is taken for both until one is written over.
    const once = texts[id] ?? "";
    if (once !== "") onTexts({ [id]: "", [`${id}.left`]: once, [`${id}.right`]: once });
  };
  const join = () => {
    setAsked(false);
    const kept = texts[`${id}.right`] || texts[`${id}.left`] || texts[id] || "";
    onTexts({ [id]: kept, [`${id}.left`]: "", [`${id}.right`]: "" });
  };
  return (
    <Box>
      {isSplit ? (
        <Box display="flex" flexDirection="column" gap="1.5">
          {BODY_SIDES.map((side) => (
            <Box key={side}>{box(`${id}.${side}`, `${term}, ${side}`)}</Box>
          ))}
        </Box>
      ) : (
        box(id, term)
      )}
      <Box textAlign="right" mt="0.5">
        <Switch
          type="button"
          tabIndex={-1}
          aria-label={`${term}: ${isSplit ? "both alike" : "left and right"}`}
          onClick={isSplit ? join : split}
        >
          {isSplit ? "both alike" : "left and right"}
        </Switch>
      </Box>
    </Box>
  );
}
