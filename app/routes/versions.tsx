import { ActForm } from "@app/components/act-form";
import { Page } from "@app/components/page";
import { useTape } from "@app/components/preferences";
import { FigureChanges } from "@app/reviews/versions/figure-changes";
import { WornCompared } from "@app/reviews/worn-compared";
import { actOf } from "@app/server/acts";
import { attemptInStudio, idFrom, inStudio, notFound } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { saveGarment } from "@app/server/save-garment";
import { OverlaySheet } from "@app/sheet/overlay-sheet";
import { overlayOf } from "@core/compare/index";
import { speak } from "@core/draft/index";
import { sketchGarment } from "@core/garment/index";
import { type Difference, differencesOf, differenceWords, type GarmentSpec, readGarment } from "@core/spec/index";
import { VERSIONS_SHOWN, type Version } from "@database/queries/versions";
import { format } from "date-fns";
import { data, Link, redirect, useNavigation, useSearchParams } from "react-router";
import type { Route } from "./+types/versions";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `Versions of ${loaderData.name} · Gamine` : "Gamine" },
];

const LARGEST = 2_147_483_647;
const numberFrom = (text: string | null) => (text !== null && /^\d{1,9}$/.test(text) ? Number(text) : null);

/** The versions of a garment, what changed from each to the next, and two of them laid over each other. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const asked = new URL(request.url).searchParams;
  const before = numberFrom(asked.get("before")) ?? LARGEST;
  const found = await inStudio(context, async (queries) => {
    const garment = await queries.findGarment(garmentId);
    if (!garment) return null;
    const versions = await queries.listVersions(garmentId, before);
    const over = numberFrom(asked.get("over")) ?? versions[0]?.number ?? garment.version;
    const under = numberFrom(asked.get("under")) ?? versions[1]?.number ?? over;
    const missing = [over, under].filter((number) => !versions.some((one) => one.number === number));
    return {
      garment,
      versions,
      over,
      under,
      all: [...versions, ...(await queries.findVersions(garmentId, missing))],
      role: queries.role,
    };
  });
  if (!found) notFound("This garment");
  const { garment, versions, over, under, all, role } = found;
  const specs = new Map(all.map((version) => [version.number, specOf(version)]));
  const [a, b] = [specs.get(under), specs.get(over)];
  return {
    garmentId,
    name: garment.name,
    latest: garment.version,
    mayChange: role !== "reader",
    over,
    under,
    older: versions.length > VERSIONS_SHOWN ? (versions[VERSIONS_SHOWN - 1]?.number ?? null) : null,
    versions: versions.slice(0, VERSIONS_SHOWN).map((version, i) => ({
      number: version.number,
      author: version.author,
      note: version.note,
      day: format(version.createdAt, "d MMM yyyy, HH:mm"),
      changes: changesBetween(specs.get(versions[i + 1]?.number ?? 0) ?? null, specs.get(version.number) ?? null),
    })),
    overlay: a && b ? overlayOf(sketchGarment(a), sketchGarment(b)) : null,
    worn: a && b ? { under: a, over: b } : null,
  };
}

const specOf = ({ file }: Version): GarmentSpec | null => {
  const read = readGarment(file);
  return read.ok ? read.spec : null;
};

const MOST_TOLD = 40;

/** Null where there is nothing before, or one of the two cannot be read. */
const changesBetween = (before: GarmentSpec | null, after: GarmentSpec | null): readonly Difference[] | null =>
  before && after ? differencesOf(before, after).slice(0, MOST_TOLD) : null;

