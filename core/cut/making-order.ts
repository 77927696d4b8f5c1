import { length, type Phrase, phrase } from "../draft";
import type { Garment } from "../garment";
import type { Seam, SeamKind } from "../pattern";
import { finishingSteps, liningSteps } from "./finishing-steps";
import { type MakingStep, STEAM } from "./making-step";

/** The kinds of seams in the order in which they are sewn (common practice, no source): what has to lie flat is done before it is joined. */
const STAGES: readonly (readonly SeamKind[])[] = [
  ["dart"],
  ["panel"],
  ["waist"],
  ["centre", "strip"],
  ["sleeve"],
  ["raglan"],
  ["shoulder"],
  ["collar", "collar-edge"],
  ["facing-shoulder"],
  ["neck", "neck-facing", "facing-edge", "binding", "neck-band"],
  ["front-edge"],
];
/** Set flat: the sleeve goes into the open armhole, and side and underarm are closed in one seam. */
const FLAT: readonly (readonly SeamKind[])[] = [["armhole"], ["side", "underarm"]];
/** Set in the round: side and underarm first. */
const ROUND = [...FLAT].reverse();
const LAST: readonly (readonly SeamKind[])[] = [["cuff"], ["hem-band"]];

/** A cap with less ease than this is set flat, as shirts and knits are (common practice, no source). */
const FLAT_EASE_MM = 8;

/** The seams of the garment in an order in which they can be sewn, with what is done between them. */
export function makingOrder(garment: Garment): readonly MakingStep[] {
  const seams = seamsOnce(garment);
  const isFlat = isSetFlat(seams);
  const stages = [...STAGES, ...(isFlat ? FLAT : ROUND), ...LAST];
  const ordered = inSewingOrder(seams, ({ kind }) => stages.findIndex((kinds) => kinds.includes(kind)));
  return [
    ...preparing(garment),
    ...ordered.map(
      (seam): MakingStep => ({ id: seam.id, text: seamText(seam, garment, isFlat), seams: [seam], caution: null }),
    ),
    ...liningSteps(garment),
    ...finishingSteps(garment),
  ];
}

/** Each pair of edges once: a neckline that is fitted is the same seam as the one that its pieces are joined by. */
function seamsOnce({ seams, joins }: Garment): readonly Seam[] {
  const isCoveredBy = (one: Seam, other: Seam) =>
    one.kind === "neck" && other.kind === "neck" && other.bodyEdges.some((edge) => one.bodyEdges.includes(edge));
  // The joins are measured on the pieces as they are cut, and count.
  return [...seams.filter((one) => !joins.some((other) => isCoveredBy(one, other))), ...joins];
}

function isSetFlat(seams: readonly Seam[]): boolean {
  const caps = seams.filter(({ kind }) => kind === "armhole");
  return caps.length > 0 && caps.reduce((sum, { ease }) => sum + Math.max(0, ease), 0) < FLAT_EASE_MM;
}

/**
 * By their kinds; and a seam that runs over several pieces after those that join these pieces. What is left where seams wait for each
 * other stands in the order of the kinds.
 */
function inSewingOrder(seams: readonly Seam[], kindOf: (seam: Seam) => number): readonly Seam[] {
  const left = [...seams].sort((a, b) => kindOf(a) - kindOf(b));
  const ordered: Seam[] = [];
  while (left.length > 0) {
    const next = left.findIndex((seam) => joinsWanted(seam, seams).every((one) => ordered.includes(one)));
    ordered.push(...left.splice(Math.max(0, next), 1));
  }
  return ordered;
}

/** The seams that have to be closed before this one: those that join the pieces that lie one after the other along one of its sides. */
export function joinsWanted(seam: Seam, all: readonly Seam[]): readonly Seam[] {
  return [seam.bodyEdges ?? [], seam.partEdges ?? []].flatMap((edges) => {
    const pieces = edges.map((edge) => edge.replace("-", "").split(".")[0] ?? "");
    return pieces.slice(1).flatMap((to, i) => {
      const from = pieces[i] ?? to;
      if (from === to) return [];
      return all.filter((other) => other !== seam && joins(other, from, to) && !isSameKind(other, seam));
    });
  });
}

const sidesOf = ({ bodyEdges = [], partEdges = [] }: Seam) =>
  [bodyEdges, partEdges].map((edges) => new Set(edges.map((edge) => edge.replace("-", "").split(".")[0] ?? "")));

function joins(seam: Seam, a: string, b: string): boolean {
  const [one, other] = sidesOf(seam);
  return Boolean((one?.has(a) && other?.has(b)) || (one?.has(b) && other?.has(a)));
}

/** Front and back of one seam, as of an armhole, do not wait for each other; nor does a shoulder wait for what hangs below it. */
function isSameKind(other: Seam, seam: Seam): boolean {
  const isOfHead = ({ kind }: Seam) => kind === "raglan" || kind === "dart";
  return (
    other.kind === "side" ||
    (other.kind === "armhole" && seam.kind === "armhole") ||
    (isOfHead(other) && isOfHead(seam))
  );
}

