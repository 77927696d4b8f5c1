import { WornLines } from "@app/components/worn-lines";
import { Text } from "@chakra-ui/react";
import type { GarmentPicture } from "@core/garment/index";
import type { ShownPoint } from "@core/starting/index";
import { useEffect, useRef } from "react";

export type PointShown = ShownPoint & {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly isOwn: boolean;
  /** The paths of the readings of armhole or neckline that it is drafted to. */
  readonly readings: readonly string[];
  readonly picture: GarmentPicture | null;
};

type Props = {
  readonly points: readonly PointShown[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
};

/** What a garment can start from, each worn and as the pieces that it is cut as, drawn for this client. */
export function PointChoice({ points, chosen, onChoose }: Props) {
  const group = useRef<HTMLFieldSetElement>(null);
  // The page begins with what is to be made: the arrow keys choose at once.
  useEffect(() => group.current?.querySelector<HTMLInputElement>("input:checked")?.focus({ preventScroll: true }), []);
  return (
    <fieldset className="point-choice" ref={group}>
      <legend>What is to be made?</legend>
      <div className="point-cards">
        {points.map((point) => (
          <PointCard key={point.id} point={point} isChosen={point.id === chosen} onChoose={() => onChoose(point.id)} />
        ))}
      </div>
    </fieldset>
  );
}

type CardProps = {
  readonly point: PointShown;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
};

function PointCard({ point: { id, name, says, picture, worn }, isChosen, onChoose }: CardProps) {
  return (
    <label className="point-card" data-point={id}>
      <input type="radio" name="point" value={id} checked={isChosen} onChange={onChoose} />
      <span className="pictures">
        {worn && <WornLines worn={worn} />}
        {picture && (
          <svg className="pieces" aria-hidden="true" viewBox={`-10 -10 ${picture.width + 20} ${picture.height + 20}`}>
            <path d={picture.data} />
          </svg>
        )}
      </span>
      <Text as="span" display="block" fontWeight="600">
        {name}
      </Text>
      <Text as="span" display="block" fontSize="sm" color="inkSoft" lineHeight="1.3">
        {says}
      </Text>
    </label>
  );
}
