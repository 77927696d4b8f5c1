import { Text } from "@chakra-ui/react";
import { type MeasureId, measureOf } from "@core/body/index";
import { Link } from "react-router";
import { FieldGroup } from "./field-group";
import { SpecField } from "./spec-field";

/** In the order in which the tape moves down the arm. */
const ARM: readonly MeasureId[] = ["upperArm", "elbow", "wrist", "hand", "armLength", "shoulderToElbow"];

/** The body that this garment is made for: a copy of the client's measures, which a later measuring does not change by itself. */
export function MeasuresFields({ client }: { readonly client: { readonly id: string; readonly name: string } }) {
  return (
    <>
      <FieldGroup title="The arm" note={<HowTaken ids={["upperArm"]} />}>
        {ARM.map((id) => (
          <SpecField key={id} path={`body.${id}`} />
        ))}
      </FieldGroup>
      <FieldGroup title="The body" note="For the rules of thumb that reckon from the bust.">
        <SpecField path="body.bust" />
      </FieldGroup>
      <Text fontSize="sm" color="inkSoft">
        These figures belong to this garment. {client.name}’s own measures, with their dates, are on{" "}
        <Link to={`/clients/${client.id}`}>the client’s page</Link>.
      </Text>
    </>
  );
}

function HowTaken({ ids }: { readonly ids: readonly MeasureId[] }) {
  return (
    <>
      Tape on the body, no ease.{" "}
      {ids.map((id) => `${measureOf(id).term}: ${measureOf(id).howTaken.toLowerCase()}`).join(" ")}
    </>
  );
}
