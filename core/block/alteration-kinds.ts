import { INCH_MM } from "../tape";
import { BODY_ALTERATION_KINDS, type BodyAlterationKind } from "./fitted/alter-task";
import type { Block } from "./half";

export type { BodyAlterationKind };

/** What is altered on the drawn block, whatever it was made from. */
const DRAWN_ALTERATION_KINDS = [
  "lower-armhole",
  "move-armhole-out",
  "widen-neckline",
  "deepen-front-neck",
  "deepen-back-neck",
  "raise-shoulder-point",
  "shoulder-dart-to-armhole",
  "back-shoulder-dart-to-armhole",
  "take-out-ease",
] as const;
export type DrawnAlterationKind = (typeof DRAWN_ALTERATION_KINDS)[number];

/** What can be done to a block before the sleeve or the collar, each undone by taking it out of the list again. */
export const ALTERATION_KINDS = [...DRAWN_ALTERATION_KINDS, ...BODY_ALTERATION_KINDS] as const;
export type AlterationKind = DrawnAlterationKind | BodyAlterationKind;

type Alters<Kind extends AlterationKind> = { readonly kind: Kind; readonly by: number };
export type DrawnAlteration = Alters<DrawnAlterationKind>;
export type BodyAlteration = Alters<BodyAlterationKind>;
/** One alteration by an amount in millimetres; moving a dart takes all of it for 0. Negative only where its name says what a minus does. */
export type Alteration = Alters<AlterationKind>;

const OF_BODY: readonly string[] = BODY_ALTERATION_KINDS;
/** Is it made on the figures that a block is solved from, or on the drawn block? */
export const isOfBody = (one: Alteration): one is BodyAlteration => OF_BODY.includes(one.kind);
export const isOfDrawing = (one: Alteration): one is DrawnAlteration => !OF_BODY.includes(one.kind);

export type CurveLengths = {
  readonly frontArmhole: number;
  readonly backArmhole: number;
  readonly frontNeckline: number;
  readonly backNeckline: number;
};

export type AlterationTaken = Alteration & {
  readonly before: CurveLengths;
  readonly after: CurveLengths;
  /** What a dart that was moved into the armhole opens there; null for everything else. */
  readonly opening: number | null;
  /** Why it was left out; null when it was made. */
  readonly leftOut: "no-dart" | "curves-cross" | "nothing-left" | "not-solved" | "no-block" | "one-way" | null;
};

export function curveLengths({ front, back }: Block): CurveLengths {
  return {
    frontArmhole: front.armhole.length,
    backArmhole: back.armhole.length,
    frontNeckline: front.neckline.length,
    backNeckline: back.neckline.length,
  };
}

type Names = { readonly name: string; readonly says: string; readonly usual: number; readonly isTwoWay: boolean };

const oneWay = (name: string, says: string, usual: number): Names => ({ name, says, usual, isTwoWay: false });
const twoWay = (name: string, says: string, usual: number): Names => ({ name, says, usual, isTwoWay: true });

/** The trade's names, what each does, and a sensible first amount in millimetres (common practice, no source). */
export const ALTERATIONS: Readonly<Record<AlterationKind, Names>> = {
  "lower-armhole": twoWay(
    "Lower the armhole",
    "The underarm moves down, front and back alike. With a minus it moves up.",
    INCH_MM / 2,
  ),
  "move-armhole-out": twoWay(
    "Move the armhole out",
    "The underarm moves out at the side seam. With a minus it moves in.",
    INCH_MM / 4,
  ),
  "widen-neckline": oneWay("Widen the neckline", "The side neck point moves along the shoulder.", INCH_MM / 2),
  "deepen-front-neck": oneWay("Deepen the front neck", "The neck moves down at the centre front.", INCH_MM / 2),
  "deepen-back-neck": oneWay("Deepen the back neck", "The neck moves down at the centre back.", INCH_MM / 4),
  "raise-shoulder-point": oneWay(
    "Raise the shoulder point",
    "Room for a shoulder pad: the armhole gets longer.",
    (3 * INCH_MM) / 8,
  ),
  "shoulder-dart-to-armhole": oneWay(
    "Move the shoulder dart into the armhole",
    "The dart is closed at the shoulder, all of it or so much, and opens in the armhole.",
    0,
  ),
  "back-shoulder-dart-to-armhole": oneWay(
    "Move the back shoulder dart into the armhole",
    "The back’s dart is closed at the shoulder, all of it or so much, and left in the armhole as ease.",
    0,
  ),
  "take-out-ease": oneWay("Take ease out for knit", "Each quarter is narrowed at the side.", INCH_MM / 2),
  "bust-fullness": twoWay(
    "Fullness of the bust",
    "Each half gets wider through the bust point; the dart and the front length follow. With a minus it gets flatter.",
    INCH_MM / 2,
  ),
  "shoulder-height": twoWay(
    "Height of the shoulder",
    "The shoulder point moves up, for square shoulders, and the underarm with it. With a minus it moves down, for sloping ones.",
    (3 * INCH_MM) / 8,
  ),
  "front-armhole-gape": oneWay(
    "Close a front armhole that gapes",
    "The front armhole gets shorter, and the bust dart takes up what is closed.",
    (3 * INCH_MM) / 8,
  ),
  "back-length": twoWay(
    "Length of the back over the shoulder blades",
    "The back gets longer, for a round back. With a minus it gets shorter, for an erect one.",
    (3 * INCH_MM) / 8,
  ),
  "across-back": twoWay(
    "Width across the back",
    "Each half gets wider at half the depth of the armhole; the underarm stays. With a minus it gets narrower.",
    INCH_MM / 4,
  ),
  "across-front": twoWay(
    "Width across the front",
    "Each half gets wider at half the depth of the armhole; the underarm stays. With a minus it gets narrower.",
    INCH_MM / 4,
  ),
  "back-waist-rise": oneWay(
    "Take up a sway back",
    "The centre back gets shorter at the waist, to nothing at the side.",
    INCH_MM / 2,
  ),
  "front-hem": twoWay(
    "Length of the centre front",
    "The hem moves down at the centre front, to nothing at the side. With a minus it moves up.",
    INCH_MM / 2,
  ),
  "side-seam": twoWay(
    "Place of the side seam",
    "The side seam moves forward; what the front loses the back gains. With a minus it moves back.",
    (3 * INCH_MM) / 8,
  ),
  "waist-room": twoWay(
    "Room at the waist",
    "Each quarter gets wider at the waist. With a minus it gets narrower.",
    INCH_MM / 4,
  ),
  "hip-room": twoWay(
    "Room at the hip",
    "Each quarter gets wider at the hip. With a minus it gets narrower.",
    INCH_MM / 4,
  ),
  "shoulder-seam": twoWay(
    "Place of the shoulder seam",
    "The shoulder seam moves forward at its point, and the crown of the sleeve with it. With a minus it moves back.",
    (3 * INCH_MM) / 8,
  ),
  "bust-point": twoWay(
    "Place of the bust point",
    "Bust point, darts and panel lines move down. With a minus they move up.",
    INCH_MM / 2,
  ),
  "waist-level": twoWay(
    "Length above the waist",
    "The waist and all below it move down. With a minus they move up.",
    INCH_MM / 2,
  ),
};
