import { ChoiceSelect } from "@app/components/choice-select";
import { LengthText } from "@app/components/length-text";
import { useTape, useUnit } from "@app/components/preferences";
import { Box, Button, Heading, Progress, Table, Text } from "@chakra-ui/react";
import {
  type ClothOnTable,
  type CutGarment,
  type CutLine,
  cutList,
  type LayCloth,
  type LayPiece,
  type LayPlan,
  shareUsed,
} from "@core/cut/index";
import { speak } from "@core/draft/index";
import type { Garment } from "@core/garment/index";
import { formatLength } from "@core/tape/index";
import type { LinesShown } from "@exporting/line-choice";
import { boughtLength, boughtWords } from "./bought-length";
import { CutFiles } from "./cut-files";
import { PlotterPanel } from "./plotter-panel";
import type { LaySearch } from "./use-lay-plan";

type Lay = {
  readonly plan: LayPlan;
  readonly pieces: readonly LayPiece[];
  readonly table: ClothOnTable;
  readonly cloth: LayCloth;
  readonly search: LaySearch;
  readonly isKept: boolean;
  /** How long it would be with the cloth open where it is folded, or folded where it is open; null while that is not known. */
  readonly otherLength: number | null;
  /** The same on another width of cloth, where that was asked for. */
  readonly compared: { readonly width: number | null; readonly plan: LayPlan | null };
};

type Props = {
  readonly garmentId: string;
  readonly garment: Garment;
  readonly cut: CutGarment;
  readonly client: string;
  readonly lines: LinesShown;
  readonly lay: Lay | null;
  readonly onKeep: (keep: boolean) => void;
  readonly onWidth: (width: number | null) => void;
};

/** How much to buy, what to cut of what, and every file that leaves the program. */
export function CutSide({ garmentId, garment, cut, client, lines, lay, onKeep, onWidth }: Props) {
  const tape = useTape();
  const list = cutList(garment);
  return (
    <>
      {cut.findings.map((finding) => (
        <Box
          key={finding.piece}
          mb="4"
          px="3"
          py="2"
          borderLeft="4px solid"
          borderColor="fault"
          data-finding={finding.code}
        >
          <Text fontWeight="600">{speak(finding.message, tape)}</Text>
          <Text fontSize="sm">{speak(finding.reason, tape)}</Text>
        </Box>
      ))}
      {lay && <LayPanel lay={lay} onKeep={onKeep} onWidth={onWidth} />}
      <Lines title="To cut" lines={list.outer} />
      {list.lining.length > 0 && <Lines title="Lining" lines={list.lining} />}
      {list.interfacing.length > 0 && <Lines title="Interfacing" lines={list.interfacing} />}
      {(list.buttons > 0 || list.elastic.length > 0) && (
        <Box as="section" mb="6">
          <Title>Besides</Title>
          {list.buttons > 0 && <Text>{list.buttons} buttons</Text>}
          {list.elastic.map(({ name, length }) => (
            <Text key={name}>
              {name}: <LengthText mm={length} />
            </Text>
          ))}
        </Box>
      )}
      <CutFiles garmentId={garmentId} garment={garment} client={client} lines={lines} />
      <PlotterPanel garment={garment} client={client} lines={lines} />
    </>
  );
}

function Title({ children }: { readonly children: string }) {
  return (
    <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1">
      {children}
    </Heading>
  );
}

const TO_BUY: Readonly<Record<LayCloth, string>> = {
  outer: "Cloth to buy",
  lining: "Lining to buy",
  interfacing: "Interfacing to buy",
};

/** Widths that cloths are woven in (common practice, no source). */
const WIDTHS_MM = [900, 1150, 1400, 1500] as const;

/** The other way of laying is pointed out where it saves more than a tenth. */
const WORTH_IT = 0.9;

