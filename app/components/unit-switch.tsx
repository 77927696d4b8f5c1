import type { TapeUnit } from "@core/tape/index";
import { usePreferences } from "./preferences";

const CHOICES: readonly { readonly unit: TapeUnit; readonly label: string; readonly name: string }[] = [
  { unit: "in", label: "inches", name: "Inches and fractions" },
  { unit: "cm", label: "cm", name: "Centimetres" },
];

/** One switch for the whole app, the card and the prints. It only changes how lengths are written. */
export function UnitSwitch() {
  const { unit, setUnit } = usePreferences();
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset would draw a frame and a legend round two words
    <div className="unit-switch" role="group" aria-label="Tape unit">
      {CHOICES.map((choice) => (
        <button
          key={choice.unit}
          type="button"
          title={choice.name}
          aria-pressed={unit === choice.unit}
          onClick={() => setUnit(choice.unit)}
        >
          {choice.label}
        </button>
      ))}
    </div>
  );
}
