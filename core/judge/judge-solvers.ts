import { length, type Phrase, phrase } from "../draft";
import type { NamedSolution } from "../geometry";
import type { Finding } from "./finding";

/** What a solver looks for, and the findings that already say that it was not found. */
type Sought = { readonly station: Finding["station"]; readonly what: string; readonly saidBy: readonly string[] };

const SOUGHT: Readonly<Record<string, Sought>> = {
  cap: { station: "sleeve", what: "the cap height", saidBy: [] },
  "raglan.front": {
    station: "sleeve",
    what: "the length of the front raglan edge on the sleeve",
    saidBy: ["edges-differ"],
  },
  "raglan.back": {
    station: "sleeve",
    what: "the length of the back raglan edge on the sleeve",
    saidBy: ["edges-differ"],
  },
  "raglan.balance": {
    station: "sleeve",
    what: "the over-arm line along which front and back are of one length",
    saidBy: ["front-and-back-differ"],
  },
  "kimono.balance": {
    station: "sleeve",
    what: "the underarm at which front and back are of one length",
    saidBy: ["front-and-back-differ"],
  },
  "collar.turn": { station: "collar", what: "the bend of the stand", saidBy: [] },
  "collar.tilt": {
    station: "collar",
    what: "the outer edge that is as long as the line it lies on",
    saidBy: ["collar-rides-up", "collar-ripples"],
  },
  "collar.length": { station: "collar", what: "the length of the collar", saidBy: [] },
};

/** Whatever was looked for and not found is said, once: here where no judge has said it in its own words. */
export function judgeSolvers(solvers: readonly NamedSolution[], others: readonly Finding[]): readonly Finding[] {
  return solvers.flatMap(({ id, solution }): Finding[] => {
    const sought = SOUGHT[id] ?? { station: "block" as const, what: `the curve “${id}”`, saidBy: [] };
    if (solution.converged || others.some(({ code }) => sought.saidBy.includes(code))) return [];
    const off: Phrase = solution.residual === null ? [] : phrase` The nearest is ${length(solution.residual)} off.`;
    return [
      {
        code: "not-solved",
        severity: "warning",
        station: sought.station,
        message: phrase`With these figures ${sought.what} could not be found.${off}`,
        reason: phrase`It is drawn as near as it comes: measure it on the paper before you cut.`,
        numbers: solution.residual === null ? {} : { residual: solution.residual },
        remedies: [],
      },
    ];
  });
}
