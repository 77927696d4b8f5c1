import { Sentence } from "@app/components/length-text";
import { Box, Button, chakra, Flex, Heading, Text } from "@chakra-ui/react";
import { makingOrder } from "@core/cut/index";
import type { Garment } from "@core/garment/index";
import { Printer } from "lucide-react";
import { useMemo } from "react";
import { useMadeSteps } from "./use-made-steps";

const Tick = chakra("input");

type Props = { readonly garment: Garment; readonly garmentId: string };

/** The steps from the cut pieces to the garment, each ticked when it is done, by whoever does it; kept with the garment. */
export function MakingNotes({ garment, garmentId }: Props) {
  const steps = useMemo(() => makingOrder(garment), [garment]);
  const { done, tick, problem } = useMadeSteps(garmentId);
  const left = steps.filter(({ id }) => !done.has(id)).length;
  return (
    <Box h="100%" overflowY="auto" bg="panel" px="8" py="5" data-making-notes>
      <Flex align="baseline" gap="4" mb="3">
        <Heading as="h2" fontFamily="heading" fontSize="xl" fontWeight="600">
          Making notes
        </Heading>
        <Text color="inkSoft">{left === 0 ? "All done" : `${left} of ${steps.length} to do`}</Text>
        <Button
          className="not-printed"
          ml="auto"
          size="sm"
          variant="outline"
          borderColor="ruleStrong"
          color="ink"
          onClick={() => window.print()}
        >
          <Printer size={16} aria-hidden /> Print
        </Button>
      </Flex>
      {problem !== null && (
        <Text role="alert" color="fault" mb="2">
          {problem}
        </Text>
      )}
      <Box as="ol" listStyleType="none" maxW="44rem">
        {steps.map((step, i) => (
          <Flex
            as="li"
            key={step.id}
            gap="3"
            py="2.5"
            borderBottom="1px solid"
            borderColor="rule"
            data-making-step={step.id}
          >
            <Text w="6" flexShrink={0} textAlign="end" color="inkSoft" fontVariantNumeric="tabular-nums">
              {i + 1}
            </Text>
            <Tick
              type="checkbox"
              mt="1"
              boxSize="4"
              flexShrink={0}
              aria-label={`Step ${i + 1} is done`}
              checked={done.has(step.id)}
              onChange={(event) => void tick(step.id, event.currentTarget.checked)}
            />
            <Box opacity={done.has(step.id) ? 0.6 : 1}>
              <Text>
                <Sentence words={step.text} />
              </Text>
              {step.caution && (
                <Text fontSize="sm" color="warn" mt="1">
                  <Sentence words={step.caution} />
                </Text>
              )}
            </Box>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
