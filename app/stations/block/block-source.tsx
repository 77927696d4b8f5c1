import { ChoiceCard } from "@app/components/choice-card";
import { useWork, useWorkStore } from "@app/work/work-context";
import { VStack } from "@chakra-ui/react";
import { useSearchParams } from "react-router";
import { type BlockFrom, fromOf } from "./from";

const WAYS: readonly { readonly from: BlockFrom; readonly title: string; readonly says: string }[] = [
  { from: "readings", title: "Tape readings", says: "Of a bodice pattern or a garment that fits." },
  {
    from: "drafted",
    title: "Drafted from the measures",
    says: "Solved for this body, or by quick rules; every figure can be typed over.",
  },
  { from: "drawing", title: "A drawing", says: "Point at the edges in an SVG or DXF file." },
  { from: "photograph", title: "A photograph", says: "Trace the edges of a paper pattern. It stays in this browser." },
];

/** Where the block comes from. What was entered for one way is set aside, and is there again on coming back to it. */
export function BlockSource() {
  const store = useWorkStore();
  const block = useWork((work) => work.spec.block);
  const [search, setSearch] = useSearchParams();
  const chosen = fromOf(block, search);
  const choose = (from: BlockFrom) => {
    if (from === "readings" || from === "drafted") store.getState().takeBlockSource(from);
    setSearch(from === "drawing" || from === "photograph" ? { from } : {}, { preventScrollReset: true });
  };
  return (
    <VStack align="stretch" gap="2.5">
      {WAYS.map(({ from, title, says }) => (
        <ChoiceCard
          key={from}
          name="block.source"
          value={from}
          title={title}
          says={says}
          isChosen={chosen === from}
          onChoose={() => choose(from)}
        />
      ))}
    </VStack>
  );
}
