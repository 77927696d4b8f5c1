/** How the centre front closes, or does not. "band": its edge is finished by a band, as on a cardigan. */
export const FRONT_EDGES = ["fold", "seam", "buttons", "zip", "band"] as const;
export type FrontEdge = (typeof FRONT_EDGES)[number];

export const BACK_EDGES = ["fold", "seam", "zip", "slit"] as const;
export type BackEdge = (typeof BACK_EDGES)[number];

/** How a button stand is finished: with a facing of its own, folded back, turned twice, or as a strip that is sewn on. */
export const STAND_FINISHES = ["faced", "folded", "turned-twice", "strip"] as const;
export type StandFinish = (typeof STAND_FINISHES)[number];

/** Which front lies over the other. */
export const LAPS = ["right-over-left", "left-over-right"] as const;
export type Lap = (typeof LAPS)[number];

export const NECK_FINISHES = ["facing", "binding", "none"] as const;
export type NeckFinish = (typeof NECK_FINISHES)[number];

/** "none": it is finished otherwise, as under a zip front with a hood or a tape. */
export const BACK_FACINGS = ["even", "deep", "none"] as const;
export type BackFacing = (typeof BACK_FACINGS)[number];

/** "cut": apart along the princess line; "split": and the side panel split again lengthwise. */
export const PANELS = ["whole", "cut", "split"] as const;
export type Panels = (typeof PANELS)[number];

export const WAIST_SEAMS = ["none", "waist"] as const;
export type WaistSeam = (typeof WAIST_SEAMS)[number];

export const BODICE_HEMS = ["plain", "curved", "casing", "band"] as const;
export type BodiceHem = (typeof BODICE_HEMS)[number];

/** Whether front and back are cut at all; a sleeve for a measured armhole, or a collar for a measured neck, goes by itself. */
export const BODICE_CUTS = ["whole", "parts"] as const;
export type BodiceCut = (typeof BODICE_CUTS)[number];

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
