import { ActForm } from "@app/components/act-form";
import { handOut } from "@app/components/hand-out";
import { Page } from "@app/components/page";
import { ShelfActs } from "@app/features/shelves/shelf-acts";
import { Box, Button, Flex, Text, Textarea } from "@chakra-ui/react";
import { useState } from "react";
import { useNavigation } from "react-router";

type Props = {
  readonly garmentId: string;
  readonly name: string;
  readonly version: number;
  /** The stored garment file as text. */
  readonly file: string;
  readonly issues: readonly string[];
};

/** A stored garment that can no longer be read: why, and what can be done about it. Nothing of it is lost. */
export function Unreadable({ garmentId, name, version, file, issues }: Props) {
  const [text, setText] = useState(file);
  const isSaving = useNavigation().state !== "idle";
  const download = () => handOut(new Blob([file], { type: "application/json" }), "garment.json");
  return (
    <Page title={name}>
      <Box role="alert" borderLeft="3px solid" borderColor="fault" pl="3" mb="6" maxW="50rem">
        <Text fontWeight="600" color="fault">
          Version {version} of this garment cannot be drafted as it was saved.
        </Text>
        {issues.map((issue) => (
          <Text key={issue} mt="1" overflowWrap="anywhere">
            {issue}
          </Text>
        ))}
      </Box>
      <ActForm>
        <Text asChild fontWeight="600">
          <label htmlFor="garment-file">The garment file: mend the figure that is named above, and save it</label>
        </Text>
        <Textarea
          id="garment-file"
          name="file"
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          rows={18}
          mt="2"
          fontFamily="mono"
          fontSize="sm"
          bg="panel"
          borderColor="ruleStrong"
          spellCheck={false}
        />
        <input type="hidden" name="basedOn" value={version} />
        <Flex gap="3" mt="4" wrap="wrap" align="center">
          <Button type="submit" size="sm" bg="chalk" color="onChalk" loading={isSaving} loadingText="Saving">
            Save as version {version + 1}
          </Button>
          <Button type="button" size="sm" variant="outline" borderColor="ruleStrong" color="ink" onClick={download}>
            Download the file
          </Button>
        </Flex>
      </ActForm>
      <Box mt="8">
        <ShelfActs what="garment" id={garmentId} acts={["archive", "delete"]} />
      </Box>
    </Page>
  );
}
