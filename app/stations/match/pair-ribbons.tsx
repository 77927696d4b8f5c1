import { useTape } from "@app/components/preferences";
import type { Seam } from "@core/pattern/index";
import { formatLength } from "@core/tape/index";
import { RibbonDrawing } from "./ribbon-drawing";
import { sewnTogether } from "./unrolled";

const WIDTH = 900;
const SIDE = 64;
const RIBBON = 26;
const BODY_TOP = 46;
const PART_TOP = 104;
const HEIGHT = 166;
const STITCHES = 28;

/** Two edges that are sewn together, unrolled one above the other, with threads where they are marked. */
export function PairRibbons({ seam }: { readonly seam: Seam }) {
  const tape = useTape();
  const text = (mm: number) => formatLength(mm, tape);
  const { bodyLength, partLength, sections } = seam;
  const scale = (WIDTH - 2 * SIDE) / Math.max(bodyLength, partLength);
  const x = (mm: number) => SIDE + mm * scale;
  const threads = [
    { name: sections[0]?.from ?? "", body: 0, part: 0 },
    ...sections.map((section, i) => {
      const upTo = sections.slice(0, i + 1);
      return {
        name: section.to,
        body: upTo.reduce((sum, one) => sum + one.bodyLength, 0),
        part: upTo.reduce((sum, one) => sum + one.partLength, 0),
      };
    }),
  ];
  return (
    <RibbonDrawing
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      data-ribbons={seam.id}
      aria-label={`${seam.name}: ${text(bodyLength)} on the ${seam.bodyName}, ${text(partLength)} on the ${seam.partName}`}
      mb="3"
    >
      <rect className="cloth" x={x(0)} y={BODY_TOP} width={bodyLength * scale} height={RIBBON} />
      <rect className="cloth" x={x(0)} y={PART_TOP} width={partLength * scale} height={RIBBON} />
      <rect className="ribbon" x={x(0)} y={BODY_TOP} width={bodyLength * scale} height={RIBBON} />
      <rect className="ribbon" x={x(0)} y={PART_TOP} width={partLength * scale} height={RIBBON} />
      {sewnTogether(seam, STITCHES).map(({ body, part }) => (
        <line key={body} className="stitch" x1={x(body)} y1={BODY_TOP + RIBBON} x2={x(part)} y2={PART_TOP} />
      ))}
      {threads.map(({ name, body, part }, i) => (
        <g key={name}>
          <line className="thread" x1={x(body)} y1={BODY_TOP + RIBBON - 10} x2={x(body)} y2={BODY_TOP + RIBBON} />
          <line className="thread" x1={x(body)} y1={BODY_TOP + RIBBON} x2={x(part)} y2={PART_TOP} />
          <line className="thread" x1={x(part)} y1={PART_TOP} x2={x(part)} y2={PART_TOP + 10} />
          <text
            className="soft"
            x={x(body)}
            y={BODY_TOP - 8}
            textAnchor={i === 0 ? "start" : i === threads.length - 1 ? "end" : "middle"}
          >
            {name}
          </text>
        </g>
      ))}
      <text x={SIDE} y={20}>
        {seam.name}
      </text>
      <text x={WIDTH - SIDE} y={20} textAnchor="end">
        {seam.bodyName} {text(bodyLength)} above, {seam.partName} {text(partLength)} below
      </text>
      <text className="soft" x={WIDTH / 2} y={HEIGHT - 12} textAnchor="middle">
        {Math.abs(seam.ease) < 0.05
          ? "of one length"
          : `the ${seam.ease > 0 ? seam.partName : seam.bodyName} is ${text(Math.abs(seam.ease))} longer`}
      </text>
    </RibbonDrawing>
  );
}
