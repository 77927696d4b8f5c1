import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import { type Figure, speak } from "@core/draft/index";
import type { DefaultTaken } from "@core/resolve/index";
import { labelOf } from "@core/spec/index";
import { useState } from "react";

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

/** Every figure of the draft, and what was taken where none was given, by the parts of the garment; each can be asked why. */
export function FiguresList({ figures, defaults, open }: Props) {
  const order = [open, ...PARTS.filter((part) => part !== open)];
  return (
    <Box as="section" aria-label="Figures">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        Figures
      </Heading>
      <Text fontSize="sm" color="inkSoft" mb="2">
        Press one to see where it comes from.
      </Text>
      {order.map((part) => (
        <FiguresOfPart
          key={part}
          title={TITLES[part]}
          isFirst={part === open}
          figures={figures.filter(({ id }) => partOf(id) === part)}
          defaults={defaults.filter(({ path }) => partOf(path) === part)}
        />
      ))}
    </Box>
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

/** The one default that is an angle. */
const ANGLE_PATH = "collar.notchAngle";

function DefaultValue({ taken }: { readonly taken: DefaultTaken }) {
  if (typeof taken.value === "string") return <>{taken.value.replace("-", " ")}</>;
  if (taken.path === ANGLE_PATH) return <>{`${taken.value}°`}</>;
  if (taken.path === "sleeve.backEaseShare") return <>{`${Math.round(taken.value * 100)} %`}</>;
  return <LengthText mm={taken.value} />;
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
