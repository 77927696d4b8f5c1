import { isWriting } from "@app/components/is-writing";
import { ON_A_GARMENT } from "@app/components/keys";
import type { PanelName } from "@app/components/panels";
import { usePreferences } from "@app/components/preferences";
import { NARROW, useNarrow } from "@app/components/use-narrow";
import { ChevronDown, ChevronUp, PanelLeftClose, PanelLeftOpen, PanelRightClose, PanelRightOpen } from "lucide-react";
import { type PointerEvent, type ReactNode, useEffect, useRef, useState } from "react";
import { tinykeys } from "tinykeys";
import { usePanelsShown } from "./panels-wait";
import { UndoButtons } from "./undo-buttons";

type Side = {
  readonly panel: Exclude<PanelName, "fields">;
  /** What its rail is called. */
  readonly name: string;
  /** What the rail says while it is folded, beside its name. */
  readonly rail?: ReactNode;
  readonly content: ReactNode;
};

type Props = {
  readonly fields: ReactNode;
  readonly fieldsName?: string;
  readonly sheet: ReactNode;
  readonly side: Side | null;
  /** What is on the sheet is only looked at while the fields are filled in: they stand under it as on any page. */
  readonly isForm?: boolean;
};

/**
 * Figures and choices to the left, the sheet, what is said of it to the right. Either side folds to a rail, by its button or by Ctrl and an
 * arrow, and is so again on the next visit. Where there is no room beside the sheet one of them at a time comes up from below it.
 */
export function WorkColumns({ isForm = false, ...props }: Props) {
  const isNarrow = useNarrow(NARROW);
  return isNarrow && !isForm ? <PanelsBelow {...props} /> : <PanelsBeside {...props} isForm={isForm} />;
}

function PanelsBeside({ fields, fieldsName = "Choices", sheet, side, isForm = false }: Props) {
  const areShown = usePanelsShown();
  const { folded, fold } = usePreferences();
  const isLeftFolded = folded.includes("fields");
  const isRightFolded = side === null || folded.includes(side.panel);
  const rightPanel = side?.panel;
  useEffect(() => {
    const outside = (act: () => void) => (event: KeyboardEvent) => {
      if (isWriting(event.target)) return;
      event.preventDefault();
      act();
    };
    return tinykeys(window, {
      [ON_A_GARMENT.foldLeft.press]: outside(() => fold("fields", !isLeftFolded)),
      [ON_A_GARMENT.foldRight.press]: outside(() => rightPanel && fold(rightPanel, !isRightFolded)),
    });
  }, [fold, isLeftFolded, isRightFolded, rightPanel]);
  return (
    <div
      className="work-columns"
      data-form={isForm || undefined}
      data-left={isLeftFolded ? "folded" : "open"}
      data-right={side === null ? "none" : isRightFolded ? "folded" : "open"}
    >
      <div className="work-panel" data-fields>
        <Fold
          name={fieldsName}
          isFolded={isLeftFolded}
          icons={[PanelLeftOpen, PanelLeftClose]}
          keys="Ctrl ←"
          onFold={(isFolded) => fold("fields", isFolded)}
        />
        {areShown && !isLeftFolded && <div className="work-panel-content">{fields}</div>}
      </div>
      <div className="work-sheet">{sheet}</div>
      {side && (
        <div className="work-panel" data-side>
          <Fold
            name={side.name}
            isFolded={isRightFolded}
            icons={[PanelRightOpen, PanelRightClose]}
            keys="Ctrl →"
            onFold={(isFolded) => fold(side.panel, isFolded)}
          >
            {isRightFolded && areShown && side.rail}
          </Fold>
          {areShown && !isRightFolded && <div className="work-panel-content">{side.content}</div>}
        </div>
      )}
    </div>
  );
}

type FoldProps = {
  readonly name: string;
  readonly isFolded: boolean;
  readonly icons: readonly [typeof PanelLeftOpen, typeof PanelLeftOpen];
  readonly keys: string;
  readonly onFold: (isFolded: boolean) => void;
  readonly children?: ReactNode;
};

/** The head of a panel, or all that is left of it. */
function Fold({ name, isFolded, icons: [Open, Close], keys, onFold, children }: FoldProps) {
  const Icon = isFolded ? Open : Close;
  return (
    <button
      type="button"
      className="panel-fold"
      aria-expanded={!isFolded}
      title={`${isFolded ? "Open" : "Fold"} (${keys})`}
      onClick={() => onFold(!isFolded)}
    >
      <Icon size={16} aria-hidden />
      <span>{name}</span>
      {children}
    </button>
  );
}

/** How much of the window a panel from below takes: under half of it, or nearly all. */
type Height = "half" | "full";
type Below = { readonly panel: "fields" | "side"; readonly height: Height };
/** A finger that moves farther pulls; one that does not presses. */
const PULL_PX = 24;

/** The sheet, under it a row with the names of both panels, and the one that was chosen below that. */
function PanelsBelow({ fields, fieldsName = "Choices", sheet, side }: Props) {
  const areShown = usePanelsShown();
  const [below, setBelow] = useState<Below | null>(null);
  const pulledFrom = useRef<number | null>(null);
  const toggle = (panel: Below["panel"]) => setBelow(below?.panel === panel ? null : { panel, height: "half" });
  const pull = (isUp: boolean) => {
    if (isUp) setBelow(below ? { ...below, height: "full" } : { panel: "fields", height: "half" });
    else setBelow(below?.height === "full" ? { ...below, height: "half" } : null);
  };
  const letGo = (event: PointerEvent) => {
    const from = pulledFrom.current;
    pulledFrom.current = null;
    if (from === null || Math.abs(event.clientY - from) < PULL_PX) return;
    pull(event.clientY < from);
  };
  return (
    <div className="work-columns below" data-below={below?.panel ?? "none"} data-height={below?.height}>
      <div className="work-sheet">{sheet}</div>
      <div
        className="panel-row not-printed"
        onPointerDown={(event) => {
          pulledFrom.current = event.pointerType === "mouse" ? null : event.clientY;
        }}
        onPointerUp={letGo}
        onPointerCancel={() => {
          pulledFrom.current = null;
        }}
      >
        <button
          type="button"
          className="panel-fold"
          aria-expanded={below?.panel === "fields"}
          onClick={() => toggle("fields")}
        >
          <span>{fieldsName}</span>
        </button>
        {side && (
          <button
            type="button"
            className="panel-fold"
            aria-expanded={below?.panel === "side"}
            onClick={() => toggle("side")}
          >
            <span>{side.name}</span>
            {areShown && side.rail}
          </button>
        )}
        <UndoButtons />
        {below && (
          <button
            type="button"
            className="panel-fold"
            aria-label={below.height === "half" ? "Make the panel taller" : "Make the panel lower"}
            onClick={() => pull(below.height === "half")}
          >
            {below.height === "half" ? <ChevronUp size={18} aria-hidden /> : <ChevronDown size={18} aria-hidden />}
          </button>
        )}
      </div>
      {areShown && below && (
        <div
          className="work-panel"
          data-fields={below.panel === "fields" || undefined}
          data-side={below.panel === "side" || undefined}
        >
          <div className="work-panel-content">{below.panel === "fields" ? fields : side?.content}</div>
        </div>
      )}
    </div>
  );
}
