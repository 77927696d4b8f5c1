import { useTape } from "@app/components/preferences";
import type { SewnSleeve } from "@core/drafting/index";
import { along, type Point, pathLength } from "@core/geometry/index";
import { formatLength } from "@core/tape/index";
import { FigureAt, Letters, Lines } from "./drawn";
import { PieceMarks } from "./piece-marks";
import type { View } from "./view";

type DraftProps = { readonly drafted: SewnSleeve; readonly view: View; readonly isHeld: boolean };

/** While a handle is held only what the hand is changing is written on the sheet; the letters come back when it lets go. */
export function SleeveDraft({ drafted, view, isHeld }: DraftProps) {
  const { draft, drawn, isRedrawn } = drafted;
  return (
    <>
      {(["strip", "guide", "beneath", "seam"] as const).map((kind) => (
        <Lines
          key={kind}
          lines={draft.lines.filter((line) => line.kind === kind && !(isRedrawn && isOnPlain(line.id)))}
          view={view}
        />
      ))}
      {drawn.map((piece) => (
        <PieceMarks key={piece.id} piece={piece} view={view} isGrainDrawn={piece.grain.from.x === 0} />
      ))}
      <ChangingFigures drafted={drafted} view={view} />
      {!isHeld && <RestingFigures drafted={drafted} view={view} />}
    </>
  );
}

type FiguresProps = { readonly drafted: SewnSleeve; readonly view: View };

function ChangingFigures({ drafted, view }: FiguresProps) {
  const tape = useTape();
  const { frame } = drafted.sleeve;
  const [front, back] = drafted.seams;
  const width = frame.frontWidth + frame.backWidth;
  const text = (mm: number) => formatLength(mm, tape);
  const onFront = onCap(drafted, "front");
  const onBack = onCap(drafted, "back");
  return (
    <>
      <FigureAt
        at={onFront}
        text={text(front.partLength)}
        view={view}
        types="sleeve.capEase"
        dx={56}
        dy={-18}
        anchor="start"
      />
      <FigureAt
        at={onBack}
        text={text(back.partLength)}
        view={view}
        types="sleeve.capEase"
        dx={-56}
        dy={-18}
        anchor="end"
      />
      <FigureAt at={{ x: 0, y: frame.height / 2 }} text={text(frame.height)} view={view} dx={8} dy={4} anchor="start" />
      <FigureAt
        at={{ x: -width / 8, y: frame.height }}
        text={text(width)}
        view={view}
        types="sleeve.upperArmEase"
        dy={-7}
      />
    </>
  );
}

function RestingFigures({ drafted, view }: FiguresProps) {
  const { styled } = drafted;
  const tape = useTape();
  const [piece] = drafted.drawn;
  const underarm = piece?.edges.find((edge) => edge.id === "underarmFront" || edge.id === "frontSeam");
  const hem = piece?.folds[0] ?? piece?.edges.find((edge) => edge.id === "hem" || edge.id === "lanternSeam")?.path;
  const text = (mm: number) => formatLength(mm, tape);
  return (
    <>
      <Letters points={lettersOnSheet(drafted)} view={view} middle={0} />
      <FigureAt at={onCap(drafted, "front")} text="front" view={view} dx={56} dy={-2} anchor="start" soft />
      <FigureAt at={onCap(drafted, "back")} text="back" view={view} dx={-56} dy={-2} anchor="end" soft />
      {hem && (
        <FigureAt
          at={along(hem, pathLength(hem) / 4).point}
          text={text(pathLength(hem))}
          view={view}
          dy={-7}
          types={styled ? undefined : "sleeve.hemWidth"}
        />
      )}
      {underarm && (
        <FigureAt
          at={along(underarm.path, underarm.length / 2).point}
          text={text(underarm.length)}
          view={view}
          types="sleeve.length"
          dx={10}
          dy={14}
          anchor="start"
        />
      )}
    </>
  );
}

/** What was only ruled on the plain sleeve before it was cut apart: on the sheet the strips themselves show it. */
function isOnPlain(line: string): boolean {
  return line.startsWith("slash.") || line.startsWith("plain.slant");
}

/** A style is lettered where it changes the plain sleeve; the card has all letters. */
function lettersOnSheet({ styled, isRedrawn, draft }: SewnSleeve) {
  return styled && isRedrawn ? styled.acts.flatMap((act) => act.points ?? []) : draft.points;
}

/** A place on the upper cap beside which its length is written. */
function onCap({ caps }: SewnSleeve, side: "front" | "back"): Point {
  return along(caps[side], pathLength(caps[side]) * 0.35).point;
}
