import { LengthText, Sentence } from "@app/components/length-text";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import { type MeasureId, measureOf, plausibleRange } from "@core/body/index";
import type { DefaultTaken } from "@core/resolve/index";
import type { ReactNode } from "react";
import { BodyFigure } from "./body-figure";

/** How one measurement is taken: the figure, the words, what it is for, what to expect, and what stands in for it. */
export function MeasureGuide({
  id,
  estimate,
  last,
  figure,
  box,
}: {
  readonly id: MeasureId;
  readonly estimate: DefaultTaken | undefined;
  /** The reading that stays in use while none is taken today. */
  readonly last?: number | undefined;
  /** A figure of all measures, in place of that of this one. */
  readonly figure?: ReactNode;
  /** The box that this measure is typed in. */
  readonly box?: ReactNode;
}) {
  const { term, alsoCalled, howTaken, usedFor, isTwoSided } = measureOf(id);
  const range = plausibleRange(id);
  return (
    <Flex
      as="section"
      aria-label="How to measure"
      aria-live="polite"
      direction={{ base: "column", sm: "row" }}
      gap="6"
      bg="panel"
      h="100%"
      px="6"
      py="5"
      overflowY="auto"
    >
      <Box
        flex="0 0 auto"
        w={{ base: figure ? "100%" : "11rem", sm: figure ? "55%" : "45%" }}
        maxH="40rem"
        color="inkSoft"
      >
        {figure ?? <BodyFigure id={id} />}
      </Box>
      <Box flex="1" minW="0" pt="4">
        <Heading as="h2" fontFamily="heading" fontSize="2xl" fontWeight="600" lineHeight="1.2">
          {term}
        </Heading>
        {alsoCalled.length > 0 && (
          <Text color="inkSoft" mt="1">
            also called {alsoCalled.join(", ")}
          </Text>
        )}
        {box && (
          <Box mt="4" maxW="14rem">
            {box}
          </Box>
        )}
        <Text fontSize="lg" mt="4" lineHeight="1.45">
          {howTaken}
        </Text>
        <Text mt="4">
          <b>For</b> {usedFor}.
        </Text>
        <Text mt="2">
          <b>To expect</b> on an adult <LengthText mm={range.least} /> to <LengthText mm={range.most} />
          <Text as="span" color="inkSoft" fontSize="sm">
            {" "}
            ({range.source === "open data set" ? "260 women of an open data set, widened" : range.source})
          </Text>
        </Text>
        {isTwoSided && (
          <Text mt="2" color="inkSoft">
            Where left and right differ, take both; a garment takes the larger.
          </Text>
        )}
        {last !== undefined && (
          <Box mt="4" borderLeft="3px solid" borderColor="chalk" pl="3" data-last={id}>
            <Text>
              Last time{" "}
              <b>
                <LengthText mm={last} />
              </b>
            </Text>
            <Text color="inkSoft" fontSize="sm">
              It stays in use until it is taken again.
            </Text>
          </Box>
        )}
        {estimate && typeof estimate.value === "number" && (
          <Box mt="4" borderLeft="3px solid" borderColor="warn" pl="3" data-estimate={id}>
            <Text>
              Not taken. Estimated as{" "}
              <b>
                <LengthText mm={estimate.value} />
              </b>
            </Text>
            <Text color="inkSoft" fontSize="sm">
              <Sentence words={estimate.rule} />
            </Text>
          </Box>
        )}
      </Box>
    </Flex>
  );
}
