import { type Body, MEASURE_IDS, type MeasureId, measureOf } from "./measures";

export const BODY_SIDES = ["left", "right"] as const;
export type BodySide = (typeof BODY_SIDES)[number];

/** A measurement as it was taken on one day: once, or on one side of the body. `upperArm`, `upperArm.left`. */
export type TakenId = MeasureId | `${MeasureId}.${BodySide}`;

/** Everything the tape read on one day, in millimetres, and degrees for an angle. */
export type Taken = { readonly [id in TakenId]?: number | undefined };

/** Every way in which a measurement can be taken, in measuring order. */
export const TAKEN_IDS: readonly TakenId[] = MEASURE_IDS.flatMap((id): TakenId[] =>
  measureOf(id).isTwoSided ? [id, `${id}.left`, `${id}.right`] : [id],
);

export function isTakenId(value: string): value is TakenId {
  return TAKEN_IDS.some((id) => id === value);
}

export function splitTakenId(id: TakenId): { readonly measure: MeasureId; readonly side: BodySide | null } {
  const side = BODY_SIDES.find((one) => id.endsWith(`.${one}`)) ?? null;
  const measure = MEASURE_IDS.find((one) => id === (side ? `${one}.${side}` : one));
  if (!measure) throw new RangeError(`splitTakenId: no measure "${id}"`);
  return { measure, side };
}

/**
 * One figure a measurement, for a garment: where left and right were taken, the larger, since sleeves are cut as a mirrored
 * pair and have to go over the fuller arm.
 */
export function bodyOf(taken: Taken): Body {
  const body: { [id in MeasureId]?: number } = {};
  for (const id of MEASURE_IDS) {
    const sides = [taken[`${id}.left`], taken[`${id}.right`]].filter((value) => value !== undefined);
    const value = sides.length > 0 ? Math.max(...sides) : taken[id];
    if (value !== undefined) body[id] = value;
  }
  return body;
}

export type Changed = { readonly id: MeasureId; readonly before: number; readonly after: number };

/** A tape reads to a millimetre; less is no change. */
const CHANGE_MM = 1;

/** What differs from one measuring to the next, in measuring order. */
export function changesBetween(before: Body, after: Body): readonly Changed[] {
  return MEASURE_IDS.flatMap((id): Changed[] => {
    const [from, to] = [before[id], after[id]];
    return from !== undefined && to !== undefined && Math.abs(to - from) >= CHANGE_MM
      ? [{ id, before: from, after: to }]
      : [];
  });
}

/** What is known of a body now: of each measure its newest reading, left and right of one day together. The newest measuring first. */
export function latestOf(newestFirst: readonly Taken[]): Taken {
  return Object.assign(
    {},
    ...MEASURE_IDS.map((id): Taken => {
      const ofMeasure = [id, `${id}.left`, `${id}.right`] as const;
      const newest = newestFirst.find((taken) => ofMeasure.some((key) => taken[key] !== undefined)) ?? {};
      return Object.fromEntries(ofMeasure.flatMap((key) => (newest[key] === undefined ? [] : [[key, newest[key]]])));
    }),
  );
}
