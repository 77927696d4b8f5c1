import { chakra } from "@chakra-ui/react";
import { type Phrase, speakPart } from "@core/draft/index";
import { type FormatOptions, formatLength } from "@core/tape/index";
import { useTape } from "./preferences";

/** A length in the person's tape unit. */
export function LengthText({ mm, ...options }: { readonly mm: number } & FormatOptions) {
  return <>{formatLength(mm, useTape(), options)}</>;
}

const Figure = chakra("b", { base: { fontWeight: "600", whiteSpace: "nowrap" } });

/** A sentence of the core with its lengths in the person's unit, the figures a little stronger than the words. */
export function Sentence({ words }: { readonly words: Phrase }) {
  const tape = useTape();
  return words.map((part, index) => {
    const text = speakPart(part, tape);
    const key = `${index}-${text}`;
    return typeof part === "string" ? <span key={key}>{text}</span> : <Figure key={key}>{text}</Figure>;
  });
}
