import { useTape } from "@app/components/preferences";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { speak } from "@core/draft/index";
import { differenceWords } from "@core/spec/index";
import type { Together } from "./save-answer";
import { useWorkStore } from "./work-context";

type Props = { readonly besides: number; readonly together: Together; readonly onClose: () => void };

/** What somebody else saved meanwhile: what was taken over of it, and what both changed, each with the other's figure to take. */
export function BesideNotes({ besides, together, onClose }: Props) {
  const tape = useTape();
  const store = useWorkStore();
  const { author, taken, conflicts, number } = together;
  const who = author ?? "Somebody";
  return (
    <Box
      role="region"
      aria-label="Saved side by side"
      data-beside
      mx="-5"
      px="5"
      py="3"
      bg="sunken"
      borderTop="1px solid"
      borderColor="rule"
    >
      <Text fontWeight="600">
        {who} saved version {besides} while you worked. Both versions are kept
        {taken.length > 0 ? `, and put together as version ${number}.` : "."}
      </Text>
      {taken.length > 0 && (
        <Text fontSize="sm" color="inkSoft">
          Taken over from {who}: {taken.map((one) => speak(differenceWords(one), tape)).join("; ")}.
        </Text>
      )}
      {conflicts.map((conflict) => (
        <Flex key={conflict.path} align="center" gap="3" wrap="wrap" mt="1.5" data-conflict={conflict.path}>
          <Text fontSize="sm">You both changed: {speak(differenceWords(conflict), tape)} with you.</Text>
          <Button
            size="xs"
            variant="outline"
            borderColor="ruleStrong"
            color="ink"
            onClick={() => store.getState().setField(conflict.path, conflict.after ?? undefined)}
          >
            Take {who}’s
          </Button>
        </Flex>
      ))}
      <Button mt="2" size="xs" variant="outline" borderColor="ruleStrong" color="ink" onClick={onClose}>
        Close
      </Button>
    </Box>
  );
}
