import { chakra } from "@chakra-ui/react";
import { type MeasureId, measureOf } from "@core/body/index";
import { ARM, BACK_MARKS, BODY_HALF, FIGURE_BOX, FRONT_MARKS, HEAD } from "./figure-outline";
import { TAPE_LINES } from "./tape-lines";

const Svg = chakra("svg", { base: { display: "block", width: "100%", height: "100%" } });
const Line = chakra("path", {
  base: { fill: "none", stroke: "inkSoft", strokeWidth: "1.1px", strokeLinecap: "round" },
});
const Tape = chakra("path", { base: { fill: "none", stroke: "chalk", strokeWidth: "2.6px", strokeLinecap: "round" } });
const Word = chakra("text", { base: { fill: "inkSoft", fontSize: "9px", fontFamily: "body" } });

/** A standing body with the tape laid where this measurement is taken. */
export function BodyFigure({ id }: { readonly id: MeasureId }) {
  const tape = TAPE_LINES[id];
  const { term, howTaken } = measureOf(id);
  const marks = tape.view === "front" ? FRONT_MARKS : BACK_MARKS;
  return (
    <Svg
      viewBox={FIGURE_BOX}
      role="img"
      aria-label={`${term}, seen from the ${tape.view}. ${howTaken}`}
      data-figure-of={id}
    >
      <ellipse {...HEAD} fill="none" stroke="currentColor" strokeWidth="1.1" opacity="0.7" />
      {[undefined, "translate(200 0) scale(-1 1)"].map((mirrored) => (
        <g key={mirrored ?? "right"} transform={mirrored}>
          <Line d={BODY_HALF} />
          <Line d={ARM} />
        </g>
      ))}
      {marks.map((mark) => (
        <Line key={mark} d={mark} opacity={0.6} />
      ))}
      {tape.hidden && <Tape d={tape.hidden} strokeDasharray="3 4" opacity={0.75} />}
      <Tape d={tape.seen} />
      <Word x="22" y="18">
        from the {tape.view}
      </Word>
    </Svg>
  );
}
