import { at } from "@core/data/index";
import type { Point } from "@core/geometry/index";
import { cornersOf, KNOWN_SHEETS, type PhotoReference } from "@core/trace/index";
import type { PickedRole } from "./use-pick";

/** A place pointed at in the photograph, in picture points, and how closely it could be pointed at then. */
export type Place = Point & { readonly within: number };

export type ReferenceKind = (typeof KNOWN_SHEETS)[number]["id"] | "other" | "marks";

/** What is being pointed at: the known sheet's corners or the tape's marks, or an edge. */
export type Pointing = "reference" | PickedRole;

export type TraceState = {
  readonly kind: ReferenceKind;
  readonly reference: readonly Place[];
  readonly traces: { readonly [role in PickedRole]?: readonly Place[] };
  readonly pointing: Pointing;
};

export type TraceAction =
  | { readonly do: "kind"; readonly kind: ReferenceKind }
  | { readonly do: "point-at"; readonly pointing: Pointing }
  | { readonly do: "add"; readonly place: Place }
  | { readonly do: "move"; readonly of: Pointing; readonly index: number; readonly place: Place }
  | { readonly do: "take-back" }
  | { readonly do: "clear" }
  | { readonly do: "begin" };

export const NO_TRACE: TraceState = { kind: "a4", reference: [], traces: {}, pointing: "reference" };

/** How many places the reference wants. */
export function placesWanted(kind: ReferenceKind): 2 | 4 {
  return kind === "marks" ? 2 : 4;
}

export function traceReducer(state: TraceState, action: TraceAction): TraceState {
  switch (action.do) {
    case "begin":
      return { ...NO_TRACE, kind: state.kind };
    case "kind": {
      const isSameKindOfPlaces = placesWanted(action.kind) === placesWanted(state.kind);
      return {
        ...state,
        kind: action.kind,
        reference: isSameKindOfPlaces ? state.reference : [],
        pointing: "reference",
      };
    }
    case "point-at":
      return { ...state, pointing: action.pointing };
    case "add":
      return added(state, action.place);
    case "move":
      return withPlaces(
        state,
        action.of,
        placesOf(state, action.of).map((place, i) => (i === action.index ? action.place : place)),
      );
    case "take-back":
      return withPlaces(state, state.pointing, placesOf(state, state.pointing).slice(0, -1));
    case "clear":
      return withPlaces(state, state.pointing, []);
  }
}

/** Once the reference has all its places, pointing goes on to the first edge by itself. */
function added(state: TraceState, place: Place): TraceState {
  const wanted = placesWanted(state.kind);
  if (state.pointing !== "reference") {
    return withPlaces(state, state.pointing, [...placesOf(state, state.pointing), place]);
  }
  if (state.reference.length >= wanted) return state;
  const reference = [...state.reference, place];
  return { ...state, reference, pointing: reference.length === wanted ? "front.armhole" : "reference" };
}

export function placesOf(state: TraceState, of: Pointing): readonly Place[] {
  return of === "reference" ? state.reference : (state.traces[of] ?? []);
}

function withPlaces(state: TraceState, of: Pointing, places: readonly Place[]): TraceState {
  if (of === "reference") return { ...state, reference: places };
  const { [of]: _before, ...rest } = state.traces;
  return { ...state, traces: places.length > 0 ? { ...rest, [of]: places } : rest };
}

/** The reference as far as it is complete; null while a place or a size is missing. */
export function referenceOf(
  { kind, reference }: TraceState,
  sizes: { readonly short: number | null; readonly long: number | null; readonly apart: number | null },
): PhotoReference | null {
  if (reference.length < placesWanted(kind)) return null;
  if (kind === "marks") {
    const [from, to] = [at(reference, 0), at(reference, 1)];
    return sizes.apart === null ? null : { kind: "marks", from, to, apart: sizes.apart };
  }
  const sheet = KNOWN_SHEETS.find((one) => one.id === kind);
  const [short, long] = sheet ? [sheet.short, sheet.long] : [sizes.short, sizes.long];
  if (short === null || long === null) return null;
  return {
    kind: "rectangle",
    corners: cornersOf(reference),
    short: Math.min(short, long),
    long: Math.max(short, long),
  };
}
