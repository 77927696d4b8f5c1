import { Box, Heading, Text, VStack } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A few boxes that belong together, under a word. */
export function FieldGroup({
  title,
  note,
  children,
}: {
  readonly title: string;
  readonly note?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <Box as="section" mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1">
        {title}
      </Heading>
      {note && (
        <Text fontSize="sm" color="inkSoft" mb="3">
          {note}
        </Text>
      )}
      <VStack align="stretch" gap="2.5" mt="2">
        {children}
      </VStack>
    </Box>
  );
}
