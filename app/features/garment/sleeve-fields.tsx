import { ChoiceCard } from "@app/components/choice-card";
import { ChoiceSelect } from "@app/components/choice-select";
import { CLOTH_KINDS, clothOf } from "@core/cloth/index";
import { methodOf, SET_IN_METHODS } from "@core/sleeve/set-in/index";
import { FieldGroup } from "./field-group";
import { SpecField } from "./spec-field";
import { useWork, useWorkStore } from "./work-context";

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
            <ChoiceCard
              key={one}
              name="sleeve.method"
              value={one}
              title={name}
              says={summary}
              isChosen={method === one}
              onChoose={() => change({ sleeve: { method: one } })}
            />
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
    <ChoiceSelect
      id="cloth.kind"
      label="Cloth"
      value={kind}
      choices={CLOTH_KINDS.map((one) => ({ value: one, label: clothOf(one).name }))}
      onChoose={(chosen) => store.getState().change({ cloth: { kind: chosen } })}
    />
  );
}
