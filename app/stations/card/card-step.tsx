import { Sentence } from "@app/components/length-text";
import { Box, Grid, Text } from "@chakra-ui/react";
import type { Draft, Step } from "@core/draft/index";
import { StepDrawing } from "./step-drawing";

/** One step on the printed card: its number, its sentence, what the tape should read, and the drawing so far. */
export function CardStep({ draft, step }: { readonly draft: Draft; readonly step: Step }) {
  return (
    <Grid
      as="li"
      data-step={step.n}
      templateColumns={{ base: "2.5rem minmax(0, 1fr)", md: "3rem minmax(0, 1fr) 12rem" }}
      gap="4"
      py="4"
      borderTop="1px solid"
      borderColor="rule"
      breakInside="avoid"
    >
      <Text fontFamily="heading" fontSize="2xl" color="chalk" lineHeight="1.2">
        {step.n}
      </Text>
      <Box>
        <Text fontSize="xl" lineHeight="1.4">
          <Sentence words={step.text} />
        </Text>
        {step.tapeCheck && (
          <Text mt="1.5" fontSize="lg" color="chalk">
            Tape: <Sentence words={step.tapeCheck} />
          </Text>
        )}
      </Box>
      <Box h="9.5rem" gridColumn={{ base: "2", md: "auto" }}>
        <StepDrawing draft={draft} upTo={step.n} letters="small" />
      </Box>
    </Grid>
  );
}
