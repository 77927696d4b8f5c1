import { describe, expect, it } from "vitest";
import { distance, pathLength } from "../../geometry";
import { as, codes, drafted } from "../../testing/styles";

describe("a puff laid in pleats or sewn in darts", () => {
  it.each(["pleat", "dart"] as const)(
    "takes up in %ss all that the crown is longer by, evenly about the crown",
    (surplus) => {
      const gathered = drafted(as("puff")).sleeve;
      const { piece, sleeve } = drafted(as("puff", { surplus }));
      const plain = sleeve.sleeve.capLength.front + sleeve.sleeve.capLength.back;
      const longer = pathLength(sleeve.caps.front) + pathLength(sleeve.caps.back) - plain;
      const marks = piece.notches.filter((notch) => notch.id.startsWith(`${surplus}.`));
      const taken = marks
        .filter((_, i) => i % 2 === 0)
        .reduce((sum, mark, i) => {
          const to = marks[2 * i + 1];
          return sum + (to ? distance(mark.at, to.at) : 0);
        }, 0);
      expect(taken).toBeGreaterThan(longer * 0.97);
      expect(taken).toBeLessThanOrEqual(longer + 1e-6);
      expect(piece.darts.length).toBe(surplus === "dart" ? marks.length / 2 : 0);
      expect(pathLength(sleeve.caps.front)).toBeCloseTo(pathLength(gathered.caps.front), 9);
      expect(codes(as("puff", { surplus })).filter((code) => code.startsWith("gathers-bulky"))).toEqual([]);
    },
  );
});

describe("a puff with the surplus gathered", () => {
  it("says so in one figure, which its seams bear out, and moves the shoulder notch with its crown", () => {
    const { sleeve } = drafted(as("puff"));
    const shoulder = sleeve.notches.find((notch) => notch.id === "shoulder");
    expect(shoulder?.partAt).toBeCloseTo(pathLength(sleeve.caps.front), 9);
    const [front, back] = sleeve.seams;
    expect(front.target).toBeCloseTo(front.ease, 6);
    expect(back.target).toBeCloseTo(back.ease, 6);
  });

  it("stands higher by its lift, and only between the notches", () => {
    const flat = drafted(as("puff", { puff: { lift: 0 } }));
    const raised = drafted(as("puff", { puff: { lift: 30 } }));
    const top = (of: typeof flat) => of.sleeve.caps.front[0]?.[0].y ?? 0;
    expect(top(flat) - top(raised)).toBeCloseTo(30, 1);
    expect(raised.sleeve.caps.front.slice(-1)).toEqual(flat.sleeve.caps.front.slice(-1));
  });
});
