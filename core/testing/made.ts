import type { Body } from "../body";
import { draftGarment, type Garment } from "../garment";
import { applyChange, type SpecChange } from "../spec";
import { MIDDLE_BODY } from "../starting";
import { started } from "./worn";

/** A garment that begins from one of the program's starting points, for a middle body or another, with a change. */
export function madeFor(id: string, body: Body = MIDDLE_BODY, change: SpecChange = {}): Garment {
  return draftGarment(applyChange(started(id, body), change));
}
