import { ChoiceSelect } from "@app/components/choice-select";
import { Sentence } from "@app/components/length-text";
import { sameTakes } from "@app/features/cloths/cloth-texts";
import { useStudioCloths } from "@app/features/cloths/studio-cloths";
import { useStudioEase } from "@app/features/settings/studio-ease";
import { useWork, useWorkStore } from "@app/work/work-context";
import { Box, Button, Text } from "@chakra-ui/react";
import { CLOTH_KINDS, clothOf, takesOf } from "@core/cloth/index";
import { length, percent, phrase } from "@core/draft/index";
import { workroomEase } from "@core/studio/index";
import { Link } from "react-router";

/** The cloth, with what it takes by the workroom's table; a garment keeps the figures that it was drafted with. */
export function ClothChoice() {
  const store = useWorkStore();
  const cloth = useWork((work) => work.garment.resolved.cloth);
  const { table, own } = useStudioCloths();
  const ease = useStudioEase();
  const garment = useWork(({ garment: { resolved } }) =>
    resolved.block.source === "drafted" && resolved.block.school === "fitted" ? resolved.block.garment : null,
  );
  const name = useWork((work) => work.spec.cloth.name);
  const chosen = own.find((one) => one.name === name);
  const inTable = chosen?.takes ?? table[cloth.kind] ?? takesOf(clothOf(cloth.kind));
  const { capEase, upperArmEase, mostEaseShare } = cloth;
  const choose = (value: string) => {
    const mine = own.find(({ id }) => id === value);
    const kind = CLOTH_KINDS.find((one) => one === value);
    const { change } = store.getState();
    const becomes = mine?.kind ?? kind;
    // The workroom's ease goes with the garment and its cloth.
    const ofBlock = garment && becomes ? { block: { workroomEase: workroomEase(ease, garment, becomes) } } : {};
    if (mine)
      change({
        ...ofBlock,
        cloth: {
          name: mine.name,
          kind: mine.kind,
          takes: mine.takes,
          hangs: mine.hangs ?? undefined,
          ...(mine.width && { width: mine.width }),
        },
      });
    else if (kind) change({ ...ofBlock, cloth: { name: undefined, kind, takes: table[kind], hangs: undefined } });
  };
  const value: string = chosen?.id ?? cloth.kind;
  return (
    <Box>
      <ChoiceSelect
        id="cloth.kind"
        label="Cloth"
        value={value}
        choices={[
          ...own.map((one) => ({ value: one.id, label: one.name })),
          ...CLOTH_KINDS.map((one) => ({ value: one as string, label: clothOf(one).name })),
        ]}
        onChoose={choose}
      />
      <Text fontSize="sm" color="inkSoft" mt="1" data-cloth-takes>
        <Sentence
          words={phrase`Takes ${length(capEase.least)} to ${length(capEase.most)} in the cap and up to ${percent(mostEaseShare)} of a section; over the arm ${length(upperArmEase.least)} to ${length(upperArmEase.most)}.`}
        />{" "}
        <Link to="/settings/cloths">Your cloths</Link>
      </Text>
      {!sameTakes(cloth, inTable) && (
        <Box mt="2">
          <Text fontSize="sm">Your table has changed since.</Text>
          <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" mt="1" onClick={() => choose(value)}>
            Take the table’s figures
          </Button>
        </Box>
      )}
    </Box>
  );
}
