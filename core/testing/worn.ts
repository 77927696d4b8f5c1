import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../starting";
import { ended, type Worn, type wear } from "../toile";

/** The toile at the end of its steps. Throws where there is none. */
export function hung(steps: ReturnType<typeof wear> | null): Worn {
  const end = steps && ended(steps);
  if (!end || "why" in end) throw new Error(end ? end.why : "it is not sewn of the same pieces");
  return end;
}

/** A garment that begins from one of the program's starting points, for a middle body or another. */
export function started(id: string, body: Parameters<typeof startedFrom>[1] = MIDDLE_BODY) {
  const point = STARTING_POINTS.find((one) => one.id === id);
  const spec = point && startedFrom(point, body);
  if (!spec) throw new Error(`${id} starts no garment`);
  return spec;
}

/** The work shirt on a block by the quick rules: wide and straight, so that the sleeve alone is looked at. */
export function startedWide() {
  return {
    ...started("work-shirt"),
    block: {
      source: "drafted",
      school: "quick",
      shaping: "none",
      sideSeam: "straight",
      armholeRule: "bust-quarter",
      chestEase: 25.4,
      length: 711,
      buttonStand: 25.4,
    },
  } as const;
}
