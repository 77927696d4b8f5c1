/** A pattern for what holds these words, whatever they are: what a pattern would take for more is taken as it is written. */
export function holds(words: string): string {
  return `%${words.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
}
