import { LengthText } from "@app/components/length-text";
import type { ChangedFigure } from "@core/compare/index";

type Props = { readonly figures: readonly ChangedFigure[]; readonly under: string; readonly over: string };

/** The figures that two garments have otherwise, side by side. */
export function FigureChanges({ figures, under, over }: Props) {
  if (figures.length === 0) return <p className="page-note">No figure differs.</p>;
  return (
    <table className="list-table figure-changes">
      <caption>{figures.length === 1 ? "One figure changed" : `${figures.length} figures changed`}</caption>
      <thead>
        <tr>
          <th>Figure</th>
          <th>{under}</th>
          <th>{over}</th>
          <th>Change</th>
        </tr>
      </thead>
      <tbody>
        {figures.map((figure) => (
          <tr key={figure.id} data-changed={figure.id}>
            <td>{figure.label}</td>
            <td>
              <Value figure={figure} value={figure.under} />
            </td>
            <td>
              <Value figure={figure} value={figure.over} />
            </td>
            <td>
              {figure.under !== null && figure.over !== null && (
                <Value figure={figure} value={figure.over - figure.under} signed />
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type ValueProps = { readonly figure: ChangedFigure; readonly value: number | null; readonly signed?: boolean };

function Value({ figure: { kind }, value, signed = false }: ValueProps) {
  if (value === null) return <span className="soft">none</span>;
  if (kind === "length") return <LengthText mm={value} signed={signed} />;
  const sign = signed && value > 0 ? "+" : "";
  return kind === "angle" ? `${sign}${value.toFixed(1)}°` : `${sign}${value.toFixed(2)}`;
}
