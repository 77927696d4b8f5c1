import { useTape } from "@app/components/preferences";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { speak } from "@core/draft/index";
import { differenceWords } from "@core/spec/index";
import type { MergedSave } from "./save-answer";
import { useWorkStore } from "./work-context";

type Props = { readonly besides: number; readonly together: MergedSave; readonly onClose: () => void };

/** What others saved meanwhile: what was taken over of it, and what both changed, each with one's own figure to take again. */
export function BesideNotes({ besides, together, onClose }: Props) {
  const tape = useTape();
  const store = useWorkStore();
  const { authors, taken, conflicts, number } = together;
  const isTogether = taken.length + conflicts.length > 0;
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
        {whoSaved(authors, besides)}{" "}
        {isTogether
          ? `Every version is kept, and version ${number} puts them together.`
          : "Every version is kept. Their figures are the same."}
      </Text>
      {taken.length > 0 && (
        <Text fontSize="sm" color="inkSoft">
          Taken over from there: {taken.map((one) => speak(differenceWords(one), tape)).join("; ")}.
        </Text>
      )}
      {conflicts.map((conflict) => (
        <Flex key={conflict.path} align="center" gap="3" wrap="wrap" mt="1.5" data-conflict={conflict.path}>
          <Text fontSize="sm">
            Both changed, and what was saved first stands. {speak(differenceWords(conflict), tape)} with you.
          </Text>
          <Button
            size="xs"
            variant="outline"
            borderColor="ruleStrong"
            color="ink"
            onClick={() => store.getState().setField(conflict.path, conflict.before ?? undefined)}
          >
            Take mine
          </Button>
        </Flex>
      ))}
      <Button mt="2" size="xs" variant="outline" borderColor="ruleStrong" color="ink" onClick={onClose}>
        Close
      </Button>
    </Box>
  );
}

const AND = new Intl.ListFormat("en", { type: "conjunction" });

function whoSaved(authors: readonly string[], besides: number): string {
  if (authors.length === 0) return `Somebody saved version ${besides} while you worked.`;
  const names = AND.format(authors);
  return authors.length === 1
    ? `${names} saved version ${besides} while you worked.`
    : `${names} saved while you worked, version ${besides} the last.`;
}
