import { at } from "../../data";
import type { Garment } from "../../garment";
import { cutName } from "../mesh/piece-mesh";
import type { Cut } from "./assembly";
import type { SewingPlan } from "./plan";

/** A stretch of elastic between two points of the pieces: how long it lies when nothing pulls at it, in metres, and how it pulls, in newtons a metre. */
export type ElasticLink = {
  readonly points: readonly [number, number];
  readonly rest: number;
  readonly stiffness: number;
};

/** The force at which an elastic is twice as long, in newtons; a middling width, from memory. */
const FORCE_AT_DOUBLE = 30;

type Elastic = {
  readonly figure: string;
  readonly share: number;
  readonly takes: (role: string, isTop: boolean) => boolean;
};

/** Which edge each elastic of a garment lies in; of one round the whole body the toile wears half. */
const ELASTICS: readonly Elastic[] = [
  { figure: "elastic.shoulders", share: 0.5, takes: (_, isTop) => isTop },
  { figure: "bodice.elastic", share: 0.5, takes: (role, isTop) => role === "trunk" && !isTop },
  { figure: "elastic.length", share: 1, takes: (role, isTop) => role === "arm" && !isTop },
];

/** Every elastic of the garment, from point to point along the folds that it lies in. */
export function elasticsOf(
  { figures }: Pick<Garment, "figures">,
  { meshes, first }: Cut,
  plan: SewingPlan,
): readonly ElasticLink[] {
  return ELASTICS.flatMap(({ figure, share, takes }) => {
    const value = figures.find(({ id }) => id === figure)?.value;
    if (value === undefined) return [];
    const links = meshes.flatMap(({ edges, points, piece }, m) => {
      const { role, cuts, middle: inMiddle } = at(plan.pieces, m);
      const ys = piece.outline.flatMap(([, , , p]) => p.y);
      const middle = (Math.min(...ys) + Math.max(...ys)) / 2;
      return [...edges].flatMap(([name, chain]) => {
        const start = chain[0];
        const isHem = role === "arm" && piece.edges.some((one) => one.id === name && one.role === "hem");
        const isCut = cuts.some((_, i) => cutName(i) === name);
        if (!start || !(isCut || isHem) || inMiddle.includes(name)) return [];
        if (!takes(role, at(points, start.point).y < middle)) return [];
        return chain.slice(1).map(({ point }, i) => {
          const before = at(chain, i).point;
          const [a, b] = [at(points, before), at(points, point)];
          return {
            points: [at(first, m) + before, at(first, m) + point] as const,
            length: Math.hypot(a.x - b.x, a.y - b.y) / 1000,
          };
        });
      });
    });
    const whole = links.reduce((sum, { length }) => sum + length, 0);
    const ratio = (value / 1000) * (share / whole);
    // A fold no longer than its elastic is not drawn together.
    if (!(whole > 0) || ratio >= 1) return [];
    return links.map(({ points, length }) => ({
      points,
      rest: length * ratio,
      stiffness: FORCE_AT_DOUBLE / (length * ratio),
    }));
  });
}
