import { ActKey } from "@app/components/act-form";
import { useTape } from "@app/components/preferences";
import { speak, wholeUp } from "@core/draft/index";
import { STAGES, type Stage } from "@core/garment/index";
import type { Tape } from "@core/tape/index";
import { Link, useFetcher } from "react-router";
import type { GarmentRow } from "./listed-garment";

type Props = { readonly garment: GarmentRow; readonly mayChange: boolean };

/** A garment on the worktable: how far it is, by when what is to happen with it, and what it asks for. */
export function WorkRow({ garment, mayChange }: Props) {
  const tape = useTape();
  const { id, stage, due, fitting, cloth } = garment;
  return (
    <tr data-garment={garment.name}>
      <td className="drawing desk-only">
        {garment.outline !== "" && (
          <svg aria-hidden="true" width="44" height="34" viewBox={garment.seen}>
            <path d={garment.outline} vectorEffect="non-scaling-stroke" />
          </svg>
        )}
      </td>
      <td>
        <Link className="name" to={`/garments/${id}/${garment.station}`}>
          {garment.name}
        </Link>
        <span className="for">{garment.about}</span>
      </td>
      <td>
        <StageBox id={id} name={garment.name} stage={stage} mayChange={mayChange} />
      </td>
      <td className="day desk-only">
        <DayBox id={id} field="dueOn" label={`${garment.name} is due on`} day={due} mayChange={mayChange} />
      </td>
      <td className="day desk-only">
        <DayBox
          id={id}
          field="fittingOn"
          label={`Next fitting of ${garment.name}`}
          day={fitting}
          mayChange={mayChange}
        />
      </td>
      <td className="small" data-mark={garment.mark}>
        {garment.asks}
      </td>
      <td className="small day desk-only">{cloth === null ? "" : `about ${roundedUp(cloth, tape)}`}</td>
    </tr>
  );
}

/** An estimate is told in whole inches or centimetres. */
const roundedUp = (mm: number, tape: Tape) => speak([wholeUp(mm)], tape);

function StageBox({
  id,
  name,
  stage,
  mayChange,
}: {
  readonly id: string;
  readonly name: string;
  readonly stage: Stage;
  readonly mayChange: boolean;
}) {
  const fetcher = useFetcher();
  if (!mayChange) return <>{stage}</>;
  return (
    <fetcher.Form method="post" action={`/garments/${id}/plan`}>
      <ActKey state={fetcher.state} />
      <select
        name="stage"
        aria-label={`Stage of ${name}`}
        key={stage}
        defaultValue={stage}
        onChange={(event) => void fetcher.submit(event.currentTarget.form)}
      >
        {STAGES.map((one) => (
          <option key={one} value={one}>
            {one}
          </option>
        ))}
      </select>
    </fetcher.Form>
  );
}

type DayProps = {
  readonly id: string;
  readonly field: "dueOn" | "fittingOn";
  readonly label: string;
  readonly day: GarmentRow["due"];
  readonly mayChange: boolean;
};

function DayBox({ id, field, label, day, mayChange }: DayProps) {
  const fetcher = useFetcher();
  const late = day !== null && day.late > 0;
  const says = late ? (day.late === 1 ? "1 day late" : `${day.late} days late`) : "";
  if (!mayChange) return <span data-late={late}>{day ? `${day.on} ${says}` : ""}</span>;
  return (
    <fetcher.Form method="post" action={`/garments/${id}/plan`}>
      <ActKey state={fetcher.state} />
      <input
        type="date"
        name={field}
        aria-label={label}
        key={day?.on ?? ""}
        defaultValue={day?.on ?? ""}
        data-late={late}
        data-open={day === null}
        onBlur={(event) => {
          if (event.currentTarget.value !== (day?.on ?? "") && event.currentTarget.validity.valid)
            void fetcher.submit(event.currentTarget.form);
        }}
      />
      {late && (
        <span className="small" data-late="true">
          {" "}
          {says}
        </span>
      )}
    </fetcher.Form>
  );
}
