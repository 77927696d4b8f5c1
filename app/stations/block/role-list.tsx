import { LengthText } from "@app/components/length-text";
import { Box, Button, chakra, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { PICKED_ROLES, type PickedRole, ROLE_NAMES } from "./use-pick";

const Row = chakra("button", {
  base: {
    display: "flex",
    justifyContent: "space-between",
    gap: "3",
    w: "100%",
    px: "3",
    py: "1.5",
    textAlign: "left",
    cursor: "pointer",
    border: "1px solid",
    borderColor: "rule",
    mt: "-1px",
    "&[aria-pressed=true]": { borderColor: "chalk", bg: "chalkPale", position: "relative" },
  },
});

type Props = {
  readonly active: PickedRole | null;
  readonly onActivate: (role: PickedRole) => void;
  /** Lengths of what is picked so far, in millimetres, with what is said beside them. */
  readonly lengths: { readonly [role in PickedRole]?: { readonly mm: number; readonly note?: ReactNode } };
  readonly problem: string | null;
  readonly onTake: () => void;
};

/** The edges that a block is made of: which one is being pointed at, and what each measures. */
export function RoleList({ active, onActivate, lengths, problem, onTake }: Props) {
  const missing = (["front.armhole", "back.armhole"] as const).filter((role) => lengths[role] === undefined);
  return (
    <Box>
      <Box role="group" aria-label="Edges">
        {PICKED_ROLES.map((role) => (
          <Row
            key={role}
            type="button"
            data-role={role}
            aria-pressed={role === active}
            onClick={() => onActivate(role)}
          >
            <span>{ROLE_NAMES[role]}</span>
            <Text as="span" color={lengths[role] ? "ink" : "inkSoft"} whiteSpace="nowrap">
              {lengths[role] ? (
                <>
                  <b>
                    <LengthText mm={lengths[role].mm} />
                  </b>
                  {lengths[role].note}
                </>
              ) : role.endsWith("armhole") ? (
                "wanted"
              ) : (
                "if you have it"
              )}
            </Text>
          </Row>
        ))}
      </Box>
      {problem && (
        <Text role="alert" color="fault" fontSize="sm" mt="2">
          {problem}
        </Text>
      )}
      <Button mt="4" bg="chalk" color="onChalk" disabled={missing.length > 0 || problem !== null} onClick={onTake}>
        Use these edges
      </Button>
      {missing.length > 0 && (
        <Text fontSize="sm" color="inkSoft" mt="2">
          Still wanted: {missing.map((role) => ROLE_NAMES[role].toLowerCase()).join(" and ")}.
        </Text>
      )}
    </Box>
  );
}
