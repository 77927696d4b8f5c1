/** A pattern for what holds these words, whatever they are: what a pattern would take for more is taken as it is written. */
export function holds(words: string): string {
  return `%${words.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
}

/** A question to the text search for what has words that begin with each of these; one that nothing answers where there are none. */
export function begins(words: string): string {
  const found = words.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
  return found.map((word) => `${word}:*`).join(" & ");
}
