import { ChoiceSelect } from "@app/components/choice-select";
import { PAPER_CHOICES } from "@app/components/paper-choices";
import { usePreferences, useUnit } from "@app/components/preferences";
import { useWork } from "@app/work/work-context";
import { Box, chakra, Field, Heading, Input, Text } from "@chakra-ui/react";
import type { Garment } from "@core/garment/index";
import { writeGarment } from "@core/spec/index";
import type { LinesShown } from "@exporting/line-choice";
import { format } from "date-fns";
import { useState } from "react";
import { Link } from "react-router";

type Paper = (typeof PAPER_CHOICES)[number]["value"];

const FILES: readonly { readonly file: string; readonly label: string; readonly scale?: string }[] = [
  { file: "booklet.pdf", label: "Card and making notes, PDF" },
  { file: "tables.pdf", label: "Tables, PDF" },
  { file: "lay-plan.pdf", label: "Lay plan, PDF" },
  { file: "lay-plan.svg", label: "Lay plan, SVG" },
  { file: "pieces.pdf", label: "A page for each piece, PDF" },
  { file: "drawing.svg", label: "SVG drawing, true size" },
  { file: "pattern-r12.dxf", label: "DXF, release 12" },
  { file: "pattern-splines.dxf", label: "DXF with splines" },
  { file: "pattern.hpgl", label: "HPGL for a plotter" },
  { file: "trial.pdf", label: "PDF at half size", scale: "half" },
  { file: "trial.pdf", label: "PDF at a quarter", scale: "quarter" },
  { file: "figures.csv", label: "Figures, CSV" },
  { file: "seams.csv", label: "Seams, CSV" },
  { file: "notches.csv", label: "Notches, CSV" },
  { file: "result.json", label: "Result file, JSON" },
];

const Send = chakra("button", {
  base: { color: "chalk", textDecoration: "underline", cursor: "pointer", py: "1", textAlign: "left" },
});

type Props = {
  readonly garmentId: string;
  readonly garment: Garment;
  readonly client: string;
  readonly lines: LinesShown;
};

/** The pattern on paper or as a file, as it stands on the screen. */
export function CutFiles({ garmentId, garment, client, lines }: Props) {
  const unit = useUnit();
  const usual = usePreferences();
  const [paper, setPaper] = useState<Paper>(PAPER_CHOICES.find(({ value }) => value === usual.paper)?.value ?? "a4");
  const version = useWork((work) => work.savedVersion);
  const [initials, setInitials] = useState(usual.initials ?? "");
  if (garment.pieces.length === 0) return null;
  const about = [client, `version ${version}`, format(new Date(), "d MMM yyyy"), initials.trim()]
    .filter(Boolean)
    .join(", ");
  const hidden = (
    <>
      <input type="hidden" name="garment" value={JSON.stringify(writeGarment(garment.spec, "mm"))} />
      <input type="hidden" name="unit" value={unit} />
      <input type="hidden" name="lines" value={lines} />
      <input type="hidden" name="about" value={about} />
    </>
  );
  return (
    <Box as="section" mb="6" className="not-printed">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1">
        Paper and files
      </Heading>
      <ChoiceSelect id="paper" label="Paper" value={paper} choices={PAPER_CHOICES} onChoose={setPaper} />
      <Field.Root id="initials" mt="2">
        <Field.Label fontSize="md" fontWeight="400">
          Maker’s initials
        </Field.Label>
        <Input
          size="sm"
          bg="panel"
          borderColor="ruleStrong"
          maxLength={8}
          value={initials}
          onChange={(event) => setInitials(event.currentTarget.value)}
        />
      </Field.Root>
      <form method="post" action="/sheets/sheets.pdf">
        {hidden}
        <input type="hidden" name="paper" value={paper} />
        <button className="plain-button small" type="submit">
          Print at true size, PDF
        </button>
      </form>
      <Text fontSize="sm" mt="3">
        <Link to={`/garments/${garmentId}/shared`}>A link for a cutter</Link>
      </Text>
      <Text fontSize="sm" color="inkSoft" mt="3">
        Or as a file:
      </Text>
      {FILES.map(({ file, label, scale }) => (
        <form key={label} method="post" action={`/sheets/${file}`}>
          {hidden}
          {scale && <input type="hidden" name="scale" value={scale} />}
          <Send type="submit">{label}</Send>
        </form>
      ))}
    </Box>
  );
}
