import { ChoiceSelect } from "@app/components/choice-select";
import { useUnit } from "@app/components/preferences";
import { ShelfActs } from "@app/features/shelves/shelf-acts";
import { Box, Button, chakra, Flex, Popover, Portal, Text } from "@chakra-ui/react";
import { type NotchMark, writeGarment } from "@core/garment/index";
import { Download } from "lucide-react";
import { useWork, useWorkStore } from "./work-context";

const FILES = [
  { file: "sheets.pdf", paper: "a4", label: "Print on A4", says: "PDF at true size, with page map and test squares" },
  {
    file: "sheets.pdf",
    paper: "letter",
    label: "Print on US Letter",
    says: "PDF at true size, with page map and test squares",
  },
  { file: "drawing.svg", paper: null, label: "Drawing", says: "SVG at true size, for a plotter or a drawing program" },
  {
    file: "block.svg",
    paper: null,
    label: "Bodice block, SVG",
    says: "Its outline at true size, each edge by its name",
  },
  {
    file: "block.dxf",
    paper: null,
    label: "Bodice block, DXF",
    says: "The same in millimetres, for other pattern programs",
  },
  { file: "garment.json", paper: null, label: "Garment file", says: "Every figure of this garment, in an open format" },
] as const;

const Choice = chakra("button", {
  base: {
    display: "block",
    w: "100%",
    textAlign: "left",
    px: "4",
    py: "2.5",
    cursor: "pointer",
    _hover: { bg: "sunken" },
    _disabled: { opacity: 0.5, cursor: "default" },
  },
});

/** What is on the screen, saved or not, as sheets, a drawing or a file. */
export function Downloads({ garmentId }: { readonly garmentId: string }) {
  return (
    <Popover.Root positioning={{ placement: "bottom-end" }} lazyMount>
      <Popover.Trigger asChild>
        <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink">
          <Download size={16} aria-hidden /> Print and download
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="panel" color="ink" width="21rem" borderRadius="sm">
            <Choices garmentId={garmentId} />
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

function Choices({ garmentId }: { readonly garmentId: string }) {
  const unit = useUnit();
  const spec = useWork((work) => work.spec);
  const store = useWorkStore();
  const hasPieces = useWork((work) => work.garment.pieces.length > 0);
  const hasBlock = useWork((work) => work.garment.block !== null);
  const isThere = (name: (typeof FILES)[number]["file"]) =>
    name === "garment.json" || (name.startsWith("block.") ? hasBlock : hasPieces);
  const file = JSON.stringify(writeGarment(spec, "mm"));
  const notchMark = spec.notchMark ?? "slit";
  return (
    <Box py="2">
      <Box px="4" pb="2">
        <ChoiceSelect<NotchMark>
          id="notchMark"
          label="Notches are marked by"
          value={notchMark}
          choices={[
            { value: "slit", label: "A slit" },
            { value: "tee", label: "A slit with a bar" },
            { value: "vee", label: "A wedge" },
          ]}
          onChoose={(mark) => store.getState().setField("notchMark", mark)}
        />
      </Box>
      {FILES.map(({ file: name, paper, label, says }) => (
        <form key={label} method="post" action={`/sheets/${name}`}>
          <input type="hidden" name="garment" value={file} />
          <input type="hidden" name="unit" value={unit} />
          {paper && <input type="hidden" name="paper" value={paper} />}
          <Choice type="submit" disabled={!isThere(name)}>
            <Text fontWeight="600">{label}</Text>
            <Text fontSize="sm" color="inkSoft">
              {says}
            </Text>
          </Choice>
        </form>
      ))}
      {!hasPieces && (
        <Flex px="4" py="2" fontSize="sm" color="fault">
          There is no piece to print with these figures.
        </Flex>
      )}
      <Box px="4" pt="3" mt="2" borderTop="1px solid" borderColor="rule">
        <Text fontSize="sm" color="inkSoft" mb="1.5">
          The garment as it was last saved:
        </Text>
        <ShelfActs what="garment" id={garmentId} acts={["archive", "delete"]} />
      </Box>
    </Box>
  );
}
