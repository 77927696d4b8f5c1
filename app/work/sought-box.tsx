import { Input } from "@chakra-ui/react";

type Props = {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  /** A key goes to the one that finds figures to type. */
  readonly isKeyed?: boolean;
};

/** Finds among what stands below it by the letters of its name; Escape empties it. */
export function SoughtBox({ label, value, onText, isKeyed = false }: Props) {
  return (
    <Input
      type="search"
      aria-label={label}
      placeholder={label}
      data-find-figure={isKeyed ? "" : undefined}
      size="sm"
      mb="3"
      bg="panel"
      borderColor="ruleStrong"
      _placeholder={{ color: "inkSoft" }}
      value={value}
      onChange={(event) => onText(event.currentTarget.value)}
      onKeyDown={(event) => {
        if (event.key === "Escape") onText("");
      }}
    />
  );
}
