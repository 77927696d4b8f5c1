import { SIDES, type Side } from "../block";
import { composeDraft, type Draft, type DraftLine, length, phrase, type StepRecord } from "../draft";
import { boxOf, distance, mapPath, type Path, pathLength, startOf } from "../geometry";
import type { HalfEdges, Piece } from "../pattern";
import { casingFor } from "../sleeve/finish";
import { isFacedDown } from "./bodice-pieces";
import { type BodiceChoices, standWidth } from "./choices";

/** What front and back are finished from: the pieces as they came out, and their halves. */
type Finished = {
  /** The panels of each half, from the centre outwards; and the facings. */
  readonly main: Readonly<Record<Side, readonly Piece[]>>;
  readonly facings: Readonly<Record<Side, readonly Piece[]>>;
  readonly halves: { readonly front: HalfEdges; readonly back: HalfEdges };
  readonly choices: BodiceChoices;
};

/** The back lies beside the front on the card, turned over, so far from it. */
const BETWEEN_MM = 60;

/**
 * How front and back are made of the drafted halves: cut apart, flared, their button stand, buttons, hem and facings, in the order of the
 * table. The lines are those of the pieces, the back's turned over beside the front's.
 */
export function bodiceDraft(finished: Finished): Draft {
  return composeDraft("bodice", "Pieces of front and back", [
    traceStep(finished),
    ...flareSteps(finished),
    ...standSteps(finished),
    ...buttonSteps(finished),
    ...hemSteps(finished),
    ...facingSteps(finished),
  ]);
}

/** Every edge where a half ends below, and every edge of what is grown on beyond its centre. */
const isHem = (id: string) => /hem/i.test(id);
const isStand = (id: string) => /^(stand|facing)/.test(id);

/** Edges of both halves as they lie on the card, each once. */
function drawn(
  { main, beside = main }: Pick<Finished, "main"> & { readonly beside?: Finished["main"] },
  name: string,
  isWanted: (edge: string) => boolean,
  kind: DraftLine["kind"] = "seam",
): readonly DraftLine[] {
  const away = Math.min(0, ...beside.front.map(({ outline }) => boxOf([outline]).left)) - BETWEEN_MM;
  const turnedOver = (path: Path) => mapPath(path, ({ x, y }) => ({ x: away - x, y }));
  return SIDES.flatMap((side) =>
    main[side].flatMap(({ id, edges }) =>
      edges
        .filter((one) => isWanted(one.id))
        .map(({ path }, i) => ({ id: `${id}.${name}.${i}`, kind, path: side === "back" ? turnedOver(path) : path })),
    ),
  );
}

function traceStep(finished: Finished): StepRecord {
  const { main, choices } = finished;
  const count = main.front.length;
  const lines = drawn(finished, "traced", (id) => !isHem(id) && !isStand(id));
  if (count <= 1)
    return { text: phrase`Trace front and back from the drafted halves, with every dart, notch and line.`, lines };
  return {
    text:
      choices.waistSeam === "waist"
        ? phrase`Trace front and back from the drafted halves, and cut them apart along the princess lines and at the waist: ${String(count)} pieces to each half of the front. Give each its own grain, square to its waist, and its notches.`
        : phrase`Trace front and back from the drafted halves, and cut them apart along the princess lines: ${String(count)} pieces to each half of the front. Give each its own grain, square to its waist, and its notches.`,
    lines,
  };
}

function flareSteps({ choices }: Finished): readonly StepRecord[] {
  if (choices.flare === 0) return [];
  return [
    {
      text: phrase`Flare: below the hip swing every seam edge but the centres out by ${length(choices.flare)} at the hem, as long as it was, so that the hem hangs level.`,
    },
  ];
}

