import { LengthText } from "@app/components/length-text";
import { SpecField } from "@app/work/spec-field";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Button, Flex, NativeSelect, Text, VStack } from "@chakra-ui/react";
import { ALTERATION_KINDS, ALTERATIONS, type AlterationKind, type AlterationTaken, isOfBody } from "@core/block/index";
import { X } from "lucide-react";
import { useState } from "react";

const ofBody = (kind: AlterationKind) => isOfBody({ kind, by: 0 });
const OF_DRAWING = { label: "On the drawn block", kinds: ALTERATION_KINDS.filter((kind) => !ofBody(kind)) };
const OF_BODY = { label: "On the figures of the body", kinds: ALTERATION_KINDS.filter(ofBody) };

/** What is altered on the block before the sleeve, in order; each with what it did to the four curves, each taken back by itself. */
export function AlterationsList() {
  const store = useWorkStore();
  const alterations = useWork((work) => work.spec.block.alterations) ?? [];
  const taken = useThrottledWork((work) => work.garment.alterations);
  const [kind, setKind] = useState<AlterationKind>("lower-armhole");
  const isSolved = useThrottledWork(
    ({ garment: { resolved } }) => resolved.block.source === "drafted" && resolved.block.school === "fitted",
  );
  const parts = isSolved ? [OF_DRAWING, OF_BODY] : [OF_DRAWING];
  const { setField } = store.getState();
  const add = () => setField("block.alterations", [...alterations, { kind, by: ALTERATIONS[kind].usual }]);
  return (
    <VStack align="stretch" gap="2.5">
      {alterations.map((one, index) => (
        <Box
          // biome-ignore lint/suspicious/noArrayIndexKey: the same alteration can stand twice, and its place is what tells it apart
          key={`${index}-${one.kind}`}
          data-alteration={one.kind}
          borderLeft="3px solid"
          borderColor="ruleStrong"
          pl="3"
          pb="1"
        >
          <Flex justify="space-between" align="flex-start" gap="2">
            <Text fontWeight="600">{ALTERATIONS[one.kind].name}</Text>
            <Button
              size="xs"
              variant="ghost"
              color="inkSoft"
              aria-label={`Take back: ${ALTERATIONS[one.kind].name}`}
              onClick={() =>
                setField(
                  "block.alterations",
                  alterations.filter((_, i) => i !== index),
                )
              }
            >
              <X size={16} aria-hidden />
            </Button>
          </Flex>
          {one.kind !== "shoulder-dart-to-armhole" && (
            <SpecField path={`block.alterations.${index}.by`} label="By" hint={ALTERATIONS[one.kind].says} />
          )}
          {taken[index] && taken[index].leftOut === null && <Effect taken={taken[index]} />}
        </Box>
      ))}
      <Flex gap="2">
        <NativeSelect.Root size="sm">
          <NativeSelect.Field
            aria-label="Alteration"
            bg="panel"
            borderColor="ruleStrong"
            fontSize="md"
            value={kind}
            onChange={(event) => {
              const chosen = ALTERATION_KINDS.find((one) => one === event.currentTarget.value);
              if (chosen) setKind(chosen);
            }}
          >
            {parts.map(({ label, kinds }) => (
              <optgroup key={label} label={label}>
                {kinds.map((one) => (
                  <option key={one} value={one}>
                    {ALTERATIONS[one].name}
                  </option>
                ))}
              </optgroup>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={add}>
          Alter
        </Button>
      </Flex>
    </VStack>
  );
}

const CURVES = [
  ["frontArmhole", "Front armhole"],
  ["backArmhole", "Back armhole"],
  ["frontNeckline", "Front neckline"],
  ["backNeckline", "Back neckline"],
] as const;

/** A change that no tape shows is not worth a line. */
const VISIBLE_MM = 0.05;

function Effect({ taken: { before, after } }: { readonly taken: AlterationTaken }) {
  const changed = CURVES.filter(([curve]) => Math.abs(after[curve] - before[curve]) > VISIBLE_MM);
  return (
    <Box as="dl" fontSize="sm" mt="1" display="grid" gridTemplateColumns="1fr auto" columnGap="3">
      {changed.map(([curve, label]) => (
        <Box key={curve} display="contents">
          <Text as="dt" color="inkSoft">
            {label}
          </Text>
          <Text as="dd" whiteSpace="nowrap">
            <LengthText mm={before[curve]} withUnit={false} /> → <LengthText mm={after[curve]} />
          </Text>
        </Box>
      ))}
      {changed.length === 0 && <Text color="inkSoft">The four curves stay as long as they were.</Text>}
    </Box>
  );
}
