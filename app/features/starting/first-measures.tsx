import { LengthField } from "@app/components/length-field";
import { useTape } from "@app/components/preferences";
import { BodyFigure } from "@app/measures/body-figure";
import { isAngle, measureText } from "@app/measures/measure-text";
import { type Body, type MeasureId, measureOf } from "@core/body/index";
import { measuresAsked } from "@core/starting/index";
import { useState } from "react";
import { useEstimates } from "./use-estimates";

type Props = {
  /** What the garment is drafted by, in the order of the tape. */
  readonly reads: readonly MeasureId[];
  /** What the client measures already, which is not asked for again, and what is typed here. */
  readonly taken: Body;
  readonly body: Body;
  readonly texts: Readonly<Record<string, string>>;
  /** What is wrong with a box, by its name. */
  readonly problems: Readonly<Partial<Record<string, string>>>;
  readonly onText: (id: MeasureId, text: string) => void;
};

/** The measures that a garment is drafted by and that were not taken yet, the figure showing where the tape goes for the one in hand. */
export function FirstMeasures({ reads, taken, body, texts, problems, onText }: Props) {
  const tape = useTape();
  const estimates = useEstimates(body);
  const asked = reads.filter((id) => taken[id] === undefined);
  const { first, more } = measuresAsked(asked);
  const [active, setActive] = useState<MeasureId | null>(null);
  const shown = active !== null && asked.includes(active) ? active : (first[0] ?? more[0]);
  if (!shown)
    return <p className="start-note">Every measure that this garment is drafted by was taken of this client.</p>;
  const box = (id: MeasureId) => {
    const estimate = estimates[id];
    return (
      <div key={id} onFocusCapture={() => setActive(id)}>
        <LengthField
          id={id}
          label={measureOf(id).term}
          value={texts[id] ?? ""}
          problem={problems[id]}
          standsIn={
            estimate === undefined ? undefined : `about ${measureText(id, estimate, tape, { withUnit: false })}`
          }
          {...(isAngle(id) ? { unit: "°" } : {})}
          onText={(text) => onText(id, text)}
        />
      </div>
    );
  };
  return (
    <>
      <div className="start-figure" aria-live="polite">
        <div>
          <BodyFigure id={shown} />
        </div>
        <p>
          <b>{measureOf(shown).term}</b>
          {measureOf(shown).howTaken}
        </p>
      </div>
      <p className="start-note">What is left empty is estimated. You can measure it later.</p>
      <div className="start-boxes">{first.map(box)}</div>
      {more.length > 0 && (
        <details className="start-more" open={more.some((id) => problems[id]) || undefined}>
          <summary>{more.length === 1 ? "One more measure" : `${more.length} more measures`}</summary>
          <div className="start-boxes">{more.map(box)}</div>
        </details>
      )}
    </>
  );
}
