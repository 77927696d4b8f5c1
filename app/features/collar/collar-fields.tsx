import { ChoiceSelect } from "@app/components/choice-select";
import { FieldGroup } from "@app/features/garment/field-group";
import { SpecField } from "@app/features/garment/spec-field";
import { useWork, useWorkStore } from "@app/features/garment/work-context";
import { Text } from "@chakra-ui/react";
import { FRONT_ENDS, type FrontEnd, STAND_SCHOOLS, schoolOf } from "@core/collar/index";
import { type CollarKind, DRAFTED_COLLARS } from "@core/garment/index";

const NAMES: Readonly<Record<(typeof DRAFTED_COLLARS)[number], string>> = { stand: "Stand" };
const ENDS: Readonly<Record<FrontEnd, string>> = { square: "Square", round: "Rounded" };
const NONE = "none";

/** What is left to choice about the collar. */
export function CollarFields() {
  const store = useWorkStore();
  const kind = useWork((work) => work.spec.collar?.kind ?? null);
  const isDrafted = useWork((work) => work.garment.resolved.collar !== null);
  const { setField } = store.getState();
  const choose = (one: string) => setField("collar", one === NONE ? null : { kind: one });
  const isKept = kind !== null && !isDrafted;
  return (
    <>
      <FieldGroup title="Collar">
        <ChoiceSelect
          id="collar.kind"
          label="The garment has"
          value={kind ?? NONE}
          choices={[
            { value: NONE, label: "No collar" },
            ...DRAFTED_COLLARS.map((one) => ({ value: one as CollarKind, label: NAMES[one] })),
            ...(isKept ? [{ value: kind, label: `A ${kind} collar, kept from the file` }] : []),
          ]}
          onChoose={choose}
          hint={
            isDrafted
              ? "A band that stands up round the neck; also called a band collar."
              : "A collar is fitted to the neckline of the block, and to the neck."
          }
        />
      </FieldGroup>
      {isDrafted && <StandFields />}
    </>
  );
}

function StandFields() {
  const store = useWorkStore();
  const school = useWork((work) => work.garment.resolved.collar?.school ?? "developed");
  const frontEnd = useWork((work) => work.garment.resolved.collar?.frontEnd ?? "round");
  const { change } = store.getState();
  return (
    <>
      <FieldGroup title="Shape">
        <ChoiceSelect
          id="collar.school"
          label="It is drawn as"
          value={school}
          choices={STAND_SCHOOLS.map((one) => ({ value: one, label: schoolOf(one).name }))}
          onChoose={(one) => change({ collar: { school: one } })}
          hint={schoolOf(school).summary}
        />
        <SpecField path="collar.height" />
        {school === "developed" && <SpecField path="collar.ease" hint="Over the neck, when it is closed." />}
        {school === "bowed" && <SpecField path="collar.bow" />}
        {school === "front-rise" && <SpecField path="collar.rise" />}
      </FieldGroup>
      <FieldGroup title="Front">
        <ChoiceSelect
          id="collar.frontEnd"
          label="Its front ends are"
          value={frontEnd}
          choices={FRONT_ENDS.map((one) => ({ value: one, label: ENDS[one] }))}
          onChoose={(one) => change({ collar: { frontEnd: one } })}
        />
        {frontEnd === "round" && <SpecField path="collar.roundness" />}
        <SpecField path="collar.beyond" hint="Onto a button stand; nothing where it meets at the centre front." />
      </FieldGroup>
      <FieldGroup title="Neck">
        <SpecField path="body.neck" />
        <Text fontSize="sm" color="inkSoft">
          The neckline is the block’s: its widths and depths are changed at the Block station.
        </Text>
      </FieldGroup>
    </>
  );
}
