import { PlainPath } from "@app/sheet/drawn";
import { toScreen, type View } from "@app/sheet/view";
import { along, mapPath, svgPathData } from "@core/geometry/index";
import type { DrawnEdge } from "@importing/index";
import type { KeyboardEvent } from "react";
import { type PickedRole, ROLE_NAMES } from "./use-pick";

type Props = {
  readonly edge: DrawnEdge;
  readonly view: View;
  readonly role: PickedRole | null;
  readonly onPick: () => void;
};

/** An edge of the drawing that can be pointed at, with the pointer or the keyboard; what it was chosen as stands beside it. */
export function EdgeToPick({ edge, view, role, onPick }: Props) {
  const middle = toScreen(view, along(edge.path, edge.length / 2).point);
  const label = role ? `${ROLE_NAMES[role]}, chosen` : `Edge ${edge.name ?? edge.id}, ${Math.round(edge.length)} mm`;
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== "Enter" && event.key !== " ") return;
    event.preventDefault();
    onPick();
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside a drawing
    <g
      className="edge-to-pick"
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={role !== null}
      data-edge={edge.id}
      data-edge-role={role ?? ""}
      onClick={onPick}
      onKeyDown={onKeyDown}
    >
      <path className="edge-reach" d={svgPathData(mapPath(edge.path, (p) => toScreen(view, p)))} />
      <PlainPath path={edge.path} view={view} className={role ? "edge chosen" : "edge"} />
      {role && (
        <text
          className="figure"
          transform={`translate(${middle.x + 8} ${middle.y + (role.endsWith("neckline") ? 20 : -6)})`}
        >
          {ROLE_NAMES[role].toLowerCase()}
        </text>
      )}
    </g>
  );
}
