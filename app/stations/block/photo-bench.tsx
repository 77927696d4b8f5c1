import { ChoiceSelect } from "@app/components/choice-select";
import { LengthText } from "@app/components/length-text";
import { useTape } from "@app/components/preferences";
import { FieldGroup } from "@app/work/field-group";
import { WorkColumns } from "@app/work/work-columns";
import { Box, Button, chakra, Flex, Text } from "@chakra-ui/react";
import { formatLength } from "@core/tape/index";
import { KNOWN_SHEETS, type Traced, traceEdge } from "@core/trace/index";
import { useMemo, useReducer } from "react";
import { BlockSource } from "./block-source";
import { PhotoSheet } from "./photo-sheet";
import { RoleList } from "./role-list";
import { NO_TRACE, placesOf, placesWanted, type ReferenceKind, referenceOf, traceReducer } from "./trace-state";
import { TypedLength, useTypedLength } from "./typed-length";
import { usePhoto } from "./use-photo";
import { PICKED_ROLES, type PickedRole, ROLE_NAMES, useTakePicked } from "./use-pick";

const Step = chakra("button", {
  base: {
    display: "block",
    w: "100%",
    px: "3",
    py: "1.5",
    textAlign: "left",
    cursor: "pointer",
    border: "1px solid",
    borderColor: "rule",
    "&[aria-pressed=true]": { borderColor: "chalk", bg: "chalkPale" },
  },
});

