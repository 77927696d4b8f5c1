import { useTape } from "@app/components/preferences";
import { measureText } from "@app/measures/measure-text";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Button, Text } from "@chakra-ui/react";
import { ARM_MEASURES, type Body, changesBetween, MEASURE_IDS, measureOf, type OtherArm } from "@core/body/index";

/** The client's newest measuring, for comparing with what the garment was begun with. */
export type NewestMeasures = { readonly day: string; readonly body: Body; readonly otherArm: OtherArm | null };

export type GarmentClient = {
  readonly id: string;
  readonly name: string;
  readonly newest: NewestMeasures | null;
};

/** Tells when the client measures otherwise now than this garment says, and takes the new figures over on request. */
export function NewerMeasures({ client }: { readonly client: GarmentClient }) {
  const store = useWorkStore();
  const body = useWork((work) => work.spec.body);
  const otherArm = useWork((work) => work.spec.otherArm);
  const tape = useTape();
  const { newest } = client;
  if (!newest) return null;
  const changed = changesBetween(body, newest.body);
  const added = MEASURE_IDS.filter((id) => body[id] === undefined && newest.body[id] !== undefined);
  // Who chose one sleeve for both arms is not asked again while the figures stay.
  const isOtherArmChanged = otherArm !== undefined && !isSameArm(otherArm, newest.otherArm);
  if (changed.length === 0 && added.length === 0 && !isOtherArmChanged) return null;
  return (
    <Box mb="5" borderLeft="3px solid" borderColor="warn" pl="3" data-newer-measures>
      <Text>
        {client.name}, measured on {newest.day}, is otherwise than this garment says:
      </Text>
      {changed.map(({ id, before, after }) => (
        <Text key={id} fontSize="sm">
          {measureOf(id).term}: {measureText(id, before, tape, { withUnit: false })} → {measureText(id, after, tape)}
        </Text>
      ))}
      {added.length > 0 && (
        <Text fontSize="sm">{added.length === 1 ? "One figure" : `${added.length} figures`} taken since then.</Text>
      )}
      {newest.otherArm !== null && (otherArm === undefined || isOtherArmChanged) && (
        <Text fontSize="sm">
          The {newest.otherArm.side} arm differs, and gets a sleeve of its own by its new figures.
        </Text>
      )}
      {newest.otherArm === null && isOtherArmChanged && (
        <Text fontSize="sm">The arms are alike now: one sleeve is cut for both.</Text>
      )}
      <Button
        mt="2"
        size="sm"
        variant="outline"
        borderColor="chalk"
        color="chalk"
        onClick={() => store.getState().change({ body: newest.body, otherArm: newest.otherArm ?? undefined })}
      >
        Take the new figures over
      </Button>
    </Box>
  );
}

function isSameArm(one: Partial<OtherArm>, other: OtherArm | null): boolean {
  return other !== null && one.side === other.side && ARM_MEASURES.every((id) => one[id] === other[id]);
}
