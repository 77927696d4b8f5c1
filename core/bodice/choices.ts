/** How the centre front closes, or does not. "band": its edge is finished by a band, as on a cardigan. */
export type FrontEdge = "fold" | "seam" | "buttons" | "zip" | "band";

export type BackEdge = "fold" | "seam" | "zip" | "slit";

/** How a button stand is finished: with a facing of its own, folded back, turned twice, or as a strip that is sewn on. */
export type StandFinish = "faced" | "folded" | "turned-twice" | "strip";

/** Which front lies over the other. */
export type Lap = "right-over-left" | "left-over-right";

export type NeckFinish = "facing" | "binding" | "none";

/** "none": it is finished otherwise, as under a zip front with a hood or a tape. */
export type BackFacing = "even" | "deep" | "none";

/** "cut": apart along the princess line; "split": and the side panel split again lengthwise. */
export type Panels = "whole" | "cut" | "split";

export type WaistSeam = "none" | "waist";

export type BodiceHem = "plain" | "curved" | "casing" | "band";

/** Whether front and back are cut at all; a sleeve for a measured armhole, or a collar for a measured neck, goes by itself. */
export type BodiceCut = "whole" | "parts";

/** Everything that turns two halves of a block into the pieces of a bodice, every default taken. Millimetres. */
export type BodiceChoices = {
  readonly cut: BodiceCut;
  readonly front: FrontEdge;
  /** What was chosen for it, also where a lapel or a band makes it otherwise. */
  readonly frontAsked: FrontEdge | null;
  readonly back: BackEdge;
  /** Beyond the centre front; 0 where it does not button. */
  readonly stand: number;
  readonly standFinish: StandFinish;
  /** How far a collar runs on along the top of the stand, where that was typed. */
  readonly collarBeyond: number | null;
  readonly neck: NeckFinish;
  readonly facingWidth: number;
  readonly backFacing: BackFacing;
  readonly panels: Panels;
  readonly waistSeam: WaistSeam;
  /** At the hem, on each side of every seam but not at the centres. */
  readonly flare: number;
  readonly hem: BodiceHem;
  /** How much higher a curved hem lies at the side. */
  readonly hemRise: number;
  /** Of a band, finished; of what a plain hem is turned up by, drawn only where it is given. */
  readonly hemDepth: number;
  readonly hemElastic: number;
  /** The girth that an elastic in the hem lies round, and what it is shorter by. */
  readonly hemGirth: number;
  readonly hemElasticLess: number;
  readonly lap: Lap;
  /** Is there a button on the stand of the collar, above those of the front? */
  readonly hasStandButton: boolean;
  readonly buttonSize: number;
  readonly buttonSpacing: number;
  /** How long a slit at the centre back is. */
  readonly slit: number;
  /** Knit is stretched on: bands and bindings are cut shorter. */
  readonly isKnit: boolean;
};

/** How wide the stand is drawn: a collar that runs on further than was asked needs it wider. */
export function standWidth({ stand, collarBeyond }: Pick<BodiceChoices, "stand" | "collarBeyond">): number {
  return Math.max(stand, collarBeyond ?? 0);
}
