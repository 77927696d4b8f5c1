import { COLLAR_FIELD_NAMES, type CollarFieldName } from "../collar";
import { namesOf } from "../data";
import { type Phrase, phrase, type Source } from "../draft";
import { type CollarAttempt, draftCollar, type NeckForCollar } from "../drafting";
import { type Finding, judgeDraftedCollar } from "../judge";
import type { DefaultTaken, ResolvedSpec, TakeDefault } from "../resolve";
import { buttonStandOf, closingOf, type ResolvedCollar, resolveCollar } from "../resolve";
import type { CollarSpec, GarmentSpec, SpecChange } from "../spec";
import { LENGTH_FIELDS } from "../spec";

/** A collar drafted with defaults that go with its neckline, and the defaults that were taken otherwise for it. */
export type SettledCollar = { readonly attempt: CollarAttempt; readonly retaken: readonly DefaultTaken[] };

/** So many defaults of one collar are taken otherwise at most. */
const MOST_RETAKEN = 3;

/**
 * Drafts the collar, its defaults taken anew now that the neckline is known; a default with which nothing can be drawn gives way to the
 * nearest figure with which it can. What was given stays as it is, and is judged.
 */
export function draftSettledCollar(spec: GarmentSpec, resolved: ResolvedSpec, neck: NeckForCollar): SettledCollar {
  const given = spec.collar;
  if (!given || !neck.block) return { attempt: draftCollar(resolved, resolved.collar, neck), retaken: [] };
  const { front, back } = neck.block;
  const retaken = new Map<string, DefaultTaken>();
  const takeDefault: TakeDefault = (path, value, usual, rule, source) => {
    if (value !== undefined) return value;
    const before = resolved.defaults.find((one) => one.path === path);
    if (before?.value !== usual) retaken.set(path, taken(path, usual, rule, source));
    return usual;
  };
  const at = {
    buttonStand: buttonStandOf(resolved.block, resolved.pieces),
    closing: closingOf(resolved.pieces),
    neckline: front.neckline.length + back.neckline.length,
  };
  let asked = resolveCollar(
    given,
    bodyFor(spec, resolved),
    at,
    (_, value, estimate) => value ?? estimate().value,
    takeDefault,
  );
  let attempt = draftCollar(resolved, asked, neck);
  for (let tries = 0; tries < MOST_RETAKEN && asked && !attempt.drafted; tries++) {
    const way = wayByDefaults(given, judgeDraftedCollar(attempt, resolved.block.alterations));
    if (!way) break;
    for (const [name, value] of way) {
      const path = `collar.${name}`;
      const rule = phrase`the nearest to the usual one with which this collar can be drawn`;
      retaken.set(path, taken(path, value, rule, "geometry"));
    }
    asked = { ...asked, figures: { ...asked.figures, ...Object.fromEntries(way) } } satisfies ResolvedCollar;
    attempt = draftCollar(resolved, asked, neck);
  }
  return { attempt, retaken: [...retaken.values()] };
}

/** The neck follows from the neck base that a fitted block was solved for. */
function bodyFor({ body }: GarmentSpec, { block }: ResolvedSpec): GarmentSpec["body"] {
  return block.source === "drafted" && block.school === "fitted"
    ? { ...body, neckBase: block.task.body.neckBase }
    : body;
}

function taken(path: string, value: number | string, rule: Phrase, source: Source): DefaultTaken {
  return { path, value, rule, source, isStandIn: false, isNeeded: true };
}

type Way = readonly (readonly [CollarFieldName, number])[];

/** The first way out of what cannot be drawn, where it changes nothing but figures of the collar that nobody gave. */
function wayByDefaults(given: CollarSpec, findings: readonly Finding[]): Way | null {
  const [first] = findings.flatMap(({ severity, remedies }) => (severity === "fault" ? remedies.slice(0, 1) : []));
  return first ? defaultsOf(given, first.change) : null;
}

function defaultsOf(given: CollarSpec, { collar, ...others }: SpecChange): Way | null {
  if (!collar || Object.keys(others).length > 0) return null;
  const asked = namesOf(collar).filter((name) => collar[name] !== undefined);
  const way = COLLAR_FIELD_NAMES.flatMap((name): Way => {
    const [value, bounds] = [collar[name], LENGTH_FIELDS[`collar.${name}`]?.bounds];
    const isAllowed =
      given[name] === undefined &&
      bounds !== undefined &&
      value !== undefined &&
      value >= bounds.least &&
      value <= bounds.most;
    return isAllowed ? [[name, value]] : [];
  });
  return asked.length > 0 && way.length === asked.length ? way : null;
}
