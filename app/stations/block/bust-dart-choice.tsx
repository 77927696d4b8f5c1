import { useTape } from "@app/components/preferences";
import { KindChoice } from "@app/work/kind-choice";
import type { Kinds } from "@app/work/use-kind-pictures";
import { wordsText } from "@app/work/words-text";
import { useWork, useWorkStore } from "@app/work/work-context";
import { BUST_DARTS, type BustDartPlace, isPrincess } from "@core/block/index";
import { optionName } from "@core/spec/index";

/** A princess seam is a line of the block and a cut of the bodice. */
const blockWith = (bustDart: BustDartPlace) => ({
  bustDart,
  ...(bustDart === "princess-shoulder" || bustDart === "princess-armhole" ? { shaping: bustDart } : {}),
});

/** Each place on this body's own front. */
const PLACES_DRAWN: Kinds<BustDartPlace> = {
  all: BUST_DARTS,
  specOf: (spec, bustDart) => ({
    ...spec,
    sleeve: null,
    collar: null,
    bodice: { ...spec.bodice, cut: "whole", panels: isPrincess(bustDart) ? "cut" : "whole" },
    block: { ...spec.block, source: "drafted", ...blockWith(bustDart) },
  }),
  piecesOf: ({ pieces }) => pieces.filter(({ kind }) => kind.of === "bodice" && kind.side === "front"),
};

/** Where the bust dart of the solved block is sewn, each place by a picture. */
export function BustDartChoice() {
  const store = useWorkStore();
  const tape = useTape();
  const value = useWork(({ garment: { resolved } }) =>
    resolved.block.source === "drafted" && resolved.block.school === "fitted"
      ? resolved.block.task.choices.bustDart
      : "ease",
  );
  return (
    <KindChoice<BustDartPlace>
      name="block.bustDart"
      label="Place"
      value={value}
      options={BUST_DARTS.map((one) => ({
        value: one,
        label: wordsText(optionName("block.bustDart", one) ?? one, tape),
      }))}
      kinds={PLACES_DRAWN}
      onChoose={(place) =>
        store
          .getState()
          .change({ block: blockWith(place), ...(isPrincess(place) ? { bodice: { panels: "cut" } } : {}) })
      }
      hint="Solved from the bust and the front's length; turned about the bust point, it takes the same wherever it is sewn."
    />
  );
}
