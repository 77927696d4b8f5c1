/** What a pattern is printed on at true size, as it is chosen from. */
export const PAPER_CHOICES = [
  { value: "a4", label: "A4 sheets" },
  { value: "letter", label: "US Letter sheets" },
  { value: "a3", label: "A3 sheets" },
  { value: "roll24", label: "24 in roll" },
  { value: "roll36", label: "36 in roll" },
  { value: "roll44", label: "44 in roll" },
] as const;
