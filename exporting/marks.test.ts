import { COLLAR_KINDS } from "@core/collar/index";
import { cutGarment } from "@core/cut/index";
import { draftGarment, type Garment } from "@core/garment/index";
import { boxOf, contains, flatten, type Point } from "@core/geometry/index";
import type { Piece } from "@core/pattern/index";
import { SLEEVE_KINDS } from "@core/sleeve/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { onBodice, pieceOf } from "@core/testing/bodice";
import { withCollar } from "@core/testing/collars";
import { sampleSpec, specOf, withSleeve } from "@core/testing/sample";
import { spread } from "@core/testing/thorough";
import { svgPathProperties } from "svg-path-properties";
import { describe, expect, it } from "vitest";
import type { LinesShown } from "./line-choice";
import type { Mark, TextMark } from "./mark";
import { pieceMarks } from "./marks";

/** The piece as it is drawn with its stitching line alone. */
function marksFor(garment: Garment, piece: Piece, unit: "in" | "cm", lines: LinesShown = "stitching"): readonly Mark[] {
  const cut = cutGarment(garment).pieces.find((one) => one.piece.id === piece.id);
  if (!cut) throw new Error(`${piece.id} is a piece of the garment`);
  return pieceMarks(garment, cut, { tape: unit, lines, about: "", number: 1 });
}

function marksOf(spec = sampleSpec(), unit: "in" | "cm" = "in"): readonly Mark[] {
  const garment = draftGarment(spec);
  const [piece] = garment.pieces;
  if (!piece) throw new Error("the garment has a piece");
  return marksFor(garment, piece, unit);
}

const texts = (marks: readonly Mark[]) => marks.flatMap((mark) => (mark.kind === "text" ? [mark.text] : []));

