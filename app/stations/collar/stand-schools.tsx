import { LengthText } from "@app/components/length-text";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { Table, Text } from "@chakra-ui/react";
import { COLLAR_CHOICES } from "@core/collar/index";

/** What the upper edge comes to by every school, and how much more than the neck that is. */
export function StandSchools() {
  const upperEdge = useThrottledWork((work) => work.lastCollar?.drawing.upperEdge ?? null);
  const school = useThrottledWork((work) => work.lastCollar?.choices.school);
  if (!upperEdge) return null;
  return (
    <Table.Root size="sm" data-schools>
      <Table.Caption captionSide="top" textAlign="left" px="0" color="inkSoft">
        The upper edge by every school, closed, and its ease round the neck
      </Table.Caption>
      <Table.Body>
        {upperEdge.bySchool.map(({ school: one, girth }) => (
          <Table.Row
            key={one}
            bg="transparent"
            fontWeight={one === school ? "600" : "400"}
            aria-current={one === school}
          >
            <Table.Cell px="0">{COLLAR_CHOICES.school.options[one].name}</Table.Cell>
            {girth === null ? (
              <Table.Cell colSpan={2} px="0" textAlign="end" color="inkSoft">
                no band
              </Table.Cell>
            ) : (
              <>
                <Table.Cell px="0" textAlign="end" whiteSpace="nowrap">
                  <LengthText mm={girth} />
                </Table.Cell>
                <Table.Cell px="0" pl="2" textAlign="end" whiteSpace="nowrap">
                  <Text as="span" color={girth < upperEdge.neck ? "fault" : "inkSoft"}>
                    <LengthText mm={girth - upperEdge.neck} signed withUnit={false} />
                  </Text>
                </Table.Cell>
              </>
            )}
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}
