import { ActForm } from "@app/components/act-form";
import { Box, Heading } from "@chakra-ui/react";

type Props = { readonly points: readonly { readonly id: string; readonly name: string }[] };

/** The workroom's own starting points, each of which can be taken away again. */
export function OwnPoints({ points }: Props) {
  if (points.length === 0) return null;
  return (
    <Box as="section" mt="8" borderTop="1px solid" borderColor="rule" pt="4" maxW="30rem">
      <Heading as="h2" fontSize="md" fontWeight="600" mb="2">
        Starting points of this workroom
      </Heading>
      {points.map(({ id, name }) => (
        <div key={id} className="shelf-acts">
          <span>{name}</span>
          <ActForm
            action="/starting-points"
            onSubmit={(event) => {
              if (!window.confirm(`Take “${name}” away? Garments that were started from it stay as they are.`))
                event.preventDefault();
            }}
          >
            <input type="hidden" name="act" value="remove" />
            <input type="hidden" name="id" value={id} />
            <button className="plain-button small grave" type="submit">
              Take away
            </button>
          </ActForm>
        </div>
      ))}
    </Box>
  );
}
