import { ChoiceSelect } from "@app/components/choice-select";
import { Sheet } from "@app/sheet/sheet";
import type { View } from "@app/sheet/view";
import { FieldGroup } from "@app/work/field-group";
import { WorkColumns } from "@app/work/work-columns";
import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { namesOf } from "@core/data/index";
import { boxOf, type Path, pathLength } from "@core/geometry/index";
import type { DrawingUnit, DrawnEdge } from "@importing/index";
import { useMemo, useState } from "react";
import { BlockSource } from "./block-source";
import { EdgeToPick } from "./edge-to-pick";
import { RoleList } from "./role-list";
import { useDrawing } from "./use-drawing";
import { PICKED_ROLES, type PickedPaths, type PickedRole, type Picks, ROLE_NAMES, useTakePicked } from "./use-pick";

const UNIT_CHOICES: readonly { readonly value: DrawingUnit | "ask"; readonly label: string }[] = [
  { value: "ask", label: "Choose …" },
  { value: "mm", label: "Millimetres" },
  { value: "cm", label: "Centimetres" },
  { value: "in", label: "Inches" },
  { value: "px", label: "Pixels, 96 to the inch" },
];

/** A drawing on the sheet, whose edges are pointed at one after another. The file is read here and goes nowhere else. */
export function DrawingBench() {
  const drawing = useDrawing();
  const [active, setActive] = useState<PickedRole>("front.armhole");
  const take = useTakePicked();
  const { edges, picks } = drawing;
  const { paths, problem } = useMemo(() => pathsOf(edges, picks, drawing.join), [edges, picks, drawing.join]);
  const lengths = Object.fromEntries(
    namesOf(paths).map((role) => [
      role,
      { mm: pathLength(paths[role] ?? []), note: drawing.guessed.has(role) ? <Guessed /> : undefined },
    ]),
  );
  return (
    <WorkColumns
      fields={
        <>
          <BlockSource />
          <FieldGroup
            title="The drawing"
            note="SVG or DXF, drawn at true scale. It is read in this browser and not sent anywhere."
          >
            <input
              type="file"
              accept=".svg,.dxf,image/svg+xml"
              aria-label="Drawing"
              onChange={(event) => void drawing.open(event.currentTarget.files?.[0])}
            />
            {drawing.reading && (
              <Flex gap="3" align="center">
                <Box flex="1">
                  <Text role="status" color="inkSoft">
                    {`Step ${drawing.reading.step} of ${drawing.reading.of}: ${drawing.reading.says} …`}
                  </Text>
                  <progress
                    value={drawing.reading.step - 1}
                    max={drawing.reading.of}
                    aria-label="The drawing is read"
                  />
                </Box>
                <Button size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={drawing.giveUp}>
                  Give up
                </Button>
              </Flex>
            )}
            {drawing.problem && (
              <Text role="alert" color="fault" data-drawing-problem={drawing.problem.code}>
                {drawing.problem.message}
              </Text>
            )}
            {(drawing.problem?.code === "no-unit" || drawing.assumed !== null) && (
              <ChoiceSelect
                id="drawing.unit"
                label="Unit of the drawing"
                value={drawing.assumed ?? "ask"}
                choices={UNIT_CHOICES}
                onChoose={(unit) => void drawing.assume(unit === "ask" ? null : unit)}
              />
            )}
            {drawing.notes.map((note) => (
              <Text key={note} fontSize="sm" color="inkSoft">
                {note}
              </Text>
            ))}
          </FieldGroup>
        </>
      }
      sheet={
        edges.length === 0 ? (
          <Box display="grid" placeItems="center" h="100%" bg="panel" px="12" textAlign="center" color="inkSoft">
            <Text maxW="26rem" fontSize="lg">
              Open a drawing of the front and back bodice. Its edges appear here; point at the armholes, and at the
              necklines and shoulders if they are drawn.
            </Text>
          </Box>
        ) : (
          <Sheet
            box={boxOf(edges.map((edge) => edge.path))}
            label={`The drawing; choose the ${ROLE_NAMES[active].toLowerCase()}`}
          >
            {(view: View) =>
              edges.map((edge) => (
                <EdgeToPick
                  key={edge.id}
                  edge={edge}
                  view={view}
                  role={roleOf(picks, edge.id)}
                  onPick={() => drawing.toggle(active, edge.id)}
                />
              ))
            }
          </Sheet>
        )
      }
      side={{
        panel: "side",
        name: "The edges",
        content: (
          <FieldGroup
            title="The edges"
            note="Choose which edge, then point at it in the drawing; point again to take it away. An edge drawn in parts is pointed at part by part."
          >
            <RoleList
              active={active}
              onActivate={setActive}
              lengths={lengths}
              problem={problem}
              onTake={() => take(paths, "drawing")}
            />
          </FieldGroup>
        ),
      }}
    />
  );
}

function Guessed() {
  return (
    <Text as="span" color="warn" fontSize="sm">
      {" "}
      guessed
    </Text>
  );
}

function roleOf(picks: Picks, id: string): PickedRole | null {
  return PICKED_ROLES.find((role) => picks[role]?.includes(id)) ?? null;
}

function pathsOf(
  edges: readonly DrawnEdge[],
  picks: Picks,
  join: ((edges: readonly DrawnEdge[]) => Path | null) | null,
): { readonly paths: PickedPaths; readonly problem: string | null } {
  const paths: { [role in PickedRole]?: Path } = {};
  for (const role of PICKED_ROLES) {
    const picked = edges.filter((edge) => picks[role]?.includes(edge.id));
    if (picked.length === 0 || !join) continue;
    const path = join(picked);
    if (!path)
      return {
        paths,
        problem: `The parts chosen as ${ROLE_NAMES[role].toLowerCase()} do not meet end to end, or are made of too many small pieces.`,
      };
    paths[role] = path;
  }
  return { paths, problem: null };
}
