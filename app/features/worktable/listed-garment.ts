import { STATION_NAMES } from "@app/work/stations";
import type { GarmentSummary, Stage, Station } from "@core/garment/index";
import { differenceInCalendarDays, format, parseISO } from "date-fns";

type Listed = {
  readonly id: string;
  readonly name: string;
  readonly clientName: string;
  readonly version: number;
  readonly changedAt: Date;
  readonly summary: GarmentSummary | null;
  readonly stage: Stage;
  readonly dueOn: string | null;
  readonly fittingOn: string | null;
};

/** A day, and by how many it is past. */
type Day = { readonly on: string; readonly late: number };

/** A garment as a row of a list, in few and short pieces: a page sends each of them twice, as it is read and as it is brought to life. */
export type GarmentRow = {
  readonly id: string;
  readonly name: string;
  readonly station: Station;
  readonly about: string;
  /** The outline in small and what of it is seen; empty where nothing is drawn. */
  readonly outline: string;
  readonly seen: string;
  /** Of a cap, millimetres; null where there is none to speak of, and then `sleeve` says what there is. */
  readonly capHeight: number | null;
  readonly capEase: number | null;
  readonly sleeve: string;
  readonly collar: string;
  readonly stage: Stage;
  readonly due: Day | null;
  readonly fitting: Day | null;
  /** About how much cloth is to be bought, millimetres; null once it is cut, or where nothing is cut. */
  readonly cloth: number | null;
  readonly mark: "good" | "asks" | "fault";
  readonly asks: string;
};

/** What is kept free round a small drawing, in millimetres of the cloth. */
const MARGIN_MM = 12;

/** A garment as lists show it, from the summary that saving it stored. */
export function listedGarment(listed: Listed): GarmentRow {
  const { id, name, clientName, version, changedAt, summary, stage, dueOn, fittingOn } = listed;
  const { drawing, sleeve, collar, next } = summary ?? { drawing: null, sleeve: null, collar: null, next: null };
  const hasCap = sleeve !== null && sleeve.capHeight !== null && sleeve.capEase !== null;
  return {
    id,
    name,
    station: next?.station ?? (sleeve === null && collar !== null ? "collar" : "sleeve"),
    about: `for ${clientName} · version ${version}, ${format(changedAt, "d MMM")}`,
    outline: drawing?.data ?? "",
    seen: drawing ? viewBoxOf(drawing.box) : "",
    capHeight: hasCap ? sleeve.capHeight : null,
    capEase: hasCap ? sleeve.capEase : null,
    sleeve: sleeve?.title ?? (collar === null ? "no sleeve yet" : ""),
    collar: collar ?? "",
    stage,
    due: dayOf(dueOn, stage),
    fitting: dayOf(fittingOn, stage),
    cloth: stage === "measured" || stage === "drafted" ? (summary?.cloth?.length ?? null) : null,
    mark: next === null ? "good" : next.mark === "done" ? "good" : next.mark,
    asks: next === null ? "Everything in order" : `${STATION_NAMES[next.station]}: ${next.says}`,
  };
}

/** What is done is late for nothing. */
const dayOf = (on: string | null, stage: Stage): Day | null =>
  on === null
    ? null
    : { on, late: stage === "done" ? 0 : Math.max(0, differenceInCalendarDays(new Date(), parseISO(on))) };

function viewBoxOf({ left, top, right, bottom }: NonNullable<GarmentSummary["drawing"]>["box"]): string {
  const sides = [left - MARGIN_MM, top - MARGIN_MM, right - left + 2 * MARGIN_MM, bottom - top + 2 * MARGIN_MM];
  return sides.map(Math.round).join(" ");
}
