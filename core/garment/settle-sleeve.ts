import type { Block } from "../block";
import { isRecord } from "../data";
import { length, type Phrase, phrase, type Source } from "../draft";
import { type BuiltBlock, draftSleeve, type SleeveAttempt, setInTask } from "../drafting";
import { type Finding, judgeSleeve } from "../judge";
import type { DefaultTaken, ResolvedSleeve, ResolvedSpec } from "../resolve";
import { isDropped, styleOf } from "../sleeve/all-styles";
import { methodOf, usualNotches } from "../sleeve/set-in";
import type { GarmentSpec, SleeveSpec, SpecChange } from "../spec";
import { LENGTH_FIELDS } from "../spec";

/** A sleeve drafted with defaults that go with its block, and the defaults that were taken otherwise for it. */
export type SettledSleeve = { readonly attempt: SleeveAttempt; readonly retaken: readonly DefaultTaken[] };

/** So many defaults of one sleeve are taken otherwise at most. */
const MOST_RETAKEN = 4;

/**
 * Drafts the sleeve, its defaults settled now that the block is known: a dropped sleeve is as long as this block's shoulder leaves, the
 * sleeve's sides do not bulge, and a default with which nothing can be drawn gives way to the nearest figure with which it can. What
 * was given stays as it is, and is judged. Null without a block.
 */
export function draftSettledSleeve(
  spec: GarmentSpec,
  resolved: ResolvedSpec,
  asked: ResolvedSleeve,
  built: BuiltBlock,
): SettledSleeve | null {
  // What takes a part of front and back along is cut from them as they are drafted.
  const block = styleOf(asked.kind)?.family === "bodice" ? built.block : built.forSleeve;
  if (!block) return null;
  const given = spec.sleeve ?? { kind: asked.kind };
  const settled = withoutBulge(
    given,
    resolved,
    withDroppedLength(given, resolved, { asked, retaken: [] }, block),
    block,
  );
  return withDefaultsThatDraw(given, resolved, settled, block);
}

type Taken = { readonly asked: ResolvedSleeve; readonly retaken: readonly DefaultTaken[] };

function retake({ asked, retaken }: Taken, path: string, value: number, rule: Phrase, source: Source): Taken {
  const [, name = "", field] = path.split(".");
  return {
    asked:
      field === undefined
        ? { ...asked, [name]: value }
        : { ...asked, styleLengths: { ...asked.styleLengths, [field]: value } },
    retaken: [
      ...retaken.filter((one) => one.path !== path),
      { path, value, rule, source, isStandIn: false, isNeeded: true },
    ],
  };
}

/** From the neck to the wrist, less the shoulder that lies over the arm: this block's, however it came by it. */
function withDroppedLength(given: SleeveSpec, { body }: ResolvedSpec, taken: Taken, block: Block): Taken {
  if (!isDropped(given.kind) || given.length !== undefined || body.neckToWrist === undefined) return taken;
  const shoulder = block.back.shoulder.length;
  return retake(
    taken,
    "sleeve.length",
    body.neckToWrist - shoulder,
    phrase`neck to wrist ${length(body.neckToWrist)} − the shoulder of this block, ${length(shoulder)}`,
    "common practice, no source",
  );
}

/** Nobody's sleeve is by default wider at the elbow than at the upper arm, or at the wrist than at the elbow. */
function withoutBulge(given: SleeveSpec, resolved: ResolvedSpec, taken: Taken, block: Block): Taken {
  const { asked } = taken;
  const { body } = resolved;
  const above = capWidth(resolved, asked, block);
  const rule = phrase`no wider than the sleeve above it`;
  const elbow = body.elbow + asked.elbowEase > above && given.elbowEase === undefined;
  const atElbow = elbow ? retake(taken, "sleeve.elbowEase", above - body.elbow, rule, "geometry") : taken;
  const elbowWidth = body.elbow + atElbow.asked.elbowEase;
  const wrist = body.wrist + asked.wristEase > elbowWidth && given.wristEase === undefined;
  return wrist ? retake(atElbow, "sleeve.wristEase", elbowWidth - body.wrist, rule, "geometry") : atElbow;
}

