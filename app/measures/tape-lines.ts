import type { MeasureId } from "@core/body/index";

/** How the tape lies on the figure: seen from where, in front of the body, and hidden behind it. */
export type TapeLine = {
  readonly view: "front" | "back";
  readonly seen: string;
  readonly hidden?: string;
};

/** A level girth from edge to edge: sagging a little in front, and hidden behind. */
function round(left: number, right: number, y: number, sag = 9): TapeLine {
  const middle = (left + right) / 2;
  return {
    view: "front",
    seen: `M${left} ${y}Q${middle} ${y + sag} ${right} ${y}`,
    hidden: `M${left} ${y}Q${middle} ${y - sag * 0.7} ${right} ${y}`,
  };
}

const over = (view: TapeLine["view"], seen: string): TapeLine => ({ view, seen });

const OUTER_ARM = "C151 96 156 116 158 138C160 152 161 160 162 170";
const FOREARM = "C164 190 166 208 168 226";

/** In the figure's own units. */
export const TAPE_LINES: Readonly<Record<MeasureId, TapeLine>> = {
  bust: round(68, 132, 132),
  upperBust: round(68, 132, 119, 5),
  height: over("front", "M24 14V284M18 14H30M18 284H30"),
  underbust: round(72, 128, 148),
  waist: round(78, 122, 177, 7),
  hip: round(64, 136, 226),
  neckBase: {
    view: "front",
    seen: "M89 74Q100 90 111 74",
    hidden: "M89 74Q100 66 111 74",
  },
  neck: round(92, 108, 65, 4),
  head: round(83.5, 116.5, 29, 5),
  shoulderWidth: over("back", "M60 88C72 80 84 77 100 77C116 77 128 80 140 88"),
  shoulderLength: over("front", "M112 75C121 80 132 82 140 88"),
  shoulderSlope: over("front", "M112 75H140M112 75C121 80 132 82 140 88M133 75Q136 80 135 85"),
  waistToHip: over("back", "M122 177C122 194 134 206 136 226"),
  frontCentre: over("front", "M100 81V178"),
  backWidth: over("back", "M65 106Q100 110 135 106"),
  frontWidth: over("front", "M66 107Q100 111 134 107"),
  backLength: over("back", "M100 73V177"),
  frontToBust: over("front", "M112 75Q117 104 113 132"),
  frontToUnderbust: over("front", "M112 75Q117 104 113 132Q112 140 113 148"),
  frontToWaist: over("front", "M112 75Q117 104 113 132Q111 156 112 178"),
  frontToHip: over("front", "M112 75Q117 104 113 132Q109 180 112 229"),
  bustSpan: over("front", "M87 132H113"),
  armholeGirth: {
    view: "front",
    seen: "M141 87C136 94 132 108 132 119",
    hidden: "M141 87C148 97 144 114 132 119",
  },
  armholeDepth: over("front", "M126 88H138M132 88V118M126 118H138"),
  upperArm: { view: "front", seen: "M136 130Q146 136 156 128", hidden: "M136 130Q145 124 156 128" },
  elbow: { view: "front", seen: "M144.5 172Q153 177 161.5 170", hidden: "M144.5 172Q152 166 161.5 170" },
  wrist: { view: "front", seen: "M154.5 225Q161 229 167 224", hidden: "M154.5 225Q160 221 167 224" },
  hand: { view: "front", seen: "M157 241Q164 245 170 240", hidden: "M157 241Q163 237 170 240" },
  armLength: over("front", `M140 88${OUTER_ARM}${FOREARM}`),
  shoulderToElbow: over("front", `M140 88${OUTER_ARM}`),
  neckToWrist: over("front", `M112 75C121 80 132 82 140 88${OUTER_ARM}${FOREARM}`),
  aroundShoulders: round(45, 155, 116, 10),
};
