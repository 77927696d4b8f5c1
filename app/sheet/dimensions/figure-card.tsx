import { Sentence } from "@app/components/length-text";
import { useTape, useUnit } from "@app/components/preferences";
import { RemedyButton } from "@app/work/remedy-button";
import { setAtPath } from "@app/work/spec-path";
import { useLengthBox } from "@app/work/use-length-box";
import { useWork, useWorkStore } from "@app/work/work-context";
import { type Dimension, speak } from "@core/draft/index";
import { type Garment, sketchGarment } from "@core/garment/index";
import type { Finding } from "@core/judge/index";
import { formatForTyping, formatLength, graduationMm, parseLength } from "@core/tape/index";
import { ChevronLeft, ChevronRight, Minus, Plus, X } from "lucide-react";
import { type KeyboardEvent, useEffect, useId, useRef, useState } from "react";
import { UsualTape } from "./usual-tape";

type Props = {
  readonly dimension: Dimension;
  /** In reading order: the next and the previous are found here. */
  readonly dimensions: readonly Dimension[];
  readonly finding: Finding | null;
  /** Where it lies on the sheet, off its figure. */
  readonly place: { readonly left: number; readonly top: number; readonly maxHeight: number };
  readonly onOpen: (id: string) => void;
  readonly onClose: () => void;
};

/** One figure, opened where it stands: its box, what is usual, what it changes, and whose rule it is. */
export function FigureCard({ dimension, dimensions, finding, place, onOpen, onClose }: Props) {
  const card = useRef<HTMLDivElement>(null);
  const title = useId();
  const typed = dimensions.filter(({ types }) => types !== null);
  const at = typed.findIndex(({ id }) => id === dimension.id);
  const go = (by: number) => {
    const next = typed[(at + by + typed.length) % typed.length];
    if (next) onOpen(next.id);
  };
  const { id } = dimension;
  useEffect(() => {
    const box = card.current?.querySelector<HTMLInputElement>("input");
    (box ?? card.current?.querySelector<HTMLElement>("button"))?.focus({ preventScroll: true });
    box?.select();
    return () => {
      // Closed, the focus is again where the figure is; opened at another it is already there.
      requestAnimationFrame(() => {
        if (document.activeElement === document.body || document.activeElement === null)
          document.querySelector<SVGElement>(`[data-dim="${CSS.escape(id)}"] [data-figure-button]`)?.focus();
      });
    };
  }, [id]);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape") onClose();
    else if (event.key === "Enter" && event.target instanceof HTMLInputElement) go(event.shiftKey ? -1 : 1);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div
      ref={card}
      className="figure-card"
      role="dialog"
      aria-labelledby={title}
      data-card={dimension.id}
      style={place}
      onKeyDown={onKeyDown}
    >
      <div className="figure-card-head">
        <h2 id={title}>{dimension.label}</h2>
        <button type="button" aria-label="Close" onClick={onClose}>
          <X size={16} aria-hidden />
        </button>
      </div>
      {finding && <CardFinding finding={finding} />}
      {dimension.types === null ? (
        <Measured dimension={dimension} />
      ) : (
        <TypedFigure dimension={dimension} path={dimension.types} isShort={finding !== null} />
      )}
      {typed.length > 1 && dimension.types !== null && (
        <div className="figure-card-foot">
          <button type="button" onClick={() => go(-1)}>
            <ChevronLeft size={16} aria-hidden /> Previous
          </button>
          <button type="button" onClick={() => go(1)}>
            Next <ChevronRight size={16} aria-hidden />
          </button>
        </div>
      )}
    </div>
  );
}

function CardFinding({ finding }: { readonly finding: Finding }) {
  return (
    <div className={`figure-card-finding ${finding.severity}`} data-card-finding={finding.code}>
      <p>
        <Sentence words={finding.message} />
      </p>
      <p className="soft">
        <Sentence words={finding.reason} />
      </p>
      {finding.remedies.map((remedy) => (
        <RemedyButton key={remedy.id} {...remedy} />
      ))}
    </div>
  );
}

/** A figure that nobody types: what it is and where it comes from. */
function Measured({ dimension }: { readonly dimension: Dimension }) {
  const tape = useTape();
  const figure = useWork((work) => work.garment.figures.find(({ id }) => id === dimension.id));
  return (
    <>
      <p className="figure-card-value">{formatLength(dimension.value, tape)}</p>
      <p className="soft">
        {figure ? `= ${speak(figure.formula, tape)}. ${figure.rule} · ${figure.source}` : "Measured on the draft."}
      </p>
    </>
  );
}

type TypedProps = { readonly dimension: Dimension; readonly path: string; readonly isShort: boolean };

