import { ChoiceSelect } from "@app/components/choice-select";
import { FieldGroup } from "@app/work/field-group";
import { KindChoice } from "@app/work/kind-choice";
import { SpecField } from "@app/work/spec-field";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Text } from "@chakra-ui/react";
import {
  COLLAR_CHOICES,
  COLLAR_FIELDS,
  type CollarChoiceName,
  type CollarChoices,
  type CollarFieldName,
  type CollarKindName,
  collarOf,
  optionsOf,
} from "@core/collar/index";
import { AngleField } from "./angle-field";
import { COLLARS_DRAWN, COLLARS_NAMED, type CollarOrNone, NO_COLLAR } from "./collar-kinds";
import { OuterEdgeChart } from "./outer-edge-chart";
import { StandSchools } from "./stand-schools";

/** What is left to choice about the collar: which fields and choices there are, its kind says. */
export function CollarFields() {
  const store = useWorkStore();
  const kind = useWork((work) => work.spec.collar?.kind ?? null);
  const choose = (one: CollarOrNone) =>
    one === NO_COLLAR || kind === null
      ? store.getState().setField("collar", one === NO_COLLAR ? null : { kind: one })
      : store.getState().setField("collar.kind", one);
  return (
    <>
      <FieldGroup title="Collar">
        <KindChoice<CollarOrNone>
          name="collar.kind"
          label="Kind"
          value={kind ?? NO_COLLAR}
          options={COLLARS_NAMED}
          kinds={COLLARS_DRAWN}
          onChoose={choose}
          hint={kind ? collarOf(kind).summary : "A collar is fitted to the neckline of the block, and to the neck."}
        />
      </FieldGroup>
      {kind && <KindFields key={kind} kind={kind} />}
    </>
  );
}

function KindFields({ kind }: { readonly kind: CollarKindName }) {
  const { groups, choices, usual, needsNeck } = collarOf(kind);
  const chosen = useWork((work) => work.garment.resolved.collar?.choices);
  if (!chosen) return null;
  const matters = (of: { readonly when?: (all: CollarChoices) => boolean } | undefined) => !of?.when || of.when(chosen);
  return (
    <>
      {groups.map(({ title, choices: names = [], fields = [] }) => {
        const shownChoices = names.filter((name) => matters(choices[name]));
        const shownFields = fields.filter((name) => matters(usual[name]));
        if (shownChoices.length + shownFields.length === 0) return null;
        return (
          <FieldGroup key={title} title={title}>
            {shownChoices.map((name) => (
              <Choice key={name} name={name} />
            ))}
            {shownChoices.includes("edgeBy") && <OuterEdgeChart />}
            {shownChoices.includes("school") && <StandSchools />}
            {shownFields.map((name) => (
              <Figure key={name} name={name} />
            ))}
          </FieldGroup>
        );
      })}
      <FieldGroup title="Neck">
        {needsNeck && <SpecField path="body.neck" />}
        <Text fontSize="sm" color="inkSoft">
          The neckline is the block’s: its widths and depths are changed at the Block station.
        </Text>
      </FieldGroup>
    </>
  );
}

function Choice({ name }: { readonly name: CollarChoiceName }) {
  const store = useWorkStore();
  const value = useWork((work) => work.garment.resolved.collar?.choices[name]);
  const { label, options } = COLLAR_CHOICES[name];
  const named: Readonly<Record<string, { readonly name: string; readonly summary?: string }>> = options;
  // Another place to break is no place at all while a depth of its own is kept.
  const clears = name === "breakAt" ? { breakDepth: undefined } : {};
  return (
    <ChoiceSelect<string>
      id={`collar.${name}`}
      label={label}
      value={value ?? ""}
      choices={optionsOf(name).map((one) => ({ value: one, label: named[one]?.name ?? one }))}
      onChoose={(one) => store.getState().change({ collar: { [name]: one, ...clears } })}
      hint={value === undefined ? undefined : named[value]?.summary}
    />
  );
}

function Figure({ name }: { readonly name: CollarFieldName }) {
  const { isAngle, hint } = COLLAR_FIELDS[name];
  if (isAngle) return <AngleField name={name} />;
  return <SpecField path={`collar.${name}`} hint={hint} />;
}
