import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { Box, Button, Flex, Heading, Text } from "@chakra-ui/react";
import { graduationMm } from "@core/tape/index";
import { useState } from "react";
import type { TapeState } from "./electronic-tape";
import { usePracticeTape } from "./use-practice-tape";

const STATES: Readonly<Record<TapeState, string>> = {
  off: "Not connected.",
  connecting: "Connecting …",
  listening: "Listening: readings go into the box in focus.",
  lost: "The line dropped; it is being connected again. No reading is lost.",
};

const SHORTEST_MM = 50;
const LONGEST_MM = 1500;

/**
 * Readings from an electronic tape into the box in focus. What ships with the app is a practice tape: it is pulled out with a
 * slider, sends over a real line, and loses that line and repeats itself now and then as real ones do.
 */
export function TapePanel() {
  const tape = useTape();
  const { state, last, problem, connect, disconnect, press } = usePracticeTape();
  const [pulled, setPulled] = useState(300);
  const isOn = state !== "off";
  const step = graduationMm(tape);
  return (
    <Box as="section" aria-label="Electronic tape" borderTop="1px solid" borderColor="rule" pt="4" data-tape={state}>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        Electronic tape
      </Heading>
      <Text fontSize="sm" color="inkSoft" role="status">
        {STATES[state]}
      </Text>
      <Button
        mt="2"
        size="sm"
        variant="outline"
        borderColor="ruleStrong"
        color="ink"
        onClick={isOn ? disconnect : connect}
      >
        {isOn ? "Put the tape away" : "Connect the practice tape"}
      </Button>
      {isOn && (
        <Box mt="3">
          <label htmlFor="tape-pulled">
            Pulled out to{" "}
            <b>
              <LengthText mm={pulled} />
            </b>
          </label>
          <Box asChild w="100%" mt="1">
            <input
              id="tape-pulled"
              type="range"
              data-tape-slider
              min={Math.ceil(SHORTEST_MM / step) * step}
              max={LONGEST_MM}
              step={step}
              value={pulled}
              // The box in focus has to stay so, as it does with a tape in the hand.
              onPointerDown={(event) => keepFocus(event.currentTarget)}
              onChange={(event) => setPulled(Number(event.currentTarget.value))}
            />
          </Box>
          <Flex gap="3" align="center" mt="2">
            <Button
              size="sm"
              bg="chalk"
              color="onChalk"
              onPointerDown={(event) => event.preventDefault()}
              onClick={() => void press(pulled)}
            >
              Press its button
            </Button>
            {last && (
              <Text
                fontSize="sm"
                color={last.isTaken ? "inkSoft" : "warn"}
                data-tape-last={last.isTaken ? "taken" : "left"}
              >
                {last.isTaken ? "Took " : "Read "}
                <LengthText mm={last.mm} />
                {last.isTaken ? "." : ": put the cursor in a box first."}
              </Text>
            )}
          </Flex>
        </Box>
      )}
      {problem && (
        <Text role="alert" color="fault" fontSize="sm">
          {problem}
        </Text>
      )}
    </Box>
  );
}

/** A slider takes the focus when it is pressed; it goes back to the box that had it once the hand lets go. */
function keepFocus(slider: HTMLInputElement) {
  const before = document.activeElement;
  if (!(before instanceof HTMLInputElement) || before === slider) return;
  slider.addEventListener("pointerup", () => before.focus(), { once: true });
}
