import { SIDES, type Side } from "../block";
import { endOf, lengthAtHeight, type Path, startOf } from "../geometry";
import { type Edge, type EdgeRun, type HalfEdges, type Join, type JoinMark, type NeckEdges, runOf } from "../pattern";
import { aboveSideDart, type BodiceBase, isStraight } from "./bodice-base";
import type { BodiceChoices } from "./choices";
import type { Levels, Panel, Panelled } from "./panel";

export function joinsOf(
  { neck, choices }: BodiceBase,
  halves: BodiceBase["halves"],
  panelled: Readonly<Record<Side, Panelled>>,
  edges: ReadonlyMap<string, readonly string[]>,
  levels: Levels,
): readonly Join[] {
  const onto = (...names: readonly string[]): readonly EdgeRun[] =>
    names.flatMap((name) => edges.get(name) ?? []).map(runOf);
  const plain = { bodyName: "front", partName: "back", marks: [] };
  return [
    {
      ...plain,
      id: "body.shoulder",
      kind: "shoulder",
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
            kind: "side" as const,
            name: "Side",
            body: onto("front.sideUpper", "front.side"),
            part: onto("back.sideUpper", "back.side"),
            from: "underarm",
            to: "hem",
            marks: levelMarks(halves.front.side, levels, ["waist", "hip"], aboveSideDart(halves.front)),
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

export function isKimono({ outer }: HalfEdges): boolean {
  return outer.some(({ role }) => role === "overarm");
}

/** Where a seam that runs down passes levels of the body, the same far along both its sides. */
function levelMarks(
  path: Path,
  levels: Levels,
  names: readonly (keyof Levels)[],
  /** What of the seam lies before this path. */
  before = 0,
): readonly JoinMark[] {
  return names.flatMap((name): readonly JoinMark[] => {
    const y = levels[name];
    if (y === null || y <= startOf(path).y || y >= endOf(path).y) return [];
    const at = before + lengthAtHeight(path, y);
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
        kind: "panel",
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
  // Between the panels lie the mouths of darts.
  const isCloth = ({ role }: Edge) => role === "seam";
  return [
    {
      id: `body.waist.${side}`,
      kind: "waist",
      name: `${side === "front" ? "Front" : "Back"} waist`,
      bodyName: "bodice",
      partName: "skirt",
      body: uppers.flatMap((panel) =>
        panel.bottom
          .filter(isCloth)
          .map(({ id }) => runOf(`-${panel.id}.${id}`))
          .reverse(),
      ),
      part: lowers.flatMap((panel) => panel.top.filter(isCloth).map(({ id }) => runOf(`${panel.id}.${id}`))),
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
      kind: "centre",
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
    // A collar that grows the front edge leaves it open but for a zip.
    ...(isSeam(front) && (front === "zip" || !halves.front.isEdgeOfCollar) ? [centre("front", front)] : []),
    ...(ofBack ? [centre("back", ofBack)] : []),
  ];
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
    name === "front.neckline"
      ? [...onto("front.gathered", name, "front.necklineInner", "front.neckGathers", "front.necklineOuter")]
          .reverse()
          .map(against)
      : [runOf(name)],
  );
  const faced = { bodyName: "bodice", partName: "facing", marks: [] };
  const centreOf = (side: Side) => panelled[side].panels.find(({ isAtCentre }) => isAtCentre)?.id ?? side;
  return [
    {
      ...faced,
      id: "body.facing.back",
      kind: "neck-facing",
      name: "Back neck and facing",
      body: ofBack,
      part: [runOf("backFacing.neckline")],
      from: "centre back",
      to: "shoulder",
    },
    {
      ...faced,
      id: "body.facing.front",
      kind: "neck-facing",
      name: "Front neck and facing",
      body: ofFront,
      part: [runOf("frontFacing.neckline")],
      from: "shoulder",
      to: "centre front",
    },
    {
      ...faced,
      id: "body.facing.edge",
      kind: "facing-edge",
      name: "Front edge and facing",
      body: [runOf(`-${centreOf("front")}.frontEdge`)],
      part: [runOf("-frontFacing.front")],
      from: "neck",
      to: "hem",
    },
    {
      ...faced,
      id: "body.facing.shoulder",
      kind: "facing-shoulder",
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
      kind: "binding",
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
      kind: "strip",
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