/** What the sleeve measures on its cap line, by whatever method; a sleeve with the bodice is as wide as the arm and its ease. */
function capWidth(resolved: ResolvedSpec, asked: ResolvedSleeve, block: Block): number {
  const fitted = resolved.body.upperArm + asked.upperArmEase;
  if (styleOf(asked.kind)?.family === "bodice") return fitted;
  const { cap } = setInTask(resolved, asked, block, usualNotches(block));
  const frame = methodOf(asked.method).frame(cap);
  return frame && frame.frontWidth > 0 && frame.backWidth > 0 ? frame.frontWidth + frame.backWidth : fitted;
}

function withDefaultsThatDraw(given: SleeveSpec, resolved: ResolvedSpec, taken: Taken, block: Block): SettledSleeve {
  let now = taken;
  let attempt = draftSleeve(resolved, now.asked, block);
  for (let tries = 0; tries < MOST_RETAKEN && !isWhole(attempt); tries++) {
    const way = wayByDefaults(given, judgeSleeve(attempt, resolved));
    if (!way) break;
    const next = way.reduce(
      (all, { path, value }) =>
        retake(all, path, value, phrase`the nearest to the usual one with which this sleeve can be drawn`, "geometry"),
      now,
    );
    const better = draftSleeve(resolved, next.asked, block);
    if (!better.drafted && attempt.drafted) break;
    [now, attempt] = [next, better];
  }
  return { attempt, retaken: now.retaken };
}

/** Is it drawn, with every length as it was asked, and its upper edge long enough where it has one? */
function isWhole({ drafted }: SleeveAttempt): boolean {
  if (!drafted) return false;
  if (drafted.family === "sewn") return !drafted.styled?.misplaced;
  const { misplaced, top } = drafted.drawing;
  return misplaced.length === 0 && (top === null || top.edge >= top.girth);
}

/** Why a sleeve is not drawn, or not as it was asked. */
const NOT_DRAWN_AS_ASKED: readonly string[] = [
  "no-cap-fits",
  "rule-gives-no-cap",
  "sleeve-too-short",
  "hem-too-narrow",
  "no-room-in-sleeve",
  "top-too-short",
];

type Default = { readonly path: string; readonly value: number };

/** The first remedy that changes nothing but lengths of the sleeve that nobody gave. */
function wayByDefaults(given: SleeveSpec, findings: readonly Finding[]): readonly Default[] | null {
  const remedies = findings.flatMap((found) => (NOT_DRAWN_AS_ASKED.includes(found.code) ? found.remedies : []));
  return remedies.map(({ change }) => defaultsOf(given, change)).find((way) => way !== null) ?? null;
}

function defaultsOf(given: SleeveSpec, { sleeve, ...others }: SpecChange): readonly Default[] | null {
  if (!sleeve || Object.keys(others).length > 0) return null;
  const lengths = Object.entries(sleeve).flatMap(([name, value]): readonly (Default & { isGiven: boolean })[] => {
    const own: unknown = Reflect.get(given, name);
    if (isRecord(value)) {
      const inside = isRecord(own) ? own : {};
      return Object.entries(value).map(([field, figure]) => ({
        path: `sleeve.${name}.${field}`,
        value: typeof figure === "number" ? figure : Number.NaN,
        isGiven: inside[field] !== undefined || name !== given.kind,
      }));
    }
    return [
      { path: `sleeve.${name}`, value: typeof value === "number" ? value : Number.NaN, isGiven: own !== undefined },
    ];
  });
  const isAllowed = ({ path, value, isGiven }: Default & { isGiven: boolean }) => {
    const bounds = LENGTH_FIELDS[path]?.bounds;
    return !isGiven && bounds !== undefined && value >= bounds.least && value <= bounds.most;
  };
  return lengths.length > 0 && lengths.every(isAllowed) ? lengths : null;
}
