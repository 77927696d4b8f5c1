import { Box, Button, Flex, Heading, Text } from "@chakra-ui/react";
import type { Mechanics } from "@core/toile/index";
import { useState } from "react";

type Figure = Exclude<keyof Mechanics, "source">;

/** What each figure is called, its unit, and between what it can be. */
const FIGURES: readonly {
  readonly id: Figure;
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}[] = [
  { id: "weight", label: "Weight, g/m²", least: 20, most: 900, step: 5 },
  { id: "bendingLength", label: "Bending length, mm", least: 5, most: 60, step: 1 },
  { id: "warp", label: "Stretch along, N/m", least: 20, most: 20_000, step: 10 },
  { id: "weft", label: "Stretch across, N/m", least: 20, most: 20_000, step: 10 },
  { id: "bias", label: "Stretch on the bias, N/m", least: 5, most: 5000, step: 5 },
];

type Props = {
  readonly name: string;
  readonly usual: Mechanics;
  readonly own: Mechanics | null;
  readonly onOwn: (own: Mechanics | null) => void;
};

/** What the cloth is like when it hangs: as is usual for its kind, or as somebody tested it. */
export function ClothFigures({ name, usual, own, onOwn }: Props) {
  return (
    <Box as="section" aria-label="The cloth" mt="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        The cloth
      </Heading>
      {own ? (
        <>
          <Flex direction="column" gap="2" mt="2">
            {FIGURES.map((figure) => (
              <FigureBox
                key={figure.id}
                {...figure}
                value={own[figure.id]}
                onValue={(value) => onOwn({ ...own, [figure.id]: value })}
              />
            ))}
          </Flex>
          <Text fontSize="sm" color="inkSoft" mt="2">
            The bending length is half of what may hang over an edge until its end dips to 41.5°. Stretch is the force
            at which a strip a metre wide would be twice as long. Kept in this browser, for this kind of cloth.
          </Text>
          <Button size="sm" variant="outline" mt="2" onClick={() => onOwn(null)}>
            As is usual
          </Button>
        </>
      ) : (
        <>
          <Text fontSize="sm" color="inkSoft" my="2">
            {name}: {usual.weight} g/m², bending length {usual.bendingLength} mm. Middling figures for such a cloth,
            from memory: nobody tested yours.
          </Text>
          <Button size="sm" variant="outline" onClick={() => onOwn({ ...usual, source: "typed" })}>
            Its own figures
          </Button>
        </>
      )}
    </Box>
  );
}

type BoxProps = (typeof FIGURES)[number] & { readonly value: number; readonly onValue: (value: number) => void };

/** A figure in a box; one that it cannot be stays in the box with a sentence, and the one before is worn. */
function FigureBox({ id, label, least, most, step, value, onValue }: BoxProps) {
  const [text, setText] = useState(`${value}`);
  const figure = Number(text.replace(",", "."));
  const isWrong = text.trim() === "" || !(figure >= least && figure <= most);
  const take = () => {
    if (!isWrong && figure !== value) onValue(figure);
  };
  return (
    <label className="text-box" htmlFor={`hang-${id}`}>
      <span>{label}</span>
      <input
        id={`hang-${id}`}
        inputMode="decimal"
        step={step}
        value={text}
        aria-invalid={isWrong}
        onChange={(event) => setText(event.currentTarget.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
        }}
      />
      {isWrong && (
        <small data-problem="true">
          {label} is from {least} to {most}.
        </small>
      )}
    </label>
  );
}
