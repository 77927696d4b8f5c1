import { length, phrase } from "../../draft";
import { endOf, line, reversePath } from "../../geometry";
import { edge, edgeLines, hemEdges, KIND, MIRRORED_PAIR, type Piece, uprightGrain } from "../../pattern";
import { foldedOver, wholeSleeve } from "../set-in";
import { type StyleBase, type StyledSleeve, sewnStyle } from "../style";

/**
 * A dropped sleeve about as wide as the armhole all the way down, gathered to a cuff. Common practice, no source.
 */
export const droppedGathered = sewnStyle({
  name: "Dropped, gathered",
  summary: "For a shoulder that reaches over the arm: hardly any cap, as wide as the armhole, gathered to a cuff.",
  usualLengthShare: 1,
  usualFinish: "cuff",
  falls: "blouse",
  opens: { crown: null, hem: "out" },
  slashes: false,
  fitting: { method: "dropped", placement: "slant", capEase: 0 },
  fields: {
    out: {
      label: "Hem wider than the cap",
      bounds: { least: -200, most: 600 },
      usual: -127,
      rule: phrase`narrower by 5 in, so that it is not bulky in the cuff`,
      source: "choice",
    },
    blouse: {
      label: "Length for the blouse",
      bounds: { least: 0, most: 200 },
      usual: 25.4,
      rule: phrase`0 to 5 in`,
      source: "common practice, no source",
    },
  },
  derive: (base, { out }): StyledSleeve => {
    const piece = wideSleeve(base, out);
    const { outline, frame } = base.sleeve;
    const width = frame.frontWidth + frame.backWidth + out;
    return {
      title: "Dropped sleeve, gathered",
      acts: [
        {
          text: phrase`From both ends of the cap line rule the sides down to the hem, ${out === 0 ? "straight" : phrase`${length(Math.abs(out) / 2)} further ${out > 0 ? "out" : "in"} there on each side`}: the hem is ${length(width)} wide before it is gathered.`,
          lines: edgeLines(piece),
        },
      ],
      caps: { front: [outline.capFront], back: [outline.capBack] },
      pieces: [piece],
      hemLength: width,
      crownRatio: null,
      handles: [],
    };
  },
});

function wideSleeve({ sleeve, turnUp }: StyleBase, out: number): Piece {
  const { outline } = sleeve;
  const level = outline.frontHem.y;
  const front = line(outline.frontEnd, { x: outline.frontEnd.x + out / 2, y: level });
  const back = line(outline.backEnd, { x: outline.backEnd.x - out / 2, y: level });
  const hem = line(endOf(front), endOf(back));
  const [overFront, overBack] = turnUp > 0 ? [foldedOver(front, turnUp), foldedOver(back, turnUp)] : [null, null];
  const turned = overFront &&
    overBack && { front: overFront, edge: line(endOf(overFront), endOf(overBack)), back: overBack };
  const edges = [
    edge("capBack", "cap", "Back cap", reversePath([outline.capBack])),
    edge("capFront", "cap", "Front cap", [outline.capFront]),
    edge("underarmFront", "underarm", "Front underarm", front),
    ...hemEdges(hem, turned),
    edge("underarmBack", "underarm", "Back underarm", reversePath(back)),
  ];
  return {
    id: "sleeve",
    kind: KIND.sleeve,
    name: "Sleeve",
    cut: MIRRORED_PAIR,
    edges,
    outline: edges.flatMap(({ path }) => path),
    folds: turned ? [hem] : [],
    darts: [],
    grain: uprightGrain(0, outline.frontEnd.y, level),
    notches: wholeSleeve(sleeve).notches,
  };
}
