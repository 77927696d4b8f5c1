import { isWriting } from "@app/components/is-writing";
import { ON_A_GARMENT } from "@app/components/keys";
import type { PanelName } from "@app/components/panels";
import { usePreferences } from "@app/components/preferences";
import { PanelLeftClose, PanelLeftOpen, PanelRightClose, PanelRightOpen } from "lucide-react";
import { type ReactNode, useEffect } from "react";
import { tinykeys } from "tinykeys";
import { usePanelsShown } from "./panels-wait";

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
};

/**
 * Figures and choices to the left, the sheet, what is said of it to the right; under each other where there is no room. Either side folds to
 * a rail, by its button or by Ctrl and an arrow, and is so again on the next visit.
 */
export function WorkColumns({ fields, fieldsName = "Choices", sheet, side }: Props) {
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
