import type { Draft } from "@core/draft/index";
import { boxOf, type Point, svgPathData } from "@core/geometry/index";
import { memo } from "react";
import { crowdedLetters } from "./crowded";

/** Room round the drawing for the letters, and the size of a letter, as shares of the drawing's height. */
const MARGIN = 0.1;
const LETTER = { small: 0.085, large: 0.045 } as const;

/** The drawing as far as this step, what the step adds in chalk. */
export const StepDrawing = memo(function StepDrawing({
  draft,
  upTo,
  letters,
}: {
  readonly draft: Draft;
  readonly upTo: number;
  readonly letters: keyof typeof LETTER;
}) {
  const box = boxOf(draft.lines.map((line) => line.path));
  const height = box.bottom - box.top;
  const margin = height * MARGIN;
  const letter = height * LETTER[letters];
  const steps = draft.steps.slice(0, upTo);
  const crowded = crowdedLetters(draft.points, letter * 0.9);
  return (
    <svg
      className="sheet scaled"
      role="img"
      aria-label={`The drawing after step ${upTo}`}
      viewBox={`${box.left - margin} ${box.top - margin} ${box.right - box.left + 2 * margin} ${height + 2 * margin}`}
      width="100%"
      height="100%"
    >
      {steps.map((step) => {
        const isNew = step.n === upTo ? " new" : "";
        return (
          <g key={step.n}>
            {step.lines.map((line) => (
              <path key={line.id} className={`${line.kind}${isNew}`} d={svgPathData(line.path)} />
            ))}
            {step.points.map(({ letter: name, at }) => (
              <g key={name}>
                <circle className="point" cx={at.x} cy={at.y} r={letter * 0.14} />
                <text
                  x={at.x + (isLeft(at) ? -1 : 1) * letter * 0.3}
                  y={at.y + letter * (crowded.has(name) ? 0.95 : -0.25)}
                  textAnchor={isLeft(at) ? "end" : "start"}
                  style={{ fontSize: letter, fontWeight: 600 }}
                >
                  {name}
                </text>
              </g>
            ))}
          </g>
        );
      })}
    </svg>
  );
});

/** The top of the centre line may lie close to the crown, which is lettered on its other side. */
function isLeft(at: Point): boolean {
  return at.x < 0 || (at.x === 0 && at.y === 0);
}
