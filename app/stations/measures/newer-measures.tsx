import { LengthText } from "@app/components/length-text";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Button, Text } from "@chakra-ui/react";
import { type Body, changesBetween, MEASURE_IDS, measureOf } from "@core/body/index";

/** The client's newest measuring, for comparing with what the garment was begun with. */
export type NewestMeasures = { readonly day: string; readonly body: Body };

export type GarmentClient = {
  readonly id: string;
  readonly name: string;
  readonly newest: NewestMeasures | null;
};

/** Tells when the client measures otherwise now than this garment says, and takes the new figures over on request. */
export function NewerMeasures({ client }: { readonly client: GarmentClient }) {
  const store = useWorkStore();
  const body = useWork((work) => work.spec.body);
  const { newest } = client;
  if (!newest) return null;
  const changed = changesBetween(body, newest.body);
  const added = MEASURE_IDS.filter((id) => body[id] === undefined && newest.body[id] !== undefined);
  if (changed.length === 0 && added.length === 0) return null;
  return (
    <Box mb="5" borderLeft="3px solid" borderColor="warn" pl="3" data-newer-measures>
      <Text>
        {client.name}, measured on {newest.day}, is otherwise than this garment says:
      </Text>
      {changed.map(({ id, before, after }) => (
        <Text key={id} fontSize="sm">
          {measureOf(id).term}: <LengthText mm={before} withUnit={false} /> → <LengthText mm={after} />
        </Text>
      ))}
      {added.length > 0 && (
        <Text fontSize="sm">{added.length === 1 ? "One figure" : `${added.length} figures`} taken since then.</Text>
      )}
      <Button
        mt="2"
        size="sm"
        variant="outline"
        borderColor="chalk"
        color="chalk"
        onClick={() => store.getState().change({ body: newest.body })}
      >
        Take the new figures over
      </Button>
    </Box>
  );
}