function preparing({ pieces }: Garment): readonly MakingStep[] {
  const faced = pieces.filter(({ cut }) => cut.interfacing > 0);
  const darted = pieces.filter(({ darts }) => darts.length > 0);
  const names = (of: typeof pieces) => of.map(({ name }) => name.toLowerCase()).join(", ");
  return [
    {
      id: "mark",
      text: phrase`Mark every notch, dart point, button and named line on the cloth before the paper comes off, each piece with its number. Stay the necklines with a line of stitches just outside the seam.`,
      seams: [],
      caution: phrase`Scissors, cutters and pins are sharp: cut away from yourself, keep pins out of your mouth, and count them.`,
    },
    ...(faced.length === 0
      ? []
      : [
          {
            id: "interface",
            text: phrase`Fuse or baste the interfacing to: ${names(faced)}.`,
            seams: [],
            caution: phrase`Fusing is hot and gives off vapour: air the room, and go by the maker’s instructions for heat and time.`,
          },
        ]),
    ...(darted.length === 0
      ? []
      : [
          {
            id: "darts",
            text: phrase`Sew the darts of: ${names(darted)}. Run each out to nothing at its point, knot the threads, and press upright ones to the centre, level ones down.`,
            seams: [],
            caution: STEAM,
          },
        ]),
  ];
}

const SAME_MM = 0.5;
/** From this ratio on what is longer is gathered, not eased. */
const GATHERED_RATIO = 1.12;

function seamText(seam: Seam, garment: Garment, isFlat: boolean): Phrase {
  const { bodyName, partName, bodyLength, partLength, ease, name, sections } = seam;
  const isClosedOnItself = seam.bodyEdges?.join() === seam.partEdges?.join();
  const opening = isClosedOnItself
    ? phrase`${name}: join the two, ${bodyName} and ${partName}, ${length(bodyLength)}`
    : phrase`${name}: join ${bodyName} and ${partName}, ${length(bodyLength)}`;
  const isGathered = Math.max(bodyLength, partLength) > GATHERED_RATIO * Math.min(bodyLength, partLength);
  const taken: Phrase =
    Math.abs(ease) < SAME_MM
      ? phrase`, notch to notch, both of one length.`
      : ease > 0
        ? phrase`, notch to notch; the ${partName} is ${length(partLength)}, ${isGathered ? "gathered" : "eased"} in by ${length(ease)}${whereEased(sections)}.`
        : phrase`, notch to notch; the ${partName} is ${length(partLength)}, stretched by ${length(-ease)}.`;
  return phrase`${opening}${taken}${afterwards(seam, garment, isFlat)}`;
}

/** The sections in which the ease lies, where it does not lie in all. */
function whereEased(sections: Seam["sections"]): Phrase {
  const eased = sections.filter(({ ease }) => Math.abs(ease) >= SAME_MM);
  if (eased.length === 0 || eased.length === sections.length) return [];
  return phrase`, ${eased.map(({ from, to }) => `from ${from} to ${to}`).join(" and ")}`;
}

function afterwards({ kind }: Seam, { spec }: Garment, isFlat: boolean): Phrase {
  if (kind === "armhole")
    return isFlat
      ? phrase` Set it flat, before the side is closed.`
      : phrase` Pin underarm, notches and shoulder first, then share the ease out between; two rows of long stitches draw it in.`;
  if (kind === "neck")
    return phrase` Start at the centre back; clip the curve to the stitching, and no further.${spec.collar ? phrase` The ends lie where the stitching stops.` : []}`;
  if (kind === "neck-facing") return phrase` Clip the curve, turn, and stitch the facing to its own seam allowance.`;
  if (kind === "collar-edge" || kind === "front-edge")
    return phrase` Trim the layers to steps, clip, turn, and press so that the seam rolls under.`;
  return PRESSED[pressedTo(kind)];
}

/** Which way the allowances are pressed (common practice, no source). */
type Pressed = "open" | "back" | "centre" | "up" | "sleeve" | "band";

function pressedTo(kind: SeamKind): Pressed {
  switch (kind) {
    case "shoulder":
    case "facing-shoulder":
      return "back";
    case "dart":
    case "panel":
      return "centre";
    case "waist":
      return "up";
    case "armhole":
    case "raglan":
      return "sleeve";
    case "cuff":
    case "hem-band":
    case "neck-band":
    case "strip":
    case "binding":
      return "band";
    default:
      return "open";
  }
}

const PRESSED: Readonly<Record<Pressed, Phrase>> = {
  open: phrase` Press it as it was sewn, then open.`,
  back: phrase` Press it as it was sewn, then towards the back.`,
  centre: phrase` Press it as it was sewn, then towards the centre.`,
  up: phrase` Press it as it was sewn, then up.`,
  sleeve: phrase` Press it as it was sewn, then towards the sleeve.`,
  band: phrase` Press it as it was sewn, then towards the band.`,
};
