import { Page } from "@app/components/page";
import { useTape } from "@app/components/preferences";
import { FigureChanges } from "@app/reviews/versions/figure-changes";
import { OverlaySheet, type PlaceOnPiece } from "@app/sheet/overlay-sheet";
import { overlayOf } from "@core/compare/index";
import { namesOf } from "@core/data/index";
import {
  type Amended,
  amendGarment,
  amendNamed,
  OBSERVATIONS,
  OBSERVED_ON,
  type ObservationId,
  type Seen,
} from "@core/fitting/index";
import { sketchGarment } from "@core/garment/index";
import type { GarmentSpec } from "@core/spec/index";
import { formatLength, type Tape } from "@core/tape/index";
import { Printer } from "lucide-react";
import { useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { WornCompared } from "../worn-compared";
import { ObservationRow } from "./observation-row";
import { Photographs, type Picture } from "./photographs";
import { useFitting } from "./use-fitting";

type Props = {
  readonly garmentId: string;
  readonly fittingId: string;
  readonly name: string;
  readonly clientName: string;
  readonly day: string;
  /** The version that is changed: the newest, or the one that was when the changes were made. */
  readonly base: number;
  readonly mayChange: boolean;
  /** That version; null where it cannot be read. */
  readonly spec: GarmentSpec | null;
  readonly fitting: {
    readonly version: number;
    readonly note: string;
    readonly seen: readonly Seen[];
    readonly changes: readonly Amended[];
    readonly appliedAs: number | null;
    readonly photographs: readonly Picture[];
  };
  readonly helped: readonly { readonly what: ObservationId; readonly changes: readonly Amended[] }[];
};

const OBSERVED = namesOf(OBSERVATIONS).map((id) => ({ id, ...OBSERVATIONS[id] }));
const OBSERVED_IN_PARTS = namesOf(OBSERVED_ON).map((on) => ({
  part: OBSERVED_ON[on],
  observed: OBSERVED.filter((one) => one.on === on),
}));

/** A try-on: what was seen, where, and what is to be changed for it, seen on the sheet before it is made. */
export function FittingWork(props: Props) {
  const { garmentId, fittingId, name, clientName, day, base, mayChange, spec, fitting, helped } = props;
  const address = `/garments/${garmentId}/fittings/${fittingId}`;
  const tape = useTape();
  const navigate = useNavigate();
  const isMade = fitting.appliedAs !== null;
  const work = useFitting(`${address}/keep`, fitting, mayChange);
  const { note, seen, changes, kept, change, toggle } = work;
  /** The observation that the next press on the sheet or a photograph is about. */
  const [marking, setMarking] = useState<number | null>(null);
  const [words, setWords] = useState("");
  const garment = useMemo(() => spec && sketchGarment(spec), [spec]);
  const amended = useMemo(() => spec && amendGarment(spec, changes), [spec, changes]);
  const preview = useMemo(
    () => (amended?.spec ? (amended.spec === spec ? garment : sketchGarment(amended.spec)) : null),
    [amended, garment, spec],
  );
  const overlay = useMemo(() => garment && overlayOf(garment, preview ?? garment), [garment, preview]);
  const marks = seen.flatMap((one, i) => one.marks.map((mark) => ({ ...mark, number: i + 1 })));
  const place = (at: PlaceOnPiece) => {
    if (marking === null) return;
    change({ seen: seen.map((one, i) => (i === marking ? { ...one, marks: [...one.marks, at] } : one)) });
    setMarking(null);
  };
  const setChange = (id: Amended["id"], by: number | null) => {
    const others = changes.filter((one) => one.id !== id);
    change({ changes: by === null ? others : [...others, { id, by }] });
  };
  const isFaulty = (preview?.findings ?? []).some(
    ({ severity, code }) => severity === "fault" && !garment?.findings.some((one) => one.code === code),
  );
  return (
    <Page
      title={`Fitting of ${name}`}
      actions={
        <span className="settings-acts not-printed">
          <button className="plain-button small" type="button" onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </button>
          <Link to={`/garments/${garmentId}/fittings`}>All fittings</Link>
        </span>
      }
    >
      <p className="page-lead">
        {clientName}, {day}, version {fitting.version} worn
        {fitting.appliedAs !== null && (
          <>
            {" "}
            · changed in <Link to={`/garments/${garmentId}/versions`}>version {fitting.appliedAs}</Link>
          </>
        )}
      </p>
      <p role="status" className="soft not-printed" data-kept={kept.state}>
        {kept.state === "failed" ? kept.reason : kept.state === "kept" ? "All kept" : "Keeping …"}
      </p>
      <div className="fitting-columns">
        <section aria-label="What was seen">
          <h2 className="page-part">What was seen</h2>
          {seen.map((one, i) => (
            <ObservationRow
              key={one.what ?? one.words}
              number={i + 1}
              seen={one}
              garment={garment}
              changes={changes}
              helped={helped.find(({ what }) => what === one.what)?.changes ?? []}
              isMarking={marking === i}
              mayChange={mayChange}
              mayAmend={mayChange && !isMade}
              onMark={() => setMarking(marking === i ? null : i)}
              onUnmark={() => change({ seen: seen.map((other, k) => (k === i ? { ...other, marks: [] } : other)) })}
              onRemove={() =>
                one.what === null
                  ? change({ seen: seen.filter((_, k) => k !== i) })
                  : toggle(one.what, OBSERVATIONS[one.what].amends)
              }
              onChange={setChange}
            />
          ))}
          {mayChange && (
            <details className="not-printed observation-list" open={seen.length === 0}>
              <summary>{seen.length === 0 ? "Choose what was seen" : "Something else"}</summary>
              {OBSERVED_IN_PARTS.map(({ part, observed }) => (
                <fieldset key={part}>
                  <legend>{part}</legend>
                  {observed
                    .filter(({ id }) => !seen.some(({ what }) => what === id))
                    .map(({ id, says }) => (
                      <button key={id} type="button" data-observation={id} onClick={() => toggle(id, [])}>
                        {says}
                      </button>
                    ))}
                </fieldset>
              ))}
              <form
                onSubmit={(event) => {
                  event.preventDefault();
                  if (words.trim() === "") return;
                  change({ seen: [...seen, { what: null, words: words.trim(), marks: [] }] });
                  setWords("");
                }}
              >
                <label className="text-box">
                  <span>Or in your own words</span>
                  <input value={words} maxLength={500} onChange={(event) => setWords(event.currentTarget.value)} />
                </label>
              </form>
            </details>
          )}
          <label className="text-box page-section">
            <span>Note</span>
            <textarea
              rows={2}
              maxLength={500}
              value={note}
              readOnly={!mayChange}
              onChange={(event) => change({ note: event.currentTarget.value })}
            />
          </label>
        </section>
        <section aria-label="On the sheet">
          {amended?.refused && (
            <p role="alert">“{amendNamed(amended.refused).says}” cannot be done by so much: take another amount.</p>
          )}
          {isFaulty && <p role="alert">These changes give the garment a new fault. Look at it before you cut.</p>}
          {overlay && (
            <>
              <p className="soft">
                {marking !== null
                  ? `Press the place on the sheet or on a photograph where ${marking + 1} was seen.`
                  : changes.length > 0
                    ? `Version ${base} in a broken line, with the changes in a whole one.`
                    : `Version ${base}, as it was saved.`}
              </p>
              <div className="version-sheet" data-marking={marking !== null}>
                <OverlaySheet
                  overlay={overlay}
                  label={`The pieces of ${name}, to scale`}
                  marks={marks}
                  onPlace={marking === null ? undefined : place}
                />
              </div>
              {spec && amended?.spec && changes.length > 0 && (
                <WornCompared under={spec} over={amended.spec} names={[`Version ${base}`, "With the changes"]} />
              )}
              {changes.length > 0 && (
                <FigureChanges figures={overlay.figures} under={`Version ${base}`} over="With the changes" />
              )}
            </>
          )}
          {!spec && <p>The saved garment cannot be read. Mend it first.</p>}
          {mayChange && !isMade && (
            <p className="not-printed page-note">
              <button
                className="main-button"
                type="button"
                disabled={!amended?.spec || changes.length === 0 || kept.state === "sending"}
                onClick={async () => {
                  const answer = await work.apply();
                  if (answer.ok && answer.appliedAs !== null)
                    await navigate(`/garments/${garmentId}/versions?under=${base}&over=${answer.appliedAs}`);
                }}
              >
                Make these changes, as version {base + 1}
              </button>
              {changes.length > 0 && (
                <span className="soft"> {changes.map((one) => changeWords(one, tape)).join(", ")}</span>
              )}
            </p>
          )}
          <Photographs
            address={`${address}/photographs`}
            begun={fitting.photographs}
            mayChange={mayChange}
            marks={marks}
            onPlace={marking === null ? undefined : place}
          />
        </section>
      </div>
    </Page>
  );
}

const changeWords = ({ id, by }: Amended, tape: Tape) =>
  `${amendNamed(id).says.toLowerCase()} by ${formatLength(by, tape)}`;
