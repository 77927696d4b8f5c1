import { LengthText } from "@app/components/length-text";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { Box, Button, Text } from "@chakra-ui/react";
import type { BlockSchool } from "@core/block/index";
import { type BlockOfSchool, compareBlocks } from "@core/compare/index";
import { boxOf, svgPathData } from "@core/geometry/index";
import { useMemo, useState } from "react";

const NAMES: Readonly<Record<BlockSchool, string>> = { fitted: "Solved", quick: "Quick rules" };

type Row = {
  readonly name: string;
  readonly of: (block: BlockOfSchool) => number | null;
  readonly body?: number | undefined;
};

/** The solved block and the one by the quick rules for this body: what each measures and leaves, and their outlines over each other. */
export function SchoolsBeside() {
  const [isOpen, setOpen] = useState(false);
  return (
    <Box mt="6">
      <Button
        size="sm"
        variant="outline"
        borderColor="ruleStrong"
        color="ink"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        Schools side by side
      </Button>
      {isOpen && <Beside />}
    </Box>
  );
}

function Beside() {
  const spec = useThrottledWork((work) => work.spec);
  const resolved = useThrottledWork((work) => work.garment.resolved.block);
  const blocks = useMemo(() => compareBlocks(spec), [spec]);
  if (blocks.length === 0 || resolved.source !== "drafted") return null;
  const { body } = resolved;
  const rows: readonly Row[] = [
    { name: "Neckline", of: ({ measured }) => measured.neckline, body: body.neckBase },
    { name: "Armhole", of: ({ measured }) => measured.armhole, body: body.armholeGirth },
    { name: "Armhole depth", of: ({ depth }) => depth },
    { name: "Bust", of: ({ measured }) => measured.bust, body: body.bust },
    { name: "Waist", of: ({ measured }) => measured.waist, body: body.waist },
    { name: "Hip", of: ({ measured }) => measured.hip, body: body.hip },
    { name: "Front shoulder", of: ({ measured }) => measured.shoulder.front },
  ];
  const outlines = blocks.flatMap((block) => block.outlines);
  const box = boxOf(outlines);
  const width = box.right - box.left;
  return (
    <Box data-schools-beside mt="3">
      <table className="list-table">
        <thead>
          <tr>
            <th>Measured on its lines</th>
            {blocks.map(({ school }) => (
              <th key={school} className="figure">
                {NAMES[school]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ name, of, body: own }) => (
            <tr key={name}>
              <td>{name}</td>
              {blocks.map((block) => {
                const value = of(block);
                return (
                  <td key={block.school} className="figure">
                    {value === null ? "–" : <LengthText mm={value} withUnit={false} />}
                    {value !== null && own !== undefined && (
                      <Text as="span" color="inkSoft" ms="2">
                        <LengthText mm={value - own} signed withUnit={false} />
                      </Text>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <Text fontSize="sm" color="inkSoft" mt="1">
        Behind each figure: what it leaves over the body.
      </Text>
      <svg
        role="img"
        aria-label="Both blocks over each other: the solved one in full lines, the quick rules in broken ones"
        viewBox={`-10 ${box.top - 10} ${2 * width + 60} ${box.bottom - box.top + 20}`}
        style={{ width: "100%", maxHeight: "20rem" }}
      >
        {blocks.map(({ school, outlines: paths }) =>
          paths.map((path, half) => (
            <path
              key={`${school}-${half === 0 ? "front" : "back"}`}
              d={svgPathData(path)}
              transform={`translate(${half * (width + 40) - box.left} 0)`}
              fill="none"
              stroke="currentColor"
              strokeWidth="1.5"
              strokeDasharray={school === "quick" ? "6 4" : undefined}
              vectorEffect="non-scaling-stroke"
            />
          )),
        )}
      </svg>
    </Box>
  );
}