/** Makes an older version the newest again: as a version of its own, so that none is lost. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const garmentId = idFrom(params.garmentId, "This garment");
  const form = await postedForm(request);
  const number = numberFrom(textsOf(form).restore ?? null);
  if (number === null) return data({ problem: "Nothing was asked for." }, { status: 422 });
  const done = await attemptInStudio(context, actOf(request, form), async (queries) => {
    const [garment, [version]] = await Promise.all([
      queries.findGarment(garmentId),
      queries.findVersions(garmentId, [number]),
    ]);
    const spec = version && specOf(version);
    if (!garment || !spec) return null;
    const note = `Version ${number} taken up again`;
    return saveGarment(queries, garmentId, spec, { basedOn: garment.version, note });
  });
  if (!done.ok) return data({ problem: done.sentence }, { status: 503 });
  if (!done.value) return data({ problem: "That version is not here, or cannot be read." }, { status: 404 });
  return redirect(
    `/garments/${garmentId}/versions?${new URLSearchParams({ under: String(number), over: String(done.value.number) })}`,
  );
}

export default function Versions({ loaderData, actionData }: Route.ComponentProps) {
  const { garmentId, name, latest, mayChange, over, under, older, versions, overlay, worn } = loaderData;
  return (
    <Page title={`Versions of ${name}`} actions={<Link to={`/garments/${garmentId}/sleeve`}>Back to the garment</Link>}>
      {actionData && <p role="alert">{actionData.problem}</p>}
      <div className="version-columns">
        <section aria-label="Versions">
          <ol className="version-list">
            {versions.map((version) => (
              <VersionRow
                key={version.number}
                version={version}
                isLatest={version.number === latest}
                mayChange={mayChange}
                over={over}
                under={under}
              />
            ))}
          </ol>
          {older !== null && <Link to={`?before=${older}`}>Older versions</Link>}
        </section>
        <section aria-label={`Version ${under} under version ${over}`}>
          <p className="soft">
            Version {over} in a whole line, version {under} under it in a broken one.
          </p>
          {overlay ? (
            <>
              <div className="version-sheet">
                <OverlaySheet overlay={overlay} label={`Version ${under} under version ${over}, to scale`} />
              </div>
              {worn && over !== under && <WornCompared {...worn} names={[`Version ${under}`, `Version ${over}`]} />}
              <FigureChanges figures={overlay.figures} under={`Version ${under}`} over={`Version ${over}`} />
            </>
          ) : (
            <p>One of the two versions cannot be read, so they cannot be drawn.</p>
          )}
        </section>
      </div>
    </Page>
  );
}

type RowProps = {
  readonly version: Route.ComponentProps["loaderData"]["versions"][number];
  readonly isLatest: boolean;
  readonly mayChange: boolean;
  readonly over: number;
  readonly under: number;
};

/** Told at once; the rest is unfolded. */
const TOLD_FIRST = 3;

function VersionRow({ version, isLatest, mayChange, over, under }: RowProps) {
  const { number, author, note, day, changes } = version;
  const tape = useTape();
  const [search] = useSearchParams();
  const isGoing = useNavigation().state !== "idle";
  const to = (change: Readonly<Record<string, number>>) => {
    const next = new URLSearchParams(search);
    for (const [key, value] of Object.entries({ over, under, ...change })) next.set(key, String(value));
    return `?${next}`;
  };
  const words = (changes ?? []).map((one) => speak(differenceWords(one), tape));
  return (
    <li data-version={number}>
      <div className="part-head">
        <strong>
          Version {number}
          {isLatest && <span className="soft"> · the newest</span>}
        </strong>
        <span className="soft">
          {author ? `${author}, ` : ""}
          {day}
        </span>
      </div>
      {note && <p>{note}</p>}
      {changes === null ? (
        <p className="soft">{number === 1 ? "As it was begun" : "What changed cannot be told"}</p>
      ) : words.length === 0 ? (
        <p className="soft">Nothing changed</p>
      ) : (
        <>
          <ul className="version-changes">
            {words.slice(0, TOLD_FIRST).map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
          {words.length > TOLD_FIRST && (
            <details>
              <summary>{words.length - TOLD_FIRST} more</summary>
              <ul className="version-changes">
                {words.slice(TOLD_FIRST).map((one) => (
                  <li key={one}>{one}</li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
      <div className="version-acts">
        <Link to={to({ over: number })} aria-current={over === number ? "true" : undefined} preventScrollReset>
          Lay over
        </Link>
        <Link to={to({ under: number })} aria-current={under === number ? "true" : undefined} preventScrollReset>
          Lay under
        </Link>
        {mayChange && !isLatest && (
          <ActForm>
            <button className="plain-button small" name="restore" value={number} type="submit" disabled={isGoing}>
              Take up again
            </button>
          </ActForm>
        )}
      </div>
    </li>
  );
}
