import { useTape } from "@app/components/preferences";
import { Box, Text, VStack } from "@chakra-ui/react";
import { mattersIn } from "@core/resolve/index";
import { labelOf } from "@core/spec/index";
import { type ReactNode, useId, useState } from "react";
import { FieldBox, type FieldBoxProps } from "./field-box";
import { SoughtBox } from "./sought-box";
import { useThrottledWork } from "./use-throttled-work";
import { wordsText } from "./words-text";

/** A field by its path; with what this station has to say or do about it; or something that is no field, under the words by which it is found. */
export type PanelEntry =
  | string
  | FieldBoxProps
  | { readonly key: string; readonly words: string; readonly node: ReactNode };

/** What belongs together. A folded one holds what is seldom changed: its boxes come when it is opened, or when one of them is looked for. */
export type PanelSection = {
  readonly title: string;
  readonly note?: ReactNode;
  readonly entries: readonly PanelEntry[];
  readonly isFolded?: boolean;
};

/** So few boxes are seen at a glance; among more there is something to look for. */
const FEW = 8;

/**
 * The figures and choices of a station beside its sheet, drawn from the table of fields: those that change nothing in this garment are
 * left out, the rest are found by the letters of their names.
 */
export function FieldsPanel({ sections }: { readonly sections: readonly PanelSection[] }) {
  const [sought, setSought] = useState("");
  const matters = useThrottledWork((work) => {
    const garment = { spec: work.spec, resolved: work.garment.resolved };
    return sections
      .flatMap(({ entries }) => entries.map(pathOf))
      .filter((path) => path !== null && mattersIn(garment, path));
  }, isSameList);
  const tape = useTape();
  const isWanted = (entry: PanelEntry) => {
    const path = pathOf(entry);
    if (path !== null && !matters.includes(path)) return false;
    const name = typeof entry === "object" && "node" in entry ? entry.words : wordsText(labelOf(path ?? ""), tape);
    return name.toLocaleLowerCase().includes(sought.trim().toLocaleLowerCase());
  };
  const shown = sections.map((section) => ({ ...section, entries: section.entries.filter(isWanted) }));
  const count = shown.reduce((sum, { entries }) => sum + entries.length, 0);
  return (
    <>
      {(count > FEW || sought !== "") && <SoughtBox label="Find a figure" value={sought} onText={setSought} isKeyed />}
      {count === 0 && (
        <Text color="inkSoft" role="status">
          No figure or choice of this garment is called “{sought.trim()}”.
        </Text>
      )}
      {shown
        .filter(({ entries }) => entries.length > 0)
        .map((section) => (
          <Section key={section.title} section={section} isSought={sought.trim() !== ""} />
        ))}
    </>
  );
}

const isSameList = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((one, i) => one === b[i]);

const pathOf = (entry: PanelEntry): string | null =>
  typeof entry === "string" ? entry : "node" in entry ? null : entry.path;

/** A folded section holds no boxes: what is not seen is not drawn again in a drag. */
function Section({ section, isSought }: { readonly section: PanelSection; readonly isSought: boolean }) {
  const { title, note, entries, isFolded = false } = section;
  const [isOpen, setOpen] = useState(!isFolded);
  const name = useId();
  const isShown = isOpen || isSought;
  return (
    <Box asChild mb="3">
      <details
        className="fields-part"
        open={isShown}
        aria-labelledby={name}
        onToggle={(event) => {
          if (!isSought) setOpen(event.currentTarget.open);
        }}
      >
        <summary>
          <h2 id={name}>{title}</h2>
          <span>{isShown ? "" : entries.length}</span>
        </summary>
        {isShown && (
          <>
            {note && (
              <Text fontSize="sm" color="inkSoft" mt="1">
                {note}
              </Text>
            )}
            <VStack align="stretch" gap="2.5" mt="2" mb="3">
              {entries.map((entry) => {
                if (typeof entry === "string") return <FieldBox key={entry} path={entry} />;
                if ("node" in entry) return <Box key={entry.key}>{entry.node}</Box>;
                return <FieldBox key={entry.path} {...entry} />;
              })}
            </VStack>
          </>
        )}
      </details>
    </Box>
  );
}
