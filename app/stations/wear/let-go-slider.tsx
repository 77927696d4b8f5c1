import { Box } from "@chakra-ui/react";
import { type ReactNode, useState } from "react";

type Props = {
  readonly id: string;
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly value: number;
  /** The value as it is shown beside the label, and as it is spoken. */
  readonly shown: (value: number) => ReactNode;
  readonly spoken: (value: number) => string;
  readonly onValue: (value: number) => void;
};

/** A slider that tells its value when it is let go: while it moves nothing is hung anew. */
export function LetGoSlider({ id, label, least, most, step, value, shown, spoken, onValue }: Props) {
  const [moving, setMoving] = useState<number | null>(null);
  const now = moving ?? value;
  const letGo = () => {
    if (moving !== null && moving !== value) onValue(moving);
    setMoving(null);
  };
  return (
    <Box my="2">
      <label htmlFor={id}>
        {label} <b>{shown(now)}</b>
      </label>
      <Box asChild w="100%">
        <input
          id={id}
          type="range"
          min={least}
          max={most}
          step={step}
          value={now}
          aria-valuetext={spoken(now)}
          onChange={(event) => setMoving(Number(event.currentTarget.value))}
          onPointerUp={letGo}
          onKeyUp={letGo}
          onBlur={letGo}
        />
      </Box>
    </Box>
  );
}
