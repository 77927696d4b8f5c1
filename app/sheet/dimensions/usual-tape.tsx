import { useTape } from "@app/components/preferences";
import type { UsualRange } from "@core/spec/index";
import { formatLength, graduationMm } from "@core/tape/index";

type Props = { readonly range: UsualRange; readonly usual: number | null; readonly now: number | null };

const WIDTH_PX = 238;
const HEIGHT_PX = 26;

/** A piece of tape with the usual range drawn strong on it: a ring at the default, a wedge at the figure as it is. */
export function UsualTape({ range, usual, now }: Props) {
  const tape = useTape();
  const isOutside = now !== null && (now < range.least || now > range.most);
  const beyond = Math.max(range.most - range.least, graduationMm(tape)) * 0.3;
  const least = Math.min(range.least - beyond, now ?? range.least, usual ?? range.least);
  const most = Math.max(range.most + beyond, now ?? range.most, usual ?? range.most);
  const x = (mm: number) => 4 + ((mm - least) / (most - least)) * (WIDTH_PX - 8);
  const words = `Usual ${formatLength(range.least, tape, { withUnit: false })} to ${formatLength(range.most, tape)}`;
  return (
    <div className="usual-tape" data-outside={isOutside}>
      <svg viewBox={`0 0 ${WIDTH_PX} ${HEIGHT_PX}`} aria-hidden>
        <line className="tape-whole" x1={4} x2={WIDTH_PX - 4} y1={16} y2={16} />
        {Array.from({ length: 11 }, (_, i) => (
          <line
            // biome-ignore lint/suspicious/noArrayIndexKey: graduations have no names
            key={i}
            className="tape-whole"
            x1={4 + (i * (WIDTH_PX - 8)) / 10}
            x2={4 + (i * (WIDTH_PX - 8)) / 10}
            y1={16}
            y2={i % 5 === 0 ? 9 : 12}
          />
        ))}
        <line className="tape-usual" x1={x(range.least)} x2={x(range.most)} y1={16} y2={16} />
        {usual !== null && <circle className="tape-ring" cx={x(usual)} cy={16} r={3.5} />}
        {now !== null && <path className="tape-now" d={`M${x(now)} 12l-5 -8h10z`} />}
      </svg>
      <p>
        {words}
        {isOutside && ": this is beyond it"}
      </p>
    </div>
  );
}
