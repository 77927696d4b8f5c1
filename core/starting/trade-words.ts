/** The drafts on which words of the trade are shown. */
export type ShownDraft = "back" | "front" | "sleeve" | "collar" | "lapel";

/** A word of the trade, what else people call it, what it is, and where it lies on a draft: by the lines of the draft, or by the letter of a point. */
export type TradeWord = {
  readonly term: string;
  readonly alsoCalled: readonly string[];
  readonly says: string;
  readonly on: ShownDraft;
  readonly lines?: readonly string[];
  readonly letters?: readonly string[];
};

/** Common practice, no source. In the order of the work: block, sleeve, collar. */
export const TRADE_WORDS: readonly TradeWord[] = [
  {
    term: "Centre front",
    alsoCalled: ["middle front"],
    says: "The line down the middle of the front. Buttons lie on it, and the cloth’s grain runs along it.",
    on: "front",
    lines: ["front.centre"],
  },
  {
    term: "Centre back",
    alsoCalled: ["middle back"],
    says: "The line down the middle of the back: a fold of the cloth, or a seam.",
    on: "back",
    lines: ["back.centre"],
  },
  {
    term: "Neckline",
    alsoCalled: ["neck edge", "neck hole"],
    says: "The edge round the neck that a collar or a facing is sewn to.",
    on: "front",
    lines: ["front.neckline"],
  },
  {
    term: "Side neck point",
    alsoCalled: ["neck point", "shoulder neck point"],
    says: "Where the neckline meets the shoulder seam.",
    on: "front",
    letters: ["B"],
  },
  {
    term: "Shoulder seam",
    alsoCalled: ["shoulder line"],
    says: "The seam from the side neck point to the shoulder point.",
    on: "back",
    lines: ["back.shoulder"],
  },
  {
    term: "Shoulder point",
    alsoCalled: ["shoulder tip"],
    says: "Where the shoulder seam meets the armhole, over the end of the shoulder bone.",
    on: "back",
    letters: ["D"],
  },
  {
    term: "Armhole",
    alsoCalled: ["armscye", "scye", "arm-hook"],
    says: "The edge that the sleeve is sewn to. On the body its girth is the armscye girth.",
    on: "front",
    lines: ["front.armhole"],
  },
  {
    term: "Underarm",
    alsoCalled: ["armpit point"],
    says: "The lowest point of the armhole, where it meets the side seam.",
    on: "front",
    letters: ["J"],
  },
  {
    term: "Side seam",
    alsoCalled: ["side"],
    says: "The seam from the underarm to the hem.",
    on: "front",
    lines: ["front.sideSeam"],
  },
  {
    term: "Chest line",
    alsoCalled: ["underarm line"],
    says: "The level of the underarm. The width of the block is drawn along it.",
    on: "back",
    lines: ["back.chestLine"],
  },
  {
    term: "Waist line",
    alsoCalled: ["natural waist"],
    says: "The level of the waist string.",
    on: "back",
    lines: ["back.waistLine"],
  },
  {
    term: "Hip line",
    alsoCalled: ["seat line"],
    says: "The level of the fullest part of the hip.",
    on: "back",
    lines: ["back.hipLine"],
  },
  {
    term: "Bust point",
    alsoCalled: ["apex", "nipple point"],
    says: "The fullest point of the bust. Bust dart and princess line are drawn towards it.",
    on: "front",
    letters: ["W"],
  },
  {
    term: "Princess line",
    alsoCalled: ["princess seam", "panel seam"],
    says: "A seam that runs over the bust point and takes up the darts.",
    on: "front",
    lines: ["front.princess"],
  },
  {
    term: "Hem",
    alsoCalled: ["lower edge", "bottom"],
    says: "The edge at which the garment ends.",
    on: "front",
    lines: ["front.hem"],
  },
  {
    term: "Cap",
    alsoCalled: ["sleeve head", "sleeve crown", "sleeve top"],
    says: "The edge of the sleeve that is sewn to the armhole. What it is longer than the armhole is its ease.",
    on: "sleeve",
    lines: ["capFront", "capBack"],
  },
  {
    term: "Crown",
    alsoCalled: ["top of the cap"],
    says: "The highest point of the cap. It meets the shoulder seam.",
    on: "sleeve",
    letters: ["E"],
  },
  {
    term: "Cap line",
    alsoCalled: ["biceps line", "underarm line of the sleeve"],
    says: "The level line under the cap. The sleeve is as wide there as the upper arm and its ease.",
    on: "sleeve",
    lines: ["capLine"],
  },
  {
    term: "Cap height",
    alsoCalled: ["head height", "crown height"],
    says: "From the cap line up to the crown. A high cap hangs smoothly; a low one lets the arm be raised.",
    on: "sleeve",
    letters: ["B", "E"],
  },
  {
    term: "Slant",
    alsoCalled: ["cap diagonal"],
    says: "The straight line from the end of the cap line to the crown, along which the cap is drawn.",
    on: "sleeve",
    lines: ["slantFront", "slantBack"],
  },
  {
    term: "Notch",
    alsoCalled: ["balance mark", "nick"],
    says: "A mark on both sides of a seam. One means front, two mean back.",
    on: "sleeve",
    letters: ["T", "U", "V"],
  },
  {
    term: "Underarm seam",
    alsoCalled: ["sleeve seam"],
    says: "The seam along the inside of the arm.",
    on: "sleeve",
    lines: ["underarmFront", "underarmBack"],
  },
  {
    term: "Elbow line",
    alsoCalled: ["elbow level"],
    says: "The level of the bent elbow. A dart or the bend of a two-piece sleeve lies on it.",
    on: "sleeve",
    lines: ["elbowLine"],
  },
  {
    term: "Stand",
    alsoCalled: ["collar stand", "collar band"],
    says: "The part of a collar that stands up at the neck.",
    on: "collar",
    lines: ["collarStand.centreBack", "collarStand.neck", "collarStand.upper", "collarStand.front"],
  },
  {
    term: "Fall",
    alsoCalled: ["collar leaf", "cape of the collar"],
    says: "The part of a collar that turns down over the stand. It is longer than the stand, and covers the neck seam.",
    on: "collar",
    lines: ["collar.centreBack", "collar.neck", "collar.front", "collar.outer"],
  },
  {
    term: "Collar point",
    alsoCalled: ["collar tip"],
    says: "The corner of the fall in front.",
    on: "collar",
    letters: ["H"],
  },
  {
    term: "Outer edge",
    alsoCalled: ["style line", "collar edge"],
    says: "The free edge of a collar. It has to be as long as the line that it lies on.",
    on: "lapel",
    lines: ["collar.outer"],
  },
  {
    term: "Lapel",
    alsoCalled: ["revers", "rever"],
    says: "The part of the front that turns back.",
    on: "lapel",
    lines: ["front.lapelNotch", "front.centre"],
  },
  {
    term: "Roll line",
    alsoCalled: ["crease line", "break line"],
    says: "The line along which lapel and collar turn over.",
    on: "lapel",
    lines: ["roll", "roll.on"],
  },
  {
    term: "Break point",
    alsoCalled: ["turn of the lapel"],
    says: "Where the roll line begins at the front edge, over the first button.",
    on: "lapel",
    letters: ["B"],
  },
  {
    term: "Gorge",
    alsoCalled: ["gorge seam"],
    says: "The seam that joins the collar to the lapel.",
    on: "lapel",
    lines: ["front.gorge"],
  },
  {
    term: "Collar notch",
    alsoCalled: ["lapel notch"],
    says: "The corner between collar and lapel.",
    on: "lapel",
    letters: ["H"],
  },
  {
    term: "Facing",
    alsoCalled: ["inside front"],
    says: "What lies behind the edge of the front and shows where the lapel turns back.",
    on: "lapel",
    lines: ["facing.inner"],
  },
];
