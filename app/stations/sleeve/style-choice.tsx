import { useTape } from "@app/components/preferences";
import { EmptyStation } from "@app/work/empty-station";
import { KindChoice, KindShelf } from "@app/work/kind-choice";
import type { Kinds } from "@app/work/use-kind-pictures";
import { wordsText } from "@app/work/words-text";
import { useWork, useWorkStore } from "@app/work/work-context";
import { SLEEVE_KINDS, type SleeveKind, styleOf } from "@core/sleeve/index";
import { optionName } from "@core/spec/index";
import type { Tape } from "@core/tape/index";

const NO_SLEEVE = "none";
type SleeveOrNone = SleeveKind | typeof NO_SLEEVE;
const STYLES_DRAWN: Kinds<SleeveOrNone> = {
  all: SLEEVE_KINDS,
  specOf: (spec, kind) => ({ ...spec, sleeve: kind === NO_SLEEVE ? null : { kind }, collar: null }),
  piecesOf: ({ sleeve }) => sleeve?.drawn ?? [],
};

const namesOf = (tape: Tape) =>
  SLEEVE_KINDS.map((one) => ({ value: one, label: wordsText(optionName("sleeve.kind", one) ?? one, tape) }));

/** The sheet of a garment without a sleeve: each that could be there, fitted to its armhole. */
export function NoSleeve() {
  const store = useWorkStore();
  return (
    <EmptyStation station="sleeve" why="No sleeve is chosen. Each of these is fitted to this block’s armhole:">
      <KindShelf<SleeveOrNone>
        name="sleeve.kind.shelf"
        label="Style of sleeve"
        value={NO_SLEEVE}
        options={namesOf(useTape())}
        kinds={STYLES_DRAWN}
        onChoose={(kind) => kind !== NO_SLEEVE && store.getState().setField("sleeve", { kind })}
      />
    </EmptyStation>
  );
}

/** Which sleeve is made of the fitted one. The lengths of a style are kept while another is tried. */
export function StyleChoice() {
  const store = useWorkStore();
  const tape = useTape();
  const chosen = useWork((work) => work.spec.sleeve?.kind ?? null);
  const choose = (one: SleeveOrNone) =>
    one === NO_SLEEVE || chosen === null
      ? store.getState().setField("sleeve", one === NO_SLEEVE ? null : { kind: one })
      : store.getState().setField("sleeve.kind", one);
  return (
    <KindChoice<SleeveOrNone>
      name="sleeve.kind"
      label="Style"
      value={chosen ?? NO_SLEEVE}
      options={[{ value: NO_SLEEVE, label: "No sleeve" }, ...namesOf(tape)]}
      kinds={STYLES_DRAWN}
      onChoose={choose}
      hint={chosen === null ? "The armhole is left without a sleeve." : styleOf(chosen)?.summary}
    />
  );
}