function standSteps(finished: Finished): readonly StepRecord[] {
  const { halves, choices } = finished;
  if (choices.front !== "buttons" || halves.front.isEdgeOfCollar) return [];
  const width = standWidth(choices);
  const lines = drawn(finished, "stand", (id) => isStand(id) && !isHem(id));
  switch (choices.standFinish) {
    case "strip":
      return [
        {
          text: phrase`Button stand: a strip of its own, ${length(2 * width)} wide and ${length(pathLength(halves.front.centre))} long, folded lengthwise and sewn to the centre front.`,
        },
      ];
    case "folded":
      return [
        {
          text: phrase`Button stand: go ${length(width)} out beyond the centre front, from the neck to the hem, and fold the paper there; trace the neck and the hem through for what is folded back.`,
          lines,
        },
      ];
    case "turned-twice":
      return [
        {
          text: phrase`Button stand: go ${length(width)} out beyond the centre front for the front edge, and twice as far again for what is turned in two times.`,
          lines,
        },
      ];
    case "faced":
      return [
        {
          text: phrase`Button stand: go ${length(width)} out beyond the centre front, from the neck to the hem. A facing of its own finishes the edge.`,
          lines,
        },
      ];
  }
}

function buttonSteps({ main, halves }: Finished): readonly StepRecord[] {
  const front = main.front.find(({ buttons }) => (buttons?.length ?? 0) > 0);
  const [first, second] = front?.buttons ?? [];
  if (!front?.buttons || !first) return [];
  const below = first.at.y - startOf(halves.front.half.centre).y;
  const long = pathLength(first.hole);
  const lines = front.buttons.map(({ hole }, i): DraftLine => ({ id: `button.${i + 1}`, kind: "seam", path: hole }));
  return [
    {
      text: second
        ? phrase`Mark ${String(front.buttons.length)} buttons on the centre front: the first ${length(below)} below the neck, and then every ${length(distance(first.at, second.at))}. A hole is ${length(long)} long.`
        : phrase`Mark the button on the centre front, ${length(below)} below the neck. Its hole is ${length(long)} long.`,
      lines,
    },
  ];
}

function hemSteps(finished: Finished): readonly StepRecord[] {
  const { main, choices } = finished;
  const lines = drawn(finished, "hem", isHem);
  const half = (side: Side) =>
    main[side]
      .flatMap(({ edges }) => edges.filter(({ id }) => id === "hem"))
      .reduce((sum, { length: one }) => sum + one, 0);
  const tapeCheck = phrase`the hem measures ${length(half("front"))} in the front half and ${length(half("back"))} in the back half`;
  const act = (text: StepRecord["text"]): readonly StepRecord[] => [{ text, lines, tapeCheck }];
  switch (choices.hem) {
    case "curved":
      return act(
        phrase`Curved hem: raise the side seam by ${length(choices.hemRise)}, and draw the hem from there to the centre, level at both ends, in one even sweep.`,
      );
    case "casing":
      return act(
        phrase`Casing at the hem: add ${length(casingFor(choices.hemElastic))} below it, to be folded up, for an elastic ${length(choices.hemElastic)} wide.`,
      );
    case "band":
      return act(phrase`The hem is finished by a band ${length(choices.hemDepth)} deep, cut double and folded.`);
    case "plain":
      return act(
        choices.hemDepth > 0
          ? phrase`Draw the hem, and ${length(choices.hemDepth)} below it what is turned up, its sides mirrored.`
          : phrase`Draw the hem, square to every seam that it meets.`,
      );
  }
}

function facingSteps(finished: Finished): readonly StepRecord[] {
  const { main, facings, choices, halves } = finished;
  if (choices.neck !== "facing") return [];
  const lines = drawn({ main: facings, beside: main }, "facing", () => true, "beneath");
  const isDown = isFacedDown(halves.front, choices);
  return [
    {
      text: isDown
        ? phrase`Facings: lay paper on the front and trace the neck, half the shoulder and the front edge; draw its inner edge from there down to the hem. For the back trace the neck, as wide at the shoulder.`
        : phrase`Facings: lay paper on front and back, trace neck and shoulders, and draw the inner edge ${length(choices.facingWidth)} from the neck all round.`,
      lines,
    },
  ];
}