function TypedFigure({ dimension, path, isShort }: TypedProps) {
  const { field, given, box } = useLengthBox(path);
  const store = useWorkStore();
  const [unit, tape] = [useUnit(), useTape()];
  const taken = useWork((work) => work.garment.defaults.find((one) => one.path === path));
  const usual = useUsual(path);
  const now = given ?? usual;
  const step = (way: 1 | -1) => {
    const written = parseLength(box.value, unit);
    const from = written.ok ? written.mm : (now ?? 0);
    const to = Math.min(field.bounds.most, Math.max(field.bounds.least, from + way * graduationMm(tape)));
    box.onText(formatForTyping(to, unit));
  };
  const name = useId();
  return (
    <>
      <label className="figure-card-label" htmlFor={name}>
        {field.label === dimension.label ? "" : field.label}
      </label>
      <div className="figure-card-box" data-problem={box.problem !== undefined}>
        <button type="button" tabIndex={-1} aria-label="Less by one graduation" onClick={() => step(-1)}>
          <Minus size={18} aria-hidden />
        </button>
        <input
          id={name}
          name={`sheet.${path}`}
          aria-label={field.label}
          value={box.value}
          placeholder={now === null ? "" : formatLength(now, tape, { withUnit: false })}
          autoComplete="off"
          enterKeyHint="next"
          onChange={(event) => box.onText(event.currentTarget.value)}
          onFocus={box.onBegin}
          onBlur={box.onEnd}
          onKeyDown={(event) => {
            if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
            event.preventDefault();
            step(event.key === "ArrowUp" ? 1 : -1);
          }}
        />
        <span aria-hidden>{unit}</span>
        <button type="button" tabIndex={-1} aria-label="More by one graduation" onClick={() => step(1)}>
          <Plus size={18} aria-hidden />
        </button>
      </div>
      {box.problem && (
        <p role="alert" className="figure-card-problem">
          {box.problem}
        </p>
      )}
      {field.range && <UsualTape range={field.range} usual={usual} now={now} />}
      {!isShort && <Effect path={path} now={now} />}
      {taken ? (
        <p className="soft">
          {speak(taken.rule, tape)} · {taken.source}
        </p>
      ) : (
        given !== null && (
          <button
            type="button"
            className="figure-card-usual"
            onClick={() => store.getState().setField(path, undefined)}
          >
            {usual === null ? "Take what is usual" : `Take ${formatLength(usual, tape)}, as is usual`}
          </button>
        )
      )}
    </>
  );
}

/** What stands for the field while it is left open: as the draft took it, or would take it. Null while that is worked out, and where nothing does. */
function useUsual(path: string): number | null {
  const taken = useWork((work) => work.garment.defaults.find((one) => one.path === path)?.value);
  const spec = useWork((work) => work.spec);
  const store = useWorkStore();
  const [found, setFound] = useState<number | null>(null);
  useEffect(() => {
    if (taken !== undefined) return;
    const timer = setTimeout(() => {
      const { garment } = store.getState();
      const open = sketchGarment(setAtPath(spec, path, undefined), garment);
      const left = open.defaults.find((one) => one.path === path)?.value;
      setFound(typeof left === "number" ? left : null);
    }, CALM_MS);
    return () => clearTimeout(timer);
  }, [taken, spec, path, store]);
  return typeof taken === "number" ? taken : found;
}

/** Worked out beside the typing, not between two of its letters. */
const CALM_MS = 200;

type Change = { readonly id: string; readonly label: string; readonly before: number; readonly after: number };

/** A change that no tape shows is not worth a line. */
const SEEN_MM = 0.4;
const MOST_CHANGES = 3;

/** What a graduation more would change, until something is typed; then what has changed since the card was opened. */
function Effect({ path, now }: { readonly path: string; readonly now: number | null }) {
  const store = useWorkStore();
  const tape = useTape();
  const [opened] = useState(() => ({ spec: store.getState().spec, garment: store.getState().garment }));
  const garment = useWork((work) => work.garment);
  const [ahead, setAhead] = useState<readonly Change[]>([]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what a graduation more changes is worked out once, as the card opens
  useEffect(() => {
    if (now === null) return;
    const timer = setTimeout(() => {
      const more = sketchGarment(setAtPath(opened.spec, path, now + graduationMm(tape)), opened.garment);
      setAhead(changesOf(opened.garment, more));
    });
    return () => clearTimeout(timer);
  }, [opened, path, tape]);
  const isTyped = garment !== opened.garment;
  const changes = isTyped ? changesOf(opened.garment, garment) : ahead;
  if (changes.length === 0) return null;
  return (
    <div className="figure-card-effect">
      <p>{isTyped ? "Since opened" : `${formatLength(graduationMm(tape), tape)} more`}</p>
      <dl>
        {changes.map(({ id, label, before, after }) => (
          <div key={id}>
            <dt>{label}</dt>
            <dd>
              {formatLength(before, tape, { withUnit: false })} → {formatLength(after, tape, { withUnit: false })}
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}

/** The figures that changed most, each by its share of itself. */
function changesOf(before: Garment, after: Garment): readonly Change[] {
  const found = before.figures.flatMap(({ id, label, kind, value }): readonly Change[] => {
    const now = after.figures.find((one) => one.id === id);
    if (kind !== "length" || !now || Math.abs(now.value - value) < SEEN_MM) return [];
    return [{ id, label, before: value, after: now.value }];
  });
  return found.sort((a, b) => Math.abs(b.after - b.before) - Math.abs(a.after - a.before)).slice(0, MOST_CHANGES);
}
