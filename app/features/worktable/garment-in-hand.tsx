import { LengthText } from "@app/components/length-text";
import { STATION_NAMES } from "@app/features/garment/stations";
import type { Station } from "@core/garment/index";
import type { Box as DraftBox } from "@core/geometry/index";
import { Link } from "react-router";

type Props = {
  readonly garment: {
    readonly id: string;
    readonly name: string;
    readonly clientName: string;
    readonly version: number;
    readonly changed: string;
    readonly next: {
      readonly station: Station;
      readonly mark: "done" | "asks" | "fault";
      readonly says: string;
    } | null;
    readonly drawing: { readonly data: string; readonly box: DraftBox } | null;
    readonly sleeve: {
      readonly title: string;
      readonly capHeight: number | null;
      readonly capEase: number | null;
    } | null;
    readonly collar: string | null;
  };
};

/** A garment in hand: its sleeve or collar in small, for whom, and what it asks for next. */
export function GarmentInHand({ garment }: Props) {
  const { next, sleeve, collar } = garment;
  const station = next?.station ?? (sleeve === null && collar !== null ? "collar" : "sleeve");
  return (
    <article className="garment-row">
      <div className="drawing">{garment.drawing && <SmallDrawing {...garment.drawing} />}</div>
      <div>
        <Link className="name" to={`/garments/${garment.id}/${station}`}>
          {garment.name}
        </Link>
        <p className="soft">
          for {garment.clientName} · version {garment.version}, {garment.changed}
        </p>
      </div>
      <div className="soft">
        {sleeve === null ? (
          collar === null && "no sleeve yet"
        ) : sleeve.capHeight !== null && sleeve.capEase !== null ? (
          <>
            cap <LengthText mm={sleeve.capHeight} /> high, ease <LengthText mm={sleeve.capEase} />
          </>
        ) : (
          sleeve.title
        )}
        {collar !== null && <div>{collar}</div>}
      </div>
      <p data-mark={next?.mark ?? "good"}>
        {next === null ? "Everything in order" : `${STATION_NAMES[next.station]}: ${next.says}`}
      </p>
    </article>
  );
}

function SmallDrawing({ data, box }: { readonly data: string; readonly box: DraftBox }) {
  const margin = 12;
  return (
    <svg
      aria-hidden="true"
      width="100%"
      height="100%"
      viewBox={`${box.left - margin} ${box.top - margin} ${box.right - box.left + 2 * margin} ${box.bottom - box.top + 2 * margin}`}
    >
      <path d={data} vectorEffect="non-scaling-stroke" />
    </svg>
  );
}
