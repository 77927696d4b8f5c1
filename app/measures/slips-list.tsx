import { Sentence } from "@app/components/length-text";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { Slip } from "@core/body/index";
import { TriangleAlert } from "lucide-react";

/** Readings that are likelier a slip of the tape than a body; they can be kept all the same. */
export function SlipsList({ slips, hasAny }: { readonly slips: readonly Slip[]; readonly hasAny: boolean }) {
  return (
    <Box as="section" aria-label="Slips of the tape" mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        Slips of the tape
      </Heading>
      {slips.length === 0 ? (
        <Text color="inkSoft">
          {hasAny ? "What was taken goes together." : "Readings are compared as you write them."}
        </Text>
      ) : (
        <Flex direction="column" gap="4" role="status">
          {slips.map((slip) => (
            <Box
              key={`${slip.code}-${slip.about.join("-")}`}
              data-slip={slip.code}
              borderLeft="3px solid"
              borderColor="warn"
              pl="3"
            >
              <Flex align="center" gap="1.5" color="warn" fontSize="sm" fontWeight="600">
                <TriangleAlert size={15} aria-hidden /> Measure again?
              </Flex>
              <Text mt="0.5" lineHeight="1.4">
                <Sentence words={slip.message} />
              </Text>
              <Text fontSize="sm" color="inkSoft" mt="1" lineHeight="1.4">
                <Sentence words={slip.reason} />
              </Text>
            </Box>
          ))}
        </Flex>
      )}
    </Box>
  );
}
