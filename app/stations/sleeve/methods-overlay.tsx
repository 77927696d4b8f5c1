import { Box, Text } from "@chakra-ui/react";
import type { MethodCompared } from "@core/compare/index";
import { boxOf, svgPathData } from "@core/geometry/index";
import { capOnCapLine, type SetInMethod } from "@core/sleeve/set-in/index";

/** How much of the sleeve below the cap line is shown, in millimetres: enough to see its width. */
const BELOW_CAP_MM = 60;

/** All caps laid over each other on their cap line; the one that is looked at in chalk. */
export function MethodsOverlay({
  compared,
  shown,
}: {
  readonly compared: readonly MethodCompared[];
  readonly shown: SetInMethod;
}) {
  const caps = compared.flatMap(({ method, name, drafted }) =>
    drafted ? [{ method, name, path: capOnCapLine(drafted.sleeve) }] : [],
  );
  if (caps.length === 0) return null;
  const box = boxOf(caps.map((cap) => cap.path));
  const margin = 14;
  const height = box.bottom - box.top + BELOW_CAP_MM * 0.3 + 2 * margin;
  const name = caps.find((cap) => cap.method === shown)?.name;
  return (
    <Box bg="panel" border="1px solid" borderColor="rule" position="relative" h="330px">
      <svg
        className="sheet scaled"
        role="img"
        aria-label={`The caps of all methods over each other${name ? `, ${name} brought out` : ""}`}
        viewBox={`${box.left - margin} ${box.top - margin} ${box.right - box.left + 2 * margin} ${height}`}
        width="100%"
        height="100%"
      >
        <path className="guide" d={`M${box.left} 0H${box.right}`} />
        {caps.map(({ method, path }) => (
          <path key={method} className={method === shown ? "seam new" : "guide"} d={svgPathData(path)} />
        ))}
      </svg>
      <Text position="absolute" left="3" top="2" color="chalk" fontWeight="600">
        {name}
      </Text>
    </Box>
  );
}
