import { collarOf } from "../collar";
import { phrase } from "../draft";
import { styleOf } from "../sleeve/all-styles";
import type { GarmentSpec } from "../spec";
import type { Remedy } from "./finding";

/** Every figure of this collar left open again. */
export function usualCollar({ collar }: GarmentSpec): readonly Remedy[] {
  if (!collar) return [];
  const names = collarOf(collar.kind).groups.flatMap(({ fields = [] }) => fields);
  return [
    {
      id: "usual-figures",
      label: phrase`Take the usual figures for this collar`,
      change: { collar: Object.fromEntries(names.map((name) => [name, undefined])) },
    },
  ];
}

/** The choices of a drafted bodice left open again, and the alterations taken off any block. */
export function usualBlock({ block }: GarmentSpec): readonly Remedy[] {
  const plain: Remedy = {
    id: "no-alterations",
    label: phrase`Take the alterations off`,
    change: { block: { alterations: [] } },
  };
  if (block.source !== "drafted") return [plain];
  const { source: _source, alterations: _alterations, ...choices } = block;
  const open = Object.fromEntries(Object.keys(choices).map((name) => [name, undefined]));
  return [
    plain,
    {
      id: "usual-block",
      label: phrase`Take the usual figures and choices for this bodice`,
      change: { block: { ...open, alterations: [] } },
    },
  ];
}

/** Every choice of how front and back are cut left open again, or front and back not cut at all. */
export function usualBodice({ bodice }: GarmentSpec): readonly Remedy[] {
  const open = Object.fromEntries(Object.keys(bodice).map((name) => [name, undefined]));
  return [
    { id: "usual-bodice", label: phrase`Take the usual choices for front and back`, change: { bodice: open } },
    {
      id: "without-bodice",
      label: phrase`Leave front and back uncut`,
      change: { bodice: { ...open, cut: "parts" } },
    },
  ];
}

/** The figures of this style left open again, and then what bends and finishes every sleeve. */
export function usualSleeve({ sleeve }: GarmentSpec): readonly Remedy[] {
  if (!sleeve) return [];
  const style = styleOf(sleeve.kind);
  const ofStyle =
    style && sleeve.kind !== "set-in"
      ? { [sleeve.kind]: Object.fromEntries(Object.keys(style.fields).map((name) => [name, undefined])) }
      : null;
  return [
    ...(ofStyle
      ? [
          {
            id: "usual-figures",
            label: phrase`Take the usual figures for this style`,
            change: { sleeve: ofStyle },
          },
        ]
      : []),
    {
      id: "usual-sleeve",
      label: phrase`Take the usual figures for the whole sleeve`,
      change: { sleeve: { ...ofStyle, ...PLAIN } },
    },
    {
      id: "usual-sleeve-and-fit",
      label: phrase`Draft it by Fit first, with the usual figures for the whole sleeve`,
      change: { sleeve: { ...ofStyle, ...PLAIN, ...FITTED } },
    },
    {
      id: "set-in-instead",
      label: phrase`Make it a set-in sleeve with the usual figures`,
      change: { sleeve: { kind: "set-in", ...PLAIN, ...FITTED } },
    },
    {
      id: "dropped-instead",
      label: phrase`Make it a dropped sleeve, as wide as the armhole`,
      change: { sleeve: { kind: "dropped", ...PLAIN } },
    },
  ];
}

const FITTED = {
  method: "fit-first",
  capEase: undefined,
  upperArmEase: undefined,
  surplus: undefined,
  cut: undefined,
} as const;

const PLAIN = {
  hem: undefined,
  elbowEase: undefined,
  wristEase: undefined,
  length: undefined,
  hemTurnUp: undefined,
  elbowDart: undefined,
  fullnessChange: undefined,
  curve: undefined,
  guides: undefined,
  lowerEase: undefined,
  notches: undefined,
  capHeightChange: undefined,
  capWidthChange: undefined,
} as const;
