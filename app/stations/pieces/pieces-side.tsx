import { LengthText } from "@app/components/length-text";
import { useWalk } from "@app/sheet/use-walk";
import { WalkPanel } from "@app/sheet/walk-panel";
import { FindingsPanel } from "@app/work/findings-panel";
import { Box, Button, Flex, Heading, Table, Text } from "@chakra-ui/react";
import type { Garment } from "@core/garment/index";
import { boxOf } from "@core/geometry/index";
import { cutWords, inMakersOrder, type Piece, type Seam } from "@core/pattern/index";
import { X } from "lucide-react";
import { ListRow } from "./list-row";
import type { Looked, Shown } from "./looked";

type Props = {
  readonly garment: Garment;
  readonly seams: readonly Seam[];
  readonly looked: Shown;
  readonly onLook: (looked: Looked | null) => void;
};

/** What is looked at, and below it the lists of all pieces and all seams. */
export function PiecesSide({ garment, seams, looked, onLook }: Props) {
  return (
    <>
      {looked.kind === "piece" && <PiecePanel piece={looked.piece} seams={seams} onLook={onLook} />}
      {looked.kind === "seam" && (
        <SeamPanel key={looked.seam.id} seam={looked.seam} garment={garment} onLook={onLook} />
      )}
      <PieceList pieces={garment.pieces} looked={looked} onLook={onLook} />
      <SeamList seams={seams} looked={looked} onLook={onLook} />
      <FindingsPanel of="pieces" />
    </>
  );
}

type PanelHeadProps = { readonly title: string; readonly onClose: () => void };

function PanelHead({ title, onClose }: PanelHeadProps) {
  return (
    <Flex align="center" justify="space-between">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        {title}
      </Heading>
      <Button size="xs" variant="ghost" color="ink" aria-label={`Close ${title}`} onClick={onClose}>
        <X size={16} aria-hidden />
      </Button>
    </Flex>
  );
}

type PiecePanelProps = Pick<Props, "seams" | "onLook"> & { readonly piece: Piece };

