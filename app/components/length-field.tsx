import { Box, chakra, Field, Input, Text } from "@chakra-ui/react";
import { formatForTyping } from "@core/tape/index";
import { type ReactNode, useEffect, useRef } from "react";
import { flushSync } from "react-dom";
import { useUnit } from "./preferences";
import { useTapeTarget } from "./tape-target";

export type LengthFieldProps = {
  readonly id: string;
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  readonly onBegin?: () => void;
  readonly onEnd?: () => void;
  readonly problem?: string | undefined;
  readonly hint?: ReactNode;
  /** What is used while the box is empty. */
  readonly standsIn?: string | undefined;
  /** What is written behind the figure; left out, the unit of the tape. */
  readonly unit?: string;
};

const Unit = chakra("span", {
  base: {
    position: "absolute",
    right: "2.5",
    top: "50%",
    transform: "translateY(-50%)",
    color: "inkSoft",
    fontSize: "sm",
    pointerEvents: "none",
  },
});

/** One reading of the tape: label, box, unit; Enter goes on to the next box. What is wrong stays in the box and is said under it. */
export function LengthField({
  id,
  label,
  value,
  onText,
  onBegin,
  onEnd,
  problem,
  hint,
  standsIn,
  unit: ofFigure,
}: LengthFieldProps) {
  const unit = useUnit();
  const input = useRef<HTMLInputElement>(null);
  const tape = useTapeTarget();
  const stopAiming = useRef<(() => void) | null>(null);
  const latest = useRef({ onText, unit });
  latest.current = { onText, unit };
  useEffect(() => () => stopAiming.current?.(), []);
  /** A reading of the tape is written as if typed, and the next box is in focus: one hand is enough. */
  const aimTape = () => {
    stopAiming.current = tape.aim((mm) => {
      flushSync(() => latest.current.onText(formatForTyping(mm, latest.current.unit)));
      if (input.current) goToNextBox(input.current);
    });
  };
  return (
    <Field.Root invalid={problem !== undefined} id={id} display="block">
      <Box display="grid" rowGap="0.5">
        <Field.Label fontSize="sm" fontWeight="400" color="ink" minW="0">
          {label}
        </Field.Label>
        <Box position="relative">
          <Input
            ref={input}
            name={id}
            value={value}
            placeholder={standsIn}
            autoComplete="off"
            inputMode="text"
            enterKeyHint="next"
            size="sm"
            fontSize="md"
            pr="9"
            bg="panel"
            borderColor={problem ? "fault" : "ruleStrong"}
            _placeholder={{ color: "inkSoft", fontStyle: "italic" }}
            onChange={(event) => onText(event.currentTarget.value)}
            onFocus={() => {
              if (ofFigure === undefined) aimTape();
              onBegin?.();
            }}
            onBlur={() => {
              stopAiming.current?.();
              onEnd?.();
            }}
            onKeyDown={(event) => {
              if (event.key === "Enter" && goToNextBox(event.currentTarget)) event.preventDefault();
            }}
          />
          <Unit aria-hidden>{ofFigure ?? unit}</Unit>
        </Box>
      </Box>
      {hint && !problem ? (
        <Field.HelperText fontSize="sm" color="inkSoft" mt="1">
          <Text as="span" display="block" lineHeight="1.35">
            {hint}
          </Text>
        </Field.HelperText>
      ) : null}
      <Field.ErrorText fontSize="sm" color="fault" mt="1" role="alert">
        {problem}
      </Field.ErrorText>
    </Field.Root>
  );
}

/** True when there is a next box to write in; a box that is folded away is none. */
function goToNextBox(box: HTMLInputElement): boolean {
  const form = box.closest("form, [data-fields]");
  if (!form) return false;
  const boxes = [
    ...form.querySelectorAll<HTMLInputElement>(
      'input:not([type="hidden"], [type="radio"], [type="range"], [type="file"])',
    ),
  ].filter((one) => one === box || one.checkVisibility());
  const next = boxes[boxes.indexOf(box) + 1];
  if (!next) return false;
  next.focus();
  next.select();
  return true;
}
