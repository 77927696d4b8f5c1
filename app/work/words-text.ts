import { speak } from "@core/draft/index";
import type { Words } from "@core/spec/index";
import type { Tape } from "@core/tape/index";

/** What people read, its lengths as their tape shows them. */
export function wordsText(words: Words, tape: Tape): string {
  return typeof words === "string" ? words : speak(words, tape);
}
