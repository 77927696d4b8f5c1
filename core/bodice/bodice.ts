import { type Block, SIDES, type Side } from "../block";
import { type Figure, length, phrase } from "../draft";
import { endOf, lengthAtHeight, type Path, pathLength, SEEN_MM, startOf, subpath } from "../geometry";
import { type EdgeRun, type HalfEdges, type Join, type JoinMark, type NeckEdges, type Piece, runOf } from "../pattern";
import { casingFor } from "../sleeve/finish";
import { hasSlit, panelPiece, smallPieces } from "./bodice-pieces";
import { type BodiceChoices, standWidth } from "./choices";
import { type Levels, type Panel, type Panelled, panelsOf } from "./panels";
import { isStraightHem, MOST_RISE_SHARE } from "./shape-hem";

/** What a bodice is cut from: both halves as sleeve and collar leave them. */
export type BodiceBase = {
  readonly block: Block;
  readonly halves: Readonly<Record<Side, HalfEdges>>;
  /** The edges of the whole neck, from the centre back to the shoulder and on to the centre front, sleeve pieces included. */
  readonly neck: NeckEdges;
  readonly choices: BodiceChoices;
};

/** What could not be made as it was asked, and was left out or made otherwise. */
export type BodiceFault =
  | { readonly what: "not-on-fold"; readonly side: Side }
  | { readonly what: "not-cut-apart"; readonly side: Side }
  | { readonly what: "hem-not-straight"; readonly hem: "casing" | "plain" }
  | { readonly what: "front-is-made"; readonly asked: string }
  | { readonly what: "stand-too-narrow"; readonly stand: number; readonly beyond: number }
  | { readonly what: "rise-too-high"; readonly rise: number; readonly side: number }
  | { readonly what: "slit-too-long"; readonly slit: number; readonly centre: number };

export type Bodice = {
  readonly pieces: readonly Piece[];
  /** The seams that such a bodice may have, shoulder and side among them: those count of which the garment has every edge. */
  readonly joins: readonly Join[];
  /** Which pieces an edge of a half came to lie on, along its outline: "front.armhole". */
  readonly edges: ReadonlyMap<string, readonly string[]>;
  readonly figures: readonly Figure[];
  readonly faults: readonly BodiceFault[];
};

