import { centreDown } from "../../block";
import { type Figure, length, phrase } from "../../draft";
import { endOf, line, mapPath, reversePath } from "../../geometry";
import { bandedEdges, edgeLines, hemBand, neckBand, neckBandLength } from "../../pattern";
import { collarKind } from "../collar-kind";
import { frontOnBack, joinedNeckline } from "../joined-neckline";
import { necklineSeam, wholeNeckline } from "../neckline-seam";

/** The handle keeps off the figures half way down. */
const HANDLE_DOWN = 0.12;
const COMMON = "common practice, no source" as const;

/** The band of a cardigan: round the neck and down both front edges. */
export const band = collarKind({
  name: "Band",
  summary: "A band round the neck and down both front edges, as on a cardigan, with a band for the hem.",
  alsoCalled: "neck band ribbed",
  standsOnNeckline: false,
  needsNeck: false,
  needsWaist: true,
  frontEdge: "banded",
  groups: [{ title: "Bands", fields: ["depth", "hemDepth", "slant"] }],
  usual: {
    depth: { value: 38.1, rule: phrase`usual`, source: "from memory" },
    hemDepth: { value: 76.2, rule: phrase`${length(76.2)}; nothing for a plain hem`, source: COMMON },
    slant: { value: 9.525, rule: phrase`so that it lies round the neck`, source: "from memory" },
  },
  choices: {},
  draft: ({ block }, { depth, hemDepth, slant }) => {
    const edges = bandedEdges(block);
    const whole = neckBandLength(edges, hemDepth);
    const neck = neckBand(whole, depth, slant);
    const hem = hemDepth > 0 ? [hemBand(2 * edges.hem, hemDepth)] : [];
    const place = frontOnBack(block);
    const lower = endOf(block.front.centre);
    const belowHem = hemDepth > 0 ? line(lower, { x: lower.x, y: lower.y + hemDepth }) : [];
    const outer = neck.edges.find(({ id }) => id === "outer");
    return {
      isDrawn: true,
      title: "Bands",
      acts: [
        {
          text: phrase`Neck band: it runs round the neck, down both front edges${hemDepth > 0 ? " and past the hem band" : ""}, ${length(whole)} long before joins. Rule half of it, ${length(whole / 2)}, twice its depth of ${length(depth)} wide, and slant the seam at the centre back in to the fold by ${length(slant)}.`,
          lines: edgeLines(neck),
          figures: [neckFigure(edges, whole, hemDepth)],
          tapeCheck: phrase`Its edge measures ${length(whole / 2)}: half the back neck, the front edge${hemDepth > 0 ? " and the hem band" : ""}.`,
        },
        ...(hem.length > 0
          ? [
              {
                text: phrase`Hem band: ${length(2 * edges.hem)} long, on the fold at the centre back, and twice its depth of ${length(hemDepth)} wide. Sew it on before the neck band.`,
              },
            ]
          : []),
      ],
      cutting: {
        text: phrase`Cut the neck band as a mirrored pair. In knit, cut bands 5 to 10 in the hundred shorter than the edge, and stretch them on. Notch the band at the shoulder.`,
      },
      drawn: [neck],
      extra: hem,
      front: null,
      seams: [
        necklineSeam(
          [...joinedNeckline(block, 0), ...mapPath([...centreDown(block.front).down, ...belowHem], place)],
          reversePath(outer?.path ?? []),
          hemDepth > 0 ? "below the hem band" : "hem",
          edges.backNeck,
          {
            body: [...wholeNeckline(0), "front.frontEdge", ...(hemDepth > 0 ? ["front.belowHem"] : [])],
            part: ["neckBand.outer"],
          },
        ),
      ],
      joins: [],
      handles: [
        {
          field: "depth",
          name: "Depth of the band",
          at: { x: depth, y: whole * HANDLE_DOWN },
          value: depth,
          gain: { x: 1, y: 0 },
          isDistance: true,
        },
      ],
      joined: null,
      upperEdge: null,
      outer: null,
      turnedOver: null,
      lapel: null,
      solvers: [],
    };
  },
});

function neckFigure({ backNeck, frontEdge }: ReturnType<typeof bandedEdges>, whole: number, hemDepth: number): Figure {
  return {
    id: "band.neck",
    label: "Length of the neck band",
    value: whole,
    kind: "length",
    formula: phrase`(half back neck ${length(backNeck)} + front edge ${length(frontEdge)}) × 2 + 2 × hem band ${length(hemDepth)}`,
    rule: "Neck band of a cardigan",
    source: COMMON,
  };
}