describe("what is on the paper", () => {
  it("is the piece's name, how to cut it, its grain and the length of each edge", () => {
    const written = texts(marksOf());
    expect(written).toEqual(
      expect.arrayContaining([
        "1 Sleeve",
        "Test blouse",
        "Cut 2, as a mirrored pair",
        "straight grain",
        "Stitching line: add seam allowance",
      ]),
    );
    expect(written).toContain("Front cap 9 5⁄16 in");
    expect(written).toContain("Cap ease 1 1⁄4 in");
  });

  it("is written in the unit of the person who prints it", () => {
    const written = texts(marksOf(sampleSpec(), "cm"));
    expect(written).toContain("Cap ease 3.2 cm");
    expect(written.some((text) => / in$/.test(text))).toBe(false);
  });

  it("runs along the longest edge of a facing, which has no room across it, and gets smaller on a gusset", () => {
    const garment = draftGarment(onBodice("kimono", { length: 450, kimono: { drop: 250, gusset: 140 } }));
    for (const [id, words] of [
      ["frontFacing", "Front neck facing"],
      ["gusset", "Gusset"],
    ] as const) {
      const piece = pieceOf(garment, id);
      const marks = marksFor(garment, piece, "in");
      expect(texts(marks).some((text) => text.startsWith(`1 ${words}`))).toBe(true);
      const box = boxOf([piece.outline]);
      for (const mark of marks) {
        if (mark.kind !== "text") continue;
        expect(mark.at.x).toBeGreaterThan(box.left);
        expect(mark.at.x).toBeLessThan(box.right);
      }
    }
  });

  it("lies within its piece on every piece of a collar, smaller where there is little room, and tells its interfacing", () => {
    for (const kind of COLLAR_KINDS) {
      const garment = draftGarment(withCollar(kind));
      for (const piece of garment.pieces) {
        const outline = flatten(piece.outline);
        const marks = marksFor(garment, piece, "in");
        for (const mark of marks) {
          if (mark.kind !== "text") continue;
          expect(contains(outline, mark.at), `${kind} ${piece.id}: ${mark.text}`).toBe(true);
          expect(mark.size).toBeGreaterThan(3);
        }
        const said = texts(marks).some((text) => text.toLowerCase().includes("interfacing"));
        expect(said, `${kind} ${piece.id}`).toBe(piece.cut.interfacing > 0);
      }
    }
  });

  it("never lies over a line, a notch, an arrow or other text, on any piece of any sleeve and collar, in either unit", () => {
    const specs = [
      ...STARTING_POINTS.flatMap((point) => startedFrom(point, MIDDLE_BODY) ?? []),
      ...COLLAR_KINDS.map((kind) => withCollar(kind)),
      ...SLEEVE_KINDS.map((kind) => onBodice(kind)),
      withSleeve({ cut: "two-piece", hemTurnUp: 30 }),
      withSleeve({ method: "bust-twelfth" }),
    ];
    let looked = 0;
    for (const spec of spread(specs, 3)) {
      const garment = draftGarment(spec);
      for (const piece of garment.pieces) {
        for (const [unit, shown] of [
          ["in", "stitching"],
          ["cm", "stitching"],
          ["in", "both"],
        ] as const) {
          const marks = marksFor(garment, piece, unit, shown);
          const lines = marks.flatMap((mark) => (mark.kind === "line" ? linesOf(mark.data) : []));
          const boxes = marks.flatMap((mark) => (mark.kind === "text" ? [letterBox(mark)] : []));
          for (const [i, box] of boxes.entries()) {
            looked++;
            for (const line of lines) expect(meets(box, line), `${piece.id}: ${texts(marks)[i]}`).toBe(false);
            for (const other of boxes.slice(i + 1))
              expect(meets(box, other), `${piece.id}: ${texts(marks)[i]}`).toBe(false);
          }
          expect(
            texts(marks).some((text) => text.startsWith(`1 ${piece.name}`)),
            piece.id,
          ).toBe(true);
        }
      }
    }
    expect(looked).toBeGreaterThan(300);
  });

  it("says a fault in a whole sentence, figures and all, and only on the piece it is about", () => {
    const garment = draftGarment(withSleeve({ method: "bust-twelfth", kind: "set-in" }));
    const withStand = draftGarment({ ...garment.spec, collar: { kind: "stand" } });
    const [first, ...others] = withStand.pieces;
    const said = (piece: (typeof garment.pieces)[number] | undefined) =>
      piece ? texts(marksFor(withStand, piece, "cm")).join(" ") : "";
    expect(said(first)).toMatch(/The cap is \d+\.\d cm too long for the armhole/);
    expect(others.length).toBeGreaterThan(0);
    for (const piece of others) expect(said(piece)).not.toMatch(/too long/);
  });

  it("says nothing of ease on a crown that is gathered", () => {
    expect(texts(marksOf(onBodice("puff"))).some((text) => text.startsWith("Cap ease"))).toBe(false);
  });

  it("marks each button with a cross, and its hole with a line and two bars", () => {
    const garment = draftGarment(withCollar("notched", { breakAt: "chest" }));
    const front = pieceOf(garment, "front");
    const crosses = marksFor(garment, front, "in").filter((mark) => mark.kind === "line" && mark.style === "notch");
    expect(crosses.length - front.notches.length).toBe(5 * (front.buttons?.length ?? 0));
  });

  // One in front, two behind, one at the shoulder, and one in the middle of each side of the underarm.
  const NOTCHES_OF_SLEEVE = 6;

  it("has one line for each notch", () => {
    expect(marksOf().filter((mark) => mark.kind === "line" && mark.style === "notch").length).toBe(NOTCHES_OF_SLEEVE);
  });

  it("folds a turned-up hem on a dashed line, and cuts below it", () => {
    const fold = (marks: readonly Mark[]) => marks.filter((mark) => mark.kind === "line" && mark.style === "fold");
    expect(fold(marksOf())).toEqual([]);
    const marks = marksOf(withSleeve({ hemTurnUp: 30 }));
    expect(fold(marks).length).toBe(1);
    expect(texts(marks).some((text) => text.startsWith("Turn-up "))).toBe(true);
  });

  it("carries a fault of the draft with it: a sheet must not look better than it is", () => {
    const written = texts(marksOf(withSleeve({ method: "bust-twelfth" })));
    expect(written.some((text) => text.includes("too long for the armhole"))).toBe(true);
  });

  it("writes the name of a piece above what is said of it, also along an edge that is written from its other side", () => {
    const garment = draftGarment(
      specOf({
        format: "gamine-garment/1",
        unit: "in",
        body: { bust: 36 },
        block: { source: "drafted" },
        collar: { kind: "grown-on" },
      }),
    );
    const facing = garment.pieces.find(({ name }) => name === "Back neck facing");
    if (!facing) throw new Error("a grown-on stand has a back neck facing");
    const marks = marksFor(garment, facing, "in");
    const textAt = (words: string) =>
      marks.find((mark) => mark.kind === "text" && mark.text.startsWith(words) && mark.turn !== 0);
    const [name, said] = [textAt("1 Back neck facing"), textAt("Stitching line")];
    if (name?.kind !== "text" || said?.kind !== "text") throw new Error("the back facing is named along an edge");
    const angle = (name.turn * Math.PI) / 180;
    const below = -(said.at.x - name.at.x) * Math.sin(angle) + (said.at.y - name.at.y) * Math.cos(angle);
    expect(below).toBeGreaterThan(0);
  });

  it("writes no text upside down", () => {
    for (const mark of marksOf()) {
      if (mark.kind === "text") expect(Math.abs(mark.turn)).toBeLessThanOrEqual(90);
    }
  });

  it("stays on its piece: on a band it runs along it, on a narrow under sleeve it keeps to the wider side", () => {
    const band = withSleeve({ kind: "puff", length: 240 });
    const two = withSleeve({ cut: "two-piece" });
    for (const spec of [band, two, withSleeve({})]) {
      const garment = draftGarment(spec);
      for (const piece of garment.pieces) {
        const box = boxOf([piece.outline]);
        for (const mark of marksFor(garment, piece, "in")) {
          if (mark.kind !== "text") continue;
          // Half the width of a line of these letters, which are about half as wide as they are high.
          const half = (mark.text.length * mark.size * 0.5) / 2;
          const [dx, dy] = Math.abs(mark.turn) > 60 ? [mark.size, half] : [half, mark.size];
          expect(mark.at.x - dx * 0.8, mark.text).toBeGreaterThan(box.left - 1);
          expect(mark.at.x + dx * 0.8, mark.text).toBeLessThan(box.right + 1);
          expect(mark.at.y - dy * 0.8, mark.text).toBeGreaterThan(box.top - 1);
          expect(mark.at.y + dy * 0.8, mark.text).toBeLessThan(box.bottom + 1);
        }
      }
    }
  });

  it("tells a band how it is cut, and nothing of the cap", () => {
    const garment = draftGarment(withSleeve({ kind: "puff", length: 240 }));
    const band = garment.pieces.find((piece) => piece.id === "band");
    const written = texts(band ? marksFor(garment, band, "in") : []);
    expect(written.join(" ")).toMatch(/Band.*cut 2, and interfacing 2/i);
    expect(written.some((text) => text.startsWith("Cap ease"))).toBe(false);
  });
});

/** Points along everything a mark draws: told apart from the program's own way by walking the path data with another library. */
function linesOf(data: string): readonly (readonly Point[])[] {
  return data
    .split(/(?=M)/)
    .filter((one) => one !== "")
    .map((one) => {
      const walked = new svgPathProperties(one);
      const length = walked.getTotalLength();
      const steps = Math.max(2, Math.ceil(length / 1.5));
      return Array.from({ length: steps + 1 }, (_, i) => walked.getPointAtLength((length * i) / steps));
    });
}

/** The box that the letters fill: about half as wide as they are high, from a little under the foot to the height of a capital. */
function letterBox({ at, text, size, turn }: TextMark): readonly Point[] {
  const half = (text.length * size * 0.5) / 2;
  const angle = (turn * Math.PI) / 180;
  const place = (x: number, y: number) => ({
    x: at.x + x * Math.cos(angle) - y * Math.sin(angle),
    y: at.y + x * Math.sin(angle) + y * Math.cos(angle),
  });
  return [place(-half, -size * 0.7), place(half, -size * 0.7), place(half, size * 0.15), place(-half, size * 0.15)];
}

function meets(box: readonly Point[], line: readonly Point[]): boolean {
  return line.some((p) => contains(box, p));
}
