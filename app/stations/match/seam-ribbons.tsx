import { useTape } from "@app/components/preferences";
import type { Seam } from "@core/pattern/index";
import type { SeamNotch } from "@core/sleeve/set-in/index";
import { formatLength } from "@core/tape/index";
import type { ReactNode } from "react";
import { RibbonDrawing } from "./ribbon-drawing";
import { sewnTogether, unroll } from "./unrolled";

const WIDTH = 900;
const SIDE = 64;
const RIBBON = 40;
const ARMHOLE_TOP = 52;
const CAP_TOP = 152;
const HEIGHT = 248;
/** Slices in which the ease is shaded on each half. */
const SLICES = 60;

type Props = {
  readonly seams: readonly [Seam, Seam];
  readonly notches: readonly SeamNotch[];
  /** The marks that can be moved; none where the ribbons are only looked at. */
  readonly handles?: ((scale: RibbonScale) => ReactNode) | undefined;
};

/** Where a distance from the back underarm lies on each ribbon, in the drawing's own units. */
export type RibbonScale = {
  readonly onBody: (mm: number) => number;
  readonly onPart: (mm: number) => number;
  readonly perMm: number;
  readonly armholeY: number;
  readonly capY: number;
};

/** Armhole and cap unrolled as two ribbons, joined by threads at the notches. */
export function SeamRibbons({ seams, notches, handles }: Props) {
  const tape = useTape();
  const { bodyLength, partLength, threads } = unroll(seams, notches);
  const [front, back] = seams;
  const scale = (WIDTH - 2 * SIDE) / Math.max(bodyLength, partLength);
  const bodyLeft = (WIDTH - bodyLength * scale) / 2;
  const partLeft = (WIDTH - partLength * scale) / 2;
  const onBody = (mm: number) => bodyLeft + mm * scale;
  const onPart = (mm: number) => partLeft + mm * scale;
  const slices = [
    ...stretches(back).map((s) => ({ ...s, from: s.from, to: s.to })),
    ...stretches(front).map((s) => ({ ...s, from: partLength - s.to, to: partLength - s.from })),
  ];
  const most = Math.max(0.001, ...slices.map((s) => Math.abs(s.share)));
  const text = (mm: number) => formatLength(mm, tape);
  const labels = spread(threads.map((thread) => ({ ...thread, x: (onBody(thread.body) + onPart(thread.part)) / 2 })));
  return (
    <RibbonDrawing
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role={handles ? "group" : "img"}
      aria-label={`Seam ribbons: armhole ${text(bodyLength)}, cap ${text(partLength)}`}
    >
      <rect className="cloth" x={onBody(0)} y={ARMHOLE_TOP} width={bodyLength * scale} height={RIBBON} />
      <rect className="cloth" x={onPart(0)} y={CAP_TOP} width={partLength * scale} height={RIBBON} />
      {slices.map((slice) => (
        <rect
          key={slice.from}
          className={slice.share < 0 ? "stretched" : "eased"}
          opacity={(Math.abs(slice.share) / most) * 0.75}
          x={onPart(slice.from)}
          y={CAP_TOP}
          width={(slice.to - slice.from) * scale + 0.4}
          height={RIBBON}
        />
      ))}
      <rect className="ribbon" x={onBody(0)} y={ARMHOLE_TOP} width={bodyLength * scale} height={RIBBON} />
      <rect className="ribbon" x={onPart(0)} y={CAP_TOP} width={partLength * scale} height={RIBBON} />
      {[
        ...sewnTogether(back, 14),
        ...sewnTogether(front, 14).map((s) => ({ body: bodyLength - s.body, part: partLength - s.part })),
      ].map(({ body, part }) => (
        <line
          key={`${body}`}
          className="stitch"
          x1={onBody(body)}
          y1={ARMHOLE_TOP + RIBBON}
          x2={onPart(part)}
          y2={CAP_TOP}
        />
      ))}
      {threads.map((thread) => (
        <g key={thread.id} data-thread={thread.id}>
          <line
            className="thread"
            x1={onBody(thread.body)}
            y1={ARMHOLE_TOP + RIBBON - 12}
            x2={onBody(thread.body)}
            y2={ARMHOLE_TOP + RIBBON}
          />
          <line
            className="thread"
            x1={onBody(thread.body)}
            y1={ARMHOLE_TOP + RIBBON}
            x2={onPart(thread.part)}
            y2={CAP_TOP}
          />
          <line className="thread" x1={onPart(thread.part)} y1={CAP_TOP} x2={onPart(thread.part)} y2={CAP_TOP + 12} />
        </g>
      ))}
      {handles?.({ onBody, onPart, perMm: scale, armholeY: ARMHOLE_TOP + RIBBON, capY: CAP_TOP })}
      {labels.map(({ id, name, x }) => (
        <text key={id} className="soft" x={x} y={id === "backSecond" ? 22 : 42} textAnchor="middle">
          {name}
        </text>
      ))}
      <text x={onBody(back.bodyLength / 2)} y={ARMHOLE_TOP + 24} textAnchor="middle">
        back armhole {text(back.bodyLength)}
      </text>
      <text x={onBody(back.bodyLength + front.bodyLength / 2)} y={ARMHOLE_TOP + 24} textAnchor="middle">
        front armhole {text(front.bodyLength)}
      </text>
      <text x={onPart(back.partLength / 2)} y={CAP_TOP + RIBBON + 24} textAnchor="middle">
        back cap {text(back.partLength)}, ease {text(back.ease)}
      </text>
      <text x={onPart(back.partLength + front.partLength / 2)} y={CAP_TOP + RIBBON + 24} textAnchor="middle">
        front cap {text(front.partLength)}, ease {text(front.ease)}
      </text>
      <text className="soft" x={WIDTH / 2} y={HEIGHT - 9} textAnchor="middle">
        whole armhole {text(bodyLength)} · whole cap {text(partLength)} · ease {text(partLength - bodyLength)}
      </text>
    </RibbonDrawing>
  );
}

/** Slices of the cap, from the underarm, with the ease that is taken in there. */
function stretches(seam: Seam) {
  const places = sewnTogether(seam, SLICES);
  return places.slice(1).map((place, i) => {
    const before = places[i] ?? place;
    return { from: before.part, to: place.part, share: (before.share + place.share) / 2 };
  });
}

const LEAST_LABEL_GAP = 116;

/** Neighbouring names are moved apart on their line; the two rows of names are spread by themselves. */
function spread<Label extends { readonly id: string; readonly x: number }>(labels: readonly Label[]): readonly Label[] {
  let right = Number.NEGATIVE_INFINITY;
  return labels.map((label) => {
    if (label.id === "backSecond") return label;
    const x = Math.max(label.x, right + LEAST_LABEL_GAP);
    right = x;
    return { ...label, x };
  });
}
