import { ActKey } from "@app/components/act-form";
import { ChoiceSelect } from "@app/components/choice-select";
import { useUnit } from "@app/components/preferences";
import { ShelfActs } from "@app/features/shelves/shelf-acts";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Button, chakra, Flex, Text } from "@chakra-ui/react";
import { type NotchMark, writeGarment } from "@core/spec/index";
import { Download } from "lucide-react";
import { useRef, useState } from "react";

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

const PANEL_ID = "downloads";
/** What is kept free between the button and its panel, and at the edge of a narrow window. */
const GAP_PX = 6;

/** What is on the screen, saved or not, as sheets, a drawing or a file: in a panel of the browser's own, which Escape or a press elsewhere shuts. */
export function Downloads({ garmentId }: { readonly garmentId: string }) {
  const button = useRef<HTMLButtonElement>(null);
  const [place, setPlace] = useState<{ readonly top: number; readonly right: number } | null>(null);
  const open = () => {
    const { bottom = 0, right = 0 } = button.current?.getBoundingClientRect() ?? {};
    setPlace({ top: bottom + GAP_PX, right: Math.max(GAP_PX, document.documentElement.clientWidth - right) });
  };
  return (
    <>
      <Button
        id="print-and-download"
        ref={button}
        size="sm"
        variant="outline"
        borderColor="ruleStrong"
        color="ink"
        popoverTarget={PANEL_ID}
        aria-haspopup="dialog"
        aria-label="Print and download"
        aria-expanded={place !== null}
      >
        <Download size={16} aria-hidden />{" "}
        <Box as="span" className="wide-only">
          Print and download
        </Box>
      </Button>
      <Box
        id={PANEL_ID}
        role="dialog"
        aria-label="Print and download"
        popover="auto"
        onBeforeToggle={({ newState }) => (newState === "open" ? open() : setPlace(null))}
        style={place ?? undefined}
        position="fixed"
        inset="auto"
        m="0"
        p="0"
        w="21rem"
        maxW="calc(100vw - 12px)"
        maxH="calc(100dvh - 8rem)"
        overflowY="auto"
        bg="panel"
        color="ink"
        border="1px solid"
        borderColor="rule"
        borderRadius="sm"
        boxShadow="lg"
      >
        {place && <Choices garmentId={garmentId} />}
      </Box>
    </>
  );
}

/** Once the panel is open: before, nothing in it can be in focus. */
const focusFirst = (choice: HTMLButtonElement | null) => {
  requestAnimationFrame(() => choice?.focus());
};

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
      {FILES.map(({ file: name, paper, label, says }, i) => (
        <form key={label} method="post" action={`/sheets/${name}`}>
          <input type="hidden" name="garment" value={file} />
          <input type="hidden" name="unit" value={unit} />
          {paper && <input type="hidden" name="paper" value={paper} />}
          {/* What is wanted most is pressed by Enter alone. */}
          <Choice type="submit" disabled={!isThere(name)} ref={i === 0 ? focusFirst : undefined}>
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
        <form method="post" action="/starting-points">
          <ActKey state="idle" />
          <input type="hidden" name="act" value="keep" />
          <input type="hidden" name="garment" value={file} />
          <button className="plain-button small" type="submit">
            Keep as a starting point
          </button>
        </form>
        <Text fontSize="sm" color="inkSoft" mt="1" mb="3">
          As it is on the screen, without the measures of this client.
        </Text>
        <Text fontSize="sm" color="inkSoft" mb="1.5">
          The garment as it was last saved:
        </Text>
        <ShelfActs what="garment" id={garmentId} acts={["archive", "delete"]} />
      </Box>
    </Box>
  );
}