/** Front and back as all their pieces. Millimetres, each panel in the coordinates of its half. */
export function draftBodice(base: BodiceBase): Bodice {
  const { block, choices } = base;
  const halves = withEqualSides(base.halves);
  const levelOf = (id: string) => block.levels.find((level) => level.id === id)?.y ?? null;
  const levels: Levels = { bust: levelOf("bust"), waist: levelOf("waist"), hip: levelOf("hip") };
  const named = [
    { name: "Bust", y: levels.bust },
    { name: "Waist", y: levels.waist },
    { name: "Hip", y: levels.hip },
  ].flatMap(({ name, y }) => (y === null ? [] : [{ name, y }]));
  const panelled: Readonly<Record<Side, Panelled>> = {
    front: panelsOf(halves.front, choices, levels),
    back: panelsOf(halves.back, choices, levels),
  };
  const main = SIDES.flatMap((side) =>
    panelled[side].panels.map((panel) => panelPiece(panel, halves[side], choices, named, levels.bust)),
  );
  const edges = new Map([...panelled.front.edges, ...panelled.back.edges]);
  const hemOf = (side: Side) =>
    panelled[side].panels
      .filter(({ endsAtWaist }) => !endsAtWaist)
      .flatMap(({ bottom }) => bottom)
      .filter(({ id }) => id !== "hemDart")
      .reduce((sum, one) => sum + one.length, 0);
  const hems = { front: hemOf("front") + standAtHem(halves.front, choices), back: hemOf("back") };
  const pieces = [...main, ...smallPieces(halves, choices, hems)];
  return {
    pieces,
    joins: joinsOf(base, halves, panelled, edges, levels),
    edges,
    figures: figuresOf(choices, hems),
    faults: faultsOf(halves, panelled, choices),
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
  const [ofFront, ofBack] = [pathLength(front.side), pathLength(back.side)];
  const least = Math.min(ofFront, ofBack);
  if (Math.abs(ofFront - ofBack) > MOST_TRUED_MM) return { front, back };
  const cut = (half: HalfEdges, whole: number): HalfEdges =>
    whole - least > SAME_LENGTH_MM ? { ...half, side: subpath(half.side, 0, least) } : half;
  return { front: cut(front, ofFront), back: cut(back, ofBack) };
}

/** More than this is no trueing of a hem any more: it is eased, and said. Our own limit. */
const MOST_TRUED_MM = 25;
const SAME_LENGTH_MM = 1e-6;

function joinsOf(
  { neck, choices }: BodiceBase,
  halves: BodiceBase["halves"],
  panelled: Readonly<Record<Side, Panelled>>,
  edges: Bodice["edges"],
  levels: Levels,
): readonly Join[] {
  const onto = (...names: readonly string[]): readonly EdgeRun[] =>
    names.flatMap((name) => edges.get(name) ?? []).map(runOf);
  const plain = { bodyName: "front", partName: "back", marks: [] };
  return [
    {
      ...plain,
      id: "body.shoulder",
      name: "Shoulder",
      body: onto("front.shoulder", "front.shoulderOuter"),
      part: onto("back.shoulder", "back.shoulderOuter"),
      from: "neck",
      to: "shoulder point",
    },
    ...(isKimono(halves.front)
      ? []
      : [
          {
            ...plain,
            id: "body.side" as const,
            name: "Side",
            body: onto("front.side"),
            part: onto("back.side"),
            from: "underarm",
            to: "hem",
            marks: levelMarks(halves.front.side, levels, ["waist", "hip"]),
          },
        ]),
    ...SIDES.flatMap((side) => [
      ...panelJoins(side, panelled[side].panels, levels),
      ...waistJoin(side, panelled[side]),
    ]),
    ...centreJoins(halves, panelled, choices),
    ...finishJoins(neck, onto, halves, panelled, choices),
  ];
}

function isKimono({ outer }: HalfEdges): boolean {
  return outer.some(({ id }) => id === "overArm");
}

/** Where a seam that runs down passes levels of the body, the same far along both its sides. */
function levelMarks(path: Path, levels: Levels, names: readonly (keyof Levels)[]): readonly JoinMark[] {
  return names.flatMap((name): readonly JoinMark[] => {
    const y = levels[name];
    if (y === null || y <= startOf(path).y || y >= endOf(path).y) return [];
    const at = lengthAtHeight(path, y);
    return [{ id: name, name, bodyAt: at, partAt: at }];
  });
}

const CUT_NAMES = { princess: "Princess seam", split: "Panel seam" } as const;

/** Each cut between two panels, whole from the top to the hem although it may be cut across at the waist. */
function panelJoins(side: Side, panels: readonly Panel[], levels: Levels): readonly Join[] {
  return (["princess", "split"] as const).flatMap((id): readonly Join[] => {
    const inner = panels.filter(({ right }) => right.id === id);
    const outer = panels.filter(({ left }) => left.id === id);
    if (inner.length === 0 || inner.length !== outer.length) return [];
    const path = inner.flatMap(({ right }) => right.path);
    return [
      {
        id: `body.${id}.${side}`,
        name: `${side === "front" ? "Front" : "Back"} ${CUT_NAMES[id].toLowerCase()}`,
        bodyName: inner[0]?.name.toLowerCase() ?? "",
        partName: outer[0]?.name.toLowerCase() ?? "",
        body: inner.map((panel) => runOf(`${panel.id}.${id}`)),
        part: outer.map((panel) => runOf(`-${panel.id}.${id}`)),
        from: "top",
        to: "hem",
        marks: levelMarks(path, levels, ["bust", "waist", "hip"]),
      },
    ];
  });
}

function waistJoin(side: Side, { panels }: Panelled): readonly Join[] {
  const uppers = panels.filter(({ endsAtWaist }) => endsAtWaist);
  const lowers = panels.filter(({ startsAtWaist }) => startsAtWaist);
  if (uppers.length === 0) return [];
  const isCloth = (id: string) => id.startsWith("waist") && !id.startsWith("waistDart");
  return [
    {
      id: `body.waist.${side}`,
      name: `${side === "front" ? "Front" : "Back"} waist`,
      bodyName: "bodice",
      partName: "skirt",
      body: uppers.flatMap((panel) =>
        panel.bottom
          .filter(({ id }) => isCloth(id))
          .map(({ id }) => runOf(`-${panel.id}.${id}`))
          .reverse(),
      ),
      part: lowers.flatMap((panel) =>
        panel.top.filter(({ id }) => isCloth(id)).map(({ id }) => runOf(`${panel.id}.${id}`)),
      ),
      from: `centre ${side}`,
      to: "side",
      marks: [],
    },
  ];
}

/** A centre that is no fold is sewn to its mirror image; one with a zip as far as the zip leaves it. */
function centreJoins(
  halves: BodiceBase["halves"],
  panelled: Readonly<Record<Side, Panelled>>,
  { front, back }: BodiceChoices,
): readonly Join[] {
  const centre = (side: Side, how: "seam" | "zip"): Join => {
    const runs = panelled[side].panels.filter(({ isAtCentre }) => isAtCentre).map(({ id }) => runOf(`-${id}.centre`));
    return {
      id: `body.centre.${side}`,
      name: `Centre ${side}${how === "zip" ? ", with its zip" : ""}`,
      bodyName: "right",
      partName: "left",
      body: runs,
      part: runs,
      from: "neck",
      to: "hem",
      marks: [],
    };
  };
  const isSeam = (how: string): how is "seam" | "zip" => how === "seam" || how === "zip";
  const ofBack = isSeam(back) ? back : isStraight(halves.back) ? null : "seam";
  return [
    ...(isSeam(front) && !halves.front.isEdgeOfCollar ? [centre("front", front)] : []),
    ...(ofBack ? [centre("back", ofBack)] : []),
  ];
}

function isStraight({ centre }: HalfEdges): boolean {
  const xs = centre.flatMap((cubic) => cubic.map(({ x }) => x));
  return Math.max(...xs) - Math.min(...xs) <= 0.1;
}

const against = (run: EdgeRun): EdgeRun => ({ ...run, isAgainst: !run.isAgainst });

function finishJoins(
  neck: NeckEdges,
  onto: (...names: readonly string[]) => readonly EdgeRun[],
  { front }: BodiceBase["halves"],
  panelled: Readonly<Record<Side, Panelled>>,
  choices: BodiceChoices,
): readonly Join[] {
  // What is gathered into the neck lies between it and the centre; in front a neck runs against the outline.
  const ofBack = neck.back.flatMap((name) => (name === "back.neckline" ? onto("back.gathered", name) : [runOf(name)]));
  const ofFront = neck.front.flatMap((name) =>
    name === "front.neckline" ? [...onto("front.gathered", name)].reverse().map(against) : [runOf(name)],
  );
  const faced = { bodyName: "bodice", partName: "facing", marks: [] };
  const centreOf = (side: Side) => panelled[side].panels.find(({ isAtCentre }) => isAtCentre)?.id ?? side;
  return [
    {
      ...faced,
      id: "body.facing.back",
      name: "Back neck and facing",
      body: ofBack,
      part: [runOf("backFacing.neckline")],
      from: "centre back",
      to: "shoulder",
    },
    {
      ...faced,
      id: "body.facing.front",
      name: "Front neck and facing",
      body: ofFront,
      part: [runOf("frontFacing.neckline")],
      from: "shoulder",
      to: "centre front",
    },
    {
      ...faced,
      id: "body.facing.edge",
      name: "Front edge and facing",
      body: [runOf(`-${centreOf("front")}.frontEdge`)],
      part: [runOf("-frontFacing.front")],
      from: "neck",
      to: "hem",
    },
    {
      ...faced,
      id: "body.facing.shoulder",
      name: "Shoulder of the facings",
      bodyName: "front facing",
      partName: "back facing",
      body: [runOf("frontFacing.shoulder")],
      part: [runOf("backFacing.shoulder")],
      from: "neck",
      to: "outer edge",
    },
    {
      ...faced,
      id: "body.binding",
      name: "Neck binding",
      partName: "binding",
      body: [...ofBack, ...ofFront, ...ofFront, ...ofBack],
      part: [runOf("neckBinding.outer")],
      from: "centre back",
      to: "centre back",
    },
    {
      ...faced,
      id: "body.stand",
      name: "Button stand",
      bodyName: "front",
      partName: "strip",
      body: front.isEdgeOfCollar || choices.standFinish !== "strip" ? [] : [runOf(`-${centreOf("front")}.centre`)],
      part: [runOf("-buttonStand.front")],
      from: "neck",
      to: "hem",
    },
  ];
}

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

function faultsOf(
  halves: BodiceBase["halves"],
  panelled: Readonly<Record<Side, Panelled>>,
  { front, back, hem, hemDepth, hemRise, flare, stand, collarBeyond, frontAsked, slit }: BodiceChoices,
): readonly BodiceFault[] {
  const folded = (side: Side, how: string) => (how === "fold" || how === "slit") && !isStraight(halves[side]);
  const isFolded = hem === "casing" || (hem === "plain" && hemDepth > 0);
  const bottoms = SIDES.flatMap((side) => panelled[side].panels.filter(({ endsAtWaist }) => !endsAtWaist));
  const isBent = bottoms.some(({ bottom }) => !isStraightHem(bottom.flatMap(({ path }) => path)));
  const least = Math.min(...SIDES.map((side) => pathLength(halves[side].side)));
  return [
    ...(folded("front", front) && !halves.front.isEdgeOfCollar
      ? [{ what: "not-on-fold", side: "front" } as const]
      : []),
    ...(folded("back", back) ? [{ what: "not-on-fold", side: "back" } as const] : []),
    ...SIDES.flatMap((side) => (panelled[side].isUncut ? [{ what: "not-cut-apart", side } as const] : [])),
    ...(isFolded && isBent && flare >= 0
      ? [{ what: "hem-not-straight", hem: hem === "casing" ? "casing" : "plain" } as const]
      : []),
    ...(frontAsked !== null && frontAsked !== front ? [{ what: "front-is-made", asked: frontAsked } as const] : []),
    ...(front === "buttons" && !halves.front.isEdgeOfCollar && collarBeyond !== null && collarBeyond > stand + SEEN_MM
      ? [{ what: "stand-too-narrow", stand, beyond: collarBeyond } as const]
      : []),
    ...(hem === "curved" && hemRise >= least * MOST_RISE_SHARE
      ? [{ what: "rise-too-high", rise: hemRise, side: least } as const]
      : []),
    ...(back === "slit" && slit > 0 && !hasSlit(halves.back, { back, slit })
      ? [{ what: "slit-too-long", slit, centre: pathLength(halves.back.centre) } as const]
      : []),
  ];
}
