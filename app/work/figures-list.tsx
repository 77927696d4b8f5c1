import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { Box, Button, Flex, Heading, Text } from "@chakra-ui/react";
import { type Figure, speak } from "@core/draft/index";
import type { DefaultTaken } from "@core/resolve/index";
import { fieldAt, labelOf, optionName } from "@core/spec/index";
import { formatLength } from "@core/tape/index";
import { useMemo, useState } from "react";
import { savedGarment } from "./saved-garment";
import { SoughtBox } from "./sought-box";
import { useThrottledWork } from "./use-throttled-work";
import { wordsText } from "./words-text";

/** The parts that figures and defaults belong to, by what their ids begin with; the sleeve has what no other has. */
const PARTS = ["measures", "block", "sleeve", "collar", "pieces"] as const;
export type FiguresPart = (typeof PARTS)[number];
const TITLES: Readonly<Record<FiguresPart, string>> = {
  measures: "Measures",
  block: "Block",
  sleeve: "Sleeve",
  collar: "Collar",
  pieces: "Pieces",
};

function partOf(id: string): FiguresPart {
  if (id.startsWith("body.")) return "measures";
  if (id.startsWith("bodice.") || id.startsWith("paper.")) return "pieces";
  return PARTS.find((part) => id.startsWith(`${part}.`)) ?? "sleeve";
}

type Props = {
  readonly figures: readonly Figure[];
  readonly defaults: readonly DefaultTaken[];
  /** The part of the station that is looked at: its figures stand open, the others are folded. */
  readonly open: FiguresPart;
};

/**
 * Every figure of the draft, and what was taken where none was given, by the parts of the garment: found by letters, those that changed
 * since the last version first, each asked why, all of them copied at a press.
 */
export function FiguresList({ figures, defaults, open }: Props) {
  const [sought, setSought] = useState("");
  const order = [open, ...PARTS.filter((part) => part !== open)];
  const letters = sought.trim().toLocaleLowerCase();
  const isSought = (label: string) => label.toLocaleLowerCase().includes(letters);
  const found = figures.filter(({ label }) => isSought(label));
  const taken = defaults.filter(({ path }) => isSought(labelOf(path)));
  return (
    <Box as="section" aria-label="Figures">
      <Flex justify="space-between" align="baseline" gap="2">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
          Figures
        </Heading>
        <CopyFigures figures={found} />
      </Flex>
      <Text fontSize="sm" color="inkSoft" mb="2">
        Press one to see where it comes from.
      </Text>
      <SoughtBox label="Find among the figures" value={sought} onText={setSought} />
      <ChangedFigures figures={found} />
      {found.length + taken.length === 0 && <Text color="inkSoft">No figure is called “{sought.trim()}”.</Text>}
      {order.map((part) => (
        <FiguresOfPart
          key={`${part} ${letters === ""}`}
          title={TITLES[part]}
          isFirst={part === open || letters !== ""}
          figures={found.filter(({ id }) => partOf(id) === part)}
          defaults={taken.filter(({ path }) => partOf(path) === part)}
        />
      ))}
    </Box>
  );
}

/** Less than this no tape shows. */
const CHANGED_MM = 0.05;

/** What measures otherwise than in the version that was saved last, as it was and as it is. */
function ChangedFigures({ figures }: Pick<Props, "figures">) {
  const savedSpec = useThrottledWork((work) => work.savedSpec);
  const isChanged = useThrottledWork((work) => work.spec !== work.savedSpec);
  const version = useThrottledWork((work) => work.savedVersion);
  const saved = useMemo(() => (isChanged ? savedGarment(savedSpec).figures : []), [isChanged, savedSpec]);
  const changed = figures.flatMap((figure) => {
    const before = saved.find(({ id }) => id === figure.id);
    return before && figure.kind === "length" && Math.abs(before.value - figure.value) > CHANGED_MM
      ? [{ figure, before: before.value }]
      : [];
  });
  if (changed.length === 0) return null;
  return (
    <details className="figures-part" data-figures="Changed" open>
      <summary>
        <span>Changed since version {version}</span>
        <span>{changed.length === 1 ? "1 figure" : `${changed.length} figures`}</span>
      </summary>
      {changed.map(({ figure, before }) => (
        <div key={figure.id} className="figure-row figure-changed" data-changed={figure.id}>
          <span>{figure.label}</span>
          <b>
            <LengthText mm={before} withUnit={false} /> → <LengthText mm={figure.value} />
          </b>
        </div>
      ))}
    </details>
  );
}

