import {
  CLOTH_KINDS,
  type ClothKind,
  type ClothTable,
  type ClothTakes,
  clothOf,
  HANGS_FIGURES,
  type OwnHangs,
  takesOf,
} from "@core/cloth/index";
import { LENGTH_FIELDS, QUANTITY_FIELDS, readLength, readQuantity } from "@core/spec/index";
import { formatLength, isTapeUnit, type TapeUnit } from "@core/tape/index";

type Texts = Readonly<Record<string, string>>;

/** The lengths of a row, by the field of the garment file that each becomes. */
export const CLOTH_LENGTHS = ["capEase.least", "capEase.most", "upperArmEase.least", "upperArmEase.most"] as const;
export type ClothLength = (typeof CLOTH_LENGTHS)[number];

/** The name of a box: of a kind of cloth, or of a cloth of one's own by another prefix. */
export const boxOf = (kind: string, column: ClothLength | "share") => `${kind}.${column}`;
export const ALL_LENGTHS: readonly string[] = CLOTH_KINDS.flatMap((kind) =>
  CLOTH_LENGTHS.map((column) => boxOf(kind, column)),
);

/** A row's figures as they stand in its boxes. */
export function clothTexts(kind: string, takes: ClothTakes, unit: TapeUnit): Texts {
  const lengths = CLOTH_LENGTHS.map((column) => [boxOf(kind, column), asOnTape(lengthIn(takes, column), unit)]);
  return {
    ...Object.fromEntries(lengths),
    [boxOf(kind, "share")]: `${Number((takes.mostEaseShare * 100).toFixed(2))}`,
  };
}

export function tableTexts(table: ClothTable, unit: TapeUnit): Texts {
  const rows = CLOTH_KINDS.map((kind) => clothTexts(kind, table[kind] ?? takesOf(clothOf(kind)), unit));
  return Object.assign({ unit }, ...rows);
}

export type ReadTable = { readonly table: ClothTable; readonly problems: Texts };

const MOST_PERCENT = 50;

/** Reads the form, on the page as it is typed and on the server again. A row that says what is usual is none of the workroom's own. */
export function readTable(texts: Texts): ReadTable {
  const unit = isTapeUnit(texts.unit) ? texts.unit : "in";
  const problems: Record<string, string> = {};
  const table = Object.fromEntries(
    CLOTH_KINDS.flatMap((kind) => {
      const takes = readRow(kind, texts, unit, problems);
      return takes && !isUsual(kind, takes) ? [[kind, takes]] : [];
    }),
  );
  return { table, problems };
}

export function readRow(
  kind: string,
  texts: Texts,
  unit: TapeUnit,
  problems: Record<string, string>,
): ClothTakes | null {
  const before = Object.keys(problems).length;
  const length = (column: ClothLength) => {
    const field = LENGTH_FIELDS[`cloth.takes.${column}`];
    if (!field) throw new Error(`readRow: no field "${column}"`);
    const read = readLength(texts[boxOf(kind, column)] ?? "", unit, field);
    if (read.ok) return read.mm;
    problems[boxOf(kind, column)] = read.problem.message;
    return 0;
  };
  const range = (of: "capEase" | "upperArmEase") => {
    const [least, most] = [length(`${of}.least`), length(`${of}.most`)];
    const box = boxOf(kind, `${of}.most`);
    if (least > most && !problems[box] && !problems[boxOf(kind, `${of}.least`)])
      problems[box] = "The most may not be less than the least.";
    return { least, most };
  };
  const takes = { capEase: range("capEase"), upperArmEase: range("upperArmEase"), mostEaseShare: share() };
  return Object.keys(problems).length === before ? takes : null;

  function share(): number {
    const text = (texts[boxOf(kind, "share")] ?? "").trim().replace(",", ".").replace(/\s*%$/, "");
    const percent = text === "" ? Number.NaN : Number(text);
    if (percent >= 0 && percent <= MOST_PERCENT) return percent / 100;
    problems[boxOf(kind, "share")] = `Write a share from 0 to ${MOST_PERCENT} per cent, like 8.`;
    return 0;
  }
}

/** How a cloth hangs, as it was tested: the box of each figure, and its field. */
export const HANGS_FIELDS = HANGS_FIGURES.flatMap((id) => {
  const [box, field] = [`hangs.${id}`, QUANTITY_FIELDS[`cloth.hangs.${id}`]];
  return field ? [{ box, id, field }] : [];
});

/** What was tested of a cloth, from the boxes that are not empty; null where all are. */
export function readHangs(texts: Texts, problems: Record<string, string>): OwnHangs | null {
  const figures = HANGS_FIELDS.flatMap(({ box, id, field }) => {
    const text = texts[box]?.trim() ?? "";
    if (text === "") return [];
    const read = readQuantity(text, field);
    if (read.ok) return [[id, read.value] as const];
    problems[box] = read.message;
    return [];
  });
  return figures.length === 0 ? null : Object.fromEntries(figures);
}

/** To the tape's graduation: the usual figures are round in millimetres, and nobody reads three places of an inch. */
function asOnTape(mm: number, unit: TapeUnit): string {
  return formatLength(mm, unit, { withUnit: false, plain: true });
}

/** Nearer than a graduation is the same figure. */
const SAME_MM = 1;

export function isUsual(kind: ClothKind, takes: ClothTakes): boolean {
  return sameTakes(takes, takesOf(clothOf(kind)));
}

export function sameTakes(a: ClothTakes, b: ClothTakes): boolean {
  return (
    CLOTH_LENGTHS.every((column) => Math.abs(lengthIn(a, column) - lengthIn(b, column)) < SAME_MM) &&
    Math.abs(a.mostEaseShare - b.mostEaseShare) < 0.0005
  );
}

function lengthIn(takes: ClothTakes, column: ClothLength): number {
  const range = column.startsWith("capEase") ? takes.capEase : takes.upperArmEase;
  return column.endsWith("least") ? range.least : range.most;
}
