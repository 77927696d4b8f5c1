import { cutGarment } from "../cut";
import type { Draft } from "../draft";
import { type Garment, pictureOf as outlinesOf, sketchGarment } from "../garment";
import { boxOf, line, type Path, svgPathData } from "../geometry";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "./starting-points";
import { type ShownDraft, TRADE_WORDS, type TradeWord } from "./trade-words";

/** A draft as it is shown small: its lines as SVG path data in whole millimetres, and the box that they fill. */
export type DraftPicture = { readonly viewBox: string; readonly seams: string; readonly guides: string };

/** A word with its place lit: path data of the lines, and the points. */
export type ShownWord = TradeWord & {
  readonly lit: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
};

/** The stations whose work is shown by lines; measures and toile have pictures of their own. */
export type ShownStation = "block" | "sleeve" | "collar" | "pieces" | "match" | "cut" | "card";

export type ShownWords = {
  readonly stations: Readonly<Record<ShownStation, DraftPicture>>;
  readonly drafts: Readonly<Record<ShownDraft, DraftPicture>>;
  readonly words: readonly ShownWord[];
};

/** From which starting point, and from which of its drafts, a draft is shown. */
const FROM = {
  back: ["blouse", "block.back"],
  front: ["blouse", "block.front"],
  sleeve: ["work-shirt", "sleeve"],
  collar: ["work-shirt", "collar"],
  lapel: ["jacket", "collar"],
} as const satisfies Readonly<Record<ShownDraft, readonly [string, string]>>;

let shown: ShownWords | null = null;

/** The words of the trade on drafts for a middle body; drafted once. Throws where a word lies on nothing. */
export function shownWords(): ShownWords {
  shown ??= showWords();
  return shown;
}

function showWords(): ShownWords {
  const drafts = eachDraft(draftOf);
  return {
    stations: showStations(drafts),
    drafts: eachDraft((name) => pictureOf(drafts[name])),
    words: TRADE_WORDS.map((word) => shownWord(word, drafts[word.on])),
  };
}

const eachDraft = <Of>(of: (name: ShownDraft) => Of): Readonly<Record<ShownDraft, Of>> => ({
  back: of("back"),
  front: of("front"),
  sleeve: of("sleeve"),
  collar: of("collar"),
  lapel: of("lapel"),
});

function garmentOf(pointId: string): Garment {
  const point = STARTING_POINTS.find(({ id }) => id === pointId);
  const spec = point && startedFrom(point, MIDDLE_BODY);
  if (!spec) throw new Error(`${pointId} starts no garment.`);
  return sketchGarment(spec);
}

function draftOf(name: ShownDraft): Draft {
  const [pointId, part] = FROM[name];
  const { block, sleeve, collar } = garmentOf(pointId);
  const [back, front] = block?.drafts ?? [];
  const draft = { "block.back": back, "block.front": front, sleeve: sleeve?.draft, collar: collar?.draft }[part];
  if (!draft) throw new Error(`There is no draft of the ${name}.`);
  return draft;
}

/** What the work at each station looks like, drawn from the same drafts. */
function showStations(drafts: Readonly<Record<ShownDraft, Draft>>): ShownWords["stations"] {
  const garment = garmentOf("work-shirt");
  const { pieces } = cutGarment(garment);
  const front = pieces.find(({ piece }) => piece.edges.some(({ role }) => role === "armhole"));
  const { width, height, data } = outlinesOf(garment) ?? { width: 1, height: 1, data: "" };
  return {
    block: pictureOf(drafts.front),
    sleeve: pictureOf({ lines: drafts.sleeve.lines.filter(({ kind }) => kind === "seam") }),
    collar: pictureOf(drafts.lapel),
    pieces: { viewBox: `-20 -20 ${width + 40} ${height + 40}`, seams: data, guides: "" },
    match: ribbonsOf(garment),
    cut: linesPicture(front?.cutting ? [front.cutting] : [], front ? [front.piece.outline] : []),
    card: pictureOf(drafts.sleeve),
  };
}

/** Armhole and cap of a garment unrolled, one above the other, their ends and notches joined. */
function ribbonsOf({ seams }: Garment): DraftPicture {
  const [seam] = seams.filter(({ kind }) => kind === "armhole");
  const [above, below] = [seam?.bodyLength ?? 200, seam?.partLength ?? 210];
  const apart = 90;
  const ribbon = (y: number, long: number) => line({ x: 0, y }, { x: long, y });
  const thread = (share: number) => line({ x: above * share, y: 0 }, { x: below * share, y: apart });
  return linesPicture([ribbon(0, above), ribbon(apart, below)], [0, 0.45, 1].map(thread));
}

const MARGIN = 18;

function pictureOf({ lines }: Pick<Draft, "lines">): DraftPicture {
  const of = (isGuide: boolean) => lines.filter(({ kind }) => (kind === "guide") === isGuide).map(({ path }) => path);
  return linesPicture(of(false), of(true));
}

/** Seams fill the box; what guides reach beyond it is cut off. */
function linesPicture(seams: readonly Path[], guides: readonly Path[]): DraftPicture {
  const { left, top, right, bottom } = boxOf(seams);
  const box = [left - MARGIN, top - MARGIN, right - left + 2 * MARGIN, bottom - top + 2 * MARGIN];
  const data = (of: readonly Path[]) => of.map(rounded).join("");
  return { viewBox: box.map(Math.round).join(" "), seams: data(seams), guides: data(guides) };
}

function rounded(path: Path): string {
  const whole = (p: { readonly x: number; readonly y: number }) => ({ x: Math.round(p.x), y: Math.round(p.y) });
  return svgPathData(
    path.map(([a, b, c, d]) => [whole(a), whole(b), whole(c), whole(d)]),
    false,
  );
}

function shownWord(word: TradeWord, draft: Draft): ShownWord {
  const lines = (word.lines ?? []).map((id) => draft.lines.find((line) => line.id === id));
  const points = (word.letters ?? []).map((letter) => draft.points.find((point) => point.letter === letter));
  if ([...lines, ...points].length === 0 || lines.includes(undefined) || points.includes(undefined))
    throw new Error(`“${word.term}” lies on nothing.`);
  return {
    ...word,
    lit: lines.map((line) => (line ? rounded(line.path) : "")).join(""),
    points: points.flatMap((point) => (point ? [{ x: Math.round(point.at.x), y: Math.round(point.at.y) }] : [])),
  };
}
