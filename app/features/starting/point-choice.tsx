import { Box, Grid, Heading, Text } from "@chakra-ui/react";
import type { GarmentPicture } from "@core/garment/index";

export type PointShown = {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly picture: GarmentPicture | null;
};

/** What a garment can start from, each as the pieces that it is cut as, drawn for this client. */
export function PointChoice({ points }: { readonly points: readonly PointShown[] }) {
  return (
    <Box as="fieldset" border="0" p="0" minW="0">
      <Heading asChild fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        <legend>What is to be made?</legend>
      </Heading>
      <Grid templateColumns="repeat(auto-fill, minmax(11.5rem, 1fr))" gap="3">
        {points.map((point, i) => (
          <PointCard key={point.id} point={point} isFirst={i === 0} />
        ))}
      </Grid>
    </Box>
  );
}

function PointCard({ point, isFirst }: { readonly point: PointShown; readonly isFirst: boolean }) {
  const { id, name, says, picture } = point;
  return (
    <label className="point-card" data-point={id}>
      <input type="radio" name="point" value={id} defaultChecked={isFirst} />
      {picture ? (
        <svg
          aria-hidden="true"
          viewBox={`-10 -10 ${picture.width + 20} ${picture.height + 20}`}
          width="100%"
          height="124"
        >
          <path d={picture.data} vectorEffect="non-scaling-stroke" />
        </svg>
      ) : (
        <Box h="124px" />
      )}
      <Text as="span" display="block" fontWeight="600">
        {name}
      </Text>
      <Text as="span" display="block" fontSize="sm" color="inkSoft" lineHeight="1.3">
        {says}
      </Text>
    </label>
  );
}
