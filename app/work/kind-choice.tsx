import { Box, Button, Grid, Text } from "@chakra-ui/react";
import type { GarmentPicture } from "@core/garment/index";
import { ChevronDown, ChevronUp } from "lucide-react";
import { useState } from "react";
import { type Kinds, useKindPictures } from "./use-kind-pictures";

type Option<Kind extends string> = { readonly value: Kind; readonly label: string };

type Props<Kind extends string> = {
  readonly name: string;
  readonly label: string;
  readonly value: Kind;
  readonly options: readonly Option<Kind>[];
  readonly kinds: Kinds<Kind>;
  readonly onChoose: (kind: Kind) => void;
  readonly hint?: string | undefined;
};

/** One of several kinds, each by a small picture drawn from this block; folded away once one is chosen. */
export function KindChoice<Kind extends string>({ name, label, value, options, kinds, onChoose, hint }: Props<Kind>) {
  const [isOpen, setOpen] = useState(false);
  const pictures = useKindPictures(kinds);
  const chosen = options.find((one) => one.value === value);
  return (
    <Box>
      <Text mb="1">{label}</Text>
      <Button
        data-kinds={name}
        data-value={value}
        w="100%"
        h="auto"
        p="2"
        gap="3"
        justifyContent="flex-start"
        variant="outline"
        bg="panel"
        borderColor="ruleStrong"
        color="ink"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        <Picture picture={pictures[value] ?? null} size={44} />
        <Box as="span" flex="1" textAlign="start" fontWeight="400" fontSize="md" whiteSpace="normal">
          {chosen?.label}
        </Box>
        {isOpen ? <ChevronUp size={16} aria-hidden /> : <ChevronDown size={16} aria-hidden />}
      </Button>
      {isOpen && (
        <KindPictures
          name={name}
          label={label}
          value={value}
          options={options}
          pictures={pictures}
          onChoose={(kind) => {
            setOpen(false);
            onChoose(kind);
          }}
        />
      )}
      {hint && (
        <Text fontSize="sm" color="inkSoft" mt="1">
          {hint}
        </Text>
      )}
    </Box>
  );
}

type PicturesProps<Kind extends string> = Pick<Props<Kind>, "name" | "label" | "value" | "options" | "onChoose"> & {
  readonly pictures: { readonly [kind in Kind]?: GarmentPicture | null };
};

function KindPictures<Kind extends string>({ name, label, value, options, pictures, onChoose }: PicturesProps<Kind>) {
  return (
    <Grid templateColumns="repeat(auto-fill, minmax(6rem, 1fr))" gap="2" mt="2" role="group" aria-label={label}>
      {options.map((one) => (
        <Button
          key={one.value}
          data-kind={`${name} ${one.value}`}
          flexDirection="column"
          h="auto"
          p="2"
          gap="1"
          variant="outline"
          bg={one.value === value ? "chalkPale" : "panel"}
          borderColor={one.value === value ? "chalk" : "rule"}
          color="ink"
          aria-pressed={one.value === value}
          onClick={() => onChoose(one.value)}
        >
          <Picture picture={pictures[one.value] ?? null} size={58} />
          <Box as="span" fontSize="sm" fontWeight="400" whiteSpace="normal" lineHeight="1.2">
            {one.label}
          </Box>
        </Button>
      ))}
    </Grid>
  );
}

/** The kinds by themselves, for a sheet on which nothing lies yet. */
export function KindShelf<Kind extends string>(props: Omit<Props<Kind>, "hint">) {
  const pictures = useKindPictures(props.kinds);
  return (
    <Box maxW="34rem" mx="auto">
      <KindPictures {...props} pictures={pictures} />
    </Box>
  );
}

/** What cannot be drawn on this block has no picture. */
function Picture({ picture, size }: { readonly picture: GarmentPicture | null; readonly size: number }) {
  if (!picture) return <Box as="span" display="block" w={`${size}px`} h={`${size}px`} />;
  const { width, height, data } = picture;
  return (
    <svg
      className="kind-picture"
      aria-hidden="true"
      viewBox={`-10 -10 ${width + 20} ${height + 20}`}
      // A button would make it as small as an icon.
      style={{ width: size, height: size }}
    >
      <path d={data} vectorEffect="non-scaling-stroke" />
    </svg>
  );
}