/** The figures as lines of text, name and value with a tab between: for a letter or a table. */
function CopyFigures({ figures }: Pick<Props, "figures">) {
  const tape = useTape();
  const [isCopied, setCopied] = useState<boolean | null>(null);
  const copy = async () => {
    const lines = figures.map((figure) => `${figure.label}\t${plainValue(figure) ?? formatLength(figure.value, tape)}`);
    const done = await navigator.clipboard.writeText(lines.join("\n")).then(
      () => true,
      () => false,
    );
    setCopied(done);
  };
  return (
    <Button size="xs" variant="plain" color="chalk" px="0" onClick={() => void copy()}>
      {isCopied === null ? "Copy them" : isCopied ? "Copied" : "The browser does not let them be copied"}
    </Button>
  );
}

type PartProps = Pick<Props, "figures" | "defaults"> & { readonly title: string; readonly isFirst: boolean };

/** A folded part holds no rows: what is not seen is not drawn again in a drag. */
function FiguresOfPart({ title, isFirst, figures, defaults }: PartProps) {
  const [isOpen, setOpen] = useState(isFirst);
  if (figures.length + defaults.length === 0) return null;
  return (
    <details
      className="figures-part"
      data-figures={title}
      open={isOpen}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary>
        <span>{title}</span>
        <span>{`${figures.length + defaults.length} figures`}</span>
      </summary>
      {isOpen && (
        <>
          {figures.map((figure) => (
            <FigureRow key={figure.id} figure={figure} />
          ))}
          {defaults.length > 0 && <p className="figures-taken">Taken where nothing was given</p>}
          {defaults.map((taken) => (
            <DefaultRow key={taken.path} taken={taken} />
          ))}
        </>
      )}
    </details>
  );
}

function DefaultRow({ taken }: { readonly taken: DefaultTaken }) {
  return (
    <details className="figure-row" data-default={taken.path}>
      <summary>
        <Flex gap="2">
          <span>{labelOf(taken.path)}</span>
          {taken.isStandIn && (
            <Text as="span" color="warn" fontSize="sm">
              estimated
            </Text>
          )}
        </Flex>
        <b>
          <DefaultValue taken={taken} />
        </b>
      </summary>
      <Why formula={taken.rule} rule={taken.isStandIn ? "Estimate" : "Default"} source={taken.source} />
    </details>
  );
}

function DefaultValue({ taken: { path, value } }: { readonly taken: DefaultTaken }) {
  const tape = useTape();
  if (typeof value === "string") return <>{wordsText(optionName(path, value) ?? value, tape)}</>;
  const field = fieldAt(path);
  if (field?.kind === "share") return <>{`${Math.round(value * 100)} %`}</>;
  if (field?.kind === "quantity" || field?.kind === "angle")
    return <>{`${Math.round(value * 10) / 10} ${field.sign ?? ""}`}</>;
  return <LengthText mm={value} />;
}

/** Plain elements: a dozen of these are drawn again many times in every drag. */
function FigureRow({ figure }: { readonly figure: Figure }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details className="figure-row" data-figure={figure.id} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>
        <span>{figure.label}</span>
        <b>{plainValue(figure) ?? <LengthText mm={figure.value} />}</b>
      </summary>
      {isOpen && <Why formula={figure.formula} rule={figure.rule} source={figure.source} />}
    </details>
  );
}

function plainValue({ kind, value }: Figure): string | null {
  if (kind === "ratio") return `${value.toFixed(2)} to 1`;
  return kind === "angle" ? `${value.toFixed(0)}°` : null;
}

type WhyProps = { readonly formula: Figure["formula"]; readonly rule: string; readonly source: string };

function Why({ formula, rule, source }: WhyProps) {
  const tape = useTape();
  return (
    <div className="figure-why">
      <p>= {speak(formula, tape)}</p>
      <p className="figure-source">
        {rule} · {source}
      </p>
    </div>
  );
}
