import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { mergedSettings, type StudioSettings, USUAL_FIELDS } from ".";

const anySettings: fc.Arbitrary<StudioSettings> = fc.record(
  {
    unit: fc.constantFrom("in" as const, "cm" as const),
    initials: fc.constantFrom("A", "B", "C"),
    usual: fc.dictionary(fc.constantFrom(...USUAL_FIELDS), fc.constantFrom(10, 15, 20)),
    ease: fc.dictionary(
      fc.constantFrom("shirt", "jacket"),
      fc.dictionary(fc.constantFrom("bust", "waist"), fc.constantFrom(80, 90), { minKeys: 1 }),
    ),
  },
  { requiredKeys: ["usual"] },
);
/** The same with the empty records left out, as settings are stored. */
const stored = (settings: StudioSettings) => mergedSettings({ usual: {} }, { usual: {} }, settings);

describe("settings that two change at once", () => {
  it("gives what is asked for where nobody else changed anything", () => {
    fc.assert(
      fc.property(anySettings, anySettings, (shown, asked) => {
        expect(mergedSettings(shown, shown, asked)).toEqual(stored(asked));
      }),
    );
  });

  it("leaves alone what was not changed, whatever others made of it", () => {
    fc.assert(
      fc.property(anySettings, anySettings, (now, shown) => {
        expect(mergedSettings(now, shown, shown)).toEqual(stored(now));
      }),
    );
  });

  it("keeps both where two change different figures, and takes a figure that comes back in another unit for the same", () => {
    const shown: StudioSettings = { unit: "in", usual: { "allowances.general": 15.875 } };
    const first = mergedSettings(shown, shown, { ...shown, initials: "GO" });
    const second = mergedSettings(first, shown, { unit: "cm", usual: { "allowances.general": 15.88 } });
    expect(second).toEqual({ unit: "cm", initials: "GO", usual: { "allowances.general": 15.875 } });
    const third = mergedSettings(second, shown, { ...shown, usual: {} });
    expect(third).toEqual({ unit: "cm", initials: "GO", usual: {} });
  });
});
