import type { Dimension } from "@core/draft/index";
import type { Finding } from "@core/judge/index";
import { memo } from "react";
import { PlainPath } from "../drawn";
import { toScreen, type View } from "../view";
import { SIGN_PX } from "./on-sheet";
import { anchorOf, type Placed, rectOf, segmentsOf, TEXT_HEIGHT_PX } from "./placed";
import { textWidth } from "./text-width";

type Props = {
  readonly dimension: Dimension;
  readonly placed: Placed;
  readonly view: View;
  readonly text: string;
  /** The figure with its unit, as it is read out. */
  readonly spoken: string;
  readonly isGiven: boolean;
  readonly isLit: boolean;
  readonly isOpen: boolean;
  readonly finding: Finding | null;
  readonly onOpen: (id: string) => void;
  readonly onPoint: (id: string | null) => void;
};

const WORDS = { fault: "fault", warning: "warning", note: "note" } as const;

/** A figure on the sheet: a pin at what stays, a stroke across at what the figure moves, and its words; pressed it opens. */
export const FigureMark = memo(function FigureMark(props: Props) {
  const { dimension, placed, view, text, spoken, isGiven, isLit, isOpen, finding, onOpen, onPoint } = props;
  const at = toScreen(view, anchorOf(dimension, placed.share));
  const words = { x: at.x + placed.text.x, y: at.y + placed.text.y };
  const width = textWidth(text) + (finding ? SIGN_PX : 0);
  const reach = rectOf(words, Math.max(width + 8, 28));
  const lines = segmentsOf(dimension, placed, view);
  const isDistance = dimension.place.as === "distance" && placed.line !== null;
  const [distanceLine] = isDistance ? lines : [];
  const state = dimension.types === null ? "measured" : isGiven ? "given by hand" : "usual";
  const classes = ["figure-mark", state.split(" ")[0], isLit && "lit", isOpen && "open"].filter(Boolean).join(" ");
  return (
    <g
      data-dim={dimension.id}
      data-types={dimension.types ?? undefined}
      className={classes}
      onPointerEnter={() => onPoint(dimension.id)}
      onPointerLeave={() => onPoint(null)}
    >
      {dimension.place.as === "edge" && (isLit || isOpen) && (
        <PlainPath path={dimension.place.path} view={view} className="figure-edge" />
      )}
      {lines.map(([from, to], i) => (
        <line
          // biome-ignore lint/suspicious/noArrayIndexKey: the lines of one figure have an order and no names
          key={i}
          className={isDistance && i === 0 ? "figure-line" : "figure-thread"}
          x1={from.x}
          y1={from.y}
          x2={to.x}
          y2={to.y}
        />
      ))}
      {distanceLine && <Ends from={distanceLine[0]} to={distanceLine[1]} />}
      {/* biome-ignore lint/a11y/useSemanticElements: words on the sheet cannot be a button element */}
      <g
        role="button"
        tabIndex={0}
        data-figure-button
        aria-label={`${dimension.label}, ${spoken}, ${state}${finding ? `, ${WORDS[finding.severity]}` : ""}`}
        aria-expanded={isOpen}
        onClick={() => onOpen(dimension.id)}
        onFocus={() => onPoint(dimension.id)}
        onBlur={() => onPoint(null)}
        onKeyDown={(event) => {
          if (event.key !== "Enter" && event.key !== " ") return;
          event.preventDefault();
          onOpen(dimension.id);
        }}
      >
        <rect
          className="figure-reach"
          x={reach.left}
          y={reach.top - 3}
          width={reach.right - reach.left}
          height={TEXT_HEIGHT_PX + 6}
          rx={2}
        />
        {finding && <Sign severity={finding.severity} x={words.x - width / 2 + 9} y={words.y} />}
        <text
          className="figure-words"
          transform={`translate(${words.x + (finding ? SIGN_PX / 2 : 0)} ${words.y + 5})`}
          textAnchor="middle"
        >
          {text}
        </text>
      </g>
    </g>
  );
});

type EndsProps = {
  readonly from: { readonly x: number; readonly y: number };
  readonly to: { readonly x: number; readonly y: number };
};

const STROKE_PX = 5;

function Ends({ from, to }: EndsProps) {
  const way = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [nx, ny] = [-(to.y - from.y) / way, (to.x - from.x) / way];
  return (
    <>
      <circle className="figure-pin" cx={from.x} cy={from.y} r={2.4} />
      <line
        className="figure-stroke"
        x1={to.x - nx * STROKE_PX}
        y1={to.y - ny * STROKE_PX}
        x2={to.x + nx * STROKE_PX}
        y2={to.y + ny * STROKE_PX}
      />
    </>
  );
}

/** A disc for a fault, a triangle for a warning, a ring for a note: told apart without their colours. */
function Sign({ severity, x, y }: { readonly severity: Finding["severity"]; readonly x: number; readonly y: number }) {
  const className = `figure-sign ${severity}`;
  if (severity === "warning") return <path className={className} d={`M${x} ${y - 8}L${x + 9} ${y + 7}H${x - 9}Z`} />;
  return <circle className={className} cx={x} cy={y} r={severity === "fault" ? 8 : 7} />;
}
