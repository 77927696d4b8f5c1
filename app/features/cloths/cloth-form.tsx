import { ActForm } from "@app/components/act-form";
import { useKeptTexts } from "@app/components/kept-texts";
import { useUnit } from "@app/components/preferences";
import { useTextsInUnit } from "@app/components/texts-in-unit";
import { Box, Button, Flex, Table, Text } from "@chakra-ui/react";
import { CLOTH_KINDS, type ClothKind, type ClothTable, clothOf, takesOf } from "@core/cloth/index";
import { useEffect, useState } from "react";
import { useNavigation } from "react-router";
import { ClothBox } from "./cloth-box";
import { ALL_LENGTHS, boxOf, CLOTH_LENGTHS, clothTexts, isUsual, readTable, tableTexts } from "./cloth-texts";

type Props = {
  readonly table: ClothTable;
  /** The server's answer to the last try. */
  readonly answer:
    | { readonly problems?: Readonly<Record<string, string>>; readonly failure?: string; readonly isSaved?: boolean }
    | undefined;
};

/** What each kind of cloth bears at the sleeve: the workroom's own table, from which every garment takes its defaults and its limits. */
export function ClothForm({ table, answer }: Props) {
  const unit = useUnit();
  const [texts, setTexts, forget] = useKeptTexts("gamine-cloths", tableTexts(table, unit));
  const [isChanged, setChanged] = useState(false);
  const isSaving = useNavigation().state !== "idle";
  useTextsInUnit(unit, texts, ALL_LENGTHS, setTexts);
  useEffect(() => {
    if (answer?.isSaved) forget();
  }, [answer, forget]);
  const { problems, table: written } = readTable(texts);
  const count = Object.keys(problems).length;
  const write = (changes: Readonly<Record<string, string>>) => {
    setChanged(true);
    setTexts(changes);
  };
  return (
    <>
      <Text color="inkSoft" maxW="46rem" mb="5">
        How much ease each cloth takes in the cap and gives over the upper arm, and how much of a section can be eased
        in before it puckers. New garments start from these figures, and are judged by them; a garment that is saved
        keeps its own.
      </Text>
      <ActForm
        noValidate
        onSubmit={(event) => {
          if (count > 0) event.preventDefault();
          else setChanged(false);
        }}
      >
        <input type="hidden" name="unit" value={unit} />
        <Box overflowX="auto">
          <Table.Root variant="line" color="ink" size="sm" fontSize="md">
            <Table.Header>
              <Table.Row bg="transparent">
                <Head>Cloth</Head>
                <Head span={2}>Cap ease, least and most</Head>
                <Head span={2}>Upper-arm ease, least and most</Head>
                <Head>Most in a section</Head>
                <Head />
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {CLOTH_KINDS.map((kind) => (
                <Table.Row key={kind} bg="transparent" data-cloth={kind} verticalAlign="top">
                  <Table.Cell fontWeight="600" pt="4" minW="9rem">
                    {clothOf(kind).name}
                    <Text fontSize="sm" fontWeight="400" color="inkSoft">
                      {sourceOf(kind, written)}
                    </Text>
                  </Table.Cell>
                  {CLOTH_LENGTHS.map((column) => (
                    <Table.Cell key={column} px="1.5">
                      <ClothBox
                        id={boxOf(kind, column)}
                        label={`${clothOf(kind).name}: ${LABELS[column]}`}
                        text={texts[boxOf(kind, column)] ?? ""}
                        sign={unit}
                        problem={problems[boxOf(kind, column)]}
                        onText={(text) => write({ [boxOf(kind, column)]: text })}
                      />
                    </Table.Cell>
                  ))}
                  <Table.Cell px="1.5">
                    <ClothBox
                      id={boxOf(kind, "share")}
                      label={`${clothOf(kind).name}: most ease in a section, in per cent`}
                      text={texts[boxOf(kind, "share")] ?? ""}
                      sign="%"
                      problem={problems[boxOf(kind, "share")]}
                      onText={(text) => write({ [boxOf(kind, "share")]: text })}
                    />
                  </Table.Cell>
                  <Table.Cell>
                    {written[kind] !== undefined && (
                      <Button
                        size="sm"
                        variant="outline"
                        borderColor="ruleStrong"
                        color="ink"
                        aria-label={`${clothOf(kind).name}: back to the usual`}
                        onClick={() => write(clothTexts(kind, takesOf(clothOf(kind)), unit))}
                      >
                        Back to the usual
                      </Button>
                    )}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
        <Flex align="center" gap="4" mt="5" wrap="wrap">
          <Button type="submit" bg="chalk" color="onChalk" loading={isSaving} loadingText="Saving">
            Save the table
          </Button>
          <Text role="status" color={answer?.failure ? "fault" : "inkSoft"}>
            {answer?.failure ??
              (count > 0
                ? `${count === 1 ? "One box needs" : `${count} boxes need`} another look.`
                : answer?.isSaved && !isChanged
                  ? "Saved. New garments start from it."
                  : "")}
          </Text>
        </Flex>
      </ActForm>
    </>
  );
}

const LABELS = {
  "capEase.least": "least cap ease",
  "capEase.most": "most cap ease",
  "upperArmEase.least": "least upper-arm ease",
  "upperArmEase.most": "most upper-arm ease",
} as const;

function sourceOf(kind: ClothKind, table: ClothTable): string {
  const own = table[kind];
  return own && !isUsual(kind, own) ? "your own figures" : `usual, ${clothOf(kind).source}`;
}

function Head({ children, span }: { readonly children?: React.ReactNode; readonly span?: number }) {
  return (
    <Table.ColumnHeader
      color="inkSoft"
      borderColor="ruleStrong"
      colSpan={span}
      whiteSpace="normal"
      verticalAlign="bottom"
    >
      {children}
    </Table.ColumnHeader>
  );
}
