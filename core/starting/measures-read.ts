import { type Body, MEASURING_ORDER, type MeasureId } from "../body";
import { type Garment, sketchGarment } from "../garment";
import type { GarmentSpec } from "../spec";
import { MIDDLE_BODY } from "./starting-points";

/** What a middle body measures besides, so that every measure can be tried: an invented person, in millimetres, the slope of the shoulder in degrees. */
const BESIDES: Body = {
  upperBust: 890,
  underbust: 810,
  shoulderLength: 125,
  shoulderSlope: 21,
  backWidth: 350,
  frontWidth: 330,
  waistToHip: 205,
  frontToUnderbust: 350,
  frontToWaist: 430,
  frontToHip: 640,
  frontCentre: 350,
  armholeDepth: 160,
  hand: 205,
  neckToWrist: 710,
  aroundShoulders: 1010,
  height: 1660,
};

/** A measure is tried at these shares of its middle. */
const TRIED = [0.97, 1.03] as const;

/**
 * The measures that a garment is drafted by, in the order of the tape: those with which a piece, a figure of sleeve or collar, or what is found of the garment changes, for a middle
 * body on which the usual measures were taken and the others are estimated. Drafts the garment twice for each measure.
 */
export function measuresRead(spec: GarmentSpec): readonly MeasureId[] {
  return MEASURING_ORDER.flatMap(({ ids }) => ids).filter((id) => {
    const middle = { ...BESIDES, ...MIDDLE_BODY }[id];
    if (middle === undefined) throw new Error(`The middle body lacks ${id}.`);
    const [less, more] = TRIED.map((share) =>
      toldOf(sketchGarment({ ...spec, body: { ...MIDDLE_BODY, [id]: middle * share } })),
    );
    return less !== more;
  });
}

function toldOf({ findings, pieces, sleeve, collar }: Garment): string {
  return JSON.stringify([
    [sleeve, collar].map((part) => part?.draft.figures.map(({ id, value }) => [id, value.toFixed(1)])),
    findings.map(({ code }) => code),
    pieces.map(({ outline }) => outline.map((curve) => curve.map(({ x, y }) => [x.toFixed(1), y.toFixed(1)]))),
  ]);
}
