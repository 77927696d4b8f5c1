import { FieldGroup } from "./field-group";
import { SpecField } from "./spec-field";

/** The armhole as the tape reads it on the bodice pattern or the garment. */
export function BlockFields() {
  return (
    <>
      <FieldGroup
        title="The armhole"
        note="Along the stitching line, tape on its edge, from the shoulder point to the underarm."
      >
        <SpecField path="block.armhole.front" />
        <SpecField path="block.armhole.back" />
        <SpecField path="block.armhole.depth" hint="Straight down, from shoulder-point level to underarm level." />
      </FieldGroup>
      <FieldGroup title="The shoulder" note="If you have it: the armhole leaves the shoulder seam square.">
        <SpecField path="block.shoulder.length" />
        <SpecField path="block.shoulder.slope" hint="How far the shoulder point lies below the side neck point." />
      </FieldGroup>
    </>
  );
}