/** A photograph of a paper pattern on the table: its scale and tilt from something of known size, its edges pointed at. */
export function PhotoBench() {
  const tape = useTape();
  const { photo, problem, open, openSample } = usePhoto();
  const [state, dispatch] = useReducer(traceReducer, NO_TRACE);
  const [short, long, apart] = [useTypedLength("Shorter side"), useTypedLength("Longer side"), useTypedLength("Apart")];
  const take = useTakePicked();
  const reference = useMemo(
    () => referenceOf(state, { short: short.mm, long: long.mm, apart: apart.mm }),
    [state, short.mm, long.mm, apart.mm],
  );
  const traced = useMemo(() => {
    const found: { [role in PickedRole]?: Traced & { readonly ok: true } } = {};
    for (const role of PICKED_ROLES) {
      const places = state.traces[role] ?? [];
      const within = Math.max(...places.map((place) => place.within), ...state.reference.map((place) => place.within));
      const edge = reference && places.length > 1 ? traceEdge(places, reference, within) : null;
      if (edge?.ok) found[role] = edge;
    }
    return found;
  }, [state, reference]);
  const isFlawed =
    reference !== null &&
    Object.keys(state.traces).length > 0 &&
    Object.keys(traced).length === 0 &&
    Object.values(state.traces).some((places) => places.length > 1);
  const lengths = Object.fromEntries(
    Object.entries(traced).map(([role, { edge }]) => [
      role,
      {
        mm: edge.length,
        note: (
          <Text as="span" color="inkSoft" fontSize="sm">
            {" "}
            ± <LengthText mm={edge.error} />
          </Text>
        ),
      },
    ]),
  );
  const wanted = placesWanted(state.kind);
  const takeAll = () => {
    const paths = Object.fromEntries(Object.entries(traced).map(([role, { edge }]) => [role, edge.path]));
    const errors = (["front.armhole", "back.armhole"] as const).map((role) => traced[role]?.edge.error ?? 0);
    take(paths, "photograph", Math.max(...errors));
  };
  return (
    <WorkColumns
      fields={
        <>
          <BlockSource />
          <FieldGroup
            title="The photograph"
            note="Of the paper pattern lying flat, with a sheet of known size or a tape beside it. It stays in this browser."
          >
            <input
              type="file"
              accept="image/png,image/jpeg,image/webp"
              aria-label="Photograph"
              onChange={(event) => {
                dispatch({ do: "begin" });
                void open(event.currentTarget.files?.[0]);
              }}
            />
            <Box>
              <Button
                size="sm"
                variant="outline"
                borderColor="ruleStrong"
                color="ink"
                onClick={() => {
                  dispatch({ do: "begin" });
                  void openSample();
                }}
              >
                Try it on a sample photograph
              </Button>
            </Box>
            {problem && (
              <Text role="alert" color="fault">
                {problem}
              </Text>
            )}
          </FieldGroup>
          <FieldGroup title="Something of known size">
            <ChoiceSelect<ReferenceKind>
              id="photo.reference"
              label="Known size"
              value={state.kind}
              choices={[
                ...KNOWN_SHEETS.map(({ id, name, short, long }) => ({
                  value: id,
                  label: `${name}, ${formatLength(short, tape, { withUnit: false })} × ${formatLength(long, tape)}`,
                })),
                { value: "other", label: "Another rectangle" },
                { value: "marks", label: "A tape: two of its marks" },
              ]}
              onChoose={(kind) => dispatch({ do: "kind", kind })}
              hint={
                state.kind === "marks"
                  ? "Only for a photograph taken straight from above: two marks cannot tell its tilt."
                  : "Its corners also tell how the camera was tilted, and that is taken out."
              }
            />
            {state.kind === "other" && (
              <>
                <TypedLength id="photo.short" label="Shorter side" field={short} />
                <TypedLength id="photo.long" label="Longer side" field={long} />
              </>
            )}
            {state.kind === "marks" && <TypedLength id="photo.apart" label="The marks are apart" field={apart} />}
            <Step
              type="button"
              data-pointing="reference"
              aria-pressed={state.pointing === "reference"}
              onClick={() => dispatch({ do: "point-at", pointing: "reference" })}
            >
              {state.kind === "marks" ? "The two marks" : "The four corners"}: {state.reference.length} of {wanted}
            </Step>
            {reference === null && state.reference.length === wanted && (
              <Text color="warn" fontSize="sm">
                Its size is still wanted.
              </Text>
            )}
            {isFlawed && (
              <Text role="alert" color="fault" fontSize="sm">
                These points make no rectangle. Clear them and point at the corners again.
              </Text>
            )}
          </FieldGroup>
        </>
      }
      sheet={
        photo ? (
          <PhotoSheet
            key={photo.url}
            photo={photo}
            state={state}
            reference={reference}
            traced={traced}
            dispatch={dispatch}
          />
        ) : (
          <Box display="grid" placeItems="center" h="100%" bg="panel" px="12" textAlign="center" color="inkSoft">
            <Text maxW="26rem" fontSize="lg">
              Open a photograph or a scan of the pattern. Point at the corners of a sheet that lies beside it, then
              along each edge from the shoulder to the underarm.
            </Text>
          </Box>
        )
      }
      side={{
        panel: "side",
        name: "The edges",
        content: (
          <FieldGroup
            title="The edges"
            note="Choose an edge and point along it, closer where it bends. Points can be dragged."
          >
            <RoleList
              active={state.pointing === "reference" ? null : state.pointing}
              onActivate={(role) => dispatch({ do: "point-at", pointing: role })}
              lengths={lengths}
              problem={null}
              onTake={takeAll}
            />
            <Flex gap="2" wrap="wrap">
              <Button
                size="sm"
                variant="outline"
                borderColor="ruleStrong"
                color="ink"
                disabled={placesOf(state, state.pointing).length === 0}
                onClick={() => dispatch({ do: "take-back" })}
              >
                Take back the last point
              </Button>
              <Button
                size="sm"
                variant="outline"
                borderColor="ruleStrong"
                color="ink"
                disabled={placesOf(state, state.pointing).length === 0}
                onClick={() => dispatch({ do: "clear" })}
              >
                Clear {state.pointing === "reference" ? "these" : ROLE_NAMES[state.pointing].toLowerCase()}
              </Button>
            </Flex>
            <Text fontSize="sm" color="inkSoft">
              ± is how far the length may be off from pointing alone, about 19 times in 20. Zoom in to point more
              closely. The camera’s own bending of straight lines comes on top; stand back and zoom rather than come
              near.
            </Text>
          </FieldGroup>
        ),
      }}
    />
  );
}
