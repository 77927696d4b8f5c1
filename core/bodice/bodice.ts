import { levelOf, type Side } from "../block";
import { type Draft, type Figure, length, phrase } from "../draft";
import { pathLength, subpath } from "../geometry";
import type { HalfEdges, Join, Piece } from "../pattern";
import { casingFor } from "../sleeve/finish";
import { aboveSideDart, type BodiceBase } from "./bodice-base";
import { type BodiceFault, faultsOf } from "./bodice-faults";
import { isKimono, joinsOf } from "./bodice-joins";
import { panelPiece, smallPieces } from "./bodice-pieces";
import { bodiceDraft } from "./bodice-steps";
import { type BodiceChoices, standWidth } from "./choices";
import type { Levels, Panelled } from "./panel";
import { panelsOf } from "./panels";

export type Bodice = {
  readonly pieces: readonly Piece[];
  /** The seams that such a bodice may have, shoulder and side among them: those count of which the garment has every edge. */
  readonly joins: readonly Join[];
  /** Which pieces an edge of a half came to lie on, along its outline: "front.armhole". */
  readonly edges: ReadonlyMap<string, readonly string[]>;
  readonly figures: readonly Figure[];
  readonly faults: readonly BodiceFault[];
  /** How the pieces are made of the drafted halves. */
  readonly draft: Draft;
};

/** Front and back as all their pieces. Millimetres, each panel in the coordinates of its half. */
export function draftBodice(base: BodiceBase): Bodice {
  const { block, choices } = base;
  const halves = withEqualSides(base.halves);
  const levels: Levels = {
    bust: levelOf(block, "bust"),
    waist: levelOf(block, "waist"),
    hip: levelOf(block, "hip"),
  };
  const named = [
    { name: "Bust", y: levels.bust },
    { name: "Waist", y: levels.waist },
    { name: "Hip", y: levels.hip },
  ].flatMap(({ name, y }) => (y === null ? [] : [{ name, y }]));
  const panelled: Readonly<Record<Side, Panelled>> = {
    front: panelsOf(halves.front, choices, levels),
    back: panelsOf(halves.back, choices, levels),
  };
  const edges = new Map([...panelled.front.edges, ...panelled.back.edges]);
  const panelsOfSide = (side: Side) =>
    panelled[side].panels.map((panel) => {
      const piece = panelPiece(panel, halves[side], choices, named, levels.bust);
      // What its centre is finished with is an edge of the half as well, whatever the panel is called.
      for (const { id } of panel.isAtCentre ? piece.edges : []) {
        const name = `${side}.${id}`;
        if (!edges.has(name)) edges.set(name, [`${piece.id}.${id}`]);
      }
      return piece;
    });
  const main = { front: panelsOfSide("front"), back: panelsOfSide("back") };
  const hemOf = (side: Side) =>
    panelled[side].panels
      .filter(({ endsAtWaist }) => !endsAtWaist)
      .flatMap(({ bottom }) => bottom)
      .filter(({ id }) => id !== "hemDart")
      .reduce((sum, one) => sum + one.length, 0);
  const hems = { front: hemOf("front") + standAtHem(halves.front, choices), back: hemOf("back") };
  const small = smallPieces(halves, choices, hems);
  const { facings, strips } = small;
  const pieces = [...main.front, ...main.back, ...facings.front, ...facings.back, ...strips];
  return {
    pieces,
    joins: joinsOf(base, halves, panelled, edges, levels),
    edges,
    figures: figuresOf(choices, hems),
    faults: faultsOf(halves, panelled, choices),
    draft: bodiceDraft({ main, facings, halves, choices }),
  };
}

function standAtHem(front: HalfEdges, choices: BodiceChoices): number {
  const isGrownOn = choices.front === "buttons" && choices.standFinish !== "strip" && !front.isEdgeOfCollar;
  return isGrownOn ? standWidth(choices) : 0;
}

/** Front and back are to meet at the hem: where their side seams differ, the longer is cut off, the hem trued to it. */
function withEqualSides({ front, back }: BodiceBase["halves"]): BodiceBase["halves"] {
  // Underarm and side in one are brought to one length by whoever drew them.
  if (isKimono(front)) return { front, back };
  const wholeOf = (half: HalfEdges) => aboveSideDart(half) + pathLength(half.side);
  const [ofFront, ofBack] = [wholeOf(front), wholeOf(back)];
  const least = Math.min(ofFront, ofBack);
  if (Math.abs(ofFront - ofBack) > MOST_TRUED_MM) return { front, back };
  const cut = (half: HalfEdges, whole: number): HalfEdges =>
    whole - least > SAME_LENGTH_MM ? { ...half, side: subpath(half.side, 0, least - aboveSideDart(half)) } : half;
  return { front: cut(front, ofFront), back: cut(back, ofBack) };
}

/** More than this is no trueing of a hem any more: it is eased, and said. Our own limit. */
const MOST_TRUED_MM = 25;
const SAME_LENGTH_MM = 1e-6;

function figuresOf(choices: BodiceChoices, hems: { readonly front: number; readonly back: number }): readonly Figure[] {
  const common = { kind: "length", rule: "Hem of the bodice", source: "common practice, no source" } as const;
  const around: Figure = {
    ...common,
    id: "bodice.hem",
    label: "Round the hem",
    value: 2 * (hems.front + hems.back),
    formula: phrase`front half ${length(hems.front)} and back half ${length(hems.back)}, × 2`,
    source: "geometry",
  };
  if (choices.hem !== "casing") return [around];
  const { hemGirth, hemElasticLess, hemElastic } = choices;
  return [
    around,
    {
      ...common,
      id: "bodice.elastic",
      label: "Length of the hem elastic",
      value: hemGirth - hemElasticLess,
      formula: phrase`${length(hemGirth)} round the body where it is worn − ${length(hemElasticLess)}`,
    },
    {
      ...common,
      id: "bodice.casing",
      label: "Depth of the hem casing",
      value: casingFor(hemElastic),
      formula: phrase`elastic ${length(hemElastic)} + room and turn-under ${length(casingFor(0))}`,
    },
  ];
}
