import { Box, chakra, Field, NativeSelect, Text } from "@chakra-ui/react";
import { CLOTH_KINDS, clothOf } from "@core/cloth/index";
import { methodOf, SET_IN_METHODS } from "@core/sleeve/set-in/index";
import { FieldGroup } from "./field-group";
import { SpecField } from "./spec-field";
import { useWork, useWorkStore } from "./work-context";

const Method = chakra("label", {
  base: {
    display: "grid",
    gridTemplateColumns: "1.25rem 1fr",
    gap: "2",
    px: "3",
    py: "2",
    cursor: "pointer",
    border: "1px solid",
    borderColor: "rule",
    "&:has(input:checked)": { borderColor: "chalk", bg: "chalkPale" },
  },
});

export function SleeveFields() {
  const store = useWorkStore();
  const method = useWork((work) => work.garment.resolved.sleeve?.method);
  const { change } = store.getState();
  return (
    <>
      <FieldGroup title="Method">
        {SET_IN_METHODS.map((one) => {
          const { name, summary } = methodOf(one);
          return (
            <Method key={one}>
              <input
                type="radio"
                name="sleeve.method"
                value={one}
                checked={method === one}
                onChange={() => change({ sleeve: { method: one } })}
              />
              <Box>
                <Text fontWeight="600">{name}</Text>
                <Text fontSize="sm" color="inkSoft" lineHeight="1.35">
                  {summary}
                </Text>
              </Box>
            </Method>
          );
        })}
      </FieldGroup>
      <FieldGroup title="Cloth and ease">
        <ClothChoice />
        <SpecField path="sleeve.capEase" />
        {method === "fit-first" && <SpecField path="sleeve.upperArmEase" />}
        {method === "bust-twelfth" && (
          <>
            <SpecField path="sleeve.capHeightChange" label="Cap raised by" hint="Less than nothing lowers it." />
            <SpecField path="sleeve.capWidthChange" label="Widened by" hint="Less than nothing narrows it." />
          </>
        )}
      </FieldGroup>
      <FieldGroup title="Below the cap">
        <SpecField path="sleeve.length" />
        <SpecField path="sleeve.elbowEase" />
        <SpecField path="sleeve.wristEase" />
      </FieldGroup>
      <FieldGroup title="Notches" note="Distance from the underarm, along the armhole.">
        <SpecField path="sleeve.notches.front" hint={<UsualNotch side="front" />} />
        <SpecField path="sleeve.notches.back" hint={<UsualNotch side="back" />} />
      </FieldGroup>
    </>
  );
}

function UsualNotch({ side }: { readonly side: "front" | "back" }) {
  const isSet = useWork((work) => work.spec.sleeve?.notches?.[side] !== undefined);
  return isSet ? null : (
    <>Usual: a third of the depth above the underarm{side === "back" ? "; double, 10 mm apart" : ""}.</>
  );
}

function ClothChoice() {
  const store = useWorkStore();
  const kind = useWork((work) => work.garment.resolved.cloth.kind);
  return (
    <Field.Root id="cloth.kind">
      <Box w="100%">
        <Field.Label fontSize="md" fontWeight="400" mb="1">
          Cloth
        </Field.Label>
        <NativeSelect.Root size="sm">
          <NativeSelect.Field
            bg="panel"
            borderColor="ruleStrong"
            fontSize="md"
            value={kind}
            onChange={(event) => {
              const chosen = CLOTH_KINDS.find((one) => one === event.currentTarget.value);
              if (chosen) store.getState().change({ cloth: { kind: chosen } });
            }}
          >
            {CLOTH_KINDS.map((one) => (
              <option key={one} value={one}>
                {clothOf(one).name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      </Box>
    </Field.Root>
  );
}
