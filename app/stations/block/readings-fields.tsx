import { FieldGroup } from "@app/work/field-group";
import { SpecField } from "@app/work/spec-field";

/** The bodice as the tape reads it on the pattern or the garment. */
export function ReadingsFields() {
  return (
    <>
      <FieldGroup
        title="The armhole"
        note="Along the stitching line, tape on its edge, from the shoulder point to the underarm."
      >
        <SpecField path="block.armhole.front" />
        <SpecField path="block.armhole.back" />
        <SpecField
          path="block.armhole.girth"
          hint="Only when it was read in one figure: front and back are then taken from it."
        />
        <SpecField path="block.armhole.depth" hint="Straight down, from shoulder-point level to underarm level." />
      </FieldGroup>
      <FieldGroup title="The shoulder" note="The armhole and the neckline leave the shoulder seam square.">
        <SpecField path="block.shoulder.length" />
        <SpecField path="block.shoulder.slope" hint="How far the shoulder point lies below the side neck point." />
      </FieldGroup>
      <FieldGroup
        title="The neckline"
        note="For each half its depth, its length along the curve, or both. For collars."
      >
        <SpecField path="block.neckline.width" hint="From the centre line to the side neck point." />
        <SpecField path="block.neckline.backDepth" />
        <SpecField path="block.neckline.backLength" label="Back length, half" />
        <SpecField path="block.neckline.frontDepth" />
        <SpecField path="block.neckline.frontLength" label="Front length, half" />
      </FieldGroup>
      <FieldGroup
        title="What the readings hold besides"
        note="Taken off before anything is drawn. Leave empty when you measured the stitching line itself."
      >
        <SpecField
          path="block.includesSeamAllowance"
          label="Seam allowance"
          hint="When you measured along the cut edge: how wide the allowance is, all round."
        />
        <SpecField
          path="block.leaveOut.centreBack"
          label="Zip or allowance, centre back"
          hint="Off the back neckline’s length."
        />
        <SpecField
          path="block.leaveOut.centreFront"
          label="Button stand, centre front"
          hint="Off the front neckline’s length."
        />
      </FieldGroup>
    </>
  );
}
