import { ChoiceSelect } from "@app/components/choice-select";
import { SpecField } from "@app/work/spec-field";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Button, VStack } from "@chakra-ui/react";
import type { CutPiece } from "@core/cut/index";

const NONE = "";

/** Edges with an allowance of their own, each in a box; another is chosen from the list. */
export function OwnAllowances({ pieces }: { readonly pieces: readonly CutPiece[] }) {
  const store = useWorkStore();
  const own = useWork((work) => work.spec.allowances.edges) ?? [];
  const { setField } = store.getState();
  const edges = pieces.flatMap(({ piece, allowances }) =>
    allowances
      .filter(({ role }) => role !== "fold")
      .map(({ edge, by }) => ({
        value: `${piece.id}.${edge.id}`,
        label: `${piece.name}: ${edge.name.toLowerCase()}`,
        by,
      })),
  );
  const nameOf = (edge: string) => edges.find(({ value }) => value === edge)?.label ?? edge;
  const free = edges.filter(({ value }) => !own.some(({ edge }) => edge === value));
  return (
    <VStack align="stretch" gap="2.5">
      {own.map(({ edge }, i) => (
        <Box key={edge}>
          <SpecField path={`allowances.edges.${i}.by`} label={nameOf(edge)} />
          <Button
            size="xs"
            variant="plain"
            color="chalk"
            px="0"
            onClick={() => {
              const left = own.filter((_, k) => k !== i);
              setField("allowances.edges", left.length > 0 ? left : undefined);
            }}
          >
            As the others again
          </Button>
        </Box>
      ))}
      <ChoiceSelect
        id="own-edge"
        label="Another edge"
        value={NONE}
        choices={[{ value: NONE, label: "Choose an edge" }, ...free]}
        onChoose={(edge) => {
          const chosen = free.find(({ value }) => value === edge);
          if (chosen) setField("allowances.edges", [...own, { edge, by: chosen.by }]);
        }}
      />
    </VStack>
  );
}
