import { useTape } from "@app/components/preferences";
import { type Body, MEASURING_ORDER, type MeasureId, measureOf } from "@core/body/index";
import { useState } from "react";
import { ARM, BACK_MARKS, BODY_HALF, FRONT_MARKS, HEAD } from "./figure-outline";
import { measureText } from "./measure-text";
import { TAPE_LINES, type TapeLine } from "./tape-lines";

type Props = {
  readonly taken: Body;
  /** What stands in for a measure that was not taken. */
  readonly estimated: Body;
  readonly active: MeasureId;
  readonly onChoose: (id: MeasureId) => void;
};

type Label = { readonly id: MeasureId; readonly side: "left" | "right"; readonly at: readonly [x: number, y: number] };
type PlacedLabel = Label & { readonly y: number };

const IDS = MEASURING_ORDER.flatMap(({ ids }) => ids);
const VIEWS = ["front", "back"] as const;
/** In the figure's own units: the box with room for figures on both sides, how far figures stand off each other, and where they stand. */
const BOX = "-34 4 268 290";
const APART = 10.5;
const LOWEST = 286;
const TEXT_AT = { left: 10, right: 190 } as const;

/** A body with every tape that goes round it from this side and its figure beside it; one that is pressed is the one in hand. */
export function BodyFigures({ taken, estimated, active, onChoose }: Props) {
  const tape = useTape();
  const own = TAPE_LINES[active].view;
  const [turned, setTurned] = useState<{ readonly for: MeasureId; readonly view: TapeLine["view"] } | null>(null);
  const view = turned?.for === active ? turned.view : own;
  const ids = IDS.filter((id) => TAPE_LINES[id].view === view);
  const figureOf = (id: MeasureId) => taken[id] ?? estimated[id];
  const labels = LABELS[view].filter(({ id }) => figureOf(id) !== undefined || id === active);
  return (
    <div className="body-figures">
      <fieldset className="sheet-switch" aria-label="Side of the body">
        {VIEWS.map((one) => (
          <button
            key={one}
            type="button"
            className="plain-button small"
            aria-pressed={one === view}
            onClick={() => setTurned({ for: active, view: one })}
          >
            {one === "front" ? "Front" : "Back"}
          </button>
        ))}
      </fieldset>
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing holds no form elements */}
      <svg viewBox={BOX} role="group" aria-label={`Figures on the body, seen from the ${view}`}>
        <ellipse {...HEAD} className="of-body" />
        {[undefined, "translate(200 0) scale(-1 1)"].map((mirrored) => (
          <g key={mirrored ?? "right"} transform={mirrored} className="of-body">
            <path d={BODY_HALF} />
            <path d={ARM} />
          </g>
        ))}
        {(view === "front" ? FRONT_MARKS : BACK_MARKS).map((mark) => (
          <path key={mark} d={mark} className="of-body" />
        ))}
        {ids.map((id) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the figure beside the tape is the button for keys
          <g key={id} className={id === active ? "tape lit" : "tape"} onClick={() => onChoose(id)}>
            <path className="reach" d={TAPE_LINES[id].seen} />
            <path d={TAPE_LINES[id].seen} />
            {TAPE_LINES[id].hidden && <path className="hidden" d={TAPE_LINES[id].hidden} />}
          </g>
        ))}
        {spread(labels).map(({ id, side, at: [x, y], y: lies }) => {
          const figure = figureOf(id);
          const state = taken[id] === undefined ? (figure === undefined ? "not taken" : "estimated") : "taken";
          const text = figure === undefined ? "" : measureText(id, figure, tape, { withUnit: false });
          return (
            // biome-ignore lint/a11y/useSemanticElements: a drawing holds no form elements
            <g
              key={id}
              className={`body-figure ${state === "taken" ? "given" : "usual"}${id === active ? " lit" : ""}`}
              role="button"
              tabIndex={0}
              aria-label={`${measureOf(id).term}, ${text || "no figure"}, ${state}`}
              aria-pressed={id === active}
              data-body-figure={id}
              onClick={() => onChoose(id)}
              onKeyDown={(event) => {
                if (event.key !== "Enter" && event.key !== " ") return;
                event.preventDefault();
                onChoose(id);
              }}
            >
              <path className="thread" d={`M${x} ${y}L${TEXT_AT[side]} ${lies}`} />
              <rect x={side === "left" ? -34 : 188} y={lies - APART / 2} width="46" height={APART} className="reach" />
              <text
                x={TEXT_AT[side] + (side === "left" ? -2 : 2)}
                y={lies + 2.6}
                textAnchor={side === "left" ? "end" : "start"}
              >
                {text || "–"}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}

/** Where each tape's figure is led off from: the end of the tape that lies further out. */
const LABELS: Readonly<Record<TapeLine["view"], readonly Label[]>> = {
  front: labelsOf("front"),
  back: labelsOf("back"),
};

function labelsOf(view: TapeLine["view"]): readonly Label[] {
  let lefts = 0;
  let rights = 0;
  return IDS.filter((id) => TAPE_LINES[id].view === view).map((id) => {
    const points = [...TAPE_LINES[id].seen.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(
      ([, x, y]): readonly [number, number] => [Number(x), Number(y)],
    );
    const [first = [100, 100] as const] = points;
    const last = points.at(-1) ?? first;
    const [outLeft, outRight] = first[0] <= last[0] ? [first, last] : [last, first];
    // What lies on the arm is led off on its own side; the rest go where there are fewer.
    const side = outLeft[0] > 125 || (outRight[0] > 90 && rights <= lefts) ? "right" : "left";
    if (side === "right") rights++;
    else lefts++;
    return { id, side, at: side === "left" ? outLeft : outRight };
  });
}

/** The figures of either side one under another, each as near to its tape as those above let it. */
function spread(labels: readonly Label[]): readonly PlacedLabel[] {
  return (["left", "right"] as const).flatMap((side) => {
    const own = labels.filter((one) => one.side === side).sort((a, b) => a.at[1] - b.at[1]);
    const placed: PlacedLabel[] = [];
    own.forEach((one, i) => {
      const above = placed.at(-1)?.y ?? Number.NEGATIVE_INFINITY;
      const lowest = LOWEST - (own.length - 1 - i) * APART;
      placed.push({ ...one, y: Math.min(lowest, Math.max(one.at[1], above + APART)) });
    });
    return placed;
  });
}
