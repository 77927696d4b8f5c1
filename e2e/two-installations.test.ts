import { mkdirSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { claim, dataFolderOf } from "../scripts/machine/postgres.mjs";

const folder = mkdtempSync(join(tmpdir(), "gamine-two-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const made = (name: string) => {
  const path = join(folder, name);
  mkdirSync(path, { recursive: true });
  return path;
};

describe("two installations on one machine", () => {
  it("have data folders of their own, however alike their paths are", () => {
    const paths = ["/srv/a", "/srv/b", "/home/a", "/A"].map((home) => `${home}/studio/app/.gamine/postgres`);
    expect(new Set(paths.map(dataFolderOf)).size).toBe(paths.length);
  });

  it("do not use each other's data: the second is refused, and told whose it is", () => {
    const [first, second, data] = [made("first"), made("second"), made("data")];
    claim(data, first);
    claim(data, first);
    expect(() => claim(data, second)).toThrow(`belongs to the Gamine in ${first}`);
    claim(data, first);
  });

  it("take their data with them where they are moved", () => {
    const [before, after, data] = [made("before"), made("after"), made("moved")];
    claim(data, before);
    rmSync(before, { recursive: true });
    claim(data, after);
    expect(() => claim(data, made("third"))).toThrow(`belongs to the Gamine in ${after}`);
  });
});