function LayPanel({ lay, onKeep, onWidth }: { readonly lay: Lay } & Pick<Props, "onKeep" | "onWidth">) {
  const [unit, tape] = [useUnit(), useTape()];
  const { plan, pieces, table, cloth, search, isKept, otherLength } = lay;
  const bought = boughtLength(plan.length, table.shrinkage, unit);
  const nameOf = (id: string) => pieces.find((one) => one.id === id)?.name ?? id;
  return (
    <Box as="section" mb="6" data-lay={cloth}>
      <Title>{TO_BUY[cloth]}</Title>
      <Text fontSize="2xl" fontWeight="600" data-bought>
        {boughtWords(bought, unit)}
      </Text>
      <Text color="inkSoft" fontSize="sm" mb="2">
        <LengthText mm={plan.length} /> of cloth <LengthText mm={table.width} /> wide
        {table.isFolded ? ", folded" : ", open"}; {Math.round(shareUsed(pieces, plan, table) * 100)} % of it used.
      </Text>
      {otherLength !== null && otherLength > 0 && (
        <Text fontSize="sm" mb="2" color={otherLength < plan.length * WORTH_IT ? "warn" : "inkSoft"} data-other-way>
          {table.isFolded ? "Open" : "Folded"}, it would take <LengthText mm={otherLength} />
          {otherLength < plan.length * WORTH_IT ? ": more than a tenth less." : "."}
        </Text>
      )}
      {plan.tooWide.length > 0 && (
        <Text color="fault" mb="2">
          Wider than the cloth, and not laid: {[...new Set(plan.tooWide.map(nameOf))].join(", ")}. Take a wider cloth,
          or lay it open.
        </Text>
      )}
      {search.progress !== null && (
        <Box mb="2">
          <Progress.Root value={search.progress * 100} size="sm" aria-label="Looking for a shorter plan">
            <Progress.Track>
              <Progress.Range />
            </Progress.Track>
          </Progress.Root>
          <Text fontSize="sm" color="inkSoft">
            Looking for a shorter plan
          </Text>
        </Box>
      )}
      <Box mb="3">
        <ChoiceSelect
          id="other-width"
          label="Beside another width"
          value={String(lay.compared.width ?? "")}
          choices={[
            { value: "", label: "None" },
            ...WIDTHS_MM.filter((width) => width !== table.width).map((width) => ({
              value: String(width),
              label: formatLength(width, tape),
            })),
          ]}
          onChoose={(width) => onWidth(width === "" ? null : Number(width))}
        />
        {lay.compared.width !== null && (
          <Text fontSize="sm" mt="1" data-compared>
            {lay.compared.plan ? (
              <>
                It would take {boughtWords(boughtLength(lay.compared.plan.length, table.shrinkage, unit), unit)}
                {lay.compared.plan.tooWide.length > 0 && ", without what is wider than it"}.
              </>
            ) : (
              "It is being laid."
            )}
          </Text>
        )}
      </Box>
      <Box display="flex" gap="2" flexWrap="wrap">
        {search.progress !== null ? (
          <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={search.stop}>
            Stop
          </Button>
        ) : (
          !isKept && (
            <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={search.again}>
              Look again
            </Button>
          )
        )}
        {cloth === "outer" && (
          <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={() => onKeep(!isKept)}>
            {isKept ? "Give the kept plan up" : "Keep this plan"}
          </Button>
        )}
      </Box>
    </Box>
  );
}

function Lines({ title, lines }: { readonly title: string; readonly lines: readonly CutLine[] }) {
  return (
    <Box as="section" mb="6">
      <Title>{title}</Title>
      <Table.Root size="sm" variant="line" color="ink">
        <Table.Body>
          {lines.map(({ piece, number, how }) => (
            <Table.Row key={piece.id} bg="transparent">
              <Table.Cell px="1" verticalAlign="top">
                {number} {piece.name}
              </Table.Cell>
              <Table.Cell px="1" color="inkSoft">
                {how}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}
