import { collarOf } from "../collar";
import { isRecord } from "../data";
import { methodOf } from "../sleeve/set-in";
import { fieldAt, type GarmentSpec } from "../spec";
import type { ResolvedSpec } from "./resolve";

type Choosing = { readonly spec: GarmentSpec; readonly resolved: ResolvedSpec };

/**
 * What is chosen at a path of the file, `bodice.front`, as the draft takes it: what was decided by another figure, else what was given,
 * else the default. Undefined where the path is no choice or nothing decides it.
 */
export function choiceAt({ spec, resolved }: Choosing, path: string): string | undefined {
  const [part = "", ...names] = path.split(".");
  const found = textAt(decidedOf(resolved, part), names) ?? textAt(spec, path.split("."));
  if (found !== undefined) return found;
  const taken = resolved.defaults.find((one) => one.path === path)?.value;
  if (typeof taken === "string") return taken;
  const field = fieldAt(path);
  return field?.kind === "choice" ? field.usual : undefined;
}

/** Whether the field at a path changes anything in this garment: every choice that it depends on is one of those that it is for. */
export function mattersIn(garment: Choosing, path: string): boolean {
  const when = fieldAt(path)?.when ?? {};
  const isMeant = Object.entries(when).every(([by, options]) => {
    const chosen = choiceAt(garment, by);
    return chosen !== undefined && options.includes(chosen);
  });
  return isMeant && isOpenInCollar(garment, path);
}

/** A collar says itself which of its figures and choices its own choices leave open. */
function isOpenInCollar({ resolved: { collar } }: Choosing, path: string): boolean {
  const [part, name = ""] = path.split(".");
  if (part !== "collar" || !collar || name === "kind") return true;
  const { usual, choices } = collarOf(collar.kind);
  const open = Object.entries({ ...usual, ...choices }).find(([one]) => one === name)?.[1];
  return open?.when === undefined || open.when(collar.choices);
}

/** What the resolved garment holds of the choices of a part, by the names of the file. */
function decidedOf({ block, sleeve, collar, pieces, cloth }: ResolvedSpec, part: string): unknown {
  switch (part) {
    case "block":
      if (block.source !== "drafted") return undefined;
      return block.school === "fitted"
        ? { ...block.choices, school: block.school, garment: block.garment, bustDart: block.task.choices.bustDart }
        : { ...block.choices, school: block.school };
    case "sleeve":
      return (
        sleeve && {
          method: sleeve.method,
          curve: sleeve.curve ?? methodOf(sleeve.method).usualCurve,
          hem: { finish: sleeve.hem.finish },
        }
      );
    case "collar":
      return collar?.choices;
    case "bodice":
      return pieces;
    case "cloth":
      return { kind: cloth.kind };
    default:
      return undefined;
  }
}

function textAt(held: unknown, names: readonly string[]): string | undefined {
  const found = names.reduce<unknown>((at, name) => (isRecord(at) ? at[name] : undefined), held);
  return typeof found === "string" ? found : undefined;
}
