import { LengthText } from "@app/components/length-text";
import { Button, Table, Text } from "@chakra-ui/react";
import type { MethodCompared } from "@core/compare/index";
import type { SetInMethod } from "@core/sleeve/set-in/index";

type Props = {
  readonly compared: readonly MethodCompared[];
  readonly current: SetInMethod;
  readonly shown: SetInMethod;
  readonly onShow: (method: SetInMethod) => void;
  readonly onTake: (method: SetInMethod) => void;
};

/** A tape reads to an eighth of an inch; a whole cap off by less is as good as a person can sew. */
const TAPE_MM = 25.4 / 8;

/** What each method gives for this client, and how far its cap is off. */
export function MethodsTable({ compared, current, shown, onShow, onTake }: Props) {
  return (
    <Table.Root variant="line" color="ink" size="sm" fontSize="md">
      <Table.Header>
        <Table.Row bg="transparent">
          {["Method", "Cap height", "Width", "Slants, front and back", "Cap seam", "Off by", ""].map((head, i) => (
            <Table.ColumnHeader
              key={head || "take"}
              color="inkSoft"
              borderColor="ruleStrong"
              textAlign={i > 0 && i < 6 ? "end" : "start"}
            >
              {head || <Text srOnly>Take it</Text>}
            </Table.ColumnHeader>
          ))}
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {compared.map(({ method, name, typicalOf, figures }) => (
          <Table.Row
            key={method}
            bg={method === shown ? "chalkPale" : "transparent"}
            data-method={method}
            onPointerEnter={() => onShow(method)}
            onFocusCapture={() => onShow(method)}
          >
            <Table.Cell>
              <Text fontWeight="600">{name}</Text>
              <Text fontSize="sm" color="inkSoft">
                {typicalOf}
              </Text>
            </Table.Cell>
            {figures ? (
              <>
                <Figure mm={figures.capHeight} />
                <Figure mm={figures.capWidth} />
                <Table.Cell textAlign="end" whiteSpace="nowrap">
                  <LengthText mm={figures.slantFront} withUnit={false} /> · <LengthText mm={figures.slantBack} />
                </Table.Cell>
                <Figure mm={figures.capLength} />
                <Table.Cell
                  textAlign="end"
                  whiteSpace="nowrap"
                  fontWeight="600"
                  color={Math.abs(figures.surplus) <= TAPE_MM ? "good" : "fault"}
                  data-surplus
                >
                  {Math.abs(figures.surplus) <= TAPE_MM ? "fits" : <LengthText mm={figures.surplus} signed />}
                </Table.Cell>
              </>
            ) : (
              <Table.Cell colSpan={5} color="fault">
                gives no cap for this armhole
              </Table.Cell>
            )}
            <Table.Cell textAlign="end">
              {method === current ? (
                <Text color="inkSoft">in use</Text>
              ) : (
                <Button
                  size="xs"
                  variant="outline"
                  borderColor="chalk"
                  color="chalk"
                  disabled={!figures}
                  aria-label={`Take ${name}`}
                  onClick={() => onTake(method)}
                >
                  Take it
                </Button>
              )}
            </Table.Cell>
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}

function Figure({ mm }: { readonly mm: number }) {
  return (
    <Table.Cell textAlign="end" whiteSpace="nowrap">
      <LengthText mm={mm} />
    </Table.Cell>
  );
}
