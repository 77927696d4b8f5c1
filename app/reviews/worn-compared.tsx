import { LengthText } from "@app/components/length-text";
import { WornLines } from "@app/components/worn-lines";
import type { WornBoth, WornSide } from "@app/workers/compare-worn";
import type { CompareWornWorker } from "@app/workers/compare-worn.worker";
import type { GarmentSpec } from "@core/spec/index";
import type { ToldRead } from "@core/toile/index";
import { proxy, wrap } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";

type Props = {
  readonly under: GarmentSpec;
  readonly over: GarmentSpec;
  /** What the two are called, as heads of columns. */
  readonly names: readonly [under: string, over: string];
};

/** Two garments worn on one body, beside each other, once it is asked for; what was read off both, and what differs. */
export function WornCompared({ under, over, names }: Props) {
  const [share, setShare] = useState<number | null>(null);
  const [both, setBoth] = useState<WornBoth | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const worker = useRef<Worker | null>(null);
  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setShare(null);
  }, []);
  // What was worn of other figures says nothing of these.
  // biome-ignore lint/correctness/useExhaustiveDependencies: it begins anew where either garment is another
  useEffect(() => {
    setBoth(null);
    setProblem(null);
    return stop;
  }, [under, over, stop]);
  const begin = () => {
    const own = new Worker(new URL("../workers/compare-worn.worker.ts", import.meta.url), { type: "module" });
    worker.current = own;
    setShare(0);
    setProblem(null);
    wrap<CompareWornWorker>(own)
      .compare(
        under,
        over,
        proxy((now: number) => setShare((was) => was && now)),
      )
      .then(setBoth, () => setProblem("The two could not be worn with these figures."))
      .finally(() => worker.current === own && stop());
  };
  return (
    <section aria-label="Worn" className="worn-compared page-section">
      <h2 className="page-part">Worn</h2>
      {share !== null ? (
        <p role="status" className="not-printed">
          <progress value={share} max={1} aria-label="Both are sewn up and hung" />{" "}
          <button type="button" className="plain-button small" onClick={stop}>
            Stop
          </button>
        </p>
      ) : (
        !both && (
          <p className="not-printed">
            <button type="button" className="plain-button small" onClick={begin}>
              Wear both
            </button>{" "}
            <span className="soft">Both are sewn up and hung on one body, that which the second is drafted for.</span>
          </p>
        )
      )}
      {problem && <p role="alert">{problem}</p>}
      {both && <Both both={both} names={names} />}
    </section>
  );
}

function Both({ both: { under, over }, names }: { readonly both: WornBoth; readonly names: Props["names"] }) {
  const rows = rowsOf(under, over);
  const same = rows.filter(isSame);
  const changed = rows.filter((row) => !isSame(row));
  return (
    <>
      <div className="worn-sides">
        {[under, over].map((side, i) => (
          <figure key={names[i]} data-worn={side.isWorn}>
            {side.isWorn ? <WornLines worn={side.drawing} /> : side.why.map((says) => <p key={says}>{says}</p>)}
            <figcaption>{names[i]}</figcaption>
          </figure>
        ))}
      </div>
      {changed.length > 0 && <Reads rows={changed} names={names} />}
      {same.length > 0 && (
        <details className="page-note">
          <summary>
            {same.length === 1 ? "One figure reads the same on both" : `${same.length} figures read the same on both`}
          </summary>
          <Reads rows={same} names={names} />
        </details>
      )}
    </>
  );
}

type Row = { readonly read: ToldRead; readonly before: number; readonly after: number };

function Reads({ rows, names }: { readonly rows: readonly Row[]; readonly names: Props["names"] }) {
  return (
    <table className="list-table worn-changes">
      <thead>
        <tr>
          <th scope="col">Read off the toile</th>
          <th scope="col">{names[0]}</th>
          <th scope="col">{names[1]}</th>
          <th scope="col">Change</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ read, before, after }) => (
          <tr key={read.id} data-worn-change={read.id}>
            <th scope="row">{read.label}</th>
            <td>
              <Value read={read} value={before} />
            </td>
            <td>
              <Value read={read} value={after} />
            </td>
            <td>
              <Value read={read} value={after - before} signed />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function rowsOf(under: WornSide, over: WornSide): readonly Row[] {
  if (!under.isWorn || !over.isWorn) return [];
  return over.reads.flatMap((read) => {
    const before = under.reads.find(({ id }) => id === read.id);
    return before ? [{ read, before: before.value, after: read.value }] : [];
  });
}

/** A change that is smaller than what chance moves a read by is none. */
const NONE: Readonly<Record<ToldRead["kind"], number>> = { length: 2, degrees: 2, share: 0.005 };

function isSame({ read: { kind, spread }, before, after }: Row): boolean {
  return Math.abs(after - before) <= (spread ?? NONE[kind]);
}

type ValueProps = { readonly read: ToldRead; readonly value: number; readonly signed?: boolean };

function Value({ read: { kind }, value, signed = false }: ValueProps) {
  if (kind === "length") return <LengthText mm={value} signed={signed} />;
  const words = kind === "degrees" ? Math.abs(value).toFixed(0) : Math.abs(value * 100).toFixed(1);
  const sign = Number(words) === 0 ? "" : value < 0 ? "−" : signed ? "+" : "";
  return kind === "degrees" ? `${sign}${words}°` : `${sign}${words} %`;
}