/** One piece: how it is cut, its size, its marks, and every edge with what it is sewn to. */
function PiecePanel({ piece, seams, onLook }: PiecePanelProps) {
  const { left, right, top, bottom } = boxOf([piece.outline]);
  return (
    <Box as="section" aria-label={piece.name} mb="6" data-piece-panel={piece.id}>
      <PanelHead title={piece.name} onClose={() => onLook(null)} />
      <Text>{cutWords(piece)}.</Text>
      <Text fontSize="sm" color="inkSoft" mb="2">
        <LengthText mm={right - left} /> wide, <LengthText mm={bottom - top} /> high on the stitching line.{" "}
        {marksOf(piece)}.
      </Text>
      <Table.Root size="sm" variant="line" color="ink">
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader px="1" color="inkSoft">
              Edge
            </Table.ColumnHeader>
            <Table.ColumnHeader px="1" color="inkSoft" textAlign="end">
              Length
            </Table.ColumnHeader>
            <Table.ColumnHeader px="1" color="inkSoft">
              Seam
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {piece.edges.map((edge) => {
            const name = `${piece.id}.${edge.id}`;
            const sewn = seams.filter(({ bodyEdges, partEdges }) => [...bodyEdges, ...partEdges].includes(name));
            return (
              <Table.Row key={edge.id} bg="transparent">
                <Table.Cell px="1">{edge.name}</Table.Cell>
                <Table.Cell px="1" textAlign="end" whiteSpace="nowrap">
                  <LengthText mm={edge.length} />
                </Table.Cell>
                <Table.Cell px="1">
                  {sewn.length === 0
                    ? "—"
                    : sewn.map((seam) => (
                        <Button
                          key={seam.id}
                          size="xs"
                          variant="plain"
                          px="0"
                          h="auto"
                          minH="6"
                          textAlign="start"
                          whiteSpace="normal"
                          textDecoration="underline"
                          color="ink"
                          onClick={() => onLook({ seam: seam.id })}
                        >
                          {seam.name}
                        </Button>
                      ))}
                </Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

function marksOf({ notches, darts, buttons, folds }: Piece): string {
  const count = (n: number, one: string, many: string) => (n === 0 ? [] : [`${n} ${n === 1 ? one : many}`]);
  const all = [
    ...count(notches.length, "notch", "notches"),
    ...count(Math.ceil(darts.length / 2), "dart", "darts"),
    ...count(folds.length, "fold", "folds"),
    ...count(buttons?.length ?? 0, "button", "buttons"),
  ];
  return all.length === 0 ? "No marks" : all.join(", ");
}

type SeamPanelProps = Pick<Props, "garment" | "onLook"> & { readonly seam: Seam };

/** One seam: both its sides, and the walk along it. */
function SeamPanel({ seam, garment, onLook }: SeamPanelProps) {
  const walk = useWalk([seam]);
  return (
    <Box as="section" aria-label={seam.name} mb="6" data-seam-panel={seam.id}>
      <PanelHead title={seam.name} onClose={() => onLook(null)} />
      <Table.Root size="sm" variant="line" color="ink">
        <Table.Body>
          <SideRow name={seam.bodyName} mm={seam.bodyLength} />
          <SideRow name={seam.partName} mm={seam.partLength} />
          <SideRow name={easeWord(seam)} mm={Math.abs(seam.ease)} />
        </Table.Body>
      </Table.Root>
      <WalkPanel garment={garment} seams={[seam]} state={walk} />
    </Box>
  );
}

/** From this ratio on what is longer is gathered, not eased. */
const GATHERED_RATIO = 1.12;
const SAME_MM = 0.05;

function easeWord({ ease, bodyLength, partLength, bodyName, partName }: Seam): string {
  if (Math.abs(ease) < SAME_MM) return "difference";
  const isGathered = Math.max(bodyLength, partLength) > GATHERED_RATIO * Math.min(bodyLength, partLength);
  return `${isGathered ? "gathered" : "eased"} in on the ${ease > 0 ? partName : bodyName}`;
}

function SideRow({ name, mm }: { readonly name: string; readonly mm: number }) {
  return (
    <Table.Row bg="transparent">
      <Table.Cell px="1">{name}</Table.Cell>
      <Table.Cell px="1" textAlign="end" whiteSpace="nowrap">
        <LengthText mm={mm} />
      </Table.Cell>
    </Table.Row>
  );
}

type PieceListProps = Pick<Props, "looked" | "onLook"> & { readonly pieces: readonly Piece[] };

function PieceList({ pieces, looked, onLook }: PieceListProps) {
  return (
    <Box as="section" aria-label="Pieces" mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1">
        {pieces.length} {pieces.length === 1 ? "piece" : "pieces"}
      </Heading>
      {inMakersOrder(pieces).map((piece, i) => (
        <ListRow
          key={piece.id}
          isChosen={looked.kind === "piece" && looked.piece.id === piece.id}
          onPress={() => onLook({ piece: piece.id })}
          name={`${i + 1} ${piece.name}`}
          says={cutWords(piece)}
        />
      ))}
    </Box>
  );
}

function SeamList({ seams, looked, onLook }: Pick<Props, "seams" | "looked" | "onLook">) {
  return (
    <Box as="section" aria-label="Seams" mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1">
        {seams.length} seams
      </Heading>
      {seams.map((seam) => (
        <ListRow
          key={seam.id}
          isChosen={looked.kind === "seam" && looked.seam.id === seam.id}
          onPress={() => onLook({ seam: seam.id })}
          name={seam.name}
          says={
            <>
              <LengthText mm={seam.bodyLength} />
              {Math.abs(seam.ease) >= SAME_MM && (
                <>
                  {" to "}
                  <LengthText mm={seam.partLength} />
                </>
              )}
            </>
          }
        />
      ))}
    </Box>
  );
}
