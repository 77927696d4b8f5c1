import { Input } from "@chakra-ui/react";

type Props = {
  readonly label: string;
  readonly value: string;
  readonly onText: (text: string) => void;
  /** A key goes to the one that finds figures to type. */
  readonly isKeyed?: boolean;
};

/** Finds among what stands below it by the letters of its name; Enter goes to the first that is found, Escape empties it. */
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
        if (event.key !== "Enter") return;
        event.preventDefault();
        const fields = event.currentTarget.closest("[data-fields]");
        const boxes = fields?.querySelectorAll<HTMLInputElement>('input:not([type="search"], [type="hidden"]), select');
        const first = [...(boxes ?? [])].find((box) => box.checkVisibility() && !box.disabled);
        first?.focus();
        if (first instanceof HTMLInputElement) first.select();
      }}
    />
  );
}
