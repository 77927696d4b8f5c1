import { FieldGroup } from "@app/work/field-group";
import { SpecField } from "@app/work/spec-field";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Button } from "@chakra-ui/react";
import { ARM_MEASURES, measureOf } from "@core/body/index";

/** The arm that differs from the one in the garment's figures, where there is such a one: it has a sleeve of its own. */
export function OtherArmFields() {
  const store = useWorkStore();
  const side = useWork((work) => work.spec.otherArm && (work.spec.otherArm.side ?? "left"));
  if (!side) return null;
  return (
    <FieldGroup title={`The ${side} arm`} note="It differs enough to have a sleeve of its own.">
      {ARM_MEASURES.map((id) => (
        <SpecField key={id} path={`otherArm.${id}`} label={measureOf(id).term} />
      ))}
      <Button
        size="sm"
        variant="outline"
        borderColor="ruleStrong"
        color="ink"
        alignSelf="flex-start"
        onClick={() => store.getState().change({ otherArm: undefined })}
      >
        One sleeve for both
      </Button>
    </FieldGroup>
  );
}
