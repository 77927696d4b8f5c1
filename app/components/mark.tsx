import { chakra } from "@chakra-ui/react";

const Svg = chakra("svg");

/** The wordmark's sign: a sleeve cap with its shoulder notch. */
export function Mark() {
  return (
    <Svg viewBox="0 0 32 20" width="30px" height="19px" fill="none" aria-hidden>
      <chakra.path d="M2 18C9 18 9 2 16 2S23 18 30 18" stroke="chalk" strokeWidth="2.6" strokeLinecap="round" />
      <chakra.path d="M16 2v5" stroke="ink" strokeWidth="2" />
    </Svg>
  );
}
