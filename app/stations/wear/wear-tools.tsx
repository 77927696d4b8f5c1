import { PressButton } from "@app/components/press-button";
import { Flex } from "@chakra-ui/react";
import { memo, type ReactNode } from "react";
import type { Surface } from "./toile-drawing";
import type { View } from "./toile-scene";

const VIEWS: readonly { readonly id: View; readonly name: string }[] = [
  { id: "front", name: "Front" },
  { id: "back", name: "Back" },
  { id: "side", name: "Side" },
  { id: "above", name: "Above" },
];
const SURFACES: readonly { readonly id: Surface; readonly name: string }[] = [
  { id: "plain", name: "Plain" },
  { id: "stripes", name: "Stripes along the grain" },
  { id: "strain", name: "Stretch" },
];

export type Drawn = { readonly surface: Surface; readonly hasLines: boolean };

type Props = {
  readonly drawn: Drawn;
  readonly onDrawn: (drawn: Drawn) => void;
  readonly onView: (view: View) => void;
  readonly isBeside: boolean;
  /** Null while there is nothing to keep or save. */
  readonly onBeside: (() => void) | null;
  readonly onSave: (() => void) | null;
};

/** From where the toile is looked at, what is drawn on it, and what can be kept of it. */
export const WearTools = memo(function WearTools({ drawn, onDrawn, onView, isBeside, onBeside, onSave }: Props) {
  return (
    <Flex
      wrap="wrap"
      columnGap="4"
      rowGap="1"
      px="3"
      py="2"
      borderBottom="1px solid"
      borderColor="rule"
      className="not-printed"
      align="center"
    >
      <Group>
        {VIEWS.map(({ id, name }) => (
          <PressButton key={id} name={name} onPress={() => onView(id)} />
        ))}
      </Group>
      <Group>
        {SURFACES.map(({ id, name }) => (
          <PressButton
            key={id}
            name={name}
            isOn={drawn.surface === id}
            onPress={() => onDrawn({ ...drawn, surface: id })}
          />
        ))}
        <PressButton
          name="Seams and notches"
          isOn={drawn.hasLines}
          onPress={() => onDrawn({ ...drawn, hasLines: !drawn.hasLines })}
        />
      </Group>
      <Group>
        {onBeside && (
          <PressButton name={isBeside ? "Put the other away" : "Keep beside, to compare"} onPress={onBeside} />
        )}
        {onSave && <PressButton name="Save the picture" onPress={onSave} />}
      </Group>
    </Flex>
  );
});

function Group({ children }: { readonly children: ReactNode }) {
  return (
    <Flex wrap="wrap" gap="1">
      {children}
    </Flex>
  );
}
