import {
  type Finding,
  guarded,
  type Remedy,
  usualBlock,
  usualBodice,
  usualCollar,
  usualSleeve,
  withRemediesOf,
} from "../judge";
import type { GarmentSpec } from "../spec";
import { applyChange, readGarment, writeGarment } from "../spec";
import { type Garment, sketchGarment } from "./sketch-garment";

/**
 * The findings of a garment with only those remedies that mend: the changed garment can be written and read back, has all that was
 * drafted before, has one finding less of this code, and no new fault. Each costs one draft, so they are tried when they are shown.
 */
export function provenFindings(garment: Garment): readonly Finding[] {
  return garment.findings.flatMap((finding) => {
    const { value: solved, findings: unforeseen } = guarded(finding.station, () => finding.remedies, []);
    const remedies = solved.filter((remedy) => mends(garment, finding, remedy));
    // A fault for which no single figure is to be changed is met by leaving a whole part to its defaults.
    const last =
      remedies.length > 0 || finding.severity !== "fault"
        ? undefined
        : lastWays(garment.spec, finding).find((remedy) => mends(garment, finding, remedy));
    return [withRemediesOf(finding, () => (last ? [last] : remedies)), ...unforeseen];
  });
}

function lastWays(spec: GarmentSpec, { station }: Finding): readonly Remedy[] {
  switch (station) {
    case "collar":
      return usualCollar(spec);
    case "sleeve":
    case "match":
      return usualSleeve(spec);
    case "block":
      return usualBlock(spec);
    case "pieces":
      return usualBodice(spec);
    case "measures":
      return [];
  }
}

function mends(garment: Garment, { code }: Finding, { change }: Remedy): boolean {
  const read = readGarment(writeGarment(applyChange(garment.spec, change)));
  if (!read.ok) return false;
  const changed = sketchGarment(read.spec);
  return (
    count(changed, code) < count(garment, code) &&
    keeps(garment, changed) &&
    changed.findings.every((found) => found.severity !== "fault" || isKnown(garment, found))
  );
}

function count({ findings }: Garment, code: string): number {
  return findings.filter((found) => found.code === code).length;
}

/** What was drafted before is drafted still, unless it is wanted no more. */
function keeps(before: Garment, after: Garment): boolean {
  return (
    (before.block === null || after.block !== null) &&
    (before.sleeve === null || after.spec.sleeve === null || after.sleeve !== null) &&
    (before.collar === null || after.spec.collar === null || after.collar !== null)
  );
}

/**
 * A fault that was there already, of the same station; without a block, or without a sleeve, faults further on could not be found yet,
 * and are no reproach to what makes one.
 */
function isKnown(before: Garment, { code, station }: Finding): boolean {
  if (before.findings.some((found) => found.code === code)) return true;
  if (before.block === null) return station !== "block";
  return station === "sleeve" || station === "match" ? before.sleeve === null && before.spec.sleeve !== null : false;
}

/** The whole garment as `sketchGarment` drafts it, with only those remedies of its findings that mend. */
export function draftGarment(spec: GarmentSpec): Garment {
  const garment = sketchGarment(spec);
  return { ...garment, findings: provenFindings(garment) };
}
