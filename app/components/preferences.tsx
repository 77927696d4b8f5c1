import { type InchMarks, type Tape, type TapeUnit, tapeOf } from "@core/tape/index";
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useState } from "react";
import { PANEL_NAMES, type PanelName } from "./panels";

export type Look = "light" | "dark";
export type Preferences = {
  readonly unit: TapeUnit;
  readonly look: Look;
  /** The panels beside the sheet that are folded to a rail. */
  readonly folded: readonly PanelName[];
  /** What the workroom prints on, and the initials that stand on its pieces, where it has said so. */
  readonly paper?: string | undefined;
  readonly initials?: string | undefined;
  /** How the inches of the workroom's tapes are marked. */
  readonly inchMarks?: InchMarks | undefined;
};

type Shared = Preferences & {
  readonly setUnit: (unit: TapeUnit) => void;
  readonly setLook: (look: Look) => void;
  readonly fold: (panel: PanelName, isFolded: boolean) => void;
};

const PreferencesContext = createContext<Shared | null>(null);

const ONE_YEAR_S = 31_536_000;

/** The tape unit and the look, kept in cookies so that the server already writes the page in them. */
export function PreferencesProvider({
  initial,
  children,
}: {
  readonly initial: Preferences;
  readonly children: ReactNode;
}) {
  const [unit, setUnitState] = useState(initial.unit);
  const [look, setLookState] = useState(initial.look);
  const setUnit = useCallback((next: TapeUnit) => {
    keep("gamine-unit", next);
    setUnitState(next);
  }, []);
  const setLook = useCallback((next: Look) => {
    keep("gamine-look", next);
    setLookState(next);
  }, []);
  useEffect(() => {
    document.documentElement.classList.remove("light", "dark");
    document.documentElement.classList.add(look);
    document.documentElement.style.colorScheme = look;
  }, [look]);
  const [folded, setFolded] = useState(initial.folded);
  const fold = useCallback((panel: PanelName, isFolded: boolean) => {
    setFolded((before) => {
      const next = PANEL_NAMES.filter((one) => (one === panel ? isFolded : before.includes(one)));
      keep("gamine-folded", next.join("."));
      return next;
    });
  }, []);
  const { paper, initials, inchMarks } = initial;
  const shared = useMemo(
    () => ({ unit, look, folded, paper, initials, inchMarks, setUnit, setLook, fold }),
    [unit, look, folded, paper, initials, inchMarks, setUnit, setLook, fold],
  );
  return <PreferencesContext value={shared}>{children}</PreferencesContext>;
}

function keep(name: string, value: string) {
  // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every browser yet
  document.cookie = `${name}=${value}; path=/; max-age=${ONE_YEAR_S}; samesite=lax`;
}

export function usePreferences(): Shared {
  const shared = useContext(PreferencesContext);
  if (!shared) throw new Error("usePreferences: no PreferencesProvider above");
  return shared;
}

export function useUnit(): TapeUnit {
  return usePreferences().unit;
}

/** The tape that figures are shown as: the person's unit, its inches marked as the workroom's are. */
export function useTape(): Tape {
  const { unit, inchMarks } = usePreferences();
  return tapeOf(unit, inchMarks);
}
