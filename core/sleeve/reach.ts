/** How far down the arm a sleeve reaches where its length was not given: as a share of the arm from the shoulder point to the wrist. From memory. */
export const SLEEVE_REACHES = {
  short: { says: "Short", share: 0.44 },
  "above-elbow": { says: "To above the elbow", share: 0.52 },
  "below-elbow": { says: "To below the elbow", share: 0.64 },
  "three-quarter": { says: "Three-quarter", share: 0.76 },
  wrist: { says: "To the wrist", share: 1 },
} as const;

export type SleeveReach = keyof typeof SLEEVE_REACHES;
