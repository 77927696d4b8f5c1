import type { Path, Point } from "../geometry";
import type { Figure } from "./figure";
import type { Phrase } from "./phrase";

export type LetteredPoint = { readonly letter: string; readonly name: string; readonly at: Point };

export const lettered = (letter: string, name: string, at: Point): LetteredPoint => ({ letter, name, at });

export type DraftLine = {
  readonly id: string;
  readonly path: Path;
  /**
   * A seam is sewn; a guide is only there to draw by. What lies beneath is the seam of a piece under
   * another; a strip is paper that was cut apart and laid out.
   */
  readonly kind: "seam" | "beneath" | "strip" | "guide";
};

/** One act at the drawing table: a sentence, what it puts on the paper, and what the tape should then read. */
export type Step = {
  readonly n: number;
  readonly text: Phrase;
  readonly points: readonly LetteredPoint[];
  readonly lines: readonly DraftLine[];
  readonly figures: readonly string[];
  readonly tapeCheck: Phrase | null;
};

/** The recorded construction of one part: from it come the drawing, the card and every figure's reason. */
export type Draft = {
  readonly id: string;
  readonly title: string;
  readonly points: readonly LetteredPoint[];
  readonly lines: readonly DraftLine[];
  readonly steps: readonly Step[];
  readonly figures: readonly Figure[];
};

export type StepRecord = {
  readonly text: Phrase;
  readonly points?: readonly LetteredPoint[];
  readonly lines?: readonly DraftLine[];
  readonly figures?: readonly Figure[];
  readonly tapeCheck?: Phrase;
};

/** Puts the recorded acts together as a draft. Throws when a letter or a line is used twice: the card would lie. */
export function composeDraft(id: string, title: string, acts: readonly StepRecord[]): Draft {
  const points = acts.flatMap((act) => act.points ?? []);
  const lines = acts.flatMap((act) => act.lines ?? []);
  refuseRepeats(
    id,
    points.map((p) => p.letter),
  );
  refuseRepeats(
    id,
    lines.map((l) => l.id),
  );
  return {
    id,
    title,
    points,
    lines,
    figures: acts.flatMap((act) => act.figures ?? []),
    steps: acts.map((act, index) => ({
      n: index + 1,
      text: act.text,
      points: act.points ?? [],
      lines: act.lines ?? [],
      figures: (act.figures ?? []).map((figure) => figure.id),
      tapeCheck: act.tapeCheck ?? null,
    })),
  };
}

function refuseRepeats(draft: string, names: readonly string[]): void {
  const seen = new Set<string>();
  for (const name of names) {
    if (seen.has(name)) throw new Error(`composeDraft: "${name}" stands twice in the draft "${draft}"`);
    seen.add(name);
  }
}
