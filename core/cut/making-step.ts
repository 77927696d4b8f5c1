import { type Phrase, phrase } from "../draft";
import type { Seam } from "../pattern";

/** A step at the machine or the iron, with the seams that it closes. */
export type MakingStep = {
  readonly id: string;
  readonly text: Phrase;
  readonly seams: readonly Seam[];
  /** What can hurt, where it belongs; always besides what the maker of tool or cloth says. */
  readonly caution: Phrase | null;
};

/** Stands wherever something is pressed. */
export const STEAM = phrase`Iron, steam and hot metal burn: keep your fingers clear, and let a pressed piece cool before you move it. Follow the instructions of the iron and of the cloth.`;
