import { describe, expect, it } from "vitest";
import { FINDINGS } from ".";

describe("what each finding means", () => {
  const lines = Object.entries(FINDINGS);

  it("has a name of its own that fits on one line, and whole sentences", () => {
    const names = lines.map(([, { name }]) => name);
    expect(new Set(names).size).toBe(names.length);
    for (const [code, { name, means }] of lines) {
      expect(name.length, code).toBeLessThanOrEqual(44);
      expect(means, code).toMatch(/^[A-Z].*\.$/);
    }
  });
});
