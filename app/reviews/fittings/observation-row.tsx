import { LengthField } from "@app/components/length-field";
import { useTape, useUnit } from "@app/components/preferences";
import { type Amended, amendNamed, OBSERVATIONS, proposalsFor, type Seen } from "@core/fitting/index";
import type { Garment } from "@core/garment/index";
import { readLength } from "@core/spec/index";
import { formatForTyping, formatLength } from "@core/tape/index";
import { useMemo, useState } from "react";

type Props = {
  readonly number: number;
  readonly seen: Seen;
  readonly garment: Garment | null;
  readonly changes: readonly Amended[];
  /** What was done for this client when the same was seen before, the last first. */
  readonly helped: readonly Amended[];
  readonly isMarking: boolean;
  readonly mayChange: boolean;
  /** Until the changes have been made. */
  readonly mayAmend: boolean;
  readonly onMark: () => void;
  readonly onUnmark: () => void;
  readonly onRemove: () => void;
  readonly onChange: (id: Amended["id"], by: number | null) => void;
};

/** One thing that was seen, where, and the changes that are usual for it: first what helped this client before. */
export function ObservationRow(props: Props) {
  const {
    number,
    seen,
    garment,
    changes,
    helped,
    isMarking,
    mayChange,
    mayAmend,
    onMark,
    onUnmark,
    onRemove,
    onChange,
  } = props;
  const says = seen.what === null ? seen.words : OBSERVATIONS[seen.what].says;
  const proposals = useMemo(() => {
    const all = garment && seen.what !== null ? proposalsFor(garment, seen.what) : [];
    const rankOf = (id: Amended["id"]) => {
      const place = helped.findIndex((one) => one.id === id);
      return place < 0 ? helped.length : place;
    };
    return [...all].sort((a, b) => rankOf(a.id) - rankOf(b.id));
  }, [garment, seen.what, helped]);
  return (
    <article className="observation" data-seen={seen.what ?? "words"}>
      <div className="part-head">
        <strong>
          <span className="observation-number">{number}</span> {says}
        </strong>
        {mayChange && (
          <span className="settings-acts not-printed">
            <button className="pager-button" type="button" aria-pressed={isMarking} onClick={onMark}>
              {isMarking ? "Press the place" : "Mark where"}
            </button>
            {seen.marks.length > 0 && (
              <button className="pager-button" type="button" onClick={onUnmark}>
                No marks
              </button>
            )}
            <button className="pager-button" type="button" aria-label={`Take out: ${says}`} onClick={onRemove}>
              Take out
            </button>
          </span>
        )}
      </div>
      {proposals.map(({ id, says: act, first }) => (
        <Proposed
          key={id}
          id={id}
          says={act}
          first={helped.find((one) => one.id === id)?.by ?? first}
          before={helped.find((one) => one.id === id)?.by ?? null}
          by={changes.find((one) => one.id === id)?.by ?? null}
          mayChange={mayAmend}
          onChange={onChange}
        />
      ))}
    </article>
  );
}

/** A try-on changes a garment by no more: beyond that it is another garment. */
const BOUNDS = { least: 0, most: 150 };

type ProposedProps = {
  readonly id: Amended["id"];
  readonly says: string;
  readonly first: number;
  readonly before: number | null;
  readonly by: number | null;
  readonly mayChange: boolean;
  readonly onChange: (id: Amended["id"], by: number | null) => void;
};

function Proposed({ id, says, first, before, by, mayChange, onChange }: ProposedProps) {
  const [unit, tape] = [useUnit(), useTape()];
  const [text, setText] = useState<string | null>(null);
  const read = text === null ? null : readLength(text, unit, { label: amendNamed(id).says, bounds: BOUNDS });
  return (
    <div className="proposal" data-amend={id} data-taken={by !== null}>
      <label>
        <input
          type="checkbox"
          checked={by !== null}
          disabled={!mayChange}
          onChange={(event) => {
            setText(null);
            onChange(id, event.currentTarget.checked ? first : null);
          }}
        />
        <span>
          {says}
          {by === null && <span className="soft">, first by {formatLength(first, tape)}</span>}
          {before !== null && <em> helped before</em>}
        </span>
      </label>
      {by !== null && !mayChange && <span className="soft">by {formatLength(by, tape)}</span>}
      {by !== null && mayChange && (
        <LengthField
          id={`by.${id}`}
          label={`${says}, by`}
          value={text ?? formatForTyping(by, unit)}
          problem={read && !read.ok ? read.problem.message : undefined}
          onText={(typed) => {
            setText(typed);
            const next = readLength(typed, unit, { label: says, bounds: BOUNDS });
            if (next.ok) onChange(id, next.mm);
          }}
          onEnd={() => (read?.ok ? setText(null) : undefined)}
        />
      )}
    </div>
  );
}
