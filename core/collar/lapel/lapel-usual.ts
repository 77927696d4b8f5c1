import { length, percent, phrase } from "../../draft";
import type { Usual } from "../collar-kind";
import { RULE_OF_THUMB_MM } from "../outer-edge";

/** A collar rolls ahead of a crease that is drawn through the neck point, and keeps so much of its stand there. */
const KEPT_SHARE = 0.7;

/** What every collar with a lapel is left to choose about its front and its roll; its stand has to be known before. */
export const LAPEL_USUAL = {
  beyond: {
    value: ({ buttonStand, closing }) => (closing === "zip" ? 0 : buttonStand > 0 ? buttonStand : 31.75),
    rule: phrase`the block’s button stand, or ${length(25.4)} to ${length(38.1)}; none where a zip closes it`,
    source: "common practice, no source",
  },
  buttonSpacing: { value: 101.6, rule: phrase`usual for a jacket`, source: "from memory" },
  rollAhead: {
    value: ({ figures }) => figures.height ?? 0,
    rule: phrase`two thirds to all of the stand; all of it keeps the edge as far below the neckline at the shoulder as at the centre back`,
    source: "from memory",
    when: ({ rollSchool }) => rollSchool === "ahead",
  },
  shoulderStand: {
    value: ({ choices, figures: { height = 0, rollAhead = 0 } }) =>
      choices.rollSchool === "ahead" ? Math.min(height, rollAhead) : KEPT_SHARE * height,
    rule: phrase`of the stand as much as the roll line runs ahead; where it runs through the neck point ${percent(KEPT_SHARE)}, as worn collars keep ${percent(0.6)} to ${percent(0.8)}`,
    source: "common practice, no source",
  },
  tilt: {
    value: RULE_OF_THUMB_MM,
    rule: phrase`${length(6.35)} to ${length(12.7)}`,
    source: "common practice, no source",
    when: ({ edgeBy, backCollar }) => edgeBy === "own" && backCollar !== "overlay",
  },
} as const satisfies Record<string, Usual>;
