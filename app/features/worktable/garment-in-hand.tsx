import { useTape } from "@app/components/preferences";
import { formatLength } from "@core/tape/index";
import { Link } from "react-router";
import type { GarmentRow } from "./listed-garment";

/** A garment in hand: its sleeve or collar in small, for whom, and what it asks for next. */
export function GarmentInHand({ garment }: { readonly garment: GarmentRow }) {
  const tape = useTape();
  const { capHeight, capEase } = garment;
  return (
    <article className="garment-row">
      <div className="drawing">
        {garment.outline !== "" && (
          <svg aria-hidden="true" width="100%" height="100%" viewBox={garment.seen}>
            <path d={garment.outline} vectorEffect="non-scaling-stroke" />
          </svg>
        )}
      </div>
      <div>
        <Link className="name" to={`/garments/${garment.id}/${garment.station}`}>
          {garment.name}
        </Link>
        <p className="soft">{garment.about}</p>
      </div>
      <div className="soft">
        {capHeight !== null && capEase !== null
          ? `cap ${formatLength(capHeight, tape)} high, ease ${formatLength(capEase, tape)}`
          : garment.sleeve}
        {garment.collar !== "" && <div>{garment.collar}</div>}
      </div>
      <p data-mark={garment.mark}>{garment.asks}</p>
    </article>
  );
}
